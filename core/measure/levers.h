// Levers and joint moments as values at a picture, from the side (core/mechanics/joint_moments.h). Levers are
// level distances between the bar's line of gravity and a joint, cm. Moments, N m, are of both sides together
// and positive where the joint's extensors give them (ankle: what pushes the toes down).
#pragma once

#include <cmath>
#include <optional>
#include <vector>

#include "core/measure/posture_reading.h"

namespace mottix::posture {

// Of the bar in front of the hip, behind the knee, toward the feet of the shoulder and of the elbow.
double hipLever_cm(const Places& p, std::size_t f);
double kneeLever_cm(const Places& p, std::size_t f);
double shoulderLever_cm(const Places& p, std::size_t f);
double elbowLever_cm(const Places& p, std::size_t f);

// What a joint has to give against the load, and with `body_kg` also against the body above it, inertia
// included. `about` is a hip, knee, ankle, shoulder or elbow.
struct JointMoment {
  Joint about = Joint::kHip;
  Lift lift = Lift::kSquat;
  double load_kg = 0.0;
  std::optional<Estimate> body_kg;  // nothing: the load alone

  std::vector<Joint> joints() const;  // that it is made of
  double at(const Places& p, std::size_t f) const;
  // Standard deviation of what is not known of it beside where joints and bar are: how they speed up, which
  // is another in every picture, and the body's mass and how it is spread over the segments, which is not.
  double speedingError(const Places& p, std::size_t f) const;
  double massError(const Places& p, std::size_t f) const;
  double ownError(const Places& p, std::size_t f) const {  // of both
    return std::hypot(speedingError(p, f), massError(p, f));
  }
};

}  // namespace mottix::posture
