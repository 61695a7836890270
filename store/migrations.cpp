#include "store/migrations.h"

namespace mottix {

const std::array<std::string_view, 18> kMigrations = {
    R"sql(
CREATE TABLE athlete (
  id INTEGER PRIMARY KEY,
  name TEXT NOT NULL CHECK (length(name) > 0),
  step_kg REAL NOT NULL DEFAULT 2.5,
  open_pain INTEGER NOT NULL DEFAULT 0 CHECK (open_pain BETWEEN 0 AND 10),
  note TEXT NOT NULL DEFAULT ''
);
CREATE TABLE session (
  id INTEGER PRIMARY KEY,
  athlete_id INTEGER NOT NULL REFERENCES athlete(id) ON DELETE CASCADE,
  day TEXT NOT NULL,                   -- ISO date
  UNIQUE (athlete_id, day)
);
CREATE TABLE clip (
  id INTEGER PRIMARY KEY,
  path TEXT NOT NULL,                  -- relative to the house file's folder
  sha256 TEXT NOT NULL DEFAULT '',
  width INTEGER NOT NULL DEFAULT 0,
  height INTEGER NOT NULL DEFAULT 0,
  rotation_deg INTEGER NOT NULL DEFAULT 0,
  frames INTEGER NOT NULL DEFAULT 0,
  duration_s REAL NOT NULL DEFAULT 0,
  variable_rate INTEGER NOT NULL DEFAULT 0
);
CREATE TABLE lift_set (
  id INTEGER PRIMARY KEY,
  session_id INTEGER NOT NULL REFERENCES session(id) ON DELETE CASCADE,
  clip_id INTEGER NOT NULL REFERENCES clip(id),
  state TEXT NOT NULL,                 -- waiting, tracked, reviewed, failed
  problem TEXT NOT NULL DEFAULT '',
  lift TEXT NOT NULL,
  variant TEXT NOT NULL,
  reps INTEGER NOT NULL,
  load_kg REAL NOT NULL,
  effort REAL NOT NULL,
  facing TEXT NOT NULL,
  plate_mm REAL NOT NULL,
  cue TEXT NOT NULL DEFAULT '',
  next_load_kg REAL                    -- accepted by the coach; NULL: not decided
);
CREATE TABLE placed_point (
  set_id INTEGER NOT NULL REFERENCES lift_set(id) ON DELETE CASCADE,
  entry INTEGER NOT NULL,              -- order of the frames; entry 0 is carried through the clip
  frame INTEGER NOT NULL,
  joint TEXT NOT NULL,
  x_px REAL NOT NULL,
  y_px REAL NOT NULL,
  PRIMARY KEY (set_id, entry, joint)
);
CREATE TABLE overrule (
  set_id INTEGER NOT NULL REFERENCES lift_set(id) ON DELETE CASCADE,
  rule TEXT NOT NULL,
  PRIMARY KEY (set_id, rule)
);
-- Tracks as little-endian doubles. bar: time_s, x_px, y_px, sd_px, radius_px, state (0 seen, 1 bridged, 2 lost) a frame;
-- shake (only of a camera that moved): shift x_px, y_px, turn_rad, log_scale, sd_px, known (0 or 1) a frame;
-- upright (edges of posts and walls): low x_px, y_px, high x_px, y_px, each;
-- a joint: x_px, y_px, sd_px, known (0 or 1) a frame, as carried, before corrections by hand.
CREATE TABLE track (
  set_id INTEGER NOT NULL REFERENCES lift_set(id) ON DELETE CASCADE,
  kind TEXT NOT NULL,
  data BLOB NOT NULL,
  PRIMARY KEY (set_id, kind)
);
CREATE TABLE tracking (
  set_id INTEGER PRIMARY KEY REFERENCES lift_set(id) ON DELETE CASCADE,
  version TEXT NOT NULL,               -- name and version of the trackers
  axis_x_px REAL, axis_y_px REAL, axis_sd_x_px REAL, axis_sd_y_px REAL, axis_from_parallax INTEGER,
  two_plates INTEGER NOT NULL
);
CREATE TABLE result (
  set_id INTEGER PRIMARY KEY REFERENCES lift_set(id) ON DELETE CASCADE,
  version TEXT NOT NULL,               -- name and version of the computation
  book TEXT NOT NULL,                  -- rule book and its version
  action TEXT NOT NULL,
  reason TEXT NOT NULL,
  next_load_kg REAL                    -- suggested
);
CREATE TABLE measure (
  set_id INTEGER NOT NULL REFERENCES lift_set(id) ON DELETE CASCADE,
  measure TEXT NOT NULL,
  rep INTEGER NOT NULL,
  value REAL, sd REAL,
  status TEXT NOT NULL,
  frame INTEGER NOT NULL,
  PRIMARY KEY (set_id, measure, rep)
);
CREATE TABLE finding (
  set_id INTEGER NOT NULL REFERENCES lift_set(id) ON DELETE CASCADE,
  rule TEXT NOT NULL,
  certainty TEXT NOT NULL,
  severity TEXT NOT NULL,
  reason TEXT NOT NULL,
  reps TEXT NOT NULL,                  -- comma-separated
  frame INTEGER NOT NULL,
  PRIMARY KEY (set_id, rule, certainty)
);
CREATE TABLE desk_state (               -- what was on the desk when it was left
  key TEXT PRIMARY KEY,
  value TEXT NOT NULL
);
CREATE INDEX lift_set_of_session ON lift_set(session_id);
)sql",
    // The athlete's body. Kept as the coach gave it, also when it cannot be a body's yet.
    R"sql(
CREATE TABLE body (
  athlete_id INTEGER PRIMARY KEY REFERENCES athlete(id) ON DELETE CASCADE,
  sex TEXT NOT NULL DEFAULT '',        -- female, male or nothing
  height_m REAL NOT NULL DEFAULT 0,    -- 0: not stated
  mass_kg REAL,
  knee_to_wall_m REAL
);
CREATE TABLE body_length (
  athlete_id INTEGER NOT NULL REFERENCES body(athlete_id) ON DELETE CASCADE,
  segment TEXT NOT NULL,
  m REAL NOT NULL,
  sd REAL NOT NULL,
  source TEXT NOT NULL CHECK (source IN ('by_hand', 'from_clip')),
  PRIMARY KEY (athlete_id, segment)
);
CREATE TABLE complaint (
  id INTEGER PRIMARY KEY,
  athlete_id INTEGER NOT NULL REFERENCES athlete(id) ON DELETE CASCADE,
  joint TEXT NOT NULL,
  side TEXT NOT NULL DEFAULT '' CHECK (side IN ('', 'left', 'right', 'both')),
  level INTEGER NOT NULL CHECK (level BETWEEN 0 AND 10),
  opened TEXT NOT NULL,                -- ISO date
  closed TEXT NOT NULL DEFAULT ''      -- ISO date; empty while it is open
);
CREATE INDEX complaint_of_athlete ON complaint(athlete_id);
)sql",
    // What else a coach knows of the athlete, screens, and set-ups that are tried.
    R"sql(
