// The bar's path: the centre of the outer face of the near full-size plate, frame by frame.
//
// A candidate plate is found as a circle (Hough transform, then an outline fit). Every candidate is followed
// through the clip; the one that is the bar is the largest, best supported one, most of the time seen, that
// moves up and down. In each frame the outline is located along rays with sub-pixel accuracy and the centre
// solved by robust least squares (Tukey weights), the radius and its slow second harmonic (the perspective of
// the disc) being carried from frame to frame; where the outline is in doubt the plate's own face is asked.
// At the end the bar's direction is read off the sleeve's end and the far plate (sleeve_end.h, far_plate.h)
// and the perspective and thickness of the plates are taken out (bar_axis.h). A stretch without enough
// outline is bridged from both its ends, with an error that grows from either; a long one is called lost
// until the plate is found again.
//
// Assumptions: the plate is a disc seen within about 20 degrees of face on and at least 12 px in radius.
#pragma once

#include <array>
#include <cstddef>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include <opencv2/core/mat.hpp>

#include "core/base/error.h"
#include "core/motion/tracks.h"
#include "vision/bar_axis.h"
#include "vision/far_plate.h"

namespace mottix {

struct PlateSeed {  // where the coach clicked or drew round the plate
  std::size_t frame = 0;
  Vec2 centre_px = Vec2::Zero();
  double radius_px = 0.0;  // 0: a click, the radius is searched
};

struct PlateTrackOptions {
  double min_radius_of_height = 0.035;  // smallest plate radius as a fraction of the shorter picture side
  double max_radius_of_height = 0.35;
  double bridge_s = 0.7;          // longest stretch bridged
  int redetect_every = 30;        // frames between searches while nothing is followed
  int candidates = 5;             // circles followed side by side
  double min_travel_radii = 0.3;  // vertical travel of a bar that is lifted, in plate radii (about 7 cm)

  Expected<void> validate() const;
};

struct PlateTrackResult {
  std::vector<BarSample> samples;  // one a frame
  std::optional<BarAxis> axis;     // where the bar points; absent when too little was seen
  std::optional<FarPlate> far_plate;
  std::optional<Estimate> end_ratio;  // how much nearer the sleeve's end lies, see sleeve_end.h
  bool two_plates = false;            // a second plate of like size moved too
};

class PlateTracker {
 public:
  PlateTracker(const PlateTrackOptions& options, std::optional<PlateSeed> seed);
  PlateTracker(const PlateTracker&) = delete;
  PlateTracker& operator=(const PlateTracker&) = delete;
  ~PlateTracker();

  // Frames in one direction of time; a seed starts on its own frame. `gray` is CV_8UC1.
  void push(const cv::Mat& gray, std::size_t frame, double time_s);
  // Keeps the bar alone and runs it toward the clip's beginning: the next pushes go backward from the
  // returned frame. Nothing when tracking already began with frame 0 (or found no bar).
  std::optional<std::size_t> turnBack();
  // How many circles have gone a good part of a rep's way so far and were mostly seen all the while.
  std::size_t roundMovers() const;
  // Known once it has turned back: two round plates of like size moved, far apart.
  bool twoRoundPlates() const { return two_round_; }
  // The bar among the candidates. Error (kMarkByHand / kFilmAgain) when no plate was found or none moved.
  // `focal_px` is the assumed focal length, for the prior of bar_axis.h.
  Expected<PlateTrackResult> finish(const std::vector<double>& time_s, double focal_px,
                                    double plate_radius_m) const;

 private:
  struct Candidate;
  PlateTrackOptions options_;
  std::optional<PlateSeed> seed_;
  std::vector<Candidate> candidates_;
  int frames_since_search_ = 0;
  bool backward_ = false;
  bool two_plates_ = false, two_round_ = false;
  std::size_t latest_ = 0;  // frame
  Vec2 picture_size_px_ = Vec2::Zero();

  std::vector<const Candidate*> rankMovers() const;  // best first
  Candidate* leader();

  void findCandidates(const cv::Mat& gray, std::size_t frame, double time_s);
  bool mostlySeen(const Candidate& c, double support) const;
  void dropRivals();
  void growToRim(const cv::Mat& gray, Candidate& c) const;
  bool growOnce(const cv::Mat& gray, Candidate& c) const;
  void lookAgain(const cv::Mat& gray, Candidate& c, std::size_t frame, double time_s) const;
  void addCandidate(const cv::Mat& gray, Vec2 centre, double radius, std::size_t frame, double time_s);
};

}  // namespace mottix
