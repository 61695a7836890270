// The analysis of one clip as a document: JSON ("mottix.analysis/1", described by docs/analysis.schema.json)
// and CSV.
#pragma once

#include <string>

#include <nlohmann/json_fwd.hpp>

#include "core/base/error.h"
#include "core/log/records.h"

namespace mottix {

inline constexpr std::string_view kAnalysisSchema = "mottix.analysis/1";

nlohmann::ordered_json toJson(const ClipFacts& clip, const ClipTracks& tracks, const Analysis& analysis);

// What a judgement needs of such a document, read again. kCorrectInput names the file and what is wrong.
struct MeasuredDocument {
  std::optional<Lift> lift;  // nothing in documents of earlier programs
  View view = View::kSide;
  std::optional<double> load_kg;
  int reps = 0;
  std::vector<Measure> measures;
};
Expected<MeasuredDocument> parseMeasured(const std::string& text, const std::string& file_name);

// One line a measure: measure, rep, value, unit, sd, status, note. RFC 4180, UTF-8.
std::string toCsv(const Analysis& analysis);
// Every curve of the catalogue that has values, picture by picture, each with its standard deviation.
std::string curvesCsv(const Analysis& analysis);

// Points placed by hand: {"frame": i, "points": {"hip": [x, y], …}}, one object or a list of them.
Expected<std::vector<PlacedPoints>> parsePlacedPoints(const std::string& text, const std::string& file_name);

}  // namespace mottix
