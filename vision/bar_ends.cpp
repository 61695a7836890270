#include "vision/bar_ends.h"

#include <algorithm>
#include <cmath>
#include <map>

#include <opencv2/imgproc.hpp>
#include <opencv2/video/tracking.hpp>

#include "vision/peak.h"
#include "vision/read_ahead.h"
#include "vision/shrink.h"

namespace mottix {
namespace {

// Pairs of pictures: one every half second, at most 90 of a film; a bar goes 2-20 cm meanwhile.
constexpr double kPairEvery_s = 0.5, kPairApart_s = 0.13;
constexpr std::size_t kFewestLooks = 28, kMostPairs = 90;
constexpr int kLookWidth_px = 480;  // or up to twice as much
// The lifter has more to see than plates; each band of the picture has its share of features.
constexpr int kBands = 8, kFeaturesOfBand = 40;
constexpr double kThereAndBack_px = 0.7;
constexpr double kLeastDown = 1.2 / 480.0;  // of the width
// Less is left: it sets nothing going, and noise is as much.
constexpr double kHeldStill = 0.25 * kLeastDown;
constexpr double kSidewaysOfDown = 0.4;

// Bar geometry: collars 1.31 m apart, up to 0.30 m of full-size plates outside them on each side; what is
// seen of a plate is its whole height (0.45 m).
constexpr double kPlate_m = 0.45, kLeastApart_m = 1.33, kMostApart_m = 1.75;
constexpr double kAlike = 0.3, kUneven = 0.6;  // speeds of the two ends, one against the other
constexpr double kColumn = 1.0 / 64.0;         // of the picture's width
// A disc is there 0.76 of its width tall, two of one bar beside each other 0.5; legs and arms there are less.
constexpr double kInward = 0.175, kRoundOfWidth = 0.4;
constexpr std::size_t kFewestPairs = 3, kClearViews = 2, kPlaces = 4;

// A plate edge on, in pixels: its middle, half its height and half its width.
struct Edgewise {
  Vec2 at_px = Vec2::Zero();
  double half_height_px = 0.0, half_width_px = 0.0;
};

// Plates stand 1.45 m apart, middle to middle, give or take their number.
constexpr double kHalfHeightOfApart = 0.5 * kPlate_m / 1.45, kHalfHeightPlay = 0.14;
constexpr double kTopOfWidth = 0.3;  // over so much of its width a plate's top is level
constexpr double kEdgeGrey = 4.0;    // grey levels a pixel: above a phone's noise when smoothed

double quantile(std::vector<double> v, double part) {
  const auto at = static_cast<std::size_t>(part * static_cast<double>(v.size() - 1));
  std::nth_element(v.begin(), v.begin() + static_cast<long>(at), v.end());
  return v[at];
}

// How much of an edgewise plate's outline is an edge in the picture, 0..1: half of it the sides, a quarter
// each the top and the bottom. `across` and `down` are the steps of the smoothed picture.
double supportOf(const cv::Mat& across, const cv::Mat& down, const Edgewise& plate) {
  auto step = [](const cv::Mat& m, double x, double y) {
    const int xi = static_cast<int>(std::floor(x)), yi = static_cast<int>(std::floor(y));
    if (xi < 0 || yi < 0 || xi >= m.cols || yi >= m.rows) return 0.0;
    return std::min(1.0, std::abs(static_cast<double>(m.at<float>(yi, xi))) / kEdgeGrey);
  };
  constexpr int kEnd = 5, kSide = 6;
  double ends = 0.0, sides = 0.0;
  for (int i = 0; i < kEnd; ++i) {
    const double x = plate.at_px.x() + plate.half_width_px * 0.5 * (2.0 * i / (kEnd - 1) - 1.0);
    // The weaker end counts double: something else is rarely found at both.
    ends += std::min(step(down, x, plate.at_px.y() - plate.half_height_px),
                     step(down, x, plate.at_px.y() + plate.half_height_px));
  }
  for (const double side : {-1.0, 1.0})
    for (const double end : {-1.0, 1.0})
      for (int i = 0; i < kSide; ++i) {
        // Sleeve, collar and small plates hide the middle.
        const double part = 0.25 + 0.5 * i / (kSide - 1);
        const double bulge = 0.5 + 0.5 * std::sqrt(1.0 - part * part);
        sides += step(across, plate.at_px.x() + side * bulge * plate.half_width_px,
                      plate.at_px.y() + end * part * plate.half_height_px);
      }
  return 0.5 * ends / kEnd + 0.5 * sides / (4 * kSide);
}

// Shape and column of the plate near `rough` (one place in each picture): those that are seen best in all,
// one for each half height `sizes` (px).
struct Refined {
  Edgewise shape;            // the middle's height is that of the first picture
  std::vector<double> y_px;  // one a picture
  double support = 0.0;      // of a picture, on average
};
std::vector<Refined> refine(const std::vector<cv::Mat>& pictures, const std::vector<Vec2>& rough,
                            double apart_px, const std::vector<double>& sizes) {
  const double x_play = 0.10 * apart_px, y_play = 0.18 * apart_px, half = sizes.back();
  std::vector<cv::Mat> across, down;
  std::vector<cv::Point> corner;
  for (std::size_t i = 0; i < pictures.size(); ++i) {
    const double reach_x = x_play + 0.2 * apart_px, reach_y = y_play + 1.4 * half;
    const cv::Rect part =
        cv::Rect(
            cv::Point(static_cast<int>(rough[i].x() - reach_x), static_cast<int>(rough[i].y() - reach_y)),
            cv::Point(static_cast<int>(rough[i].x() + reach_x), static_cast<int>(rough[i].y() + reach_y))) &
        cv::Rect(0, 0, pictures[i].cols, pictures[i].rows);
    cv::Mat smooth, gx, gy;
    cv::GaussianBlur(pictures[i](part), smooth, {}, 1.2);
    cv::Scharr(smooth, gx, CV_32F, 1, 0, 1.0 / 32.0);
    cv::Scharr(smooth, gy, CV_32F, 0, 1, 1.0 / 32.0);
    // An outline is never met to the pixel.
    const cv::Mat near = cv::Mat::ones(3, 3, CV_8U);
    gx = cv::abs(gx);
    gy = cv::abs(gy);
    cv::dilate(gx, gx, near);
    cv::dilate(gy, gy, near);
    across.push_back(gx);
    down.push_back(gy);
    corner.push_back(part.tl());
  }
  double x0 = 0.0;
  for (const Vec2& r : rough) x0 += r.x() / static_cast<double>(rough.size());
  std::vector<Refined> out;
  for (const double size : sizes) {
    Refined best;
    for (double wide : {0.14, 0.19, 0.25, 0.32, 0.41, 0.52})
      for (double x = x0 - x_play; x <= x0 + x_play; x += 1.0) {
        Refined here;
        here.shape.half_height_px = size;
        here.shape.half_width_px = wide * size;
        for (std::size_t i = 0; i < pictures.size(); ++i) {
          double most = -1.0, at = rough[i].y();
          for (double y = rough[i].y() - y_play; y <= rough[i].y() + y_play; y += 1.0) {
            Edgewise plate = here.shape;
            plate.at_px = Vec2(x - corner[i].x, y - corner[i].y);
            const double s = supportOf(across[i], down[i], plate);
            if (s > most) {
              most = s;
              at = y;
            }
          }
          here.y_px.push_back(at);
          here.support += most / static_cast<double>(pictures.size());
        }
        if (here.support <= best.support) continue;
        here.shape.at_px = Vec2(x, here.y_px.front());
        best = std::move(here);
      }
    out.push_back(std::move(best));
  }
  return out;
}

// Both plates, alike in height but for the camera's turn; in small pictures, where a plate's outline is a few
// dozen pixels long, and back.
std::array<Refined, 2> refineBoth(const std::vector<cv::Mat>& pictures,
                                  const std::array<std::vector<Vec2>, 2>& rough) {
  constexpr double kApart_px = 220.0, kOddSize = 0.15, kUnlike = 0.5;
  double apart_px = 0.0;
  for (std::size_t i = 0; i < pictures.size(); ++i)
    apart_px += (rough[1][i] - rough[0][i]).x() / static_cast<double>(pictures.size());
  const double part = std::min(1.0, kApart_px / apart_px);
  std::vector<cv::Mat> small(pictures.size());
  auto places = rough;
  for (std::size_t i = 0; i < pictures.size(); ++i) {
    cv::resize(pictures[i], small[i], {}, part, part, cv::INTER_AREA);
    for (auto& end : places) end[i] *= part;
  }
  std::vector<double> sizes;
  for (double play = -kHalfHeightPlay; play <= kHalfHeightPlay + 1e-9; play += 0.02)
    sizes.push_back((1.0 + play) * kHalfHeightOfApart * part * apart_px);
  const std::vector<Refined> left = refine(small, places[0], part * apart_px, sizes),
                             right = refine(small, places[1], part * apart_px, sizes);
  std::array<Refined, 2> best;
  double most = -1.0;
  for (const Refined& l : left)
    for (const Refined& r : right) {
      // The distance seen says what size to expect.
      const double apart = r.shape.at_px.x() - l.shape.at_px.x(),
                   mean = 0.5 * (l.shape.half_height_px + r.shape.half_height_px);
      const double odd = (mean / apart / kHalfHeightOfApart - 1.0) / kHalfHeightPlay,
                   unlike = (l.shape.half_height_px - r.shape.half_height_px) / mean / 0.1;
      const double value = l.support + r.support - kOddSize * odd * odd - kUnlike * unlike * unlike;
      if (value <= most) continue;
      most = value;
      best = {l, r};
    }
  for (Refined& r : best) {
    r.shape.at_px /= part;
    r.shape.half_height_px /= part;
    r.shape.half_width_px /= part;
    for (double& y : r.y_px) y /= part;
  }
  return best;
}

// Strength of the steps along a line of mean grey values, smoothed over a pixel.
std::vector<double> stepsOf(const cv::Mat& line) {
  cv::Mat smooth;
  const bool column = line.cols == 1;
  cv::GaussianBlur(line, smooth, column ? cv::Size(1, 7) : cv::Size(7, 1), 1.2);
  const int n = static_cast<int>(line.total());
  std::vector<double> out(static_cast<std::size_t>(n), 0.0);
  for (int i = 1; i + 1 < n; ++i)
    out[static_cast<std::size_t>(i)] = 0.5 * std::abs(static_cast<double>(smooth.at<float>(i + 1)) -
                                                      static_cast<double>(smooth.at<float>(i - 1)));
  return out;
}
// Rows of the picture, each averaged over the columns that the plate's top covers.
std::vector<double> rowSteps(const cv::Mat& gray, double x, double half_width) {
  const int b = std::max(1, static_cast<int>(kTopOfWidth * half_width));
  const int from = std::clamp(static_cast<int>(x) - b, 0, gray.cols - 1),
            to = std::clamp(static_cast<int>(x) + b + 1, from + 1, gray.cols);
  cv::Mat line;
  cv::reduce(gray.colRange(from, to), line, 1, cv::REDUCE_AVG, CV_32F);
  return stepsOf(line);
}
// Columns round `x`, each averaged over rows on the plate above and below its middle.
std::vector<double> columnSteps(const cv::Mat& gray, const Vec2& at, double half_height, int reach,
                                int& from) {
  from = std::clamp(static_cast<int>(at.x()) - reach, 0, gray.cols - 1);
  const int to = std::clamp(static_cast<int>(at.x()) + reach + 1, from + 1, gray.cols);
  cv::Mat sum = cv::Mat::zeros(1, to - from, CV_32F), line;
  for (const double end : {-1.0, 1.0}) {
    const double a = at.y() + end * 0.25 * half_height, b = at.y() + end * 0.8 * half_height;
    const int top = std::clamp(static_cast<int>(std::min(a, b)), 0, gray.rows - 1),
              bottom = std::clamp(static_cast<int>(std::max(a, b)) + 1, top + 1, gray.rows);
    cv::reduce(gray(cv::Range(top, bottom), cv::Range(from, to)), line, 0, cv::REDUCE_AVG, CV_32F);
    // Each half for itself: the background above may be light and below dark.
    const std::vector<double> steps = stepsOf(line);
    for (int i = 0; i < sum.cols; ++i)
      sum.at<float>(i) += static_cast<float>(0.5 * steps[static_cast<std::size_t>(i)]);
  }
  return {sum.begin<float>(), sum.end<float>()};
}

double sampleAt(const std::vector<double>& v, double at) {
  const double low = std::floor(at);
  const auto i = static_cast<long>(low);
  if (i < 0 || i + 1 >= std::ssize(v)) return 0.0;
  const auto k = static_cast<std::size_t>(i);
  return v[k] + (at - low) * (v[k + 1] - v[k]);
}
// A pattern of steps round a middle, and where it is found again in a longer line.
class Pattern {
 public:
  Pattern(int half) : sum_(static_cast<std::size_t>(2 * half + 1), 0.0), half_(half) {}
  void add(const std::vector<double>& line, double middle) {
    for (int i = -half_; i <= half_; ++i)
      sum_[static_cast<std::size_t>(i + half_)] += sampleAt(line, middle + i);
    ++count_;
  }
  int half() const { return half_; }
  int count() const { return count_; }
  double at(int i) const { return sum_[static_cast<std::size_t>(i + half_)] / std::max(1, count_); }
  struct Match {
    double at = 0.0, likeness = -1.0;  // correlation, -1..1
  };
  Match find(const std::vector<double>& line, double from, double to) const {
    Match best;
    const int first = std::max(half_, static_cast<int>(from)),
              last = std::min(static_cast<int>(line.size()) - 1 - half_, static_cast<int>(to));
    std::vector<double> likeness;
    for (int y = first; y <= last; ++y) likeness.push_back(likenessAt(line, y));
    if (likeness.empty()) return best;
    const auto top = std::max_element(likeness.begin(), likeness.end());
    best.likeness = *top;
    best.at = first + static_cast<double>(top - likeness.begin());
    if (top != likeness.begin() && top + 1 != likeness.end())
      best.at += peakBeside(*(top - 1), *top, *(top + 1));
    return best;
  }

