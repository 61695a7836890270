#include "store/house_file.h"

#include <sys/stat.h>
#include <unistd.h>

#include <algorithm>
#include <bit>
#include <cstring>
#include <sstream>

#include <SQLiteCpp/SQLiteCpp.h>
#include <sqlite3.h>

#include "store/log_queries.h"
#include "store/migrations.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;
static_assert(std::endian::native == std::endian::little, "tracks are stored little-endian");

constexpr std::uintmax_t kCheckedWholeBytes = 32u << 20;

std::string quoted(const fs::path& path) {
  return "“" + path.filename().string() + "”";
}

Error errorFrom(const SQLite::Exception& e, const fs::path& path) {
  if (e.getExtendedErrorCode() == SQLITE_CONSTRAINT_FOREIGNKEY)
    return {Remedy::kCorrectInput,
            "Something in " + quoted(path) +
                " still refers to what was to be removed: a set-up that sets were lifted with stays. "
                "Nothing was changed."};
  switch (e.getErrorCode()) {
    case SQLITE_READONLY:
    case SQLITE_CANTOPEN:
    case SQLITE_PERM:
      return {
          Remedy::kCheckDisk,
          quoted(path) +
              " cannot be written. Check the permissions of the file and its folder; nothing was changed."};
    case SQLITE_FULL:
      return {Remedy::kCheckDisk, "The disk is full, so " + quoted(path) +
                                      " could not be saved. Free some space and do it again."};
    case SQLITE_BUSY:
    case SQLITE_LOCKED:
      return {Remedy::kCheckDisk,
              quoted(path) + " is in use by another window. Close that one and do it again."};
    case SQLITE_CORRUPT:
    case SQLITE_NOTADB:
      return {Remedy::kChooseAnotherFile, quoted(path) +
                                              " is damaged or is not a house file. It was not touched; "
                                              "restore a backup or choose another file."};
    case SQLITE_IOERR:
      return {
          Remedy::kCheckDisk,
          quoted(path) + " could not be read or written: the disk reports an error. Is it still connected?"};
    default:
      return {Remedy::kCheckDisk, quoted(path) + ": " + e.what() + "."};
  }
}

template <typename T>
std::string bytesOf(const std::vector<T>& values) {
  return {reinterpret_cast<const char*>(values.data()), values.size() * sizeof(T)};
}

std::optional<std::vector<double>> doublesOf(const SQLite::Column& column, std::size_t per_frame) {
  const auto size = static_cast<std::size_t>(column.getBytes());
  if (size % (per_frame * sizeof(double)) != 0) return std::nullopt;
  std::vector<double> values(size / sizeof(double));
  if (size > 0) std::memcpy(values.data(), column.getBlob(), size);
  return values;
}

constexpr std::size_t kBarFields = 6, kShakeFields = 6, kUprightFields = 4, kJointFields = 4;
constexpr std::string_view kTooClose = "close";  // what a glance really was
constexpr std::array kStates = {SetState::kWaiting, SetState::kTracked, SetState::kReviewed,
                                SetState::kFailed};

SetState stateNamed(std::string_view name) {
  for (SetState s : kStates)
    if (nameOf(s) == name) return s;
  return SetState::kWaiting;
}

Facing facingNamed(std::string_view name) {
  return name == "left" ? Facing::kLeft : name == "right" ? Facing::kRight : Facing::kUnknown;
}

// Kinds of tracks that are of a plate; the bar's is the near plate, or the middle between left and right.
bool isPlate(std::string_view kind) {
  return kind == "bar" || kind == "left" || kind == "right";
}
// One frame of a plate's track, as stored: time_s, x_px, y_px, sd_px, radius_px, state.
BarSample barSampleOf(const double* v) {
  return {Vec2(v[1], v[2]), v[3], v[4],
          v[5] == 0.0   ? TrackState::kSeen
          : v[5] == 1.0 ? TrackState::kBridged
                        : TrackState::kLost};
}

// Lists of names in one text.
template <typename Values>
std::string namesOf(const Values& values) {
  std::string out;
  for (const auto& v : values) out += (out.empty() ? "" : ",") + std::string(nameOf(v));
  return out;
}
std::vector<std::string> namesIn(const std::string& text) {
  std::vector<std::string> out;
  std::istringstream in(text);
  for (std::string name; std::getline(in, name, ',');) out.push_back(name);
  return out;
}

std::int64_t raw(SetId id) {
  return static_cast<std::int64_t>(id);
}
std::int64_t raw(AthleteId id) {
  return static_cast<std::int64_t>(id);
}

}  // namespace

std::string_view nameOf(SetState state) {
  switch (state) {
    case SetState::kWaiting:
      return "waiting";
    case SetState::kTracked:
      return "tracked";
    case SetState::kReviewed:
      return "reviewed";
    case SetState::kFailed:
      return "failed";
  }
  return "";
}

struct HouseFile::Impl {
  fs::path path;
  SQLite::Database db;
  // Which file was opened: what is written into one that has no name any more is lost.
  struct stat opened {};

  Expected<void> stillThere() const {
    struct stat now {};
    if (stat(path.c_str(), &now) == 0 && now.st_dev == opened.st_dev && now.st_ino == opened.st_ino)
      return {};
    return fail(
        Remedy::kCheckDisk,
        quoted(path) +
            " is not where it was opened: it was moved, deleted or replaced, or its disk was taken away. "
            "Nothing is saved until it is back in its place; or open it where it is now.");
  }

  // Runs `work`, and turns what SQLite reports into an error that names the file.
  template <typename Work>
  auto guarded(Work&& work) -> decltype(work()) {
    try {
      return work();
    } catch (const SQLite::Exception& e) {
      return tl::make_unexpected(errorFrom(e, path));
    }
  }
  template <typename Work>
  Expected<void> inTransaction(Work&& work) {
    if (auto there = stillThere(); !there) return there;
    return guarded([&]() -> Expected<void> {
      SQLite::Transaction transaction(db);
      work();
      transaction.commit();
      return {};
    });
  }

  std::int64_t sessionFor(AthleteId athlete, const std::string& day) {
    SQLite::Statement insert(db, "INSERT OR IGNORE INTO session (athlete_id, day) VALUES (?, ?)");
    insert.bind(1, raw(athlete));
    insert.bind(2, day);
    insert.exec();
    SQLite::Statement find(db, "SELECT id FROM session WHERE athlete_id = ? AND day = ?");
    find.bind(1, raw(athlete));
    find.bind(2, day);
    find.executeStep();
    return find.getColumn(0).getInt64();
  }

  void writeEdit(SetId id, const SetEdit& edit, SetState state) {
    SQLite::Statement update(
        db,
        "UPDATE lift_set SET state = ?, lift = ?, variant = ?, reps = ?, load_kg = ?, "
        "effort = ?, facing = ?, "
        "plate_mm = ?, cue = ?, next_load_kg = ?, setup_id = ?, comfort = ?, effort_felt = ?, "
        "recorded_fps = ?, view = ?, lift_source = ?, part_first = ?, part_last = ?, held = ?, sets_asked = "
        "?, "
        "tempo = ?, equipment = ?, effort_seen = ?, reps_done = ?, conditions = ?, note = ?, suggested_kg = "
        "? "
        "WHERE id = ?");
    update.bind(1, std::string(nameOf(state)));
    update.bind(2, std::string(nameOf(edit.asked.lift)));
    update.bind(3, edit.asked.variant);
    update.bind(4, edit.asked.reps);
    update.bind(5, edit.asked.load_kg);
    update.bind(6, edit.asked.effort);
    update.bind(7, std::string(nameOf(edit.asked.facing)));
    update.bind(8, edit.asked.plate_mm);
    update.bind(9, edit.cue);
    if (edit.next_load_kg)
      update.bind(10, *edit.next_load_kg);
    else
      update.bind(10);
    if (edit.setup) update.bind(11, static_cast<std::int64_t>(*edit.setup));
    if (edit.comfort) update.bind(12, *edit.comfort);
    if (edit.effort_felt) update.bind(13, *edit.effort_felt);
    update.bind(14, edit.asked.recorded_fps);
    update.bind(15, std::string(nameOf(edit.asked.view)));
    update.bind(16, std::string(nameOf(edit.asked.lift_source)));
    if (edit.part) {
      update.bind(17, static_cast<std::int64_t>(edit.part->first));
      update.bind(18, static_cast<std::int64_t>(edit.part->last));
    }
    update.bind(19, std::string(nameOf(edit.asked.held)));
    update.bind(20, edit.asked.sets);
    update.bind(21, edit.asked.tempo);
    update.bind(22, edit.asked.equipment);
    if (edit.effort_seen) update.bind(23, *edit.effort_seen);
    if (edit.reps_done) update.bind(24, *edit.reps_done);
    update.bind(25, namesOf(edit.conditions));
    update.bind(26, edit.note);
    if (edit.suggested_kg) update.bind(27, *edit.suggested_kg);
    update.bind(28, raw(id));
    update.exec();
    clear("placed_point", id);
    SQLite::Statement point(db, "INSERT INTO placed_point VALUES (?, ?, ?, ?, ?, ?)");
    for (std::size_t entry = 0; entry < edit.placed.size(); ++entry)
      for (std::size_t j = 0; j < kJointCount; ++j) {
        const auto& p = edit.placed[entry].joints[j];
        if (!p) continue;
        point.reset();
        point.bind(1, raw(id));
        point.bind(2, static_cast<std::int64_t>(entry));
        point.bind(3, static_cast<std::int64_t>(edit.placed[entry].frame));
        point.bind(4, std::string(kJointNames[j]));
        point.bind(5, p->x());
        point.bind(6, p->y());
        point.exec();
      }
    clear("room_line", id);
    SQLite::Statement drawn(db, "INSERT INTO room_line VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)");
    for (std::size_t entry = 0; entry < edit.lines.size(); ++entry) {
      const RoomLine& line = edit.lines[entry];
      drawn.reset();
      drawn.bind(1, raw(id));
      drawn.bind(2, static_cast<std::int64_t>(entry));
      drawn.bind(3, std::string(nameOf(line.kind)));
      drawn.bind(4, static_cast<std::int64_t>(line.frame));
      drawn.bind(5, line.from_px.x());
      drawn.bind(6, line.from_px.y());
      drawn.bind(7, line.to_px.x());
      drawn.bind(8, line.to_px.y());
      drawn.bind(9, line.length_m);
      drawn.exec();
    }
    clear("drawn_point", id);
    SQLite::Statement drawn_point(db, "INSERT INTO drawn_point VALUES (?, ?, ?, ?, ?, ?, ?)");
    for (std::size_t entry = 0; entry < edit.drawn.size(); ++entry)
      for (std::size_t place = 0; place < edit.drawn[entry].points.size(); ++place) {
        const DrawnPoint& p = edit.drawn[entry].points[place];
        drawn_point.reset();
        drawn_point.bind(1, raw(id));
        drawn_point.bind(2, static_cast<std::int64_t>(entry));
        drawn_point.bind(3, std::string(nameOf(edit.drawn[entry].kind)));
        drawn_point.bind(4, static_cast<std::int64_t>(place));
        drawn_point.bind(5, static_cast<std::int64_t>(p.frame));
        drawn_point.bind(6, p.p_px.x());
        drawn_point.bind(7, p.p_px.y());
        drawn_point.exec();
      }
    clear("other_film", id);
    if (edit.other_film) {
      SQLite::Statement other(db, "INSERT INTO other_film VALUES (?, ?, ?, ?)");
      other.bind(1, raw(id));
      other.bind(2, raw(edit.other_film->set));
      other.bind(3, edit.other_film->later_s);
      other.bind(4, edit.other_film->by_hand ? 1 : 0);
      other.exec();
    }
    clear("locked_joint", id);
    SQLite::Statement locked(db, "INSERT INTO locked_joint VALUES (?, ?)");
    for (const Joint joint : edit.locked) {
      locked.reset();
      locked.bind(1, raw(id));
      locked.bind(2, std::string(nameOf(joint)));
      locked.exec();
    }
    clear("overrule", id);
    SQLite::Statement overrule(db, "INSERT INTO overrule (set_id, rule, why) VALUES (?, ?, ?)");
    for (const Overruling& o : edit.overruled) {
      overrule.reset();
      overrule.bind(1, raw(id));
      overrule.bind(2, o.rule);
      overrule.bind(3, o.why);
      overrule.exec();
    }
    clear("cause_word", id);
    SQLite::Statement cause(db, "INSERT INTO cause_word VALUES (?, ?, ?)");
    for (const auto& [name, holds] : edit.causes) {
      cause.reset();
      cause.bind(1, raw(id));
      cause.bind(2, name);
      cause.bind(3, holds ? 1 : 0);
      cause.exec();
    }
  }