ALTER TABLE athlete ADD COLUMN birth_year INTEGER;
ALTER TABLE athlete ADD COLUMN lifts_since INTEGER;          -- year
ALTER TABLE athlete ADD COLUMN goal TEXT NOT NULL DEFAULT '';
ALTER TABLE athlete ADD COLUMN test_day TEXT NOT NULL DEFAULT '';  -- ISO date
ALTER TABLE athlete ADD COLUMN squat_school TEXT NOT NULL DEFAULT 'base';
ALTER TABLE athlete ADD COLUMN bench_school TEXT NOT NULL DEFAULT 'base';
ALTER TABLE athlete ADD COLUMN deadlift_school TEXT NOT NULL DEFAULT 'base';
ALTER TABLE athlete ADD COLUMN equipment TEXT NOT NULL DEFAULT '';    -- names, comma-separated
ALTER TABLE athlete ADD COLUMN constraints TEXT NOT NULL DEFAULT '';  -- names, comma-separated
CREATE TABLE screen (
  id INTEGER PRIMARY KEY,
  athlete_id INTEGER NOT NULL REFERENCES athlete(id) ON DELETE CASCADE,
  screen TEXT NOT NULL,
  day TEXT NOT NULL                    -- ISO date
);
CREATE TABLE screen_answer (
  screen_id INTEGER NOT NULL REFERENCES screen(id) ON DELETE CASCADE,
  question TEXT NOT NULL,
  value REAL NOT NULL,                 -- yes 1, no 0, or centimetres, degrees
  PRIMARY KEY (screen_id, question)
);
CREATE INDEX screen_of_athlete ON screen(athlete_id);
CREATE TABLE setup (
  id INTEGER PRIMARY KEY,
  athlete_id INTEGER NOT NULL REFERENCES athlete(id) ON DELETE CASCADE,
  lift TEXT NOT NULL,
  name TEXT NOT NULL,
  day TEXT NOT NULL,                   -- ISO date
  chosen INTEGER NOT NULL DEFAULT 0,
  chosen_why TEXT NOT NULL DEFAULT ''
);
CREATE TABLE setup_value (
  setup_id INTEGER NOT NULL REFERENCES setup(id) ON DELETE CASCADE,
  place INTEGER NOT NULL,              -- order on the card
  id TEXT NOT NULL,
  value REAL,
  choice TEXT NOT NULL,
  unit TEXT NOT NULL,
  reason TEXT NOT NULL,
  PRIMARY KEY (setup_id, id)
);
CREATE INDEX setup_of_athlete ON setup(athlete_id);
ALTER TABLE lift_set ADD COLUMN setup_id INTEGER REFERENCES setup(id);
ALTER TABLE lift_set ADD COLUMN comfort INTEGER CHECK (comfort BETWEEN 0 AND 10);
ALTER TABLE lift_set ADD COLUMN effort_felt REAL;
)sql",
    R"sql(
