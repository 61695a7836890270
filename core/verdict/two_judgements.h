// One set judged twice, by two books: where they say the same and where they do not.
#pragma once

#include <array>
#include <optional>
#include <string>
#include <vector>

#include "core/verdict/judge.h"

namespace mottix {

// What either says of one event; nothing: in order there, not asked, or not to be told.
struct EventByTwo {
  std::string event;
  std::array<std::optional<Finding>, 2> is;
  bool differs() const;
};

// Events that either finds anything in, those on which they differ first. Of an event the clearest finding
// counts, its own rule's before those that show it another way.
std::vector<EventByTwo> compareJudgements(const std::vector<Finding>& first,
                                          const std::vector<Finding>& second);

}  // namespace mottix