  void clear(const char* table, SetId id) {
    SQLite::Statement wipe(db, std::string("DELETE FROM ") + table + " WHERE set_id = ?");
    wipe.bind(1, raw(id));
    wipe.exec();
  }

  std::vector<Athlete> readAthletes(const std::string& where, std::int64_t id) {
    SQLite::Statement q(db,
                        "SELECT id, name, step_kg, open_pain, note, birth_year, lifts_since, goal, test_day, "
                        "squat_school, bench_school, deadlift_school, equipment, constraints, "
                        "(SELECT coalesce(max(level), 0) FROM complaint c WHERE c.athlete_id = a.id AND "
                        "c.closed = ''), layers FROM athlete a " +
                            where + " ORDER BY name COLLATE NOCASE");
    if (!where.empty()) q.bind(1, id);
    std::vector<Athlete> out;
    while (q.executeStep()) {
      Athlete a;
      a.id = AthleteId{q.getColumn(0).getInt64()};
      a.name = q.getColumn(1).getString();
      a.step_kg = q.getColumn(2).getDouble();
      a.open_pain = q.getColumn(3).getInt();
      a.note = q.getColumn(4).getString();
      AthleteProfile& p = a.profile;
      if (!q.getColumn(5).isNull()) p.birth_year = q.getColumn(5).getInt();
      if (!q.getColumn(6).isNull()) p.lifts_since = q.getColumn(6).getInt();
      p.goal = q.getColumn(7).getString();
      p.test_day = q.getColumn(8).getString();
      p.squat = squatSchoolNamed(q.getColumn(9).getString()).value_or(SquatSchool::kBase);
      p.bench = benchSchoolNamed(q.getColumn(10).getString()).value_or(BenchSchool::kBase);
      p.deadlift = deadliftSchoolNamed(q.getColumn(11).getString()).value_or(DeadliftSchool::kBase);
      for (const std::string& name : namesIn(q.getColumn(12).getString()))
        if (const auto e = equipmentNamed(name)) p.equipment.push_back(*e);
      for (const std::string& name : namesIn(q.getColumn(13).getString()))
        if (const auto c = constraintNamed(name)) p.constraints.push_back(*c);
      a.worst_complaint = q.getColumn(14).getInt();
      p.layers = namesIn(q.getColumn(15).getString());
      out.push_back(std::move(a));
    }
    return out;
  }

  void writeAthlete(const Athlete& a) {
    SQLite::Statement q(db,
                        "UPDATE athlete SET name = ?, step_kg = ?, open_pain = ?, note = ?, birth_year = ?, "
                        "lifts_since = ?, goal = ?, test_day = ?, squat_school = ?, bench_school = ?, "
                        "deadlift_school = ?, equipment = ?, constraints = ?, layers = ? WHERE id = ?");
    const AthleteProfile& p = a.profile;
    q.bind(1, a.name);
    q.bind(2, a.step_kg);
    q.bind(3, a.open_pain);
    q.bind(4, a.note);
    if (p.birth_year) q.bind(5, *p.birth_year);
    if (p.lifts_since) q.bind(6, *p.lifts_since);
    q.bind(7, p.goal);
    q.bind(8, p.test_day);
    q.bind(9, std::string(nameOf(p.squat)));
    q.bind(10, std::string(nameOf(p.bench)));
    q.bind(11, std::string(nameOf(p.deadlift)));
    q.bind(12, namesOf(p.equipment));
    q.bind(13, namesOf(p.constraints));
    std::string layers;
    for (const std::string& name : p.layers) layers += (layers.empty() ? "" : ",") + name;
    q.bind(14, layers);
    q.bind(15, raw(a.id));
    q.exec();
  }

  std::optional<BodyFacts> readBody(AthleteId athlete) {
    SQLite::Statement q(db, "SELECT sex, height_m, mass_kg, knee_to_wall_m FROM body WHERE athlete_id = ?");
    q.bind(1, raw(athlete));
    if (!q.executeStep()) return std::nullopt;
    BodyFacts facts;
    const std::string sex = q.getColumn(0).getString();
    facts.sex = sex == nameOf(Sex::kFemale) ? Sex::kFemale
                : sex == nameOf(Sex::kMale) ? Sex::kMale
                                            : Sex::kUnstated;
    facts.height_m = q.getColumn(1).getDouble();
    if (!q.getColumn(2).isNull()) facts.mass_kg = q.getColumn(2).getDouble();
    if (!q.getColumn(3).isNull()) facts.knee_to_wall_m = q.getColumn(3).getDouble();
    SQLite::Statement l(db, "SELECT segment, m, sd, source FROM body_length WHERE athlete_id = ?");
    l.bind(1, raw(athlete));
    while (l.executeStep()) {
      const auto segment = segmentNamed(l.getColumn(0).getString());
      if (!segment) continue;  // of a later program
      const bool clip = l.getColumn(3).getString() == nameOf(LengthSource::kFromClip);
      facts.measured[indexOf(*segment)] = BodyLength{{l.getColumn(1).getDouble(), l.getColumn(2).getDouble()},
                                                     clip ? LengthSource::kFromClip : LengthSource::kByHand};
    }
    return facts;
  }

  void writeBody(AthleteId athlete, const std::optional<BodyFacts>& facts) {
    wipe("body", athlete);  // and with it the lengths
    if (!facts) return;
    SQLite::Statement q(
        db, "INSERT INTO body (athlete_id, sex, height_m, mass_kg, knee_to_wall_m) VALUES (?, ?, ?, ?, ?)");
    q.bind(1, raw(athlete));
    q.bind(2, std::string(nameOf(facts->sex)));
    q.bind(3, facts->height_m);
    if (facts->mass_kg) q.bind(4, *facts->mass_kg);
    if (facts->knee_to_wall_m) q.bind(5, *facts->knee_to_wall_m);
    q.exec();
    for (std::size_t i = 0; i < kSegmentCount; ++i) {
      const auto& length = facts->measured[i];
      if (!length || length->source == LengthSource::kFromHeight) continue;
      SQLite::Statement l(
          db, "INSERT INTO body_length (athlete_id, segment, m, sd, source) VALUES (?, ?, ?, ?, ?)");
      l.bind(1, raw(athlete));
      l.bind(2, std::string(nameOf(static_cast<Segment>(i))));
      l.bind(3, length->m.value);
      l.bind(4, length->m.sd);
      l.bind(5, std::string(nameOf(length->source)));
      l.exec();
    }
  }

  std::vector<ComplaintRecord> readComplaints(AthleteId athlete) {
    SQLite::Statement q(
        db, "SELECT joint, side, level, opened, closed FROM complaint WHERE athlete_id = ? ORDER BY id");
    q.bind(1, raw(athlete));
    std::vector<ComplaintRecord> out;
    while (q.executeStep()) {
      const auto joint = complaintJointNamed(q.getColumn(0).getString());
      if (!joint) continue;  // of a later program
      out.push_back({{*joint, q.getColumn(2).getInt()},
                     q.getColumn(1).getString(),
                     q.getColumn(3).getString(),
                     q.getColumn(4).getString()});
    }
    return out;
  }

