// Pictures of a film for the screen. Decodes on a thread of its own; the latest wish wins, and frames passed
// on the way are kept in a bounded cache, so that going back and forth over a rep decodes it once.
//
// Phones keep one whole picture a second or so and all others as changes, so that any one may take a tenth of
// a second and more. So that pulling at the bar never waits, drafts are made in the background, at most
// kDraftSide wide and compressed: of the whole film when it is short, of what lies round the latest wish when
// it is long. Where the picture itself is not there at once its draft is shown until it is. Who only wants
// single pictures does without.
#pragma once

#include <filesystem>
#include <memory>
#include <vector>

#include <QImage>
#include <QObject>
#include <QTimer>

#include "core/motion/tracks.h"

namespace mottix {

inline constexpr int kDraftSide = 960;

class FrameSource : public QObject {
  Q_OBJECT
 public:
  explicit FrameSource(QObject* parent = nullptr);
  ~FrameSource() override;

  enum class Use { kSinglePictures, kPulling };
  // With `steady` the pictures come as a camera that stood would have seen them.
  void open(const std::filesystem::path& film, Use use, const std::vector<PictureMove>& steady = {});
  void close();
  void want(std::size_t frame);
  // The same while the hand goes on: drafts alone, as soon as they are there, and the picture itself once the
  // hand rests.
  void wantWhilePulling(std::size_t frame);
  std::size_t draftsMade() const;

 signals:
  // `film` is the size of the film's own pictures; a draft's picture is smaller.
  void ready(std::size_t frame, QImage picture, QSize film);
  void failed(QString reason);

 private:
  struct Worker;
  struct Drafts;
  std::unique_ptr<Worker> worker_;
  std::unique_ptr<Drafts> drafts_;
  QTimer patience_, settle_;
  std::size_t wanted_ = 0;
  bool waiting_ = false;  // for the picture of wanted_
  bool drafted_ = false;  // one is on screen that is nearer to the wish than what is still decoded

  void deliver(std::size_t frame, const QImage& picture, QSize film);
  bool showDraft();
  void wish(std::size_t frame);
  void decode();
};

}  // namespace mottix
