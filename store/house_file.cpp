#include "store/house_file.h"

#include <algorithm>
#include <bit>
#include <cstring>
#include <fstream>

#include <SQLiteCpp/SQLiteCpp.h>
#include <sqlite3.h>

#include "store/migrations.h"

namespace mottix {
namespace {

namespace fs = std::filesystem;
static_assert(std::endian::native == std::endian::little, "tracks are stored little-endian");

std::string quoted(const fs::path& path) {
  return "“" + path.filename().string() + "”";
}

Error errorFrom(const SQLite::Exception& e, const fs::path& path) {
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

constexpr std::size_t kBarFields = 6, kJointFields = 4;
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
    SQLite::Statement update(db,
                             "UPDATE lift_set SET state = ?, lift = ?, variant = ?, reps = ?, load_kg = ?, "
                             "effort = ?, facing = ?, "
                             "plate_mm = ?, cue = ?, next_load_kg = ? WHERE id = ?");
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
    update.bind(11, raw(id));
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
    clear("overrule", id);
    SQLite::Statement overrule(db, "INSERT INTO overrule VALUES (?, ?)");
    for (const std::string& rule : edit.overruled) {
      overrule.reset();
      overrule.bind(1, raw(id));
      overrule.bind(2, rule);
      overrule.exec();
    }
  }

  void clear(const char* table, SetId id) {
    SQLite::Statement wipe(db, std::string("DELETE FROM ") + table + " WHERE set_id = ?");
    wipe.bind(1, raw(id));
    wipe.exec();
  }

  std::vector<SetRecord> readSets(const std::string& where, std::int64_t id) {
    SQLite::Statement q(db,
                        "SELECT s.id, e.athlete_id, e.day, s.state, s.problem, s.lift, s.variant, s.reps, "
                        "s.load_kg, s.effort, s.facing, "
                        "s.plate_mm, s.cue, s.next_load_kg, c.path, c.sha256, c.width, c.height, "
                        "c.rotation_deg, c.frames, c.duration_s, "
                        "c.variable_rate FROM lift_set s JOIN session e ON e.id = s.session_id JOIN clip c "
                        "ON c.id = s.clip_id " +
                            where + " ORDER BY e.day, s.id");
    if (!where.empty()) q.bind(1, id);
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
      readChildren(set);
      out.push_back(std::move(set));
    }
    return out;
  }

  void readChildren(SetRecord& set) {
    SQLite::Statement points(
        db, "SELECT entry, frame, joint, x_px, y_px FROM placed_point WHERE set_id = ? ORDER BY entry");
    points.bind(1, raw(set.id));
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
    SQLite::Statement rules(db, "SELECT rule FROM overrule WHERE set_id = ? ORDER BY rule");
    rules.bind(1, raw(set.id));
    while (rules.executeStep()) set.edit.overruled.push_back(rules.getColumn(0).getString());
  }
};

HouseFile::HouseFile(std::unique_ptr<Impl> impl) : impl_(std::move(impl)) {}
HouseFile::HouseFile(HouseFile&&) noexcept = default;
HouseFile& HouseFile::operator=(HouseFile&&) noexcept = default;
HouseFile::~HouseFile() = default;
const fs::path& HouseFile::path() const {
  return impl_->path;
}

