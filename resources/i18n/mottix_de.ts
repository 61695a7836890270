<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
  <context>
    <name>QObject</name>
    <message>
      <source>Take a set out of the log</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not stated</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” is not known. With commas between: %2; or nothing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>○ left  □ right, over mid-foot</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>○ left  □ right, from where each began</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 cm sideways</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Call a fault</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Compare with the measures</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>any lift</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a squat</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a bench press</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a deadlift</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>from anywhere</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>from the side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>from the front</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: %2 of %3 seen, %4 called that were not there</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>in order</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Remove a set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>left out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>athlete</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lift</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>variant</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>load</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>reps</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>sets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>effort felt</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>reps in reserve</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>note</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>base alone</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Last time, %1: %2 × %3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, felt %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, and %1 more.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Said: “%1”</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Decided: %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The bar was %1 m/s faster than before at that load.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The bar was %1 m/s slower than before at that load.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: %2 (key %1)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Add a film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set-up from here: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Complaint: %1, %2/10</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Complaint settled: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Note: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another load was taken than suggested</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 × %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> of %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, looked like %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, asked at %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 on 1 rep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 on %2 reps</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>good enough</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 lb</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>off %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>on %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as it is</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix</name>
    <message>
      <source>Hip lever %1 cm, %2 N·m; knee lever %3 cm, %4 N·m.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No posture exists with this set-up, because %1. Change it; do not force it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Hip to knee %1 to 1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Here %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Deepest: hip joint %1 cm below the knee joint; then %2.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Deepest: hip joint %1 cm above the knee joint; then %2.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing stops it within 30 cm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The knee stands in front of the arm: hips low.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The knee stands well behind the arm: hips high.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The knee stands just inside the arm.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Conventional would lean %1°, this leans %2°.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Sumo would lean %1°, this leans %2°.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Seen from the head end. At the touch: elbow bent %1°, upper arm %2° from the ribs, touch %3 cm below the shoulder line. The bar travels %4 cm; shoulder lever %5 cm, %6 N·m.</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::AheadView</name>
    <message>
      <source>Ahead</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the weeks out as a file</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Print the week</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>S</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To the story</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>← →</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The week before, or after</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>↑ ↓</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>More or less in this week</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>M</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This week is missed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Backspace</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This week as planned</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lift</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The lift is squat, bench press or deadlift.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>by</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>plan</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the plan</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The plans are: %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say a day, such as “16 January” or 2027-01-16.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, from</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>first day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the first day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>to the test on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>test day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the test day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>sessions a week</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One to four sessions a week can be planned.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the sessions a week</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>a week, goal</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>goal</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>none</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the goal</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A goal is a load between 1 and 1000 kg, or none.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; if gains go on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>gains</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as they</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>half</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“As they have”, “half as fast”, “not at all”, or per cent of what they have been, up to 150.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the gains</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as they have</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>half as fast</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not at all</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Missed · M</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What if this week is missed?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>As planned · Del</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take back the load set by hand</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stands at</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rung</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Of the ladder down to an easier form of this lift, and up again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Go where the last set leads</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not done any more:</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>dropped</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say why, behind a colon: “good morning: sore back”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change what is not done any more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Story so far · S</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the months before show</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take out… · Ctrl+E</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Calendar, CSV or JSON of the weeks, or the chosen week as a page (PDF)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Print the week · Ctrl+P</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The chosen week with its plates, on paper</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The test on %1 is past: say the next one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Beside it: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Left out: %1 (%2).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Assistance follows from causes that you confirm on a set's sheet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This lift has no ladder.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rungs are: %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stand at “%1”</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Good enough: up to “%1”</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It hurts: down to “%1”</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>If it does not hold there either: “%1”</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It broke down: down to “%1”</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 session</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 sessions</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at %1 % of that</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing is known of this lift yet: log some sets, and the weeks follow what they show.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A plan is a proposal: pain, illness or a bad day go before it. Local and federation rules come first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Week of %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Missed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Test on %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing in the log.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, %1 had been planned</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> and </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The load was set by hand.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Best single then: %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Best single expected: %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The top set would be easy.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The top set would be felt as %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not missed · M</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Move a week's load to %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Load as planned</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 is as high as it may go: %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A week is missed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A week is not missed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the weeks out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Calendar (*.ics);;Table (*.csv);;JSON (*.json);;The chosen week as a page (*.pdf)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 × %2, warm-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>attempt, %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” cannot be written. Check its place and permissions.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The weeks go out as .ics (calendar), .csv, .json, or the chosen week as .pdf; “%1” is none of these.</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::AthleteView</name>
    <message>
      <source>Lengths</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read lengths from films · R</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Thigh, shank, trunk and foot from this athlete's films with placed joints</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Between joint centres, in cm; the foot from heel to longest toe, widths between the shoulder points and over the hips. Band: the middle two thirds of people; filled dot: by hand, open: from films.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Screens</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Complaints</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>From 4/10 on a complaint shapes the set-up and no load is raised. The program does not diagnose: pain, numbness, dizziness, a known injury, pregnancy, high blood pressure or heart trouble belong to a licensed clinician before loading.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set-up that fits · F</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open Fit for this athlete</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Do a screen</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Read lengths from films</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A complaint</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A mobility screen, step by step</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>name</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the name</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A name has 1 to 80 letters.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A year such as 1994, or nothing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, born</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>year of birth</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>sex</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the sex</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>female</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>male</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Female or male, or nothing; it is only used for the usual width of the hips.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>sex not stated</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A height in cm, such as 174.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 cm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>height not stated</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>mass</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the mass</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A mass in kg, such as 68, or nothing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>mass not stated</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, lifts since</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>year of the first training</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>At most %1 letters.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Goal:</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>goal</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; next test</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>test day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the test day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>school of the %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change a school</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One of: %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>. Squat</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, bench press</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, deadlift hips</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>. Besides</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>other schools</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change other schools</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” is not known. With commas between: %2; or nothing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1. Known: %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Has</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>equipment</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; the federation asks for</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>federation's rules</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>. Note:</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>note</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change a length</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A length in cm, such as 42.5, or nothing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 ± %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>about %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>from its partner</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>measure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> for the height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Kept as a draft; Fit waits until it is put right.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Give the height first; everything else can be estimated from it and measured later.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no film of this athlete with placed joints yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>do · %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Do the screen “%1”</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not done yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 %2 cm (%3°)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; %1 weeks old, do it again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 %2%3 cm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>since %1: %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>New complaint · +</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write down a complaint</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>None written down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>side %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change a complaint</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Left, right, both, or nothing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>side?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>right</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>both</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>joint %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>level %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A level lies between 0 and 10.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1/10</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, since %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, open.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, closed %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>close it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>open again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Close the complaint about the %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open the complaint about the %1 again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open a complaint again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Close a complaint</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Give the height first; it is the second ruler beside the plate.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no squat film of this athlete with placed joints yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>From %1: </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>one film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 films</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Measured by hand and kept as it is: the films say %1. </source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::BesideView</name>
    <message>
      <source>Rep on the left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rep on the right</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set on the right</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Both paths of the bar over each other</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The two films show one set: they are laid on each other by the bar's way</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set · Esc</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Back to the set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One film of both, with what was seen drawn on them (MP4 or WebM)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Film of both… · Ctrl+M</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A film of both</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Y</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Both films show the same set, or do not</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, .</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Two films of one set: this one earlier, later</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stop the film (%1 %)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stopped; nothing is kept of the film.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” is written, its captions beside it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every measure of both, and how they differ</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>measure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>right</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>right less left</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 · %2 · %3 × %4 · %5</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> · </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 · %2 × %3 · %4</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>this set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all reps</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rep %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not measured: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Two films of one set: the right one began %1 s earlier.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Two films of one set: the right one began %1 s later.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Laid on each other by hand (keys , and . move the right one).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Laid on each other by the bar's way; the keys , and . move the right one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Choose two reps, or another set on the right.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Choose a rep on both sides, or all reps on both.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not one set · Y</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Both films show one set · Y</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Choose another film of the same athlete and day on the right.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A rep earlier or later fits nearly as well: look whether both films show the same moment; , and . move the right one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write one film of both</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> beside.mp4</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>MP4 (*.mp4);;WebM (*.webm)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Both sets need a film that has been measured.</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::BlindLookView</name>
    <message>
      <source>The clip is being filmed … %1 %</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Your eye so far</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Show me</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lift</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say “%1”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>”, “</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>from where</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What is planted in a deadlift shows from the side alone.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>without a number on it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Play · Space</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Play or stop the clip</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Half speed · V</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Play at half the speed, or as lived</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Full speed · V</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Half speed, full speed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Look at a clip; done looking; the next</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Arrows, Space</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On what can be called: choose a rep; nothing, small, big</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Results</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leave this clip and see how your eye does</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What was called, and what was measured</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What does your eye see?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A made-up lifter is filmed with no fault, one or two, small or large. Look at the clip as you would on the floor, mark what you see on which rep, then hold it against the measures. Over many clips it shows from which size on you call a fault, so that limits and eyes agree.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Look at a clip · Enter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The clip is being filmed …</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stop</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What do you see?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>from the side</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A %1 of %2 reps, %3. Click a rep's cell: one stroke is a small fault, two a big one. Nothing to call is an answer, too.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That is all I see · Enter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Next clip · Enter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing was beyond the limits, and you called nothing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing was beyond the limits.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>You saw %1 of %2.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1, %2%3 on %4</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No fault was planted in this clip.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Planted: %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>show on the film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Go to the picture that shows it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing yet. After some clips this page shows, for every rule, which sizes you called and which you passed over, and from where on your eye calls a fault, beside the limit of the House book.</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::CallSheet</name>
    <message>
      <source>Click: small, big, nothing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing can be called on this clip.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1, rep %2: %3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>called big</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>called small</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not called</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rep</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::CardView</name>
    <message>
      <source>Card for the rack: %1, %2</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::CurvesView</name>
    <message>
      <source>What is drawn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Findings · C</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Back to findings, cue and load</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>against</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>time</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>height of the bar</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Draw it against this</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Plot: click or drag to move the film, arrow keys by the frame, wheel to look closer</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1, by rep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>time, s</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>height of the bar, cm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing is measured yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is nothing to draw: enter the athlete's height and weight under Body (B).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is nothing to draw: what it needs is not placed, or was not seen.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 s: %2 %3. </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rep %1: %2 %3. </source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::EvidencePlot</name>
    <message>
      <source>%1 of every rep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>limit %1%2</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::EyeChart</name>
    <message>
      <source>Open this rule in the House book</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>called</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not called</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>your eye</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>limit</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>big</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::FigureView</name>
    <message>
      <source>Solved figure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Trunk %1 degrees, shin %2 degrees from upright</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bar position</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>depth</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>heel height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>stance</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>toes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>hands</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>heels %1 cm apart</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>toes %1° out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: up and down to move, left and right for the next handle</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>pull a handle</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::FilmView</name>
    <message>
      <source>Space</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Play, stop</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>← →</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A picture back, on; with Shift: a rep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Home, End</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Begin and end of the film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Film: arrow keys move by the frame, Shift with them by the rep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Click three points: the angle is at the second.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Click the lower end and the upper end of a line: its lean from vertical is measured.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Click two points.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Click two points: how far the second lies above the first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Click at the first moment, go to the second (arrow keys, wheel) and click again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Backspace takes the last point back, Esc leaves.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no film of this set.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Opening the film …</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Drag the points onto hip, knee, ankle, shoulder, heel and toe of the near side; drag a line to move the whole figure. F turns it round. Enter follows the joints through the film, Esc leaves.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Drag along something upright (a post, a door), or along something whose length you know. Esc leaves.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Click the middle of the bar's near end, or drag from its middle to its edge. Esc leaves.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Click the middle of the near dumbbell's head, or drag from its middle to its rim. Esc leaves.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Click the middle of the near plate, or drag from its middle to its rim. Esc leaves.</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::FilmingDrawing</name>
    <message>
      <source>3 to 4 m</source>
      <translation>3 bis 4 m</translation>
    </message>
    <message>
      <source>hip high, some 95 cm</source>
      <translation>hüfthoch, etwa 95 cm</translation>
    </message>
    <message>
      <source>along the bar, plate over plate</source>
      <translation>längs der Stange, Scheibe vor Scheibe</translation>
    </message>
    <message>
      <source>not from a corner</source>
      <translation>nicht von schräg</translation>
    </message>
    <message>
      <source>something upright</source>
      <translation>etwas Senkrechtes</translation>
    </message>
    <message>
      <source>the whole plate</source>
      <translation>die ganze Scheibe</translation>
    </message>
    <message>
      <source>both feet</source>
      <translation>beide Füße</translation>
    </message>
    <message>
      <source>both plates in the picture</source>
      <translation>beide Scheiben im Bild</translation>
    </message>
  </context>
  <context>
    <name>mottix::FilmingView</name>
    <message>
      <source>How to film</source>
      <translation>So wird gefilmt</translation>
    </message>
    <message>
      <source>Far enough, and hip high</source>
      <translation>Weit genug weg und hüfthoch</translation>
    </message>
    <message>
      <source>Three to four metres from the nearer plate, the lens as high as the hips at the top of a squat, the phone upright on something that stands still. Nearer, the plate bends toward the edge of the picture; higher or lower, depth is seen at a slant.</source>
      <translation>Drei bis vier Meter von der näheren Scheibe, die Linse so hoch wie die Hüfte im Stand, das Telefon aufrecht auf etwas, das stillsteht. Näher biegt sich die Scheibe zum Bildrand; höher oder tiefer sieht man die Tiefe schräg.</translation>
    </message>
    <message>
      <source>Square to the bar</source>
      <translation>Rechtwinklig zur Stange</translation>
    </message>
    <message>
      <source>Stand where the bar points at you and the far plate hides behind the near one. From the side all that goes on forward and up is measured; each degree to the corner adds error, and the sheet says how much.</source>
      <translation>Stell dich dorthin, wohin die Stange zeigt, sodass die ferne Scheibe hinter der nahen verschwindet. Von der Seite wird gemessen, was nach vorn und oben geschieht; jedes Grad zur Ecke hin macht den Fehler größer, und das Blatt sagt, um wie viel.</translation>
    </message>
    <message>
      <source>Plate, feet, and something upright</source>
      <translation>Scheibe, Füße und etwas Senkrechtes</translation>
    </message>
    <message>
      <source>The whole near plate and both feet stay in the picture from before the first rep to after the last; a post, a rack or a door frame tells how level the phone is. Light on the lifter, plain behind. One set a film, 30 pictures a second or more; 60 for fast lifts. No slow motion, no zoom.</source>
      <translation>Die ganze nahe Scheibe und beide Füße bleiben im Bild, von vor der ersten bis nach der letzten Wiederholung; ein Pfosten, ein Gestell oder ein Türrahmen verrät, wie gerade das Telefon steht. Licht auf den Hebenden, dahinter schlicht. Ein Satz je Film, 30 Bilder in der Sekunde oder mehr; 60 bei schnellen Hebungen. Keine Zeitlupe, kein Zoom.</translation>
    </message>
    <message>
      <source>Knees and a tilting bar: from the front</source>
      <translation>Knie und schiefe Stange: von vorn</translation>
    </message>
    <message>
      <source>Knees that cave, a hip that shifts and a bar that tilts show from the front or the rear, with both plates in the picture; a press from the foot end of the bench. Depth, lean and bar path do not show from there.</source>
      <translation>Knie, die einknicken, eine Hüfte, die ausweicht, und eine schiefe Stange sieht man von vorn oder hinten, mit beiden Scheiben im Bild; ein Drücken vom Fußende der Bank. Tiefe, Neigung und Weg der Stange sieht man von dort nicht.</translation>
    </message>
    <message>
      <source>How to film a set so that it can be measured</source>
      <translation>So wird ein Satz gefilmt, dass man ihn messen kann</translation>
    </message>
    <message>
      <source>Nobody stands where a bar may fall. Put the phone where no one trips over it, ask the lifter before you film, and keep to the house's rules about films of people.</source>
      <translation>Niemand steht, wohin eine Stange fallen kann. Leg das Telefon so, dass niemand darüber stolpert, frag vor dem Filmen, und halte dich an die Regeln des Hauses über Filme von Menschen.</translation>
    </message>
  </context>
  <context>
    <name>mottix::FindingCard</name>
    <message>
      <source>show</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Go to the frame that shows it: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>how</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rule, measure, picture and reckoning behind this sentence</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>keep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Let the finding stand after all</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>overrule</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It does not count for this set; this is remembered</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Overruled by the coach: it does not count.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Overruled by the coach: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Seen as well: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>You overruled this once before.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>You overruled this %1 times before.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No cause is left: all are struck out.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: %2. %3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Cause</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Likely</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>First to check</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>causes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All causes, with what speaks for and against each</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 (%2) · %3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>In the plan: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>take back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say nothing of this cause any more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>confirm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This is the cause</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>strike out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This is not the cause</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Why? Enter overrules, Esc leaves it standing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Why the finding does not stand</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::FitView</name>
    <message>
      <source>The body, against people of this height (open dots: from films)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>body, screens, complaints · B</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open the athlete's page</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Card for the rack</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Suggested set-up with reasons</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep this set-up · K</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep this set-up in the athlete's record, to try it out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>card · C</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Show the card as it is printed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tried · T</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set-ups that were tried, compared on the athlete's own sets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>over film · G</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lay the figure over a paused film of this athlete</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>PDF</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write the card as a PDF file</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>print</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Print the card (Ctrl+P)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Give the body · B</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pull the bar</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pull the figure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Show a kept set-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep this set-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The card for the rack</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Set-ups that were tried</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The figure over a film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Print the card</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Arrows</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On the figure: stance, bar, heel or grip a step</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Card as PDF</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>PDF (*.pdf)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The printer does not answer. Is it on and connected?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing is known of %1's body yet. The height alone is enough to begin with; thigh, shank and trunk make it worth trusting.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The body of %1 cannot be one yet: %2 Put it right first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the suggestion</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>conventional</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>sumo</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>suggested</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>flat</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Between %1 and %2 %3, or “suggested”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One of: %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lift</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bar position</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>style</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>for</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>load</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A load lies between 0 and 500 kg.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the load</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, heels</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>stance</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 cm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>cm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>apart and</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>heel height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 mm high</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>mm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, toes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>toes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1° out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>degrees</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, hip joint</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>depth</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 cm below</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 cm above</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>cm below the knee joint (negative: above)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the knee's, school</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>school</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>apart, toes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, index fingers</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>hands</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>apart, hips</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>apart, school</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, beside</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>ghost</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as a ghost.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A bar position or style, a kept set-up, the suggestion, or nothing.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the ghost</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>estimated</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> for the height</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1, ± %2 cm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ankle: shin leans up to %1°</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ankle: not screened, %1° assumed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; %1 weeks old, do it again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No screen done yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 %2/10, open</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1, for %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A minor: a qualified person is present; range and load are scaled down first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> School: %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no posture to keep. Change the set-up first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 (%2)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the first</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep a set-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No film of this athlete has its joints placed yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No film of this athlete has its joints placed yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The film has not been followed yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The figure is laid over a film from the side; this one is from the front or the rear.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Heel and toe are not placed in this film, so the figure has no floor to stand on.</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::HandOutView</name>
    <message>
      <source>Hand-out as it will be printed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Hand-out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To take home</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Said</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>how much</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>in plain words</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>with numbers</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It is said in plain words or with numbers.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, loads in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>unit</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Loads are said in kg or lb.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>. The one thing:</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the one thing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Only what is clear on the sheet, and stands, goes to the athlete.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A word of yours, such as “Thursday at six”</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A word of yours</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take out… · Ctrl+E</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>As PDF, as one HTML file, or as a picture (PNG)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Print · Ctrl+P</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On paper, A4</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the page out as a file</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Print the page</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The film with what was seen on it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The film, with what was seen on it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Of</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>which reps</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all reps</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say “all reps”, or one of them: 1 to %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as fast as life</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at half speed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at a quarter of the speed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>how fast</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say “as fast as life”, “at half speed” or “at a quarter of the speed”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>whether it stops</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>stopping at the finding</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>without a stop</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It is “stopping at the finding” or “without a stop”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>how large</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Pictures are 240 to 1080 lines high; 480 is small enough for a message.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lines high,</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>faces</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the face hidden</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the face as it is</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It is “the face as it is” or “the face hidden”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Of the lifter alone, where the head was found: look at the film before you send it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write the film… · Ctrl+M</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>MP4 or WebM, with its captions in a file beside it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>How much of the film is written</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stop · Esc</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leave the film; nothing is kept of it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stopped; nothing is kept of the film.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” is written, its captions beside it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rep %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write the film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>MP4 (*.mp4);;WebM (*.webm)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The cue on the sheet is for something else, so none stands on the page.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no film, so there is no picture.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No set-up is kept for this lift: Fit (F) makes one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the hand-out out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Page (*.pdf);;One HTML file (*.html);;Picture (*.png)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” is written.</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::HouseBookView</name>
    <message>
      <source>Reading the log … %1 %</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>House book</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rules of the %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rules</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>In this room:</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bars</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; plates</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>plates</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say which plates there are</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; a collar weighs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>collar</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A collar weighs 0 to 10 kg.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say what a collar weighs</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>take out …</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write the house's own rules and limits as TOML</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The house's own layer</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bring in …</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put a layer from a TOML file in the place of the house's own</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A layer as TOML</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Layers (*.toml)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all as shipped</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No rule or limit of the house's own any more; undo brings them back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put all rules back as shipped</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Whether this rule is in force in this house</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put a rule in force</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put a rule out of force</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as shipped</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take back what the house changed of this rule</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put a rule back as shipped</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>For whom a change holds</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Move a limit</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Schools</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Causes, in the order in which they are checked</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Said</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The rule</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1, %2: %3 → %4</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Changes hold for everybody</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Changes hold where “%1” judges</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> · off</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> · own</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>above %1%3; big from %2%3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>below %1%3; big from %2%3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>more than %1%3 to either side; big from %2%3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 %2.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Against what is usual for the athlete.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On %1 reps at least.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> Not judged with an error beyond ± %1%2.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not where %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Where %1: from %2%4, big from %3%4.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Why these numbers: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>put in force</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>put out of force</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>not judged</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>judged</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>from %1%3, big from %2%3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; in this house from %1%3, big from %2%3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; in this house %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: %2. %3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>change</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Move what this school says, in this house</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All schools take this as it is.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” is no bar: say a name and what it weighs, as in “bar 20, axle 25 lb”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bar</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” is said twice.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A room has a bar: say its name and what it weighs.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say which bars there are</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Own.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not looked for.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>put back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>strike</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Look for this cause again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This house does not look for this cause</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put a cause back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strike a cause</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>remove</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the cause out of the book</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Remove a cause</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Own cause: what is done on the next set; Enter keeps it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Own cause, a colon, and what is done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say the cause, a colon, and what is done on the next set: “tired from a call-out: take some off”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Add a cause</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the cue out of the book</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Remove a cue</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Own words for this; Enter keeps them</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Own cue</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Add a cue</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No stored set is judged by this rule yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Found clearly on %1 of %2 stored sets.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>and %1 more</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Moving this changes %1 of %2 verdicts:</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open this set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 of %2 verdicts are others now:</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” cannot be read: %2.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bring in cues</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bring in causes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bring in bars and plates</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bring in a layer</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” cannot be written: %2.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What else is the house's own was written beside it: %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, </source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::HouseMenu</name>
    <message>
      <source>Stop what is being written</source>
      <translation>Abbrechen, was geschrieben wird</translation>
    </message>
    <message>
      <source>All of the house as one zip…</source>
      <translation>Das ganze Haus als eine Zip-Datei…</translation>
    </message>
    <message>
      <source>Athletes of another house…</source>
      <translation>Athleten eines anderen Hauses…</translation>
    </message>
    <message>
      <source>Watch a folder for new films…</source>
      <translation>Einen Ordner auf neue Filme beobachten…</translation>
    </message>
    <message>
      <source>Watch “%1” no more</source>
      <translation>„%1“ nicht mehr beobachten</translation>
    </message>
    <message>
      <source>Delete %1 for good…</source>
      <translation>%1 endgültig löschen…</translation>
    </message>
    <message>
      <source>Back to a backup of</source>
      <translation>Zurück zur Sicherung vom</translation>
    </message>
    <message>
      <source>There is none yet: one is made each day</source>
      <translation>Noch keine: täglich wird eine gemacht</translation>
    </message>
    <message>
      <source>How to film (Shift+F1)</source>
      <translation>So wird gefilmt (Umschalt+F1)</translation>
    </message>
    <message>
      <source>Keys (F1)</source>
      <translation>Tasten (F1)</translation>
    </message>
    <message>
      <source>A walk round, two minutes</source>
      <translation>Ein Rundgang, zwei Minuten</translation>
    </message>
    <message>
      <source>Something is being written already; wait for it, or stop it.</source>
      <translation>Es wird schon etwas geschrieben; warte darauf oder brich es ab.</translation>
    </message>
    <message>
      <source>The house is written into a zip …</source>
      <translation>Das Haus wird in eine Zip-Datei geschrieben …</translation>
    </message>
    <message>
      <source>“%1” is written: %2 athletes, %3 sets</source>
      <translation>„%1“ ist geschrieben: %2 Athleten, %3 Sätze</translation>
    </message>
    <message>
      <source>, %1 films</source>
      <translation>, %1 Filme</translation>
    </message>
    <message>
      <source>; %1 films are not where the house says</source>
      <translation>; %1 Filme sind nicht, wo das Haus es sagt</translation>
    </message>
    <message>
      <source>Athletes are taken in …</source>
      <translation>Athleten werden übernommen …</translation>
    </message>
    <message>
      <source>Taken in: %1 athletes, %2 sets.</source>
      <translation>Übernommen: %1 Athleten, %2 Sätze.</translation>
    </message>
    <message>
      <source>%1 were known here; of theirs %2 sets were, too.</source>
      <translation>%1 waren hier bekannt, von ihnen auch %2 Sätze.</translation>
    </message>
    <message>
      <source>%1 were known here and left out.</source>
      <translation>%1 waren hier bekannt und blieben weg.</translation>
    </message>
    <message>
      <source>%1 is deleted. Backups and exports made before still hold them.</source>
      <translation>%1 ist gelöscht. Frühere Sicherungen und Ausgaben enthalten die Daten noch.</translation>
    </message>
    <message>
      <source>%1 of %2 films are deleted, too.</source>
      <translation>%1 von %2 Filmen sind auch gelöscht.</translation>
    </message>
    <message>
      <source>%1 films stay where they are.</source>
      <translation>%1 Filme bleiben, wo sie sind.</translation>
    </message>
    <message>
      <source>All of the house</source>
      <translation>Das ganze Haus</translation>
    </message>
    <message>
      <source>Everything of the house goes into one zip of readable tables. The films, too?</source>
      <translation>Alles vom Haus kommt als lesbare Tabellen in eine Zip-Datei. Auch die Filme?</translation>
    </message>
    <message>
      <source>With films</source>
      <translation>Mit Filmen</translation>
    </message>
    <message>
      <source>Without</source>
      <translation>Ohne</translation>
    </message>
    <message>
      <source>Zip (*.zip)</source>
      <translation>Zip (*.zip)</translation>
    </message>
    <message>
      <source>Watch a folder for new films</source>
      <translation>Einen Ordner auf neue Filme beobachten</translation>
    </message>
    <message>
      <source>%1 films lie there already. Take those in as well that the house does not know?</source>
      <translation>%1 Filme liegen schon dort. Auch die aufnehmen, die das Haus nicht kennt?</translation>
    </message>
    <message>
      <source>Athletes of another house</source>
      <translation>Athleten eines anderen Hauses</translation>
    </message>
    <message>
      <source>Houses (*.mottix *.zip);;All files (*)</source>
      <translation>Häuser (*.mottix *.zip);;Alle Dateien (*)</translation>
    </message>
    <message>
      <source>What becomes of somebody whose name is known here already?</source>
      <translation>Was wird aus jemandem, dessen Name hier schon bekannt ist?</translation>
    </message>
    <message>
      <source>Add the sets that are missing</source>
      <translation>Fehlende Sätze ergänzen</translation>
    </message>
    <message>
      <source>Take them in beside</source>
      <translation>Daneben aufnehmen</translation>
    </message>
    <message>
      <source>Leave them out</source>
      <translation>Weglassen</translation>
    </message>
    <message>
      <source>Delete %1</source>
      <translation>%1 löschen</translation>
    </message>
    <message>
      <source>Everything of %1 goes for good: body, complaints, plans and %2 sets. This cannot be undone. To keep it somewhere, export the house first.</source>
      <translation>Alles von %1 verschwindet endgültig: Maße, Beschwerden, Pläne und %2 Sätze. Das lässt sich nicht zurücknehmen. Soll es irgendwo bleiben, gib zuerst das Haus aus.</translation>
    </message>
    <message>
      <source>Their films as well, where nobody else is on them</source>
      <translation>Auch die Filme, auf denen sonst niemand ist</translation>
    </message>
    <message>
      <source>Export first…</source>
      <translation>Erst ausgeben…</translation>
    </message>
    <message>
      <source>Delete</source>
      <translation>Löschen</translation>
    </message>
  </context>
  <context>
    <name>mottix::HouseWindow</name>
    <message>
      <source>Hold the work on films, and go on</source>
      <translation>Die Arbeit an Filmen anhalten und fortsetzen</translation>
    </message>
    <message>
      <source>New athlete</source>
      <translation>Neuer Athlet</translation>
    </message>
    <message>
      <source>Films of one set each</source>
      <translation>Filme von je einem Satz</translation>
    </message>
    <message>
      <source>An old log</source>
      <translation>Ein altes Protokoll</translation>
    </message>
    <message>
      <source>Tables (*.csv *.tsv *.txt);;All files (*)</source>
      <translation>Tabellen (*.csv *.tsv *.txt);;Alle Dateien (*)</translation>
    </message>
    <message>
      <source>%1 – Mottix</source>
      <translation>%1 – Mottix</translation>
    </message>
    <message>
      <source>Queue</source>
      <translation>Eingang</translation>
    </message>
    <message>
      <source>Back to the Queue (Esc)</source>
      <translation>Zurück zum Eingang (Esc)</translation>
    </message>
    <message>
      <source>There is no athlete yet. Make one first (Ctrl+N).</source>
      <translation>Es gibt noch keinen Athleten. Leg zuerst einen an (Strg+N).</translation>
    </message>
    <message>
      <source>Athlete · B</source>
      <translation>Athlet · B</translation>
    </message>
    <message>
      <source>The athlete's page: body, screens, complaints</source>
      <translation>Die Seite des Athleten: Maße, Tests, Beschwerden</translation>
    </message>
    <message>
      <source>Fit · F</source>
      <translation>Passung · F</translation>
    </message>
    <message>
      <source>The set-up that fits this athlete</source>
      <translation>Die Einstellung, die zu diesem Athleten passt</translation>
    </message>
    <message>
      <source>Story</source>
      <translation>Verlauf</translation>
    </message>
    <message>
      <source>Months of this athlete's lift (Ctrl+S)</source>
      <translation>Monate einer Hebung dieses Athleten (Strg+S)</translation>
    </message>
    <message>
      <source>Ahead</source>
      <translation>Voraus</translation>
    </message>
    <message>
      <source>The weeks to this athlete's test (Ctrl+D)</source>
      <translation>Die Wochen bis zum Test dieses Athleten (Strg+D)</translation>
    </message>
    <message>
      <source>Today</source>
      <translation>Heute</translation>
    </message>
    <message>
      <source>Who does what, the bar in order, sets written down (Ctrl+T)</source>
      <translation>Wer was macht, die Stange der Reihe nach, Sätze notiert (Strg+T)</translation>
    </message>
    <message>
      <source>House book</source>
      <translation>Hausbuch</translation>
    </message>
    <message>
      <source>Rules, schools, limits and cues of this house (Ctrl+B)</source>
      <translation>Regeln, Schulen, Grenzen und Hinweise dieses Hauses (Strg+B)</translation>
    </message>
    <message>
      <source>Blind look</source>
      <translation>Blindblick</translation>
    </message>
    <message>
      <source>Try your own eye on clips without numbers (Ctrl+L)</source>
      <translation>Das eigene Auge an Filmen ohne Zahlen prüfen (Strg+L)</translation>
    </message>
    <message>
      <source>House…</source>
      <translation>Haus…</translation>
    </message>
    <message>
      <source>Export, athletes of another house, backups, deleting</source>
      <translation>Ausgeben, Athleten eines anderen Hauses, Sicherungen, Löschen</translation>
    </message>
    <message>
      <source>“%1” is there no more, so it is not watched. It is again when the house is opened and finds it.</source>
      <translation>„%1“ ist nicht mehr da und wird nicht beobachtet. Findet das Haus ihn beim Öffnen wieder, geht es weiter.</translation>
    </message>
    <message>
      <source>Undo</source>
      <translation>Zurücknehmen</translation>
    </message>
    <message>
      <source>Redo</source>
      <translation>Wiederholen</translation>
    </message>
    <message>
      <source>close</source>
      <translation>schließen</translation>
    </message>
    <message>
      <source>Add films</source>
      <translation>Filme hinzufügen</translation>
    </message>
    <message>
      <source>A new athlete</source>
      <translation>Ein neuer Athlet</translation>
    </message>
    <message>
      <source>This sheet of keys</source>
      <translation>Dieses Tastenblatt</translation>
    </message>
    <message>
      <source>How to film</source>
      <translation>So wird gefilmt</translation>
    </message>
    <message>
      <source>Ctrl+Z, Ctrl+Y</source>
      <translation>Strg+Z, Strg+Y</translation>
    </message>
    <message>
      <source>Undo, redo</source>
      <translation>Zurücknehmen, wiederholen</translation>
    </message>
    <message>
      <source>Esc</source>
      <translation>Esc</translation>
    </message>
    <message>
      <source>Back to where you came from</source>
      <translation>Zurück, woher du kamst</translation>
    </message>
    <message>
      <source>Tab, Shift+Tab</source>
      <translation>Tab, Umschalt+Tab</translation>
    </message>
    <message>
      <source>To the next thing, or the one before; Enter or Space does it</source>
      <translation>Zum nächsten oder vorigen; Eingabe oder Leertaste führt aus</translation>
    </message>
    <message>
      <source>name</source>
      <translation>Name</translation>
    </message>
    <message>
      <source>Sets are laid beside each other when they have been measured.</source>
      <translation>Sätze werden nebeneinander gelegt, wenn sie gemessen sind.</translation>
    </message>
    <message>
      <source>“%1” has come, but there is no athlete yet. Make one first (Ctrl+N).</source>
      <translation>„%1“ ist gekommen, aber es gibt noch keinen Athleten. Leg zuerst einen an (Strg+N).</translation>
    </message>
    <message>
      <source>“%1” has come, for %2.</source>
      <translation>„%1“ ist gekommen, für %2.</translation>
    </message>
    <message>
      <source>Films are being followed, or something is being written; wait for it, or stop it, before going back.</source>
      <translation>Filme werden verfolgt, oder es wird etwas geschrieben; warte darauf oder brich es ab, bevor du zurückgehst.</translation>
    </message>
    <message>
      <source>The house cannot be opened</source>
      <translation>Das Haus lässt sich nicht öffnen</translation>
    </message>
    <message>
      <source>The house is as it was; what it had become is kept among its backups.</source>
      <translation>Das Haus ist, wie es war; was daraus geworden war, liegt bei den Sicherungen.</translation>
    </message>
    <message>
      <source>Fit</source>
      <translation>Passung</translation>
    </message>
    <message>
      <source>an old log</source>
      <translation>ein altes Protokoll</translation>
    </message>
    <message>
      <source>set %1 of %2</source>
      <translation>Satz %1 von %2</translation>
    </message>
    <message>
      <source>hand-out</source>
      <translation>Handzettel</translation>
    </message>
    <message>
      <source>beside</source>
      <translation>daneben</translation>
    </message>
    <message>
      <source>The set sheet</source>
      <translation>Das Satzblatt</translation>
    </message>
    <message>
      <source>The athlete's page</source>
      <translation>Die Seite des Athleten</translation>
    </message>
    <message>
      <source>Beside</source>
      <translation>Nebeneinander</translation>
    </message>
    <message>
      <source>The hand-out</source>
      <translation>Der Handzettel</translation>
    </message>
    <message>
      <source>The House book</source>
      <translation>Das Hausbuch</translation>
    </message>
    <message>
      <source>The blind look</source>
      <translation>Der Blindblick</translation>
    </message>
    <message>
      <source>The story</source>
      <translation>Der Verlauf</translation>
    </message>
    <message>
      <source>The weeks ahead</source>
      <translation>Die Wochen voraus</translation>
    </message>
    <message>
      <source>The Queue</source>
      <translation>Der Eingang</translation>
    </message>
    <message>
      <source>The walk needs a set that has been measured. Drop a film on a lane first, or open the demo house.</source>
      <translation>Der Rundgang braucht einen gemessenen Satz. Zieh erst einen Film auf eine Spur, oder öffne das Vorführhaus.</translation>
    </message>
    <message>
      <source>A lane an athlete, a tile a set. Films dropped on a lane are measured by themselves, one after the other; the tile shows how far it is, and then the bar's path.</source>
      <translation>Eine Spur je Athlet, eine Kachel je Satz. Filme, die auf eine Spur gezogen werden, werden von selbst gemessen, einer nach dem anderen; die Kachel zeigt, wie weit es ist, und dann den Weg der Stange.</translation>
    </message>
    <message>
      <source>A set is a sentence</source>
      <translation>Ein Satz ist ein Satz</translation>
    </message>
    <message>
      <source>What was asked stands on top as a sentence. Each dotted word can be clicked and said otherwise; all that follows goes by it. Ctrl+Z takes anything back.</source>
      <translation>Was verlangt war, steht oben als Satz. Jedes gepunktete Wort lässt sich anklicken und anders sagen; alles Weitere richtet sich danach. Strg+Z nimmt alles zurück.</translation>
    </message>
    <message>
      <source>The film</source>
      <translation>Der Film</translation>
    </message>
    <message>
      <source>Take hold of the bar in the picture and pull it along its path: time goes with it. Or use the arrows, or a rep's cell below. The line above says how far depth can be trusted.</source>
      <translation>Fass die Stange im Bild und zieh sie ihren Weg entlang: Die Zeit geht mit. Oder nimm die Pfeile oder das Feld einer Wiederholung darunter. Die Zeile darüber sagt, wie weit der Tiefe zu trauen ist.</translation>
    </message>
    <message>
      <source>What was judged</source>
      <translation>Was beurteilt wurde</translation>
    </message>
    <message>
      <source>Each finding is a sentence with its number ± error; strokes say how grave, a broken line that it is not certain. Open one: why, where on the film, what else may cause it. You may overrule any of it.</source>
      <translation>Jeder Befund ist ein Satz mit seiner Zahl ± Fehler; Striche sagen, wie schwer er wiegt, eine unterbrochene Linie, dass er nicht sicher ist. Öffne einen: warum, wo im Film, was es sonst sein kann. Alles davon darfst du überstimmen.</translation>
    </message>
    <message>
      <source>One cue, one load</source>
      <translation>Ein Hinweis, eine Last</translation>
    </message>
    <message>
      <source>One cue, chosen by what worked for this athlete before, and the next load with its reasons and the plates. Both are suggestions: say another, and it is kept.</source>
      <translation>Ein Hinweis, gewählt nach dem, was bei diesem Athleten wirkte, und die nächste Last mit Gründen und Scheiben. Beides sind Vorschläge: Sag etwas anderes, und es gilt.</translation>
    </message>
    <message>
      <source>The set-up for this body. Pull bar, stance or heel on the figure: the posture that keeps the bar over mid-foot is solved as you pull. It ends in a card for the rack.</source>
      <translation>Die Einstellung für diesen Körper. Zieh Stange, Stand oder Ferse an der Figur: Die Haltung, die die Stange über der Fußmitte hält, wird beim Ziehen gelöst. Am Ende steht eine Karte fürs Gestell.</translation>
    </message>
    <message>
      <source>Months of one lift: loads, strength as a band, what was found, which cue changed it. Any mark leads to its set.</source>
      <translation>Monate einer Hebung: Lasten, Kraft als Band, was gefunden wurde, welcher Hinweis es änderte. Jede Marke führt zu ihrem Satz.</translation>
    </message>
    <message>
      <source>Now yours</source>
      <translation>Jetzt du</translation>
    </message>
    <message>
      <source>Make an athlete (Ctrl+N), film one set as shown here, and drop it on the lane. F1 shows the keys of every page. The program measures and suggests; pain, and whoever treats it, come first.</source>
      <translation>Leg einen Athleten an (Strg+N), film einen Satz wie hier gezeigt, und zieh ihn auf die Spur. F1 zeigt die Tasten jeder Seite. Das Programm misst und schlägt vor; Schmerz, und wer ihn behandelt, geht vor.</translation>
    </message>
  </context>
  <context>
    <name>mottix::ImportView</name>
    <message>
      <source>An old log</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Loads are in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>unit</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Loads are in kg or lb.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>where no unit stands, days are written</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>order of the day</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>day first</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>month first</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Day first or month first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, and lines without a name are</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>whose</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A name is 100 letters at most.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nobody's</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take in</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put these sets into the log; undo takes them back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leave · Esc</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Back without taking anything</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” cannot be read. Check its place and permissions.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” is larger than 64 MB; split it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>what becomes of it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Column “%1” holds</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An old log: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1, %2: %3 × %4 × %5, %6</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>left out: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 sets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> of 1 athlete</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> of %1 athletes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, 1 of them new to this house</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, %1 of them new to this house</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 line is left out; it says why.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 lines are left out; each says why.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The first %1 lines are shown.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take in 1 set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take in %1 sets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take in an old log</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::KeySheet</name>
    <message>
      <source>Keys</source>
      <translation>Tasten</translation>
    </message>
    <message>
      <source>Everywhere</source>
      <translation>Überall</translation>
    </message>
  </context>
  <context>
    <name>mottix::Lane</name>
    <message>
      <source>name</source>
      <translation>Name</translation>
    </message>
    <message>
      <source>A name has 1 to 80 letters.</source>
      <translation>Ein Name hat 1 bis 80 Buchstaben.</translation>
    </message>
    <message>
      <source>adds</source>
      <translation>legt zu</translation>
    </message>
    <message>
      <source>step</source>
      <translation>Schritt</translation>
    </message>
    <message>
      <source>A step lies between 0 and 50 kg.</source>
      <translation>Ein Schritt liegt zwischen 0 und 50 kg.</translation>
    </message>
    <message>
      <source>, pain</source>
      <translation>, Schmerz</translation>
    </message>
    <message>
      <source>open pain note</source>
      <translation>offene Schmerznotiz</translation>
    </message>
    <message>
      <source>A pain note lies between 0 and 10. From 4 on, nothing is added.</source>
      <translation>Eine Schmerznotiz liegt zwischen 0 und 10. Ab 4 wird nichts zugelegt.</translation>
    </message>
    <message>
      <source>, complaint %1/10</source>
      <translation>, Beschwerde %1/10</translation>
    </message>
    <message>
      <source>add films</source>
      <translation>Filme hinzufügen</translation>
    </message>
    <message>
      <source>Add films of %1</source>
      <translation>Filme von %1 hinzufügen</translation>
    </message>
    <message>
      <source>body</source>
      <translation>Maße</translation>
    </message>
    <message>
      <source>The page of %1: body, screens, complaints</source>
      <translation>Die Seite von %1: Maße, Tests, Beschwerden</translation>
    </message>
    <message>
      <source>fit</source>
      <translation>Passung</translation>
    </message>
    <message>
      <source>The set-up that fits %1</source>
      <translation>Die Einstellung, die zu %1 passt</translation>
    </message>
    <message>
      <source>and an earlier film (Story)</source>
      <translation>und ein früherer Film (Verlauf)</translation>
    </message>
    <message>
      <source>and %1 earlier films (Story)</source>
      <translation>und %1 frühere Filme (Verlauf)</translation>
    </message>
    <message>
      <source>and a set in the log without film</source>
      <translation>und ein Satz im Protokoll ohne Film</translation>
    </message>
    <message>
      <source>and %1 sets in the log without film</source>
      <translation>und %1 Sätze im Protokoll ohne Film</translation>
    </message>
    <message>
      <source>No films yet. Drop a film of one set here, filmed from the side with the whole plate and both feet in the picture, or from the front with both plates in it.</source>
      <translation>Noch keine Filme. Zieh einen Film eines Satzes hierher, von der Seite gefilmt mit der ganzen Scheibe und beiden Füßen im Bild, oder von vorn mit beiden Scheiben.</translation>
    </message>
    <message>
      <source>How to film</source>
      <translation>So wird gefilmt</translation>
    </message>
    <message>
      <source>Distance, height, angle, and what has to be in the picture (Shift+F1)</source>
      <translation>Abstand, Höhe, Winkel, und was im Bild sein muss (Umschalt+F1)</translation>
    </message>
  </context>
  <context>
    <name>mottix::LimitScale</name>
    <message>
      <source>Limit %1 and big deviation %2 of %3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>limit</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>big</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>big %1%2</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::NumbersView</name>
    <message>
      <source>usual</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Median over the reps, and how far single reps scatter about it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rep %1: %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All measures of the set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>find a measure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Find a measure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Findings · T</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Back to findings, cue and load</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Measures of each rep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Choose a number: the film goes to the picture it was read from. › marks a rep that stands out from the others.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing is measured yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No measure is called so.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 %2.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Rep %1: %2 %3. %4</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::ProportionBar</name>
    <message>
      <source>not measured</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::QueueView</name>
    <message>
      <source>New athlete · Ctrl+N</source>
      <translation>Neuer Athlet · Strg+N</translation>
    </message>
    <message>
      <source>Hold the work on films, so that the machine is free; or go on with it</source>
      <translation>Die Arbeit an Filmen anhalten, damit der Rechner frei ist; oder fortsetzen</translation>
    </message>
    <message>
      <source>An empty house</source>
      <translation>Ein leeres Haus</translation>
    </message>
    <message>
      <source>Begin with an athlete (Ctrl+N); then drop films of squats, one set each, on the lane that appears.</source>
      <translation>Beginn mit einem Athleten (Strg+N); zieh dann Filme von Kniebeugen, je ein Satz, auf die Spur, die erscheint.</translation>
    </message>
    <message>
      <source>Queue: everything looked at</source>
      <translation>Eingang: alles angesehen</translation>
    </message>
    <message>
      <source>Queue: 1 set to look at</source>
      <translation>Eingang: 1 Satz anzusehen</translation>
    </message>
    <message>
      <source>Queue: %1 sets to look at</source>
      <translation>Eingang: %1 Sätze anzusehen</translation>
    </message>
    <message>
      <source>Oldest left. Drop films of one set each on a lane; Enter opens a set, Delete removes it.</source>
      <translation>Älteste links. Zieh Filme von je einem Satz auf eine Spur; Eingabe öffnet einen Satz, Entf entfernt ihn.</translation>
    </message>
    <message>
      <source>Go on · Ctrl+H</source>
      <translation>Weiter · Strg+H</translation>
    </message>
    <message>
      <source>Hold the work · Ctrl+H</source>
      <translation>Arbeit anhalten · Strg+H</translation>
    </message>
  </context>
  <context>
    <name>mottix::RepRibbon</name>
    <message>
      <source>The bar's path in each rep: dotted down, solid up, wider is faster; sideways three times as large</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Reps: %1; arrow keys go from one to the next</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The reps appear here, one cell each, when the bar has been followed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rep %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rep %1, %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 m/s</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::SchoolsView</name>
    <message>
      <source>Judged by two</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>back to the findings · J</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Back to findings, cue and load</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>by</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>and by</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>First school</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Second school</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The set by two schools</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A set is judged by schools when it has been measured.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>They say the same of this set.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>They differ</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Both say</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The load</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: not judged here.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: in order. Limit %2.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>both</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>show</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Show it on the film</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::ScreenGuide</name>
    <message>
      <source>Yes · Y</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Yes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No · N</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>leave open</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leave this question open</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>one back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Go back one question</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>stop · Esc</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Leave the screen; nothing is kept</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1, %2 of %3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” is no number.</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::SetSheet</name>
    <message>
      <source>Asked</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Seen</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Judged</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Said</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Next</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Asked, seen, judged, said, next</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Place the figure by hand</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Point at the plate</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All measures in a table</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Curves</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Judged by two schools</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Beside another rep or set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lines on the film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Measure by hand</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Draw along something upright or level</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Two points of the back; once more follows them</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The set begins here</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The set ends here</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take a film of several sets apart</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The least sure joints, one after another</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep the joint as it is</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep all joints as they are</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put the joint where it was placed last</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Filmed from there; again: the other way round</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The lift is the one seen</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Play slower</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This rep over and over</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This cue is said</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another cue</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Another load</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Steps up to the load, with plates</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ask as the plan does</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Figure · P</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lay the figure on the lifter, so that depth and trunk can be measured</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Plate · L</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Show where the near plate is, when another one was followed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Play · Space</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Play or stop the film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Play at half, a quarter, an eighth, a sixteenth of the speed, then as lived again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Play the rep of the moment over and over, or the film to its end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lines · I</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Which lines are drawn on the film: path, plumb line, angles, levers</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Line · M</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Draw along something upright, or of known length, so that the camera is known better</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Back · U</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put two points on the lifter's back, then follow them</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Least sure · N</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Go to the joint and frame where a hand would help most</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Measure · H</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Measure an angle, a distance, a height or a time by hand</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put the %1 right on frame %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Place the figure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Findings</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All measures · T</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Every measure of every rep in a table</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Curves · C</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Angles, levers and measures drawn against time, height or rep</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Beside · Y</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Two reps, sets or weeks side by side, or two films of one set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Two schools · J</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This set judged by two schools, beside each other</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say this · S</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This cue was said to the lifter; it is remembered with the set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>other words · O</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Show the next cue that answers the findings</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Accept · Enter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take this load for the next set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>change · E</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Decide on another load</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Load for the next set, in kg</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>warm-up · Q</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The steps from the empty bar to this load</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>hand-out · Ctrl+P</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A page for the athlete to take home</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A page to take home, and the film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1” is not a load between 0 and 1000 kg.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Decide on %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lift</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the lift</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The lift is squat, bench press or deadlift.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>variant</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the variant</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say the variant in a few words, such as “low bar”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>high bar</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>low bar</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>middle bar</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>paused</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>conventional</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>sumo</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>flat</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, with</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>equipment</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the equipment</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say in a few words what is worn or used, such as “belt, axle, chains 20 kg”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing worn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, asked for</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>sets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the sets asked</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Sets are a number from 1 to 30.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>reps</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the reps asked</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Reps are a number from 1 to 50.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>load</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the load</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A load lies between 0 and 1000 kg.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at effort</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>effort</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the effort asked</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Effort lies between 1 and 10 (nothing left).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>and tempo</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tempo</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the tempo</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>free</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Tempo is seconds down, held and up, such as “3-1-1” or “3-1”; or “free”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, filmed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>side of the camera</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the side of the camera</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Filmed from the right, the left, the side (read from the feet), the foot end or the head end.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Filmed from the right, the left, the side (read from the feet), the front or the rear.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>pictures a second</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change how fast the film was recorded</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slow motion is recorded with 10 to 2000 pictures a second; leave it empty when the film plays as fast as life.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>pictures a second, with</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>plate diameter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change what is lifted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say how large the plates are (“450 mm”; 100 to 600 mm), or “an empty bar”, or “dumbbells of 180 mm”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, set-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>set-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the set-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No set-up is kept for this athlete and lift yet: open Fit (F) and keep one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Name a kept set-up, or say “not stated”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, felt</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>effort felt</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the effort felt</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, looked</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>effort seen</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the effort seen</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, comfort</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>comfort</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Comfort lies between 0 and 10; 10: nothing hurts or hinders.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change the comfort</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, noted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>notes</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A note is 500 letters at most.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Change what was noted</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lay two films on each other</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take two films apart</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This set has its film already.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Following %1: %2 %</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the joints</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>the bar</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 has no plan in this lift yet: make one in Ahead (Ctrl+D).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What the plan asks for on that day is done.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ask as planned</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bar's end · L</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Dumbbell · L</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Follow · U</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>30</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>belt</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>belt, wraps</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>straps</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>chains 20 kg</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>bands 20 kg</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1/10</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 rep seen.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 reps seen.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The camera stands %1 m away</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, turned by %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Slow · V</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1/%1 speed · V</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Looping · R</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Loop · R</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>rep %1, </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> · bar hidden, bridged</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> · bar lost</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 s, frame %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Waiting for its turn</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>You can look at the film meanwhile.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stop</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Stop following; nothing is lost</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A %1, as nobody has said otherwise?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A %1, by what is seen?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Yes · G</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It is this lift</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No, a %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It is another lift</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Filmed %1%2?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, by the feet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, the legs being hidden</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say from where it was filmed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Yes · W</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It was filmed from there</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No, %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>It was filmed from the other end</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not judged yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Depth, trunk and balance need the lifter's joints. Lay the figure on the lifter on one frame; it is followed through the film by itself.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Place figure · P</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lay the figure on the lifter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Look for the joints</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Let the program look for the joints itself</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What is usual for %1 is told from %2 like sets on; there are %3.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Add its film…</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The film of this set: it is followed and measured like any other</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The film of this set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not measured</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not followed yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The bar has not been followed in this film.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Follow the bar</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Look for the plate and follow it through the film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Point at plate · L</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Point at the bar's end · L</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Point at the dumbbell · L</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Show what is to be followed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no film of this set, so nothing is judged in it.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>In order</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The film of this set was not kept; these are the numbers in the log.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Overrule a finding</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Let a finding stand</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Confirm a cause</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Strike out a cause</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take back what was said of a cause</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Also seen %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This was seen in the other film: overrule it there (Y shows both).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This was seen in the other film: say its cause there (Y shows both).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>From %1 s to %2 s of the film counts.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>whole film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All of the film counts again</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Let the whole film count</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This film shows %1 sets: %2.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take apart · X</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This set keeps the first; the others come into the Queue</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say which part of the film counts</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A part is chosen when the bar has been followed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The set would begin after its end. Go further back and press [.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The set would end before it begins. Go further on and press ].</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>This film shows one set.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The film is being followed; take it apart when that is done.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Taken apart: this is the first of %1 sets, the others are in the Queue.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>By hand, frame %1: %2 %3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>show</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Show it on the film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>remove</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the measure away</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take a measure away</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What does the line show?</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Something upright</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A post, a door, the edge of a wall</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Forget the line</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Length of the line in cm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>cm</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>long, beside the lifter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Not nearer to the camera than the lifter, nor farther</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>at the near plate</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>As near to the camera as the plate's face</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the line away</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take a line away</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1”</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Said after this set. The next one tells whether it moved the measure.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take back · S</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing to mend: say what was good.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No cue yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A cue is offered when something has been judged.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Answers: %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 %2 %3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Steps lead to a load on a bar; none is decided or suggested yet.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The bar alone is the work</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 × %2: %3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>then %1: %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Safeties, collars and spotters first. Pain, numbness or dizziness: stop, and see a licensed clinician. Local rules come first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A pain note of %1/10 is open: no load is raised until it is settled. See a licensed clinician.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Safeties, collars and spotters first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>They do not agree: ask once more, or look again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Next: not decided</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The load is decided when the set has been measured.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Next session: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Next: %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Next set: %1 × %2, decided</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Decided by the coach; suggested was %1. %2</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The figure is laid on a lifter filmed from the side.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The figure can be placed when the bar has been followed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The film is being followed; stop it first to place the figure anew.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The back's points go on a lifter filmed from the side whose joints are known. Place the figure first (P).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The film is being followed; the back's points can be placed after that.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The back's points are followed; drag them where they are off.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Hip and shoulder are not known on this frame; go to one on which the figure is drawn.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Put two points on the back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Drag the two points onto the skin of the low back and of the middle of the back; then U follows them through the film.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There are no joints to put right: none were found from there.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There are no joints to put right yet. Place the figure first (P).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No joint is clearly less sure than a careful hand. Nothing is left to put right.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Least sure: the %1, ± %2 cm. Drag it, or move it with Shift and the arrows; Enter when it is right, D where you placed it last, K to keep it in all reps, Esc to stop.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Point at a joint, or let one be asked for (N); then K keeps it as it is.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Let the %1 go</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The %1 can be moved again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep the %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The %1 is right in all reps and stays as it is; K lets it go.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There are no joints to keep yet. Place the figure first (P).</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Let all joints go</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All joints can be moved again.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep all joints</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>All joints are right in all reps and stay as they are; Shift and K lets them go.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Point at a joint, or let one be asked for (N); then D puts it where you placed it last.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The %1 is kept as it is; K lets it go.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>From where it was filmed shows when the bar has been followed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Filmed %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The lift is said already; change it in the sentence.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say which lift it is</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no film of this set.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The film is being followed; stop it first to point at the plate.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Lines are drawn when the bar has been followed.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Measuring by hand needs the bar's scale: follow the bar first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A line can be drawn when the bar has been followed and a rep was found.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Draw an upright</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Draw a known length</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the cue back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say a cue</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Accept %1</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::SetTile</name>
    <message>
      <source>
