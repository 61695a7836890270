#include "core/base/toml_table.h"

#include <algorithm>
#include <cmath>
#include <locale>
#include <sstream>

#define TOML_EXCEPTIONS 0
// The library asserts some of what broken input does, and reports it as an error right after.
#define TOML_ASSERT(expr) static_assert(true)
#include <toml++/toml.h>

namespace mottix {

struct TomlTable::Shared {
  std::string file;
  std::string error;  // the first one
};

namespace {

const toml::table& tableOf(const void* table) {
  return *static_cast<const toml::table*>(table);
}

}  // namespace

void TomlTable::call(const std::string& name) {
  name_ = name;
}

void TomlTable::wrong(const std::string& what) {
  if (!shared_.error.empty()) return;
  const auto line = tableOf(table_).source().begin.line;
  shared_.error = shared_.file + ", line " + std::to_string(line) + ": " +
                  (name_.empty() ? what : "“" + name_ + "”: " + what);
}

std::string TomlTable::text(const char* key) {
  asked_.emplace_back(key);
  const auto node = tableOf(table_)[key];
  if (node && !node.is_string()) wrong(std::string(key) + " must be a text.");
  return node.value_or(std::string());
}

std::vector<std::string> TomlTable::texts(const char* key) {
  asked_.emplace_back(key);
  const auto node = tableOf(table_)[key];
  std::vector<std::string> out;
  const toml::array* all = node.as_array();
  if (node && all == nullptr) wrong(std::string(key) + " must be a list of texts.");
  if (all != nullptr)
    for (const toml::node& one : *all) {
      if (!one.is_string()) wrong(std::string(key) + " must be a list of texts.");
      out.push_back(one.value_or(std::string()));
    }
  return out;
}

std::optional<double> TomlTable::number(const char* key) {
  asked_.emplace_back(key);
  const auto node = tableOf(table_)[key];
  if (!node) return std::nullopt;
  const auto value = node.value<double>();
  if (!node.is_number() || !value || !std::isfinite(*value)) {
    wrong(std::string(key) + " must be a number.");
    return std::nullopt;
  }
  return value;
}

std::optional<bool> TomlTable::flag(const char* key) {
  asked_.emplace_back(key);
  const auto node = tableOf(table_)[key];
  if (node && !node.is_boolean()) wrong(std::string(key) + " must be true or false.");
  return node.value<bool>();
}

void TomlTable::readAndCheck(const Reader& read) {
  read(*this);
  for (const auto& [key, node] : tableOf(table_))
    if (std::find(asked_.begin(), asked_.end(), key.str()) == asked_.end()) {
      if (shared_.error.empty())
        shared_.error = shared_.file + ", line " + std::to_string(node.source().begin.line) +
                        ": unknown entry “" + std::string(key.str()) + "”.";
    }
}

void TomlTable::table(const char* key, const Reader& read) {
  asked_.emplace_back(key);
  const auto node = tableOf(table_)[key];
  if (!node) return;
  if (const toml::table* t = node.as_table()) {
    TomlTable one(t, shared_);
    one.name_ = name_;
    one.readAndCheck(read);
  } else {
    wrong(std::string(key) + " must be a table.");
  }
}

void TomlTable::tables(const char* key, const Reader& read) {
  asked_.emplace_back(key);
  const auto node = tableOf(table_)[key];
  if (!node) return;
  const toml::array* all = node.as_array();
  if (all == nullptr) return wrong(std::string(key) + " must be written [[" + key + "]].");
  for (const toml::node& entry : *all) {
    const toml::table* t = entry.as_table();
    if (t == nullptr) return wrong(std::string(key) + " must be written [[" + key + "]].");
    TomlTable one(t, shared_);
    one.name_ = name_;
    one.readAndCheck(read);
  }
}

std::string tomlText(const std::string& text) {
  std::string out = "\"";
  for (const char c : text) {
    if (c == '"' || c == '\\') out += '\\';
    if (c == '\n')
      out += "\\n";
    else if (static_cast<unsigned char>(c) >= 0x20 && c != 0x7f)  // TOML takes no others
      out += c;
  }
  return out + '"';
}

std::string tomlNumber(double value) {
  std::ostringstream out;
  out.imbue(std::locale::classic());
  out.precision(10);
  out << value;
  return out.str();
}

std::string tomlList(const std::vector<std::string>& texts) {
  std::string out = "[";
  for (const std::string& one : texts) out += (out.size() > 1 ? ", " : "") + tomlText(one);
  return out + "]";
}

Expected<void> readToml(std::string_view text, std::string_view file_name, const TomlTable::Reader& read) {
  TomlTable::Shared shared{std::string(file_name), {}};
  const toml::parse_result parsed = toml::parse(text);
  if (!parsed)
    return fail(Remedy::kCorrectInput, shared.file + ", line " +
                                           std::to_string(parsed.error().source().begin.line) + ": " +
                                           std::string(parsed.error().description()));
  TomlTable root(&parsed.table(), shared);
  root.readAndCheck(read);
  if (!shared.error.empty()) return fail(Remedy::kCorrectInput, shared.error);
  return {};
}

}  // namespace mottix
