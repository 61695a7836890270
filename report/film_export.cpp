#include "report/film_export.h"

#include <algorithm>
#include <cmath>

#include <QImage>
#include <QPainter>
#include <opencv2/imgproc.hpp>

#include "core/measure/curves.h"
#include "core/motion/phase_match.h"
#include "core/motion/smooth.h"
#include "media/film_writer.h"
#include "report/look.h"
#include "report/tr.h"
#include "report/wording.h"
#include "vision/film.h"

namespace mottix {
namespace {

constexpr int kFps = 30;
constexpr double kAround_s = 0.5;  // before the first rep and after the last
constexpr double kStop_s = 2.5;    // at the finding: long enough to read two lines
constexpr const char* kStopped = "The film was stopped before it was whole; nothing is kept of it.";

const Finding* findingOf(const FilmSide& side) {
  if (!side.sheet.analysis) return nullptr;
  for (const Finding& f : side.sheet.analysis->findings) {
    if (f.certainty != Certainty::kClear || f.overruled) continue;
    if (side.finding && f.rule != *side.finding) continue;
    if (side.rep && std::find(f.reps.begin(), f.reps.end(), *side.rep) == f.reps.end()) continue;
    return &f;
  }
  return nullptr;
}

// One film as it is gone through: frames only ever go on, so that each is decoded once.
class Reel {
 public:
  static Expected<Reel> open(const FilmSide& side) {
    if (!side.sheet.analysis || side.sheet.analysis->reps.empty())
      return fail(Remedy::kCorrectInput,
                  "This set has not been measured, so there is nothing to draw on its film.");
    auto film = Film::open(side.film);
    if (!film) return tl::make_unexpected(film.error());
    Reel reel(side, std::move(*film));
    const BarHeight bar = computeBarHeight(side.sheet.analysis->on->input);
    reel.height_ = smoothSpline(bar.time_s, bar.height_m, bar.sd_m).at;
    reel.finding_ = findingOf(side);
    return reel;
  }

  const FilmSide& side() const { return *side_; }
  const Finding* finding() const { return finding_; }
  // As lived: the coach may have said that the film plays slower.
  const std::vector<double>& time_s() const {
    return side_->sheet.tracks.time_s.empty() ? film_.times_s() : side_->sheet.tracks.time_s;
  }
  QSizeF size() const { return QSizeF(film_.info().width_px, film_.info().height_px); }
  const std::vector<Rep>& reps() const { return side_->sheet.analysis->reps; }
  const Rep* rep(int number) const {
    for (const Rep& r : reps())
      if (r.number == number) return &r;
    return nullptr;
  }
  // From where to where it is shown, in seconds of the film.
  std::pair<double, double> span() const {
    const Rep* only = side_->rep ? rep(*side_->rep) : nullptr;
    const Rep &first = only != nullptr ? *only : reps().front(),
              &last = only != nullptr ? *only : reps().back();
    const auto at = [&](std::size_t frame) { return time_s()[std::min(frame, time_s().size() - 1)]; };
    return {std::max(0.0, at(first.start_frame) - kAround_s),
            std::min(time_s().back(), at(last.end_frame) + kAround_s)};
  }
  std::size_t frameAt(double at_s) const { return nearestFrame(time_s(), at_s); }

  // The frame that belongs to one of another film, by the bar's height.
  std::size_t matching(const Reel& other, std::size_t frame) const {
    const Rep* of_other = nullptr;
    for (const Rep& r : other.reps())
      if (frame >= r.start_frame && (of_other == nullptr || r.start_frame > of_other->start_frame))
        of_other = &r;
    if (of_other == nullptr) of_other = &other.reps().front();
    if (other.side_->rep)
      if (const Rep* only = other.rep(*other.side_->rep)) of_other = only;
    const Rep* mine = side_->rep ? rep(*side_->rep) : nullptr;
    if (mine == nullptr)
      mine = &reps()[std::min(static_cast<std::size_t>(std::max(1, of_other->number)), reps().size()) - 1];
    return matchedFrame({&other.side_->sheet.tracks.time_s, &other.height_, *of_other}, frame,
                        {&side_->sheet.tracks.time_s, &height_, *mine});
  }

