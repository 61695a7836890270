// The words of the layers below the windows, as they can be said in another language: all in the one context
// in which the translation tools find what a plain function says.
#pragma once

#include <string>

#include <QCoreApplication>
#include <QString>

namespace mottix {

inline QString tr(const char* words) {
  return QCoreApplication::translate("mottix", words);
}

// What a built-in book says. What a house has written itself stays in its own words.
inline QString ofBook(const std::string& words) {
  return tr(words.c_str());
}

// The same in the middle of a sentence: English goes on with a small letter, other languages as they are.
inline QString ofBookWithin(const std::string& words) {
  QString said = ofBook(words);
  if (!said.isEmpty() && said == QString::fromStdString(words)) said[0] = said[0].toLower();
  return said;
}

}  // namespace mottix
