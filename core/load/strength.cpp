#include "core/load/strength.h"

#include <algorithm>
#include <cmath>
#include <execution>
#include <functional>

namespace mottix {
namespace {

// The states of the model.
enum Index {
  kLogBest,   // logarithm of the best single
  kGain,      // of it a week
  kOwnReps,   // how far this lifter's reps lie from the relation, in its scatters
  kWordLean,  // reps that the word says too few (positive: more is left than said)
  kOwnSpeed,  // of the single, as part of the load
  kOwnSlope,  // of load and speed, relative to the usual one
  kDayForm,   // of the day
  kTiring,    // by each set before
  kStateCount
};
constexpr int kMostTiring = 6;
constexpr double kNormal80 = 1.2815515655446004;
// Beyond this share a line of load and speed says little, and its logarithm less.
constexpr double kLeastShare = 0.3;
constexpr double kDegrees = 4.0;  // of Student's t
constexpr int kPasses = 6;
constexpr double kNoWeight = 1e-6;

using State = Eigen::Matrix<double, kStateCount, 1>;
using Spread = Eigen::Matrix<double, kStateCount, kStateCount>;

// log(load) as a set tells it of the state: offset + row · state, with noise of its own.
struct Row {
  std::size_t day;  // index
  double y, noise;
  State row;
  double log_load;
  double reps = 0.0, told = 0.0;  // done, and in reserve by word; zero reps: a speed
  double words = 1.0;             // on the same day: they are not so many different ones
  bool at_least = false;          // the reading is a lower bound
  double bound = 0.0;             // and this is it
  double weight = 1.0;            // of Student's t; of a bound, how much of a reading it is
};

// Logarithms of the shares, and their scatter, at steps so fine that a straight line does between them: they
// are asked for some hundred thousand times a fit.
class ShareTable {
 public:
  explicit ShareTable(RepRelation relation) {
    for (std::size_t k = 0; k < kSize; ++k) {
      log_share_[k] = std::log(shareOf(relation, repsOf(k)));
      scatter_[k] = shareScatter(repsOf(k));
    }
  }
  static const ShareTable& of(RepRelation relation) {
    static const std::array<ShareTable, kRepRelations.size() + 1> tables = {
        ShareTable(RepRelation::kBrzycki), ShareTable(RepRelation::kEpley),
        ShareTable(RepRelation::kLander),  ShareTable(RepRelation::kLombardi),
        ShareTable(RepRelation::kMayhew),  ShareTable(RepRelation::kOConner),
        ShareTable(RepRelation::kWathen),  ShareTable(RepRelation::kMiddle)};
    return tables[static_cast<std::size_t>(relation)];
  }
  double logShare(double reps) const { return between(log_share_, reps); }
  double scatter(double reps) const { return between(scatter_, reps); }
  // Of the logarithm by a rep.
  double slope(double reps) const {
    constexpr double kStep = 0.5;
    const double below = std::max(1.0, reps - kStep), above = std::min(kMostReps, reps + kStep);
    return (logShare(above) - logShare(below)) / std::max(kFine, above - below);
  }
  double repsAtLogShare(double log_share) const {
    const auto past = std::lower_bound(log_share_.begin(), log_share_.end(), log_share, std::greater<>());
    if (past == log_share_.begin()) return 1.0;
    if (past == log_share_.end()) return kMostReps;
    const double part = (*(past - 1) - log_share) / (*(past - 1) - *past);
    return repsOf(static_cast<std::size_t>(past - 1 - log_share_.begin())) + part * kFine;
  }