  void writeComplaints(AthleteId athlete, const std::vector<ComplaintRecord>& complaints) {
    wipe("complaint", athlete);
    for (const ComplaintRecord& c : complaints) {
      SQLite::Statement q(db,
                          "INSERT INTO complaint (athlete_id, joint, side, level, opened, closed) "
                          "VALUES (?, ?, ?, ?, ?, ?)");
      q.bind(1, raw(athlete));
      q.bind(2, std::string(nameOf(c.what.joint)));
      q.bind(3, c.side);
      q.bind(4, c.what.level);
      q.bind(5, c.opened);
      q.bind(6, c.closed);
      q.exec();
    }
  }

  std::vector<ScreenResult> readScreens(AthleteId athlete) {
    SQLite::Statement q(db, "SELECT id, screen, day FROM screen WHERE athlete_id = ? ORDER BY id");
    q.bind(1, raw(athlete));
    std::vector<ScreenResult> out;
    while (q.executeStep()) {
      const auto screen = screenNamed(q.getColumn(1).getString());
      if (!screen) continue;  // of a later program
      ScreenResult r;
      r.screen = *screen;
      r.day = q.getColumn(2).getString();
      const auto questions = questionsOf(*screen);
      r.answers.resize(questions.size());
      SQLite::Statement a(db, "SELECT question, value FROM screen_answer WHERE screen_id = ?");
      a.bind(1, q.getColumn(0).getInt64());
      while (a.executeStep())
        for (std::size_t i = 0; i < questions.size(); ++i)
          if (questions[i].id == a.getColumn(0).getString()) r.answers[i] = a.getColumn(1).getDouble();
      out.push_back(std::move(r));
    }
    return out;
  }

  void writeScreens(AthleteId athlete, const std::vector<ScreenResult>& screens) {
    wipe("screen", athlete);
    for (const ScreenResult& r : screens) {
      SQLite::Statement q(db, "INSERT INTO screen (athlete_id, screen, day) VALUES (?, ?, ?)");
      q.bind(1, raw(athlete));
      q.bind(2, std::string(nameOf(r.screen)));
      q.bind(3, r.day);
      q.exec();
      const std::int64_t id = db.getLastInsertRowid();
      const auto questions = questionsOf(r.screen);
      for (std::size_t i = 0; i < std::min(questions.size(), r.answers.size()); ++i) {
        if (!r.answers[i]) continue;
        SQLite::Statement a(db, "INSERT INTO screen_answer (screen_id, question, value) VALUES (?, ?, ?)");
        a.bind(1, id);
        a.bind(2, std::string(questions[i].id));
        a.bind(3, *r.answers[i]);
        a.exec();
      }
    }
  }

  std::vector<SetupRecord> readSetups(AthleteId athlete) {
    SQLite::Statement q(db,
                        "SELECT id, lift, name, day, chosen, chosen_why FROM setup WHERE athlete_id = ? "
                        "ORDER BY id");
    q.bind(1, raw(athlete));
    std::vector<SetupRecord> out;
    while (q.executeStep()) {
      SetupRecord s;
      s.id = SetupId{q.getColumn(0).getInt64()};
      s.athlete = athlete;
      s.lift = liftNamed(q.getColumn(1).getString()).value_or(Lift::kSquat);
      s.name = q.getColumn(2).getString();
      s.day = q.getColumn(3).getString();
      s.chosen = q.getColumn(4).getInt() != 0;
      s.chosen_why = q.getColumn(5).getString();
      SQLite::Statement v(
          db, "SELECT id, value, choice, unit, reason FROM setup_value WHERE setup_id = ? ORDER BY place");
      v.bind(1, static_cast<std::int64_t>(s.id));
      while (v.executeStep()) {
        SetupValue value;
        value.id = v.getColumn(0).getString();
        if (!v.getColumn(1).isNull()) value.value = v.getColumn(1).getDouble();
        value.choice = v.getColumn(2).getString();
        value.unit = v.getColumn(3).getString();
        value.reason = v.getColumn(4).getString();
        s.values.push_back(std::move(value));
      }
      out.push_back(std::move(s));
    }
    return out;
  }

  // Sets refer to set-ups, so those that stay keep their row.
  void writeSetups(AthleteId athlete, const std::vector<SetupRecord>& setups) {
    for (const SetupRecord& old : readSetups(athlete)) {
      if (std::any_of(setups.begin(), setups.end(), [&](const SetupRecord& s) { return s.id == old.id; }))
        continue;
      SQLite::Statement gone(db, "DELETE FROM setup WHERE id = ?");
      gone.bind(1, static_cast<std::int64_t>(old.id));
      gone.exec();
    }
    for (const SetupRecord& s : setups) {
      SQLite::Statement q(
          db,
          "INSERT INTO setup (id, athlete_id, lift, name, day, chosen, chosen_why) VALUES (?, ?, ?, ?, ?, ?, "
          "?) ON CONFLICT (id) DO UPDATE SET name = excluded.name, day = excluded.day, chosen = "
          "excluded.chosen, chosen_why = excluded.chosen_why");
      q.bind(1, static_cast<std::int64_t>(s.id));
      q.bind(2, raw(athlete));
      q.bind(3, std::string(nameOf(s.lift)));
      q.bind(4, s.name);
      q.bind(5, s.day);
      q.bind(6, s.chosen ? 1 : 0);
      q.bind(7, s.chosen_why);
      q.exec();
      SQLite::Statement clear_values(db, "DELETE FROM setup_value WHERE setup_id = ?");
      clear_values.bind(1, static_cast<std::int64_t>(s.id));
      clear_values.exec();
      for (std::size_t i = 0; i < s.values.size(); ++i) {
        const SetupValue& value = s.values[i];
        SQLite::Statement v(db, "INSERT INTO setup_value VALUES (?, ?, ?, ?, ?, ?, ?)");
        v.bind(1, static_cast<std::int64_t>(s.id));
        v.bind(2, static_cast<std::int64_t>(i));
        v.bind(3, value.id);
        if (value.value) v.bind(4, *value.value);
        v.bind(5, value.choice);
        v.bind(6, value.unit);
        v.bind(7, value.reason);
        v.exec();
      }
    }
  }

  std::vector<LiftAim> readAims(AthleteId athlete) {
    SQLite::Statement q(db,
                        "SELECT lift, plan, goal_kg, sessions_week, begins, test_day, gain_factor FROM "
                        "lift_aim WHERE athlete_id = ? ORDER BY lift");
    q.bind(1, raw(athlete));
    std::vector<LiftAim> out;
    while (q.executeStep()) {
      LiftAim aim;
      aim.lift = liftNamed(q.getColumn(0).getString()).value_or(Lift::kSquat);
      aim.plan = q.getColumn(1).getString();
      if (!q.getColumn(2).isNull()) aim.goal_kg = q.getColumn(2).getDouble();
      aim.sessions_week = q.getColumn(3).getInt();
      aim.begins = q.getColumn(4).getString();
      aim.test_day = q.getColumn(5).getString();
      aim.gain_factor = q.getColumn(6).getDouble();
      SQLite::Statement w(db,
                          "SELECT monday, missed, moved_kg, planned_kg FROM plan_week WHERE athlete_id = ? "
                          "AND lift = ? ORDER BY monday");
      w.bind(1, raw(athlete));
      w.bind(2, std::string(nameOf(aim.lift)));
      while (w.executeStep()) {
        PlanWeekNote note{w.getColumn(0).getString(), w.getColumn(1).getInt() != 0, {}, {}};
        if (!w.getColumn(2).isNull()) note.moved_kg = w.getColumn(2).getDouble();
        if (!w.getColumn(3).isNull()) note.planned_kg = w.getColumn(3).getDouble();
        aim.weeks.push_back(std::move(note));
      }
      out.push_back(std::move(aim));
    }
    return out;
  }

  void writeAims(AthleteId athlete, const std::vector<LiftAim>& aims) {
    wipe("lift_aim", athlete);
    wipe("plan_week", athlete);
    SQLite::Statement q(db, "INSERT INTO lift_aim VALUES (?, ?, ?, ?, ?, ?, ?, ?)");
    SQLite::Statement w(db, "INSERT INTO plan_week VALUES (?, ?, ?, ?, ?, ?)");
    for (const LiftAim& aim : aims) {
      q.reset();
      q.clearBindings();
      q.bind(1, raw(athlete));
      q.bind(2, std::string(nameOf(aim.lift)));
      q.bind(3, aim.plan);
      if (aim.goal_kg) q.bind(4, *aim.goal_kg);
      q.bind(5, aim.sessions_week);
      q.bind(6, aim.begins);
      q.bind(7, aim.test_day);
      q.bind(8, aim.gain_factor);
      q.exec();
      for (const PlanWeekNote& note : aim.weeks) {
        w.reset();
        w.clearBindings();
        w.bind(1, raw(athlete));
        w.bind(2, std::string(nameOf(aim.lift)));
        w.bind(3, note.monday);
        w.bind(4, note.missed ? 1 : 0);
        if (note.moved_kg) w.bind(5, *note.moved_kg);
        if (note.planned_kg) w.bind(6, *note.planned_kg);
        w.exec();
      }
    }
  }

  std::vector<DroppedVariant> readDropped(AthleteId athlete) {
    SQLite::Statement q(db, "SELECT what, reason, day FROM dropped WHERE athlete_id = ? ORDER BY entry");
    q.bind(1, raw(athlete));
    std::vector<DroppedVariant> out;
    while (q.executeStep())
      out.push_back({q.getColumn(0).getString(), q.getColumn(1).getString(), q.getColumn(2).getString()});
    return out;
  }

  std::vector<LadderPlace> readPlaces(AthleteId athlete) {
    SQLite::Statement q(db,
                        "SELECT ladder, rung, day FROM ladder_place WHERE athlete_id = ? ORDER BY ladder");
    q.bind(1, raw(athlete));
    std::vector<LadderPlace> out;
    while (q.executeStep())
      out.push_back({q.getColumn(0).getString(), q.getColumn(1).getString(), q.getColumn(2).getString()});
    return out;
  }

