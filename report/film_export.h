// A film for the athlete: the set, or a rep, with what was seen drawn on it, slower if wanted, standing still
// at the finding, with captions; two films beside each other by the bar's height. Even time, 30 pictures a
// second, so that it plays everywhere.
#pragma once

#include <filesystem>
#include <functional>
#include <optional>
#include <vector>

#include <QString>

#include "core/base/error.h"
#include "report/film_evidence.h"
#include "report/sheet_data.h"

namespace mottix {

struct FilmExport {
  double speed = 1.0;           // of life, 0.1 to 1
  bool stop_at_finding = true;  // for some seconds
  bool captions = true;         // on the picture; those beside it are made in any case
  int height_px = 720;          // of the picture, 240 to 1080; never larger than filmed
  EvidenceChoice lines = {};
  // What lies around an ear is made unrecognisable: of the lifter alone, where the head has been found, and
  // on the pictures between those. People in the background are not touched.
  bool blur_faces = false;
  Expected<void> validate() const;
};

struct FilmSide {
  SheetData sheet;
  std::filesystem::path film;
  std::optional<int> rep = std::nullopt;              // nothing: all of them
  std::optional<std::string> finding = std::nullopt;  // by its rule; nothing: the first clear one
  QString cue = {};                                   // said for that finding: stands under it; empty: none
};

struct FilmCaption {
  double from_s = 0.0, to_s = 0.0;
  QString text;
};

// Returns false to stop; `part` runs from 0 to 1.
using FilmGoing = std::function<bool(double part)>;

// One film, or two beside each other: the second goes by the bar's height of the first, or by the clock,
// `later_s` after it, where both show one set. By the ending of the name .mp4 (H.264) or .webm (VP9).
// What is written appears under its name when it is whole. Films are not touched.
// Failure: kCorrectInput for another ending, nothing measured, or faces that cannot be found;
// kChooseAnotherFile for a film that cannot be read; kCheckDisk. Stopped: kCorrectInput with `stoppedByHand`.
Expected<std::vector<FilmCaption>> exportFilm(const std::vector<FilmSide>& sides, const FilmExport& how,
                                              const std::filesystem::path& path, const FilmGoing& going = {},
                                              std::optional<double> later_s = std::nullopt);
Error stoppedByHand();
bool isStopped(const Error& error);

// Captions as a file that players lay under a film (WebVTT).
QString toWebVtt(const std::vector<FilmCaption>& captions);

}  // namespace mottix