CREATE TABLE found_joint (             -- joints that the program placed itself; none: the coach did
  set_id INTEGER NOT NULL REFERENCES lift_set(id) ON DELETE CASCADE,
  joint TEXT NOT NULL,
  sd_px REAL NOT NULL,                 -- of each coordinate, on the picture from which it is carried
  PRIMARY KEY (set_id, joint)
);
)sql",
    R"sql(
ALTER TABLE tracking ADD COLUMN far_ratio REAL;     -- how much smaller the far plate appears; NULL: not seen
ALTER TABLE tracking ADD COLUMN far_ratio_sd REAL;
ALTER TABLE lift_set ADD COLUMN recorded_fps REAL NOT NULL DEFAULT 0;  -- of slow motion; 0: plays as recorded
)sql",
    R"sql(
-- From here on a set filmed from the front or the rear has the tracks left and right (its plates in the picture), as bar.
ALTER TABLE lift_set ADD COLUMN view TEXT NOT NULL DEFAULT 'unknown';  -- side, front (foot end), rear (head end)
)sql",
    R"sql(
CREATE TABLE room_line (               -- drawn by the coach, in pixels of the picture as displayed
  set_id INTEGER NOT NULL REFERENCES lift_set(id) ON DELETE CASCADE,
  entry INTEGER NOT NULL,
  kind TEXT NOT NULL,                  -- upright, length_at_lifter, length_at_plate
  frame INTEGER NOT NULL,
  from_x REAL NOT NULL,
  from_y REAL NOT NULL,
  to_x REAL NOT NULL,
  to_y REAL NOT NULL,
  length_m REAL NOT NULL,              -- 0 of an upright
  PRIMARY KEY (set_id, entry)
);
)sql",
    R"sql(
ALTER TABLE lift_set ADD COLUMN lift_source TEXT NOT NULL DEFAULT 'said';  -- assumed, seen (by the program), said
)sql",
    R"sql(
