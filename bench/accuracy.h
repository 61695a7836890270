// Tables in Markdown: how far the analysis of clips lies from the truth, and how long it takes.
#pragma once

#include <filesystem>
#include <vector>

namespace mottix {

int printAccuracy(const std::vector<std::filesystem::path>& clips, const std::filesystem::path& models);
// Films of empty bars and dumbbells from the side, pointed at on the first picture.
int printHeld(const std::vector<std::filesystem::path>& clips);

// Films whose bar lies across the picture (from the front, the rear, a bench's ends).
int printAcross(const std::vector<std::filesystem::path>& clips);
// Many seeded films, summed up by lift and view and by how hard they are to read.
int printField(const std::vector<std::filesystem::path>& clips, const std::filesystem::path& models);
// Lengths of the body read from each clip, with and without the height as a second ruler.
int printLengths(const std::vector<std::filesystem::path>& clips, const std::filesystem::path& models);
// Angles over whole sets, from placed joints and from found ones.
int printAngles(const std::vector<std::filesystem::path>& clips, const std::filesystem::path& models);
// A house of 100,000 sets: opened, told, searched. Made first when there is no such file.
int printHouse(const std::filesystem::path& path);
// Simulated lifters who follow each plan for sixteen weeks.
int printLoad(int runs);
// Pairs of films of one set laid on each other.
int printSync(const std::vector<std::filesystem::path>& clips);
// Joints found without the coach, over whole clips, with the time each step takes.
int printJoints(const std::vector<std::filesystem::path>& clips, const std::filesystem::path& models);
// Each clip is decoded and tracked in turn, `rounds` times; medians and the ratio pair by pair. Then a
// general tracker on the same clip, and the whole analysis.
int printSpeed(const std::vector<std::filesystem::path>& clips, int rounds,
               const std::filesystem::path& models);
// The whole analysis of one long clip: the most memory this process held.
int printMemory(const std::filesystem::path& clip, const std::filesystem::path& models);

// Time of one solve of each lift's posture over random bodies, as a Markdown table.
int printPostureSpeed(int solves);

// Time of one change in Fit until it is painted, offscreen at 1280 × 800.
int printFitSpeed(int changes);

// Time from a pull at the bar until the picture asked for is painted, offscreen.
int printDragSpeed(const std::vector<std::filesystem::path>& clips);

}  // namespace mottix