  void writePlaces(AthleteId athlete, const std::vector<LadderPlace>& places) {
    wipe("ladder_place", athlete);
    SQLite::Statement q(db, "INSERT OR REPLACE INTO ladder_place VALUES (?, ?, ?, ?)");
    for (const LadderPlace& p : places) {
      q.reset();
      q.bind(1, raw(athlete));
      q.bind(2, p.ladder);
      q.bind(3, p.rung);
      q.bind(4, p.day);
      q.exec();
    }
  }

  void writeDropped(AthleteId athlete, const std::vector<DroppedVariant>& dropped) {
    wipe("dropped", athlete);
    SQLite::Statement q(db, "INSERT INTO dropped VALUES (?, ?, ?, ?, ?)");
    for (std::size_t k = 0; k < dropped.size(); ++k) {
      q.reset();
      q.bind(1, raw(athlete));
      q.bind(2, static_cast<std::int64_t>(k));
      q.bind(3, dropped[k].what);
      q.bind(4, dropped[k].reason);
      q.bind(5, dropped[k].day);
      q.exec();
    }
  }

  void wipe(const char* table, AthleteId athlete) {
    SQLite::Statement q(db, std::string("DELETE FROM ") + table + " WHERE athlete_id = ?");
    q.bind(1, raw(athlete));
    q.exec();
  }

  std::vector<SetRecord> readSets(const std::string& where, std::int64_t id) {
    SQLite::Statement q(
        db,
        "SELECT s.id, e.athlete_id, e.day, s.state, s.problem, s.lift, s.variant, s.reps, "
        "s.load_kg, s.effort, s.facing, "
        "s.plate_mm, s.cue, s.next_load_kg, c.path, c.sha256, c.width, c.height, "
        "c.rotation_deg, c.frames, c.duration_s, "
        "c.variable_rate, s.setup_id, s.comfort, s.effort_felt, s.recorded_fps, s.view, "
        "s.lift_source, s.part_first, s.part_last, s.held, s.sets_asked, s.tempo, s.equipment, "
        "s.effort_seen, s.reps_done, s.conditions, s.note, s.suggested_kg FROM lift_set "
        "s JOIN session e ON e.id = "
        "s.session_id JOIN clip c "
        "ON c.id = s.clip_id " +
            where + " ORDER BY e.day, s.id");
    if (id != 0) q.bind(1, id);
    Children children(db);
    std::vector<SetRecord> out;
    while (q.executeStep()) {
      SetRecord set;
      set.id = SetId{q.getColumn(0).getInt64()};
      set.athlete = AthleteId{q.getColumn(1).getInt64()};
      set.day = q.getColumn(2).getString();
      set.state = stateNamed(q.getColumn(3).getString());
      set.problem = q.getColumn(4).getString();
      Asked& asked = set.edit.asked;
      asked.lift = liftNamed(q.getColumn(5).getString()).value_or(Lift::kSquat);
      asked.variant = q.getColumn(6).getString();
      asked.reps = q.getColumn(7).getInt();
      asked.load_kg = q.getColumn(8).getDouble();
      asked.effort = q.getColumn(9).getDouble();
      asked.facing = facingNamed(q.getColumn(10).getString());
      asked.plate_mm = q.getColumn(11).getDouble();
      set.edit.cue = q.getColumn(12).getString();
      if (!q.getColumn(13).isNull()) set.edit.next_load_kg = q.getColumn(13).getDouble();
      set.clip = {q.getColumn(14).getString(),
                  q.getColumn(15).getString(),
                  q.getColumn(16).getInt(),
                  q.getColumn(17).getInt(),
                  q.getColumn(18).getInt(),
                  static_cast<std::size_t>(std::max<std::int64_t>(0, q.getColumn(19).getInt64())),
                  q.getColumn(20).getDouble(),
                  q.getColumn(21).getInt() != 0};
      if (!q.getColumn(22).isNull()) set.edit.setup = SetupId{q.getColumn(22).getInt64()};
      if (!q.getColumn(23).isNull()) set.edit.comfort = q.getColumn(23).getInt();
      if (!q.getColumn(24).isNull()) set.edit.effort_felt = q.getColumn(24).getDouble();
      asked.recorded_fps = q.getColumn(25).getDouble();
      asked.view = viewNamed(q.getColumn(26).getString()).value_or(View::kUnknown);
      for (const LiftSource source : {LiftSource::kAssumed, LiftSource::kSeen, LiftSource::kSaid})
        if (nameOf(source) == q.getColumn(27).getString()) asked.lift_source = source;
      asked.held = heldNamed(q.getColumn(30).getString()).value_or(Held::kPlates);
      if (!q.getColumn(28).isNull() && !q.getColumn(29).isNull())
        set.edit.part = FilmPart{static_cast<std::size_t>(q.getColumn(28).getInt64()),
                                 static_cast<std::size_t>(q.getColumn(29).getInt64())};
      asked.sets = q.getColumn(31).getInt();
      asked.tempo = q.getColumn(32).getString();
      asked.equipment = q.getColumn(33).getString();
      if (!q.getColumn(34).isNull()) set.edit.effort_seen = q.getColumn(34).getDouble();
      if (!q.getColumn(35).isNull()) set.edit.reps_done = q.getColumn(35).getInt();
      for (const std::string& name : namesIn(q.getColumn(36).getString()))
        if (const auto c = conditionNamed(name)) set.edit.conditions.push_back(*c);
      set.edit.note = q.getColumn(37).getString();
      if (!q.getColumn(38).isNull()) set.edit.suggested_kg = q.getColumn(38).getDouble();
      children.readInto(set);
      out.push_back(std::move(set));
    }
    return out;
  }

  // What hangs on a set, prepared once for all that are read.
  struct Children {
    explicit Children(SQLite::Database& db)
        : points(db,
                 "SELECT entry, frame, joint, x_px, y_px FROM placed_point WHERE set_id = ? ORDER BY entry"),
          drawn(db,
                "SELECT kind, frame, from_x, from_y, to_x, to_y, length_m FROM room_line WHERE set_id = ? "
                "ORDER BY entry"),
          by_hand(db,
                  "SELECT entry, kind, frame, x_px, y_px FROM drawn_point WHERE set_id = ? ORDER BY entry, "
                  "place"),
          other(db, "SELECT other_id, later_s, by_hand FROM other_film WHERE set_id = ?"),
          locked(db, "SELECT joint FROM locked_joint WHERE set_id = ?"),
          rules(db, "SELECT rule, why FROM overrule WHERE set_id = ? ORDER BY rule"),
          causes(db, "SELECT cause, holds FROM cause_word WHERE set_id = ?") {}
    void readInto(SetRecord& set);

   private:
    SQLite::Statement points, drawn, by_hand, other, locked, rules, causes;
  };
};

void HouseFile::Impl::Children::readInto(SetRecord& set) {
  for (SQLite::Statement* q : {&points, &drawn, &by_hand, &other, &locked, &rules, &causes}) {
    q->reset();
    q->bind(1, raw(set.id));
  }
  std::int64_t last = -1;
  while (points.executeStep()) {
    const std::int64_t entry = points.getColumn(0).getInt64();
    if (entry != last)
      set.edit.placed.push_back({static_cast<std::size_t>(points.getColumn(1).getInt64()), {}});
    last = entry;
    if (const auto joint = jointNamed(points.getColumn(2).getString()))
      set.edit.placed.back().joints[indexOf(*joint)] =
          Vec2(points.getColumn(3).getDouble(), points.getColumn(4).getDouble());
  }
  while (drawn.executeStep())
    for (const RoomLineKind kind : kRoomLineKinds)
      if (nameOf(kind) == drawn.getColumn(0).getString())
        set.edit.lines.push_back({kind, static_cast<std::size_t>(drawn.getColumn(1).getInt64()),
                                  Vec2(drawn.getColumn(2).getDouble(), drawn.getColumn(3).getDouble()),
                                  Vec2(drawn.getColumn(4).getDouble(), drawn.getColumn(5).getDouble()),
                                  drawn.getColumn(6).getDouble()});
  std::int64_t entry_before = -1;
  while (by_hand.executeStep()) {
    const auto kind = drawnKindNamed(by_hand.getColumn(1).getString());
    if (!kind) continue;  // of a newer program
    const std::int64_t entry = by_hand.getColumn(0).getInt64();
    if (entry != entry_before) set.edit.drawn.push_back({*kind, {}});
    entry_before = entry;
    set.edit.drawn.back().points.push_back(
        {static_cast<std::size_t>(by_hand.getColumn(2).getInt64()),
         Vec2(by_hand.getColumn(3).getDouble(), by_hand.getColumn(4).getDouble())});
  }
  if (other.executeStep())
    set.edit.other_film = OtherFilm{static_cast<SetId>(other.getColumn(0).getInt64()),
                                    other.getColumn(1).getDouble(), other.getColumn(2).getInt() != 0};
  while (locked.executeStep())
    if (const auto joint = jointNamed(locked.getColumn(0).getString())) set.edit.locked.push_back(*joint);
  std::sort(set.edit.locked.begin(), set.edit.locked.end());
  while (rules.executeStep())
    set.edit.overruled.push_back({rules.getColumn(0).getString(), rules.getColumn(1).getString()});
  while (causes.executeStep())
    set.edit.causes[causes.getColumn(0).getString()] = causes.getColumn(1).getInt() != 0;
}

namespace {

// Ids of filmed sets that are waiting for the coach, and of each athlete's newest ones.
std::string newestFilmed(int newest) {
  return "SELECT id FROM (SELECT s.id AS id, s.state AS state, row_number() OVER (PARTITION BY e.athlete_id, "
         "s.state = 'reviewed' ORDER BY e.day DESC, s.id DESC) AS n FROM clip c CROSS JOIN lift_set s ON "
         "s.clip_id = c.id JOIN session e ON e.id = "
         "s.session_id WHERE c.path != '') WHERE state != 'reviewed' OR n "
         "<= " +
         std::to_string(newest);
}

}  // namespace

HouseFile::HouseFile(std::unique_ptr<Impl> impl) : impl_(std::move(impl)) {}
HouseFile::HouseFile(HouseFile&&) noexcept = default;
HouseFile& HouseFile::operator=(HouseFile&&) noexcept = default;
HouseFile::~HouseFile() = default;
const fs::path& HouseFile::path() const {
  return impl_->path;
}

