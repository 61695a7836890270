#include "core/load/effort.h"

#include <algorithm>
#include <cmath>
#include <utility>

#include <Eigen/Dense>

namespace mottix {
namespace {

struct Published {
  RepRelation relation;
  std::string_view name, source;
  double (*share)(double reps);
};

const std::array<Published, kRepRelations.size()> kPublished = {{
    {RepRelation::kBrzycki, "brzycki", "brzycki1993", [](double n) { return (37.0 - n) / 36.0; }},
    {RepRelation::kEpley, "epley", "epley1985", [](double n) { return 1.0 / (1.0 + n / 30.0); }},
    {RepRelation::kLander, "lander", "lander1985", [](double n) { return (101.3 - 2.67123 * n) / 100.0; }},
    {RepRelation::kLombardi, "lombardi", "lombardi1989", [](double n) { return std::pow(n, -0.10); }},
    {RepRelation::kMayhew, "mayhew", "mayhew1992",
     [](double n) { return (52.2 + 41.9 * std::exp(-0.055 * n)) / 100.0; }},
    {RepRelation::kOConner, "oconner", "oconner1989", [](double n) { return 1.0 / (1.0 + n / 40.0); }},
    {RepRelation::kWathen, "wathen", "wathen1994",
     [](double n) { return (48.8 + 53.8 * std::exp(-0.075 * n)) / 100.0; }},
}};

const Published& publishedAs(RepRelation relation) {
  return kPublished[static_cast<std::size_t>(relation)];
}

// The eye is taken to be less sure than the lifter by this part.
constexpr double kEyeLessSure = 1.25;

// Speed of a rep to rep at equal effort (own estimate; of the order of a camera's error at 30 pictures/s).
constexpr double kRepToRep_ms = 0.015;

}  // namespace

std::string_view nameOf(RepRelation relation) {
  if (relation == RepRelation::kMiddle) return "middle";
  return publishedAs(relation).name;
}

std::string_view sourceOf(RepRelation relation) {
  if (relation == RepRelation::kMiddle) return "lesuer1997";
  return publishedAs(relation).source;
}

double shareOf(RepRelation relation, double reps) {
  if (relation == RepRelation::kMiddle) {
    double sum = 0.0;
    for (const RepRelation r : kRepRelations) sum += std::log(shareOf(r, reps));
    return std::exp(sum / static_cast<double>(kRepRelations.size()));
  }
  const auto& share = publishedAs(relation).share;
  const double n = std::clamp(reps, 1.0, kMostReps);
  return n >= 2.0 ? share(n) : 1.0 + (n - 1.0) * (share(2.0) - 1.0);
}

double shareScatter(double reps) {
  double sum = 0.0, squares = 0.0;
  for (const RepRelation r : kRepRelations) {
    const double log_share = std::log(shareOf(r, reps));
    sum += log_share;
    squares += log_share * log_share;
  }
  const auto n = static_cast<double>(kRepRelations.size());
  return std::sqrt(std::max(0.0, (squares - sum * sum / n) / (n - 1.0)));
}

double wordSd(double reserve) {
  return 0.5 + 0.3 * reserve;
}

std::optional<Estimate> reserveByWord(double effort) {
  if (!(effort >= kLeastEffort && effort <= 10.0)) return std::nullopt;
  const double reps = repsInReserve(effort);
  return Estimate{reps, wordSd(reps)};
}

std::optional<Estimate> reserveByEye(double effort) {
  auto reserve = reserveByWord(effort);
  if (reserve) reserve->sd *= kEyeLessSure;
  return reserve;
}

SpeedRelation usualSpeeds(Lift lift) {
  // Speed at the best single: helms2017. Share by speed: the published curves' slope between 80 % and the
  // best single (gonzalez2010, sanchez2017; of a deadlift, without one of its own, between them and wider).
  // Reps by speed: from the speed at 70, 80 and 90 % down to failure over the reps that these shares allow.
  switch (lift) {
    case Lift::kSquat:
      return {{0.23, 0.05}, {21.0, 6.0}, {0.56, 0.12}};
    case Lift::kBench:
      return {{0.10, 0.04}, {23.0, 6.0}, {0.68, 0.12}};
    case Lift::kDeadlift:
      return {{0.14, 0.05}, {22.0, 8.0}, {0.62, 0.18}};
  }
  return {};
}

Estimate SpeedRelation::reserve(const Estimate& last) const {
  const double above = last.value - fails_ms.value;
  const double variance = std::pow(reps_per_ms.value, 2) * (std::pow(fails_ms.sd, 2) + std::pow(last.sd, 2)) +
                          std::pow(above * reps_per_ms.sd, 2) - 2.0 * above * reps_per_ms.value * covariance;
  return {std::max(0.0, above * reps_per_ms.value), std::sqrt(std::max(0.0, variance))};
}

Estimate SpeedRelation::share(const Estimate& fastest) const {
  const double above = fastest.value - fails_ms.value;
  return {1.0 - share_per_ms.value * above,
          std::hypot(share_per_ms.value * std::hypot(fails_ms.sd, fastest.sd), above * share_per_ms.sd)};
}

SpeedRelation estimateSpeeds(Lift lift, std::span<const SpeedAndReserve> sets) {
  SpeedRelation out = usualSpeeds(lift);
  if (sets.size() < static_cast<std::size_t>(kSetsForOwnSpeeds)) return out;
  // speed = fails + reserve / reps_per_ms: a line in two unknowns, weighed by its errors, twice, since the
  // error of the reserve counts by the slope.
  Eigen::Vector2d known(out.fails_ms.value, 1.0 / out.reps_per_ms.value);
  Eigen::Matrix2d sure = Eigen::Matrix2d::Zero();
  sure(0, 0) = 1.0 / std::pow(out.fails_ms.sd, 2);
  sure(1, 1) = 1.0 / std::pow(out.reps_per_ms.sd * known[1] * known[1], 2);
  Eigen::Vector2d line = known;
  Eigen::Matrix2d covariance;
  for (int pass = 0; pass < 2; ++pass) {
    Eigen::Matrix2d normal = sure;
    Eigen::Vector2d right = sure * known;
    for (const SpeedAndReserve& s : sets) {
      const double variance =
          std::pow(s.last_rep_ms.sd, 2) + std::pow(kRepToRep_ms, 2) + std::pow(line[1] * s.reserve.sd, 2);
      const Eigen::Vector2d row(1.0, s.reserve.value);
      normal += row * row.transpose() / variance;
      right += row * s.last_rep_ms.value / variance;
    }
    covariance = normal.inverse();
    line = covariance * right;
    line[1] = std::max(line[1], 0.01);
  }
  const double reps = 1.0 / line[1];
  out.fails_ms = {line[0], std::sqrt(covariance(0, 0))};
  out.reps_per_ms = {reps, std::sqrt(covariance(1, 1)) * reps * reps};
  out.covariance = -covariance(0, 1) * reps * reps;
  out.own_sets = static_cast<int>(sets.size());
  return out;
}

Reserve weighReserve(const std::optional<Estimate>& word, const std::optional<Estimate>& eye,
                     const std::optional<Estimate>& speed) {
  Reserve out{word, eye, speed, {}, {}};
  const std::array<std::pair<std::string_view, std::optional<Estimate>>, 3> all = {
      {{"word", word}, {"eye", eye}, {"speed", speed}}};
  double weight = 0.0, sum = 0.0;
  for (const auto& [name, e] : all) {
    if (!e) continue;
    const double w = 1.0 / (e->sd * e->sd);
    weight += w;
    sum += w * e->value;
  }
  if (weight > 0.0) out.together = Estimate{sum / weight, std::sqrt(1.0 / weight)};
  for (const auto& [more, a] : all)
    for (const auto& [less, b] : all) {
      if (!a || !b) continue;
      const double reps = a->value - b->value;
      if (reps >= 1.0 && reps > 1.5 * std::hypot(a->sd, b->sd) && (!out.apart || reps > out.apart->reps))
        out.apart = Reserve::Apart{more, less, reps};
    }
  return out;
}

}  // namespace mottix