 private:
  static constexpr double kFine = 0.05;
  static constexpr std::size_t kSize = 381;  // 1 to kMostReps
  static double repsOf(std::size_t k) { return 1.0 + kFine * static_cast<double>(k); }
  static double between(const std::array<double, kSize>& table, double reps) {
    const double at = std::clamp((reps - 1.0) / kFine, 0.0, static_cast<double>(kSize - 1));
    const auto k = std::min(kSize - 2, static_cast<std::size_t>(at));
    return table[k] + (at - static_cast<double>(k)) * (table[k + 1] - table[k]);
  }
  std::array<double, kSize> log_share_{}, scatter_{};
};

// How the state shows in a set of so many reps to failure, so many of them in reserve.
State repsRow(const ShareTable& shares, double to_failure, double reserve) {
  State row = State::Zero();
  row[kLogBest] = row[kDayForm] = 1.0;
  row[kOwnReps] = shares.scatter(to_failure);
  // Who fails knows that nothing is left.
  row[kWordLean] = shares.slope(to_failure) * std::min(1.0, reserve);
  return row;
}

struct Log {
  std::vector<Row> rows;
  std::vector<Day> days;
  int told = 0;  // sets that said something
};

Log rowsOf(Lift lift, std::span<const StrengthSet> sets, RepRelation relation, const StrengthOptions& o) {
  Log log;
  auto& [rows, days, told] = log;
  const SpeedRelation speeds = usualSpeeds(lift);
  const ShareTable& shares = ShareTable::of(relation);
  int before = 0;
  for (const StrengthSet& s : sets) {
    if (days.empty() || days.back() != s.day) before = 0;
    const bool by_reps = (s.reserve || s.easy) && s.reps > 0, by_speed = s.speed_ms && s.reps > 0;
    if (!(s.load_kg > 0.0) || (!by_reps && !by_speed)) continue;
    if (days.empty() || days.back() != s.day) days.push_back(s.day);
    const double tired = std::min(before, kMostTiring);
    const double log_load = std::log(s.load_kg);
    ++before;
    ++told;
    if (by_reps) {
      const Estimate said = s.reserve.value_or(reserveByWord(kLeastEffort).value());
      const double reserve = std::max(0.0, said.value);
      State row = repsRow(shares, s.reps + reserve, reserve);
      row[kTiring] = -tired;
      rows.push_back({days.size() - 1, log_load - shares.logShare(s.reps + reserve),
                      std::hypot(o.set_noise, shares.slope(s.reps + reserve) * said.sd), row, log_load,
                      static_cast<double>(s.reps), reserve});
      if (!s.reserve) {
        rows.back().at_least = true;
        rows.back().bound = rows.back().y;
        rows.back().weight = kNoWeight;  // until something else is known
      }
    }
    if (by_speed) {
      const double share = speeds.share({s.speed_ms->value, 0.0}).value;
      if (share < kLeastShare || share > 1.1) continue;
      State row = State::Zero();
      row[kLogBest] = row[kDayForm] = row[kOwnSpeed] = 1.0;
      row[kOwnSlope] = (1.0 - share) / share;
      row[kTiring] = -tired;
      rows.push_back({days.size() - 1, log_load - std::log(share),
                      std::hypot(o.speed_noise, speeds.share_per_ms.value * s.speed_ms->sd / share), row,
                      log_load});
    }
  }
  for (std::size_t from = 0; from < rows.size();) {
    std::size_t to = from;
    double words = 0.0;
    for (; to < rows.size() && rows[to].day == rows[from].day; ++to) words += rows[to].reps > 0.0 ? 1.0 : 0.0;
    for (; from < to; ++from)
      if (rows[from].reps > 0.0) {
        rows[from].words = words;
        rows[from].noise *= std::sqrt(words);
      }
  }
  return log;
}

void advance(State& mean, Spread& covariance, double weeks, double gain_factor, double form_variance,
             const StrengthOptions& o) {
  // The gain goes into the best single, and the last day's form is forgotten.
  const double gained = weeks * gain_factor;
  mean[kLogBest] += gained * mean[kGain];
  mean[kDayForm] = 0.0;
  covariance.row(kLogBest) += gained * covariance.row(kGain);
  covariance.col(kLogBest) += gained * covariance.col(kGain);
  covariance.row(kDayForm).setZero();
  covariance.col(kDayForm).setZero();
  covariance(kLogBest, kLogBest) += std::pow(o.wander_week, 2) * weeks;
  covariance(kGain, kGain) += std::pow(o.gain_wander_week, 2) * weeks;
  covariance(kDayForm, kDayForm) += form_variance;
}

double weeksBetween(Day from, Day to) {
  return std::max(0.0, daysBetween(from, to) / 7.0);
}

struct Fit {
  std::vector<State> mean;  // smoothed, each day
  std::vector<Spread> covariance;
  State end_mean;
  Spread end_covariance;
  double log_likelihood = 0.0;
};

// m += a bᵀ, column by column: as with `lazyProduct`, since Eigen's general products are made for larger
// ones.
void addOuter(Spread& m, const State& a, const State& b) {
  for (int k = 0; k < kStateCount; ++k) m.col(k) += a * b[k];
}

// What the rows of later days say of a day, gathered backward (dejong1989): with it a prediction becomes
// what is known in the end, and no covariance has to be inverted.
struct Later {
  State says = State::Zero();
  Spread surely = Spread::Zero();
  // A row that was off by so much, with that variance, when it was read with that gain.
  void take(const State& row, const State& gain, double off, double variance) {
    const State of_gain = surely.lazyProduct(gain);
    addOuter(surely, row, (1.0 / variance + gain.dot(of_gain)) * row - of_gain);
    addOuter(surely, -of_gain, row);
    says += row * (off / variance - gain.dot(says));
  }
  // Back over the time between two days: `advance`, transposed.
  void back(double gained) {
    says[kGain] += gained * says[kLogBest];
    says[kDayForm] = 0.0;
    surely.col(kGain) += gained * surely.col(kLogBest);
    surely.row(kGain) += gained * surely.row(kLogBest);
    surely.col(kDayForm).setZero();
    surely.row(kDayForm).setZero();
  }
};

Fit fitOnce(Lift lift, const std::vector<Row>& rows, const std::vector<Day>& days,
            const std::vector<double>& form_weight, const StrengthOptions& o) {
  const std::size_t n = days.size();
  Fit fit;
  State mean = State::Zero();
  Spread covariance = Spread::Zero();
  // Nothing is known of the best single itself: a factor of e either way about the first set.
  mean[kLogBest] = rows.front().y;
  mean[kTiring] = o.tiring_set;
  const SpeedRelation speeds = usualSpeeds(lift);
  const double prior[kStateCount] = {1.0,
                                     o.gain_week,
                                     o.own_reps,
                                     o.word_lean_reps,
                                     speeds.fails_ms.sd * speeds.share_per_ms.value,
                                     speeds.share_per_ms.sd / speeds.share_per_ms.value,
                                     0.0,
                                     o.tiring_set};
  for (int i = 0; i < kStateCount; ++i) covariance(i, i) = prior[i] * prior[i];
  const double form = o.day_form * o.day_form;
  struct Read {
    State gain;
    double off, variance;
  };
  std::vector<Read> read(rows.size());
  fit.mean.resize(n);
  fit.covariance.resize(n);
  std::size_t r = 0;
  for (std::size_t d = 0; d < n; ++d) {
    advance(mean, covariance, d == 0 ? 0.0 : weeksBetween(days[d - 1], days[d]), 1.0, form / form_weight[d],
            o);
    fit.mean[d] = mean;
    fit.covariance[d] = covariance;
    for (; r < rows.size() && rows[r].day == d; ++r) {
      const double noise = rows[r].noise * rows[r].noise / rows[r].weight;
      const State gain_row = covariance.lazyProduct(rows[r].row);
      const double variance = rows[r].row.dot(gain_row) + noise;
      const double off = rows[r].y - rows[r].row.dot(mean);
      if (!rows[r].at_least) fit.log_likelihood -= 0.5 * (std::log(variance) + off * off / variance);
      read[r] = {gain_row / variance, off, variance};
      mean += read[r].gain * off;
      addOuter(covariance, -gain_row, read[r].gain);
    }
  }
  fit.end_mean = mean;
  fit.end_covariance = covariance;
  Later later;
  for (std::size_t d = n; d-- > 0;) {
    for (; r > 0 && rows[r - 1].day == d; --r)
      later.take(rows[r - 1].row, read[r - 1].gain, read[r - 1].off, read[r - 1].variance);
    const Spread predicted = fit.covariance[d];
    fit.mean[d] += predicted.lazyProduct(later.says);
    const Spread told = predicted.lazyProduct(later.surely);
    fit.covariance[d] -= told.lazyProduct(predicted);
    if (d > 0) later.back(weeksBetween(days[d - 1], days[d]));
  }
  return fit;
}

double studentWeight(double squared) {
  return (kDegrees + 1.0) / (kDegrees + squared);
}

// A lower bound as a reading of less weight, so that it pulls as much as the bound's expectation does.
void readBound(Row& row, double expected) {
  const double z = std::clamp((row.bound - expected) / row.noise, -6.0, 6.0);
  const double density = std::exp(-0.5 * z * z) / std::sqrt(2.0 * std::acos(-1.0));
  const double hazard = density / std::max(1e-12, 0.5 * std::erfc(z / std::sqrt(2.0)));
  row.weight = std::max(kNoWeight, hazard * (hazard - z));
  row.y = row.weight <= kNoWeight ? expected : expected + row.noise * hazard / row.weight;
}

// How the state shows in a set depends on where the set lies: on its share of the best single and the reps
// truly left. That is taken from what is known of the lifter by now and not from the reading, whose error
// would pull on both sides. And how surely a lifter tells what is left follows from what is truly left: of
// many easy sets some are called hard by mistake, and seldom a hard one easy.
void readWhereItLies(Row& row, const ShareTable& shares, const State& known, const StrengthOptions& o) {
  const double log_share =
      row.log_load - (known[kLogBest] + known[kDayForm] + row.row[kTiring] * known[kTiring]);
  if (row.reps == 0.0) {
    const double share = std::clamp(std::exp(log_share), kLeastShare, 1.0);
    row.row[kOwnSlope] = (1.0 - share) / share;
  } else if (row.told > 0.0 || row.at_least) {
    const double left = std::max(0.0, shares.repsAtLogShare(log_share) - row.reps);
    const double tiring = row.row[kTiring];
    row.row = repsRow(shares, row.reps + left, left);
    row.row[kTiring] = tiring;
    row.noise = std::sqrt(row.words) * std::hypot(o.set_noise, shares.slope(row.reps + left) * wordSd(left));
  }
}

Fit fitRobustly(Lift lift, RepRelation relation, std::vector<Row>& rows, const std::vector<Day>& days,
                const StrengthOptions& o) {
  std::vector<double> form_weight(days.size(), 1.0);
  Fit fit = fitOnce(lift, rows, days, form_weight, o);
  for (int pass = 1; pass < kPasses; ++pass) {
    for (std::size_t d = 0; d < days.size(); ++d) {
      const double squared =
          fit.mean[d][kDayForm] * fit.mean[d][kDayForm] + fit.covariance[d](kDayForm, kDayForm);
      form_weight[d] = studentWeight(squared / (o.day_form * o.day_form));
    }
    for (Row& row : rows) {
      readWhereItLies(row, ShareTable::of(relation), fit.mean[row.day], o);
      const double expected = row.row.dot(fit.mean[row.day]);
      if (row.at_least) {
        readBound(row, expected);
        continue;
      }
      const double off = row.y - expected;
      const double variance = row.row.dot(fit.covariance[row.day].lazyProduct(row.row));
      row.weight = studentWeight((off * off + variance) / (row.noise * row.noise));
    }
    fit = fitOnce(lift, rows, days, form_weight, o);
  }
  return fit;
}

StrengthAt bandOf(Day day, double log_best, double variance, const StrengthOptions& o) {
  const double sd = std::hypot(std::sqrt(std::max(0.0, variance)), o.relation_error),
               best = std::exp(log_best);
  return {day, {best, best * sd}, best * std::exp(-kNormal80 * sd), best * std::exp(kNormal80 * sd)};
}

}  // namespace

std::optional<Strength> estimateStrength(Lift lift, std::span<const StrengthSet> sets,
                                         const StrengthOptions& options) {
  static_assert(Strength::kStates == kStateCount);
  Strength out;
  const Log log = rowsOf(lift, sets, kUsualRelation, options);
  if (log.rows.empty()) return std::nullopt;
  const std::vector<Day>& days = log.days;
  out.sets = log.told;
  // The usual one first.
  std::array<RepRelation, kRepRelations.size() + 1> relations{kUsualRelation};
  std::copy(kRepRelations.begin(), kRepRelations.end(), relations.begin() + 1);
  std::array<Fit, relations.size()> fits;
  std::transform(std::execution::par, relations.begin(), relations.end(), fits.begin(),
                 [&](RepRelation relation) {
                   Log as = relation == kUsualRelation ? log : rowsOf(lift, sets, relation, options);
                   return fitRobustly(lift, relation, as.rows, days, options);
                 });
  const Fit* best = &fits.front();
  double likeliest = best->log_likelihood + options.clearly_likelier;
  for (std::size_t k = 1; k < fits.size(); ++k) {
    if (fits[k].log_likelihood <= likeliest) continue;
    likeliest = fits[k].log_likelihood;
    best = &fits[k];
    out.relation = relations[k];
    out.relation_told = true;
  }
  for (std::size_t d = 0; d < days.size(); ++d)
    out.over_time.push_back(
        bandOf(days[d], best->mean[d][kLogBest], best->covariance[d](kLogBest, kLogBest), options));
  out.last_ = days.back();
  out.end_ = {best->end_mean, best->end_covariance};
  out.gain_week = {best->end_mean[kGain], std::sqrt(best->end_covariance(kGain, kGain))};
  out.options_ = options;
  return out;
}

Strength::Known Strength::known(Day day, double gain_factor) const {
  Known k = end_;
  advance(k.mean, k.covariance, weeksBetween(last_, day), gain_factor, options_.day_form * options_.day_form,
          options_);
  return k;
}

StrengthAt Strength::at(Day day, double gain_factor) const {
  const Known k = known(day, gain_factor);
  return bandOf(day, k.mean[kLogBest], k.covariance(kLogBest, kLogBest), options_);
}

Estimate Strength::loadFor(Day day, double reps, double effort) const {
  const Known k = known(day, 1.0);
  const ShareTable& shares = ShareTable::of(relation);
  const auto at = [&](double done, double reserve) {
    const State row = repsRow(shares, done + reserve, reserve);
    const double load = std::exp(shares.logShare(done + reserve) + row.dot(k.mean));
    return Estimate{load, load * std::hypot(std::sqrt(row.dot(k.covariance * row)), options_.relation_error)};
  };
  // What is more reps, or more in reserve, is never more load, whatever was learnt where there are no sets.
  const double spare = std::max(0.0, repsInReserve(effort));
  Estimate least = at(reps, spare);
  constexpr double kStep = 0.5;
  for (int fewer = 0; reps - fewer >= 1.0; ++fewer)
    for (int steps = 0; spare - kStep * steps >= 0.0; ++steps)
      if (const Estimate e = at(reps - fewer, spare - kStep * steps); e.value < least.value) least = e;
  return least;
}

Estimate Strength::effortOf(Day day, double load_kg, double reps) const {
  // Above what can be done a rep more is a rep missing: by the slope near failure.
  const double most = loadFor(day, reps, 10.0).value;
  if (load_kg > most) {
    constexpr double kPartOfARep = 0.03;
    return {10.0 + std::log(load_kg / most) / kPartOfARep, 1.0};
  }
  // loadFor grows with effort: halved until it is known to a hundredth.
  double low = 0.0, high = 10.0;
  while (high - low > 0.01) {
    const double middle = 0.5 * (low + high);
    (loadFor(day, reps, middle).value < load_kg ? low : high) = middle;
  }
  const Estimate at = loadFor(day, reps, low);
  const double slope = std::max(1e-6, (at.value - loadFor(day, reps, low - 0.5).value) / 0.5);
  return {low, std::max(at.sd / slope, 0.01)};
}

Estimate Strength::speedOf(Day day, double load_kg, Lift lift) const {
  const SpeedRelation usual = usualSpeeds(lift);
  const Known k = known(day, 1.0);
  // load = best · share · exp(own speed + own slope (1 - share) / share), by the share.
  const double log_load = std::log(load_kg) - k.mean[kLogBest] - k.mean[kOwnSpeed];
  double low = kLeastShare, high = 1.1;
  while (high - low > 1e-4) {
    const double share = 0.5 * (low + high);
    (std::log(share) + k.mean[kOwnSlope] * (1.0 - share) / share < log_load ? low : high) = share;
  }
  State row = State::Zero();
  row[kLogBest] = row[kDayForm] = row[kOwnSpeed] = 1.0;
  row[kOwnSlope] = (1.0 - low) / low;
  const double sd = std::sqrt(row.dot(k.covariance * row));
  return {usual.fails_ms.value + (1.0 - low) / usual.share_per_ms.value,
          std::hypot(sd, options_.speed_noise) * low / usual.share_per_ms.value};
}

}  // namespace mottix
