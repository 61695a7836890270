// Who may include whom. The build states it with its targets; this reads the sources, so that a header-only
// slip is noticed as well.
#include <filesystem>
#include <fstream>
#include <map>
#include <regex>
#include <set>

#include <gtest/gtest.h>

namespace {

namespace fs = std::filesystem;
const fs::path kRoot = MOTTIX_SOURCE_DIR;

const std::map<std::string, std::set<std::string>> kMayInclude = {
    {"core", {"core"}},
    {"media", {"core", "media"}},
    {"vision", {"core", "vision"}},
    {"synth", {"core", "media", "synth"}},
    {"store", {"core", "store"}},
    {"report", {"core", "media", "vision", "report"}},
    {"cli", {"core", "media", "vision", "synth", "store", "report", "cli"}},
    {"desk", {"core", "media", "vision", "synth", "store", "report", "desk"}},
    // Measures every layer, so it may know them all; nothing includes it.
    {"bench", {"core", "media", "vision", "synth", "store", "report", "desk", "bench"}},
    {"fuzz", {"core", "vision", "store", "report", "fuzz"}},
};

struct Include {
  fs::path file;
  int line;
  std::string target;
  bool quoted;
};

std::vector<Include> includesOf(const std::string& layer) {
  std::vector<Include> out;
  const std::regex include(R"(^\s*#\s*include\s*([<"])([^>"]+)[>"])");
  for (const auto& entry : fs::recursive_directory_iterator(kRoot / layer)) {
    const std::string name = entry.path().filename().string();
    if (entry.path().extension() != ".h" && entry.path().extension() != ".cpp") continue;
    if (name.ends_with("_test.cpp")) continue;  // a test may use whatever makes its inputs
    std::ifstream in(entry.path());
    std::string text;
    for (int line = 1; std::getline(in, text); ++line) {
      std::smatch m;
      if (std::regex_search(text, m, include)) out.push_back({entry.path(), line, m[2], m[1] == "\""});
    }
  }
  return out;
}

TEST(IncludeRules, LayersIncludeOnlyWhatTheyMay) {
  for (const auto& [layer, allowed] : kMayInclude) {
    const auto includes = includesOf(layer);
    EXPECT_FALSE(includes.empty()) << layer;
    for (const Include& i : includes) {
      if (!i.quoted || i.target.find('/') == std::string::npos) continue;
      const std::string to = i.target.substr(0, i.target.find('/'));
      if (!kMayInclude.contains(to)) continue;
      EXPECT_TRUE(allowed.contains(to)) << i.file << ":" << i.line << " includes " << i.target;
    }
  }
}

TEST(IncludeRules, CoreKnowsNoInterfaceNoFilmAndNoDatabase) {
  const std::regex forbidden(R"(^(Q[A-Z]|Qt|opencv|SQLiteCpp|sqlite|libav|libsw|nlohmann|CLI|spdlog))");
  for (const Include& i : includesOf("core"))
    EXPECT_FALSE(std::regex_search(i.target, forbidden))
        << i.file << ":" << i.line << " includes " << i.target;
}

TEST(IncludeRules, FilmsAreDecodedInTheirOwnProcessOnly) {
  // What is in a film is not to be trusted: the library that decodes it is met by the process behind walls,
  // by the search for harmful input and by the bench alone. (media/ writes films; film.cpp takes a hash.)
  const std::regex decodes(R"(^(vision/film_decoder\.h|libavformat|libavcodec|libswscale))");
  const std::set<std::string> may = {"film_decoder.cpp", "film_decoder.h", "film_reader_main.cpp",
                                     "film_writer.cpp",  "targets.cpp",    "speed.cpp"};
  int met = 0;
  for (const auto& [layer, allowed] : kMayInclude)
    for (const Include& i : includesOf(layer)) {
      if (!std::regex_search(i.target, decodes)) continue;
      ++met;
      EXPECT_TRUE(may.contains(i.file.filename().string()))
          << i.file << ":" << i.line << " includes " << i.target;
    }
  EXPECT_GE(met, 6);
}

TEST(IncludeRules, OnlyTheDeskKnowsWidgets) {
  const std::regex widgets(R"(^(QWidget|QApplication|QMainWindow|QLabel|QMessageBox|QPrint|QtWidgets))");
  const std::regex drawing(R"(^(QPainter|QFont|QImage|QColor|QPdfWriter|QtGui))");  // the report draws pages
  for (const std::string layer : {"media", "vision", "synth", "store", "report", "cli"})
    for (const Include& i : includesOf(layer)) {
      EXPECT_FALSE(std::regex_search(i.target, widgets))
          << i.file << ":" << i.line << " includes " << i.target;
      EXPECT_FALSE(layer != "report" && std::regex_search(i.target, drawing))
          << i.file << ":" << i.line << " includes " << i.target;
    }
}

TEST(IncludeRules, TheReaderSeesAForbiddenInclude) {
  // The check itself can fail: a planted slip is found.
  const fs::path planted = fs::temp_directory_path() / "mottix_planted.h";
  std::ofstream(planted) << "#include <QWidget>\n";
  std::ifstream in(planted);
  std::string text;
  std::getline(in, text);
  std::smatch m;
  ASSERT_TRUE(std::regex_search(text, m, std::regex(R"(^\s*#\s*include\s*([<"])([^>"]+)[>"])")));
  EXPECT_EQ(m[2], "QWidget");
  fs::remove(planted);
}

}  // namespace
