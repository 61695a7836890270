// What `Film` and the process that reads for it say to each other: these records over a socket, pictures in
// memory that both see. Both ends are of one build; the film's end still believes nothing it has not checked.
#pragma once

#include <array>
#include <cstddef>
#include <cstdint>

#include "vision/film.h"

namespace mottix::wire {

// File descriptors of the reading process.
constexpr int kSocket = 3, kFilm = 4, kPictures = 5;

// First word: FilmLimits. Answer, and if it is kGot: Opened and that many times.
struct Opened {
  std::int32_t width_px = 0, height_px = 0, rotation_deg = 0;
  std::int32_t mirrored = 0, variable_rate = 0;
  std::array<char, 36> codec{};
  double duration_s = 0.0, slowed_by = 1.0;
  std::uint64_t frames = 0;
};

struct Request {
  std::uint32_t at = 0;  // 1: the picture `index`; 0: the next one
  std::uint32_t colour = 0;
  std::uint64_t index = 0;
  double part = 1.0;
  std::uint64_t slot = 0;  // where the picture goes, below kSlots
};

enum class Outcome : std::int32_t { kGot, kEnd, kError };

struct Answer {
  Outcome outcome = Outcome::kEnd;
  std::int32_t remedy = 0;  // of an error, whose `text_size` bytes follow
  std::uint32_t text_size = 0;
  std::int32_t rows = 0, cols = 0;  // of a picture, its rows one after the other
  std::uint64_t index = 0;
};

constexpr std::uint32_t kLongestText = 4096;

// One picture is decoded while the one before is looked at.
constexpr std::uint64_t kSlots = 2;

// Room for any picture of a film that is shown in this size: a slot; there are kSlots, one after the other.
constexpr std::size_t slotBytes(int width_px, int height_px) {
  return static_cast<std::size_t>(width_px) * static_cast<std::size_t>(height_px) * 3 + 4096;
}

// The whole of it or false. `within_ms`: how long to wait for each part; negative for ever.
bool send(int socket, const void* data, std::size_t size);
bool receive(int socket, void* data, std::size_t size, int within_ms = -1);

}  // namespace mottix::wire
