#include "synth/scene_picture.h"

#include <algorithm>
#include <atomic>
#include <cmath>
#include <limits>
#include <numbers>
#include <optional>
#include <thread>

#include <Eigen/Geometry>
#include <opencv2/core.hpp>

#include "synth/bench_motion.h"

namespace mottix {
namespace {

using V = Eigen::Vector3f;
constexpr int kRays = 4;
constexpr std::array<std::array<float, 2>, kRays> kRayPlace = {
    {{0.375F, 0.125F}, {0.875F, 0.375F}, {0.125F, 0.625F}, {0.625F, 0.875F}}};

enum class Skin { kPlain, kCloth, kPlateFace, kSteel };

struct Paint {
  V bgr = V::Constant(128.0F);
  Skin skin = Skin::kPlain;
};

// A repeatable value in 0..1 for a lattice point.
float lattice(int x, int y, int z) {
  auto h = static_cast<std::uint32_t>(x) * 0x8da6b343U ^ static_cast<std::uint32_t>(y) * 0xd8163841U ^
           static_cast<std::uint32_t>(z) * 0xcb1ab31fU;
  h ^= h >> 13;
  h *= 0x9e3779b1U;
  h ^= h >> 16;
  return static_cast<float>(h & 0xffffU) / 65535.0F;
}

// Smooth noise, 0..1; it repeats after 32 cells.
float grain(const V& p) {
  constexpr int kCells = 32;
  static const std::vector<float> values = [] {
    std::vector<float> v;
    for (int i = 0; i < kCells * kCells * kCells; ++i)
      v.push_back(lattice(i % kCells, i / kCells % kCells, i / (kCells * kCells)));
    return v;
  }();
  const V base(std::floor(p.x()), std::floor(p.y()), std::floor(p.z()));
  const int x = static_cast<int>(base.x()), y = static_cast<int>(base.y()), z = static_cast<int>(base.z());
  V f = p - base;
  f = f.cwiseProduct(f).cwiseProduct(V::Constant(3.0F) - 2.0F * f);
  auto mix = [](float a, float b, float t) { return a + (b - a) * t; };
  auto line = [&](int j, int k) {
    const int row = kCells * ((j & (kCells - 1)) + kCells * (k & (kCells - 1)));
    return mix(values[static_cast<std::size_t>(row + (x & (kCells - 1)))],
               values[static_cast<std::size_t>(row + ((x + 1) & (kCells - 1)))], f.x());
  };
  auto plane = [&](int k) { return mix(line(y, k), line(y + 1, k), f.y()); };
  return mix(plane(z), plane(z + 1), f.z());
}

// Two lamps on the camera's side of the room.
struct Light {
  float strength;
  V lamp, window;
  Light(float how_strong, const V& toward_camera)
      : strength(how_strong),
        lamp((0.65F * toward_camera +
              V(0.25F * std::abs(toward_camera.z()), 0.70F, 0.25F * std::abs(toward_camera.x())))
                 .normalized()),
        window(V(-0.7F, 0.35F, 0.6F).normalized()) {}
};

struct Hit {
  V normal = V::Zero();
  V local = V::Zero();  // coordinates that move with the solid (metres)
  bool face = false;    // the flat end of a disc
};

constexpr float kMissed = std::numeric_limits<float>::max();

// The rays through one row of the picture: at x the way is first + x·step. Ways are not of length one; the
// distance of a hit counts in ways.
struct RayRow {
  V first, step;
  V at(int x) const { return first + static_cast<float>(x) * step; }
};

struct Span {
  int from, to;
};

// Solids answer three questions: how far a ray goes until it meets them (kMissed if it does not), what it
// meets there, and in which part of a row to ask at all.

// A limb: all spheres between two, the radius running from one to the other.
class Limb {
 public:
  V a, b;
  float ra, rb;
  Paint paint;

  Limb(const V& from, const V& to, float from_radius, float to_radius, const Paint& how,
       float texture_shift = 0.0F)
      : a(from), b(to), ra(from_radius), rb(to_radius), paint(how), texture_shift_(texture_shift) {}

  void lookFrom(const V& eye) {
    ba_ = b - a;
    oa_ = eye - a;
    rr_ = ra - rb;
    const float m0 = ba_.squaredNorm();
    m1_ = ba_.dot(oa_);
    d2_ = m0 - rr_ * rr_;
    outside_a_ = oa_.squaredNorm() - ra * ra;
    outside_b_ = (eye - b).squaredNorm() - rb * rb;
    k0_ = d2_ * oa_.squaredNorm() - m1_ * m1_ + m1_ * rr_ * ra * 2.0F - m0 * ra * ra;
    axis_ = ba_.normalized();
    const V side = V(0, 0, 1) - axis_.z() * axis_;
    side_ = side.squaredNorm() > 0.1F ? V(side.normalized()) : V(1, 0, 0);
    third_ = axis_.cross(side_);
  }

