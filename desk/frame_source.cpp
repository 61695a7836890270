#include "desk/frame_source.h"

#include <algorithm>
#include <condition_variable>
#include <list>
#include <map>
#include <mutex>
#include <optional>
#include <thread>
#include <unordered_map>

#include <QBuffer>

#include "vision/film.h"

namespace mottix {
namespace {

constexpr std::size_t kCacheBytes = 200u << 20;  // some 70 frames of 720p
constexpr std::size_t kBackStride = 10;          // going back, this many frames are decoded at a time
constexpr std::size_t kDraftBytes = 96u << 20;   // a minute or so
constexpr std::size_t kStretch = 32;             // drafts are made this many frames at a time
constexpr int kDraftQuality = 85;
constexpr int kPatienceMs = 12;  // a picture that is there sooner needs no draft
constexpr int kSettleMs = 60;    // the hand rests: longer than between two moves of a mouse

QImage imageOf(const cv::Mat& bgr) {
  return {bgr.data, bgr.cols, bgr.rows, static_cast<qsizetype>(bgr.step), QImage::Format_BGR888};
}

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
  std::vector<PictureMove> steady;
  std::mutex mutex;
  std::condition_variable changed;
  std::optional<std::size_t> wish;
  bool stop = false;
  std::thread thread;

  Worker(FrameSource* source, std::filesystem::path film, std::vector<PictureMove> moves)
      : owner(source), path(std::move(film)), steady(std::move(moves)) {
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
    film->steadyBy(std::move(steady));
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
          cache.put(decoded.index, imageOf(decoded.bgr).copy());
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
      QMetaObject::invokeMethod(owner, [o = owner, frame, p = *picture] { o->deliver(frame, p, p.size()); });
    }
  }
};

// Makes drafts stretch by stretch, the one nearest to the latest wish first.
struct FrameSource::Drafts {
  struct Stretch {
    std::map<std::size_t, QByteArray> pictures;
    std::size_t bytes = 0;
    bool done = false;
  };
  std::filesystem::path path;
  mutable std::mutex mutex;
  std::condition_variable changed;
  std::map<std::size_t, Stretch> stretches;  // by number; whole ones and the one in work
  std::size_t bytes = 0;
  std::size_t count = 0;  // of all frames, once the film is open
  std::size_t wish = 0;
  QSize film_size;
  bool stop = false;
  std::thread thread;

  explicit Drafts(std::filesystem::path film) : path(std::move(film)) {
    thread = std::thread([this] { run(); });
  }
  ~Drafts() {
    {
      const std::lock_guard lock(mutex);
      stop = true;
    }
    changed.notify_all();
    thread.join();
  }

  std::optional<QByteArray> find(std::size_t frame) const {
    const std::lock_guard lock(mutex);
    const auto stretch = stretches.find(frame / kStretch);
    if (stretch == stretches.end()) return std::nullopt;
    const auto picture = stretch->second.pictures.find(frame);
    if (picture == stretch->second.pictures.end()) return std::nullopt;
    return picture->second;
  }

  std::size_t away(std::size_t stretch) const {
    const std::size_t here = wish / kStretch;
    return stretch > here ? stretch - here : here - stretch;
  }
  // The next one to be made, if there is room for it: farther ones give way.
  std::optional<std::size_t> next() {
    std::optional<std::size_t> best;
    for (std::size_t k = 0; k * kStretch < count; ++k) {
      const auto at = stretches.find(k);
      if (at != stretches.end() && at->second.done) continue;
      if (!best || away(k) < away(*best)) best = k;
    }
    while (best && bytes > kDraftBytes) {
      const auto farthest =
          std::max_element(stretches.begin(), stretches.end(),
                           [&](const auto& a, const auto& b) { return away(a.first) < away(b.first); });
      if (away(farthest->first) <= away(*best)) return std::nullopt;
      bytes -= farthest->second.bytes;
      stretches.erase(farthest);
    }
    return best;
  }

