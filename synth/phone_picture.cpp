#include "synth/phone_picture.h"

#include <cmath>
#include <numbers>
#include <random>

#include <opencv2/core.hpp>
#include <opencv2/imgproc.hpp>

namespace mottix {
namespace {

constexpr int kNoisePlay_px = 256;

}  // namespace

Expected<void> PhoneTraits::validate() const {
  auto bad = [](const std::string& what) { return fail(Remedy::kCorrectInput, "Film plan: " + what); };
  if (!(noise_grey >= 0.0 && noise_grey <= 40.0))
    return bad("the noise must lie between 0 and 40 grey levels.");
  if (!(shake_px >= 0.0 && shake_px <= 60.0)) return bad("the shake must lie between 0 and 60 pixels.");
  if (!(lens_k1 >= -0.3 && lens_k1 <= 0.3)) return bad("the lens may bend by -0.3 to 0.3.");
  if (!(flicker >= 0.0 && flicker <= 0.5)) return bad("the flicker must lie between 0 and 0.5.");
  if (!(uneven >= 0.0 && uneven <= 0.9)) return bad("unevenness must lie between 0 and 0.9.");
  return {};
}

// Slow sway and a quick tremor, each of three sines of drawn rates and phases, so that shift and turn are
// smooth and bounded. The noise is one large field, of which every picture gets another cut-out.
PhonePicture::PhonePicture(const PhoneTraits& traits, std::uint32_t seed, int width_px, int height_px,
                           double focal_px)
    : traits_(traits),
      seed_(seed),
      size_(width_px, height_px),
      focal_px_(focal_px),
      middle_(0.5 * width_px, 0.5 * height_px) {
  std::mt19937 draw(seed * 40503U + 11U);
  auto between = [&](double low, double high) {
    return low + (high - low) * static_cast<double>(draw()) / 4294967295.0;
  };
  for (auto& coordinate : waves_)
    for (std::size_t k = 0; k < coordinate.size(); ++k)
      coordinate[k] = {k < 3 ? between(0.1, 0.8) : between(4.0, 9.0), between(0.0, 6.28),
                       (k < 3 ? 0.75 : 0.25) * std::sqrt(2.0 / 3.0)};
  if (traits_.lens_k1 < 0.0) {
    const double corner = cv::norm(middle_) / focal_px_, more = unbent(corner) / corner - 1.0;
    margin_ = cv::Size(static_cast<int>(std::ceil(more * middle_[0])) + 2,
                       static_cast<int>(std::ceil(more * middle_[1])) + 2);
  }
  if (traits_.shake_px <= 0.0 && traits_.lens_k1 != 0.0) still_map_ = mapAt(0.0);
  if (traits_.noise_grey > 0.0) {
    noise_.create(size_ + cv::Size(kNoisePlay_px, kNoisePlay_px), CV_16SC3);
    cv::RNG(seed * 7919ULL + 3).fill(noise_, cv::RNG::NORMAL, 0.0, traits_.noise_grey);
  }
}

cv::Matx23d PhonePicture::handAt(double time_s) const {
  std::array<double, 3> v{};
  for (std::size_t c = 0; c < 3; ++c)
    for (const Wave& w : waves_[c])
      v[c] += w.size * std::sin(2.0 * std::numbers::pi * w.rate_hz * time_s + w.phase);
  // A hand turns the picture by about as much at its edge as it shifts it.
  const double turn = traits_.shake_px * v[2] / std::max(middle_[0], middle_[1]);
  const double c = std::cos(turn), s = std::sin(turn);
  return {c, -s, middle_[0] - c * middle_[0] + s * middle_[1] + traits_.shake_px * v[0],
          s, c,  middle_[1] - s * middle_[0] - c * middle_[1] + traits_.shake_px * v[1]};
}

Vec2 PhonePicture::seenAt(const Vec2& ideal_px, double time_s) const {
  const cv::Vec2d d = (cv::Vec2d(ideal_px.x(), ideal_px.y()) - middle_) / focal_px_;
  const cv::Vec2d bent = middle_ + focal_px_ * (1.0 + traits_.lens_k1 * d.dot(d)) * d;
  const cv::Vec2d seen = handAt(time_s) * cv::Vec3d(bent[0], bent[1], 1.0);
  return {seen[0], seen[1]};
}

double PhonePicture::unbent(double seen) const {
  double r = seen;
  for (int i = 0; i < 4; ++i)
    r -= (r * (1.0 + traits_.lens_k1 * r * r) - seen) / (1.0 + 3.0 * traits_.lens_k1 * r * r);
  return r;
}

// For every pixel seen its place in the ideal picture.
cv::Mat PhonePicture::mapAt(double time_s) const {
  cv::Matx23d back;
  cv::invertAffineTransform(handAt(time_s), back);
  cv::Mat map(size_, CV_32FC2);
  for (int y = 0; y < size_.height; ++y) {
    auto* row = map.ptr<cv::Vec2f>(y);
    for (int x = 0; x < size_.width; ++x) {
      const cv::Vec2d still = back * cv::Vec3d(x + 0.5, y + 0.5, 1.0);
      cv::Vec2d d = (still - middle_) / focal_px_;
      if (traits_.lens_k1 != 0.0)
        if (const double r = cv::norm(d); r > 1e-9) d *= unbent(r) / r;
      row[x] = cv::Vec2d(middle_ + focal_px_ * d + cv::Vec2d(margin_.width - 0.5, margin_.height - 0.5));
    }
  }
  return map;
}

void PhonePicture::take(const cv::Mat& ideal, double time_s, double interval_s, cv::Mat& out) const {
  if (traits_.shake_px > 0.0 || traits_.lens_k1 != 0.0)
    cv::remap(ideal, out, still_map_.empty() ? mapAt(time_s) : still_map_, {}, cv::INTER_CUBIC,
              cv::BORDER_REPLICATE);
  else
    ideal.copyTo(out);
  if (traits_.flicker <= 0.0) return;
  constexpr double kLamp_hz = 100.0, kReadout = 0.7;  // of the time between two pictures
  for (int y = 0; y < out.rows; ++y) {
    const double when = time_s + kReadout * interval_s * y / out.rows;
    cv::Mat row = out.row(y);
    row.convertTo(row, -1, 1.0 + traits_.flicker * std::sin(2.0 * std::numbers::pi * kLamp_hz * when));
  }
}

void PhonePicture::addNoise(cv::Mat& bgr, std::size_t frame) const {
  if (noise_.empty()) return;
  cv::RNG draw(frame * 2654435761ULL + seed_ * 977ULL + 1);
  draw.next();
  const cv::Point corner(draw.uniform(0, kNoisePlay_px), draw.uniform(0, kNoisePlay_px));
  cv::add(bgr, noise_(cv::Rect(corner, size_)), bgr, {}, CV_8UC3);
}

std::vector<double> pictureTimes(const PhoneTraits& traits, std::uint32_t seed, std::size_t frames,
                                 double interval_s) {
  constexpr double kMissing = 0.05;  // of the pictures, at the greatest unevenness
  std::mt19937 draw(seed * 69069U + 5U);
  auto part = [&] { return static_cast<double>(draw()) / 4294967295.0; };
  std::vector<double> out;
  for (std::size_t i = 0; i < frames; ++i) {
    const double stray = traits.uneven * (part() - 0.5);
    const bool missing = part() < kMissing * traits.uneven && i > 0;
    if (!missing) out.push_back(interval_s * (static_cast<double>(i) + (i > 0 ? stray : 0.0)));
  }
  return out;
}

}  // namespace mottix
