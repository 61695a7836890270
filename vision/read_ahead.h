// Pictures of a film, decoded on a thread of their own while the ones before are looked at.
//
// Until it is gone the film belongs to it. Some 50 MB of pictures are held at a time, 4 to 24.
#pragma once

#include <condition_variable>
#include <deque>
#include <mutex>
#include <optional>
#include <thread>

#include "core/base/error.h"
#include "vision/film.h"

namespace mottix {

class ReadAhead {
 public:
  // From where the film stands.
  ReadAhead(Film& film, Want want);
  ReadAhead(const ReadAhead&) = delete;
  ReadAhead& operator=(const ReadAhead&) = delete;
  ~ReadAhead();

  // As Film::readNext.
  Expected<bool> next(FramePicture& out);

 private:
  Film& film_;
  Want want_;
  std::mutex lock_;
  std::condition_variable changed_;
  std::deque<FramePicture> ready_, spare_;
  std::optional<Expected<bool>> end_;  // what came instead of a picture
  bool stop_ = false;
  std::thread reader_;

  void read();
};

}  // namespace mottix