Expected<HouseFile> HouseFile::open(const fs::path& path) {
  std::error_code ec;
  if (fs::is_directory(path, ec))
    return fail(Remedy::kChooseAnotherFile, quoted(path) + " is a folder, not a house file.");
  const bool existed = fs::exists(path, ec) && fs::file_size(path, ec) > 0;
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
      if (version.getColumn(0).getInt() > static_cast<int>(kMigrations.size()))
        return fail(Remedy::kUpdateProgram, quoted(path) +
                                                " was written by a newer version of this program. It was not "
                                                "touched; update the program to open it.");
      SQLite::Statement check(look, "PRAGMA quick_check(1)");
      check.executeStep();
      if (check.getColumn(0).getString() != "ok")
        return fail(
            Remedy::kChooseAnotherFile,
            quoted(path) + " is damaged. It was not touched; restore a backup or choose another file.");
      if (!std::ofstream(path, std::ios::binary | std::ios::app).good())
        return fail(
            Remedy::kCheckDisk,
            quoted(path) +
                " cannot be written. Check the permissions of the file and its folder; nothing was changed.");
    }
    std::unique_ptr<Impl> impl(
        new Impl{path, SQLite::Database(path.string(), SQLite::OPEN_READWRITE | SQLite::OPEN_CREATE, 3000)});
    SQLite::Database& db = impl->db;
    db.exec("PRAGMA foreign_keys = ON");
    db.exec("PRAGMA journal_mode = WAL");
    db.exec("PRAGMA synchronous = NORMAL");
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
  return impl_->guarded([&]() -> Expected<std::vector<Athlete>> {
    SQLite::Statement q(
        impl_->db, "SELECT id, name, step_kg, open_pain, note FROM athlete ORDER BY name COLLATE NOCASE");
    std::vector<Athlete> out;
    while (q.executeStep())
      out.push_back({AthleteId{q.getColumn(0).getInt64()}, q.getColumn(1).getString(),
                     q.getColumn(2).getDouble(), q.getColumn(3).getInt(), q.getColumn(4).getString()});
    return out;
  });
}

Expected<AthleteId> HouseFile::addAthlete(const Athlete& athlete) {
  return impl_->guarded([&]() -> Expected<AthleteId> {
    SQLite::Statement q(impl_->db,
                        "INSERT INTO athlete (name, step_kg, open_pain, note) VALUES (?, ?, ?, ?)");
    q.bind(1, athlete.name);
    q.bind(2, athlete.step_kg);
    q.bind(3, athlete.open_pain);
    q.bind(4, athlete.note);
    q.exec();
    return AthleteId{impl_->db.getLastInsertRowid()};
  });
}

Expected<void> HouseFile::saveAthlete(const Athlete& athlete) {
  return impl_->inTransaction([&] {
    SQLite::Statement q(impl_->db,
                        "UPDATE athlete SET name = ?, step_kg = ?, open_pain = ?, note = ? WHERE id = ?");
    q.bind(1, athlete.name);
    q.bind(2, athlete.step_kg);
    q.bind(3, athlete.open_pain);
    q.bind(4, athlete.note);
    q.bind(5, raw(athlete.id));
    q.exec();
  });
}

Expected<std::optional<BodyFacts>> HouseFile::loadBody(AthleteId athlete) const {
  return impl_->guarded([&]() -> Expected<std::optional<BodyFacts>> {
    SQLite::Statement q(impl_->db,
                        "SELECT sex, height_m, mass_kg, knee_to_wall_m FROM body WHERE athlete_id = ?");
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
    SQLite::Statement l(impl_->db, "SELECT segment, m, sd, source FROM body_length WHERE athlete_id = ?");
    l.bind(1, raw(athlete));
    while (l.executeStep()) {
      const auto segment = segmentNamed(l.getColumn(0).getString());
      if (!segment) continue;  // of a later program
      const bool clip = l.getColumn(3).getString() == nameOf(LengthSource::kFromClip);
      facts.measured[indexOf(*segment)] = BodyLength{{l.getColumn(1).getDouble(), l.getColumn(2).getDouble()},
                                                     clip ? LengthSource::kFromClip : LengthSource::kByHand};
    }
    return facts;
  });
}

Expected<void> HouseFile::saveBody(AthleteId athlete, const BodyFacts& facts) {
  return impl_->inTransaction([&] {
    SQLite::Statement q(
        impl_->db,
        "INSERT INTO body (athlete_id, sex, height_m, mass_kg, knee_to_wall_m) VALUES (?, ?, ?, ?, ?) "
        "ON CONFLICT (athlete_id) DO UPDATE SET sex = excluded.sex, height_m = excluded.height_m, "
        "mass_kg = excluded.mass_kg, knee_to_wall_m = excluded.knee_to_wall_m");
    q.bind(1, raw(athlete));
    q.bind(2, std::string(nameOf(facts.sex)));
    q.bind(3, facts.height_m);
    if (facts.mass_kg) q.bind(4, *facts.mass_kg);
    if (facts.knee_to_wall_m) q.bind(5, *facts.knee_to_wall_m);
    q.exec();
    SQLite::Statement old(impl_->db, "DELETE FROM body_length WHERE athlete_id = ?");
    old.bind(1, raw(athlete));
    old.exec();
    for (std::size_t i = 0; i < kSegmentCount; ++i) {
      const auto& length = facts.measured[i];
      if (!length || length->source == LengthSource::kFromHeight) continue;
      SQLite::Statement l(
          impl_->db, "INSERT INTO body_length (athlete_id, segment, m, sd, source) VALUES (?, ?, ?, ?, ?)");
      l.bind(1, raw(athlete));
      l.bind(2, std::string(nameOf(static_cast<Segment>(i))));
      l.bind(3, length->m.value);
      l.bind(4, length->m.sd);
      l.bind(5, std::string(nameOf(length->source)));
      l.exec();
    }
  });
}