 private:
  std::vector<double> sum_;
  int half_, count_ = 0;

  double likenessAt(const std::vector<double>& line, int middle) const {
    double sa = 0, sb = 0, saa = 0, sbb = 0, sab = 0;
    const double n = 2.0 * half_ + 1.0;
    for (int i = -half_; i <= half_; ++i) {
      // Square roots, so that one strong step does not speak alone.
      const double a = std::sqrt(sum_[static_cast<std::size_t>(i + half_)] / std::max(1, count_)),
                   b = std::sqrt(line[static_cast<std::size_t>(middle + i)]);
      sa += a;
      sb += b;
      saa += a * a;
      sbb += b * b;
      sab += a * b;
    }
    const double va = saa - sa * sa / n, vb = sbb - sb * sb / n;
    return va > 1e-9 && vb > 1e-9 ? (sab - sa * sb / n) / std::sqrt(va * vb) : 0.0;
  }
};

constexpr double kPatternOfHeight = 1.15;
constexpr double kLike = 0.6, kSurelyLike = 0.72;  // correlation of step patterns; chance ones stay below 0.5
constexpr double kSdPx = 0.35, kStepOfHeight = 0.45;
constexpr double kTiltOfHeight = 0.7;     // of half a plate: one end 16 cm above the other
constexpr double kSlippedOfHeight = 0.4;  // of half a plate; edges one takes for others lie a whole one apart
constexpr double kBridge_s = 0.7;
constexpr int kWellKnown = 20;  // pictures

// One plate through the film.
class EndFollower {
 public:
  EndFollower(const std::vector<cv::Mat>& pictures, const Refined& refined)
      : shape_(refined.shape),
        rows_(static_cast<int>(kPatternOfHeight * refined.shape.half_height_px)),
        columns_(static_cast<int>(refined.shape.half_width_px + 4.0)) {
    for (std::size_t i = 0; i < pictures.size(); ++i) {
      rows_.add(rowSteps(pictures[i], shape_.at_px.x(), shape_.half_width_px), refined.y_px[i]);
      int from = 0;
      const Vec2 at(shape_.at_px.x(), refined.y_px[i]);
      const auto line = columnSteps(pictures[i], at, shape_.half_height_px, 2 * columns_.half() + 8, from);
      columns_.add(line, at.x() - from);
    }
    top_ = *std::min_element(refined.y_px.begin(), refined.y_px.end());
    bottom_ = *std::max_element(refined.y_px.begin(), refined.y_px.end());
  }

