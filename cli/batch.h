// Many films measured, each by a worker process of its own.
#pragma once

#include <filesystem>
#include <string>
#include <vector>

#include "core/base/error.h"

namespace mottix {

struct BatchOptions {
  std::filesystem::path films, out;  // folders; `out` is made
  int jobs = 0;                      // at once; 0: as many as there are cores
  std::vector<std::string> say;      // further options of `analyse`, for every film
  bool sets = false;                 // OUT/NAME.mottix as well: the set as a house of its own
};

// Of every film in `films` (sorted by name, not of folders in it) OUT/NAME.json is written, and what the
// worker said into OUT/NAME.log. What is there already is not made again, so that a batch that was broken off
// goes on, and several machines may share one by the parts of a list. A line a film goes to standard output:
// name, what became of it, seconds. A film on which a worker breaks down costs that film only. Returns how
// many failed. kCheckDisk, kChooseAnotherFile.
Expected<int> analyseBatch(const BatchOptions& options);

}  // namespace mottix
