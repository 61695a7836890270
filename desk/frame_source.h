// Pictures of a film for the screen. Decodes on a thread of its own; the latest wish wins, and frames passed
// on the way are kept in a bounded cache, so that going back and forth over a rep decodes it once.
#pragma once

#include <filesystem>
#include <memory>

#include <QImage>
#include <QObject>

namespace mottix {

class FrameSource : public QObject {
  Q_OBJECT
 public:
  explicit FrameSource(QObject* parent = nullptr);
  ~FrameSource() override;

  void open(const std::filesystem::path& film);
  void close();
  void want(std::size_t frame);

 signals:
  void ready(std::size_t frame, QImage picture);
  void failed(QString reason);

 private:
  struct Worker;
  std::unique_ptr<Worker> worker_;
};

}  // namespace mottix
