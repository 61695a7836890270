// The house file: athletes, sessions, sets, clips, tracks, results and decisions of one coach's house.
//
// SQLite in WAL mode. Every function that writes is one transaction: all of it is kept, or none. Films are
// referred to by a path relative to the house file's folder and by their content's hash; they are never
// written to.
//
// Failure: a file that is newer than the program (kUpdateProgram), not a house file or corrupt
// (kChooseAnotherFile), read-only, locked or on a full disk (kCheckDisk). A file that cannot be opened is
// left exactly as it was. Used by one thread.
#pragma once

#include <filesystem>
#include <map>
#include <memory>
#include <optional>
#include <span>
#include <vector>

#include "core/eye/blind_look.h"
#include "core/log/log_query.h"
#include "core/log/records.h"

namespace mottix {

// What was measured of a set when it was last looked at, to be judged again.
struct StoredResult {
  SetRecord set;
  bool across = false;  // filmed from the front or the rear
  std::vector<Measure> measures;
  std::vector<std::string> found;  // rules that were clearly broken, and stand
};

// Which of them are wanted.
struct ResultsOf {
  std::optional<AthleteId> athlete = std::nullopt;                // nothing: everybody's
  std::optional<std::vector<MeasureId>> measures = std::nullopt;  // nothing: all of a set's
};

// What the house itself says, as TOML: a rule layer (core/verdict/rule_book.h), cues (core/cue/cue_book.h),
// causes (core/verdict/causes.h), bars and plates (core/load/plates.h). Empty: nothing.
struct HouseBook {
  std::string rules, cues, causes = {}, gear = {};
  bool operator==(const HouseBook&) const = default;
};

class HouseFile {
 public:
  // Opens, or creates when there is no such file; older files are brought up to date.
  static Expected<HouseFile> open(const std::filesystem::path& path);
  // The same where there must be one already: for whoever reads beside the window. A house that was taken
  // away for a while leaves its newest changes behind in files of its name, which a new one would write over.
  static Expected<HouseFile> openAgain(const std::filesystem::path& path);
  HouseFile(HouseFile&&) noexcept;
  HouseFile& operator=(HouseFile&&) noexcept;
  ~HouseFile();

  const std::filesystem::path& path() const;
  // Grows with whatever is written to this file, through here or elsewhere; equal numbers: nothing was.
  std::int64_t writes() const;
  // Where the film of a set lies, and the way to store a film's place.
  std::filesystem::path filmPath(const ClipFacts& clip) const;
  std::string relativeFilm(const std::filesystem::path& film) const;

  Expected<std::vector<Athlete>> athletes() const;
  Expected<AthleteId> addAthlete(const Athlete& athlete);
  Expected<void> saveAthlete(const Athlete& athlete);
  // Everything of an athlete goes, and what was written is overwritten on the disk; returns the films that
  // nobody else's sets show. Backups and films are not touched.
  Expected<std::vector<std::filesystem::path>> removeAthlete(AthleteId athlete);

  // Everything known of one athlete; saving replaces all of it but the sets.
  Expected<AthleteRecord> loadRecord(AthleteId athlete) const;
  Expected<void> saveRecord(const AthleteRecord& record);
  // For a set-up that is to be added to a record.
  Expected<SetupId> newSetupId() const;

  // All sets, oldest first.
  Expected<std::vector<SetRecord>> sets() const;
  // Sets whose tracks were made by trackers of just this version.
  Expected<std::vector<SetId>> setsTrackedBy(std::string_view version) const;
  Expected<SetRecord> loadSet(SetId id) const;
  // What there is to look at: filmed sets that have not been decided on, and of the others each athlete's
  // newest. The log may hold very many.
  Expected<std::vector<SetRecord>> queueSets(int newest) const;
  Expected<std::vector<SetRecord>> waitingSets() const;
  struct SetCounts {
    int filmed = 0, without_film = 0;
  };
  Expected<std::map<AthleteId, SetCounts>> setCounts() const;
  Expected<std::vector<SetRecord>> trackedSets(
      AthleteId athlete) const;  // of one athlete's those that were followed
  // The log as load, story and search look back on it, oldest first.
  Expected<std::vector<LogLine>> log(AthleteId athlete) const;
  Expected<std::vector<LogLine>> search(const LogQuery& query) const;
  Expected<SetId> addSet(const SetRecord& set);
  Expected<std::vector<SetId>> addSets(std::span<const SetRecord> sets);  // all or none
  // What the coach decided, and the state of the set.
  Expected<void> saveEdit(SetId id, const SetEdit& edit, SetState state);
  // Causes that the coach has confirmed in sets of a lift, the newest first, none twice.
  Expected<std::vector<std::string>> confirmedCauses(AthleteId athlete, Lift lift) const;
  // The film of a set that was written down without one, or none again (an empty name). It waits to be
  // followed; what was decided stays.
  Expected<void> attachFilm(SetId id, const std::string& file);
  // To another athlete; the day stays.
  Expected<void> moveSet(SetId id, AthleteId athlete);
  Expected<void> removeSet(SetId id);
  Expected<void> removeSets(std::span<const SetId> ids);

  // Whether a set shows this film, by its place as the house says it.
  Expected<bool> knowsFilm(const std::string& file) const;
  // The set whose other film this is, if there is one.
  Expected<std::optional<SetId>> setWithOtherFilm(SetId other) const;

  Expected<std::optional<TrackRecord>> loadTracks(SetId id) const;
  Expected<void> saveTracks(SetId id, const ClipFacts& clip, const TrackRecord& tracks);
  Expected<void> saveProblem(SetId id, const std::string& problem);
  Expected<void> saveResults(SetId id, const Analysis& analysis, const RuleBook& book);

  // Of every set of which any of what is wanted has been measured, oldest first. A set has some hundreds of
  // measures: of a large house not all are asked for at once.
  Expected<std::vector<StoredResult>> results(const ResultsOf& of = {}) const;

  Expected<HouseBook> houseBook() const;
  Expected<void> saveHouseBook(const HouseBook& book);

  // What the coach's eye called in blind looks, oldest first. Its id is given by the house.
  Expected<std::vector<BlindLook>> blindLooks() const;
  Expected<LookId> addBlindLook(const BlindLook& look);
  Expected<void> removeBlindLook(LookId id);

  // Where the coach was on the desk, so that it opens the same.
  Expected<std::string> deskState(const std::string& key) const;  // empty when never saved
  Expected<void> saveDeskState(const std::string& key, const std::string& value);

 private:
  static Expected<HouseFile> open(const std::filesystem::path& path, bool make);
  struct Impl;
  explicit HouseFile(std::unique_ptr<Impl> impl);
  std::unique_ptr<Impl> impl_;
};

std::string_view nameOf(SetState state);

}  // namespace mottix
