// Decodes one film through FFmpeg. What is in a file is not to be trusted: the desk and the command line use
// `Film` (vision/film.h), which runs this in a process of its own (vision/film_reader.h).
#pragma once

#include <memory>
#include <string>
#include <vector>

#include "core/base/error.h"
#include "vision/film.h"

namespace mottix {

class FilmDecoder {
 public:
  static constexpr double kSmallestPart = 0.05;

  // Reads and seeks `fd`, which stays open and is the caller's; `name` is for messages, and its ending helps
  // to tell the container. No other file is opened, whatever the film refers to.
  static Expected<FilmDecoder> open(int fd, const std::string& name, const FilmLimits& limits = {});
  FilmDecoder(FilmDecoder&&) noexcept;
  FilmDecoder& operator=(FilmDecoder&&) noexcept;
  ~FilmDecoder();

  // As those of Film.
  const FilmInfo& info() const;
  const std::vector<double>& times_s() const;
  void shrinkTo(double part);
  // A picture of the right size and kind that is passed in is written into where no turn is needed.
  Expected<bool> readNext(FramePicture& out, Want want);
  Expected<bool> readAt(std::size_t index, FramePicture& out, Want want);

 private:
  struct Impl;
  explicit FilmDecoder(std::unique_ptr<Impl> impl);
  std::unique_ptr<Impl> impl_;
};

}  // namespace mottix