  // The picture of a frame at or after the one before; a damaged stretch repeats what was shown.
  Expected<void> goTo(std::size_t frame) {
    if (!picture_.bgr.empty() && frame <= picture_.index) return {};
    if (picture_.bgr.empty()) {
      auto read = film_.readAt(frame, picture_, Want::kColour);
      if (!read) return tl::make_unexpected(read.error());
      return {};
    }
    FramePicture next;
    while (picture_.index < frame) {
      auto read = film_.readNext(next, Want::kColour);
      if (!read) return tl::make_unexpected(read.error());
      if (!*read) break;
      std::swap(picture_, next);
    }
    return {};
  }
  const cv::Mat& picture() const { return picture_.bgr; }
  std::size_t shown() const { return picture_.index; }

 private:
  Reel(const FilmSide& side, Film film) : side_(&side), film_(std::move(film)) {}
  const FilmSide* side_;
  Film film_;
  std::vector<SplineSample> height_;
  const Finding* finding_ = nullptr;
  FramePicture picture_;
};

// Where heads are, frame by frame, and how large (px of the film): around the ear, else beyond the shoulders.
struct Heads {
  std::vector<std::vector<Vec2>> at;
  double radius_px = 0.0;
};
Expected<Heads> findHeads(const SheetData& sheet) {
  Heads heads;
  heads.at.resize(sheet.tracks.frameCount());
  const bool lying = sheet.set.edit.asked.lift == Lift::kBench;
  std::vector<double> trunks;
  for (std::size_t f = 0; f < heads.at.size(); ++f) {
    const JointPlaces joints = jointsOn(sheet, f);
    for (const bool right : {false, true}) {
      const auto of = [&](Joint j) { return joints[indexOf(right ? onRight(j) : j)]; };
      const auto ear = of(Joint::kEar), shoulder = of(Joint::kShoulder), hip = of(Joint::kHip);
      if (shoulder && hip) trunks.push_back((*shoulder - *hip).norm());
      if (ear) {
        heads.at[f].push_back(*ear);
      } else if (shoulder && hip) {
        // A head goes on from the trunk, and is carried more upright than it leans.
        const Vec2 along = (*shoulder - *hip).normalized();
        const Vec2 way = lying ? along : Vec2(0.5 * along + 0.5 * Vec2(0.0, -1.0)).normalized();
        heads.at[f].push_back(*shoulder + 0.5 * (*shoulder - *hip).norm() * way);
      }
    }
  }
  if (trunks.empty())
    return fail(
        Remedy::kMarkByHand,
        "A face can be made unrecognisable only where the joints have been found or placed; in this film "
        "they have not.");
  std::sort(trunks.begin(), trunks.end());
  // A head is some 0.13 of the height high and a trunk 0.29 (key drillis1966); half as much again for hair,
  // motion and error.
  constexpr double kOfTrunk = 0.34;
  heads.radius_px = kOfTrunk * trunks[trunks.size() * 9 / 10];
  // Between frames on which it is known it is where it was.
  for (std::size_t f = 1; f < heads.at.size(); ++f)
    if (heads.at[f].empty()) heads.at[f] = heads.at[f - 1];
  for (std::size_t f = heads.at.size() - 1; f > 0; --f)
    if (heads.at[f - 1].empty()) heads.at[f - 1] = heads.at[f];
  return heads;
}

// Coarse squares, averaged: what is left cannot be made sharp again.
void hide(cv::Mat& picture, const Vec2& at, double radius) {
  const cv::Rect all(0, 0, picture.cols, picture.rows);
  const int r = std::max(4, static_cast<int>(std::lround(radius)));
  const cv::Rect box =
      cv::Rect(static_cast<int>(at.x()) - r, static_cast<int>(at.y()) - r, 2 * r, 2 * r) & all;
  if (box.empty()) return;
  constexpr int kSquares = 5;
  cv::Mat small, part = picture(box);
  cv::resize(part, small, cv::Size(kSquares, kSquares), 0, 0, cv::INTER_AREA);
  cv::resize(small, part, part.size(), 0, 0, cv::INTER_NEAREST);
}

QString repCaption(const SheetData& sheet, const Rep& rep) {
  QString text = tr("Rep %1 of %2").arg(rep.number).arg(sheet.analysis->reps.size());
  const Measure* speed = findMeasure(sheet.analysis->measures, MeasureId::kMeanSpeed, rep.number);
  if (speed != nullptr && speed->status == MeasureStatus::kOk)
    text += tr(" · %1 m/s").arg(numberFor(speed->value, "m/s"));
  return text;
}

void paintCaption(QPainter& p, const QRectF& room, const QString& text) {
  if (text.isEmpty()) return;
  p.setFont(type(19, Weight::kMedium));
  const QRectF widest(room.left() + 14, room.top(), room.width() - 28, room.height() - 12);
  QRectF box = QFontMetricsF(p.font()).boundingRect(
      widest, Qt::AlignHCenter | Qt::AlignBottom | Qt::TextWordWrap, text);
  box.adjust(-10, -5, 10, 5);
  p.setPen(Qt::NoPen);
  p.setBrush(QColor(20, 24, 24, 205));
  p.drawRoundedRect(box, 3, 3);
  p.setPen(kFilmLight);
  p.drawText(box.adjusted(10, 5, -10, -5), Qt::AlignHCenter | Qt::AlignVCenter | Qt::TextWordWrap, text);
}

struct Tick {
  std::size_t left = 0, right = 0;
  bool stands = false;
};

}  // namespace

Expected<void> FilmExport::validate() const {
  if (!(speed >= 0.1 && speed <= 1.0))
    return fail(Remedy::kCorrectInput,
                "FilmExport: speed = " + std::to_string(speed) + " must lie in [0.1, 1].");
  if (height_px < 240 || height_px > 1080)
    return fail(Remedy::kCorrectInput,
                "FilmExport: height_px = " + std::to_string(height_px) + " must lie in [240, 1080].");
  return {};
}

Error stoppedByHand() {
  return {Remedy::kCorrectInput, kStopped};
}
bool isStopped(const Error& error) {
  return error.text == kStopped;
}

Expected<std::vector<FilmCaption>> exportFilm(const std::vector<FilmSide>& sides, const FilmExport& how,
                                              const std::filesystem::path& path, const FilmGoing& going,
                                              std::optional<double> later_s) {
  if (auto ok = how.validate(); !ok) return tl::make_unexpected(ok.error());
  if (sides.empty() || sides.size() > 2)
    return fail(Remedy::kCorrectInput, "One film is written, or two beside each other.");
  QString ending = QString::fromStdString(path.extension().string()).toLower();
  if (ending != QLatin1String(".mp4") && ending != QLatin1String(".webm"))
    return fail(Remedy::kCorrectInput,
                "Films for others are written as .mp4 or .webm; “" + path.string() + "” is neither.");
  for (const FilmSide& side : sides)
    if (std::error_code ec; std::filesystem::equivalent(side.film, path, ec))
      return fail(
          Remedy::kCorrectInput,
          "“" + path.string() + "” is the film itself, which is never written over. Choose another name.");
  std::vector<Reel> reels;
  std::vector<Heads> heads;
  for (const FilmSide& side : sides) {
    auto reel = Reel::open(side);
    if (!reel) return tl::make_unexpected(reel.error());
    reels.push_back(std::move(*reel));
    if (!how.blur_faces) continue;
    auto found = findHeads(side.sheet);
    if (!found) return tl::make_unexpected(found.error());
    heads.push_back(std::move(*found));
  }

  // What is shown when.
  const Reel& first = reels.front();
  const auto [from_s, to_s] = first.span();
  const Finding* finding = how.stop_at_finding ? first.finding() : nullptr;
  std::vector<Tick> ticks;
  std::vector<FilmCaption> captions;
  bool stood = finding == nullptr;
  std::size_t right = 0;
  const auto add = [&](std::size_t left, bool stands) {
    Tick tick{left, 0, stands};
    if (reels.size() == 2) {
      const std::size_t belongs =
          later_s ? reels[1].frameAt(first.time_s()[left] + *later_s) : reels[1].matching(first, left);
      right = std::max(right, belongs);
      tick.right = right;
    }
    ticks.push_back(tick);
  };
  for (double at = from_s; at <= to_s; at += how.speed / kFps) {
    const std::size_t frame = first.frameAt(at);
    add(frame, false);
    if (!stood && frame >= finding->frame) {
      stood = true;
      for (int k = 0; k < static_cast<int>(kStop_s * kFps); ++k) add(frame, true);
    }
  }
  // Captions follow from what is shown.
  const auto textOf = [&](const Tick& tick) -> QString {
    if (tick.stands && finding != nullptr) {
      QString text = findingHeading(*finding, first.side().sheet.by.book);
      if (!first.side().cue.isEmpty()) text += QLatin1Char('\n') + tr("“%1”").arg(first.side().cue);
      return text;
    }
    const Rep* rep = first.side().sheet.repAt(tick.left);
    return rep != nullptr ? repCaption(first.side().sheet, *rep) : QString();
  };
  QString last;
  for (std::size_t k = 0; k < ticks.size(); ++k) {
    const QString text = textOf(ticks[k]);
    if (!text.isEmpty() && text != last) captions.push_back({static_cast<double>(k) / kFps, 0.0, text});
    if (!text.isEmpty()) captions.back().to_s = static_cast<double>(k + 1) / kFps;
    last = text;
  }

  // Even sides; two of one height beside each other, not wider than a screen.
  constexpr int kWidest = 1920;
  double high = how.height_px;
  for (const Reel& r : reels) high = std::min(high, r.size().height());
  double wide = 0.0;
  for (const Reel& r : reels) wide += high * r.size().width() / r.size().height();
  if (wide > kWidest) high *= kWidest / wide;
  const auto even = [](double v) { return std::max(64, 2 * static_cast<int>(std::lround(0.5 * v))); };
  const int rows = even(high);
  std::vector<int> widths;
  int cols = 0;
  for (const Reel& r : reels) {
    widths.push_back(even(rows * r.size().width() / r.size().height()));
    cols += widths.back();
  }

  const std::filesystem::path unfinished =
      path.parent_path() / (".unfinished-" + path.stem().string() + path.extension().string());
  const auto leave = [&](const Error& error) {
    std::error_code ec;
    std::filesystem::remove(unfinished, ec);
    return tl::make_unexpected(error);
  };
  FilmFormat format;
  format.codec = ending == QLatin1String(".webm") ? "vp9" : "h264";
  format.begins_at_once = true;
  auto writer = FilmWriter::create(unfinished, cols, rows, 1000 * kFps, format);
  if (!writer) return leave(writer.error());
  QImage canvas(cols, rows, QImage::Format_BGR888);
  const cv::Mat out(rows, cols, CV_8UC3, canvas.bits(), static_cast<std::size_t>(canvas.bytesPerLine()));
  // Lines and words are drawn for a picture of this height.
  constexpr double kDrawnFor = 560.0;
  for (std::size_t k = 0; k < ticks.size(); ++k) {
    const Tick& tick = ticks[k];
    const bool same = k > 0 && tick.left == ticks[k - 1].left && tick.right == ticks[k - 1].right &&
                      tick.stands == ticks[k - 1].stands;
    if (!same) {
      int x = 0;
      for (std::size_t s = 0; s < reels.size(); ++s) {
        Reel& reel = reels[s];
        const std::size_t frame = s == 0 ? tick.left : tick.right;
        if (auto ok = reel.goTo(frame); !ok) return leave(ok.error());
        if (reel.picture().empty())
          return leave(
              {Remedy::kChooseAnotherFile,
               "“" + reel.side().film.string() + "” shows no picture where the set is. Has it been cut?"});
        cv::Mat part = out(cv::Rect(x, 0, widths[s], rows));
        cv::resize(reel.picture(), part, part.size(), 0, 0, cv::INTER_AREA);
        const double scale = rows / reel.size().height();
        if (how.blur_faces && !heads[s].at.empty())
          for (const Vec2& head : heads[s].at[std::min(frame, heads[s].at.size() - 1)])
            hide(part, scale * head, scale * heads[s].radius_px);
        x += widths[s];
      }
      QPainter p(&canvas);
      p.setRenderHint(QPainter::Antialiasing);
      const double fine = rows / kDrawnFor;
      p.scale(fine, fine);
      double left = 0.0;
      for (std::size_t s = 0; s < reels.size(); ++s) {
        const Reel& reel = reels[s];
        const std::size_t frame = s == 0 ? tick.left : tick.right;
        const double per_px = kDrawnFor / reel.size().height();
        const QRectF room(0, 0, widths[s] / fine, kDrawnFor);
        p.save();
        p.translate(left, 0);
        p.setClipRect(room);
        const ShownPicture picture{reel.side().sheet, frame,
                                   [&](const Vec2& px) { return per_px * QPointF(px.x(), px.y()); }, room};
        const Finding* shown = reel.finding();
        const Rep* rep = reel.side().sheet.repAt(frame);
        const bool here = shown != nullptr && rep != nullptr &&
                          std::find(shown->reps.begin(), shown->reps.end(), rep->number) != shown->reps.end();
        paintEvidenceLines(
            p, picture,
            here && tick.stands ? how.lines.with(EvidenceChoice::showing(shown->measure)) : how.lines);
        paintBones(p, jointsOn(reel.side().sheet, frame), reel.side().sheet.tracks.across(),
                   picture.toWidget);
        if (here && (s == 1 || tick.stands)) paintFinding(p, picture, *shown);
        p.restore();
        left += room.width();
      }
      if (how.captions) paintCaption(p, QRectF(0, 0, cols / fine, kDrawnFor), textOf(tick));
    }
    if (auto ok = writer->write(out); !ok) return leave(ok.error());
    if (going && !going(static_cast<double>(k + 1) / static_cast<double>(ticks.size())))
      return leave(stoppedByHand());
  }
  if (auto ok = writer->finish(); !ok) return leave(ok.error());
  { const FilmWriter closed = std::move(*writer); }
  std::error_code ec;
  std::filesystem::rename(unfinished, path, ec);
  if (ec)
    return leave({Remedy::kCheckDisk, "“" + path.string() + "” cannot be written: " + ec.message() +
                                          ". Check the folder and its permissions."});
  return captions;
}

QString toWebVtt(const std::vector<FilmCaption>& captions) {
  const auto stamp = [](double s) {
    const auto ms = static_cast<long long>(std::llround(1000.0 * s));
    return QStringLiteral("%1:%2:%3.%4")
        .arg(ms / 3600000, 2, 10, QLatin1Char('0'))
        .arg(ms / 60000 % 60, 2, 10, QLatin1Char('0'))
        .arg(ms / 1000 % 60, 2, 10, QLatin1Char('0'))
        .arg(ms % 1000, 3, 10, QLatin1Char('0'));
  };
  QString out = QStringLiteral("WEBVTT\n");
  for (const FilmCaption& c : captions) {
    QString text = c.text;
    // "-->" and markup are the format's own.
    text.replace(QLatin1Char('&'), QStringLiteral("&amp;"))
        .replace(QLatin1Char('<'), QStringLiteral("&lt;"))
        .replace(QLatin1Char('>'), QStringLiteral("&gt;"));
    while (text.contains(QStringLiteral("\n\n"))) text.replace(QStringLiteral("\n\n"), QStringLiteral("\n"));
    out += QStringLiteral("\n%1 --> %2\n%3\n").arg(stamp(c.from_s), stamp(c.to_s), text);
  }
  return out;
}

}  // namespace mottix