ALTER TABLE lift_set ADD COLUMN part_first INTEGER;  -- frames of the film that are this set; NULL: all of it
ALTER TABLE lift_set ADD COLUMN part_last INTEGER;
)sql",
    R"sql(
CREATE TABLE found_spread (            -- of joints that the program placed itself, on the picture from which they are carried
  set_id INTEGER NOT NULL REFERENCES lift_set(id) ON DELETE CASCADE,
  joint TEXT NOT NULL,
  other TEXT NOT NULL,                 -- the same joint, or one after it; each pair once
  xx REAL NOT NULL,                    -- covariance of the joint's x with the other's x, px², and so on
  xy REAL NOT NULL,
  yx REAL NOT NULL,
  yy REAL NOT NULL,
  PRIMARY KEY (set_id, joint, other)
);
INSERT INTO found_spread SELECT set_id, joint, joint, sd_px * sd_px, 0, 0, sd_px * sd_px FROM found_joint;
DROP TABLE found_joint;
)sql",
    R"sql(
CREATE TABLE locked_joint (            -- right as it is, said the coach
  set_id INTEGER NOT NULL REFERENCES lift_set(id) ON DELETE CASCADE,
  joint TEXT NOT NULL,
  PRIMARY KEY (set_id, joint)
);
)sql",
    R"sql(
ALTER TABLE tracking ADD COLUMN end_ratio REAL;     -- how much nearer the end of the bar's sleeve appears; NULL: not seen
ALTER TABLE tracking ADD COLUMN end_ratio_sd REAL;
)sql",
    R"sql(
ALTER TABLE lift_set ADD COLUMN held TEXT NOT NULL DEFAULT 'plates';  -- plates, empty_bar, dumbbells (plate_mm: of their heads)
ALTER TABLE tracking ADD COLUMN lens_k1 REAL;       -- how the lens bends straight lines; NULL: the room did not show it
ALTER TABLE tracking ADD COLUMN lens_k1_sd REAL;
ALTER TABLE tracking ADD COLUMN held TEXT NOT NULL DEFAULT 'plates';  -- what was followed, as of lift_set
)sql",
    R"sql(
CREATE TABLE drawn_point (             -- of measures that the coach drew, in pixels of the picture as displayed
  set_id INTEGER NOT NULL REFERENCES lift_set(id) ON DELETE CASCADE,
  entry INTEGER NOT NULL,
  kind TEXT NOT NULL,                  -- angle, lean, distance, height, time
  place INTEGER NOT NULL,              -- order of the points
  frame INTEGER NOT NULL,
  x_px REAL NOT NULL,
  y_px REAL NOT NULL,
  PRIMARY KEY (set_id, entry, place)
);
CREATE TABLE other_film (              -- another film of the same set
  set_id INTEGER PRIMARY KEY REFERENCES lift_set(id) ON DELETE CASCADE,
  other_id INTEGER NOT NULL REFERENCES lift_set(id) ON DELETE CASCADE,
  later_s REAL NOT NULL,               -- added to a time of this film it is the other's
    by_hand INTEGER NOT NULL
);
CREATE INDEX other_film_of ON other_film(other_id);
)sql",
    R"sql(
ALTER TABLE athlete ADD COLUMN layers TEXT NOT NULL DEFAULT '';  -- schools that answer other questions, comma-separated
ALTER TABLE overrule ADD COLUMN why TEXT NOT NULL DEFAULT '';    -- in the coach's words
CREATE TABLE cause_word (              -- the coach's word on a cause of this set's findings
  set_id INTEGER NOT NULL REFERENCES lift_set(id) ON DELETE CASCADE,
  cause TEXT NOT NULL,
  holds INTEGER NOT NULL,              -- 1 confirmed, 0 struck out
  PRIMARY KEY (set_id, cause)
);
CREATE TABLE house_book (              -- what the house itself says
  kind TEXT PRIMARY KEY,               -- rules (a layer), cues
  toml TEXT NOT NULL
);
)sql",
    R"sql(
