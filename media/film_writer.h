// Writes pictures as a film through libav; the file's name says which container.
#pragma once

#include <filesystem>
#include <memory>
#include <optional>
#include <string>

#include <opencv2/core/mat.hpp>

#include "core/base/error.h"

namespace mottix {

struct FilmFormat {
  std::string codec = "h264";  // or hevc, vp9, av1, mpeg4, mjpeg
  int stored_rotation_deg =
      0;  // pictures are stored so that turning them clockwise by this puts them upright
  bool begins_at_once = false;  // .mp4, .mov: its index comes first, so that it plays while it is still loading
};

class FilmWriter {
 public:
  // `fps_milli`: pictures in 1000 seconds, e.g. 30000 for 30 a second.
  static Expected<FilmWriter> create(const std::filesystem::path& path, int width_px, int height_px,
                                     int fps_milli, const FilmFormat& format = {});
  FilmWriter(FilmWriter&&) noexcept;
  FilmWriter& operator=(FilmWriter&&) noexcept;
  ~FilmWriter();  // a film that was not finished is incomplete

  // CV_8UC3 of the stated size; shown from `time_s` on (an .avi rounds it to whole intervals), without one
  // evenly after the last.
  Expected<void> write(const cv::Mat& bgr, std::optional<double> time_s = std::nullopt);
  Expected<void> finish();

 private:
  struct Impl;
  explicit FilmWriter(std::unique_ptr<Impl> impl);
  std::unique_ptr<Impl> impl_;
};

}  // namespace mottix
