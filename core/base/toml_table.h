// Reading TOML that people write: every entry is asked for by name, and whatever is wrong is said once, with
// the file and the line. Entries that nobody asks for are wrong, too: a slip of the pen is not passed over.
#pragma once

#include <functional>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/error.h"

namespace mottix {

class TomlTable {
 public:
  using Reader = std::function<void(TomlTable&)>;
  // Empty, or nothing, where there is none; of another kind is wrong.
  std::string text(const char* key);
  std::vector<std::string> texts(const char* key);
  std::optional<double> number(const char* key);
  std::optional<bool> flag(const char* key);
  void table(const char* key, const Reader& read);   // where there is one
  void tables(const char* key, const Reader& read);  // each of an array of tables

  void call(const std::string& name);  // errors name it from now on
  void wrong(const std::string& what);

 private:
  friend Expected<void> readToml(std::string_view, std::string_view, const Reader&);
  struct Shared;
  TomlTable(const void* table, Shared& shared) : table_(table), shared_(shared) {}
  void readAndCheck(const Reader& read);
  const void* table_;  // toml::table
  Shared& shared_;
  std::string name_;
  std::vector<std::string> asked_;
};

// A text as TOML writes it, quoted.
std::string tomlText(const std::string& text);
std::string tomlNumber(double value);
std::string tomlList(const std::vector<std::string>& texts);

// The first thing that is wrong, kCorrectInput.
Expected<void> readToml(std::string_view text, std::string_view file_name, const TomlTable::Reader& read);

}  // namespace mottix
