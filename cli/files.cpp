#include "cli/files.h"

#include <unistd.h>

#include <filesystem>
#include <fstream>
#include <iostream>
#include <sstream>

namespace mottix {

namespace fs = std::filesystem;

Expected<std::string> readText(const std::string& path) {
  if (path == "-") {
    std::ostringstream text;
    text << std::cin.rdbuf();
    return text.str();
  }
  std::ifstream in(path, std::ios::binary);
  if (!in || fs::is_directory(path))
    return fail(Remedy::kCheckDisk, "“" + path + "” cannot be read. Check its place and permissions.");
  std::ostringstream text;
  text << in.rdbuf();
  return text.str();
}

std::filesystem::path programFolder() {
  std::error_code error;
  return std::filesystem::read_symlink("/proc/self/exe", error).parent_path();
}

Expected<void> writeText(const std::string& path, const std::string& text) {
  if (path == "-") {
    std::cout << text << std::flush;
    return {};
  }
  std::ofstream out(path, std::ios::binary | std::ios::trunc);
  out << text;
  out.close();
  if (!out)
    return fail(Remedy::kCheckDisk,
                "“" + path + "” cannot be written. Check the folder, its permissions and the free space.");
  return {};
}

Expected<void> checkPlaceFor(const std::string& path) {
  if (path.empty() || path == "-") return {};
  const fs::path folder = fs::absolute(path).parent_path();
  std::error_code ec;
  if (!fs::is_directory(folder, ec) || access(folder.c_str(), W_OK) != 0)
    return fail(Remedy::kCheckDisk, "“" + path + "” cannot be written: “" + folder.string() +
                                        "” is no folder that may be written into. Choose another one.");
  return {};
}

}  // namespace mottix
