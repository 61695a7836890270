// What the athlete takes home of a set: one page with what was good, the one thing to change with its
// picture, the cue, the set-up, what is next, and the caution. Painted the same on the screen, on a printer,
// into a PDF (text stays text) and into a picture; and as one HTML file that needs nothing beside it.
#pragma once

#include <filesystem>
#include <map>
#include <optional>
#include <vector>

#include <QImage>
#include <QPainter>
#include <QString>
#include <QStringList>

#include "core/base/error.h"
#include "core/load/lift_plan.h"
#include "core/log/story.h"
#include "report/fit_wording.h"
#include "report/path_drawing.h"
#include "report/sheet_data.h"

namespace mottix {

// How much is said: in plain words, or with the numbers and their errors.
enum class HandOutLevel { kPlain, kNumbers };

struct HandOutWish {
  HandOutLevel level = HandOutLevel::kPlain;
  bool in_lb = false;
  std::string finding = {};  // by its rule; empty: what the cue answers, or the worst
  QString note = {};         // of the coach, in their own words
};

// What stands around the set.
struct HandOutFacts {
  QString day;                            // as it is said: "24 November 2026"
  std::optional<SetupRecord> setup = {};  // that was used, or is in use
  CueBook cues = builtInCueBook();        // with the house's own
  std::string offered_cue = {},
              offered_for = {};          // the cue at hand when none was said, and its finding's rule
  std::optional<NextSession> next = {};  // by the plan; nothing: what the verdict decides
  std::optional<double> next_kg = {};    // decided by the coach, before all
  std::optional<Loading> loading = {};   // of the next load
  std::optional<SinceLast> since = {};   // the session before
};

struct HandOut {
  QString athlete, day, set;       // "Back squat, low bar: 5 × 82.5 kg"
  QStringList good;                // sentences
  std::optional<Finding> finding;  // the one thing; nothing: nothing to change
  QString change, change_why;      // its heading, and what it was read off; empty: as above
  QString cue;
  QImage picture;                              // set by whoever has the film; null: none
  QString picture_words;                       // what it shows, for who does not see it
  std::vector<std::pair<RepPath, bool>> reps;  // each rep's path, and whether it shows the finding
  QString setup;                               // its name; empty: none
  std::vector<CardLine> setup_lines;
  QStringList next;  // what is lifted next, with what to hang on the bar
  QString note;
  QStringList cautions;
};

// Only what is clear is told; what the coach has overruled is not.
HandOut makeHandOut(const SheetData& sheet, const HandOutFacts& facts, const HandOutWish& wish);

// The finding on its picture: the part of the frame around lifter and bar, with joints, path and lines.
// `frame`: of the film, whole, as displayed.
QImage findingPicture(const SheetData& sheet, const Finding& finding, const QImage& frame);

// A4 upright, whatever its size in pixels.
void paintHandOut(QPainter& painter, const QRectF& page, const HandOut& hand_out);
QString handOutHtml(const HandOut& hand_out);
// By the ending: .pdf, .html, .png. kCorrectInput for another one, kCheckDisk when it cannot be written.
Expected<void> saveHandOut(const HandOut& hand_out, const std::filesystem::path& path);

}  // namespace mottix
