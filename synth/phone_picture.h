// What a phone in somebody's hand makes of an ideal picture: the lens bends it, the hand shifts and turns it,
// lamps flicker while it is read row by row, and the sensor adds noise.
#pragma once

#include <cstdint>

#include <opencv2/core/mat.hpp>
#include <opencv2/core/matx.hpp>

#include "core/base/error.h"
#include "core/motion/tracks.h"

namespace mottix {

struct PhoneTraits {
  double noise_grey = 3.0;  // sensor noise, grey levels, one standard deviation
  double shake_px = 0.0;    // of a hand: one standard deviation of each coordinate, 3/4 of it slow
  // Radial distortion: a point at r focal lengths from the middle is seen at r·(1 + k1·r²). Negative bends
  // lines outward.
  double lens_k1 = 0.0;
  double flicker = 0.0;  // part by which lamps at 50 Hz mains make rows brighter and darker
  // Part of the time between two pictures by which each may come early or late; now and then one is missing.
  double uneven = 0.0;
  Expected<void> validate() const;
};

class PhonePicture {
 public:
  PhonePicture(const PhoneTraits& traits, std::uint32_t seed, int width_px, int height_px, double focal_px);
  // The ideal picture is wanted this much larger on each side, so that nothing is missing when it is bent.
  cv::Size margin() const { return margin_; }
  // Where a point of the ideal picture (without its margin) is seen; pixel centres lie at .5.
  Vec2 seenAt(const Vec2& ideal_px, double time_s) const;
  // The hand alone: from the picture of a camera on a stand to the one in the hand.
  cv::Matx23d handAt(double time_s) const;
  // `ideal`, CV_8UC3 with its margin, as the phone stores it.
  void take(const cv::Mat& ideal, double time_s, double interval_s, cv::Mat& out) const;
  void addNoise(cv::Mat& bgr, std::size_t frame) const;

 private:
  struct Wave {
    double rate_hz = 0.0, phase = 0.0, size = 0.0;
  };
  PhoneTraits traits_;
  std::uint64_t seed_;
  cv::Size size_, margin_;
  double focal_px_;
  cv::Vec2d middle_;
  std::array<std::array<Wave, 6>, 3> waves_{};
  cv::Mat noise_;
  cv::Mat still_map_;                // where no hand moves it
  double unbent(double seen) const;  // distances from the middle, focal lengths
  cv::Mat mapAt(double time_s) const;
};

// When `frames` pictures are taken, `interval_s` apart but for the phone's unevenness.
std::vector<double> pictureTimes(const PhoneTraits& traits, std::uint32_t seed, std::size_t frames,
                                 double interval_s);

}  // namespace mottix
