// Reading and writing whole files for the commands; "-" is standard input and output.
#pragma once

#include <filesystem>
#include <string>

#include "core/base/error.h"

namespace mottix {

Expected<std::string> readText(const std::string& path);
// The folder in which this program lies.
std::filesystem::path programFolder();
Expected<void> writeText(const std::string& path, const std::string& text);
// Whether there is a folder to write it into: asked before work that takes minutes.
Expected<void> checkPlaceFor(const std::string& path);

}  // namespace mottix