Expected<HouseFile> HouseFile::openAgain(const fs::path& path) {
  return open(path, false);
}

Expected<HouseFile> HouseFile::open(const fs::path& path) {
  return open(path, true);
}

Expected<HouseFile> HouseFile::open(const fs::path& path, bool make) {
  std::error_code ec;
  if (fs::is_directory(path, ec))
    return fail(Remedy::kChooseAnotherFile, quoted(path) + " is a folder, not a house file.");
  const bool there = fs::exists(path, ec), existed = there && fs::file_size(path, ec) > 0;
  if (!there && !make)
    return fail(Remedy::kCheckDisk,
                quoted(path) + " is not there any more. Was it moved, or its disk taken away?");
  const auto damaged = [&] {
    return fail(Remedy::kChooseAnotherFile,
                quoted(path) + " is damaged. It was not touched; restore a backup or choose another file.");
  };
  try {
    if (existed) {
      // Looked at first without the right to write, so that a strange file stays as it is.
      const SQLite::Database look(path.string(), SQLite::OPEN_READONLY);
      SQLite::Statement id(look, "PRAGMA application_id");
      id.executeStep();
      if (id.getColumn(0).getInt() != kApplicationId)
        return fail(Remedy::kChooseAnotherFile,
                    quoted(path) + " is not a house file of this program. It was not touched.");
      SQLite::Statement version(look, "PRAGMA user_version");
      version.executeStep();
      if (version.getColumn(0).getInt() < 0) return damaged();
      if (version.getColumn(0).getInt() > static_cast<int>(kMigrations.size()))
        return fail(Remedy::kUpdateProgram, quoted(path) +
                                                " was written by a newer version of this program. It was not "
                                                "touched; update the program to open it.");
      // Reading every page of a large file takes longer than a coach waits; what is damaged there is said
      // when it is come upon.
      const bool small = fs::file_size(path, ec) < kCheckedWholeBytes;
      SQLite::Statement check(look,
                              small ? "PRAGMA quick_check(1)" : "SELECT 'ok' FROM sqlite_master LIMIT 1");
      check.executeStep();
      if (check.getColumn(0).getString() != "ok") return damaged();
      // Not by opening it: closing it again would let go of SQLite's locks, and it may be moved just now.
      if (access(path.c_str(), W_OK) != 0)
        return fail(
            Remedy::kCheckDisk,
            quoted(path) +
                " cannot be written. Check the permissions of the file and its folder; nothing was changed.");
    }
    std::unique_ptr<Impl> impl(new Impl{
        path,
        SQLite::Database(path.string(), SQLite::OPEN_READWRITE | (there ? 0 : SQLite::OPEN_CREATE), 3000)});
    SQLite::Database& db = impl->db;
    (void)stat(path.c_str(), &impl->opened);
    db.exec("PRAGMA foreign_keys = ON");
    db.exec("PRAGMA journal_mode = WAL");
    db.exec("PRAGMA synchronous = NORMAL");
    db.exec("PRAGMA cache_size = -16384");  // 16 MB: what is looked back on is read again and again
    SQLite::Statement version(db, "PRAGMA user_version");
    version.executeStep();
    const int from = version.getColumn(0).getInt();
    version.reset();
    for (int step = from; step < static_cast<int>(kMigrations.size()); ++step) {
      SQLite::Transaction transaction(db);
      db.exec(std::string(kMigrations[static_cast<std::size_t>(step)]));
      db.exec("PRAGMA application_id = " + std::to_string(kApplicationId));
      db.exec("PRAGMA user_version = " + std::to_string(step + 1));
      transaction.commit();
    }
    return HouseFile(std::move(impl));
  } catch (const SQLite::Exception& e) {
    return tl::make_unexpected(errorFrom(e, path));
  }
}

std::int64_t HouseFile::writes() const {
  // What others have written to the file counts as well.
  std::int64_t others = 0;
  try {
    others = impl_->db.execAndGet("PRAGMA data_version").getInt64();
  } catch (const SQLite::Exception&) {
    // Busy or gone: whoever reads next is told.
  }
  return sqlite3_total_changes64(impl_->db.getHandle()) + (others << 40);
}

fs::path HouseFile::filmPath(const ClipFacts& clip) const {
  const fs::path file(clip.file);
  return file.is_absolute() ? file : impl_->path.parent_path() / file;
}

std::string HouseFile::relativeFilm(const fs::path& film) const {
  std::error_code ec;
  const fs::path relative = fs::relative(film, fs::absolute(impl_->path).parent_path(), ec);
  return ec || relative.empty() ? fs::absolute(film).string() : relative.string();
}

Expected<std::vector<Athlete>> HouseFile::athletes() const {
  return impl_->guarded([&]() -> Expected<std::vector<Athlete>> { return impl_->readAthletes("", 0); });
}

Expected<AthleteId> HouseFile::addAthlete(const Athlete& athlete) {
  AthleteId id{};
  auto done = impl_->inTransaction([&] {
    SQLite::Statement q(impl_->db, "INSERT INTO athlete (name) VALUES (?)");
    q.bind(1, athlete.name);
    q.exec();
    id = AthleteId{impl_->db.getLastInsertRowid()};
    Athlete added = athlete;
    added.id = id;
    impl_->writeAthlete(added);
  });
  if (!done) return tl::make_unexpected(done.error());
  return id;
}

Expected<void> HouseFile::saveAthlete(const Athlete& athlete) {
  return impl_->inTransaction([&] { impl_->writeAthlete(athlete); });
}

Expected<AthleteRecord> HouseFile::loadRecord(AthleteId athlete) const {
  return impl_->guarded([&]() -> Expected<AthleteRecord> {
    auto found = impl_->readAthletes("WHERE a.id = ?", raw(athlete));
    if (found.empty()) return fail(Remedy::kCorrectInput, "This athlete is not in the house file any more.");
    AthleteRecord out;
    out.athlete = std::move(found.front());
    out.body = impl_->readBody(athlete);
    out.complaints = impl_->readComplaints(athlete);
    out.screens = impl_->readScreens(athlete);
    out.setups = impl_->readSetups(athlete);
    out.aims = impl_->readAims(athlete);
    out.dropped = impl_->readDropped(athlete);
    out.places = impl_->readPlaces(athlete);
    return out;
  });
}

Expected<void> HouseFile::saveRecord(const AthleteRecord& record) {
  return impl_->inTransaction([&] {
    impl_->writeAthlete(record.athlete);
    impl_->writeBody(record.athlete.id, record.body);
    impl_->writeComplaints(record.athlete.id, record.complaints);
    impl_->writeScreens(record.athlete.id, record.screens);
    impl_->writeSetups(record.athlete.id, record.setups);
    impl_->writeAims(record.athlete.id, record.aims);
    impl_->writeDropped(record.athlete.id, record.dropped);
    impl_->writePlaces(record.athlete.id, record.places);
  });
}

Expected<SetupId> HouseFile::newSetupId() const {
  return impl_->guarded([&]() -> Expected<SetupId> {
    SQLite::Statement q(impl_->db, "SELECT coalesce(max(id), 0) + 1 FROM setup");
    q.executeStep();
    return SetupId{q.getColumn(0).getInt64()};
  });
}

Expected<std::vector<SetId>> HouseFile::setsTrackedBy(std::string_view version) const {
  return impl_->guarded([&]() -> Expected<std::vector<SetId>> {
    SQLite::Statement q(impl_->db, "SELECT set_id FROM tracking WHERE version = ? ORDER BY set_id");
    q.bind(1, std::string(version));
    std::vector<SetId> out;
    while (q.executeStep()) out.push_back(SetId{q.getColumn(0).getInt64()});
    return out;
  });
}

Expected<std::vector<SetRecord>> HouseFile::sets() const {
  return impl_->guarded([&]() -> Expected<std::vector<SetRecord>> { return impl_->readSets("", 0); });
}

Expected<std::vector<SetRecord>> HouseFile::queueSets(int newest) const {
  return impl_->guarded([&]() -> Expected<std::vector<SetRecord>> {
    // Of each athlete the newest reviewed ones; the others are to be looked at whenever they were filmed.
    return impl_->readSets("WHERE s.id IN (" + newestFilmed(newest) + ")", 0);
  });
}

Expected<std::vector<SetRecord>> HouseFile::trackedSets(AthleteId athlete) const {
  return impl_->guarded([&]() -> Expected<std::vector<SetRecord>> {
    return impl_->readSets("WHERE e.athlete_id = ? AND s.state IN ('tracked', 'reviewed')", raw(athlete));
  });
}

Expected<std::vector<SetRecord>> HouseFile::waitingSets() const {
  return impl_->guarded(
      [&]() -> Expected<std::vector<SetRecord>> { return impl_->readSets("WHERE s.state = 'waiting'", 0); });
}

Expected<std::map<AthleteId, HouseFile::SetCounts>> HouseFile::setCounts() const {
  return impl_->guarded([&]() -> Expected<std::map<AthleteId, SetCounts>> {
    std::map<AthleteId, SetCounts> out;
    SQLite::Statement q(impl_->db,
                        "SELECT e.athlete_id, count(*) FROM lift_set s JOIN session e ON e.id = s.session_id "
                        "GROUP BY e.athlete_id");
    while (q.executeStep()) out[AthleteId{q.getColumn(0).getInt64()}].without_film = q.getColumn(1).getInt();
    SQLite::Statement f(impl_->db,
                        "SELECT e.athlete_id, count(*) FROM clip c JOIN lift_set s ON s.clip_id = c.id JOIN "
                        "session e ON e.id = s.session_id WHERE c.path != '' GROUP BY e.athlete_id");
    while (f.executeStep()) {
      SetCounts& of = out[AthleteId{f.getColumn(0).getInt64()}];
      of.filmed = f.getColumn(1).getInt();
      of.without_film -= of.filmed;
    }
    return out;
  });
}