  // `about`: where the other end says this one should be.
  BarSample see(const cv::Mat& gray, std::optional<double> about_px) {
    likeness_ = 0.0;
    BarSample s;
    s.radius_px = shape_.half_height_px;
    const double x = at_ ? at_->x() : shape_.at_px.x();
    const auto rows = rowSteps(gray, x, shape_.half_width_px);
    const double reach = kStepOfHeight * shape_.half_height_px;
    // From where it goes; after it was lost, from anywhere it has been.
    const double tilted = kTiltOfHeight * shape_.half_height_px;
    const double about = at_ ? at_->y() + speed_ : about_px.value_or(0.0);
    const auto find = [&](const Pattern& pattern) {
      return at_        ? pattern.find(rows, about - reach, about + reach)
             : about_px ? pattern.find(rows, about - tilted, about + tilted)
                        : pattern.find(rows, top_ - 2.0 * shape_.half_height_px,
                                       bottom_ + 2.0 * shape_.half_height_px);
    };
    Pattern::Match row = find(rows_);
    // What it looks like in front of all that it has passed says more, once that is known.
    if (row.likeness < kSurelyLike && mean_.count() >= kWellKnown)
      if (const Pattern::Match usual = find(mean_); usual.likeness > row.likeness) row = usual;
    if (row.likeness < (at_ || about_px ? kLike : kSurelyLike)) {
      if (++missed_ > 2) at_.reset();
      return s;
    }
    missed_ = 0;
    likeness_ = row.likeness;
    int from = 0;
    const int play = std::max(6, static_cast<int>(0.15 * shape_.half_height_px));
    const auto columns =
        columnSteps(gray, Vec2(x, row.at), shape_.half_height_px, columns_.half() + play, from);
    const Pattern::Match column = columns_.find(columns, 0.0, static_cast<double>(columns.size()));
    const Vec2 now(column.likeness > kLike ? from + column.at : x, row.at);
    speed_ = at_ ? now.y() - at_->y() : 0.0;
    at_ = now;
    top_ = std::min(top_, now.y());
    bottom_ = std::max(bottom_, now.y());
    // Pixel centres lie at .5.
    s.p_px = now + Vec2(0.5, 0.5);
    s.sd_px = kSdPx;
    s.state = TrackState::kSeen;
    mean_.add(rows, row.at);
    return s;
  }

