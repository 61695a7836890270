#include "report/hand_out.h"

#include <algorithm>
#include <cmath>

#include <QBuffer>
#include <QFile>

#include "report/film_evidence.h"
#include "report/load_wording.h"
#include "report/page.h"
#include "report/setup_card.h"
#include "report/tr.h"
#include "report/wording.h"

namespace mottix {
namespace {

QString upperFirst(QString words) {
  if (!words.isEmpty()) words[0] = words[0].toUpper();
  return words;
}

bool tells(const Finding& f) {
  return f.certainty == Certainty::kClear && !f.overruled;
}

// The finding that the cue answers, else the worst of the clear ones, by how they are ordered.
const Finding* theOneThing(const SheetData& sheet, const std::string& wanted, const std::string& cue_rule,
                           const Cue* cue) {
  if (!sheet.analysis) return nullptr;
  const Finding* worst = nullptr;
  for (const Finding& f : sheet.analysis->findings)
    if (tells(f) && f.rule == wanted) return &f;
  for (const Finding& f : sheet.analysis->findings) {
    if (!tells(f)) continue;
    if (f.rule == cue_rule || (cue != nullptr && cue->isFor(f.rule))) return &f;
    if (worst == nullptr) worst = &f;
  }
  return worst;
}

// What was found the last time, spoken to, and is not found now.
QString goneSince(const SheetData& sheet, const SinceLast& since, const CueBook& cues) {
  const Cue* cue = cues.find(since.cue);
  if (cue == nullptr || !sheet.analysis) return {};
  for (const std::string& rule : since.found) {
    if (!cue->isFor(rule)) continue;
    const auto& now = sheet.analysis->findings;
    const bool still = std::any_of(now.begin(), now.end(), [&](const Finding& f) {
      return (f.rule == rule || f.event == rule) && f.certainty != Certainty::kCantTell;
    });
    const Rule* r = sheet.by.book.find(rule);
    const bool untold = std::any_of(now.begin(), now.end(), [&](const Finding& f) {
      return f.rule == rule && f.certainty == Certainty::kCantTell;
    });
    if (r != nullptr && !still && !untold)
      return tr("“%1” has worked: last time “%2”, this time not.").arg(ofBook(cue->words), ofBook(r->says));
  }
  return {};
}

QString fontFace(const char* file, int weight) {
  QFile font(QString::fromLatin1(file));
  if (!font.open(QIODevice::ReadOnly)) return {};
  return QStringLiteral(
             "@font-face{font-family:Barlow;font-weight:%1;src:url(data:font/"
             "ttf;base64,%2)format('truetype')}")
      .arg(weight)
      .arg(QString::fromLatin1(font.readAll().toBase64()));
}

QString imageSource(const QImage& image) {
  QByteArray bytes;
  QBuffer buffer(&bytes);
  buffer.open(QIODevice::WriteOnly);
  image.save(&buffer, "PNG");
  return QStringLiteral("data:image/png;base64,") + QString::fromLatin1(bytes.toBase64());
}

// The paths of all reps in a row, those with the finding marked by a stroke over them.
void paintReps(QPainter& p, const QRectF& room, const HandOut& h, double unit) {
  const double most = 46.0 * unit, wide = std::min(most, room.width() / static_cast<double>(h.reps.size()));
  for (std::size_t k = 0; k < h.reps.size(); ++k) {
    const auto& [path, shows] = h.reps[k];
    const QRectF cell(room.left() + wide * static_cast<double>(k), room.top(), wide, room.height());
    p.save();
    p.translate(cell.center().x(), cell.top() + 12.0 * unit);
    p.scale(unit, unit);
    drawRepCell(p, path,
                QRectF(-0.3 * wide / unit, 0, 0.6 * wide / unit, (room.height() - 28.0 * unit) / unit),
                printTheme());
    p.restore();
    if (shows && h.finding) {
      p.save();
      p.translate(cell.center().x() - 2.0 * unit, cell.top());
      p.scale(0.55 * unit, 0.55 * unit);
      drawStrokes(p, {0, 0}, *h.finding, printTheme());
      p.restore();
    }
    QFont small = type(std::max(1, static_cast<int>(std::lround(9.0 * unit))));
    p.setFont(small);
    p.setPen(printTheme().muted);
    p.drawText(QRectF(cell.left(), cell.bottom() - 13.0 * unit, wide, 13.0 * unit), Qt::AlignCenter,
               QString::number(k + 1));
  }
}

}  // namespace

HandOut makeHandOut(const SheetData& sheet, const HandOutFacts& facts, const HandOutWish& wish) {
  HandOut h;
  const SetEdit& edit = sheet.set.edit;
  const Asked& asked = edit.asked;
  const CueBook& cues = facts.cues;
  h.athlete = QString::fromStdString(sheet.athlete.name);
  h.day = facts.day;
  h.set = tr("%1, %2: %3 × %4")
              .arg(upperFirst(liftWords(asked.lift)), QString::fromStdString(asked.variant))
              .arg(edit.reps_done.value_or(sheet.analysis ? static_cast<int>(sheet.analysis->reps.size())
                                                          : asked.reps))
              .arg(loadWords(asked.load_kg, wish.in_lb));

  const Cue* said = cues.find(edit.cue);
  const Cue* cue = said != nullptr ? said : cues.find(facts.offered_cue);
  const Finding* one =
      theOneThing(sheet, wish.finding, said == nullptr ? facts.offered_for : std::string(), said);
  if (sheet.analysis) {
    if (facts.since)
      if (const QString gone = goneSince(sheet, *facts.since, cues); !gone.isEmpty()) h.good << gone;
    constexpr int kMostInPlainWords = 5;
    const QString fine = inOrderWords(sheet.by.book, asked.lift, *sheet.analysis, sheet.by.set,
                                      wish.level == HandOutLevel::kPlain ? kMostInPlainWords : 0);
    if (!fine.isEmpty()) h.good << fine;
    for (const Rep& rep : sheet.analysis->reps) {
      const bool shows =
          one != nullptr && std::find(one->reps.begin(), one->reps.end(), rep.number) != one->reps.end();
      if (!sheet.tracks.across())
        h.reps.emplace_back(pathOf(rep, sheet.tracks, sheet.analysis->camera), shows);
    }
  }
  if (one != nullptr) {
    h.finding = *one;
    h.change = findingHeading(*one, sheet.by.book);
    if (wish.level == HandOutLevel::kNumbers)
      h.change_why = findingDetail(*one, sheet.by.book, sheet.analysis->measures);
    // Another cue than one for this finding is not mixed in.
    if (cue != nullptr && cue->isFor(one->rule)) h.cue = ofBook(cue->words);
    h.picture_words = tr("A picture of the film: %1.").arg(h.change);
  } else if (sheet.analysis && sheet.analysis->decision.action != LoadAction::kCantTell) {
    h.change = tr("Nothing to change: do the same again.");
    if (said != nullptr) h.cue = ofBook(said->words);
  } else {
    h.change = tr("This set was not judged on film.");
  }

  if (facts.setup) {
    h.setup = QString::fromStdString(facts.setup->name);
    h.setup_lines = cardLines(facts.setup->values);
  }
  if (facts.next_kg) {
    h.next << tr("%1 × %2").arg(asked.reps).arg(loadWords(*facts.next_kg, wish.in_lb));
  } else if (facts.next && !facts.next->sets.empty()) {
    for (const PlannedSet& set : facts.next->sets) h.next << upperFirst(plannedSetWords(set, wish.in_lb));
  } else if (sheet.analysis && sheet.analysis->decision.next_load_kg) {
    h.next
        << tr("%1 × %2").arg(asked.reps).arg(loadWords(*sheet.analysis->decision.next_load_kg, wish.in_lb));
  }
  // The plates are those of the first line.
  if (facts.loading && !h.next.isEmpty()) h.next.insert(1, platesWords(*facts.loading));
  h.note = wish.note;
  h.cautions << standingCaution(asked.lift);
  if (facts.next)
    for (const Caution c : facts.next->cautions)
      if (c != Caution::kSpotters && c != Caution::kUnjudged) h.cautions << cautionWords(c);
  if (one != nullptr)
    if (const Rule* rule = sheet.by.book.find(one->rule); rule != nullptr && !rule->caution.empty())
      h.cautions << ofBook(rule->caution);
  return h;
}

QImage findingPicture(const SheetData& sheet, const Finding& finding, const QImage& frame) {
  if (frame.isNull() || !sheet.analysis) return {};
  const std::size_t at = finding.frame;
  // Lifter and bar, with some room; the whole frame where neither is known.
  QRectF around;
  const auto take = [&](const Vec2& px) {
    const QPointF q(px.x(), px.y());
    around = around.isNull() ? QRectF(q, QSizeF(1, 1)) : around.united(QRectF(q, QSizeF(1, 1)));
  };
  for (const auto& joint : jointsOn(sheet, at))
    if (joint) take(*joint);
  if (const Rep* rep = sheet.repAt(at))
    for (std::size_t f = rep->start_frame; f <= rep->end_frame && f < sheet.tracks.bar.size(); ++f)
      if (sheet.tracks.bar[f].state != TrackState::kLost) take(sheet.tracks.bar[f].p_px);
  const QRectF whole(QPointF(0, 0), QSizeF(frame.size()));
  if (around.isNull()) around = whole;
  const double room = 0.16 * std::max(around.width(), around.height());
  around.adjust(-room, -room, room, room);
  // Neither a strip nor a tower.
  constexpr double kNarrow = 0.72, kWide = 1.25;
  const double ratio = around.width() / around.height();
  if (ratio < kNarrow) {
    const double more = 0.5 * (kNarrow * around.height() - around.width());
    around.adjust(-more, 0, more, 0);
  } else if (ratio > kWide) {
    const double more = 0.5 * (around.width() / kWide - around.height());
    around.adjust(0, -more, 0, more);
  }
  around = around.intersected(whole);
  if (around.isEmpty()) around = whole;
  // Lines and words are drawn for a picture of this height, and printed twice as fine.
  constexpr double kHigh = 520.0, kFine = 2.0;
  const double scale = kHigh / around.height();
  QImage out(QSize(static_cast<int>(std::lround(kFine * scale * around.width())),
                   static_cast<int>(std::lround(kFine * kHigh))),
             QImage::Format_RGB32);
  QPainter p(&out);
  p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
  p.scale(kFine, kFine);
  p.drawImage(QRectF(0, 0, scale * around.width(), kHigh), frame, around);
  const ShownPicture picture{
      sheet, at, [&](const Vec2& px) { return scale * (QPointF(px.x(), px.y()) - around.topLeft()); },
      QRectF(0, 0, scale * around.width(), kHigh)};
  paintEvidenceLines(p, picture, EvidenceChoice().with(EvidenceChoice::showing(finding.measure)));
  paintBones(p, jointsOn(sheet, at), sheet.tracks.across(), picture.toWidget);
  paintFinding(p, picture, finding);
  return out;
}

namespace {

// Everything above the foot, and the foot at the page's end; returns how far down it all would go. `size`: of
// type and picture, 1 as it is meant.
double layHandOut(QPainter& p, const QRectF& page, const HandOut& h, double size, bool draw) {
  const Theme& t = printTheme();
  const double whole = page.width() / 520.0;  // the page is laid out 520 units wide
  const double unit = size * whole;
  const auto font = [&](double px, Weight weight = Weight::kRegular) {
    return type(std::max(1, static_cast<int>(std::lround(px * unit))), weight);
  };
  if (draw) p.fillRect(page, t.sheet);
  const double margin = 34.0 * whole, left = page.left() + margin, width = page.width() - 2.0 * margin;
  double y = page.top() + margin;
  const auto text = [&](double x, double w, const QString& words, const QFont& f, const QColor& colour) {
    if (!words.isEmpty()) y += paintParagraph(p, QRectF(x, y, w, 1e6), words, f, colour, draw);
  };
  const auto heading = [&](double x, double w, const QString& words) {
    y += 9.0 * unit;
    text(x, w, words, font(10.5, Weight::kSemiBold), t.muted);
    y += 1.5 * unit;
  };
  text(left, width, h.athlete, font(24, Weight::kSemiBold), t.ink);
  text(left, width, h.set, font(14, Weight::kMedium), t.ink);
  text(left, width, h.day, font(11), t.muted);
  y += 6.0 * unit;
  if (draw) {
    p.setPen(QPen(t.line, 1.2 * unit));
    p.drawLine(QPointF(left, y), QPointF(left + width, y));
  }

  // The foot is measured first; the rest takes what is left.
  double foot = 0.0;
  for (const QString& c : h.cautions)
    foot += paintParagraph(p, QRectF(left, 0, width, 1e6), c, font(9.5), t.muted, false) + 3.0 * unit;

  if (!h.good.isEmpty()) {
    heading(left, width, tr("What was good"));
    for (const QString& good : h.good) text(left, width, good, font(12), t.ink);
  }
  heading(left, width, h.finding ? tr("The one thing to change") : tr("Next time"));
  double x = left;
  if (h.finding) {
    if (draw) {
      p.save();
      p.translate(left, y + 2.0 * unit);
      p.scale(unit, unit);
      drawStrokes(p, {0, 0}, *h.finding, t);
      p.restore();
    }
    x += 16.0 * unit;
  }
  text(x, width - (x - left), h.change, font(17, Weight::kSemiBold), t.ink);
  y += 6.0 * unit;

  // The picture on the left, words beside it.
  const double top = y;
  double picture_foot = y, column = left, column_width = width;
  if (!h.picture.isNull()) {
    constexpr double kShare = 0.54, kHighest = 300.0;
    const double share = kShare * width;
    const double scale = std::min(share / h.picture.width(), kHighest * unit / h.picture.height());
    const QRectF room(left, top, scale * h.picture.width(), scale * h.picture.height());
    if (draw) {
      p.drawImage(room, h.picture);
      p.setPen(QPen(t.line, 1.0 * unit));
      p.setBrush(Qt::NoBrush);
      p.drawRect(room);
    }
    picture_foot = room.bottom();
    column = room.right() + 16.0 * unit;
    column_width = left + width - column;
  }
  if (!h.cue.isEmpty()) {
    text(column, column_width, tr("“%1”").arg(h.cue), font(19, Weight::kMedium), t.green);
    y += 6.0 * unit;
  }
  text(column, column_width, h.change_why, font(11), t.ink);
  if (!h.reps.empty()) {
    y += 8.0 * unit;
    const QRectF room(column, y, column_width, 104.0 * unit);
    if (draw) paintReps(p, room, h, unit);
    y = room.bottom() + 2.0 * unit;
    text(column, column_width,
         tr("The bar's way in each rep: dotted down, solid up, sideways three times as large."), font(9),
         t.muted);
  }
  // Beside a picture the words go on in their column and the set-up stands under it; else they share the
  // width.
  const double gap = 20.0 * unit, half = 0.5 * (width - gap);
  const bool beside = !h.picture.isNull();
  const double setup_width = beside ? column - 16.0 * unit - left : half;
  const double words_at = beside ? column : h.setup_lines.empty() ? left : left + half + gap;
  const double words_width = beside ? column_width : half, below = y;
  if (!h.next.isEmpty()) {
    heading(words_at, words_width, tr("Lifted next"));
    for (qsizetype k = 0; k < h.next.size(); ++k)
      text(words_at, words_width, h.next[k], k == 0 ? font(13, Weight::kSemiBold) : font(11.5), t.ink);
  }
  if (!h.note.isEmpty()) {
    heading(words_at, words_width, tr("From your coach"));
    text(words_at, words_width, h.note, font(12), t.ink);
  }
  const double words_end = y;
  y = beside ? picture_foot : below;
  if (!h.setup_lines.empty()) {
    heading(left, setup_width, tr("Set-up: %1").arg(h.setup));
    const double label = 74.0 * unit;
    for (const CardLine& line : h.setup_lines) {
      const double row = y;
      text(left, label, line.label, font(10.5), t.muted);
      const double one = y;
      y = row;
      text(left + label, setup_width - label, line.value, font(11, Weight::kMedium), t.ink);
      y = std::max(y, one) + 1.0 * unit;
    }
  }
  y = std::max(words_end, y);

  const double ends_at = y + 6.0 * unit + foot + 0.6 * margin;
  if (!draw) return ends_at;
  y = std::max(y + 6.0 * unit, page.bottom() - 0.6 * margin - foot);
  for (const QString& c : h.cautions) {
    text(left, width, c, font(9.5), t.muted);
    y += 3.0 * unit;
  }
  return ends_at;
}

}  // namespace

void paintHandOut(QPainter& p, const QRectF& page, const HandOut& h) {
  p.save();
  p.setRenderHints(QPainter::Antialiasing | QPainter::SmoothPixmapTransform);
  // As large as it goes on the page, and many words make all of it smaller: nothing is cut off, least of all
  // a caution.
  constexpr double kLargest = 1.25, kStep = 0.95, kSmallest = 0.45;
  double size = kLargest;
  while (size > kSmallest && layHandOut(p, page, h, size, false) > page.bottom()) size *= kStep;
  layHandOut(p, page, h, size, true);
  p.restore();
}

QString handOutHtml(const HandOut& h) {
  const Theme& t = printTheme();
  QString html =
      QStringLiteral(
          "<!DOCTYPE html><html lang='en'><head><meta charset='utf-8'><meta name='viewport' "
          "content='width=device-width,initial-scale=1'><title>%1</title><style>%2"
          "body{font-family:Barlow,sans-serif;color:%3;background:#fff;max-width:46em;margin:1.5em "
          "auto;padding:0 1em;line-height:1.35}h1{margin:0;font-size:1.9em}h2{font-size:.85em;color:%4;"
          "margin:1.3em 0 "
          ".1em}.set{font-size:1.15em;font-weight:500}.day,.foot,figcaption{color:%4;font-size:"
          ".85em}.change{font-size:1.4em;font-weight:600;margin:.1em 0}.cue{font-size:1.5em;font-weight:500;"
          "color:%5;margin:.4em 0}figure{margin:.5em 0}img{max-width:100%}table{border-collapse:collapse}td{"
          "padding:.1em 1em .1em 0;vertical-align:top}td:first-child{color:%4}hr{border:0;border-top:1px "
          "solid %6}</style></head><body>")
          .arg((h.athlete + QStringLiteral(", ") + h.set).toHtmlEscaped(),
               fontFace(":/fonts/Barlow-Regular.ttf", 400) + fontFace(":/fonts/Barlow-Medium.ttf", 500) +
                   fontFace(":/fonts/Barlow-SemiBold.ttf", 600),
               t.ink.name(), t.muted.name(), t.green.name(), t.line.name());
  const auto part = [&](const char* tag, const char* kind, const QString& words) {
    if (!words.isEmpty())
      html += QStringLiteral("<%1 class='%2'>%3</%1>")
                  .arg(QLatin1String(tag), QLatin1String(kind), words.toHtmlEscaped());
  };
  part("h1", "name", h.athlete);
  part("div", "set", h.set);
  part("div", "day", h.day);
  html += QStringLiteral("<hr>");
  if (!h.good.isEmpty()) part("h2", "", tr("What was good"));
  for (const QString& good : h.good) part("p", "good", good);
  part("h2", "", h.finding ? tr("The one thing to change") : tr("Next time"));
  part("p", "change", h.change);
  if (!h.cue.isEmpty()) part("p", "cue", tr("“%1”").arg(h.cue));
  part("p", "why", h.change_why);
  if (!h.picture.isNull())
    html += QStringLiteral("<figure><img src='%1' alt='%2'></figure>")
                .arg(imageSource(h.picture), h.picture_words.toHtmlEscaped());
  if (!h.reps.empty()) {
    QImage paths(static_cast<int>(92 * h.reps.size()), 220, QImage::Format_RGB32);
    paths.fill(Qt::white);
    {
      QPainter p(&paths);
      p.setRenderHint(QPainter::Antialiasing);
      paintReps(p, QRectF(QPointF(0, 0), QSizeF(paths.size())), h, 2.0);
    }
    const QString words =
        tr("The bar's way in each rep: dotted down, solid up, sideways three times as large.");
    html += QStringLiteral("<figure><img width='%1' src='%2' alt='%3'><figcaption>%3</figcaption></figure>")
                .arg(paths.width() / 2)
                .arg(imageSource(paths), words.toHtmlEscaped());
  }
  if (!h.setup_lines.empty()) {
    part("h2", "", tr("Set-up: %1").arg(h.setup));
    html += QStringLiteral("<table>");
    for (const CardLine& line : h.setup_lines)
      html += QStringLiteral("<tr><td>%1</td><td>%2</td></tr>")
                  .arg(line.label.toHtmlEscaped(), line.value.toHtmlEscaped());
    html += QStringLiteral("</table>");
  }
  if (!h.next.isEmpty()) part("h2", "", tr("Lifted next"));
  for (const QString& next : h.next) part("div", "next", next);
  if (!h.note.isEmpty()) part("h2", "", tr("From your coach"));
  part("p", "note", h.note);
  html += QStringLiteral("<hr>");
  for (const QString& c : h.cautions) part("p", "foot", c);
  return html + QStringLiteral("</body></html>\n");
}

Expected<void> saveHandOut(const HandOut& h, const std::filesystem::path& path) {
  const QString name = QString::fromStdString(path.string());
  const auto ends = [&](const char* ending) {
    return name.endsWith(QLatin1String(ending), Qt::CaseInsensitive);
  };
  if (ends(".pdf"))
    return savePdf(path, QPageSize::A4, h.athlete + QStringLiteral(": ") + h.set,
                   [&](QPainter& p, const QRectF& page) { paintHandOut(p, page, h); });
  if (ends(".html") || ends(".htm")) return saveBytes(path, handOutHtml(h).toUtf8());
  if (ends(".png")) {
    QImage page(1240, 1754, QImage::Format_RGB32);  // A4 at 150 dots an inch
    QPainter p(&page);
    paintHandOut(p, QRectF(QPointF(0, 0), QSizeF(page.size())), h);
    p.end();
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    page.save(&buffer, "PNG");
    return saveBytes(path, bytes);
  }
  return fail(Remedy::kCorrectInput,
              "A hand-out is written as .pdf, .html or .png; “" + path.string() + "” is none of these.");
}

}  // namespace mottix
