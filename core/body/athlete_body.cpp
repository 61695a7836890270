#include "core/body/athlete_body.h"

#include <algorithm>
#include <cmath>
#include <cstdio>

namespace mottix {
namespace {

struct SegmentFacts {
  std::string_view name;
  double of_height;  // usual share
  double scatter;    // between people, part of the share
};

// Shares: drillis1966; shoulder and hip width gordon1989. Scatter between people at one height: about 4 % for
// the long bones and more for widths, after the percentiles of gordon1989.
constexpr std::array<SegmentFacts, kSegmentCount> kSegments = {{
    {"thigh", 0.245, 0.045},
    {"shank", 0.246, 0.040},
    {"trunk", 0.288, 0.040},
    {"upper_arm", 0.186, 0.045},
    {"forearm", 0.146, 0.045},
    {"hand", 0.108, 0.045},
    {"foot", 0.152, 0.040},
    {"clavicle", 0.113, 0.050},
    {"shoulder_width", 0.226, 0.050},
    {"hip_width", 0.191, 0.060},
}};

// No measured body lies further from the usual share than this many standard deviations.
constexpr double kBelievedSd = 6.0;
constexpr double kAnkleOfHeight = 0.039;  // drillis1966
// Hip breadth over stature, 34.3 of 162.9 cm and 34.2 of 175.6 cm (gordon1989).
constexpr double kHipsOfWomen = 0.211, kHipsOfMen = 0.195;
constexpr double kUsualDorsiflexion_deg = 38.0;  // about 10.5 cm at the wall, key bennell1998

std::string betweenText(double low_m, double high_m) {
  std::array<char, 96> text{};
  std::snprintf(text.data(), text.size(), "between %.0f and %.0f cm", 100.0 * low_m, 100.0 * high_m);
  return text.data();
}

std::string centimetres(double m) {
  std::array<char, 48> text{};
  std::snprintf(text.data(), text.size(), "%.1f cm", 100.0 * m);
  return text.data();
}

}  // namespace

std::string_view nameOf(Segment segment) {
  return kSegments[indexOf(segment)].name;
}

std::string_view nameOf(LengthSource source) {
  switch (source) {
    case LengthSource::kByHand:
      return "by_hand";
    case LengthSource::kFromClip:
      return "from_clip";
    case LengthSource::kFromHeight:
      return "from_height";
  }
  return "from_height";
}

std::string_view nameOf(Sex sex) {
  return sex == Sex::kFemale ? "female" : sex == Sex::kMale ? "male" : "";
}

std::optional<Segment> segmentNamed(std::string_view name) {
  for (std::size_t i = 0; i < kSegmentCount; ++i)
    if (kSegments[i].name == name) return static_cast<Segment>(i);
  return std::nullopt;
}

Estimate usualShare(Segment segment, Sex sex) {
  const SegmentFacts& f = kSegments[indexOf(segment)];
  double share = f.of_height;
  if (segment == Segment::kHipWidth && sex != Sex::kUnstated)
    share = sex == Sex::kFemale ? kHipsOfWomen : kHipsOfMen;
  return {share, share * f.scatter};
}

double dorsiflexionFromWall_deg(double knee_to_wall_m) {
  constexpr double kDegPerCm = 3.6;
  return kDegPerCm * 100.0 * knee_to_wall_m;
}

std::vector<FieldProblem> findProblems(const BodyFacts& facts) {
  std::vector<FieldProblem> problems;
  auto say = [&](std::string_view field, std::string text) {
    problems.push_back({std::string(field), std::move(text)});
  };
  const double h = facts.height_m;
  const bool height_ok = std::isfinite(h) && h >= 1.2 && h <= 2.3;
  if (!height_ok)
    say("height", !std::isfinite(h)       ? "The height is no number."
                  : h > 12.0 && h <= 23.0 ? "The height looks like decimetres; give it in cm."
                  : h >= 0.012 && h < 0.024
                      ? "The height looks like metres; give it in cm."
                      : "The height, " + centimetres(h) + ", is not between 120 and 230 cm.");
  if (facts.mass_kg && !(*facts.mass_kg >= 30.0 && *facts.mass_kg <= 250.0))
    say("mass", "The mass is not between 30 and 250 kg.");
  if (facts.knee_to_wall_m && !(*facts.knee_to_wall_m >= 0.0 && *facts.knee_to_wall_m <= 0.25))
    say("knee_to_wall", "The distance from the wall is not between 0 and 25 cm.");

  auto measured = [&](Segment s) -> std::optional<double> {
    const auto& length = facts.measured[indexOf(s)];
    return length ? std::optional(length->m.value) : std::nullopt;
  };
  for (std::size_t i = 0; i < kSegmentCount; ++i) {
    const auto s = static_cast<Segment>(i);
    const auto m = measured(s);
    if (!m) continue;
    if (!std::isfinite(*m) || *m <= 0.0) {
      say(nameOf(s), "This length is not above zero.");
      continue;
    }
    if (!height_ok) continue;
    const Estimate usual = usualShare(s, facts.sex);
    const double low = h * (usual.value - kBelievedSd * usual.sd),
                 high = h * (usual.value + kBelievedSd * usual.sd);
    if (*m >= low && *m <= high) continue;
    std::string text = centimetres(*m) + " is not believed at this height (" + betweenText(low, high) + ").";
    if (100.0 * *m >= low && 100.0 * *m <= high) text += " It looks like metres; give it in cm.";
    if (*m / 10.0 >= low && *m / 10.0 <= high) text += " It looks like mm; give it in cm.";
    say(nameOf(s), std::move(text));
  }
  if (!height_ok) return problems;
  const auto thigh = measured(Segment::kThigh), shank = measured(Segment::kShank),
             trunk = measured(Segment::kTrunk);
  if (thigh && shank) {
    const double leg = *thigh + *shank + kAnkleOfHeight * h;
    if (leg > 0.60 * h)
      say("thigh", "Thigh, shank and ankle add up to " + centimetres(leg) +
                       ", a leg of more than 60 % of the height. Measure both again.");
    if (trunk && leg + *trunk > 0.90 * h)
      say("trunk", "Leg and trunk add up to " + centimetres(leg + *trunk) +
                       ", which leaves no room for the head. Measure them again.");
  }
  const auto clavicle = measured(Segment::kClavicle), width = measured(Segment::kShoulderWidth);
  if (clavicle && width && std::abs(2.0 * *clavicle - *width) > 0.15 * *width)
    say("clavicle", "Twice the clavicle is " + centimetres(2.0 * *clavicle) + " and the shoulder width " +
                        centimetres(*width) + ". They should agree; measure one again.");
  return problems;
}

Body estimateBody(const BodyFacts& facts) {
  Body body;
  body.height_m = facts.height_m;
  body.sex = facts.sex;
  body.mass_stated = facts.mass_kg.has_value();
  body.mass_kg = facts.mass_kg.value_or(24.0 * facts.height_m * facts.height_m);
  body.dorsiflexion_measured = facts.knee_to_wall_m.has_value();
  body.dorsiflexion_deg =
      facts.knee_to_wall_m ? dorsiflexionFromWall_deg(*facts.knee_to_wall_m) : kUsualDorsiflexion_deg;
  for (std::size_t i = 0; i < kSegmentCount; ++i) {
    const Estimate share = usualShare(static_cast<Segment>(i), facts.sex);
    const Estimate usual{share.value * facts.height_m, share.sd * facts.height_m};
    body.lengths[i] = facts.measured[i].value_or(BodyLength{usual, LengthSource::kFromHeight});
  }
  // Of clavicle and shoulder width one gives the other.
  BodyLength& clavicle = body.lengths[indexOf(Segment::kClavicle)];
  BodyLength& width = body.lengths[indexOf(Segment::kShoulderWidth)];
  if (clavicle.source != LengthSource::kFromHeight && width.source == LengthSource::kFromHeight)
    width = {{2.0 * clavicle.m.value, 2.0 * clavicle.m.sd}, clavicle.source};
  else if (width.source != LengthSource::kFromHeight && clavicle.source == LengthSource::kFromHeight)
    clavicle = {{0.5 * width.m.value, 0.5 * width.m.sd}, width.source};
  return body;
}

std::optional<double> computeBuildScore(const Body& body, Segment segment) {
  const BodyLength& length = body.lengths[indexOf(segment)];
  if (length.source == LengthSource::kFromHeight) return std::nullopt;
  const Estimate share = usualShare(segment, body.sex);
  const bool under_bar = segment == Segment::kTrunk && length.source == LengthSource::kFromClip;
  return (length.m.value / body.height_m + (under_bar ? kTrunkUnderBar : 0.0) - share.value) / share.sd;
}

}  // namespace mottix