  void run() {
    FilmLimits limits;
    limits.decoder_threads = 1;  // the other cores are for the pictures themselves
    auto film = Film::open(path, limits);
    if (!film) return;  // said by the other thread
    const int longer = std::max(film->info().width_px, film->info().height_px);
    film->shrinkTo(std::min(1.0, 1.0 * kDraftSide / longer));
    {
      const std::lock_guard lock(mutex);
      film_size = QSize(film->info().width_px, film->info().height_px);
      count = film->frameCount();
    }
    FramePicture picture;
    while (true) {
      std::size_t stretch;
      {
        std::unique_lock lock(mutex);
        std::optional<std::size_t> found;
        changed.wait(lock, [&] { return stop || (found = next()).has_value(); });
        if (stop) return;
        stretch = *found;
        bytes -= stretches[stretch].bytes;
        stretches[stretch] = {};
      }
      const std::size_t end = std::min((stretch + 1) * kStretch, count);
      auto got = film->readAt(stretch * kStretch, picture, Want::kColour);
      while (got && *got && picture.index < end) {
        QByteArray packed;
        QBuffer out(&packed);
        out.open(QIODevice::WriteOnly);
        imageOf(picture.bgr).save(&out, "JPG", kDraftQuality);
        const std::lock_guard lock(mutex);
        if (stop) return;
        Stretch& to = stretches[stretch];
        to.bytes += static_cast<std::size_t>(packed.size());
        bytes += static_cast<std::size_t>(packed.size());
        to.pictures[picture.index] = std::move(packed);
        if (picture.index + 1 == end) break;
        // Something else is looked at by now: the rest of this stretch can wait.
        if (away(stretch) > 1 && !stretches.contains(wish / kStretch)) break;
        got = film->readNext(picture, Want::kColour);
      }
      const std::lock_guard lock(mutex);
      const bool left = got && *got && picture.index + 1 < end;
      stretches[stretch].done = !left;  // a damaged rest is not tried again and again
    }
  }
};

FrameSource::FrameSource(QObject* parent) : QObject(parent) {
  patience_.setSingleShot(true);
  patience_.setTimerType(Qt::PreciseTimer);
  patience_.setInterval(kPatienceMs);
  connect(&patience_, &QTimer::timeout, this, &FrameSource::showDraft);
  settle_.setSingleShot(true);
  settle_.setInterval(kSettleMs);
  connect(&settle_, &QTimer::timeout, this, &FrameSource::decode);
}
FrameSource::~FrameSource() = default;

void FrameSource::open(const std::filesystem::path& film, Use use, const std::vector<PictureMove>& steady) {
  close();
  worker_ = std::make_unique<Worker>(this, film, steady);
  if (use == Use::kPulling) drafts_ = std::make_unique<Drafts>(film);
}
void FrameSource::close() {
  patience_.stop();
  settle_.stop();
  worker_.reset();
  drafts_.reset();
  waiting_ = drafted_ = false;
}

std::size_t FrameSource::draftsMade() const {
  if (!drafts_) return 0;
  const std::lock_guard lock(drafts_->mutex);
  std::size_t made = 0;
  for (const auto& [number, stretch] : drafts_->stretches) made += stretch.pictures.size();
  return made;
}

void FrameSource::deliver(std::size_t frame, const QImage& picture, QSize film) {
  // While the hand goes on, what was wished for earlier would set the picture back.
  if (frame != wanted_ && drafted_) return;
  if (frame == wanted_) {
    waiting_ = drafted_ = false;
    patience_.stop();
  }
  emit ready(frame, picture, film);
}

bool FrameSource::showDraft() {
  if (!waiting_ || !drafts_) return false;
  const auto packed = drafts_->find(wanted_);
  if (!packed) return false;
  drafted_ = true;
  emit ready(wanted_, QImage::fromData(*packed, "JPG"), drafts_->film_size);
  return true;
}

void FrameSource::want(std::size_t frame) {
  if (!worker_) return;
  settle_.stop();
  wish(frame);
  if (drafts_ && !patience_.isActive()) patience_.start();
  decode();
}

void FrameSource::wantWhilePulling(std::size_t frame) {
  if (!worker_) return;
  wish(frame);
  if (!showDraft()) return want(frame);
  patience_.stop();
  settle_.start();
}

void FrameSource::wish(std::size_t frame) {
  wanted_ = frame;
  waiting_ = true;
  if (!drafts_) return;
  {
    const std::lock_guard lock(drafts_->mutex);
    drafts_->wish = frame;
  }
  drafts_->changed.notify_all();
}

void FrameSource::decode() {
  if (!worker_) return;
  {
    const std::lock_guard lock(worker_->mutex);
    worker_->wish = wanted_;
  }
  worker_->changed.notify_all();
}

}  // namespace mottix