Expected<SetRecord> HouseFile::loadSet(SetId id) const {
  return impl_->guarded([&]() -> Expected<SetRecord> {
    auto found = impl_->readSets("WHERE s.id = ?", raw(id));
    if (found.empty()) return fail(Remedy::kCorrectInput, "This set is not in the house file any more.");
    return std::move(found.front());
  });
}

Expected<bool> HouseFile::knowsFilm(const std::string& file) const {
  return impl_->guarded([&]() -> Expected<bool> {
    SQLite::Statement q(
        impl_->db,
        "SELECT EXISTS (SELECT 1 FROM clip c JOIN lift_set s ON s.clip_id = c.id WHERE c.path = ?)");
    q.bind(1, file);
    return q.executeStep() && q.getColumn(0).getInt() != 0;
  });
}

Expected<std::optional<SetId>> HouseFile::setWithOtherFilm(SetId other) const {
  return impl_->guarded([&]() -> Expected<std::optional<SetId>> {
    SQLite::Statement q(impl_->db, "SELECT set_id FROM other_film WHERE other_id = ? ORDER BY set_id");
    q.bind(1, raw(other));
    if (!q.executeStep()) return std::optional<SetId>();
    return std::optional(SetId{q.getColumn(0).getInt64()});
  });
}

Expected<SetId> HouseFile::addSet(const SetRecord& set) {
  const auto ids = addSets(std::span(&set, 1));
  if (!ids) return tl::make_unexpected(ids.error());
  return ids->front();
}

Expected<std::vector<SetId>> HouseFile::addSets(std::span<const SetRecord> sets) {
  std::vector<SetId> ids;
  auto done = impl_->inTransaction([&] {
    SQLite::Statement clip(impl_->db, "INSERT INTO clip (path, sha256) VALUES (?, ?)");
    SQLite::Statement q(impl_->db,
                        "INSERT INTO lift_set (session_id, clip_id, state, problem, lift, variant, reps, "
                        "load_kg, effort, facing, plate_mm) "
                        "VALUES (?, ?, 'waiting', ?, '', '', 0, 0, 0, '', 0)");
    for (const SetRecord& set : sets) {
      clip.reset();
      clip.bind(1, set.clip.file);
      clip.bind(2, set.clip.sha256);
      clip.exec();
      const std::int64_t clip_id = impl_->db.getLastInsertRowid();
      q.reset();
      q.bind(1, impl_->sessionFor(set.athlete, set.day));
      q.bind(2, clip_id);
      q.bind(3, set.problem);
      q.exec();
      ids.push_back(SetId{impl_->db.getLastInsertRowid()});
      impl_->writeEdit(ids.back(), set.edit, set.state);
    }
  });
  if (!done) return tl::make_unexpected(done.error());
  return ids;
}

Expected<void> HouseFile::saveEdit(SetId id, const SetEdit& edit, SetState state) {
  return impl_->inTransaction([&] { impl_->writeEdit(id, edit, state); });
}

Expected<std::vector<std::string>> HouseFile::confirmedCauses(AthleteId athlete, Lift lift) const {
  return impl_->guarded([&]() -> Expected<std::vector<std::string>> {
    // What was struck out in a later set is no cause any more.
    SQLite::Statement q(
        impl_->db,
        "SELECT w.cause, w.holds FROM session e JOIN lift_set s ON s.session_id = e.id JOIN cause_word w ON "
        "w.set_id = s.id WHERE e.athlete_id = ? AND s.lift = ? ORDER BY e.day DESC, s.id DESC");
    q.bind(1, raw(athlete));
    q.bind(2, std::string(nameOf(lift)));
    std::vector<std::string> out, seen;
    while (q.executeStep()) {
      const std::string cause = q.getColumn(0).getString();
      if (std::find(seen.begin(), seen.end(), cause) != seen.end()) continue;
      seen.push_back(cause);
      if (q.getColumn(1).getInt() != 0) out.push_back(cause);
    }
    return out;
  });
}

Expected<void> HouseFile::attachFilm(SetId id, const std::string& file) {
  return impl_->inTransaction([&] {
    SQLite::Statement clip(
        impl_->db,
        "UPDATE clip SET path = ?, sha256 = '' WHERE id = (SELECT clip_id FROM lift_set WHERE id = ?)");
    clip.bind(1, file);
    clip.bind(2, raw(id));
    clip.exec();
    SQLite::Statement state(impl_->db, "UPDATE lift_set SET state = ?, problem = '' WHERE id = ?");
    state.bind(1, std::string(nameOf(file.empty() ? SetState::kReviewed : SetState::kWaiting)));
    state.bind(2, raw(id));
    state.exec();
    if (!file.empty()) return;
    // Nothing of a film is left with a set that has none.
    for (const char* table : {"tracking", "track", "found_spread", "result", "measure", "finding"})
      impl_->clear(table, id);
  });
}

Expected<void> HouseFile::moveSet(SetId id, AthleteId athlete) {
  return impl_->inTransaction([&] {
    SQLite::Statement day(
        impl_->db, "SELECT e.day FROM lift_set s JOIN session e ON e.id = s.session_id WHERE s.id = ?");
    day.bind(1, raw(id));
    if (!day.executeStep()) return;
    SQLite::Statement q(impl_->db, "UPDATE lift_set SET session_id = ? WHERE id = ?");
    q.bind(1, impl_->sessionFor(athlete, day.getColumn(0).getString()));
    q.bind(2, raw(id));
    q.exec();
  });
}

Expected<void> HouseFile::removeSet(SetId id) {
  return removeSets(std::span(&id, 1));
}

Expected<std::vector<fs::path>> HouseFile::removeAthlete(AthleteId athlete) {
  std::vector<fs::path> films;
  auto done = impl_->inTransaction([&] {
    SQLite::Database& db = impl_->db;
    db.exec("PRAGMA secure_delete = ON");
    const std::string mine =
        "SELECT s.clip_id FROM lift_set s JOIN session e ON e.id = s.session_id WHERE e.athlete_id = " +
        std::to_string(raw(athlete));
    const std::string others =
        "SELECT s.clip_id FROM lift_set s JOIN session e ON e.id = s.session_id WHERE e.athlete_id != " +
        std::to_string(raw(athlete));
    std::vector<std::int64_t> clips;
    SQLite::Statement q(db,
                        "SELECT DISTINCT c.id, c.path, EXISTS (SELECT 1 FROM clip o WHERE o.path = c.path "
                        "AND o.id IN (" +
                            others + ")) FROM clip c WHERE c.id IN (" + mine + ") AND c.id NOT IN (" +
                            others + ")");
    while (q.executeStep()) {
      clips.push_back(q.getColumn(0).getInt64());
      ClipFacts clip;
      clip.file = q.getColumn(1).getString();
      if (!clip.file.empty() && q.getColumn(2).getInt() == 0) films.push_back(filmPath(clip));
    }
    q.reset();
    // Sets first: they refer to set-ups, which do not go with what still refers to them.
    SQLite::Statement sets(
        db, "DELETE FROM lift_set WHERE session_id IN (SELECT id FROM session WHERE athlete_id = ?)");
    sets.bind(1, raw(athlete));
    sets.exec();
    SQLite::Statement gone(db, "DELETE FROM athlete WHERE id = ?");
    gone.bind(1, raw(athlete));
    gone.exec();
    SQLite::Statement clip(db, "DELETE FROM clip WHERE id = ?");
    for (const std::int64_t id : clips) {
      clip.reset();
      clip.bind(1, id);
      clip.exec();
    }
  });
  if (!done) return tl::make_unexpected(done.error());
  std::sort(films.begin(), films.end());
  films.erase(std::unique(films.begin(), films.end()), films.end());
  // The journal still has the pages as they were.
  return impl_->guarded([&]() -> Expected<std::vector<fs::path>> {
    impl_->db.exec("PRAGMA wal_checkpoint(TRUNCATE)");
    return films;
  });
}

Expected<void> HouseFile::removeSets(std::span<const SetId> ids) {
  return impl_->inTransaction([&] {
    SQLite::Statement clip(impl_->db, "SELECT clip_id FROM lift_set WHERE id = ?");
    SQLite::Statement q(impl_->db, "DELETE FROM lift_set WHERE id = ?");
    SQLite::Statement unused(
        impl_->db,
        "DELETE FROM clip WHERE id = ? AND NOT EXISTS (SELECT 1 FROM lift_set WHERE clip_id = clip.id)");
    for (const SetId id : ids) {
      clip.reset();
      clip.bind(1, raw(id));
      if (!clip.executeStep()) continue;
      const std::int64_t clip_id = clip.getColumn(0).getInt64();
      clip.reset();
      q.reset();
      q.bind(1, raw(id));
      q.exec();
      unused.reset();
      unused.bind(1, clip_id);
      unused.exec();
    }
  });
}

Expected<std::vector<LogLine>> HouseFile::log(AthleteId athlete) const {
  LogQuery of;
  of.athlete = athlete;
  return search(of);
}

Expected<std::vector<LogLine>> HouseFile::search(const LogQuery& query) const {
  return impl_->guarded([&]() -> Expected<std::vector<LogLine>> { return readLogLines(impl_->db, query); });
}

