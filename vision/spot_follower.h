// Follows a small round end that was pointed at, where there is no plate to follow: the end of an empty
// bar's sleeve (5 cm), the head of a dumbbell.
//
// In each picture it is looked for where it was going: there must be an outline of its size (disc_outline.h),
// and inside it the face must look as it did where it was pointed at, or as it was last seen. The outline
// gives its middle and its size; where it drowns in what is behind it, a face with a pattern tells the place
// alone. What is round about it is not looked at, since that stays behind. A stretch without it is bridged at
// constant speed with growing error, then it is called lost and looked for over all the way that a bar goes.
//
// Assumptions: the end is at least 6 px in radius, and is seen within some 20 degrees of end on.
#pragma once

#include <cstddef>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include <opencv2/core/mat.hpp>

#include "core/base/error.h"
#include "core/motion/tracks.h"
#include "vision/disc_outline.h"
#include "vision/plate_tracker.h"

namespace mottix {

class SpotFollower {
 public:
  // `radius_m` of the end; `usual_radius_px` as it appears from where people film.
  SpotFollower(const PlateSeed& seed, double radius_m, double usual_radius_px);

  // Frames in one direction of time from the seed's, then, after turnBack, in the other. One picture
  // as CV_8UC1 and CV_8UC3.
  void push(const cv::Mat& gray, const cv::Mat& bgr, std::size_t frame, double time_s);
  // The next pushes go backward from the returned frame; nothing when there is nothing before it.
  std::optional<std::size_t> turnBack();
  // One sample a frame. Error kMarkByHand when nothing round was pointed at, or it does not move.
  Expected<std::vector<BarSample>> finish(std::size_t frames) const;

 private:
  struct Place {
    Vec2 at_px = Vec2::Zero();
    double time_s = 0.0;
    Vec2 velocity_px_s = Vec2::Zero();
    double last_seen_s = 0.0;
    cv::Mat face;  // as last seen
  };
  struct Found {
    Vec2 at_px;
    double unlike = 0.0;  // root mean square, grey levels
    double value = -1.0;  // how much like the end in all
  };

  PlateSeed seed_;
  double radius_m_, usual_radius_px_;
  bool started_ = false, nothing_there_ = false;
  double radius_px_ = 0.0;
  DiscOutline outline_;
  cv::Mat mask_;          // of the face
  double pattern_ = 0.0;  // its own scatter, grey levels
  Place first_, now_;
  std::map<std::size_t, BarSample> samples_;

  cv::Scalar colour_;  // of the face, on average

  void start(const cv::Mat& gray, const cv::Mat& bgr, double time_s);
  // The end that was clicked at, in whichever picture it shows best; of several circles one of about the size
  // that is usual.
  std::optional<DiscOutline> searchEnd(const std::vector<cv::Mat>& pictures) const;
  cv::Mat unlikeness(const cv::Mat& bgr) const;
  void step(const cv::Mat& gray, const cv::Mat& picture, std::size_t frame, double time_s);
  // What was followed up to this frame was not the bar, back to where it was near enough.
  void takenAlong(std::size_t frame, bool forward, double least_px);
  int half() const { return mask_.cols / 2; }
  cv::Mat cutOut(const cv::Mat& picture, const Vec2& at_px) const;
  // The place most like the end, to a pixel.
  std::optional<Found> find(const cv::Mat& picture, const Vec2& about_px, const Vec2& reach_px,
                            int step_px) const;
};

}  // namespace mottix
