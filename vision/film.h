// Film in: any file FFmpeg reads, addressed by presentation time and by index.
//
// A Film is opened once, indexed by reading its packets (no decoding), and then read forward or positioned
// exactly on any frame. Frames come in display order, turned and mirrored as the file says, with square
// pixels. A Film is used by one thread at a time; open a second one for a second thread.
//
// Failure: not a video, no video stream, nothing decodable, an absurd size, half pictures (interlaced), time
// stamps that many pictures share: an Error that names the file.
#pragma once

#include <cstdint>
#include <filesystem>
#include <functional>
#include <memory>
#include <optional>
#include <string>
#include <vector>

#include <opencv2/core/mat.hpp>

#include "core/base/error.h"
#include "core/motion/tracks.h"

namespace mottix {

struct FilmInfo {
  int width_px = 0;       // as displayed
  int height_px = 0;      // as displayed
  int rotation_deg = 0;   // clockwise turn applied for display: 0, 90, 180 or 270
  bool mirrored = false;  // left and right exchanged for display, before the turn
  std::string codec;
  bool variable_rate = false;
  double duration_s = 0.0;  // from the first frame's time to the end of the last
  // Above 1: stored as slow motion, and the file tells how fast it was recorded. All times are as lived.
  double slowed_by = 1.0;
};

struct FilmLimits {
  int max_side_px = 8192;
  int min_side_px = 64;             // smaller pictures cannot show a plate
  std::size_t max_frames = 400000;  // more than an hour at 100 frames a second
  int decoder_threads = 0;          // as many as there are cores
};

// One decoded picture. `gray` is always filled when asked for; `bgr` only when asked for.
struct FramePicture {
  std::size_t index = 0;
  double time_s = 0.0;
  cv::Mat gray;  // CV_8UC1, displayed orientation
  cv::Mat bgr;   // CV_8UC3, displayed orientation
};

enum class Want { kGray, kColour };

class Film {
 public:
  static Expected<Film> open(const std::filesystem::path& path, const FilmLimits& limits = {});
  Film(Film&&) noexcept;
  Film& operator=(Film&&) noexcept;
  ~Film();

  const FilmInfo& info() const;
  const std::filesystem::path& path() const;
  // Presentation times from the first frame, in display order. The count is what the container promises;
  // a truncated file may decode fewer.
  const std::vector<double>& times_s() const;
  std::size_t frameCount() const { return times_s().size(); }

  // From now on pictures come with their sides times `part`, 0.05 to 1; frames keep their numbers.
  void shrinkTo(double part);
  // From now on pictures come as a camera that stood would have seen them (core/motion/camera_shake.h): one
  // move a frame, in the film's own pixels. Where the camera looked elsewhere the edge of its picture is
  // repeated. Nothing when empty.
  void steadyBy(std::vector<PictureMove> moves);
  // Next frame in display order; false at the end of the film. A damaged stretch is skipped.
  Expected<bool> readNext(FramePicture& out, Want want);
  // The frame nearest to `index`, exact when that frame can be decoded.
  Expected<bool> readAt(std::size_t index, FramePicture& out, Want want);

 private:
  struct Impl;
  explicit Film(std::unique_ptr<Impl> impl);
  std::unique_ptr<Impl> impl_;
};

// SHA-256 of the file's content as lower-case hex.
Expected<std::string> computeSha256(const std::filesystem::path& path);

// Visits frames from `from` down to 0, decoding each stretch once; memory stays bounded.
Expected<void> readBackward(Film& film, std::size_t from, Want want,
                            const std::function<bool(const FramePicture&)>& visit);

}  // namespace mottix