  std::optional<double> y_px() const { return at_ ? std::optional(at_->y()) : std::nullopt; }
  double likeness() const { return likeness_; }
  double tiltReach_px() const { return kTiltOfHeight * shape_.half_height_px; }
  // What was seen last was something else.
  void forget() { at_.reset(); }
  // Where it surely was in a picture: if something else has been followed until now (its upper edge taken for
  // its lower one, say), false, and it goes on from there with nothing learnt from that.
  bool surelyAt(double y_px) {
    if (!at_ || std::abs(at_->y() - y_px) < kSlippedOfHeight * shape_.half_height_px) return true;
    goOnFrom(Vec2(shape_.at_px.x(), y_px));
    mean_ = Pattern(mean_.half());
    return false;
  }
  // Goes on from where it was seen once.
  void goOnFrom(const Vec2& at_px) {
    at_ = at_px;
    speed_ = 0.0;
    missed_ = 0;
  }

  // The plate's upper and lower end against the pattern's middle, where they were on average: what is behind
  // them changed, they did not.
  std::array<double, 2> ends_px() const {
    const int guess = static_cast<int>(std::lround(shape_.half_height_px)), play = std::max(3, guess / 8);
    auto peak = [&](int sign) {
      int best = guess;
      for (int i = guess - play; i <= std::min(guess + play, mean_.half() - 1); ++i)
        if (mean_.at(sign * i) > mean_.at(sign * best)) best = i;
      return sign * (best + peakBeside(mean_.at(sign * (best - 1)), mean_.at(sign * best),
                                       mean_.at(sign * (best + 1))));
    };
    return {peak(-1), peak(1)};
  }