Enter opens, Delete removes</source>
      <translation>
Eingabe öffnet, Entf entfernt</translation>
    </message>
    <message>
      <source>stop</source>
      <translation>abbrechen</translation>
    </message>
    <message>
      <source>try again</source>
      <translation>noch einmal</translation>
    </message>
    <message>
      <source>follow</source>
      <translation>verfolgen</translation>
    </message>
    <message>
      <source>Stop following this film</source>
      <translation>Diesen Film nicht weiter verfolgen</translation>
    </message>
    <message>
      <source>Follow the bar in this film</source>
      <translation>Die Stange in diesem Film verfolgen</translation>
    </message>
    <message>
      <source>waiting for its turn</source>
      <translation>wartet, bis es dran ist</translation>
    </message>
    <message>
      <source>held at %1 %</source>
      <translation>angehalten bei %1 %</translation>
    </message>
    <message>
      <source>following the bar, %1 %</source>
      <translation>verfolgt die Stange, %1 %</translation>
    </message>
    <message>
      <source>looking for the joints, %1 %</source>
      <translation>sucht die Gelenke, %1 %</translation>
    </message>
    <message>
      <source>not followed yet</source>
      <translation>noch nicht verfolgt</translation>
    </message>
    <message>
      <source>to be looked at</source>
      <translation>anzusehen</translation>
    </message>
    <message>
      <source>next %1</source>
      <translation>als Nächstes %1</translation>
    </message>
    <message>
      <source>looked at</source>
      <translation>angesehen</translation>
    </message>
    <message>
      <source>not measured</source>
      <translation>nicht gemessen</translation>
    </message>
  </context>
  <context>
    <name>mottix::StoryChart</name>
    <message>
      <source>The story of the lift: arrows choose a set, Enter opens it</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1, week of %2: on %3 of %4 reps</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Load, kg</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>band: best single
