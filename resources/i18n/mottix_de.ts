<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>QObject</name>
    <message>
        <source>Take a set out of the log</source>
        <translation>Einen Satz aus dem Protokoll nehmen</translation>
    </message>
    <message>
        <source>not stated</source>
        <translation>nicht angegeben</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>“%1” is not known. With commas between: %2; or nothing.</source>
        <translation>„%1“ ist nicht bekannt. Mit Kommas dazwischen: %2; oder nichts.</translation>
    </message>
    <message>
        <source>○ left  □ right, over mid-foot</source>
        <translation>○ links  □ rechts, über der Fußmitte</translation>
    </message>
    <message>
        <source>○ left  □ right, from where each began</source>
        <translation>○ links  □ rechts, von dort, wo jede begann</translation>
    </message>
    <message>
        <source>%1 cm sideways</source>
        <translation>%1 cm seitwärts</translation>
    </message>
    <message>
        <source>Call a fault</source>
        <translation>Einen Fehler ansagen</translation>
    </message>
    <message>
        <source>Compare with the measures</source>
        <translation>Mit den Maßen vergleichen</translation>
    </message>
    <message>
        <source>any lift</source>
        <translation>jede Hebung</translation>
    </message>
    <message>
        <source>a squat</source>
        <translation>eine Kniebeuge</translation>
    </message>
    <message>
        <source>a bench press</source>
        <translation>ein Bankdrücken</translation>
    </message>
    <message>
        <source>a deadlift</source>
        <translation>ein Kreuzheben</translation>
    </message>
    <message>
        <source>from anywhere</source>
        <translation>von irgendwo</translation>
    </message>
    <message>
        <source>from the side</source>
        <translation>von der Seite</translation>
    </message>
    <message>
        <source>from the front</source>
        <translation>von vorn</translation>
    </message>
    <message>
        <source>%1: %2 of %3 seen, %4 called that were not there</source>
        <translation>%1: %2 von %3 gesehen, %4 angesagt, die nicht da waren</translation>
    </message>
    <message>
        <source>in order</source>
        <translation>in Ordnung</translation>
    </message>
    <message>
        <source>Remove a set</source>
        <translation>Einen Satz entfernen</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>weggelassen</translation>
    </message>
    <message>
        <source>day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>athlete</source>
        <translation>Athlet</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>Hebung</translation>
    </message>
    <message>
        <source>variant</source>
        <translation>Variante</translation>
    </message>
    <message>
        <source>load</source>
        <translation>Last</translation>
    </message>
    <message>
        <source>reps</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>sets</source>
        <translation>Sätze</translation>
    </message>
    <message>
        <source>effort felt</source>
        <translation>gefühlte Anstrengung</translation>
    </message>
    <message>
        <source>reps in reserve</source>
        <translation>Wiederholungen in Reserve</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>base alone</source>
        <translation>nur die Grundlage</translation>
    </message>
    <message>
        <source>Last time, %1: %2 × %3</source>
        <translation>Letztes Mal, %1: %2 × %3</translation>
    </message>
    <message>
        <source>, felt %1</source>
        <translation>, gefühlt %1</translation>
    </message>
    <message>
        <source>, and %1 more.</source>
        <translation>, und %1 mehr.</translation>
    </message>
    <message>
        <source>Said: “%1”</source>
        <translation>Gesagt: „%1“</translation>
    </message>
    <message>
        <source>Decided: %1.</source>
        <translation>Entschieden: %1.</translation>
    </message>
    <message>
        <source>The bar was %1 m/s faster than before at that load.</source>
        <translation>Die Stange war %1 m/s schneller als früher bei dieser Last.</translation>
    </message>
    <message>
        <source>The bar was %1 m/s slower than before at that load.</source>
        <translation>Die Stange war %1 m/s langsamer als früher bei dieser Last.</translation>
    </message>
    <message>
        <source>%1: %2 (key %1)</source>
        <translation>%1: %2 (Taste %1)</translation>
    </message>
    <message>
        <source>Add a film</source>
        <translation>Einen Film hinzufügen</translation>
    </message>
    <message>
        <source>Set-up from here: %1</source>
        <translation>Einstellung ab hier: %1</translation>
    </message>
    <message>
        <source>Complaint: %1, %2/10</source>
        <translation>Beschwerde: %1, %2/10</translation>
    </message>
    <message>
        <source>Complaint settled: %1</source>
        <translation>Beschwerde erledigt: %1</translation>
    </message>
    <message>
        <source>Note: %1</source>
        <translation>Notiz: %1</translation>
    </message>
    <message>
        <source>Another load was taken than suggested</source>
        <translation>Eine andere Last wurde genommen als vorgeschlagen</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source> of %1</source>
        <translation> von %1</translation>
    </message>
    <message>
        <source>, looked like %1</source>
        <translation>, sah aus wie %1</translation>
    </message>
    <message>
        <source>, asked at %1</source>
        <translation>, verlangt mit %1</translation>
    </message>
    <message>
        <source>%1 on 1 rep</source>
        <translation>%1 bei 1 Wiederholung</translation>
    </message>
    <message>
        <source>%1 on %2 reps</source>
        <translation>%1 bei %2 Wiederholungen</translation>
    </message>
    <message>
        <source>good enough</source>
        <translation>gut genug</translation>
    </message>
    <message>
        <source>%1 lb</source>
        <translation>%1 lb</translation>
    </message>
    <message>
        <source>the %1</source>
        <translation>Stange %1</translation>
    </message>
    <message>
        <source>off %1</source>
        <translation>%1 herunter</translation>
    </message>
    <message>
        <source>on %1</source>
        <translation>%1 drauf</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie es ist</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>hip %1 below knee</source>
        <translation>Hüfte %1 unter Knie</translation>
    </message>
    <message>
        <source>hip %1 above knee</source>
        <translation>Hüfte %1 über Knie</translation>
    </message>
    <message>
        <source>Path of the bar</source>
        <translation>Weg der Stange</translation>
    </message>
    <message>
        <source>Plumb line over mid-foot</source>
        <translation>Lot über der Fußmitte</translation>
    </message>
    <message>
        <source>Trunk and shin with their angles</source>
        <translation>Rumpf und Schienbein mit ihren Winkeln</translation>
    </message>
    <message>
        <source>Levers of the bar</source>
        <translation>Hebel der Stange</translation>
    </message>
    <message>
        <source>Depth line</source>
        <translation>Linie der Tiefe</translation>
    </message>
    <message>
        <source>hip</source>
        <translation>Hüfte</translation>
    </message>
    <message>
        <source>knee</source>
        <translation>Knie</translation>
    </message>
    <message>
        <source>shoulder</source>
        <translation>Schulter</translation>
    </message>
    <message>
        <source>crease %1</source>
        <translation>Leiste %1</translation>
    </message>
    <message>
        <source>+%1</source>
        <translation>+%1</translation>
    </message>
    <message>
        <source>%1 from level</source>
        <translation>%1 von waagerecht</translation>
    </message>
</context>
<context>
    <name>mottix</name>
    <message>
        <source>Hip lever %1 cm, %2 N·m; knee lever %3 cm, %4 N·m.</source>
        <translation>Hebel an der Hüfte %1 cm, %2 N·m; am Knie %3 cm, %4 N·m.</translation>
    </message>
    <message>
        <source>No posture exists with this set-up, because %1. Change it; do not force it.</source>
        <translation>Mit dieser Einstellung gibt es keine Haltung, weil %1. Ändere sie; erzwinge nichts.</translation>
    </message>
    <message>
        <source>Hip to knee %1 to 1.</source>
        <translation>Hüfte zu Knie %1 zu 1.</translation>
    </message>
    <message>
        <source>Here %1.</source>
        <translation>Hier %1.</translation>
    </message>
    <message>
        <source>Deepest: hip joint %1 cm below the knee joint; then %2.</source>
        <translation>Am tiefsten: Hüftgelenk %1 cm unter dem Kniegelenk; dann %2.</translation>
    </message>
    <message>
        <source>Deepest: hip joint %1 cm above the knee joint; then %2.</source>
        <translation>Am tiefsten: Hüftgelenk %1 cm über dem Kniegelenk; dann %2.</translation>
    </message>
    <message>
        <source>nothing stops it within 30 cm</source>
        <translation>nichts hält es auf den nächsten 30 cm auf</translation>
    </message>
    <message>
        <source>The knee stands in front of the arm: hips low.</source>
        <translation>Das Knie steht vor dem Arm: Hüfte tief.</translation>
    </message>
    <message>
        <source>The knee stands well behind the arm: hips high.</source>
        <translation>Das Knie steht weit hinter dem Arm: Hüfte hoch.</translation>
    </message>
    <message>
        <source>The knee stands just inside the arm.</source>
        <translation>Das Knie steht knapp hinter dem Arm.</translation>
    </message>
    <message>
        <source>Conventional would lean %1°, this leans %2°.</source>
        <translation>Konventionell wäre die Neigung %1°, so ist sie %2°.</translation>
    </message>
    <message>
        <source>Sumo would lean %1°, this leans %2°.</source>
        <translation>Sumo wäre die Neigung %1°, so ist sie %2°.</translation>
    </message>
    <message>
        <source>Seen from the head end. At the touch: elbow bent %1°, upper arm %2° from the ribs, touch %3 cm below the shoulder line. The bar travels %4 cm; shoulder lever %5 cm, %6 N·m.</source>
        <translation>Vom Kopfende gesehen. Beim Aufsetzen: Ellbogen um %1° gebeugt, Oberarm %2° von den Rippen, Aufsetzpunkt %3 cm unter der Schulterlinie. Die Stange geht %4 cm; Hebel an der Schulter %5 cm, %6 N·m.</translation>
    </message>
    <message>
        <source>d MMM</source>
        <translation>d. MMM</translation>
    </message>
    <message>
        <source>d MMM yyyy</source>
        <translation>d. MMM yyyy</translation>
    </message>
    <message>
        <source>d MMMM</source>
        <translation>d. MMMM</translation>
    </message>
    <message>
        <source>d MMMM yyyy</source>
        <translation>d. MMMM yyyy</translation>
    </message>
    <message>
        <source>dddd d MMMM</source>
        <translation>dddd, d. MMMM</translation>
    </message>
    <message>
        <source>dddd d MMMM yyyy</source>
        <translation>dddd, d. MMMM yyyy</translation>
    </message>
    <message>
        <source>big</source>
        <translation>groß</translation>
    </message>
    <message>
        <source>small</source>
        <translation>klein</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>Too close to call: %1</source>
        <translation>Zu knapp zum Ansagen: %1</translation>
    </message>
    <message>
        <source>Called, but not there: %1</source>
        <translation>Angesagt, aber nicht da: %1</translation>
    </message>
    <message>
        <source>Seen: %1 on %2</source>
        <translation>Gesehen: %1 in %2</translation>
    </message>
    <message>
        <source>Passed over: %1 on %2</source>
        <translation>Übergangen: %1 in %2</translation>
    </message>
    <message>
        <source>%1 %2; a fault from %3, big from %4.</source>
        <translation>%1 %2; ein Fehler ab %3, groß ab %4.</translation>
    </message>
    <message>
        <source>You called it %1, as it is.</source>
        <translation>Du hast es %1 angesagt, wie es ist.</translation>
    </message>
    <message>
        <source>You called it %1; it is %2.</source>
        <translation>Du hast es %1 angesagt; es ist %2.</translation>
    </message>
    <message>
        <source>You called it %1 on %2.</source>
        <translation>Du hast es angesagt: %1 in %2.</translation>
    </message>
    <message>
        <source>You marked %1.</source>
        <translation>Du hast %1 markiert.</translation>
    </message>
    <message>
        <source>Not looked for yet.</source>
        <translation>Noch nicht danach gesucht.</translation>
    </message>
    <message>
        <source>Too early to say from where your eye calls it.</source>
        <translation>Zu früh, um zu sagen, ab wo dein Auge es ansagt.</translation>
    </message>
    <message>
        <source>Your eye calls it from %1, as the book does (%2).</source>
        <translation>Dein Auge sagt es ab %1 an, wie das Buch (%2).</translation>
    </message>
    <message>
        <source>Your eye calls it from %1 only; the book from %2.</source>
        <translation>Dein Auge sagt es erst ab %1 an; das Buch ab %2.</translation>
    </message>
    <message>
        <source>Your eye calls it from %1 already; the book from %2.</source>
        <translation>Dein Auge sagt es schon ab %1 an; das Buch ab %2.</translation>
    </message>
    <message>
        <source>seen %1 of %2</source>
        <translation>%1 von %2 gesehen</translation>
    </message>
    <message>
        <source>never there yet</source>
        <translation>noch nie da gewesen</translation>
    </message>
    <message>
        <source>, called %1 × where it was not</source>
        <translation>, %1 × angesagt, wo es nicht war</translation>
    </message>
    <message>
        <source>mid-foot</source>
        <translation>Fußmitte</translation>
    </message>
    <message>
        <source>ring marks, 81 cm apart</source>
        <translation>Ringmarken, 81 cm auseinander</translation>
    </message>
    <message>
        <source>locked out</source>
        <translation>gestreckt</translation>
    </message>
    <message>
        <source>at the touch</source>
        <translation>beim Aufsetzen</translation>
    </message>
    <message>
        <source>lean %1</source>
        <translation>Neigung %1</translation>
    </message>
    <message>
        <source>ghost %1</source>
        <translation>Schatten %1</translation>
    </message>
    <message>
        <source>shin %1</source>
        <translation>Schienbein %1</translation>
    </message>
    <message>
        <source>, knee %1 past the toes</source>
        <translation>, Knie %1 vor den Zehen</translation>
    </message>
    <message>
        <source>hip %1</source>
        <translation>Hüfte %1</translation>
    </message>
    <message>
        <source>knee %1</source>
        <translation>Knie %1</translation>
    </message>
    <message>
        <source>Rep %1 of %2</source>
        <translation>Wiederholung %1 von %2</translation>
    </message>
    <message>
        <source> · %1 m/s</source>
        <translation> · %1 m/s</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source>high, on the upper traps</source>
        <translation>hoch, auf dem oberen Trapez</translation>
    </message>
    <message>
        <source>between high and low</source>
        <translation>zwischen hoch und tief</translation>
    </message>
    <message>
        <source>low, just under the ridge of the blades</source>
        <translation>tief, knapp unter der Kante der Schulterblätter</translation>
    </message>
    <message>
        <source>in front, on the shoulders</source>
        <translation>vorn, auf den Schultern</translation>
    </message>
    <message>
        <source>safety bar, hands on its handles</source>
        <translation>Sicherheitsstange, Hände an ihren Griffen</translation>
    </message>
    <message>
        <source>in before the rep, held until it is done</source>
        <translation>vor der Wiederholung ein, gehalten bis zum Ende</translation>
    </message>
    <message>
        <source>in on the way down, out on the way up</source>
        <translation>auf dem Weg hinab ein, auf dem Weg hinauf aus</translation>
    </message>
    <message>
        <source>sumo</source>
        <translation>Sumo</translation>
    </message>
    <message>
        <source>conventional</source>
        <translation>konventionell</translation>
    </message>
    <message>
        <source>both hands over</source>
        <translation>beide Hände von oben</translation>
    </message>
    <message>
        <source>mixed, one hand turned</source>
        <translation>gemischt, eine Hand gedreht</translation>
    </message>
    <message>
        <source>hook, thumb under the fingers</source>
        <translation>Hakengriff, Daumen unter den Fingern</translation>
    </message>
    <message>
        <source>straps</source>
        <translation>straps</translation>
    </message>
    <message>
        <source>flat and quiet</source>
        <translation>flach und ruhig</translation>
    </message>
    <message>
        <source>still on the chest, 0.3 to 1 s</source>
        <translation>still auf der Brust, 0,3 bis 1 s</translation>
    </message>
    <message>
        <source>the bar drifting forward</source>
        <translation>ob die Stange nach vorn wandert</translation>
    </message>
    <message>
        <source>Style</source>
        <translation>Stil</translation>
    </message>
    <message>
        <source>Bar</source>
        <translation>Stange</translation>
    </message>
    <message>
        <source>Heels</source>
        <translation>Fersen</translation>
    </message>
    <message>
        <source>%1 cm apart</source>
        <translation>%1 cm auseinander</translation>
    </message>
    <message>
        <source>Toes</source>
        <translation>Zehen</translation>
    </message>
    <message>
        <source>%1° out</source>
        <translation>%1° nach außen</translation>
    </message>
    <message>
        <source>Heel height</source>
        <translation>Fersenhöhe</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>Depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>hip joint %1 cm below the knee joint</source>
        <translation>Hüftgelenk %1 cm unter dem Kniegelenk</translation>
    </message>
    <message>
        <source>Hands</source>
        <translation>Hände</translation>
    </message>
    <message>
        <source>%1 cm between the index fingers</source>
        <translation>%1 cm zwischen den Zeigefingern</translation>
    </message>
    <message>
        <source>Grip</source>
        <translation>Griff</translation>
    </message>
    <message>
        <source>Touch</source>
        <translation>Aufsetzen</translation>
    </message>
    <message>
        <source>%1 cm below the shoulder line</source>
        <translation>%1 cm unter der Schulterlinie</translation>
    </message>
    <message>
        <source>Bar to shin</source>
        <translation>Stange zum Schienbein</translation>
    </message>
    <message>
        <source>%1 cm, standing tall</source>
        <translation>%1 cm, aufrecht stehend</translation>
    </message>
    <message>
        <source>Hips</source>
        <translation>Hüfte</translation>
    </message>
    <message>
        <source>joint %1 cm over the floor</source>
        <translation>Gelenk %1 cm über dem Boden</translation>
    </message>
    <message>
        <source>Walk-out</source>
        <translation>Antritt</translation>
    </message>
    <message>
        <source>%1 steps</source>
        <translation>%1 Schritte</translation>
    </message>
    <message>
        <source>Rack</source>
        <translation>Gestell</translation>
    </message>
    <message>
        <source>bar at %1 cm</source>
        <translation>Stange auf %1 cm</translation>
    </message>
    <message>
        <source>Safeties</source>
        <translation>Ablagen</translation>
    </message>
    <message>
        <source>at %1 cm</source>
        <translation>auf %1 cm</translation>
    </message>
    <message>
        <source>Feet</source>
        <translation>Füße</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Breath</source>
        <translation>Atem</translation>
    </message>
    <message>
        <source>Watch</source>
        <translation>Achte auf</translation>
    </message>
    <message>
        <source>%1 own foot lengths</source>
        <translation>%1 eigene Fußlängen</translation>
    </message>
    <message>
        <source>%1 cm inside each ring mark</source>
        <translation>%1 cm innerhalb jeder Ringmarke</translation>
    </message>
    <message>
        <source>%1 cm over the knee</source>
        <translation>%1 cm über dem Knie</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>touching from the start</source>
        <translation>von Anfang an anliegend</translation>
    </message>
    <message>
        <source>hip joint %1 cm above the knee joint</source>
        <translation>Hüftgelenk %1 cm über dem Kniegelenk</translation>
    </message>
    <message>
        <source>%1 cm outside each ring mark</source>
        <translation>%1 cm außerhalb jeder Ringmarke</translation>
    </message>
    <message>
        <source>heels %1 cm</source>
        <translation>Fersen %1 cm</translation>
    </message>
    <message>
        <source>raised %1 mm</source>
        <translation>um %1 mm erhöht</translation>
    </message>
    <message>
        <source>hands %1 cm</source>
        <translation>Hände %1 cm</translation>
    </message>
    <message>
        <source>Shoulder width is the common start.</source>
        <translation>Schulterbreit ist der gewöhnliche Anfang.</translation>
    </message>
    <message>
        <source>The hips are wider than the shoulders: the legs get their room first.</source>
        <translation>Die Hüften sind breiter als die Schultern: Zuerst bekommen die Beine ihren Platz.</translation>
    </message>
    <message>
        <source>Hip width suits those who squat upright.</source>
        <translation>Hüftbreit passt zu denen, die aufrecht beugen.</translation>
    </message>
    <message>
        <source>The thighs are long for the height; a wider stance shortens them as the balance sees them.</source>
        <translation>Die Oberschenkel sind lang für die Größe; ein breiterer Stand verkürzt sie für das Gleichgewicht.</translation>
    </message>
    <message>
        <source>Long thighs on a short trunk usually end at a middle position.</source>
        <translation>Lange Oberschenkel an kurzem Rumpf enden meist bei einer mittleren Lage.</translation>
    </message>
    <message>
        <source>The ankle stops the shin before the load is shared as asked; the heel frees it.</source>
        <translation>Der Knöchel hält das Schienbein auf, bevor die Last so verteilt ist wie verlangt; die Ferse befreit es.</translation>
    </message>
    <message>
        <source>The ankle gives enough without a raised heel.</source>
        <translation>Der Knöchel gibt genug ohne erhöhte Ferse.</translation>
    </message>
    <message>
        <source>Follows from the stance.</source>
        <translation>Folgt aus dem Stand.</translation>
    </message>
    <message>
        <source>The chosen school asks for it.</source>
        <translation>Die gewählte Schule verlangt es.</translation>
    </message>
    <message>
        <source>Spares the sore knee: wider, shin nearer to vertical.</source>
        <translation>Schont das schmerzende Knie: breiter, Schienbein steiler.</translation>
    </message>
    <message>
        <source>Spares the sore knee: less deep for a while.</source>
        <translation>Schont das schmerzende Knie: eine Weile weniger tief.</translation>
    </message>
    <message>
        <source>Spares the sore hip: narrower; bone shape is not stretched away.</source>
        <translation>Schont die schmerzende Hüfte: schmaler; die Form der Knochen lässt sich nicht wegdehnen.</translation>
    </message>
    <message>
        <source>Spares the sore shoulder or elbow.</source>
        <translation>Schont die schmerzende Schulter oder den Ellbogen.</translation>
    </message>
    <message>
        <source>Spares the sore back: the trunk stays more upright.</source>
        <translation>Schont den schmerzenden Rücken: Der Rumpf bleibt aufrechter.</translation>
    </message>
    <message>
        <source>A held breath raises the blood pressure; breathe in on the way down and out on the way up, with lower loads.</source>
        <translation>Angehaltener Atem hebt den Blutdruck; auf dem Weg hinab ein, hinauf aus, mit kleineren Lasten.</translation>
    </message>
    <message>
        <source>Where the solved posture of this body puts it.</source>
        <translation>Wohin die gelöste Haltung dieses Körpers es setzt.</translation>
    </message>
    <message>
        <source>At about the middle of the breast-bone, so that nobody tip-toes it out.</source>
        <translation>Etwa auf der Mitte des Brustbeins, damit sie niemand auf Zehen herausheben muss.</translation>
    </message>
    <message>
        <source>Twice the distance between the shoulder points; the forearms must stand upright at the touch.</source>
        <translation>Das Doppelte des Abstands der Schulterpunkte; die Unterarme müssen beim Aufsetzen senkrecht stehen.</translation>
    </message>
    <message>
        <source>The ring marks, 81 cm apart, make it repeatable; not outside them.</source>
        <translation>Die Ringmarken, 81 cm auseinander, machen es wiederholbar; nicht außerhalb davon.</translation>
    </message>
    <message>
        <source>The usual start.</source>
        <translation>Der übliche Anfang.</translation>
    </message>
    <message>
        <source>The trunk stays clearly more upright this way. Try both and compare.</source>
        <translation>So bleibt der Rumpf deutlich aufrechter. Probier beides und vergleich.</translation>
    </message>
    <message>
        <source>The trunk leans no further than is usual for this style. Try both and compare.</source>
        <translation>Der Rumpf neigt sich nicht weiter als für diesen Stil üblich. Probier beides und vergleich.</translation>
    </message>
    <message>
        <source>Heavy against body weight: one hand turned, that hand slightly wider.</source>
        <translation>Schwer gegen das Körpergewicht: eine Hand gedreht, diese Hand etwas weiter.</translation>
    </message>
    <message>
        <source>Heavy against body weight, and the fingers are long enough to hook.</source>
        <translation>Schwer gegen das Körpergewicht, und die Finger sind lang genug für den Haken.</translation>
    </message>
    <message>
        <source>More than twice body weight: straps for the heaviest sets, back-offs without.</source>
        <translation>Mehr als das doppelte Körpergewicht: Zughilfen für die schwersten Sätze, leichtere ohne.</translation>
    </message>
    <message>
        <source>As narrow as the shoulders allow without bending the wrists; go wider if they complain.</source>
        <translation>So eng, wie die Schultern es erlauben, ohne die Handgelenke zu beugen; weiter, wenn sie sich beschweren.</translation>
    </message>
    <message>
        <source>Long arms need room; keep the wrists straight.</source>
        <translation>Lange Arme brauchen Platz; halt die Handgelenke gerade.</translation>
    </message>
    <message>
        <source>As the newest screen found.</source>
        <translation>Wie der neueste Test fand.</translation>
    </message>
    <message>
        <source>The back gives way at the bottom: stop just above it.</source>
        <translation>Der Rücken gibt unten nach: Halt knapp darüber.</translation>
    </message>
    <message>
        <source>In the toe touch the hips stay forward; the bar will want to drift away.</source>
        <translation>Beim Zehengriff bleibt die Hüfte vorn; die Stange wird wegwandern wollen.</translation>
    </message>
    <message>
        <source>The federation asks for it.</source>
        <translation>Der Verband verlangt es.</translation>
    </message>
    <message>
        <source>A start only: move within a hand&apos;s breadth until hamstrings and quads are both loaded.</source>
        <translation>Nur ein Anfang: Verschieb um eine Handbreit, bis hinten und vorn am Oberschenkel gleich belastet sind.</translation>
    </message>
    <message>
        <source>As the coach set it.</source>
        <translation>Wie der Coach es gesetzt hat.</translation>
    </message>
    <message>
        <source>A complaint of 4/10 or more is open. No load is raised; see a licensed clinician before loading.</source>
        <translation>Eine Beschwerde von 4/10 oder mehr ist offen. Keine Last wird erhöht; vor dem Heben zur Ärztin oder zum Arzt.</translation>
    </message>
    <message>
        <source>High blood pressure: see a licensed clinician before loading; no held breath, lower loads.</source>
        <translation>Hoher Blutdruck: vor dem Heben zur Ärztin oder zum Arzt; kein angehaltener Atem, kleinere Lasten.</translation>
    </message>
    <message>
        <source>No posture exists with this set-up. Change stance, heel or depth; do not force it.</source>
        <translation>Mit dieser Einstellung gibt es keine Haltung. Ändere Stand, Ferse oder Tiefe; erzwinge nichts.</translation>
    </message>
    <message>
        <source>Thigh or trunk is only estimated from the height. Measure them before trusting the posture.</source>
        <translation>Oberschenkel oder Rumpf ist nur aus der Größe geschätzt. Miss sie, bevor du der Haltung traust.</translation>
    </message>
    <message>
        <source>the shin leans as far as the ankle allows</source>
        <translation>das Schienbein sich so weit neigt, wie der Knöchel erlaubt</translation>
    </message>
    <message>
        <source>the knee bends as far as it can</source>
        <translation>das Knie sich beugt, so weit es kann</translation>
    </message>
    <message>
        <source>the hip bends as far as it can</source>
        <translation>die Hüfte sich beugt, so weit sie kann</translation>
    </message>
    <message>
        <source>the trunk would lean too far</source>
        <translation>der Rumpf sich zu weit neigen würde</translation>
    </message>
    <message>
        <source>the feet stand too far apart for these legs</source>
        <translation>die Füße für diese Beine zu weit auseinander stehen</translation>
    </message>
    <message>
        <source>this is deeper than the thigh is long</source>
        <translation>das tiefer ist, als der Oberschenkel lang ist</translation>
    </message>
    <message>
        <source>no lean of the trunk brings the load over mid-foot</source>
        <translation>keine Neigung des Rumpfes die Last über die Fußmitte bringt</translation>
    </message>
    <message>
        <source>the bar cannot lie against the shin at this height</source>
        <translation>die Stange in dieser Höhe nicht am Schienbein liegen kann</translation>
    </message>
    <message>
        <source>the hands stand too far apart for these arms</source>
        <translation>die Hände für diese Arme zu weit auseinander stehen</translation>
    </message>
    <message>
        <source>arms, trunk and thigh do not meet at the bar</source>
        <translation>Arme, Rumpf und Oberschenkel an der Stange nicht zusammenkommen</translation>
    </message>
    <message>
        <source>the shin would lean further than the ankle allows</source>
        <translation>das Schienbein sich weiter neigen müsste, als der Knöchel erlaubt</translation>
    </message>
    <message>
        <source>the upper arm does not reach out to this grip</source>
        <translation>der Oberarm nicht bis zu diesem Griff hinausreicht</translation>
    </message>
    <message>
        <source>the grip is too narrow for upright forearms</source>
        <translation>der Griff für senkrechte Unterarme zu eng ist</translation>
    </message>
    <message>
        <source>Thigh</source>
        <translation>Oberschenkel</translation>
    </message>
    <message>
        <source>Shank</source>
        <translation>Unterschenkel</translation>
    </message>
    <message>
        <source>Trunk</source>
        <translation>Rumpf</translation>
    </message>
    <message>
        <source>Upper arm</source>
        <translation>Oberarm</translation>
    </message>
    <message>
        <source>Forearm</source>
        <translation>Unterarm</translation>
    </message>
    <message>
        <source>Hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>Foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>Clavicle</source>
        <translation>Schlüsselbein</translation>
    </message>
    <message>
        <source>Shoulder width</source>
        <translation>Schulterbreite</translation>
    </message>
    <message>
        <source>Hip width</source>
        <translation>Hüftbreite</translation>
    </message>
    <message>
        <source>by hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>from clips</source>
        <translation>aus Filmen</translation>
    </message>
    <message>
        <source>estimated from the height</source>
        <translation>aus der Größe geschätzt</translation>
    </message>
    <message>
        <source>usual</source>
        <translation>üblich</translation>
    </message>
    <message>
        <source>very wide for the height</source>
        <translation>sehr breit für die Größe</translation>
    </message>
    <message>
        <source>very narrow for the height</source>
        <translation>sehr schmal für die Größe</translation>
    </message>
    <message>
        <source>wide for the height</source>
        <translation>breit für die Größe</translation>
    </message>
    <message>
        <source>narrow for the height</source>
        <translation>schmal für die Größe</translation>
    </message>
    <message>
        <source>very long for the height</source>
        <translation>sehr lang für die Größe</translation>
    </message>
    <message>
        <source>very short for the height</source>
        <translation>sehr kurz für die Größe</translation>
    </message>
    <message>
        <source>long for the height</source>
        <translation>lang für die Größe</translation>
    </message>
    <message>
        <source>short for the height</source>
        <translation>kurz für die Größe</translation>
    </message>
    <message>
        <source>long thighs</source>
        <translation>lange Oberschenkel</translation>
    </message>
    <message>
        <source>short thighs</source>
        <translation>kurze Oberschenkel</translation>
    </message>
    <message>
        <source>long shanks</source>
        <translation>lange Unterschenkel</translation>
    </message>
    <message>
        <source>short shanks</source>
        <translation>kurze Unterschenkel</translation>
    </message>
    <message>
        <source>a long trunk</source>
        <translation>ein langer Rumpf</translation>
    </message>
    <message>
        <source>a short trunk</source>
        <translation>ein kurzer Rumpf</translation>
    </message>
    <message>
        <source>long arms</source>
        <translation>lange Arme</translation>
    </message>
    <message>
        <source>short arms</source>
        <translation>kurze Arme</translation>
    </message>
    <message>
        <source>wide shoulders</source>
        <translation>breite Schultern</translation>
    </message>
    <message>
        <source>narrow shoulders</source>
        <translation>schmale Schultern</translation>
    </message>
    <message>
        <source>wide hips</source>
        <translation>breite Hüften</translation>
    </message>
    <message>
        <source>narrow hips</source>
        <translation>schmale Hüften</translation>
    </message>
    <message>
        <source>Usual proportions for the height.</source>
        <translation>Übliche Verhältnisse für die Größe.</translation>
    </message>
    <message>
        <source>Nothing is measured yet but the height: the proportions are only usual ones.</source>
        <translation>Außer der Größe ist noch nichts gemessen: Die Verhältnisse sind nur die üblichen.</translation>
    </message>
    <message>
        <source>%1 and %2</source>
        <translation>%1 und %2</translation>
    </message>
    <message>
        <source>%1 for the height.</source>
        <translation>%1 für die Größe.</translation>
    </message>
    <message>
        <source>Stiff ankles.</source>
        <translation>Steife Knöchel.</translation>
    </message>
    <message>
        <source>high bar</source>
        <translation>high bar</translation>
    </message>
    <message>
        <source>middle bar</source>
        <translation>middle bar</translation>
    </message>
    <message>
        <source>low bar</source>
        <translation>low bar</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>safety bar</source>
        <translation>Sicherheitsstange</translation>
    </message>
    <message>
        <source>no school</source>
        <translation>keine Schule</translation>
    </message>
    <message>
        <source>hip-led</source>
        <translation>aus der Hüfte</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>aufrecht</translation>
    </message>
    <message>
        <source>wide competition</source>
        <translation>weit, Wettkampf</translation>
    </message>
    <message>
        <source>knee-sparing</source>
        <translation>knieschonend</translation>
    </message>
    <message>
        <source>knee-loading</source>
        <translation>kniebelastend</translation>
    </message>
    <message>
        <source>competition</source>
        <translation>Wettkampf</translation>
    </message>
    <message>
        <source>development</source>
        <translation>Aufbau</translation>
    </message>
    <message>
        <source>by geometry</source>
        <translation>nach der Geometrie</translation>
    </message>
    <message>
        <source>by felt tension</source>
        <translation>nach gefühlter Spannung</translation>
    </message>
    <message>
        <source>lifting shoes</source>
        <translation>Heberschuhe</translation>
    </message>
    <message>
        <source>flat shoes</source>
        <translation>flache Schuhe</translation>
    </message>
    <message>
        <source>heel wedge</source>
        <translation>Fersenkeil</translation>
    </message>
    <message>
        <source>belt</source>
        <translation>belt</translation>
    </message>
    <message>
        <source>knee sleeves</source>
        <translation>Kniebandagen</translation>
    </message>
    <message>
        <source>wrist wraps</source>
        <translation>Handgelenkbandagen</translation>
    </message>
    <message>
        <source>blocks</source>
        <translation>Blöcke</translation>
    </message>
    <message>
        <source>dumbbells</source>
        <translation>Kurzhanteln</translation>
    </message>
    <message>
        <source>kettlebell</source>
        <translation>Kugelhantel</translation>
    </message>
    <message>
        <source>feet flat</source>
        <translation>Füße flach</translation>
    </message>
    <message>
        <source>pause on the chest</source>
        <translation>Pause auf der Brust</translation>
    </message>
    <message>
        <source>no straps</source>
        <translation>keine Zughilfen</translation>
    </message>
    <message>
        <source>ankle</source>
        <translation>Knöchel</translation>
    </message>
    <message>
        <source>knee</source>
        <translation>Knie</translation>
    </message>
    <message>
        <source>hip</source>
        <translation>Hüfte</translation>
    </message>
    <message>
        <source>back</source>
        <translation>Rücken</translation>
    </message>
    <message>
        <source>shoulder</source>
        <translation>Schulter</translation>
    </message>
    <message>
        <source>elbow</source>
        <translation>Ellbogen</translation>
    </message>
    <message>
        <source>wrist</source>
        <translation>Handgelenk</translation>
    </message>
    <message>
        <source>blood pressure</source>
        <translation>Blutdruck</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>both</source>
        <translation>beide</translation>
    </message>
    <message>
        <source>Toe touch</source>
        <translation>Zehengriff</translation>
    </message>
    <message>
        <source>Knee to wall</source>
        <translation>Knie zur Wand</translation>
    </message>
    <message>
        <source>Shoulder reach</source>
        <translation>Schulterreichweite</translation>
    </message>
    <message>
        <source>Bottom hold</source>
        <translation>Halten unten</translation>
    </message>
    <message>
        <source>Hip room</source>
        <translation>Hüftspielraum</translation>
    </message>
    <message>
        <source>Feet together, reach for the toes. Look from the side.</source>
        <translation>Füße zusammen, nach den Zehen greifen. Von der Seite hinsehen.</translation>
    </message>
    <message>
        <source>Knee to the wall with the heel down, foot as far back as it goes. Measure toe to wall.</source>
        <translation>Knie zur Wand mit der Ferse am Boden, der Fuß so weit hinten, wie es geht. Miss von der Zehe zur Wand.</translation>
    </message>
    <message>
        <source>Empty bar in the rack: reach it just under the ridge of the blades.</source>
        <translation>Leere Stange im Gestell: Greif sie knapp unter der Kante der Schulterblätter.</translation>
    </message>
    <message>
        <source>Body-weight squat, elbows inside the knees, stay at the bottom.</source>
        <translation>Kniebeuge ohne Last, Ellbogen innen an den Knien, unten bleiben.</translation>
    </message>
    <message>
        <source>Lying or squatting without weight: find the stance and toes at which depth is free of pain.</source>
        <translation>Liegend oder in der Hocke ohne Gewicht: Such Stand und Zehen, bei denen Tiefe schmerzfrei ist.</translation>
    </message>
    <message>
        <source>Do the hips move back?</source>
        <translation>Geht die Hüfte nach hinten?</translation>
    </message>
    <message>
        <source>Does the back round evenly?</source>
        <translation>Rundet sich der Rücken gleichmäßig?</translation>
    </message>
    <message>
        <source>Do the knees stay nearly straight?</source>
        <translation>Bleiben die Knie fast gestreckt?</translation>
    </message>
    <message>
        <source>Fingers over the floor, in cm?</source>
        <translation>Finger über dem Boden, in cm?</translation>
    </message>
    <message>
        <source>Left toe to the wall, in cm?</source>
        <translation>Linke Zehe zur Wand, in cm?</translation>
    </message>
    <message>
        <source>Right toe to the wall, in cm?</source>
        <translation>Rechte Zehe zur Wand, in cm?</translation>
    </message>
    <message>
        <source>Is the low place reached?</source>
        <translation>Wird die tiefe Lage erreicht?</translation>
    </message>
    <message>
        <source>Without pain?</source>
        <translation>Ohne Schmerz?</translation>
    </message>
    <message>
        <source>With straight wrists?</source>
        <translation>Mit geraden Handgelenken?</translation>
    </message>
    <message>
        <source>How narrow did the index fingers get, in cm?</source>
        <translation>Wie eng wurden die Zeigefinger, in cm?</translation>
    </message>
    <message>
        <source>Is the hip crease below the kneecap?</source>
        <translation>Ist die Hüftfalte unter der Kniescheibe?</translation>
    </message>
    <message>
        <source>Do the heels stay down?</source>
        <translation>Bleiben die Fersen unten?</translation>
    </message>
    <message>
        <source>Are the knees over the toes?</source>
        <translation>Sind die Knie über den Zehen?</translation>
    </message>
    <message>
        <source>Does the low back keep its shape?</source>
        <translation>Behält der untere Rücken seine Form?</translation>
    </message>
    <message>
        <source>Heels apart, in cm?</source>
        <translation>Fersen auseinander, in cm?</translation>
    </message>
    <message>
        <source>Toes out, in degrees?</source>
        <translation>Zehen nach außen, in Grad?</translation>
    </message>
    <message>
        <source>Free of pain there?</source>
        <translation>Dort frei von Schmerz?</translation>
    </message>
    <message>
        <source>in order</source>
        <translation>in Ordnung</translation>
    </message>
    <message>
        <source>hips stay forward</source>
        <translation>Hüfte bleibt vorn</translation>
    </message>
    <message>
        <source>back rounds unevenly</source>
        <translation>Rücken rundet ungleich</translation>
    </message>
    <message>
        <source>toes reached with a flat back</source>
        <translation>Zehen mit flachem Rücken erreicht</translation>
    </message>
    <message>
        <source>knees bend</source>
        <translation>Knie beugen sich</translation>
    </message>
    <message>
        <source>stiff ankle</source>
        <translation>steifer Knöchel</translation>
    </message>
    <message>
        <source>ankles differ</source>
        <translation>Knöchel verschieden</translation>
    </message>
    <message>
        <source>low bar out of reach</source>
        <translation>tiefe Lage außer Reichweite</translation>
    </message>
    <message>
        <source>low bar hurts</source>
        <translation>tiefe Lage schmerzt</translation>
    </message>
    <message>
        <source>wrists bend</source>
        <translation>Handgelenke beugen sich</translation>
    </message>
    <message>
        <source>does not get deep</source>
        <translation>kommt nicht tief</translation>
    </message>
    <message>
        <source>heels rise</source>
        <translation>Fersen heben ab</translation>
    </message>
    <message>
        <source>knees fall in</source>
        <translation>Knie fallen ein</translation>
    </message>
    <message>
        <source>low back gives way</source>
        <translation>unterer Rücken gibt nach</translation>
    </message>
    <message>
        <source>hips hurt</source>
        <translation>Hüften schmerzen</translation>
    </message>
    <message>
        <source>nothing answered</source>
        <translation>nichts beantwortet</translation>
    </message>
    <message>
        <source>The bar will be hard to keep back in the pull.</source>
        <translation>Die Stange wird beim Zug schwer hinten zu halten sein.</translation>
    </message>
    <message>
        <source>The range comes from one part of the back; watch the low back in the pull.</source>
        <translation>Die Weite kommt aus einem Teil des Rückens; achte beim Zug auf den unteren Rücken.</translation>
    </message>
    <message>
        <source>The range comes from elsewhere than the back.</source>
        <translation>Die Weite kommt von anderswo als aus dem Rücken.</translation>
    </message>
    <message>
        <source>The hamstrings are spared; the hips will start low.</source>
        <translation>Die Rückseite wird geschont; die Hüfte beginnt tief.</translation>
    </message>
    <message>
        <source>The shin stops early: heels raised or toes further out.</source>
        <translation>Das Schienbein hält früh an: Fersen höher oder Zehen weiter hinaus.</translation>
    </message>
    <message>
        <source>The stiffer side decides; look for a shift to the other.</source>
        <translation>Die steifere Seite entscheidet; achte auf ein Ausweichen zur anderen.</translation>
    </message>
    <message>
        <source>The bar goes no lower than the middle, hands wider.</source>
        <translation>Die Stange geht nicht tiefer als bis zur Mitte, Hände weiter.</translation>
    </message>
    <message>
        <source>Hands wider, or wraps.</source>
        <translation>Hände weiter, oder Bandagen.</translation>
    </message>
    <message>
        <source>Try stance, toes and heels before loading depth.</source>
        <translation>Probier Stand, Zehen und Fersen, bevor du die Tiefe belastest.</translation>
    </message>
    <message>
        <source>Heels raised, toes out.</source>
        <translation>Fersen höher, Zehen hinaus.</translation>
    </message>
    <message>
        <source>Toes a little further out; the knees follow them.</source>
        <translation>Zehen etwas weiter hinaus; die Knie folgen ihnen.</translation>
    </message>
    <message>
        <source>Depth ends just above it.</source>
        <translation>Die Tiefe endet knapp darüber.</translation>
    </message>
    <message>
        <source>Not this stance: narrower. Bones do not stretch.</source>
        <translation>Nicht dieser Stand: schmaler. Knochen dehnen sich nicht.</translation>
    </message>
    <message>
        <source>Crease above kneecap</source>
        <translation>Falte über Kniescheibe</translation>
    </message>
    <message>
        <source>Trunk change</source>
        <translation>Änderung am Rumpf</translation>
    </message>
    <message>
        <source>Bar in front of mid-foot</source>
        <translation>Stange vor der Fußmitte</translation>
    </message>
    <message>
        <source>Mean speed up</source>
        <translation>Mittleres Tempo hinauf</translation>
    </message>
    <message>
        <source>Effort</source>
        <translation>Anstrengung</translation>
    </message>
    <message>
        <source>Comfort</source>
        <translation>Wohlbefinden</translation>
    </message>
    <message>
        <source>no sets at equal load</source>
        <translation>keine Sätze gleicher Last</translation>
    </message>
    <message>
        <source>not measured yet</source>
        <translation>noch nicht gemessen</translation>
    </message>
    <message>
        <source>not enough sets to tell: %1 and %2, %3 of each needed</source>
        <translation>zu wenige Sätze: %1 und %2, %3 von jeder nötig</translation>
    </message>
    <message>
        <source>difference %1</source>
        <translation>Unterschied %1</translation>
    </message>
    <message>
        <source> at %1</source>
        <translation> bei %1</translation>
    </message>
    <message>
        <source>: no difference seen</source>
        <translation>: kein Unterschied gesehen</translation>
    </message>
    <message>
        <source>: better with “%1”</source>
        <translation>: besser mit „%1“</translation>
    </message>
    <message>
        <source>“%1” has worked: last time “%2”, this time not.</source>
        <translation>„%1“ hat gewirkt: letztes Mal „%2“, diesmal nicht.</translation>
    </message>
    <message>
        <source>%1, %2: %3 × %4</source>
        <translation>%1, %2: %3 × %4</translation>
    </message>
    <message>
        <source>A picture of the film: %1.</source>
        <translation>Ein Bild aus dem Film: %1.</translation>
    </message>
    <message>
        <source>Nothing to change: do the same again.</source>
        <translation>Nichts zu ändern: noch einmal so.</translation>
    </message>
    <message>
        <source>This set was not judged on film.</source>
        <translation>Dieser Satz wurde nicht am Film beurteilt.</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>What was good</source>
        <translation>Was gut war</translation>
    </message>
    <message>
        <source>The one thing to change</source>
        <translation>Das Eine, das zu ändern ist</translation>
    </message>
    <message>
        <source>Next time</source>
        <translation>Nächstes Mal</translation>
    </message>
    <message>
        <source>The bar&apos;s way in each rep: dotted down, solid up, sideways three times as large.</source>
        <translation>Der Weg der Stange in jeder Wiederholung: gepunktet hinab, durchgezogen hinauf, seitwärts dreifach vergrößert.</translation>
    </message>
    <message>
        <source>Lifted next</source>
        <translation>Als Nächstes gehoben</translation>
    </message>
    <message>
        <source>From your coach</source>
        <translation>Von deinem Coach</translation>
    </message>
    <message>
        <source>Set-up: %1</source>
        <translation>Einstellung: %1</translation>
    </message>
    <message>
        <source>the word</source>
        <translation>das Wort</translation>
    </message>
    <message>
        <source>your eye</source>
        <translation>dein Auge</translation>
    </message>
    <message>
        <source>the bar&apos;s speed</source>
        <translation>das Tempo der Stange</translation>
    </message>
    <message>
        <source>a single of %1</source>
        <translation>ein Einzelner mit %1</translation>
    </message>
    <message>
        <source>%1 × %2 × %3</source>
        <translation>%1 × %2 × %3</translation>
    </message>
    <message>
        <source> at effort %1</source>
        <translation> bei Anstrengung %1</translation>
    </message>
    <message>
        <source>, ended when a rep is slower than %1 m/s</source>
        <translation>, beendet, wenn eine Wiederholung langsamer als %1 m/s ist</translation>
    </message>
    <message>
        <source>Done for today</source>
        <translation>Für heute fertig</translation>
    </message>
    <message>
        <source>From the empty bar in even steps: %1 to %2, %3 reps each</source>
        <translation>Von der leeren Stange in gleichen Schritten: %1 bis %2, je %3 Wiederholungen</translation>
    </message>
    <message>
        <source>, then </source>
        <translation>, dann </translation>
    </message>
    <message>
        <source>Nothing is known of this lift yet: climb in even steps and stop where form or effort says so.</source>
        <translation>Von dieser Hebung ist noch nichts bekannt: Steig in gleichen Schritten und hör auf, wo Form oder Anstrengung es sagt.</translation>
    </message>
    <message>
        <source>The first single: from the sets so far, on the lower side of what they show.</source>
        <translation>Der erste Einzelne: aus den Sätzen bisher, eher vorsichtig.</translation>
    </message>
    <message>
        <source>Form held at %1 and it was no grind: one step more.</source>
        <translation>Die Form hielt bei %1, und es war kein Kampf: ein Schritt mehr.</translation>
    </message>
    <message>
        <source>The single stays at %1 until the gain of %2 % a week makes a step.</source>
        <translation>Der Einzelne bleibt bei %1, bis der Zuwachs von %2 % in der Woche einen Schritt ergibt.</translation>
    </message>
    <message>
        <source>The single of %1 stayed at its effort: up by the gain of %2 % a week.</source>
        <translation>Der Einzelne mit %1 blieb bei seiner Anstrengung: hinauf um den Zuwachs von %2 % in der Woche.</translation>
    </message>
    <message>
        <source>By the bar&apos;s speeds %1 % of the best single; one step up at most.</source>
        <translation>Nach dem Tempo der Stange %1 % des besten Einzelnen; höchstens ein Schritt hinauf.</translation>
    </message>
    <message>
        <source>%1 % of the single of today.</source>
        <translation>%1 % des Einzelnen von heute.</translation>
    </message>
    <message>
        <source>It was felt as effort %1, and %2 was meant to be the most.</source>
        <translation>Es fühlte sich an wie Anstrengung %1, und %2 sollte das Höchste sein.</translation>
    </message>
    <message>
        <source>A pain note of %1/10 is open: nothing is added to %2.</source>
        <translation>Eine Schmerznotiz von %1/10 ist offen: Zu %2 kommt nichts dazu.</translation>
    </message>
    <message>
        <source>Illness was noted: %1 % less in the first session after.</source>
        <translation>Krankheit war notiert: %1 % weniger in der ersten Einheit danach.</translation>
    </message>
    <message>
        <source>%1 days without this lift; more than %2 are a break, so it starts lower.</source>
        <translation>%1 Tage ohne diese Hebung; mehr als %2 sind eine Pause, also beginnt es niedriger.</translation>
    </message>
    <message>
        <source>Reps were missed twice in a row: less, and up again from there.</source>
        <translation>Zweimal hintereinander fehlten Wiederholungen: weniger, und von dort wieder hinauf.</translation>
    </message>
    <message>
        <source>One rep was missed: not more than %1.</source>
        <translation>Eine Wiederholung fehlte: nicht mehr als %1.</translation>
    </message>
    <message>
        <source>%1 reps were missed: not more than %2.</source>
        <translation>%1 Wiederholungen fehlten: nicht mehr als %2.</translation>
    </message>
    <message>
        <source>Technique first: %1 % less until it is repaired.</source>
        <translation>Zuerst die Technik: %1 % weniger, bis sie stimmt.</translation>
    </message>
    <message>
        <source>What was seen holds the load at %1.</source>
        <translation>Was zu sehen war, hält die Last bei %1.</translation>
    </message>
    <message>
        <source>The film could not be judged, so nothing is added to %1.</source>
        <translation>Der Film ließ sich nicht beurteilen, also kommt zu %1 nichts dazu.</translation>
    </message>
    <message>
        <source>Held at %1 for %2 sessions: %3 % less, and built up anew.</source>
        <translation>Bei %1 seit %2 Einheiten: %3 % weniger, und neu aufgebaut.</translation>
    </message>
    <message>
        <source>Slower than this load has ever been, by %1 m/s: less today.</source>
        <translation>Langsamer, als diese Last je war, um %1 m/s: heute weniger.</translation>
    </message>
    <message>
        <source>More of the same.</source>
        <translation>Mehr vom Gleichen.</translation>
    </message>
    <message>
        <source>What was planned for today is done.</source>
        <translation>Was für heute geplant war, ist getan.</translation>
    </message>
    <message>
        <source>a set with nothing big and at most two small deviations brings the next step</source>
        <translation>ein Satz ohne Großes und mit höchstens zwei kleinen Abweichungen bringt den nächsten Schritt</translation>
    </message>
    <message>
        <source>something big on two reps takes a tenth off</source>
        <translation>etwas Großes in zwei Wiederholungen nimmt ein Zehntel weg</translation>
    </message>
    <message>
        <source>felt easier, it goes on</source>
        <translation>fühlt es sich leichter an, geht es weiter</translation>
    </message>
    <message>
        <source>felt harder than asked, it is held</source>
        <translation>fühlt es sich schwerer an als verlangt, wird gehalten</translation>
    </message>
    <message>
        <source>all reps done, it goes on</source>
        <translation>sind alle Wiederholungen getan, geht es weiter</translation>
    </message>
    <message>
        <source>it goes on when the note is closed</source>
        <translation>es geht weiter, wenn die Notiz geschlossen ist</translation>
    </message>
    <message>
        <source>a film that can be judged lets it go on</source>
        <translation>ein Film, der sich beurteilen lässt, lässt es weitergehen</translation>
    </message>
    <message>
        <source>a faster bar brings more</source>
        <translation>eine schnellere Stange bringt mehr</translation>
    </message>
    <message>
        <source>a slower one less</source>
        <translation>eine langsamere weniger</translation>
    </message>
    <message>
        <source>Pain is open: stop where it hurts, and see a licensed clinician before loading.</source>
        <translation>Ein Schmerz ist offen: Hör auf, wo es weh tut, und geh vor dem Heben zur Ärztin oder zum Arzt.</translation>
    </message>
    <message>
        <source>After illness: the first session is a light one; a clinician&apos;s word goes before any plan.</source>
        <translation>Nach Krankheit: Die erste Einheit ist leicht; das Wort der Ärztin oder des Arztes geht vor jedem Plan.</translation>
    </message>
    <message>
        <source>Safeties and spotters; nobody presses alone without them. Local rules come first.</source>
        <translation>Ablagen und Helfer; niemand drückt ohne sie allein. Regeln des Ortes gelten zuerst.</translation>
    </message>
    <message>
        <source>Young or new: a qualified person is present; range and load are scaled down first.</source>
        <translation>Jung oder neu: Eine befähigte Person ist dabei; Bewegungsumfang und Last werden zuerst verkleinert.</translation>
    </message>
    <message>
        <source>The last sets were not judged on film: it goes by your eye.</source>
        <translation>Die letzten Sätze wurden nicht am Film beurteilt: Es geht nach deinem Auge.</translation>
    </message>
    <message>
        <source>narrower and heavier</source>
        <translation>enger und schwerer</translation>
    </message>
    <message>
        <source>test</source>
        <translation>Test</translation>
    </message>
    <message>
        <source>%1 kg (%2 to %3)</source>
        <translation>%1 kg (%2 bis %3)</translation>
    </message>
    <message>
        <source>Reps against load by the middle of seven published relations, and what these sets add.</source>
        <translation>Wiederholungen gegen Last nach der Mitte von sieben veröffentlichten Beziehungen, und was diese Sätze dazu sagen.</translation>
    </message>
    <message>
        <source>Reps against load as these sets show it: closest to %1&apos;s relation.</source>
        <translation>Wiederholungen gegen Last, wie diese Sätze sie zeigen: am nächsten an der Beziehung von %1.</translation>
    </message>
    <message>
        <source>Open with %1, then %2, third %3.</source>
        <translation>Beginn mit %1, dann %2, zuletzt %3.</translation>
    </message>
    <message>
        <source>%1 is out of reach by that day, as things stand.</source>
        <translation>%1 ist bis zu dem Tag außer Reichweite, wie es steht.</translation>
    </message>
    <message>
        <source>%1 is as good as certain by that day.</source>
        <translation>%1 ist bis zu dem Tag so gut wie sicher.</translation>
    </message>
    <message>
        <source>About %1 in 10 that %2 goes on that day.</source>
        <translation>Etwa %1 von 10, dass %2 an dem Tag gelingt.</translation>
    </message>
    <message>
        <source>ill</source>
        <translation>krank</translation>
    </message>
    <message>
        <source>short sleep</source>
        <translation>wenig Schlaf</translation>
    </message>
    <message>
        <source>no belt</source>
        <translation>ohne Gürtel</translation>
    </message>
    <message>
        <source>other shoes</source>
        <translation>andere Schuhe</translation>
    </message>
    <message>
        <source>%1 left by %2, %3 by %4.</source>
        <translation>%1 übrig nach %2, %3 nach %4.</translation>
    </message>
    <message>
        <source>%1 ± %2 reps left</source>
        <translation>%1 ± %2 Wiederholungen übrig</translation>
    </message>
    <message>
        <source>%1 instead of %2</source>
        <translation>%1 statt %2</translation>
    </message>
    <message>
        <source>%1: it held.</source>
        <translation>%1: Es hielt.</translation>
    </message>
    <message>
        <source>%1: form broke down.</source>
        <translation>%1: Die Form brach ein.</translation>
    </message>
    <message>
        <source>%1: reps were missed.</source>
        <translation>%1: Wiederholungen fehlten.</translation>
    </message>
    <message>
        <source>%1: not lifted yet.</source>
        <translation>%1: noch nicht gehoben.</translation>
    </message>
    <message>
        <source>%1: %2 × %3 to %4</source>
        <translation>%1: %2 × %3 bis %4</translation>
    </message>
    <message>
        <source>, from %1</source>
        <translation>, mit %1</translation>
    </message>
    <message>
        <source>, from %1 to %2</source>
        <translation>, mit %1 bis %2</translation>
    </message>
    <message>
        <source>For “%1”.</source>
        <translation>Für „%1“.</translation>
    </message>
    <message>
        <source>In the place of: %1, for which something is missing.</source>
        <translation>An der Stelle von: %1, wofür etwas fehlt.</translation>
    </message>
    <message>
        <source>Safeties and collars always, spotters for heavy sets. A start to try out, no verdict: pain, numbness or dizziness means stop and see a licensed clinician. The gym&apos;s own rules come first.</source>
        <translation>Ablagen und Verschlüsse immer, Helfer bei schweren Sätzen. Ein Anfang zum Ausprobieren, kein Urteil: Schmerz, Taubheit oder Schwindel heißt aufhören und zur Ärztin oder zum Arzt. Die Regeln der Halle gelten zuerst.</translation>
    </message>
    <message>
        <source>Nobody benches alone without safeties. A start to try out, no verdict: pain, numbness or dizziness means stop and see a licensed clinician. The gym&apos;s own rules come first.</source>
        <translation>Niemand drückt allein ohne Ablagen. Ein Anfang zum Ausprobieren, kein Urteil: Schmerz, Taubheit oder Schwindel heißt aufhören und zur Ärztin oder zum Arzt. Die Regeln der Halle gelten zuerst.</translation>
    </message>
    <message>
        <source>Collars on. A start to try out, no verdict: pain, numbness or dizziness means stop and see a licensed clinician. The gym&apos;s own rules come first.</source>
        <translation>Verschlüsse an. Ein Anfang zum Ausprobieren, kein Urteil: Schmerz, Taubheit oder Schwindel heißt aufhören und zur Ärztin oder zum Arzt. Die Regeln der Halle gelten zuerst.</translation>
    </message>
    <message>
        <source>%1 lb (%2)</source>
        <translation>%1 lb (%2)</translation>
    </message>
    <message>
        <source>no rep</source>
        <translation>keine Wiederholung</translation>
    </message>
    <message>
        <source>rep %1</source>
        <translation>Wiederholung %1</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>reps %1</source>
        <translation>Wiederholungen %1</translation>
    </message>
    <message>
        <source>reps %1 and %2</source>
        <translation>Wiederholungen %1 und %2</translation>
    </message>
    <message>
        <source>squat</source>
        <translation>Kniebeuge</translation>
    </message>
    <message>
        <source>bench press</source>
        <translation>Bankdrücken</translation>
    </message>
    <message>
        <source>deadlift</source>
        <translation>Kreuzheben</translation>
    </message>
    <message>
        <source>begins before the film</source>
        <translation>beginnt vor dem Film</translation>
    </message>
    <message>
        <source>goes on after the film</source>
        <translation>geht nach dem Film weiter</translation>
    </message>
    <message>
        <source>sank back</source>
        <translation>sank zurück</translation>
    </message>
    <message>
        <source>short</source>
        <translation>kurz</translation>
    </message>
    <message>
        <source>taking it out</source>
        <translation>Herausheben</translation>
    </message>
    <message>
        <source>walk-out</source>
        <translation>Antritt</translation>
    </message>
    <message>
        <source>set-up</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>way down</source>
        <translation>Weg hinab</translation>
    </message>
    <message>
        <source>below the knee, down</source>
        <translation>unter dem Knie, hinab</translation>
    </message>
    <message>
        <source>on the chest</source>
        <translation>auf der Brust</translation>
    </message>
    <message>
        <source>bottom</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>off the floor</source>
        <translation>vom Boden</translation>
    </message>
    <message>
        <source>way up</source>
        <translation>Weg hinauf</translation>
    </message>
    <message>
        <source>sticking</source>
        <translation>Haftpunkt</translation>
    </message>
    <message>
        <source>past the knee</source>
        <translation>am Knie vorbei</translation>
    </message>
    <message>
        <source>lock-out</source>
        <translation>Streckung</translation>
    </message>
    <message>
        <source>on the floor</source>
        <translation>auf dem Boden</translation>
    </message>
    <message>
        <source>putting it back</source>
        <translation>Zurücklegen</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>Lean from vertical</source>
        <translation>Neigung von der Senkrechten</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>Time between</source>
        <translation>Zeit dazwischen</translation>
    </message>
    <message>
        <source>from the right</source>
        <translation>von rechts</translation>
    </message>
    <message>
        <source>from the left</source>
        <translation>von links</translation>
    </message>
    <message>
        <source>from the side</source>
        <translation>von der Seite</translation>
    </message>
    <message>
        <source>from the foot end</source>
        <translation>vom Fußende</translation>
    </message>
    <message>
        <source>from the front</source>
        <translation>von vorn</translation>
    </message>
    <message>
        <source>from the head end</source>
        <translation>vom Kopfende</translation>
    </message>
    <message>
        <source>from the rear</source>
        <translation>von hinten</translation>
    </message>
    <message>
        <source>heel</source>
        <translation>Ferse</translation>
    </message>
    <message>
        <source>toe</source>
        <translation>Zehe</translation>
    </message>
    <message>
        <source>ear</source>
        <translation>Ohr</translation>
    </message>
    <message>
        <source>low back</source>
        <translation>unterer Rücken</translation>
    </message>
    <message>
        <source>middle of the back</source>
        <translation>Rückenmitte</translation>
    </message>
    <message>
        <source>left %1</source>
        <translation>%1 links</translation>
    </message>
    <message>
        <source>right %1</source>
        <translation>%1 rechts</translation>
    </message>
    <message>
        <source>hip, knee and shoulder are not placed; put the figure on the lifter</source>
        <translation>Hüfte, Knie und Schulter sind nicht gesetzt; leg die Figur auf den Hebenden</translation>
    </message>
    <message>
        <source>heel and toe are not placed, so mid-foot is unknown</source>
        <translation>Ferse und Zehe sind nicht gesetzt, also ist die Fußmitte unbekannt</translation>
    </message>
    <message>
        <source>it does not show from here; film from the side</source>
        <translation>man sieht es von hier nicht; film von der Seite</translation>
    </message>
    <message>
        <source>the film does not show that part of the rep</source>
        <translation>der Film zeigt diesen Teil der Wiederholung nicht</translation>
    </message>
    <message>
        <source>the load is not known</source>
        <translation>die Last ist nicht bekannt</translation>
    </message>
    <message>
        <source>the lifter&apos;s height and weight are not known; enter them under Body</source>
        <translation>Größe und Gewicht sind nicht bekannt; gib sie unter Maße an</translation>
    </message>
    <message>
        <source>there is none in this rep</source>
        <translation>in dieser Wiederholung gibt es keins</translation>
    </message>
    <message>
        <source>the camera is turned by more than 30°; film more squarely from the side</source>
        <translation>die Kamera ist um mehr als 30° gedreht; film rechtwinkliger von der Seite</translation>
    </message>
    <message>
        <source>the bar was not seen at this moment</source>
        <translation>die Stange war in diesem Moment nicht zu sehen</translation>
    </message>
    <message>
        <source>the error is too large to mean anything</source>
        <translation>der Fehler ist zu groß, um etwas zu sagen</translation>
    </message>
    <message>
        <source>plates of %1 mm</source>
        <translation>Scheiben von %1 mm</translation>
    </message>
    <message>
        <source>an empty bar</source>
        <translation>eine leere Stange</translation>
    </message>
    <message>
        <source>dumbbells of %1 mm</source>
        <translation>Kurzhanteln von %1 mm</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>dumbbell</source>
        <translation>Kurzhantel</translation>
    </message>
    <message>
        <source>The program found the joints itself, so they are less sure; drag any that is off.</source>
        <translation>Das Programm hat die Gelenke selbst gefunden, sie sind also weniger sicher; zieh, was danebenliegt.</translation>
    </message>
    <message>
        <source>A second plate of like size moves in this film. Check that the right bar is followed.</source>
        <translation>Eine zweite Scheibe ähnlicher Größe bewegt sich in diesem Film. Prüf, ob die richtige Stange verfolgt ist.</translation>
    </message>
    <message>
        <source>The bar is out of sight for more than a fifth of the film.</source>
        <translation>Die Stange ist in mehr als einem Fünftel des Films nicht zu sehen.</translation>
    </message>
    <message>
        <source>How far the camera is turned could not be read from the plate; a usual angle of up to 8° is assumed.</source>
        <translation>Wie weit die Kamera gedreht ist, ließ sich an der Scheibe nicht ablesen; ein üblicher Winkel bis 8° ist angenommen.</translation>
    </message>
    <message>
        <source>Which way the lifter faces is not known yet; place heel and toe.</source>
        <translation>Wohin der Hebende blickt, ist noch nicht bekannt; setz Ferse und Zehe.</translation>
    </message>
    <message>
        <source>Fewer than 20 pictures a second: speeds and turning points are coarse.</source>
        <translation>Weniger als 20 Bilder in der Sekunde: Tempo und Umkehrpunkte sind grob.</translation>
    </message>
    <message>
        <source>The film&apos;s clock jumps by more than a second: it was paused or cut there. A rep across the jump is not to be trusted.</source>
        <translation>Die Uhr des Films springt um mehr als eine Sekunde: Er wurde dort angehalten oder geschnitten. Einer Wiederholung über dem Sprung ist nicht zu trauen.</translation>
    </message>
    <message>
        <source>The camera was held by hand; its motion was taken out by what stands behind the lifter.</source>
        <translation>Die Kamera wurde in der Hand gehalten; ihre Bewegung wurde mit Hilfe dessen herausgenommen, was hinter dem Hebenden steht.</translation>
    </message>
    <message>
        <source>The camera was held by hand, and too little stands behind the lifter to take its motion out: it is part of the errors. Lean the phone against something firm.</source>
        <translation>Die Kamera wurde in der Hand gehalten, und hinter dem Hebenden steht zu wenig, um ihre Bewegung herauszunehmen: Sie steckt in den Fehlern. Lehn das Telefon an etwas Festes.</translation>
    </message>
    <message>
        <source>For some of the time the camera looked elsewhere, or the film is cut together from several shots: nothing is measured there.</source>
        <translation>Eine Zeit lang sah die Kamera woandershin, oder der Film ist aus mehreren Aufnahmen geschnitten: Dort ist nichts gemessen.</translation>
    </message>
    <message>
        <source>The bar lies across the picture, so this was filmed from the front or the rear (of a bench press the foot or the head end); which of the two is guessed by the feet (a press with hidden legs: the head end) until it is said.</source>
        <translation>Die Stange liegt quer im Bild, also wurde von vorn oder hinten gefilmt (ein Bankdrücken vom Fuß- oder Kopfende); welches von beiden, ist an den Füßen geraten (ein Drücken mit verdeckten Beinen: das Kopfende), bis es gesagt wird.</translation>
    </message>
    <message>
        <source>The bar rests at the other end of its way than in this lift. Say which lift it is; a film that stands on its head is turned by half on the phone and added again.</source>
        <translation>Die Stange ruht am anderen Ende ihres Weges als in dieser Hebung. Sag, welche Hebung es ist; ein Film, der auf dem Kopf steht, wird auf dem Telefon um die Hälfte gedreht und neu hinzugefügt.</translation>
    </message>
    <message>
        <source>The bar&apos;s end does not lie where that of a bar of 2.2 m would, so its length was not used as a ruler. Check the plate&apos;s size and the load.</source>
        <translation>Das Ende der Stange liegt nicht, wo das einer Stange von 2,2 m läge, also diente ihre Länge nicht als Maßstab. Prüf Größe der Scheibe und Last.</translation>
    </message>
    <message>
        <source>The lens bends straight lines; that was taken out by what is straight in the room.</source>
        <translation>Das Objektiv biegt gerade Linien; das wurde mit Hilfe dessen herausgenommen, was im Raum gerade ist.</translation>
    </message>
    <message>
        <source>The lifter in this film is not as tall as stated, by more than the errors allow; the height was not used as a ruler. Check the athlete&apos;s height, the plate&apos;s size and the joints.</source>
        <translation>Der Hebende in diesem Film ist nicht so groß wie angegeben, um mehr, als die Fehler erlauben; die Größe diente nicht als Maßstab. Prüf Größe, Scheibe und Gelenke.</translation>
    </message>
    <message>
        <source>A line drawn in the picture says otherwise than plate and room; it is left out. Check it, and the plate&apos;s size.</source>
        <translation>Eine im Bild gezeichnete Linie sagt anderes als Scheibe und Raum; sie bleibt weg. Prüf sie, und die Größe der Scheibe.</translation>
    </message>
    <message>
        <source>The camera is turned by more than 15°: film more squarely from the side.</source>
        <translation>Die Kamera ist um mehr als 15° gedreht: Film rechtwinkliger von der Seite.</translation>
    </message>
    <message>
        <source>the joints</source>
        <translation>die Gelenke</translation>
    </message>
    <message>
        <source>put right the ones that are least sure</source>
        <translation>berichtige die, die am unsichersten sind</translation>
    </message>
    <message>
        <source>how far the camera stands</source>
        <translation>wie weit die Kamera entfernt ist</translation>
    </message>
    <message>
        <source>film so that the far plate shows past the near one, or draw along a known length (M)</source>
        <translation>film so, dass die ferne Scheibe neben der nahen zu sehen ist, oder zeichne entlang einer bekannten Länge (M)</translation>
    </message>
    <message>
        <source>how far the camera is turned</source>
        <translation>wie weit die Kamera gedreht ist</translation>
    </message>
    <message>
        <source>film so that the far plate shows past the near one</source>
        <translation>film so, dass die ferne Scheibe neben der nahen zu sehen ist</translation>
    </message>
    <message>
        <source>how level the camera is</source>
        <translation>wie gerade die Kamera steht</translation>
    </message>
    <message>
        <source>draw a line along something upright (M)</source>
        <translation>zeichne eine Linie entlang von etwas Senkrechtem (M)</translation>
    </message>
    <message>
        <source>the plate&apos;s size in the picture</source>
        <translation>die Größe der Scheibe im Bild</translation>
    </message>
    <message>
        <source>film nearer, the whole lifter just in the picture</source>
        <translation>film näher, der ganze Hebende gerade im Bild</translation>
    </message>
    <message>
        <source>Depth is good to ± %1 cm. Weakest: %2 (± %3 cm without that); %4.</source>
        <translation>Die Tiefe ist auf ± %1 cm gut. Am schwächsten: %2 (± %3 cm ohne das); %4.</translation>
    </message>
    <message>
        <source>Upright</source>
        <translation>Senkrecht</translation>
    </message>
    <message>
        <source>leans by %1</source>
        <translation>neigt sich um %1</translation>
    </message>
    <message>
        <source>%1 cm at the near plate</source>
        <translation>%1 cm an der nahen Scheibe</translation>
    </message>
    <message>
        <source>%1 cm beside the lifter</source>
        <translation>%1 cm neben dem Hebenden</translation>
    </message>
    <message>
        <source>reads %1 ± %2 % too %3</source>
        <translation>liest sich %1 ± %2 % zu %3</translation>
    </message>
    <message>
        <source>long</source>
        <translation>lang</translation>
    </message>
    <message>
        <source>%1: %2 by the plate and the room alone; taken in.</source>
        <translation>%1: %2 allein nach Scheibe und Raum; aufgenommen.</translation>
    </message>
    <message>
        <source>%1: %2; plate and room contradict it, so it is left out.</source>
        <translation>%1: %2; Scheibe und Raum widersprechen, also bleibt es weg.</translation>
    </message>
    <message>
        <source>%1 %2 more</source>
        <translation>%1 %2 mehr</translation>
    </message>
    <message>
        <source>%1 %2 less</source>
        <translation>%1 %2 weniger</translation>
    </message>
    <message>
        <source>There is nothing that was measured in both.</source>
        <translation>Es gibt nichts, das in beiden gemessen wurde.</translation>
    </message>
    <message>
        <source>Nothing that is measured differs by clearly more than its error.</source>
        <translation>Nichts Gemessenes unterscheidet sich klar um mehr als seinen Fehler.</translation>
    </message>
    <message>
        <source>%1 (from %2 to %3%4)</source>
        <translation>%1 (von %2 auf %3%4)</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>The two points of the back are not placed (U).</source>
        <translation>Die zwei Punkte des Rückens sind nicht gesetzt (U).</translation>
    </message>
    <message>
        <source>The ear is not placed.</source>
        <translation>Das Ohr ist nicht gesetzt.</translation>
    </message>
    <message>
        <source>Elbow and wrist are not placed; place them where the plate does not hide them.</source>
        <translation>Ellbogen und Handgelenk sind nicht gesetzt; setz sie, wo die Scheibe sie nicht verdeckt.</translation>
    </message>
    <message>
        <source>The joints it needs are not placed. Put the figure on the lifter (P).</source>
        <translation>Die nötigen Gelenke sind nicht gesetzt. Leg die Figur auf den Hebenden (P).</translation>
    </message>
    <message>
        <source>Heel and toe are not placed, so mid-foot is unknown.</source>
        <translation>Ferse und Zehe sind nicht gesetzt, also ist die Fußmitte unbekannt.</translation>
    </message>
    <message>
        <source>It does not show from here. Film from the side as well.</source>
        <translation>Man sieht es von hier nicht. Film auch von der Seite.</translation>
    </message>
    <message>
        <source>The bar was out of sight at this moment.</source>
        <translation>Die Stange war in diesem Moment nicht zu sehen.</translation>
    </message>
    <message>
        <source>The error is too large to mean anything.</source>
        <translation>Der Fehler ist zu groß, um etwas zu sagen.</translation>
    </message>
    <message>
        <source>The error of ±%1%2 is larger than the ±%3%2 that this judgement allows. Film more squarely, or put the joints right on %4 more frame(s) of this rep.</source>
        <translation>Der Fehler von ±%1%2 ist größer als die ±%3%2, die dieses Urteil erlaubt. Film rechtwinkliger, oder berichtige die Gelenke in %4 weiteren Bild(ern) dieser Wiederholung.</translation>
    </message>
    <message>
        <source>%1: can&apos;t tell on %2</source>
        <translation>%1: nicht zu sagen in %2</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <translation>%1 in %2</translation>
    </message>
    <message>
        <source>%1, only when tired</source>
        <translation>%1, nur wenn müde</translation>
    </message>
    <message>
        <source>Limit %1 (%2).</source>
        <translation>Grenze %1 (%2).</translation>
    </message>
    <message>
        <source>Limit %1 (%2), because %3.</source>
        <translation>Grenze %1 (%2), weil %3.</translation>
    </message>
    <message>
        <source>Too close to call.</source>
        <translation>Zu knapp zum Ansagen.</translation>
    </message>
    <message>
        <source>Rule %1 of “%2”: limit %3, big from %4. %5</source>
        <translation>Regel %1 aus „%2“: Grenze %3, groß ab %4. %5</translation>
    </message>
    <message>
        <source>Why this school differs: %1</source>
        <translation>Warum diese Schule anders urteilt: %1</translation>
    </message>
    <message>
        <source>Other numbers here, because %1.</source>
        <translation>Hier andere Zahlen, weil %1.</translation>
    </message>
    <message>
        <source>Measure %1: %2</source>
        <translation>Maß %1: %2</translation>
    </message>
    <message>
        <source>Picture %1 (%2 s): </source>
        <translation>Bild %1 (%2 s): </translation>
    </message>
    <message>
        <source>%1 away from the usual %2 (over %3 sets)</source>
        <translation>%1 entfernt vom üblichen %2 (über %3 Sätze)</translation>
    </message>
    <message>
        <source>%1; beyond the limit with %2 %, and %3 % are asked for a clear finding.</source>
        <translation>%1; jenseits der Grenze mit %2 %, und %3 % braucht ein klarer Befund.</translation>
    </message>
    <message>
        <source>can&apos;t tell</source>
        <translation>nicht zu sagen</translation>
    </message>
    <message>
        <source>only when tired</source>
        <translation>nur wenn müde</translation>
    </message>
    <message>
        <source>%1, clear</source>
        <translation>%1, klar</translation>
    </message>
    <message>
        <source>%1, borderline</source>
        <translation>%1, grenzwertig</translation>
    </message>
    <message>
        <source>In order on every rep: %1.</source>
        <translation>In Ordnung in jeder Wiederholung: %1.</translation>
    </message>
    <message>
        <source>the side</source>
        <translation>der Seite</translation>
    </message>
    <message>
        <source>the foot or head end</source>
        <translation>dem Fuß- oder Kopfende</translation>
    </message>
    <message>
        <source>the front or rear</source>
        <translation>vorn oder hinten</translation>
    </message>
    <message>
        <source>To be seen from %1 only: %2.</source>
        <translation>Nur von %1 zu sehen: %2.</translation>
    </message>
    <message>
        <source>The errors are larger than these judgements allow.</source>
        <translation>Die Fehler sind größer, als diese Urteile erlauben.</translation>
    </message>
    <message>
        <source>Can&apos;t tell: %1. %2</source>
        <translation>Nicht zu sagen: %1. %2</translation>
    </message>
    <message>
        <source>Judged by the base.</source>
        <translation>Beurteilt nach der Grundlage.</translation>
    </message>
    <message>
        <source>Judged by the base and: %1.</source>
        <translation>Beurteilt nach der Grundlage und: %1.</translation>
    </message>
    <message>
        <source>%1 is %2 %3 than usual (%4 over %5 sets)</source>
        <translation>%1 ist %2 %3 als üblich (%4 über %5 Sätze)</translation>
    </message>
    <message>
        <source>more</source>
        <translation>mehr</translation>
    </message>
    <message>
        <source>less</source>
        <translation>weniger</translation>
    </message>
    <message>
        <source>Late reps against early ones: %1.</source>
        <translation>Späte Wiederholungen gegen frühe: %1.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
    </message>
    <message>
        <source>with “%1”</source>
        <translation>mit „%1“</translation>
    </message>
    <message>
        <source>without “%1”</source>
        <translation>ohne „%1“</translation>
    </message>
    <message>
        <source>heels raised by %1 in the set-up</source>
        <translation>Fersen in der Einstellung um %1 erhöht</translation>
    </message>
    <message>
        <source>effort %1</source>
        <translation>Anstrengung %1</translation>
    </message>
    <message>
        <source>at effort %1 already</source>
        <translation>schon bei Anstrengung %1</translation>
    </message>
    <message>
        <source>only late in the set</source>
        <translation>nur spät im Satz</translation>
    </message>
    <message>
        <source>from the first rep on</source>
        <translation>von der ersten Wiederholung an</translation>
    </message>
    <message>
        <source>load %1 above the usual</source>
        <translation>Last %1 über der üblichen</translation>
    </message>
    <message>
        <source>load %1 against the usual</source>
        <translation>Last %1 gegen die übliche</translation>
    </message>
    <message>
        <source>speed lost %1</source>
        <translation>Tempo um %1 verloren</translation>
    </message>
    <message>
        <source>only %1 between reps</source>
        <translation>nur %1 zwischen Wiederholungen</translation>
    </message>
    <message>
        <source>%1 and more between reps</source>
        <translation>%1 und mehr zwischen Wiederholungen</translation>
    </message>
    <message>
        <source>found in %1 before as well</source>
        <translation>früher schon in %1 gefunden</translation>
    </message>
    <message>
        <source>not found before</source>
        <translation>früher nicht gefunden</translation>
    </message>
    <message>
        <source>hips move %1 times as far as knees</source>
        <translation>Hüfte bewegt sich %1-mal so weit wie das Knie</translation>
    </message>
    <message>
        <source>bar %1 in front of mid-foot</source>
        <translation>Stange %1 vor der Fußmitte</translation>
    </message>
    <message>
        <source>shin leans by %1 only</source>
        <translation>Schienbein neigt sich nur um %1</translation>
    </message>
    <message>
        <source>stance of %1 is wide for these shoulders</source>
        <translation>Stand von %1 ist breit für diese Schultern</translation>
    </message>
    <message>
        <source>stance of %1 is narrow for these shoulders</source>
        <translation>Stand von %1 ist schmal für diese Schultern</translation>
    </message>
    <message>
        <source>toes out by %1 only</source>
        <translation>Zehen nur um %1 nach außen</translation>
    </message>
    <message>
        <source>toes out by %1</source>
        <translation>Zehen um %1 nach außen</translation>
    </message>
    <message>
        <source>ankle gives %1 only</source>
        <translation>Knöchel gibt nur %1</translation>
    </message>
    <message>
        <source>ankle gives %1</source>
        <translation>Knöchel gibt %1</translation>
    </message>
    <message>
        <source>no raised heel at hand</source>
        <translation>keine erhöhte Ferse zur Hand</translation>
    </message>
    <message>
        <source>raised heel at hand</source>
        <translation>erhöhte Ferse zur Hand</translation>
    </message>
    <message>
        <source>paused</source>
        <translation>paused</translation>
    </message>
    <message>
        <source>back gave way in the screen</source>
        <translation>Rücken gab im Test nach</translation>
    </message>
    <message>
        <source>hips stayed forward in the toe touch</source>
        <translation>Hüfte blieb beim Zehengriff vorn</translation>
    </message>
    <message>
        <source>a complaint is open</source>
        <translation>eine Beschwerde ist offen</translation>
    </message>
    <message>
        <source>belt at hand</source>
        <translation>Gürtel zur Hand</translation>
    </message>
    <message>
        <source>straps at hand</source>
        <translation>Zughilfen zur Hand</translation>
    </message>
    <message>
        <source>for it: %1</source>
        <translation>dafür: %1</translation>
    </message>
    <message>
        <source>against it: %1</source>
        <translation>dagegen: %1</translation>
    </message>
    <message>
        <source>nothing known for or against it</source>
        <translation>nichts bekannt, das dafür oder dagegen spricht</translation>
    </message>
    <message>
        <source>Points at the body.</source>
        <translation>Zeigt auf den Körper.</translation>
    </message>
    <message>
        <source>Points outside the body.</source>
        <translation>Zeigt nach außerhalb des Körpers.</translation>
    </message>
    <message>
        <source>A picture.</source>
        <translation>Ein Bild.</translation>
    </message>
    <message>
        <source>Goes with a touch; ask first.</source>
        <translation>Geht mit einer Berührung; frag vorher.</translation>
    </message>
    <message>
        <source>Not tried yet.</source>
        <translation>Noch nicht versucht.</translation>
    </message>
    <message>
        <source>%1 %2 of %3 times</source>
        <translation>%1 %2 von %3 Malen</translation>
    </message>
    <message>
        <source>others %1 of %2 times</source>
        <translation>andere %1 von %2 Malen</translation>
    </message>
    <message>
        <source>It has helped %1: too early to tell.</source>
        <translation>Es half %1: zu früh zum Urteil.</translation>
    </message>
    <message>
        <source>It has helped %1 (%2 ± %3 of the way from limit to big).</source>
        <translation>Es half %1 (%2 ± %3 des Weges von der Grenze bis groß).</translation>
    </message>
    <message>
        <source>It has not helped %1: %2 of %3 times.</source>
        <translation>Es half %1 nicht: %2 von %3 Malen.</translation>
    </message>
    <message>
        <source>confirmed</source>
        <translation>bestätigt</translation>
    </message>
    <message>
        <source>likely</source>
        <translation>wahrscheinlich</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>unlikely</source>
        <translation>unwahrscheinlich</translation>
    </message>
    <message>
        <source>struck out</source>
        <translation>gestrichen</translation>
    </message>
    <message>
        <source>%1 lb</source>
        <translation>%1 lb</translation>
    </message>
    <message>
        <source>The %1 alone</source>
        <translation>Die %1 allein</translation>
    </message>
    <message>
        <source>%1 a side</source>
        <translation>%1 je Seite</translation>
    </message>
    <message>
        <source>%1 on the %2</source>
        <translation>%1 auf der %2</translation>
    </message>
    <message>
        <source>; %1 of it hang on it at the top</source>
        <translation>; %1 davon hängen oben daran</translation>
    </message>
    <message>
        <source>; %1 more than that</source>
        <translation>; %1 mehr als das</translation>
    </message>
    <message>
        <source>; %1 less than that</source>
        <translation>; %1 weniger als das</translation>
    </message>
    <message>
        <source>Next: add; no load was stated</source>
        <translation>Weiter: zulegen; keine Last angegeben</translation>
    </message>
    <message>
        <source>Next: stay at this load; none was stated</source>
        <translation>Weiter: bei dieser Last bleiben; keine angegeben</translation>
    </message>
    <message>
        <source>Next: technique first, with less; no load was stated</source>
        <translation>Weiter: zuerst die Technik, mit weniger; keine Last angegeben</translation>
    </message>
    <message>
        <source>Next: stay at this load, not judged; none was stated</source>
        <translation>Weiter: bei dieser Last bleiben, nicht beurteilt; keine angegeben</translation>
    </message>
    <message>
        <source>Next: add, %1</source>
        <translation>Weiter: zulegen, %1</translation>
    </message>
    <message>
        <source>Next: stay at %1</source>
        <translation>Weiter: bei %1 bleiben</translation>
    </message>
    <message>
        <source>Next: technique first, %1</source>
        <translation>Weiter: zuerst die Technik, %1</translation>
    </message>
    <message>
        <source>Next: stay at %1, not judged</source>
        <translation>Weiter: bei %1 bleiben, nicht beurteilt</translation>
    </message>
    <message>
        <source>No clear deviation: good enough to keep adding.</source>
        <translation>Keine klare Abweichung: gut genug, um weiter zuzulegen.</translation>
    </message>
    <message>
        <source>One small deviation: good enough to keep adding; the cue mends it.</source>
        <translation>Eine kleine Abweichung: gut genug, um weiter zuzulegen; der Hinweis behebt sie.</translation>
    </message>
    <message>
        <source>%1 small deviations: good enough to keep adding; the cue mends them.</source>
        <translation>%1 kleine Abweichungen: gut genug, um weiter zuzulegen; der Hinweis behebt sie.</translation>
    </message>
    <message>
        <source>What shows only on the last reps of a hard set does not limit the load.</source>
        <translation>Was sich nur in den letzten Wiederholungen eines schweren Satzes zeigt, begrenzt die Last nicht.</translation>
    </message>
    <message>
        <source>Several small deviations: hold until they are mended.</source>
        <translation>Mehrere kleine Abweichungen: halten, bis sie behoben sind.</translation>
    </message>
    <message>
        <source>One big deviation on one rep: hold the load and mend it.</source>
        <translation>Eine große Abweichung in einer Wiederholung: Last halten und beheben.</translation>
    </message>
    <message>
        <source>One small deviation, and this school repairs before it adds.</source>
        <translation>Eine kleine Abweichung, und diese Schule behebt, bevor sie zulegt.</translation>
    </message>
    <message>
        <source>%1 small deviations, and this school repairs before it adds.</source>
        <translation>%1 kleine Abweichungen, und diese Schule behebt, bevor sie zulegt.</translation>
    </message>
    <message>
        <source>The cause you confirmed asks for less on the bar.</source>
        <translation>Die bestätigte Ursache verlangt weniger auf der Stange.</translation>
    </message>
    <message>
        <source>The cause you confirmed asks for no more on the bar.</source>
        <translation>Die bestätigte Ursache verlangt nicht mehr auf der Stange.</translation>
    </message>
    <message>
        <source>A big deviation on two reps or more: technique first, with less on the bar.</source>
        <translation>Eine große Abweichung in zwei oder mehr Wiederholungen: zuerst die Technik, mit weniger auf der Stange.</translation>
    </message>
    <message>
        <source>Fewer reps than asked: the same load again.</source>
        <translation>Weniger Wiederholungen als verlangt: noch einmal dieselbe Last.</translation>
    </message>
    <message>
        <source>A pain note of %1/10 is open: nothing is added until it is settled. See a licensed clinician.</source>
        <translation>Eine Schmerznotiz von %1/10 ist offen: Nichts kommt dazu, bis sie erledigt ist. Geh zur Ärztin oder zum Arzt.</translation>
    </message>
    <message>
        <source>Too few rules for this lift and view yet, so nothing is added on their account.</source>
        <translation>Für diese Hebung und Ansicht gibt es noch zu wenige Regeln, also kommt ihretwegen nichts dazu.</translation>
    </message>
    <message>
        <source>Something could not be judged, so nothing is added on its account.</source>
        <translation>Etwas ließ sich nicht beurteilen, also kommt seinetwegen nichts dazu.</translation>
    </message>
    <message>
        <source>A big deviation or a rep short would hold it.</source>
        <translation>Eine große Abweichung oder eine fehlende Wiederholung würde sie halten.</translation>
    </message>
    <message>
        <source>Add %1 when the note is closed and the set is clean.</source>
        <translation>%1 dazu, wenn die Notiz geschlossen und der Satz sauber ist.</translation>
    </message>
    <message>
        <source>Add %1 after a set without it.</source>
        <translation>%1 dazu nach einem Satz ohne das.</translation>
    </message>
    <message>
        <source>Back up in steps of %1 as soon as a set is clean.</source>
        <translation>Wieder hinauf in Schritten von %1, sobald ein Satz sauber ist.</translation>
    </message>
    <message>
        <source>Decide by eye and change the load.</source>
        <translation>Entscheide mit dem Auge und ändere die Last.</translation>
    </message>
    <message>
        <source>Place the joints, or film it again, to have it judged.</source>
        <translation>Setz die Gelenke, oder film es noch einmal, damit es beurteilt wird.</translation>
    </message>
    <message>
        <source>Film it from the side as well, to have the rest judged.</source>
        <translation>Film es auch von der Seite, damit der Rest beurteilt wird.</translation>
    </message>
    <message>
        <source>Squat paused on the pins</source>
        <translation>Kniebeuge mit Halt auf den Ablagen</translation>
    </message>
    <message>
        <source>Paused squat</source>
        <translation>Kniebeuge mit Pause</translation>
    </message>
    <message>
        <source>Safety-bar squat</source>
        <translation>Kniebeuge mit Sicherheitsstange</translation>
    </message>
    <message>
        <source>High-bar squat</source>
        <translation>Kniebeuge mit hoher Stange</translation>
    </message>
    <message>
        <source>Goblet squat</source>
        <translation>Kniebeuge mit Gewicht vor der Brust</translation>
    </message>
    <message>
        <source>Light squat to full depth</source>
        <translation>Leichte Kniebeuge in voller Tiefe</translation>
    </message>
    <message>
        <source>Squat with a slow descent</source>
        <translation>Kniebeuge mit langsamem Weg hinab</translation>
    </message>
    <message>
        <source>Dumbbell bench press</source>
        <translation>Bankdrücken mit Kurzhanteln</translation>
    </message>
    <message>
        <source>Long paused bench press</source>
        <translation>Bankdrücken mit langer Pause</translation>
    </message>
    <message>
        <source>Close-grip bench press</source>
        <translation>Bankdrücken eng</translation>
    </message>
    <message>
        <source>Incline close-grip press</source>
        <translation>Schrägbankdrücken eng</translation>
    </message>
    <message>
        <source>Deadlift paused just off the floor</source>
        <translation>Kreuzheben mit Halt knapp über dem Boden</translation>
    </message>
    <message>
        <source>Raised pull</source>
        <translation>Erhöhtes Kreuzheben</translation>
    </message>
    <message>
        <source>Kettlebell deadlift between the feet</source>
        <translation>Kreuzheben mit Kugelhantel zwischen den Füßen</translation>
    </message>
    <message>
        <source>Deadlift with a slow lowering</source>
        <translation>Kreuzheben mit langsamem Ablassen</translation>
    </message>
    <message>
        <source>Squat, from easy to loaded</source>
        <translation>Kniebeuge, von leicht bis beladen</translation>
    </message>
    <message>
        <source>Assisted squat</source>
        <translation>Kniebeuge mit Hilfe</translation>
    </message>
    <message>
        <source>Holding on, to the depth that is free of pain.</source>
        <translation>Mit Festhalten, bis zur schmerzfreien Tiefe.</translation>
    </message>
    <message>
        <source>Body-weight squat</source>
        <translation>Kniebeuge ohne Last</translation>
    </message>
    <message>
        <source>Heels down, knees over the toes.</source>
        <translation>Fersen unten, Knie über den Zehen.</translation>
    </message>
    <message>
        <source>Weight at the chest, elbows inside the knees.</source>
        <translation>Gewicht vor der Brust, Ellbogen innen an den Knien.</translation>
    </message>
    <message>
        <source>Empty bar, sets of five</source>
        <translation>Leere Stange, Fünfersätze</translation>
    </message>
    <message>
        <source>The same depth on every rep.</source>
        <translation>Dieselbe Tiefe in jeder Wiederholung.</translation>
    </message>
    <message>
        <source>The whole lift</source>
        <translation>Die ganze Hebung</translation>
    </message>
    <message>
        <source>The plan goes on from here.</source>
        <translation>Von hier geht der Plan weiter.</translation>
    </message>
    <message>
        <source>Deadlift, from easy to the floor</source>
        <translation>Kreuzheben, von leicht bis zum Boden</translation>
    </message>
    <message>
        <source>Kettlebell between the feet</source>
        <translation>Kugelhantel zwischen den Füßen</translation>
    </message>
    <message>
        <source>Hips back, back keeps its shape.</source>
        <translation>Hüfte zurück, Rücken behält seine Form.</translation>
    </message>
    <message>
        <source>Raised bar, 46 cm</source>
        <translation>Erhöhte Stange, 46 cm</translation>
    </message>
    <message>
        <source>From above the knee.</source>
        <translation>Von über dem Knie.</translation>
    </message>
    <message>
        <source>Raised bar, 38 cm</source>
        <translation>Erhöhte Stange, 38 cm</translation>
    </message>
    <message>
        <source>From the knee.</source>
        <translation>Vom Knie.</translation>
    </message>
    <message>
        <source>Raised bar, 30 cm</source>
        <translation>Erhöhte Stange, 30 cm</translation>
    </message>
    <message>
        <source>From below the knee.</source>
        <translation>Von unter dem Knie.</translation>
    </message>
    <message>
        <source>From the floor, light bar</source>
        <translation>Vom Boden, leichte Stange</translation>
    </message>
    <message>
        <source>7 to 20 kg, plates of full height.</source>
        <translation>7 bis 20 kg, Scheiben in voller Höhe.</translation>
    </message>
    <message>
        <source>Too high</source>
        <translation>Zu hoch</translation>
    </message>
    <message>
        <source>May be high</source>
        <translation>Vielleicht zu hoch</translation>
    </message>
    <message>
        <source>depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>depth below parallel</source>
        <translation>Tiefe unter parallel</translation>
    </message>
    <message>
        <source>Crease {} above the kneecap</source>
        <translation>Hüftfalte {} über der Kniescheibe</translation>
    </message>
    <message>
        <source>Hips rise first</source>
        <translation>Hüfte steigt zuerst</translation>
    </message>
    <message>
        <source>Hips may rise first</source>
        <translation>Hüfte steigt vielleicht zuerst</translation>
    </message>
    <message>
        <source>hips against shoulders</source>
        <translation>Hüfte gegen Schultern</translation>
    </message>
    <message>
        <source>hips and shoulders rise together</source>
        <translation>Hüfte und Schultern steigen zusammen</translation>
    </message>
    <message>
        <source>Trunk leans a further {} out of the bottom</source>
        <translation>Rumpf neigt sich unten um weitere {}</translation>
    </message>
    <message>
        <source>Hips rise faster than shoulders</source>
        <translation>Hüfte steigt schneller als die Schultern</translation>
    </message>
    <message>
        <source>Hips may rise faster than shoulders</source>
        <translation>Hüfte steigt vielleicht schneller als die Schultern</translation>
    </message>
    <message>
        <source>rise of the hips against that of the shoulders</source>
        <translation>Steigen der Hüfte gegen das der Schultern</translation>
    </message>
    <message>
        <source>hips rise no faster than shoulders</source>
        <translation>Hüfte steigt nicht schneller als die Schultern</translation>
    </message>
    <message>
        <source>Hips rise {} times as far as the shoulders</source>
        <translation>Hüfte steigt {}-mal so weit wie die Schultern</translation>
    </message>
    <message>
        <source>Chest leads, knees go forward</source>
        <translation>Brust führt, Knie gehen vor</translation>
    </message>
    <message>
        <source>Chest may lead</source>
        <translation>Brust führt vielleicht</translation>
    </message>
    <message>
        <source>chest against hips</source>
        <translation>Brust gegen Hüfte</translation>
    </message>
    <message>
        <source>chest does not lead</source>
        <translation>Brust führt nicht</translation>
    </message>
    <message>
        <source>Trunk comes upright by {} out of the bottom</source>
        <translation>Rumpf richtet sich unten um {} auf</translation>
    </message>
    <message>
        <source>Bar drifts forward</source>
        <translation>Stange wandert nach vorn</translation>
    </message>
    <message>
        <source>Bar may drift forward</source>
        <translation>Stange wandert vielleicht nach vorn</translation>
    </message>
    <message>
        <source>bar over mid-foot</source>
        <translation>Stange über der Fußmitte</translation>
    </message>
    <message>
        <source>Bar up to {} in front of mid-foot</source>
        <translation>Stange bis {} vor der Fußmitte</translation>
    </message>
    <message>
        <source>Bar falls back over the heel</source>
        <translation>Stange fällt hinter die Ferse zurück</translation>
    </message>
    <message>
        <source>Bar may fall back</source>
        <translation>Stange fällt vielleicht zurück</translation>
    </message>
    <message>
        <source>bar not behind the foot</source>
        <translation>Stange nicht hinter dem Fuß</translation>
    </message>
    <message>
        <source>bar not back on the heel</source>
        <translation>Stange nicht hinten auf der Ferse</translation>
    </message>
    <message>
        <source>Bar up to {} behind mid-foot</source>
        <translation>Stange bis {} hinter der Fußmitte</translation>
    </message>
    <message>
        <source>Heels lift</source>
        <translation>Fersen heben ab</translation>
    </message>
    <message>
        <source>Heels may lift</source>
        <translation>Fersen heben vielleicht ab</translation>
    </message>
    <message>
        <source>heels down</source>
        <translation>Fersen unten</translation>
    </message>
    <message>
        <source>Heel up to {} off the floor</source>
        <translation>Ferse bis {} über dem Boden</translation>
    </message>
    <message>
        <source>Drops loose</source>
        <translation>Lässt sich fallen</translation>
    </message>
    <message>
        <source>May drop loose</source>
        <translation>Lässt sich vielleicht fallen</translation>
    </message>
    <message>
        <source>controlled descent</source>
        <translation>geführter Weg hinab</translation>
    </message>
    <message>
        <source>controlled on the way down</source>
        <translation>geführt auf dem Weg hinab</translation>
    </message>
    <message>
        <source>Bar falls at {} of a free fall</source>
        <translation>Stange fällt mit {} des freien Falls</translation>
    </message>
    <message>
        <source>Lowers very slowly</source>
        <translation>Senkt sehr langsam</translation>
    </message>
    <message>
        <source>May lower too slowly</source>
        <translation>Senkt vielleicht zu langsam</translation>
    </message>
    <message>
        <source>time of the descent</source>
        <translation>Zeit des Weges hinab</translation>
    </message>
    <message>
        <source>not too slow on the way down</source>
        <translation>nicht zu langsam auf dem Weg hinab</translation>
    </message>
    <message>
        <source>Takes {} to go down</source>
        <translation>Braucht {} hinab</translation>
    </message>
    <message>
        <source>Hips go first</source>
        <translation>Hüfte geht zuerst</translation>
    </message>
    <message>
        <source>Hips may go first</source>
        <translation>Hüfte geht vielleicht zuerst</translation>
    </message>
    <message>
        <source>start of the descent</source>
        <translation>Beginn des Weges hinab</translation>
    </message>
    <message>
        <source>hips do not go first</source>
        <translation>Hüfte geht nicht zuerst</translation>
    </message>
    <message>
        <source>Hips bend {} before the knees</source>
        <translation>Hüfte beugt sich {} vor den Knien</translation>
    </message>
    <message>
        <source>Knees go first</source>
        <translation>Knie gehen zuerst</translation>
    </message>
    <message>
        <source>Knees may go first</source>
        <translation>Knie gehen vielleicht zuerst</translation>
    </message>
    <message>
        <source>knees do not go first</source>
        <translation>Knie gehen nicht zuerst</translation>
    </message>
    <message>
        <source>Hips and knees lock out apart</source>
        <translation>Hüfte und Knie strecken sich getrennt</translation>
    </message>
    <message>
        <source>Hips and knees may lock out apart</source>
        <translation>Hüfte und Knie strecken sich vielleicht getrennt</translation>
    </message>
    <message>
        <source>hips and knees lock out together</source>
        <translation>Hüfte und Knie strecken sich zusammen</translation>
    </message>
    <message>
        <source>Hips straighten {} after the knees</source>
        <translation>Hüfte streckt sich {} nach den Knien</translation>
    </message>
    <message>
        <source>Does not stand fully</source>
        <translation>Steht nicht ganz auf</translation>
    </message>
    <message>
        <source>May not stand fully</source>
        <translation>Steht vielleicht nicht ganz auf</translation>
    </message>
    <message>
        <source>standing tall between reps</source>
        <translation>aufrechtes Stehen zwischen den Wiederholungen</translation>
    </message>
    <message>
        <source>stands fully between reps</source>
        <translation>steht zwischen den Wiederholungen ganz auf</translation>
    </message>
    <message>
        <source>Trunk leans {} as the rep starts</source>
        <translation>Rumpf neigt sich um {}, wenn die Wiederholung beginnt</translation>
    </message>
    <message>
        <source>No time for a breath before the rep</source>
        <translation>Keine Zeit für einen Atemzug vor der Wiederholung</translation>
    </message>
    <message>
        <source>Little time for a breath before the rep</source>
        <translation>Wenig Zeit für einen Atemzug vor der Wiederholung</translation>
    </message>
    <message>
        <source>a breath between reps</source>
        <translation>ein Atemzug zwischen den Wiederholungen</translation>
    </message>
    <message>
        <source>time for a new breath</source>
        <translation>Zeit für einen neuen Atemzug</translation>
    </message>
    <message>
        <source>Stands {} before the rep</source>
        <translation>Steht {} vor der Wiederholung</translation>
    </message>
    <message>
        <source>Head moves against the trunk</source>
        <translation>Kopf bewegt sich gegen den Rumpf</translation>
    </message>
    <message>
        <source>Head may move against the trunk</source>
        <translation>Kopf bewegt sich vielleicht gegen den Rumpf</translation>
    </message>
    <message>
        <source>chin and neck</source>
        <translation>Kinn und Nacken</translation>
    </message>
    <message>
        <source>neck steady</source>
        <translation>Nacken ruhig</translation>
    </message>
    <message>
        <source>Head turns by {} against the trunk</source>
        <translation>Kopf dreht sich um {} gegen den Rumpf</translation>
    </message>
    <message>
        <source>Pelvis tucks under</source>
        <translation>Becken kippt ein</translation>
    </message>
    <message>
        <source>Pelvis may tuck under</source>
        <translation>Becken kippt vielleicht ein</translation>
    </message>
    <message>
        <source>the pelvis at the bottom</source>
        <translation>das Becken unten</translation>
    </message>
    <message>
        <source>pelvis does not tuck</source>
        <translation>Becken kippt nicht ein</translation>
    </message>
    <message>
        <source>Pelvis turns back by {}</source>
        <translation>Becken dreht sich um {} zurück</translation>
    </message>
    <message>
        <source>Not under load: stop just above it. Pain or numbness in back or leg: stop, and see a licensed clinician.</source>
        <translation>Nicht unter Last: knapp darüber halten. Schmerz oder Taubheit in Rücken oder Bein: aufhören und zur Ärztin oder zum Arzt.</translation>
    </message>
    <message>
        <source>Lower back rounds</source>
        <translation>Unterer Rücken rundet</translation>
    </message>
    <message>
        <source>Lower back may round</source>
        <translation>Unterer Rücken rundet vielleicht</translation>
    </message>
    <message>
        <source>the lower back</source>
        <translation>der untere Rücken</translation>
    </message>
    <message>
        <source>lower back keeps its shape</source>
        <translation>unterer Rücken behält seine Form</translation>
    </message>
    <message>
        <source>Back bends by {} at its middle</source>
        <translation>Rücken beugt sich in der Mitte um {}</translation>
    </message>
    <message>
        <source>Not under load: lighter, or less deep. Pain or numbness in back or leg: stop, and see a licensed clinician.</source>
        <translation>Nicht unter Last: leichter, oder weniger tief. Schmerz oder Taubheit in Rücken oder Bein: aufhören und zur Ärztin oder zum Arzt.</translation>
    </message>
    <message>
        <source>Knees past the toes</source>
        <translation>Knie vor den Zehen</translation>
    </message>
    <message>
        <source>Knees may be past the toes</source>
        <translation>Knie vielleicht vor den Zehen</translation>
    </message>
    <message>
        <source>knees against toes</source>
        <translation>Knie gegen Zehen</translation>
    </message>
    <message>
        <source>knees not past the toes</source>
        <translation>Knie nicht vor den Zehen</translation>
    </message>
    <message>
        <source>Knees up to {} in front of the toes</source>
        <translation>Knie bis {} vor den Zehen</translation>
    </message>
    <message>
        <source>the knee is sore; long thighs need some of it</source>
        <translation>das Knie schmerzt; lange Oberschenkel brauchen etwas davon</translation>
    </message>
    <message>
        <source>the knee is sore</source>
        <translation>das Knie schmerzt</translation>
    </message>
    <message>
        <source>Trunk leans otherwise than usual</source>
        <translation>Rumpf neigt sich anders als üblich</translation>
    </message>
    <message>
        <source>Trunk may lean otherwise than usual</source>
        <translation>Rumpf neigt sich vielleicht anders als üblich</translation>
    </message>
    <message>
        <source>trunk lean against the usual</source>
        <translation>Neigung des Rumpfes gegen die übliche</translation>
    </message>
    <message>
        <source>trunk leans as usual</source>
        <translation>Rumpf neigt sich wie üblich</translation>
    </message>
    <message>
        <source>Trunk lean {} away from the usual</source>
        <translation>Neigung des Rumpfes {} neben der üblichen</translation>
    </message>
    <message>
        <source>Knees cave in</source>
        <translation>Knie knicken ein</translation>
    </message>
    <message>
        <source>Knees may cave in</source>
        <translation>Knie knicken vielleicht ein</translation>
    </message>
    <message>
        <source>knees in line with the toes</source>
        <translation>Knie in einer Linie mit den Zehen</translation>
    </message>
    <message>
        <source>Knee up to {} inside the line from hip to toe</source>
        <translation>Knie bis {} innen von der Linie Hüfte–Zehe</translation>
    </message>
    <message>
        <source>Knees come in on the way up</source>
        <translation>Knie kommen auf dem Weg hinauf nach innen</translation>
    </message>
    <message>
        <source>Knees may come in on the way up</source>
        <translation>Knie kommen auf dem Weg hinauf vielleicht nach innen</translation>
    </message>
    <message>
        <source>knees on the way up as on the way down</source>
        <translation>Knie auf dem Weg hinauf wie hinab</translation>
    </message>
    <message>
        <source>knees go up as they came down</source>
        <translation>Knie gehen hinauf, wie sie herabkamen</translation>
    </message>
    <message>
        <source>Knee up to {} further in than on the way down</source>
        <translation>Knie bis {} weiter innen als auf dem Weg hinab</translation>
    </message>
    <message>
        <source>Shifts to one side</source>
        <translation>Weicht zu einer Seite aus</translation>
    </message>
    <message>
        <source>May shift to one side</source>
        <translation>Weicht vielleicht zu einer Seite aus</translation>
    </message>
    <message>
        <source>weight on both legs</source>
        <translation>Gewicht auf beiden Beinen</translation>
    </message>
    <message>
        <source>Hips move {} to the side</source>
        <translation>Hüfte bewegt sich {} zur Seite</translation>
    </message>
    <message>
        <source>One elbow higher</source>
        <translation>Ein Ellbogen höher</translation>
    </message>
    <message>
        <source>One elbow may be higher</source>
        <translation>Ein Ellbogen vielleicht höher</translation>
    </message>
    <message>
        <source>elbows alike</source>
        <translation>Ellbogen gleich</translation>
    </message>
    <message>
        <source>Elbows {} apart in height</source>
        <translation>Ellbogen {} verschieden hoch</translation>
    </message>
    <message>
        <source>Bar uneven</source>
        <translation>Stange schief</translation>
    </message>
    <message>
        <source>Bar may be uneven</source>
        <translation>Stange vielleicht schief</translation>
    </message>
    <message>
        <source>level of the bar</source>
        <translation>Lage der Stange</translation>
    </message>
    <message>
        <source>bar level</source>
        <translation>Stange waagerecht</translation>
    </message>
    <message>
        <source>Bar up to {} from level</source>
        <translation>Stange bis {} von waagerecht</translation>
    </message>
    <message>
        <source>Bar off centre</source>
        <translation>Stange nicht mittig</translation>
    </message>
    <message>
        <source>Bar may be off centre</source>
        <translation>Stange vielleicht nicht mittig</translation>
    </message>
    <message>
        <source>bar centred</source>
        <translation>Stange mittig</translation>
    </message>
    <message>
        <source>Bar&apos;s middle {} beside that of the shoulders</source>
        <translation>Mitte der Stange {} neben der der Schultern</translation>
    </message>
    <message>
        <source>Touch point wanders</source>
        <translation>Aufsetzpunkt wandert</translation>
    </message>
    <message>
        <source>Touch point may wander</source>
        <translation>Aufsetzpunkt wandert vielleicht</translation>
    </message>
    <message>
        <source>the same touch point</source>
        <translation>derselbe Aufsetzpunkt</translation>
    </message>
    <message>
        <source>same touch point each rep</source>
        <translation>derselbe Aufsetzpunkt in jeder Wiederholung</translation>
    </message>
    <message>
        <source>Touches {} away from the other reps</source>
        <translation>Setzt {} neben den anderen Wiederholungen auf</translation>
    </message>
    <message>
        <source>Touches too near the neck</source>
        <translation>Setzt zu nah am Hals auf</translation>
    </message>
    <message>
        <source>May touch too near the neck</source>
        <translation>Setzt vielleicht zu nah am Hals auf</translation>
    </message>
    <message>
        <source>touch on the lower chest</source>
        <translation>Aufsetzen auf der unteren Brust</translation>
    </message>
    <message>
        <source>Touches {} from the shoulder toward the feet</source>
        <translation>Setzt {} von der Schulter zu den Füßen hin auf</translation>
    </message>
    <message>
        <source>Touches too near the belly</source>
        <translation>Setzt zu nah am Bauch auf</translation>
    </message>
    <message>
        <source>May touch too near the belly</source>
        <translation>Setzt vielleicht zu nah am Bauch auf</translation>
    </message>
    <message>
        <source>touch not below the breast-bone</source>
        <translation>Aufsetzen nicht unter dem Brustbein</translation>
    </message>
    <message>
        <source>Pressed toward the feet</source>
        <translation>Zu den Füßen gedrückt</translation>
    </message>
    <message>
        <source>May be pressed toward the feet</source>
        <translation>Vielleicht zu den Füßen gedrückt</translation>
    </message>
    <message>
        <source>path up and back</source>
        <translation>Weg hinauf und zurück</translation>
    </message>
    <message>
        <source>Bar up to {} nearer to the feet than the touch</source>
        <translation>Stange bis {} näher an den Füßen als beim Aufsetzen</translation>
    </message>
    <message>
        <source>Not back over the shoulders</source>
        <translation>Nicht zurück über die Schultern</translation>
    </message>
    <message>
        <source>May not come back over the shoulders</source>
        <translation>Kommt vielleicht nicht zurück über die Schultern</translation>
    </message>
    <message>
        <source>bar over the shoulders at lock-out</source>
        <translation>Stange bei der Streckung über den Schultern</translation>
    </message>
    <message>
        <source>ends over the shoulders</source>
        <translation>endet über den Schultern</translation>
    </message>
    <message>
        <source>Comes back by {} on the way up</source>
        <translation>Kommt auf dem Weg hinauf um {} zurück</translation>
    </message>
    <message>
        <source>Forearm not vertical at the touch</source>
        <translation>Unterarm beim Aufsetzen nicht senkrecht</translation>
    </message>
    <message>
        <source>Forearm may not be vertical</source>
        <translation>Unterarm vielleicht nicht senkrecht</translation>
    </message>
    <message>
        <source>forearm at the touch</source>
        <translation>Unterarm beim Aufsetzen</translation>
    </message>
    <message>
        <source>forearm vertical at the touch</source>
        <translation>Unterarm beim Aufsetzen senkrecht</translation>
    </message>
    <message>
        <source>Forearm {} from vertical</source>
        <translation>Unterarm {} von der Senkrechten</translation>
    </message>
    <message>
        <source>Wrists bent back</source>
        <translation>Handgelenke nach hinten gebeugt</translation>
    </message>
    <message>
        <source>Wrists may be bent back</source>
        <translation>Handgelenke vielleicht nach hinten gebeugt</translation>
    </message>
    <message>
        <source>wrist over elbow</source>
        <translation>Handgelenk über dem Ellbogen</translation>
    </message>
    <message>
        <source>wrists straight</source>
        <translation>Handgelenke gerade</translation>
    </message>
    <message>
        <source>Wrist bent back by {}</source>
        <translation>Handgelenk um {} nach hinten gebeugt</translation>
    </message>
    <message>
        <source>No pause on the chest</source>
        <translation>Keine Pause auf der Brust</translation>
    </message>
    <message>
        <source>Pause may be too short</source>
        <translation>Pause vielleicht zu kurz</translation>
    </message>
    <message>
        <source>Bar still for {}</source>
        <translation>Stange {} lang still</translation>
    </message>
    <message>
        <source>a pause was asked for</source>
        <translation>eine Pause war verlangt</translation>
    </message>
    <message>
        <source>Sinks and is heaved off the chest</source>
        <translation>Sinkt ein und wird von der Brust gewuchtet</translation>
    </message>
    <message>
        <source>May sink on the chest</source>
        <translation>Sinkt vielleicht auf der Brust ein</translation>
    </message>
    <message>
        <source>no sinking</source>
        <translation>kein Einsinken</translation>
    </message>
    <message>
        <source>does not sink on the chest</source>
        <translation>sinkt nicht auf der Brust ein</translation>
    </message>
    <message>
        <source>Sinks by {} after the touch</source>
        <translation>Sinkt nach dem Aufsetzen um {}</translation>
    </message>
    <message>
        <source>Seat lifts</source>
        <translation>Gesäß hebt ab</translation>
    </message>
    <message>
        <source>Seat may lift</source>
        <translation>Gesäß hebt vielleicht ab</translation>
    </message>
    <message>
        <source>seat on the bench</source>
        <translation>Gesäß auf der Bank</translation>
    </message>
    <message>
        <source>seat stays on the bench</source>
        <translation>Gesäß bleibt auf der Bank</translation>
    </message>
    <message>
        <source>Hips rise by {}</source>
        <translation>Hüfte steigt um {}</translation>
    </message>
    <message>
        <source>Feet move</source>
        <translation>Füße bewegen sich</translation>
    </message>
    <message>
        <source>Feet may move</source>
        <translation>Füße bewegen sich vielleicht</translation>
    </message>
    <message>
        <source>feet still</source>
        <translation>Füße ruhig</translation>
    </message>
    <message>
        <source>Foot moves by {}</source>
        <translation>Fuß bewegt sich um {}</translation>
    </message>
    <message>
        <source>Head lifts</source>
        <translation>Kopf hebt ab</translation>
    </message>
    <message>
        <source>Head may lift</source>
        <translation>Kopf hebt vielleicht ab</translation>
    </message>
    <message>
        <source>head down</source>
        <translation>Kopf unten</translation>
    </message>
    <message>
        <source>head stays down</source>
        <translation>Kopf bleibt unten</translation>
    </message>
    <message>
        <source>Head rises by {}</source>
        <translation>Kopf steigt um {}</translation>
    </message>
    <message>
        <source>Shoulders roll forward</source>
        <translation>Schultern rollen nach vorn</translation>
    </message>
    <message>
        <source>Shoulders may roll forward</source>
        <translation>Schultern rollen vielleicht nach vorn</translation>
    </message>
    <message>
        <source>shoulder blades set</source>
        <translation>Schulterblätter gesetzt</translation>
    </message>
    <message>
        <source>shoulders stay set</source>
        <translation>Schultern bleiben gesetzt</translation>
    </message>
    <message>
        <source>Shoulder rises by {} off the bench</source>
        <translation>Schulter steigt um {} von der Bank</translation>
    </message>
    <message>
        <source>the shoulder is sore</source>
        <translation>die Schulter schmerzt</translation>
    </message>
    <message>
        <source>Elbows not locked</source>
        <translation>Ellbogen nicht gestreckt</translation>
    </message>
    <message>
        <source>Elbows may not be locked</source>
        <translation>Ellbogen vielleicht nicht gestreckt</translation>
    </message>
    <message>
        <source>both elbows lock</source>
        <translation>beide Ellbogen strecken sich</translation>
    </message>
    <message>
        <source>elbows lock</source>
        <translation>Ellbogen strecken sich</translation>
    </message>
    <message>
        <source>Elbow bent by {} at lock-out</source>
        <translation>Ellbogen bei der Streckung um {} gebeugt</translation>
    </message>
    <message>
        <source>the elbow is sore: it need not lock</source>
        <translation>der Ellbogen schmerzt: er muss sich nicht strecken</translation>
    </message>
    <message>
        <source>Drops onto the chest</source>
        <translation>Fällt auf die Brust</translation>
    </message>
    <message>
        <source>May drop onto the chest</source>
        <translation>Fällt vielleicht auf die Brust</translation>
    </message>
    <message>
        <source>Slow off the chest</source>
        <translation>Langsam von der Brust</translation>
    </message>
    <message>
        <source>May be slow off the chest</source>
        <translation>Vielleicht langsam von der Brust</translation>
    </message>
    <message>
        <source>speed off the chest</source>
        <translation>Tempo von der Brust</translation>
    </message>
    <message>
        <source>not slow off the chest</source>
        <translation>nicht langsam von der Brust</translation>
    </message>
    <message>
        <source>Slows to {} in the lower half</source>
        <translation>Wird in der unteren Hälfte langsam bis {}</translation>
    </message>
    <message>
        <source>Slow near the top</source>
        <translation>Langsam nahe dem Ende</translation>
    </message>
    <message>
        <source>May be slow near the top</source>
        <translation>Vielleicht langsam nahe dem Ende</translation>
    </message>
    <message>
        <source>speed near the top</source>
        <translation>Tempo nahe dem Ende</translation>
    </message>
    <message>
        <source>not slow near the top</source>
        <translation>nicht langsam nahe dem Ende</translation>
    </message>
    <message>
        <source>Slows to {} in the upper half</source>
        <translation>Wird in der oberen Hälfte langsam bis {}</translation>
    </message>
    <message>
        <source>Locks out unevenly</source>
        <translation>Streckt ungleich</translation>
    </message>
    <message>
        <source>May lock out unevenly</source>
        <translation>Streckt vielleicht ungleich</translation>
    </message>
    <message>
        <source>even lock-out</source>
        <translation>gleiche Streckung</translation>
    </message>
    <message>
        <source>locks out evenly</source>
        <translation>streckt gleich</translation>
    </message>
    <message>
        <source>Bar {} from level at lock-out</source>
        <translation>Stange bei der Streckung {} von waagerecht</translation>
    </message>
    <message>
        <source>Forearms lean at the chest</source>
        <translation>Unterarme neigen sich an der Brust</translation>
    </message>
    <message>
        <source>Forearms may lean</source>
        <translation>Unterarme neigen sich vielleicht</translation>
    </message>
    <message>
        <source>forearms seen from the end</source>
        <translation>Unterarme vom Ende gesehen</translation>
    </message>
    <message>
        <source>forearms vertical from the end</source>
        <translation>Unterarme vom Ende gesehen senkrecht</translation>
    </message>
    <message>
        <source>a narrower grip for the shoulder lets the forearms lean</source>
        <translation>ein engerer Griff für die Schulter lässt die Unterarme sich neigen</translation>
    </message>
    <message>
        <source>Grip wide for a sore shoulder</source>
        <translation>Griff weit für eine schmerzende Schulter</translation>
    </message>
    <message>
        <source>Grip may be wide for a sore shoulder</source>
        <translation>Griff vielleicht weit für eine schmerzende Schulter</translation>
    </message>
    <message>
        <source>grip width</source>
        <translation>Griffweite</translation>
    </message>
    <message>
        <source>grip not wide</source>
        <translation>Griff nicht weit</translation>
    </message>
    <message>
        <source>Hands {} times as far apart as the shoulders</source>
        <translation>Hände {}-mal so weit auseinander wie die Schultern</translation>
    </message>
    <message>
        <source>One elbow lower</source>
        <translation>Ein Ellbogen tiefer</translation>
    </message>
    <message>
        <source>One elbow may be lower</source>
        <translation>Ein Ellbogen vielleicht tiefer</translation>
    </message>
    <message>
        <source>Stands too far from the bar</source>
        <translation>Steht zu weit von der Stange</translation>
    </message>
    <message>
        <source>May stand too far from the bar</source>
        <translation>Steht vielleicht zu weit von der Stange</translation>
    </message>
    <message>
        <source>not too far from the bar</source>
        <translation>nicht zu weit von der Stange</translation>
    </message>
    <message>
        <source>Bar {} in front of mid-foot at lift-off</source>
        <translation>Stange beim Abheben {} vor der Fußmitte</translation>
    </message>
    <message>
        <source>Stands too near the bar</source>
        <translation>Steht zu nah an der Stange</translation>
    </message>
    <message>
        <source>May stand too near the bar</source>
        <translation>Steht vielleicht zu nah an der Stange</translation>
    </message>
    <message>
        <source>not too near the bar</source>
        <translation>nicht zu nah an der Stange</translation>
    </message>
    <message>
        <source>Bar away from the shins</source>
        <translation>Stange weg von den Schienbeinen</translation>
    </message>
    <message>
        <source>Bar may be away from the shins</source>
        <translation>Stange vielleicht weg von den Schienbeinen</translation>
    </message>
    <message>
        <source>bar at the shins</source>
        <translation>Stange an den Schienbeinen</translation>
    </message>
    <message>
        <source>Bar {} before the line of the shin</source>
        <translation>Stange {} vor der Linie des Schienbeins</translation>
    </message>
    <message>
        <source>Bar rolls before it leaves</source>
        <translation>Stange rollt, bevor sie abhebt</translation>
    </message>
    <message>
        <source>Bar may roll before it leaves</source>
        <translation>Stange rollt vielleicht, bevor sie abhebt</translation>
    </message>
    <message>
        <source>bar still while setting up</source>
        <translation>Stange ruhig beim Einrichten</translation>
    </message>
    <message>
        <source>Bar rolls by {} on the floor</source>
        <translation>Stange rollt um {} am Boden</translation>
    </message>
    <message>
        <source>Hips rise before the bar</source>
        <translation>Hüfte steigt vor der Stange</translation>
    </message>
    <message>
        <source>Hips may rise before the bar</source>
        <translation>Hüfte steigt vielleicht vor der Stange</translation>
    </message>
    <message>
        <source>hips before lift-off</source>
        <translation>Hüfte vor dem Abheben</translation>
    </message>
    <message>
        <source>hips wait for the bar</source>
        <translation>Hüfte wartet auf die Stange</translation>
    </message>
    <message>
        <source>Hips rise by {} before the bar leaves</source>
        <translation>Hüfte steigt um {}, bevor die Stange abhebt</translation>
    </message>
    <message>
        <source>Hips too low, knees before the arms</source>
        <translation>Hüfte zu tief, Knie vor den Armen</translation>
    </message>
    <message>
        <source>Hips may be too low</source>
        <translation>Hüfte vielleicht zu tief</translation>
    </message>
    <message>
        <source>height of the hips</source>
        <translation>Höhe der Hüfte</translation>
    </message>
    <message>
        <source>hips not too low</source>
        <translation>Hüfte nicht zu tief</translation>
    </message>
    <message>
        <source>Knee {} in front of the arm</source>
        <translation>Knie {} vor dem Arm</translation>
    </message>
    <message>
        <source>Hips too high, knees behind the arms</source>
        <translation>Hüfte zu hoch, Knie hinter den Armen</translation>
    </message>
    <message>
        <source>Hips may be too high</source>
        <translation>Hüfte vielleicht zu hoch</translation>
    </message>
    <message>
        <source>hips not too high</source>
        <translation>Hüfte nicht zu hoch</translation>
    </message>
    <message>
        <source>Shoulders behind the bar</source>
        <translation>Schultern hinter der Stange</translation>
    </message>
    <message>
        <source>Shoulders may be behind the bar</source>
        <translation>Schultern vielleicht hinter der Stange</translation>
    </message>
    <message>
        <source>shoulders over the bar</source>
        <translation>Schultern über der Stange</translation>
    </message>
    <message>
        <source>Shoulder {} in front of the bar</source>
        <translation>Schulter {} vor der Stange</translation>
    </message>
    <message>
        <source>Shoulders far over the bar</source>
        <translation>Schultern weit über der Stange</translation>
    </message>
    <message>
        <source>Shoulders may be far over the bar</source>
        <translation>Schultern vielleicht weit über der Stange</translation>
    </message>
    <message>
        <source>shoulders not too far over the bar</source>
        <translation>Schultern nicht zu weit über der Stange</translation>
    </message>
    <message>
        <source>Hips shoot up</source>
        <translation>Hüfte schießt hoch</translation>
    </message>
    <message>
        <source>Hips may shoot up</source>
        <translation>Hüfte schießt vielleicht hoch</translation>
    </message>
    <message>
        <source>Trunk leans a further {} before the knee</source>
        <translation>Rumpf neigt sich vor dem Knie um weitere {}</translation>
    </message>
    <message>
        <source>Arms bend</source>
        <translation>Arme beugen sich</translation>
    </message>
    <message>
        <source>Arms may bend</source>
        <translation>Arme beugen sich vielleicht</translation>
    </message>
    <message>
        <source>straight arms</source>
        <translation>gestreckte Arme</translation>
    </message>
    <message>
        <source>arms straight</source>
        <translation>Arme gestreckt</translation>
    </message>
    <message>
        <source>Arms {} shorter than at lock-out</source>
        <translation>Arme {} kürzer als bei der Streckung</translation>
    </message>
    <message>
        <source>A bent elbow under a heavy pull can tear the biceps: arms straight, or lighter.</source>
        <translation>Ein gebeugter Ellbogen unter schwerem Zug kann den Bizeps reißen: Arme gestreckt, oder leichter.</translation>
    </message>
    <message>
        <source>bar in touch with the legs</source>
        <translation>Stange an den Beinen</translation>
    </message>
    <message>
        <source>bar does not drift away</source>
        <translation>Stange wandert nicht weg</translation>
    </message>
    <message>
        <source>Bar up to {} in front of where it left the floor</source>
        <translation>Stange bis {} vor der Stelle, wo sie abhob</translation>
    </message>
    <message>
        <source>Bar further from the legs than usual</source>
        <translation>Stange weiter von den Beinen als üblich</translation>
    </message>
    <message>
        <source>Bar may be further from the legs than usual</source>
        <translation>Stange vielleicht weiter von den Beinen als üblich</translation>
    </message>
    <message>
        <source>bar against the legs</source>
        <translation>Stange an den Beinen entlang</translation>
    </message>
    <message>
        <source>bar as close to the legs as usual</source>
        <translation>Stange so nah an den Beinen wie üblich</translation>
    </message>
    <message>
        <source>Bar {} further from the legs than usual</source>
        <translation>Stange {} weiter von den Beinen als üblich</translation>
    </message>
    <message>
        <source>Bar forward of mid-foot</source>
        <translation>Stange vor der Fußmitte</translation>
    </message>
    <message>
        <source>Bar may be forward of mid-foot</source>
        <translation>Stange vielleicht vor der Fußmitte</translation>
    </message>
    <message>
        <source>Bar swings back</source>
        <translation>Stange schwingt zurück</translation>
    </message>
    <message>
        <source>Bar may swing back</source>
        <translation>Stange schwingt vielleicht zurück</translation>
    </message>
    <message>
        <source>vertical path</source>
        <translation>senkrechter Weg</translation>
    </message>
    <message>
        <source>path does not swing back</source>
        <translation>Weg schwingt nicht zurück</translation>
    </message>
    <message>
        <source>Bar up to {} behind where it left the floor</source>
        <translation>Stange bis {} hinter der Stelle, wo sie abhob</translation>
    </message>
    <message>
        <source>Leans back at the top</source>
        <translation>Lehnt sich oben zurück</translation>
    </message>
    <message>
        <source>May lean back at the top</source>
        <translation>Lehnt sich oben vielleicht zurück</translation>
    </message>
    <message>
        <source>upright finish</source>
        <translation>aufrechtes Ende</translation>
    </message>
    <message>
        <source>finishes upright</source>
        <translation>endet aufrecht</translation>
    </message>
    <message>
        <source>Trunk {} behind vertical</source>
        <translation>Rumpf {} hinter der Senkrechten</translation>
    </message>
    <message>
        <source>Back rounds</source>
        <translation>Rücken rundet</translation>
    </message>
    <message>
        <source>Back may round</source>
        <translation>Rücken rundet vielleicht</translation>
    </message>
    <message>
        <source>shape of the back</source>
        <translation>Form des Rückens</translation>
    </message>
    <message>
        <source>back keeps its shape</source>
        <translation>Rücken behält seine Form</translation>
    </message>
    <message>
        <source>Lighter, and reset. Pain or numbness in back or leg: stop, and see a licensed clinician.</source>
        <translation>Leichter, und neu einrichten. Schmerz oder Taubheit in Rücken oder Bein: aufhören und zur Ärztin oder zum Arzt.</translation>
    </message>
    <message>
        <source>Knees bend early on the way down</source>
        <translation>Knie beugen sich auf dem Weg hinab früh</translation>
    </message>
    <message>
        <source>Knees may bend early</source>
        <translation>Knie beugen sich vielleicht früh</translation>
    </message>
    <message>
        <source>hips first on the way down</source>
        <translation>Hüfte zuerst auf dem Weg hinab</translation>
    </message>
    <message>
        <source>Knees bent by {} as the bar passes them</source>
        <translation>Knie um {} gebeugt, wenn die Stange sie passiert</translation>
    </message>
    <message>
        <source>Lands elsewhere</source>
        <translation>Setzt woanders auf</translation>
    </message>
    <message>
        <source>May land elsewhere</source>
        <translation>Setzt vielleicht woanders auf</translation>
    </message>
    <message>
        <source>landing place</source>
        <translation>Ort des Absetzens</translation>
    </message>
    <message>
        <source>lands where it started</source>
        <translation>setzt ab, wo es begann</translation>
    </message>
    <message>
        <source>Lands {} in front of where it left</source>
        <translation>Setzt {} vor der Stelle ab, wo sie abhob</translation>
    </message>
    <message>
        <source>neck in line</source>
        <translation>Nacken in Linie</translation>
    </message>
    <message>
        <source>Stands to the bar otherwise than usual</source>
        <translation>Steht anders zur Stange als üblich</translation>
    </message>
    <message>
        <source>May stand to the bar otherwise than usual</source>
        <translation>Steht vielleicht anders zur Stange als üblich</translation>
    </message>
    <message>
        <source>distance against the usual</source>
        <translation>Abstand gegen den üblichen</translation>
    </message>
    <message>
        <source>stands to the bar as usual</source>
        <translation>steht zur Stange wie üblich</translation>
    </message>
    <message>
        <source>Bar {} away from its usual place</source>
        <translation>Stange {} neben ihrem üblichen Ort</translation>
    </message>
    <message>
        <source>Stance wide</source>
        <translation>Stand weit</translation>
    </message>
    <message>
        <source>Stance may be wide</source>
        <translation>Stand vielleicht weit</translation>
    </message>
    <message>
        <source>stance</source>
        <translation>Stand</translation>
    </message>
    <message>
        <source>stance not wide</source>
        <translation>Stand nicht weit</translation>
    </message>
    <message>
        <source>Ankles {} apart</source>
        <translation>Knöchel {} auseinander</translation>
    </message>
    <message>
        <source>Shins not vertical from the front</source>
        <translation>Schienbeine von vorn nicht senkrecht</translation>
    </message>
    <message>
        <source>Shins may not be vertical</source>
        <translation>Schienbeine vielleicht nicht senkrecht</translation>
    </message>
    <message>
        <source>shins from the front</source>
        <translation>Schienbeine von vorn</translation>
    </message>
    <message>
        <source>shins vertical from the front</source>
        <translation>Schienbeine von vorn senkrecht</translation>
    </message>
    <message>
        <source>Shin {} from vertical</source>
        <translation>Schienbein {} von der Senkrechten</translation>
    </message>
    <message>
        <source>Knees inside the feet</source>
        <translation>Knie innen von den Füßen</translation>
    </message>
    <message>
        <source>Knees may be inside the feet</source>
        <translation>Knie vielleicht innen von den Füßen</translation>
    </message>
    <message>
        <source>knees over the feet</source>
        <translation>Knie über den Füßen</translation>
    </message>
    <message>
        <source>Knee {} outside the foot&apos;s middle</source>
        <translation>Knie {} außen von der Fußmitte</translation>
    </message>
    <message>
        <source>Toes very far out</source>
        <translation>Zehen sehr weit außen</translation>
    </message>
    <message>
        <source>Toes may be very far out</source>
        <translation>Zehen vielleicht sehr weit außen</translation>
    </message>
    <message>
        <source>toe angle</source>
        <translation>Winkel der Zehen</translation>
    </message>
    <message>
        <source>toes not too far out</source>
        <translation>Zehen nicht zu weit außen</translation>
    </message>
    <message>
        <source>Foot points out by {}</source>
        <translation>Fuß zeigt um {} nach außen</translation>
    </message>
    <message>
        <source>Arms not vertical from the front</source>
        <translation>Arme von vorn nicht senkrecht</translation>
    </message>
    <message>
        <source>Arms may not be vertical</source>
        <translation>Arme vielleicht nicht senkrecht</translation>
    </message>
    <message>
        <source>arms from the front</source>
        <translation>Arme von vorn</translation>
    </message>
    <message>
        <source>arms vertical from the front</source>
        <translation>Arme von vorn senkrecht</translation>
    </message>
    <message>
        <source>Arm {} from vertical</source>
        <translation>Arm {} von der Senkrechten</translation>
    </message>
    <message>
        <source>too heavy</source>
        <translation>zu schwer</translation>
    </message>
    <message>
        <source>Take some off, and brace anew before each rep.</source>
        <translation>Nimm etwas weg, und spann vor jeder Wiederholung neu an.</translation>
    </message>
    <message>
        <source>Stay below the load at which it begins until five clean reps hold there.</source>
        <translation>Bleib unter der Last, bei der es beginnt, bis dort fünf saubere Wiederholungen halten.</translation>
    </message>
    <message>
        <source>brace lost</source>
        <translation>Spannung verloren</translation>
    </message>
    <message>
        <source>Brace anew before each rep; back and bar go up as one.</source>
        <translation>Spann vor jeder Wiederholung neu an; Rücken und Stange gehen als eins hinauf.</translation>
    </message>
    <message>
        <source>Pauses at the pins.</source>
        <translation>Halte auf den Ablagen.</translation>
    </message>
    <message>
        <source>legs are the weak link</source>
        <translation>die Beine sind das schwache Glied</translation>
    </message>
    <message>
        <source>Back and bar go up as one.</source>
        <translation>Rücken und Stange gehen als eins hinauf.</translation>
    </message>
    <message>
        <source>Safety-bar, high-bar and front squats; then single-leg work, leg press, hack or belt squat.</source>
        <translation>Kniebeugen mit Sicherheitsstange, hoher Stange und vorn; dann einbeinige Arbeit, Beinpresse, geführte Kniebeuge oder Gürtelkniebeuge.</translation>
    </message>
    <message>
        <source>bar too far forward</source>
        <translation>Stange zu weit vorn</translation>
    </message>
    <message>
        <source>Keep the chest set and the bar over mid-foot.</source>
        <translation>Halt die Brust gesetzt und die Stange über der Fußmitte.</translation>
    </message>
    <message>
        <source>Pauses, slower descents.</source>
        <translation>Pausen, langsamer hinab.</translation>
    </message>
    <message>
        <source>knees not out</source>
        <translation>Knie nicht außen</translation>
    </message>
    <message>
        <source>Knees out.</source>
        <translation>Knie nach außen.</translation>
    </message>
    <message>
        <source>Goblet squats with the elbows inside the knees.</source>
        <translation>Kniebeugen mit Gewicht vor der Brust, die Ellbogen innen an den Knien.</translation>
    </message>
    <message>
        <source>stance too wide</source>
        <translation>Stand zu weit</translation>
    </message>
    <message>
        <source>Feet a little nearer to each other, toes to match.</source>
        <translation>Füße etwas näher zueinander, Zehen passend dazu.</translation>
    </message>
    <message>
        <source>Try the narrower stance at lighter loads first.</source>
        <translation>Probier den schmaleren Stand zuerst mit leichteren Lasten.</translation>
    </message>
    <message>
        <source>A wedge or small plates under the heels.</source>
        <translation>Ein Keil oder kleine Scheiben unter die Fersen.</translation>
    </message>
    <message>
        <source>Heel height; lighter sets to full depth, goblet squats.</source>
        <translation>Fersenhöhe; leichtere Sätze in voller Tiefe, Kniebeugen mit Gewicht vor der Brust.</translation>
    </message>
    <message>
        <source>Take some off until depth is there on every rep.</source>
        <translation>Nimm etwas weg, bis die Tiefe in jeder Wiederholung da ist.</translation>
    </message>
    <message>
        <source>Lighter sets to full depth.</source>
        <translation>Leichtere Sätze in voller Tiefe.</translation>
    </message>
    <message>
        <source>trunk too upright for the bar position</source>
        <translation>Rumpf zu aufrecht für die Lage der Stange</translation>
    </message>
    <message>
        <source>Sit back and lean as this body needs.</source>
        <translation>Setz dich zurück und neig dich, wie dieser Körper es braucht.</translation>
    </message>
    <message>
        <source>chest drops</source>
        <translation>Brust fällt</translation>
    </message>
    <message>
        <source>Keep the chest set.</source>
        <translation>Halt die Brust gesetzt.</translation>
    </message>
    <message>
        <source>dive</source>
        <translation>Sturz</translation>
    </message>
    <message>
        <source>Slower down, stay tight.</source>
        <translation>Langsamer hinab, bleib fest.</translation>
    </message>
    <message>
        <source>Tempo squats.</source>
        <translation>Kniebeugen mit Tempo.</translation>
    </message>
    <message>
        <source>not asked for yet</source>
        <translation>noch nicht verlangt</translation>
    </message>
    <message>
        <source>Knees follow the toes.</source>
        <translation>Knie folgen den Zehen.</translation>
    </message>
    <message>
        <source>Keep cueing it; lighter back-off sets.</source>
        <translation>Sag es weiter; leichtere Sätze danach.</translation>
    </message>
    <message>
        <source>toes too straight</source>
        <translation>Zehen zu gerade</translation>
    </message>
    <message>
        <source>Toes turned out a little more.</source>
        <translation>Zehen etwas weiter nach außen.</translation>
    </message>
    <message>
        <source>Keep the new toe angle at every load.</source>
        <translation>Behalt den neuen Winkel der Zehen bei jeder Last.</translation>
    </message>
    <message>
        <source>fatigue</source>
        <translation>Ermüdung</translation>
    </message>
    <message>
        <source>Stop the set one rep sooner.</source>
        <translation>Beende den Satz eine Wiederholung früher.</translation>
    </message>
    <message>
        <source>Lighter back-off sets.</source>
        <translation>Leichtere Sätze danach.</translation>
    </message>
    <message>
        <source>weight forward</source>
        <translation>Gewicht vorn</translation>
    </message>
    <message>
        <source>Balance back to mid-foot.</source>
        <translation>Gleichgewicht zurück zur Fußmitte.</translation>
    </message>
    <message>
        <source>Regress to assisted or goblet squats until the heel stays.</source>
        <translation>Zurück zu Kniebeugen mit Hilfe oder Gewicht vor der Brust, bis die Ferse bleibt.</translation>
    </message>
    <message>
        <source>chest leads</source>
        <translation>Brust führt</translation>
    </message>
    <message>
        <source>Hips straight up, not backward or forward.</source>
        <translation>Hüfte gerade hinauf, weder zurück noch vor.</translation>
    </message>
    <message>
        <source>Pause squats.</source>
        <translation>Kniebeugen mit Pause.</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Slower, stay tight; a new breath before each rep.</source>
        <translation>Langsamer, bleib fest; ein neuer Atemzug vor jeder Wiederholung.</translation>
    </message>
    <message>
        <source>placement of the bar or the hands</source>
        <translation>Lage der Stange oder der Hände</translation>
    </message>
    <message>
        <source>Re-rack and centre: hands even by the rings.</source>
        <translation>Ablegen und mittig nehmen: Hände gleich nach den Ringen.</translation>
    </message>
    <message>
        <source>Centre by the rings at every load.</source>
        <translation>Bei jeder Last nach den Ringen mittig.</translation>
    </message>
    <message>
        <source>one side does less</source>
        <translation>eine Seite tut weniger</translation>
    </message>
    <message>
        <source>Both sides the same, all the way.</source>
        <translation>Beide Seiten gleich, den ganzen Weg.</translation>
    </message>
    <message>
        <source>Dumbbells, single-leg work.</source>
        <translation>Kurzhanteln, einbeinige Arbeit.</translation>
    </message>
    <message>
        <source>depth beyond mobility</source>
        <translation>Tiefe über die Beweglichkeit hinaus</translation>
    </message>
    <message>
        <source>Stop just above it.</source>
        <translation>Halt knapp darüber.</translation>
    </message>
    <message>
        <source>Mobility; depth step by step.</source>
        <translation>Beweglichkeit; Tiefe Schritt für Schritt.</translation>
    </message>
    <message>
        <source>stance or toes</source>
        <translation>Stand oder Zehen</translation>
    </message>
    <message>
        <source>Change stance and toes a little.</source>
        <translation>Ändere Stand und Zehen ein wenig.</translation>
    </message>
    <message>
        <source>Stance, heel height.</source>
        <translation>Stand, Fersenhöhe.</translation>
    </message>
    <message>
        <source>habit</source>
        <translation>Gewohnheit</translation>
    </message>
    <message>
        <source>One word about it, then see.</source>
        <translation>Ein Wort dazu, dann sehen.</translation>
    </message>
    <message>
        <source>Paused and lighter sets done as asked.</source>
        <translation>Pausierte und leichtere Sätze, wie verlangt ausgeführt.</translation>
    </message>
    <message>
        <source>weak at long muscle length</source>
        <translation>schwach bei langem Muskel</translation>
    </message>
    <message>
        <source>Pause, then press.</source>
        <translation>Pause, dann drück.</translation>
    </message>
    <message>
        <source>Dumbbell bench with the hands turned about 45 degrees, chest drawn up, a deep stretch, a pause and a full lock-out: sets of 8 to 12, well below what a sloppy style would allow. Later chest-press machine or cambered bar, low pin press.</source>
        <translation>Bankdrücken mit Kurzhanteln, die Hände um etwa 45 Grad gedreht, Brust hochgezogen, tiefe Dehnung, Pause und volle Streckung: Sätze von 8 bis 12, weit unter dem, was schlampig ginge. Später Brustpresse oder gebogene Stange, tiefes Drücken von den Ablagen.</translation>
    </message>
    <message>
        <source>no leg push</source>
        <translation>kein Schub der Beine</translation>
    </message>
    <message>
        <source>Push along the bench, toward the head.</source>
        <translation>Schieb längs der Bank, zum Kopf hin.</translation>
    </message>
    <message>
        <source>Paused presses with a leg push.</source>
        <translation>Drücken mit Pause und Schub der Beine.</translation>
    </message>
    <message>
        <source>bounced style</source>
        <translation>federnder Stil</translation>
    </message>
    <message>
        <source>Pause on the chest, still.</source>
        <translation>Pause auf der Brust, still.</translation>
    </message>
    <message>
        <source>Paused presses.</source>
        <translation>Drücken mit Pause.</translation>
    </message>
    <message>
        <source>triceps</source>
        <translation>Armstrecker</translation>
    </message>
    <message>
        <source>Drive through to the lock-out.</source>
        <translation>Drück durch bis zur Streckung.</translation>
    </message>
    <message>
        <source>Close-grip bench, high pin press.</source>
        <translation>Enges Bankdrücken, hohes Drücken von den Ablagen.</translation>
    </message>
    <message>
        <source>path too far forward</source>
        <translation>Weg zu weit vorn</translation>
    </message>
    <message>
        <source>Path back over the shoulders.</source>
        <translation>Weg zurück über die Schultern.</translation>
    </message>
    <message>
        <source>Paused presses, back over the shoulders from the first inch.</source>
        <translation>Drücken mit Pause, vom ersten Zentimeter an zurück über die Schultern.</translation>
    </message>
    <message>
        <source>leg push upward</source>
        <translation>Schub der Beine nach oben</translation>
    </message>
    <message>
        <source>Push along the bench, not upward.</source>
        <translation>Schieb längs der Bank, nicht nach oben.</translation>
    </message>
    <message>
        <source>Lighter paused work with the seat down.</source>
        <translation>Leichtere Arbeit mit Pause, das Gesäß unten.</translation>
    </message>
    <message>
        <source>feet too far back</source>
        <translation>Füße zu weit hinten</translation>
    </message>
    <message>
        <source>Feet flatter and a little further from the hips.</source>
        <translation>Füße flacher und etwas weiter von der Hüfte.</translation>
    </message>
    <message>
        <source>Keep the new place of the feet at every load.</source>
        <translation>Behalt den neuen Ort der Füße bei jeder Last.</translation>
    </message>
    <message>
        <source>grip does not fit</source>
        <translation>Griff passt nicht</translation>
    </message>
    <message>
        <source>Move the hands until the forearm is vertical at the chest.</source>
        <translation>Verschieb die Hände, bis der Unterarm an der Brust senkrecht steht.</translation>
    </message>
    <message>
        <source>Incline close-grip while the shoulder is sore.</source>
        <translation>Enges Schrägbankdrücken, solange die Schulter schmerzt.</translation>
    </message>
    <message>
        <source>shoulder blades not set</source>
        <translation>Schulterblätter nicht gesetzt</translation>
    </message>
    <message>
        <source>Blades set before each rep.</source>
        <translation>Schulterblätter vor jeder Wiederholung setzen.</translation>
    </message>
    <message>
        <source>Lighter paused work.</source>
        <translation>Leichtere Arbeit mit Pause.</translation>
    </message>
    <message>
        <source>over-reaching the range</source>
        <translation>greift über die Weite hinaus</translation>
    </message>
    <message>
        <source>Keep the head and the blades down.</source>
        <translation>Lass Kopf und Schulterblätter unten.</translation>
    </message>
    <message>
        <source>no fixed target</source>
        <translation>kein festes Ziel</translation>
    </message>
    <message>
        <source>Name the spot.</source>
        <translation>Nenn die Stelle.</translation>
    </message>
    <message>
        <source>Pause, slower descents.</source>
        <translation>Pause, langsamer hinab.</translation>
    </message>
    <message>
        <source>Slower down.</source>
        <translation>Langsamer hinab.</translation>
    </message>
    <message>
        <source>Slow lowering, pause.</source>
        <translation>Langsames Senken, Pause.</translation>
    </message>
    <message>
        <source>bar too high in the hand</source>
        <translation>Stange zu hoch in der Hand</translation>
    </message>
    <message>
        <source>Bar on the heel of the hand, over the forearm.</source>
        <translation>Stange auf dem Handballen, über dem Unterarm.</translation>
    </message>
    <message>
        <source>Wraps for the heavy sets only.</source>
        <translation>Bandagen nur für die schweren Sätze.</translation>
    </message>
    <message>
        <source>hips set too low</source>
        <translation>Hüfte zu tief eingerichtet</translation>
    </message>
    <message>
        <source>Start where the shins touch.</source>
        <translation>Beginn, wo die Schienbeine anliegen.</translation>
    </message>
    <message>
        <source>Paused deadlift just off the floor.</source>
        <translation>Kreuzheben mit Halt knapp über dem Boden.</translation>
    </message>
    <message>
        <source>slack not out</source>
        <translation>Spiel nicht herausgezogen</translation>
    </message>
    <message>
        <source>Pull until the plates click, then go.</source>
        <translation>Zieh, bis die Scheiben klicken, dann los.</translation>
    </message>
    <message>
        <source>Legs first, chest keeps its height.</source>
        <translation>Beine zuerst, die Brust behält ihre Höhe.</translation>
    </message>
    <message>
        <source>Paused deadlift just off the floor, squats.</source>
        <translation>Kreuzheben mit Halt knapp über dem Boden, Kniebeugen.</translation>
    </message>
    <message>
        <source>Take some off.</source>
        <translation>Nimm etwas weg.</translation>
    </message>
    <message>
        <source>lats loose</source>
        <translation>Rückenmuskel locker</translation>
    </message>
    <message>
        <source>Clamp the upper arms to the ribs.</source>
        <translation>Klemm die Oberarme an die Rippen.</translation>
    </message>
    <message>
        <source>Paused deadlift, lighter doubles.</source>
        <translation>Kreuzheben mit Halt, leichtere Zweier.</translation>
    </message>
    <message>
        <source>bar not over mid-foot at the start</source>
        <translation>Stange am Anfang nicht über der Fußmitte</translation>
    </message>
    <message>
        <source>Reset the distance: bar over mid-foot.</source>
        <translation>Abstand neu: Stange über der Fußmitte.</translation>
    </message>
    <message>
        <source>The same distance at every load, warm-ups included.</source>
        <translation>Derselbe Abstand bei jeder Last, auch beim Aufwärmen.</translation>
    </message>
    <message>
        <source>weight on the toes</source>
        <translation>Gewicht auf den Zehen</translation>
    </message>
    <message>
        <source>Shift the balance to the rear half of the foot.</source>
        <translation>Verlagere das Gleichgewicht auf die hintere Hälfte des Fußes.</translation>
    </message>
    <message>
        <source>Flat or heeled shoe as a sensitiser; paused deadlift.</source>
        <translation>Flacher Schuh oder Schuh mit Absatz zum Spüren; Kreuzheben mit Halt.</translation>
    </message>
    <message>
        <source>start position</source>
        <translation>Ausgangslage</translation>
    </message>
    <message>
        <source>Lighter, and reset before each rep.</source>
        <translation>Leichter, und vor jeder Wiederholung neu einrichten.</translation>
    </message>
    <message>
        <source>Raised pulls (30 to 46 cm), kettlebell deadlift between the feet, walk the height down.</source>
        <translation>Erhöhtes Kreuzheben (30 bis 46 cm), Kreuzheben mit Kugelhantel zwischen den Füßen, die Höhe nach und nach hinab.</translation>
    </message>
    <message>
        <source>A new breath at the floor before each rep.</source>
        <translation>Ein neuer Atemzug am Boden vor jeder Wiederholung.</translation>
    </message>
    <message>
        <source>Singles from the floor with a reset.</source>
        <translation>Einzelne vom Boden, jedes Mal neu eingerichtet.</translation>
    </message>
    <message>
        <source>over-done lock-out</source>
        <translation>übertriebene Streckung</translation>
    </message>
    <message>
        <source>Finish upright, no further.</source>
        <translation>Ende aufrecht, nicht weiter.</translation>
    </message>
    <message>
        <source>Finish every warm-up upright.</source>
        <translation>Jedes Aufwärmen aufrecht beenden.</translation>
    </message>
    <message>
        <source>Hips first on the way down.</source>
        <translation>Hüfte zuerst auf dem Weg hinab.</translation>
    </message>
    <message>
        <source>Slow lowering.</source>
        <translation>Langsames Ablassen.</translation>
    </message>
    <message>
        <source>set-up differs from what was asked</source>
        <translation>Einstellung anders als verlangt</translation>
    </message>
    <message>
        <source>Go through the set-up step by step once.</source>
        <translation>Geh die Einstellung einmal Schritt für Schritt durch.</translation>
    </message>
    <message>
        <source>The same set-up at every load.</source>
        <translation>Dieselbe Einstellung bei jeder Last.</translation>
    </message>
    <message>
        <source>Knees out, sit between your heels.</source>
        <translation>Knie nach außen, setz dich zwischen deine Fersen.</translation>
    </message>
    <message>
        <source>One hand deeper, same speed.</source>
        <translation>Eine Handbreit tiefer, gleiches Tempo.</translation>
    </message>
    <message>
        <source>Sit down onto a low box that is not there.</source>
        <translation>Setz dich auf eine niedrige Kiste, die nicht da ist.</translation>
    </message>
    <message>
        <source>Sit down until you feel my hand at your hip.</source>
        <translation>Setz dich, bis du meine Hand an der Hüfte spürst.</translation>
    </message>
    <message>
        <source>New breath, brace, then drive your back into the bar.</source>
        <translation>Neuer Atem, anspannen, dann drück den Rücken in die Stange.</translation>
    </message>
    <message>
        <source>Push the floor away and the bar into the ceiling.</source>
        <translation>Schieb den Boden weg und die Stange in die Decke.</translation>
    </message>
    <message>
        <source>You are a lift: floor and roof leave together.</source>
        <translation>Du bist ein Aufzug: Boden und Dach fahren zusammen los.</translation>
    </message>
    <message>
        <source>Belt to the ceiling, the bar follows.</source>
        <translation>Gürtel zur Decke, die Stange folgt.</translation>
    </message>
    <message>
        <source>Push the whole foot into the floor.</source>
        <translation>Drück den ganzen Fuß in den Boden.</translation>
    </message>
    <message>
        <source>Set your chest, then sit back into it.</source>
        <translation>Setz die Brust, dann setz dich in sie zurück.</translation>
    </message>
    <message>
        <source>The bar runs on a rail over your laces.</source>
        <translation>Die Stange läuft auf einer Schiene über deinen Schnürsenkeln.</translation>
    </message>
    <message>
        <source>Keep the weight under your laces.</source>
        <translation>Halt das Gewicht unter deinen Schnürsenkeln.</translation>
    </message>
    <message>
        <source>Feel the ball of the foot as well.</source>
        <translation>Spür auch den Fußballen.</translation>
    </message>
    <message>
        <source>Screw both heels into the floor.</source>
        <translation>Schraub beide Fersen in den Boden.</translation>
    </message>
    <message>
        <source>Balance back to the middle of the foot.</source>
        <translation>Gleichgewicht zurück zur Fußmitte.</translation>
    </message>
    <message>
        <source>Hold a sheet of paper under each heel.</source>
        <translation>Halt unter jeder Ferse ein Blatt Papier fest.</translation>
    </message>
    <message>
        <source>Pull the bar down to you, do not let it fall.</source>
        <translation>Zieh die Stange zu dir herab, lass sie nicht fallen.</translation>
    </message>
    <message>
        <source>Load a stiff spring, all the way down.</source>
        <translation>Lade eine steife Feder, den ganzen Weg hinab.</translation>
    </message>
    <message>
        <source>Down in two counts, then up.</source>
        <translation>Hinab auf zwei Zeiten, dann hinauf.</translation>
    </message>
    <message>
        <source>Unlock hips and knees at the same moment.</source>
        <translation>Löse Hüfte und Knie im selben Moment.</translation>
    </message>
    <message>
        <source>Sit straight down between your feet.</source>
        <translation>Setz dich gerade zwischen deine Füße.</translation>
    </message>
    <message>
        <source>Fold like a ruler, both joints at once.</source>
        <translation>Klapp zusammen wie ein Zollstock, beide Gelenke zugleich.</translation>
    </message>
    <message>
        <source>Hips and knees finish together.</source>
        <translation>Hüfte und Knie werden zusammen fertig.</translation>
    </message>
    <message>
        <source>Stand up through the bar in one go.</source>
        <translation>Steh in einem Zug durch die Stange auf.</translation>
    </message>
    <message>
        <source>Stand all the way up before the next one.</source>
        <translation>Steh ganz auf, bevor du weitermachst.</translation>
    </message>
    <message>
        <source>Head to the same mark on the wall every time.</source>
        <translation>Kopf jedes Mal zur selben Marke an der Wand.</translation>
    </message>
    <message>
        <source>A whole new breath before every rep.</source>
        <translation>Ein ganzer neuer Atemzug vor jeder Wiederholung.</translation>
    </message>
    <message>
        <source>Each rep is a single: set, breathe, go.</source>
        <translation>Jede Wiederholung ist ein Einzelner: einrichten, atmen, los.</translation>
    </message>
    <message>
        <source>Keep the back of your neck long.</source>
        <translation>Halt den Nacken lang.</translation>
    </message>
    <message>
        <source>Eyes stay on one spot of the floor.</source>
        <translation>Die Augen bleiben auf einem Punkt am Boden.</translation>
    </message>
    <message>
        <source>Hold a ball under your chin.</source>
        <translation>Halt einen Ball unter dem Kinn.</translation>
    </message>
    <message>
        <source>Stop just above where your tail tucks.</source>
        <translation>Halt knapp darüber, wo dein Becken einkippt.</translation>
    </message>
    <message>
        <source>Belt buckle forward, all the way down.</source>
        <translation>Gürtelschnalle nach vorn, den ganzen Weg hinab.</translation>
    </message>
    <message>
        <source>Breath into your belt all round, then keep it.</source>
        <translation>Atme ringsum in deinen Gürtel, dann halt ihn.</translation>
    </message>
    <message>
        <source>A board from tail to neck: it does not bend.</source>
        <translation>Ein Brett vom Steiß zum Nacken: Es biegt sich nicht.</translation>
    </message>
    <message>
        <source>Reset: set the back first, then take the weight.</source>
        <translation>Neu: Setz zuerst den Rücken, dann nimm die Last.</translation>
    </message>
    <message>
        <source>Sit back, shins stay upright.</source>
        <translation>Setz dich zurück, die Schienbeine bleiben aufrecht.</translation>
    </message>
    <message>
        <source>A wall stands before your toes.</source>
        <translation>Vor deinen Zehen steht eine Wand.</translation>
    </message>
    <message>
        <source>Knees forward over the toes, heels down.</source>
        <translation>Knie vor über die Zehen, Fersen unten.</translation>
    </message>
    <message>
        <source>Touch the wall before you with your knees.</source>
        <translation>Berühr die Wand vor dir mit den Knien.</translation>
    </message>
    <message>
        <source>Same lean as last week: chest as set at the top.</source>
        <translation>Dieselbe Neigung wie letzte Woche: Brust gesetzt wie oben.</translation>
    </message>
    <message>
        <source>Spread the floor apart with your feet.</source>
        <translation>Schieb den Boden mit den Füßen auseinander.</translation>
    </message>
    <message>
        <source>Push your knees out against my hands.</source>
        <translation>Drück die Knie nach außen gegen meine Hände.</translation>
    </message>
    <message>
        <source>Both legs the same, all the way.</source>
        <translation>Beide Beine gleich, den ganzen Weg.</translation>
    </message>
    <message>
        <source>You stand on two scales: keep them equal.</source>
        <translation>Du stehst auf zwei Waagen: Halt sie gleich.</translation>
    </message>
    <message>
        <source>Both elbows at the same height.</source>
        <translation>Beide Ellbogen auf gleicher Höhe.</translation>
    </message>
    <message>
        <source>Trap the bar evenly with both arms.</source>
        <translation>Klemm die Stange mit beiden Armen gleich fest.</translation>
    </message>
    <message>
        <source>Both hands the same, all the way.</source>
        <translation>Beide Hände gleich, den ganzen Weg.</translation>
    </message>
    <message>
        <source>Centre the bar by its rings before you take it.</source>
        <translation>Nimm die Stange nach ihren Ringen mittig, bevor du sie hebst.</translation>
    </message>
    <message>
        <source>A full glass stands on the bar.</source>
        <translation>Auf der Stange steht ein volles Glas.</translation>
    </message>
    <message>
        <source>Look at both ends of the bar before you go.</source>
        <translation>Sieh beide Enden der Stange an, bevor du anfängst.</translation>
    </message>
    <message>
        <source>Same spot: the lower seam of your shirt.</source>
        <translation>Dieselbe Stelle: der untere Saum deines Hemds.</translation>
    </message>
    <message>
        <source>Bring the bar to my finger.</source>
        <translation>Bring die Stange zu meinem Finger.</translation>
    </message>
    <message>
        <source>One nail in your chest: hit its head each time.</source>
        <translation>Ein Nagel in deiner Brust: Triff jedes Mal den Kopf.</translation>
    </message>
    <message>
        <source>Up and back, over your shoulders.</source>
        <translation>Hinauf und zurück, über deine Schultern.</translation>
    </message>
    <message>
        <source>Press toward the rack behind you.</source>
        <translation>Drück zum Gestell hinter dir.</translation>
    </message>
    <message>
        <source>Throw the bar back over your face.</source>
        <translation>Wirf die Stange zurück über dein Gesicht.</translation>
    </message>
    <message>
        <source>Elbows right under the bar at the chest.</source>
        <translation>Ellbogen an der Brust genau unter der Stange.</translation>
    </message>
    <message>
        <source>Your forearms are two posts under a beam.</source>
        <translation>Deine Unterarme sind zwei Pfosten unter einem Balken.</translation>
    </message>
    <message>
        <source>Fist to the ceiling, bar on the heel of the hand.</source>
        <translation>Faust zur Decke, Stange auf dem Handballen.</translation>
    </message>
    <message>
        <source>Punch the ceiling with both knuckles.</source>
        <translation>Stoß mit beiden Knöcheln an die Decke.</translation>
    </message>
    <message>
        <source>Bar still on the chest, then go on my word.</source>
        <translation>Stange still auf der Brust, dann los auf mein Wort.</translation>
    </message>
    <message>
        <source>Set it on glass: touch, do not press in.</source>
        <translation>Leg sie auf Glas: berühren, nicht eindrücken.</translation>
    </message>
    <message>
        <source>Push along the bench, toward your head.</source>
        <translation>Schieb längs der Bank, zu deinem Kopf hin.</translation>
    </message>
    <message>
        <source>Your belt is screwed to the bench.</source>
        <translation>Dein Gürtel ist an der Bank festgeschraubt.</translation>
    </message>
    <message>
        <source>Feet flat and quiet before you lift off.</source>
        <translation>Füße flach und ruhig, bevor du heraushebst.</translation>
    </message>
    <message>
        <source>Your soles are nailed to the floor.</source>
        <translation>Deine Sohlen sind am Boden festgenagelt.</translation>
    </message>
    <message>
        <source>Head stays down, look at the ceiling.</source>
        <translation>Der Kopf bleibt unten, sieh zur Decke.</translation>
    </message>
    <message>
        <source>Leave a dent in the pad with your head.</source>
        <translation>Drück mit dem Kopf eine Delle ins Polster.</translation>
    </message>
    <message>
        <source>Blades back and down, all the set.</source>
        <translation>Schulterblätter zurück und hinab, den ganzen Satz.</translation>
    </message>
    <message>
        <source>Put your blades into your back pockets.</source>
        <translation>Steck die Schulterblätter in die Gesäßtaschen.</translation>
    </message>
    <message>
        <source>Push yourself into the pad, not the bar away.</source>
        <translation>Drück dich ins Polster, nicht die Stange weg.</translation>
    </message>
    <message>
        <source>Finish: both elbows straight.</source>
        <translation>Zu Ende: beide Ellbogen gestreckt.</translation>
    </message>
    <message>
        <source>Reach the bar to the ceiling.</source>
        <translation>Reich die Stange zur Decke.</translation>
    </message>
    <message>
        <source>Legs on as the bar leaves the chest.</source>
        <translation>Beine dazu, wenn die Stange die Brust verlässt.</translation>
    </message>
    <message>
        <source>Press the bar away as fast as you can.</source>
        <translation>Drück die Stange weg, so schnell du kannst.</translation>
    </message>
    <message>
        <source>Keep driving through the middle.</source>
        <translation>Drück durch die Mitte weiter.</translation>
    </message>
    <message>
        <source>Hands one finger nearer to each other.</source>
        <translation>Hände um einen Finger näher zueinander.</translation>
    </message>
    <message>
        <source>Step in: the bar cuts your foot in half.</source>
        <translation>Tritt heran: Die Stange schneidet deinen Fuß in zwei Hälften.</translation>
    </message>
    <message>
        <source>The bar lies over the knot of your laces.</source>
        <translation>Die Stange liegt über dem Knoten deiner Schnürsenkel.</translation>
    </message>
    <message>
        <source>A little further from the bar before you bend.</source>
        <translation>Etwas weiter weg von der Stange, bevor du dich beugst.</translation>
    </message>
    <message>
        <source>Bend the knees until your shins touch the bar.</source>
        <translation>Beug die Knie, bis die Schienbeine die Stange berühren.</translation>
    </message>
    <message>
        <source>The bar does not move until it leaves.</source>
        <translation>Die Stange rührt sich nicht, bis sie abhebt.</translation>
    </message>
    <message>
        <source>The bar is glued to the floor: you come to it.</source>
        <translation>Die Stange klebt am Boden: Du kommst zu ihr.</translation>
    </message>
    <message>
        <source>Wedge yourself in, hips wait for the bar.</source>
        <translation>Keil dich hinein, die Hüfte wartet auf die Stange.</translation>
    </message>
    <message>
        <source>Tighten the rope before you tow.</source>
        <translation>Straff das Seil, bevor du schleppst.</translation>
    </message>
    <message>
        <source>Hips up until your arms hang before your knees.</source>
        <translation>Hüfte hinauf, bis die Arme vor den Knien hängen.</translation>
    </message>
    <message>
        <source>Shoulders over the bar, armpits above it.</source>
        <translation>Schultern über die Stange, Achseln darüber.</translation>
    </message>
    <message>
        <source>Bend the knees a little more, legs into it.</source>
        <translation>Beug die Knie etwas mehr, Beine hinein.</translation>
    </message>
    <message>
        <source>Clamp your upper arms to your ribs.</source>
        <translation>Klemm die Oberarme an die Rippen.</translation>
    </message>
    <message>
        <source>Push the floor away from the bar.</source>
        <translation>Schieb den Boden von der Stange weg.</translation>
    </message>
    <message>
        <source>A leg press with the bar in your hands.</source>
        <translation>Eine Beinpresse mit der Stange in den Händen.</translation>
    </message>
    <message>
        <source>Your arms are ropes with hooks.</source>
        <translation>Deine Arme sind Seile mit Haken.</translation>
    </message>
    <message>
        <source>Long arms, squeeze the triceps.</source>
        <translation>Lange Arme, spann die Armstrecker.</translation>
    </message>
    <message>
        <source>Clamp the upper arms, bar against the legs.</source>
        <translation>Oberarme anklemmen, Stange an die Beine.</translation>
    </message>
    <message>
        <source>Shave your legs with the bar.</source>
        <translation>Rasier dir mit der Stange die Beine.</translation>
    </message>
    <message>
        <source>Push through the rear half of your foot.</source>
        <translation>Drück durch die hintere Hälfte des Fußes.</translation>
    </message>
    <message>
        <source>Straight up, like along a plumb line.</source>
        <translation>Gerade hinauf, wie an einem Lot.</translation>
    </message>
    <message>
        <source>Stand as against a wall.</source>
        <translation>Steh wie an einer Wand.</translation>
    </message>
    <message>
        <source>Hips first on the way down, knees when the bar has passed.</source>
        <translation>Hüfte zuerst auf dem Weg hinab, die Knie, wenn die Stange vorbei ist.</translation>
    </message>
    <message>
        <source>Close a car door behind you with your hips.</source>
        <translation>Schließ mit der Hüfte eine Autotür hinter dir.</translation>
    </message>
    <message>
        <source>Set it down on the same line.</source>
        <translation>Setz sie auf dieselbe Linie.</translation>
    </message>
    <message>
        <source>Stand as for a jump.</source>
        <translation>Steh wie vor einem Sprung.</translation>
    </message>
    <message>
        <source>Shins upright, knees over the feet.</source>
        <translation>Schienbeine aufrecht, Knie über den Füßen.</translation>
    </message>
    <message>
        <source>Spread the floor before you pull.</source>
        <translation>Schieb den Boden auseinander, bevor du ziehst.</translation>
    </message>
    <message>
        <source>Toes only as far out as the knees follow.</source>
        <translation>Zehen nur so weit hinaus, wie die Knie folgen.</translation>
    </message>
    <message>
        <source>Let the arms hang straight down, hands just outside the legs.</source>
        <translation>Lass die Arme gerade hängen, die Hände knapp außen an den Beinen.</translation>
    </message>
    <message>
        <source>Even steps</source>
        <translation>Gleiche Schritte</translation>
    </message>
    <message>
        <source>Sets of five; the same step from session to session, while form holds and nothing has to be ground out.</source>
        <translation>Fünfersätze; derselbe Schritt von Einheit zu Einheit, solange die Form hält und nichts erkämpft werden muss.</translation>
    </message>
    <message>
        <source>Top single and back-offs</source>
        <translation>Schwerer Einzelner und leichtere danach</translation>
    </message>
    <message>
        <source>A single at effort 8, then five or six sets of five or six at about 80 % of it; 1 to 2 % more a week while the effort stays.</source>
        <translation>Ein Einzelner bei Anstrengung 8, dann fünf oder sechs Sätze von fünf oder sechs mit etwa 80 % davon; 1 bis 2 % mehr in der Woche, solange die Anstrengung bleibt.</translation>
    </message>
    <message>
        <source>Narrower and heavier</source>
        <translation>Enger und schwerer</translation>
    </message>
    <message>
        <source>The weeks before a test: a single at effort 8.5, then few sets of three closer to it.</source>
        <translation>Die Wochen vor einem Test: ein Einzelner bei Anstrengung 8,5, dann wenige Dreiersätze näher daran.</translation>
    </message>
    <message>
        <source>Guarded by speed</source>
        <translation>Nach dem Tempo geführt</translation>
    </message>
    <message>
        <source>Fast sets: the load follows the lifter&apos;s own speeds, and a set ends when the bar has lost a fifth of its speed.</source>
        <translation>Schnelle Sätze: Die Last folgt dem eigenen Tempo, und ein Satz endet, wenn die Stange ein Fünftel davon verloren hat.</translation>
    </message>
    <message>
        <source>as deep as the pelvis stays</source>
        <translation>so tief, wie das Becken bleibt</translation>
    </message>
    <message>
        <source>Depth ends where the pelvis tucks: only clearly short of parallel counts.</source>
        <translation>Die Tiefe endet, wo das Becken einkippt: Nur klar über parallel zählt.</translation>
    </message>
    <message>
        <source>This is what sets the depth: less of it already counts.</source>
        <translation>Das bestimmt hier die Tiefe: Schon weniger davon zählt.</translation>
    </message>
    <message>
        <source>shoulder blades neutral and rigid</source>
        <translation>Schulterblätter neutral und fest</translation>
    </message>
    <message>
        <source>Blades that are not pulled down leave the arms a little longer and let them shrug less.</source>
        <translation>Schulterblätter, die nicht hinabgezogen sind, lassen die Arme etwas länger und weniger zucken.</translation>
    </message>
    <message>
        <source>air out above the middle</source>
        <translation>Luft heraus über der Mitte</translation>
    </message>
    <message>
        <source>There is breath during the rep.</source>
        <translation>Während der Wiederholung wird geatmet.</translation>
    </message>
    <message>
        <source>competition press</source>
        <translation>Wettkampfdrücken</translation>
    </message>
    <message>
        <source>The pause is part of the lift.</source>
        <translation>Die Pause gehört zur Hebung.</translation>
    </message>
    <message>
        <source>At a meet a seat that leaves the bench is no lift.</source>
        <translation>Im Wettkampf ist ein Gesäß, das die Bank verlässt, keine Hebung.</translation>
    </message>
    <message>
        <source>At a meet feet that move are no lift.</source>
        <translation>Im Wettkampf sind Füße, die sich bewegen, keine Hebung.</translation>
    </message>
    <message>
        <source>At a meet both elbows are locked.</source>
        <translation>Im Wettkampf sind beide Ellbogen gestreckt.</translation>
    </message>
    <message>
        <source>limited depth for a time</source>
        <translation>begrenzte Tiefe auf Zeit</translation>
    </message>
    <message>
        <source>Range is limited for a time.</source>
        <translation>Die Weite ist auf Zeit begrenzt.</translation>
    </message>
    <message>
        <source>flatter press, longer range</source>
        <translation>flacheres Drücken, längerer Weg</translation>
    </message>
    <message>
        <source>Flat is the point of it.</source>
        <translation>Flach ist hier der Sinn.</translation>
    </message>
    <message>
        <source>A flatter chest is touched higher.</source>
        <translation>Eine flachere Brust wird höher berührt.</translation>
    </message>
    <message>
        <source>eyes ahead</source>
        <translation>Augen nach vorn</translation>
    </message>
    <message>
        <source>The head is meant to come up with the pull.</source>
        <translation>Der Kopf soll mit dem Zug hochkommen.</translation>
    </message>
    <message>
        <source>hips by felt tension</source>
        <translation>Hüfte nach gefühlter Spannung</translation>
    </message>
    <message>
        <source>Within a range the hips are where the tension is felt.</source>
        <translation>In einem Bereich steht die Hüfte, wo die Spannung gefühlt wird.</translation>
    </message>
    <message>
        <source>Wedging in lifts the hips a little before the bar leaves.</source>
        <translation>Das Einkeilen hebt die Hüfte ein wenig, bevor die Stange abhebt.</translation>
    </message>
    <message>
        <source>heels up</source>
        <translation>Fersen hoch</translation>
    </message>
    <message>
        <source>On the toes the feet give a little.</source>
        <translation>Auf den Zehen geben die Füße etwas nach.</translation>
    </message>
    <message>
        <source>hip-led squat</source>
        <translation>Kniebeuge aus der Hüfte</translation>
    </message>
    <message>
        <source>The hips lead by intent: the trunk may lean on a little before it follows.</source>
        <translation>Die Hüfte führt mit Absicht: Der Rumpf darf sich ein wenig weiter neigen, bevor er folgt.</translation>
    </message>
    <message>
        <source>The same allowance, by the way made.</source>
        <translation>Dieselbe Erlaubnis, am Weg gemessen.</translation>
    </message>
    <message>
        <source>Sitting back begins with the hips.</source>
        <translation>Zurücksetzen beginnt mit der Hüfte.</translation>
    </message>
    <message>
        <source>A chest that leads takes the hips out of it; what others pass over counts.</source>
        <translation>Eine führende Brust nimmt die Hüfte heraus; was andere übergehen, zählt.</translation>
    </message>
    <message>
        <source>A low bar leans a standing trunk further.</source>
        <translation>Eine tiefe Stange neigt den stehenden Rumpf weiter.</translation>
    </message>
    <message>
        <source>hips first</source>
        <translation>Hüfte zuerst</translation>
    </message>
    <message>
        <source>Hips first is asked for.</source>
        <translation>Hüfte zuerst ist verlangt.</translation>
    </message>
    <message>
        <source>Even a little of the knees first is the other way round.</source>
        <translation>Schon ein wenig der Knie zuerst ist der andere Weg.</translation>
    </message>
    <message>
        <source>knee-loading squat for muscle</source>
        <translation>kniebelastende Kniebeuge für Muskeln</translation>
    </message>
    <message>
        <source>The full bend is the point of it: 3 cm below parallel at least.</source>
        <translation>Die volle Beugung ist der Sinn: mindestens 3 cm unter parallel.</translation>
    </message>
    <message>
        <source>Knees first is asked for.</source>
        <translation>Knie zuerst ist verlangt.</translation>
    </message>
    <message>
        <source>Hips that go first take the knees out of it.</source>
        <translation>Eine Hüfte, die zuerst geht, nimmt die Knie heraus.</translation>
    </message>
    <message>
        <source>Slower down, to build muscle.</source>
        <translation>Langsamer hinab, um Muskeln aufzubauen.</translation>
    </message>
    <message>
        <source>Knees go forward by intent.</source>
        <translation>Die Knie gehen mit Absicht vor.</translation>
    </message>
    <message>
        <source>Knees stay back</source>
        <translation>Knie bleiben hinten</translation>
    </message>
    <message>
        <source>Knees may stay back</source>
        <translation>Knie bleiben vielleicht hinten</translation>
    </message>
    <message>
        <source>knees forward</source>
        <translation>Knie vor</translation>
    </message>
    <message>
        <source>Knees {} in front of the toes</source>
        <translation>Knie {} vor den Zehen</translation>
    </message>
    <message>
        <source>Knees past the toes are wanted.</source>
        <translation>Knie vor den Zehen sind gewollt.</translation>
    </message>
    <message>
        <source>knee-sparing squat</source>
        <translation>knieschonende Kniebeuge</translation>
    </message>
    <message>
        <source>Depth is limited for a while: down to some 8 cm above parallel is asked, no more.</source>
        <translation>Die Tiefe ist eine Weile begrenzt: verlangt bis etwa 8 cm über parallel, nicht mehr.</translation>
    </message>
    <message>
        <source>The shin is kept as vertical as the balance allows.</source>
        <translation>Das Schienbein bleibt so senkrecht, wie das Gleichgewicht erlaubt.</translation>
    </message>
    <message>
        <source>Weight a bit to the heel.</source>
        <translation>Gewicht etwas zur Ferse.</translation>
    </message>
    <message>
        <source>Forward goes to the knee.</source>
        <translation>Nach vorn geht es aufs Knie.</translation>
    </message>
    <message>
        <source>Hips first, so that the shin stays upright.</source>
        <translation>Hüfte zuerst, damit das Schienbein aufrecht bleibt.</translation>
    </message>
    <message>
        <source>Knees that go first take the load.</source>
        <translation>Knie, die zuerst gehen, nehmen die Last.</translation>
    </message>
    <message>
        <source>knees first</source>
        <translation>Knie zuerst</translation>
    </message>
    <message>
        <source>Even a little of the hips first is the other way round.</source>
        <translation>Schon ein wenig der Hüfte zuerst ist der andere Weg.</translation>
    </message>
    <message>
        <source>three quarters on the heel</source>
        <translation>drei Viertel auf der Ferse</translation>
    </message>
    <message>
        <source>The balance lies 3 cm further back.</source>
        <translation>Das Gleichgewicht liegt 3 cm weiter hinten.</translation>
    </message>
    <message>
        <source>as quick as tightness allows</source>
        <translation>so schnell, wie die Spannung erlaubt</translation>
    </message>
    <message>
        <source>Quick is asked for; only a fall is not.</source>
        <translation>Schnell ist verlangt; nur ein Fall ist es nicht.</translation>
    </message>
    <message>
        <source>Slow is not this way.</source>
        <translation>Langsam ist nicht dieser Weg.</translation>
    </message>
    <message>
        <source>repair before adding</source>
        <translation>erst beheben, dann zulegen</translation>
    </message>
    <message>
        <source>stiff in whatever shape it starts</source>
        <translation>fest in der Form, in der es beginnt</translation>
    </message>
    <message>
        <source>The upper back may round under a heavy bar; the points tell both together.</source>
        <translation>Der obere Rücken darf sich unter einer schweren Stange runden; die Punkte sagen beides zusammen.</translation>
    </message>
    <message>
        <source>pull up and slightly back</source>
        <translation>hinauf und leicht zurück ziehen</translation>
    </message>
    <message>
        <source>The pull goes back: forward counts sooner.</source>
        <translation>Der Zug geht zurück: Nach vorn zählt früher.</translation>
    </message>
    <message>
        <source>Slightly back is asked for.</source>
        <translation>Leicht zurück ist verlangt.</translation>
    </message>
    <message>
        <source>upright squat</source>
        <translation>aufrechte Kniebeuge</translation>
    </message>
    <message>
        <source>The trunk is kept: less of a change is already one.</source>
        <translation>Der Rumpf bleibt: Weniger Änderung ist schon eine.</translation>
    </message>
    <message>
        <source>The same, by the way made.</source>
        <translation>Dasselbe, am Weg gemessen.</translation>
    </message>
    <message>
        <source>Knees may go first: they are meant to travel.</source>
        <translation>Die Knie dürfen zuerst gehen: Sie sollen wandern.</translation>
    </message>
    <message>
        <source>Under a high bar one stands nearly upright.</source>
        <translation>Unter einer hohen Stange steht man fast aufrecht.</translation>
    </message>
    <message>
        <source>wide competition squat</source>
        <translation>weite Wettkampfkniebeuge</translation>
    </message>
    <message>
        <source>Judged as at a meet: short is short.</source>
        <translation>Beurteilt wie im Wettkampf: zu kurz ist zu kurz.</translation>
    </message>
    <message>
        <source>The wider the stance, the sooner the knees fall inside the feet.</source>
        <translation>Je weiter der Stand, desto eher fallen die Knie innen von den Füßen.</translation>
    </message>
    <message>
        <source>Sitting back between the feet begins with the hips.</source>
        <translation>Sich zwischen die Füße zu setzen beginnt mit der Hüfte.</translation>
    </message>
    <message>
        <source>left knee inside its line</source>
        <translation>linkes Knie innen von seiner Linie</translation>
    </message>
    <message>
        <source>right knee inside its line</source>
        <translation>rechtes Knie innen von seiner Linie</translation>
    </message>
    <message>
        <source>left knee further in on the way up</source>
        <translation>linkes Knie auf dem Weg hinauf weiter innen</translation>
    </message>
    <message>
        <source>right knee further in on the way up</source>
        <translation>rechtes Knie auf dem Weg hinauf weiter innen</translation>
    </message>
    <message>
        <source>left toes out</source>
        <translation>linke Zehen nach außen</translation>
    </message>
    <message>
        <source>right toes out</source>
        <translation>rechte Zehen nach außen</translation>
    </message>
    <message>
        <source>hips shifted to the right of the picture</source>
        <translation>Hüfte nach rechts im Bild verschoben</translation>
    </message>
    <message>
        <source>bar to the right of the shoulders&apos; middle</source>
        <translation>Stange rechts der Schultermitte</translation>
    </message>
    <message>
        <source>right elbow above the left</source>
        <translation>rechter Ellbogen über dem linken</translation>
    </message>
    <message>
        <source>grip against shoulder width</source>
        <translation>Griff gegen die Schulterbreite</translation>
    </message>
    <message>
        <source>left forearm lean at the touch</source>
        <translation>Neigung des linken Unterarms beim Aufsetzen</translation>
    </message>
    <message>
        <source>right forearm lean at the touch</source>
        <translation>Neigung des rechten Unterarms beim Aufsetzen</translation>
    </message>
    <message>
        <source>tilt of the bar at lock-out</source>
        <translation>Schiefe der Stange bei der Streckung</translation>
    </message>
    <message>
        <source>left shin lean at lift-off</source>
        <translation>Neigung des linken Schienbeins beim Abheben</translation>
    </message>
    <message>
        <source>right shin lean at lift-off</source>
        <translation>Neigung des rechten Schienbeins beim Abheben</translation>
    </message>
    <message>
        <source>left knee outside the foot</source>
        <translation>linkes Knie außen vom Fuß</translation>
    </message>
    <message>
        <source>right knee outside the foot</source>
        <translation>rechtes Knie außen vom Fuß</translation>
    </message>
    <message>
        <source>left arm lean at lift-off</source>
        <translation>Neigung des linken Arms beim Abheben</translation>
    </message>
    <message>
        <source>right arm lean at lift-off</source>
        <translation>Neigung des rechten Arms beim Abheben</translation>
    </message>
    <message>
        <source>time down</source>
        <translation>Zeit hinab</translation>
    </message>
    <message>
        <source>time up</source>
        <translation>Zeit hinauf</translation>
    </message>
    <message>
        <source>pause at the turn</source>
        <translation>Pause am Umkehrpunkt</translation>
    </message>
    <message>
        <source>rest before the rep</source>
        <translation>Ruhe vor der Wiederholung</translation>
    </message>
    <message>
        <source>mean speed up</source>
        <translation>mittleres Tempo hinauf</translation>
    </message>
    <message>
        <source>peak speed up</source>
        <translation>höchstes Tempo hinauf</translation>
    </message>
    <message>
        <source>slowest speed where it sticks</source>
        <translation>langsamstes Tempo am Haftpunkt</translation>
    </message>
    <message>
        <source>height where it sticks</source>
        <translation>Höhe des Haftpunkts</translation>
    </message>
    <message>
        <source>time in the sticking region</source>
        <translation>Zeit am Haftpunkt</translation>
    </message>
    <message>
        <source>speed lost over the set</source>
        <translation>Tempoverlust im Satz</translation>
    </message>
    <message>
        <source>height gained by the bar</source>
        <translation>von der Stange gewonnene Höhe</translation>
    </message>
    <message>
        <source>length of the bar&apos;s path up</source>
        <translation>Länge des Stangenwegs hinauf</translation>
    </message>
    <message>
        <source>drift forward on the way up</source>
        <translation>Wandern nach vorn auf dem Weg hinauf</translation>
    </message>
    <message>
        <source>drift back on the way up</source>
        <translation>Wandern nach hinten auf dem Weg hinauf</translation>
    </message>
    <message>
        <source>drift at a quarter of the way up</source>
        <translation>Wandern auf einem Viertel des Wegs hinauf</translation>
    </message>
    <message>
        <source>drift half-way up</source>
        <translation>Wandern auf halbem Weg hinauf</translation>
    </message>
    <message>
        <source>drift at three quarters of the way up</source>
        <translation>Wandern auf drei Vierteln des Wegs hinauf</translation>
    </message>
    <message>
        <source>way up in front of the way down</source>
        <translation>Weg hinauf vor dem Weg hinab</translation>
    </message>
    <message>
        <source>greatest force on the bar</source>
        <translation>größte Kraft an der Stange</translation>
    </message>
    <message>
        <source>work on the bar</source>
        <translation>Arbeit an der Stange</translation>
    </message>
    <message>
        <source>mean power on the bar</source>
        <translation>mittlere Leistung an der Stange</translation>
    </message>
    <message>
        <source>speed down against free fall</source>
        <translation>Tempo hinab gegen den freien Fall</translation>
    </message>
    <message>
        <source>greatest tilt of the bar</source>
        <translation>größte Schiefe der Stange</translation>
    </message>
    <message>
        <source>touch below the shoulder</source>
        <translation>Aufsetzen unter der Schulter</translation>
    </message>
    <message>
        <source>touch against the other reps</source>
        <translation>Aufsetzen gegen die anderen Wiederholungen</translation>
    </message>
    <message>
        <source>path back toward the head</source>
        <translation>Weg zurück zum Kopf</translation>
    </message>
    <message>
        <source>forearm lean at the touch</source>
        <translation>Neigung des Unterarms beim Aufsetzen</translation>
    </message>
    <message>
        <source>wrist bent back at the touch</source>
        <translation>Handgelenk beim Aufsetzen zurückgebeugt</translation>
    </message>
    <message>
        <source>elbow flexion at lock-out</source>
        <translation>Beugung des Ellbogens bei der Streckung</translation>
    </message>
    <message>
        <source>sink after the touch</source>
        <translation>Einsinken nach dem Aufsetzen</translation>
    </message>
    <message>
        <source>seat off the bench</source>
        <translation>Gesäß über der Bank</translation>
    </message>
    <message>
        <source>head off the bench</source>
        <translation>Kopf über der Bank</translation>
    </message>
    <message>
        <source>shoulders off the bench</source>
        <translation>Schultern über der Bank</translation>
    </message>
    <message>
        <source>foot moved toward the head</source>
        <translation>Fuß zum Kopf bewegt</translation>
    </message>
    <message>
        <source>height of the bar</source>
        <translation>Höhe der Stange</translation>
    </message>
    <message>
        <source>bar forward</source>
        <translation>Stange nach vorn</translation>
    </message>
    <message>
        <source>speed of the bar</source>
        <translation>Tempo der Stange</translation>
    </message>
    <message>
        <source>trunk lean</source>
        <translation>Neigung des Rumpfes</translation>
    </message>
    <message>
        <source>shin lean</source>
        <translation>Neigung des Schienbeins</translation>
    </message>
    <message>
        <source>knee flexion</source>
        <translation>Beugung des Knies</translation>
    </message>
    <message>
        <source>hip flexion</source>
        <translation>Beugung der Hüfte</translation>
    </message>
    <message>
        <source>hip below knee</source>
        <translation>Hüfte unter Knie</translation>
    </message>
    <message>
        <source>elbow flexion</source>
        <translation>Beugung des Ellbogens</translation>
    </message>
    <message>
        <source>lever at the hip</source>
        <translation>Hebel an der Hüfte</translation>
    </message>
    <message>
        <source>lever at the knee</source>
        <translation>Hebel am Knie</translation>
    </message>
    <message>
        <source>lever at the shoulder</source>
        <translation>Hebel an der Schulter</translation>
    </message>
    <message>
        <source>moment of the bar about the hips</source>
        <translation>Moment der Stange um die Hüften</translation>
    </message>
    <message>
        <source>moment of the bar about the knees</source>
        <translation>Moment der Stange um die Knie</translation>
    </message>
    <message>
        <source>moment of the bar about the shoulders</source>
        <translation>Moment der Stange um die Schultern</translation>
    </message>
    <message>
        <source>moment of the hips</source>
        <translation>Moment der Hüften</translation>
    </message>
    <message>
        <source>moment of the knees</source>
        <translation>Moment der Knie</translation>
    </message>
    <message>
        <source>tilt of the bar</source>
        <translation>Schiefe der Stange</translation>
    </message>
    <message>
        <source>knees apart</source>
        <translation>Knie auseinander</translation>
    </message>
    <message>
        <source>bar in front of the shin at lift-off</source>
        <translation>Stange vor dem Schienbein beim Abheben</translation>
    </message>
    <message>
        <source>bar against mid-foot at lift-off</source>
        <translation>Stange gegen die Fußmitte beim Abheben</translation>
    </message>
    <message>
        <source>bar rolled before the pull</source>
        <translation>Stange vor dem Zug gerollt</translation>
    </message>
    <message>
        <source>hips rise before the bar</source>
        <translation>Steigen der Hüfte vor der Stange</translation>
    </message>
    <message>
        <source>shoulder in front of the bar at lift-off</source>
        <translation>Schulter vor der Stange beim Abheben</translation>
    </message>
    <message>
        <source>arm angle at lift-off</source>
        <translation>Winkel des Arms beim Abheben</translation>
    </message>
    <message>
        <source>knee in front of the arm at lift-off</source>
        <translation>Knie vor dem Arm beim Abheben</translation>
    </message>
    <message>
        <source>arms bent in the pull</source>
        <translation>Arme im Zug gebeugt</translation>
    </message>
    <message>
        <source>trunk change from the floor to the knee</source>
        <translation>Änderung des Rumpfes vom Boden zum Knie</translation>
    </message>
    <message>
        <source>hip rise to shoulder rise, floor to knee</source>
        <translation>Steigen der Hüfte zu dem der Schultern, Boden bis Knie</translation>
    </message>
    <message>
        <source>drift from the leg</source>
        <translation>Abstand vom Bein</translation>
    </message>
    <message>
        <source>lean back at lock-out</source>
        <translation>Rücklage bei der Streckung</translation>
    </message>
    <message>
        <source>back rounded in the pull</source>
        <translation>Rücken im Zug gerundet</translation>
    </message>
    <message>
        <source>knee flexion as the bar comes down past it</source>
        <translation>Beugung des Knies, wenn die Stange herabkommt</translation>
    </message>
    <message>
        <source>landing in front of the start</source>
        <translation>Absetzen vor dem Anfang</translation>
    </message>
    <message>
        <source>share of the hip in the levers</source>
        <translation>Anteil der Hüfte an den Hebeln</translation>
    </message>
    <message>
        <source>lever at the elbow</source>
        <translation>Hebel am Ellbogen</translation>
    </message>
    <message>
        <source>moment of the ankles</source>
        <translation>Moment der Knöchel</translation>
    </message>
    <message>
        <source>moment of the shoulders</source>
        <translation>Moment der Schultern</translation>
    </message>
    <message>
        <source>moment of the elbows</source>
        <translation>Moment der Ellbogen</translation>
    </message>
    <message>
        <source>crease above kneecap</source>
        <translation>Hüftfalte über Kniescheibe</translation>
    </message>
    <message>
        <source>trunk lean at the start</source>
        <translation>Neigung des Rumpfes am Anfang</translation>
    </message>
    <message>
        <source>trunk lean at the turn</source>
        <translation>Neigung des Rumpfes am Umkehrpunkt</translation>
    </message>
    <message>
        <source>greatest trunk lean</source>
        <translation>größte Neigung des Rumpfes</translation>
    </message>
    <message>
        <source>trunk change on the way up</source>
        <translation>Änderung des Rumpfes auf dem Weg hinauf</translation>
    </message>
    <message>
        <source>trunk lean lost out of the bottom</source>
        <translation>unten verlorene Neigung des Rumpfes</translation>
    </message>
    <message>
        <source>hip rise to shoulder rise</source>
        <translation>Steigen der Hüfte zu dem der Schultern</translation>
    </message>
    <message>
        <source>shin lean at the start</source>
        <translation>Neigung des Schienbeins am Anfang</translation>
    </message>
    <message>
        <source>shin lean at the bottom</source>
        <translation>Neigung des Schienbeins unten</translation>
    </message>
    <message>
        <source>greatest shin lean</source>
        <translation>größte Neigung des Schienbeins</translation>
    </message>
    <message>
        <source>thigh angle at the bottom</source>
        <translation>Winkel des Oberschenkels unten</translation>
    </message>
    <message>
        <source>knee flexion at the turn</source>
        <translation>Beugung des Knies am Umkehrpunkt</translation>
    </message>
    <message>
        <source>hip flexion at the turn</source>
        <translation>Beugung der Hüfte am Umkehrpunkt</translation>
    </message>
    <message>
        <source>range of the hip</source>
        <translation>Weite der Hüfte</translation>
    </message>
    <message>
        <source>range of the knee</source>
        <translation>Weite des Knies</translation>
    </message>
    <message>
        <source>hip range to knee range</source>
        <translation>Weite der Hüfte zu der des Knies</translation>
    </message>
    <message>
        <source>knee in front of the toe</source>
        <translation>Knie vor der Zehe</translation>
    </message>
    <message>
        <source>bar in front of mid-foot</source>
        <translation>Stange vor der Fußmitte</translation>
    </message>
    <message>
        <source>bar behind mid-foot</source>
        <translation>Stange hinter der Fußmitte</translation>
    </message>
    <message>
        <source>bar against mid-foot at the turn</source>
        <translation>Stange gegen die Fußmitte am Umkehrpunkt</translation>
    </message>
    <message>
        <source>heel off the floor</source>
        <translation>Ferse über dem Boden</translation>
    </message>
    <message>
        <source>hips before knees at the start</source>
        <translation>Hüfte vor den Knien am Anfang</translation>
    </message>
    <message>
        <source>hips after knees at lock-out</source>
        <translation>Hüfte nach den Knien bei der Streckung</translation>
    </message>
    <message>
        <source>pelvis tucked under</source>
        <translation>Becken eingekippt</translation>
    </message>
    <message>
        <source>back rounded</source>
        <translation>Rücken gerundet</translation>
    </message>
    <message>
        <source>head moved against the trunk</source>
        <translation>Kopf gegen den Rumpf bewegt</translation>
    </message>
    <message>
        <source>Pins at the depth where the trunk begins to drop</source>
        <translation>Ablagen in der Tiefe, in der der Rumpf zu fallen beginnt</translation>
    </message>
    <message>
        <source>Breathe and brace anew before each rep</source>
        <translation>Vor jeder Wiederholung neu atmen und anspannen</translation>
    </message>
    <message>
        <source>Dead stop, then back and bar go up as one</source>
        <translation>Völliger Halt, dann gehen Rücken und Stange als eins hinauf</translation>
    </message>
    <message>
        <source>Two seconds still at the bottom, tight</source>
        <translation>Zwei Sekunden still unten, fest</translation>
    </message>
    <message>
        <source>The whole foot stays down</source>
        <translation>Der ganze Fuß bleibt unten</translation>
    </message>
    <message>
        <source>Straight up, not forward or back</source>
        <translation>Gerade hinauf, weder vor noch zurück</translation>
    </message>
    <message>
        <source>Stay as upright as the bar lets you</source>
        <translation>Bleib so aufrecht, wie die Stange dich lässt</translation>
    </message>
    <message>
        <source>Elbows still</source>
        <translation>Ellbogen ruhig</translation>
    </message>
    <message>
        <source>Stand fully between reps</source>
        <translation>Zwischen den Wiederholungen ganz aufstehen</translation>
    </message>
    <message>
        <source>Knees may go forward</source>
        <translation>Die Knie dürfen vor</translation>
    </message>
    <message>
        <source>Full depth</source>
        <translation>Volle Tiefe</translation>
    </message>
    <message>
        <source>Trunk as upright as this build allows</source>
        <translation>Rumpf so aufrecht, wie dieser Bau erlaubt</translation>
    </message>
    <message>
        <source>Weight at the chest</source>
        <translation>Gewicht vor der Brust</translation>
    </message>
    <message>
        <source>Elbows inside the knees at the bottom</source>
        <translation>Unten die Ellbogen innen an den Knien</translation>
    </message>
    <message>
        <source>Heels stay down</source>
        <translation>Fersen bleiben unten</translation>
    </message>
    <message>
        <source>The same depth on every rep</source>
        <translation>Dieselbe Tiefe in jeder Wiederholung</translation>
    </message>
    <message>
        <source>Stop the set when depth is lost</source>
        <translation>Den Satz beenden, wenn die Tiefe verloren geht</translation>
    </message>
    <message>
        <source>Three to four seconds down</source>
        <translation>Drei bis vier Sekunden hinab</translation>
    </message>
    <message>
        <source>No bounce</source>
        <translation>Nicht federn</translation>
    </message>
    <message>
        <source>Fast up</source>
        <translation>Schnell hinauf</translation>
    </message>
    <message>
        <source>Hands turned about 45°</source>
        <translation>Hände um etwa 45° gedreht</translation>
    </message>
    <message>
        <source>Chest drawn up</source>
        <translation>Brust hochgezogen</translation>
    </message>
    <message>
        <source>Deep stretch and a definite pause</source>
        <translation>Tiefe Dehnung und eine deutliche Pause</translation>
    </message>
    <message>
        <source>Full lock-out</source>
        <translation>Volle Streckung</translation>
    </message>
    <message>
        <source>Touch where the bar touches</source>
        <translation>Aufsetzen, wo die Stange aufsetzt</translation>
    </message>
    <message>
        <source>One second still on the chest</source>
        <translation>Eine Sekunde still auf der Brust</translation>
    </message>
    <message>
        <source>Same spot every rep</source>
        <translation>Dieselbe Stelle in jeder Wiederholung</translation>
    </message>
    <message>
        <source>Push along the bench</source>
        <translation>Längs der Bank schieben</translation>
    </message>
    <message>
        <source>Hands at shoulder width</source>
        <translation>Hände schulterbreit</translation>
    </message>
    <message>
        <source>Elbows near the ribs</source>
        <translation>Ellbogen nah an den Rippen</translation>
    </message>
    <message>
        <source>Lock out every rep</source>
        <translation>Jede Wiederholung strecken</translation>
    </message>
    <message>
        <source>Blades set before the first rep</source>
        <translation>Schulterblätter vor der ersten Wiederholung setzen</translation>
    </message>
    <message>
        <source>Free of pain all the way, or lighter</source>
        <translation>Den ganzen Weg schmerzfrei, sonst leichter</translation>
    </message>
    <message>
        <source>Two seconds still a hand&apos;s breadth up</source>
        <translation>Zwei Sekunden still, eine Handbreit oben</translation>
    </message>
    <message>
        <source>Bar against the legs</source>
        <translation>Stange an den Beinen</translation>
    </message>
    <message>
        <source>Trunk keeps its angle</source>
        <translation>Der Rumpf behält seinen Winkel</translation>
    </message>
    <message>
        <source>Bar on blocks 30 to 46 cm up</source>
        <translation>Stange auf Blöcken, 30 bis 46 cm hoch</translation>
    </message>
    <message>
        <source>Back keeps its shape, or higher blocks</source>
        <translation>Der Rücken behält seine Form, sonst höhere Blöcke</translation>
    </message>
    <message>
        <source>Walk the height down week by week</source>
        <translation>Die Höhe Woche für Woche hinab</translation>
    </message>
    <message>
        <source>Hips back first</source>
        <translation>Hüfte zuerst zurück</translation>
    </message>
    <message>
        <source>Back keeps its shape</source>
        <translation>Der Rücken behält seine Form</translation>
    </message>
    <message>
        <source>Stand tall, no leaning back</source>
        <translation>Aufrecht stehen, nicht zurücklehnen</translation>
    </message>
    <message>
        <source>Hips go back first</source>
        <translation>Die Hüfte geht zuerst zurück</translation>
    </message>
    <message>
        <source>Knees bend after the bar has passed them</source>
        <translation>Die Knie beugen sich, wenn die Stange vorbei ist</translation>
    </message>
    <message>
        <source>Three seconds down</source>
        <translation>Drei Sekunden hinab</translation>
    </message>
    <message>
        <source>Depth is hip crease below the top of the kneecap (competition rule). Big: more than a hand&apos;s edge (3 cm) short, which a judge sees at once.</source>
        <translation>Tiefe heißt Hüftfalte unter der Oberkante der Kniescheibe (Wettkampfregel). Groß: mehr als eine Handkante (3 cm) zu wenig, was ein Kampfrichter sofort sieht.</translation>
    </message>
    <message>
        <source>The trunk keeps its angle through the first part of the way up; steady lifters stay within about 3 degrees, so twice that is a change. Big: 10 degrees, a lever at the hip about a quarter longer for a trunk of 50 cm at 40 degrees.</source>
        <translation>Der Rumpf behält seinen Winkel im ersten Teil des Wegs hinauf; wer ruhig hebt, bleibt innerhalb von etwa 3 Grad, also ist das Doppelte eine Änderung. Groß: 10 Grad, ein um etwa ein Viertel längerer Hebel an der Hüfte bei einem Rumpf von 50 cm und 40 Grad.</translation>
    </message>
    <message>
        <source>The same event as a trunk that leans on, by the way made: 6 degrees of a trunk of 50 cm at 40 degrees are 3.6 cm of the shoulders&apos; 18 cm over the first third, 10 degrees 6 cm.</source>
        <translation>Dasselbe wie ein Rumpf, der sich weiter neigt, am Weg gemessen: 6 Grad eines Rumpfes von 50 cm bei 40 Grad sind 3,6 cm von den 18 cm der Schultern im ersten Drittel, 10 Grad 6 cm.</translation>
    </message>
    <message>
        <source>The opposite of hips that rise first. A trunk comes upright by some 4 degrees over the first third even when hips and knees straighten together (40 degrees in all), so twice that is a change; big: a third of all of it.</source>
        <translation>Das Gegenteil einer Hüfte, die zuerst steigt. Ein Rumpf richtet sich im ersten Drittel um etwa 4 Grad auf, auch wenn Hüfte und Knie sich zusammen strecken (insgesamt 40 Grad), also ist das Doppelte eine Änderung; groß: ein Drittel von allem.</translation>
    </message>
    <message>
        <source>Bar over mid-foot. The ball of the foot lies about 7 cm in front of mid-foot (foot of 27 cm): at 4 cm more than half the way is used up, at 7 cm the balance is on the toes.</source>
        <translation>Stange über der Fußmitte. Der Fußballen liegt etwa 7 cm vor der Fußmitte (Fuß von 27 cm): Bei 4 cm ist mehr als der halbe Weg verbraucht, bei 7 cm steht man auf den Zehen.</translation>
    </message>
    <message>
        <source>Bar over mid-foot. The heel&apos;s middle lies about 9 cm behind it (foot of 27 cm): two thirds of that, and all of it.</source>
        <translation>Stange über der Fußmitte. Die Mitte der Ferse liegt etwa 9 cm dahinter (Fuß von 27 cm): zwei Drittel davon, und alles.</translation>
    </message>
    <message>
        <source>The whole foot stays down. A sole gives by half a centimetre and more when the weight shifts, so three times that is a heel off the floor; big: it shows from across the room.</source>
        <translation>Der ganze Fuß bleibt unten. Eine Sohle gibt einen halben Zentimeter und mehr nach, wenn das Gewicht wandert, also ist das Dreifache eine Ferse über dem Boden; groß: Man sieht es durch den ganzen Raum.</translation>
    </message>
    <message>
        <source>Own: a bar that is held back by two thirds of its weight passes at 58 % of the speed of a free fall (the square root of a third), by under half of it at 75 %: it is no longer carried down.</source>
        <translation>Eigen: Eine Stange, die mit zwei Dritteln ihres Gewichts gehalten wird, hat 58 % der Geschwindigkeit des freien Falls (die Wurzel aus einem Drittel), mit weniger als der Hälfte 75 %: Sie wird nicht mehr hinabgetragen.</translation>
    </message>
    <message>
        <source>Too slow wastes effort. Own numbers: a controlled descent takes one to three seconds.</source>
        <translation>Zu langsam verschwendet Kraft. Eigene Zahlen: Ein geführter Weg hinab dauert eine bis drei Sekunden.</translation>
    </message>
    <message>
        <source>Hips and knees together is the safe default. Own numbers: a quarter of a second is seen as one after the other, half a second is a hinge followed by a squat.</source>
        <translation>Hüfte und Knie zusammen ist der sichere Weg. Eigene Zahlen: Eine Viertelsekunde sieht man als Nacheinander, eine halbe ist ein Klappen mit folgender Kniebeuge.</translation>
    </message>
    <message>
        <source>Hips and knees together is the safe default. Numbers as for hips that go first.</source>
        <translation>Hüfte und Knie zusammen ist der sichere Weg. Zahlen wie bei einer Hüfte, die zuerst geht.</translation>
    </message>
    <message>
        <source>Hips and knees reach lock-out together. Own numbers, as for the start.</source>
        <translation>Hüfte und Knie kommen zusammen zur Streckung. Eigene Zahlen, wie am Anfang.</translation>
    </message>
    <message>
        <source>Stand fully between reps. Own numbers: under a low bar a standing trunk leans by 10 to 15 degrees so that the bar is over mid-foot; past 20 the hips are still bent.</source>
        <translation>Zwischen den Wiederholungen ganz aufstehen. Eigene Zahlen: Unter einer tiefen Stange neigt sich ein stehender Rumpf um 10 bis 15 Grad, damit sie über der Fußmitte liegt; über 20 ist die Hüfte noch gebeugt.</translation>
    </message>
    <message>
        <source>A new breath is taken before every rep. Own numbers: even a quick full breath in takes half a second and more.</source>
        <translation>Vor jeder Wiederholung ein neuer Atemzug. Eigene Zahlen: Auch ein rascher voller Atemzug dauert eine halbe Sekunde und mehr.</translation>
    </message>
    <message>
        <source>Chin and neck steady. Own numbers: half and all but all of what a neck bends to one side (some 40 degrees).</source>
        <translation>Kinn und Nacken ruhig. Eigene Zahlen: die Hälfte und fast alles dessen, was ein Nacken nach einer Seite beugt (etwa 40 Grad).</translation>
    </message>
    <message>
        <source>Not accepted under load. Own numbers: the two points lie 10 cm apart, on which 15 degrees are what a hand can place for certain; a tuck that is seen at once is 20 to 30.</source>
        <translation>Unter Last nicht hingenommen. Eigene Zahlen: Die zwei Punkte liegen 10 cm auseinander, worauf eine Hand 15 Grad sicher setzen kann; ein Einkippen, das man sofort sieht, hat 20 bis 30.</translation>
    </message>
    <message>
        <source>Not accepted under load. Numbers as for the pelvis.</source>
        <translation>Unter Last nicht hingenommen. Zahlen wie beim Becken.</translation>
    </message>
    <message>
        <source>No fault in itself; while the knee is sore the shin is kept as vertical as the balance allows. Big: about as far as a shoe&apos;s sole is long in front of the ball.</source>
        <translation>An sich kein Fehler; solange das Knie schmerzt, bleibt das Schienbein so senkrecht, wie das Gleichgewicht erlaubt. Groß: etwa so weit, wie eine Schuhsohle vor dem Ballen lang ist.</translation>
    </message>
    <message>
        <source>The amount of lean is set by the body and the bar position; a change is what counts. Numbers as for hips that rise first.</source>
        <translation>Wie weit die Neigung geht, bestimmen Körper und Lage der Stange; eine Änderung zählt. Zahlen wie bei einer Hüfte, die zuerst steigt.</translation>
    </message>
    <message>
        <source>Knees in line with the toes. A kneecap is 4 to 5 cm wide: at 3 cm its middle has left the line by more than half of it, at 6 cm all of it is inside. Over the toes a knee lies some 5 cm outside this line at the bottom, so that the way to the limit is long.</source>
        <translation>Knie in einer Linie mit den Zehen. Eine Kniescheibe ist 4 bis 5 cm breit: Bei 3 cm hat ihre Mitte die Linie um mehr als die Hälfte davon verlassen, bei 6 cm liegt sie ganz innen. Über den Zehen liegt ein Knie unten etwa 5 cm außen von dieser Linie, der Weg bis zur Grenze ist also lang.</translation>
    </message>
    <message>
        <source>Knees in line with the toes on the way down and up; they cave on the way up. Against the way down the same knee at the same height needs no anatomy: a kneecap&apos;s width (4 to 5 cm) is seen, two are a collapse.</source>
        <translation>Knie hinab und hinauf in einer Linie mit den Zehen; sie knicken auf dem Weg hinauf ein. Gegen den Weg hinab braucht dasselbe Knie in derselben Höhe keine Anatomie: Eine Kniescheibenbreite (4 bis 5 cm) sieht man, zwei sind ein Einbruch.</translation>
    </message>
    <message>
        <source>Own: with the feet 40 cm apart 3 cm put 57 % of the load on one leg, 6 cm 65 %.</source>
        <translation>Eigen: Bei Füßen 40 cm auseinander legen 3 cm 57 % der Last auf ein Bein, 6 cm 65 %.</translation>
    </message>
    <message>
        <source>Elbows trap the bar and do not swing. Own numbers: a fifth and two fifths of a forearm.</source>
        <translation>Ellbogen klemmen die Stange und schwingen nicht. Eigene Zahlen: ein Fünftel und zwei Fünftel eines Unterarms.</translation>
    </message>
    <message>
        <source>Both ends of the bar level, both hands rise together. At hands 80 cm apart 1.5 degrees are 2 cm, what a coach begins to see; big: twice that. Own allowance: coaches name no number.</source>
        <translation>Beide Enden der Stange auf einer Höhe, beide Hände steigen zusammen. Bei Händen 80 cm auseinander sind 1,5 Grad 2 cm, was ein Coach zu sehen beginnt; groß: das Doppelte. Eigene Annahme: Coaches nennen keine Zahl.</translation>
    </message>
    <message>
        <source>Bar centred on the back, hands even by the rings. Own: with hands 80 cm apart 3 cm put 54 % of the bar on one hand, 5 cm 56 %; the eye sees them from the front.</source>
        <translation>Stange mittig auf dem Rücken, Hände gleich nach den Ringen. Eigen: Bei Händen 80 cm auseinander legen 3 cm 54 % der Stange auf eine Hand, 5 cm 56 %; von vorn sieht es das Auge.</translation>
    </message>
    <message>
        <source>The same place on each rep. Own numbers: a bar is 3 cm thick; marks of two touches that no longer overlap lie further apart than that, so 2 cm from the middle is seen and 4 cm is another place.</source>
        <translation>Dieselbe Stelle in jeder Wiederholung. Eigene Zahlen: Eine Stange ist 3 cm dick; Spuren, die sich nicht mehr überdecken, liegen weiter auseinander, also sieht man 2 cm von der Mitte, und 4 cm sind eine andere Stelle.</translation>
    </message>
    <message>
        <source>Touch on the lower chest. A bar right over the shoulder&apos;s joint (0) lies on the collar-bones; own allowance of a bar&apos;s thickness.</source>
        <translation>Aufsetzen auf der unteren Brust. Eine Stange genau über dem Schultergelenk (0) liegt auf den Schlüsselbeinen; eigene Annahme von einer Stangendicke.</translation>
    </message>
    <message>
        <source>Touch on the lower chest. The breast-bone ends some 17 cm below the shoulder&apos;s joint (own, from its length of 17 cm and its upper edge at that height).</source>
        <translation>Aufsetzen auf der unteren Brust. Das Brustbein endet etwa 17 cm unter dem Schultergelenk (eigen, aus seiner Länge von 17 cm und seiner Oberkante auf dieser Höhe).</translation>
    </message>
    <message>
        <source>Up and back toward the shoulders. From the touch any way toward the feet lengthens the lever at the shoulder; own numbers: it shows from a bar&apos;s thickness on.</source>
        <translation>Hinauf und zurück zu den Schultern. Vom Aufsetzen an verlängert jeder Weg zu den Füßen den Hebel an der Schulter; eigene Zahlen: Man sieht es ab einer Stangendicke.</translation>
    </message>
    <message>
        <source>Down and slightly toward the feet, up and back: a bar that ends where it touched is held in front of the shoulders.</source>
        <translation>Hinab und leicht zu den Füßen, hinauf und zurück: Eine Stange, die endet, wo sie aufsetzte, wird vor den Schultern gehalten.</translation>
    </message>
    <message>
        <source>Forearm vertical at the touch. Own numbers: at 10 degrees a forearm of 27 cm puts the bar 5 cm beside the elbow, at 20 degrees 9 cm.</source>
        <translation>Unterarm beim Aufsetzen senkrecht. Eigene Zahlen: Bei 10 Grad liegt die Stange mit einem Unterarm von 27 cm 5 cm neben dem Ellbogen, bei 20 Grad 9 cm.</translation>
    </message>
    <message>
        <source>Wrist over elbow. Own numbers: some 15 degrees set the bar on the heel of the hand; at 40 more than half of what a wrist bends is used up.</source>
        <translation>Handgelenk über dem Ellbogen. Eigene Zahlen: Etwa 15 Grad legen die Stange auf den Handballen; bei 40 ist mehr als die Hälfte dessen verbraucht, was ein Handgelenk beugt.</translation>
    </message>
    <message>
        <source>Bar still on the chest when asked, 0.3 to 1 s; below 0.2 s nothing stands still that a camera could tell from a turn.</source>
        <translation>Stange still auf der Brust, wenn verlangt, 0,3 bis 1 s; unter 0,2 s steht nichts so still, dass eine Kamera es von einer Umkehr unterschiede.</translation>
    </message>
    <message>
        <source>No sinking and heaving unless that style is chosen and legal. Own numbers: a chest gives by some millimetres under a bar that rests.</source>
        <translation>Kein Einsinken und Wuchten, außer dieser Stil ist gewählt und erlaubt. Eigene Zahlen: Eine Brust gibt unter einer ruhenden Stange einige Millimeter nach.</translation>
    </message>
    <message>
        <source>The seat stays on the bench. Own numbers: muscles that tighten lift the hip&apos;s joint by about 1 cm without the seat leaving; at 4 cm light shows under it.</source>
        <translation>Das Gesäß bleibt auf der Bank. Eigene Zahlen: Muskeln, die sich spannen, heben das Hüftgelenk um etwa 1 cm, ohne dass das Gesäß abhebt; bei 4 cm sieht man Licht darunter.</translation>
    </message>
    <message>
        <source>Feet flat and quiet. Own numbers: more than a shoe gives, and a step.</source>
        <translation>Füße flach und ruhig. Eigene Zahlen: mehr, als ein Schuh nachgibt, und ein Schritt.</translation>
    </message>
    <message>
        <source>Head down. Own numbers: hair and pad give by a centimetre or two.</source>
        <translation>Kopf unten. Eigene Zahlen: Haar und Polster geben ein oder zwei Zentimeter nach.</translation>
    </message>
    <message>
        <source>Shoulder blades back and down through the whole set. Own numbers: a blade that lets go brings the joint forward by 3 to 5 cm.</source>
        <translation>Schulterblätter zurück und hinab durch den ganzen Satz. Eigene Zahlen: Ein Schulterblatt, das loslässt, bringt das Gelenk 3 bis 5 cm nach vorn.</translation>
    </message>
    <message>
        <source>Both elbows lock. Own numbers: between joint centres a locked arm shows up to 15 degrees, by the elbow&apos;s own set and where the wrist&apos;s middle is taken to be.</source>
        <translation>Beide Ellbogen strecken sich. Eigene Zahlen: Zwischen Gelenkmitten zeigt ein gestreckter Arm bis 15 Grad, durch die eigene Stellung des Ellbogens und den Ort, der als Mitte des Handgelenks gilt.</translation>
    </message>
    <message>
        <source>Descent controlled. Numbers as for a squat.</source>
        <translation>Weg hinab geführt. Zahlen wie bei einer Kniebeuge.</translation>
    </message>
    <message>
        <source>Slow region on the way up noted. Own numbers: below 0.1 m/s the next rep of most lifters would stick, at 0.05 it all but stands.</source>
        <translation>Langsame Stelle auf dem Weg hinauf vermerkt. Eigene Zahlen: Unter 0,1 m/s bliebe die nächste Wiederholung meist stecken, bei 0,05 steht sie fast.</translation>
    </message>
    <message>
        <source>Slow region on the way up noted. Numbers as off the chest.</source>
        <translation>Langsame Stelle auf dem Weg hinauf vermerkt. Zahlen wie von der Brust.</translation>
    </message>
    <message>
        <source>Both elbows lock, both hands rise together. Numbers as for an uneven bar.</source>
        <translation>Beide Ellbogen strecken sich, beide Hände steigen zusammen. Zahlen wie bei einer schiefen Stange.</translation>
    </message>
    <message>
        <source>Forearm vertical at the chest, head-on as well; it tells whether the grip fits. Numbers as from the side.</source>
        <translation>Unterarm an der Brust senkrecht, auch vom Ende gesehen; es zeigt, ob der Griff passt. Zahlen wie von der Seite.</translation>
    </message>
    <message>
        <source>Narrower by 2 to 5 cm with shoulder complaints. Own: beyond 1.8 shoulder widths the elbows point well out, at 2.2 the hands are at the rings (81 cm over joints 37 cm apart).</source>
        <translation>Bei Schulterbeschwerden 2 bis 5 cm enger. Eigen: Über 1,8 Schulterbreiten zeigen die Ellbogen weit hinaus, bei 2,2 sind die Hände an den Ringen (81 cm bei Gelenken 37 cm auseinander).</translation>
    </message>
    <message>
        <source>Both hands rise together. Own numbers: a sixth and a third of an upper arm.</source>
        <translation>Beide Hände steigen zusammen. Eigene Zahlen: ein Sechstel und ein Drittel eines Oberarms.</translation>
    </message>
    <message>
        <source>Bar over mid-foot, 2.5 to 5 cm from the standing shin: a spread of about ± 1.5 cm. At 3 cm 150 kg put 45 N·m more on the back for nothing; at 6 cm the bar is over the ball of the foot.</source>
        <translation>Stange über der Fußmitte, 2,5 bis 5 cm vom stehenden Schienbein: eine Spanne von etwa ± 1,5 cm. Bei 3 cm legen 150 kg 45 N·m mehr auf den Rücken, für nichts; bei 6 cm liegt die Stange über dem Fußballen.</translation>
    </message>
    <message>
        <source>Too near, and the shins push the bar forward. Numbers as for too far.</source>
        <translation>Zu nah, und die Schienbeine schieben die Stange vor. Zahlen wie bei zu weit.</translation>
    </message>
    <message>
        <source>Bend the knees until the shins touch. From the shin&apos;s line of joint centres its skin lies 4 to 5 cm and the bar&apos;s middle 1.5 cm more: 6 cm is a touch, half as much again is air.</source>
        <translation>Beug die Knie, bis die Schienbeine anliegen. Von der Linie der Gelenkmitten liegt die Haut des Schienbeins 4 bis 5 cm, die Mitte der Stange 1,5 cm mehr: 6 cm ist eine Berührung, noch einmal halb so viel ist Luft.</translation>
    </message>
    <message>
        <source>The bar stays where it is throughout the set-up. Own numbers: as much as the distance from mid-foot is allowed to be off, and twice that.</source>
        <translation>Die Stange bleibt beim Einrichten, wo sie ist. Eigene Zahlen: so viel, wie der Abstand von der Fußmitte danebenliegen darf, und das Doppelte.</translation>
    </message>
    <message>
        <source>If the set-up is not there, the body moves there first. Own numbers: taking the slack out lifts the hips by one or two centimetres.</source>
        <translation>Stimmt das Einrichten nicht, bewegt sich der Körper zuerst dorthin. Eigene Zahlen: Das Spiel herauszuziehen hebt die Hüfte um ein bis zwei Zentimeter.</translation>
    </message>
    <message>
        <source>Knees in front of the arms: hips too low. Heavy bars leave with the knee behind the front of the forearm, which lies some 4 cm before the arm&apos;s line.</source>
        <translation>Knie vor den Armen: Hüfte zu tief. Schwere Stangen heben ab, wenn das Knie hinter der Vorderseite des Unterarms steht, die etwa 4 cm vor der Linie des Arms liegt.</translation>
    </message>
    <message>
        <source>Knees behind the arms: less leg drive. Own numbers: with the knee behind the arm by more than its own depth (8 cm) the shin stands all but upright.</source>
        <translation>Knie hinter den Armen: weniger Schub der Beine. Eigene Zahlen: Steht das Knie um mehr als seine eigene Tiefe (8 cm) hinter dem Arm, ist das Schienbein fast aufrecht.</translation>
    </message>
    <message>
        <source>The shoulder joint slightly in front of the bar, the armpit above it, arms sloping back.</source>
        <translation>Das Schultergelenk etwas vor der Stange, die Achsel darüber, die Arme nach hinten geneigt.</translation>
    </message>
    <message>
        <source>Slightly in front. Own numbers: an arm of 60 cm that slopes by 13 degrees is 14 cm off, by 17 degrees 18 cm; the lats then hold a fifth and more of the bar in.</source>
        <translation>Etwas davor. Eigene Zahlen: Ein Arm von 60 cm, der um 13 Grad geneigt ist, liegt 14 cm daneben, bei 17 Grad 18 cm; der Rückenmuskel hält dann ein Fünftel und mehr der Stange heran.</translation>
    </message>
    <message>
        <source>The trunk angle is held from lift-off to the knee. Numbers as for a squat.</source>
        <translation>Der Winkel des Rumpfes hält vom Abheben bis zum Knie. Zahlen wie bei einer Kniebeuge.</translation>
    </message>
    <message>
        <source>The same event as a trunk that leans on, by the way made: at 65 degrees of lean 6 and 10 degrees of a trunk of 50 cm are 5 and 8 cm of some 20 cm to the knee.</source>
        <translation>Dasselbe wie ein Rumpf, der sich weiter neigt, am Weg gemessen: Bei 65 Grad Neigung sind 6 und 10 Grad eines Rumpfes von 50 cm 5 und 8 cm von etwa 20 cm bis zum Knie.</translation>
    </message>
    <message>
        <source>Arms straight. Own: an arm of 60 cm is 2.5 cm shorter when the elbow is bent by 33 degrees, 5 cm by 47; a shrug takes 1 to 2 cm of itself.</source>
        <translation>Arme gestreckt. Eigen: Ein Arm von 60 cm ist 2,5 cm kürzer, wenn der Ellbogen um 33 Grad gebeugt ist, 5 cm bei 47; ein Schulterzucken nimmt selbst 1 bis 2 cm.</translation>
    </message>
    <message>
        <source>Drift away is always a fault. 1 cm with 150 kg is 15 N·m more on the back; own numbers: light is seen between bar and leg from 2 to 3 cm on.</source>
        <translation>Wegwandern ist immer ein Fehler. 1 cm mit 150 kg sind 15 N·m mehr auf dem Rücken; eigene Zahlen: Ab 2 bis 3 cm sieht man Licht zwischen Stange und Bein.</translation>
    </message>
    <message>
        <source>In touch with the legs the whole way. How far the bar lies before the leg&apos;s joint centres depends on the leg&apos;s depth, so it is held against the athlete&apos;s own. Numbers as for a bar that drifts forward.</source>
        <translation>Den ganzen Weg an den Beinen. Wie weit die Stange vor den Gelenkmitten liegt, hängt von der Dicke des Beins ab, also wird es gegen das Eigene gehalten. Zahlen wie bei einer Stange, die nach vorn wandert.</translation>
    </message>
    <message>
        <source>A vertical path over mid-foot; erring slightly back is better than forward. Three quarters of the way to the ball of the foot, and past it.</source>
        <translation>Ein senkrechter Weg über der Fußmitte; eher etwas zurück als vor. Drei Viertel des Wegs zum Fußballen, und darüber hinaus.</translation>
    </message>
    <message>
        <source>A vertical path; a bar that starts too far out first swings back. Own numbers: half a foot&apos;s length from mid-foot to the heel, and more than the heel allows.</source>
        <translation>Ein senkrechter Weg; eine Stange, die zu weit vorn beginnt, schwingt erst zurück. Eigene Zahlen: eine halbe Fußlänge von der Fußmitte zur Ferse, und mehr, als die Ferse erlaubt.</translation>
    </message>
    <message>
        <source>Knees and hips reach lock-out together. Own numbers: the knees have made their way when the bar passes them and the hips have a little left; a third of a second is two movements.</source>
        <translation>Knie und Hüfte kommen zusammen zur Streckung. Eigene Zahlen: Die Knie sind fertig, wenn die Stange sie passiert, und der Hüfte bleibt ein wenig; eine Drittelsekunde sind zwei Bewegungen.</translation>
    </message>
    <message>
        <source>Stand tall, no leaning back past vertical. Own numbers: a bar of the lifter&apos;s weight held in front makes a standing trunk lean back by 3 to 5 degrees.</source>
        <translation>Aufrecht stehen, nicht über die Senkrechte zurücklehnen. Eigene Zahlen: Eine Stange vom Gewicht des Hebenden, vorn gehalten, lässt einen stehenden Rumpf 3 bis 5 Grad zurücklehnen.</translation>
    </message>
    <message>
        <source>The lower back does not change shape. Own numbers: what a hand can place for certain on two points 10 cm apart, and a change that is seen at once.</source>
        <translation>Der untere Rücken ändert seine Form nicht. Eigene Zahlen: was eine Hand auf zwei Punkten 10 cm auseinander sicher setzen kann, und eine Änderung, die man sofort sieht.</translation>
    </message>
    <message>
        <source>Hips go back first, knees bend after the bar has passed them. Own numbers: with the trunk at 55 degrees and the shin upright a knee is bent by 30 to 40 when the bar is as low as it.</source>
        <translation>Die Hüfte geht zuerst zurück, die Knie beugen sich, wenn die Stange vorbei ist. Eigene Zahlen: Bei einem Rumpf von 55 Grad und aufrechtem Schienbein ist ein Knie um 30 bis 40 gebeugt, wenn die Stange so tief ist wie es.</translation>
    </message>
    <message>
        <source>Where the bar lands against where it started; roll back into place if needed. Numbers as for the distance to the bar.</source>
        <translation>Wo die Stange aufsetzt, gegen den Ort, wo sie begann; wenn nötig zurückrollen. Zahlen wie beim Abstand zur Stange.</translation>
    </message>
    <message>
        <source>Neutral, eyes down 3.5 to 4.5 m ahead. Own numbers: over a deadlift&apos;s greater turn of the trunk eyes that stay on one spot turn the head by some 20 degrees; half of that again is a look elsewhere.</source>
        <translation>Neutral, die Augen 3,5 bis 4,5 m voraus am Boden. Eigene Zahlen: Bei der größeren Drehung des Rumpfes im Kreuzheben drehen Augen, die auf einem Punkt bleiben, den Kopf um etwa 20 Grad; noch einmal die Hälfte ist ein Blick anderswohin.</translation>
    </message>
    <message>
        <source>The same start every time. Own numbers: what the distance to the shin is allowed to vary by.</source>
        <translation>Jedes Mal derselbe Anfang. Eigene Zahlen: um wie viel der Abstand zum Schienbein schwanken darf.</translation>
    </message>
    <message>
        <source>As for a standing jump, 20 to 30 cm between the heels, wider for thick thighs; ankles&apos; joints lie some 5 cm further apart. Narrower than the hands.</source>
        <translation>Wie zum Sprung aus dem Stand, 20 bis 30 cm zwischen den Fersen, weiter bei dicken Oberschenkeln; die Knöchelgelenke liegen etwa 5 cm weiter auseinander. Schmaler als die Hände.</translation>
    </message>
    <message>
        <source>The knee above the foot and the shin vertical. Own numbers: 8 degrees of a shin of 40 cm are 5.5 cm, half a knee&apos;s width.</source>
        <translation>Das Knie über dem Fuß und das Schienbein senkrecht. Eigene Zahlen: 8 Grad eines Schienbeins von 40 cm sind 5,5 cm, eine halbe Kniebreite.</translation>
    </message>
    <message>
        <source>The knee is above the foot. Numbers as for knees that cave in a squat.</source>
        <translation>Das Knie steht über dem Fuß. Zahlen wie bei Knien, die in einer Kniebeuge einknicken.</translation>
    </message>
    <message>
        <source>Toes about 45 degrees, not further than the knees can follow.</source>
        <translation>Zehen etwa 45 Grad, nicht weiter, als die Knie folgen können.</translation>
    </message>
    <message>
        <source>Arms hang vertical seen from the front; a wider grip lengthens the pull. At 12 degrees by 1.3 cm on an arm of 60 cm, at 20 degrees by 3.6 cm.</source>
        <translation>Arme hängen von vorn gesehen senkrecht; ein weiterer Griff verlängert den Zug. Bei 12 Grad um 1,3 cm bei einem Arm von 60 cm, bei 20 Grad um 3,6 cm.</translation>
    </message>
    <message>
        <source>Own numbers: 3 cm short of the toes is a usual squat, 8 cm a hip-led one.</source>
        <translation>Eigene Zahlen: 3 cm vor den Zehen ist eine übliche Kniebeuge, 8 cm eine aus der Hüfte.</translation>
    </message>
    <message>
        <source>insufficient depth</source>
        <translation>zu wenig Tiefe</translation>
    </message>
    <message>
        <source>hips rise faster than shoulders out of the bottom</source>
        <translation>die Hüfte steigt aus der Tiefe schneller als die Schultern</translation>
    </message>
    <message>
        <source>chest leads, knees go forward out of the bottom</source>
        <translation>die Brust führt, die Knie gehen aus der Tiefe nach vorn</translation>
    </message>
    <message>
        <source>bar drifts forward</source>
        <translation>die Stange wandert nach vorn</translation>
    </message>
    <message>
        <source>heels lift at the bottom</source>
        <translation>die Fersen heben unten ab</translation>
    </message>
    <message>
        <source>knees cave in on the ascent</source>
        <translation>die Knie fallen beim Aufstehen nach innen</translation>
    </message>
    <message>
        <source>bar lies lower on the right, between the hands</source>
        <translation>die Stange liegt rechts tiefer, von Hand zu Hand</translation>
    </message>
    <message>
        <source>pelvis tucks under at the bottom, the back&apos;s middle goes back</source>
        <translation>das Becken kippt unten ein, die Rückenmitte geht nach hinten</translation>
    </message>
    <message>
        <source>head thrown back on the way up</source>
        <translation>der Kopf wird beim Aufstehen in den Nacken geworfen</translation>
    </message>
    <message>
        <source>sinks back from so much of the way up and is helped up</source>
        <translation>sinkt nach so viel des Weges zurück, und es wird geholfen</translation>
    </message>
    <message>
        <source>drops loose: descent short of a second</source>
        <translation>fällt locker hinunter: in weniger als einer Sekunde</translation>
    </message>
    <message>
        <source>hips shoot up before the bar leaves the floor</source>
        <translation>die Hüfte schießt hoch, bevor die Stange den Boden verlässt</translation>
    </message>
    <message>
        <source>bar rolls forward before it leaves the floor</source>
        <translation>die Stange rollt nach vorn, bevor sie den Boden verlässt</translation>
    </message>
    <message>
        <source>bar drifts forward off the floor</source>
        <translation>die Stange wandert vom Boden weg nach vorn</translation>
    </message>
    <message>
        <source>the back&apos;s middle goes back off the floor</source>
        <translation>die Rückenmitte geht beim Anheben nach hinten</translation>
    </message>
    <message>
        <source>elbows bend: hands nearer the shoulders off the floor</source>
        <translation>die Ellbogen beugen sich: die Hände kommen beim Anheben den Schultern näher</translation>
    </message>
    <message>
        <source>leans back past upright at lock-out</source>
        <translation>lehnt sich oben über die Senkrechte zurück</translation>
    </message>
    <message>
        <source>knees bend early on the way down, the bar swings out</source>
        <translation>die Knie beugen sich beim Absenken früh, die Stange schwingt aus</translation>
    </message>
    <message>
        <source>bar lands in front of where it started</source>
        <translation>die Stange landet vor der Stelle, an der sie begann</translation>
    </message>
    <message>
        <source>lowered so much of the way short of lock-out</source>
        <translation>wird um so viel des Weges vor dem Ende abgesenkt</translation>
    </message>
    <message>
        <source>bar tilt, right hand lags</source>
        <translation>die Stange kippt, die rechte Hand bleibt zurück</translation>
    </message>
    <message>
        <source>no pause on the chest: short of a quarter of a second</source>
        <translation>keine Pause auf der Brust: unter einer Viertelsekunde</translation>
    </message>
    <message>
        <source>touches the chest farther toward the feet</source>
        <translation>berührt die Brust weiter bei den Füßen</translation>
    </message>
    <message>
        <source>bar sinks into the chest and is heaved</source>
        <translation>die Stange sinkt in die Brust und wird herausgestemmt</translation>
    </message>
    <message>
        <source>bar goes toward the feet on the way up</source>
        <translation>die Stange geht beim Drücken zu den Füßen hin</translation>
    </message>
    <message>
        <source>seat lifts off the bench on the ascent</source>
        <translation>das Gesäß hebt beim Drücken von der Bank ab</translation>
    </message>
    <message>
        <source>feet slide toward the head on the ascent</source>
        <translation>die Füße rutschen beim Drücken zum Kopf hin</translation>
    </message>
    <message>
        <source>head lifts off the bench on the ascent</source>
        <translation>der Kopf hebt beim Drücken von der Bank ab</translation>
    </message>
    <message>
        <source>shoulders come off the bench toward lock-out</source>
        <translation>die Schultern lösen sich gegen Ende von der Bank</translation>
    </message>
    <message>
        <source>bar sticks off the chest</source>
        <translation>die Stange hängt über der Brust fest</translation>
    </message>
    <message>
        <source>bar sticks near the top</source>
        <translation>die Stange hängt kurz vor dem Ende fest</translation>
    </message>
    <message>
        <source>elbows turn out with the bar on the chest</source>
        <translation>die Ellbogen drehen mit der Stange auf der Brust nach außen</translation>
    </message>
    <message>
        <source>wrists bend back with the bar on the chest</source>
        <translation>die Handgelenke knicken mit der Stange auf der Brust nach hinten</translation>
    </message>
</context>
<context>
    <name>mottix::AheadView</name>
    <message>
        <source>Ahead</source>
        <translation>Voraus</translation>
    </message>
    <message>
        <source>Take the weeks out as a file</source>
        <translation>Die Wochen als Datei ausgeben</translation>
    </message>
    <message>
        <source>Print the week</source>
        <translation>Die Woche drucken</translation>
    </message>
    <message>
        <source>S</source>
        <translation>S</translation>
    </message>
    <message>
        <source>To the story</source>
        <translation>Zum Verlauf</translation>
    </message>
    <message>
        <source>← →</source>
        <translation>← →</translation>
    </message>
    <message>
        <source>The week before, or after</source>
        <translation>Die Woche davor oder danach</translation>
    </message>
    <message>
        <source>↑ ↓</source>
        <translation>↑ ↓</translation>
    </message>
    <message>
        <source>More or less in this week</source>
        <translation>Mehr oder weniger in dieser Woche</translation>
    </message>
    <message>
        <source>M</source>
        <translation>M</translation>
    </message>
    <message>
        <source>This week is missed</source>
        <translation>Diese Woche fällt aus</translation>
    </message>
    <message>
        <source>Backspace</source>
        <translation>Rücktaste</translation>
    </message>
    <message>
        <source>This week as planned</source>
        <translation>Diese Woche wie geplant</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>Hebung</translation>
    </message>
    <message>
        <source>The lift is squat, bench press or deadlift.</source>
        <translation>Die Hebung ist Kniebeuge, Bankdrücken oder Kreuzheben.</translation>
    </message>
    <message>
        <source>by</source>
        <translation>nach</translation>
    </message>
    <message>
        <source>plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>Change the plan</source>
        <translation>Den Plan ändern</translation>
    </message>
    <message>
        <source>The plans are: %1.</source>
        <translation>Die Pläne sind: %1.</translation>
    </message>
    <message>
        <source>Say a day, such as “16 January” or 2027-01-16.</source>
        <translation>Sag einen Tag, etwa „16. Januar“ oder 2027-01-16.</translation>
    </message>
    <message>
        <source>, from</source>
        <translation>, ab</translation>
    </message>
    <message>
        <source>first day</source>
        <translation>erster Tag</translation>
    </message>
    <message>
        <source>Change the first day</source>
        <translation>Den ersten Tag ändern</translation>
    </message>
    <message>
        <source>to the test on</source>
        <translation>bis zum Test am</translation>
    </message>
    <message>
        <source>test day</source>
        <translation>Testtag</translation>
    </message>
    <message>
        <source>Change the test day</source>
        <translation>Den Testtag ändern</translation>
    </message>
    <message>
        <source>sessions a week</source>
        <translation>Einheiten in der Woche</translation>
    </message>
    <message>
        <source>One to four sessions a week can be planned.</source>
        <translation>Eine bis vier Einheiten in der Woche lassen sich planen.</translation>
    </message>
    <message>
        <source>Change the sessions a week</source>
        <translation>Die Einheiten in der Woche ändern</translation>
    </message>
    <message>
        <source>a week, goal</source>
        <translation>in der Woche, Ziel</translation>
    </message>
    <message>
        <source>goal</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keins</translation>
    </message>
    <message>
        <source>Change the goal</source>
        <translation>Das Ziel ändern</translation>
    </message>
    <message>
        <source>A goal is a load between 1 and 1000 kg, or none.</source>
        <translation>Ein Ziel ist eine Last von 1 bis 1000 kg, oder keins.</translation>
    </message>
    <message>
        <source>; if gains go on</source>
        <translation>; wenn der Zuwachs weitergeht</translation>
    </message>
    <message>
        <source>gains</source>
        <translation>Zuwachs</translation>
    </message>
    <message>
        <source>as they</source>
        <translation>wie</translation>
    </message>
    <message>
        <source>half</source>
        <translation>halb</translation>
    </message>
    <message>
        <source>not</source>
        <translation>nicht</translation>
    </message>
    <message>
        <source>“As they have”, “half as fast”, “not at all”, or per cent of what they have been, up to 150.</source>
        <translation>„Wie bisher“, „halb so schnell“, „gar nicht“, oder Prozent von bisher, bis 150.</translation>
    </message>
    <message>
        <source>Change the gains</source>
        <translation>Den Zuwachs ändern</translation>
    </message>
    <message>
        <source>as they have</source>
        <translation>wie bisher</translation>
    </message>
    <message>
        <source>half as fast</source>
        <translation>halb so schnell</translation>
    </message>
    <message>
        <source>not at all</source>
        <translation>gar nicht</translation>
    </message>
    <message>
        <source>Missed · M</source>
        <translation>Fällt aus · M</translation>
    </message>
    <message>
        <source>What if this week is missed?</source>
        <translation>Was, wenn diese Woche ausfällt?</translation>
    </message>
    <message>
        <source>As planned · Del</source>
        <translation>Wie geplant · Entf</translation>
    </message>
    <message>
        <source>Take back the load set by hand</source>
        <translation>Die von Hand gesetzte Last zurücknehmen</translation>
    </message>
    <message>
        <source>Stands at</source>
        <translation>Steht auf</translation>
    </message>
    <message>
        <source>rung</source>
        <translation>Stufe</translation>
    </message>
    <message>
        <source>Of the ladder down to an easier form of this lift, and up again</source>
        <translation>Auf der Leiter hinab zu einer leichteren Form dieser Hebung, und wieder hinauf</translation>
    </message>
    <message>
        <source>Go where the last set leads</source>
        <translation>Dorthin, wohin der letzte Satz führt</translation>
    </message>
    <message>
        <source>Not done any more:</source>
        <translation>Nicht mehr gemacht:</translation>
    </message>
    <message>
        <source>dropped</source>
        <translation>weggefallen</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>Say why, behind a colon: “good morning: sore back”.</source>
        <translation>Sag warum, nach einem Doppelpunkt: „good morning: Rücken tut weh“.</translation>
    </message>
    <message>
        <source>Change what is not done any more</source>
        <translation>Ändern, was nicht mehr gemacht wird</translation>
    </message>
    <message>
        <source>Story so far · S</source>
        <translation>Verlauf bisher · S</translation>
    </message>
    <message>
        <source>What the months before show</source>
        <translation>Was die Monate davor zeigen</translation>
    </message>
    <message>
        <source>Take out… · Ctrl+E</source>
        <translation>Ausgeben… · Strg+E</translation>
    </message>
    <message>
        <source>Calendar, CSV or JSON of the weeks, or the chosen week as a page (PDF)</source>
        <translation>Kalender, CSV oder JSON der Wochen, oder die gewählte Woche als Seite (PDF)</translation>
    </message>
    <message>
        <source>Print the week · Ctrl+P</source>
        <translation>Die Woche drucken · Strg+P</translation>
    </message>
    <message>
        <source>The chosen week with its plates, on paper</source>
        <translation>Die gewählte Woche mit ihren Scheiben, auf Papier</translation>
    </message>
    <message>
        <source>The test on %1 is past: say the next one.</source>
        <translation>Der Test am %1 ist vorbei: Sag den nächsten.</translation>
    </message>
    <message>
        <source>Beside it: %1</source>
        <translation>Daneben: %1</translation>
    </message>
    <message>
        <source>Left out: %1 (%2).</source>
        <translation>Weggelassen: %1 (%2).</translation>
    </message>
    <message>
        <source>Assistance follows from causes that you confirm on a set&apos;s sheet.</source>
        <translation>Zusatzübungen folgen aus Ursachen, die du auf dem Blatt eines Satzes bestätigst.</translation>
    </message>
    <message>
        <source>This lift has no ladder.</source>
        <translation>Diese Hebung hat keine Leiter.</translation>
    </message>
    <message>
        <source>The rungs are: %1.</source>
        <translation>Die Stufen sind: %1.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>Stand at “%1”</source>
        <translation>Auf „%1“ stehen</translation>
    </message>
    <message>
        <source>Good enough: up to “%1”</source>
        <translation>Gut genug: hinauf zu „%1“</translation>
    </message>
    <message>
        <source>It hurts: down to “%1”</source>
        <translation>Es tut weh: hinab zu „%1“</translation>
    </message>
    <message>
        <source>If it does not hold there either: “%1”</source>
        <translation>Hält es auch dort nicht: „%1“</translation>
    </message>
    <message>
        <source>It broke down: down to “%1”</source>
        <translation>Es brach ein: hinab zu „%1“</translation>
    </message>
    <message>
        <source>1 session</source>
        <translation>1 Einheit</translation>
    </message>
    <message>
        <source>%1 sessions</source>
        <translation>%1 Einheiten</translation>
    </message>
    <message>
        <source>at %1 % of that</source>
        <translation>mit %1 % davon</translation>
    </message>
    <message>
        <source>Nothing is known of this lift yet: log some sets, and the weeks follow what they show.</source>
        <translation>Von dieser Hebung ist noch nichts bekannt: Schreib Sätze auf, und die Wochen folgen dem, was sie zeigen.</translation>
    </message>
    <message>
        <source>A plan is a proposal: pain, illness or a bad day go before it. Local and federation rules come first.</source>
        <translation>Ein Plan ist ein Vorschlag: Schmerz, Krankheit oder ein schlechter Tag gehen vor. Regeln des Ortes und des Verbandes gelten zuerst.</translation>
    </message>
    <message>
        <source>Week of %1</source>
        <translation>Woche vom %1</translation>
    </message>
    <message>
        <source>Missed.</source>
        <translation>Fällt aus.</translation>
    </message>
    <message>
        <source>Test on %1.</source>
        <translation>Test am %1.</translation>
    </message>
    <message>
        <source>%1 done</source>
        <translation>%1 gemacht</translation>
    </message>
    <message>
        <source>Nothing in the log.</source>
        <translation>Nichts im Protokoll.</translation>
    </message>
    <message>
        <source>, %1 had been planned</source>
        <translation>, %1 waren geplant</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>The load was set by hand.</source>
        <translation>Die Last wurde von Hand gesetzt.</translation>
    </message>
    <message>
        <source>Best single then: %1.</source>
        <translation>Bester Einzelner damals: %1.</translation>
    </message>
    <message>
        <source>Best single expected: %1.</source>
        <translation>Bester Einzelner erwartet: %1.</translation>
    </message>
    <message>
        <source>The top set would be easy.</source>
        <translation>Der schwerste Satz wäre leicht.</translation>
    </message>
    <message>
        <source>The top set would be felt as %1.</source>
        <translation>Der schwerste Satz fühlte sich an wie %1.</translation>
    </message>
    <message>
        <source>Not missed · M</source>
        <translation>Fällt nicht aus · M</translation>
    </message>
    <message>
        <source>Move a week&apos;s load to %1</source>
        <translation>Die Last einer Woche auf %1 setzen</translation>
    </message>
    <message>
        <source>Load as planned</source>
        <translation>Last wie geplant</translation>
    </message>
    <message>
        <source>%1 is as high as it may go: %2</source>
        <translation>%1 ist das Höchste, was geht: %2</translation>
    </message>
    <message>
        <source>A week is missed</source>
        <translation>Eine Woche fällt aus</translation>
    </message>
    <message>
        <source>A week is not missed</source>
        <translation>Eine Woche fällt nicht aus</translation>
    </message>
    <message>
        <source>Take the weeks out</source>
        <translation>Die Wochen ausgeben</translation>
    </message>
    <message>
        <source>Calendar (*.ics);;Table (*.csv);;JSON (*.json);;The chosen week as a page (*.pdf)</source>
        <translation>Kalender (*.ics);;Tabelle (*.csv);;JSON (*.json);;Die gewählte Woche als Seite (*.pdf)</translation>
    </message>
    <message>
        <source>%1 × %2, warm-up</source>
        <translation>%1 × %2, Aufwärmen</translation>
    </message>
    <message>
        <source>attempt, %1</source>
        <translation>Versuch, %1</translation>
    </message>
    <message>
        <source>“%1” cannot be written. Check its place and permissions.</source>
        <translation>„%1“ lässt sich nicht schreiben. Prüf Ort und Rechte.</translation>
    </message>
    <message>
        <source>The weeks go out as .ics (calendar), .csv, .json, or the chosen week as .pdf; “%1” is none of these.</source>
        <translation>Die Wochen kommen als .ics (Kalender), .csv, .json, oder die gewählte Woche als .pdf; „%1“ ist nichts davon.</translation>
    </message>
</context>
<context>
    <name>mottix::AthleteView</name>
    <message>
        <source>Lengths</source>
        <translation>Längen</translation>
    </message>
    <message>
        <source>Read lengths from films · R</source>
        <translation>Längen aus Filmen lesen · R</translation>
    </message>
    <message>
        <source>Thigh, shank, trunk and foot from this athlete&apos;s films with placed joints</source>
        <translation>Oberschenkel, Unterschenkel, Rumpf und Fuß aus Filmen dieses Athleten mit gesetzten Gelenken</translation>
    </message>
    <message>
        <source>Between joint centres, in cm; the foot from heel to longest toe, widths between the shoulder points and over the hips. Band: the middle two thirds of people; filled dot: by hand, open: from films.</source>
        <translation>Zwischen Gelenkmitten, in cm; der Fuß von der Ferse zur längsten Zehe, Breiten zwischen den Schulterpunkten und über die Hüften. Band: die mittleren zwei Drittel der Menschen; voller Punkt: von Hand, offener: aus Filmen.</translation>
    </message>
    <message>
        <source>Screens</source>
        <translation>Tests</translation>
    </message>
    <message>
        <source>Complaints</source>
        <translation>Beschwerden</translation>
    </message>
    <message>
        <source>From 4/10 on a complaint shapes the set-up and no load is raised. The program does not diagnose: pain, numbness, dizziness, a known injury, pregnancy, high blood pressure or heart trouble belong to a licensed clinician before loading.</source>
        <translation>Ab 4/10 formt eine Beschwerde die Einstellung, und keine Last wird erhöht. Das Programm stellt keine Diagnose: Schmerz, Taubheit, Schwindel, eine bekannte Verletzung, Schwangerschaft, hoher Blutdruck oder Herzbeschwerden gehören vor dem Heben zu einer Ärztin oder einem Arzt.</translation>
    </message>
    <message>
        <source>Set-up that fits · F</source>
        <translation>Einstellung, die passt · F</translation>
    </message>
    <message>
        <source>Open Fit for this athlete</source>
        <translation>Passung für diesen Athleten öffnen</translation>
    </message>
    <message>
        <source>Do a screen</source>
        <translation>Einen Test machen</translation>
    </message>
    <message>
        <source>Read lengths from films</source>
        <translation>Längen aus Filmen lesen</translation>
    </message>
    <message>
        <source>A complaint</source>
        <translation>Eine Beschwerde</translation>
    </message>
    <message>
        <source>A mobility screen, step by step</source>
        <translation>Ein Beweglichkeitstest, Schritt für Schritt</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Change the name</source>
        <translation>Den Namen ändern</translation>
    </message>
    <message>
        <source>A name has 1 to 80 letters.</source>
        <translation>Ein Name hat 1 bis 80 Buchstaben.</translation>
    </message>
    <message>
        <source>Change the %1</source>
        <translation>Ändern: %1</translation>
    </message>
    <message>
        <source>A year such as 1994, or nothing.</source>
        <translation>Ein Jahr wie 1994, oder nichts.</translation>
    </message>
    <message>
        <source>, born</source>
        <translation>, geboren</translation>
    </message>
    <message>
        <source>year of birth</source>
        <translation>Geburtsjahr</translation>
    </message>
    <message>
        <source>sex</source>
        <translation>Geschlecht</translation>
    </message>
    <message>
        <source>Change the sex</source>
        <translation>Das Geschlecht ändern</translation>
    </message>
    <message>
        <source>female</source>
        <translation>weiblich</translation>
    </message>
    <message>
        <source>male</source>
        <translation>männlich</translation>
    </message>
    <message>
        <source>Female or male, or nothing; it is only used for the usual width of the hips.</source>
        <translation>Weiblich oder männlich, oder nichts; es dient nur der üblichen Breite der Hüften.</translation>
    </message>
    <message>
        <source>sex not stated</source>
        <translation>Geschlecht nicht angegeben</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Change the height</source>
        <translation>Die Größe ändern</translation>
    </message>
    <message>
        <source>A height in cm, such as 174.</source>
        <translation>Eine Größe in cm, etwa 174.</translation>
    </message>
    <message>
        <source>%1 cm</source>
        <translation>%1 cm</translation>
    </message>
    <message>
        <source>height not stated</source>
        <translation>Größe nicht angegeben</translation>
    </message>
    <message>
        <source>mass</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>Change the mass</source>
        <translation>Das Gewicht ändern</translation>
    </message>
    <message>
        <source>A mass in kg, such as 68, or nothing.</source>
        <translation>Ein Gewicht in kg, etwa 68, oder nichts.</translation>
    </message>
    <message>
        <source>mass not stated</source>
        <translation>Gewicht nicht angegeben</translation>
    </message>
    <message>
        <source>, lifts since</source>
        <translation>, hebt seit</translation>
    </message>
    <message>
        <source>year of the first training</source>
        <translation>Jahr des ersten Trainings</translation>
    </message>
    <message>
        <source>At most %1 letters.</source>
        <translation>Höchstens %1 Buchstaben.</translation>
    </message>
    <message>
        <source>Goal:</source>
        <translation>Ziel:</translation>
    </message>
    <message>
        <source>goal</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>; next test</source>
        <translation>; nächster Test</translation>
    </message>
    <message>
        <source>test day</source>
        <translation>Testtag</translation>
    </message>
    <message>
        <source>Change the test day</source>
        <translation>Den Testtag ändern</translation>
    </message>
    <message>
        <source>school of the %1</source>
        <translation>Schule: %1</translation>
    </message>
    <message>
        <source>Change a school</source>
        <translation>Eine Schule ändern</translation>
    </message>
    <message>
        <source>One of: %1.</source>
        <translation>Eine von: %1.</translation>
    </message>
    <message>
        <source>. Squat</source>
        <translation>. Kniebeuge</translation>
    </message>
    <message>
        <source>, bench press</source>
        <translation>, Bankdrücken</translation>
    </message>
    <message>
        <source>, deadlift hips</source>
        <translation>, Hüfte im Kreuzheben</translation>
    </message>
    <message>
        <source>. Besides</source>
        <translation>. Außerdem</translation>
    </message>
    <message>
        <source>other schools</source>
        <translation>weitere Schulen</translation>
    </message>
    <message>
        <source>Change other schools</source>
        <translation>Weitere Schulen ändern</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>“%1” is not known. With commas between: %2; or nothing.</source>
        <translation>„%1“ ist nicht bekannt. Mit Kommas dazwischen: %2; oder nichts.</translation>
    </message>
    <message>
        <source>%1. Known: %2</source>
        <translation>%1. Bekannt: %2</translation>
    </message>
    <message>
        <source>Has</source>
        <translation>Hat</translation>
    </message>
    <message>
        <source>equipment</source>
        <translation>Ausrüstung</translation>
    </message>
    <message>
        <source>; the federation asks for</source>
        <translation>; der Verband verlangt</translation>
    </message>
    <message>
        <source>federation&apos;s rules</source>
        <translation>Regeln des Verbandes</translation>
    </message>
    <message>
        <source>. Note:</source>
        <translation>. Notiz:</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Change a length</source>
        <translation>Eine Länge ändern</translation>
    </message>
    <message>
        <source>A length in cm, such as 42.5, or nothing.</source>
        <translation>Eine Länge in cm, etwa 42.5, oder nichts.</translation>
    </message>
    <message>
        <source>%1 ± %2</source>
        <translation>%1 ± %2</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>etwa %1</translation>
    </message>
    <message>
        <source>from its partner</source>
        <translation>von der Gegenseite</translation>
    </message>
    <message>
        <source>measure</source>
        <translation>messen</translation>
    </message>
    <message>
        <source> for the height</source>
        <translation> für die Größe</translation>
    </message>
    <message>
        <source>Kept as a draft; Fit waits until it is put right.</source>
        <translation>Als Entwurf behalten; Passung wartet, bis es stimmt.</translation>
    </message>
    <message>
        <source>Give the height first; everything else can be estimated from it and measured later.</source>
        <translation>Gib zuerst die Größe an; alles andere lässt sich daraus schätzen und später messen.</translation>
    </message>
    <message>
        <source>There is no film of this athlete with placed joints yet</source>
        <translation>Es gibt noch keinen Film dieses Athleten mit gesetzten Gelenken</translation>
    </message>
    <message>
        <source>do · %1</source>
        <translation>machen · %1</translation>
    </message>
    <message>
        <source>Do the screen “%1”</source>
        <translation>Den Test „%1“ machen</translation>
    </message>
    <message>
        <source>not done yet</source>
        <translation>noch nicht gemacht</translation>
    </message>
    <message>
        <source>%1 %2 cm (%3°)</source>
        <translation>%1 %2 cm (%3°)</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>; %1 weeks old, do it again</source>
        <translation>; %1 Wochen alt, mach ihn noch einmal</translation>
    </message>
    <message>
        <source>%1 %2%3 cm</source>
        <translation>%1 %2%3 cm</translation>
    </message>
    <message>
        <source>since %1: %2</source>
        <translation>seit %1: %2</translation>
    </message>
    <message>
        <source>New complaint · +</source>
        <translation>Neue Beschwerde · +</translation>
    </message>
    <message>
        <source>Write down a complaint</source>
        <translation>Eine Beschwerde aufschreiben</translation>
    </message>
    <message>
        <source>None written down.</source>
        <translation>Keine aufgeschrieben.</translation>
    </message>
    <message>
        <source>side %1</source>
        <translation>Seite %1</translation>
    </message>
    <message>
        <source>Change a complaint</source>
        <translation>Eine Beschwerde ändern</translation>
    </message>
    <message>
        <source>Left, right, both, or nothing.</source>
        <translation>Links, rechts, beide, oder nichts.</translation>
    </message>
    <message>
        <source>side?</source>
        <translation>Seite?</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>both</source>
        <translation>beide</translation>
    </message>
    <message>
        <source>joint %1</source>
        <translation>Gelenk %1</translation>
    </message>
    <message>
        <source>level %1</source>
        <translation>Stärke %1</translation>
    </message>
    <message>
        <source>A level lies between 0 and 10.</source>
        <translation>Eine Stärke liegt zwischen 0 und 10.</translation>
    </message>
    <message>
        <source>%1/10</source>
        <translation>%1/10</translation>
    </message>
    <message>
        <source>, since %1</source>
        <translation>, seit %1</translation>
    </message>
    <message>
        <source>, open.</source>
        <translation>, offen.</translation>
    </message>
    <message>
        <source>, closed %1.</source>
        <translation>, geschlossen %1.</translation>
    </message>
    <message>
        <source>close it</source>
        <translation>schließen</translation>
    </message>
    <message>
        <source>open again</source>
        <translation>wieder öffnen</translation>
    </message>
    <message>
        <source>Close the complaint about the %1</source>
        <translation>Die Beschwerde schließen: %1</translation>
    </message>
    <message>
        <source>Open the complaint about the %1 again</source>
        <translation>Die Beschwerde wieder öffnen: %1</translation>
    </message>
    <message>
        <source>Open a complaint again</source>
        <translation>Eine Beschwerde wieder öffnen</translation>
    </message>
    <message>
        <source>Close a complaint</source>
        <translation>Eine Beschwerde schließen</translation>
    </message>
    <message>
        <source>Give the height first; it is the second ruler beside the plate.</source>
        <translation>Gib zuerst die Größe an; sie ist der zweite Maßstab neben der Scheibe.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>There is no squat film of this athlete with placed joints yet.</source>
        <translation>Es gibt noch keinen Film einer Kniebeuge dieses Athleten mit gesetzten Gelenken.</translation>
    </message>
    <message>
        <source>From %1: </source>
        <translation>Aus %1: </translation>
    </message>
    <message>
        <source>one film</source>
        <translation>einem Film</translation>
    </message>
    <message>
        <source>%1 films</source>
        <translation>%1 Filmen</translation>
    </message>
    <message>
        <source>Measured by hand and kept as it is: the films say %1. </source>
        <translation>Von Hand gemessen und so behalten: Die Filme sagen %1. </translation>
    </message>
</context>
<context>
    <name>mottix::BesideView</name>
    <message>
        <source>Rep on the left</source>
        <translation>Wiederholung links</translation>
    </message>
    <message>
        <source>Rep on the right</source>
        <translation>Wiederholung rechts</translation>
    </message>
    <message>
        <source>Set on the right</source>
        <translation>Satz rechts</translation>
    </message>
    <message>
        <source>Both paths of the bar over each other</source>
        <translation>Beide Wege der Stange übereinander</translation>
    </message>
    <message>
        <source>The two films show one set: they are laid on each other by the bar&apos;s way</source>
        <translation>Die zwei Filme zeigen einen Satz: Sie werden nach dem Weg der Stange aufeinandergelegt</translation>
    </message>
    <message>
        <source>Set · Esc</source>
        <translation>Satz · Esc</translation>
    </message>
    <message>
        <source>Back to the set</source>
        <translation>Zurück zum Satz</translation>
    </message>
    <message>
        <source>One film of both, with what was seen drawn on them (MP4 or WebM)</source>
        <translation>Ein Film aus beiden, mit dem Gesehenen darauf gezeichnet (MP4 oder WebM)</translation>
    </message>
    <message>
        <source>Film of both… · Ctrl+M</source>
        <translation>Film aus beiden… · Strg+M</translation>
    </message>
    <message>
        <source>A film of both</source>
        <translation>Ein Film aus beiden</translation>
    </message>
    <message>
        <source>Y</source>
        <translation>Y</translation>
    </message>
    <message>
        <source>Both films show the same set, or do not</source>
        <translation>Beide Filme zeigen denselben Satz, oder nicht</translation>
    </message>
    <message>
        <source>, .</source>
        <translation>, .</translation>
    </message>
    <message>
        <source>Two films of one set: this one earlier, later</source>
        <translation>Zwei Filme eines Satzes: dieser früher, später</translation>
    </message>
    <message>
        <source>Stop the film (%1 %)</source>
        <translation>Den Film abbrechen (%1 %)</translation>
    </message>
    <message>
        <source>Stopped; nothing is kept of the film.</source>
        <translation>Abgebrochen; vom Film bleibt nichts.</translation>
    </message>
    <message>
        <source>“%1” is written, its captions beside it.</source>
        <translation>„%1“ ist geschrieben, die Untertitel daneben.</translation>
    </message>
    <message>
        <source>Every measure of both, and how they differ</source>
        <translation>Jedes Maß von beiden, und wie sie sich unterscheiden</translation>
    </message>
    <message>
        <source>measure</source>
        <translation>Maß</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>right less left</source>
        <translation>rechts weniger links</translation>
    </message>
    <message>
        <source>%1 · %2 · %3 × %4 · %5</source>
        <translation>%1 · %2 · %3 × %4 · %5</translation>
    </message>
    <message>
        <source> · </source>
        <translation> · </translation>
    </message>
    <message>
        <source>%1 · %2 × %3 · %4</source>
        <translation>%1 · %2 × %3 · %4</translation>
    </message>
    <message>
        <source>this set</source>
        <translation>dieser Satz</translation>
    </message>
    <message>
        <source>all reps</source>
        <translation>alle Wiederholungen</translation>
    </message>
    <message>
        <source>rep %1</source>
        <translation>Wiederholung %1</translation>
    </message>
    <message>
        <source>Not measured: %1</source>
        <translation>Nicht gemessen: %1</translation>
    </message>
    <message>
        <source>Two films of one set: the right one began %1 s earlier.</source>
        <translation>Zwei Filme eines Satzes: Der rechte begann %1 s früher.</translation>
    </message>
    <message>
        <source>Two films of one set: the right one began %1 s later.</source>
        <translation>Zwei Filme eines Satzes: Der rechte begann %1 s später.</translation>
    </message>
    <message>
        <source>Laid on each other by hand (keys , and . move the right one).</source>
        <translation>Von Hand aufeinandergelegt (die Tasten , und . verschieben den rechten).</translation>
    </message>
    <message>
        <source>Laid on each other by the bar&apos;s way; the keys , and . move the right one.</source>
        <translation>Nach dem Weg der Stange aufeinandergelegt; die Tasten , und . verschieben den rechten.</translation>
    </message>
    <message>
        <source>Choose two reps, or another set on the right.</source>
        <translation>Wähle zwei Wiederholungen, oder rechts einen anderen Satz.</translation>
    </message>
    <message>
        <source>Choose a rep on both sides, or all reps on both.</source>
        <translation>Wähle auf beiden Seiten eine Wiederholung, oder auf beiden alle.</translation>
    </message>
    <message>
        <source>Not one set · Y</source>
        <translation>Nicht ein Satz · Y</translation>
    </message>
    <message>
        <source>Both films show one set · Y</source>
        <translation>Beide Filme zeigen einen Satz · Y</translation>
    </message>
    <message>
        <source>Choose another film of the same athlete and day on the right.</source>
        <translation>Wähle rechts einen anderen Film desselben Athleten und Tages.</translation>
    </message>
    <message>
        <source>A rep earlier or later fits nearly as well: look whether both films show the same moment; , and . move the right one.</source>
        <translation>Eine Wiederholung früher oder später passt fast so gut: Sieh nach, ob beide Filme denselben Moment zeigen; , und . verschieben den rechten.</translation>
    </message>
    <message>
        <source>Write one film of both</source>
        <translation>Einen Film aus beiden schreiben</translation>
    </message>
    <message>
        <source> beside.mp4</source>
        <translation> nebeneinander.mp4</translation>
    </message>
    <message>
        <source>MP4 (*.mp4);;WebM (*.webm)</source>
        <translation>MP4 (*.mp4);;WebM (*.webm)</translation>
    </message>
    <message>
        <source>Both sets need a film that has been measured.</source>
        <translation>Beide Sätze brauchen einen Film, der gemessen ist.</translation>
    </message>
</context>
<context>
    <name>mottix::BlindLookView</name>
    <message>
        <source>The clip is being filmed … %1 %</source>
        <translation>Der Film wird gedreht … %1 %</translation>
    </message>
    <message>
        <source>Your eye so far</source>
        <translation>Dein Auge bisher</translation>
    </message>
    <message>
        <source>Show me</source>
        <translation>Zeig mir</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>Hebung</translation>
    </message>
    <message>
        <source>Say “%1”.</source>
        <translation>Sag „%1“.</translation>
    </message>
    <message>
        <source>”, “</source>
        <translation>“, „</translation>
    </message>
    <message>
        <source>from where</source>
        <translation>von wo</translation>
    </message>
    <message>
        <source>What is planted in a deadlift shows from the side alone.</source>
        <translation>Was in einem Kreuzheben steckt, sieht man nur von der Seite.</translation>
    </message>
    <message>
        <source>without a number on it.</source>
        <translation>ohne eine Zahl darauf.</translation>
    </message>
    <message>
        <source>Play · Space</source>
        <translation>Abspielen · Leer</translation>
    </message>
    <message>
        <source>Play or stop the clip</source>
        <translation>Den Film abspielen oder anhalten</translation>
    </message>
    <message>
        <source>Half speed · V</source>
        <translation>Halbes Tempo · V</translation>
    </message>
    <message>
        <source>Play at half the speed, or as lived</source>
        <translation>Mit halbem Tempo abspielen, oder wie gelebt</translation>
    </message>
    <message>
        <source>Full speed · V</source>
        <translation>Volles Tempo · V</translation>
    </message>
    <message>
        <source>Half speed, full speed</source>
        <translation>Halbes Tempo, volles Tempo</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>Look at a clip; done looking; the next</source>
        <translation>Einen Film ansehen; fertig angesehen; der nächste</translation>
    </message>
    <message>
        <source>Arrows, Space</source>
        <translation>Pfeile, Leertaste</translation>
    </message>
    <message>
        <source>On what can be called: choose a rep; nothing, small, big</source>
        <translation>Auf dem, was man ansagen kann: eine Wiederholung wählen; nichts, klein, groß</translation>
    </message>
    <message>
        <source>Results</source>
        <translation>Ergebnisse</translation>
    </message>
    <message>
        <source>Leave this clip and see how your eye does</source>
        <translation>Diesen Film verlassen und sehen, wie dein Auge abschneidet</translation>
    </message>
    <message>
        <source>What was called, and what was measured</source>
        <translation>Was angesagt war, und was gemessen</translation>
    </message>
    <message>
        <source>What does your eye see?</source>
        <translation>Was sieht dein Auge?</translation>
    </message>
    <message>
        <source>A made-up lifter is filmed with no fault, one or two, small or large. Look at the clip as you would on the floor, mark what you see on which rep, then hold it against the measures. Over many clips it shows from which size on you call a fault, so that limits and eyes agree.</source>
        <translation>Ein erfundener Mensch wird gefilmt, ohne Fehler, mit einem oder zweien, klein oder groß. Sieh den Film an wie in der Halle, markier, was du in welcher Wiederholung siehst, und halt es dann gegen die Maße. Über viele Filme zeigt sich, ab welcher Größe du einen Fehler ansagst, damit Grenzen und Augen übereinstimmen.</translation>
    </message>
    <message>
        <source>Look at a clip · Enter</source>
        <translation>Einen Film ansehen · Enter</translation>
    </message>
    <message>
        <source>The clip is being filmed …</source>
        <translation>Der Film wird gedreht …</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>What do you see?</source>
        <translation>Was siehst du?</translation>
    </message>
    <message>
        <source>from the side</source>
        <translation>von der Seite</translation>
    </message>
    <message>
        <source>A %1 of %2 reps, %3. Click a rep&apos;s cell: one stroke is a small fault, two a big one. Nothing to call is an answer, too.</source>
        <translation>%1 mit %2 Wiederholungen, %3. Klick das Feld einer Wiederholung: Ein Strich ist ein kleiner Fehler, zwei ein großer. Nichts anzusagen ist auch eine Antwort.</translation>
    </message>
    <message>
        <source>That is all I see · Enter</source>
        <translation>Mehr sehe ich nicht · Enter</translation>
    </message>
    <message>
        <source>Next clip · Enter</source>
        <translation>Nächster Film · Enter</translation>
    </message>
    <message>
        <source>Nothing was beyond the limits, and you called nothing.</source>
        <translation>Nichts lag über den Grenzen, und du hast nichts angesagt.</translation>
    </message>
    <message>
        <source>Nothing was beyond the limits.</source>
        <translation>Nichts lag über den Grenzen.</translation>
    </message>
    <message>
        <source>You saw %1 of %2.</source>
        <translation>Du hast %1 von %2 gesehen.</translation>
    </message>
    <message>
        <source>%1, %2%3 on %4</source>
        <translation>%1, %2%3 in %4</translation>
    </message>
    <message>
        <source>No fault was planted in this clip.</source>
        <translation>In diesem Film steckte kein Fehler.</translation>
    </message>
    <message>
        <source>Planted: %1.</source>
        <translation>Darin steckte: %1.</translation>
    </message>
    <message>
        <source>show on the film</source>
        <translation>im Film zeigen</translation>
    </message>
    <message>
        <source>Go to the picture that shows it</source>
        <translation>Zu dem Bild gehen, das es zeigt</translation>
    </message>
    <message>
        <source>Nothing yet. After some clips this page shows, for every rule, which sizes you called and which you passed over, and from where on your eye calls a fault, beside the limit of the House book.</source>
        <translation>Noch nichts. Nach einigen Filmen zeigt diese Seite für jede Regel, welche Größen du angesagt und welche du übergangen hast, und ab wo dein Auge einen Fehler ansagt, neben der Grenze des Hausbuchs.</translation>
    </message>
</context>
<context>
    <name>mottix::CallSheet</name>
    <message>
        <source>Click: small, big, nothing</source>
        <translation>Klicken: klein, groß, nichts</translation>
    </message>
    <message>
        <source>Nothing can be called on this clip.</source>
        <translation>In diesem Film lässt sich nichts ansagen.</translation>
    </message>
    <message>
        <source>%1, rep %2: %3</source>
        <translation>%1, Wiederholung %2: %3</translation>
    </message>
    <message>
        <source>called big</source>
        <translation>groß angesagt</translation>
    </message>
    <message>
        <source>called small</source>
        <translation>klein angesagt</translation>
    </message>
    <message>
        <source>not called</source>
        <translation>nicht angesagt</translation>
    </message>
    <message>
        <source>rep</source>
        <translation>Wdh.</translation>
    </message>
</context>
<context>
    <name>mottix::CardView</name>
    <message>
        <source>Card for the rack: %1, %2</source>
        <translation>Karte fürs Gestell: %1, %2</translation>
    </message>
</context>
<context>
    <name>mottix::CurvesView</name>
    <message>
        <source>What is drawn</source>
        <translation>Was gezeichnet wird</translation>
    </message>
    <message>
        <source>Findings · C</source>
        <translation>Befunde · C</translation>
    </message>
    <message>
        <source>Back to findings, cue and load</source>
        <translation>Zurück zu Befunden, Hinweis und Last</translation>
    </message>
    <message>
        <source>against</source>
        <translation>gegen</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>height of the bar</source>
        <translation>Höhe der Stange</translation>
    </message>
    <message>
        <source>rep</source>
        <translation>Wdh.</translation>
    </message>
    <message>
        <source>Draw it against this</source>
        <translation>Dagegen zeichnen</translation>
    </message>
    <message>
        <source>Plot: click or drag to move the film, arrow keys by the frame, wheel to look closer</source>
        <translation>Kurve: Klicken oder Ziehen bewegt den Film, Pfeiltasten je ein Bild, das Rad zeigt es näher</translation>
    </message>
    <message>
        <source>%1, by rep</source>
        <translation>%1, je Wiederholung</translation>
    </message>
    <message>
        <source>time, s</source>
        <translation>Zeit, s</translation>
    </message>
    <message>
        <source>height of the bar, cm</source>
        <translation>Höhe der Stange, cm</translation>
    </message>
    <message>
        <source>Nothing is measured yet.</source>
        <translation>Es ist noch nichts gemessen.</translation>
    </message>
    <message>
        <source>There is nothing to draw: enter the athlete&apos;s height and weight under Body (B).</source>
        <translation>Es gibt nichts zu zeichnen: Gib Größe und Gewicht des Athleten unter Maße (B) an.</translation>
    </message>
    <message>
        <source>There is nothing to draw: what it needs is not placed, or was not seen.</source>
        <translation>Es gibt nichts zu zeichnen: Was es braucht, ist nicht gesetzt oder wurde nicht gesehen.</translation>
    </message>
    <message>
        <source>%1 s: %2 %3. </source>
        <translation>%1 s: %2 %3. </translation>
    </message>
    <message>
        <source>Rep %1: %2 %3. </source>
        <translation>Wiederholung %1: %2 %3. </translation>
    </message>
</context>
<context>
    <name>mottix::EvidencePlot</name>
    <message>
        <source>%1 of every rep</source>
        <translation>%1 jeder Wiederholung</translation>
    </message>
    <message>
        <source>limit %1%2</source>
        <translation>Grenze %1%2</translation>
    </message>
</context>
<context>
    <name>mottix::EyeChart</name>
    <message>
        <source>Open this rule in the House book</source>
        <translation>Diese Regel im Hausbuch öffnen</translation>
    </message>
    <message>
        <source>called</source>
        <translation>angesagt</translation>
    </message>
    <message>
        <source>not called</source>
        <translation>nicht angesagt</translation>
    </message>
    <message>
        <source>your eye</source>
        <translation>dein Auge</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>Grenze</translation>
    </message>
    <message>
        <source>big</source>
        <translation>groß</translation>
    </message>
</context>
<context>
    <name>mottix::FigureView</name>
    <message>
        <source>Solved figure</source>
        <translation>Gelöste Figur</translation>
    </message>
    <message>
        <source>Trunk %1 degrees, shin %2 degrees from upright</source>
        <translation>Rumpf %1 Grad, Schienbein %2 Grad von der Senkrechten</translation>
    </message>
    <message>
        <source>bar position</source>
        <translation>Lage der Stange</translation>
    </message>
    <message>
        <source>depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>heel height</source>
        <translation>Fersenhöhe</translation>
    </message>
    <message>
        <source>stance</source>
        <translation>Stand</translation>
    </message>
    <message>
        <source>toes</source>
        <translation>Zehen</translation>
    </message>
    <message>
        <source>hands</source>
        <translation>Hände</translation>
    </message>
    <message>
        <source>heels %1 cm apart</source>
        <translation>Fersen %1 cm auseinander</translation>
    </message>
    <message>
        <source>toes %1° out</source>
        <translation>Zehen %1° nach außen</translation>
    </message>
    <message>
        <source>%1: up and down to move, left and right for the next handle</source>
        <translation>%1: auf und ab bewegt, links und rechts zum nächsten Griff</translation>
    </message>
    <message>
        <source>pull a handle</source>
        <translation>an einem Griff ziehen</translation>
    </message>
</context>
<context>
    <name>mottix::FilmView</name>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>Play, stop</source>
        <translation>Abspielen, anhalten</translation>
    </message>
    <message>
        <source>← →</source>
        <translation>← →</translation>
    </message>
    <message>
        <source>A picture back, on; with Shift: a rep</source>
        <translation>Ein Bild zurück, weiter; mit Umschalt: eine Wiederholung</translation>
    </message>
    <message>
        <source>Home, End</source>
        <translation>Pos1, Ende</translation>
    </message>
    <message>
        <source>Begin and end of the film</source>
        <translation>Anfang und Ende des Films</translation>
    </message>
    <message>
        <source>Film: arrow keys move by the frame, Shift with them by the rep</source>
        <translation>Film: Pfeiltasten gehen ein Bild weiter, mit Umschalt eine Wiederholung</translation>
    </message>
    <message>
        <source>Click three points: the angle is at the second.</source>
        <translation>Klick drei Punkte: Der Winkel liegt am zweiten.</translation>
    </message>
    <message>
        <source>Click the lower end and the upper end of a line: its lean from vertical is measured.</source>
        <translation>Klick das untere und das obere Ende einer Linie: Ihre Neigung von der Senkrechten wird gemessen.</translation>
    </message>
    <message>
        <source>Click two points.</source>
        <translation>Klick zwei Punkte.</translation>
    </message>
    <message>
        <source>Click two points: how far the second lies above the first.</source>
        <translation>Klick zwei Punkte: wie weit der zweite über dem ersten liegt.</translation>
    </message>
    <message>
        <source>Click at the first moment, go to the second (arrow keys, wheel) and click again.</source>
        <translation>Klick im ersten Moment, geh zum zweiten (Pfeiltasten, Rad) und klick noch einmal.</translation>
    </message>
    <message>
        <source>Backspace takes the last point back, Esc leaves.</source>
        <translation>Rücktaste nimmt den letzten Punkt zurück, Esc beendet.</translation>
    </message>
    <message>
        <source>There is no film of this set.</source>
        <translation>Von diesem Satz gibt es keinen Film.</translation>
    </message>
    <message>
        <source>Opening the film …</source>
        <translation>Der Film wird geöffnet …</translation>
    </message>
    <message>
        <source>Drag the points onto hip, knee, ankle, shoulder, heel and toe of the near side; drag a line to move the whole figure. F turns it round. Enter follows the joints through the film, Esc leaves.</source>
        <translation>Zieh die Punkte auf Hüfte, Knie, Knöchel, Schulter, Ferse und Zehe der nahen Seite; zieh eine Linie, um die ganze Figur zu bewegen. F dreht sie um. Enter verfolgt die Gelenke durch den Film, Esc beendet.</translation>
    </message>
    <message>
        <source>Drag along something upright (a post, a door), or along something whose length you know. Esc leaves.</source>
        <translation>Zieh entlang von etwas Senkrechtem (ein Pfosten, eine Tür), oder von etwas, dessen Länge du kennst. Esc beendet.</translation>
    </message>
    <message>
        <source>Click the middle of the bar&apos;s near end, or drag from its middle to its edge. Esc leaves.</source>
        <translation>Klick die Mitte des nahen Stangenendes, oder zieh von der Mitte zum Rand. Esc beendet.</translation>
    </message>
    <message>
        <source>Click the middle of the near dumbbell&apos;s head, or drag from its middle to its rim. Esc leaves.</source>
        <translation>Klick die Mitte des nahen Hantelkopfes, oder zieh von der Mitte zum Rand. Esc beendet.</translation>
    </message>
    <message>
        <source>Click the middle of the near plate, or drag from its middle to its rim. Esc leaves.</source>
        <translation>Klick die Mitte der nahen Scheibe, oder zieh von der Mitte zum Rand. Esc beendet.</translation>
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
        <translation>längs der Stange</translation>
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
        <translation>Füße</translation>
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
        <source>Nobody stands where a bar may fall. Put the phone where no one trips over it, ask the lifter before you film, and keep to the house&apos;s rules about films of people.</source>
        <translation>Niemand steht, wohin eine Stange fallen kann. Leg das Telefon so, dass niemand darüber stolpert, frag vor dem Filmen, und halte dich an die Regeln des Hauses über Filme von Menschen.</translation>
    </message>
</context>
<context>
    <name>mottix::FindingCard</name>
    <message>
        <source>show</source>
        <translation>zeigen</translation>
    </message>
    <message>
        <source>Go to the frame that shows it: %1</source>
        <translation>Zu dem Bild gehen, das es zeigt: %1</translation>
    </message>
    <message>
        <source>how</source>
        <translation>wie</translation>
    </message>
    <message>
        <source>Rule, measure, picture and reckoning behind this sentence</source>
        <translation>Regel, Maß, Bild und Rechnung hinter diesem Satz</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>Let the finding stand after all</source>
        <translation>Den Befund doch gelten lassen</translation>
    </message>
    <message>
        <source>overrule</source>
        <translation>überstimmen</translation>
    </message>
    <message>
        <source>It does not count for this set; this is remembered</source>
        <translation>Er zählt für diesen Satz nicht; das wird gemerkt</translation>
    </message>
    <message>
        <source>Overruled by the coach: it does not count.</source>
        <translation>Vom Coach überstimmt: Er zählt nicht.</translation>
    </message>
    <message>
        <source>Overruled by the coach: %1</source>
        <translation>Vom Coach überstimmt: %1</translation>
    </message>
    <message>
        <source>Seen as well: %1</source>
        <translation>Auch gesehen: %1</translation>
    </message>
    <message>
        <source>You overruled this once before.</source>
        <translation>Du hast das schon einmal überstimmt.</translation>
    </message>
    <message>
        <source>You overruled this %1 times before.</source>
        <translation>Du hast das schon %1-mal überstimmt.</translation>
    </message>
    <message>
        <source>No cause is left: all are struck out.</source>
        <translation>Keine Ursache ist übrig: alle sind gestrichen.</translation>
    </message>
    <message>
        <source>%1: %2. %3</source>
        <translation>%1: %2. %3</translation>
    </message>
    <message>
        <source>Cause</source>
        <translation>Ursache</translation>
    </message>
    <message>
        <source>Likely</source>
        <translation>Wahrscheinlich</translation>
    </message>
    <message>
        <source>First to check</source>
        <translation>Zuerst zu prüfen</translation>
    </message>
    <message>
        <source>causes</source>
        <translation>Ursachen</translation>
    </message>
    <message>
        <source>All causes, with what speaks for and against each</source>
        <translation>Alle Ursachen, mit dem, was für und gegen jede spricht</translation>
    </message>
    <message>
        <source>%1 (%2) · %3</source>
        <translation>%1 (%2) · %3</translation>
    </message>
    <message>
        <source>In the plan: %1</source>
        <translation>Im Plan: %1</translation>
    </message>
    <message>
        <source>take back</source>
        <translation>zurücknehmen</translation>
    </message>
    <message>
        <source>Say nothing of this cause any more</source>
        <translation>Von dieser Ursache nichts mehr sagen</translation>
    </message>
    <message>
        <source>confirm</source>
        <translation>bestätigen</translation>
    </message>
    <message>
        <source>This is the cause</source>
        <translation>Das ist die Ursache</translation>
    </message>
    <message>
        <source>strike out</source>
        <translation>streichen</translation>
    </message>
    <message>
        <source>This is not the cause</source>
        <translation>Das ist nicht die Ursache</translation>
    </message>
    <message>
        <source>Why? Enter overrules, Esc leaves it standing</source>
        <translation>Warum? Enter überstimmt, Esc lässt ihn stehen</translation>
    </message>
    <message>
        <source>Why the finding does not stand</source>
        <translation>Warum der Befund nicht gilt</translation>
    </message>
</context>
<context>
    <name>mottix::FitView</name>
    <message>
        <source>The body, against people of this height (open dots: from films)</source>
        <translation>Der Körper gegen Menschen dieser Größe (offene Punkte: aus Filmen)</translation>
    </message>
    <message>
        <source>body, screens, complaints · B</source>
        <translation>Maße, Tests, Beschwerden · B</translation>
    </message>
    <message>
        <source>Open the athlete&apos;s page</source>
        <translation>Die Seite des Athleten öffnen</translation>
    </message>
    <message>
        <source>Card for the rack</source>
        <translation>Karte fürs Gestell</translation>
    </message>
    <message>
        <source>Suggested set-up with reasons</source>
        <translation>Vorgeschlagene Einstellung mit Gründen</translation>
    </message>
    <message>
        <source>Keep this set-up · K</source>
        <translation>Diese Einstellung behalten · K</translation>
    </message>
    <message>
        <source>Keep this set-up in the athlete&apos;s record, to try it out</source>
        <translation>Diese Einstellung beim Athleten behalten, um sie auszuprobieren</translation>
    </message>
    <message>
        <source>card · C</source>
        <translation>Karte · C</translation>
    </message>
    <message>
        <source>Show the card as it is printed</source>
        <translation>Die Karte zeigen, wie sie gedruckt wird</translation>
    </message>
    <message>
        <source>tried · T</source>
        <translation>ausprobiert · T</translation>
    </message>
    <message>
        <source>Set-ups that were tried, compared on the athlete&apos;s own sets</source>
        <translation>Ausprobierte Einstellungen, verglichen an den Sätzen des Athleten selbst</translation>
    </message>
    <message>
        <source>over film · G</source>
        <translation>über dem Film · G</translation>
    </message>
    <message>
        <source>Lay the figure over a paused film of this athlete</source>
        <translation>Die Figur über einen angehaltenen Film dieses Athleten legen</translation>
    </message>
    <message>
        <source>PDF</source>
        <translation>PDF</translation>
    </message>
    <message>
        <source>Write the card as a PDF file</source>
        <translation>Die Karte als PDF schreiben</translation>
    </message>
    <message>
        <source>print</source>
        <translation>drucken</translation>
    </message>
    <message>
        <source>Print the card (Ctrl+P)</source>
        <translation>Die Karte drucken (Strg+P)</translation>
    </message>
    <message>
        <source>Give the body · B</source>
        <translation>Maße angeben · B</translation>
    </message>
    <message>
        <source>Pull the bar</source>
        <translation>An der Stange ziehen</translation>
    </message>
    <message>
        <source>Pull the figure</source>
        <translation>An der Figur ziehen</translation>
    </message>
    <message>
        <source>Show a kept set-up</source>
        <translation>Eine behaltene Einstellung zeigen</translation>
    </message>
    <message>
        <source>Keep this set-up</source>
        <translation>Diese Einstellung behalten</translation>
    </message>
    <message>
        <source>The card for the rack</source>
        <translation>Die Karte fürs Gestell</translation>
    </message>
    <message>
        <source>Set-ups that were tried</source>
        <translation>Ausprobierte Einstellungen</translation>
    </message>
    <message>
        <source>The figure over a film</source>
        <translation>Die Figur über einem Film</translation>
    </message>
    <message>
        <source>Print the card</source>
        <translation>Die Karte drucken</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Pfeile</translation>
    </message>
    <message>
        <source>On the figure: stance, bar, heel or grip a step</source>
        <translation>An der Figur: Stand, Stange, Ferse oder Griff um einen Schritt</translation>
    </message>
    <message>
        <source>Card as PDF</source>
        <translation>Karte als PDF</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
    <message>
        <source>The printer does not answer. Is it on and connected?</source>
        <translation>Der Drucker antwortet nicht. Ist er an und verbunden?</translation>
    </message>
    <message>
        <source>Nothing is known of %1&apos;s body yet. The height alone is enough to begin with; thigh, shank and trunk make it worth trusting.</source>
        <translation>Über den Körper von %1 ist noch nichts bekannt. Die Größe allein genügt für den Anfang; Oberschenkel, Unterschenkel und Rumpf machen es verlässlich.</translation>
    </message>
    <message>
        <source>The body of %1 cannot be one yet: %2 Put it right first.</source>
        <translation>Der Körper von %1 kann so nicht sein: %2 Stell das zuerst richtig.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>the suggestion</source>
        <translation>der Vorschlag</translation>
    </message>
    <message>
        <source>conventional</source>
        <translation>konventionell</translation>
    </message>
    <message>
        <source>sumo</source>
        <translation>Sumo</translation>
    </message>
    <message>
        <source>suggested</source>
        <translation>vorgeschlagen</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>Between %1 and %2 %3, or “suggested”.</source>
        <translation>Zwischen %1 und %2 %3, oder „vorgeschlagen“.</translation>
    </message>
    <message>
        <source>Change the %1</source>
        <translation>Ändern: %1</translation>
    </message>
    <message>
        <source>One of: %1.</source>
        <translation>Eine von: %1.</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>Hebung</translation>
    </message>
    <message>
        <source>bar position</source>
        <translation>Lage der Stange</translation>
    </message>
    <message>
        <source>style</source>
        <translation>Stil</translation>
    </message>
    <message>
        <source>for</source>
        <translation>für</translation>
    </message>
    <message>
        <source>load</source>
        <translation>Last</translation>
    </message>
    <message>
        <source>A load lies between 0 and 500 kg.</source>
        <translation>Eine Last liegt zwischen 0 und 500 kg.</translation>
    </message>
    <message>
        <source>Change the load</source>
        <translation>Die Last ändern</translation>
    </message>
    <message>
        <source>, heels</source>
        <translation>, Fersen</translation>
    </message>
    <message>
        <source>stance</source>
        <translation>Stand</translation>
    </message>
    <message>
        <source>%1 cm</source>
        <translation>%1 cm</translation>
    </message>
    <message>
        <source>cm</source>
        <translation>cm</translation>
    </message>
    <message>
        <source>apart and</source>
        <translation>auseinander und</translation>
    </message>
    <message>
        <source>heel height</source>
        <translation>Fersenhöhe</translation>
    </message>
    <message>
        <source>%1 mm high</source>
        <translation>%1 mm hoch</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>, toes</source>
        <translation>, Zehen</translation>
    </message>
    <message>
        <source>toes</source>
        <translation>Zehen</translation>
    </message>
    <message>
        <source>%1° out</source>
        <translation>%1° nach außen</translation>
    </message>
    <message>
        <source>degrees</source>
        <translation>Grad</translation>
    </message>
    <message>
        <source>, hip joint</source>
        <translation>, Hüftgelenk</translation>
    </message>
    <message>
        <source>depth</source>
        <translation>Tiefe</translation>
    </message>
    <message>
        <source>%1 cm below</source>
        <translation>%1 cm unter</translation>
    </message>
    <message>
        <source>%1 cm above</source>
        <translation>%1 cm über</translation>
    </message>
    <message>
        <source>cm below the knee joint (negative: above)</source>
        <translation>cm unter dem Kniegelenk (negativ: darüber)</translation>
    </message>
    <message>
        <source>the knee&apos;s, school</source>
        <translation>dem Kniegelenk, Schule</translation>
    </message>
    <message>
        <source>school</source>
        <translation>Schule</translation>
    </message>
    <message>
        <source>apart, toes</source>
        <translation>auseinander, Zehen</translation>
    </message>
    <message>
        <source>, index fingers</source>
        <translation>, Zeigefinger</translation>
    </message>
    <message>
        <source>hands</source>
        <translation>Hände</translation>
    </message>
    <message>
        <source>apart, hips</source>
        <translation>auseinander, Hüfte</translation>
    </message>
    <message>
        <source>apart, school</source>
        <translation>auseinander, Schule</translation>
    </message>
    <message>
        <source>, beside</source>
        <translation>, daneben</translation>
    </message>
    <message>
        <source>ghost</source>
        <translation>Schattenfigur</translation>
    </message>
    <message>
        <source>as a ghost.</source>
        <translation>als Schattenfigur.</translation>
    </message>
    <message>
        <source>A bar position or style, a kept set-up, the suggestion, or nothing.</source>
        <translation>Eine Lage der Stange oder ein Stil, eine behaltene Einstellung, der Vorschlag, oder nichts.</translation>
    </message>
    <message>
        <source>Change the ghost</source>
        <translation>Die Schattenfigur ändern</translation>
    </message>
    <message>
        <source>estimated</source>
        <translation>geschätzt</translation>
    </message>
    <message>
        <source> for the height</source>
        <translation> für die Größe</translation>
    </message>
    <message>
        <source>%1, ± %2 cm</source>
        <translation>%1, ± %2 cm</translation>
    </message>
    <message>
        <source>Ankle: shin leans up to %1°</source>
        <translation>Knöchel: Schienbein neigt sich bis %1°</translation>
    </message>
    <message>
        <source>Ankle: not screened, %1° assumed</source>
        <translation>Knöchel: nicht getestet, %1° angenommen</translation>
    </message>
    <message>
        <source>; %1 weeks old, do it again</source>
        <translation>; %1 Wochen alt, mach ihn noch einmal</translation>
    </message>
    <message>
        <source>No screen done yet.</source>
        <translation>Noch kein Test gemacht.</translation>
    </message>
    <message>
        <source>%1 %2/10, open</source>
        <translation>%1 %2/10, offen</translation>
    </message>
    <message>
        <source>%1, for %2</source>
        <translation>%1, für %2</translation>
    </message>
    <message>
        <source>A minor: a qualified person is present; range and load are scaled down first.</source>
        <translation>Minderjährig: Eine befähigte Person ist dabei; Bewegungsumfang und Last werden zuerst verkleinert.</translation>
    </message>
    <message>
        <source> School: %1.</source>
        <translation> Schule: %1.</translation>
    </message>
    <message>
        <source>There is no posture to keep. Change the set-up first.</source>
        <translation>Es gibt keine Haltung zu behalten. Ändere zuerst die Einstellung.</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>the first</source>
        <translation>die erste</translation>
    </message>
    <message>
        <source>Keep a set-up</source>
        <translation>Eine Einstellung behalten</translation>
    </message>
    <message>
        <source>No film of this athlete has its joints placed yet</source>
        <translation>Noch kein Film dieses Athleten hat gesetzte Gelenke</translation>
    </message>
    <message>
        <source>No film of this athlete has its joints placed yet.</source>
        <translation>Noch kein Film dieses Athleten hat gesetzte Gelenke.</translation>
    </message>
    <message>
        <source>The film has not been followed yet.</source>
        <translation>Der Film ist noch nicht verfolgt.</translation>
    </message>
    <message>
        <source>The figure is laid over a film from the side; this one is from the front or the rear.</source>
        <translation>Die Figur wird über einen Film von der Seite gelegt; dieser ist von vorn oder hinten.</translation>
    </message>
    <message>
        <source>Heel and toe are not placed in this film, so the figure has no floor to stand on.</source>
        <translation>Ferse und Zehe sind in diesem Film nicht gesetzt, also hat die Figur keinen Boden, auf dem sie steht.</translation>
    </message>
</context>
<context>
    <name>mottix::HandOutView</name>
    <message>
        <source>Hand-out as it will be printed</source>
        <translation>Handzettel, wie er gedruckt wird</translation>
    </message>
    <message>
        <source>Hand-out</source>
        <translation>Handzettel</translation>
    </message>
    <message>
        <source>To take home</source>
        <translation>Zum Mitnehmen</translation>
    </message>
    <message>
        <source>Said</source>
        <translation>Gesagt</translation>
    </message>
    <message>
        <source>how much</source>
        <translation>wie viel</translation>
    </message>
    <message>
        <source>in plain words</source>
        <translation>in einfachen Worten</translation>
    </message>
    <message>
        <source>with numbers</source>
        <translation>mit Zahlen</translation>
    </message>
    <message>
        <source>It is said in plain words or with numbers.</source>
        <translation>Es wird in einfachen Worten gesagt oder mit Zahlen.</translation>
    </message>
    <message>
        <source>, loads in</source>
        <translation>, Lasten in</translation>
    </message>
    <message>
        <source>unit</source>
        <translation>Einheit</translation>
    </message>
    <message>
        <source>Loads are said in kg or lb.</source>
        <translation>Lasten werden in kg oder lb gesagt.</translation>
    </message>
    <message>
        <source>. The one thing:</source>
        <translation>. Das Eine:</translation>
    </message>
    <message>
        <source>the one thing</source>
        <translation>das Eine</translation>
    </message>
    <message>
        <source>Only what is clear on the sheet, and stands, goes to the athlete.</source>
        <translation>Nur was auf dem Blatt klar ist und gilt, geht an den Athleten.</translation>
    </message>
    <message>
        <source>A word of yours, such as “Thursday at six”</source>
        <translation>Ein Wort von dir, etwa „Donnerstag um sechs“</translation>
    </message>
    <message>
        <source>A word of yours</source>
        <translation>Ein Wort von dir</translation>
    </message>
    <message>
        <source>Take out… · Ctrl+E</source>
        <translation>Ausgeben… · Strg+E</translation>
    </message>
    <message>
        <source>As PDF, as one HTML file, or as a picture (PNG)</source>
        <translation>Als PDF, als eine HTML-Datei oder als Bild (PNG)</translation>
    </message>
    <message>
        <source>Print · Ctrl+P</source>
        <translation>Drucken · Strg+P</translation>
    </message>
    <message>
        <source>On paper, A4</source>
        <translation>Auf Papier, A4</translation>
    </message>
    <message>
        <source>Take the page out as a file</source>
        <translation>Die Seite als Datei ausgeben</translation>
    </message>
    <message>
        <source>Print the page</source>
        <translation>Die Seite drucken</translation>
    </message>
    <message>
        <source>The film with what was seen on it</source>
        <translation>Der Film mit dem Gesehenen darauf</translation>
    </message>
    <message>
        <source>The film, with what was seen on it</source>
        <translation>Der Film, mit dem Gesehenen darauf</translation>
    </message>
    <message>
        <source>Of</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>which reps</source>
        <translation>welche Wiederholungen</translation>
    </message>
    <message>
        <source>all reps</source>
        <translation>alle Wiederholungen</translation>
    </message>
    <message>
        <source>Say “all reps”, or one of them: 1 to %1.</source>
        <translation>Sag „alle Wiederholungen“, oder eine davon: 1 bis %1.</translation>
    </message>
    <message>
        <source>as fast as life</source>
        <translation>so schnell wie das Leben</translation>
    </message>
    <message>
        <source>at half speed</source>
        <translation>mit halbem Tempo</translation>
    </message>
    <message>
        <source>at a quarter of the speed</source>
        <translation>mit einem Viertel des Tempos</translation>
    </message>
    <message>
        <source>how fast</source>
        <translation>wie schnell</translation>
    </message>
    <message>
        <source>Say “as fast as life”, “at half speed” or “at a quarter of the speed”.</source>
        <translation>Sag „so schnell wie das Leben“, „mit halbem Tempo“ oder „mit einem Viertel des Tempos“.</translation>
    </message>
    <message>
        <source>whether it stops</source>
        <translation>ob er anhält</translation>
    </message>
    <message>
        <source>stopping at the finding</source>
        <translation>mit Halt am Befund</translation>
    </message>
    <message>
        <source>without a stop</source>
        <translation>ohne Halt</translation>
    </message>
    <message>
        <source>It is “stopping at the finding” or “without a stop”.</source>
        <translation>Es ist „mit Halt am Befund“ oder „ohne Halt“.</translation>
    </message>
    <message>
        <source>how large</source>
        <translation>wie groß</translation>
    </message>
    <message>
        <source>Pictures are 240 to 1080 lines high; 480 is small enough for a message.</source>
        <translation>Bilder sind 240 bis 1080 Zeilen hoch; 480 ist klein genug für eine Nachricht.</translation>
    </message>
    <message>
        <source>lines high,</source>
        <translation>Zeilen hoch,</translation>
    </message>
    <message>
        <source>faces</source>
        <translation>Gesichter</translation>
    </message>
    <message>
        <source>the face hidden</source>
        <translation>das Gesicht verdeckt</translation>
    </message>
    <message>
        <source>the face as it is</source>
        <translation>das Gesicht wie es ist</translation>
    </message>
    <message>
        <source>It is “the face as it is” or “the face hidden”.</source>
        <translation>Es ist „das Gesicht wie es ist“ oder „das Gesicht verdeckt“.</translation>
    </message>
    <message>
        <source>Of the lifter alone, where the head was found: look at the film before you send it.</source>
        <translation>Nur vom Hebenden, wo der Kopf gefunden wurde: Sieh den Film an, bevor du ihn schickst.</translation>
    </message>
    <message>
        <source>Write the film… · Ctrl+M</source>
        <translation>Den Film schreiben… · Strg+M</translation>
    </message>
    <message>
        <source>MP4 or WebM, with its captions in a file beside it</source>
        <translation>MP4 oder WebM, mit den Untertiteln in einer Datei daneben</translation>
    </message>
    <message>
        <source>How much of the film is written</source>
        <translation>Wie viel vom Film geschrieben ist</translation>
    </message>
    <message>
        <source>Stop · Esc</source>
        <translation>Abbrechen · Esc</translation>
    </message>
    <message>
        <source>Leave the film; nothing is kept of it</source>
        <translation>Den Film lassen; nichts bleibt davon</translation>
    </message>
    <message>
        <source>Stopped; nothing is kept of the film.</source>
        <translation>Abgebrochen; vom Film bleibt nichts.</translation>
    </message>
    <message>
        <source>“%1” is written, its captions beside it.</source>
        <translation>„%1“ ist geschrieben, die Untertitel daneben.</translation>
    </message>
    <message>
        <source>rep %1</source>
        <translation>Wiederholung %1</translation>
    </message>
    <message>
        <source>Write the film</source>
        <translation>Den Film schreiben</translation>
    </message>
    <message>
        <source>MP4 (*.mp4);;WebM (*.webm)</source>
        <translation>MP4 (*.mp4);;WebM (*.webm)</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>The cue on the sheet is for something else, so none stands on the page.</source>
        <translation>Der Hinweis auf dem Blatt gilt etwas anderem, also steht keiner auf der Seite.</translation>
    </message>
    <message>
        <source>There is no film, so there is no picture.</source>
        <translation>Es gibt keinen Film, also kein Bild.</translation>
    </message>
    <message>
        <source>No set-up is kept for this lift: Fit (F) makes one.</source>
        <translation>Für diese Hebung ist keine Einstellung behalten: Passung (F) macht eine.</translation>
    </message>
    <message>
        <source>Take the hand-out out</source>
        <translation>Den Handzettel ausgeben</translation>
    </message>
    <message>
        <source>Page (*.pdf);;One HTML file (*.html);;Picture (*.png)</source>
        <translation>Seite (*.pdf);;Eine HTML-Datei (*.html);;Bild (*.png)</translation>
    </message>
    <message>
        <source>“%1” is written.</source>
        <translation>„%1“ ist geschrieben.</translation>
    </message>
</context>
<context>
    <name>mottix::HouseBookView</name>
    <message>
        <source>Reading the log … %1 %</source>
        <translation>Das Protokoll wird gelesen … %1 %</translation>
    </message>
    <message>
        <source>House book</source>
        <translation>Hausbuch</translation>
    </message>
    <message>
        <source>Rules of the %1</source>
        <translation>Regeln: %1</translation>
    </message>
    <message>
        <source>Rules</source>
        <translation>Regeln</translation>
    </message>
    <message>
        <source>In this room:</source>
        <translation>In diesem Raum:</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>Stangen</translation>
    </message>
    <message>
        <source>; plates</source>
        <translation>; Scheiben</translation>
    </message>
    <message>
        <source>plates</source>
        <translation>Scheiben</translation>
    </message>
    <message>
        <source>Say which plates there are</source>
        <translation>Sagen, welche Scheiben es gibt</translation>
    </message>
    <message>
        <source>; a collar weighs</source>
        <translation>; ein Verschluss wiegt</translation>
    </message>
    <message>
        <source>collar</source>
        <translation>Verschluss</translation>
    </message>
    <message>
        <source>A collar weighs 0 to 10 kg.</source>
        <translation>Ein Verschluss wiegt 0 bis 10 kg.</translation>
    </message>
    <message>
        <source>Say what a collar weighs</source>
        <translation>Sagen, was ein Verschluss wiegt</translation>
    </message>
    <message>
        <source>take out …</source>
        <translation>ausgeben …</translation>
    </message>
    <message>
        <source>Write the house&apos;s own rules and limits as TOML</source>
        <translation>Die eigenen Regeln und Grenzen des Hauses als TOML schreiben</translation>
    </message>
    <message>
        <source>The house&apos;s own layer</source>
        <translation>Die eigene Schicht des Hauses</translation>
    </message>
    <message>
        <source>bring in …</source>
        <translation>hereinholen …</translation>
    </message>
    <message>
        <source>Put a layer from a TOML file in the place of the house&apos;s own</source>
        <translation>Eine Schicht aus einer TOML-Datei an die Stelle der eigenen setzen</translation>
    </message>
    <message>
        <source>A layer as TOML</source>
        <translation>Eine Schicht als TOML</translation>
    </message>
    <message>
        <source>Layers (*.toml)</source>
        <translation>Schichten (*.toml)</translation>
    </message>
    <message>
        <source>all as shipped</source>
        <translation>alle wie geliefert</translation>
    </message>
    <message>
        <source>No rule or limit of the house&apos;s own any more; undo brings them back</source>
        <translation>Keine eigene Regel oder Grenze des Hauses mehr; Zurücknehmen bringt sie wieder</translation>
    </message>
    <message>
        <source>Put all rules back as shipped</source>
        <translation>Alle Regeln wie geliefert</translation>
    </message>
    <message>
        <source>Whether this rule is in force in this house</source>
        <translation>Ob diese Regel in diesem Haus gilt</translation>
    </message>
    <message>
        <source>Put a rule in force</source>
        <translation>Eine Regel in Kraft setzen</translation>
    </message>
    <message>
        <source>Put a rule out of force</source>
        <translation>Eine Regel außer Kraft setzen</translation>
    </message>
    <message>
        <source>as shipped</source>
        <translation>wie geliefert</translation>
    </message>
    <message>
        <source>Take back what the house changed of this rule</source>
        <translation>Zurücknehmen, was das Haus an dieser Regel geändert hat</translation>
    </message>
    <message>
        <source>Put a rule back as shipped</source>
        <translation>Eine Regel wie geliefert</translation>
    </message>
    <message>
        <source>For whom a change holds</source>
        <translation>Für wen eine Änderung gilt</translation>
    </message>
    <message>
        <source>Move a limit</source>
        <translation>Eine Grenze verschieben</translation>
    </message>
    <message>
        <source>Schools</source>
        <translation>Schulen</translation>
    </message>
    <message>
        <source>Causes, in the order in which they are checked</source>
        <translation>Ursachen, in der Reihenfolge, in der sie geprüft werden</translation>
    </message>
    <message>
        <source>Said</source>
        <translation>Gesagt</translation>
    </message>
    <message>
        <source>The rule</source>
        <translation>Die Regel</translation>
    </message>
    <message>
        <source>%1, %2: %3 → %4</source>
        <translation>%1, %2: %3 → %4</translation>
    </message>
    <message>
        <source>Changes hold for everybody</source>
        <translation>Änderungen gelten für alle</translation>
    </message>
    <message>
        <source>Changes hold where “%1” judges</source>
        <translation>Änderungen gelten, wo „%1“ urteilt</translation>
    </message>
    <message>
        <source> · off</source>
        <translation> · aus</translation>
    </message>
    <message>
        <source> · own</source>
        <translation> · eigen</translation>
    </message>
    <message>
        <source>above %1%3; big from %2%3</source>
        <translation>über %1%3; groß ab %2%3</translation>
    </message>
    <message>
        <source>below %1%3; big from %2%3</source>
        <translation>unter %1%3; groß ab %2%3</translation>
    </message>
    <message>
        <source>more than %1%3 to either side; big from %2%3</source>
        <translation>mehr als %1%3 nach einer Seite; groß ab %2%3</translation>
    </message>
    <message>
        <source>%1 %2.</source>
        <translation>%1 %2.</translation>
    </message>
    <message>
        <source>Against what is usual for the athlete.</source>
        <translation>Gegen das, was für den Athleten üblich ist.</translation>
    </message>
    <message>
        <source>On %1 reps at least.</source>
        <translation>In mindestens %1 Wiederholungen.</translation>
    </message>
    <message>
        <source> Not judged with an error beyond ± %1%2.</source>
        <translation> Nicht beurteilt mit einem Fehler über ± %1%2.</translation>
    </message>
    <message>
        <source>Not where %1.</source>
        <translation>Nicht, wo %1.</translation>
    </message>
    <message>
        <source>Where %1: from %2%4, big from %3%4.</source>
        <translation>Wo %1: ab %2%4, groß ab %3%4.</translation>
    </message>
    <message>
        <source>Why these numbers: %1</source>
        <translation>Warum diese Zahlen: %1</translation>
    </message>
    <message>
        <source>put in force</source>
        <translation>in Kraft setzen</translation>
    </message>
    <message>
        <source>put out of force</source>
        <translation>außer Kraft setzen</translation>
    </message>
    <message>
        <source>not judged</source>
        <translation>nicht beurteilt</translation>
    </message>
    <message>
        <source>judged</source>
        <translation>beurteilt</translation>
    </message>
    <message>
        <source>from %1%3, big from %2%3</source>
        <translation>ab %1%3, groß ab %2%3</translation>
    </message>
    <message>
        <source>; in this house from %1%3, big from %2%3</source>
        <translation>; in diesem Haus ab %1%3, groß ab %2%3</translation>
    </message>
    <message>
        <source>; in this house %1</source>
        <translation>; in diesem Haus %1</translation>
    </message>
    <message>
        <source>%1: %2. %3</source>
        <translation>%1: %2. %3</translation>
    </message>
    <message>
        <source>change</source>
        <translation>ändern</translation>
    </message>
    <message>
        <source>Move what this school says, in this house</source>
        <translation>Verschieben, was diese Schule sagt, in diesem Haus</translation>
    </message>
    <message>
        <source>All schools take this as it is.</source>
        <translation>Alle Schulen nehmen das, wie es ist.</translation>
    </message>
    <message>
        <source>“%1” is no bar: say a name and what it weighs, as in “bar 20, axle 25 lb”.</source>
        <translation>„%1“ ist keine Stange: Sag einen Namen und was sie wiegt, etwa „Stange 20, Achse 25 lb“.</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>Stange</translation>
    </message>
    <message>
        <source>“%1” is said twice.</source>
        <translation>„%1“ steht zweimal da.</translation>
    </message>
    <message>
        <source>A room has a bar: say its name and what it weighs.</source>
        <translation>Ein Raum hat eine Stange: Sag ihren Namen und was sie wiegt.</translation>
    </message>
    <message>
        <source>Say which bars there are</source>
        <translation>Sagen, welche Stangen es gibt</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Own.</source>
        <translation>Eigen.</translation>
    </message>
    <message>
        <source>Not looked for.</source>
        <translation>Nicht gesucht.</translation>
    </message>
    <message>
        <source>put back</source>
        <translation>wieder hinein</translation>
    </message>
    <message>
        <source>strike</source>
        <translation>streichen</translation>
    </message>
    <message>
        <source>Look for this cause again</source>
        <translation>Wieder nach dieser Ursache suchen</translation>
    </message>
    <message>
        <source>This house does not look for this cause</source>
        <translation>Dieses Haus sucht nicht nach dieser Ursache</translation>
    </message>
    <message>
        <source>Put a cause back</source>
        <translation>Eine Ursache wieder hineinnehmen</translation>
    </message>
    <message>
        <source>Strike a cause</source>
        <translation>Eine Ursache streichen</translation>
    </message>
    <message>
        <source>remove</source>
        <translation>entfernen</translation>
    </message>
    <message>
        <source>Take the cause out of the book</source>
        <translation>Die Ursache aus dem Buch nehmen</translation>
    </message>
    <message>
        <source>Remove a cause</source>
        <translation>Eine Ursache entfernen</translation>
    </message>
    <message>
        <source>Own cause: what is done on the next set; Enter keeps it</source>
        <translation>Eigene Ursache: was im nächsten Satz zu tun ist; Enter behält sie</translation>
    </message>
    <message>
        <source>Own cause, a colon, and what is done</source>
        <translation>Eigene Ursache, ein Doppelpunkt, und was zu tun ist</translation>
    </message>
    <message>
        <source>Say the cause, a colon, and what is done on the next set: “tired from a call-out: take some off”.</source>
        <translation>Sag die Ursache, einen Doppelpunkt, und was im nächsten Satz zu tun ist: „müde vom Einsatz: etwas weniger“.</translation>
    </message>
    <message>
        <source>Add a cause</source>
        <translation>Eine Ursache hinzufügen</translation>
    </message>
    <message>
        <source>“%1” %2</source>
        <translation>„%1“ %2</translation>
    </message>
    <message>
        <source>Take the cue out of the book</source>
        <translation>Den Hinweis aus dem Buch nehmen</translation>
    </message>
    <message>
        <source>Remove a cue</source>
        <translation>Einen Hinweis entfernen</translation>
    </message>
    <message>
        <source>Own words for this; Enter keeps them</source>
        <translation>Eigene Worte dafür; Enter behält sie</translation>
    </message>
    <message>
        <source>Own cue</source>
        <translation>Eigener Hinweis</translation>
    </message>
    <message>
        <source>Add a cue</source>
        <translation>Einen Hinweis hinzufügen</translation>
    </message>
    <message>
        <source>No stored set is judged by this rule yet.</source>
        <translation>Nach dieser Regel ist noch kein gespeicherter Satz beurteilt.</translation>
    </message>
    <message>
        <source>Found clearly on %1 of %2 stored sets.</source>
        <translation>Klar gefunden in %1 von %2 gespeicherten Sätzen.</translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 weitere</translation>
    </message>
    <message>
        <source>Moving this changes %1 of %2 verdicts:</source>
        <translation>Das zu verschieben ändert %1 von %2 Urteilen:</translation>
    </message>
    <message>
        <source>Open this set</source>
        <translation>Diesen Satz öffnen</translation>
    </message>
    <message>
        <source>%1 of %2 verdicts are others now:</source>
        <translation>%1 von %2 Urteilen sind jetzt andere:</translation>
    </message>
    <message>
        <source>“%1” cannot be read: %2.</source>
        <translation>„%1“ lässt sich nicht lesen: %2.</translation>
    </message>
    <message>
        <source>Bring in cues</source>
        <translation>Hinweise hereinholen</translation>
    </message>
    <message>
        <source>Bring in causes</source>
        <translation>Ursachen hereinholen</translation>
    </message>
    <message>
        <source>Bring in bars and plates</source>
        <translation>Stangen und Scheiben hereinholen</translation>
    </message>
    <message>
        <source>Bring in a layer</source>
        <translation>Eine Schicht hereinholen</translation>
    </message>
    <message>
        <source>“%1” cannot be written: %2.</source>
        <translation>„%1“ lässt sich nicht schreiben: %2.</translation>
    </message>
    <message>
        <source>What else is the house&apos;s own was written beside it: %1.</source>
        <translation>Was dem Haus sonst eigen ist, liegt daneben: %1.</translation>
    </message>
    <message>
        <source>, </source>
        <translation>, </translation>
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
    <message>
        <source>%1 is being deleted …</source>
        <translation>%1 wird gelöscht …</translation>
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
        <source>The athlete&apos;s page: body, screens, complaints</source>
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
        <source>Months of this athlete&apos;s lift (Ctrl+S)</source>
        <translation>Monate einer Hebung dieses Athleten (Strg+S)</translation>
    </message>
    <message>
        <source>Ahead</source>
        <translation>Voraus</translation>
    </message>
    <message>
        <source>The weeks to this athlete&apos;s test (Ctrl+D)</source>
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
        <translation>Zum nächsten oder vorigen; Enter oder Leertaste führt aus</translation>
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
        <source>The athlete&apos;s page</source>
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
        <source>A lane an athlete, a tile a set. Films dropped on a lane are measured by themselves, one after the other; the tile shows how far it is, and then the bar&apos;s path.</source>
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
        <source>Take hold of the bar in the picture and pull it along its path: time goes with it. Or use the arrows, or a rep&apos;s cell below. The line above says how far depth can be trusted.</source>
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
        <translation>Ein altes Protokoll</translation>
    </message>
    <message>
        <source>Loads are in</source>
        <translation>Lasten stehen in</translation>
    </message>
    <message>
        <source>unit</source>
        <translation>Einheit</translation>
    </message>
    <message>
        <source>Loads are in kg or lb.</source>
        <translation>Lasten stehen in kg oder lb.</translation>
    </message>
    <message>
        <source>where no unit stands, days are written</source>
        <translation>wo keine Einheit steht, Tage stehen mit</translation>
    </message>
    <message>
        <source>order of the day</source>
        <translation>Reihenfolge im Tag</translation>
    </message>
    <message>
        <source>day first</source>
        <translation>Tag zuerst</translation>
    </message>
    <message>
        <source>month first</source>
        <translation>Monat zuerst</translation>
    </message>
    <message>
        <source>Day first or month first.</source>
        <translation>Tag zuerst oder Monat zuerst.</translation>
    </message>
    <message>
        <source>, and lines without a name are</source>
        <translation>, und Zeilen ohne Namen gehören</translation>
    </message>
    <message>
        <source>whose</source>
        <translation>wem</translation>
    </message>
    <message>
        <source>A name is 100 letters at most.</source>
        <translation>Ein Name hat höchstens 100 Buchstaben.</translation>
    </message>
    <message>
        <source>nobody&apos;s</source>
        <translation>niemandem</translation>
    </message>
    <message>
        <source>Take in</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Put these sets into the log; undo takes them back</source>
        <translation>Diese Sätze ins Protokoll nehmen; Zurücknehmen nimmt sie wieder heraus</translation>
    </message>
    <message>
        <source>Leave · Esc</source>
        <translation>Verlassen · Esc</translation>
    </message>
    <message>
        <source>Back without taking anything</source>
        <translation>Zurück, ohne etwas aufzunehmen</translation>
    </message>
    <message>
        <source>“%1” cannot be read. Check its place and permissions.</source>
        <translation>„%1“ lässt sich nicht lesen. Prüf Ort und Rechte.</translation>
    </message>
    <message>
        <source>“%1” is larger than 64 MB; split it.</source>
        <translation>„%1“ ist größer als 64 MB; teil die Datei.</translation>
    </message>
    <message>
        <source>what becomes of it</source>
        <translation>was daraus wird</translation>
    </message>
    <message>
        <source>Column “%1” holds</source>
        <translation>Spalte „%1“ enthält</translation>
    </message>
    <message>
        <source>An old log: %1</source>
        <translation>Ein altes Protokoll: %1</translation>
    </message>
    <message>
        <source>%1, %2: %3 × %4 × %5, %6</source>
        <translation>%1, %2: %3 × %4 × %5, %6</translation>
    </message>
    <message>
        <source>left out: %1</source>
        <translation>weggelassen: %1</translation>
    </message>
    <message>
        <source>1 set</source>
        <translation>1 Satz</translation>
    </message>
    <message>
        <source>%1 sets</source>
        <translation>%1 Sätze</translation>
    </message>
    <message>
        <source> of 1 athlete</source>
        <translation> von 1 Athleten</translation>
    </message>
    <message>
        <source> of %1 athletes</source>
        <translation> von %1 Athleten</translation>
    </message>
    <message>
        <source>, 1 of them new to this house</source>
        <translation>, 1 davon neu in diesem Haus</translation>
    </message>
    <message>
        <source>, %1 of them new to this house</source>
        <translation>, %1 davon neu in diesem Haus</translation>
    </message>
    <message>
        <source>1 line is left out; it says why.</source>
        <translation>1 Zeile bleibt weg; sie sagt warum.</translation>
    </message>
    <message>
        <source>%1 lines are left out; each says why.</source>
        <translation>%1 Zeilen bleiben weg; jede sagt warum.</translation>
    </message>
    <message>
        <source>The first %1 lines are shown.</source>
        <translation>Die ersten %1 Zeilen sind gezeigt.</translation>
    </message>
    <message>
        <source>Take in 1 set</source>
        <translation>1 Satz aufnehmen</translation>
    </message>
    <message>
        <source>Take in %1 sets</source>
        <translation>%1 Sätze aufnehmen</translation>
    </message>
    <message>
        <source>Take in an old log</source>
        <translation>Ein altes Protokoll aufnehmen</translation>
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
        <translation>Grenze %1 und große Abweichung %2 von %3</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>Grenze</translation>
    </message>
    <message>
        <source>big</source>
        <translation>groß</translation>
    </message>
    <message>
        <source>big %1%2</source>
        <translation>groß %1%2</translation>
    </message>
</context>
<context>
    <name>mottix::NumbersView</name>
    <message>
        <source>usual</source>
        <translation>üblich</translation>
    </message>
    <message>
        <source>Median over the reps, and how far single reps scatter about it</source>
        <translation>Median über die Wiederholungen, und wie weit einzelne darum streuen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>rep %1: %2</source>
        <translation>Wiederholung %1: %2</translation>
    </message>
    <message>
        <source>All measures of the set</source>
        <translation>Alle Maße des Satzes</translation>
    </message>
    <message>
        <source>find a measure</source>
        <translation>ein Maß suchen</translation>
    </message>
    <message>
        <source>Find a measure</source>
        <translation>Ein Maß suchen</translation>
    </message>
    <message>
        <source>Findings · T</source>
        <translation>Befunde · T</translation>
    </message>
    <message>
        <source>Back to findings, cue and load</source>
        <translation>Zurück zu Befunden, Hinweis und Last</translation>
    </message>
    <message>
        <source>Measures of each rep</source>
        <translation>Maße jeder Wiederholung</translation>
    </message>
    <message>
        <source>Choose a number: the film goes to the picture it was read from. › marks a rep that stands out from the others.</source>
        <translation>Wähl eine Zahl: Der Film geht zu dem Bild, aus dem sie gelesen ist. › zeigt eine Wiederholung, die von den anderen absticht.</translation>
    </message>
    <message>
        <source>Nothing is measured yet.</source>
        <translation>Es ist noch nichts gemessen.</translation>
    </message>
    <message>
        <source>No measure is called so.</source>
        <translation>Kein Maß heißt so.</translation>
    </message>
    <message>
        <source>%1 %2.</source>
        <translation>%1 %2.</translation>
    </message>
    <message>
        <source>Rep %1: %2 %3. %4</source>
        <translation>Wiederholung %1: %2 %3. %4</translation>
    </message>
</context>
<context>
    <name>mottix::ProportionBar</name>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
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
        <translation>Älteste links. Zieh Filme von je einem Satz auf eine Spur; Enter öffnet einen Satz, Entf entfernt ihn.</translation>
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
        <source>The bar&apos;s path in each rep: dotted down, solid up, wider is faster; sideways three times as large</source>
        <translation>Der Weg der Stange in jeder Wiederholung: gepunktet hinab, durchgezogen hinauf, breiter ist schneller; seitwärts dreifach vergrößert</translation>
    </message>
    <message>
        <source>Reps: %1; arrow keys go from one to the next</source>
        <translation>Wiederholungen: %1; Pfeiltasten gehen von einer zur nächsten</translation>
    </message>
    <message>
        <source>The reps appear here, one cell each, when the bar has been followed.</source>
        <translation>Hier erscheinen die Wiederholungen, je ein Feld, wenn die Stange verfolgt ist.</translation>
    </message>
    <message>
        <source>rep %1</source>
        <translation>Wiederholung %1</translation>
    </message>
    <message>
        <source>rep %1, %2</source>
        <translation>Wiederholung %1, %2</translation>
    </message>
    <message>
        <source>%1 m/s</source>
        <translation>%1 m/s</translation>
    </message>
</context>
<context>
    <name>mottix::SchoolsView</name>
    <message>
        <source>Judged by two</source>
        <translation>Nach zwei Schulen</translation>
    </message>
    <message>
        <source>back to the findings · J</source>
        <translation>zurück zu den Befunden · J</translation>
    </message>
    <message>
        <source>Back to findings, cue and load</source>
        <translation>Zurück zu Befunden, Hinweis und Last</translation>
    </message>
    <message>
        <source>by</source>
        <translation>nach</translation>
    </message>
    <message>
        <source>and by</source>
        <translation>und nach</translation>
    </message>
    <message>
        <source>First school</source>
        <translation>Erste Schule</translation>
    </message>
    <message>
        <source>Second school</source>
        <translation>Zweite Schule</translation>
    </message>
    <message>
        <source>The set by two schools</source>
        <translation>Der Satz nach zwei Schulen</translation>
    </message>
    <message>
        <source>A set is judged by schools when it has been measured.</source>
        <translation>Ein Satz wird nach Schulen beurteilt, wenn er gemessen ist.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>They say the same of this set.</source>
        <translation>Von diesem Satz sagen sie dasselbe.</translation>
    </message>
    <message>
        <source>They differ</source>
        <translation>Sie sind verschiedener Meinung</translation>
    </message>
    <message>
        <source>Both say</source>
        <translation>Beide sagen</translation>
    </message>
    <message>
        <source>The load</source>
        <translation>Die Last</translation>
    </message>
    <message>
        <source>%1: not judged here.</source>
        <translation>%1: hier nicht beurteilt.</translation>
    </message>
    <message>
        <source>%1: in order. Limit %2.</source>
        <translation>%1: in Ordnung. Grenze %2.</translation>
    </message>
    <message>
        <source>both</source>
        <translation>beide</translation>
    </message>
    <message>
        <source>show</source>
        <translation>zeigen</translation>
    </message>
    <message>
        <source>Show it on the film</source>
        <translation>Im Film zeigen</translation>
    </message>
</context>
<context>
    <name>mottix::ScreenGuide</name>
    <message>
        <source>Yes · Y</source>
        <translation>Ja · Y</translation>
    </message>
    <message>
        <source>Yes</source>
        <translation>Ja</translation>
    </message>
    <message>
        <source>No · N</source>
        <translation>Nein · N</translation>
    </message>
    <message>
        <source>No</source>
        <translation>Nein</translation>
    </message>
    <message>
        <source>leave open</source>
        <translation>offen lassen</translation>
    </message>
    <message>
        <source>Leave this question open</source>
        <translation>Diese Frage offen lassen</translation>
    </message>
    <message>
        <source>one back</source>
        <translation>eine zurück</translation>
    </message>
    <message>
        <source>Go back one question</source>
        <translation>Eine Frage zurück</translation>
    </message>
    <message>
        <source>stop · Esc</source>
        <translation>abbrechen · Esc</translation>
    </message>
    <message>
        <source>Leave the screen; nothing is kept</source>
        <translation>Den Test verlassen; nichts bleibt</translation>
    </message>
    <message>
        <source>%1, %2 of %3</source>
        <translation>%1, %2 von %3</translation>
    </message>
    <message>
        <source>“%1” is no number.</source>
        <translation>„%1“ ist keine Zahl.</translation>
    </message>
</context>
<context>
    <name>mottix::SetSheet</name>
    <message>
        <source>Asked</source>
        <translation>Verlangt</translation>
    </message>
    <message>
        <source>Seen</source>
        <translation>Gesehen</translation>
    </message>
    <message>
        <source>Judged</source>
        <translation>Beurteilt</translation>
    </message>
    <message>
        <source>Said</source>
        <translation>Gesagt</translation>
    </message>
    <message>
        <source>Next</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Asked, seen, judged, said, next</source>
        <translation>Verlangt, gesehen, beurteilt, gesagt, weiter</translation>
    </message>
    <message>
        <source>Place the figure by hand</source>
        <translation>Die Figur von Hand setzen</translation>
    </message>
    <message>
        <source>Point at the plate</source>
        <translation>Auf die Scheibe zeigen</translation>
    </message>
    <message>
        <source>All measures in a table</source>
        <translation>Alle Maße in einer Tabelle</translation>
    </message>
    <message>
        <source>Curves</source>
        <translation>Kurven</translation>
    </message>
    <message>
        <source>Judged by two schools</source>
        <translation>Nach zwei Schulen beurteilt</translation>
    </message>
    <message>
        <source>Beside another rep or set</source>
        <translation>Neben eine andere Wiederholung oder einen anderen Satz</translation>
    </message>
    <message>
        <source>Lines on the film</source>
        <translation>Linien auf dem Film</translation>
    </message>
    <message>
        <source>Measure by hand</source>
        <translation>Von Hand messen</translation>
    </message>
    <message>
        <source>Draw along something upright or level</source>
        <translation>Entlang von etwas Senkrechtem oder Waagerechtem zeichnen</translation>
    </message>
    <message>
        <source>Two points of the back; once more follows them</source>
        <translation>Zwei Punkte des Rückens; noch einmal verfolgt sie</translation>
    </message>
    <message>
        <source>The set begins here</source>
        <translation>Der Satz beginnt hier</translation>
    </message>
    <message>
        <source>The set ends here</source>
        <translation>Der Satz endet hier</translation>
    </message>
    <message>
        <source>Take a film of several sets apart</source>
        <translation>Einen Film mehrerer Sätze auseinandernehmen</translation>
    </message>
    <message>
        <source>The least sure joints, one after another</source>
        <translation>Die unsichersten Gelenke, eins nach dem anderen</translation>
    </message>
    <message>
        <source>Keep the joint as it is</source>
        <translation>Das Gelenk lassen, wie es ist</translation>
    </message>
    <message>
        <source>Keep all joints as they are</source>
        <translation>Alle Gelenke lassen, wie sie sind</translation>
    </message>
    <message>
        <source>Put the joint where it was placed last</source>
        <translation>Das Gelenk dorthin, wo es zuletzt gesetzt wurde</translation>
    </message>
    <message>
        <source>Filmed from there; again: the other way round</source>
        <translation>Von dort gefilmt; noch einmal: von der anderen Seite</translation>
    </message>
    <message>
        <source>The lift is the one seen</source>
        <translation>Die Hebung ist die gesehene</translation>
    </message>
    <message>
        <source>Play slower</source>
        <translation>Langsamer abspielen</translation>
    </message>
    <message>
        <source>This rep over and over</source>
        <translation>Diese Wiederholung immer wieder</translation>
    </message>
    <message>
        <source>This cue is said</source>
        <translation>Dieser Hinweis wird gesagt</translation>
    </message>
    <message>
        <source>Another cue</source>
        <translation>Ein anderer Hinweis</translation>
    </message>
    <message>
        <source>Another load</source>
        <translation>Eine andere Last</translation>
    </message>
    <message>
        <source>Steps up to the load, with plates</source>
        <translation>Stufen hinauf zur Last, mit Scheiben</translation>
    </message>
    <message>
        <source>Ask as the plan does</source>
        <translation>Verlangen, was der Plan verlangt</translation>
    </message>
    <message>
        <source>Figure · P</source>
        <translation>Figur · P</translation>
    </message>
    <message>
        <source>Lay the figure on the lifter, so that depth and trunk can be measured</source>
        <translation>Die Figur auf den Hebenden legen, damit Tiefe und Rumpf gemessen werden können</translation>
    </message>
    <message>
        <source>Plate · L</source>
        <translation>Scheibe · L</translation>
    </message>
    <message>
        <source>Show where the near plate is, when another one was followed</source>
        <translation>Zeigen, wo die nahe Scheibe ist, wenn eine andere verfolgt wurde</translation>
    </message>
    <message>
        <source>Play · Space</source>
        <translation>Abspielen · Leer</translation>
    </message>
    <message>
        <source>Play or stop the film</source>
        <translation>Den Film abspielen oder anhalten</translation>
    </message>
    <message>
        <source>Play at half, a quarter, an eighth, a sixteenth of the speed, then as lived again</source>
        <translation>Mit halbem, viertel, achtel, sechzehntel Tempo abspielen, dann wieder wie gelebt</translation>
    </message>
    <message>
        <source>Play the rep of the moment over and over, or the film to its end</source>
        <translation>Die Wiederholung des Moments immer wieder abspielen, oder den Film bis zum Ende</translation>
    </message>
    <message>
        <source>Lines · I</source>
        <translation>Linien · I</translation>
    </message>
    <message>
        <source>Which lines are drawn on the film: path, plumb line, angles, levers</source>
        <translation>Welche Linien auf dem Film gezeichnet sind: Weg, Lot, Winkel, Hebel</translation>
    </message>
    <message>
        <source>Line · M</source>
        <translation>Linie · M</translation>
    </message>
    <message>
        <source>Draw along something upright, or of known length, so that the camera is known better</source>
        <translation>Entlang von etwas Senkrechtem oder bekannter Länge zeichnen, damit die Kamera besser bekannt ist</translation>
    </message>
    <message>
        <source>Back · U</source>
        <translation>Rücken · U</translation>
    </message>
    <message>
        <source>Put two points on the lifter&apos;s back, then follow them</source>
        <translation>Zwei Punkte auf den Rücken des Hebenden setzen, dann verfolgen</translation>
    </message>
    <message>
        <source>Least sure · N</source>
        <translation>Unsicher · N</translation>
    </message>
    <message>
        <source>Go to the joint and frame where a hand would help most</source>
        <translation>Zu dem Gelenk und Bild gehen, wo eine Hand am meisten hülfe</translation>
    </message>
    <message>
        <source>Measure · H</source>
        <translation>Messen · H</translation>
    </message>
    <message>
        <source>Measure an angle, a distance, a height or a time by hand</source>
        <translation>Einen Winkel, Abstand, eine Höhe oder Zeit von Hand messen</translation>
    </message>
    <message>
        <source>Put the %1 right on frame %2</source>
        <translation>Gelenk richtig gesetzt: %1 in Bild %2</translation>
    </message>
    <message>
        <source>Place the figure</source>
        <translation>Die Figur setzen</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>All measures · T</source>
        <translation>Alle Maße · T</translation>
    </message>
    <message>
        <source>Every measure of every rep in a table</source>
        <translation>Jedes Maß jeder Wiederholung in einer Tabelle</translation>
    </message>
    <message>
        <source>Curves · C</source>
        <translation>Kurven · C</translation>
    </message>
    <message>
        <source>Angles, levers and measures drawn against time, height or rep</source>
        <translation>Winkel, Hebel und Maße über Zeit, Höhe oder Wiederholung</translation>
    </message>
    <message>
        <source>Beside · Y</source>
        <translation>Daneben · Y</translation>
    </message>
    <message>
        <source>Two reps, sets or weeks side by side, or two films of one set</source>
        <translation>Zwei Wiederholungen, Sätze oder Wochen nebeneinander, oder zwei Filme eines Satzes</translation>
    </message>
    <message>
        <source>Two schools · J</source>
        <translation>Zwei Schulen · J</translation>
    </message>
    <message>
        <source>This set judged by two schools, beside each other</source>
        <translation>Dieser Satz nach zwei Schulen, nebeneinander</translation>
    </message>
    <message>
        <source>Say this · S</source>
        <translation>Das sagen · S</translation>
    </message>
    <message>
        <source>This cue was said to the lifter; it is remembered with the set</source>
        <translation>Dieser Hinweis wurde gesagt; er wird mit dem Satz gemerkt</translation>
    </message>
    <message>
        <source>other words · O</source>
        <translation>andere Worte · O</translation>
    </message>
    <message>
        <source>Show the next cue that answers the findings</source>
        <translation>Den nächsten Hinweis zeigen, der zu den Befunden passt</translation>
    </message>
    <message>
        <source>Accept · Enter</source>
        <translation>Annehmen · Enter</translation>
    </message>
    <message>
        <source>Take this load for the next set</source>
        <translation>Diese Last für den nächsten Satz nehmen</translation>
    </message>
    <message>
        <source>change · E</source>
        <translation>ändern · E</translation>
    </message>
    <message>
        <source>Decide on another load</source>
        <translation>Eine andere Last bestimmen</translation>
    </message>
    <message>
        <source>Load for the next set, in kg</source>
        <translation>Last für den nächsten Satz, in kg</translation>
    </message>
    <message>
        <source>warm-up · Q</source>
        <translation>Aufwärmen · Q</translation>
    </message>
    <message>
        <source>The steps from the empty bar to this load</source>
        <translation>Die Stufen von der leeren Stange bis zu dieser Last</translation>
    </message>
    <message>
        <source>hand-out · Ctrl+P</source>
        <translation>Handzettel · Strg+P</translation>
    </message>
    <message>
        <source>A page for the athlete to take home</source>
        <translation>Eine Seite für den Athleten zum Mitnehmen</translation>
    </message>
    <message>
        <source>A page to take home, and the film</source>
        <translation>Eine Seite zum Mitnehmen, und der Film</translation>
    </message>
    <message>
        <source>“%1” is not a load between 0 and 1000 kg.</source>
        <translation>„%1“ ist keine Last zwischen 0 und 1000 kg.</translation>
    </message>
    <message>
        <source>Decide on %1</source>
        <translation>%1 bestimmen</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>Hebung</translation>
    </message>
    <message>
        <source>Change the lift</source>
        <translation>Die Hebung ändern</translation>
    </message>
    <message>
        <source>The lift is squat, bench press or deadlift.</source>
        <translation>Die Hebung ist Kniebeuge, Bankdrücken oder Kreuzheben.</translation>
    </message>
    <message>
        <source>variant</source>
        <translation>Variante</translation>
    </message>
    <message>
        <source>Change the variant</source>
        <translation>Die Variante ändern</translation>
    </message>
    <message>
        <source>Say the variant in a few words, such as “low bar”.</source>
        <translation>Sag die Variante in wenigen Worten, etwa „low bar“.</translation>
    </message>
    <message>
        <source>high bar</source>
        <translation>high bar</translation>
    </message>
    <message>
        <source>low bar</source>
        <translation>low bar</translation>
    </message>
    <message>
        <source>middle bar</source>
        <translation>middle bar</translation>
    </message>
    <message>
        <source>paused</source>
        <translation>paused</translation>
    </message>
    <message>
        <source>conventional</source>
        <translation>konventionell</translation>
    </message>
    <message>
        <source>sumo</source>
        <translation>Sumo</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>, with</source>
        <translation>, mit</translation>
    </message>
    <message>
        <source>equipment</source>
        <translation>Ausrüstung</translation>
    </message>
    <message>
        <source>Change the equipment</source>
        <translation>Die Ausrüstung ändern</translation>
    </message>
    <message>
        <source>Say in a few words what is worn or used, such as “belt, axle, chains 20 kg”.</source>
        <translation>Sag in wenigen Worten, was getragen oder benutzt wird, etwa „belt, axle, chains 20 kg“.</translation>
    </message>
    <message>
        <source>nothing worn</source>
        <translation>nichts weiter</translation>
    </message>
    <message>
        <source>, asked for</source>
        <translation>, verlangt</translation>
    </message>
    <message>
        <source>sets</source>
        <translation>Sätze</translation>
    </message>
    <message>
        <source>Change the sets asked</source>
        <translation>Die verlangten Sätze ändern</translation>
    </message>
    <message>
        <source>Sets are a number from 1 to 30.</source>
        <translation>Sätze sind eine Zahl von 1 bis 30.</translation>
    </message>
    <message>
        <source>reps</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>Change the reps asked</source>
        <translation>Die verlangten Wiederholungen ändern</translation>
    </message>
    <message>
        <source>Reps are a number from 1 to 50.</source>
        <translation>Wiederholungen sind eine Zahl von 1 bis 50.</translation>
    </message>
    <message>
        <source>load</source>
        <translation>Last</translation>
    </message>
    <message>
        <source>Change the load</source>
        <translation>Die Last ändern</translation>
    </message>
    <message>
        <source>A load lies between 0 and 1000 kg.</source>
        <translation>Eine Last liegt zwischen 0 und 1000 kg.</translation>
    </message>
    <message>
        <source>at effort</source>
        <translation>bei Anstrengung</translation>
    </message>
    <message>
        <source>effort</source>
        <translation>Anstrengung</translation>
    </message>
    <message>
        <source>Change the effort asked</source>
        <translation>Die verlangte Anstrengung ändern</translation>
    </message>
    <message>
        <source>Effort lies between 1 and 10 (nothing left).</source>
        <translation>Anstrengung liegt zwischen 1 und 10 (nichts übrig).</translation>
    </message>
    <message>
        <source>and tempo</source>
        <translation>und Tempo</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>Change the tempo</source>
        <translation>Das Tempo ändern</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>Tempo is seconds down, held and up, such as “3-1-1” or “3-1”; or “free”.</source>
        <translation>Tempo sind Sekunden hinab, gehalten und hinauf, etwa „3-1-1“ oder „3-1“; oder „frei“.</translation>
    </message>
    <message>
        <source>, filmed</source>
        <translation>, gefilmt</translation>
    </message>
    <message>
        <source>side of the camera</source>
        <translation>Seite der Kamera</translation>
    </message>
    <message>
        <source>Change the side of the camera</source>
        <translation>Die Seite der Kamera ändern</translation>
    </message>
    <message>
        <source>Filmed from the right, the left, the side (read from the feet), the foot end or the head end.</source>
        <translation>Gefilmt von rechts, links, der Seite (an den Füßen abgelesen), dem Fußende oder dem Kopfende.</translation>
    </message>
    <message>
        <source>Filmed from the right, the left, the side (read from the feet), the front or the rear.</source>
        <translation>Gefilmt von rechts, links, der Seite (an den Füßen abgelesen), von vorn oder von hinten.</translation>
    </message>
    <message>
        <source>at</source>
        <translation>mit</translation>
    </message>
    <message>
        <source>pictures a second</source>
        <translation>Bilder in der Sekunde</translation>
    </message>
    <message>
        <source>Change how fast the film was recorded</source>
        <translation>Ändern, wie schnell der Film aufgenommen wurde</translation>
    </message>
    <message>
        <source>Slow motion is recorded with 10 to 2000 pictures a second; leave it empty when the film plays as fast as life.</source>
        <translation>Zeitlupe wird mit 10 bis 2000 Bildern in der Sekunde aufgenommen; leer lassen, wenn der Film so schnell läuft wie das Leben.</translation>
    </message>
    <message>
        <source>pictures a second, with</source>
        <translation>Bildern in der Sekunde, mit</translation>
    </message>
    <message>
        <source>plate diameter</source>
        <translation>Durchmesser der Scheibe</translation>
    </message>
    <message>
        <source>Change what is lifted</source>
        <translation>Ändern, was gehoben wird</translation>
    </message>
    <message>
        <source>Say how large the plates are (“450 mm”; 100 to 600 mm), or “an empty bar”, or “dumbbells of 180 mm”.</source>
        <translation>Sag, wie groß die Scheiben sind („450 mm“; 100 bis 600 mm), oder „eine leere Stange“, oder „Kurzhanteln von 180 mm“.</translation>
    </message>
    <message>
        <source>, set-up</source>
        <translation>, Einstellung</translation>
    </message>
    <message>
        <source>set-up</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>Change the set-up</source>
        <translation>Die Einstellung ändern</translation>
    </message>
    <message>
        <source>No set-up is kept for this athlete and lift yet: open Fit (F) and keep one.</source>
        <translation>Für diesen Athleten und diese Hebung ist noch keine Einstellung behalten: Öffne Passung (F) und behalt eine.</translation>
    </message>
    <message>
        <source>Name a kept set-up, or say “not stated”.</source>
        <translation>Nenn eine behaltene Einstellung, oder sag „nicht angegeben“.</translation>
    </message>
    <message>
        <source>, felt</source>
        <translation>, gefühlt</translation>
    </message>
    <message>
        <source>effort felt</source>
        <translation>gefühlte Anstrengung</translation>
    </message>
    <message>
        <source>Change the effort felt</source>
        <translation>Die gefühlte Anstrengung ändern</translation>
    </message>
    <message>
        <source>, looked</source>
        <translation>, sah aus wie</translation>
    </message>
    <message>
        <source>effort seen</source>
        <translation>gesehene Anstrengung</translation>
    </message>
    <message>
        <source>Change the effort seen</source>
        <translation>Die gesehene Anstrengung ändern</translation>
    </message>
    <message>
        <source>, comfort</source>
        <translation>, Wohlbefinden</translation>
    </message>
    <message>
        <source>comfort</source>
        <translation>Wohlbefinden</translation>
    </message>
    <message>
        <source>Comfort lies between 0 and 10; 10: nothing hurts or hinders.</source>
        <translation>Wohlbefinden liegt zwischen 0 und 10; 10: Nichts schmerzt oder hindert.</translation>
    </message>
    <message>
        <source>Change the comfort</source>
        <translation>Das Wohlbefinden ändern</translation>
    </message>
    <message>
        <source>, noted</source>
        <translation>, notiert</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>A note is 500 letters at most.</source>
        <translation>Eine Notiz hat höchstens 500 Buchstaben.</translation>
    </message>
    <message>
        <source>Change what was noted</source>
        <translation>Die Notizen ändern</translation>
    </message>
    <message>
        <source>Lay two films on each other</source>
        <translation>Zwei Filme aufeinanderlegen</translation>
    </message>
    <message>
        <source>Take two films apart</source>
        <translation>Zwei Filme trennen</translation>
    </message>
    <message>
        <source>This set has its film already.</source>
        <translation>Dieser Satz hat seinen Film schon.</translation>
    </message>
    <message>
        <source>Following %1: %2 %</source>
        <translation>Verfolgt: %1, %2 %</translation>
    </message>
    <message>
        <source>the joints</source>
        <translation>die Gelenke</translation>
    </message>
    <message>
        <source>the bar</source>
        <translation>die Stange</translation>
    </message>
    <message>
        <source>%1 has no plan in this lift yet: make one in Ahead (Ctrl+D).</source>
        <translation>%1 hat für diese Hebung noch keinen Plan: Mach einen unter Voraus (Strg+D).</translation>
    </message>
    <message>
        <source>What the plan asks for on that day is done.</source>
        <translation>Was der Plan für diesen Tag verlangt, ist getan.</translation>
    </message>
    <message>
        <source>Ask as planned</source>
        <translation>Verlangen wie geplant</translation>
    </message>
    <message>
        <source>Bar&apos;s end · L</source>
        <translation>Stangenende · L</translation>
    </message>
    <message>
        <source>Dumbbell · L</source>
        <translation>Kurzhantel · L</translation>
    </message>
    <message>
        <source>Follow · U</source>
        <translation>Verfolgen · U</translation>
    </message>
    <message>
        <source>30</source>
        <translation>30</translation>
    </message>
    <message>
        <source>belt</source>
        <translation>belt</translation>
    </message>
    <message>
        <source>belt, wraps</source>
        <translation>belt, wraps</translation>
    </message>
    <message>
        <source>straps</source>
        <translation>straps</translation>
    </message>
    <message>
        <source>chains 20 kg</source>
        <translation>chains 20 kg</translation>
    </message>
    <message>
        <source>bands 20 kg</source>
        <translation>bands 20 kg</translation>
    </message>
    <message>
        <source>%1/10</source>
        <translation>%1/10</translation>
    </message>
    <message>
        <source>1 rep seen.</source>
        <translation>1 Wiederholung gesehen.</translation>
    </message>
    <message>
        <source>%1 reps seen.</source>
        <translation>%1 Wiederholungen gesehen.</translation>
    </message>
    <message>
        <source>The camera stands %1 m away</source>
        <translation>Die Kamera steht %1 m entfernt</translation>
    </message>
    <message>
        <source>, turned by %1.</source>
        <translation>, um %1 gedreht.</translation>
    </message>
    <message>
        <source>Slow · V</source>
        <translation>Langsam · V</translation>
    </message>
    <message>
        <source>1/%1 speed · V</source>
        <translation>1/%1 Tempo · V</translation>
    </message>
    <message>
        <source>Looping · R</source>
        <translation>In Schleife · R</translation>
    </message>
    <message>
        <source>Loop · R</source>
        <translation>Schleife · R</translation>
    </message>
    <message>
        <source>rep %1, </source>
        <translation>Wiederholung %1, </translation>
    </message>
    <message>
        <source> · bar hidden, bridged</source>
        <translation> · Stange verdeckt, überbrückt</translation>
    </message>
    <message>
        <source> · bar lost</source>
        <translation> · Stange verloren</translation>
    </message>
    <message>
        <source>%1 s, frame %2</source>
        <translation>%1 s, Bild %2</translation>
    </message>
    <message>
        <source>Waiting for its turn</source>
        <translation>Wartet, bis es dran ist</translation>
    </message>
    <message>
        <source>You can look at the film meanwhile.</source>
        <translation>Den Film kannst du inzwischen ansehen.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Stop following; nothing is lost</source>
        <translation>Nicht weiter verfolgen; nichts geht verloren</translation>
    </message>
    <message>
        <source>A %1, as nobody has said otherwise?</source>
        <translation>%1, da niemand etwas anderes gesagt hat?</translation>
    </message>
    <message>
        <source>A %1, by what is seen?</source>
        <translation>%1, nach dem, was zu sehen ist?</translation>
    </message>
    <message>
        <source>Yes · G</source>
        <translation>Ja · G</translation>
    </message>
    <message>
        <source>It is this lift</source>
        <translation>Es ist diese Hebung</translation>
    </message>
    <message>
        <source>No, a %1</source>
        <translation>Nein, %1</translation>
    </message>
    <message>
        <source>It is another lift</source>
        <translation>Es ist eine andere Hebung</translation>
    </message>
    <message>
        <source>Filmed %1%2?</source>
        <translation>Gefilmt %1%2?</translation>
    </message>
    <message>
        <source>, by the feet</source>
        <translation>, nach den Füßen</translation>
    </message>
    <message>
        <source>, the legs being hidden</source>
        <translation>, da die Beine verdeckt sind</translation>
    </message>
    <message>
        <source>Say from where it was filmed</source>
        <translation>Sagen, von wo gefilmt wurde</translation>
    </message>
    <message>
        <source>Yes · W</source>
        <translation>Ja · W</translation>
    </message>
    <message>
        <source>It was filmed from there</source>
        <translation>Es wurde von dort gefilmt</translation>
    </message>
    <message>
        <source>No, %1</source>
        <translation>Nein, %1</translation>
    </message>
    <message>
        <source>It was filmed from the other end</source>
        <translation>Es wurde vom anderen Ende gefilmt</translation>
    </message>
    <message>
        <source>Not judged yet</source>
        <translation>Noch nicht beurteilt</translation>
    </message>
    <message>
        <source>Depth, trunk and balance need the lifter&apos;s joints. Lay the figure on the lifter on one frame; it is followed through the film by itself.</source>
        <translation>Tiefe, Rumpf und Gleichgewicht brauchen die Gelenke. Leg die Figur in einem Bild auf den Hebenden; sie wird von selbst durch den Film verfolgt.</translation>
    </message>
    <message>
        <source>Place figure · P</source>
        <translation>Figur setzen · P</translation>
    </message>
    <message>
        <source>Lay the figure on the lifter</source>
        <translation>Die Figur auf den Hebenden legen</translation>
    </message>
    <message>
        <source>Look for the joints</source>
        <translation>Die Gelenke suchen</translation>
    </message>
    <message>
        <source>Let the program look for the joints itself</source>
        <translation>Das Programm die Gelenke selbst suchen lassen</translation>
    </message>
    <message>
        <source>What is usual for %1 is told from %2 like sets on; there are %3.</source>
        <translation>Was für %1 üblich ist, lässt sich ab %2 solchen Sätzen sagen; es gibt %3.</translation>
    </message>
    <message>
        <source>Add its film…</source>
        <translation>Den Film dazu…</translation>
    </message>
    <message>
        <source>The film of this set: it is followed and measured like any other</source>
        <translation>Der Film dieses Satzes: Er wird verfolgt und gemessen wie jeder andere</translation>
    </message>
    <message>
        <source>The film of this set</source>
        <translation>Der Film dieses Satzes</translation>
    </message>
    <message>
        <source>Not measured</source>
        <translation>Nicht gemessen</translation>
    </message>
    <message>
        <source>Not followed yet</source>
        <translation>Noch nicht verfolgt</translation>
    </message>
    <message>
        <source>The bar has not been followed in this film.</source>
        <translation>Die Stange ist in diesem Film nicht verfolgt.</translation>
    </message>
    <message>
        <source>Follow the bar</source>
        <translation>Die Stange verfolgen</translation>
    </message>
    <message>
        <source>Look for the plate and follow it through the film</source>
        <translation>Die Scheibe suchen und durch den Film verfolgen</translation>
    </message>
    <message>
        <source>Point at plate · L</source>
        <translation>Auf Scheibe zeigen · L</translation>
    </message>
    <message>
        <source>Point at the bar&apos;s end · L</source>
        <translation>Auf Stangenende zeigen · L</translation>
    </message>
    <message>
        <source>Point at the dumbbell · L</source>
        <translation>Auf Kurzhantel zeigen · L</translation>
    </message>
    <message>
        <source>Show what is to be followed</source>
        <translation>Zeigen, was verfolgt werden soll</translation>
    </message>
    <message>
        <source>There is no film of this set, so nothing is judged in it.</source>
        <translation>Von diesem Satz gibt es keinen Film, also ist darin nichts beurteilt.</translation>
    </message>
    <message>
        <source>In order</source>
        <translation>In Ordnung</translation>
    </message>
    <message>
        <source>The film of this set was not kept; these are the numbers in the log.</source>
        <translation>Der Film dieses Satzes wurde nicht behalten; das sind die Zahlen im Protokoll.</translation>
    </message>
    <message>
        <source>Overrule a finding</source>
        <translation>Einen Befund überstimmen</translation>
    </message>
    <message>
        <source>Let a finding stand</source>
        <translation>Einen Befund gelten lassen</translation>
    </message>
    <message>
        <source>Confirm a cause</source>
        <translation>Eine Ursache bestätigen</translation>
    </message>
    <message>
        <source>Strike out a cause</source>
        <translation>Eine Ursache streichen</translation>
    </message>
    <message>
        <source>Take back what was said of a cause</source>
        <translation>Zurücknehmen, was über eine Ursache gesagt wurde</translation>
    </message>
    <message>
        <source>Also seen %1</source>
        <translation>Auch gesehen %1</translation>
    </message>
    <message>
        <source>This was seen in the other film: overrule it there (Y shows both).</source>
        <translation>Das wurde im anderen Film gesehen: Überstimm es dort (Y zeigt beide).</translation>
    </message>
    <message>
        <source>This was seen in the other film: say its cause there (Y shows both).</source>
        <translation>Das wurde im anderen Film gesehen: Sag dort die Ursache (Y zeigt beide).</translation>
    </message>
    <message>
        <source>From %1 s to %2 s of the film counts.</source>
        <translation>Von %1 s bis %2 s zählt der Film.</translation>
    </message>
    <message>
        <source>whole film</source>
        <translation>ganzer Film</translation>
    </message>
    <message>
        <source>All of the film counts again</source>
        <translation>Der ganze Film zählt wieder</translation>
    </message>
    <message>
        <source>Let the whole film count</source>
        <translation>Den ganzen Film zählen lassen</translation>
    </message>
    <message>
        <source>This film shows %1 sets: %2.</source>
        <translation>Dieser Film zeigt %1 Sätze: %2.</translation>
    </message>
    <message>
        <source>; </source>
        <translation>; </translation>
    </message>
    <message>
        <source>Take apart · X</source>
        <translation>Auseinandernehmen · X</translation>
    </message>
    <message>
        <source>This set keeps the first; the others come into the Queue</source>
        <translation>Dieser Satz behält den ersten; die anderen kommen in den Eingang</translation>
    </message>
    <message>
        <source>Say which part of the film counts</source>
        <translation>Sagen, welcher Teil des Films zählt</translation>
    </message>
    <message>
        <source>A part is chosen when the bar has been followed.</source>
        <translation>Ein Teil wird gewählt, wenn die Stange verfolgt ist.</translation>
    </message>
    <message>
        <source>The set would begin after its end. Go further back and press [.</source>
        <translation>Der Satz begänne nach seinem Ende. Geh weiter zurück und drück [.</translation>
    </message>
    <message>
        <source>The set would end before it begins. Go further on and press ].</source>
        <translation>Der Satz endete, bevor er beginnt. Geh weiter vor und drück ].</translation>
    </message>
    <message>
        <source>This film shows one set.</source>
        <translation>Dieser Film zeigt einen Satz.</translation>
    </message>
    <message>
        <source>The film is being followed; take it apart when that is done.</source>
        <translation>Der Film wird verfolgt; nimm ihn auseinander, wenn das fertig ist.</translation>
    </message>
    <message>
        <source>Taken apart: this is the first of %1 sets, the others are in the Queue.</source>
        <translation>Auseinandergenommen: Das ist der erste von %1 Sätzen, die anderen liegen im Eingang.</translation>
    </message>
    <message>
        <source>By hand, frame %1: %2 %3</source>
        <translation>Von Hand, Bild %1: %2 %3</translation>
    </message>
    <message>
        <source>show</source>
        <translation>zeigen</translation>
    </message>
    <message>
        <source>Show it on the film</source>
        <translation>Im Film zeigen</translation>
    </message>
    <message>
        <source>remove</source>
        <translation>entfernen</translation>
    </message>
    <message>
        <source>Take the measure away</source>
        <translation>Das Maß wegnehmen</translation>
    </message>
    <message>
        <source>Take a measure away</source>
        <translation>Ein Maß wegnehmen</translation>
    </message>
    <message>
        <source>What does the line show?</source>
        <translation>Was zeigt die Linie?</translation>
    </message>
    <message>
        <source>Something upright</source>
        <translation>Etwas Senkrechtes</translation>
    </message>
    <message>
        <source>A post, a door, the edge of a wall</source>
        <translation>Ein Pfosten, eine Tür, die Kante einer Wand</translation>
    </message>
    <message>
        <source>Forget the line</source>
        <translation>Die Linie vergessen</translation>
    </message>
    <message>
        <source>Length of the line in cm</source>
        <translation>Länge der Linie in cm</translation>
    </message>
    <message>
        <source>cm</source>
        <translation>cm</translation>
    </message>
    <message>
        <source>long, beside the lifter</source>
        <translation>lang, neben dem Hebenden</translation>
    </message>
    <message>
        <source>Not nearer to the camera than the lifter, nor farther</source>
        <translation>Der Kamera weder näher als der Hebende noch ferner</translation>
    </message>
    <message>
        <source>at the near plate</source>
        <translation>an der nahen Scheibe</translation>
    </message>
    <message>
        <source>As near to the camera as the plate&apos;s face</source>
        <translation>Der Kamera so nah wie die Fläche der Scheibe</translation>
    </message>
    <message>
        <source>Take the line away</source>
        <translation>Die Linie wegnehmen</translation>
    </message>
    <message>
        <source>Take a line away</source>
        <translation>Eine Linie wegnehmen</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source>Said after this set. The next one tells whether it moved the measure.</source>
        <translation>Nach diesem Satz gesagt. Der nächste zeigt, ob es das Maß bewegt hat.</translation>
    </message>
    <message>
        <source>Take back · S</source>
        <translation>Zurücknehmen · S</translation>
    </message>
    <message>
        <source>Nothing to mend: say what was good.</source>
        <translation>Nichts zu verbessern: Sag, was gut war.</translation>
    </message>
    <message>
        <source>No cue yet</source>
        <translation>Noch kein Hinweis</translation>
    </message>
    <message>
        <source>A cue is offered when something has been judged.</source>
        <translation>Ein Hinweis wird angeboten, wenn etwas beurteilt ist.</translation>
    </message>
    <message>
        <source>Answers: %1.</source>
        <translation>Antwortet auf: %1.</translation>
    </message>
    <message>
        <source>%1 %2 %3</source>
        <translation>%1 %2 %3</translation>
    </message>
    <message>
        <source>Steps lead to a load on a bar; none is decided or suggested yet.</source>
        <translation>Stufen führen zu einer Last auf einer Stange; noch ist keine bestimmt oder vorgeschlagen.</translation>
    </message>
    <message>
        <source>The bar alone is the work</source>
        <translation>Die Stange allein ist die Arbeit</translation>
    </message>
    <message>
        <source>%1 × %2: %3</source>
        <translation>%1 × %2: %3</translation>
    </message>
    <message>
        <source>then %1: %2</source>
        <translation>dann %1: %2</translation>
    </message>
    <message>
        <source>Safeties, collars and spotters first. Pain, numbness or dizziness: stop, and see a licensed clinician. Local rules come first.</source>
        <translation>Ablagen, Verschlüsse und Helfer zuerst. Schmerz, Taubheit oder Schwindel: aufhören und zur Ärztin oder zum Arzt. Regeln des Ortes gelten zuerst.</translation>
    </message>
    <message>
        <source>A pain note of %1/10 is open: no load is raised until it is settled. See a licensed clinician.</source>
        <translation>Eine Schmerznotiz von %1/10 ist offen: Keine Last wird erhöht, bis sie erledigt ist. Geh zur Ärztin oder zum Arzt.</translation>
    </message>
    <message>
        <source>Safeties, collars and spotters first.</source>
        <translation>Ablagen, Verschlüsse und Helfer zuerst.</translation>
    </message>
    <message>
        <source>%1.</source>
        <translation>%1.</translation>
    </message>
    <message>
        <source>They do not agree: ask once more, or look again.</source>
        <translation>Sie stimmen nicht überein: Frag noch einmal, oder sieh noch einmal hin.</translation>
    </message>
    <message>
        <source>Next: not decided</source>
        <translation>Weiter: nicht bestimmt</translation>
    </message>
    <message>
        <source>The load is decided when the set has been measured.</source>
        <translation>Die Last wird bestimmt, wenn der Satz gemessen ist.</translation>
    </message>
    <message>
        <source>Next session: %1</source>
        <translation>Nächste Einheit: %1</translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Weiter: %1</translation>
    </message>
    <message>
        <source>Next set: %1 × %2, decided</source>
        <translation>Nächster Satz: %1 × %2, bestimmt</translation>
    </message>
    <message>
        <source>Decided by the coach; suggested was %1. %2</source>
        <translation>Vom Coach bestimmt; vorgeschlagen war %1. %2</translation>
    </message>
    <message>
        <source>The figure is laid on a lifter filmed from the side.</source>
        <translation>Die Figur wird auf einen von der Seite gefilmten Hebenden gelegt.</translation>
    </message>
    <message>
        <source>The figure can be placed when the bar has been followed.</source>
        <translation>Die Figur lässt sich setzen, wenn die Stange verfolgt ist.</translation>
    </message>
    <message>
        <source>The film is being followed; stop it first to place the figure anew.</source>
        <translation>Der Film wird verfolgt; brich das erst ab, um die Figur neu zu setzen.</translation>
    </message>
    <message>
        <source>The back&apos;s points go on a lifter filmed from the side whose joints are known. Place the figure first (P).</source>
        <translation>Die Punkte des Rückens gehören auf einen von der Seite gefilmten Hebenden mit bekannten Gelenken. Setz zuerst die Figur (P).</translation>
    </message>
    <message>
        <source>The film is being followed; the back&apos;s points can be placed after that.</source>
        <translation>Der Film wird verfolgt; danach lassen sich die Punkte des Rückens setzen.</translation>
    </message>
    <message>
        <source>The back&apos;s points are followed; drag them where they are off.</source>
        <translation>Die Punkte des Rückens sind verfolgt; zieh sie, wo sie danebenliegen.</translation>
    </message>
    <message>
        <source>Hip and shoulder are not known on this frame; go to one on which the figure is drawn.</source>
        <translation>Hüfte und Schulter sind in diesem Bild nicht bekannt; geh zu einem, in dem die Figur gezeichnet ist.</translation>
    </message>
    <message>
        <source>Put two points on the back</source>
        <translation>Zwei Punkte auf den Rücken setzen</translation>
    </message>
    <message>
        <source>Drag the two points onto the skin of the low back and of the middle of the back; then U follows them through the film.</source>
        <translation>Zieh die zwei Punkte auf die Haut des unteren Rückens und der Rückenmitte; dann verfolgt U sie durch den Film.</translation>
    </message>
    <message>
        <source>There are no joints to put right: none were found from there.</source>
        <translation>Es gibt keine Gelenke zu berichtigen: Von dort wurden keine gefunden.</translation>
    </message>
    <message>
        <source>There are no joints to put right yet. Place the figure first (P).</source>
        <translation>Es gibt noch keine Gelenke zu berichtigen. Setz zuerst die Figur (P).</translation>
    </message>
    <message>
        <source>No joint is clearly less sure than a careful hand. Nothing is left to put right.</source>
        <translation>Kein Gelenk ist deutlich unsicherer als eine sorgfältige Hand. Es bleibt nichts zu berichtigen.</translation>
    </message>
    <message>
        <source>Least sure: the %1, ± %2 cm. Drag it, or move it with Shift and the arrows; Enter when it is right, D where you placed it last, K to keep it in all reps, Esc to stop.</source>
        <translation>Am unsichersten: %1, ± %2 cm. Zieh das Gelenk, oder beweg es mit Umschalt und den Pfeilen; Enter, wenn es stimmt, D dorthin, wo du es zuletzt gesetzt hast, K behält es in allen Wiederholungen, Esc hört auf.</translation>
    </message>
    <message>
        <source>Point at a joint, or let one be asked for (N); then K keeps it as it is.</source>
        <translation>Zeig auf ein Gelenk, oder lass nach einem fragen (N); dann behält K es, wie es ist.</translation>
    </message>
    <message>
        <source>Let the %1 go</source>
        <translation>Loslassen: %1</translation>
    </message>
    <message>
        <source>The %1 can be moved again.</source>
        <translation>Lässt sich wieder bewegen: %1.</translation>
    </message>
    <message>
        <source>Keep the %1</source>
        <translation>Behalten: %1</translation>
    </message>
    <message>
        <source>The %1 is right in all reps and stays as it is; K lets it go.</source>
        <translation>In allen Wiederholungen richtig und bleibt, wie es ist: %1; K lässt los.</translation>
    </message>
    <message>
        <source>There are no joints to keep yet. Place the figure first (P).</source>
        <translation>Es gibt noch keine Gelenke zu behalten. Setz zuerst die Figur (P).</translation>
    </message>
    <message>
        <source>Let all joints go</source>
        <translation>Alle Gelenke loslassen</translation>
    </message>
    <message>
        <source>All joints can be moved again.</source>
        <translation>Alle Gelenke lassen sich wieder bewegen.</translation>
    </message>
    <message>
        <source>Keep all joints</source>
        <translation>Alle Gelenke behalten</translation>
    </message>
    <message>
        <source>All joints are right in all reps and stay as they are; Shift and K lets them go.</source>
        <translation>Alle Gelenke sind in allen Wiederholungen richtig und bleiben, wie sie sind; Umschalt und K lässt sie los.</translation>
    </message>
    <message>
        <source>Point at a joint, or let one be asked for (N); then D puts it where you placed it last.</source>
        <translation>Zeig auf ein Gelenk, oder lass nach einem fragen (N); dann setzt D es dorthin, wo du es zuletzt gesetzt hast.</translation>
    </message>
    <message>
        <source>The %1 is kept as it is; K lets it go.</source>
        <translation>Bleibt, wie es ist: %1; K lässt los.</translation>
    </message>
    <message>
        <source>From where it was filmed shows when the bar has been followed.</source>
        <translation>Von wo gefilmt wurde, zeigt sich, wenn die Stange verfolgt ist.</translation>
    </message>
    <message>
        <source>Filmed %1.</source>
        <translation>Gefilmt %1.</translation>
    </message>
    <message>
        <source>The lift is said already; change it in the sentence.</source>
        <translation>Die Hebung ist schon gesagt; ändere sie im Satz.</translation>
    </message>
    <message>
        <source>Say which lift it is</source>
        <translation>Sagen, welche Hebung es ist</translation>
    </message>
    <message>
        <source>There is no film of this set.</source>
        <translation>Von diesem Satz gibt es keinen Film.</translation>
    </message>
    <message>
        <source>The film is being followed; stop it first to point at the plate.</source>
        <translation>Der Film wird verfolgt; brich das erst ab, um auf die Scheibe zu zeigen.</translation>
    </message>
    <message>
        <source>Lines are drawn when the bar has been followed.</source>
        <translation>Linien werden gezeichnet, wenn die Stange verfolgt ist.</translation>
    </message>
    <message>
        <source>Measuring by hand needs the bar&apos;s scale: follow the bar first.</source>
        <translation>Von Hand messen braucht den Maßstab der Stange: Verfolg zuerst die Stange.</translation>
    </message>
    <message>
        <source>A line can be drawn when the bar has been followed and a rep was found.</source>
        <translation>Eine Linie lässt sich zeichnen, wenn die Stange verfolgt und eine Wiederholung gefunden ist.</translation>
    </message>
    <message>
        <source>Draw an upright</source>
        <translation>Etwas Senkrechtes zeichnen</translation>
    </message>
    <message>
        <source>Draw a known length</source>
        <translation>Eine bekannte Länge zeichnen</translation>
    </message>
    <message>
        <source>Take the cue back</source>
        <translation>Den Hinweis zurücknehmen</translation>
    </message>
    <message>
        <source>Say a cue</source>
        <translation>Einen Hinweis sagen</translation>
    </message>
    <message>
        <source>Accept %1</source>
        <translation>%1 annehmen</translation>
    </message>
    <message>
        <source>Being judged</source>
        <translation>Wird beurteilt</translation>
    </message>
    <message>
        <source>Reading the log…</source>
        <translation>Das Protokoll wird gelesen…</translation>
    </message>
</context>
<context>
    <name>mottix::SetTile</name>
    <message>
        <source>
Enter opens, Delete removes</source>
        <translation>
Enter öffnet, Entf entfernt</translation>
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
        <translation>Der Verlauf der Hebung: Pfeile wählen einen Satz, Enter öffnet ihn</translation>
    </message>
    <message>
        <source>%1, week of %2: on %3 of %4 reps</source>
        <translation>%1, Woche vom %2: in %3 von %4 Wiederholungen</translation>
    </message>
    <message>
        <source>Load, kg</source>
        <translation>Last, kg</translation>
    </message>
    <message>
        <source>band: best single
(8 in 10)</source>
        <translation>Band: bester Einzelner
(8 von 10)</translation>
    </message>
    <message>
        <source>Speed, m/s</source>
        <translation>Tempo, m/s</translation>
    </message>
    <message>
        <source>as at %1</source>
        <translation>wie bei %1</translation>
    </message>
    <message>
        <source>What else changed</source>
        <translation>Was sich sonst änderte</translation>
    </message>
</context>
<context>
    <name>mottix::StoryView</name>
    <message>
        <source>Story</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>lift</source>
        <translation>Hebung</translation>
    </message>
    <message>
        <source>The lift is squat, bench press or deadlift.</source>
        <translation>Die Hebung ist Kniebeuge, Bankdrücken oder Kreuzheben.</translation>
    </message>
    <message>
        <source>variant</source>
        <translation>Variante</translation>
    </message>
    <message>
        <source>There is no set of “%1” in the log.</source>
        <translation>Im Protokoll gibt es keinen Satz „%1“.</translation>
    </message>
    <message>
        <source>, of</source>
        <translation>, davon</translation>
    </message>
    <message>
        <source>which sets</source>
        <translation>welche Sätze</translation>
    </message>
    <message>
        <source>all sets</source>
        <translation>alle Sätze</translation>
    </message>
    <message>
        <source>No set of this lift is “%1”. Say it as in the search: “above effort 8”, “with film”.</source>
        <translation>Kein Satz dieser Hebung ist „%1“. Sag es wie in der Suche: „above effort 8“, „with film“.</translation>
    </message>
    <message>
        <source>with film</source>
        <translation>with film</translation>
    </message>
    <message>
        <source>effort at least 8</source>
        <translation>effort at least 8</translation>
    </message>
    <message>
        <source>last 12 weeks</source>
        <translation>last 12 weeks</translation>
    </message>
    <message>
        <source>reps at most 3</source>
        <translation>reps at most 3</translation>
    </message>
    <message>
        <source>missed</source>
        <translation>missed</translation>
    </message>
    <message>
        <source>, beside</source>
        <translation>, daneben</translation>
    </message>
    <message>
        <source>beside</source>
        <translation>neben</translation>
    </message>
    <message>
        <source>nobody</source>
        <translation>niemand</translation>
    </message>
    <message>
        <source>Name another athlete, another lift, or both (“Oda deadlift”); or say “nobody”.</source>
        <translation>Nenn einen anderen Athleten, eine andere Hebung oder beides („Oda deadlift“); oder sag „niemand“.</translation>
    </message>
    <message>
        <source>That is the one already shown.</source>
        <translation>Das ist der, der schon gezeigt ist.</translation>
    </message>
    <message>
        <source>Find sets: “hips rose first above effort 8”, “missed last 6 weeks”, “everyone over 100 kg”</source>
        <translation>Sätze suchen: „hips rose first above effort 8“, „missed last 6 weeks“, „everyone over 100 kg“</translation>
    </message>
    <message>
        <source>Find sets</source>
        <translation>Sätze suchen</translation>
    </message>
    <message>
        <source>Find sets by a sentence</source>
        <translation>Sätze mit einem Satz suchen</translation>
    </message>
    <message>
        <source>A</source>
        <translation>A</translation>
    </message>
    <message>
        <source>To the weeks ahead</source>
        <translation>Zu den Wochen voraus</translation>
    </message>
    <message>
        <source>+ −</source>
        <translation>+ −</translation>
    </message>
    <message>
        <source>Zoom</source>
        <translation>Vergrößern</translation>
    </message>
    <message>
        <source>← →</source>
        <translation>← →</translation>
    </message>
    <message>
        <source>The set before, or after; with Ctrl: move</source>
        <translation>Der Satz davor oder danach; mit Strg: verschieben</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>Open the set</source>
        <translation>Den Satz öffnen</translation>
    </message>
    <message>
        <source>Sets found</source>
        <translation>Gefundene Sätze</translation>
    </message>
    <message>
        <source>Open · Enter</source>
        <translation>Öffnen · Enter</translation>
    </message>
    <message>
        <source>Open the sheet of the chosen set</source>
        <translation>Das Blatt des gewählten Satzes öffnen</translation>
    </message>
    <message>
        <source>Ahead · A</source>
        <translation>Voraus · A</translation>
    </message>
    <message>
        <source>The weeks to the test</source>
        <translation>Die Wochen bis zum Test</translation>
    </message>
    <message>
        <source>Best single now %1.</source>
        <translation>Bester Einzelner jetzt %1.</translation>
    </message>
    <message>
        <source>Gain %1 ± %2 % a week.</source>
        <translation>Zuwachs %1 ± %2 % in der Woche.</translation>
    </message>
    <message>
        <source>No set of this lift is in the log yet: film one, or write one down.</source>
        <translation>Noch kein Satz dieser Hebung im Protokoll: Film einen, oder schreib einen auf.</translation>
    </message>
    <message>
        <source>Say how hard sets were felt, or film them: then the best single can be told.</source>
        <translation>Sag, wie schwer sich Sätze anfühlten, oder film sie: Dann lässt sich der beste Einzelne sagen.</translation>
    </message>
    <message>
        <source>Loads taken against the suggestion: %1 of %2 held.</source>
        <translation>Lasten gegen den Vorschlag: %1 von %2 hielten.</translation>
    </message>
    <message>
        <source>“%1”: gone in the next set %2 of %3 times</source>
        <translation>„%1“: im nächsten Satz weg, %2 von %3 Malen</translation>
    </message>
    <message>
        <source>everyone</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>1 set</source>
        <translation>1 Satz</translation>
    </message>
    <message>
        <source>%1 sets</source>
        <translation>%1 Sätze</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>The newest %1 are listed.</source>
        <translation>Die neuesten %1 stehen da.</translation>
    </message>
</context>
<context>
    <name>mottix::TodayView</name>
    <message>
        <source>Today</source>
        <translation>Heute</translation>
    </message>
    <message>
        <source>Write sets down</source>
        <translation>Sätze aufschreiben</translation>
    </message>
    <message>
        <source>Write sets down: “Runa squat 3x5 82.5 @8”, “60x5, 70x5, 75x4/5 @9.5 “left knee””</source>
        <translation>Sätze aufschreiben: „Runa squat 3x5 82.5 @8“, „60x5, 70x5, 75x4/5 @9.5 “left knee”“</translation>
    </message>
    <message>
        <source>Write down · Enter</source>
        <translation>Aufschreiben · Enter</translation>
    </message>
    <message>
        <source>Keep these sets in the log; a film can be added to one later</source>
        <translation>Diese Sätze im Protokoll behalten; ein Film kann später dazu</translation>
    </message>
    <message>
        <source>An old log (CSV)… · Ctrl+I</source>
        <translation>Ein altes Protokoll (CSV)… · Strg+I</translation>
    </message>
    <message>
        <source>Bring in sets from a table</source>
        <translation>Sätze aus einer Tabelle hereinholen</translation>
    </message>
    <message>
        <source>An old log (CSV)</source>
        <translation>Ein altes Protokoll (CSV)</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Enter</translation>
    </message>
    <message>
        <source>Write down what the line says</source>
        <translation>Aufschreiben, was die Zeile sagt</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Entf</translation>
    </message>
    <message>
        <source>On a set of today: take it out</source>
        <translation>Auf einem Satz von heute: herausnehmen</translation>
    </message>
    <message>
        <source>Who does what</source>
        <translation>Wer was macht</translation>
    </message>
    <message>
        <source>Nobody has a plan yet: open Ahead (Ctrl+D) for an athlete, and choose one. Sets can be written down all the same.</source>
        <translation>Noch hat niemand einen Plan: Öffne für einen Athleten Voraus (Strg+D) und wähl einen. Sätze lassen sich trotzdem aufschreiben.</translation>
    </message>
    <message>
        <source>Written down today</source>
        <translation>Heute aufgeschrieben</translation>
    </message>
    <message>
        <source>Sets written down today</source>
        <translation>Heute aufgeschriebene Sätze</translation>
    </message>
    <message>
        <source>Open · Enter</source>
        <translation>Öffnen · Enter</translation>
    </message>
    <message>
        <source>Open the sheet of the chosen set; a film can be added there</source>
        <translation>Das Blatt des gewählten Satzes öffnen; dort kann ein Film dazu</translation>
    </message>
    <message>
        <source>Take out · Del</source>
        <translation>Herausnehmen · Entf</translation>
    </message>
    <message>
        <source>Take the chosen set out of the log; undo puts it back</source>
        <translation>Den gewählten Satz aus dem Protokoll nehmen; Zurücknehmen bringt ihn wieder</translation>
    </message>
    <message>
        <source>One bar for</source>
        <translation>Eine Stange für</translation>
    </message>
    <message>
        <source>lift on the bar</source>
        <translation>Hebung auf der Stange</translation>
    </message>
    <message>
        <source>The lift is squat, bench press or deadlift.</source>
        <translation>Die Hebung ist Kniebeuge, Bankdrücken oder Kreuzheben.</translation>
    </message>
    <message>
        <source>, in this order:</source>
        <translation>, in dieser Reihenfolge:</translation>
    </message>
    <message>
        <source>The bar, in order</source>
        <translation>Die Stange, der Reihe nach</translation>
    </message>
    <message>
        <source>Safeties, collars and spotters first; nobody presses alone without them. Pain, numbness or dizziness: stop, and see a licensed clinician. Local rules come first.</source>
        <translation>Ablagen, Verschlüsse und Helfer zuerst; niemand drückt ohne sie allein. Schmerz, Taubheit oder Schwindel: aufhören und zur Ärztin oder zum Arzt. Regeln des Ortes gelten zuerst.</translation>
    </message>
    <message>
        <source>Load × reps, or sets × reps × load; @8 how hard it was felt, ~9 how hard it looked; 4/5 four of five; notes in quotes.</source>
        <translation>Last × Wiederholungen, oder Sätze × Wiederholungen × Last; @8 wie schwer es sich anfühlte, ~9 wie schwer es aussah; 4/5 vier von fünf; Notizen in Anführungszeichen.</translation>
    </message>
    <message>
        <source>%1, %2 %3: %4 × %5 × %6</source>
        <translation>%1, %2 %3: %4 × %5 × %6</translation>
    </message>
    <message>
        <source> of %1</source>
        <translation> von %1</translation>
    </message>
    <message>
        <source>, felt %1</source>
        <translation>, gefühlt %1</translation>
    </message>
    <message>
        <source>, looked like %1</source>
        <translation>, sah aus wie %1</translation>
    </message>
    <message>
        <source>, on %1</source>
        <translation>, am %1</translation>
    </message>
    <message>
        <source>Write down a set</source>
        <translation>Einen Satz aufschreiben</translation>
    </message>
    <message>
        <source>Write down %1 sets</source>
        <translation>%1 Sätze aufschreiben</translation>
    </message>
    <message>
        <source>On today, and on the bar</source>
        <translation>Heute, und an der Stange</translation>
    </message>
    <message>
        <source>%1 done; </source>
        <translation>%1 gemacht; </translation>
    </message>
    <message>
        <source>1 set</source>
        <translation>1 Satz</translation>
    </message>
    <message>
        <source>%1 sets</source>
        <translation>%1 Sätze</translation>
    </message>
    <message>
        <source>On the ladder at “%1”: %2 The plan goes on from its top.</source>
        <translation>Auf der Leiter bei „%1“: %2 Der Plan geht von ihrem Ende weiter.</translation>
    </message>
    <message>
        <source>%1   %2 × %3%4   %5</source>
        <translation>%1   %2 × %3%4   %5</translation>
    </message>
    <message>
        <source>, warm-up</source>
        <translation>, Aufwärmen</translation>
    </message>
    <message>
        <source>Nobody is on the bar for this lift.</source>
        <translation>Für diese Hebung ist niemand an der Stange.</translation>
    </message>
    <message>
        <source>Nothing yet.</source>
        <translation>Noch nichts.</translation>
    </message>
    <message>
        <source>The day is being planned…</source>
        <translation>Der Tag wird geplant…</translation>
    </message>
</context>
<context>
    <name>mottix::TrialPanel</name>
    <message>
        <source>Set-ups tried</source>
        <translation>Ausprobierte Einstellungen</translation>
    </message>
    <message>
        <source>Choose a set-up</source>
        <translation>Eine Einstellung wählen</translation>
    </message>
    <message>
        <source>name of a set-up</source>
        <translation>Name einer Einstellung</translation>
    </message>
    <message>
        <source>A name has 1 to 60 letters.</source>
        <translation>Ein Name hat 1 bis 60 Buchstaben.</translation>
    </message>
    <message>
        <source>Name a set-up</source>
        <translation>Eine Einstellung benennen</translation>
    </message>
    <message>
        <source>, no set with it yet</source>
        <translation>, noch kein Satz damit</translation>
    </message>
    <message>
        <source>, 1 set</source>
        <translation>, 1 Satz</translation>
    </message>
    <message>
        <source>, %1 sets</source>
        <translation>, %1 Sätze</translation>
    </message>
    <message>
        <source>; in use, because</source>
        <translation>; im Gebrauch, weil</translation>
    </message>
    <message>
        <source>reason of the choice</source>
        <translation>Grund der Wahl</translation>
    </message>
    <message>
        <source>(say why)</source>
        <translation>(sag warum)</translation>
    </message>
    <message>
        <source>show</source>
        <translation>zeigen</translation>
    </message>
    <message>
        <source>Show “%1” as the figure</source>
        <translation>„%1“ als Figur zeigen</translation>
    </message>
    <message>
        <source>use this one</source>
        <translation>diese nehmen</translation>
    </message>
    <message>
        <source>Use “%1” from now on</source>
        <translation>Von jetzt an „%1“ nehmen</translation>
    </message>
    <message>
        <source>There is no set-up of this name.</source>
        <translation>Eine Einstellung dieses Namens gibt es nicht.</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>first set-up</source>
        <translation>erste Einstellung</translation>
    </message>
    <message>
        <source>with</source>
        <translation>mit</translation>
    </message>
    <message>
        <source>second set-up</source>
        <translation>zweite Einstellung</translation>
    </message>
    <message>
        <source>Keep a set-up with K on the figure. On a set&apos;s sheet, say in its sentence which one was used; from three sets of each on, two can be compared.</source>
        <translation>Behalt mit K an der Figur eine Einstellung. Sag auf dem Blatt eines Satzes, in seinem Satz, welche benutzt wurde; ab drei Sätzen von jeder lassen sich zwei vergleichen.</translation>
    </message>
    <message>
        <source>Keep a second set-up to compare it with this one.</source>
        <translation>Behalt eine zweite Einstellung, um sie mit dieser zu vergleichen.</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keins</translation>
    </message>
    <message>
        <source>Means over the sets, second minus first. The error comes from how much the sets of one set-up scatter, never less than the measures&apos; own; “no difference seen” is not “the same”.</source>
        <translation>Mittel über die Sätze, zweite minus erste. Der Fehler kommt daraus, wie sehr die Sätze einer Einstellung streuen, nie weniger als der der Maße selbst; „kein Unterschied gesehen“ ist nicht „dasselbe“.</translation>
    </message>
    <message>
        <source>Reading the sets…</source>
        <translation>Die Sätze werden gelesen…</translation>
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
        <translation>Die nächste Station (Enter)</translation>
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
        <translation>Woche vom %1, %2: </translation>
    </message>
    <message>
        <source>missed</source>
        <translation>missed</translation>
    </message>
    <message>
        <source>%1 done</source>
        <translation>%1 gemacht</translation>
    </message>
    <message>
        <source>nothing done</source>
        <translation>nichts gemacht</translation>
    </message>
    <message>
        <source>test</source>
        <translation>Test</translation>
    </message>
    <message>
        <source>top load %1</source>
        <translation>höchste Last %1</translation>
    </message>
    <message>
        <source>; best single %1</source>
        <translation>; bester Einzelner %1</translation>
    </message>
    <message>
        <source>kg</source>
        <translation>kg</translation>
    </message>
    <message>
        <source>best single, 8 in 10</source>
        <translation>bester Einzelner, 8 von 10</translation>
    </message>
    <message>
        <source>goal %1</source>
        <translation>Ziel %1</translation>
    </message>
    <message>
        <source>easy</source>
        <translation>leicht</translation>
    </message>
    <message>
        <source>eff. %1</source>
        <translation>Anstr. %1</translation>
    </message>
    <message>
        <source>tonnes
a week</source>
        <translation>t je
Woche</translation>
    </message>
</context>
<context>
    <name>mottix::Word</name>
    <message>
        <source>%1: press Enter or click to change</source>
        <translation>%1: Enter oder Klick zum Ändern</translation>
    </message>
</context>
</TS>