Expected<std::optional<TrackRecord>> HouseFile::loadTracks(SetId id) const {
  return impl_->guarded([&]() -> Expected<std::optional<TrackRecord>> {
    const auto damaged = [&] {
      return fail(Remedy::kChooseAnotherFile, "The tracks of this set are damaged in " + quoted(impl_->path) +
                                                  ". Analyse the film again.");
    };
    SQLite::Statement q(
        impl_->db,
        "SELECT version, axis_x_px, axis_y_px, axis_sd_x_px, axis_sd_y_px, axis_from_parallax, two_plates, "
        "c.width, c.height, far_ratio, far_ratio_sd, end_ratio, end_ratio_sd, lens_k1, lens_k1_sd, t.held "
        "FROM "
        "tracking t JOIN lift_set s "
        "ON s.id = t.set_id JOIN "
        "clip c ON c.id = "
        "s.clip_id "
        "WHERE t.set_id = ?");
    q.bind(1, raw(id));
    if (!q.executeStep()) return std::optional<TrackRecord>();
    TrackRecord out;
    out.version = q.getColumn(0).getString();
    if (!q.getColumn(1).isNull())
      out.axis = AxisSeen{Vec2(q.getColumn(1).getDouble(), q.getColumn(2).getDouble()),
                          Vec2(q.getColumn(3).getDouble(), q.getColumn(4).getDouble()),
                          q.getColumn(5).getInt() != 0, std::nullopt};
    if (out.axis && !q.getColumn(9).isNull() && q.getColumn(10).getDouble() > 0.0)
      out.axis->far_ratio = Estimate{q.getColumn(9).getDouble(), q.getColumn(10).getDouble()};
    if (out.axis && !q.getColumn(11).isNull() && q.getColumn(12).getDouble() > 0.0)
      out.axis->end_ratio = Estimate{q.getColumn(11).getDouble(), q.getColumn(12).getDouble()};
    out.two_plates = q.getColumn(6).getInt() != 0;
    out.held = heldNamed(q.getColumn(15).getString()).value_or(Held::kPlates);
    if (!q.getColumn(13).isNull())
      out.tracks.lens_k1 = Estimate{q.getColumn(13).getDouble(), q.getColumn(14).getDouble()};
    out.tracks.width_px = q.getColumn(7).getInt();
    out.tracks.height_px = q.getColumn(8).getInt();
    SQLite::Statement blobs(impl_->db, "SELECT kind, data FROM track WHERE set_id = ?");
    blobs.bind(1, raw(id));
    while (blobs.executeStep()) {
      const std::string kind = blobs.getColumn(0).getString();
      const auto values = doublesOf(blobs.getColumn(1), isPlate(kind)       ? kBarFields
                                                        : kind == "shake"   ? kShakeFields
                                                        : kind == "upright" ? kUprightFields
                                                                            : kJointFields);
      if (!values) return damaged();
      if (kind == "bar") {
        for (std::size_t i = 0; i < values->size(); i += kBarFields) {
          out.tracks.time_s.push_back((*values)[i]);
          out.tracks.bar.push_back(barSampleOf(values->data() + i));
        }
      } else if (kind == "left" || kind == "right") {
        auto& end = out.tracks.ends[kind == "left" ? 0 : 1];
        for (std::size_t i = 0; i < values->size(); i += kBarFields)
          end.push_back(barSampleOf(values->data() + i));
      } else if (kind == "upright") {
        for (std::size_t i = 0; i < values->size(); i += kUprightFields) {
          const double* v = values->data() + i;
          out.tracks.uprights.push_back({Vec2(v[0], v[1]), Vec2(v[2], v[3])});
        }
      } else if (kind == "shake") {
        for (std::size_t i = 0; i < values->size(); i += kShakeFields) {
          const double* v = values->data() + i;
          out.tracks.shake.push_back({Vec2(v[0], v[1]), v[2], v[3], v[4], v[5] != 0.0});
        }
      } else if (const auto joint = jointNamed(kind)) {
        JointTrack& track = out.carried[indexOf(*joint)];
        for (std::size_t i = 0; i < values->size(); i += kJointFields) {
          const double* v = values->data() + i;
          track.push_back({Vec2(v[0], v[1]), v[2], v[3] != 0.0});
        }
      }
    }
    SQLite::Statement found(impl_->db,
                            "SELECT joint, other, xx, xy, yx, yy FROM found_spread WHERE set_id = ?");
    found.bind(1, raw(id));
    while (found.executeStep()) {
      const auto joint = jointNamed(found.getColumn(0).getString()),
                 other = jointNamed(found.getColumn(1).getString());
      if (!joint || !other) continue;
      Eigen::Matrix2d both;
      for (int k = 0; k < 4; ++k) both(k / 2, k % 2) = found.getColumn(2 + k).getDouble();
      out.found.set(*joint, *other, both);
    }
    if (out.tracks.bar.empty()) return damaged();
    if (!out.tracks.shake.empty() && out.tracks.shake.size() != out.tracks.bar.size()) return damaged();
    for (const auto& end : out.tracks.ends)
      if (end.size() != (out.tracks.across() ? out.tracks.bar.size() : 0)) return damaged();
    for (const JointTrack& track : out.carried)
      if (!track.empty() && track.size() != out.tracks.bar.size()) return damaged();
    return std::optional<TrackRecord>(std::move(out));
  });
}

Expected<void> HouseFile::saveTracks(SetId id, const ClipFacts& clip, const TrackRecord& record) {
  return impl_->inTransaction([&] {
    SQLite::Statement facts(
        impl_->db,
        "UPDATE clip SET sha256 = ?, width = ?, height = ?, rotation_deg = ?, frames = ?, duration_s = ?, "
        "variable_rate = ? WHERE id = (SELECT clip_id FROM lift_set WHERE id = ?)");
    facts.bind(1, clip.sha256);
    facts.bind(2, clip.width_px);
    facts.bind(3, clip.height_px);
    facts.bind(4, clip.rotation_deg);
    facts.bind(5, static_cast<std::int64_t>(clip.frames));
    facts.bind(6, clip.duration_s);
    facts.bind(7, clip.variable_rate ? 1 : 0);
    facts.bind(8, raw(id));
    facts.exec();
    impl_->clear("track", id);
    impl_->clear("tracking", id);
    impl_->clear("found_spread", id);
    SQLite::Statement head(impl_->db,
                           "INSERT INTO tracking VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)");
    head.bind(1, raw(id));
    head.bind(2, record.version);
    if (record.axis) {
      head.bind(3, record.axis->vanishing_px.x());
      head.bind(4, record.axis->vanishing_px.y());
      head.bind(5, record.axis->vanishing_sd_px.x());
      head.bind(6, record.axis->vanishing_sd_px.y());
      head.bind(7, record.axis->from_parallax ? 1 : 0);
    }
    head.bind(8, record.two_plates ? 1 : 0);
    if (record.axis && record.axis->far_ratio) {
      head.bind(9, record.axis->far_ratio->value);
      head.bind(10, record.axis->far_ratio->sd);
    }
    if (record.axis && record.axis->end_ratio) {
      head.bind(11, record.axis->end_ratio->value);
      head.bind(12, record.axis->end_ratio->sd);
    }
    if (record.tracks.lens_k1) {
      head.bind(13, record.tracks.lens_k1->value);
      head.bind(14, record.tracks.lens_k1->sd);
    }
    head.bind(15, std::string(nameOf(record.held)));
    head.exec();
    SQLite::Statement blob(impl_->db, "INSERT INTO track VALUES (?, ?, ?)");
    auto put = [&](const std::string& kind, const std::vector<double>& values) {
      const std::string bytes = bytesOf(values);
      blob.reset();
      blob.bind(1, raw(id));
      blob.bind(2, kind);
      blob.bind(3, bytes.data(), static_cast<int>(bytes.size()));
      blob.exec();
    };
    std::vector<double> values;
    auto putPlate = [&](const std::string& kind, const std::vector<BarSample>& plate) {
      values.clear();
      for (std::size_t i = 0; i < plate.size(); ++i) {
        const BarSample& s = plate[i];
        const double state = s.state == TrackState::kSeen ? 0.0 : s.state == TrackState::kBridged ? 1.0 : 2.0;
        values.insert(values.end(),
                      {record.tracks.time_s[i], s.p_px.x(), s.p_px.y(), s.sd_px, s.radius_px, state});
      }
      put(kind, values);
    };
    putPlate("bar", record.tracks.bar);
    if (record.tracks.across()) {
      putPlate("left", record.tracks.ends[0]);
      putPlate("right", record.tracks.ends[1]);
    }
    if (!record.tracks.uprights.empty()) {
      values.clear();
      for (const Upright& u : record.tracks.uprights)
        values.insert(values.end(), {u.low_px.x(), u.low_px.y(), u.high_px.x(), u.high_px.y()});
      put("upright", values);
    }
    if (!record.tracks.shake.empty()) {
      values.clear();
      for (const PictureMove& m : record.tracks.shake)
        values.insert(values.end(), {m.shift_px.x(), m.shift_px.y(), m.turn_rad, m.log_scale, m.sd_px,
                                     m.known ? 1.0 : 0.0});
      put("shake", values);
    }
    for (std::size_t j = 0; j < kJointCount; ++j) {
      if (record.carried[j].empty()) continue;
      values.clear();
      for (const JointSample& s : record.carried[j])
        values.insert(values.end(), {s.p_px.x(), s.p_px.y(), s.sd_px, s.known ? 1.0 : 0.0});
      put(std::string(kJointNames[j]), values);
    }
    SQLite::Statement found(impl_->db, "INSERT INTO found_spread VALUES (?, ?, ?, ?, ?, ?, ?)");
    for (std::size_t j = 0; j < kJointCount; ++j)
      for (std::size_t k = j; k < kJointCount; ++k) {
        const auto joint = static_cast<Joint>(j), other = static_cast<Joint>(k);
        if (!record.found.has(joint) || !record.found.has(other)) continue;
        const Eigen::Matrix2d both = record.found.of(joint, other);
        found.reset();
        found.bind(1, raw(id));
        found.bind(2, std::string(kJointNames[j]));
        found.bind(3, std::string(kJointNames[k]));
        for (int n = 0; n < 4; ++n) found.bind(4 + n, both(n / 2, n % 2));
        found.exec();
      }
    SQLite::Statement state(impl_->db,
                            "UPDATE lift_set SET problem = '', state = CASE state WHEN 'reviewed' THEN state "
                            "ELSE 'tracked' END WHERE id = ?");
    state.bind(1, raw(id));
    state.exec();
  });
}

Expected<void> HouseFile::saveProblem(SetId id, const std::string& problem) {
  return impl_->inTransaction([&] {
    SQLite::Statement q(impl_->db, "UPDATE lift_set SET state = 'failed', problem = ? WHERE id = ?");
    q.bind(1, problem);
    q.bind(2, raw(id));
    q.exec();
  });
}