(8 in 10)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Speed, m/s</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>as at %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>What else changed</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::StoryView</name>
    <message>
      <source>Story</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lift</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The lift is squat, bench press or deadlift.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>variant</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no set of “%1” in the log.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, of</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>which sets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all sets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No set of this lift is “%1”. Say it as in the search: “above effort 8”, “with film”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>with film</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>effort at least 8</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>last 12 weeks</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>reps at most 3</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>missed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, beside</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>beside</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nobody</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Name another athlete, another lift, or both (“Oda deadlift”); or say “nobody”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>That is the one already shown.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Find sets: “hips rose first above effort 8”, “missed last 6 weeks”, “everyone over 100 kg”</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Find sets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Find sets by a sentence</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>To the weeks ahead</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>+ −</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Zoom</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>← →</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The set before, or after; with Ctrl: move</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open the set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Sets found</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open · Enter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open the sheet of the chosen set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Ahead · A</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The weeks to the test</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Best single now %1.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Gain %1 ± %2 % a week.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>No set of this lift is in the log yet: film one, or write one down.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Say how hard sets were felt, or film them: then the best single can be told.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Loads taken against the suggestion: %1 of %2 held.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>“%1”: gone in the next set %2 of %3 times</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>everyone</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 sets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1: %2.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>all</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The newest %1 are listed.</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::TodayView</name>
    <message>
      <source>Today</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write sets down</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write sets down: “Runa squat 3x5 82.5 @8”, “60x5, 70x5, 75x4/5 @9.5 “left knee””</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write down · Enter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep these sets in the log; a film can be added to one later</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An old log (CSV)… · Ctrl+I</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Bring in sets from a table</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>An old log (CSV)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Enter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write down what the line says</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Delete</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On a set of today: take it out</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Who does what</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nobody has a plan yet: open Ahead (Ctrl+D) for an athlete, and choose one. Sets can be written down all the same.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Written down today</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Sets written down today</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open · Enter</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Open the sheet of the chosen set; a film can be added there</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take out · Del</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Take the chosen set out of the log; undo puts it back</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>One bar for</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>lift on the bar</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The lift is squat, bench press or deadlift.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, in this order:</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>The bar, in order</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Safeties, collars and spotters first; nobody presses alone without them. Pain, numbness or dizziness: stop, and see a licensed clinician. Local rules come first.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Load × reps, or sets × reps × load; @8 how hard it was felt, ~9 how hard it looked; 4/5 four of five; notes in quotes.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1, %2 %3: %4 × %5 × %6</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source> of %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, felt %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, looked like %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, on %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write down a set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Write down %1 sets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On today, and on the bar</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 done; </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>1 set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 sets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>On the ladder at “%1”: %2 The plan goes on from its top.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1   %2 × %3%4   %5</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, warm-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nobody is on the bar for this lift.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Nothing yet.</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::TrialPanel</name>
    <message>
      <source>Set-ups tried</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Choose a set-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>name of a set-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>A name has 1 to 60 letters.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Name a set-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, no set with it yet</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, 1 set</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>, %1 sets</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; in use, because</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>reason of the choice</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>(say why)</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>show</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Show “%1” as the figure</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>use this one</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Use “%1” from now on</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>There is no set-up of this name.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Compare</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>first set-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>with</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>second set-up</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep a set-up with K on the figure. On a set's sheet, say in its sentence which one was used; from three sets of each on, two can be compared.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Keep a second set-up to compare it with this one.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>none</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Means over the sets, second minus first. The error comes from how much the sets of one set-up scatter, never less than the measures' own; “no difference seen” is not “the same”.</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>Reading the sets…</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::Walk</name>
    <message>
      <source>A walk round</source>
      <translation>Ein Rundgang</translation>
    </message>
    <message>
      <source>Back</source>
      <translation>Zurück</translation>
    </message>
    <message>
      <source>The stop before (←)</source>
      <translation>Die Station davor (←)</translation>
    </message>
    <message>
      <source>On</source>
      <translation>Weiter</translation>
    </message>
    <message>
      <source>The next stop (Enter)</source>
      <translation>Die nächste Station (Eingabe)</translation>
    </message>
    <message>
      <source>Leave the walk</source>
      <translation>Rundgang verlassen</translation>
    </message>
    <message>
      <source>Leave (Esc); House… leads here again</source>
      <translation>Verlassen (Esc); Haus… führt wieder hierher</translation>
    </message>
    <message>
      <source>On the walk: the stop before</source>
      <translation>Im Rundgang: die Station davor</translation>
    </message>
    <message>
      <source>On the walk: the next stop</source>
      <translation>Im Rundgang: die nächste Station</translation>
    </message>
    <message>
      <source>%1 of %2 · %3</source>
      <translation>%1 von %2 · %3</translation>
    </message>
    <message>
      <source>Done</source>
      <translation>Fertig</translation>
    </message>
  </context>
  <context>
    <name>mottix::WeeksChart</name>
    <message>
      <source>Week of %1, %2: </source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>missed</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>%1 done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>nothing done</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>test</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>top load %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>; best single %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>kg</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>best single, 8 in 10</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>goal %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>easy</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>eff. %1</source>
      <translation type="unfinished" />
    </message>
    <message>
      <source>tonnes
a week</source>
      <translation type="unfinished" />
    </message>
  </context>
  <context>
    <name>mottix::Word</name>
    <message>
      <source>%1: press Enter or click to change</source>
      <translation type="unfinished" />
    </message>
  </context>
</TS>
