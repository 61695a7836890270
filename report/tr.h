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

}  // namespace mottix