Expected<std::vector<ComplaintRecord>> HouseFile::complaints(AthleteId athlete) const {
  return impl_->guarded([&]() -> Expected<std::vector<ComplaintRecord>> {
    SQLite::Statement q(impl_->db,
                        "SELECT id, joint, side, level, opened, closed FROM complaint WHERE athlete_id = ? "
                        "ORDER BY opened, id");
    q.bind(1, raw(athlete));
    std::vector<ComplaintRecord> out;
    while (q.executeStep()) {
      const auto joint = complaintJointNamed(q.getColumn(1).getString());
      if (!joint) continue;  // of a later program
      out.push_back({ComplaintId{q.getColumn(0).getInt64()},
                     {*joint, q.getColumn(3).getInt()},
                     q.getColumn(2).getString(),
                     q.getColumn(4).getString(),
                     q.getColumn(5).getString()});
    }
    return out;
  });
}

Expected<ComplaintId> HouseFile::addComplaint(AthleteId athlete, const ComplaintRecord& complaint) {
  return impl_->guarded([&]() -> Expected<ComplaintId> {
    SQLite::Statement q(impl_->db,
                        "INSERT INTO complaint (athlete_id, joint, side, level, opened, closed) "
                        "VALUES (?, ?, ?, ?, ?, ?)");
    q.bind(1, raw(athlete));
    q.bind(2, std::string(nameOf(complaint.what.joint)));
    q.bind(3, complaint.side);
    q.bind(4, complaint.what.level);
    q.bind(5, complaint.opened);
    q.bind(6, complaint.closed);
    q.exec();
    return ComplaintId{impl_->db.getLastInsertRowid()};
  });
}

Expected<void> HouseFile::saveComplaint(const ComplaintRecord& complaint) {
  return impl_->inTransaction([&] {
    SQLite::Statement q(
        impl_->db,
        "UPDATE complaint SET joint = ?, side = ?, level = ?, opened = ?, closed = ? WHERE id = ?");
    q.bind(1, std::string(nameOf(complaint.what.joint)));
    q.bind(2, complaint.side);
    q.bind(3, complaint.what.level);
    q.bind(4, complaint.opened);
    q.bind(5, complaint.closed);
    q.bind(6, static_cast<std::int64_t>(complaint.id));
    q.exec();
  });
}

Expected<std::vector<SetRecord>> HouseFile::sets() const {
  return impl_->guarded([&]() -> Expected<std::vector<SetRecord>> { return impl_->readSets("", 0); });
}

Expected<SetRecord> HouseFile::loadSet(SetId id) const {
  return impl_->guarded([&]() -> Expected<SetRecord> {
    auto found = impl_->readSets("WHERE s.id = ?", raw(id));
    if (found.empty()) return fail(Remedy::kCorrectInput, "This set is not in the house file any more.");
    return std::move(found.front());
  });
}