Expected<void> HouseFile::saveResults(SetId id, const Analysis& analysis, const RuleBook& book) {
  return impl_->inTransaction([&] {
    for (const char* table : {"result", "measure", "finding"}) impl_->clear(table, id);
    SQLite::Statement result(impl_->db, "INSERT INTO result VALUES (?, ?, ?, ?, ?, ?)");
    result.bind(1, raw(id));
    result.bind(2, std::string(kAnalysisVersion));
    result.bind(3, book.name + "/" + book.version);
    result.bind(4, std::string(nameOf(analysis.decision.action)));
    result.bind(5, std::string(nameOf(analysis.decision.reason)));
    if (analysis.decision.next_load_kg) result.bind(6, *analysis.decision.next_load_kg);
    result.exec();
    SQLite::Statement measure(impl_->db, "INSERT INTO measure VALUES (?, ?, ?, ?, ?, ?, ?)");
    for (const Measure& m : analysis.measures) {
      measure.reset();
      measure.clearBindings();
      measure.bind(1, raw(id));
      measure.bind(2, std::string(definitionOf(m.id).name));
      measure.bind(3, m.rep);
      if (m.status == MeasureStatus::kOk) {
        measure.bind(4, m.value.value);
        measure.bind(5, m.value.sd);
      }
      measure.bind(6, std::string(nameOf(m.status)));
      measure.bind(7, static_cast<std::int64_t>(m.frame));
      measure.exec();
    }
    SQLite::Statement finding(impl_->db, "INSERT INTO finding VALUES (?, ?, ?, ?, ?, ?, ?)");
    for (const Finding& f : analysis.findings) {
      std::string reps;
      for (int rep : f.reps) reps += (reps.empty() ? "" : ",") + std::to_string(rep);
      finding.reset();
      finding.bind(1, raw(id));
      finding.bind(2, f.rule);
      finding.bind(3, std::string(nameOf(f.certainty)));
      finding.bind(4, std::string(nameOf(f.severity)));
      finding.bind(5, std::string(nameOf(f.reason)));
      finding.bind(6, reps);
      finding.bind(7, static_cast<std::int64_t>(f.frame));
      finding.exec();
    }
  });
}

Expected<std::vector<StoredResult>> HouseFile::results(const ResultsOf& of) const {
  return impl_->guarded([&]() -> Expected<std::vector<StoredResult>> {
    std::vector<StoredResult> out;
    const auto listed = [](const std::vector<MeasureId>& ids) {
      std::string list;
      for (const MeasureId id : ids)
        list += (list.empty() ? "'" : ", '") + std::string(definitionOf(id).name) + "'";
      return "m.measure IN (" + list + ")";
    };
    const std::string wanted = of.measures ? " AND " + listed(*of.measures) : std::string();
    const std::string measured = "WHERE EXISTS (SELECT 1 FROM measure m WHERE m.set_id = s.id" + wanted + ")";
    auto sets = of.athlete ? impl_->readSets(measured + " AND e.athlete_id = ?", raw(*of.athlete))
                           : impl_->readSets(measured, 0);
    std::vector<MeasureId> across;
    for (const MeasureDefinition* d : measureCatalogue())
      if (d->view == MeasureView::kAcross) across.push_back(d->id);
    // Set by set, along the keys: of a large house little is read.
    SQLite::Statement m(impl_->db,
                        "SELECT m.measure, m.rep, m.value, m.sd, m.status, m.frame FROM measure m WHERE "
                        "m.set_id = ?" +
                            wanted),
        seen(impl_->db,
             "SELECT EXISTS (SELECT 1 FROM measure m WHERE m.set_id = ? AND " + listed(across) + ")"),
        f(impl_->db, "SELECT rule FROM finding WHERE set_id = ? AND certainty = ?");
    for (SetRecord& set : sets) {
      StoredResult r{std::move(set), false, {}, {}};
      m.reset();
      m.bind(1, raw(r.set.id));
      while (m.executeStep()) {
        const MeasureDefinition* d = findMeasure(m.getColumn(0).getText());
        const auto status = measureStatusNamed(m.getColumn(4).getText());
        if (d == nullptr || !status) continue;  // of another program
        r.measures.push_back(
            {d->id,
             m.getColumn(1).getInt(),
             {m.getColumn(2).getDouble(), m.getColumn(3).getDouble()},
             *status,
             static_cast<std::size_t>(std::max<std::int64_t>(0, m.getColumn(5).getInt64()))});
      }
      seen.reset();
      seen.bind(1, raw(r.set.id));
      r.across = seen.executeStep() && seen.getColumn(0).getInt() != 0;
      f.reset();
      f.bind(1, raw(r.set.id));
      f.bind(2, std::string(nameOf(Certainty::kClear)));
      while (f.executeStep()) {
        const std::string rule = f.getColumn(0).getString();
        const auto& overruled = r.set.edit.overruled;
        if (std::none_of(overruled.begin(), overruled.end(),
                         [&](const Overruling& o) { return o.rule == rule; }))
          r.found.push_back(rule);
      }
      out.push_back(std::move(r));
    }
    std::erase_if(out, [](const StoredResult& r) { return r.measures.empty(); });
    return out;
  });
}

Expected<HouseBook> HouseFile::houseBook() const {
  return impl_->guarded([&]() -> Expected<HouseBook> {
    HouseBook book;
    SQLite::Statement q(impl_->db, "SELECT kind, toml FROM house_book");
    while (q.executeStep()) {
      const std::string kind = q.getColumn(0).getString();
      std::string& to = kind == "cues"     ? book.cues
                        : kind == "causes" ? book.causes
                        : kind == "gear"   ? book.gear
                                           : book.rules;
      to = q.getColumn(1).getString();
    }
    return book;
  });
}

Expected<void> HouseFile::saveHouseBook(const HouseBook& book) {
  return impl_->inTransaction([&] {
    impl_->db.exec("DELETE FROM house_book");
    SQLite::Statement q(impl_->db, "INSERT INTO house_book VALUES (?, ?)");
    for (const auto& [kind, toml] : {std::pair{"rules", &book.rules},
                                     {"cues", &book.cues},
                                     {"causes", &book.causes},
                                     {"gear", &book.gear}}) {
      if (toml->empty()) continue;
      q.reset();
      q.bind(1, kind);
      q.bind(2, *toml);
      q.exec();
    }
  });
}

Expected<std::vector<BlindLook>> HouseFile::blindLooks() const {
  return impl_->guarded([&]() -> Expected<std::vector<BlindLook>> {
    std::vector<BlindLook> out;
    SQLite::Statement q(impl_->db,
                        "SELECT id, day, seed, lift, view, rule, value, sd, limit_then, big_then, really, "
                        "called FROM blind_look LEFT JOIN glance ON look_id = id ORDER BY day, id, rule");
    while (q.executeStep()) {
      const LookId id{q.getColumn(0).getInt64()};
      if (out.empty() || out.back().id != id)
        out.push_back({id,
                       q.getColumn(1).getString(),
                       static_cast<std::uint32_t>(q.getColumn(2).getInt64()),
                       liftNamed(q.getColumn(3).getString()).value_or(Lift::kSquat),
                       viewNamed(q.getColumn(4).getString()).value_or(View::kSide),
                       {}});
      if (q.getColumn(5).isNull()) continue;
      Glance g;
      g.rule = q.getColumn(5).getString();
      g.value = {q.getColumn(6).getDouble(), q.getColumn(7).getDouble()};
      g.limit = q.getColumn(8).getDouble();
      g.big = q.getColumn(9).getDouble();
      g.is = calledNamed(q.getColumn(10).getString());
      g.called = calledNamed(q.getColumn(11).getString()).value_or(Called::kNothing);
      out.back().seen.push_back(std::move(g));
    }
    return out;
  });
}

Expected<LookId> HouseFile::addBlindLook(const BlindLook& look) {
  LookId id{};
  auto ok = impl_->inTransaction([&] {
    SQLite::Statement q(impl_->db, "INSERT INTO blind_look (day, seed, lift, view) VALUES (?, ?, ?, ?)");
    q.bind(1, look.day);
    q.bind(2, static_cast<std::int64_t>(look.seed));
    q.bind(3, std::string(nameOf(look.lift)));
    q.bind(4, std::string(nameOf(look.view)));
    q.exec();
    id = LookId{impl_->db.getLastInsertRowid()};
    SQLite::Statement one(impl_->db, "INSERT INTO glance VALUES (?, ?, ?, ?, ?, ?, ?, ?)");
    for (const Glance& g : look.seen) {
      one.reset();
      one.bind(1, static_cast<std::int64_t>(id));
      one.bind(2, g.rule);
      one.bind(3, g.value.value);
      one.bind(4, g.value.sd);
      one.bind(5, g.limit);
      one.bind(6, g.big);
      one.bind(7, std::string(g.is ? nameOf(*g.is) : kTooClose));
      one.bind(8, std::string(nameOf(g.called)));
      one.exec();
    }
  });
  if (!ok) return tl::make_unexpected(ok.error());
  return id;
}

Expected<void> HouseFile::removeBlindLook(LookId id) {
  return impl_->inTransaction([&] {
    SQLite::Statement q(impl_->db, "DELETE FROM blind_look WHERE id = ?");
    q.bind(1, static_cast<std::int64_t>(id));
    q.exec();
  });
}

Expected<std::string> HouseFile::deskState(const std::string& key) const {
  return impl_->guarded([&]() -> Expected<std::string> {
    SQLite::Statement q(impl_->db, "SELECT value FROM desk_state WHERE key = ?");
    q.bind(1, key);
    return q.executeStep() ? q.getColumn(0).getString() : std::string();
  });
}

Expected<void> HouseFile::saveDeskState(const std::string& key, const std::string& value) {
  return impl_->inTransaction([&] {
    SQLite::Statement q(
        impl_->db,
        "INSERT INTO desk_state VALUES (?, ?) ON CONFLICT (key) DO UPDATE SET value = excluded.value");
    q.bind(1, key);
    q.bind(2, value);
    q.exec();
  });
}

}  // namespace mottix
