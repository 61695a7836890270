#!/usr/bin/env bash
# Brings the words of resources/i18n up to the code: new ones come in untranslated, old ones go. Edit the .ts by hand or with
# Qt Linguist; the build makes the rest.
set -euo pipefail
source "$(dirname "$0")/prepare.sh"
mkdir -p build/i18n
python3 scripts/book_words.py build/i18n/book_words.cpp
for words in resources/i18n/*.ts; do
  /usr/lib/qt6/bin/lupdate -silent -no-obsolete -locations none -I . desk/*.h desk/*.cpp report/*.h report/*.cpp build/i18n/book_words.cpp -ts "$words"
  /usr/lib/qt6/bin/lrelease "$words" -qm /dev/null
done