Expected<SetId> HouseFile::addSet(const SetRecord& set) {
  SetId id = kNoSet;
  auto done = impl_->inTransaction([&] {
    SQLite::Statement clip(impl_->db, "INSERT INTO clip (path, sha256) VALUES (?, ?)");
    clip.bind(1, set.clip.file);
    clip.bind(2, set.clip.sha256);
    clip.exec();
    const std::int64_t clip_id = impl_->db.getLastInsertRowid();
    SQLite::Statement q(impl_->db,
                        "INSERT INTO lift_set (session_id, clip_id, state, problem, lift, variant, reps, "
                        "load_kg, effort, facing, plate_mm) "
                        "VALUES (?, ?, 'waiting', ?, '', '', 0, 0, 0, '', 0)");
    q.bind(1, impl_->sessionFor(set.athlete, set.day));
    q.bind(2, clip_id);
    q.bind(3, set.problem);
    q.exec();
    id = SetId{impl_->db.getLastInsertRowid()};
    impl_->writeEdit(id, set.edit, set.state);
  });
  if (!done) return tl::make_unexpected(done.error());
  return id;
}

Expected<void> HouseFile::saveEdit(SetId id, const SetEdit& edit, SetState state) {
  return impl_->inTransaction([&] { impl_->writeEdit(id, edit, state); });
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
  return impl_->inTransaction([&] {
    SQLite::Statement q(impl_->db, "DELETE FROM lift_set WHERE id = ?");
    q.bind(1, raw(id));
    q.exec();
    impl_->db.exec("DELETE FROM clip WHERE id NOT IN (SELECT clip_id FROM lift_set)");
  });
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
        "c.width, c.height FROM tracking t JOIN lift_set s ON s.id = t.set_id JOIN clip c ON c.id = "
        "s.clip_id "
        "WHERE t.set_id = ?");
    q.bind(1, raw(id));
    if (!q.executeStep()) return std::optional<TrackRecord>();
    TrackRecord out;
    out.version = q.getColumn(0).getString();
    if (!q.getColumn(1).isNull())
      out.axis = AxisSeen{Vec2(q.getColumn(1).getDouble(), q.getColumn(2).getDouble()),
                          Vec2(q.getColumn(3).getDouble(), q.getColumn(4).getDouble()),
                          q.getColumn(5).getInt() != 0};
    out.two_plates = q.getColumn(6).getInt() != 0;
    out.tracks.width_px = q.getColumn(7).getInt();
    out.tracks.height_px = q.getColumn(8).getInt();
    SQLite::Statement blobs(impl_->db, "SELECT kind, data FROM track WHERE set_id = ?");
    blobs.bind(1, raw(id));
    while (blobs.executeStep()) {
      const std::string kind = blobs.getColumn(0).getString();
      const auto values = doublesOf(blobs.getColumn(1), kind == "bar" ? kBarFields : kJointFields);
      if (!values) return damaged();
      if (kind == "bar") {
        for (std::size_t i = 0; i < values->size(); i += kBarFields) {
          const double* v = values->data() + i;
          const auto state = v[5] == 0.0   ? TrackState::kSeen
                             : v[5] == 1.0 ? TrackState::kBridged
                                           : TrackState::kLost;
          out.tracks.time_s.push_back(v[0]);
          out.tracks.bar.push_back({Vec2(v[1], v[2]), v[3], v[4], state});
        }
      } else if (const auto joint = jointNamed(kind)) {
        JointTrack& track = out.carried[indexOf(*joint)];
        for (std::size_t i = 0; i < values->size(); i += kJointFields) {
          const double* v = values->data() + i;
          track.push_back({Vec2(v[0], v[1]), v[2], v[3] != 0.0});
        }
      }
    }
    if (out.tracks.bar.empty()) return damaged();
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
    SQLite::Statement head(impl_->db, "INSERT INTO tracking VALUES (?, ?, ?, ?, ?, ?, ?, ?)");
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
    for (std::size_t i = 0; i < record.tracks.bar.size(); ++i) {
      const BarSample& s = record.tracks.bar[i];
      const double state = s.state == TrackState::kSeen ? 0.0 : s.state == TrackState::kBridged ? 1.0 : 2.0;
      values.insert(values.end(),
                    {record.tracks.time_s[i], s.p_px.x(), s.p_px.y(), s.sd_px, s.radius_px, state});
    }
    put("bar", values);
    for (std::size_t j = 0; j < kJointCount; ++j) {
      if (record.carried[j].empty()) continue;
      values.clear();
      for (const JointSample& s : record.carried[j])
        values.insert(values.end(), {s.p_px.x(), s.p_px.y(), s.sd_px, s.known ? 1.0 : 0.0});
      put(std::string(kJointNames[j]), values);
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
