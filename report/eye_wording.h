// Words for what a coach's eye called, against what was measured.
#pragma once

#include <QString>

#include "core/eye/blind_look.h"

namespace mottix {

// "Seen: hips rise first on reps 2 and 3"; empty for what was neither there nor called.
QString glanceHeading(const Glance& glance, const RuleBook& book);
// The numbers, and how large it was called.
QString glanceDetail(const Glance& glance, const RuleBook& book);
// From which size on an eye calls a rule, against the book; or that it is too early.
QString eyeWords(const EyeOfRule& eye, const Rule& rule);
// How often what was there was seen, and what was called that was not.
QString eyeCounts(const EyeOfRule& eye);

}  // namespace mottix
