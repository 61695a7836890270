#!/usr/bin/env python3
"""Writes the words of the built-in books as C++ that the translation tools can read.

book_words.py OUT.cpp: titles, sentences and cues of resources/rules and the names of all measures in
core/measure, and the faults that made-up clips are made with, each as QT_TRANSLATE_NOOP in the context
that report/tr.h asks in.
"""
import glob
import json
import re
import sys
import tomllib

SAID = {"title", "words", "says", "maybe", "asks", "fine", "reads", "caution", "why", "next_set", "plan",
        "points", "source"}


def words_in(entry, key=""):
    """Every word of it that a coach reads. Of a plan `source` is a key of the bibliography."""
    if isinstance(entry, dict):
        for name, value in entry.items():
            yield from words_in(value, name)
    elif isinstance(entry, list):
        for value in entry:
            yield from words_in(value, key)
    elif isinstance(entry, str) and key in SAID and (key != "source" or " " in entry):
        yield entry


def main():
    words = {}
    for book in sorted(glob.glob("resources/rules/**/*.toml", recursive=True)):
        with open(book, "rb") as file:
            words.update(dict.fromkeys(words_in(tomllib.load(file))))
    for table in sorted(glob.glob("core/measure/*.cpp")):
        with open(table, encoding="utf-8") as file:
            words.update(dict.fromkeys(re.findall(r'\{k\w+,\s*"\w+",\s*"([^"]+)"', file.read())))
    with open("synth/faults.cpp", encoding="utf-8") as file:
        words.update(dict.fromkeys(re.findall(r'Lift::k\w+,\s*"([^"]+)"', file.read())))
    with open(sys.argv[1], "w", encoding="utf-8") as out:
        for text in words:
            out.write(f'QT_TRANSLATE_NOOP("mottix", {json.dumps(text, ensure_ascii=False)})\n')


main()
