#include "desk/frame_source.h"

#include <condition_variable>
#include <list>
#include <mutex>
#include <optional>
#include <thread>
#include <unordered_map>

#include "vision/film.h"

namespace mottix {
namespace {

constexpr std::size_t kCacheBytes = 200u << 20;  // some 70 frames of 720p
constexpr std::size_t kBackStride = 10;          // going back, this many frames are decoded at a time

class FrameCache {
 public:
  const QImage* find(std::size_t frame) {
    const auto at = place_.find(frame);
    if (at == place_.end()) return nullptr;
    order_.splice(order_.begin(), order_, at->second);
    return &at->second->second;
  }
  void put(std::size_t frame, QImage picture) {
    if (find(frame) != nullptr) return;
    bytes_ += static_cast<std::size_t>(picture.sizeInBytes());
    order_.emplace_front(frame, std::move(picture));
    place_[frame] = order_.begin();
    while (bytes_ > kCacheBytes && order_.size() > 1) {
      bytes_ -= static_cast<std::size_t>(order_.back().second.sizeInBytes());
      place_.erase(order_.back().first);
      order_.pop_back();
    }
  }

 private:
  std::list<std::pair<std::size_t, QImage>> order_;  // latest first
  std::unordered_map<std::size_t, std::list<std::pair<std::size_t, QImage>>::iterator> place_;
  std::size_t bytes_ = 0;
};

}  // namespace

struct FrameSource::Worker {
  FrameSource* owner;
  std::filesystem::path path;
  std::mutex mutex;
  std::condition_variable changed;
  std::optional<std::size_t> wish;
  bool stop = false;
  std::thread thread;

  Worker(FrameSource* source, std::filesystem::path film) : owner(source), path(std::move(film)) {
    thread = std::thread([this] { run(); });
  }
  ~Worker() {
    {
      const std::lock_guard lock(mutex);
      stop = true;
    }
    changed.notify_all();
    thread.join();
  }

  void say(const QString& reason) {
    QMetaObject::invokeMethod(owner, [o = owner, reason] { emit o->failed(reason); });
  }

  void run() {
    auto film = Film::open(path);
    if (!film) return say(QString::fromStdString(film.error().text));
    FrameCache cache;
    std::size_t last = 0;
    while (true) {
      std::size_t frame;
      {
        std::unique_lock lock(mutex);
        changed.wait(lock, [this] { return stop || wish.has_value(); });
        if (stop) return;
        frame = std::min(*wish, film->frameCount() - 1);
        wish.reset();
      }
      const QImage* picture = cache.find(frame);
      if (picture == nullptr) {
        const std::size_t from = frame < last && frame > kBackStride ? frame - kBackStride : frame;
        FramePicture decoded;
        auto got = film->readAt(from, decoded, Want::kColour);
        while (got && *got) {
          const cv::Mat& m = decoded.bgr;
          cache.put(
              decoded.index,
              QImage(m.data, m.cols, m.rows, static_cast<qsizetype>(m.step), QImage::Format_BGR888).copy());
          if (decoded.index >= frame) break;
          got = film->readNext(decoded, Want::kColour);
        }
        if (!got) {
          say(QString::fromStdString(got.error().text));
          continue;
        }
        picture = cache.find(frame);
        // A damaged stretch: the nearest picture that could be decoded stands for it.
        if (picture == nullptr) picture = cache.find(decoded.index);
        if (picture == nullptr) continue;
      }
      last = frame;
      QMetaObject::invokeMethod(owner, [o = owner, frame, p = *picture] { emit o->ready(frame, p); });
    }
  }
};

FrameSource::FrameSource(QObject* parent) : QObject(parent) {}
FrameSource::~FrameSource() = default;

void FrameSource::open(const std::filesystem::path& film) {
  worker_ = std::make_unique<Worker>(this, film);
}
void FrameSource::close() {
  worker_.reset();
}

void FrameSource::want(std::size_t frame) {
  if (!worker_) return;
  {
    const std::lock_guard lock(worker_->mutex);
    worker_->wish = frame;
  }
  worker_->changed.notify_all();
}

}  // namespace mottix