CREATE TABLE blind_look (              -- a made clip, watched without numbers
  id INTEGER PRIMARY KEY,
  day TEXT NOT NULL,
  seed INTEGER NOT NULL,               -- that draws the clip
  lift TEXT NOT NULL,
  view TEXT NOT NULL
);
CREATE TABLE glance (                  -- one thing that could have been called in it
  look_id INTEGER NOT NULL REFERENCES blind_look(id) ON DELETE CASCADE,
  rule TEXT NOT NULL,
  value REAL NOT NULL,                 -- in the measure's unit, of the rep that goes furthest
  sd REAL NOT NULL,
  limit_then REAL NOT NULL,            -- of the rule that day
  big_then REAL NOT NULL,
  really TEXT NOT NULL,                -- nothing, small, big; close: too near the limit to be called
  called TEXT NOT NULL,                -- nothing, small, big
  PRIMARY KEY (look_id, rule)
);
)sql",
    R"sql(
ALTER TABLE lift_set ADD COLUMN sets_asked INTEGER NOT NULL DEFAULT 1;
ALTER TABLE lift_set ADD COLUMN tempo TEXT NOT NULL DEFAULT '';       -- 3-1-0: seconds down, held, up
ALTER TABLE lift_set ADD COLUMN equipment TEXT NOT NULL DEFAULT '';
ALTER TABLE lift_set ADD COLUMN effort_seen REAL;                     -- by the coach's eye
ALTER TABLE lift_set ADD COLUMN reps_done INTEGER;                    -- as counted; NULL: as asked, or as the film shows
ALTER TABLE lift_set ADD COLUMN conditions TEXT NOT NULL DEFAULT '';  -- ill, short_sleep, no_belt, other_shoes; comma-separated
ALTER TABLE lift_set ADD COLUMN note TEXT NOT NULL DEFAULT '';
ALTER TABLE lift_set ADD COLUMN suggested_kg REAL;                    -- what was suggested when next_load_kg was decided
CREATE TABLE lift_aim (                -- what an athlete is after in one lift
  athlete_id INTEGER NOT NULL REFERENCES athlete(id) ON DELETE CASCADE,
  lift TEXT NOT NULL,
  plan TEXT NOT NULL,                  -- id of a plan
  goal_kg REAL,
  sessions_week INTEGER NOT NULL,
  begins TEXT NOT NULL,                -- ISO dates; empty: not said
  test_day TEXT NOT NULL,
  gain_factor REAL NOT NULL,
  PRIMARY KEY (athlete_id, lift)
);
CREATE TABLE plan_week (               -- of it, one week
  athlete_id INTEGER NOT NULL REFERENCES athlete(id) ON DELETE CASCADE,
  lift TEXT NOT NULL,
  monday TEXT NOT NULL,
  missed INTEGER NOT NULL,
  moved_kg REAL,                       -- top load that the coach set
  planned_kg REAL,                     -- as it stood before the week began
  PRIMARY KEY (athlete_id, lift, monday)
);
CREATE TABLE dropped (                 -- a variant or exercise that is not done any more
  athlete_id INTEGER NOT NULL REFERENCES athlete(id) ON DELETE CASCADE,
  entry INTEGER NOT NULL,
  what TEXT NOT NULL,
  reason TEXT NOT NULL,
  day TEXT NOT NULL,
  PRIMARY KEY (athlete_id, entry)
);
CREATE INDEX lift_set_of_clip ON lift_set(clip_id);
CREATE INDEX finding_by_rule ON finding(rule, certainty);
CREATE INDEX clip_with_film ON clip(id) WHERE path != '';
)sql",
    R"sql(
CREATE TABLE ladder_place (            -- of a ladder to an easier form of a lift, where an athlete stands
  athlete_id INTEGER NOT NULL REFERENCES athlete(id) ON DELETE CASCADE,
  ladder TEXT NOT NULL,
  rung TEXT NOT NULL,                  -- its title
  day TEXT NOT NULL,
  PRIMARY KEY (athlete_id, ladder)
);
)sql"};

}  // namespace mottix