 private:
  Edgewise shape_;
  Pattern rows_, columns_;
  Pattern mean_{static_cast<int>(1.3 * shape_.half_height_px)};
  std::optional<Vec2> at_;
  double speed_ = 0.0, top_ = 0.0, bottom_ = 0.0, likeness_ = 0.0;
  int missed_ = 0;
};

// Both ends in one picture; the bar does not tilt beyond reason, so each helps to find the other.
void seeBoth(std::vector<EndFollower>& ends, double down_px, const cv::Mat& gray,
             const std::array<BarSample*, 2>& out) {
  const std::size_t first = !ends[0].y_px() && ends[1].y_px() ? 1 : 0;
  for (const std::size_t e : {first, 1 - first}) {
    const double lower = e == 1 ? down_px : -down_px;
    const auto other = ends[1 - e].y_px();
    *out[e] = ends[e].see(gray, other ? std::optional(*other + lower) : std::nullopt);
  }
  const auto l = ends[0].y_px(), r = ends[1].y_px();
  if (!l || !r || std::abs(*r - *l - down_px) < ends[0].tiltReach_px()) return;
  const std::size_t wrong = ends[0].likeness() < ends[1].likeness() ? 0 : 1;
  ends[wrong].forget();
  out[wrong]->state = TrackState::kLost;
}

// The bar does not bend: where the two ends part for a moment, the one that jumps was mistaken.
void dropJumps(std::array<std::vector<BarSample>, 2>& ends) {
  constexpr std::size_t kAround = 6;
  constexpr double kPartOfHeight = 0.2;
  const std::size_t n = ends[0].size();
  auto seen = [&](std::size_t i) {
    return ends[0][i].state == TrackState::kSeen && ends[1][i].state == TrackState::kSeen;
  };
  auto medianAround = [&](std::size_t i, const auto& value) {
    std::vector<double> v;
    for (std::size_t k = i > kAround ? i - kAround : 0; k < std::min(n, i + kAround + 1); ++k)
      if (seen(k)) v.push_back(value(k));
    return quantile(v, 0.5);
  };
  std::vector<std::pair<std::size_t, std::size_t>> wrong;
  for (std::size_t i = 0; i < n; ++i) {
    if (!seen(i)) continue;
    auto apart = [&](std::size_t k) { return ends[0][k].p_px.y() - ends[1][k].p_px.y(); };
    if (std::abs(apart(i) - medianAround(i, apart)) < kPartOfHeight * ends[0][i].radius_px) continue;
    auto jump = [&](std::size_t e) {
      return std::abs(ends[e][i].p_px.y() -
                      medianAround(i, [&](std::size_t k) { return ends[e][k].p_px.y(); }));
    };
    wrong.emplace_back(jump(0) > jump(1) ? 0 : 1, i);
  }
  for (const auto& [e, i] : wrong) ends[e][i].state = TrackState::kLost;
}

void bridge(std::vector<BarSample>& track, const std::vector<double>& time_s) {
  std::optional<std::size_t> last;
  for (std::size_t i = 0; i < track.size(); ++i) {
    if (track[i].state != TrackState::kSeen) continue;
    if (last && i > *last + 1 && time_s[i] - time_s[*last] <= kBridge_s)
      for (std::size_t k = *last + 1; k < i; ++k) {
        const double part = (time_s[k] - time_s[*last]) / (time_s[i] - time_s[*last]);
        track[k].p_px = (1.0 - part) * track[*last].p_px + part * track[i].p_px;
        // A bar that starts or stops meanwhile (2 m/s²) strays by this much.
        constexpr double kStray_ms2 = 2.0;
        const double px_per_m = track[k].radius_px / (0.5 * kPlate_m);
        const double a = time_s[k] - time_s[*last], b = time_s[i] - time_s[k];
        track[k].sd_px = std::hypot(kSdPx, 0.5 * kStray_ms2 * a * b * px_per_m);
        track[k].state = TrackState::kBridged;
      }
    last = i;
  }
}

// By how much the picture as a whole has moved (a camera held in a hand): the median of what the clearest
// corner of each part of it does, most parts being room; none unless most agree.
cv::Point2f roomShift(const cv::Mat& before, const cv::Mat& now) {
  constexpr int kAcross = 12, kDown = 8;
  constexpr double kAgree_px = 1.0;
  std::vector<cv::Point2f> start, end;
  for (int y = 0; y < kDown; ++y)
    for (int x = 0; x < kAcross; ++x) {
      const cv::Rect part(cv::Point(x * now.cols / kAcross, y * now.rows / kDown),
                          cv::Point((x + 1) * now.cols / kAcross, (y + 1) * now.rows / kDown));
      std::vector<cv::Point2f> corner;
      cv::goodFeaturesToTrack(before(part), corner, 1, 0.01, 1.0);
      for (const cv::Point2f& c : corner) start.push_back(c + cv::Point2f(part.tl()));
    }
  if (start.empty()) return {};
  std::vector<cv::Point2f> back;
  std::vector<uchar> ok, ok_back;
  std::vector<float> err;
  cv::calcOpticalFlowPyrLK(before, now, start, end, ok, err, {11, 11}, 3);
  cv::calcOpticalFlowPyrLK(now, before, end, back, ok_back, err, {11, 11}, 3);
  std::vector<double> x, y;
  for (std::size_t i = 0; i < start.size(); ++i) {
    if (ok[i] == 0 || ok_back[i] == 0 || cv::norm(back[i] - start[i]) > kThereAndBack_px) continue;
    x.push_back(end[i].x - start[i].x);
    y.push_back(end[i].y - start[i].y);
  }
  if (x.size() < static_cast<std::size_t>(kAcross)) return {};
  const cv::Point2d shift(quantile(x, 0.5), quantile(y, 0.5));
  std::size_t agree = 0;
  for (std::size_t i = 0; i < x.size(); ++i) agree += cv::norm(cv::Point2d(x[i], y[i]) - shift) < kAgree_px;
  return 2 * agree > x.size() ? cv::Point2f(shift) : cv::Point2f();
}

}  // namespace

EndsWatch::EndsWatch(const std::vector<double>& time_s) {
  if (time_s.size() < 10) return;
  const double step_s = time_s.back() / static_cast<double>(time_s.size() - 1);
  if (!(step_s > 0.0)) return;
  apart_ = std::max<std::size_t>(1, static_cast<std::size_t>(std::lround(kPairApart_s / step_s)));
  const std::size_t pairs = std::clamp<std::size_t>(static_cast<std::size_t>(time_s.back() / kPairEvery_s),
                                                    kFewestLooks, kMostPairs);
  for (std::size_t i = 0; i < pairs; ++i) {
    const std::size_t at = (2 * i + 1) * time_s.size() / (2 * pairs);
    if (at + apart_ < time_s.size() && (first_.empty() || at > first_.back() + apart_)) first_.push_back(at);
  }
}

void EndsWatch::look(const cv::Mat& gray, std::size_t frame) {
  if (next_ >= first_.size() || frame < first_[next_]) return;
  auto shrink = [&] {
    int by = 1;
    while (gray.cols / by >= 2 * kLookWidth_px) by *= 2;
    return shrunkBy(gray, by);
  };
  if (before_.empty()) {
    before_ = shrink();
    before_frame_ = frame;
    width_px_ = gray.cols;
    return;
  }
  if (frame < before_frame_ + apart_) return;
  const cv::Mat now = shrink();
  Pair pair;
  pair.frame = frame;
  // Against the room, so that a hand's tremble does not set all of it going.
  if (const cv::Point2f shift = roomShift(before_, now); cv::norm(shift) > kHeldStill * now.cols) {
    const cv::Matx23d moved(1, 0, shift.x, 0, 1, shift.y);
    cv::Mat laid;
    cv::warpAffine(before_, laid, moved, before_.size(), cv::INTER_LINEAR, cv::BORDER_REPLICATE);
    before_ = laid;
  }
  // Only what changes is looked at.
  cv::Mat changed;
  cv::absdiff(before_, now, changed);
  cv::threshold(changed, changed, 10.0, 255, cv::THRESH_BINARY);
  cv::dilate(changed, changed, cv::getStructuringElement(cv::MORPH_ELLIPSE, {5, 5}));
  std::vector<cv::Point2f> start, end, back;
  for (int band = 0; band < kBands; ++band) {
    const cv::Rect whole(band * now.cols / kBands, 0, now.cols / kBands, now.rows);
    const cv::Rect inside = cv::boundingRect(changed(whole));
    if (inside.empty()) continue;
    constexpr int kRound = 3;  // what a corner's strength is computed from
    const cv::Rect part = cv::Rect(whole.x + inside.x - kRound, inside.y - kRound, inside.width + 2 * kRound,
                                   inside.height + 2 * kRound) &
                          whole;
    std::vector<cv::Point2f> corners;
    cv::goodFeaturesToTrack(before_(part), corners, kFeaturesOfBand, 0.002, 2.0, changed(part), 5);
    for (const cv::Point2f& c : corners) start.push_back(c + cv::Point2f(part.tl()));
  }
  if (start.size() >= 8) {
    std::vector<uchar> ok;
    std::vector<float> err;
    const cv::TermCriteria stop(cv::TermCriteria::COUNT + cv::TermCriteria::EPS, 20, 0.02);
    cv::calcOpticalFlowPyrLK(before_, now, start, end, ok, err, {11, 11}, 3, stop);
    std::vector<cv::Point2f> from, to;
    for (std::size_t i = 0; i < start.size(); ++i) {
      const cv::Point2f d = end[i] - start[i];
      if (ok[i] == 0 || std::abs(d.y) < kLeastDown * now.cols ||
          std::abs(d.x) > kSidewaysOfDown * std::abs(d.y))
        continue;
      from.push_back(start[i]);
      to.push_back(end[i]);
    }
    if (!to.empty()) cv::calcOpticalFlowPyrLK(now, before_, to, back, ok, err, {11, 11}, 3, stop);
    for (std::size_t i = 0; i < to.size(); ++i) {
      if (ok[i] == 0 || cv::norm(back[i] - from[i]) > kThereAndBack_px) continue;
      pair.features.push_back(
          {Vec2(to[i].x, to[i].y) / now.cols, static_cast<double>(to[i].y - from[i].y) / now.cols});
    }
  }
  if (!pair.features.empty()) pairs_.push_back(std::move(pair));
  before_.release();
  while (next_ < first_.size() && first_[next_] <= frame) ++next_;
}

std::optional<EndsFound> EndsWatch::find() const {
  struct Column {
    double down, top, bottom, x;
  };
  const int columns = static_cast<int>(std::lround(1.0 / kColumn));
  // Of each pair what goes up or down in each column (with its neighbours), and how high that reaches.
  std::vector<std::vector<std::optional<Column>>> table;
  for (const Pair& pair : pairs_) {
    std::vector<std::optional<Column>> row(static_cast<std::size_t>(columns));
    for (int c = 0; c < columns; ++c) {
      std::vector<double> down, y, x;
      for (const Feature& f : pair.features)
        if (std::abs(f.at.x() - (c + 0.5) * kColumn) < kColumn) {
          down.push_back(f.down);
          y.push_back(f.at.y());
          x.push_back(f.at.x());
        }
      if (down.size() < 3) continue;
      row[static_cast<std::size_t>(c)] =
          Column{quantile(down, 0.5), quantile(y, 0.05), quantile(y, 0.95), quantile(x, 0.5)};
    }
    table.push_back(std::move(row));
  }
  struct Candidate {
    double score, apart;
    EndsFound found;
  };
  std::vector<Candidate> candidates;
  const double most_tall = kPlate_m / kLeastApart_m, least_tall = kPlate_m / kMostApart_m;
  for (int l = 0; l < columns; ++l)
    for (int r = l + 8; r < columns; ++r) {
      struct Seen {
        std::size_t pair;
        double height;
        Vec2 left, right;
      };
      std::vector<Seen> agree;
      double against = 0.0;
      for (std::size_t p = 0; p < table.size(); ++p) {
        const auto &a = table[p][static_cast<std::size_t>(l)], &b = table[p][static_cast<std::size_t>(r)];
        if (!a && !b) continue;
        const double apart = a && b ? b->x - a->x : 0.0;
        const double tall = a && b ? std::max(a->bottom - a->top, b->bottom - b->top) : 0.0,
                     low = a && b ? std::min(a->bottom - a->top, b->bottom - b->top) : 0.0;
        const double unlike =
            a && b ? std::abs(a->down - b->down) / std::max(std::abs(a->down), std::abs(b->down)) : 0.0;
        const bool alike = a && b && unlike < kAlike &&
                           std::abs(a->top + a->bottom - b->top - b->bottom) < 2.0 * 0.08 * apart &&
                           tall < 1.25 * most_tall * apart;
        if (!alike) {
          // A bar that goes up unevenly speaks neither way.
          if (!(a && b && unlike >= kAlike && unlike < kUneven)) against += a && b ? 1.0 : 0.5;
          continue;
        }
        agree.push_back({p, 0.5 * (tall + low), Vec2(a->x, 0.5 * (a->top + a->bottom)),
                         Vec2(b->x, 0.5 * (b->top + b->bottom))});
      }
      if (agree.size() < kFewestPairs || static_cast<double>(agree.size()) < against) continue;
      // A round plate's own left and right go alike as well; but a little further in it is as tall as it is
      // wide, where a bar across the picture is only its shaft.
      const auto inward = static_cast<std::size_t>(std::lround(kInward * (r - l)));
      std::size_t round = 0;
      for (const Seen& s : agree) {
        const auto &a = table[s.pair][static_cast<std::size_t>(l) + inward],
                   &b = table[s.pair][static_cast<std::size_t>(r) - inward];
        const double across = s.right.x() - s.left.x();
        if (a && b && std::min(a->bottom - a->top, b->bottom - b->top) > kRoundOfWidth * across) ++round;
      }
      if (2 * round >= agree.size()) continue;
      std::vector<double> heights;
      for (const Seen& s : agree) heights.push_back(s.height);
      // A plate is seen whole now and then only: what the second clearest view shows is believed.
      std::sort(heights.rbegin(), heights.rend());
      const double height = heights[kClearViews - 1], apart = (r - l) * kColumn;
      // The tall columns of this distance are the plates; what lies between them is not.
      if (height < 0.7 * least_tall * apart || height > 1.15 * most_tall * apart) continue;
      const double score = static_cast<double>(agree.size()) - 0.5 * against;
      if (score <= 0.0) continue;
      // The pictures in which most of the plates was seen tell best where they are.
      std::sort(agree.begin(), agree.end(), [](const Seen& a, const Seen& b) { return a.height > b.height; });
      EndsFound here;
      for (std::size_t k = 0; k < std::min(kPlaces, agree.size()) && agree[k].height > 0.6 * agree[0].height;
           ++k)
        here.places.push_back(
            {pairs_[agree[k].pair].frame, {width_px_ * agree[k].left, width_px_ * agree[k].right}});
      std::sort(here.places.begin(), here.places.end(),
                [](const auto& a, const auto& b) { return a.frame < b.frame; });
      candidates.push_back({score, apart, std::move(here)});
    }
  // Hands and elbows go with the bar too: of what is about as good, the widest is the plates.
  constexpr double kAboutAsGood = 0.6;
  double best = 0.0;
  for (const Candidate& c : candidates) best = std::max(best, c.score);
  const Candidate* widest = nullptr;
  for (const Candidate& c : candidates)
    if (c.score >= kAboutAsGood * best && (widest == nullptr || c.apart > widest->apart + 1e-9 ||
                                           (c.apart > widest->apart - 1e-9 && c.score > widest->score)))
      widest = &c;
  if (widest == nullptr) return std::nullopt;
  return widest->found;
}

Expected<std::array<std::vector<BarSample>, 2>> followEnds(const std::filesystem::path& path,
                                                           const EndsFound& found,
                                                           const std::function<bool(double)>& progress) {
  auto film = Film::open(path);
  if (!film) return tl::make_unexpected(film.error());
  std::vector<cv::Mat> pictures;
  std::vector<std::size_t> frame_of;  // the pictures'
  std::array<std::vector<Vec2>, 2> rough;
  std::array<std::map<std::size_t, double>, 2> sure_y_px;  // by frame
  FramePicture picture;
  for (const EndsFound::Place& place : found.places) {
    const auto got = film->readAt(place.frame, picture, Want::kGray);
    if (!got) return tl::make_unexpected(got.error());
    if (!*got) continue;
    pictures.push_back(picture.gray.clone());
    frame_of.push_back(place.frame);
    for (std::size_t e = 0; e < 2; ++e) rough[e].push_back(place.at_px[e]);
  }
  constexpr double kFewestSeen = 0.55;
  std::vector<EndFollower> followers;
  constexpr double kSmallest_px = 6.0;  // half a plate's height; less has no two ends to tell apart
  double down_px = 0.0;  // how much lower the right end lies in the picture when the bar is level
  if (!pictures.empty()) {
    const std::array<Refined, 2> both = refineBoth(pictures, rough);
    for (const Refined& refined : both)
      if (refined.support >= kFewestSeen && refined.shape.half_height_px >= kSmallest_px)
        followers.emplace_back(pictures, refined);
    for (std::size_t i = 0; i < pictures.size(); ++i)
      for (std::size_t e = 0; e < 2; ++e) sure_y_px[e][frame_of[i]] = both[e].y_px[i];
    for (std::size_t i = 0; followers.size() == 2 && i < pictures.size(); ++i)
      down_px += (both[1].y_px[i] - both[0].y_px[i]) / static_cast<double>(pictures.size());
  }
  if (followers.size() < 2)
    return fail(Remedy::kMarkByHand,
                "“" + path.filename().string() +
                    "”: the bar's two ends move, but the plates' outlines are not seen well "
                    "enough to follow. Film with more light or contrast.");
  pictures.clear();
  std::array<std::vector<BarSample>, 2> out;
  for (auto& track : out) track.resize(film->frameCount());
  auto reader = Film::open(path);
  if (!reader) return tl::make_unexpected(reader.error());
  std::optional<ReadAhead> ahead(std::in_place, *reader, Want::kGray);
  auto got = ahead->next(picture);
  std::array<std::size_t, 2> checked = {0, 0};  // frames before it are right, or lost
  while (got && *got) {
    for (std::size_t e = 0; e < 2; ++e) {
      const auto sure = sure_y_px[e].find(picture.index);
      if (sure == sure_y_px[e].end()) continue;
      const auto from = out[e].begin() + static_cast<std::ptrdiff_t>(checked[e]),
                 to = out[e].begin() + static_cast<std::ptrdiff_t>(picture.index);
      // What is only seen now and then is no plate, and is not helped to seem one.
      const auto times_seen =
          std::count_if(from, to, [](const BarSample& s) { return s.state == TrackState::kSeen; });
      if (2 * times_seen > to - from && !followers[e].surelyAt(sure->second))
        std::fill(from, to, BarSample{});
      checked[e] = picture.index;
    }
    seeBoth(followers, down_px, picture.gray, {&out[0][picture.index], &out[1][picture.index]});
    if (progress && picture.index % 16 == 0 &&
        !progress(static_cast<double>(picture.index) / static_cast<double>(film->frameCount())))
      return fail(Remedy::kCancelled, "Stopped.");
    got = ahead->next(picture);
  }
  ahead.reset();
  if (!got) return tl::make_unexpected(got.error());
  // Before it was first recognised, for instance on the floor in front of something like it, it is followed
  // back.
  auto seen = [&](std::size_t i) {
    return out[0][i].state == TrackState::kSeen && out[1][i].state == TrackState::kSeen;
  };
  std::size_t first = 0;
  while (first < out[0].size() && !seen(first)) ++first;
  if (first > 0 && first < out[0].size()) {
    for (std::size_t e = 0; e < 2; ++e)
      followers[e].goOnFrom(out[e][first].p_px - Vec2(0.5, 0.5));  // pixel centres lie at .5
    auto back = readBackward(*reader, first, Want::kGray, [&](const FramePicture& p) {
      if (p.index < first) seeBoth(followers, down_px, p.gray, {&out[0][p.index], &out[1][p.index]});
      return !progress || progress(1.0);
    });
    if (!back) return tl::make_unexpected(back.error());
  }
  // A bar has both its ends; what seldom shows two at a time is something else that moves.
  constexpr double kTogether = 0.25;  // of the film
  std::size_t together = 0;
  for (std::size_t i = 0; i < out[0].size(); ++i) together += seen(i) ? 1 : 0;
  if (static_cast<double>(together) < kTogether * static_cast<double>(out[0].size()))
    return fail(Remedy::kFilmAgain,
                "“" + path.filename().string() +
                    "”: no bar was followed that lies across the picture. Both plates must be "
                    "in it for most of the film; or say that it was filmed from the side.");
  for (std::size_t e = 0; e < 2; ++e) {
    const auto [upper, lower] = followers[e].ends_px();
    for (BarSample& s : out[e]) {
      s.radius_px = 0.5 * (lower - upper);
      s.p_px.y() += 0.5 * (upper + lower);
    }
  }
  dropJumps(out);
  for (auto& track : out) bridge(track, film->times_s());
  return out;
}

}  // namespace mottix
