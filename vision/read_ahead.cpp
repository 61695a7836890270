#include "vision/read_ahead.h"

#include <algorithm>
#include <utility>

namespace mottix {

ReadAhead::ReadAhead(Film& film, Want want) : film_(film), want_(want) {
  // Enough that the decoder goes on during a search for plates.
  constexpr double kBytes = 48e6;
  const double picture =
      static_cast<double>(film.info().width_px) * film.info().height_px * (want == Want::kColour ? 3.0 : 1.0);
  spare_.resize(static_cast<std::size_t>(std::clamp(kBytes / picture, 4.0, 24.0)));
  reader_ = std::thread([this] { read(); });
}

ReadAhead::~ReadAhead() {
  {
    const std::lock_guard guard(lock_);
    stop_ = true;
  }
  changed_.notify_all();
  reader_.join();
}

void ReadAhead::read() {
  for (;;) {
    FramePicture picture;
    {
      std::unique_lock guard(lock_);
      changed_.wait(guard, [&] { return stop_ || !spare_.empty(); });
      if (stop_) return;
      picture = std::move(spare_.front());
      spare_.pop_front();
    }
    auto got = film_.readNext(picture, want_);
    const bool more = got && *got;
    {
      const std::lock_guard guard(lock_);
      if (more)
        ready_.push_back(std::move(picture));
      else
        end_ = std::move(got);
    }
    changed_.notify_all();
    if (!more) return;
  }
}

Expected<bool> ReadAhead::next(FramePicture& out) {
  std::unique_lock guard(lock_);
  changed_.wait(guard, [&] { return end_ || !ready_.empty(); });
  if (ready_.empty()) return *end_;
  std::swap(out, ready_.front());
  spare_.push_back(std::move(ready_.front()));
  ready_.pop_front();
  guard.unlock();
  changed_.notify_all();
  return true;
}

}  // namespace mottix
