// What a judgement knows of a set beside its measures: variant, effort, complaints, build, and what is usual
// for the athlete.
#pragma once

#include <cmath>
#include <map>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

#include "core/base/estimate.h"
#include "core/body/athlete_body.h"
#include "core/fit/fit_subject.h"
#include "core/measure/catalogue.h"

namespace mottix {

// Variants that rules tell apart, as in rule books: "low_bar", "front", "paused", … They are read from the
// coach's own words: "paused low bar" is two of them.
std::vector<std::string> variantTags(std::string_view words);
bool isVariantTag(std::string_view tag);
std::string_view variantTagList();  // for messages

// Builds that rules make exceptions for: a length at least one standard deviation between people from the
// usual one, where it was measured (computeBuildScore): "long_thighs", "short_trunk", …
std::vector<std::string> buildTags(const Body& body);
bool isBuildTag(std::string_view tag);
std::string_view buildTagList();

// What a measure usually is for one athlete, see core/verdict/usual.h.
struct Usual {
  Estimate value;        // in the middle of the sets, with its own error
  double between = 0.0;  // by how much single sets differ from it, measuring errors taken off
  int sets = 0;
  bool any_effort = false;  // too few sets of like effort: of any
  bool operator==(const Usual&) const = default;
  // How far a value lies from it.
  Estimate from(const Estimate& v) const {
    return {v.value - value.value, std::sqrt(v.sd * v.sd + value.sd * value.sd + between * between)};
  }
};
using Usuals = std::map<MeasureId, Usual>;

struct JudgedSet {
  std::vector<std::string> variants;
  std::optional<double> effort;  // as felt, or else as asked, 0..10
  std::vector<Complaint> complaints;
  std::vector<std::string> build;
  Usuals usual;  // empty: too few sets yet
  bool is(std::string_view variant) const;
};

// From here on (one rep left, or none) a set is hard, and what shows only late in it is put down to that.
inline constexpr double kHardEffort = 9.0;

}  // namespace mottix