  float meet(const V& way) const {
    const float m2 = ba_.dot(way), m3 = way.dot(oa_), length2 = way.squaredNorm();
    const float k1 = d2_ * m3 - m1_ * m2 + m2 * rr_ * ra, k2 = d2_ * length2 - m2 * m2;
    const float h = k1 * k1 - k0_ * k2;
    if (h < 0.0F) return kMissed;
    const float cone = (-std::sqrt(h) - k1) / k2, y = m1_ - ra * rr_ + cone * m2;
    if (y > 0.0F && y < d2_) return cone > 0.0F ? cone : kMissed;
    float t = kMissed;
    const float h1 = m3 * m3 - length2 * outside_a_, m6 = m3 - m2, h2 = m6 * m6 - length2 * outside_b_;
    if (h1 > 0.0F) t = (-m3 - std::sqrt(h1)) / length2;
    if (h2 > 0.0F) t = std::min(t, (-m6 - std::sqrt(h2)) / length2);
    return t > 0.0F ? t : kMissed;
  }
  Hit hitAt(const V& way, float t) const {
    const V p = oa_ + t * way;
    const float y = p.dot(ba_) - ra * rr_;
    const V normal = y <= 0.0F  ? V(p / ra)
                     : y >= d2_ ? V((p - ba_) / rb)
                                : V((d2_ * p - ba_ * y).normalized());
    return {normal, V(p.dot(axis_) + texture_shift_, p.dot(side_), p.dot(third_)), false};
  }
  // Where the row crosses the cone round the limb: its discriminant is a square function of x.
  Span spanIn(const RayRow& row, Span most) const {
    const V &w = row.first, &s = row.step;
    const double m2 = ba_.dot(w), m2s = ba_.dot(s), m3 = oa_.dot(w), m3s = oa_.dot(s);
    const double k1 = d2_ * m3 - m1_ * m2 + m2 * rr_ * ra, k1s = d2_ * m3s - m1_ * m2s + m2s * rr_ * ra;
    const double square = k1s * k1s - k0_ * (d2_ * s.squaredNorm() - m2s * m2s),
                 half = k1 * k1s - k0_ * (d2_ * w.dot(s) - m2 * m2s),
                 fixed = k1 * k1 - k0_ * (d2_ * w.squaredNorm() - m2 * m2);
    if (square >= 0.0) return most;
    const double root = half * half - square * fixed;
    if (root < 0.0) return {0, 0};
    const double middle = -half / square, reach = std::sqrt(root) / -square;
    auto inside = [&](double x) {
      return static_cast<int>(std::clamp(x, static_cast<double>(most.from), static_cast<double>(most.to)));
    };
    return {inside(middle - reach - 1.0), inside(middle + reach + 2.0)};
  }
  template <typename F>
  void eachBound(const F& visit) const {
    visit(a, ra);
    visit(b, rb);
  }

 private:
  float texture_shift_;
  V ba_ = V::Zero(), oa_ = V::Zero(), axis_ = V::Zero(), side_ = V::Zero(), third_ = V::Zero();
  float rr_ = 0, m1_ = 0, d2_ = 0, outside_a_ = 0, outside_b_ = 0, k0_ = 0;
};

// A disc or rod lying along z, from z0 to z1.
class Disc {
 public:
  V middle;  // of the axis; z is not used
  float z0, z1, radius;
  Paint paint;

  Disc(const V& at, float from, float to, float r, const Paint& how)
      : middle(at), z0(from), z1(to), radius(r), paint(how) {}

  void lookFrom(const V& eye) { from_ = V(eye.x() - middle.x(), eye.y() - middle.y(), eye.z()); }

  float meet(const V& way) const {
    const float r2 = radius * radius, a = way.x() * way.x() + way.y() * way.y(),
                b = from_.x() * way.x() + from_.y() * way.y(),
                c = from_.x() * from_.x() + from_.y() * from_.y() - r2, h = b * b - a * c;
    if (h <= 0.0F) return kMissed;  // not even the endless rod
    float t = kMissed;
    if (a > 1e-12F) {
      const float there = (-b - std::sqrt(h)) / a, z = from_.z() + there * way.z();
      if (there > 0.0F && z > z0 && z < z1) t = there;
    }
    for (const float z : {z0, z1}) {
      if (std::abs(way.z()) < 1e-9F) continue;
      const float there = (z - from_.z()) / way.z();
      const float px = from_.x() + there * way.x(), py = from_.y() + there * way.y();
      if (there > 0.0F && px * px + py * py <= r2) t = std::min(t, there);
    }
    return t;
  }
  Hit hitAt(const V& way, float t) const {
    const V p = from_ + t * way;
    // A face or the round: whichever the point lies on.
    const float off_round = std::abs(p.head<2>().norm() - radius);
    const float off_face = std::min(std::abs(p.z() - z0), std::abs(p.z() - z1));
    if (off_face <= off_round)
      return {V(0, 0, std::abs(p.z() - z1) < std::abs(p.z() - z0) ? 1.0F : -1.0F), V(p.x(), p.y(), 0), true};
    return {V(p.x() / radius, p.y() / radius, 0), p, false};
  }
  Span spanIn(const RayRow&, Span most) const { return most; }
  template <typename F>
  void eachBound(const F& visit) const {
    visit(V(middle.x(), middle.y(), z0), radius);
    visit(V(middle.x(), middle.y(), z1), radius);
  }

