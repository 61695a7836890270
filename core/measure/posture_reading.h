// Ways of reading a posture off a rep, shared by the tables of the lifts.
#pragma once

#include <functional>
#include <span>
#include <vector>

#include "core/measure/measure_kind.h"

namespace mottix::posture {

using Value = std::function<double(const Places&, std::size_t)>;

// A formula over some joints in some pictures, shown at `evidence`.
Reading formula(const RepScene& s, std::span<const Joint> joints, std::vector<std::size_t> frames,
                std::size_t evidence, std::function<double(const Places&)> value);
// A value at one picture; the greatest of some; that at `after` minus that at `before`.
Reading at(const RepScene& s, std::span<const Joint> joints, std::size_t frame, Value value);
Reading most(const RepScene& s, std::span<const Joint> joints, std::size_t from, std::size_t to, Value value);
Reading between(const RepScene& s, std::span<const Joint> joints, std::size_t before, std::size_t after,
                std::size_t evidence, Value value);
// The greatest value between two pictures minus that at `before`; and that at `before` minus the least.
Reading gained(const RepScene& s, std::span<const Joint> joints, std::size_t before, std::size_t from,
               std::size_t to, Value value);
Reading lost(const RepScene& s, std::span<const Joint> joints, std::size_t before, std::size_t from,
             std::size_t to, Value value);
// A reading whose formula uses where the feet stand.
Reading onFeet(Reading r);
// Bar in front of mid-foot (`sign` 1) or behind it (-1), greatest between two pictures, cm.
Reading barOverFoot(const RepScene& s, std::size_t from, std::size_t to, double sign);
// Pictures at even times from one to another, on which a formula looks for its greatest anew when something
// is put wrong.
std::vector<std::size_t> evenly(std::size_t from, std::size_t to);
// Rise of the hip divided by that of the shoulder.
Reading rises(const RepScene& s, std::size_t from, std::size_t to);
// How much sooner the hip than the knee has made `share` of its change between two pictures, seconds.
Reading lag(const RepScene& s, std::size_t from, std::size_t to, double share);

// First picture of a deadlift's pull on which the bar is as high as the knee; of the lowering, as low.
std::size_t kneePassed(const RepScene& s);
std::size_t kneePassedDown(const RepScene& s);

// Degrees; see the conventions: forward, and bent, are positive.
double trunkLean(const Places& p, std::size_t f);
double shinLean(const Places& p, std::size_t f);
double kneeBend(const Places& p, std::size_t f);
double hipBend(const Places& p, std::size_t f);
double elbowBend(const Places& p, std::size_t f);

}  // namespace mottix::posture
