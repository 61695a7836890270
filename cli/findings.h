// What was found of a set, as the commands print it: findings with causes, what could not be told, what is in
// order, what another view would show, and the cue.
#pragma once

#include "core/log/judging.h"

namespace mottix {

void printFindings(const Judging& by, Lift lift, View view, const std::vector<Measure>& measures,
                   const std::vector<Finding>& findings);

}  // namespace mottix