 private:
  V from_ = V::Zero();
};

class Block {
 public:
  V low, high;
  Paint paint;
  float radius = 1.0F;

  Block(const V& l, const V& h, const Paint& how) : low(l), high(h), paint(how) {}
  void lookFrom(const V& eye) { from_ = eye; }
  float meet(const V& way) const { return enter(way).first; }
  Hit hitAt(const V& way, float t) const {
    const int axis = enter(way).second;
    V normal = V::Zero();
    normal[axis] = way[axis] > 0.0F ? -1.0F : 1.0F;
    return {normal, from_ + t * way, false};
  }
  Span spanIn(const RayRow&, Span most) const { return most; }
  template <typename F>
  void eachBound(const F& visit) const {
    visit(V(0.5F * (low + high)), 0.5F * (high - low).norm());
  }

 private:
  V from_ = V::Zero();
  std::pair<float, int> enter(const V& way) const {
    float t0 = 0.0F, t1 = kMissed;
    int axis = 0;
    for (int k = 0; k < 3; ++k) {
      const float inverse = 1.0F / (std::abs(way[k]) < 1e-9F ? 1e-9F : way[k]);
      float near = (low[k] - from_[k]) * inverse, far = (high[k] - from_[k]) * inverse;
      if (near > far) std::swap(near, far);
      if (near > t0) {
        t0 = near;
        axis = k;
      }
      t1 = std::min(t1, far);
    }
    return {t0 < t1 && t0 > 0.0F ? t0 : kMissed, axis};
  }
};

// Five openings, a raised rim and a hub: how a plate's face differs from a plain disc.
float plateRelief(const V& local, float radius) {
  const float r = local.head<2>().norm() / radius;
  if (r < 0.13F) return 1.9F;               // hub ring
  if (r > 0.955F) return 1.25F;             // rim catches light
  if (r > 0.80F && r < 0.83F) return 1.7F;  // painted line
  if (r > 0.40F && r < 0.68F) {
    const float fifth = 2.0F * std::numbers::pi_v<float> / 5.0F;
    const float turn = std::atan2(local.y(), local.x()) + 0.35F;
    const float in_fifth = turn - fifth * std::floor(turn / fifth);
    if (in_fifth > 0.32F * fifth && in_fifth < 0.80F * fifth) return 0.45F;  // opening
  }
  return 1.0F;
}

V shade(const Hit& hit, const Paint& paint, float radius, const Light& light) {
  const float lit = light.strength * (0.48F + 0.62F * std::max(0.0F, hit.normal.dot(light.lamp)) +
                                      0.22F * std::abs(hit.normal.dot(light.window)));
  float tone = 1.0F;
  switch (paint.skin) {
    case Skin::kCloth:
      tone = 0.80F + 0.26F * grain(hit.local * 38.0F) + 0.14F * grain(hit.local * 90.0F);
      break;
    case Skin::kPlain:
      tone = 0.92F + 0.16F * grain(hit.local * 30.0F);
      break;
    case Skin::kPlateFace:
      tone = hit.face ? plateRelief(hit.local, radius) : 0.9F;
      tone *= 0.95F + 0.1F * grain(V(hit.local * 60.0F));
      break;
    case Skin::kSteel:
      tone = 0.9F + 0.25F * std::abs(hit.normal.y());
      break;
  }
  return paint.bgr * (lit * tone);
}

}  // namespace

Vec2 PinholeCamera::toPicture(const Vec3& world) const {
  const Vec3 p = toCamera(world);
  return {focal_px * p.x() / p.z() + 0.5 * width_px, focal_px * p.y() / p.z() + 0.5 * height_px};
}

PinholeCamera PinholeCamera::around(double azimuth_deg, const Vec3& target_m, double distance_m,
                                    double pitch_deg, double roll_deg) {
  const double rad = std::numbers::pi / 180.0;
  const Vec3 forward(-std::sin(azimuth_deg * rad) * std::cos(pitch_deg * rad), -std::sin(pitch_deg * rad),
                     -std::cos(azimuth_deg * rad) * std::cos(pitch_deg * rad));
  const Vec3 across = forward.cross(Vec3(0, 1, 0)).normalized();
  const Vec3 down = forward.cross(across);
  const double c = std::cos(roll_deg * rad), s = std::sin(roll_deg * rad);
  PinholeCamera camera;
  camera.world_to_cam.row(0) = (c * across + s * down).transpose();
  camera.world_to_cam.row(1) = (-s * across + c * down).transpose();
  camera.world_to_cam.row(2) = forward.transpose();
  camera.position_m = target_m - distance_m * forward;
  return camera;
}

double PlateStack::outerFaceOfFullSize_m() const {
  double z = innerFace_m(), outer = z;
  for (const Plate& p : plates) {
    z += p.thickness_m;
    if (p.diameter_m >= 0.449) outer = z;
  }
  return outer;
}

namespace {
constexpr double kHandle_m = 0.13, kHead_m = 0.07;  // a dumbbell's handle and each of its heads
}

double PlateStack::followedFace_m(double hand_m) const {
  if (dumbbell_m > 0.0) return hand_m + 0.5 * kHandle_m + kHead_m;
  return plates.empty() ? kSleeveEnd_m : outerFaceOfFullSize_m();
}

double PlateStack::followedRadius_m() const {
  if (dumbbell_m > 0.0) return 0.5 * dumbbell_m;
  return plates.empty() ? kSleeveRadius_m : 0.225;
}

PlateStack platesFor(double load_kg, std::uint32_t seed) {
  static constexpr std::array<std::array<float, 3>, 4> kColours = {
      {{34, 34, 36}, {40, 40, 130}, {110, 70, 30}, {60, 95, 50}}};
  struct Kind {
    double kg, diameter_m, thickness_m;
  };
  static constexpr std::array<Kind, 6> kKinds = {{{20, 0.45, 0.045},
                                                  {10, 0.45, 0.030},
                                                  {5, 0.23, 0.026},
                                                  {2.5, 0.19, 0.018},
                                                  {1.25, 0.16, 0.014},
                                                  {0.5, 0.13, 0.012}}};
  PlateStack stack;
  constexpr double kBar_kg = 20.0, kLightestFullSize_kg = 10.0;
  if (load_kg <= kBar_kg) return stack;
  double side = std::max(kLightestFullSize_kg, 0.5 * (load_kg - kBar_kg));
  for (const Kind& kind : kKinds)
    while (side >= kind.kg - 1e-9 && stack.plates.size() < 8) {
      const auto& colour = kind.diameter_m > 0.4 ? kColours[seed % kColours.size()] : kColours[0];
      stack.plates.push_back({kind.diameter_m, kind.thickness_m, colour});
      side -= kind.kg;
    }
  return stack;
}

struct ScenePicture::Layer {
  std::vector<V> colour;
  std::vector<float> depth;
};

namespace {

struct Eye {
  V from;
  Eigen::Matrix3f cam_to_world;
  float focal, half_w, half_h;
  int width, height;

