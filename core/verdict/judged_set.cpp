#include "core/verdict/judged_set.h"

#include <algorithm>
#include <array>
#include <cctype>

namespace mottix {
namespace {

// A variant, and the words of which one tells it.
struct VariantWords {
  std::string_view tag;
  std::array<std::string_view, 3> words;
};
constexpr std::array<VariantWords, 17> kVariants = {{
    {"low_bar", {"low bar", "low-bar"}},
    {"middle_bar", {"middle bar", "mid bar"}},
    {"high_bar", {"high bar", "high-bar"}},
    {"front", {"front squat", "front"}},
    {"safety_bar", {"safety bar", "safety-bar"}},
    {"goblet", {"goblet"}},
    {"paused", {"pause"}},
    {"pin", {"pin ", "pins", "pin-"}},
    {"tempo", {"tempo", "slow lowering"}},
    {"partial", {"partial", "half", "box"}},
    {"sumo", {"sumo"}},
    {"raised", {"raised", "blocks", "rack pull"}},
    {"kettlebell", {"kettlebell"}},
    {"close_grip", {"close grip", "close-grip", "narrow grip"}},
    {"incline", {"incline"}},
    {"dumbbell", {"dumbbell"}},
    {"touch_and_go", {"touch and go", "touch-and-go"}},
}};
constexpr std::string_view kVariantList =
    "low_bar, middle_bar, high_bar, front, safety_bar, goblet, paused, pin, tempo, partial, sumo, raised, "
    "kettlebell, close_grip, incline, dumbbell, touch_and_go";

struct BuildWords {
  std::string_view tag;
  Segment segment;
  double sign;
};
constexpr std::array<BuildWords, 8> kBuilds = {{
    {"long_thighs", Segment::kThigh, 1.0},
    {"short_thighs", Segment::kThigh, -1.0},
    {"long_shins", Segment::kShank, 1.0},
    {"short_shins", Segment::kShank, -1.0},
    {"long_trunk", Segment::kTrunk, 1.0},
    {"short_trunk", Segment::kTrunk, -1.0},
    {"long_arms", Segment::kUpperArm, 1.0},
    {"short_arms", Segment::kUpperArm, -1.0},
}};
constexpr std::string_view kBuildList =
    "long_thighs, short_thighs, long_shins, short_shins, long_trunk, short_trunk, long_arms, short_arms";

}  // namespace

std::vector<std::string> variantTags(std::string_view words) {
  std::string text(words);
  std::transform(text.begin(), text.end(), text.begin(),
                 [](unsigned char c) { return static_cast<char>(std::tolower(c)); });
  text += ' ';  // so that a word ends
  std::vector<std::string> tags;
  for (const VariantWords& v : kVariants)
    if (std::any_of(v.words.begin(), v.words.end(),
                    [&](std::string_view w) { return !w.empty() && text.find(w) != std::string::npos; }))
      tags.emplace_back(v.tag);
  return tags;
}

bool isVariantTag(std::string_view tag) {
  return std::any_of(kVariants.begin(), kVariants.end(), [&](const auto& v) { return v.tag == tag; });
}

std::string_view variantTagList() {
  return kVariantList;
}

std::vector<std::string> buildTags(const Body& body) {
  constexpr double kFarFromUsual = 1.0;  // standard deviations between people: one in six
  std::vector<std::string> tags;
  for (const BuildWords& b : kBuilds)
    if (const auto score = computeBuildScore(body, b.segment); score && b.sign * *score >= kFarFromUsual)
      tags.emplace_back(b.tag);
  return tags;
}

bool isBuildTag(std::string_view tag) {
  return std::any_of(kBuilds.begin(), kBuilds.end(), [&](const auto& b) { return b.tag == tag; });
}

std::string_view buildTagList() {
  return kBuildList;
}

bool JudgedSet::is(std::string_view variant) const {
  return std::find(variants.begin(), variants.end(), variant) != variants.end();
}

}  // namespace mottix
