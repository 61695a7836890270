// Writes pictures as an H.264 film in an MP4 file through libav.
#pragma once

#include <filesystem>
#include <memory>

#include <opencv2/core/mat.hpp>

#include "core/base/error.h"

namespace mottix {

class FilmWriter {
 public:
  // `fps_milli`: pictures in 1000 seconds, e.g. 30000 for 30 a second.
  static Expected<FilmWriter> create(const std::filesystem::path& path, int width_px, int height_px,
                                     int fps_milli);
  FilmWriter(FilmWriter&&) noexcept;
  FilmWriter& operator=(FilmWriter&&) noexcept;
  ~FilmWriter();  // a film that was not finished is incomplete

  Expected<void> write(const cv::Mat& bgr);  // CV_8UC3 of the stated size
  Expected<void> finish();

 private:
  struct Impl;
  explicit FilmWriter(std::unique_ptr<Impl> impl);
  std::unique_ptr<Impl> impl_;
};

}  // namespace mottix