  explicit Eye(const PinholeCamera& c)
      : from(c.position_m.cast<float>()),
        cam_to_world(c.world_to_cam.transpose().cast<float>()),
        focal(static_cast<float>(c.focal_px)),
        half_w(0.5F * static_cast<float>(c.width_px)),
        half_h(0.5F * static_cast<float>(c.height_px)),
        width(c.width_px),
        height(c.height_px) {}
  RayRow row(std::size_t ray, int y) const {
    const float u = kRayPlace[ray][0], v = static_cast<float>(y) + kRayPlace[ray][1];
    return {cam_to_world * V((u - half_w) / focal, (v - half_h) / focal, 1.0F), cam_to_world.col(0) / focal};
  }
};

using Patch = ScenePicture::Patch;

template <typename Solid>
Patch patchOf(const Eye& eye, const Solid& solid) {
  float x0 = 1e9F, x1 = -1e9F, y0 = 1e9F, y1 = -1e9F;
  solid.eachBound([&](const V& centre, float radius) {
    const V p = eye.cam_to_world.transpose() * (centre - eye.from);
    const float z = std::max(0.05F, p.z() - radius);
    // The sphere's outline lies within its radius at the nearer depth, in both directions.
    for (const float sx : {-radius, radius}) {
      for (const float depth : {z, p.z() + radius}) {
        x0 = std::min(x0, eye.focal * (p.x() + sx) / depth);
        x1 = std::max(x1, eye.focal * (p.x() + sx) / depth);
        y0 = std::min(y0, eye.focal * (p.y() + sx) / depth);
        y1 = std::max(y1, eye.focal * (p.y() + sx) / depth);
      }
    }
  });
  auto clampTo = [](float v, int high) { return std::clamp(static_cast<int>(std::floor(v)), 0, high); };
  return {clampTo(x0 + eye.half_w - 1, eye.width), clampTo(x1 + eye.half_w + 2, eye.width),
          clampTo(y0 + eye.half_h - 1, eye.height), clampTo(y1 + eye.half_h + 2, eye.height)};
}

Patch united(const Patch& a, const Patch& b) {
  return {std::min(a.x0, b.x0), std::max(a.x1, b.x1), std::min(a.y0, b.y0), std::max(a.y1, b.y1)};
}

// Calls `nearer(at, x, way, distance)` where the solid is met before `depth[at]`; rows and columns of
// `within`, `depth` beginning with its first row, whole rows wide.
template <typename Solid, typename Nearer>
void cover(const Eye& eye, std::size_t ray, const Solid& solid, const Patch& patch, const Patch& within,
           std::vector<float>& depth, const Nearer& nearer) {
  const Span most{std::max(patch.x0, within.x0), std::min(patch.x1, within.x1)};
  for (int y = std::max(patch.y0, within.y0); y < std::min(patch.y1, within.y1); ++y) {
    const RayRow row = eye.row(ray, y);
    const Span span = solid.spanIn(row, most);
    const auto start = static_cast<std::size_t>(y - within.y0) * static_cast<std::size_t>(eye.width);
    for (int x = span.from; x < span.to; ++x) {
      const V way = row.at(x);
      const float t = solid.meet(way);
      const std::size_t at = start + static_cast<std::size_t>(x);
      if (t >= depth[at]) continue;
      depth[at] = t;
      nearer(at, way, t);
    }
  }
}

V toV(const Vec3& p) {
  return p.cast<float>();
}
V toV(const std::array<float, 3>& c) {
  return {c[0], c[1], c[2]};
}

}  // namespace

struct ScenePicture::Solids {
  std::vector<Limb> limbs;
  std::vector<Disc> discs;
  std::vector<Patch> limb_patches, disc_patches;
};

namespace {

template <typename Solids>
Solids lifterSolids(const LiftPose& pose, const PlateStack& plates, const RoomLook& look,
                    const LifterBuild& build) {
  Solids s;
  const auto g = static_cast<float>(build.girth);
  const Paint skin{toV(look.skin_bgr), Skin::kPlain}, shirt{toV(look.shirt_bgr), Skin::kCloth},
      shorts{toV(look.shorts_bgr), Skin::kCloth}, shoe{toV(look.shoe_bgr), Skin::kCloth};
  auto limb = [&](const Vec3& a, const Vec3& b, float ra, float rb, const Paint& paint) {
    s.limbs.emplace_back(toV(a), toV(b), g * ra, g * rb, paint, static_cast<float>(s.limbs.size()));
  };
  for (const Side* side : {&pose.right, &pose.left}) {
    auto p = [&](Joint j) -> const Vec3& { return side->joint[indexOf(j)]; };
    limb(p(Joint::kAnkle), p(Joint::kKnee), 0.042F, 0.060F, skin);
    const Vec3 mid_thigh = 0.42 * p(Joint::kHip) + 0.58 * p(Joint::kKnee);
    limb(p(Joint::kKnee), mid_thigh, 0.062F, 0.076F, skin);
    limb(mid_thigh, p(Joint::kHip), 0.080F, 0.098F, shorts);
    limb(p(Joint::kHeel) + Vec3(0.03, 0.028, 0), p(Joint::kToe) + Vec3(-0.035, 0.020, 0), 0.040F, 0.034F,
         shoe);
    limb(p(Joint::kAnkle), p(Joint::kHeel) + Vec3(0.05, 0.045, 0), 0.042F, 0.042F, shoe);
    limb(p(Joint::kShoulder), p(Joint::kElbow), 0.052F, 0.040F, shirt);
    limb(p(Joint::kElbow), p(Joint::kWrist), 0.040F, 0.030F, skin);
    // The hand lies round the bar, or hangs on from the forearm.
    const Vec3 wrist = p(Joint::kWrist);
    const Vec3 held(pose.bar.x(), pose.bar.y() + pose.bar_slope * wrist.z(), wrist.z());
    constexpr double kReach = 0.12;
    const Vec3 hand =
        (held - wrist).norm() < kReach ? held : Vec3(wrist + 0.07 * (wrist - p(Joint::kElbow)).normalized());
    limb(wrist, hand, 0.036F, 0.034F, skin);
  }
  auto mid = [&](Joint j) {
    return Vec3(0.5 * (pose.right.joint[indexOf(j)] + pose.left.joint[indexOf(j)]));
  };
  const Vec3 hip = mid(Joint::kHip), shoulder = mid(Joint::kShoulder), ear = mid(Joint::kEar);
  const Vec3 up = (shoulder - hip).normalized();
  const bool bent = pose.back_round_m != 0.0;
  const Vec3 middle = backMiddleOf(pose), low = bent ? (middle - hip).normalized() : up;
  for (const double z : {-0.075, 0.0, 0.075}) {
    const Vec3 out(0, 0, z);
    limb(hip + 0.02 * up + out, hip + 0.20 * low + out, 0.108F, 0.100F, shorts);
    if (bent) limb(hip + 0.16 * low + out, middle + 1.15 * out, 0.102F, 0.106F, shirt);
    limb((bent ? middle : Vec3(hip + 0.16 * up)) + (bent ? 1.15 : 1.0) * out,
         shoulder - 0.03 * up + 1.3 * out, bent ? 0.106F : 0.102F, 0.112F, shirt);
  }
  limb(shoulder, ear, 0.055F, 0.052F, skin);
  limb(ear + Vec3(0.0, -0.02, 0), ear + Vec3(0.02, 0.05, 0), 0.078F, 0.090F, skin);

  const Paint steel{V(165, 165, 165), Skin::kSteel};
  const V bar = toV(pose.bar);
  const auto slope = static_cast<float>(pose.bar_slope);
  if (plates.dumbbell_m > 0.0) {
    const auto handle = static_cast<float>(0.5 * kHandle_m), head = static_cast<float>(kHead_m);
    for (const Side* side : {&pose.right, &pose.left}) {
      const auto z = static_cast<float>(side->joint[indexOf(Joint::kWrist)].z());
      const V at = bar + V(0.0F, slope * z, 0.0F);
      s.discs.emplace_back(at, z - handle, z + handle, 0.016F, steel);
      for (const float sign : {1.0F, -1.0F}) {
        const float a = z + sign * handle, b = z + sign * (handle + head);
        s.discs.emplace_back(at, std::min(a, b), std::max(a, b), static_cast<float>(0.5 * plates.dumbbell_m),
                             Paint{V(45, 45, 48), Skin::kPlateFace});
      }
    }
    return s;
  }
  // Pieces lie along z; a sloping bar is made of short ones, each at its own height.
  auto rod = [&](float z0, float z1, float radius, const Paint& paint) {
    constexpr float kPiece = 0.05F;
    const int pieces = slope == 0.0F ? 1 : std::max(1, static_cast<int>(std::ceil((z1 - z0) / kPiece)));
    for (int i = 0; i < pieces; ++i) {
      const float a = z0 + (z1 - z0) * static_cast<float>(i) / static_cast<float>(pieces),
                  b = z0 + (z1 - z0) * static_cast<float>(i + 1) / static_cast<float>(pieces);
      s.discs.emplace_back(bar + V(0.0F, slope * 0.5F * (a + b), 0.0F), a, b, radius, paint);
    }
  };
  rod(-0.655F, 0.655F, 0.014F, steel);
  for (const float sign : {1.0F, -1.0F}) {
    auto disc = [&](double z0, double z1, double radius, const Paint& paint) {
      const float a = sign * static_cast<float>(z0), b = sign * static_cast<float>(z1);
      rod(std::min(a, b), std::max(a, b), static_cast<float>(radius), paint);
    };
    disc(0.655, kSleeveEnd_m, kSleeveRadius_m, steel);
    disc(0.640, 0.655, 0.040, steel);
    double z = plates.innerFace_m();
    for (const auto& plate : plates.plates) {
      const Paint face{toV(plate.bgr), Skin::kPlateFace};
      const double round = std::min(0.010, 0.25 * plate.thickness_m);  // the rim's edges are rounded
      disc(z, z + plate.thickness_m, 0.5 * plate.diameter_m - 0.4 * round, face);
      disc(z + round, z + plate.thickness_m - round, 0.5 * plate.diameter_m, face);
      z += plate.thickness_m;
    }
    if (!plates.plates.empty()) disc(z, z + 0.035, 0.036, Paint{V(60, 60, 62), Skin::kSteel});  // collar
  }
  return s;
}

}  // namespace

ScenePicture::ScenePicture(PinholeCamera camera, PlateStack plates, const RoomLook& look,
                           const LifterBuild& build)
    : camera_(camera), plates_(std::move(plates)), look_(look), build_(build) {
  const Eye eye(camera_);
  const Light light(look_.light, toV(towardCamera()));
  const std::size_t pixels = static_cast<std::size_t>(eye.width) * static_cast<std::size_t>(eye.height);
  const Paint wall{toV(look_.wall_bgr), Skin::kPlain}, floor{toV(look_.floor_bgr), Skin::kCloth},
      post{V(40, 42, 44), Skin::kSteel}, wood{V(70, 105, 140), Skin::kCloth},
      hook{V(30, 150, 190), Skin::kPlain}, leather{V(38, 36, 40), Skin::kPlain};
  std::vector<Block> blocks = {{V(-8, -0.05F, -8), V(8, 0, 8), floor}};
  // What stands at the wall, by its place along the wall, its height and its distance behind the lifter.
  const V away = -toV(towardCamera()), along(std::abs(away.z()), 0.0F, std::abs(away.x()));
  auto behind = [&](float a0, float a1, float y0, float y1, float d0, float d1, const Paint& paint) {
    const V p = a0 * along + V(0, y0, 0) + d0 * away, q = a1 * along + V(0, y1, 0) + d1 * away;
    blocks.push_back({p.cwiseMin(q), p.cwiseMax(q), paint});
  };
  constexpr float kWall = 2.4F;
  behind(-8, 8, 0, 3.2F, kWall, kWall + 0.1F, wall);
  behind(-8, 8, 0.0F, 0.12F, kWall - 0.03F, kWall + 0.03F, wood);
  behind(-2.4F, -1.2F, 0.38F, 0.48F, 1.6F, 2.0F, wood);
  behind(1.5F, 2.9F, 0.6F, 0.66F, 2.0F, 2.35F, post);
  for (int i = 0; i < 5; ++i) {
    const float x = 1.65F + 0.26F * static_cast<float>(i);
    behind(x, x + 0.16F, 0.66F, 0.80F, 2.05F, 2.3F,
           Paint{V(70.0F + 20.0F * static_cast<float>(i % 3), 60, 80), Skin::kPlain});
  }
  // Between lifter and wall, or beside the lifter, so that it never stands in the way.
  const float rack_x = look_.view == View::kFront ? -1.0F : 1.0F;
  auto block = [&](float x0, float x1, float y0, float y1, float z0, float z1, const Paint& paint) {
    blocks.push_back({V(std::min(rack_x * x0, rack_x * x1), y0, z0),
                      V(std::max(rack_x * x0, rack_x * x1), y1, z1), paint});
  };
  if (look_.lift == Lift::kSquat) {
    for (const float z : {-0.58F, 0.58F}) {
      block(0.62F, 0.69F, 0, 2.25F, z - 0.035F, z + 0.035F, post);
      block(0.25F, 0.85F, 0.0F, 0.06F, z - 0.04F, z + 0.04F, post);
      block(0.56F, 0.62F, 1.25F, 1.29F, z - 0.03F, z + 0.03F, hook);
    }
    block(0.62F, 0.69F, 2.2F, 2.25F, -0.58F, 0.58F, post);
  } else if (look_.lift == Lift::kBench) {
    const auto top = static_cast<float>(kBenchTop_m), half = static_cast<float>(kBenchHalf_m);
    blocks.push_back({V(-0.62F, top - 0.08F, -half), V(0.55F, top, half), leather});
    for (const float x : {-0.5F, 0.42F})
      blocks.push_back({V(x, 0, -0.05F), V(x + 0.06F, top - 0.08F, 0.05F), post});
    for (const float z : {-0.5F, 0.5F}) {
      blocks.push_back({V(-0.50F, 0, z - 0.03F), V(-0.44F, 1.0F, z + 0.03F), post});
      blocks.push_back({V(-0.8F, 0, z - 0.04F), V(-0.1F, 0.05F, z + 0.04F), post});
    }
    blocks.push_back({V(-0.50F, 0.25F, -0.5F), V(-0.44F, 0.31F, 0.5F), post});
  }
  const Patch all{0, eye.width, 0, eye.height};
  for (Block& b : blocks) b.lookFrom(eye.from);
  for (std::size_t ray = 0; ray < kRays; ++ray) {
    auto layer = std::make_unique<Layer>();
    layer->colour.assign(pixels, V::Constant(90.0F));
    layer->depth.assign(pixels, kMissed);
    for (const Block& b : blocks)
      cover(eye, ray, b, patchOf(eye, b), all, layer->depth, [&](std::size_t at, const V& way, float t) {
        layer->colour[at] = shade(b.hitAt(way, t), b.paint, b.radius, light).cwiseMin(255.0F);
      });
    room_.push_back(std::move(layer));
  }
  still_.create(eye.height, eye.width, CV_8UC3);
  for (std::size_t at = 0; at < pixels; ++at) {
    V sum = V::Zero();
    for (const auto& layer : room_) sum += layer->colour[at];
    for (int k = 0; k < 3; ++k) still_.ptr<cv::Vec3b>()[at][k] = cv::saturate_cast<uchar>(sum[k] / kRays);
  }
}

ScenePicture::~ScenePicture() = default;

void ScenePicture::render(const std::function<LiftPose(double)>& pose, double time_s, double exposure_s,
                          cv::Mat& bgr) {
  const Eye eye(camera_);
  std::array<Solids, kRays> solids;
  Patch touched{eye.width, 0, eye.height, 0};
  for (int ray = 0; ray < kRays; ++ray) {
    const double t = time_s + exposure_s * ((ray + 0.5) / kRays - 0.5);
    Solids& s = solids[static_cast<std::size_t>(ray)];
    s = lifterSolids<Solids>(pose(t), plates_, look_, build_);
    if (look_.someone_passes) addPasserBy(s, t);
    auto place = [&](auto& all, std::vector<Patch>& patches) {
      for (auto& solid : all) {
        solid.lookFrom(eye.from);
        patches.push_back(patchOf(eye, solid));
        touched = united(touched, patches.back());
      }
    };
    place(s.limbs, s.limb_patches);
    place(s.discs, s.disc_patches);
  }
  still_.copyTo(bgr);
  constexpr int kBandRows = 16;
  std::atomic<int> next = touched.y0;
  auto work = [&] {
    for (int y = next.fetch_add(kBandRows); y < touched.y1; y = next.fetch_add(kBandRows))
      renderBand(solids.data(), {touched.x0, touched.x1, y, std::min(y + kBandRows, touched.y1)}, bgr);
  };
  std::jthread second(work);
  work();
}

void ScenePicture::renderBand(const Solids* solids, const Patch& band, cv::Mat& bgr) const {
  const Eye eye(camera_);
  const Light light(look_.light, toV(towardCamera()));
  constexpr std::uint16_t kRoom = 0xffff;
  const auto width = static_cast<std::size_t>(eye.width);
  const std::size_t first = static_cast<std::size_t>(band.y0) * width,
                    pixels = static_cast<std::size_t>(band.y1 - band.y0) * width;
  // Which solid each ray meets, and where; only that is shaded.
  std::array<std::vector<float>, kRays> depth;
  std::array<std::vector<std::uint16_t>, kRays> met;
  for (std::size_t ray = 0; ray < kRays; ++ray) {
    const Solids& s = solids[ray];
    const auto from = room_[ray]->depth.begin() + static_cast<long>(first);
    depth[ray].assign(from, from + static_cast<long>(pixels));
    met[ray].assign(pixels, kRoom);
    std::uint16_t number = 0;
    auto put = [&](const auto& all, const std::vector<Patch>& patches) {
      for (std::size_t i = 0; i < all.size(); ++i, ++number)
        cover(eye, ray, all[i], patches[i], band, depth[ray],
              [&](std::size_t at, const V&, float) { met[ray][at] = number; });
    };
    put(s.limbs, s.limb_patches);
    put(s.discs, s.disc_patches);
  }
  for (int y = band.y0; y < band.y1; ++y) {
    std::array<RayRow, kRays> row;
    for (std::size_t ray = 0; ray < kRays; ++ray) row[ray] = eye.row(ray, y);
    auto* out = bgr.ptr<cv::Vec3b>(y);
    for (int x = band.x0; x < band.x1; ++x) {
      const std::size_t at = static_cast<std::size_t>(y - band.y0) * width + static_cast<std::size_t>(x);
      if ((met[0][at] & met[1][at] & met[2][at] & met[3][at]) == kRoom) continue;
      V sum = V::Zero();
      for (std::size_t ray = 0; ray < kRays; ++ray) {
        const std::size_t number = met[ray][at];
        if (number == kRoom) {
          sum += room_[ray]->colour[first + at];
          continue;
        }
        const V way = row[ray].at(x);
        const Solids& s = solids[ray];
        auto colour = [&](const auto& solid, float radius) {
          return shade(solid.hitAt(way, depth[ray][at]), solid.paint, radius, light).cwiseMin(255.0F).eval();
        };
        sum += number < s.limbs.size()
                   ? colour(s.limbs[number], 1.0F)
                   : colour(s.discs[number - s.limbs.size()], s.discs[number - s.limbs.size()].radius);
      }
      for (int k = 0; k < 3; ++k) out[x][k] = cv::saturate_cast<uchar>(sum[k] / kRays);
    }
  }
}

Vec3 ScenePicture::towardCamera() const {
  const Vec3& c = camera_.position_m;
  if (look_.view == View::kSide) return {0.0, 0.0, c.z() > 0.0 ? 1.0 : -1.0};
  return {c.x() > 0.0 ? 1.0 : -1.0, 0.0, 0.0};
}

// Someone walks by between camera and lifter at 1.2 m/s.
void ScenePicture::addPasserBy(Solids& solids, double time_s) const {
  const Vec3 side = towardCamera(), way(std::abs(side.z()), 0.0, std::abs(side.x()));
  const Vec3 at = 1.2 * (time_s - look_.passes_at_s) * way + 1.7 * side;
  const Paint coat{V(52, 66, 60), Skin::kCloth}, skin{toV(look_.skin_bgr), Skin::kPlain};
  auto limb = [&](double y0, double y1, float r0, float r1, const Paint& paint) {
    solids.limbs.emplace_back(toV(at + Vec3(0, y0, 0)), toV(at + Vec3(0, y1, 0)), r0, r1, paint);
  };
  limb(0.05, 0.95, 0.07F, 0.10F, coat);
  limb(0.95, 1.45, 0.12F, 0.13F, coat);
  limb(1.60, 1.68, 0.08F, 0.09F, skin);
}

}  // namespace mottix
