#include "vision/back_outline.h"

#include <algorithm>
#include <cmath>
#include <vector>

#include <opencv2/imgproc.hpp>

namespace mottix {
namespace {

// Where a lifter can be (m), against the bar on the floor: behind it, before it, under and over it; and the
// hips alone.
constexpr double kBehind_m = 1.0, kBefore_m = 0.6, kUnder_m = 0.0, kOver_m = 1.7;
constexpr double kHipsNearest_m = 0.12, kHipsHighest_m = 0.85;
constexpr double kDiffers = 8.0;  // grey levels of the most different colour, after blurring; own allowance
constexpr double kLeastBody_m2 = 0.02;  // less is no pair of hips
constexpr double kTip_m2 = 0.0004;      // the hindmost 2 x 2 cm
constexpr double kSpeck_m = 0.02;
constexpr double kRimOfRadius = 1.1;

cv::Rect between(const Vec2& a, const Vec2& b, const cv::Rect& whole) {
  return cv::Rect(
             cv::Point(static_cast<int>(std::min(a.x(), b.x())), static_cast<int>(std::min(a.y(), b.y()))),
             cv::Point(static_cast<int>(std::max(a.x(), b.x())), static_cast<int>(std::max(a.y(), b.y())))) &
         whole;
}

}  // namespace

Expected<BackOutline> BackOutline::learnRoom(Film& film, const std::vector<BarSample>& bar, std::size_t from,
                                             std::size_t to, const Vec2& floor_bar_px,
                                             const SideCamera& camera) {
  // Parts of the bar's way. Just over a folded back there is wall in the set-up and at lock-out alone, so
  // these count more than once.
  constexpr std::array kHeights = {0.0, 1.0, 0.5, 0.0, 1.0, 0.125, 0.25, 0.75, 0.875, 0.0, 0.375, 1.0, 0.625};
  constexpr std::size_t kPictures = kHeights.size();
  constexpr double kNear = 0.0625;
  double low = -1e9, high = 1e9;
  to = std::min(to, bar.size() - 1);
  for (std::size_t f = from; f <= to; ++f) {
    if (bar[f].state != TrackState::kSeen) continue;
    low = std::max(low, bar[f].p_px.y());
    high = std::min(high, bar[f].p_px.y());
  }
  BackOutline out;
  const double z = lateralPrior(Joint::kHip).value;
  out.px_per_m_ = 1000.0 / camera.mmPerPx(z);
  out.radius_px_ = camera.plate_radius_px;
  out.faces_left_ = camera.faces_left;
  const Vec2 floor = camera.barBody(floor_bar_px);
  auto at = [&](double x, double y) { return camera.toPicture(floor + Vec2(x, y), z); };
  cv::Rect& part = out.part_;
  std::vector<cv::Mat> pictures;
  for (std::size_t k = 0; k < kPictures && low > high; ++k) {
    const double height = low - kHeights[k] * (low - high);
    const double wanted = static_cast<double>(from) + static_cast<double>(k) /
                                                          static_cast<double>(kPictures) *
                                                          static_cast<double>(to - from);
    std::optional<std::size_t> best;
    auto away = [&](std::size_t f) { return std::abs(static_cast<double>(f) - wanted); };
    for (std::size_t f = from; f <= to; ++f)
      if (bar[f].state == TrackState::kSeen && std::abs(bar[f].p_px.y() - height) <= kNear * (low - high) &&
          (!best || away(f) < away(*best)))
        best = f;
    if (!best) continue;
    FramePicture picture;
    const auto got = film.readAt(*best, picture, Want::kColour);
    if (!got) return tl::make_unexpected(got.error());
    if (!*got) continue;
    if (part.empty()) {
      const cv::Rect whole(0, 0, picture.bgr.cols, picture.bgr.rows);
      part = between(at(-kBehind_m, kOver_m), at(kBefore_m, -kUnder_m), whole);
      if (part.width < 8 || part.height < 8) return out;
      out.hips_ =
          (between(at(-kBehind_m, kHipsHighest_m), at(-kHipsNearest_m, -kUnder_m), whole) & part) - part.tl();
    }
    pictures.push_back(picture.bgr(part).clone());
  }
  if (pictures.size() < kPictures / 2) return out;
  cv::Mat room = pictures.front().clone();
  const std::size_t values = room.total() * room.elemSize(), middle = pictures.size() / 2;
  std::vector<uchar> values_here(pictures.size());
  for (std::size_t i = 0; i < values; ++i) {
    for (std::size_t k = 0; k < pictures.size(); ++k) values_here[k] = pictures[k].data[i];
    std::nth_element(values_here.begin(), values_here.begin() + static_cast<long>(middle), values_here.end());
    room.data[i] = values_here[middle];
  }
  cv::GaussianBlur(room, out.room_, {5, 5}, 0.0);
  return out;
}

void BackOutline::look(const cv::Mat& bgr, const Vec2& bar_px) {
  lifter_.release();
  if (room_.empty() || (part_ & cv::Rect(0, 0, bgr.cols, bgr.rows)) != part_) return;
  cv::Mat now, apart;
  cv::GaussianBlur(bgr(part_), now, {5, 5}, 0.0);
  cv::absdiff(now, room_, apart);
  std::vector<cv::Mat> colours;
  cv::split(apart, colours);
  cv::max(colours[0], colours[1], lifter_);
  cv::max(lifter_, colours[2], lifter_);
  cv::threshold(lifter_, lifter_, kDiffers, 255, cv::THRESH_BINARY);
  cv::circle(lifter_, cv::Point(static_cast<int>(bar_px.x()), static_cast<int>(bar_px.y())) - part_.tl(),
             static_cast<int>(kRimOfRadius * radius_px_), cv::Scalar(0), cv::FILLED);
  const int speck = std::max(3, static_cast<int>(kSpeck_m * px_per_m_) | 1);
  const cv::Mat disc = cv::getStructuringElement(cv::MORPH_ELLIPSE, {speck, speck});
  cv::morphologyEx(lifter_, lifter_, cv::MORPH_OPEN, disc);
  cv::morphologyEx(lifter_, lifter_, cv::MORPH_CLOSE, disc);
}

std::optional<Vec2> BackOutline::findHindmost() const {
  if (lifter_.empty() || hips_.empty()) return std::nullopt;
  cv::Mat labels, stats, middles;
  const int count = cv::connectedComponentsWithStats(lifter_(hips_), labels, stats, middles);
  int body = 0, largest = 0;
  for (int i = 1; i < count; ++i)
    if (stats.at<int>(i, cv::CC_STAT_AREA) > largest) {
      body = i;
      largest = stats.at<int>(i, cv::CC_STAT_AREA);
    }
  const double px2_per_m2 = px_per_m_ * px_per_m_;
  if (body == 0 || largest < kLeastBody_m2 * px2_per_m2) return std::nullopt;
  // From the back on, until a finger's breadth of body is found.
  double area = 0.0, rows = 0.0, columns = 0.0;
  for (int i = 0; i < labels.cols; ++i) {
    const int x = faces_left_ ? labels.cols - 1 - i : i;
    for (int y = 0; y < labels.rows; ++y) {
      if (labels.at<int>(y, x) != body) continue;
      area += 1.0;
      rows += y;
      columns += x;
    }
    if (area < kTip_m2 * px2_per_m2) continue;
    const bool reaches_out = i < std::max(3, static_cast<int>(kSpeck_m * px_per_m_));
    if (reaches_out) return std::nullopt;
    return Vec2(columns / area + part_.x + hips_.x + 0.5, rows / area + part_.y + hips_.y + 0.5);
  }
  return std::nullopt;
}

}  // namespace mottix
