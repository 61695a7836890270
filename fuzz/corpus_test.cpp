// What a search through strange input kept is taken once more: none of it may bring the program down.
#include <filesystem>
#include <fstream>
#include <iterator>
#include <vector>

#include <gtest/gtest.h>

#include "fuzz/targets.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;

class Corpus : public testing::TestWithParam<FuzzTarget> {};

TEST_P(Corpus, IsTakenWithoutHarm) {
  int taken = 0;
  for (const auto& entry : fs::directory_iterator(fs::path(MOTTIX_CORPUS) / GetParam().name)) {
    SCOPED_TRACE(entry.path());
    std::ifstream in(entry.path(), std::ios::binary);
    const std::vector<char> bytes{std::istreambuf_iterator<char>(in), {}};
    GetParam().take(reinterpret_cast<const std::uint8_t*>(bytes.data()), bytes.size());
    ++taken;
  }
  EXPECT_GE(taken, 5) << "the corpus of " << GetParam().name << " is missing";
}

INSTANTIATE_TEST_SUITE_P(Every, Corpus, testing::ValuesIn(kFuzzTargets),
                         [](const auto& target) { return std::string(target.param.name); });

}  // namespace
}  // namespace mottix
