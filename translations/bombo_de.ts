<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en_GB">
<context>
    <name>BackWords</name>
    <message>
        <source>%1 tighter</source>
        <translation>%1 fester</translation>
    </message>
    <message>
        <source>%1 looser</source>
        <translation>%1 loser</translation>
    </message>
    <message>
        <source>Batter: %1</source>
        <translation>Schlagfell: %1</translation>
    </message>
    <message>
        <source>Snare side: %1</source>
        <translation>Resonanzfell: %1</translation>
    </message>
    <message>
        <source>%1 at %2</source>
        <translation>%1 bei %2</translation>
    </message>
    <message>
        <source>The entry does not say how high the batter was.</source>
        <translation>Der Eintrag sagt nicht, wie hoch das Schlagfell stand.</translation>
    </message>
    <message>
        <source>The entry does not say how high the snare side was.</source>
        <translation>Der Eintrag sagt nicht, wie hoch das Resonanzfell stand.</translation>
    </message>
    <message>
        <source>Another kind of batter head is on: the same pitch, another voice.</source>
        <translation>Ein anderes Schlagfell ist aufgezogen: derselbe Ton, eine andere Stimme.</translation>
    </message>
    <message>
        <source>Another kind of snare-side head is on: the same pitch, another voice.</source>
        <translation>Ein anderes Resonanzfell ist aufgezogen: derselbe Ton, eine andere Stimme.</translation>
    </message>
    <message>
        <source>The batter head is newer than the entry.</source>
        <translation>Das Schlagfell ist neuer als der Eintrag.</translation>
    </message>
    <message>
        <source>The snare-side head is newer than the entry.</source>
        <translation>Das Resonanzfell ist neuer als der Eintrag.</translation>
    </message>
    <message>
        <source>The batter film ends %1 cents below it.</source>
        <translation>Die Folie des Schlagfells endet %1 Cent darunter.</translation>
    </message>
    <message>
        <source>The snare-side film ends %1 cents below it.</source>
        <translation>Die Folie des Resonanzfells endet %1 Cent darunter.</translation>
    </message>
    <message>
        <source>The batter would hang loose: it stays %1 cents above.</source>
        <translation>Das Schlagfell hinge lose: Es bleibt %1 Cent darüber.</translation>
    </message>
    <message>
        <source>The snare side would hang loose: it stays %1 cents above.</source>
        <translation>Das Resonanzfell hinge lose: Es bleibt %1 Cent darüber.</translation>
    </message>
    <message>
        <source>The same pitch needs %1 % more tension today: the batter feels harder.</source>
        <translation>Derselbe Ton braucht heute %1 % mehr Spannung: Das Schlagfell fühlt sich härter an.</translation>
    </message>
    <message>
        <source>The snare side needs %1 % more tension today.</source>
        <translation>Das Resonanzfell braucht heute %1 % mehr Spannung.</translation>
    </message>
    <message>
        <source>The same pitch needs %1 % less tension today: the batter feels softer.</source>
        <translation>Derselbe Ton braucht heute %1 % weniger Spannung: Das Schlagfell fühlt sich weicher an.</translation>
    </message>
    <message>
        <source>The snare side needs %1 % less tension today.</source>
        <translation>Das Resonanzfell braucht heute %1 % weniger Spannung.</translation>
    </message>
    <message>
        <source>Turns of the batter were not counted from one beginning: by its pitch instead.</source>
        <translation>Die Umdrehungen des Schlagfells wurden nicht von einem Anfang gezählt: stattdessen nach dem Ton.</translation>
    </message>
    <message>
        <source>Turns of the snare side were not counted from one beginning: by its pitch instead.</source>
        <translation>Die Umdrehungen des Resonanzfells wurden nicht von einem Anfang gezählt: stattdessen nach dem Ton.</translation>
    </message>
    <message>
        <source>Nobody knows how the batter stands now: tap a round on it first.</source>
        <translation>Niemand weiß, wie das Schlagfell jetzt steht: Tippen Sie erst eine Runde.</translation>
    </message>
    <message>
        <source>Nobody knows how the snare side stands now: tap a round on it first.</source>
        <translation>Niemand weiß, wie das Resonanzfell jetzt steht: Tippen Sie erst eine Runde.</translation>
    </message>
    <message>
        <source>Another drum: pitches are scaled by its size, to %1 of what they were.</source>
        <translation>Eine andere Trommel: Die Töne gehen mit ihrer Größe, auf das %1-Fache.</translation>
    </message>
    <message>
        <source>Other wires are on: the knob is a place to begin from, sweep from there.</source>
        <translation>Ein anderer Teppich ist drauf: Der Knopf ist nur ein Anfang, suchen Sie von dort.</translation>
    </message>
    <message>
        <source>The strands have stretched by %1 of the knob since.</source>
        <translation>Die Spiralen haben sich seither um %1 des Knopfs gedehnt.</translation>
    </message>
    <message>
        <source>The entry does not say where the strainer stood.</source>
        <translation>Der Eintrag sagt nicht, wo die Abhebung stand.</translation>
    </message>
    <message>
        <source>A muffler of a kind that is no longer at hand lay on it.</source>
        <translation>Darauf lag ein Dämpfer, den es hier nicht mehr gibt.</translation>
    </message>
    <message>
        <source>stays as it is</source>
        <translation>bleibt, wie es ist</translation>
    </message>
    <message>
        <source>every rod %1</source>
        <translation>jede Schraube %1</translation>
    </message>
    <message>
        <source>It is there already</source>
        <translation>Sie ist schon dort</translation>
    </message>
    <message>
        <source>%1 tighter on every batter rod</source>
        <translation>%1 fester an jeder Schraube des Schlagfells</translation>
    </message>
    <message>
        <source>%1 looser on every batter rod</source>
        <translation>%1 loser an jeder Schraube des Schlagfells</translation>
    </message>
    <message>
        <source>%1 tighter on every snare-side rod</source>
        <translation>%1 fester an jeder Schraube des Resonanzfells</translation>
    </message>
    <message>
        <source>%1 looser on every snare-side rod</source>
        <translation>%1 loser an jeder Schraube des Resonanzfells</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Strainer %1 tighter</source>
        <translation>Abhebung %1 fester</translation>
    </message>
    <message>
        <source>Strainer %1 looser</source>
        <translation>Abhebung %1 loser</translation>
    </message>
    <message>
        <source>Take off %1</source>
        <translation>%1 abnehmen</translation>
    </message>
    <message>
        <source>Lay on %1</source>
        <translation>%1 auflegen</translation>
    </message>
    <message>
        <source>Tap a round on each head first</source>
        <translation>Tippen Sie erst auf jedem Fell eine Runde</translation>
    </message>
    <message>
        <source>%1 → %2, %3</source>
        <translation>%1 → %2, %3</translation>
    </message>
    <message>
        <source>Strainer: stays at %1 from first contact</source>
        <translation>Abhebung: bleibt bei %1 ab dem ersten Kontakt</translation>
    </message>
    <message>
        <source>Strainer: to %1 from first contact</source>
        <translation>Abhebung: auf %1 ab dem ersten Kontakt</translation>
    </message>
    <message>
        <source>Take off: %1</source>
        <translation>Abnehmen: %1</translation>
    </message>
    <message>
        <source>Lay on: %1</source>
        <translation>Auflegen: %1</translation>
    </message>
    <message>
        <source>Sure to %1 cents.</source>
        <translation>Auf %1 Cent sicher.</translation>
    </message>
    <message>
        <source>From the logbook and the weather alone: a round of taps makes it surer.</source>
        <translation>Nur nach Logbuch und Wetter: Eine Runde Tippen macht es sicherer.</translation>
    </message>
    <message>
        <source>same pitches</source>
        <translation>gleiche Töne</translation>
    </message>
    <message>
        <source>same feel</source>
        <translation>gleiches Gefühl</translation>
    </message>
    <message>
        <source>same turns</source>
        <translation>gleiche Umdrehungen</translation>
    </message>
    <message>
        <source>batter head</source>
        <translation>Schlagfell</translation>
    </message>
    <message>
        <source>snare-side head</source>
        <translation>Resonanzfell</translation>
    </message>
    <message>
        <source>wires</source>
        <translation>Teppich</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>due now</source>
        <translation>jetzt fällig</translation>
    </message>
    <message>
        <source>more than %1 shows</source>
        <translation>mehr als %1 Auftritte</translation>
    </message>
    <message>
        <source>%1 more shows</source>
        <translation>noch %1 Auftritte</translation>
    </message>
    <message>
        <source>%1 to %2 more shows</source>
        <translation>noch %1 bis %2 Auftritte</translation>
    </message>
    <message numerus="yes">
        <source>%n shows</source>
        <translation>
            <numerusform>%n Auftritt</numerusform>
            <numerusform>%n Auftritte</numerusform>
        </translation>
    </message>
    <message>
        <source>rings %1 % longer than new, %2</source>
        <translation>klingt %1 % länger als neu, %2</translation>
    </message>
    <message>
        <source>rings as when it was new, %1</source>
        <translation>klingt wie neu, %1</translation>
    </message>
    <message>
        <source>strands stretched by %1, %2</source>
        <translation>Spiralen um %1 gedehnt, %2</translation>
    </message>
    <message>
        <source>strands as when new, %1</source>
        <translation>Spiralen wie neu, %1</translation>
    </message>
    <message>
        <source>by its age: %1</source>
        <translation>nach dem Alter: %1</translation>
    </message>
    <message>
        <source>say on the drum&apos;s page when it was put on</source>
        <translation>auf der Seite der Trommel sagen, seit wann</translation>
    </message>
    <message>
        <source>batter edge pitch</source>
        <translation>Randton Schlagfell</translation>
    </message>
    <message>
        <source>snare-side edge pitch</source>
        <translation>Randton Resonanzfell</translation>
    </message>
    <message>
        <source>interval between the heads</source>
        <translation>Abstand der Felle</translation>
    </message>
    <message>
        <source>batter even within</source>
        <translation>Schlagfell eben auf</translation>
    </message>
    <message>
        <source>strainer</source>
        <translation>Abhebung</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>Ausklang</translation>
    </message>
    <message>
        <source>mufflers</source>
        <translation>Dämpfer</translation>
    </message>
    <message>
        <source>temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source>%1 → %2</source>
        <translation>%1 → %2</translation>
    </message>
    <message>
        <source>%1, %2 cents</source>
        <translation>%1, %2 Cent</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <translation>%1 Cent</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>laid elsewhere</source>
        <translation>liegen anderswo</translation>
    </message>
    <message>
        <source>%1 °C</source>
        <translation>%1 °C</translation>
    </message>
    <message>
        <source>another one</source>
        <translation>ein anderes</translation>
    </message>
    <message>
        <source>By the count since the last round: a round of taps makes it surer.</source>
        <translation>Nach der Zählung seit der letzten Runde: Eine Runde Schläge macht es sicherer.</translation>
    </message>
    <message>
        <source>then %1: %2</source>
        <translation>dann %1: %2</translation>
    </message>
    <message>
        <source>it stays dished, %1</source>
        <translation>es bleibt eingedellt, %1</translation>
    </message>
    <message>
        <source>its coating is gone or dented, %1</source>
        <translation>die Beschichtung ist weg oder verbeult, %1</translation>
    </message>
    <message>
        <source>its coating is worn, %1</source>
        <translation>die Beschichtung ist abgenutzt, %1</translation>
    </message>
    <message>
        <source>it looks as new, %1</source>
        <translation>es sieht aus wie neu, %1</translation>
    </message>
    <message>
        <source>The entry puts the strainer at %1, beyond the knob&apos;s travel: set it by a sweep.</source>
        <translation>Der Eintrag stellt die Abhebung auf %1, mehr als der Knopf hergibt: Stellen Sie sie durch Probieren ein.</translation>
    </message>
    <message>
        <source>A muffler of the entry does not fit on this drum where it lay.</source>
        <translation>Ein Dämpfer des Eintrags passt auf dieser Trommel nicht an seinen Platz.</translation>
    </message>
</context>
<context>
    <name>BeginTools</name>
    <message>
        <source>A new head</source>
        <translation>Ein neues Fell</translation>
    </message>
    <message>
        <source>The same head from slack</source>
        <translation>Dasselbe Fell von schlaff an</translation>
    </message>
    <message>
        <source>The same head as it stands</source>
        <translation>Dasselbe Fell, wie es steht</translation>
    </message>
    <message>
        <source>a stick under the wires</source>
        <translation>ein Stock unter dem Teppich</translation>
    </message>
    <message>
        <source>the wires lifted</source>
        <translation>der Teppich angehoben</translation>
    </message>
    <message>
        <source>the wires taken off</source>
        <translation>der Teppich abgenommen</translation>
    </message>
    <message>
        <source>seated by palm</source>
        <translation>mit der Handfläche gesetzt</translation>
    </message>
    <message>
        <source>not pressed, for it is thin</source>
        <translation>nicht gedrückt, denn es ist dünn</translation>
    </message>
    <message>
        <source>left overnight</source>
        <translation>über Nacht gelassen</translation>
    </message>
    <message>
        <source>stretched overnight</source>
        <translation>über Nacht gedehnt</translation>
    </message>
    <message>
        <source>not stretched, for it is thin</source>
        <translation>nicht gedehnt, denn es ist dünn</translation>
    </message>
    <message>
        <source>not seated</source>
        <translation>nicht gesetzt</translation>
    </message>
    <message>
        <source>in pairs with two keys</source>
        <translation>paarweise mit zwei Schlüsseln</translation>
    </message>
    <message>
        <source>far apart with one key</source>
        <translation>weit auseinander mit einem Schlüssel</translation>
    </message>
    <message>
        <source>across with one key</source>
        <translation>über Kreuz mit einem Schlüssel</translation>
    </message>
    <message>
        <source>round the head with one key</source>
        <translation>reihum mit einem Schlüssel</translation>
    </message>
    <message>
        <source>by your own skip of %1 with one key</source>
        <translation>im eigenen Sprung von %1 mit einem Schlüssel</translation>
    </message>
    <message>
        <source>corrected both ways</source>
        <translation>nach beiden Seiten korrigiert</translation>
    </message>
    <message>
        <source>only ever tightened</source>
        <translation>nur fester</translation>
    </message>
    <message>
        <source>only ever loosened</source>
        <translation>nur lockerer</translation>
    </message>
    <message>
        <source>%1. Turned %2, at most %3 at a time, %4, until it is even to ±%5 cents.</source>
        <translation>%1. Gedreht wird %2, höchstens %3 auf einmal, %4, bis es auf ±%5 Cent eben ist.</translation>
    </message>
</context>
<context>
    <name>BuzzPicture</name>
    <message>
        <source>Hz</source>
        <translation>Hz</translation>
    </message>
    <message>
        <source>this drum</source>
        <translation>diese Trommel</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <translation>%1 Cent</translation>
    </message>
    <message>
        <source>%1 octaves</source>
        <translation>%1 Oktaven</translation>
    </message>
    <message>
        <source>%1 %2 meets %3, %4</source>
        <translation>%1 %2 trifft %3, %4</translation>
    </message>
    <message>
        <source>No other instruments yet.</source>
        <translation>Noch keine anderen Instrumente.</translation>
    </message>
    <message>
        <source>%1: %2 dB under the strongest</source>
        <translation>%1: %2 dB unter dem stärksten</translation>
    </message>
    <message>
        <source>Where other instruments set the wires going, the strongest first. %1.</source>
        <translation>Wo andere Instrumente den Teppich anregen, das stärkste zuerst. %1.</translation>
    </message>
    <message>
        <source>Which instruments set the wires going? Enter their pitch on the right, or play one and take what was heard. What meets this drum&apos;s own tones stands here.</source>
        <translation>Welche Instrumente regen den Teppich an? Geben Sie rechts ihre Tonhöhe ein, oder spielen Sie eines und übernehmen Sie, was gehört wurde. Was die eigenen Töne dieser Trommel trifft, steht hier.</translation>
    </message>
    <message>
        <source>above: their partials; below: this drum&apos;s, dashed the snare side&apos;s</source>
        <translation>oben: ihre Teiltöne; unten: die dieser Trommel, gestrichelt die des Resonanzfells</translation>
    </message>
    <message>
        <source>strongest</source>
        <translation>stärkster</translation>
    </message>
    <message>
        <source>%1 dB under</source>
        <translation>%1 dB darunter</translation>
    </message>
    <message>
        <source>Buzz with others</source>
        <translation>Mitschnarren</translation>
    </message>
</context>
<context>
    <name>CalendarFile</name>
    <message>
        <source>%1: the head has rested; tap its round once more</source>
        <translation>%1: das Fell hat geruht; tippen Sie seine Runde noch einmal</translation>
    </message>
    <message>
        <source>%1: look at its tuning again</source>
        <translation>%1: sehen Sie nach der Stimmung</translation>
    </message>
    <message>
        <source>Save for a calendar</source>
        <translation>Für einen Kalender speichern</translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation>Kalender (*.ics)</translation>
    </message>
    <message>
        <source>%1: look whether the batter head is worn</source>
        <translation>%1: nachsehen, ob das Schlagfell abgenutzt ist</translation>
    </message>
    <message>
        <source>%1: look whether the snare-side head is worn</source>
        <translation>%1: nachsehen, ob das Resonanzfell abgenutzt ist</translation>
    </message>
    <message>
        <source>%1: look whether the wires are worn</source>
        <translation>%1: nachsehen, ob der Teppich abgenutzt ist</translation>
    </message>
</context>
<context>
    <name>CardPicture</name>
    <message>
        <source>%1 cents</source>
        <translation>%1 Cent</translation>
    </message>
    <message>
        <source>Batter, near the hoop</source>
        <translation>Schlagfell, nahe am Reifen</translation>
    </message>
    <message>
        <source>Batter, in the middle</source>
        <translation>Schlagfell, in der Mitte</translation>
    </message>
    <message>
        <source>Snare side, near the hoop</source>
        <translation>Resonanzfell, nahe am Reifen</translation>
    </message>
    <message>
        <source>Snare side, in the middle</source>
        <translation>Resonanzfell, in der Mitte</translation>
    </message>
    <message>
        <source>30 mm in, snare side muted</source>
        <translation>30 mm innen, Resonanzfell gedämpft</translation>
    </message>
    <message>
        <source>both heads free</source>
        <translation>beide Felle frei</translation>
    </message>
    <message>
        <source>turn the drum over; batter muted</source>
        <translation>Trommel umdrehen; Schlagfell gedämpft</translation>
    </message>
    <message>
        <source>The %1 carries %2 % of what its film can bear</source>
        <translation>%1 trägt %2 % dessen, was seine Folie aushält</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, as the two places of the batter imply.</source>
        <translation>%1, wie die beiden Stellen des Schlagfells nahelegen.</translation>
    </message>
    <message>
        <source>Both middles agree to %1 cents: it is one tone.</source>
        <translation>Beide Mitten stimmen auf %1 Cent überein: es ist ein Ton.</translation>
    </message>
    <message>
        <source>The two middles lie %1 cents apart, though it is one tone: tap again, wires off and both heads free.</source>
        <translation>Die beiden Mitten liegen %1 Cent auseinander, obwohl es ein Ton ist: noch einmal tippen, Teppich ab und beide Felle frei.</translation>
    </message>
    <message>
        <source>The centre pitch fits the two edges (%1 cents).</source>
        <translation>Der Mittelton passt zu den beiden Randtönen (%1 Cent).</translation>
    </message>
    <message>
        <source>The centre pitch lies %1 cents from what the two edges imply: is it the right drum, and the right heads?</source>
        <translation>Der Mittelton liegt %1 Cent von dem entfernt, was die beiden Randtöne ergeben: ist es die richtige Trommel, und sind es die richtigen Felle?</translation>
    </message>
    <message>
        <source>%1, taps %2</source>
        <translation>%1, Tipps %2</translation>
    </message>
    <message>
        <source>not heard</source>
        <translation>nicht gehört</translation>
    </message>
    <message>
        <source>left out %1</source>
        <translation>ausgelassen %1</translation>
    </message>
    <message>
        <source>tap it now</source>
        <translation>jetzt tippen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>Catalogue</name>
    <message>
        <source>Concert: crisp at every dynamic</source>
        <translation>Konzert: klar in jeder Lautstärke</translation>
    </message>
    <message>
        <source>From a whisper to a full roll each stroke must be heard as itself.</source>
        <translation>Vom Flüstern bis zum vollen Wirbel muss jeder Schlag als er selbst zu hören sein.</translation>
    </message>
    <message>
        <source>none or a whisper</source>
        <translation>keine oder ein Hauch</translation>
    </message>
    <message>
        <source>Backbeat: open, wide, strong</source>
        <translation>Backbeat: offen, breit, kräftig</translation>
    </message>
    <message>
        <source>One big stroke in two must fill the room and be over before the next.</source>
        <translation>Ein großer Schlag auf zwei und vier muss den Raum füllen und vor dem nächsten vorbei sein.</translation>
    </message>
    <message>
        <source>open, or one small pad</source>
        <translation>offen oder ein kleines Pad</translation>
    </message>
    <message>
        <source>Pocket: tight, dry, quick</source>
        <translation>Pocket: straff, trocken, schnell</translation>
    </message>
    <message>
        <source>Soft strokes between the loud ones must stay apart and be heard.</source>
        <translation>Leise Schläge zwischen den lauten müssen getrennt bleiben und zu hören sein.</translation>
    </message>
    <message>
        <source>a small pad near the hoop</source>
        <translation>ein kleines Pad nahe am Reifen</translation>
    </message>
    <message>
        <source>Crack: high, hard, cutting</source>
        <translation>Crack: hoch, hart, schneidend</translation>
    </message>
    <message>
        <source>It must be heard through loud neighbours by its attack alone.</source>
        <translation>Allein der Anschlag muss durch laute Nachbarn dringen.</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>Ballad: low, broad, soft</source>
        <translation>Ballade: tief, breit, weich</translation>
    </message>
    <message>
        <source>Few strokes, each a breath: wide and low, with wire behind it.</source>
        <translation>Wenige Schläge, jeder ein Atemzug: breit und tief, mit Teppich dahinter.</translation>
    </message>
    <message>
        <source>pads further in than usual</source>
        <translation>Pads weiter innen als sonst</translation>
    </message>
    <message>
        <source>Dead: low, short, thudding</source>
        <translation>Trocken: tief, kurz, dumpf</translation>
    </message>
    <message>
        <source>Nothing may ring into the next stroke or into another microphone.</source>
        <translation>Nichts darf in den nächsten Schlag oder in ein anderes Mikrofon klingen.</translation>
    </message>
    <message>
        <source>cloth or a ring of film; cloth under the hoop for more</source>
        <translation>Tuch oder ein Folienring; für mehr ein Tuch unter dem Reifen</translation>
    </message>
    <message>
        <source>Brushes: whispered, close, warm</source>
        <translation>Besen: geflüstert, nah, warm</translation>
    </message>
    <message>
        <source>Sweeps and taps at the edge of hearing, in a quiet room.</source>
        <translation>Wischen und Tippen an der Hörgrenze, in einem stillen Raum.</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>Parade: very high, snapping</source>
        <translation>Parade: sehr hoch, knackig</translation>
    </message>
    <message>
        <source>Every stroke of a fast roll must stand alone outdoors.</source>
        <translation>Jeder Schlag eines schnellen Wirbels muss im Freien für sich stehen.</translation>
    </message>
    <message>
        <source>none, or light</source>
        <translation>keine oder wenig</translation>
    </message>
    <message>
        <source>Offbeat: high, bright, ringing</source>
        <translation>Offbeat: hoch, hell, klingend</translation>
    </message>
    <message>
        <source>A ringing stroke and a bare rim against a low, slow band.</source>
        <translation>Ein klingender Schlag und ein bloßer Rim über einer tiefen, langsamen Band.</translation>
    </message>
    <message>
        <source>Wires off: high, open, singing</source>
        <translation>Teppich ab: hoch, offen, singend</translation>
    </message>
    <message>
        <source>Played with the lever off: the two heads alone.</source>
        <translation>Gespielt mit offenem Hebel: nur die zwei Felle.</translation>
    </message>
    <message>
        <source>Storm: low and broad, plenty of wire</source>
        <translation>Sturm: tief und breit, viel Teppich</translation>
    </message>
    <message>
        <source>A low batter lets the body speak under the organ; wires stand loose, so that long rolls blur into rain.</source>
        <translation>Ein tiefes Schlagfell lässt den Korpus unter der Orgel sprechen; der Teppich liegt locker, damit lange Wirbel zu Regen verschwimmen.</translation>
    </message>
    <message>
        <source>Chase: tight, dry, quick</source>
        <translation>Verfolgung: straff, trocken, schnell</translation>
    </message>
    <message>
        <source>Fast strokes must stay apart: batter medium-high, snare side a fourth above, ring kept short.</source>
        <translation>Schnelle Schläge müssen getrennt bleiben: Schlagfell mittelhoch, Resonanzfell eine Quarte darüber, kurzer Nachklang.</translation>
    </message>
    <message>
        <source>Waltz: open, singing, light wire</source>
        <translation>Walzer: offen, singend, wenig Teppich</translation>
    </message>
    <message>
        <source>The second and third beat may ring into each other; the batter is left open.</source>
        <translation>Der zweite und dritte Schlag dürfen ineinander klingen; das Schlagfell bleibt offen.</translation>
    </message>
    <message>
        <source>Newsreel: high, crisp, marching</source>
        <translation>Wochenschau: hoch, klar, marschierend</translation>
    </message>
    <message>
        <source>Crisp at every dynamic in a loud hall: both heads high, wires sensitive.</source>
        <translation>Klar in jeder Lautstärke in einem lauten Saal: beide Felle hoch, Teppich empfindlich.</translation>
    </message>
    <message>
        <source>Ghost scene: whispered, brushes</source>
        <translation>Geisterszene: geflüstert, Besen</translation>
    </message>
    <message>
        <source>Everything is played at a whisper: the snare side high and the wires as loose as clean allows.</source>
        <translation>Alles wird geflüstert: Resonanzfell hoch und der Teppich so locker, wie es sauber bleibt.</translation>
    </message>
    <message>
        <source>single ply 0.19 mm, clear</source>
        <translation>einlagig 0,19 mm, klar</translation>
    </message>
    <message>
        <source>single ply 0.19 mm, coated</source>
        <translation>einlagig 0,19 mm, beschichtet</translation>
    </message>
    <message>
        <source>single ply 0.25 mm, coated</source>
        <translation>einlagig 0,25 mm, beschichtet</translation>
    </message>
    <message>
        <source>single ply 0.25 mm, clear</source>
        <translation>einlagig 0,25 mm, klar</translation>
    </message>
    <message>
        <source>single ply 0.25 mm, textured for brushes</source>
        <translation>einlagig 0,25 mm, aufgeraut für Besen</translation>
    </message>
    <message>
        <source>single ply 0.25 mm, coated, with a centre dot</source>
        <translation>einlagig 0,25 mm, beschichtet, mit Punkt in der Mitte</translation>
    </message>
    <message>
        <source>single ply 0.25 mm, coated, with a control ring</source>
        <translation>einlagig 0,25 mm, beschichtet, mit Dämpfungsring</translation>
    </message>
    <message>
        <source>single ply 0.25 mm, coated, vented near the hoop</source>
        <translation>einlagig 0,25 mm, beschichtet, nahe am Reifen gelocht</translation>
    </message>
    <message>
        <source>two plies of 0.18 mm, clear</source>
        <translation>zwei Lagen von 0,18 mm, klar</translation>
    </message>
    <message>
        <source>two plies of 0.18 mm, coated</source>
        <translation>zwei Lagen von 0,18 mm, beschichtet</translation>
    </message>
    <message>
        <source>cloth-like, woven fibre on film, 0.30 mm</source>
        <translation>tuchartig, Gewebe auf Folie, 0,30 mm</translation>
    </message>
    <message>
        <source>snare-side film 0.051 mm</source>
        <translation>Resonanzfolie 0,051 mm</translation>
    </message>
    <message>
        <source>snare-side film 0.064 mm</source>
        <translation>Resonanzfolie 0,064 mm</translation>
    </message>
    <message>
        <source>snare-side film 0.076 mm</source>
        <translation>Resonanzfolie 0,076 mm</translation>
    </message>
    <message>
        <source>pressed steel, 2.3 mm</source>
        <translation>Stahl, gepresst, 2,3 mm</translation>
    </message>
    <message>
        <source>pressed steel, 1.6 mm</source>
        <translation>Stahl, gepresst, 1,6 mm</translation>
    </message>
    <message>
        <source>cast metal</source>
        <translation>Metallguss</translation>
    </message>
    <message>
        <source>wood</source>
        <translation>Holz</translation>
    </message>
    <message>
        <source>pressed brass, 2.3 mm</source>
        <translation>Messing, gepresst, 2,3 mm</translation>
    </message>
    <message>
        <source>maple</source>
        <translation>Ahorn</translation>
    </message>
    <message>
        <source>maple, plies</source>
        <translation>Ahorn, Lagen</translation>
    </message>
    <message>
        <source>birch</source>
        <translation>Birke</translation>
    </message>
    <message>
        <source>birch, plies</source>
        <translation>Birke, Lagen</translation>
    </message>
    <message>
        <source>ash</source>
        <translation>Esche</translation>
    </message>
    <message>
        <source>ash, plies</source>
        <translation>Esche, Lagen</translation>
    </message>
    <message>
        <source>beech</source>
        <translation>Buche</translation>
    </message>
    <message>
        <source>beech, plies</source>
        <translation>Buche, Lagen</translation>
    </message>
    <message>
        <source>mahogany</source>
        <translation>Mahagoni</translation>
    </message>
    <message>
        <source>mahogany, plies</source>
        <translation>Mahagoni, Lagen</translation>
    </message>
    <message>
        <source>walnut</source>
        <translation>Nussbaum</translation>
    </message>
    <message>
        <source>walnut, plies</source>
        <translation>Nussbaum, Lagen</translation>
    </message>
    <message>
        <source>oak</source>
        <translation>Eiche</translation>
    </message>
    <message>
        <source>oak, plies</source>
        <translation>Eiche, Lagen</translation>
    </message>
    <message>
        <source>wood, not known which</source>
        <translation>Holz, unbekannt welches</translation>
    </message>
    <message>
        <source>aluminium</source>
        <translation>Aluminium</translation>
    </message>
    <message>
        <source>brass</source>
        <translation>Messing</translation>
    </message>
    <message>
        <source>bronze</source>
        <translation>Bronze</translation>
    </message>
    <message>
        <source>copper</source>
        <translation>Kupfer</translation>
    </message>
    <message>
        <source>steel</source>
        <translation>Stahl</translation>
    </message>
    <message>
        <source>titanium</source>
        <translation>Titan</translation>
    </message>
    <message>
        <source>acrylic</source>
        <translation>Acryl</translation>
    </message>
    <message>
        <source>acrylic, cast</source>
        <translation>Acryl, gegossen</translation>
    </message>
    <message>
        <source>carbon-fibre</source>
        <translation>Kohlefaser</translation>
    </message>
    <message>
        <source>carbon fibre in resin</source>
        <translation>Kohlefaser in Harz</translation>
    </message>
    <message>
        <source>20 steel strands</source>
        <translation>20 Stahlspiralen</translation>
    </message>
    <message>
        <source>16 steel strands</source>
        <translation>16 Stahlspiralen</translation>
    </message>
    <message>
        <source>12 steel strands</source>
        <translation>12 Stahlspiralen</translation>
    </message>
    <message>
        <source>24 steel strands</source>
        <translation>24 Stahlspiralen</translation>
    </message>
    <message>
        <source>42 steel strands</source>
        <translation>42 Stahlspiralen</translation>
    </message>
    <message>
        <source>16 brass strands</source>
        <translation>16 Messingspiralen</translation>
    </message>
    <message>
        <source>20 brass strands</source>
        <translation>20 Messingspiralen</translation>
    </message>
    <message>
        <source>12 strands of wound cable</source>
        <translation>12 Stränge aus umsponnenem Draht</translation>
    </message>
    <message>
        <source>cable</source>
        <translation>umsponnener Draht</translation>
    </message>
    <message>
        <source>12 strands of gut</source>
        <translation>12 Darmsaiten</translation>
    </message>
    <message>
        <source>gut</source>
        <translation>Darm</translation>
    </message>
</context>
<context>
    <name>CausesStrip</name>
    <message>
        <source>under 1 in 100</source>
        <translation>unter 1 von 100</translation>
    </message>
    <message>
        <source>%1 in 100</source>
        <translation>%1 von 100</translation>
    </message>
    <message>
        <source>What it may be</source>
        <translation>Was es sein kann</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
</context>
<context>
    <name>CompareOverlays</name>
    <message>
        <source>Batter rod by rod, ± %1 cents</source>
        <translation>Schlagfell Schraube für Schraube, ± %1 Cent</translation>
    </message>
    <message>
        <source>How it dies away, 60 dB down</source>
        <translation>Wie es verklingt, 60 dB</translation>
    </message>
    <message>
        <source>Knob in its span</source>
        <translation>Knopf im Spielraum</translation>
    </message>
    <message>
        <source>Knob, in turns</source>
        <translation>Knopf, in Umdrehungen</translation>
    </message>
    <message>
        <source>○ this entry  ● the other</source>
        <translation>○ dieser Eintrag  ● der andere</translation>
    </message>
</context>
<context>
    <name>CutawayPaint</name>
    <message>
        <source>now %1, %2 cents away</source>
        <translation>jetzt %1, %2 Cent entfernt</translation>
    </message>
    <message>
        <source>wanted, muted; %1 open</source>
        <translation>gewünscht, gedämpft; %1 offen</translation>
    </message>
    <message>
        <source>film load %1 %</source>
        <translation>Folienlast %1 %</translation>
    </message>
    <message>
        <source>%1, held at a limit</source>
        <translation>%1, an einer Grenze gehalten</translation>
    </message>
    <message>
        <source>%1, near its limit</source>
        <translation>%1, nahe an der Grenze</translation>
    </message>
    <message>
        <source>%1 ± %2 turns from finger-tight</source>
        <translation>%1 ± %2 Umdrehungen von handfest</translation>
    </message>
    <message>
        <source>the lowest edge tone is the snare side&apos;s</source>
        <translation>der tiefste Randton ist der des Resonanzfells</translation>
    </message>
    <message>
        <source>now %1; ratio %2</source>
        <translation>jetzt %1; Verhältnis %2</translation>
    </message>
    <message>
        <source>centre pitch; edge over centre %1</source>
        <translation>Mittelton; Rand über Mitte %1</translation>
    </message>
    <message>
        <source>played with the lever off</source>
        <translation>mit offenem Hebel gespielt</translation>
    </message>
    <message>
        <source>strainer %1 from contact</source>
        <translation>Abhebung %1 ab Berührung</translation>
    </message>
    <message>
        <source>strainer not set yet</source>
        <translation>Abhebung noch nicht eingestellt</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Schlagfell</translation>
    </message>
    <message>
        <source>Both heads and the air</source>
        <translation>Beide Felle und die Luft</translation>
    </message>
    <message>
        <source>Snare side</source>
        <translation>Resonanzfell</translation>
    </message>
    <message>
        <source>strands: %1</source>
        <translation>Spiralen: %1</translation>
    </message>
    <message>
        <source>%1, slowed down</source>
        <translation>%1, verlangsamt</translation>
    </message>
    <message>
        <source>%1, to scale</source>
        <translation>%1, maßstäblich</translation>
    </message>
</context>
<context>
    <name>CutawayPicture</name>
    <message>
        <source>%1 with the other head muted, film load %2 percent</source>
        <translation>%1 bei gedämpftem anderem Fell, Folienlast %2 Prozent</translation>
    </message>
    <message>
        <source>now %1</source>
        <translation>jetzt %1</translation>
    </message>
    <message>
        <source>Drum cut through. Batter edge pitch %1. Centre pitch %2, edge over centre %3. Snare-side edge pitch %4.</source>
        <translation>Trommel im Schnitt. Randton des Schlagfells %1. Mittelton %2, Rand über Mitte %3. Randton des Resonanzfells %4.</translation>
    </message>
</context>
<context>
    <name>DrumProblem</name>
    <message>
        <source>diameter of the shell</source>
        <translation>Durchmesser des Kessels</translation>
    </message>
    <message>
        <source>depth of the shell</source>
        <translation>Tiefe des Kessels</translation>
    </message>
    <message>
        <source>number of rods</source>
        <translation>Anzahl der Schrauben</translation>
    </message>
    <message>
        <source>marked rod</source>
        <translation>markierte Schraube</translation>
    </message>
    <message>
        <source>day on which a head or the wires went on</source>
        <translation>Tag, an dem ein Fell oder der Teppich aufkam</translation>
    </message>
    <message>
        <source>hours that a head was played before</source>
        <translation>Stunden, die ein Fell vorher gespielt wurde</translation>
    </message>
    <message>
        <source>thickness of the film</source>
        <translation>Dicke der Folie</translation>
    </message>
    <message>
        <source>weight of the film</source>
        <translation>Gewicht der Folie</translation>
    </message>
    <message>
        <source>stiffness of the film</source>
        <translation>Steifigkeit der Folie</translation>
    </message>
    <message>
        <source>Poisson&apos;s ratio of the film</source>
        <translation>Querkontraktionszahl der Folie</translation>
    </message>
    <message>
        <source>strength of the film</source>
        <translation>Festigkeit der Folie</translation>
    </message>
    <message>
        <source>tension that a turn of every rod adds</source>
        <translation>Spannung, die eine Umdrehung aller Schrauben bringt</translation>
    </message>
    <message>
        <source>number of strands</source>
        <translation>Anzahl der Spiralen</translation>
    </message>
    <message>
        <source>weight of the wires</source>
        <translation>Gewicht des Teppichs</translation>
    </message>
    <message>
        <source>slack of the wires</source>
        <translation>Dehnung des Teppichs</translation>
    </message>
    <message>
        <source>No drum is made like this. To be checked: %1.</source>
        <translation>So ist keine Trommel gebaut. Zu prüfen: %1.</translation>
    </message>
    <message>
        <source>No drum is made like this. To be checked on the batter: %1.</source>
        <translation>So ist keine Trommel gebaut. Am Schlagfell zu prüfen: %1.</translation>
    </message>
    <message>
        <source>No drum is made like this. To be checked on the snare side: %1.</source>
        <translation>So ist keine Trommel gebaut. Am Resonanzfell zu prüfen: %1.</translation>
    </message>
    <message>
        <source>No drum is made like this. Go through its figures once more.</source>
        <translation>So ist keine Trommel gebaut. Gehen Sie die Werte noch einmal durch.</translation>
    </message>
</context>
<context>
    <name>DrumSights</name>
    <message>
        <source>white, rough</source>
        <translation>weiß, rau</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>klar</translation>
    </message>
    <message>
        <source>for brushes</source>
        <translation>für Besen</translation>
    </message>
    <message>
        <source>with a dot</source>
        <translation>mit Punkt</translation>
    </message>
    <message>
        <source>with a ring</source>
        <translation>mit Ring</translation>
    </message>
    <message>
        <source>with holes</source>
        <translation>mit Löchern</translation>
    </message>
    <message>
        <source>two plies, clear</source>
        <translation>zwei Lagen, klar</translation>
    </message>
    <message>
        <source>two plies, white</source>
        <translation>zwei Lagen, weiß</translation>
    </message>
    <message>
        <source>like cloth</source>
        <translation>wie Stoff</translation>
    </message>
    <message>
        <source>wood</source>
        <translation>Holz</translation>
    </message>
    <message>
        <source>metal</source>
        <translation>Metall</translation>
    </message>
    <message>
        <source>see-through</source>
        <translation>durchsichtig</translation>
    </message>
</context>
<context>
    <name>DrumState</name>
    <message>
        <source>Soon due: %1, %2</source>
        <translation>Bald fällig: %1, %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1, batter now %2 ± %3 cents</source>
        <translation>%1, Schlagfell jetzt %2 ± %3 Cent</translation>
    </message>
</context>
<context>
    <name>Ears</name>
    <message>
        <source>Which is higher?</source>
        <translation>Was ist höher?</translation>
    </message>
    <message>
        <source>Which one wavers?</source>
        <translation>Was schwebt?</translation>
    </message>
    <message>
        <source>Which rings longer?</source>
        <translation>Was klingt länger?</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <translation>%1 Cent</translation>
    </message>
    <message>
        <source>You tell %1 apart in three of four; it may be %2 to %3.</source>
        <translation>Sie unterscheiden %1 in drei von vier Fällen; es können %2 bis %3 sein.</translation>
    </message>
    <message>
        <source>Finer than the tolerance of this drum, %1 cents: you can even it by ear.</source>
        <translation>Feiner als die Toleranz dieser Trommel, %1 Cent: Sie können nach Gehör ausgleichen.</translation>
    </message>
    <message>
        <source>The tolerance of this drum is %1 cents: the last round is the microphone&apos;s.</source>
        <translation>Die Toleranz dieser Trommel ist %1 Cent: die letzte Runde gehört dem Mikrofon.</translation>
    </message>
    <message>
        <source>A head that is split by less sounds even to you.</source>
        <translation>Ein Fell, das weniger gespalten ist, klingt für Sie gleichmäßig.</translation>
    </message>
    <message>
        <source>A pad that shortens the ring by less is not worth its place.</source>
        <translation>Ein Pad, das weniger verkürzt, ist seinen Platz nicht wert.</translation>
    </message>
    <message>
        <source>the second</source>
        <translation>das zweite</translation>
    </message>
    <message>
        <source>the first</source>
        <translation>das erste</translation>
    </message>
    <message>
        <source>Right: it was %1, by %2.</source>
        <translation>Richtig: es war %1, um %2.</translation>
    </message>
    <message>
        <source>No: it was %1, by %2.</source>
        <translation>Nein: es war %1, um %2.</translation>
    </message>
    <message>
        <source>For evening by ear</source>
        <translation>Zum Ausgleichen nach Gehör</translation>
    </message>
    <message>
        <source>An uneven head beats</source>
        <translation>Ein ungleiches Fell schwebt</translation>
    </message>
    <message>
        <source>For muffling: shorter, or not?</source>
        <translation>Zum Dämpfen: kürzer oder nicht?</translation>
    </message>
    <message>
        <source>Which rod is low?</source>
        <translation>Welche Schraube ist tief?</translation>
    </message>
    <message>
        <source>Which beats faster?</source>
        <translation>Was schwebt schneller?</translation>
    </message>
    <message>
        <source>Which was nearer the edge?</source>
        <translation>Was war näher am Rand?</translation>
    </message>
    <message>
        <source>Which wires are looser?</source>
        <translation>Welcher Teppich ist lockerer?</translation>
    </message>
    <message>
        <source>Taps side by side, as on the drum</source>
        <translation>Nebeneinander geklopft, wie am Fell</translation>
    </message>
    <message>
        <source>The slower it beats, the nearer</source>
        <translation>Je langsamer, desto näher</translation>
    </message>
    <message>
        <source>Where a stroke landed</source>
        <translation>Wo ein Schlag traf</translation>
    </message>
    <message>
        <source>Choked, right or loose</source>
        <translation>Erstickt, richtig oder locker</translation>
    </message>
    <message>
        <source>%1 turns</source>
        <translation>%1 Umdrehungen</translation>
    </message>
    <message>
        <source>Turn until the beat slows down by that much: then you are sure of the way.</source>
        <translation>Drehen Sie, bis die Schwebung um so viel langsamer wird: Dann ist die Richtung sicher.</translation>
    </message>
    <message>
        <source>Of the head&apos;s radius: a stroke that strays by less sounds the same to you.</source>
        <translation>Des Fellradius: Ein Schlag, der um weniger abweicht, klingt für Sie gleich.</translation>
    </message>
    <message>
        <source>Turn the knob by that much before you listen again.</source>
        <translation>Drehen Sie den Knopf um so viel, bevor Sie wieder hinhören.</translation>
    </message>
    <message>
        <source>Rod %1</source>
        <translation>Schraube %1</translation>
    </message>
    <message>
        <source>The first</source>
        <translation>Das erste</translation>
    </message>
    <message>
        <source>The second</source>
        <translation>Das zweite</translation>
    </message>
    <message>
        <source>How far apart are the heads?</source>
        <translation>Wie weit liegen die Felle auseinander?</translation>
    </message>
    <message>
        <source>You name three of four right that lie %1 apart; it may be %2 to %3.</source>
        <translation>Von vieren, die %1 auseinander liegen, nennst du drei richtig; es können %2 bis %3 sein.</translation>
    </message>
    <message>
        <source>You hear which interval a drum is tuned to.</source>
        <translation>Du hörst, auf welches Intervall eine Trommel gestimmt ist.</translation>
    </message>
    <message>
        <source>Sing both pitches, one after the other: the voice knows more than the ear.</source>
        <translation>Sing beide Tonhöhen nacheinander: Die Stimme weiß mehr als das Ohr.</translation>
    </message>
    <message>
        <source>Right: %1.</source>
        <translation>Richtig: %1.</translation>
    </message>
    <message>
        <source>No: it was %1.</source>
        <translation>Nein: Es war %1.</translation>
    </message>
    <message>
        <source>Name the interval between them</source>
        <translation>Das Intervall zwischen ihnen nennen</translation>
    </message>
</context>
<context>
    <name>EarsPicture</name>
    <message>
        <source>this round: full dot right, ring wrong</source>
        <translation>diese Runde: voller Punkt richtig, Ring falsch</translation>
    </message>
    <message>
        <source>days before</source>
        <translation>Tage zuvor</translation>
    </message>
    <message>
        <source>What the ear tells apart</source>
        <translation>Was das Ohr unterscheidet</translation>
    </message>
    <message>
        <source>here stands what you tell apart, day by day</source>
        <translation>hier steht Tag für Tag, was Sie unterscheiden</translation>
    </message>
</context>
<context>
    <name>Exchange</name>
    <message numerus="yes">
        <source>; and %n more</source>
        <translation>
            <numerusform>; und %n weiterer</numerusform>
            <numerusform>; und %n weitere</numerusform>
        </translation>
    </message>
    <message>
        <source>Export the logbook</source>
        <translation>Logbuch ausgeben</translation>
    </message>
    <message>
        <source>Everything, for another workbook (*.json);;Entries, for a spreadsheet (*.csv)</source>
        <translation>Alles, für ein anderes Arbeitsbuch (*.json);;Einträge, für eine Tabelle (*.csv)</translation>
    </message>
    <message>
        <source>Logbooks and tables (*.json *.csv);;All files (*)</source>
        <translation>Logbücher und Tabellen (*.json *.csv);;Alle Dateien (*)</translation>
    </message>
    <message numerus="yes">
        <source>%n drums</source>
        <translation>
            <numerusform>%n Trommel</numerusform>
            <numerusform>%n Trommeln</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n tones</source>
        <translation>
            <numerusform>%n Klang</numerusform>
            <numerusform>%n Klänge</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n entries</source>
        <translation>
            <numerusform>%n Eintrag</numerusform>
            <numerusform>%n Einträge</numerusform>
        </translation>
    </message>
    <message>
        <source>It adds: %1.</source>
        <translation>Es bringt: %1.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Readings of every rod, for a spreadsheet (*.csv)</source>
        <translation>Messungen jeder Schraube, für eine Tabelle (*.csv)</translation>
    </message>
    <message>
        <source>Logbook exported to %1. It holds your notes and the names of players and places.</source>
        <translation>Logbuch nach %1 exportiert. Es enthält Ihre Notizen und die Namen von Spielern und Orten.</translation>
    </message>
    <message>
        <source>Logbook exported to %1. Some of it is damaged: %2.</source>
        <translation>Logbuch nach %1 exportiert. Einiges davon ist beschädigt: %2.</translation>
    </message>
    <message>
        <source>Import a logbook</source>
        <translation>Logbuch importieren</translation>
    </message>
    <message>
        <source>Nothing new to import.</source>
        <translation>Nichts Neues zu importieren.</translation>
    </message>
    <message>
        <source>Already here: %1.</source>
        <translation>Schon vorhanden: %1.</translation>
    </message>
    <message>
        <source>Already here with different details (yours are kept): %1.</source>
        <translation>Schon vorhanden, aber mit anderen Angaben (Ihre bleiben): %1.</translation>
    </message>
    <message>
        <source>Left out: %1.</source>
        <translation>Weggelassen: %1.</translation>
    </message>
    <message>
        <source>Reading %1</source>
        <translation>%1 wird gelesen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Import</source>
        <translation>Importieren</translation>
    </message>
    <message>
        <source>Importing %1</source>
        <translation>%1 wird importiert</translation>
    </message>
</context>
<context>
    <name>FaultDrawing</name>
    <message>
        <source>strainer</source>
        <translation>Abhebung</translation>
    </message>
    <message>
        <source>What to do, drawn</source>
        <translation>Was zu tun ist, gezeichnet</translation>
    </message>
</context>
<context>
    <name>FaultFigures</name>
    <message>
        <source>batter</source>
        <translation>Schlagfell</translation>
    </message>
    <message>
        <source>snare side</source>
        <translation>Resonanzfell</translation>
    </message>
    <message>
        <source>%1 %2 cents under its target</source>
        <translation>%1 %2 Cent unter dem Ziel</translation>
    </message>
    <message>
        <source>%1 %2 cents over its target</source>
        <translation>%1 %2 Cent über dem Ziel</translation>
    </message>
    <message>
        <source>rods apart by %1 times the tolerance</source>
        <translation>Schrauben um das %1-Fache der Toleranz auseinander</translation>
    </message>
    <message>
        <source>rings %1 % longer than its kind</source>
        <translation>klingt %1 % länger aus als seine Art</translation>
    </message>
    <message>
        <source>rings %1 % shorter than its kind</source>
        <translation>klingt %1 % kürzer aus als seine Art</translation>
    </message>
    <message>
        <source>about %1 hours played on it</source>
        <translation>etwa %1 Stunden darauf gespielt</translation>
    </message>
    <message>
        <source>knob %1 turns above choke</source>
        <translation>Knopf %1 Umdrehungen über dem Ersticken</translation>
    </message>
    <message>
        <source>knob %1 turns below choke</source>
        <translation>Knopf %1 Umdrehungen unter dem Ersticken</translation>
    </message>
    <message>
        <source>knob %1 turns below clean</source>
        <translation>Knopf %1 Umdrehungen unter sauber</translation>
    </message>
    <message>
        <source>knob %1 turns above rattle</source>
        <translation>Knopf %1 Umdrehungen über dem Rasseln</translation>
    </message>
    <message>
        <source>strands ate up %1 turns of the knob</source>
        <translation>Spiralen fraßen %1 Umdrehungen des Knopfes</translation>
    </message>
    <message>
        <source>%1 turns left to tighten</source>
        <translation>noch %1 Umdrehungen zum Spannen</translation>
    </message>
    <message>
        <source>a rod lost turns since the last entry</source>
        <translation>eine Schraube gab seit dem letzten Eintrag nach</translation>
    </message>
    <message>
        <source>no rod lost turns since the last entry</source>
        <translation>keine Schraube gab seit dem letzten Eintrag nach</translation>
    </message>
    <message>
        <source>weather moved it %1 cents</source>
        <translation>das Wetter verschob es um %1 Cent</translation>
    </message>
    <message>
        <source>strokes differ by %1 dB</source>
        <translation>Schläge um %1 dB verschieden</translation>
    </message>
    <message>
        <source>strokes land %1 % of the radius out</source>
        <translation>Schläge landen %1 % des Radius außen</translation>
    </message>
    <message>
        <source>rings %1 % shorter than wanted</source>
        <translation>klingt %1 % kürzer aus als gewünscht</translation>
    </message>
    <message>
        <source>rings %1 % longer than wanted</source>
        <translation>klingt %1 % länger aus als gewünscht</translation>
    </message>
    <message>
        <source>rings %1 % longer at the microphone</source>
        <translation>klingt am Mikrofon %1 % länger aus</translation>
    </message>
    <message>
        <source>rings %1 % shorter at the microphone</source>
        <translation>klingt am Mikrofon %1 % kürzer aus</translation>
    </message>
    <message>
        <source>%1 cents from another instrument</source>
        <translation>%1 Cent neben einem anderen Instrument</translation>
    </message>
    <message>
        <source>Not sure</source>
        <translation>Nicht sicher</translation>
    </message>
    <message>
        <source>you found: %1</source>
        <translation>gefunden: %1</translation>
    </message>
    <message>
        <source>nothing known of it yet</source>
        <translation>noch nichts darüber bekannt</translation>
    </message>
    <message>
        <source>end gaps differ by %1 mm</source>
        <translation>Abstände am Ende um %1 mm verschieden</translation>
    </message>
    <message>
        <source>put on today</source>
        <translation>heute aufgezogen</translation>
    </message>
    <message numerus="yes">
        <source>on for %n day(s)</source>
        <translation>
            <numerusform>seit %n Tag aufgezogen</numerusform>
            <numerusform>seit %n Tagen aufgezogen</numerusform>
        </translation>
    </message>
    <message>
        <source>fell %1 cents with no rod turned</source>
        <translation>fiel %1 Cent, ohne dass gedreht wurde</translation>
    </message>
    <message>
        <source>rose %1 cents with no rod turned</source>
        <translation>stieg %1 Cent, ohne dass gedreht wurde</translation>
    </message>
    <message>
        <source>pitch followed the turns by %1 %</source>
        <translation>Tonhöhe folgte den Umdrehungen zu %1 %</translation>
    </message>
    <message>
        <source>rods %1 cents apart after equal turns</source>
        <translation>Schrauben %1 Cent auseinander nach gleichen Umdrehungen</translation>
    </message>
    <message>
        <source>a rod lost %1 % of its turn</source>
        <translation>eine Schraube verlor %1 % ihrer Umdrehung</translation>
    </message>
</context>
<context>
    <name>Faults</name>
    <message>
        <source>How it sounds</source>
        <translation>Wie sie klingt</translation>
    </message>
    <message>
        <source>What the wires do</source>
        <translation>Was der Teppich tut</translation>
    </message>
    <message>
        <source>Heads and rods</source>
        <translation>Felle und Schrauben</translation>
    </message>
    <message>
        <source>Now and then</source>
        <translation>Mal so, mal so</translation>
    </message>
    <message>
        <source>Dull</source>
        <translation>Dumpf</translation>
    </message>
    <message>
        <source>Papery, cheap</source>
        <translation>Papieren, billig</translation>
    </message>
    <message>
        <source>Rings</source>
        <translation>Klingt nach</translation>
    </message>
    <message>
        <source>Wavers</source>
        <translation>Schwebt</translation>
    </message>
    <message>
        <source>Like a tom</source>
        <translation>Wie ein Tom</translation>
    </message>
    <message>
        <source>Wires come late</source>
        <translation>Teppich kommt spät</translation>
    </message>
    <message>
        <source>No answer when soft</source>
        <translation>Leise keine Antwort</translation>
    </message>
    <message>
        <source>Buzzes with others</source>
        <translation>Rasselt bei anderen mit</translation>
    </message>
    <message>
        <source>Buzzes all the time</source>
        <translation>Rasselt immerzu</translation>
    </message>
    <message>
        <source>Loose at full travel</source>
        <translation>Lose am Anschlag</translation>
    </message>
    <message>
        <source>Lever will not close</source>
        <translation>Hebel schließt nicht</translation>
    </message>
    <message>
        <source>A wrinkle</source>
        <translation>Eine Falte</translation>
    </message>
    <message>
        <source>One rod tight and low</source>
        <translation>Eine Schraube fest, aber tief</translation>
    </message>
    <message>
        <source>Goes out of tune</source>
        <translation>Verstimmt sich</translation>
    </message>
    <message>
        <source>Bad in the microphone</source>
        <translation>Schlecht im Mikrofon</translation>
    </message>
    <message>
        <source>Never the same twice</source>
        <translation>Nie zweimal gleich</translation>
    </message>
    <message>
        <source>no life, no snap</source>
        <translation>kein Leben, kein Biss</translation>
    </message>
    <message>
        <source>thin, like a box</source>
        <translation>dünn, wie eine Schachtel</translation>
    </message>
    <message>
        <source>a metallic tone stays</source>
        <translation>ein metallischer Ton bleibt</translation>
    </message>
    <message>
        <source>the tone beats, wah-wah</source>
        <translation>der Ton schwankt, wah-wah</translation>
    </message>
    <message>
        <source>near the edge, wires silent</source>
        <translation>am Rand, Teppich stumm</translation>
    </message>
    <message>
        <source>or now and then</source>
        <translation>oder nur manchmal</translation>
    </message>
    <message>
        <source>silent under a whisper</source>
        <translation>stumm unter einem Flüstern</translation>
    </message>
    <message>
        <source>when another drum sounds</source>
        <translation>wenn eine andere Trommel klingt</translation>
    </message>
    <message>
        <source>on and on after a stroke</source>
        <translation>immer weiter nach einem Schlag</translation>
    </message>
    <message>
        <source>the knob is at its end</source>
        <translation>der Knopf ist am Ende</translation>
    </message>
    <message>
        <source>or only with force</source>
        <translation>oder nur mit Gewalt</translation>
    </message>
    <message>
        <source>on one side of the film</source>
        <translation>auf einer Seite der Folie</translation>
    </message>
    <message>
        <source>hard to turn, pitch stays down</source>
        <translation>schwer zu drehen, Ton bleibt unten</translation>
    </message>
    <message>
        <source>good yesterday, not today</source>
        <translation>gestern gut, heute nicht</translation>
    </message>
    <message>
        <source>fine here in the room</source>
        <translation>hier im Raum gut</translation>
    </message>
    <message>
        <source>every stroke another one</source>
        <translation>jeder Schlag ein anderer</translation>
    </message>
    <message>
        <source>Snare side too slack</source>
        <translation>Resonanzfell zu schlaff</translation>
    </message>
    <message>
        <source>Batter head worn</source>
        <translation>Schlagfell verbraucht</translation>
    </message>
    <message>
        <source>Batter uneven</source>
        <translation>Schlagfell ungleich</translation>
    </message>
    <message>
        <source>Tuned low</source>
        <translation>Tief gestimmt</translation>
    </message>
    <message>
        <source>Wires too tight</source>
        <translation>Teppich zu fest</translation>
    </message>
    <message>
        <source>Wires too loose</source>
        <translation>Teppich zu lose</translation>
    </message>
    <message>
        <source>Wires off centre</source>
        <translation>Teppich nicht mittig</translation>
    </message>
    <message>
        <source>An end plate stands up</source>
        <translation>Eine Endplatte steht ab</translation>
    </message>
    <message>
        <source>A strand bent</source>
        <translation>Eine Spirale verbogen</translation>
    </message>
    <message>
        <source>Wires stretched</source>
        <translation>Teppich ausgeleiert</translation>
    </message>
    <message>
        <source>Clamped too short</source>
        <translation>Zu kurz geklemmt</translation>
    </message>
    <message>
        <source>Clamped too long</source>
        <translation>Zu lang geklemmt</translation>
    </message>
    <message>
        <source>A rod dry or burred</source>
        <translation>Eine Schraube trocken oder rau</translation>
    </message>
    <message>
        <source>A rod bent</source>
        <translation>Eine Schraube verbogen</translation>
    </message>
    <message>
        <source>Hoop not round or flat</source>
        <translation>Reifen nicht rund oder eben</translation>
    </message>
    <message>
        <source>Head off centre</source>
        <translation>Fell nicht mittig</translation>
    </message>
    <message>
        <source>Dirt under the head</source>
        <translation>Schmutz unter dem Fell</translation>
    </message>
    <message>
        <source>A new head settling</source>
        <translation>Ein neues Fell setzt sich</translation>
    </message>
    <message>
        <source>Rods backing off</source>
        <translation>Schrauben drehen sich los</translation>
    </message>
    <message>
        <source>The weather</source>
        <translation>Das Wetter</translation>
    </message>
    <message>
        <source>A shared pitch</source>
        <translation>Ein gemeinsamer Ton</translation>
    </message>
    <message>
        <source>The other drum rings long</source>
        <translation>Die andere Trommel klingt lang</translation>
    </message>
    <message>
        <source>Something loose</source>
        <translation>Etwas ist lose</translation>
    </message>
    <message>
        <source>The strokes differ</source>
        <translation>Die Schläge sind verschieden</translation>
    </message>
    <message>
        <source>Struck off the middle</source>
        <translation>Neben der Mitte geschlagen</translation>
    </message>
    <message>
        <source>Pad and microphone</source>
        <translation>Pad und Mikrofon</translation>
    </message>
    <message>
        <source>The microphone close by</source>
        <translation>Das Mikrofon ganz nah</translation>
    </message>
    <message>
        <source>The room</source>
        <translation>Der Raum</translation>
    </message>
    <message>
        <source>The drum&apos;s own limits</source>
        <translation>Die Grenzen der Trommel</translation>
    </message>
    <message>
        <source>Muffled too much</source>
        <translation>Zu stark gedämpft</translation>
    </message>
    <message>
        <source>The wires lie on a film that gives way instead of throwing them.</source>
        <translation>Der Teppich liegt auf einer Folie, die nachgibt, statt ihn abzuwerfen.</translation>
    </message>
    <message>
        <source>Film that was stretched and beaten too long has no tone left. A fresh head is the whole answer.</source>
        <translation>Eine Folie, die zu lange gespannt und geschlagen wurde, hat keinen Ton mehr. Ein neues Fell ist die ganze Antwort.</translation>
    </message>
    <message>
        <source>Rods that pull unequally split the tone in two that beat.</source>
        <translation>Schrauben, die ungleich ziehen, spalten den Ton in zwei, die schweben.</translation>
    </message>
    <message>
        <source>A low head leaves one long boom bare. That is its nature, not a fault.</source>
        <translation>Ein tiefes Fell legt ein langes Dröhnen frei. Das ist seine Natur, kein Fehler.</translation>
    </message>
    <message>
        <source>They are held so fast that soft strokes cannot lift them.</source>
        <translation>Er wird so fest gehalten, dass leise Schläge ihn nicht heben.</translation>
    </message>
    <message>
        <source>They hang, come late and rattle on.</source>
        <translation>Er hängt, kommt spät und rasselt weiter.</translation>
    </message>
    <message>
        <source>One end plate lies too near the hoop: half the strands do not touch.</source>
        <translation>Eine Endplatte liegt zu nah am Reifen: die Hälfte der Spiralen berührt nicht.</translation>
    </message>
    <message>
        <source>It holds the strands off the film at that end.</source>
        <translation>Sie hält die Spiralen dort von der Folie weg.</translation>
    </message>
    <message>
        <source>It stands off the film and rattles for itself.</source>
        <translation>Sie steht von der Folie ab und rasselt für sich.</translation>
    </message>
    <message>
        <source>Strands that have grown long eat up the way of the knob.</source>
        <translation>Lang gewordene Spiralen fressen den Weg des Knopfes auf.</translation>
    </message>
    <message>
        <source>Strap or cord is held too far in: the lever has no way left.</source>
        <translation>Band oder Schnur ist zu weit eingezogen: dem Hebel bleibt kein Weg.</translation>
    </message>
    <message>
        <source>Strap or cord is given out too far: the knob cannot reach.</source>
        <translation>Band oder Schnur ist zu weit ausgelassen: der Knopf reicht nicht.</translation>
    </message>
    <message>
        <source>The key works against friction, and the hoop stays where it is.</source>
        <translation>Der Schlüssel arbeitet gegen Reibung, und der Reifen bleibt, wo er ist.</translation>
    </message>
    <message>
        <source>It binds in its lug: the turns do not reach the hoop.</source>
        <translation>Sie klemmt im Böckchen: die Umdrehungen erreichen den Reifen nicht.</translation>
    </message>
    <message>
        <source>It pulls the film unequally, however the rods stand.</source>
        <translation>Er zieht die Folie ungleich, wie auch immer die Schrauben stehen.</translation>
    </message>
    <message>
        <source>Its collar lies over the edge on one side only.</source>
        <translation>Sein Kragen liegt nur auf einer Seite über der Kante.</translation>
    </message>
    <message>
        <source>Something lies on the edge and lifts the film there.</source>
        <translation>Etwas liegt auf der Kante und hebt die Folie dort.</translation>
    </message>
    <message>
        <source>New film gives for days. That is normal: tune it again.</source>
        <translation>Neue Folie gibt tagelang nach. Das ist normal: stimmen Sie nach.</translation>
    </message>
    <message>
        <source>Played hard, some rods turn themselves loose.</source>
        <translation>Hart gespielt, drehen sich manche Schrauben von selbst los.</translation>
    </message>
    <message>
        <source>Cold, warmth and damp move every drum. Nothing is broken.</source>
        <translation>Kälte, Wärme und Feuchte verschieben jede Trommel. Nichts ist kaputt.</translation>
    </message>
    <message>
        <source>Another drum sounds just where this one does, and shakes the wires.</source>
        <translation>Eine andere Trommel klingt genau da, wo diese klingt, und rüttelt am Teppich.</translation>
    </message>
    <message>
        <source>Its tone outlasts the stroke and keeps the wires going.</source>
        <translation>Ihr Ton überdauert den Schlag und hält den Teppich in Gang.</translation>
    </message>
    <message>
        <source>A lug, the strainer or a screw rattles along.</source>
        <translation>Ein Böckchen, die Abhebung oder eine Schraube rasselt mit.</translation>
    </message>
    <message>
        <source>The drum is steady; the hands are not yet. That can be practised.</source>
        <translation>Die Trommel ist stetig, die Hände noch nicht. Das lässt sich üben.</translation>
    </message>
    <message>
        <source>There the edge sounds with every stroke. It is the place, not the drum.</source>
        <translation>Dort klingt der Rand bei jedem Schlag mit. Es ist die Stelle, nicht die Trommel.</translation>
    </message>
    <message>
        <source>What lies on the head calms what you hear, not what the microphone hears.</source>
        <translation>Was auf dem Fell liegt, beruhigt, was Sie hören, nicht, was das Mikrofon hört.</translation>
    </message>
    <message>
        <source>Near the head every drum rings. In the room it does not.</source>
        <translation>Nah am Fell klingt jede Trommel nach. Im Raum nicht.</translation>
    </message>
    <message>
        <source>Walls and floor colour it. The drum is all right.</source>
        <translation>Wände und Boden färben den Klang. Die Trommel ist in Ordnung.</translation>
    </message>
    <message>
        <source>Edges and fittings are no better. A fresh head helps it more than anything.</source>
        <translation>Kanten und Beschläge geben nicht mehr her. Ein neues Fell hilft mehr als alles andere.</translation>
    </message>
    <message>
        <source>There is more on the head than it needs.</source>
        <translation>Es liegt mehr auf dem Fell, als es braucht.</translation>
    </message>
    <message>
        <source>Press the snare side with your thumb.</source>
        <translation>Drücken Sie mit dem Daumen auf das Resonanzfell.</translation>
    </message>
    <message>
        <source>Press the batter with your thumb.</source>
        <translation>Drücken Sie mit dem Daumen auf das Schlagfell.</translation>
    </message>
    <message>
        <source>Tap once round the batter.</source>
        <translation>Klopfen Sie einmal rund um das Schlagfell.</translation>
    </message>
    <message>
        <source>Lever off. One stroke, and listen to the end.</source>
        <translation>Hebel auf. Ein Schlag, und bis zum Ende hören.</translation>
    </message>
    <message>
        <source>Look at the batter against the light.</source>
        <translation>Sehen Sie das Schlagfell gegen das Licht an.</translation>
    </message>
    <message>
        <source>How long has the batter been on?</source>
        <translation>Wie lange ist das Schlagfell schon auf?</translation>
    </message>
    <message>
        <source>Was the batter put on in the last two days?</source>
        <translation>Kam das Schlagfell in den letzten zwei Tagen auf?</translation>
    </message>
    <message>
        <source>Slacken the batter and look along it.</source>
        <translation>Entspannen Sie das Schlagfell und sehen Sie daran entlang.</translation>
    </message>
    <message>
        <source>Throw the lever off and strike.</source>
        <translation>Hebel auf, dann schlagen.</translation>
    </message>
    <message>
        <source>Turn the strainer three quarters looser.</source>
        <translation>Drehen Sie die Abhebung drei Viertel loser.</translation>
    </message>
    <message>
        <source>Turn the strainer three quarters tighter.</source>
        <translation>Drehen Sie die Abhebung drei Viertel fester.</translation>
    </message>
    <message>
        <source>Strike the middle as softly as you can.</source>
        <translation>Schlagen Sie so leise Sie können in die Mitte.</translation>
    </message>
    <message>
        <source>The softest stroke near the edge.</source>
        <translation>Der leiseste Schlag nahe am Rand.</translation>
    </message>
    <message>
        <source>One loud stroke in the middle.</source>
        <translation>Ein lauter Schlag in die Mitte.</translation>
    </message>
    <message>
        <source>Look along the wires from the side.</source>
        <translation>Sehen Sie von der Seite am Teppich entlang.</translation>
    </message>
    <message>
        <source>Look at both end plates.</source>
        <translation>Sehen Sie beide Endplatten an.</translation>
    </message>
    <message>
        <source>Look at the end plates from the side.</source>
        <translation>Sehen Sie die Endplatten von der Seite an.</translation>
    </message>
    <message>
        <source>Turn the knob towards tight and count.</source>
        <translation>Drehen Sie den Knopf fester und zählen Sie.</translation>
    </message>
    <message>
        <source>Clamp the wires anew.</source>
        <translation>Klemmen Sie den Teppich neu.</translation>
    </message>
    <message>
        <source>Close the lever slowly.</source>
        <translation>Schließen Sie den Hebel langsam.</translation>
    </message>
    <message>
        <source>Knob to its loose end, then close the lever.</source>
        <translation>Knopf ans lose Ende, dann den Hebel schließen.</translation>
    </message>
    <message>
        <source>Feel every screw of lugs and strainer.</source>
        <translation>Fühlen Sie jede Schraube von Böckchen und Abhebung.</translation>
    </message>
    <message>
        <source>Lay a flat hand on the wires and strike.</source>
        <translation>Legen Sie eine flache Hand an den Teppich und schlagen Sie.</translation>
    </message>
    <message>
        <source>Play the other drums one by one.</source>
        <translation>Spielen Sie die anderen Trommeln eine nach der anderen.</translation>
    </message>
    <message>
        <source>Lay a hand on the drum that sets it off.</source>
        <translation>Legen Sie eine Hand auf die Trommel, die sie anregt.</translation>
    </message>
    <message>
        <source>Press the other drum&apos;s head near its hoop while it is struck.</source>
        <translation>Drücken Sie das Fell der anderen Trommel nahe am Reifen, während sie geschlagen wird.</translation>
    </message>
    <message>
        <source>Look along the hoop all round.</source>
        <translation>Sehen Sie rundum am Reifen entlang.</translation>
    </message>
    <message>
        <source>Look at the film just inside the hoop.</source>
        <translation>Sehen Sie die Folie gleich innerhalb des Reifens an.</translation>
    </message>
    <message>
        <source>Take the head off and feel the edge.</source>
        <translation>Nehmen Sie das Fell ab und fühlen Sie die Kante.</translation>
    </message>
    <message>
        <source>Lay the bare hoop on a flat table.</source>
        <translation>Legen Sie den bloßen Reifen auf einen ebenen Tisch.</translation>
    </message>
    <message>
        <source>Loosen that rod by a turn, then turn it by finger.</source>
        <translation>Lösen Sie diese Schraube um eine Umdrehung und drehen Sie mit den Fingern.</translation>
    </message>
    <message>
        <source>Take that rod out and roll it on a table.</source>
        <translation>Nehmen Sie diese Schraube heraus und rollen Sie sie auf einem Tisch.</translation>
    </message>
    <message>
        <source>Change that rod for another one.</source>
        <translation>Tauschen Sie diese Schraube gegen eine andere.</translation>
    </message>
    <message>
        <source>Feel every rod with your fingers.</source>
        <translation>Fühlen Sie jede Schraube mit den Fingern.</translation>
    </message>
    <message>
        <source>Tap once round: did all of it move the same way?</source>
        <translation>Einmal rundum klopfen: ging alles in dieselbe Richtung?</translation>
    </message>
    <message>
        <source>Is it much warmer, colder or damper than when it was good?</source>
        <translation>Ist es viel wärmer, kälter oder feuchter als damals, als es gut war?</translation>
    </message>
    <message>
        <source>Strike ten times as alike as you can.</source>
        <translation>Schlagen Sie zehnmal so gleich wie möglich.</translation>
    </message>
    <message>
        <source>Look where the stick marks are.</source>
        <translation>Sehen Sie nach, wo die Stockspuren sind.</translation>
    </message>
    <message>
        <source>Strike exactly in the middle, five times.</source>
        <translation>Schlagen Sie fünfmal genau in die Mitte.</translation>
    </message>
    <message>
        <source>Let somebody strike and listen four steps away.</source>
        <translation>Lassen Sie jemanden schlagen und hören Sie vier Schritte entfernt.</translation>
    </message>
    <message>
        <source>Move the microphone up by two hands.</source>
        <translation>Rücken Sie das Mikrofon zwei Handbreit höher.</translation>
    </message>
    <message>
        <source>Move the microphone a quarter round the drum.</source>
        <translation>Rücken Sie das Mikrofon ein Viertel um die Trommel.</translation>
    </message>
    <message>
        <source>Play it in another room, or hang a thick blanket behind it.</source>
        <translation>Spielen Sie sie in einem anderen Raum, oder hängen Sie eine dicke Decke dahinter.</translation>
    </message>
    <message>
        <source>Take everything off the batter.</source>
        <translation>Nehmen Sie alles vom Schlagfell.</translation>
    </message>
    <message>
        <source>Every batter rod up by a quarter.</source>
        <translation>Jede Schraube des Schlagfells ein Viertel fester.</translation>
    </message>
    <message>
        <source>Every snare-side rod up by a quarter.</source>
        <translation>Jede Schraube des Resonanzfells ein Viertel fester.</translation>
    </message>
    <message>
        <source>Put another snare drum in its place.</source>
        <translation>Stellen Sie eine andere kleine Trommel an ihren Platz.</translation>
    </message>
    <message>
        <source>Look at edges, lugs and strainer.</source>
        <translation>Sehen Sie Kanten, Böckchen und Abhebung an.</translation>
    </message>
    <message>
        <source>Lever off. Between the wires and the hoop, as hard as on a ripe plum.</source>
        <translation>Hebel auf. Zwischen Teppich und Reifen, so fest wie auf eine reife Pflaume.</translation>
    </message>
    <message>
        <source>A hand&apos;s breadth in from the hoop, as hard as on a ripe plum.</source>
        <translation>Eine Handbreit vom Reifen, so fest wie auf eine reife Pflaume.</translation>
    </message>
    <message>
        <source>Lever off, a finger&apos;s length in from the hoop, in front of every rod. Listen for the odd one.</source>
        <translation>Hebel auf, eine Fingerlänge vom Reifen, vor jeder Schraube. Welche fällt heraus?</translation>
    </message>
    <message>
        <source>Does the tone stand still, or does it come and go?</source>
        <translation>Steht der Ton still, oder kommt und geht er?</translation>
    </message>
    <message>
        <source>Where the sticks land: is the coating there, is it dented?</source>
        <translation>Wo die Stöcke landen: ist die Beschichtung noch da, hat es Dellen?</translation>
    </message>
    <message>
        <source>In shows or long evenings; a guess will do.</source>
        <translation>In Auftritten oder langen Abenden; geschätzt genügt.</translation>
    </message>
    <message>
        <source>New film gives for days.</source>
        <translation>Neue Folie gibt tagelang nach.</translation>
    </message>
    <message>
        <source>Only with a spare at hand: an old head may not come back. Every rod down evenly until the film is loose. Does it lie flat?</source>
        <translation>Nur mit einem Ersatzfell zur Hand: ein altes Fell kommt vielleicht nicht zurück. Alle Schrauben gleichmäßig herunter, bis die Folie lose ist. Liegt sie flach?</translation>
    </message>
    <message>
        <source>What you complain of: is it still there without the wires?</source>
        <translation>Was Sie stört: ist es ohne Teppich noch da?</translation>
    </message>
    <message>
        <source>Then the same strokes again. It is turned back afterwards.</source>
        <translation>Dann dieselben Schläge noch einmal. Danach wird zurückgedreht.</translation>
    </message>
    <message>
        <source>Lever on. Do the wires answer?</source>
        <translation>Hebel zu. Antwortet der Teppich?</translation>
    </message>
    <message>
        <source>Lever on, a hand&apos;s breadth in from the hoop. Do the wires answer?</source>
        <translation>Hebel zu, eine Handbreit vom Reifen. Antwortet der Teppich?</translation>
    </message>
    <message>
        <source>Lever on, ears protected. Do the wires stop with the drum?</source>
        <translation>Hebel zu, Gehör geschützt. Hört der Teppich mit der Trommel auf?</translation>
    </message>
    <message>
        <source>At eye level, lever on: does every strand lie on the film? Wire ends are sharp.</source>
        <translation>Auf Augenhöhe, Hebel zu: liegt jede Spirale auf der Folie? Drahtenden sind scharf.</translation>
    </message>
    <message>
        <source>From below: is each as far from the hoop as the other?</source>
        <translation>Von unten: ist jede gleich weit vom Reifen?</translation>
    </message>
    <message>
        <source>Lever on: does each lie down over the edge, or does one stand up?</source>
        <translation>Hebel zu: liegt jede über der Kante an, oder steht eine ab?</translation>
    </message>
    <message>
        <source>How far does it go from where it stands? Turn it back afterwards.</source>
        <translation>Wie weit geht er von da, wo er steht? Danach zurückdrehen.</translation>
    </message>
    <message>
        <source>Lever off, knob halfway, open the clamp at the strainer, draw the strap in by hand and clamp it. Then lever on. Snug, not stripped.</source>
        <translation>Hebel auf, Knopf mittig, Klemme an der Abhebung öffnen, Band von Hand einziehen und klemmen. Dann Hebel zu. Fest, nicht überdreht.</translation>
    </message>
    <message>
        <source>Never force it. Does it go by itself?</source>
        <translation>Nie mit Gewalt. Geht er von selbst?</translation>
    </message>
    <message>
        <source>Does it close now?</source>
        <translation>Schließt er jetzt?</translation>
    </message>
    <message>
        <source>By finger and screwdriver, snug and no more. Is one loose?</source>
        <translation>Mit Finger und Schraubendreher, fest und nicht mehr. Ist eine lose?</translation>
    </message>
    <message>
        <source>From below, gently. Does the buzz stop?</source>
        <translation>Von unten, sanft. Hört das Rasseln auf?</translation>
    </message>
    <message>
        <source>Leave this one alone, lever on. Which sets it off?</source>
        <translation>Diese in Ruhe lassen, Hebel zu. Welche regt sie an?</translation>
    </message>
    <message>
        <source>Let somebody strike it so. Does this one still buzz?</source>
        <translation>Lassen Sie sie so schlagen. Rasselt diese noch?</translation>
    </message>
    <message>
        <source>That raises its pitch. Does this one still buzz?</source>
        <translation>Das hebt ihren Ton. Rasselt diese noch?</translation>
    </message>
    <message>
        <source>From the side: is it as far above the shell everywhere?</source>
        <translation>Von der Seite: steht er überall gleich weit über dem Kessel?</translation>
    </message>
    <message>
        <source>Is its collar as wide all round?</source>
        <translation>Ist ihr Kragen rundum gleich breit?</translation>
    </message>
    <message>
        <source>Only with a spare at hand. Every rod down evenly, a half turn at a time; run a finger round the edge and under the film.</source>
        <translation>Nur mit einem Ersatzfell zur Hand. Alle Schrauben gleichmäßig herunter, je eine halbe Umdrehung; mit dem Finger rund um die Kante und unter die Folie.</translation>
    </message>
    <message>
        <source>Only with a spare head at hand, for the head comes off. Press the hoop down here and there: does it rock?</source>
        <translation>Nur mit einem Ersatzfell zur Hand, denn das Fell kommt ab. Drücken Sie den Reifen hier und da: kippelt er?</translation>
    </message>
    <message>
        <source>Does it run freely?</source>
        <translation>Läuft sie frei?</translation>
    </message>
    <message>
        <source>Loosen its opposite as far first. Does it wobble?</source>
        <translation>Erst die Schraube gegenüber ebenso weit lösen. Eiert sie?</translation>
    </message>
    <message>
        <source>Put both at their turns again. Where is the trouble now?</source>
        <translation>Beide wieder auf ihre Umdrehungen. Wo ist das Problem jetzt?</translation>
    </message>
    <message>
        <source>Try to turn each on. Is one looser than its neighbours?</source>
        <translation>Versuchen Sie, jede weiterzudrehen. Ist eine loser als ihre Nachbarn?</translation>
    </message>
    <message>
        <source>All rods down alike is another thing than one rod gone.</source>
        <translation>Alle Schrauben gleich tiefer ist etwas anderes als eine einzelne.</translation>
    </message>
    <message>
        <source>Heaters, a van in winter and the open air count.</source>
        <translation>Heizung, Lieferwagen im Winter und Freiluft zählen.</translation>
    </message>
    <message>
        <source>Eyes shut, same height, same place. Listen to each.</source>
        <translation>Augen zu, gleiche Höhe, gleiche Stelle. Hören Sie jedem zu.</translation>
    </message>
    <message>
        <source>The middle, or beside it?</source>
        <translation>Die Mitte, oder daneben?</translation>
    </message>
    <message>
        <source>What you complain of: is it still there?</source>
        <translation>Was Sie stört: ist es noch da?</translation>
    </message>
    <message>
        <source>With your own ears, not through the microphone.</source>
        <translation>Mit eigenen Ohren, nicht durch das Mikrofon.</translation>
    </message>
    <message>
        <source>Then the same strokes. Is it still there?</source>
        <translation>Dann dieselben Schläge. Ist es noch da?</translation>
    </message>
    <message>
        <source>Same height, same strokes. Is it still there?</source>
        <translation>Gleiche Höhe, gleiche Schläge. Ist es noch da?</translation>
    </message>
    <message>
        <source>Is it still there?</source>
        <translation>Ist es noch da?</translation>
    </message>
    <message>
        <source>Then strike. It is laid back afterwards.</source>
        <translation>Dann schlagen. Danach wird alles zurückgelegt.</translation>
    </message>
    <message>
        <source>By opposites, evenly; stop where the resistance jumps. Then the same strokes.</source>
        <translation>Paarweise gegenüber, gleichmäßig; aufhören, wo der Widerstand springt. Dann dieselben Schläge.</translation>
    </message>
    <message>
        <source>By opposites, evenly; thin film: stop where the resistance jumps. Then the same strokes.</source>
        <translation>Paarweise gegenüber, gleichmäßig; dünne Folie: aufhören, wo der Widerstand springt. Dann dieselben Schläge.</translation>
    </message>
    <message>
        <source>The same hands, the same place. Does that one do it too?</source>
        <translation>Dieselben Hände, derselbe Platz. Macht die es auch?</translation>
    </message>
    <message>
        <source>Cracks, thin metal, play, rough edges: how well is it made?</source>
        <translation>Risse, dünnes Metall, Spiel, raue Kanten: wie gut ist sie gemacht?</translation>
    </message>
    <message>
        <source>Hardly gives</source>
        <translation>Gibt kaum nach</translation>
    </message>
    <message>
        <source>Gives a little</source>
        <translation>Gibt etwas nach</translation>
    </message>
    <message>
        <source>Gives easily</source>
        <translation>Gibt leicht nach</translation>
    </message>
    <message>
        <source>All alike</source>
        <translation>Alle gleich</translation>
    </message>
    <message>
        <source>One or two differ</source>
        <translation>Ein, zwei anders</translation>
    </message>
    <message>
        <source>All differ</source>
        <translation>Alle anders</translation>
    </message>
    <message>
        <source>Stands still</source>
        <translation>Steht still</translation>
    </message>
    <message>
        <source>Wavers slowly</source>
        <translation>Schwebt langsam</translation>
    </message>
    <message>
        <source>Wavers fast</source>
        <translation>Schwebt schnell</translation>
    </message>
    <message>
        <source>As new</source>
        <translation>Wie neu</translation>
    </message>
    <message>
        <source>Worn</source>
        <translation>Abgespielt</translation>
    </message>
    <message>
        <source>Gone, or dented</source>
        <translation>Weg, oder Dellen</translation>
    </message>
    <message>
        <source>A few shows</source>
        <translation>Wenige Auftritte</translation>
    </message>
    <message>
        <source>Some dozens</source>
        <translation>Einige Dutzend</translation>
    </message>
    <message>
        <source>More, or nobody knows</source>
        <translation>Mehr, oder keiner weiß</translation>
    </message>
    <message>
        <source>No</source>
        <translation>Nein</translation>
    </message>
    <message>
        <source>Yes</source>
        <translation>Ja</translation>
    </message>
    <message>
        <source>Flat</source>
        <translation>Flach</translation>
    </message>
    <message>
        <source>Dished</source>
        <translation>Durchgebogen</translation>
    </message>
    <message>
        <source>Still the same</source>
        <translation>Noch genauso</translation>
    </message>
    <message>
        <source>Less</source>
        <translation>Weniger</translation>
    </message>
    <message>
        <source>Gone</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>No better</source>
        <translation>Nicht besser</translation>
    </message>
    <message>
        <source>A little better</source>
        <translation>Etwas besser</translation>
    </message>
    <message>
        <source>Much better</source>
        <translation>Viel besser</translation>
    </message>
    <message>
        <source>At once</source>
        <translation>Sofort</translation>
    </message>
    <message>
        <source>Late, or now and then</source>
        <translation>Spät oder manchmal</translation>
    </message>
    <message>
        <source>Not at all</source>
        <translation>Gar nicht</translation>
    </message>
    <message>
        <source>Clean</source>
        <translation>Sauber</translation>
    </message>
    <message>
        <source>Rattle on a little</source>
        <translation>Rasselt etwas nach</translation>
    </message>
    <message>
        <source>Rattle on long</source>
        <translation>Rasselt lange nach</translation>
    </message>
    <message>
        <source>All lie flat</source>
        <translation>Alle liegen an</translation>
    </message>
    <message>
        <source>One or two stand off</source>
        <translation>Ein, zwei stehen ab</translation>
    </message>
    <message>
        <source>Several stand off</source>
        <translation>Mehrere stehen ab</translation>
    </message>
    <message>
        <source>Alike</source>
        <translation>Gleich</translation>
    </message>
    <message>
        <source>A little unlike</source>
        <translation>Etwas ungleich</translation>
    </message>
    <message>
        <source>Plainly unlike</source>
        <translation>Klar ungleich</translation>
    </message>
    <message>
        <source>Lies flat</source>
        <translation>Liegt an</translation>
    </message>
    <message>
        <source>Stands up a little</source>
        <translation>Steht etwas ab</translation>
    </message>
    <message>
        <source>Plainly stands up</source>
        <translation>Steht klar ab</translation>
    </message>
    <message>
        <source>Two turns or more</source>
        <translation>Zwei oder mehr</translation>
    </message>
    <message>
        <source>About one</source>
        <translation>Etwa eine</translation>
    </message>
    <message>
        <source>Nothing</source>
        <translation>Nichts</translation>
    </message>
    <message>
        <source>They are tight now</source>
        <translation>Jetzt straff</translation>
    </message>
    <message>
        <source>Still loose</source>
        <translation>Noch lose</translation>
    </message>
    <message>
        <source>Easily</source>
        <translation>Leicht</translation>
    </message>
    <message>
        <source>Only with force</source>
        <translation>Nur mit Gewalt</translation>
    </message>
    <message>
        <source>It closes</source>
        <translation>Er schließt</translation>
    </message>
    <message>
        <source>Still not</source>
        <translation>Immer noch nicht</translation>
    </message>
    <message>
        <source>All snug</source>
        <translation>Alle fest</translation>
    </message>
    <message>
        <source>One is loose</source>
        <translation>Eine ist lose</translation>
    </message>
    <message>
        <source>Several are loose</source>
        <translation>Mehrere sind lose</translation>
    </message>
    <message>
        <source>The buzz stops</source>
        <translation>Rasseln hört auf</translation>
    </message>
    <message>
        <source>The buzz stays</source>
        <translation>Rasseln bleibt</translation>
    </message>
    <message>
        <source>One far more</source>
        <translation>Eine viel mehr</translation>
    </message>
    <message>
        <source>There is something</source>
        <translation>Da ist etwas</translation>
    </message>
    <message>
        <source>It rocks</source>
        <translation>Er kippelt</translation>
    </message>
    <message>
        <source>Runs freely</source>
        <translation>Läuft frei</translation>
    </message>
    <message>
        <source>Rough</source>
        <translation>Rau</translation>
    </message>
    <message>
        <source>Sticks</source>
        <translation>Klemmt</translation>
    </message>
    <message>
        <source>Rolls straight</source>
        <translation>Rollt gerade</translation>
    </message>
    <message>
        <source>Wobbles</source>
        <translation>Eiert</translation>
    </message>
    <message>
        <source>Goes with the rod</source>
        <translation>Wandert mit</translation>
    </message>
    <message>
        <source>Stays at the lug</source>
        <translation>Bleibt am Böckchen</translation>
    </message>
    <message>
        <source>None is loose</source>
        <translation>Keine ist lose</translation>
    </message>
    <message>
        <source>Single rods</source>
        <translation>Einzelne</translation>
    </message>
    <message>
        <source>Somewhat</source>
        <translation>Etwas</translation>
    </message>
    <message>
        <source>Plainly</source>
        <translation>Deutlich</translation>
    </message>
    <message>
        <source>Some differ</source>
        <translation>Einige anders</translation>
    </message>
    <message>
        <source>In the middle</source>
        <translation>In der Mitte</translation>
    </message>
    <message>
        <source>Beside it</source>
        <translation>Daneben</translation>
    </message>
    <message>
        <source>Everywhere</source>
        <translation>Überall</translation>
    </message>
    <message>
        <source>Fine over there</source>
        <translation>Dort gut</translation>
    </message>
    <message>
        <source>No livelier</source>
        <translation>Nicht lebendiger</translation>
    </message>
    <message>
        <source>A little livelier</source>
        <translation>Etwas lebendiger</translation>
    </message>
    <message>
        <source>Much livelier</source>
        <translation>Viel lebendiger</translation>
    </message>
    <message>
        <source>No, it is fine</source>
        <translation>Nein, die ist gut</translation>
    </message>
    <message>
        <source>Partly</source>
        <translation>Teils</translation>
    </message>
    <message>
        <source>Just the same</source>
        <translation>Genauso</translation>
    </message>
    <message>
        <source>Well made</source>
        <translation>Gut gemacht</translation>
    </message>
    <message>
        <source>Some poor parts</source>
        <translation>Manches schlecht</translation>
    </message>
    <message>
        <source>Poor</source>
        <translation>Schlecht</translation>
    </message>
    <message>
        <source>Raise the snare side to its target.</source>
        <translation>Das Resonanzfell auf sein Ziel bringen.</translation>
    </message>
    <message>
        <source>Set the strainer anew.</source>
        <translation>Die Abhebung neu einstellen.</translation>
    </message>
    <message>
        <source>Put a new batter head on.</source>
        <translation>Ein neues Schlagfell aufziehen.</translation>
    </message>
    <message>
        <source>Seat it and bring it up evenly.</source>
        <translation>Setzen und gleichmäßig hochstimmen.</translation>
    </message>
    <message>
        <source>Even the batter.</source>
        <translation>Das Schlagfell ausgleichen.</translation>
    </message>
    <message>
        <source>Listen again.</source>
        <translation>Noch einmal hören.</translation>
    </message>
    <message>
        <source>Choose a higher tone, if you like one.</source>
        <translation>Einen höheren Klang wählen, wenn Sie mögen.</translation>
    </message>
    <message>
        <source>Bring the batter up to it.</source>
        <translation>Das Schlagfell darauf bringen.</translation>
    </message>
    <message>
        <source>Or calm the boom with little, further in.</source>
        <translation>Oder das Dröhnen mit wenig weiter innen beruhigen.</translation>
    </message>
    <message>
        <source>Loosen the strainer until a whisper at the edge is answered.</source>
        <translation>Die Abhebung lösen, bis ein Flüstern am Rand Antwort bekommt.</translation>
    </message>
    <message>
        <source>Tighten the strainer until a loud stroke ends clean.</source>
        <translation>Die Abhebung spannen, bis ein lauter Schlag sauber endet.</translation>
    </message>
    <message>
        <source>Shift the wires until both gaps are alike.</source>
        <translation>Den Teppich schieben, bis beide Abstände gleich sind.</translation>
    </message>
    <message>
        <source>Bring both straps level with the film; flat straps lie lower than cord.</source>
        <translation>Beide Bänder auf die Höhe der Folie bringen; Flachbänder liegen tiefer als Schnur.</translation>
    </message>
    <message>
        <source>Cut a bent strand off at both plates; wire ends are sharp. No tape.</source>
        <translation>Eine verbogene Spirale an beiden Platten abschneiden; Drahtenden sind scharf. Kein Klebeband.</translation>
    </message>
    <message>
        <source>Or put new wires on.</source>
        <translation>Oder einen neuen Teppich aufziehen.</translation>
    </message>
    <message>
        <source>Clamp anew, the strap given out a little.</source>
        <translation>Neu klemmen, das Band etwas ausgelassen.</translation>
    </message>
    <message>
        <source>Clamp anew, knob halfway, the strap drawn in.</source>
        <translation>Neu klemmen, Knopf mittig, das Band eingezogen.</translation>
    </message>
    <message>
        <source>Take the rod out, clean it and its lug, a little grease. Never force it.</source>
        <translation>Schraube heraus, sie und ihr Böckchen reinigen, etwas Fett. Nie mit Gewalt.</translation>
    </message>
    <message>
        <source>Put a straight rod in, with its washer.</source>
        <translation>Eine gerade Schraube einsetzen, mit Scheibe.</translation>
    </message>
    <message>
        <source>Put a round, flat hoop on.</source>
        <translation>Einen runden, ebenen Reifen aufziehen.</translation>
    </message>
    <message>
        <source>Loosen evenly, centre the head, finger-tight all round.</source>
        <translation>Gleichmäßig lösen, Fell mittig legen, rundum handfest.</translation>
    </message>
    <message>
        <source>Loosen evenly, lift the head, wipe edge and film clean.</source>
        <translation>Gleichmäßig lösen, Fell abheben, Kante und Folie sauber wischen.</translation>
    </message>
    <message>
        <source>Leave it overnight; look again tomorrow.</source>
        <translation>Über Nacht stehen lassen; morgen wieder nachsehen.</translation>
    </message>
    <message>
        <source>At those rods: a nylon washer, or wax on the thread.</source>
        <translation>An diesen Schrauben: eine Nylonscheibe oder Wachs am Gewinde.</translation>
    </message>
    <message>
        <source>Say what the weather is now; targets follow.</source>
        <translation>Sagen, welches Wetter jetzt ist; die Ziele folgen.</translation>
    </message>
    <message>
        <source>Every rod the same small turn; no evening needed.</source>
        <translation>Jede Schraube gleich wenig drehen; kein Ausgleichen nötig.</translation>
    </message>
    <message>
        <source>Move the other drum&apos;s pitch, or this one&apos;s, by a little: see Buzz with others.</source>
        <translation>Den Ton der anderen Trommel, oder dieser, etwas verschieben: siehe Mitrasseln.</translation>
    </message>
    <message>
        <source>Shorten the other drum&apos;s tone a little.</source>
        <translation>Den Ton der anderen Trommel etwas verkürzen.</translation>
    </message>
    <message>
        <source>Snug every screw of lugs and strainer, not stripped.</source>
        <translation>Jede Schraube von Böckchen und Abhebung festziehen, nicht überdrehen.</translation>
    </message>
    <message>
        <source>Play twenty backbeats: Player or drum says how even they are.</source>
        <translation>Zwanzig Schläge spielen: Spieler oder Trommel sagt, wie gleich sie sind.</translation>
    </message>
    <message>
        <source>Then practise with the same picture in sight.</source>
        <translation>Dann mit demselben Bild vor Augen üben.</translation>
    </message>
    <message>
        <source>Aim for the middle; move the stool if the reach is wrong.</source>
        <translation>Auf die Mitte zielen; den Hocker rücken, wenn die Reichweite nicht stimmt.</translation>
    </message>
    <message>
        <source>Lay the pad where the microphone hears it: turn its angle.</source>
        <translation>Das Pad dahin legen, wo das Mikrofon es hört: seinen Winkel drehen.</translation>
    </message>
    <message>
        <source>Move the microphone up or out, and hear both places predicted.</source>
        <translation>Das Mikrofon höher oder weiter weg, und beide Orte vorhergesagt hören.</translation>
    </message>
    <message>
        <source>Judge it elsewhere, or bring a blanket and a rug.</source>
        <translation>Anderswo beurteilen, oder Decke und Teppichboden mitbringen.</translation>
    </message>
    <message>
        <source>Put a fresh batter head on: nothing helps such a drum more.</source>
        <translation>Ein neues Schlagfell aufziehen: nichts hilft so einer Trommel mehr.</translation>
    </message>
    <message>
        <source>Edges and shell are for a workshop; gloves and clean air if you sand them.</source>
        <translation>Kanten und Kessel gehören in eine Werkstatt; Handschuhe und frische Luft beim Schleifen.</translation>
    </message>
    <message>
        <source>Take off what is not needed, one thing after the other.</source>
        <translation>Abnehmen, was nicht nötig ist, eins nach dem anderen.</translation>
    </message>
</context>
<context>
    <name>FindingWords</name>
    <message>
        <source>It fell %1 cents with no rod turned: a new head settles. Press the middle or let it rest, then tap again; if it goes on falling, the film is at its end.</source>
        <translation>Es fiel um %1 Cent, ohne dass eine Schraube gedreht wurde: ein neues Fell setzt sich. Drücken Sie die Mitte oder lassen Sie es ruhen, dann tippen Sie noch einmal; fällt es weiter, ist die Folie am Ende.</translation>
    </message>
    <message>
        <source>The pitch came up %1 cents less than the turns should bring: rods that bind, or film that gives way. Grease the rods; near the load limit stop here.</source>
        <translation>Der Ton stieg %1 Cent weniger, als die Umdrehungen bringen sollten: Schrauben klemmen, oder die Folie gibt nach. Schrauben fetten; nahe der Lastgrenze hier aufhören.</translation>
    </message>
    <message>
        <source>Every rod was turned alike, yet they lie up to %1 cents apart: friction, hoop, edge or film. That is not your count; the moves even it out.</source>
        <translation>Jede Schraube wurde gleich gedreht, doch sie liegen bis %1 Cent auseinander: Reibung, Reifen, Gratung oder Folie. Das liegt nicht an Ihrer Zählung; die Züge gleichen es aus.</translation>
    </message>
    <message>
        <source>%1 was turned, but its mark hardly moved: a burr, a dry thread or a bent rod. Back it off, clean and grease it, never force it; then read again.</source>
        <translation>%1 wurde gedreht, doch die Anzeige änderte sich kaum: Grat, trockenes Gewinde oder verbogene Schraube. Zurückdrehen, säubern und fetten, nie mit Gewalt; dann noch einmal ablesen.</translation>
    </message>
    <message>
        <source>%1, beside the beds, read %2 cents higher than the rest, and beds only lower them: a rod or two ahead, or the hoop&apos;s gates off the beds.</source>
        <translation>%1, neben den Betten, klingen %2 Cent höher als die übrigen, und Betten machen sie nur tiefer: ein oder zwei Schrauben sind voraus, oder die Durchlässe des Reifens sitzen neben den Betten.</translation>
    </message>
    <message>
        <source>%1, beside the beds, read %2 cents lower than the rest. The edge sinks there: beds 1 mm deep make some %3 cents with these hoops. Do not chase the last cents.</source>
        <translation>%1, neben den Betten, klingen %2 Cent tiefer als die übrigen. Die Gratung sinkt dort ab: Betten von 1 mm machen mit diesen Reifen etwa %3 Cent. Jagen Sie nicht den letzten Cent nach.</translation>
    </message>
</context>
<context>
    <name>Guide</name>
    <message>
        <source>Look the drum over, then press the big button.</source>
        <translation>Sehen Sie die Trommel durch, dann den großen Knopf drücken.</translation>
    </message>
    <message>
        <source>Heads, rods and wires as they are now: all that follows is reckoned from them.</source>
        <translation>Felle, Schrauben und Teppich, wie sie jetzt sind: Alles Weitere wird daraus gerechnet.</translation>
    </message>
    <message>
        <source>Choose the words that come nearest to what you want to hear.</source>
        <translation>Wählen Sie die Worte, die dem nächsten kommen, was Sie hören wollen.</translation>
    </message>
    <message>
        <source>They stand for pitches: the edge of each head, tapped alone, and the middle, both heads together.</source>
        <translation>Sie stehen für Tonhöhen: der Rand jedes Fells, allein geklopft, und die Mitte, beide Felle zusammen.</translation>
    </message>
    <message>
        <source>Press the big button and go on to the heads.</source>
        <translation>Drücken Sie den großen Knopf: weiter zu den Fellen.</translation>
    </message>
    <message>
        <source>One head first, then the other: each turn on one moves the sound of both a little.</source>
        <translation>Erst ein Fell, dann das andere: Jede Drehung an einem ändert den Klang beider ein wenig.</translation>
    </message>
    <message>
        <source>Drum upturned, wires off: follow the drawing to finger-tight.</source>
        <translation>Trommel umgedreht, Teppich ab: der Zeichnung folgen bis handfest.</translation>
    </message>
    <message>
        <source>From finger-tight on, every turn is counted. Never press this film with the palm: it is the thinnest there is.</source>
        <translation>Ab handfest wird jede Drehung gezählt. Diese Folie nie mit der Handfläche drücken: Sie ist die dünnste.</translation>
    </message>
    <message>
        <source>Drum upright, wires off: follow the drawing to finger-tight.</source>
        <translation>Trommel aufrecht, Teppich ab: der Zeichnung folgen bis handfest.</translation>
    </message>
    <message>
        <source>Finger-tight is where the fingers alone stop: the one beginning that all rods share.</source>
        <translation>Handfest ist, wo die Finger allein nicht weiterkommen: der eine Anfang, den alle Schrauben teilen.</translation>
    </message>
    <message>
        <source>Key where the picture shows, turn by the angle drawn, press space.</source>
        <translation>Schlüssel ansetzen, wo das Bild zeigt, um den Winkel drehen, Leertaste.</translation>
    </message>
    <message>
        <source>Opposite rods in turn keep the hoop level. Stop where a rod suddenly resists; never force it.</source>
        <translation>Gegenüberliegende Schrauben im Wechsel halten den Reifen eben. Halt, wo eine plötzlich schwer geht; nie mit Gewalt.</translation>
    </message>
    <message>
        <source>One tap before the rod that is shown, three centimetres in from the hoop.</source>
        <translation>Einmal klopfen vor der gezeigten Schraube, drei Zentimeter vom Reifen.</translation>
    </message>
    <message>
        <source>Other head muted, a light finger on the middle: so the edge pitch stands alone. Let it ring out.</source>
        <translation>Das andere Fell gedämpft, ein leichter Finger in der Mitte: So steht die Randtonhöhe allein. Ausklingen lassen.</translation>
    </message>
    <message>
        <source>Once more before the rod that is shown.</source>
        <translation>Noch einmal vor der gezeigten Schraube.</translation>
    </message>
    <message>
        <source>A tap that cannot be trusted is never counted; what was wrong with it stands below.</source>
        <translation>Ein Klopfer, dem nicht zu trauen ist, zählt nie; was mit ihm war, steht darunter.</translation>
    </message>
    <message>
        <source>Turn only what is marked, by what is written, then press space.</source>
        <translation>Nur drehen, was markiert ist, um so viel, wie dasteht, dann Leertaste.</translation>
    </message>
    <message>
        <source>A tap cannot tell a rod from its opposite: that is why pairs are turned.</source>
        <translation>Ein Klopfer unterscheidet eine Schraube nicht von der gegenüber: Darum werden Paare gedreht.</translation>
    </message>
    <message>
        <source>This head is even; on with the big button.</source>
        <translation>Dieses Fell ist gleichmäßig; weiter mit dem großen Knopf.</translation>
    </message>
    <message>
        <source>Within the shaded band the ear hears one pitch all round.</source>
        <translation>Im schattierten Band hört das Ohr rundum einen Ton.</translation>
    </message>
    <message>
        <source>An even head: the hardest part is done.</source>
        <translation>Ein gleichmäßiges Fell: Das Schwerste ist getan.</translation>
    </message>
    <message>
        <source>You could stop here. Wires, muffling and the proof are a few minutes more.</source>
        <translation>Sie könnten hier aufhören. Teppich, Dämpfung und Probe sind ein paar Minuten mehr.</translation>
    </message>
    <message>
        <source>This is as near as it goes; what stands in the way is written below.</source>
        <translation>Näher geht es nicht; was im Weg steht, ist unten zu lesen.</translation>
    </message>
    <message>
        <source>A worn head, a bent hoop or a rod that sticks: Faults, on the left, finds which.</source>
        <translation>Ein müdes Fell, ein verzogener Reifen oder eine klemmende Schraube: Fehler, links, findet was.</translation>
    </message>
    <message>
        <source>Back the knob off, then come up until the strands just touch.</source>
        <translation>Den Knopf zurückdrehen, dann hoch, bis die Spiralen eben berühren.</translation>
    </message>
    <message>
        <source>That is first contact: from there the turns of the knob are counted.</source>
        <translation>Das ist der erste Kontakt: Von da an zählen die Drehungen des Knopfs.</translation>
    </message>
    <message>
        <source>Play the stroke that is asked for, and say whether the wires answered.</source>
        <translation>Spielen Sie den verlangten Schlag und sagen Sie, ob der Teppich antwortete.</translation>
    </message>
    <message>
        <source>Too tight, and soft strokes die; too loose, and loud ones rattle on. The best stop lies between.</source>
        <translation>Zu fest, und leise Schläge sterben; zu locker, und laute rasseln nach. Das Beste liegt dazwischen.</translation>
    </message>
    <message>
        <source>Set the knob where it says, and go on.</source>
        <translation>Stellen Sie den Knopf, wie es dasteht, und weiter.</translation>
    </message>
    <message>
        <source>No stick under tensioned wires, no tape on the strands.</source>
        <translation>Kein Stock unter gespanntem Teppich, kein Klebeband auf die Spiralen.</translation>
    </message>
    <message>
        <source>Strike it once, as in a song.</source>
        <translation>Schlagen Sie einmal, wie in einem Stück.</translation>
    </message>
    <message>
        <source>Muffling comes last and least. Loud strokes close by: protect your hearing.</source>
        <translation>Dämpfung kommt zuletzt und am wenigsten. Laute Schläge von nah: Schützen Sie Ihr Gehör.</translation>
    </message>
    <message>
        <source>Lay the least that helps, or nothing.</source>
        <translation>Legen Sie das Wenigste auf, das hilft, oder nichts.</translation>
    </message>
    <message>
        <source>The ring is measured against what your tone wants; what lies near the edge does most.</source>
        <translation>Das Klingen wird daran gemessen, was Ihr Ton will; nah am Rand wirkt am meisten.</translation>
    </message>
    <message>
        <source>Look what was asked and what was reached; write a word, and save.</source>
        <translation>Sehen Sie, was verlangt und was erreicht wurde; ein Wort schreiben, und speichern.</translation>
    </message>
    <message>
        <source>What is saved can be brought back, rod by rod.</source>
        <translation>Was gespeichert ist, lässt sich zurückholen, Schraube für Schraube.</translation>
    </message>
    <message>
        <source>Saved. Next time the logbook takes you back to it.</source>
        <translation>Gespeichert. Nächstes Mal führt Sie das Logbuch dahin zurück.</translation>
    </message>
    <message>
        <source>That was a whole job. This line can go now.</source>
        <translation>Das war eine ganze Arbeit. Diese Zeile kann jetzt gehen.</translation>
    </message>
</context>
<context>
    <name>HeadFromAbove</name>
    <message>
        <source>%1 o&apos;clock</source>
        <translation>%1 Uhr</translation>
    </message>
    <message>
        <source>half past %1</source>
        <translation>halb nach %1</translation>
    </message>
    <message>
        <source>mic, %1 mm up</source>
        <translation>Mikro, %1 mm hoch</translation>
    </message>
    <message>
        <source>all round the hoop</source>
        <translation>ringsum am Reifen</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>von %1 bis %2</translation>
    </message>
    <message>
        <source>%1, %2 mm in from the hoop</source>
        <translation>%1, %2 mm vom Reifen nach innen</translation>
    </message>
    <message>
        <source>%1, %2 mm from the hoop</source>
        <translation>%1, %2 mm vom Reifen</translation>
    </message>
    <message>
        <source>%1, %2 mm inside the hoop, %3 mm high</source>
        <translation>%1, %2 mm innerhalb des Reifens, %3 mm hoch</translation>
    </message>
    <message>
        <source>%1, %2 mm outside the hoop, %3 mm high</source>
        <translation>%1, %2 mm außerhalb des Reifens, %3 mm hoch</translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation>%1, %2: %3</translation>
    </message>
    <message>
        <source>Nothing lies on it</source>
        <translation>Nichts liegt darauf</translation>
    </message>
    <message>
        <source>microphone: %1</source>
        <translation>Mikrofon: %1</translation>
    </message>
    <message>
        <source>The batter from above, strainer at nine o&apos;clock. %1.</source>
        <translation>Das Schlagfell von oben, Abhebung auf neun Uhr. %1.</translation>
    </message>
    <message>
        <source>stick
lands here</source>
        <translation>Stock
trifft hier</translation>
    </message>
    <message>
        <source>Batter from above</source>
        <translation>Schlagfell von oben</translation>
    </message>
</context>
<context>
    <name>HeardWords</name>
    <message>
        <source>The input is low: turn it up by about %1 dB.</source>
        <translation>Der Eingang ist leise: drehen Sie ihn um etwa %1 dB auf.</translation>
    </message>
    <message>
        <source>It began %1 cents sharp and settled: tap softer.</source>
        <translation>Es begann %1 Cent zu hoch und senkte sich: tippen Sie leichter.</translation>
    </message>
    <message>
        <source>Two close partials: the head is uneven here. Evening the rods brings them together.</source>
        <translation>Zwei nahe Teiltöne: das Fell ist hier uneben. Ausgleichen bringt sie zusammen.</translation>
    </message>
    <message>
        <source>Wires on: ±%1 cents</source>
        <translation>Teppich an: ±%1 Cent</translation>
    </message>
    <message>
        <source>Throw the lever off for a finer figure.</source>
        <translation>Hebel auf für einen feineren Wert.</translation>
    </message>
    <message>
        <source>Cut off by the microphone: ±%1 cents</source>
        <translation>Vom Mikrofon abgeschnitten: ±%1 Cent</translation>
    </message>
    <message>
        <source>Its driver shuts when it grows quiet: turn noise suppression off in the sound settings.</source>
        <translation>Sein Treiber schließt, wenn es leise wird: Rauschunterdrückung in den Klangeinstellungen ausschalten.</translation>
    </message>
    <message>
        <source>The microphone turns its own level: ±%1 cents</source>
        <translation>Das Mikrofon regelt seinen Pegel selbst: ±%1 Cent</translation>
    </message>
    <message>
        <source>The pitch holds, the ring does not: turn automatic gain off in the sound settings.</source>
        <translation>Die Tonhöhe stimmt, der Ausklang nicht: automatische Verstärkung in den Klangeinstellungen ausschalten.</translation>
    </message>
    <message>
        <source>Again: %1</source>
        <translation>Noch einmal: %1</translation>
    </message>
    <message>
        <source>%1. One more tap here</source>
        <translation>%1. Hier noch ein Tipp</translation>
    </message>
    <message>
        <source>Rough: ±%1 cents. One more tap here</source>
        <translation>Grob: ±%1 Cent. Hier noch ein Tipp</translation>
    </message>
    <message>
        <source>Rough: ±%1 cents, taken</source>
        <translation>Grob: ±%1 Cent, übernommen</translation>
    </message>
    <message>
        <source>Clear, beats %1 times a second</source>
        <translation>Klar, schwebt %1-mal je Sekunde</translation>
    </message>
    <message>
        <source>Clear, ±%1 cents</source>
        <translation>Klar, ±%1 Cent</translation>
    </message>
    <message>
        <source>Nothing heard yet</source>
        <translation>Noch nichts gehört</translation>
    </message>
    <message>
        <source>Give WAV or FLAC files of edge taps, or drop them here.</source>
        <translation>Geben Sie WAV- oder FLAC-Dateien mit Tipps am Rand, oder ziehen Sie sie hierher.</translation>
    </message>
    <message>
        <source>The last tap and its partials will stand here.</source>
        <translation>Der letzte Tipp und seine Teiltöne stehen dann hier.</translation>
    </message>
    <message>
        <source>Heard, but noise hides how long it rings</source>
        <translation>Gehört, doch Rauschen verdeckt, wie lange es klingt</translation>
    </message>
    <message>
        <source>Come nearer or wait for a quiet moment.</source>
        <translation>Kommen Sie näher oder warten Sie einen stillen Augenblick ab.</translation>
    </message>
    <message>
        <source>No wires stand out: too soft a stroke, lever off, or too tight.</source>
        <translation>Kein Teppich hebt sich ab: Schlag zu leise, Hebel auf oder zu fest.</translation>
    </message>
    <message>
        <source>The wires sound on to the end of it: too loose.</source>
        <translation>Der Teppich klingt bis ans Ende: zu lose.</translation>
    </message>
    <message>
        <source>They outlast the tone: tighter, if both are to end together.</source>
        <translation>Er überdauert den Ton: fester, wenn beide zusammen enden sollen.</translation>
    </message>
    <message>
        <source>The wires stop before the tone: dry. Looser for more of them.</source>
        <translation>Der Teppich endet vor dem Ton: trocken. Lockerer für mehr davon.</translation>
    </message>
    <message>
        <source>Tone and wires end together.</source>
        <translation>Ton und Teppich enden zusammen.</translation>
    </message>
    <message>
        <source>As long as wanted, %1 s.</source>
        <translation>So lang wie gewünscht, %1 s.</translation>
    </message>
    <message>
        <source>%1 s longer than wanted.</source>
        <translation>%1 s länger als gewünscht.</translation>
    </message>
    <message>
        <source>%1 s shorter than wanted.</source>
        <translation>%1 s kürzer als gewünscht.</translation>
    </message>
    <message>
        <source>Centre %1 ±%2 Hz</source>
        <translation>Mitte %1 ±%2 Hz</translation>
    </message>
    <message>
        <source>Near the edge: hardly any centre</source>
        <translation>Nahe am Rand: kaum Mitte</translation>
    </message>
    <message>
        <source>Wires %1 s</source>
        <translation>Teppich %1 s</translation>
    </message>
    <message>
        <source>%1, centre %2 ±%3 Hz</source>
        <translation>%1, Mitte %2 ±%3 Hz</translation>
    </message>
    <message>
        <source>%1.  %2</source>
        <translation>%1.  %2</translation>
    </message>
    <message>
        <source>Give WAV or FLAC files of whole strokes.</source>
        <translation>Geben Sie WAV- oder FLAC-Dateien mit ganzen Schlägen.</translation>
    </message>
    <message>
        <source>No stroke heard yet</source>
        <translation>Noch kein Schlag gehört</translation>
    </message>
    <message>
        <source>Long hiss after the tone: too loose. Like a tom near the edge: too tight.</source>
        <translation>Langes Rauschen nach dem Ton: zu lose. Wie ein Tom am Rand: zu fest.</translation>
    </message>
    <message>
        <source>Waiting for %1</source>
        <translation>Wartet auf %1</translation>
    </message>
    <message>
        <source>Plug it in and tap on. Nothing of the round is lost.</source>
        <translation>Stecken Sie es an und tippen Sie weiter. Von der Runde geht nichts verloren.</translation>
    </message>
    <message>
        <source>Its ring, wires and centre pitch will stand here.</source>
        <translation>Ausklang, Teppich und Mittelton stehen dann hier.</translation>
    </message>
    <message>
        <source>Ready for the next tap</source>
        <translation>Bereit für den nächsten Schlag</translation>
    </message>
    <message>
        <source>This head was tapped before: the picture shows its last round.</source>
        <translation>Dieses Fell wurde schon angetippt: Das Bild zeigt seine letzte Runde.</translation>
    </message>
</context>
<context>
    <name>HoopPaint</name>
    <message>
        <source>cents from target; shaded: close enough</source>
        <translation>Cent vom Ziel; schattiert: nah genug</translation>
    </message>
    <message>
        <source>turns since it was found standing</source>
        <translation>Umdrehungen seit dem Vorfinden</translation>
    </message>
    <message>
        <source>turns since finger-tight; frames: the counted rounds, %1</source>
        <translation>Umdrehungen seit handfest; Rahmen: die gezählten Runden, %1</translation>
    </message>
    <message>
        <source>turns since finger-tight</source>
        <translation>Umdrehungen seit handfest</translation>
    </message>
    <message>
        <source>round it counter-clockwise →</source>
        <translation>reihum gegen den Uhrzeiger →</translation>
    </message>
    <message>
        <source>drum upturned, counter-clockwise →</source>
        <translation>Trommel umgedreht, gegen den Uhrzeiger →</translation>
    </message>
    <message>
        <source>strainer</source>
        <translation>Abhebung</translation>
    </message>
    <message>
        <source>back at the strainer</source>
        <translation>wieder an der Abhebung</translation>
    </message>
    <message>
        <source>you</source>
        <translation>Sie</translation>
    </message>
    <message>
        <source>your turns; brackets: the shortest way</source>
        <translation>Ihre Drehungen; Klammern: der kürzeste Weg</translation>
    </message>
</context>
<context>
    <name>HoopPicture</name>
    <message>
        <source>%1 cents</source>
        <translation>%1 Cent</translation>
    </message>
    <message>
        <source>rough, ±%1 cents</source>
        <translation>grob, ±%1 Cent</translation>
    </message>
    <message>
        <source>not tapped: taken to read as the opposite rod</source>
        <translation>nicht getippt: gilt wie die gegenüberliegende Schraube</translation>
    </message>
    <message>
        <source>middle of %1 taps, %2 left out</source>
        <translation>Mitte aus %1 Tipps, %2 ausgelassen</translation>
    </message>
    <message>
        <source>middle of %1 taps</source>
        <translation>Mitte aus %1 Tipps</translation>
    </message>
    <message>
        <source>expected %1</source>
        <translation>erwartet %1</translation>
    </message>
    <message>
        <source>turned %1</source>
        <translation>gedreht %1</translation>
    </message>
    <message>
        <source>rod %1: %2</source>
        <translation>Schraube %1: %2</translation>
    </message>
    <message>
        <source>turn it now</source>
        <translation>jetzt drehen</translation>
    </message>
    <message>
        <source>tap it now</source>
        <translation>jetzt tippen</translation>
    </message>
    <message>
        <source>Rods of the %1 from the strainer on.</source>
        <translation>Schrauben, %1, ab der Abhebung.</translation>
    </message>
    <message>
        <source>beside the badge or tape</source>
        <translation>neben Plakette oder Klebeband</translation>
    </message>
    <message>
        <source>the shortest way %1</source>
        <translation>der kürzeste Weg %1</translation>
    </message>
</context>
<context>
    <name>HurryWords</name>
    <message>
        <source>Wires off, tap %1 rods of the %2: of every pair one, the other sounds the same</source>
        <translation>Teppich ab, %1 Schrauben tippen, %2: von jedem Paar eine, die andere klingt gleich</translation>
    </message>
    <message>
        <source>At most %1 moves on the %2, none over %3</source>
        <translation>Höchstens %1 Züge, %2, keiner über %3</translation>
    </message>
    <message>
        <source>The same %1 taps again, to know where it stands</source>
        <translation>Dieselben %1 Tipps noch einmal, um zu wissen, wo es steht</translation>
    </message>
    <message>
        <source>Wires on: a whisper and a loud stroke; a quarter turn of the knob if one of them fails</source>
        <translation>Teppich an: ein Flüstern und ein lauter Schlag; eine Viertelumdrehung am Knopf, wenn einer davon nicht gelingt</translation>
    </message>
    <message>
        <source>Key in the pocket, walk on</source>
        <translation>Schlüssel in die Tasche, hinausgehen</translation>
    </message>
</context>
<context>
    <name>LikedPanel</name>
    <message>
        <source>With %1</source>
        <translation>Mit %1</translation>
    </message>
    <message>
        <source>At %1</source>
        <translation>Ort %1</translation>
    </message>
    <message>
        <source>In the cold (below %1 °C)</source>
        <translation>In der Kälte (unter %1 °C)</translation>
    </message>
    <message>
        <source>the interval is liked wider</source>
        <translation>gefällt der Abstand der Felle weiter</translation>
    </message>
    <message>
        <source>the interval is liked narrower</source>
        <translation>gefällt der Abstand der Felle enger</translation>
    </message>
    <message>
        <source>the batter is liked less even</source>
        <translation>gefällt das Schlagfell weniger gleichmäßig</translation>
    </message>
    <message>
        <source>the batter is liked more even</source>
        <translation>gefällt das Schlagfell gleichmäßiger</translation>
    </message>
    <message>
        <source>the wires are liked tighter</source>
        <translation>gefällt der Teppich fester</translation>
    </message>
    <message>
        <source>the wires are liked looser</source>
        <translation>gefällt der Teppich loser</translation>
    </message>
    <message>
        <source>the ring is liked longer</source>
        <translation>gefällt der Ausklang länger</translation>
    </message>
    <message>
        <source>the ring is liked shorter</source>
        <translation>gefällt der Ausklang kürzer</translation>
    </message>
    <message>
        <source>the batter is liked higher</source>
        <translation>gefällt das Schlagfell höher</translation>
    </message>
    <message>
        <source>the batter is liked lower</source>
        <translation>gefällt das Schlagfell tiefer</translation>
    </message>
    <message>
        <source>%1 ± %2 turns</source>
        <translation>%1 ± %2 Umdrehungen</translation>
    </message>
    <message>
        <source>%1 ± %2 s</source>
        <translation>%1 ± %2 s</translation>
    </message>
    <message>
        <source>%1 ± %2 cents</source>
        <translation>%1 ± %2 Cent</translation>
    </message>
    <message>
        <source>%1 %2: by %3 (%4 evenings against %5).</source>
        <translation>%1 %2: um %3 (%4 Abende gegen %5).</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
</context>
<context>
    <name>ListenMenu</name>
    <message>
        <source>Off</source>
        <translation>Aus</translation>
    </message>
    <message>
        <source>Take headphones: the microphone must not hear them</source>
        <translation>Nehmen Sie Kopfhörer: das Mikrofon darf sie nicht hören</translation>
    </message>
    <message>
        <source>&amp;Dry: no room at all</source>
        <translation>&amp;Trocken: gar kein Raum</translation>
    </message>
    <message>
        <source>&amp;Bedroom</source>
        <translation>&amp;Schlafzimmer</translation>
    </message>
    <message>
        <source>&amp;Rehearsal room</source>
        <translation>&amp;Probenraum</translation>
    </message>
    <message>
        <source>&amp;Hall</source>
        <translation>&amp;Saal</translation>
    </message>
    <message>
        <source>Microphone an arm&apos;s &amp;length away</source>
        <translation>Mikrofon eine Armlänge &amp;entfernt</translation>
    </message>
    <message>
        <source>A &amp;good microphone</source>
        <translation>Ein &amp;gutes Mikrofon</translation>
    </message>
    <message>
        <source>Built into a laptop: it &amp;shuts when it grows quiet</source>
        <translation>Eingebaut in einen Laptop: es s&amp;chließt, wenn es leise wird</translation>
    </message>
    <message>
        <source>A headset whose gain &amp;follows the sound</source>
        <translation>Ein Headset, dessen Verstärkung dem Klang &amp;folgt</translation>
    </message>
    <message>
        <source>&amp;Room</source>
        <translation>&amp;Raum</translation>
    </message>
    <message>
        <source>&amp;Hear the practice drum</source>
        <translation>Übungstrommel &amp;hören</translation>
    </message>
    <message>
        <source>Mains h&amp;um in the room</source>
        <translation>&amp;Netzbrummen im Raum</translation>
    </message>
    <message>
        <source>&amp;Steady hands</source>
        <translation>R&amp;uhige Hände</translation>
    </message>
    <message>
        <source>U&amp;sual hands</source>
        <translation>&amp;Gewöhnliche Hände</translation>
    </message>
    <message>
        <source>Hu&amp;rried hands: one tap in eight goes wrong</source>
        <translation>E&amp;ilige Hände: jeder achte Tipp misslingt</translation>
    </message>
    <message>
        <source>&amp;Pitch card…</source>
        <translation>&amp;Tonkarte…</translation>
    </message>
    <message>
        <source>Is it &amp;hearing me? Check the microphone…</source>
        <translation>&amp;Hört es mich? Mikrofon prüfen…</translation>
    </message>
    <message>
        <source>Calibrate the sound card&apos;s &amp;clock…</source>
        <translation>&amp;Uhr der Soundkarte abgleichen…</translation>
    </message>
    <message>
        <source>&amp;Confirmation sounds</source>
        <translation>&amp;Bestätigungstöne</translation>
    </message>
    <message>
        <source>P&amp;ractice drum</source>
        <translation>&amp;Übungstrommel</translation>
    </message>
</context>
<context>
    <name>MicrophoneWords</name>
    <message>
        <source>Too loud: the taps are cut off at the top</source>
        <translation>Zu laut: die Tipps sind oben abgeschnitten</translation>
    </message>
    <message>
        <source>Turn the input level down in the sound settings, or move the microphone a hand&apos;s width further away.</source>
        <translation>Drehen Sie den Eingangspegel in den Klangeinstellungen herunter, oder rücken Sie das Mikrofon eine Handbreit weiter weg.</translation>
    </message>
    <message>
        <source>Too quiet: taps reach %1 dB</source>
        <translation>Zu leise: Tipps erreichen %1 dB</translation>
    </message>
    <message>
        <source>Turn the input level up by about %1 dB in the sound settings.</source>
        <translation>Drehen Sie den Eingangspegel in den Klangeinstellungen um etwa %1 dB auf.</translation>
    </message>
    <message>
        <source>It shuts as soon as it grows quiet</source>
        <translation>Es schließt, sobald es leise wird</translation>
    </message>
    <message>
        <source>Turn noise suppression off in the sound settings: it cuts off the ring that the pitch is read from.</source>
        <translation>Schalten Sie die Rauschunterdrückung in den Klangeinstellungen aus: sie schneidet den Ausklang ab, aus dem die Tonhöhe gelesen wird.</translation>
    </message>
    <message>
        <source>It turns its own level up and down</source>
        <translation>Es regelt seinen Pegel selbst auf und ab</translation>
    </message>
    <message>
        <source>Turn automatic gain off in the sound settings. Pitches can be read with it, but not how long a drum rings.</source>
        <translation>Schalten Sie die automatische Verstärkung in den Klangeinstellungen aus. Tonhöhen lassen sich damit lesen, aber nicht, wie lange eine Trommel klingt.</translation>
    </message>
    <message>
        <source>Mains hum at %1 Hz</source>
        <translation>Netzbrummen bei %1 Hz</translation>
    </message>
    <message>
        <source>Keep its cable away from power supplies and lamps, or run the computer from its battery. A partial close to the hum may drown.</source>
        <translation>Halten Sie sein Kabel fern von Netzteilen und Lampen, oder betreiben Sie den Rechner am Akku. Ein Teilton nahe am Brummen kann untergehen.</translation>
    </message>
    <message>
        <source>Too much noise: a tap is only %1 dB above the room</source>
        <translation>Zu viel Rauschen: ein Tipp liegt nur %1 dB über dem Raum</translation>
    </message>
    <message>
        <source>Switch fans off, close the window, or bring the microphone nearer.</source>
        <translation>Schalten Sie Lüfter aus, schließen Sie das Fenster, oder bringen Sie das Mikrofon näher.</translation>
    </message>
    <message>
        <source>Too far: the room is as loud as the drum</source>
        <translation>Zu weit: der Raum ist so laut wie die Trommel</translation>
    </message>
    <message>
        <source>Bring the microphone to a hand&apos;s width over the edge of the head, and tap lightly.</source>
        <translation>Bringen Sie das Mikrofon auf eine Handbreit über den Rand des Fells und tippen Sie leicht.</translation>
    </message>
    <message>
        <source>Good: pitches to about ±%1 cents</source>
        <translation>Gut: Tonhöhen auf etwa ±%1 Cent</translation>
    </message>
    <message>
        <source>Good: every tap is heard</source>
        <translation>Gut: jeder Tipp wird gehört</translation>
    </message>
    <message>
        <source>Taps reach %1 dB, %2 dB above the room. Leave it in this place for a whole round.</source>
        <translation>Tipps erreichen %1 dB, %2 dB über dem Raum. Lassen Sie es für eine ganze Runde an dieser Stelle.</translation>
    </message>
    <message>
        <source>After that: %1.</source>
        <translation>Danach: %1.</translation>
    </message>
</context>
<context>
    <name>NowAndThen</name>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source>%1: batter %2, snare side %3</source>
        <translation>%1: Schlagfell %2, Resonanzfell %3</translation>
    </message>
</context>
<context>
    <name>PrepWords</name>
    <message>
        <source>Lever off, loosen them, then a smooth stick under the strands; out again before they are pulled: it can stretch or mark them.</source>
        <translation>Hebel auf, Teppich lockern, dann einen glatten Stock unter die Spiralen; heraus damit, bevor sie gespannt werden: er kann sie dehnen oder zeichnen.</translation>
    </message>
    <message>
        <source>Lever off; lift the strands by hand while you tap, so that none leans on the film.</source>
        <translation>Hebel auf; heben Sie die Spiralen beim Tippen von Hand an, sodass keine an der Folie liegt.</translation>
    </message>
    <message>
        <source>Open the strainer&apos;s clamp, where the adjustment is, and note where the straps stood. Wire ends are sharp.</source>
        <translation>Öffnen Sie die Klemme der Abhebung, wo die Einstellung ist, und merken Sie sich, wo die Bänder standen. Drahtenden sind scharf.</translation>
    </message>
    <message>
        <source>Film not dished, dented or bare?</source>
        <translation>Folie nicht verbeult, eingedrückt oder blank?</translation>
    </message>
    <message>
        <source>Film without dent or wrinkle, strands all there and none bent?</source>
        <translation>Folie ohne Delle und Falte, alle Spiralen da und keine verbogen?</translation>
    </message>
    <message>
        <source>Rods straight, clean, with washers; hoop flat; lug screws snug.</source>
        <translation>Schrauben gerade, sauber, mit Scheiben; Reifen eben; Böckchen fest.</translation>
    </message>
    <message>
        <source>Nothing is slackened: the count starts where it stands.</source>
        <translation>Nichts wird gelockert: die Zählung beginnt, wo es steht.</translation>
    </message>
    <message>
        <source>Spare head at hand before you slacken a worn one: it may not come back.</source>
        <translation>Ersatzfell bereithalten, bevor Sie ein abgespieltes lockern: es kommt vielleicht nicht wieder.</translation>
    </message>
    <message>
        <source>Now the wires</source>
        <translation>Jetzt der Teppich</translation>
    </message>
    <message>
        <source>Off and away</source>
        <translation>Ab und weg</translation>
    </message>
    <message>
        <source>Done when a tap below rings without a hiss.</source>
        <translation>Fertig, wenn ein Tipp unten ohne Rauschen klingt.</translation>
    </message>
    <message>
        <source>They are away</source>
        <translation>Er ist weg</translation>
    </message>
    <message>
        <source>Now look it over</source>
        <translation>Jetzt ansehen</translation>
    </message>
    <message>
        <source>Head, hoop, rods</source>
        <translation>Fell, Reifen, Schrauben</translation>
    </message>
    <message>
        <source>Looked over</source>
        <translation>Angesehen</translation>
    </message>
    <message>
        <source>Now let it down, pass by pass</source>
        <translation>Jetzt Runde um Runde entspannen</translation>
    </message>
    <message>
        <source>%1 looser</source>
        <translation>%1 lockerer</translation>
    </message>
    <message>
        <source>In the order %1, again and again: pulled on one side a hoop warps. Done when the fingers can turn every rod.</source>
        <translation>In der Folge %1, immer wieder: einseitig gezogen verzieht sich ein Reifen. Fertig, wenn die Finger jede Schraube drehen können.</translation>
    </message>
    <message>
        <source>All loose</source>
        <translation>Alle lose</translation>
    </message>
    <message>
        <source>Now take it off</source>
        <translation>Jetzt abnehmen</translation>
    </message>
    <message>
        <source>Rods, hoop, old head</source>
        <translation>Schrauben, Reifen, altes Fell</translation>
    </message>
    <message>
        <source>Note where the hoop sat. Wipe the shell out and run a finger round the edge: clean, and no nick. A driver may spin loose rods, no more.</source>
        <translation>Merken Sie sich, wie der Reifen saß. Kessel auswischen und mit dem Finger über die Gratung fahren: sauber, keine Kerbe. Ein Schrauber darf lose Schrauben drehen, mehr nicht.</translation>
    </message>
    <message>
        <source>Note where the hoop sat: its gates belong over the snare beds. Wipe the edge clean. Wire ends are sharp.</source>
        <translation>Merken Sie sich, wie der Reifen saß: seine Durchlässe gehören über die Snarebetten. Gratung abwischen. Drahtenden sind scharf.</translation>
    </message>
    <message>
        <source>It is off</source>
        <translation>Es ist ab</translation>
    </message>
    <message>
        <source>Now lay the new one on</source>
        <translation>Jetzt das neue auflegen</translation>
    </message>
    <message>
        <source>Head, then hoop</source>
        <translation>Fell, dann Reifen</translation>
    </message>
    <message>
        <source>A mark of the head at the strainer, so that it goes back the same way. Hoop ears over the lugs. Done when it lies flat and turns freely.</source>
        <translation>Eine Marke des Fells an die Abhebung, damit es wieder so aufliegt. Ösen des Reifens über die Böckchen. Fertig, wenn es eben liegt und sich frei dreht.</translation>
    </message>
    <message>
        <source>A mark at the strainer, gates of the hoop over the beds. Thin film: no palm on it. Done when it lies flat and turns freely.</source>
        <translation>Eine Marke an die Abhebung, Durchlässe des Reifens über die Betten. Dünne Folie: kein Handballen. Fertig, wenn es eben liegt und sich frei dreht.</translation>
    </message>
    <message>
        <source>It is on</source>
        <translation>Es liegt auf</translation>
    </message>
    <message>
        <source>Now every rod, by hand</source>
        <translation>Jetzt jede Schraube, von Hand</translation>
    </message>
    <message>
        <source>Until it just touches</source>
        <translation>Bis sie eben berührt</translation>
    </message>
    <message>
        <source>Order %1. A rod that goes hard here has a burr: clean it, never force it. Done when every washer meets the hoop and the head still shifts.</source>
        <translation>Folge %1. Wird eine hier schwer, hat sie einen Grat: säubern, nie mit Gewalt. Fertig, wenn jede Scheibe den Reifen trifft und das Fell sich noch schieben lässt.</translation>
    </message>
    <message>
        <source>They touch</source>
        <translation>Sie berühren</translation>
    </message>
    <message>
        <source>Finger-tight</source>
        <translation>Handfest</translation>
    </message>
    <message>
        <source>By opposites: %1. With two fingers, no key. Done when each holds alike; the count of turns starts from here.</source>
        <translation>Gegenüberliegend: %1. Mit zwei Fingern, ohne Schlüssel. Fertig, wenn alle gleich halten; hier beginnt die Zählung.</translation>
    </message>
    <message>
        <source>All finger-tight</source>
        <translation>Alle handfest</translation>
    </message>
    <message>
        <source>Now centre the head</source>
        <translation>Jetzt das Fell mittig setzen</translation>
    </message>
    <message>
        <source>Equal collar all round</source>
        <translation>Ringsum gleicher Kragen</translation>
    </message>
    <message>
        <source>Look down on it: the film&apos;s rim as wide at every rod, the hoop as high above the shell. Off centre it wrinkles on one side: loosen, shift, finger-tight again.</source>
        <translation>Von oben sehen: der Rand der Folie an jeder Schraube gleich breit, der Reifen gleich hoch. Außermittig faltet es sich auf einer Seite: lösen, schieben, wieder handfest.</translation>
    </message>
    <message>
        <source>It is centred</source>
        <translation>Es sitzt mittig</translation>
    </message>
    <message>
        <source>Now seat it</source>
        <translation>Jetzt setzen</translation>
    </message>
    <message>
        <source>One palm, in the middle</source>
        <translation>Ein Handballen, in der Mitte</translation>
    </message>
    <message>
        <source>Flat hand, on floor or carpet, never on a seat that presses the wires. Crackle of glue is normal. Then finger-tight once more where a rod came loose.</source>
        <translation>Flache Hand, auf Boden oder Teppichboden, nie auf einem Sitz, der gegen den Teppich drückt. Knacken des Klebers ist normal. Dann handfest, wo eine Schraube lose wurde.</translation>
    </message>
    <message>
        <source>Pressed</source>
        <translation>Gedrückt</translation>
    </message>
    <message>
        <source>step %1 of %2</source>
        <translation>Schritt %1 von %2</translation>
    </message>
</context>
<context>
    <name>ProofSheet</name>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Gewünscht</translation>
    </message>
    <message>
        <source>Reached</source>
        <translation>Erreicht</translation>
    </message>
    <message>
        <source>Source</source>
        <translation>Quelle</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>Strainer: %1 from first contact</source>
        <translation>Abhebung: %1 ab erster Berührung</translation>
    </message>
    <message>
        <source>%1 from its loose end</source>
        <translation>%1 von ihrem losen Ende</translation>
    </message>
    <message>
        <source>judged: %1</source>
        <translation>beurteilt: %1</translation>
    </message>
    <message>
        <source>On the head, %1: %2, %3</source>
        <translation>Auf dem Fell, %1: %2, %3</translation>
    </message>
    <message>
        <source>Microphone: %1</source>
        <translation>Mikrofon: %1</translation>
    </message>
    <message>
        <source>Heard: %1</source>
        <translation>Gehört: %1</translation>
    </message>
    <message>
        <source>Weather: %1 °C, %2 % humidity</source>
        <translation>Wetter: %1 °C, %2 % Feuchte</translation>
    </message>
    <message>
        <source>Tried, %1: %2; before %3; after %4</source>
        <translation>Versucht, %1: %2; vorher %3; nachher %4</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>put back</source>
        <translation>zurückgesetzt</translation>
    </message>
    <message>
        <source>Heard blind %1 times: after was better %2, before %3</source>
        <translation>Blind gehört, %1-mal: nachher war besser %2, vorher %3</translation>
    </message>
    <message>
        <source>Judged: %1</source>
        <translation>Beurteilt: %1</translation>
    </message>
    <message>
        <source>In the player&apos;s words: %1</source>
        <translation>In den Worten des Spielers: %1</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <translation>%1 an %2</translation>
    </message>
    <message>
        <source>%1, %2 rods a side, %3; %4</source>
        <translation>%1, %2 Schrauben je Seite, %3; %4</translation>
    </message>
    <message>
        <source>Measured: heard by the microphone. Predicted: from the model and what was heard. Counted: as the hands said.</source>
        <translation>Gemessen: vom Mikrofon gehört. Vorhergesagt: aus dem Modell und dem Gehörten. Gezählt: wie die Hände sagten.</translation>
    </message>
    <message>
        <source>Batter: film load %1 %</source>
        <translation>Schlagfell: Last der Folie %1 %</translation>
    </message>
    <message>
        <source>Snare side: film load %1 %</source>
        <translation>Resonanzfell: Last der Folie %1 %</translation>
    </message>
    <message>
        <source>turns since it was found standing, from the strainer on</source>
        <translation>Umdrehungen, seit es so stand, von der Abhebung an</translation>
    </message>
    <message>
        <source>turns since finger-tight, from the strainer on</source>
        <translation>Umdrehungen seit handfest, von der Abhebung an</translation>
    </message>
    <message>
        <source>no turns were counted</source>
        <translation>keine Drehungen gezählt</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>as counted</source>
        <translation>wie gezählt</translation>
    </message>
    <message>
        <source>predicted</source>
        <translation>vorhergesagt</translation>
    </message>
    <message>
        <source>Nothing lay on the head.</source>
        <translation>Auf dem Fell lag nichts.</translation>
    </message>
    <message>
        <source>Weather: %1 °C</source>
        <translation>Wetter: %1 °C</translation>
    </message>
    <message>
        <source>Player: %1</source>
        <translation>Spieler: %1</translation>
    </message>
    <message>
        <source>Place: %1</source>
        <translation>Ort: %1</translation>
    </message>
</context>
<context>
    <name>ProofWords</name>
    <message>
        <source>Snare-side edge pitch</source>
        <translation>Randton Resonanzfell</translation>
    </message>
    <message>
        <source>Snare-side head even within</source>
        <translation>Resonanzfell gleich auf</translation>
    </message>
    <message>
        <source>Batter edge pitch</source>
        <translation>Randton Schlagfell</translation>
    </message>
    <message>
        <source>Batter head even within</source>
        <translation>Schlagfell gleich auf</translation>
    </message>
    <message>
        <source>Centre pitch</source>
        <translation>Mittelton</translation>
    </message>
    <message>
        <source>Edge over centre</source>
        <translation>Rand über Mitte</translation>
    </message>
    <message>
        <source>Strainer, from contact</source>
        <translation>Abhebung, ab Berührung</translation>
    </message>
    <message>
        <source>Turns left before rattle or choke</source>
        <translation>Spielraum bis Rasseln, Ersticken</translation>
    </message>
    <message>
        <source>Buzz of the wires</source>
        <translation>Rauschen des Teppichs</translation>
    </message>
    <message>
        <source>Instruments that make the wires buzz</source>
        <translation>Instrumente, die mitschnarren lassen</translation>
    </message>
    <message>
        <source>± %1 cents</source>
        <translation>± %1 Cent</translation>
    </message>
    <message>
        <source>%1 turns outside</source>
        <translation>%1 Umdrehungen außerhalb</translation>
    </message>
    <message>
        <source>%1 turns</source>
        <translation>%1 Umdrehungen</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keiner</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>predicted</source>
        <translation>vorhergesagt</translation>
    </message>
    <message>
        <source>from your answers</source>
        <translation>aus Ihren Antworten</translation>
    </message>
    <message>
        <source>as counted</source>
        <translation>wie gezählt</translation>
    </message>
    <message>
        <source>by gauge, provisional</source>
        <translation>nach Messer, vorläufig</translation>
    </message>
    <message>
        <source>● settled</source>
        <translation>● erledigt</translation>
    </message>
    <message>
        <source>◐ near</source>
        <translation>◐ nahe</translation>
    </message>
    <message>
        <source>○ off</source>
        <translation>○ daneben</translation>
    </message>
    <message>
        <source>–  not measured</source>
        <translation>–  nicht gemessen</translation>
    </message>
    <message>
        <source>△ check again</source>
        <translation>△ neu prüfen</translation>
    </message>
    <message>
        <source>Play twenty backbeats</source>
        <translation>Zwanzig Backbeats spielen</translation>
    </message>
    <message>
        <source>Both are steady</source>
        <translation>Beide sind stetig</translation>
    </message>
    <message>
        <source>The drum is fine, the strokes wander</source>
        <translation>Die Trommel ist gut, die Schläge wandern</translation>
    </message>
    <message>
        <source>The ring wanders, and it is not clear why</source>
        <translation>Der Ausklang wandert, und es ist nicht klar warum</translation>
    </message>
    <message>
        <source>The strokes are alike, the drum is not</source>
        <translation>Die Schläge gleichen sich, die Trommel nicht</translation>
    </message>
    <message>
        <source>Steady, but off the middle</source>
        <translation>Stetig, aber neben der Mitte</translation>
    </message>
    <message>
        <source>As you would in the song, all alike, the microphone where it stays. A verdict appears after %1 strokes.</source>
        <translation>Wie im Lied, alle gleich, das Mikrofon bleibt stehen. Ein Urteil kommt nach %1 Schlägen.</translation>
    </message>
    <message>
        <source>What you hear is the drum: judge it, and change it, as it is.</source>
        <translation>Was Sie hören, ist die Trommel: beurteilen und ändern Sie sie, wie sie ist.</translation>
    </message>
    <message>
        <source>Mark the middle, lower the stand or the seat, and play again before anything is turned.</source>
        <translation>Mitte markieren, Ständer oder Hocker tiefer stellen und noch einmal spielen, bevor etwas gedreht wird.</translation>
    </message>
    <message>
        <source>Where the strokes land could not be heard. Play a little louder, the microphone nearer to the middle.</source>
        <translation>Wo die Schläge landen, war nicht zu hören. Etwas lauter spielen, das Mikrofon näher zur Mitte.</translation>
    </message>
    <message>
        <source>Something moves: a loose rod, a strand, a pad that shifts. Look for it, then play again.</source>
        <translation>Etwas bewegt sich: eine lose Schraube, eine Spirale, ein rutschender Dämpfer. Suchen Sie es, dann spielen Sie noch einmal.</translation>
    </message>
    <message>
        <source>So far out the edge sounds with every stroke and rings on. Move the drum under the stick.</source>
        <translation>So weit außen klingt bei jedem Schlag der Rand mit und weiter. Rücken Sie die Trommel unter den Stock.</translation>
    </message>
    <message>
        <source>not heard</source>
        <translation>nicht gehört</translation>
    </message>
    <message>
        <source>ring %1 s</source>
        <translation>Ausklang %1 s</translation>
    </message>
    <message>
        <source>tone with wires %1 s</source>
        <translation>Ton mit Teppich %1 s</translation>
    </message>
    <message>
        <source>buzz %1 s</source>
        <translation>Rauschen %1 s</translation>
    </message>
    <message>
        <source>Ring</source>
        <translation>Ausklang</translation>
    </message>
    <message>
        <source>centre %1 Hz</source>
        <translation>Mitte %1 Hz</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source>not heard</source>
        <translation>nicht gehört</translation>
    </message>
</context>
<context>
    <name>RefusalWords</name>
    <message>
        <source>That does not fit the step at hand; nothing was changed.</source>
        <translation>Das passt nicht zum Schritt; nichts wurde geändert.</translation>
    </message>
    <message>
        <source>There is no such rod on this drum.</source>
        <translation>Eine solche Schraube hat diese Trommel nicht.</translation>
    </message>
    <message>
        <source>Every rod of this round has been heard.</source>
        <translation>Jede Schraube dieser Runde ist gehört.</translation>
    </message>
    <message>
        <source>Half a round needs an even number of rods: with an odd one no rod stands opposite another.</source>
        <translation>Eine halbe Runde braucht eine gerade Zahl von Schrauben: bei ungerader steht keine einer anderen gegenüber.</translation>
    </message>
    <message>
        <source>A rod is tapped one to %1 times.</source>
        <translation>Eine Schraube wird ein- bis %1-mal getippt.</translation>
    </message>
    <message>
        <source>A counted round is half turned; finish it, then choose another order.</source>
        <translation>Eine gezählte Runde ist halb gedreht; beenden Sie sie, dann wählen Sie eine andere Folge.</translation>
    </message>
    <message>
        <source>Heads are evened to between %1 and %2 cents.</source>
        <translation>Felle werden auf %1 bis %2 Cent ausgeglichen.</translation>
    </message>
    <message>
        <source>Rounds go by full, half, quarter or eighth turns at most.</source>
        <translation>Runden gehen um höchstens ganze, halbe, Viertel- oder Achtelumdrehungen.</translation>
    </message>
    <message>
        <source>This head was not taken above pitch, or is not even there yet.</source>
        <translation>Dieses Fell wurde nicht über den Ton gebracht oder ist dort noch nicht gleichmäßig.</translation>
    </message>
    <message>
        <source>This round is heard, not read off a gauge; choose how it is done first.</source>
        <translation>Diese Runde wird gehört, nicht abgelesen; wählen Sie erst, wie sie geht.</translation>
    </message>
    <message>
        <source>No gauge shows that. A mark is more than 0, a gap from lug to hoop 0.1 to 60 mm; enter what stands beside the rod.</source>
        <translation>Das zeigt kein Messer. Eine Anzeige ist größer als 0, ein Spalt vom Böckchen zum Reifen 0,1 bis 60 mm; geben Sie ein, was neben der Schraube steht.</translation>
    </message>
    <message>
        <source>This head resists: nothing is tightened until the cause is found and cleared.</source>
        <translation>Dieses Fell klemmt: nichts wird angezogen, bis die Ursache gefunden und behoben ist.</translation>
    </message>
    <message>
        <source>No rod has been turned an eighth yet; there is nothing to retrace.</source>
        <translation>Noch keine Schraube wurde um ein Achtel gedreht; es gibt nichts nachzuvollziehen.</translation>
    </message>
    <message>
        <source>A plan before the show is made for %1 to %2 minutes.</source>
        <translation>Ein Plan vor dem Auftritt gilt für %1 bis %2 Minuten.</translation>
    </message>
    <message>
        <source>That skip misses rods on this drum; take one that shares no divisor with their number.</source>
        <translation>Dieser Sprung lässt bei dieser Trommel Schrauben aus; nehmen Sie einen, der keinen Teiler mit ihrer Zahl gemeinsam hat.</translation>
    </message>
    <message>
        <source>A trial is on this head already; turn it back first.</source>
        <translation>Auf diesem Fell läuft schon ein Versuch; drehen Sie ihn erst zurück.</translation>
    </message>
    <message>
        <source>One to three rods side by side are slackened; choose them so.</source>
        <translation>Eine bis drei Schrauben nebeneinander werden gelockert; wählen Sie sie so.</translation>
    </message>
    <message>
        <source>A trial turns rods by 1/8 to %1.</source>
        <translation>Ein Versuch dreht Schrauben um 1/8 bis %1.</translation>
    </message>
    <message>
        <source>A rod would hang loose and back off in use; slacken by less.</source>
        <translation>Eine Schraube hinge lose und ginge beim Spielen zurück; lockern Sie weniger.</translation>
    </message>
    <message>
        <source>The film would pass its safe load at a rod; turn by less.</source>
        <translation>Die Folie käme an einer Schraube über ihre sichere Last; drehen Sie weniger.</translation>
    </message>
    <message>
        <source>The pitch card is full; begin a new one to hear the drum again.</source>
        <translation>Die Tonkarte ist voll; beginnen Sie eine neue, um die Trommel noch einmal zu hören.</translation>
    </message>
    <message>
        <source>The pitch card holds no tap to take back.</source>
        <translation>Die Tonkarte enthält keinen Tipp, der sich zurücknehmen lässt.</translation>
    </message>
    <message>
        <source>This drum cannot reach that tone; choose another or another drum.</source>
        <translation>Diese Trommel erreicht diesen Klang nicht; wählen Sie einen anderen oder eine andere Trommel.</translation>
    </message>
    <message>
        <source>Weather is taken from %1 to %2 °C, 0 to 100 % damp and up to %3 m above the sea.</source>
        <translation>Wetter gilt von %1 bis %2 °C, 0 bis 100 % Feuchte und bis %3 m über dem Meer.</translation>
    </message>
    <message>
        <source>The strainer is counted from 0 (first contact) to %1 turns.</source>
        <translation>Die Abhebung wird von 0 (erste Berührung) bis %1 Umdrehungen gezählt.</translation>
    </message>
    <message>
        <source>No drum has wires of such lengths, or the knob stands beyond its travel; measure again in millimetres.</source>
        <translation>Keine Trommel hat einen Teppich solcher Länge, oder der Knopf steht jenseits seines Wegs; messen Sie noch einmal in Millimetern.</translation>
    </message>
    <message>
        <source>Up to %1 instruments with partials of 20 to 4000 Hz that last 0.01 to 30 s can be set beside the drum.</source>
        <translation>Bis zu %1 Instrumente mit Teiltönen von 20 bis 4000 Hz, die 0,01 bis 30 s dauern, lassen sich neben die Trommel setzen.</translation>
    </message>
    <message>
        <source>The pad would lie over the hoop; move it in.</source>
        <translation>Der Dämpfer läge über dem Reifen; rücken Sie ihn nach innen.</translation>
    </message>
    <message>
        <source>The stick lands there; move the pad out of the inner circle.</source>
        <translation>Dort landet der Stock; rücken Sie den Dämpfer aus dem inneren Kreis.</translation>
    </message>
    <message>
        <source>Two pads would overlap; leave a gap between them.</source>
        <translation>Zwei Dämpfer würden sich überlappen; lassen Sie einen Spalt dazwischen.</translation>
    </message>
    <message>
        <source>That pad is no longer there.</source>
        <translation>Dieser Dämpfer ist nicht mehr da.</translation>
    </message>
    <message>
        <source>Up to %1 things can lie on the head; take one off first.</source>
        <translation>Bis zu %1 Dinge können auf dem Fell liegen; nehmen Sie erst eines ab.</translation>
    </message>
    <message>
        <source>A close microphone stands %1 to %2 mm over the head and at most %3 mm from its middle.</source>
        <translation>Ein nahes Mikrofon steht %1 bis %2 mm über dem Fell und höchstens %3 mm von seiner Mitte.</translation>
    </message>
    <message>
        <source>Nothing that lies on a head weighs or damps so much; hear both again, without and with it.</source>
        <translation>Nichts, was auf einem Fell liegt, wiegt oder dämpft so viel; hören Sie beides noch einmal, ohne und mit.</translation>
    </message>
    <message>
        <source>Nothing was heard of the drum as it stands. Play a few strokes first, then change one thing.</source>
        <translation>Von der Trommel, wie sie steht, wurde nichts gehört. Spielen Sie erst ein paar Schläge, dann ändern Sie eines.</translation>
    </message>
    <message>
        <source>An experiment is under way; keep it or put it back first.</source>
        <translation>Ein Versuch läuft; behalten oder setzen Sie ihn erst zurück.</translation>
    </message>
    <message>
        <source>No experiment is under way.</source>
        <translation>Kein Versuch läuft.</translation>
    </message>
    <message>
        <source>A head was turned in the experiment, and rods cannot be put back from here. Keep it, or undo the turns first.</source>
        <translation>Im Versuch wurde ein Fell gedreht, und Schrauben lassen sich von hier nicht zurücksetzen. Behalten Sie ihn, oder machen Sie erst die Drehungen rückgängig.</translation>
    </message>
    <message>
        <source>One to %1 stars, or none.</source>
        <translation>Ein bis %1 Sterne, oder keiner.</translation>
    </message>
    <message>
        <source>That is too long for a name; use a few words, the rest goes into the note.</source>
        <translation>Das ist zu lang für einen Namen; nehmen Sie wenige Worte, der Rest gehört in die Notiz.</translation>
    </message>
    <message>
        <source>choice of tone</source>
        <translation>Wahl des Klangs</translation>
    </message>
    <message>
        <source>wish</source>
        <translation>Wunsch</translation>
    </message>
    <message>
        <source>school</source>
        <translation>Schule</translation>
    </message>
    <message>
        <source>weather</source>
        <translation>Wetter</translation>
    </message>
    <message>
        <source>turn of both heads</source>
        <translation>Drehung beider Felle</translation>
    </message>
    <message>
        <source>finger-tight</source>
        <translation>handfest</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>start of round</source>
        <translation>Beginn der Runde</translation>
    </message>
    <message>
        <source>tap</source>
        <translation>Tipp</translation>
    </message>
    <message>
        <source>corrected count</source>
        <translation>berichtigte Zahl</translation>
    </message>
    <message>
        <source>fresh start of head</source>
        <translation>Neubeginn des Fells</translation>
    </message>
    <message>
        <source>strainer</source>
        <translation>Abhebung</translation>
    </message>
    <message>
        <source>wire answer</source>
        <translation>Antwort des Teppichs</translation>
    </message>
    <message>
        <source>rattle answer</source>
        <translation>Antwort zum Rasseln</translation>
    </message>
    <message>
        <source>pad laid</source>
        <translation>Dämpfer aufgelegt</translation>
    </message>
    <message>
        <source>pad moved</source>
        <translation>Dämpfer verschoben</translation>
    </message>
    <message>
        <source>pad taken off</source>
        <translation>Dämpfer abgenommen</translation>
    </message>
    <message>
        <source>way of tapping</source>
        <translation>Art zu tippen</translation>
    </message>
    <message>
        <source>asked again</source>
        <translation>noch einmal verlangt</translation>
    </message>
    <message>
        <source>order and tolerance</source>
        <translation>Folge und Toleranz</translation>
    </message>
    <message>
        <source>tap for the card</source>
        <translation>Tipp für die Karte</translation>
    </message>
    <message>
        <source>tap of the card taken back</source>
        <translation>Tipp der Karte zurückgenommen</translation>
    </message>
    <message>
        <source>new pitch card</source>
        <translation>neue Tonkarte</translation>
    </message>
    <message>
        <source>beginning of head</source>
        <translation>Beginn am Fell</translation>
    </message>
    <message>
        <source>step of preparation</source>
        <translation>Vorbereitungsschritt</translation>
    </message>
    <message>
        <source>mark of gauge</source>
        <translation>Anzeige des Messers</translation>
    </message>
    <message>
        <source>choice of gauge</source>
        <translation>Wahl des Messers</translation>
    </message>
    <message>
        <source>resistance</source>
        <translation>Widerstand</translation>
    </message>
    <message>
        <source>retraced turns</source>
        <translation>nachvollzogene Drehungen</translation>
    </message>
    <message>
        <source>nearest rod</source>
        <translation>nächste Schraube</translation>
    </message>
    <message>
        <source>reminder</source>
        <translation>Erinnerung</translation>
    </message>
    <message>
        <source>minutes before the show</source>
        <translation>Minuten vor dem Auftritt</translation>
    </message>
    <message>
        <source>end of the hurry</source>
        <translation>Ende der Eile</translation>
    </message>
    <message>
        <source>uneven trial</source>
        <translation>unebener Versuch</translation>
    </message>
    <message>
        <source>way back</source>
        <translation>Zurückdrehen</translation>
    </message>
    <message>
        <source>left or right hand</source>
        <translation>linke oder rechte Hand</translation>
    </message>
    <message>
        <source>night&apos;s rest</source>
        <translation>Nachtruhe</translation>
    </message>
    <message>
        <source>measures of the wires</source>
        <translation>Maße des Teppichs</translation>
    </message>
    <message>
        <source>instruments around</source>
        <translation>Instrumente daneben</translation>
    </message>
    <message>
        <source>judging of the wires</source>
        <translation>Beurteilung des Teppichs</translation>
    </message>
    <message>
        <source>answer to a voice</source>
        <translation>Antwort auf eine Stimme</translation>
    </message>
    <message>
        <source>muffling as planned</source>
        <translation>Dämpfung nach Plan</translation>
    </message>
    <message>
        <source>place of the microphone</source>
        <translation>Ort des Mikrofons</translation>
    </message>
    <message>
        <source>own muffling</source>
        <translation>eigener Dämpfer</translation>
    </message>
    <message>
        <source>stroke</source>
        <translation>Schlag</translation>
    </message>
    <message>
        <source>experiment begun</source>
        <translation>Versuch begonnen</translation>
    </message>
    <message>
        <source>experiment ended</source>
        <translation>Versuch beendet</translation>
    </message>
    <message>
        <source>blind comparison</source>
        <translation>Blindvergleich</translation>
    </message>
    <message>
        <source>stars</source>
        <translation>Sterne</translation>
    </message>
    <message>
        <source>saved to logbook</source>
        <translation>ins Logbuch gespeichert</translation>
    </message>
    <message>
        <source>description of the drum</source>
        <translation>Beschreibung der Trommel</translation>
    </message>
    <message>
        <source>new head</source>
        <translation>neues Fell</translation>
    </message>
    <message>
        <source>new wires</source>
        <translation>neuer Teppich</translation>
    </message>
    <message>
        <source>Such a drum cannot be computed. Check its size, rods and heads.</source>
        <translation>Eine solche Trommel lässt sich nicht rechnen. Prüfen Sie Größe, Schrauben und Felle.</translation>
    </message>
    <message>
        <source>way back to an entry</source>
        <translation>Weg zurück zu einem Eintrag</translation>
    </message>
    <message>
        <source>complaint</source>
        <translation>Beschwerde</translation>
    </message>
    <message>
        <source>answer about the fault</source>
        <translation>Antwort zum Fehler</translation>
    </message>
    <message>
        <source>cause taken</source>
        <translation>Ursache angenommen</translation>
    </message>
    <message>
        <source>whether it helped</source>
        <translation>ob es half</translation>
    </message>
    <message>
        <source>answer taken back</source>
        <translation>Antwort zurückgenommen</translation>
    </message>
    <message>
        <source>end of the search</source>
        <translation>Ende der Suche</translation>
    </message>
    <message>
        <source>what it was</source>
        <translation>was es war</translation>
    </message>
    <message>
        <source>Nothing is being looked for; say first what is wrong with the drum.</source>
        <translation>Es wird nichts gesucht; sagen Sie zuerst, was mit der Trommel nicht stimmt.</translation>
    </message>
    <message>
        <source>result of the practice room</source>
        <translation>Ergebnis aus dem Übungsraum</translation>
    </message>
    <message>
        <source>result of a practice drum</source>
        <translation>Ergebnis einer Übungstrommel</translation>
    </message>
    <message>
        <source>That note is too long. Keep it under %1 characters.</source>
        <translation>Diese Notiz ist zu lang. Bleiben Sie unter %1 Zeichen.</translation>
    </message>
</context>
<context>
    <name>Report</name>
    <message>
        <source>Save a report</source>
        <translation>Einen Bericht sichern</translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation>Text (*.txt)</translation>
    </message>
    <message>
        <source>The report was written to %1. It holds no sound and no names; read it before you send it.</source>
        <translation>Der Bericht wurde nach %1 geschrieben. Er enthält weder Klang noch Namen; lesen Sie ihn, bevor Sie ihn senden.</translation>
    </message>
</context>
<context>
    <name>RingPicture</name>
    <message>
        <source>whole</source>
        <translation>ganz</translation>
    </message>
    <message>
        <source>%1 Hz</source>
        <translation>%1 Hz</translation>
    </message>
    <message>
        <source>Ring of the whole tone: %1 s with nothing on the head, %2 s now, %3 s wanted.</source>
        <translation>Ausklang des ganzen Tons: %1 s mit nichts darauf, %2 s jetzt, %3 s gewünscht.</translation>
    </message>
    <message>
        <source>%1 %2 s.</source>
        <translation>%1 %2 s.</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>each partial dying away: outline open, filled now</source>
        <translation>jeder Teilton klingt aus: Umriss offen, gefüllt jetzt</translation>
    </message>
    <message>
        <source>each partial dying away by 60 dB</source>
        <translation>jeder Teilton fällt um 60 dB ab</translation>
    </message>
    <message>
        <source>wanted %1 s</source>
        <translation>gewünscht %1 s</translation>
    </message>
    <message>
        <source>%1 %2 s</source>
        <translation>%1 %2 s</translation>
    </message>
    <message>
        <source>Whole ring: %1</source>
        <translation>Ausklang im Ganzen: %1</translation>
    </message>
    <message>
        <source>Ring time</source>
        <translation>Ausklangzeit</translation>
    </message>
</context>
<context>
    <name>ScatterPicture</name>
    <message>
        <source>strokes heard: %1 of %2</source>
        <translation>Schläge gehört: %1 von %2</translation>
    </message>
    <message>
        <source>%1 strokes</source>
        <translation>%1 Schläge</translation>
    </message>
    <message>
        <source>level ± %1 dB</source>
        <translation>Stärke ± %1 dB</translation>
    </message>
    <message>
        <source>place ± %1 mm</source>
        <translation>Ort ± %1 mm</translation>
    </message>
    <message>
        <source>ring ± %1 %</source>
        <translation>Ausklang ± %1 %</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>%1 dB</source>
        <translation>%1 dB</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>hoop</source>
        <translation>Reifen</translation>
    </message>
    <message>
        <source>each stroke: how far from the middle, how loud against the usual one; shaded, where the stick should land</source>
        <translation>jeder Schlag: wie weit von der Mitte, wie laut gegen den üblichen; schattiert, wo der Stock landen soll</translation>
    </message>
    <message>
        <source>place by the balance of edge and middle; the usual one is taken for a fifth of the way out</source>
        <translation>Ort aus dem Verhältnis von Rand und Mitte; der übliche gilt für ein Fünftel des Wegs nach außen</translation>
    </message>
    <message>
        <source>Strokes on the head</source>
        <translation>Schläge auf dem Fell</translation>
    </message>
</context>
<context>
    <name>SeasonPicture</name>
    <message>
        <source>%1 Hz</source>
        <translation>%1 Hz</translation>
    </message>
    <message>
        <source>batter</source>
        <translation>Schlagfell</translation>
    </message>
    <message>
        <source>snare side</source>
        <translation>Resonanzfell</translation>
    </message>
    <message>
        <source>uneven</source>
        <translation>uneben</translation>
    </message>
    <message>
        <source>The weather was never entered.</source>
        <translation>Das Wetter wurde nie eingegeben.</translation>
    </message>
    <message>
        <source>%1 °C</source>
        <translation>%1 °C</translation>
    </message>
    <message>
        <source>today</source>
        <translation>heute</translation>
    </message>
    <message>
        <source>new batter head</source>
        <translation>neues Schlagfell</translation>
    </message>
    <message>
        <source>new snare-side head</source>
        <translation>neues Resonanzfell</translation>
    </message>
    <message>
        <source>new wires</source>
        <translation>neuer Teppich</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <translation>%1 über %2</translation>
    </message>
    <message>
        <source>even within %1 cents</source>
        <translation>eben auf %1 Cent</translation>
    </message>
    <message>
        <source>wires %1</source>
        <translation>Teppich %1</translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation>%1, %2: %3</translation>
    </message>
    <message>
        <source>Nothing saved yet.</source>
        <translation>Noch nichts gesichert.</translation>
    </message>
    <message numerus="yes">
        <source>%n entries, from %1 on.</source>
        <translation>
            <numerusform>%n Eintrag, ab %1.</numerusform>
            <numerusform>%n Einträge, ab %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>In hand: %1.</source>
        <translation>Gewählt: %1.</translation>
    </message>
    <message>
        <source>Nothing saved for this drum yet. The last station, Proof, saves how it stands; from the second entry on this page shows how it drifts, and brings it back.</source>
        <translation>Für diese Trommel ist noch nichts gesichert. Die letzte Station, Nachweis, sichert, wie sie steht; ab dem zweiten Eintrag zeigt diese Seite, wie sie wandert, und bringt sie zurück.</translation>
    </message>
</context>
<context>
    <name>SetList</name>
    <message>
        <source>batter %1 tighter</source>
        <translation>Schlagfell %1 fester</translation>
    </message>
    <message>
        <source>batter %1 looser</source>
        <translation>Schlagfell %1 loser</translation>
    </message>
    <message>
        <source>snare side %1 tighter</source>
        <translation>Resonanzfell %1 fester</translation>
    </message>
    <message>
        <source>snare side %1 looser</source>
        <translation>Resonanzfell %1 loser</translation>
    </message>
    <message>
        <source>no drum here can have it</source>
        <translation>keine Trommel hier kann ihn haben</translation>
    </message>
    <message>
        <source>strainer %1 tighter</source>
        <translation>Abhebung %1 fester</translation>
    </message>
    <message>
        <source>strainer %1 looser</source>
        <translation>Abhebung %1 loser</translation>
    </message>
    <message numerus="yes">
        <source>%n mufflers</source>
        <translation>
            <numerusform>%n Dämpfer</numerusform>
            <numerusform>%n Dämpfer</numerusform>
        </translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation>wie sie steht</translation>
    </message>
    <message>
        <source>%1 s, sure to %2 cents</source>
        <translation>%1 s, auf %2 Cent sicher</translation>
    </message>
    <message>
        <source>snare side stays %1 cents off</source>
        <translation>Resonanzfell bleibt %1 Cent daneben</translation>
    </message>
    <message>
        <source>no time for it</source>
        <translation>keine Zeit dafür</translation>
    </message>
    <message>
        <source>sure to %1 cents</source>
        <translation>auf %1 Cent genau</translation>
    </message>
    <message>
        <source>Take everything off</source>
        <translation>Alles abnehmen</translation>
    </message>
    <message>
        <source>%1 tighter</source>
        <translation>%1 fester</translation>
    </message>
    <message>
        <source>%1 looser</source>
        <translation>%1 lockerer</translation>
    </message>
    <message>
        <source>snare side, every rod: turn it over, lever off</source>
        <translation>Resonanzfell, jede Schraube: umdrehen, Hebel los</translation>
    </message>
    <message>
        <source>batter, every rod</source>
        <translation>Schlagfell, jede Schraube</translation>
    </message>
    <message>
        <source>the strainer&apos;s knob</source>
        <translation>der Knopf der Abhebung</translation>
    </message>
    <message>
        <source>of the batter</source>
        <translation>vom Schlagfell</translation>
    </message>
    <message>
        <source>on the batter, nothing else</source>
        <translation>aufs Schlagfell, sonst nichts</translation>
    </message>
</context>
<context>
    <name>SetWords</name>
    <message>
        <source>It rattles before it stops choking: tighten the snare side, or the strands are worn.</source>
        <translation>Es rasselt, bevor es aufhört zu ersticken: Resonanzfell spannen, oder die Spiralen sind müde.</translation>
    </message>
    <message>
        <source>Room to rattle: %1 turns looser. Room to choke: %2 turns tighter.</source>
        <translation>Bis zum Rasseln: %1 Umdrehungen lockerer. Bis zum Ersticken: %2 Umdrehungen fester.</translation>
    </message>
    <message>
        <source>%1 turn %2</source>
        <translation>%1 Umdrehung %2</translation>
    </message>
    <message>
        <source>further</source>
        <translation>weiter</translation>
    </message>
    <message>
        <source>nearer</source>
        <translation>näher</translation>
    </message>
    <message>
        <source>One more eighth on the snare side: %1 to choke, film load %2 to %3 %; on the batter: %4.</source>
        <translation>Ein Achtel mehr am Resonanzfell: %1 zum Ersticken, Folienlast %2 auf %3 %; am Schlagfell: %4.</translation>
    </message>
    <message>
        <source>The snare-side head is tight enough.</source>
        <translation>Das Resonanzfell ist fest genug.</translation>
    </message>
    <message>
        <source>Raise the snare-side head by %1 cents for a span of at least 1 turn.</source>
        <translation>Das Resonanzfell um %1 Cent höher gibt mindestens 1 Umdrehung Spielraum.</translation>
    </message>
    <message>
        <source>After a loud stroke they strike for %1 s. Their pull bends the head by %2 µm and lifts its own pitch by some %3 cents.</source>
        <translation>Nach einem lauten Schlag schlagen sie %1 s nach. Ihr Zug biegt das Fell um %2 µm und hebt seinen Ton um etwa %3 Cent.</translation>
    </message>
    <message>
        <source>no nearer, no further</source>
        <translation>nicht näher, nicht weiter</translation>
    </message>
</context>
<context>
    <name>Settings</name>
    <message>
        <source>The file of settings %1 is damaged: Bombo starts with what is usual, and writes it anew.</source>
        <translation>Die Einstellungsdatei %1 ist beschädigt: Bombo beginnt mit dem Üblichen und schreibt sie neu.</translation>
    </message>
    <message>
        <source>The file of settings %1 cannot be read or written: what you choose holds until Bombo ends.</source>
        <translation>Die Einstellungsdatei %1 lässt sich nicht lesen oder schreiben: Was Sie wählen, gilt, bis Bombo endet.</translation>
    </message>
    <message>
        <source>A newer Bombo wrote the settings %1: what this one knows of them holds, the rest is left as it is. To have all of them, install the newer version.</source>
        <translation>Ein neueres Bombo hat die Einstellungen %1 geschrieben: Was dieses davon kennt, gilt, der Rest bleibt, wie er ist. Für alle die neuere Version installieren.</translation>
    </message>
</context>
<context>
    <name>SetupCard</name>
    <message>
        <source>%1 cannot be written. Choose another folder, or make room on the disk.</source>
        <translation>%1 lässt sich nicht schreiben. Wählen Sie einen anderen Ordner, oder machen Sie Platz auf der Platte.</translation>
    </message>
    <message>
        <source>Save the setup card</source>
        <translation>Die Karte speichern</translation>
    </message>
    <message>
        <source>PDF (*.pdf)</source>
        <translation>PDF (*.pdf)</translation>
    </message>
</context>
<context>
    <name>SoundText</name>
    <message>
        <source>%1 is not there or cannot be read; check the name and your rights</source>
        <translation>%1 ist nicht da oder nicht lesbar; prüfen Sie den Namen und Ihre Rechte</translation>
    </message>
    <message>
        <source>%1 is empty; record it again</source>
        <translation>%1 ist leer; nehmen Sie es noch einmal auf</translation>
    </message>
    <message>
        <source>%1 has %2 samples a second; record with %3 or more</source>
        <translation>%1 hat %2 Abtastwerte je Sekunde; nehmen Sie mit %3 oder mehr auf</translation>
    </message>
    <message>
        <source>%1 says that it has %2 samples a second, which no recorder makes; save it anew with %3 or fewer</source>
        <translation>%1 gibt %2 Abtastwerte je Sekunde an, was kein Aufnahmegerät macht; speichern Sie es neu mit %3 oder weniger</translation>
    </message>
    <message>
        <source>%1 has %2 channels; save it with one or two</source>
        <translation>%1 hat %2 Kanäle; speichern Sie es mit einem oder zwei</translation>
    </message>
    <message>
        <source>%1 exists already; choose another name, or say that it may be replaced</source>
        <translation>%1 gibt es schon; wählen Sie einen anderen Namen oder sagen Sie, dass es ersetzt werden darf</translation>
    </message>
    <message>
        <source>%1 holds no sound after its header; record it again</source>
        <translation>%1 enthält nach dem Kopf keinen Ton; nehmen Sie es noch einmal auf</translation>
    </message>
    <message>
        <source>%1 cannot be written (%2); choose another folder</source>
        <translation>%1 kann nicht geschrieben werden (%2); wählen Sie einen anderen Ordner</translation>
    </message>
    <message>
        <source>%1 is not a sound file that can be read (%2); give a WAV or FLAC file</source>
        <translation>%1 ist keine lesbare Tondatei (%2); geben Sie eine WAV- oder FLAC-Datei</translation>
    </message>
</context>
<context>
    <name>StepWords</name>
    <message>
        <source>Now both %1</source>
        <translation>Jetzt beide %1</translation>
    </message>
    <message>
        <source>Now %1</source>
        <translation>Jetzt %1</translation>
    </message>
    <message>
        <source>%1 tighter</source>
        <translation>%1 fester</translation>
    </message>
    <message>
        <source>%1 looser</source>
        <translation>%1 lockerer</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedreht</translation>
    </message>
    <message>
        <source>pair %1 of %2</source>
        <translation>Paar %1 von %2</translation>
    </message>
    <message>
        <source>rod %1 of %2</source>
        <translation>Schraube %1 von %2</translation>
    </message>
    <message>
        <source>round %1 of %2</source>
        <translation>Runde %1 von %2</translation>
    </message>
    <message>
        <source>then %1 the same. Equal turns keep the hoop level and the film in the middle; stop if the resistance jumps.</source>
        <translation>dann %1 ebenso. Gleiche Drehungen halten den Reifen eben und die Folie mittig; aufhören, wenn der Widerstand springt.</translation>
    </message>
    <message>
        <source>then the next round, %1 each</source>
        <translation>dann die nächste Runde, je %1</translation>
    </message>
    <message>
        <source>then tap the round</source>
        <translation>dann die Runde tippen</translation>
    </message>
    <message>
        <source>Now one tap, let it ring</source>
        <translation>Jetzt ein Tipp, klingen lassen</translation>
    </message>
    <message>
        <source>Rod %1</source>
        <translation>Schraube %1</translation>
    </message>
    <message>
        <source>30 mm in from the hoop. Other head muted, a light finger on the middle. The same place and strength at every rod, so that only its tension differs.</source>
        <translation>30 mm vom Reifen nach innen. Anderes Fell gedämpft, ein leichter Finger auf der Mitte. An jeder Schraube gleiche Stelle und Stärke, sodass nur die Spannung verschieden ist.</translation>
    </message>
    <message>
        <source>30 mm in from the hoop. Other head muted, nothing on this one. The same place and strength at every rod, so that only its tension differs.</source>
        <translation>30 mm vom Reifen nach innen. Anderes Fell gedämpft, nichts auf diesem. An jeder Schraube gleiche Stelle und Stärke, sodass nur die Spannung verschieden ist.</translation>
    </message>
    <message>
        <source>Now the same rod once more</source>
        <translation>Jetzt dieselbe Schraube noch einmal</translation>
    </message>
    <message>
        <source>Rough: ±%1 cents. One more tap here</source>
        <translation>Grob: ±%1 Cent. Hier noch ein Tipp</translation>
    </message>
    <message>
        <source>Now one more in the same place</source>
        <translation>Jetzt noch einer an derselben Stelle</translation>
    </message>
    <message>
        <source>Its taps lie %1 cents apart: one more decides.</source>
        <translation>Ihre Tipps liegen %1 Cent auseinander: einer mehr entscheidet.</translation>
    </message>
    <message>
        <source>tap %1</source>
        <translation>Tipp %1</translation>
    </message>
    <message>
        <source>tap 1 of %1</source>
        <translation>Tipp 1 von %1</translation>
    </message>
    <message>
        <source>Now measure the hoop gap</source>
        <translation>Jetzt den Reifenspalt messen</translation>
    </message>
    <message>
        <source>From the lug up to the hoop, beside the rod, with callipers: always the same two points, to a twentieth of a millimetre.</source>
        <translation>Vom Böckchen bis zum Reifen, neben der Schraube, mit dem Messschieber: immer dieselben zwei Punkte, auf ein Zwanzigstel Millimeter.</translation>
    </message>
    <message>
        <source>Measure it</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Enter the gap</source>
        <translation>Spalt eingeben</translation>
    </message>
    <message>
        <source>Now feel this rod</source>
        <translation>Jetzt diese Schraube fühlen</translation>
    </message>
    <message>
        <source>A sixteenth on and back with the key, or the thumb beside it, against the rods before it. Only the difference counts.</source>
        <translation>Ein Sechzehntel vor und zurück mit dem Schlüssel, oder der Daumen daneben, gegen die Schrauben davor. Nur der Unterschied zählt.</translation>
    </message>
    <message>
        <source>Feel it</source>
        <translation>Fühlen</translation>
    </message>
    <message>
        <source>Enter it</source>
        <translation>Eingeben</translation>
    </message>
    <message>
        <source>Now read the gauge</source>
        <translation>Jetzt den Messer ablesen</translation>
    </message>
    <message>
        <source>Set it on the film beside the rod, always as far from the hoop, and let it come to rest. The mark, not a pitch.</source>
        <translation>Auf die Folie neben die Schraube setzen, immer gleich weit vom Reifen, und zur Ruhe kommen lassen. Die Anzeige, keine Tonhöhe.</translation>
    </message>
    <message>
        <source>Read it</source>
        <translation>Ablesen</translation>
    </message>
    <message>
        <source>Enter the mark</source>
        <translation>Anzeige eingeben</translation>
    </message>
    <message>
        <source>Tap</source>
        <translation>Tippen</translation>
    </message>
    <message>
        <source>Give sound files…</source>
        <translation>Klangdateien geben…</translation>
    </message>
    <message>
        <source>Listening</source>
        <translation>Hört zu</translation>
    </message>
    <message>
        <source>move %1 of %2</source>
        <translation>Zug %1 von %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>then %1: %2</source>
        <translation>dann %1: %2</translation>
    </message>
    <message>
        <source>then tap the round again</source>
        <translation>dann die Runde noch einmal tippen</translation>
    </message>
    <message>
        <source>press the middle first, something was loosened</source>
        <translation>erst die Mitte drücken, etwas wurde gelockert</translation>
    </message>
    <message>
        <source>After all moves expect %1 (within %2 cents)</source>
        <translation>Nach allen Zügen zu erwarten: %1 (auf %2 Cent)</translation>
    </message>
    <message>
        <source>On to the batter</source>
        <translation>Weiter zum Schlagfell</translation>
    </message>
    <message>
        <source>On to the wires</source>
        <translation>Weiter zum Teppich</translation>
    </message>
    <message>
        <source>Even to ± %1 cents</source>
        <translation>Gleich auf ± %1 Cent</translation>
    </message>
    <message>
        <source>Not heard yet</source>
        <translation>Noch nicht gehört</translation>
    </message>
    <message>
        <source>Uneven on purpose</source>
        <translation>Absichtlich uneben</translation>
    </message>
    <message>
        <source>± %1 cents</source>
        <translation>± %1 Cent</translation>
    </message>
    <message>
        <source>It came within %1 cents of the prediction.</source>
        <translation>Es kam auf %1 Cent an die Vorhersage.</translation>
    </message>
    <message>
        <source>Play it. Keep it, or turn it back: every turn of it in turn.</source>
        <translation>Spielen Sie es. Behalten Sie es, oder drehen Sie es zurück: jede Drehung davon, eine nach der anderen.</translation>
    </message>
    <message>
        <source>Even, above pitch</source>
        <translation>Gleichmäßig, über dem Ton</translation>
    </message>
    <message>
        <source>Leave it overnight so that it seats (Go, Remind me). Then all rods come down together and the last turns go upwards.</source>
        <translation>Über Nacht stehen lassen, damit es sich setzt (Gehe zu, Erinnern). Dann gehen alle Schrauben zusammen herunter, und die letzten Drehungen gehen aufwärts.</translation>
    </message>
    <message>
        <source>It has rested</source>
        <translation>Es hat geruht</translation>
    </message>
    <message>
        <source>Even, in silence</source>
        <translation>Gleichmäßig, in Stille</translation>
    </message>
    <message>
        <source>Provisional: tap a round as soon as it may be heard.</source>
        <translation>Vorläufig: tippen Sie eine Runde, sobald sie gehört werden darf.</translation>
    </message>
    <message>
        <source>Provisional, and the pitch is a guess: this gauge was never read beside a pitch. Tap a round as soon as it may be heard.</source>
        <translation>Vorläufig, und die Tonhöhe ist geraten: dieser Messer wurde nie neben einer Tonhöhe abgelesen. Tippen Sie eine Runde, sobald sie gehört werden darf.</translation>
    </message>
    <message>
        <source>Provisional, and the pitch is a guess from the turns. Tap a round as soon as it may be heard.</source>
        <translation>Vorläufig, und die Tonhöhe ist aus den Drehungen geraten. Tippen Sie eine Runde, sobald sie gehört werden darf.</translation>
    </message>
    <message>
        <source>Even and at pitch</source>
        <translation>Gleichmäßig und auf dem Ton</translation>
    </message>
    <message>
        <source>New film drifts: look at it again tomorrow.</source>
        <translation>Neue Folie wandert: sehen Sie morgen noch einmal danach.</translation>
    </message>
    <message>
        <source>Leave it overnight now (Go, Remind me), then tap once more and bring it back.</source>
        <translation>Jetzt über Nacht stehen lassen (Gehe zu, Erinnern), dann noch einmal tippen und zurückbringen.</translation>
    </message>
    <message>
        <source>Press the middle gently, or leave a new head overnight, then tap once more.</source>
        <translation>Die Mitte sanft drücken, oder ein neues Fell über Nacht stehen lassen, dann noch einmal tippen.</translation>
    </message>
    <message>
        <source>It resists, so nothing was tightened. Find the cause, clear it, then tap again.</source>
        <translation>Es klemmt, also wurde nichts angezogen. Ursache finden, beheben, dann noch einmal tippen.</translation>
    </message>
    <message>
        <source>The film is near its limit: more turns would pass the safe load.</source>
        <translation>Die Folie ist nahe ihrer Grenze: mehr Drehung käme über die sichere Last.</translation>
    </message>
    <message>
        <source>No further eighth would bring it nearer; tap once more to be sure.</source>
        <translation>Kein weiteres Achtel brächte es näher; tippen Sie zur Sicherheit noch einmal.</translation>
    </message>
    <message>
        <source>As near as it goes</source>
        <translation>So nah, wie es geht</translation>
    </message>
    <message>
        <source>Now the other head</source>
        <translation>Jetzt das andere Fell</translation>
    </message>
    <message>
        <source>Raise the snare side</source>
        <translation>Resonanzfell hochstimmen</translation>
    </message>
    <message>
        <source>Raise the batter</source>
        <translation>Schlagfell hochstimmen</translation>
    </message>
    <message>
        <source>Both as one system: each moves the other, so both are raised before either is evened. Then come back and tap here.</source>
        <translation>Beide als ein System: jedes bewegt das andere, also werden beide hochgestimmt, bevor eines ausgeglichen wird. Dann kommen Sie zurück und tippen hier.</translation>
    </message>
    <message>
        <source>On to the snare side</source>
        <translation>Weiter zum Resonanzfell</translation>
    </message>
    <message>
        <source>Now listen again</source>
        <translation>Jetzt noch einmal hören</translation>
    </message>
    <message>
        <source>Tap the round</source>
        <translation>Die Runde tippen</translation>
    </message>
    <message>
        <source>The tone was changed since this head was heard: its target is another now.</source>
        <translation>Der Klang wurde geändert, seit dieses Fell gehört wurde: sein Ziel ist jetzt ein anderes.</translation>
    </message>
    <message>
        <source>Begin the round</source>
        <translation>Runde beginnen</translation>
    </message>
</context>
<context>
    <name>Store</name>
    <message>
        <source>%1: readings go out as a table. Give the file a name that ends with .csv.</source>
        <translation>%1: Messwerte gehen als Tabelle hinaus. Geben Sie der Datei einen Namen, der auf .csv endet.</translation>
    </message>
    <message>
        <source>%1 cannot be written (%2). Choose another folder.</source>
        <translation>%1 kann nicht geschrieben werden (%2). Wählen Sie einen anderen Ordner.</translation>
    </message>
    <message>
        <source>cannot be read (%1)</source>
        <translation>kann nicht gelesen werden (%1)</translation>
    </message>
    <message>
        <source>is too large for a logbook</source>
        <translation>ist zu groß für ein Logbuch</translation>
    </message>
    <message>
        <source>%1 is not there. Choose another workbook or make a new one.</source>
        <translation>%1 ist nicht da. Wählen Sie ein anderes Arbeitsbuch oder legen Sie ein neues an.</translation>
    </message>
    <message>
        <source>%1 cannot be reached. Check that its folder is there and that you may write in it.</source>
        <translation>%1 ist nicht erreichbar. Prüfen Sie, ob der Ordner da ist und ob Sie darin schreiben dürfen.</translation>
    </message>
    <message>
        <source>%1 is not a Bombo workbook. It was left as it is; choose a file that Bombo saved.</source>
        <translation>%1 ist kein Arbeitsbuch von Bombo. Es blieb, wie es ist; wählen Sie eine Datei, die Bombo gespeichert hat.</translation>
    </message>
    <message>
        <source>%1 is damaged (%2). It was left as it is. Open the newest backup beside it (its name ends in .bak), or copy what can be read into a new one with bombo-cli rescue.</source>
        <translation>%1 ist beschädigt (%2). Es blieb, wie es ist. Öffnen Sie die neueste Sicherung daneben (ihr Name endet auf .bak) oder kopieren Sie mit bombo-cli rescue, was lesbar ist, in ein neues.</translation>
    </message>
    <message>
        <source>%1 was written by a newer Bombo. It was left as it is; update Bombo to open it.</source>
        <translation>%1 wurde von einem neueren Bombo geschrieben. Es blieb, wie es ist; aktualisieren Sie Bombo, um es zu öffnen.</translation>
    </message>
    <message>
        <source>%1 can be read but not written. Save a copy in a folder of your own to go on.</source>
        <translation>%1 kann gelesen, aber nicht geschrieben werden. Speichern Sie eine Kopie in einem eigenen Ordner, um weiterzumachen.</translation>
    </message>
    <message>
        <source>The disk with %1 is full. Nothing saved was lost; free some space, then do the last step again.</source>
        <translation>Der Datenträger mit %1 ist voll. Nichts Gespeichertes ging verloren; schaffen Sie Platz und tun Sie den letzten Schritt noch einmal.</translation>
    </message>
    <message>
        <source>The disk with %1 could not be read or written. The workbook itself may be whole: check the disk and its cable or network, then try again.</source>
        <translation>Der Datenträger mit %1 konnte nicht gelesen oder beschrieben werden. Das Arbeitsbuch selbst kann heil sein: prüfen Sie Datenträger, Kabel oder Netz und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>Another program is writing to %1. Wait a moment, then do the last step again.</source>
        <translation>Ein anderes Programm schreibt gerade in %1. Warten Sie einen Moment und tun Sie den letzten Schritt noch einmal.</translation>
    </message>
    <message>
        <source>Another window has gone on with this session in %1. Its steps were loaded; do your last step again if it is still wanted.</source>
        <translation>Ein anderes Fenster hat mit dieser Sitzung in %1 weitergemacht. Seine Schritte wurden geladen; tun Sie Ihren letzten Schritt noch einmal, wenn er noch gewollt ist.</translation>
    </message>
    <message>
        <source>%1 exists already. Choose another name, or open it.</source>
        <translation>%1 gibt es schon. Wählen Sie einen anderen Namen oder öffnen Sie es.</translation>
    </message>
    <message>
        <source>%1 could not be used: %2.</source>
        <translation>%1 konnte nicht verwendet werden: %2.</translation>
    </message>
    <message>
        <source>%1: give the file a name that ends with .json (everything) or .csv (a table). For a copy of the workbook, choose Workbook &gt; Save a copy.</source>
        <translation>%1: Geben Sie der Datei einen Namen, der auf .json (alles) oder .csv (Tabelle) endet. Für eine Kopie des Arbeitsbuchs wählen Sie Arbeitsbuch &gt; Kopie speichern.</translation>
    </message>
    <message>
        <source>is no ordinary file</source>
        <translation>ist keine gewöhnliche Datei</translation>
    </message>
    <message>
        <source>%1 is a workbook or belongs to one, and was left as it is. Choose another name.</source>
        <translation>%1 ist ein Arbeitsbuch oder gehört zu einem und blieb, wie es ist. Wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>%1 is no ordinary file. Choose another name.</source>
        <translation>%1 ist keine gewöhnliche Datei. Wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>%1 exists already. Choose another name, or add --replace.</source>
        <translation>%1 gibt es schon. Wählen Sie einen anderen Namen, oder geben Sie --replace an.</translation>
    </message>
    <message>
        <source>%1 cannot be written: the disk may be full. Free some space or choose another folder.</source>
        <translation>%1 lässt sich nicht schreiben: Vielleicht ist der Datenträger voll. Schaffen Sie Platz, oder wählen Sie einen anderen Ordner.</translation>
    </message>
    <message>
        <source>%1 was moved, replaced or deleted while it was open, so this step was not kept. Everything before it is still here: choose Workbook &gt; Save a copy, or write it back to its place.</source>
        <translation>%1 wurde verschoben, ersetzt oder gelöscht, während es offen war; dieser Schritt wurde deshalb nicht gespeichert. Alles davor ist noch da: Wählen Sie Arbeitsbuch &gt; Kopie speichern, oder schreiben Sie es an seinen Platz zurück.</translation>
    </message>
    <message>
        <source>%1 holds parts that Bombo did not make (%2). It was left as it is. Copy what can be read into a new workbook with bombo-cli rescue.</source>
        <translation>%1 enthält Teile, die nicht von Bombo stammen (%2). Es blieb, wie es ist. Kopieren Sie mit bombo-cli rescue in ein neues Arbeitsbuch, was sich lesen lässt.</translation>
    </message>
    <message>
        <source>That step was not taken: Bombo could not have read it again from %1 (%2). Nothing was lost. Please report what you did just before.</source>
        <translation>Dieser Schritt wurde nicht ausgeführt: Bombo hätte ihn aus %1 nicht wieder lesen können (%2). Nichts ging verloren. Bitte melden Sie, was Sie gerade getan haben.</translation>
    </message>
    <message>
        <source>Cancelled. Nothing was written to %1.</source>
        <translation>Abgebrochen. In %1 wurde nichts geschrieben.</translation>
    </message>
</context>
<context>
    <name>SweepPicture</name>
    <message>
        <source>best: %1 ± %2</source>
        <translation>am besten: %1 ± %2</translation>
    </message>
    <message>
        <source>%1, %2 at the %3: %4</source>
        <translation>%1, %2 an %3: %4</translation>
    </message>
    <message>
        <source>answered</source>
        <translation>beantwortet</translation>
    </message>
    <message>
        <source>no answer</source>
        <translation>keine Antwort</translation>
    </message>
    <message>
        <source>Usable span from %1 to %2; best %3, sure to %4 turns. Strainer now at %5. Tried: %6.</source>
        <translation>Spielraum von %1 bis %2; am besten %3, sicher auf %4 Umdrehungen. Abhebung jetzt bei %5. Versucht: %6.</translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation>noch nichts</translation>
    </message>
    <message>
        <source>strainer turns from first contact</source>
        <translation>Umdrehungen der Abhebung ab erster Berührung</translation>
    </message>
    <message>
        <source>shaded: usable; disc: answered, cross: no answer; thin line: how sure
bars: should answer, full at the middle, hatched at the edge</source>
        <translation>schattiert: brauchbar; Punkt: beantwortet, Kreuz: keine Antwort; dünne Linie: wie sicher
Balken: sollte antworten, voll in der Mitte, schraffiert am Rand</translation>
    </message>
    <message>
        <source>Sweep of the strainer</source>
        <translation>Durchgang der Abhebung</translation>
    </message>
    <message>
        <source>Strainer now at %1. Tried: %2.</source>
        <translation>Abhebung jetzt bei %1. Versucht: %2.</translation>
    </message>
    <message>
        <source>disc: answered, cross: no answer; above: a straight line is clean, a jagged one rattled</source>
        <translation>Scheibe: Antwort, Kreuz: keine; oben: gerade Linie sauber, gezackte rasselt</translation>
    </message>
</context>
<context>
    <name>TapPaint</name>
    <message>
        <source>edge</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>%1 Hz</source>
        <translation>%1 Hz</translation>
    </message>
    <message>
        <source>%1 %2 Hz</source>
        <translation>%1 %2 Hz</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>%1, the one that counts, falls in %2 s</source>
        <translation>%1, der zählt, fällt in %2 s</translation>
    </message>
    <message>
        <source>%1, falls in %2 s</source>
        <translation>%1, fällt in %2 s</translation>
    </message>
    <message>
        <source>No partials.</source>
        <translation>Keine Teiltöne.</translation>
    </message>
    <message>
        <source>Partials: %1.</source>
        <translation>Teiltöne: %1.</translation>
    </message>
</context>
<context>
    <name>TomBench</name>
    <message>
        <source>%1 cents</source>
        <translation>%1 Cent</translation>
    </message>
    <message>
        <source>A tom makes the wires buzz</source>
        <translation>Ein Tom lässt den Teppich schnarren</translation>
    </message>
    <message>
        <source>Silence them with the least harm: a whisper must still be answered, a loud stroke must not rattle on, and the snare drum should keep its tone.</source>
        <translation>Bring ihn mit möglichst wenig Schaden zum Schweigen: Ein Flüstern muss er noch beantworten, nach einem lauten Schlag darf er nicht nachrasseln, und die kleine Trommel soll ihren Klang behalten.</translation>
    </message>
    <message>
        <source>Both heads of the drum</source>
        <translation>Beide Felle der Trommel</translation>
    </message>
    <message>
        <source>The knob</source>
        <translation>Der Knopf</translation>
    </message>
    <message>
        <source>The tom</source>
        <translation>Das Tom</translation>
    </message>
    <message>
        <source>The knob stands at %1.</source>
        <translation>Der Knopf steht bei %1.</translation>
    </message>
    <message>
        <source>All rods of the drum stand as they did.</source>
        <translation>Alle Schrauben der Trommel stehen, wie sie standen.</translation>
    </message>
    <message>
        <source>All rods of the drum %1 tighter than they were.</source>
        <translation>Alle Schrauben der Trommel %1 fester als vorher.</translation>
    </message>
    <message>
        <source>All rods of the drum %1 looser than they were.</source>
        <translation>Alle Schrauben der Trommel %1 lockerer als vorher.</translation>
    </message>
    <message>
        <source>All rods of the tom stand as they did.</source>
        <translation>Alle Schrauben des Toms stehen, wie sie standen.</translation>
    </message>
    <message>
        <source>All rods of the tom %1 tighter than they were.</source>
        <translation>Alle Schrauben des Toms %1 fester als vorher.</translation>
    </message>
    <message>
        <source>All rods of the tom %1 looser than they were.</source>
        <translation>Alle Schrauben des Toms %1 lockerer als vorher.</translation>
    </message>
    <message>
        <source>They still buzz as the tom is struck.</source>
        <translation>Er schnarrt noch, wenn das Tom geschlagen wird.</translation>
    </message>
    <message>
        <source>They lie still, but rattle on after a loud stroke.</source>
        <translation>Er liegt still, rasselt aber nach einem lauten Schlag nach.</translation>
    </message>
    <message>
        <source>Right: they lie still, and a whisper is answered.</source>
        <translation>Richtig: Er liegt still, und ein Flüstern wird beantwortet.</translation>
    </message>
    <message>
        <source>They lie still, but choked: a whisper is not answered.</source>
        <translation>Er liegt still, ist aber abgewürgt: Ein Flüstern wird nicht beantwortet.</translation>
    </message>
    <message>
        <source>The tom was moved by %1, the snare drum by %2.</source>
        <translation>Das Tom wurde um %1 verstimmt, die kleine Trommel um %2.</translation>
    </message>
    <message>
        <source>Every rod of the tom %1 tighter would have done, and nothing else.</source>
        <translation>Jede Schraube des Toms %1 fester hätte genügt, sonst nichts.</translation>
    </message>
    <message>
        <source>Every rod of the tom %1 looser would have done, and nothing else.</source>
        <translation>Jede Schraube des Toms %1 lockerer hätte genügt, sonst nichts.</translation>
    </message>
    <message numerus="yes">
        <source>The key was set %n time(s).</source>
        <translation>
            <numerusform>Der Schlüssel wurde %n-mal angesetzt.</numerusform>
            <numerusform>Der Schlüssel wurde %n-mal angesetzt.</numerusform>
        </translation>
    </message>
    <message>
        <source>It took %1.</source>
        <translation>Es dauerte %1.</translation>
    </message>
</context>
<context>
    <name>Tuning</name>
    <message>
        <source>%1 cents</source>
        <translation>%1 Cent</translation>
    </message>
    <message>
        <source>One rod is low</source>
        <translation>Eine Schraube ist tief</translation>
    </message>
    <message>
        <source>Uneven all round</source>
        <translation>Rundum ungleich</translation>
    </message>
    <message>
        <source>Choked wires</source>
        <translation>Erstickter Teppich</translation>
    </message>
    <message>
        <source>Slack snare side</source>
        <translation>Schlaffes Resonanzfell</translation>
    </message>
    <message>
        <source>A rod that sticks</source>
        <translation>Eine Schraube klemmt</translation>
    </message>
    <message>
        <source>Five minutes</source>
        <translation>Fünf Minuten</translation>
    </message>
    <message>
        <source>Find it and bring it up; leave the others alone.</source>
        <translation>Finden Sie sie und ziehen Sie sie nach; die anderen bleiben, wie sie sind.</translation>
    </message>
    <message>
        <source>Bring every rod of the batter to %1.</source>
        <translation>Bringen Sie jede Schraube des Schlagfells auf %1.</translation>
    </message>
    <message>
        <source>Turn the knob until a whisper near the edge is answered and a loud stroke does not rattle on.</source>
        <translation>Drehen Sie den Knopf, bis ein Hauch am Rand Antwort bekommt und ein lauter Schlag nicht nachrasselt.</translation>
    </message>
    <message>
        <source>It hangs about a turn too low. Bring every rod to %1.</source>
        <translation>Es hängt etwa eine Umdrehung zu tief. Bringen Sie jede Schraube auf %1.</translation>
    </message>
    <message>
        <source>One rod is low and does not do what it is turned. Bring it to the others.</source>
        <translation>Eine Schraube ist tief und tut nicht, was man sie dreht. Bringen Sie sie zu den anderen.</translation>
    </message>
    <message>
        <source>The show begins in five minutes. Bring every rod of the batter to %1.</source>
        <translation>In fünf Minuten beginnt die Vorstellung. Bringen Sie jede Schraube des Schlagfells auf %1.</translation>
    </message>
    <message>
        <source>Figures and advice</source>
        <translation>Zahlen und Rat</translation>
    </message>
    <message>
        <source>Figures alone</source>
        <translation>Nur Zahlen</translation>
    </message>
    <message>
        <source>By ear alone</source>
        <translation>Nur nach Gehör</translation>
    </message>
    <message>
        <source>Nothing need be turned any more.</source>
        <translation>Es braucht nichts mehr gedreht zu werden.</translation>
    </message>
    <message>
        <source>%1, %2 tighter</source>
        <translation>%1, %2 fester</translation>
    </message>
    <message>
        <source>%1, %2 looser</source>
        <translation>%1, %2 lockerer</translation>
    </message>
    <message>
        <source>Bombo would turn: %1.</source>
        <translation>Bombo würde drehen: %1.</translation>
    </message>
    <message>
        <source>%1 min %2 s</source>
        <translation>%1 min %2 s</translation>
    </message>
    <message>
        <source>The head has torn: its film was pulled beyond what it bears. On your own drum Bombo stops long before.</source>
        <translation>Das Fell ist gerissen: Die Folie wurde weiter gezogen, als sie trägt. An Ihrer eigenen Trommel hält Bombo lange vorher an.</translation>
    </message>
    <message>
        <source>Too loose: a loud stroke still rattles on.</source>
        <translation>Zu locker: Ein lauter Schlag rasselt noch nach.</translation>
    </message>
    <message>
        <source>Right: a whisper is answered, and a loud stroke is clean.</source>
        <translation>Richtig: Ein Hauch bekommt Antwort, und ein lauter Schlag ist sauber.</translation>
    </message>
    <message>
        <source>Too tight: a whisper near the edge is not answered.</source>
        <translation>Zu fest: Ein Hauch am Rand bekommt keine Antwort.</translation>
    </message>
    <message numerus="yes">
        <source>The knob was turned %n time(s).</source>
        <translation>
            <numerusform>Der Knopf wurde %n-mal gedreht.</numerusform>
            <numerusform>Der Knopf wurde %n-mal gedreht.</numerusform>
        </translation>
    </message>
    <message>
        <source>Once would have done: %1 looser.</source>
        <translation>Einmal hätte genügt: %1 lockerer.</translation>
    </message>
    <message>
        <source>Once would have done: %1 tighter.</source>
        <translation>Einmal hätte genügt: %1 fester.</translation>
    </message>
    <message>
        <source>It took %1.</source>
        <translation>Es dauerte %1.</translation>
    </message>
    <message>
        <source>Done: within the tolerance of this drum.</source>
        <translation>Fertig: innerhalb der Toleranz dieser Trommel.</translation>
    </message>
    <message>
        <source>Not there yet.</source>
        <translation>Noch nicht so weit.</translation>
    </message>
    <message>
        <source>The rod that was farthest off: %1 before, %2 now; the head as a whole %3 from the goal.</source>
        <translation>Die Schraube, die am weitesten abwich: %1 vorher, %2 jetzt; das Fell im Ganzen %3 vom Ziel.</translation>
    </message>
    <message numerus="yes">
        <source>%n pass(es) of turning.</source>
        <translation>
            <numerusform>%n Durchgang gedreht.</numerusform>
            <numerusform>%n Durchgänge gedreht.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The key was set %n time(s).</source>
        <translation>
            <numerusform>Der Schlüssel wurde %n-mal angesetzt.</numerusform>
            <numerusform>Der Schlüssel wurde %n-mal angesetzt.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Who knows what was planted sets it %n time(s).</source>
        <translation>
            <numerusform>Wer weiß, was versteckt war, setzt ihn %n-mal an.</numerusform>
            <numerusform>Wer weiß, was versteckt war, setzt ihn %n-mal an.</numerusform>
        </translation>
    </message>
    <message>
        <source>Film load at most %1 %. It took %2.</source>
        <translation>Last der Folie höchstens %1 %. Es dauerte %2.</translation>
    </message>
    <message>
        <source>Half of what it was turned was lost in the thread: clean and oil such a rod.</source>
        <translation>Die Hälfte der Drehung ging im Gewinde verloren: So eine Schraube reinigen und ölen.</translation>
    </message>
    <message>
        <source>here stands how near you came, day by day</source>
        <translation>hier steht, wie nah Sie kamen, Tag für Tag</translation>
    </message>
    <message>
        <source>Last time not right</source>
        <translation>Letztes Mal nicht richtig</translation>
    </message>
    <message>
        <source>Last time %1 off</source>
        <translation>Letztes Mal %1 daneben</translation>
    </message>
    <message>
        <source>Dull: is it the head?</source>
        <translation>Dumpf: Liegt es am Fell?</translation>
    </message>
    <message>
        <source>It sounds dull. Bring every rod of the batter to %1, and fit a fresh head only if this one is worn out.</source>
        <translation>Es klingt dumpf. Bring jede Schraube des Schlagfells auf %1 und zieh nur dann ein neues Fell auf, wenn dieses verbraucht ist.</translation>
    </message>
    <message>
        <source>The head was worn out: a fresh one was the answer.</source>
        <translation>Das Fell war verbraucht: Ein neues war die Antwort.</translation>
    </message>
    <message>
        <source>The head was worn out: even at its pitch it stays dull. Only a fresh one helps.</source>
        <translation>Das Fell war verbraucht: Auch auf seiner Tonhöhe bleibt es dumpf. Nur ein neues hilft.</translation>
    </message>
    <message>
        <source>The old head was still good, only too low: a fresh one was wasted.</source>
        <translation>Das alte Fell war noch gut, nur zu tief: Ein neues war vergeudet.</translation>
    </message>
    <message>
        <source>The head was good, only too low.</source>
        <translation>Das Fell war gut, nur zu tief.</translation>
    </message>
    <message>
        <source>Nothing can be heard: plug in a loudspeaker or headphones, or begin again with figures. This one will not be kept.</source>
        <translation>Nichts ist zu hören: Schließ Lautsprecher oder Kopfhörer an, oder beginn neu mit Zahlen. Diese Runde wird nicht behalten.</translation>
    </message>
    <message>
        <source>You hear a loud stroke in the middle.</source>
        <translation>Du hörst einen lauten Schlag in der Mitte.</translation>
    </message>
    <message>
        <source>You hear a whisper near the edge.</source>
        <translation>Du hörst ein Flüstern am Rand.</translation>
    </message>
    <message>
        <source>They rattle on after it.</source>
        <translation>Er rasselt danach weiter.</translation>
    </message>
    <message>
        <source>Clean: nothing rattles on.</source>
        <translation>Sauber: Nichts rasselt nach.</translation>
    </message>
    <message>
        <source>The wires answer.</source>
        <translation>Der Teppich antwortet.</translation>
    </message>
    <message>
        <source>No answer.</source>
        <translation>Keine Antwort.</translation>
    </message>
    <message>
        <source>The taps ring %1 s; a fresh head rings about %2 s at this pitch.</source>
        <translation>Die Anschläge klingen %1 s nach; ein neues Fell klingt bei dieser Tonhöhe etwa %2 s.</translation>
    </message>
    <message numerus="yes">
        <source>key set %n time(s)</source>
        <translation>
            <numerusform>Schlüssel %n-mal</numerusform>
            <numerusform>Schlüssel %n-mal</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Last time right; key set %n time(s)</source>
        <translation>
            <numerusform>Letztes Mal richtig; Schlüssel %n-mal</numerusform>
            <numerusform>Letztes Mal richtig; Schlüssel %n-mal</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Underside</name>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>From below, strainer on the left: wires %1 long, %2 to the shell&apos;s outer face at each end.</source>
        <translation>Von unten, Abhebung links: Teppich %1 lang, %2 bis zur Außenseite des Kessels an jedem Ende.</translation>
    </message>
    <message>
        <source>Shift them %1 towards the strainer.</source>
        <translation>Um %1 zur Abhebung schieben.</translation>
    </message>
    <message>
        <source>Shift them %1 towards the butt plate.</source>
        <translation>Um %1 zum Gegenhalter schieben.</translation>
    </message>
    <message>
        <source>strands %1</source>
        <translation>Spiralen %1</translation>
    </message>
    <message>
        <source>shift %1</source>
        <translation>schieben %1</translation>
    </message>
    <message>
        <source>strainer</source>
        <translation>Abhebung</translation>
    </message>
    <message>
        <source>butt plate</source>
        <translation>Gegenhalter</translation>
    </message>
    <message>
        <source>from below, true to scale; dotted: the inner wall</source>
        <translation>von unten, maßstäblich; gepunktet: die Innenwand</translation>
    </message>
    <message>
        <source>from below; usual lengths, not measured on this drum yet</source>
        <translation>von unten; übliche Längen, an dieser Trommel noch nicht gemessen</translation>
    </message>
    <message>
        <source>The underside</source>
        <translation>Die Unterseite</translation>
    </message>
</context>
<context>
    <name>WhatIsThis</name>
    <message>
        <source>The hoop laid flat, a rod at each place. Pegs: the edge pitch before each rod against the target, in cents (a hundredth of a semitone), heard by taps with the other head muted. The shaded band is the tolerance. While turns are counted, columns show turns from finger-tight.</source>
        <translation>Der Reifen flach gelegt, an jeder Stelle eine Schraube. Stifte: die Randtonhöhe vor jeder Schraube gegen das Ziel, in Cent (einem Hundertstel Halbton), durch Klopfen gehört, das andere Fell gedämpft. Das schattierte Band ist die Toleranz. Solange gezählt wird, zeigen Säulen die Umdrehungen seit handfest.</translation>
    </message>
    <message>
        <source>Film load: how hard the film is pulled, in per cent of what makes it stretch for good. Reckoned from the pitch heard, or the turns counted, and the film&apos;s thickness. Bombo stops at the mark.</source>
        <translation>Last der Folie: wie stark sie gezogen ist, in Prozent dessen, was sie bleibend dehnt. Gerechnet aus der gehörten Tonhöhe oder den gezählten Drehungen und der Dicke der Folie. Bombo hält an der Marke.</translation>
    </message>
    <message>
        <source>What to do now, drawn. The angle is that of the key, seen from above: an eighth of a turn is 45 degrees.</source>
        <translation>Was jetzt zu tun ist, gezeichnet. Der Winkel ist der des Schlüssels, von oben gesehen: Eine Achtelumdrehung sind 45 Grad.</translation>
    </message>
    <message>
        <source>The partials of the last tap: pitch across in Hz, loudness up. The marked one is the one that was wanted; the others tell which it is.</source>
        <translation>Die Teiltöne des letzten Klopfers: Tonhöhe nach rechts in Hz, Lautstärke nach oben. Der markierte ist der gesuchte; die anderen sagen, welcher es ist.</translation>
    </message>
    <message>
        <source>How loud the microphone hears, in dB below the most it can take. A tap should reach the right half and not the end.</source>
        <translation>Wie laut das Mikrofon hört, in dB unter dem Äußersten. Ein Klopfer soll in die rechte Hälfte reichen, nicht ans Ende.</translation>
    </message>
    <message>
        <source>What was heard last: of a tap its pitch in Hz with the nearest note and cents, of a stroke how long the tone rings, in seconds until it is inaudible (60 dB).</source>
        <translation>Was zuletzt gehört wurde: von einem Klopfer die Tonhöhe in Hz mit nächster Note und Cent, von einem Schlag, wie lange der Ton klingt, in Sekunden, bis er unhörbar ist (60 dB).</translation>
    </message>
    <message>
        <source>The drum cut through, to scale. Edge pitches: each head tapped near the hoop, the other muted. Centre pitch: both heads and the air between, struck in the middle. Reckoned for this drum from its size, heads and the weather; what was heard comes in where it is known.</source>
        <translation>Die Trommel durchgeschnitten, maßstäblich. Randtonhöhen: jedes Fell nah am Reifen geklopft, das andere gedämpft. Mitteltonhöhe: beide Felle und die Luft dazwischen, in der Mitte geschlagen. Gerechnet für diese Trommel aus Größe, Fellen und Wetter; Gehörtes geht ein, wo es bekannt ist.</translation>
    </message>
    <message>
        <source>The wires from below, to scale, lengths in millimetres. Drawn from what you measured with a rule, else as it usually is.</source>
        <translation>Der Teppich von unten, maßstäblich, Längen in Millimetern. Gezeichnet nach dem, was Sie mit dem Maßstab maßen, sonst wie üblich.</translation>
    </message>
    <message>
        <source>Turns of the knob across, from first contact; whisper to loud up. Discs: you said the wires answered; crosses: they did not. The shaded span is clean and answers everything; thin lines say how sure that is.</source>
        <translation>Umdrehungen des Knopfs nach rechts, vom ersten Kontakt an; von Hauch bis laut nach oben. Scheiben: Antwort; Kreuze: keine. Der schattierte Bereich ist sauber und antwortet auf alles; dünne Linien sagen, wie sicher das ist.</translation>
    </message>
    <message>
        <source>Pitches in Hz: above those of the instruments beside the drum, below the drum&apos;s own, the snare side dashed. A line joins two that meet; the thick one sets the wires going most. Predicted: the ear decides.</source>
        <translation>Tonhöhen in Hz: oben die der Instrumente neben der Trommel, unten die eigenen, das Resonanzfell gestrichelt. Eine Linie verbindet zwei, die sich treffen; die dicke bringt den Teppich am meisten zum Rasseln. Vorhergesagt: Das Ohr entscheidet.</translation>
    </message>
    <message>
        <source>Each partial dying away: seconds across. The outline is the bare head, filled is the head as it is now; the dashed line is what the tone wants. Predicted with this drum&apos;s own damping; below stands what was heard.</source>
        <translation>Wie jeder Teilton verklingt: Sekunden nach rechts. Der Umriss ist das bloße Fell, gefüllt das Fell, wie es jetzt ist; die gestrichelte Linie ist, was der Ton will. Vorhergesagt mit der eigenen Dämpfung dieser Trommel; darunter steht, was gehört wurde.</translation>
    </message>
    <message>
        <source>The batter from above, to scale; the circle is where the stick lands. What lies on it can be dragged, or chosen by its number and nudged with the arrows; near the edge it does most.</source>
        <translation>Das Schlagfell von oben, maßstäblich; der Kreis ist, wo der Stock landet. Was darauf liegt, lässt sich ziehen oder mit seiner Nummer wählen und mit den Pfeilen schieben; nah am Rand wirkt es am meisten.</translation>
    </message>
    <message>
        <source>Each line of the brief: where it was wanted, where it is, and how that is known. Measured: heard. Predicted: from the model and what was heard. Counted: as the hands said.</source>
        <translation>Jede Zeile des Auftrags: wo gewünscht, wo jetzt, und woher man es weiß. Gemessen: gehört. Vorhergesagt: aus Modell und Gehörtem. Gezählt: wie die Hände sagten.</translation>
    </message>
    <message>
        <source>Each stroke: how far from the middle it landed, in millimetres, by the balance of middle and edge; and how loud, in dB against the usual one. Scattered dots with an even ring are the hands; near dots with a scattered ring are the drum.</source>
        <translation>Jeder Schlag: wie weit von der Mitte er traf, in Millimetern, nach der Balance von Mitte und Rand; und wie laut, in dB gegen den üblichen. Verstreute Punkte mit gleichem Klingen sind die Hände; nahe Punkte mit verstreutem Klingen ist die Trommel.</translation>
    </message>
    <message>
        <source>Edge pitch in Hz over time: batter full, snare side dashed, thin what was wanted; a step is what a key did. Below: how uneven, in cents, and the weather; triangles are entries. Arrows walk from entry to entry.</source>
        <translation>Randtonhöhe in Hz über die Zeit: Schlagfell voll, Resonanzfell gestrichelt, dünn das Gewünschte; eine Stufe hat ein Schlüssel gemacht. Darunter: wie ungleich, in Cent, und das Wetter; Dreiecke sind Einträge. Pfeile gehen von Eintrag zu Eintrag.</translation>
    </message>
    <message>
        <source>The way back to a saved sound, as far as it is made: heads, knob, and what lay on the head.</source>
        <translation>Der Weg zurück zu einem gespeicherten Klang, so weit er gegangen ist: Felle, Knopf, und was auf dem Fell lag.</translation>
    </message>
    <message>
        <source>What moved this head since it was last left, in cents: weather, new film that settles, rods that backed off, and what is left over; each with its error.</source>
        <translation>Was dieses Fell bewegt hat, seit es zuletzt verlassen wurde, in Cent: Wetter, neue Folie, die sich setzt, Schrauben, die sich lösten, und der Rest; jedes mit seinem Fehler.</translation>
    </message>
    <message>
        <source>What differs between two entries. Orange lines are beyond what most ears tell apart, the dashed line is where that begins.</source>
        <translation>Was sich zwischen zwei Einträgen unterscheidet. Orange Linien liegen über dem, was die meisten Ohren unterscheiden; die gestrichelte zeigt, wo das beginnt.</translation>
    </message>
    <message>
        <source>How many more shows something is good for, from the shows so far and what wore; always with its reason.</source>
        <translation>Für wie viele Vorstellungen etwas noch gut ist, nach den bisherigen und dem, was sich abnutzte; immer mit dem Grund.</translation>
    </message>
    <message>
        <source>The numbers of the evening from top to bottom, a drum in each column: which plays what, what is turned before it, how long that takes, and how sure it is.</source>
        <translation>Die Nummern des Abends von oben nach unten, in jeder Spalte eine Trommel: welche was spielt, was davor gedreht wird, wie lange es dauert und wie sicher es ist.</translation>
    </message>
    <message>
        <source>What may be behind the complaint, each with its odds in per cent, from experience, your answers and what the workbook knows. They move with every answer.</source>
        <translation>Was hinter der Klage stecken kann, jedes mit seiner Aussicht in Prozent, aus Erfahrung, Ihren Antworten und dem, was das Arbeitsbuch weiß. Sie bewegen sich mit jeder Antwort.</translation>
    </message>
    <message>
        <source>Differences up, easier above. Full dots were right, rings wrong; the band is what is known of your ear in this round; squares are the days before, with their errors.</source>
        <translation>Unterschiede nach oben, oben leichter. Volle Punkte waren richtig, Ringe falsch; das Band ist, was in dieser Runde von Ihrem Ohr bekannt ist; Quadrate sind die Tage davor, mit ihren Fehlern.</translation>
    </message>
    <message>
        <source>The order of the work. Tick: done. Diamond: under way. Triangle: something before it changed since, look again. Ring: not begun.</source>
        <translation>Die Reihenfolge der Arbeit. Haken: getan. Raute: im Gang. Dreieck: Davor hat sich seither etwas geändert, noch einmal nachsehen. Ring: nicht begonnen.</translation>
    </message>
    <message>
        <source>Who listens, and what was heard last: the pitch in Hz and as a note, or why it has to be made again.</source>
        <translation>Wer hört, und was zuletzt gehört wurde: die Tonhöhe in Hz und als Note, oder warum es noch einmal sein muss.</translation>
    </message>
    <message>
        <source>Your own words to this setup. They are kept as you type.</source>
        <translation>Ihre eigenen Worte zu dieser Einstellung. Sie werden beim Tippen aufbewahrt.</translation>
    </message>
    <message>
        <source>What to do at this step, and why. It goes away with Not now; Help, Walk me through brings it back.</source>
        <translation>Was bei diesem Schritt zu tun ist, und warum. Mit Jetzt nicht geht sie; Hilfe, Begleite mich holt sie zurück.</translation>
    </message>
    <message>
        <source>Point at a picture or a figure, and click. F1 opens the manual at this page.</source>
        <translation>Zeigen Sie auf ein Bild oder eine Zahl und klicken Sie. F1 öffnet das Handbuch auf dieser Seite.</translation>
    </message>
    <message>
        <source>Each tap: its pitch against the middle one, in cents, and its loudness, in dB. The band is how far one tap differs from the next; a ring lies beyond the picture.</source>
        <translation>Jeder Klopfer: seine Tonhöhe gegen die mittlere, in Cent, und seine Lautstärke, in dB. Das Band ist, wie weit einer vom nächsten abweicht; ein Ring liegt außerhalb des Bildes.</translation>
    </message>
    <message>
        <source>Each turn as the drum tells it, against the quarter that was asked for. The line on a bar is how far the ear may be off.</source>
        <translation>Jede Drehung, wie die Trommel sie meldet, gegen das Viertel, das verlangt war. Der Strich am Balken ist, wie weit das Ohr irren kann.</translation>
    </message>
    <message>
        <source>The drum now and then, cut through, with the pitch of each head, the knob and what lay on it. Below: what each rod is turned on the way back, in parts of a turn; an arrow away from the shell is tighter.</source>
        <translation>Die Trommel jetzt und damals, aufgeschnitten, mit der Tonhöhe jedes Fells, dem Knopf und dem, was darauf lag. Darunter: wie weit jede Schraube auf dem Weg zurück gedreht wird, in Teilen einer Umdrehung; ein Pfeil vom Kessel weg ist fester.</translation>
    </message>
    <message>
        <source>How far level, place and ring differ from stroke to stroke. Within the shaded part they count as steady; beyond it level and place are the hands, the ring the drum.</source>
        <translation>Wie weit Lautstärke, Ort und Ausklang von Schlag zu Schlag abweichen. Im schattierten Teil gelten sie als stetig; darüber sind Lautstärke und Ort die Hände, der Ausklang die Trommel.</translation>
    </message>
    <message>
        <source>Each way to a shorter ring, dying away over the seconds, against the dashed line that is wanted: full where it gets there, pale where not. Hatched: the wires over it.</source>
        <translation>Jeder Weg zu kürzerem Ausklang, wie er über die Sekunden verklingt, gegen die gestrichelte Linie, die gewünscht ist: voll, wo er hinkommt, blass, wo nicht. Schraffiert: der Teppich darüber.</translation>
    </message>
    <message>
        <source>Strokes heard without your own thing and with it, a dot each, and how long the drum rang both times.</source>
        <translation>Gehörte Schläge ohne Ihr eigenes Ding und mit ihm, je ein Punkt, und wie lange die Trommel beide Male klang.</translation>
    </message>
    <message>
        <source>What the strokes said before the change (ring) and say after it (dot). The bars are how sure each is; where they lie over each other the strokes do not tell the two apart.</source>
        <translation>Was die Schläge vor der Änderung sagten (Ring) und danach sagen (Punkt). Die Balken zeigen, wie sicher beides ist; wo sie sich überdecken, unterscheiden die Schläge die beiden nicht.</translation>
    </message>
</context>
<context>
    <name>Wording</name>
    <message>
        <source>Drum</source>
        <translation>Trommel</translation>
    </message>
    <message>
        <source>Tone</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>Snare side</source>
        <translation>Resonanzfell</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Schlagfell</translation>
    </message>
    <message>
        <source>Wires</source>
        <translation>Teppich</translation>
    </message>
    <message>
        <source>Muffling</source>
        <translation>Dämpfung</translation>
    </message>
    <message>
        <source>Proof</source>
        <translation>Nachweis</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>under way</source>
        <translation>in Arbeit</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>check again</source>
        <translation>neu prüfen</translation>
    </message>
    <message>
        <source>batter</source>
        <translation>Schlagfell</translation>
    </message>
    <message>
        <source>snare side</source>
        <translation>Resonanzfell</translation>
    </message>
    <message>
        <source>Practice drum</source>
        <translation>Übungstrommel</translation>
    </message>
    <message>
        <source>Sound files</source>
        <translation>Klangdateien</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Mikrofon</translation>
    </message>
    <message>
        <source>whisper</source>
        <translation>Flüstern</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>leise</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>loud</source>
        <translation>laut</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>by the tone</source>
        <translation>nach dem Klang</translation>
    </message>
    <message>
        <source>loosest clean</source>
        <translation>lockerste saubere</translation>
    </message>
    <message>
        <source>equal lengths</source>
        <translation>gleiche Längen</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>trocken</translation>
    </message>
    <message>
        <source>wet</source>
        <translation>nass</translation>
    </message>
    <message>
        <source>So far into the clean span as the tone asks for.</source>
        <translation>So weit im sauberen Spielraum, wie der Klang verlangt.</translation>
    </message>
    <message>
        <source>The loosest setting that is clean at loud; a whisper is answered with the most room.</source>
        <translation>Die lockerste Einstellung, die bei laut sauber ist; ein Flüstern wird mit dem meisten Spielraum beantwortet.</translation>
    </message>
    <message>
        <source>Where the wires fall silent with the drum, by what was heard at the stops.</source>
        <translation>Wo der Teppich mit der Trommel verstummt, nach dem, was an den Stellen gehört wurde.</translation>
    </message>
    <message>
        <source>The tightest setting that still answers a whisper near the edge: short buzz, least body.</source>
        <translation>Die festeste Einstellung, die am Rand noch ein Flüstern beantwortet: kurzes Rauschen, am wenigsten Körper.</translation>
    </message>
    <message>
        <source>A quarter turn below clean: long buzz, a loud stroke may rattle on a little.</source>
        <translation>Eine Viertelumdrehung unter sauber: langes Rauschen, ein lauter Schlag darf etwas nachrasseln.</translation>
    </message>
    <message>
        <source>at the head</source>
        <translation>am Fell</translation>
    </message>
    <message>
        <source>at the player&apos;s ear</source>
        <translation>am Ohr des Spielers</translation>
    </message>
    <message>
        <source>in the room</source>
        <translation>im Raum</translation>
    </message>
    <message>
        <source>at the microphone</source>
        <translation>am Mikrofon</translation>
    </message>
    <message>
        <source>%1 on the batter would pass the safe film load; the highest is %2.</source>
        <translation>%1 am Schlagfell käme über die sichere Folienlast; das höchste ist %2.</translation>
    </message>
    <message>
        <source>%1 on the batter is below finger-tight; the lowest is %2.</source>
        <translation>%1 am Schlagfell liegt unter handfest; das tiefste ist %2.</translation>
    </message>
    <message>
        <source>%1 on the snare side would pass the safe film load; the highest is %2.</source>
        <translation>%1 am Resonanzfell käme über die sichere Folienlast; das höchste ist %2.</translation>
    </message>
    <message>
        <source>%1 on the snare side is below finger-tight; the lowest is %2.</source>
        <translation>%1 am Resonanzfell liegt unter handfest; das tiefste ist %2.</translation>
    </message>
    <message>
        <source>%1 is out of reach; the nearest is %2.</source>
        <translation>%1 ist unerreichbar; das nächste ist %2.</translation>
    </message>
    <message>
        <source>heard clearly</source>
        <translation>klar gehört</translation>
    </message>
    <message>
        <source>heard roughly</source>
        <translation>grob gehört</translation>
    </message>
    <message>
        <source>too quiet</source>
        <translation>zu leise</translation>
    </message>
    <message>
        <source>too loud for the input</source>
        <translation>zu laut für den Eingang</translation>
    </message>
    <message>
        <source>two hits in one</source>
        <translation>zwei Schläge in einem</translation>
    </message>
    <message>
        <source>the wires hide it</source>
        <translation>der Teppich verdeckt es</translation>
    </message>
    <message>
        <source>no tone</source>
        <translation>kein Ton</translation>
    </message>
    <message>
        <source>two pitches it could be</source>
        <translation>zwei Tonhöhen sind möglich</translation>
    </message>
    <message>
        <source>not this head</source>
        <translation>nicht dieses Fell</translation>
    </message>
    <message>
        <source>drowned by another sound</source>
        <translation>von anderem Klang übertönt</translation>
    </message>
    <message>
        <source>The room blurs it. Bring the microphone nearer for a finer figure.</source>
        <translation>Der Raum verwischt es. Bringen Sie das Mikrofon näher für einen feineren Wert.</translation>
    </message>
    <message>
        <source>Tap a little harder or come nearer, then tap the same rod again.</source>
        <translation>Tippen Sie etwas stärker oder kommen Sie näher, dann dieselbe Schraube noch einmal.</translation>
    </message>
    <message>
        <source>Turn the input gain down or tap softer, then tap the same rod again.</source>
        <translation>Drehen Sie den Eingang herunter oder tippen Sie leichter, dann dieselbe Schraube noch einmal.</translation>
    </message>
    <message>
        <source>Let the key bounce off once, then tap the same rod again.</source>
        <translation>Lassen Sie den Schlüssel einmal abprallen, dann dieselbe Schraube noch einmal.</translation>
    </message>
    <message>
        <source>Throw the lever off and hold the wires away, then tap again.</source>
        <translation>Hebel auf und den Teppich fernhalten, dann noch einmal tippen.</translation>
    </message>
    <message>
        <source>A knock, a voice or hum. Tap 30 mm in from the hoop, in front of the rod.</source>
        <translation>Ein Klopfen, eine Stimme oder Brummen. Tippen Sie 30 mm vom Reifen nach innen, vor der Schraube.</translation>
    </message>
    <message>
        <source>Keep the finger still on the middle and mute the other head, then tap the same rod again.</source>
        <translation>Halten Sie den Finger still auf der Mitte und dämpfen Sie das andere Fell, dann dieselbe Schraube noch einmal.</translation>
    </message>
    <message>
        <source>No tone where this head can be. Is the other head muted?</source>
        <translation>Kein Ton, wo dieses Fell sein kann. Ist das andere Fell gedämpft?</translation>
    </message>
    <message>
        <source>Hum or another instrument lies right on it. Stop that or come nearer, then tap again.</source>
        <translation>Brummen oder ein anderes Instrument liegt genau darauf. Stellen Sie das ab oder kommen Sie näher, dann noch einmal tippen.</translation>
    </message>
    <message>
        <source>%1 turn</source>
        <translation>%1 Umdrehung</translation>
    </message>
    <message>
        <source>%1 turns</source>
        <translation>%1 Umdrehungen</translation>
    </message>
    <message>
        <source>%1 Hz</source>
        <translation>%1 Hz</translation>
    </message>
    <message>
        <source>%1 × %2 mm</source>
        <translation>%1 × %2 mm</translation>
    </message>
    <message>
        <source>%1 × %2 in</source>
        <translation>%1 × %2 in</translation>
    </message>
    <message>
        <source>%1 N/m</source>
        <translation>%1 N/m</translation>
    </message>
    <message>
        <source>the snare-side film would pass %1 % of its yield</source>
        <translation>die Resonanzfolie käme über %1 % ihrer Streckgrenze</translation>
    </message>
    <message>
        <source>the batter&apos;s film would pass %1 % of its yield</source>
        <translation>die Folie des Schlagfells käme über %1 % ihrer Streckgrenze</translation>
    </message>
    <message>
        <source>the batter would be looser than finger-tight</source>
        <translation>das Schlagfell wäre lockerer als handfest</translation>
    </message>
    <message>
        <source>the snare side would be looser than finger-tight</source>
        <translation>das Resonanzfell wäre lockerer als handfest</translation>
    </message>
    <message>
        <source>beyond that edge and middle change places between the heads</source>
        <translation>darüber tauschen Rand und Mitte zwischen den Fellen die Plätze</translation>
    </message>
    <message>
        <source>no pair of tensions gives both</source>
        <translation>kein Paar von Spannungen gibt beides</translation>
    </message>
    <message>
        <source>as the tone asks</source>
        <translation>wie der Klang verlangt</translation>
    </message>
    <message>
        <source>your own interval</source>
        <translation>eigenes Intervall</translation>
    </message>
    <message>
        <source>a little above</source>
        <translation>etwas darüber</translation>
    </message>
    <message>
        <source>matched</source>
        <translation>gleich</translation>
    </message>
    <message>
        <source>near its limit</source>
        <translation>nahe der Grenze</translation>
    </message>
    <message>
        <source>by the ratio</source>
        <translation>nach Verhältnis</translation>
    </message>
    <message>
        <source>counted turns</source>
        <translation>gezählte Drehungen</translation>
    </message>
    <message>
        <source>The interval that suits the tone, capped by the film.</source>
        <translation>Das Intervall, das zum Klang passt, begrenzt von der Folie.</translation>
    </message>
    <message>
        <source>Your interval on every drum; on small drums the film caps it sooner.</source>
        <translation>Ihr Intervall auf jeder Trommel; auf kleinen begrenzt die Folie eher.</translation>
    </message>
    <message>
        <source>More body, slower answer: soft strokes near the edge may find no wire.</source>
        <translation>Mehr Körper, langsamere Antwort: leise Schläge am Rand finden vielleicht keinen Teppich.</translation>
    </message>
    <message>
        <source>Both heads sound as one pitch: round, little snap, late wires.</source>
        <translation>Beide Felle klingen als ein Ton: rund, wenig Biss, später Teppich.</translation>
    </message>
    <message>
        <source>The quickest answer and the hardest snap; brittle, and the film has least to spare.</source>
        <translation>Die schnellste Antwort und der härteste Biss; spröde, und die Folie hat am wenigsten Reserve.</translation>
    </message>
    <message>
        <source>A musical interval between edge and middle; the level follows the batter.</source>
        <translation>Ein musikalisches Intervall zwischen Rand und Mitte; die Höhe folgt dem Schlagfell.</translation>
    </message>
    <message>
        <source>A quarter turn a rod more than the batter: needs no ear, and is only as sure as the count.</source>
        <translation>Eine Viertelumdrehung je Schraube mehr als das Schlagfell: braucht kein Ohr und ist nur so sicher wie die Zählung.</translation>
    </message>
    <message>
        <source>snare side first</source>
        <translation>Resonanzfell zuerst</translation>
    </message>
    <message>
        <source>batter first</source>
        <translation>Schlagfell zuerst</translation>
    </message>
    <message>
        <source>both as one</source>
        <translation>beide als eines</translation>
    </message>
    <message>
        <source>loose end of the clean span</source>
        <translation>lockeres Ende des sauberen Spielraums</translation>
    </message>
    <message>
        <source>middle of the clean span</source>
        <translation>Mitte des sauberen Spielraums</translation>
    </message>
    <message>
        <source>tight end of the clean span</source>
        <translation>festes Ende des sauberen Spielraums</translation>
    </message>
    <message>
        <source>rod %1</source>
        <translation>Schraube %1</translation>
    </message>
    <message>
        <source>rods %1 and %2</source>
        <translation>Schrauben %1 und %2</translation>
    </message>
    <message>
        <source>gel pad</source>
        <translation>Gelpad</translation>
    </message>
    <message>
        <source>half a gel pad</source>
        <translation>halbes Gelpad</translation>
    </message>
    <message>
        <source>quarter gel pad</source>
        <translation>Viertel-Gelpad</translation>
    </message>
    <message>
        <source>doubled gel pad</source>
        <translation>doppeltes Gelpad</translation>
    </message>
    <message>
        <source>film ring</source>
        <translation>Folienring</translation>
    </message>
    <message>
        <source>tape and tissue</source>
        <translation>Band und Taschentuch</translation>
    </message>
    <message>
        <source>piece of felt</source>
        <translation>Stück Filz</translation>
    </message>
    <message>
        <source>felt strip under the head</source>
        <translation>Filzstreifen unter dem Fell</translation>
    </message>
    <message>
        <source>folded cloth</source>
        <translation>gefaltetes Tuch</translation>
    </message>
    <message>
        <source>wallet</source>
        <translation>Geldbörse</translation>
    </message>
    <message>
        <source>loose bouncing weight</source>
        <translation>loses, hüpfendes Gewicht</translation>
    </message>
    <message>
        <source>cloth under the hoop</source>
        <translation>Tuch unterm Reifen</translation>
    </message>
    <message>
        <source>damper inside</source>
        <translation>Dämpfer innen</translation>
    </message>
    <message>
        <source>ring in the head</source>
        <translation>Ring im Fell</translation>
    </message>
    <message>
        <source>vents in the head</source>
        <translation>Löcher im Fell</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>und %n weiteres</numerusform>
            <numerusform>und %n weitere</numerusform>
        </translation>
    </message>
    <message>
        <source>the drum %1 (%2)</source>
        <translation>die Trommel %1 (%2)</translation>
    </message>
    <message>
        <source>the tone %1 (%2)</source>
        <translation>der Klang %1 (%2)</translation>
    </message>
    <message>
        <source>step %1 of the session (%2)</source>
        <translation>Schritt %1 der Sitzung (%2)</translation>
    </message>
    <message>
        <source>the note and the place of a session (%1)</source>
        <translation>die Notiz und der Ort einer Sitzung (%1)</translation>
    </message>
    <message>
        <source>what is at hand (%1)</source>
        <translation>was zur Hand ist (%1)</translation>
    </message>
    <message>
        <source>today&apos;s backup could not be made (%1)</source>
        <translation>die Sicherung von heute gelang nicht (%1)</translation>
    </message>
    <message>
        <source>Damaged in this workbook and left out, so that the rest works: %1. Nothing was removed from the file.</source>
        <translation>In diesem Arbeitsbuch beschädigt und ausgelassen, damit der Rest läuft: %1. Nichts wurde aus der Datei entfernt.</translation>
    </message>
    <message>
        <source>unison</source>
        <translation>Prime</translation>
    </message>
    <message>
        <source>minor second</source>
        <translation>kleine Sekunde</translation>
    </message>
    <message>
        <source>major second</source>
        <translation>große Sekunde</translation>
    </message>
    <message>
        <source>minor third</source>
        <translation>kleine Terz</translation>
    </message>
    <message>
        <source>major third</source>
        <translation>große Terz</translation>
    </message>
    <message>
        <source>fourth</source>
        <translation>Quarte</translation>
    </message>
    <message>
        <source>tritone</source>
        <translation>Tritonus</translation>
    </message>
    <message>
        <source>fifth</source>
        <translation>Quinte</translation>
    </message>
    <message>
        <source>minor sixth</source>
        <translation>kleine Sexte</translation>
    </message>
    <message>
        <source>major sixth</source>
        <translation>große Sexte</translation>
    </message>
    <message>
        <source>minor seventh</source>
        <translation>kleine Septime</translation>
    </message>
    <message>
        <source>major seventh</source>
        <translation>große Septime</translation>
    </message>
    <message>
        <source>octave</source>
        <translation>Oktave</translation>
    </message>
    <message>
        <source>entry %1 of the logbook (%2)</source>
        <translation>Eintrag %1 des Logbuchs (%2)</translation>
    </message>
</context>
<context>
    <name>bombo::BackPanel</name>
    <message>
        <source>What is to be the same</source>
        <translation>Was gleich sein soll</translation>
    </message>
    <message>
        <source>Nothing to go back to yet</source>
        <translation>Noch nichts, wohin zurück</translation>
    </message>
    <message>
        <source>Save how the drum stands at the last station, Proof.</source>
        <translation>Sichern Sie an der letzten Station, Nachweis, wie die Trommel steht.</translation>
    </message>
    <message>
        <source>Since the last entry the batter moved %1 cents by itself:</source>
        <translation>Seit dem letzten Eintrag wanderte das Schlagfell von selbst um %1 Cent:</translation>
    </message>
    <message>
        <source>Since the last entry the snare side moved %1 cents by itself:</source>
        <translation>Seit dem letzten Eintrag wanderte das Resonanzfell von selbst um %1 Cent:</translation>
    </message>
    <message>
        <source>From %1 until it was found on %2 the batter moved %3 cents by itself:</source>
        <translation>Vom %1 bis zum %2 wanderte das Schlagfell von selbst um %3 Cent:</translation>
    </message>
</context>
<context>
    <name>bombo::BackStrip</name>
    <message>
        <source>It stands there now</source>
        <translation>Er steht jetzt dort</translation>
    </message>
    <message>
        <source>They lie so now</source>
        <translation>Sie liegen jetzt so</translation>
    </message>
    <message>
        <source>%1: turn the knob to %2 from first contact.</source>
        <translation>%1: den Knopf auf %2 ab dem ersten Kontakt drehen.</translation>
    </message>
    <message>
        <source>%1: nothing lay on the head.</source>
        <translation>%1: Auf dem Fell lag nichts.</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
</context>
<context>
    <name>bombo::BackbeatRound</name>
    <message>
        <source>Even backbeats</source>
        <translation>Gleiche Backbeats</translation>
    </message>
    <message>
        <source>Goal: loudness within %1 dB, place within %2 mm.</source>
        <translation>Ziel: Lautstärke auf %1 dB, Ort auf %2 mm.</translation>
    </message>
    <message>
        <source>The practice drum is struck by the hands that Listen gives it.</source>
        <translation>Die Übungstrommel wird von den Händen geschlagen, die Hören ihr gibt.</translation>
    </message>
    <message>
        <source>Play twelve backbeats as in a song, all alike, two seconds apart.</source>
        <translation>Spiel zwölf Backbeats wie im Lied, alle gleich, zwei Sekunden auseinander.</translation>
    </message>
    <message numerus="yes">
        <source>%n of 12 heard.</source>
        <translation>
            <numerusform>%n von 12 gehört.</numerusform>
            <numerusform>%n von 12 gehört.</numerusform>
        </translation>
    </message>
    <message>
        <source>Goal reached: the next one is finer.</source>
        <translation>Ziel erreicht: Das nächste ist feiner.</translation>
    </message>
    <message>
        <source>As loud as each other, but they wander: mark the place you aim at.</source>
        <translation>Gleich laut, aber sie wandern: Markier den Ort, auf den du zielst.</translation>
    </message>
    <message>
        <source>At one place, but not equally loud: let the stick fall from one height.</source>
        <translation>An einem Ort, aber nicht gleich laut: Lass den Stock aus einer Höhe fallen.</translation>
    </message>
    <message>
        <source>Slower, and from one height: first the place, then the loudness.</source>
        <translation>Langsamer, und aus einer Höhe: erst der Ort, dann die Lautstärke.</translation>
    </message>
    <message>
        <source>Strike it</source>
        <translation>Schlagen</translation>
    </message>
</context>
<context>
    <name>bombo::BeginTools</name>
    <message>
        <source>What the work begins with</source>
        <translation>Womit die Arbeit beginnt</translation>
    </message>
    <message>
        <source>A new head</source>
        <translation>Ein neues Fell</translation>
    </message>
    <message>
        <source>Same, from slack</source>
        <translation>Dasselbe, von locker</translation>
    </message>
    <message>
        <source>Same, as it stands</source>
        <translation>Dasselbe, wie es steht</translation>
    </message>
    <message>
        <source>As it stands: nothing is slackened, the first thing is a round of taps.</source>
        <translation>Wie es steht: nichts wird gelockert, zuerst kommt eine Runde Tipps.</translation>
    </message>
    <message>
        <source>How the wires are kept away</source>
        <translation>Wie der Teppich ferngehalten wird</translation>
    </message>
    <message>
        <source>Stick under wires</source>
        <translation>Stock unter Teppich</translation>
    </message>
    <message>
        <source>Wires lifted</source>
        <translation>Teppich angehoben</translation>
    </message>
    <message>
        <source>Wires taken off</source>
        <translation>Teppich abgenommen</translation>
    </message>
    <message>
        <source>How a new head is seated</source>
        <translation>Wie ein neues Fell gesetzt wird</translation>
    </message>
    <message>
        <source>Seat by palm</source>
        <translation>Mit Handballen</translation>
    </message>
    <message>
        <source>Rest overnight</source>
        <translation>Über Nacht ruhen</translation>
    </message>
    <message>
        <source>No seating</source>
        <translation>Ohne Setzen</translation>
    </message>
    <message>
        <source>Stretch overnight</source>
        <translation>Über Nacht dehnen</translation>
    </message>
    <message>
        <source>Stretch: the batter is taken about a minor third above pitch, evened there, left overnight, and brought down again.</source>
        <translation>Dehnen: das Schlagfell wird etwa eine kleine Terz höher gestimmt, dort ausgeglichen, über Nacht stehen gelassen und wieder heruntergebracht.</translation>
    </message>
    <message>
        <source>In which order rods are turned</source>
        <translation>In welcher Reihenfolge die Schrauben gedreht werden</translation>
    </message>
    <message>
        <source>Pairs, two keys</source>
        <translation>Paare, zwei Schlüssel</translation>
    </message>
    <message>
        <source>Across, one key</source>
        <translation>Über Kreuz, 1 Schlüssel</translation>
    </message>
    <message>
        <source>Round, one key</source>
        <translation>Reihum, 1 Schlüssel</translation>
    </message>
    <message>
        <source>Your own skip…</source>
        <translation>Eigener Sprung…</translation>
    </message>
    <message>
        <source>Across or in pairs the film stays centred; round the head only in small steps.</source>
        <translation>Über Kreuz oder in Paaren bleibt die Folie mittig; reihum nur in kleinen Schritten.</translation>
    </message>
    <message>
        <source>Correct rods</source>
        <translation>Schrauben ausgleichen</translation>
    </message>
    <message>
        <source>Correct both ways</source>
        <translation>Beide Richtungen</translation>
    </message>
    <message>
        <source>Tighten only</source>
        <translation>Nur anziehen</translation>
    </message>
    <message>
        <source>Loosen only</source>
        <translation>Nur lockern</translation>
    </message>
    <message>
        <source>Tighten only ends a little above pitch, and never leaves slack behind; loosen only ends below: press the head afterwards.</source>
        <translation>Nur anziehen endet etwas über dem Ton und lässt nie Lose; nur lockern endet darunter: danach das Fell drücken.</translation>
    </message>
    <message>
        <source>Even to ±%1 cents</source>
        <translation>Auf ±%1 Cent gleich</translation>
    </message>
    <message>
        <source>How even the head is to be</source>
        <translation>Wie gleichmäßig das Fell sein soll</translation>
    </message>
    <message>
        <source>Five takes a pass more; twelve is enough for a dead or noisy sound.</source>
        <translation>Fünf kosten einen Durchgang mehr; zwölf reichen für einen toten oder rauschigen Klang.</translation>
    </message>
    <message>
        <source>How far a round turns the rods at most</source>
        <translation>Wie weit eine Runde die Schrauben höchstens dreht</translation>
    </message>
    <message>
        <source>Steps to 1 turn</source>
        <translation>Schritte bis 1</translation>
    </message>
    <message>
        <source>Steps to 1/2 turn</source>
        <translation>Schritte bis 1/2</translation>
    </message>
    <message>
        <source>Steps to 1/4 turn</source>
        <translation>Schritte bis 1/4</translation>
    </message>
    <message>
        <source>Steps of 1/8 turn</source>
        <translation>Schritte von 1/8</translation>
    </message>
    <message>
        <source>They get smaller by themselves towards the target. Small ones keep the hoop level and take longer.</source>
        <translation>Sie werden zum Ziel hin von selbst kleiner. Kleine halten den Reifen eben und dauern länger.</translation>
    </message>
    <message>
        <source>Finger-tight already</source>
        <translation>Schon handfest</translation>
    </message>
    <message>
        <source>Leaves the steps before it out and starts the count.</source>
        <translation>Überspringt die Schritte davor und beginnt die Zählung.</translation>
    </message>
    <message>
        <source>Your own skip</source>
        <translation>Eigener Sprung</translation>
    </message>
    <message>
        <source>Go on by how many rods? 1 is round the head:</source>
        <translation>Um wie viele Schrauben weiter? 1 ist reihum:</translation>
    </message>
    <message>
        <source>A skip of %1 on %2 rods never comes to %3. Take one that shares no divisor with %2.</source>
        <translation>Ein Sprung von %1 bei %2 Schrauben kommt nie zu %3. Nehmen Sie einen, der keinen Teiler mit %2 gemeinsam hat.</translation>
    </message>
    <message>
        <source>No palm (thin)</source>
        <translation>Ohne Hand (dünn)</translation>
    </message>
    <message>
        <source>Stretch batter only</source>
        <translation>Nur Schlagfell dehnen</translation>
    </message>
    <message>
        <source>Far apart, one key</source>
        <translation>Weit auseinander, 1 Schl.</translation>
    </message>
    <message>
        <source>Your own skip, %1…</source>
        <translation>Eigener Sprung, %1…</translation>
    </message>
    <message>
        <source>That is how</source>
        <translation>So ist es</translation>
    </message>
    <message>
        <source>Change…</source>
        <translation>Ändern…</translation>
    </message>
    <message>
        <source>Says it as a sentence again</source>
        <translation>Sagt es wieder als Satz</translation>
    </message>
    <message>
        <source>How you go about this head</source>
        <translation>Wie Sie dieses Fell angehen</translation>
    </message>
</context>
<context>
    <name>bombo::BinDialog</name>
    <message>
        <source>Deleted entries</source>
        <translation>Gelöschte Einträge</translation>
    </message>
    <message>
        <source>Deleted entries stay here until you empty the bin.</source>
        <translation>Gelöschte Einträge bleiben hier, bis Sie den Papierkorb leeren.</translation>
    </message>
    <message>
        <source>Empty the bin…</source>
        <translation>Papierkorb leeren…</translation>
    </message>
    <message>
        <source>Empty the bin</source>
        <translation>Papierkorb leeren</translation>
    </message>
    <message numerus="yes">
        <source>Remove %n entries for good?</source>
        <translation>
            <numerusform>%n Eintrag endgültig entfernen?</numerusform>
            <numerusform>%n Einträge endgültig entfernen?</numerusform>
        </translation>
    </message>
    <message>
        <source>Restore</source>
        <translation>Wiederherstellen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
</context>
<context>
    <name>bombo::BlindDialog</name>
    <message>
        <source>Blind comparison</source>
        <translation>Blindvergleich</translation>
    </message>
    <message>
        <source>One of the two is what you want, the other the drum as it is, equally loud. The order changes after each answer.</source>
        <translation>Eines von beiden ist, was Sie wollen, das andere die Trommel, wie sie ist, gleich laut. Die Reihenfolge wechselt nach jeder Antwort.</translation>
    </message>
    <message>
        <source>Hear the first</source>
        <translation>Ersten hören</translation>
    </message>
    <message>
        <source>Hear the second</source>
        <translation>Zweiten hören</translation>
    </message>
    <message>
        <source>The first is the wanted</source>
        <translation>Der erste ist der gewünschte</translation>
    </message>
    <message>
        <source>The second is the wanted</source>
        <translation>Der zweite ist der gewünschte</translation>
    </message>
    <message>
        <source>No answer yet.</source>
        <translation>Noch keine Antwort.</translation>
    </message>
    <message>
        <source>Right: the %1 was the wanted.</source>
        <translation>Richtig: der %1 war der gewünschte.</translation>
    </message>
    <message>
        <source>No: the %1 was the wanted.</source>
        <translation>Nein: der %1 war der gewünschte.</translation>
    </message>
    <message>
        <source>first</source>
        <translation>erste</translation>
    </message>
    <message>
        <source>second</source>
        <translation>zweite</translation>
    </message>
    <message>
        <source>Right so far: %1 of %2.</source>
        <translation>Bisher richtig: %1 von %2.</translation>
    </message>
    <message>
        <source>You can tell them apart.</source>
        <translation>Sie können sie unterscheiden.</translation>
    </message>
    <message>
        <source>By ear they are as good as the same.</source>
        <translation>Nach Gehör sind sie so gut wie gleich.</translation>
    </message>
</context>
<context>
    <name>bombo::BlindPanel</name>
    <message>
        <source>Hear both, blind</source>
        <translation>Beide hören, blind</translation>
    </message>
    <message>
        <source>Last stroke is before</source>
        <translation>Letzter Schlag ist vorher</translation>
    </message>
    <message>
        <source>Last stroke is after</source>
        <translation>Letzter Schlag ist nachher</translation>
    </message>
    <message>
        <source>Play the first</source>
        <translation>Ersten abspielen</translation>
    </message>
    <message>
        <source>Play the second</source>
        <translation>Zweiten abspielen</translation>
    </message>
    <message>
        <source>First is better</source>
        <translation>Erster ist besser</translation>
    </message>
    <message>
        <source>Second is better</source>
        <translation>Zweiter ist besser</translation>
    </message>
    <message>
        <source>No difference</source>
        <translation>Kein Unterschied</translation>
    </message>
    <message>
        <source>Tell me which was which</source>
        <translation>Sag mir, welcher welcher war</translation>
    </message>
    <message>
        <source>Replace before</source>
        <translation>Vorher ersetzen</translation>
    </message>
    <message>
        <source>Replace after</source>
        <translation>Nachher ersetzen</translation>
    </message>
    <message>
        <source>Play a stroke as it was, and keep it</source>
        <translation>Einen Schlag spielen, wie es war, und behalten</translation>
    </message>
    <message>
        <source>Now a stroke with the change, and keep it</source>
        <translation>Jetzt einen Schlag mit der Änderung, und behalten</translation>
    </message>
    <message>
        <source>Which is better?</source>
        <translation>Welcher ist besser?</translation>
    </message>
    <message>
        <source>Listen to both, equally loud</source>
        <translation>Hören Sie beide, gleich laut</translation>
    </message>
    <message>
        <source>Judged %1 times; five or more tell something.</source>
        <translation>%1-mal beurteilt; ab fünf sagt es etwas.</translation>
    </message>
    <message>
        <source>Judged %1 times: after was better %2, before %3, no difference %4.</source>
        <translation>%1-mal beurteilt: nachher war besser %2, vorher %3, kein Unterschied %4.</translation>
    </message>
    <message>
        <source>Save as sound files…</source>
        <translation>Als Tondateien sichern…</translation>
    </message>
    <message>
        <source>Save the strokes before and after</source>
        <translation>Schläge vorher und nachher sichern</translation>
    </message>
    <message>
        <source>stroke.wav</source>
        <translation>schlag.wav</translation>
    </message>
    <message>
        <source>Sound (*.wav)</source>
        <translation>Ton (*.wav)</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vorher</translation>
    </message>
    <message>
        <source>after</source>
        <translation>nachher</translation>
    </message>
    <message>
        <source>Written: %1.</source>
        <translation>Geschrieben: %1.</translation>
    </message>
</context>
<context>
    <name>bombo::BuzzPanel</name>
    <message>
        <source>tom</source>
        <translation>Tom</translation>
    </message>
    <message>
        <source>bass drum</source>
        <translation>Große Trommel</translation>
    </message>
    <message>
        <source>bass note</source>
        <translation>Basston</translation>
    </message>
    <message>
        <source>voice</source>
        <translation>Stimme</translation>
    </message>
    <message>
        <source>something else</source>
        <translation>etwas anderes</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 auf %2</translation>
    </message>
    <message>
        <source>By %1 cents: %2 dB less of it. Costs this drum nothing.</source>
        <translation>Um %1 Cent: %2 dB weniger davon. Kostet diese Trommel nichts.</translation>
    </message>
    <message>
        <source>%1 half as long, with a pad</source>
        <translation>%1 halb so lang, mit einem Dämpfer</translation>
    </message>
    <message>
        <source>%1 dB less of it. Costs it its tail.</source>
        <translation>%1 dB weniger davon. Kostet es seinen Ausklang.</translation>
    </message>
    <message>
        <source>Wires %1 tighter</source>
        <translation>Teppich %1 fester</translation>
    </message>
    <message>
        <source>%1 dB less. Costs answer to a whisper.</source>
        <translation>%1 dB weniger. Kostet die Antwort auf ein Flüstern.</translation>
    </message>
    <message>
        <source>Both heads of this drum %1 cents</source>
        <translation>Beide Felle dieser Trommel %1 Cent</translation>
    </message>
    <message>
        <source>%1 dB less. Costs the tone that was asked for.</source>
        <translation>%1 dB weniger. Kostet den gewünschten Klang.</translation>
    </message>
    <message>
        <source>Rods beside the beds %1 looser</source>
        <translation>Schrauben an den Betten %1 lockerer</translation>
    </message>
    <message>
        <source>At Snare side, Uneven: %1 dB less. Costs quick answer.</source>
        <translation>Bei Resonanzfell, Uneben: %1 dB weniger. Kostet schnelle Antwort.</translation>
    </message>
    <message>
        <source>Accept it</source>
        <translation>Hinnehmen</translation>
    </message>
    <message>
        <source>Throw the lever off where the piece is still.</source>
        <translation>Hebel auf, wo das Stück still ist.</translation>
    </message>
    <message>
        <source>Who plays beside it?</source>
        <translation>Wer spielt daneben?</translation>
    </message>
    <message>
        <source>What you call it</source>
        <translation>Wie Sie es nennen</translation>
    </message>
    <message>
        <source>name, if you like</source>
        <translation>Name, wenn Sie mögen</translation>
    </message>
    <message>
        <source>Kind of instrument</source>
        <translation>Art des Instruments</translation>
    </message>
    <message>
        <source>Its pitch</source>
        <translation>Seine Tonhöhe</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Take what was heard</source>
        <translation>Gehörtes übernehmen</translation>
    </message>
    <message>
        <source>Play the other instrument alone, lever off: its partials as they were heard last.</source>
        <translation>Spielen Sie das andere Instrument allein, Hebel auf: seine Teiltöne, wie sie zuletzt gehört wurden.</translation>
    </message>
    <message>
        <source>Instruments around the drum</source>
        <translation>Instrumente um die Trommel</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>What calms it, least harm first</source>
        <translation>Was es beruhigt, das Schonendste zuerst</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1. %2. %3</source>
        <translation>%1. %2. %3</translation>
    </message>
    <message>
        <source>Predicted: play it again afterwards and listen.</source>
        <translation>Vorhergesagt: spielen Sie es danach noch einmal und hören Sie hin.</translation>
    </message>
    <message>
        <source>Nothing to calm yet.</source>
        <translation>Noch nichts zu beruhigen.</translation>
    </message>
    <message>
        <source>Heard last: %1</source>
        <translation>Zuletzt gehört: %1</translation>
    </message>
    <message>
        <source>Heard last: %1, falling from %2</source>
        <translation>Zuletzt gehört: %1, fallend von %2</translation>
    </message>
</context>
<context>
    <name>bombo::CardDialog</name>
    <message>
        <source>Pitch card</source>
        <translation>Tonkarte</translation>
    </message>
    <message>
        <source>What it says</source>
        <translation>Was sie sagt</translation>
    </message>
    <message>
        <source>Begin anew</source>
        <translation>Neu beginnen</translation>
    </message>
    <message>
        <source>Take back the last tap</source>
        <translation>Letzten Tipp zurücknehmen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Now %1: %2</source>
        <translation>Jetzt %1: %2</translation>
    </message>
    <message>
        <source>The card is full</source>
        <translation>Die Karte ist voll</translation>
    </message>
    <message>
        <source>Every place was heard. It stays with the session and counts in the proof.</source>
        <translation>Jede Stelle wurde gehört. Sie bleibt bei der Arbeit und zählt im Nachweis.</translation>
    </message>
    <message>
        <source>Tap %1 of %2 here. Wires off, let each tap ring out: the middle one counts.</source>
        <translation>Hier Tipp %1 von %2. Teppich ab, jeden Tipp ausklingen lassen: der mittlere zählt.</translation>
    </message>
    <message>
        <source>One tap more: those before did not agree. Same place, same strength.</source>
        <translation>Noch ein Tipp: die vorigen stimmten nicht überein. Gleiche Stelle, gleiche Stärke.</translation>
    </message>
    <message>
        <source>Both tensions follow from these places, and whether they fit each other.</source>
        <translation>Aus diesen Stellen folgen beide Spannungen, und ob sie zueinander passen.</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Tap</source>
        <translation>Tippen</translation>
    </message>
    <message>
        <source>Listening</source>
        <translation>Hört zu</translation>
    </message>
    <message>
        <source>Give sound files…</source>
        <translation>Klangdateien geben…</translation>
    </message>
</context>
<context>
    <name>bombo::CardView</name>
    <message>
        <source>Pitch card</source>
        <translation>Tonkarte</translation>
    </message>
</context>
<context>
    <name>bombo::ChangeView</name>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>Ausklang</translation>
    </message>
    <message>
        <source>tone with wires</source>
        <translation>Ton mit Teppich</translation>
    </message>
    <message>
        <source>buzz</source>
        <translation>Rauschen</translation>
    </message>
    <message>
        <source>centre pitch</source>
        <translation>Mittelton</translation>
    </message>
    <message>
        <source>Hz</source>
        <translation>Hz</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>after</source>
        <translation>nachher</translation>
    </message>
    <message>
        <source>before</source>
        <translation>vorher</translation>
    </message>
    <message>
        <source>%1: before %2, after %3</source>
        <translation>%1: vorher %2, nachher %3</translation>
    </message>
    <message>
        <source>%1: before %2</source>
        <translation>%1: vorher %2</translation>
    </message>
    <message>
        <source>Before and after</source>
        <translation>Vorher und nachher</translation>
    </message>
</context>
<context>
    <name>bombo::ClockDialog</name>
    <message>
        <source>Too short. Let the tone sound for three seconds and listen again.</source>
        <translation>Zu kurz. Lassen Sie den Ton drei Sekunden klingen und hören Sie noch einmal.</translation>
    </message>
    <message>
        <source>No steady tone near %1 was heard. Is it loud enough, and is that its pitch?</source>
        <translation>Kein stetiger Ton nahe %1 wurde gehört. Ist er laut genug, und ist das seine Tonhöhe?</translation>
    </message>
    <message>
        <source>The tone wavered or stopped. A voice or an instrument will not do: take a tone from a device, alone in the room.</source>
        <translation>Der Ton schwankte oder hörte auf. Stimme oder Instrument genügen nicht: nehmen Sie einen Ton aus einem Gerät, allein im Raum.</translation>
    </message>
    <message>
        <source>Take a tone between 80 and 4000 Hz.</source>
        <translation>Nehmen Sie einen Ton zwischen 80 und 4000 Hz.</translation>
    </message>
    <message>
        <source>Calibrate the sound card&apos;s clock</source>
        <translation>Uhr der Soundkarte abgleichen</translation>
    </message>
    <message>
        <source>No sound card&apos;s clock is quite right, and every pitch is off by as much. Play a steady tone from a device that you trust, beside the microphone. Or tap the drum, read the pitch on the other device and enter that.</source>
        <translation>Keine Uhr einer Soundkarte geht ganz richtig, und jede Tonhöhe ist um so viel verschoben. Spielen Sie einen stetigen Ton aus einem Gerät, dem Sie trauen, neben dem Mikrofon. Oder tippen Sie die Trommel, lesen die Tonhöhe am anderen Gerät ab und geben sie ein.</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Mikrofon</translation>
    </message>
    <message>
        <source>Kept</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source>Pitch by the device that is trusted</source>
        <translation>Tonhöhe nach dem Gerät, dem getraut wird</translation>
    </message>
    <message>
        <source>The tone is</source>
        <translation>Der Ton ist</translation>
    </message>
    <message>
        <source>Nothing was compared yet.</source>
        <translation>Noch nichts verglichen.</translation>
    </message>
    <message>
        <source>Forget what is kept</source>
        <translation>Behaltenes vergessen</translation>
    </message>
    <message>
        <source>Listen for three seconds</source>
        <translation>Drei Sekunden hören</translation>
    </message>
    <message>
        <source>Keep for this microphone</source>
        <translation>Für das Mikrofon merken</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keines</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>There is no microphone to listen with. Plug one in and open this again.</source>
        <translation>Es gibt kein Mikrofon. Stecken Sie eines an und öffnen Sie dies noch einmal.</translation>
    </message>
    <message>
        <source>opening…</source>
        <translation>wird geöffnet…</translation>
    </message>
    <message>
        <source>nothing: its clock is taken as right</source>
        <translation>nichts: seine Uhr gilt als richtig</translation>
    </message>
    <message>
        <source>reads %1 cents %2, and is corrected</source>
        <translation>liest %1 Cent %2 und wird berichtigt</translation>
    </message>
    <message>
        <source>sharp</source>
        <translation>zu hoch</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>zu tief</translation>
    </message>
    <message>
        <source>Listening…</source>
        <translation>Hört zu…</translation>
    </message>
    <message>
        <source>The tone reads</source>
        <translation>Der Ton wird gelesen als</translation>
    </message>
    <message>
        <source>The tap reads</source>
        <translation>Der Tipp wird gelesen als</translation>
    </message>
    <message>
        <source>%1 %2 Hz: %3 cents %4.</source>
        <translation>%1 %2 Hz: %3 Cent %4.</translation>
    </message>
    <message>
        <source>No clock is off by so much: it was another tone.</source>
        <translation>Keine Uhr geht um so viel falsch: das war ein anderer Ton.</translation>
    </message>
</context>
<context>
    <name>bombo::ComparePanel</name>
    <message>
        <source>against</source>
        <translation>gegen</translation>
    </message>
    <message>
        <source>Compare with</source>
        <translation>Vergleichen mit</translation>
    </message>
    <message>
        <source>the drum as it is now</source>
        <translation>die Trommel, wie sie jetzt ist</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message numerus="yes">
        <source>Over %n entries of this tone the stars go with the %1: best near %2.</source>
        <translation>
            <numerusform>Über %n Eintrag dieses Klangs gehen die Sterne mit: %1, am besten um %2.</numerusform>
            <numerusform>Über %n Einträge dieses Klangs gehen die Sterne mit: %1, am besten um %2.</numerusform>
        </translation>
    </message>
    <message>
        <source>Hear both</source>
        <translation>Beide hören</translation>
    </message>
    <message>
        <source>A stroke of this entry, then one of the other, equally loud: as they are predicted, not recorded</source>
        <translation>Ein Schlag dieses Eintrags, dann einer des anderen, gleich laut: wie vorhergesagt, nicht aufgenommen</translation>
    </message>
    <message>
        <source>One of them does not say how high both heads were, or had another head</source>
        <translation>Einer davon sagt nicht, wie hoch beide Felle waren, oder hatte ein anderes Fell</translation>
    </message>
    <message>
        <source>%1 as it is now</source>
        <translation>%1, wie sie jetzt ist</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Only of the drum in front</source>
        <translation>Nur bei der Trommel, die vorn steht</translation>
    </message>
</context>
<context>
    <name>bombo::CompareView</name>
    <message>
        <source>can be heard</source>
        <translation>zu hören</translation>
    </message>
    <message>
        <source>not heard by itself</source>
        <translation>für sich nicht zu hören</translation>
    </message>
    <message>
        <source>Nothing that is known in both differs.</source>
        <translation>Nichts, was bei beiden bekannt ist, unterscheidet sich.</translation>
    </message>
    <message>
        <source>What differs</source>
        <translation>Was anders ist</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>heard from here on</source>
        <translation>ab hier zu hören</translation>
    </message>
</context>
<context>
    <name>bombo::CorrectionPanel</name>
    <message>
        <source>%1: leave it.</source>
        <translation>%1: so lassen.</translation>
    </message>
    <message>
        <source>%1: %2 ± %3 tighter on every rod.</source>
        <translation>%1: %2 ± %3 fester an jeder Schraube.</translation>
    </message>
    <message>
        <source>%1: %2 ± %3 looser on every rod.</source>
        <translation>%1: %2 ± %3 lockerer an jeder Schraube.</translation>
    </message>
    <message>
        <source>edge %1, centre %2, ratio %3</source>
        <translation>Rand %1, Mitte %2, Verhältnis %3</translation>
    </message>
    <message>
        <source>Batter edge pitch heard</source>
        <translation>Gehörter Randton des Schlagfells</translation>
    </message>
    <message>
        <source>Snare-side edge pitch heard, batter muted</source>
        <translation>Gehörter Randton des Resonanzfells, Schlagfell gedämpft</translation>
    </message>
    <message>
        <source>Centre pitch heard, both heads free</source>
        <translation>Gehörter Mittelton, beide Felle frei</translation>
    </message>
    <message>
        <source>snare side muted</source>
        <translation>Resonanzfell gedämpft</translation>
    </message>
    <message>
        <source>both heads free</source>
        <translation>beide Felle frei</translation>
    </message>
    <message>
        <source>Both are turned</source>
        <translation>Beide sind gedreht</translation>
    </message>
    <message>
        <source>Batter edge</source>
        <translation>Schlagfell, Rand</translation>
    </message>
    <message>
        <source>Snare-side edge</source>
        <translation>Resonanzfell, Rand</translation>
    </message>
    <message>
        <source>batter muted</source>
        <translation>Schlagfell gedämpft</translation>
    </message>
    <message>
        <source>Centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>Give the batter&apos;s edge pitch and the centre or snare-side pitch. Rounds heard at the head stations are filled in.</source>
        <translation>Geben Sie den Randton des Schlagfells und den Mittelton oder den Randton des Resonanzfells ein. Runden, die an den Fellen gehört wurden, sind schon eingetragen.</translation>
    </message>
    <message>
        <source>With both heads free the centre pitch is needed beside the edge.</source>
        <translation>Mit beiden Fellen frei wird neben dem Randton der Mittelton gebraucht.</translation>
    </message>
    <message>
        <source>No tension of these heads sounds like that. Was a tap misread, or is another drum or head on?</source>
        <translation>Keine Spannung dieser Felle klingt so. Wurde ein Tipp falsch gelesen, oder ist eine andere Trommel oder ein anderes Fell da?</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Schlagfell</translation>
    </message>
    <message>
        <source>Snare side</source>
        <translation>Resonanzfell</translation>
    </message>
    <message>
        <source>Then %1.</source>
        <translation>Dann %1.</translation>
    </message>
    <message>
        <source>Batter alone: %1. Snare side alone: %2.</source>
        <translation>Schlagfell allein: %1. Resonanzfell allein: %2.</translation>
    </message>
    <message>
        <source>Both heads stand where the tone wants them: %1.</source>
        <translation>Beide Felle stehen, wo der Klang sie will: %1.</translation>
    </message>
    <message>
        <source>The centre was heard %1 cents from what the edges imply: hear it again.</source>
        <translation>Die Mitte wurde %1 Cent von dem gehört, was die Randtöne ergeben: hören Sie sie noch einmal.</translation>
    </message>
</context>
<context>
    <name>bombo::CutawayView</name>
    <message>
        <source>Drum, cut through</source>
        <translation>Trommel im Schnitt</translation>
    </message>
    <message>
        <source>Still</source>
        <translation>Ruhig</translation>
    </message>
    <message>
        <source>Together</source>
        <translation>Miteinander</translation>
    </message>
    <message>
        <source>Against</source>
        <translation>Gegeneinander</translation>
    </message>
    <message>
        <source>Edge</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>Heads at rest</source>
        <translation>Felle in Ruhe</translation>
    </message>
    <message>
        <source>Both heads move together: the centre pitch</source>
        <translation>Beide Felle bewegen sich miteinander: der Mittelton</translation>
    </message>
    <message>
        <source>The heads move against each other and press the air</source>
        <translation>Die Felle bewegen sich gegeneinander und drücken die Luft</translation>
    </message>
    <message>
        <source>The edge pitch: one half up, the other down</source>
        <translation>Der Randton: eine Hälfte auf, die andere ab</translation>
    </message>
</context>
<context>
    <name>bombo::DamagedDialog</name>
    <message>
        <source>Nothing that was done after it stands in the damaged file.</source>
        <translation>Nichts, was danach getan wurde, steht in der beschädigten Datei.</translation>
    </message>
    <message>
        <source>What was done after it is lost; it cannot be counted.</source>
        <translation>Was danach getan wurde, ist verloren; es lässt sich nicht zählen.</translation>
    </message>
    <message numerus="yes">
        <source>%n steps</source>
        <translation>
            <numerusform>%n Schritt</numerusform>
            <numerusform>%n Schritte</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n saved setups</source>
        <translation>
            <numerusform>%n gesicherter Stand</numerusform>
            <numerusform>%n gesicherte Stände</numerusform>
        </translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>What was done after it is lost: %1, the last on %2.</source>
        <translation>Was danach getan wurde, ist verloren: %1, zuletzt am %2.</translation>
    </message>
    <message>
        <source>What was done after it is lost: at least %1, the last on %2.</source>
        <translation>Was danach getan wurde, ist verloren: mindestens %1, zuletzt am %2.</translation>
    </message>
    <message>
        <source>Damaged workbook</source>
        <translation>Beschädigtes Arbeitsbuch</translation>
    </message>
    <message>
        <source>%1 is damaged</source>
        <translation>%1 ist beschädigt</translation>
    </message>
    <message>
        <source>Nothing in it was changed. Whatever you choose, the damaged file stays.</source>
        <translation>Nichts darin wurde geändert. Was immer Sie wählen, die beschädigte Datei bleibt.</translation>
    </message>
    <message>
        <source>Go on with the copy of %1</source>
        <translation>Weiter mit der Kopie vom %1</translation>
    </message>
    <message>
        <source>There is no whole copy of it beside it.</source>
        <translation>Neben ihr liegt keine heile Kopie.</translation>
    </message>
    <message>
        <source>Bring what can be read into a new workbook</source>
        <translation>Was lesbar ist, in ein neues Arbeitsbuch bringen</translation>
    </message>
    <message>
        <source>It is made beside the damaged one; what is missing is named.</source>
        <translation>Es entsteht neben dem beschädigten; was fehlt, wird genannt.</translation>
    </message>
    <message>
        <source>Leave it for now</source>
        <translation>Vorerst so lassen</translation>
    </message>
</context>
<context>
    <name>bombo::DraftPicture</name>
    <message>
        <source>The drum as described</source>
        <translation>Die Trommel wie beschrieben</translation>
    </message>
    <message>
        <source>%1, %2 rods a side</source>
        <translation>%1, %2 Schrauben je Seite</translation>
    </message>
    <message>
        <source>%1 rods, strainer at the left</source>
        <translation>%1 Schrauben, Abhebung links</translation>
    </message>
    <message>
        <source>batter: not known</source>
        <translation>Schlagfell: unbekannt</translation>
    </message>
    <message>
        <source>batter: %1</source>
        <translation>Schlagfell: %1</translation>
    </message>
</context>
<context>
    <name>bombo::DrumButton</name>
    <message>
        <source>%1, %2, %3 rods a side</source>
        <translation>%1, %2, %3 Schrauben je Seite</translation>
    </message>
    <message>
        <source>batter %1</source>
        <translation>Schlagfell %1</translation>
    </message>
    <message>
        <source>%1, %2 %3 strands</source>
        <translation>%1, %2 Spiralen, %3</translation>
    </message>
</context>
<context>
    <name>bombo::DrumCard</name>
    <message>
        <source>since when: not known</source>
        <translation>seit wann: unbekannt</translation>
    </message>
    <message>
        <source>on since today</source>
        <translation>drauf seit heute</translation>
    </message>
    <message numerus="yes">
        <source>on since %1, %n days</source>
        <translation>
            <numerusform>drauf seit %1, %n Tag</numerusform>
            <numerusform>drauf seit %1, %n Tage</numerusform>
        </translation>
    </message>
    <message>
        <source>What is on it</source>
        <translation>Was darauf ist</translation>
    </message>
    <message>
        <source>Batter head</source>
        <translation>Schlagfell</translation>
    </message>
    <message>
        <source>New head…</source>
        <translation>Neues Fell…</translation>
    </message>
    <message>
        <source>Snare-side head</source>
        <translation>Resonanzfell</translation>
    </message>
    <message>
        <source>Wires</source>
        <translation>Teppich</translation>
    </message>
    <message>
        <source>New set…</source>
        <translation>Neuer Teppich…</translation>
    </message>
    <message>
        <source>Edit…</source>
        <translation>Ändern…</translation>
    </message>
    <message>
        <source>Its size, rods, name and whatever else was described.</source>
        <translation>Größe, Schrauben, Name und was sonst beschrieben wurde.</translation>
    </message>
    <message>
        <source>Copy…</source>
        <translation>Kopieren…</translation>
    </message>
    <message>
        <source>Another drum like it, to change where it differs.</source>
        <translation>Noch eine solche Trommel; ändern, worin sie anders ist.</translation>
    </message>
    <message>
        <source>Retire</source>
        <translation>Weglegen</translation>
    </message>
    <message>
        <source>It is no longer played; its logbook stays.</source>
        <translation>Sie wird nicht mehr gespielt; ihr Logbuch bleibt.</translation>
    </message>
    <message>
        <source>Batter: not known which</source>
        <translation>Schlagfell: unbekannt welches</translation>
    </message>
    <message>
        <source>Batter: %1</source>
        <translation>Schlagfell: %1</translation>
    </message>
    <message>
        <source>Snare side: not known which</source>
        <translation>Resonanzfell: unbekannt welches</translation>
    </message>
    <message>
        <source>Wires: not known which</source>
        <translation>Teppich: unbekannt welcher</translation>
    </message>
    <message>
        <source>Wires: %1 strands, %2</source>
        <translation>Teppich: %1 Spiralen, %2</translation>
    </message>
    <message numerus="yes">
        <source>%1; played %n hours before</source>
        <translation>
            <numerusform>%1; vorher %n Stunde gespielt</numerusform>
            <numerusform>%1; vorher %n Stunden gespielt</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::DrumMaker</name>
    <message>
        <source> in</source>
        <translation> in</translation>
    </message>
    <message>
        <source>Batter taken as %1: its first turns may be %2 % off.</source>
        <translation>Schlagfell angenommen als %1: die ersten Drehungen können %2 % daneben liegen.</translation>
    </message>
    <message>
        <source>Snare side taken as %1: its first turns may be %2 % off.</source>
        <translation>Resonanzfell angenommen als %1: die ersten Drehungen können %2 % daneben liegen.</translation>
    </message>
    <message>
        <source>Hoops taken as %1: turns may be a quarter off, until a round was heard.</source>
        <translation>Reifen angenommen als %1: Drehungen können ein Viertel daneben liegen, bis eine Runde gehört wurde.</translation>
    </message>
    <message>
        <source>Shell taken as %1: it only matters when the weather turns.</source>
        <translation>Kessel angenommen als %1: das zählt nur, wenn das Wetter umschlägt.</translation>
    </message>
    <message>
        <source>%1 %2 strands taken: the strainer&apos;s span is wider until strokes are heard.</source>
        <translation>%1 Spiralen, %2, angenommen: die Spanne der Abhebung ist breiter, bis Schläge gehört sind.</translation>
    </message>
    <message>
        <source>The first round of taps puts most of it right.</source>
        <translation>Die erste Runde rückt das meiste zurecht.</translation>
    </message>
    <message>
        <source>I don&apos;t know</source>
        <translation>Weiß ich nicht</translation>
    </message>
    <message>
        <source>How wide, how deep?</source>
        <translation>Wie breit, wie tief?</translation>
    </message>
    <message>
        <source>%1 in</source>
        <translation>%1 Zoll</translation>
    </message>
    <message>
        <source>How many rods on one side?</source>
        <translation>Wie viele Schrauben auf einer Seite?</translation>
    </message>
    <message>
        <source>What is the shell made of?</source>
        <translation>Woraus ist der Kessel?</translation>
    </message>
    <message>
        <source>What does the head look like that you strike?</source>
        <translation>Wie sieht das Fell aus, das Sie schlagen?</translation>
    </message>
    <message>
        <source>How many strands under it?</source>
        <translation>Wie viele Spiralen darunter?</translation>
    </message>
    <message>
        <source>If you know it exactly</source>
        <translation>Wenn Sie es genau wissen</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Breit</translation>
    </message>
    <message>
        <source>Deep</source>
        <translation>Tief</translation>
    </message>
    <message>
        <source>Rods a side</source>
        <translation>Schrauben je Seite</translation>
    </message>
    <message>
        <source>Shell of</source>
        <translation>Kessel aus</translation>
    </message>
    <message>
        <source>Batter head</source>
        <translation>Schlagfell</translation>
    </message>
    <message>
        <source>Snare-side head</source>
        <translation>Resonanzfell</translation>
    </message>
    <message>
        <source>Wires</source>
        <translation>Teppich</translation>
    </message>
    <message>
        <source>Hoops</source>
        <translation>Spannreifen</translation>
    </message>
    <message>
        <source>Badge or tape beside</source>
        <translation>Schild oder Band neben</translation>
    </message>
    <message>
        <source>What do you call it?</source>
        <translation>Wie nennen Sie sie?</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>no rod</source>
        <translation>keiner Schraube</translation>
    </message>
    <message>
        <source>rod %1 from the strainer</source>
        <translation>Schraube %1 ab der Abhebung</translation>
    </message>
    <message>
        <source>%1, %2, %3 rods a side</source>
        <translation>%1, %2, %3 Schrauben je Seite</translation>
    </message>
    <message>
        <source>shell not known</source>
        <translation>Kessel unbekannt</translation>
    </message>
    <message>
        <source>Give the drum a name, so that you find it again.</source>
        <translation>Geben Sie der Trommel einen Namen, damit Sie sie wiederfinden.</translation>
    </message>
    <message>
        <source>There is a drum of that name; give another.</source>
        <translation>Eine Trommel dieses Namens gibt es schon; geben Sie einen anderen.</translation>
    </message>
</context>
<context>
    <name>bombo::DrumPage</name>
    <message>
        <source>%1: %2, %3 over %4</source>
        <translation>%1: %2, %3 über %4</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Which drum is on the stool?</source>
        <translation>Welche Trommel steht vor Ihnen?</translation>
    </message>
    <message>
        <source>This session</source>
        <translation>Diese Arbeit</translation>
    </message>
    <message>
        <source>Start afresh</source>
        <translation>Neu anfangen</translation>
    </message>
    <message>
        <source>Lately in the logbook</source>
        <translation>Zuletzt im Logbuch</translation>
    </message>
    <message>
        <source>Look it over first</source>
        <translation>Erst ansehen</translation>
    </message>
    <message>
        <source>Wires off, lever open.
Film still dished when slack? Worn: have a spare.
Hoop round and flat, the same gap all round.
Rods straight, clean, lightly greased.
Washers there; lug and strainer screws snug.
Strands whole, none bent or slack.
Travel left both ways on the strainer knob.</source>
        <translation>Teppich ab, Hebel offen.
Folie im lockeren Zustand verbeult? Abgespielt: Ersatz bereithalten.
Reifen rund und eben, ringsum gleicher Spalt.
Schrauben gerade, sauber, leicht gefettet.
Scheiben da; Schrauben an Böckchen und Abhebung fest.
Spiralen heil, keine verbogen oder lose.
Am Knopf der Abhebung Weg in beide Richtungen.</translation>
    </message>
    <message>
        <source>Add a drum…</source>
        <translation>Trommel hinzufügen…</translation>
    </message>
    <message>
        <source>Hear what it is now…</source>
        <translation>Hören, was sie jetzt ist…</translation>
    </message>
    <message>
        <source>The pitch card: middle and edge of both heads in a minute.</source>
        <translation>Die Tonkarte: Mitte und Rand beider Felle in einer Minute.</translation>
    </message>
    <message>
        <source>On to the tone</source>
        <translation>Weiter zum Klang</translation>
    </message>
    <message>
        <source>Nothing done yet on %1.</source>
        <translation>An %1 ist noch nichts getan.</translation>
    </message>
    <message>
        <source>Nothing saved for this drum yet.</source>
        <translation>Für diese Trommel ist noch nichts gespeichert.</translation>
    </message>
    <message>
        <source>%1 is retired: bring it back</source>
        <translation>%1 ist weggelegt: zurückholen</translation>
    </message>
    <message>
        <source>Starts a new session from finger-tight. You can go back to this one under Earlier sessions.</source>
        <translation>Beginnt eine neue Sitzung von handfest an. Zu dieser kommen Sie unter „Frühere Sitzungen“ zurück.</translation>
    </message>
    <message>
        <source>Earlier sessions…</source>
        <translation>Frühere Sitzungen…</translation>
    </message>
</context>
<context>
    <name>bombo::DuePanel</name>
    <message>
        <source>What is due</source>
        <translation>Was fällig ist</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>How long it lasts</source>
        <translation>Haltbarkeit</translation>
    </message>
    <message>
        <source>%1 ± %2 cents</source>
        <translation>%1 ± %2 Cent</translation>
    </message>
    <message>
        <source>batter %1</source>
        <translation>Schlagfell %1</translation>
    </message>
    <message>
        <source>snare side %1</source>
        <translation>Resonanzfell %1</translation>
    </message>
    <message>
        <source>Since the last entry, if nobody turned a rod: %1.</source>
        <translation>Seit dem letzten Eintrag, wenn niemand schraubte: %1.</translation>
    </message>
    <message>
        <source>%1: look at the %2, %3</source>
        <translation>%1: %2 ansehen, %3</translation>
    </message>
    <message>
        <source>%1. At the pace of your shows it is due between %2 and %3.</source>
        <translation>%1. So oft, wie Sie auftreten, ist es zwischen dem %2 und dem %3 fällig.</translation>
    </message>
    <message>
        <source>Save for a calendar…</source>
        <translation>Für den Kalender…</translation>
    </message>
    <message>
        <source>What is due was written to %1; open it with your calendar.</source>
        <translation>Was fällig ist, wurde in %1 geschrieben; öffnen Sie es mit Ihrem Kalender.</translation>
    </message>
    <message>
        <source>Once four shows are in the logbook and something is due within %1 of them</source>
        <translation>Sobald vier Auftritte im Logbuch stehen und etwas binnen %1 Auftritten fällig ist</translation>
    </message>
    <message>
        <source>Remind me…</source>
        <translation>Erinnern…</translation>
    </message>
    <message>
        <source>Expected, with the turns counted since the last entry: %1.</source>
        <translation>Zu erwarten, mit den seit dem letzten Eintrag gezählten Umdrehungen: %1.</translation>
    </message>
</context>
<context>
    <name>bombo::Ear</name>
    <message>
        <source>The computer was too busy: %1 s of sound were lost. A tap in that time was not heard; make it again.</source>
        <translation>Der Rechner war überlastet: %1 s Klang gingen verloren. Ein Tipp in dieser Zeit wurde nicht gehört; wiederholen Sie ihn.</translation>
    </message>
    <message>
        <source>%1 is back; go on tapping.</source>
        <translation>%1 ist wieder da; tippen Sie weiter.</translation>
    </message>
    <message>
        <source>%1 holds no hit that can be read. Record one clear stroke near the middle, not clipped, with silence after it.</source>
        <translation>%1 enthält keinen Schlag, der sich lesen lässt. Nehmen Sie einen klaren Schlag nahe der Mitte auf, nicht übersteuert, mit Stille danach.</translation>
    </message>
    <message>
        <source>No voice was heard. Come nearer to the microphone, or turn its level up.</source>
        <translation>Keine Stimme wurde gehört. Kommen Sie näher ans Mikrofon oder drehen Sie den Pegel auf.</translation>
    </message>
    <message>
        <source>That was too short. Hum for at least a second.</source>
        <translation>Das war zu kurz. Summen Sie mindestens eine Sekunde.</translation>
    </message>
    <message>
        <source>You went on while files were waiting; they were put aside. Give them again where they belong.</source>
        <translation>Sie gingen weiter, während Dateien warteten; sie wurden beiseitegelegt. Geben Sie sie dort noch einmal, wo sie hingehören.</translation>
    </message>
    <message>
        <source>No tap is due now. Finish the step at hand first, then give the file.</source>
        <translation>Jetzt ist kein Tipp dran. Beenden Sie erst den Schritt, dann geben Sie die Datei.</translation>
    </message>
    <message>
        <source>What was heard belonged to where you were before; it was put aside. Make it again there if it is still wanted.</source>
        <translation>Was gehört wurde, gehörte dorthin, wo Sie vorher waren; es wurde beiseitegelegt. Wiederholen Sie es dort, wenn Sie es noch wollen.</translation>
    </message>
    <message>
        <source>No tap was heard. Tap again.</source>
        <translation>Kein Tipp wurde gehört. Tippen Sie noch einmal.</translation>
    </message>
    <message>
        <source>%1: strokes taken %2</source>
        <translation>%1: Schläge übernommen %2</translation>
    </message>
    <message>
        <source>%1: taps taken %2</source>
        <translation>%1: Tipps übernommen %2</translation>
    </message>
    <message>
        <source>left over %1, since they have no place in the round</source>
        <translation>übrig %1, da sie keinen Platz in der Runde haben</translation>
    </message>
    <message>
        <source>not used %1 (%2)</source>
        <translation>nicht benutzt %1 (%2)</translation>
    </message>
    <message>
        <source>broken samples taken as silence %1</source>
        <translation>schadhafte Werte als Stille genommen %1</translation>
    </message>
    <message>
        <source>hits without a marker left out %1</source>
        <translation>Schläge ohne Marke ausgelassen %1</translation>
    </message>
    <message>
        <source>the file ends before its header says</source>
        <translation>die Datei endet früher, als ihr Kopf sagt</translation>
    </message>
    <message>
        <source>The round goes on at rod %1: give another file or choose another source.</source>
        <translation>Die Runde geht bei Schraube %1 weiter: geben Sie eine weitere Datei oder wählen Sie eine andere Quelle.</translation>
    </message>
    <message>
        <source>The round is kept. Choose the practice drum or sound files meanwhile.</source>
        <translation>Die Runde bleibt erhalten. Wählen Sie solange die Übungstrommel oder Klangdateien.</translation>
    </message>
    <message>
        <source>No microphone was found. Plug one in and choose Microphone again.</source>
        <translation>Kein Mikrofon gefunden. Stecken Sie eines an und wählen Sie noch einmal Mikrofon.</translation>
    </message>
    <message>
        <source>%1 cannot be opened; another program may hold it.</source>
        <translation>%1 lässt sich nicht öffnen; vielleicht hält es ein anderes Programm.</translation>
    </message>
    <message>
        <source>%1 is gone. Plug it in and the round goes on where it was; or choose another source.</source>
        <translation>%1 ist weg. Stecken Sie es an, und die Runde geht weiter, wo sie war; oder wählen Sie eine andere Quelle.</translation>
    </message>
    <message>
        <source>the channels are of opposite phase: the louder one was read</source>
        <translation>die Kanäle sind gegenphasig: der lautere wurde gelesen</translation>
    </message>
</context>
<context>
    <name>bombo::EarRound</name>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>Nothing was heard, so nothing is kept.</source>
        <translation>Es war nichts zu hören, also wird nichts behalten.</translation>
    </message>
    <message>
        <source>Done.</source>
        <translation>Fertig.</translation>
    </message>
    <message>
        <source>Nothing can be heard: plug in a loudspeaker or headphones and begin again. This round will not be kept.</source>
        <translation>Es ist nichts zu hören: schließen Sie Lautsprecher oder Kopfhörer an und beginnen Sie neu. Diese Runde wird nicht behalten.</translation>
    </message>
    <message>
        <source>One after the other. Guess if you must: that tells, too.</source>
        <translation>Nacheinander. Raten Sie, wenn es sein muss: Auch das sagt etwas.</translation>
    </message>
    <message>
        <source>The first, then the second. Guess if you must: that tells, too.</source>
        <translation>Das erste, dann das zweite. Raten Sie, wenn nötig: auch das sagt etwas.</translation>
    </message>
    <message>
        <source>Hear them again</source>
        <translation>Noch einmal hören</translation>
    </message>
    <message>
        <source>Another round</source>
        <translation>Noch eine Runde</translation>
    </message>
    <message>
        <source>Stop here; this round is not kept</source>
        <translation>Hier aufhören; diese Runde wird nicht behalten</translation>
    </message>
    <message>
        <source>Back to the exercises</source>
        <translation>Zurück zu den Übungen</translation>
    </message>
    <message numerus="yes">
        <source>%n answer(s) given.</source>
        <translation>
            <numerusform>%n Antwort gegeben.</numerusform>
            <numerusform>%n Antworten gegeben.</numerusform>
        </translation>
    </message>
    <message>
        <source>What you recorded holds no stroke that dies away within a second: you hear the practice drum.</source>
        <translation>Deine Aufnahme enthält keinen Schlag, der binnen einer Sekunde verklingt: Du hörst die Übungstrommel.</translation>
    </message>
    <message>
        <source>The batter, then the snare side, each with the other muted. Guess if you must: that tells, too.</source>
        <translation>Das Schlagfell, dann das Resonanzfell, das andere jeweils gedämpft. Rate, wenn du musst: Auch das sagt etwas.</translation>
    </message>
</context>
<context>
    <name>bombo::ExperimentPanel</name>
    <message>
        <source>Change one thing</source>
        <translation>Eines ändern</translation>
    </message>
    <message>
        <source>What is changed</source>
        <translation>Was geändert wird</translation>
    </message>
    <message>
        <source>what you change, e.g. pad to 3 o&apos;clock</source>
        <translation>was Sie ändern, z. B. Dämpfer auf 3 Uhr</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Beginnen</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Put it back</source>
        <translation>Zurücksetzen</translation>
    </message>
    <message>
        <source>a change</source>
        <translation>eine Änderung</translation>
    </message>
    <message>
        <source>Say what you change, then begin</source>
        <translation>Sagen Sie, was Sie ändern, dann beginnen Sie</translation>
    </message>
    <message>
        <source>First play some strokes as it is</source>
        <translation>Spielen Sie erst ein paar Schläge, wie es ist</translation>
    </message>
    <message>
        <source>Before: %1</source>
        <translation>Vorher: %1</translation>
    </message>
    <message>
        <source>After: %1</source>
        <translation>Nachher: %1</translation>
    </message>
    <message>
        <source>%1: change it now, on the head or at the strainer</source>
        <translation>%1: ändern Sie es jetzt, am Fell oder an der Abhebung</translation>
    </message>
    <message>
        <source>%1: more than one thing is changed, so nobody will know which did it</source>
        <translation>%1: mehr als eines ist geändert, so weiß niemand, was es war</translation>
    </message>
    <message>
        <source>%1: now the same strokes again</source>
        <translation>%1: jetzt dieselben Schläge noch einmal</translation>
    </message>
    <message>
        <source>%1: keep it, or put it back</source>
        <translation>%1: behalten oder zurücksetzen</translation>
    </message>
    <message>
        <source>%1 (%2): %3 → %4</source>
        <translation>%1 (%2): %3 → %4</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>put back</source>
        <translation>zurückgesetzt</translation>
    </message>
    <message>
        <source>%1: no difference that these strokes tell. Play a few more, or put it back</source>
        <translation>%1: kein Unterschied, den diese Schläge zeigen. Spielen Sie noch ein paar oder nehmen Sie es zurück</translation>
    </message>
    <message>
        <source>The sound of the strokes before is no longer there. Play one more before you change anything if you want to compare by ear.</source>
        <translation>Der Klang der Schläge von vorher ist nicht mehr da. Spielen Sie noch einen, bevor Sie etwas ändern, wenn Sie mit dem Ohr vergleichen wollen.</translation>
    </message>
</context>
<context>
    <name>bombo::FaultsPage</name>
    <message>
        <source>What it may be</source>
        <translation>Was es sein kann</translation>
    </message>
    <message>
        <source>Why this question</source>
        <translation>Warum diese Frage</translation>
    </message>
    <message>
        <source>One back</source>
        <translation>Eins zurück</translation>
    </message>
    <message>
        <source>I know what it is…</source>
        <translation>Ich weiß, was es ist …</translation>
    </message>
    <message>
        <source>Something else is wrong</source>
        <translation>Etwas anderes stimmt nicht</translation>
    </message>
    <message>
        <source>What is wrong with it?</source>
        <translation>Was stimmt nicht mit ihr?</translation>
    </message>
    <message>
        <source>Choose what you hear or see. What the workbook knows of %1 counts from the start.</source>
        <translation>Wählen Sie, was Sie hören oder sehen. Was das Arbeitsbuch von %1 weiß, zählt von Anfang an.</translation>
    </message>
    <message>
        <source>Choose what you hear or see. No drum is in front: the questions alone have to tell.</source>
        <translation>Wählen Sie, was Sie hören oder sehen. Keine Trommel ist vorn: die Fragen allein müssen es sagen.</translation>
    </message>
    <message>
        <source>Known without a question.</source>
        <translation>Ohne eine Frage bekannt.</translation>
    </message>
    <message numerus="yes">
        <source>After %n question(s).</source>
        <translation>
            <numerusform>Nach %n Frage.</numerusform>
            <numerusform>Nach %n Fragen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Question %1, about %2 to go after it. Nothing that cannot be taken back is asked before everything else.</source>
        <translation>Frage %1, danach noch etwa %2. Was sich nicht zurücknehmen lässt, kommt erst nach allem anderen.</translation>
    </message>
    <message>
        <source>about %1 seconds</source>
        <translation>etwa %1 Sekunden</translation>
    </message>
    <message numerus="yes">
        <source>about %n minute(s)</source>
        <translation>
            <numerusform>etwa %n Minute</numerusform>
            <numerusform>etwa %n Minuten</numerusform>
        </translation>
    </message>
    <message>
        <source>It tells most for %1, and nothing is turned.</source>
        <translation>Das sagt am meisten für %1, und nichts wird gedreht.</translation>
    </message>
    <message>
        <source>It tells most for %1; what is turned is turned back.</source>
        <translation>Das sagt am meisten für %1; was gedreht wird, wird zurückgedreht.</translation>
    </message>
    <message>
        <source>It takes %1 and may not be taken back: everything else has been asked.</source>
        <translation>Das dauert %1 und lässt sich vielleicht nicht zurücknehmen: alles andere ist gefragt.</translation>
    </message>
    <message>
        <source>Next would be: %1</source>
        <translation>Als Nächstes käme: %1</translation>
    </message>
    <message>
        <source>You found: %1. The workbook says: %2. Both count.</source>
        <translation>Sie fanden: %1. Das Arbeitsbuch sagt: %2. Beides zählt.</translation>
    </message>
    <message>
        <source>Back to the first page</source>
        <translation>Zurück zur ersten Seite</translation>
    </message>
    <message>
        <source>Faults</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>Choose the complaint first</source>
        <translation>Wählen Sie zuerst die Klage</translation>
    </message>
</context>
<context>
    <name>bombo::FeelRound</name>
    <message>
        <source>A quarter turn by feel</source>
        <translation>Eine Vierteldrehung nach Gefühl</translation>
    </message>
    <message>
        <source>Tap in front of rod 1 of the batter, the other head muted.</source>
        <translation>Schlag vor Schraube 1 des Schlagfells an, das andere Fell gedämpft.</translation>
    </message>
    <message>
        <source>Turn rod 1 a quarter tighter by feel, then tap in front of it.</source>
        <translation>Dreh Schraube 1 nach Gefühl ein Viertel fester, dann schlag davor an.</translation>
    </message>
    <message>
        <source>Turn rod 1 a quarter looser by feel, then tap in front of it.</source>
        <translation>Dreh Schraube 1 nach Gefühl ein Viertel lockerer, dann schlag davor an.</translation>
    </message>
    <message>
        <source>A hand of the practice drum turns its rod 1, tighter and looser in turn; tap it.</source>
        <translation>Eine Hand der Übungstrommel dreht ihre Schraube 1 abwechselnd fester und lockerer; schlag sie an.</translation>
    </message>
    <message>
        <source>Not heard clearly: tap there again, nothing turned.</source>
        <translation>Nicht deutlich gehört: Schlag dort noch einmal an, ohne zu drehen.</translation>
    </message>
    <message numerus="yes">
        <source>%n of 8 turns heard.</source>
        <translation>
            <numerusform>%n von 8 Drehungen gehört.</numerusform>
            <numerusform>%n von 8 Drehungen gehört.</numerusform>
        </translation>
    </message>
    <message>
        <source>Your quarter is %1 turns, give or take %2; one differs from the next by %3.</source>
        <translation>Dein Viertel ist %1 Umdrehungen, auf %2 genau; eine weicht von der nächsten um %3 ab.</translation>
    </message>
    <message>
        <source>less than the ear tells</source>
        <translation>weniger, als das Ohr hört</translation>
    </message>
    <message>
        <source>Count on it.</source>
        <translation>Darauf ist Verlass.</translation>
    </message>
    <message>
        <source>You turn too far: stop earlier.</source>
        <translation>Du drehst zu weit: hör früher auf.</translation>
    </message>
    <message>
        <source>You stop too early: turn on.</source>
        <translation>Du hörst zu früh auf: dreh weiter.</translation>
    </message>
    <message>
        <source>Rod 1 sounds %1 cents against the beginning.</source>
        <translation>Schraube 1 klingt %1 Cent gegen den Anfang.</translation>
    </message>
    <message>
        <source>Tap it</source>
        <translation>Anschlagen</translation>
    </message>
    <message>
        <source>Turn and tap</source>
        <translation>Drehen und anschlagen</translation>
    </message>
    <message>
        <source>This drum is not known well enough to say more: a few rounds at its heads help.</source>
        <translation>Diese Trommel ist zu wenig bekannt, um mehr zu sagen: Ein paar Runden an ihren Fellen helfen.</translation>
    </message>
</context>
<context>
    <name>bombo::FeelView</name>
    <message>
        <source>Turns by feel</source>
        <translation>Drehungen nach Gefühl</translation>
    </message>
    <message>
        <source>tighter</source>
        <translation>fester</translation>
    </message>
    <message>
        <source>looser</source>
        <translation>lockerer</translation>
    </message>
</context>
<context>
    <name>bombo::FilterBar</name>
    <message>
        <source>Show entries of the player</source>
        <translation>Einträge des Spielers zeigen</translation>
    </message>
    <message>
        <source>Show entries made at</source>
        <translation>Einträge vom Ort zeigen</translation>
    </message>
    <message>
        <source>Show entries with stars</source>
        <translation>Einträge mit Sternen zeigen</translation>
    </message>
    <message>
        <source>any stars</source>
        <translation>alle Sterne</translation>
    </message>
    <message>
        <source>%1 and more</source>
        <translation>%1 und mehr</translation>
    </message>
    <message>
        <source>Show entries made in weather</source>
        <translation>Einträge nach Wetter zeigen</translation>
    </message>
    <message>
        <source>any weather</source>
        <translation>jedes Wetter</translation>
    </message>
    <message>
        <source>cold: below %1 °C</source>
        <translation>kalt: unter %1 °C</translation>
    </message>
    <message>
        <source>warm: above %1 °C</source>
        <translation>warm: über %1 °C</translation>
    </message>
    <message>
        <source>damp: above %1 %</source>
        <translation>feucht: über %1 %</translation>
    </message>
    <message>
        <source>dry: below %1 %</source>
        <translation>trocken: unter %1 %</translation>
    </message>
    <message>
        <source>weather not said</source>
        <translation>Wetter nicht gesagt</translation>
    </message>
    <message>
        <source>Show all</source>
        <translation>Alle zeigen</translation>
    </message>
    <message>
        <source>any player</source>
        <translation>alle Spieler</translation>
    </message>
    <message>
        <source>any place</source>
        <translation>alle Orte</translation>
    </message>
</context>
<context>
    <name>bombo::FitDialog</name>
    <message>
        <source>New wires</source>
        <translation>Neuer Teppich</translation>
    </message>
    <message>
        <source>New batter head</source>
        <translation>Neues Schlagfell</translation>
    </message>
    <message>
        <source>New snare-side head</source>
        <translation>Neues Resonanzfell</translation>
    </message>
    <message>
        <source>Work on this side begins anew. The turns of the old head, and what they taught, stay with it in the workbook. Undo takes it back.</source>
        <translation>Die Arbeit an dieser Seite beginnt neu. Die Drehungen des alten Fells, und was sie lehrten, bleiben mit ihm im Arbeitsbuch. Rückgängig nimmt es zurück.</translation>
    </message>
    <message>
        <source>The strainer begins anew at first contact. Undo takes it back.</source>
        <translation>Die Abhebung beginnt neu bei der ersten Berührung. Rückgängig nimmt es zurück.</translation>
    </message>
    <message>
        <source>Which one</source>
        <translation>Welches</translation>
    </message>
    <message>
        <source>Which set</source>
        <translation>Welcher</translation>
    </message>
    <message>
        <source>On since</source>
        <translation>Drauf seit</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>It is on</source>
        <translation>Es ist drauf</translation>
    </message>
    <message>
        <source> hours</source>
        <translation> Stunden</translation>
    </message>
    <message>
        <source>no, it is new</source>
        <translation>nein, es ist neu</translation>
    </message>
    <message>
        <source>How long a used head was played before, as well as you know; it counts in how long it will last.</source>
        <translation>Wie lange ein gebrauchtes Fell vorher gespielt wurde, so gut Sie es wissen; es zählt dafür, wie lange es hält.</translation>
    </message>
    <message>
        <source>Played before</source>
        <translation>Vorher gespielt</translation>
    </message>
    <message numerus="yes">
        <source>%1, from %2, played %n hours</source>
        <translation>
            <numerusform>%1, von %2, %n Stunde gespielt</numerusform>
            <numerusform>%1, von %2, %n Stunden gespielt</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1, taken off %2, played %n hours</source>
        <translation>
            <numerusform>%1, abgenommen von %2, %n Stunde gespielt</numerusform>
            <numerusform>%1, abgenommen von %2, %n Stunden gespielt</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::FitPanel</name>
    <message>
        <source>Too long for this shell: the plates would stand over its face. Take a shorter set.</source>
        <translation>Zu lang für diesen Kessel: die Endplatten stünden über. Nehmen Sie einen kürzeren Teppich.</translation>
    </message>
    <message>
        <source>The strands reach over the inner wall and will ride on the edge. Take a shorter set.</source>
        <translation>Die Spiralen reichen über die Innenwand und liegen auf der Gratung. Nehmen Sie einen kürzeren Teppich.</translation>
    </message>
    <message>
        <source>The plates end inside the wall and lie on the film, which they may cut. Take a longer set.</source>
        <translation>Die Endplatten enden innen und liegen auf der Folie, die sie zerschneiden können. Nehmen Sie einen längeren Teppich.</translation>
    </message>
    <message>
        <source>Off centre: shift them as drawn, lever off, both clamps loose.</source>
        <translation>Außermittig: verschieben wie gezeichnet, Hebel auf, beide Klemmen lose.</translation>
    </message>
    <message>
        <source>Gaps and lengths do not add up to the shell: measure one of them again.</source>
        <translation>Spalte und Längen ergeben nicht den Kessel: messen Sie eines davon noch einmal.</translation>
    </message>
    <message>
        <source>Travel not known: count the knob once from its loose to its tight end.</source>
        <translation>Weg unbekannt: zählen Sie den Knopf einmal vom losen bis zum festen Ende.</translation>
    </message>
    <message>
        <source>Less than a turn is left to tighten: clamp again with the knob further out.</source>
        <translation>Weniger als eine Umdrehung bleibt zum Anziehen: mit weiter herausgedrehtem Knopf neu klemmen.</translation>
    </message>
    <message>
        <source>Hardly anything is left to loosen: clamp again with the knob further in.</source>
        <translation>Kaum etwas bleibt zum Lockern: mit weiter hineingedrehtem Knopf neu klemmen.</translation>
    </message>
    <message>
        <source>Cord to cut: %1 and %2 free, knots beside.</source>
        <translation>Schnur zuschneiden: %1 und %2 frei, Knoten extra.</translation>
    </message>
    <message>
        <source>Straps free: %1 at the strainer, %2 at the butt plate.</source>
        <translation>Bänder frei: %1 an der Abhebung, %2 am Gegenhalter.</translation>
    </message>
    <message>
        <source>Knob to %1 from its loose end, lever off. Clamp the strainer, then the butt plate, snug.</source>
        <translation>Knopf auf %1 vom losen Ende, Hebel auf. Erst die Abhebung klemmen, dann den Gegenhalter, stramm.</translation>
    </message>
    <message>
        <source>Knob to %1 from its loose end, lever on. Clamp the butt plate, then the strainer, snug.</source>
        <translation>Knopf auf %1 vom losen Ende, Hebel zu. Erst den Gegenhalter klemmen, dann die Abhebung, stramm.</translation>
    </message>
    <message>
        <source>Left: %1 tighter, %2 looser.</source>
        <translation>Bleibt: %1 fester, %2 lockerer.</translation>
    </message>
    <message>
        <source>loosen the knob %1</source>
        <translation>den Knopf %1 lockern</translation>
    </message>
    <message>
        <source>tighten the knob %1</source>
        <translation>den Knopf %1 anziehen</translation>
    </message>
    <message>
        <source>give %1 of strap out at the strainer&apos;s clamp</source>
        <translation>%1 Band an der Klemme der Abhebung nachgeben</translation>
    </message>
    <message>
        <source>take %1 of strap in at the strainer&apos;s clamp</source>
        <translation>%1 Band an der Klemme der Abhebung einholen</translation>
    </message>
    <message>
        <source>set the range again: knob back %1, strap in by %2</source>
        <translation>den Bereich neu einstellen: Knopf %1 zurück, Band %2 einholen</translation>
    </message>
    <message>
        <source>if it comes back, the strands are stretched or bent: replace them</source>
        <translation>kommt es wieder, sind die Spiralen gedehnt oder verbogen: ersetzen</translation>
    </message>
    <message>
        <source>centre the wires, %1</source>
        <translation>den Teppich mittig setzen, %1</translation>
    </message>
    <message>
        <source>take flat straps: they lie lower than cord</source>
        <translation>flache Bänder nehmen: sie liegen tiefer als Schnur</translation>
    </message>
    <message>
        <source>straps must leave the plate level with the film, the same at both clamps</source>
        <translation>Bänder müssen die Endplatte eben mit der Folie verlassen, an beiden Klemmen gleich</translation>
    </message>
    <message>
        <source>By the rule</source>
        <translation>Nach dem Maßstab</translation>
    </message>
    <message>
        <source>Strands</source>
        <translation>Spiralen</translation>
    </message>
    <message>
        <source>Each end plate</source>
        <translation>Jede Endplatte</translation>
    </message>
    <message>
        <source>Shell wall</source>
        <translation>Kesselwand</translation>
    </message>
    <message>
        <source>Gap at the strainer</source>
        <translation>Spalt an der Abhebung</translation>
    </message>
    <message>
        <source>Gap at the butt plate</source>
        <translation>Spalt am Gegenhalter</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source>From the end plate to the shell&apos;s outer face; negative where the plate stands over it.</source>
        <translation>Von der Endplatte bis zur Außenseite des Kessels; negativ, wo die Platte übersteht.</translation>
    </message>
    <message>
        <source>Knob&apos;s travel</source>
        <translation>Weg des Knopfs</translation>
    </message>
    <message>
        <source> turns</source>
        <translation> Umdrehungen</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>unbekannt</translation>
    </message>
    <message>
        <source>First contact at</source>
        <translation>Erste Berührung bei</translation>
    </message>
    <message>
        <source>not counted</source>
        <translation>nicht gezählt</translation>
    </message>
    <message>
        <source>Turns from the knob&apos;s loose end to where the strands first touch, lever on.</source>
        <translation>Umdrehungen vom losen Ende des Knopfs bis die Spiralen eben berühren, Hebel zu.</translation>
    </message>
    <message>
        <source>Held by</source>
        <translation>Gehalten von</translation>
    </message>
    <message>
        <source>flat straps</source>
        <translation>flachen Bändern</translation>
    </message>
    <message>
        <source>cord</source>
        <translation>Schnur</translation>
    </message>
    <message>
        <source>Clamped</source>
        <translation>Geklemmt</translation>
    </message>
    <message>
        <source>What is wrong</source>
        <translation>Was nicht stimmt</translation>
    </message>
    <message>
        <source>What is wrong?</source>
        <translation>Was stimmt nicht?</translation>
    </message>
    <message>
        <source>The lever will not close</source>
        <translation>Der Hebel schließt nicht</translation>
    </message>
    <message>
        <source>No contact when on</source>
        <translation>Zu, aber keine Berührung</translation>
    </message>
    <message>
        <source>Loose at full travel</source>
        <translation>Lose am Ende des Wegs</translation>
    </message>
    <message>
        <source>A plate stands up</source>
        <translation>Eine Endplatte steht hoch</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>%1. %2.</source>
        <translation>%1. %2.</translation>
    </message>
    <message>
        <source>clamp the strainer first, lever off</source>
        <translation>zuerst die Abhebung klemmen, Hebel auf</translation>
    </message>
    <message>
        <source>clamp the butt plate first, lever on</source>
        <translation>zuerst den Gegenhalter klemmen, Hebel zu</translation>
    </message>
</context>
<context>
    <name>bombo::GuideBar</name>
    <message>
        <source>Guide</source>
        <translation>Begleiter</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Jetzt nicht</translation>
    </message>
</context>
<context>
    <name>bombo::HandsCard</name>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>Another round</source>
        <translation>Noch eine Runde</translation>
    </message>
    <message>
        <source>Listening…</source>
        <translation>Hört zu…</translation>
    </message>
    <message>
        <source>Back to the exercises</source>
        <translation>Zurück zu den Übungen</translation>
    </message>
    <message>
        <source>Stop here; this round is not kept</source>
        <translation>Hier aufhören; diese Runde wird nicht behalten</translation>
    </message>
</context>
<context>
    <name>bombo::HandsRound</name>
    <message>
        <source>The same tap again</source>
        <translation>Derselbe Klopfer noch einmal</translation>
    </message>
    <message>
        <source>The practice drum is tapped before rod 1, by the hands that Listen gives it.</source>
        <translation>Die Übungstrommel wird vor Schraube 1 geklopft, von den Händen, die Hören ihr gibt.</translation>
    </message>
    <message>
        <source>Tap twelve times before one rod, always alike: the same place, the same strength, a second apart.</source>
        <translation>Klopfen Sie zwölfmal vor einer Schraube, immer gleich: dieselbe Stelle, dieselbe Stärke, im Abstand einer Sekunde.</translation>
    </message>
    <message numerus="yes">
        <source>%n of 12 heard.</source>
        <translation>
            <numerusform>%n von 12 gehört.</numerusform>
            <numerusform>%n von 12 gehört.</numerusform>
        </translation>
    </message>
    <message>
        <source>Too few of them had a pitch. Other head muted, lever off, the microphone a hand&apos;s width away.</source>
        <translation>Zu wenige hatten eine Tonhöhe. Das andere Fell dämpfen, Hebel ab, das Mikrofon eine Handbreit entfernt.</translation>
    </message>
    <message>
        <source>One tap differs from the next by %1 cents and %2 dB.</source>
        <translation>Ein Klopfer weicht vom nächsten um %1 Cent und %2 dB ab.</translation>
    </message>
    <message>
        <source>Fine enough for this drum&apos;s tolerance of %1 cents: one tap a rod will do.</source>
        <translation>Fein genug für die Toleranz dieser Trommel von %1 Cent: Ein Klopfer je Schraube genügt.</translation>
    </message>
    <message>
        <source>Much against this drum&apos;s tolerance of %1 cents: take two or three taps a rod.</source>
        <translation>Viel gegen die Toleranz dieser Trommel von %1 Cent: Nehmen Sie zwei oder drei Klopfer je Schraube.</translation>
    </message>
    <message numerus="yes">
        <source>%n went astray.</source>
        <translation>
            <numerusform>%n ging daneben.</numerusform>
            <numerusform>%n gingen daneben.</numerusform>
        </translation>
    </message>
    <message>
        <source>Tap it</source>
        <translation>Klopfen</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <translation>%1 Cent</translation>
    </message>
    <message>
        <source>here stands how alike they were, day by day</source>
        <translation>hier steht, wie gleich sie waren, Tag für Tag</translation>
    </message>
    <message>
        <source>%1 dB</source>
        <translation>%1 dB</translation>
    </message>
    <message>
        <source>%1 turns off</source>
        <translation>%1 Umdrehungen daneben</translation>
    </message>
</context>
<context>
    <name>bombo::HandsView</name>
    <message>
        <source>Taps at one place</source>
        <translation>Klopfer an einer Stelle</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>Cent</translation>
    </message>
    <message>
        <source>dB</source>
        <translation>dB</translation>
    </message>
</context>
<context>
    <name>bombo::HeadPage</name>
    <message>
        <source>Film load,
share of yield</source>
        <translation>Folienlast,
Anteil der Grenze</translation>
    </message>
    <message>
        <source>Mark of the gauge</source>
        <translation>Anzeige des Messers</translation>
    </message>
    <message>
        <source>How this rod feels</source>
        <translation>Wie sich diese Schraube anfühlt</translation>
    </message>
    <message>
        <source>Much looser</source>
        <translation>Viel lockerer</translation>
    </message>
    <message>
        <source>Looser</source>
        <translation>Lockerer</translation>
    </message>
    <message>
        <source>Like the others</source>
        <translation>Wie die anderen</translation>
    </message>
    <message>
        <source>Tighter</source>
        <translation>Fester</translation>
    </message>
    <message>
        <source>Much tighter</source>
        <translation>Viel fester</translation>
    </message>
    <message>
        <source>Turns…</source>
        <translation>Drehungen…</translation>
    </message>
    <message>
        <source>Every turn of every rod; retrace them, or start this head again.</source>
        <translation>Jede Drehung jeder Schraube; nachvollziehen oder dieses Fell neu beginnen.</translation>
    </message>
    <message>
        <source>Nearest to me</source>
        <translation>Mir am nächsten</translation>
    </message>
    <message>
        <source>I stand before this rod: the hoop is laid out from there.</source>
        <translation>Ich stehe vor dieser Schraube: der Reifen wird von dort aus gezeigt.</translation>
    </message>
    <message>
        <source>One more tap at this rod; its reading becomes the median of its taps.</source>
        <translation>Noch ein Tipp an dieser Schraube; es zählt der Median ihrer Tipps.</translation>
    </message>
    <message>
        <source>The other way round</source>
        <translation>Andersherum</translation>
    </message>
    <message>
        <source>Count −1/8</source>
        <translation>Zahl −1/8</translation>
    </message>
    <message>
        <source>I turned this rod an eighth less than was counted.</source>
        <translation>Ich habe diese Schraube ein Achtel weniger gedreht, als gezählt wurde.</translation>
    </message>
    <message>
        <source>Count +1/8</source>
        <translation>Zahl +1/8</translation>
    </message>
    <message>
        <source>I turned this rod an eighth more than was counted.</source>
        <translation>Ich habe diese Schraube ein Achtel mehr gedreht, als gezählt wurde.</translation>
    </message>
    <message>
        <source>Undo last</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Put the batter head on</source>
        <translation>Schlagfell auflegen</translation>
    </message>
    <message>
        <source>Put the snare-side head on</source>
        <translation>Resonanzfell auflegen</translation>
    </message>
    <message>
        <source>Start on the batter head</source>
        <translation>Mit dem Schlagfell beginnen</translation>
    </message>
    <message>
        <source>Start on the snare-side head</source>
        <translation>Mit dem Resonanzfell beginnen</translation>
    </message>
    <message>
        <source>Raise the batter head</source>
        <translation>Schlagfell hochstimmen</translation>
    </message>
    <message>
        <source>Raise the snare-side head</source>
        <translation>Resonanzfell hochstimmen</translation>
    </message>
    <message>
        <source>Tap round the batter head</source>
        <translation>Rund ums Schlagfell tippen</translation>
    </message>
    <message>
        <source>Tap round the snare-side head</source>
        <translation>Rund ums Resonanzfell tippen</translation>
    </message>
    <message>
        <source>Even the batter head</source>
        <translation>Schlagfell ausgleichen</translation>
    </message>
    <message>
        <source>Even the snare-side head</source>
        <translation>Resonanzfell ausgleichen</translation>
    </message>
    <message>
        <source>Batter head: done</source>
        <translation>Schlagfell: fertig</translation>
    </message>
    <message>
        <source>Snare-side head: done</source>
        <translation>Resonanzfell: fertig</translation>
    </message>
    <message>
        <source>Wires off, snare side muted, finger on the middle.</source>
        <translation>Teppich ab, Resonanzfell gedämpft, Finger auf der Mitte.</translation>
    </message>
    <message>
        <source>Wires off, snare side muted, nothing on this head.</source>
        <translation>Teppich ab, Resonanzfell gedämpft, nichts auf diesem Fell.</translation>
    </message>
    <message>
        <source>Drum upturned, wires off and held away, batter muted. No palm on this film.</source>
        <translation>Trommel umgedreht, Teppich ab und ferngehalten, Schlagfell gedämpft. Kein Handballen auf diese Folie.</translation>
    </message>
    <message>
        <source>In silence: the result is provisional until it is heard.</source>
        <translation>In Stille: vorläufig, bis es gehört wird.</translation>
    </message>
    <message>
        <source>In silence, beside the last taps: together they tell opposite rods apart.</source>
        <translation>In Stille, neben den letzten Tipps: zusammen unterscheiden sie gegenüberliegende Schrauben.</translation>
    </message>
    <message>
        <source>Before the show, stop by %1.</source>
        <translation>Vor dem Auftritt, fertig bis %1.</translation>
    </message>
    <message>
        <source>Round %1.</source>
        <translation>Runde %1.</translation>
    </message>
    <message>
        <source>target %1</source>
        <translation>Ziel %1</translation>
    </message>
    <message>
        <source>last mean %1, %2 cents; spread ± %3</source>
        <translation>zuletzt im Mittel %1, %2 Cent; Streuung ± %3</translation>
    </message>
    <message>
        <source>edge pitch, other head muted</source>
        <translation>Randton, anderes Fell gedämpft</translation>
    </message>
    <message>
        <source>Tap the round again</source>
        <translation>Runde noch einmal tippen</translation>
    </message>
    <message>
        <source>Listen now</source>
        <translation>Jetzt hören</translation>
    </message>
    <message>
        <source>It resists: nothing is tightened. Back off the last rod a quarter; burr, grit or a bent rod? Clean and grease it, never force it. Film load near its limit: stay here.</source>
        <translation>Es klemmt: nichts wird angezogen. Letzte Schraube ein Viertel zurück; Grat, Schmutz oder verbogene Schraube? Säubern und fetten, nie mit Gewalt. Folienlast nahe der Grenze: hier bleiben.</translation>
    </message>
    <message>
        <source>Rod %1 does not fit the others. If it stays so when it is tapped again, look at the edge and the hoop there.</source>
        <translation>Schraube %1 passt nicht zu den anderen. Bleibt es nach erneutem Tippen so, sehen Sie dort nach Gratung und Reifen.</translation>
    </message>
    <message>
        <source>The last moves landed within %1 cents of the prediction.</source>
        <translation>Die letzten Züge trafen die Vorhersage auf %1 Cent.</translation>
    </message>
    <message>
        <source>Taps cannot tell %1 apart. If only one feels slack, turn that one and correct the count of both; or read hoop gap, gauge or feel (Listen now, In silence).</source>
        <translation>Tipps können %1 nicht unterscheiden. Fühlt sich nur eine lose an, drehen Sie diese und berichtigen die Zahl beider; oder lesen Sie Reifenspalt, Messer oder Gefühl ab (Jetzt hören, In Stille).</translation>
    </message>
    <message>
        <source>Thin film: eyes clear of the hoop, stop if the resistance jumps. Rods at the snare beds never read quite like the rest.</source>
        <translation>Dünne Folie: Augen weg vom Reifen, aufhören, wenn der Widerstand springt. Schrauben an den Snarebetten liegen nie ganz wie der Rest.</translation>
    </message>
    <message>
        <source>Click a rod, or choose it with the arrow keys, to start a round there, to correct its count or to lay the hoop out from it.</source>
        <translation>Klicken Sie eine Schraube an oder wählen Sie sie mit den Pfeiltasten, um dort eine Runde zu beginnen, die Zahl zu berichtigen oder den Reifen von dort zu zeigen.</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Gap from lug to hoop</source>
        <translation>Spalt vom Böckchen zum Reifen</translation>
    </message>
    <message>
        <source>The cause is cleared</source>
        <translation>Die Ursache ist behoben</translation>
    </message>
    <message>
        <source>It resists</source>
        <translation>Es klemmt</translation>
    </message>
    <message>
        <source>Rods may be tightened again.</source>
        <translation>Schrauben dürfen wieder angezogen werden.</translation>
    </message>
    <message>
        <source>The resistance of a rod jumped: stop, listen, and find out why.</source>
        <translation>Der Widerstand einer Schraube sprang: aufhören, hinhören, herausfinden warum.</translation>
    </message>
    <message>
        <source>Turn the trial back</source>
        <translation>Versuch zurückdrehen</translation>
    </message>
    <message>
        <source>Uneven…</source>
        <translation>Uneben…</translation>
    </message>
    <message>
        <source>Turns back what was turned for the trial; then the head is evened.</source>
        <translation>Dreht zurück, was für den Versuch gedreht wurde; dann wird das Fell ausgeglichen.</translation>
    </message>
    <message>
        <source>Make this head uneven on purpose, as a trial.</source>
        <translation>Macht dieses Fell absichtlich uneben, als Versuch.</translation>
    </message>
    <message>
        <source>From the strainer</source>
        <translation>Von der Abhebung aus</translation>
    </message>
    <message>
        <source>Tap rod %1 again</source>
        <translation>Schraube %1 noch einmal</translation>
    </message>
    <message>
        <source>Start at rod %1</source>
        <translation>Bei Schraube %1 beginnen</translation>
    </message>
</context>
<context>
    <name>bombo::HelpWindow</name>
    <message>
        <source>The manual</source>
        <translation>Das Handbuch</translation>
    </message>
    <message>
        <source>Search the manual</source>
        <translation>Im Handbuch suchen</translation>
    </message>
    <message>
        <source>Pages of the manual</source>
        <translation>Seiten des Handbuchs</translation>
    </message>
    <message>
        <source>The page</source>
        <translation>Die Seite</translation>
    </message>
    <message>
        <source>The manual is missing from this build; it stands in docs/manual of the source tree.</source>
        <translation>Das Handbuch fehlt in diesem Programm; es steht in docs/manual des Quelltexts.</translation>
    </message>
    <message>
        <source>Nothing in the manual says so. Try another word.</source>
        <translation>Davon steht nichts im Handbuch. Versuchen Sie ein anderes Wort.</translation>
    </message>
    <message>
        <source>About Bombo</source>
        <translation>Über Bombo</translation>
    </message>
    <message>
        <source>Bombo %1</source>
        <translation>Bombo %1</translation>
    </message>
    <message>
        <source>Tunes a snare drum with you.

Free software under the GNU General Public License, version 3 or later. Built on Qt, Eigen, FFTW, libsndfile, nlohmann-json, fmt, CLI11 and SQLite, each under its own free licence; the typeface is Inter, under the Open Font License.</source>
        <translation>Stimmt mit Ihnen eine kleine Trommel.

Freie Software unter der GNU General Public License, Version 3 oder später. Gebaut auf Qt, Eigen, FFTW, libsndfile, nlohmann-json, fmt, CLI11 und SQLite, jedes unter seiner eigenen freien Lizenz; die Schrift ist Inter, unter der Open Font License.</translation>
    </message>
</context>
<context>
    <name>bombo::HoopView</name>
    <message>
        <source>Hoop, laid flat</source>
        <translation>Reifen, flach ausgelegt</translation>
    </message>
</context>
<context>
    <name>bombo::HurryDialog</name>
    <message>
        <source>Minutes before the show</source>
        <translation>Minuten vor dem Auftritt</translation>
    </message>
    <message>
        <source>How long have you got?</source>
        <translation>Wie viel Zeit haben Sie?</translation>
    </message>
    <message>
        <source>Minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>What fits into it</source>
        <translation>Was hineinpasst</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Ab</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Dauert</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
    <message>
        <source>No head is changed and no rod goes further than a quarter: whoever is called on stage may stop after any line, and undo brings everything back.</source>
        <translation>Kein Fell wird gewechselt und keine Schraube weiter als ein Viertel gedreht: wer auf die Bühne gerufen wird, darf nach jeder Zeile aufhören, und Rückgängig bringt alles zurück.</translation>
    </message>
    <message>
        <source>No show any more</source>
        <translation>Kein Auftritt mehr</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Beginnen</translation>
    </message>
</context>
<context>
    <name>bombo::LedgerDialog</name>
    <message>
        <source>counted round</source>
        <translation>gezählte Runde</translation>
    </message>
    <message>
        <source>after round %1</source>
        <translation>nach Runde %1</translation>
    </message>
    <message>
        <source>correction of both heads</source>
        <translation>Korrektur beider Felle</translation>
    </message>
    <message>
        <source>trial, uneven on purpose</source>
        <translation>Versuch, absichtlich uneben</translation>
    </message>
    <message>
        <source>count corrected</source>
        <translation>Zahl berichtigt</translation>
    </message>
    <message>
        <source>Turns of the batter</source>
        <translation>Drehungen am Schlagfell</translation>
    </message>
    <message>
        <source>Turns of the snare side</source>
        <translation>Drehungen am Resonanzfell</translation>
    </message>
    <message>
        <source>Rod</source>
        <translation>Schraube</translation>
    </message>
    <message>
        <source>Stands at</source>
        <translation>Steht bei</translation>
    </message>
    <message>
        <source>Where each rod stands</source>
        <translation>Wo jede Schraube steht</translation>
    </message>
    <message>
        <source>Count −1/8</source>
        <translation>Zahl −1/8</translation>
    </message>
    <message>
        <source>Count +1/8</source>
        <translation>Zahl +1/8</translation>
    </message>
    <message>
        <source>The chosen rod was turned an eighth less than was counted.</source>
        <translation>Die gewählte Schraube wurde ein Achtel weniger gedreht, als gezählt wurde.</translation>
    </message>
    <message>
        <source>The chosen rod was turned an eighth more than was counted.</source>
        <translation>Die gewählte Schraube wurde ein Achtel mehr gedreht, als gezählt wurde.</translation>
    </message>
    <message>
        <source>Rods</source>
        <translation>Schrauben</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedreht</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>Every turn, the latest first</source>
        <translation>Jede Drehung, die letzte zuerst</translation>
    </message>
    <message>
        <source>Start this head again</source>
        <translation>Dieses Fell neu beginnen</translation>
    </message>
    <message>
        <source>A new head, or the count is lost: back to the first step. Undo brings it back.</source>
        <translation>Ein neues Fell, oder die Zählung ist verloren: zurück zum ersten Schritt. Rückgängig bringt es wieder.</translation>
    </message>
    <message>
        <source>Retrace from finger-tight</source>
        <translation>Von handfest nachvollziehen</translation>
    </message>
    <message>
        <source>It was dropped, or let down: leads every rod from finger-tight to where it stood, then asks for taps.</source>
        <translation>Sie fiel um oder wurde entspannt: führt jede Schraube von handfest dorthin, wo sie stand, und fragt dann nach Tipps.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Counted from how the head was found standing.</source>
        <translation>Gezählt ab dem vorgefundenen Stand.</translation>
    </message>
    <message>
        <source>Counted from finger-tight. To find the sound again by hand: finger-tight all round, then each rod to its figure, in opposite pairs and small steps.</source>
        <translation>Gezählt ab handfest. Um den Klang von Hand wiederzufinden: ringsum handfest, dann jede Schraube auf ihre Zahl, in gegenüberliegenden Paaren und kleinen Schritten.</translation>
    </message>
    <message>
        <source>every rod</source>
        <translation>jede Schraube</translation>
    </message>
</context>
<context>
    <name>bombo::LevelMeter</name>
    <message>
        <source>Input level</source>
        <translation>Eingangspegel</translation>
    </message>
</context>
<context>
    <name>bombo::LikedOffer</name>
    <message>
        <source>batter %1</source>
        <translation>Schlagfell %1</translation>
    </message>
    <message>
        <source>ring %1</source>
        <translation>Ausklang %1</translation>
    </message>
    <message numerus="yes">
        <source>%1 (%n evenings)</source>
        <translation>
            <numerusform>%1 (%n Abend)</numerusform>
            <numerusform>%1 (%n Abende)</numerusform>
        </translation>
    </message>
    <message>
        <source>Aimed at what got the stars on this drum: %1.</source>
        <translation>Angepeilt, was auf dieser Trommel Sterne bekam: %1.</translation>
    </message>
    <message>
        <source>What got the stars on this drum: %1.</source>
        <translation>Was auf dieser Trommel Sterne bekam: %1.</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Wie mitgeliefert</translation>
    </message>
    <message>
        <source>Aim there</source>
        <translation>Anpeilen</translation>
    </message>
    <message>
        <source>The tone is aimed at by its own figures again</source>
        <translation>Der Klang wird wieder nach seinen eigenen Zahlen angepeilt</translation>
    </message>
    <message>
        <source>The middle of what got four stars and more is aimed at, as wide as it reached; at this drum only</source>
        <translation>Angepeilt wird die Mitte dessen, was vier Sterne und mehr bekam, so weit es reichte; nur an dieser Trommel</translation>
    </message>
</context>
<context>
    <name>bombo::LikedPanel</name>
    <message>
        <source>Keep as a tone…</source>
        <translation>Als Klang behalten…</translation>
    </message>
    <message numerus="yes">
        <source>Give each evening its stars (tab “In words”). %1 evenings of one tone with %2 stars and more make a range; %n evenings have stars so far.</source>
        <translation>
            <numerusform>Geben Sie jedem Abend seine Sterne (Reiter „In Worten“). %1 Abende eines Klangs mit %2 Sternen und mehr ergeben einen Bereich; bisher hat %n Abend Sterne.</numerusform>
            <numerusform>Geben Sie jedem Abend seine Sterne (Reiter „In Worten“). %1 Abende eines Klangs mit %2 Sternen und mehr ergeben einen Bereich; bisher haben %n Abende Sterne.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>What was liked, over %n evenings with stars. Player, place and cold make no difference that chance would not make as well.</source>
        <translation>
            <numerusform>Was gefiel, über %n Abend mit Sternen. Spieler, Ort und Kälte machen keinen Unterschied, den nicht auch der Zufall machte.</numerusform>
            <numerusform>Was gefiel, über %n Abende mit Sternen. Spieler, Ort und Kälte machen keinen Unterschied, den nicht auch der Zufall machte.</numerusform>
        </translation>
    </message>
    <message>
        <source>The middle of what was liked becomes a tone of this workbook, as wide as it reached, and is aimed at from now on</source>
        <translation>Die Mitte dessen, was gefiel, wird ein Klang dieses Arbeitsbuchs, so breit wie es reichte, und ist von nun an das Ziel</translation>
    </message>
    <message>
        <source>Once enough evenings of the drum in front have stars</source>
        <translation>Sobald genug Abende der Trommel, die vorn steht, Sterne haben</translation>
    </message>
    <message>
        <source>Keep what works as a tone</source>
        <translation>Was sich bewährt als Klang behalten</translation>
    </message>
    <message>
        <source>Kept: the middle of the pitches and of the ring that got the stars, as wide as they reached. It scales to other drums.</source>
        <translation>Behalten: die Mitte der Tonhöhen und des Ausklangs, die Sterne bekamen, so breit wie sie reichten. Passt sich anderen Trommeln an.</translation>
    </message>
</context>
<context>
    <name>bombo::LikedView</name>
    <message>
        <source>What got the stars</source>
        <translation>Was die Sterne bekam</translation>
    </message>
    <message>
        <source>%1: liked from %2</source>
        <translation>%1: gefiel von %2</translation>
    </message>
    <message>
        <source>Higher: more stars.  ● four and more  ○ fewer  | the drum now</source>
        <translation>Höher: mehr Sterne.  ● vier und mehr  ○ weniger  | die Trommel jetzt</translation>
    </message>
</context>
<context>
    <name>bombo::ListenBar</name>
    <message>
        <source>Hear it</source>
        <translation>Anhören</translation>
    </message>
    <message>
        <source>One stroke as the targets promise it</source>
        <translation>Ein Schlag, wie ihn die Ziele versprechen</translation>
    </message>
    <message>
        <source>Wires off</source>
        <translation>Teppich ab</translation>
    </message>
    <message>
        <source>The same with the lever off</source>
        <translation>Dasselbe mit offenem Hebel</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Wie sie ist</translation>
    </message>
    <message>
        <source>The drum as far as it is known now</source>
        <translation>Die Trommel, soweit sie jetzt bekannt ist</translation>
    </message>
    <message>
        <source>Blind…</source>
        <translation>Blind…</translation>
    </message>
    <message>
        <source>Both in a hidden order: can you tell them apart?</source>
        <translation>Beide in verborgener Reihenfolge: können Sie sie unterscheiden?</translation>
    </message>
</context>
<context>
    <name>bombo::ListeningStrip</name>
    <message>
        <source>Listening</source>
        <translation>Hört zu</translation>
    </message>
    <message>
        <source>Source of sound</source>
        <translation>Klangquelle</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Mikrofon</translation>
    </message>
    <message>
        <source>Is it hearing me?</source>
        <translation>Hört es mich?</translation>
    </message>
    <message>
        <source>Strike it</source>
        <translation>Anschlagen</translation>
    </message>
    <message>
        <source>Give files…</source>
        <translation>Dateien geben…</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>tone</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>Edge taps</source>
        <translation>Tipps am Rand</translation>
    </message>
    <message>
        <source>Sound (*.wav *.flac *.ogg *.aiff);;All files (*)</source>
        <translation>Klang (*.wav *.flac *.ogg *.aiff);;Alle Dateien (*)</translation>
    </message>
</context>
<context>
    <name>bombo::LoadWedge</name>
    <message>
        <source>Film load</source>
        <translation>Folienlast</translation>
    </message>
    <message>
        <source>%1: %2 percent of yield, limit %3 percent</source>
        <translation>%1: %2 Prozent der Streckgrenze, Grenze %3 Prozent</translation>
    </message>
    <message>
        <source>%1 %2 %, limit %3 %</source>
        <translation>%1 %2 %, Grenze %3 %</translation>
    </message>
    <message>
        <source>%1: slack so far</source>
        <translation>%1: noch locker</translation>
    </message>
</context>
<context>
    <name>bombo::LogModel</name>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>Drum</source>
        <translation>Trommel</translation>
    </message>
    <message>
        <source>Tone</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Schlagfell</translation>
    </message>
    <message>
        <source>Snare side</source>
        <translation>Resonanzfell</translation>
    </message>
    <message>
        <source>Even to</source>
        <translation>Gleich auf</translation>
    </message>
    <message>
        <source>Strainer</source>
        <translation>Abhebung</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source> cents</source>
        <translation> Cent</translation>
    </message>
    <message>
        <source>Stars</source>
        <translation>Sterne</translation>
    </message>
</context>
<context>
    <name>bombo::LogbookPage</name>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>Show entries of</source>
        <translation>Einträge zeigen von</translation>
    </message>
    <message>
        <source>Saved setups</source>
        <translation>Gespeicherte Stimmungen</translation>
    </message>
    <message>
        <source>all drums</source>
        <translation>alle Trommeln</translation>
    </message>
    <message>
        <source>Search notes and figures</source>
        <translation>Im Logbuch suchen</translation>
    </message>
    <message>
        <source>Search the logbook</source>
        <translation>Das Logbuch durchsuchen</translation>
    </message>
    <message>
        <source>Show entries of the tone</source>
        <translation>Einträge dieses Klangs zeigen</translation>
    </message>
    <message>
        <source>Back to it</source>
        <translation>Zurück dorthin</translation>
    </message>
    <message>
        <source>What differs</source>
        <translation>Unterschiede</translation>
    </message>
    <message>
        <source>In words</source>
        <translation>In Worten</translation>
    </message>
    <message>
        <source>Open as it was</source>
        <translation>Öffnen, wie sie war</translation>
    </message>
    <message>
        <source>A new session that begins with the whole setup as it was saved, its turns counted on.</source>
        <translation>Eine neue Sitzung, die mit der ganzen gesicherten Einstellung beginnt; ihre Umdrehungen werden weitergezählt.</translation>
    </message>
    <message>
        <source>Take me back</source>
        <translation>Bring mich zurück</translation>
    </message>
    <message>
        <source>As a picture</source>
        <translation>Als Bild</translation>
    </message>
    <message>
        <source>As a list</source>
        <translation>Als Liste</translation>
    </message>
    <message>
        <source>all tones</source>
        <translation>alle Klänge</translation>
    </message>
    <message>
        <source>%1: the season</source>
        <translation>%1: die Saison</translation>
    </message>
    <message>
        <source>Bars: what was wanted. Lines: how it drifted. Steps: what a key did. Arrow keys walk from entry to entry, the wheel draws nearer.</source>
        <translation>Balken: was gewünscht war. Linien: wie es wanderte. Stufen: was ein Schlüssel tat. Pfeiltasten gehen von Eintrag zu Eintrag, das Rad holt heran.</translation>
    </message>
    <message>
        <source>Back to %1</source>
        <translation>Zurück zum %1</translation>
    </message>
    <message>
        <source>%1 as on %2</source>
        <translation>%1 wie am %2</translation>
    </message>
    <message>
        <source>Setup card…</source>
        <translation>Karte…</translation>
    </message>
    <message>
        <source>One page as PDF: the turns of every rod, the knob, what lay on the head, and how it was known.</source>
        <translation>Eine Seite als PDF: die Drehungen jeder Schraube, der Knopf, was auf dem Fell lag, und woher man es weiß.</translation>
    </message>
    <message numerus="yes">
        <source>%n entries. Click on a heading to sort by it; two that are selected (Ctrl) are compared.</source>
        <translation>
            <numerusform>%n Eintrag. Ein Klick auf eine Überschrift sortiert danach; zwei gewählte (Strg) werden verglichen.</numerusform>
            <numerusform>%n Einträge. Ein Klick auf eine Überschrift sortiert danach; zwei gewählte (Strg) werden verglichen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing in the logbook fits what is searched for and chosen here.</source>
        <translation>Nichts im Logbuch passt zu dem, was hier gesucht und gewählt ist.</translation>
    </message>
    <message>
        <source>What works</source>
        <translation>Was sich bewährt</translation>
    </message>
    <message>
        <source>Deleted entries stay in the bin until you empty it.</source>
        <translation>Gelöschte Einträge bleiben im Papierkorb, bis Sie ihn leeren.</translation>
    </message>
    <message>
        <source>Bin (%1)…</source>
        <translation>Papierkorb (%1)…</translation>
    </message>
    <message numerus="yes">
        <source>Restore %n deleted entries</source>
        <translation>
            <numerusform>%n gelöschten Eintrag wiederherstellen</numerusform>
            <numerusform>%n gelöschte Einträge wiederherstellen</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::MainWindow</name>
    <message>
        <source>Bombo workbooks (*.bombo);;All files (*)</source>
        <translation>Bombo-Arbeitsbücher (*.bombo);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>&amp;Workbook</source>
        <translation>&amp;Arbeitsbuch</translation>
    </message>
    <message>
        <source>&amp;New…</source>
        <translation>&amp;Neu…</translation>
    </message>
    <message>
        <source>New workbook</source>
        <translation>Neues Arbeitsbuch</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>&amp;Öffnen…</translation>
    </message>
    <message>
        <source>Open a workbook</source>
        <translation>Arbeitsbuch öffnen</translation>
    </message>
    <message>
        <source>Open the &amp;demo</source>
        <translation>&amp;Vorführung öffnen</translation>
    </message>
    <message>
        <source>Save a &amp;copy…</source>
        <translation>&amp;Kopie speichern…</translation>
    </message>
    <message>
        <source>Save a copy</source>
        <translation>Kopie speichern</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>A&amp;nsicht</translation>
    </message>
    <message>
        <source>&amp;Stand view</source>
        <translation>&amp;Bühnenansicht</translation>
    </message>
    <message>
        <source>As the &amp;system</source>
        <translation>Wie das &amp;System</translation>
    </message>
    <message>
        <source>&amp;Day</source>
        <translation>&amp;Tag</translation>
    </message>
    <message>
        <source>&amp;Night</source>
        <translation>&amp;Nacht</translation>
    </message>
    <message>
        <source>Lan&amp;guage</source>
        <translation>Spra&amp;che</translation>
    </message>
    <message>
        <source>Lengths in &amp;millimetres</source>
        <translation>Längen in &amp;Millimetern</translation>
    </message>
    <message>
        <source>&amp;Tensions in N/m</source>
        <translation>&amp;Spannungen in N/m</translation>
    </message>
    <message>
        <source>&amp;Left-handed: rounds run clockwise</source>
        <translation>&amp;Linkshändig: Runden laufen im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>&amp;Reference pitch…</source>
        <translation>&amp;Bezugston…</translation>
    </message>
    <message>
        <source>Reference pitch</source>
        <translation>Bezugston</translation>
    </message>
    <message>
        <source>The note A4, in Hz:</source>
        <translation>Der Ton A4, in Hz:</translation>
    </message>
    <message>
        <source>&amp;Listen</source>
        <translation>&amp;Hören</translation>
    </message>
    <message>
        <source>&amp;Go</source>
        <translation>&amp;Gehe zu</translation>
    </message>
    <message>
        <source>&amp;Minutes before the show…</source>
        <translation>&amp;Minuten vor dem Auftritt…</translation>
    </message>
    <message>
        <source>&amp;Remind me…</source>
        <translation>&amp;Erinnern…</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Wie das System</translation>
    </message>
    <message>
        <source>Bombo</source>
        <translation>Bombo</translation>
    </message>
    <message>
        <source>%1 (read only) – Bombo</source>
        <translation>%1 (nur lesen) – Bombo</translation>
    </message>
    <message>
        <source>%1 – Bombo</source>
        <translation>%1 – Bombo</translation>
    </message>
    <message>
        <source>C&amp;lose</source>
        <translation>S&amp;chließen</translation>
    </message>
    <message>
        <source>My drum</source>
        <translation>Meine Trommel</translation>
    </message>
    <message>
        <source>What does it look like?</source>
        <translation>Wie sieht sie aus?</translation>
    </message>
    <message>
        <source>This is it</source>
        <translation>Das ist sie</translation>
    </message>
    <message>
        <source>Where does the other one differ?</source>
        <translation>Worin ist die andere anders?</translation>
    </message>
    <message>
        <source>What is to be put right?</source>
        <translation>Was ist zu berichtigen?</translation>
    </message>
    <message>
        <source>Add it</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Si&amp;ze of words</source>
        <translation>&amp;Größe der Wörter</translation>
    </message>
    <message>
        <source>As the &amp;window affords</source>
        <translation>Wie das &amp;Fenster es erlaubt</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Open a workbook first.</source>
        <translation>Öffnen Sie zuerst ein Arbeitsbuch.</translation>
    </message>
    <message>
        <source>&amp;Export the logbook…</source>
        <translation>Logbuch aus&amp;geben…</translation>
    </message>
    <message>
        <source>The show…</source>
        <translation>Der Auftritt…</translation>
    </message>
    <message>
        <source>Faults</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Üben</translation>
    </message>
    <message>
        <source>Open a workbook first, or try the practice drum.</source>
        <translation>Öffnen Sie zuerst ein Arbeitsbuch, oder versuchen Sie die Übungstrommel.</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;The manual</source>
        <translation>Das Hand&amp;buch</translation>
    </message>
    <message>
        <source>Every &amp;key</source>
        <translation>Alle &amp;Tasten</translation>
    </message>
    <message>
        <source>Take &amp;care</source>
        <translation>&amp;Vorsicht</translation>
    </message>
    <message>
        <source>&amp;About Bombo…</source>
        <translation>Ü&amp;ber Bombo …</translation>
    </message>
    <message>
        <source>Save a &amp;report…</source>
        <translation>Einen Be&amp;richt sichern …</translation>
    </message>
    <message>
        <source>Help, Walk me through brings the line back.</source>
        <translation>Hilfe, Begleite mich holt die Zeile zurück.</translation>
    </message>
    <message>
        <source>Se&amp;ttings…</source>
        <translation>&amp;Einstellungen…</translation>
    </message>
    <message>
        <source>&amp;Walk me through</source>
        <translation>&amp;Begleite mich</translation>
    </message>
    <message>
        <source>W&amp;hat is this?</source>
        <translation>Was &amp;ist das?</translation>
    </message>
    <message>
        <source>Workbook moved</source>
        <translation>Arbeitsbuch verschoben</translation>
    </message>
    <message>
        <source>%1 was moved, replaced or deleted while it was open. Your last step was not kept; everything before it is still here.</source>
        <translation>%1 wurde verschoben, ersetzt oder gelöscht, während es offen war. Ihr letzter Schritt wurde nicht gespeichert; alles davor ist noch da.</translation>
    </message>
    <message>
        <source>Write it back</source>
        <translation>Zurückschreiben</translation>
    </message>
    <message>
        <source>Save a copy…</source>
        <translation>Kopie speichern…</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>&amp;Import a logbook…</source>
        <translation>Logbuch &amp;importieren…</translation>
    </message>
</context>
<context>
    <name>bombo::MicrophoneDialog</name>
    <message>
        <source>Is it hearing me?</source>
        <translation>Hört es mich?</translation>
    </message>
    <message>
        <source>Lever off. Hold the microphone a hand&apos;s width over the edge of the head and tap lightly beside it, five times, a second apart.</source>
        <translation>Hebel auf. Halten Sie das Mikrofon eine Handbreit über den Rand des Fells und tippen Sie leicht daneben, fünfmal, im Sekundenabstand.</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Mikrofon</translation>
    </message>
    <message>
        <source>The practice drum&apos;s microphone</source>
        <translation>Das Mikrofon der Übungstrommel</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Pegel</translation>
    </message>
    <message>
        <source>Check again</source>
        <translation>Noch einmal prüfen</translation>
    </message>
    <message>
        <source>Strike it</source>
        <translation>Anschlagen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Nothing was heard yet</source>
        <translation>Noch nichts gehört</translation>
    </message>
    <message>
        <source>Does the level move when you speak? If not, it is muted, or it is another one: choose it above.</source>
        <translation>Bewegt sich der Pegel, wenn Sie sprechen? Wenn nicht, ist es stumm, oder es ist ein anderes: wählen Sie es oben.</translation>
    </message>
    <message>
        <source>Tap five times</source>
        <translation>Fünfmal tippen</translation>
    </message>
    <message numerus="yes">
        <source>Heard. %n more</source>
        <translation>
            <numerusform>Gehört. Noch %n</numerusform>
            <numerusform>Gehört. Noch %n</numerusform>
        </translation>
    </message>
    <message>
        <source>There is no microphone</source>
        <translation>Es gibt kein Mikrofon</translation>
    </message>
    <message>
        <source>%1 is gone</source>
        <translation>%1 ist weg</translation>
    </message>
    <message>
        <source>%1 cannot be opened</source>
        <translation>%1 lässt sich nicht öffnen</translation>
    </message>
    <message>
        <source>Another program may hold it: close that, or choose another one above.</source>
        <translation>Vielleicht hält es ein anderes Programm: schließen Sie das, oder wählen Sie oben ein anderes.</translation>
    </message>
    <message>
        <source>Plug one in and open this again. Without one, sound files can be read.</source>
        <translation>Stecken Sie eines an und öffnen Sie dies noch einmal. Ohne eines lassen sich Klangdateien lesen.</translation>
    </message>
</context>
<context>
    <name>bombo::MovedBar</name>
    <message>
        <source>rods backing off</source>
        <translation>Schrauben</translation>
    </message>
    <message>
        <source>rod %1 or %2</source>
        <translation>Schraube %1 oder %2</translation>
    </message>
    <message>
        <source>rod %1</source>
        <translation>Schraube %1</translation>
    </message>
    <message>
        <source>weather</source>
        <translation>Wetter</translation>
    </message>
    <message>
        <source>film settling</source>
        <translation>Folie</translation>
    </message>
    <message>
        <source>not explained</source>
        <translation>nicht erklärt</translation>
    </message>
    <message>
        <source>%1 ± %2</source>
        <translation>%1 ± %2</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <translation>%1 Cent</translation>
    </message>
</context>
<context>
    <name>bombo::MufflingPage</name>
    <message>
        <source>Ring</source>
        <translation>Ausklang</translation>
    </message>
    <message>
        <source>Ways to shorten it</source>
        <translation>Wege, ihn zu kürzen</translation>
    </message>
    <message>
        <source>Your own muffler</source>
        <translation>Eigener Dämpfer</translation>
    </message>
    <message>
        <source>Muffle, last and least</source>
        <translation>Dämpfen, zuletzt und am wenigsten</translation>
    </message>
    <message>
        <source>First evenness, then pitch, then the stroke, then things on the head. Lever off while you listen for ring.</source>
        <translation>Erst gleichmäßig, dann die Tonhöhe, dann der Schlag, dann Dinge auf dem Fell. Hebel auf, während Sie auf den Ausklang hören.</translation>
    </message>
    <message>
        <source>What is laid next</source>
        <translation>Was als Nächstes aufgelegt wird</translation>
    </message>
    <message>
        <source>Lay it</source>
        <translation>Auflegen</translation>
    </message>
    <message>
        <source>Where it shortens the ring most; or click the head where you want it.</source>
        <translation>Wo es den Ausklang am meisten kürzt; oder klicken Sie auf das Fell, wo Sie es wollen.</translation>
    </message>
    <message>
        <source>Take off</source>
        <translation>Abnehmen</translation>
    </message>
    <message>
        <source>Close mic</source>
        <translation>Nahes Mikro</translation>
    </message>
    <message>
        <source>A close microphone: drag it, or M and the arrow keys; Page up and down for its height.</source>
        <translation>Ein nahes Mikrofon: ziehen, oder M und die Pfeiltasten; Bild auf und ab für die Höhe.</translation>
    </message>
    <message>
        <source>Undo last</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Anhören</translation>
    </message>
    <message>
        <source>How a stroke sounds with what lies on the head, as predicted.</source>
        <translation>Wie ein Schlag mit dem klingt, was auf dem Fell liegt, nach der Vorhersage.</translation>
    </message>
    <message>
        <source>On to the proof</source>
        <translation>Weiter zum Nachweis</translation>
    </message>
    <message>
        <source>%1 s → %2 s</source>
        <translation>%1 s → %2 s</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>Ring as wanted</source>
        <translation>Ausklang wie gewünscht</translation>
    </message>
    <message>
        <source>Still rings longer than wanted</source>
        <translation>Klingt noch länger als gewünscht</translation>
    </message>
    <message>
        <source>Rings longer than wanted</source>
        <translation>Klingt länger als gewünscht</translation>
    </message>
    <message>
        <source>Shorter than wanted: take less</source>
        <translation>Kürzer als gewünscht: weniger nehmen</translation>
    </message>
    <message>
        <source>Short enough with nothing on it</source>
        <translation>Kurz genug mit nichts darauf</translation>
    </message>
    <message>
        <source>predicted; %1 s wanted for %2</source>
        <translation>vorhergesagt; %1 s gewünscht für %2</translation>
    </message>
    <message>
        <source>from the targets, since the batter was not heard yet</source>
        <translation>aus den Zielen, da das Schlagfell noch nicht gehört wurde</translation>
    </message>
    <message>
        <source>with this drum&apos;s own damping, %1 of usual</source>
        <translation>mit der eigenen Dämpfung dieser Trommel, %1 der üblichen</translation>
    </message>
    <message>
        <source>strike it, and its own damping counts</source>
        <translation>schlagen Sie sie an, dann zählt ihre eigene Dämpfung</translation>
    </message>
    <message>
        <source>heard %1 s</source>
        <translation>gehört %1 s</translation>
    </message>
    <message>
        <source>the stick loses %1 % of its rebound</source>
        <translation>der Stock verliert %1 % seines Rückpralls</translation>
    </message>
    <message>
        <source>%1, %2: %3. Arrows nudge it.</source>
        <translation>%1, %2: %3. Pfeile rücken es.</translation>
    </message>
    <message>
        <source>microphone: %1</source>
        <translation>Mikrofon: %1</translation>
    </message>
    <message>
        <source>Nothing lies on the head. Click it to lay something there.</source>
        <translation>Nichts liegt auf dem Fell. Klicken Sie darauf, um etwas aufzulegen.</translation>
    </message>
    <message>
        <source>Things on the head: %1. Choose one by its number.</source>
        <translation>Dinge auf dem Fell: %1. Wählen Sie eines mit seiner Nummer.</translation>
    </message>
</context>
<context>
    <name>bombo::NameToneDialog</name>
    <message>
        <source>Name and ear-words</source>
        <translation>Name und Worte fürs Ohr</translation>
    </message>
    <message>
        <source>Rain: low, blurred, long wire</source>
        <translation>Regen: tief, verschwommen, langer Teppich</translation>
    </message>
    <message>
        <source>Give the tone a name, so that you find it again.</source>
        <translation>Geben Sie dem Klang einen Namen, damit Sie ihn wiederfinden.</translation>
    </message>
    <message>
        <source>centre %1 ±%2 Hz</source>
        <translation>Mitte %1 ±%2 Hz</translation>
    </message>
    <message>
        <source>edge over centre %1</source>
        <translation>Rand über Mitte %1</translation>
    </message>
    <message>
        <source>ring %1 ±%2 s</source>
        <translation>Ausklang %1 ±%2 s</translation>
    </message>
    <message>
        <source>wires for %1 s</source>
        <translation>Teppich %1 s lang</translation>
    </message>
    <message>
        <source>no wires</source>
        <translation>kein Teppich</translation>
    </message>
    <message>
        <source>brightness about %1 Hz</source>
        <translation>Helligkeit etwa %1 Hz</translation>
    </message>
    <message>
        <source>Heard in one stroke: %1</source>
        <translation>In einem Schlag gehört: %1</translation>
    </message>
    <message>
        <source>Heard in %1 strokes: %2</source>
        <translation>In %1 Schlägen gehört: %2</translation>
    </message>
    <message>
        <source>This drum can do it: centre %1, edge over centre %2.</source>
        <translation>Diese Trommel kann das: Mitte %1, Rand über Mitte %2.</translation>
    </message>
    <message>
        <source>This drum cannot do both: %1. The nearest: centre %2, edge over centre %3.</source>
        <translation>Diese Trommel kann nicht beides: %1. Am nächsten: Mitte %2, Rand über Mitte %3.</translation>
    </message>
    <message>
        <source>No edge pitch stood out; a fourth between the heads is taken.</source>
        <translation>Kein Randton hob sich ab; zwischen den Fellen gilt eine Quarte.</translation>
    </message>
    <message>
        <source>Noise hides the ring; the usual ring is taken.</source>
        <translation>Rauschen verdeckt den Ausklang; es gilt der übliche.</translation>
    </message>
    <message>
        <source>Left open, this drum rings about %1 s: shorter than the recording, and nothing lengthens it.</source>
        <translation>Offen klingt diese Trommel etwa %1 s: kürzer als die Aufnahme, und nichts verlängert es.</translation>
    </message>
    <message>
        <source>Brightness comes from stick, head and room; it is noted, not aimed at.</source>
        <translation>Helligkeit kommt von Stock, Fell und Raum; sie wird notiert, nicht angestrebt.</translation>
    </message>
</context>
<context>
    <name>bombo::NoticeBar</name>
    <message>
        <source>Dismiss</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Problem</source>
        <translation>Problem</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
</context>
<context>
    <name>bombo::OwnPanel</name>
    <message>
        <source>A muffler of your own</source>
        <translation>Ein eigener Dämpfer</translation>
    </message>
    <message>
        <source>Coin, sponge, key ring: two hearings tell what it weighs and takes. Lever off, the same stroke each time.</source>
        <translation>Münze, Schwamm, Schlüsselring: zweimal Hören sagt, was er wiegt und nimmt. Hebel auf, jedes Mal der gleiche Schlag.</translation>
    </message>
    <message>
        <source>What you call it</source>
        <translation>Wie Sie es nennen</translation>
    </message>
    <message>
        <source>sponge</source>
        <translation>Schwamm</translation>
    </message>
    <message>
        <source>How wide it is</source>
        <translation>Wie breit er ist</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Breit</translation>
    </message>
    <message>
        <source>Too few partials were heard both times. Nearer the middle, and let it ring.</source>
        <translation>Zu wenige Teiltöne wurden beide Male gehört. Näher zur Mitte, und klingen lassen.</translation>
    </message>
    <message>
        <source>It changed nothing that can be heard. Lay it further in and play again.</source>
        <translation>Es änderte nichts Hörbares. Legen Sie es weiter nach innen und spielen Sie noch einmal.</translation>
    </message>
    <message>
        <source>1. Without it: strokes heard %1 of %2</source>
        <translation>1. Ohne: Schläge gehört %1 von %2</translation>
    </message>
    <message>
        <source>That was without it</source>
        <translation>Das war ohne</translation>
    </message>
    <message>
        <source>2. Lay it on the head where it is drawn</source>
        <translation>2. Auf das Fell legen, wo es gezeichnet ist</translation>
    </message>
    <message>
        <source>2. Give it a name</source>
        <translation>2. Einen Namen geben</translation>
    </message>
    <message>
        <source>It lies there</source>
        <translation>Er liegt da</translation>
    </message>
    <message>
        <source>3. With it: strokes heard %1 of %2</source>
        <translation>3. Mit: Schläge gehört %1 von %2</translation>
    </message>
    <message>
        <source>That was with it</source>
        <translation>Das war mit</translation>
    </message>
    <message>
        <source>%1: %2 g, damps like a %3 g gel pad</source>
        <translation>%1: %2 g, dämpft wie ein Gelpad von %3 g</translation>
    </message>
    <message>
        <source>None calibrated yet.</source>
        <translation>Noch keiner ausgemessen.</translation>
    </message>
    <message>
        <source>Calibrated, and in the list of mufflers to lay:</source>
        <translation>Ausgemessen und in der Liste zum Auflegen:</translation>
    </message>
    <message>
        <source>No weight at that place moves the pitch like this. Check where it lies, change nothing else, and play both again.</source>
        <translation>Kein Gewicht an dieser Stelle verschiebt die Tonhöhe so. Prüfen Sie, wo es liegt, ändern Sie sonst nichts, und spielen Sie beides noch einmal.</translation>
    </message>
</context>
<context>
    <name>bombo::OwnView</name>
    <message>
        <source>without it</source>
        <translation>ohne</translation>
    </message>
    <message>
        <source>with it</source>
        <translation>mit</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>Strokes without it and with it</source>
        <translation>Schläge ohne und mit</translation>
    </message>
    <message>
        <source>Heard without it: %1 of %3 strokes; with it: %2 of %3.</source>
        <translation>Gehört ohne: %1 von %3 Schlägen; mit: %2 von %3.</translation>
    </message>
</context>
<context>
    <name>bombo::PracticePage</name>
    <message>
        <source>Practice</source>
        <translation>Üben</translation>
    </message>
    <message>
        <source>What your ear tells apart</source>
        <translation>Was Ihr Ohr unterscheidet</translation>
    </message>
    <message>
        <source>A drum to put right</source>
        <translation>Eine Trommel zum Stimmen</translation>
    </message>
    <message>
        <source>Who practises</source>
        <translation>Wer übt</translation>
    </message>
    <message>
        <source>a name, if there are several</source>
        <translation>ein Name, wenn es mehrere sind</translation>
    </message>
    <message>
        <source>What is shown meanwhile</source>
        <translation>Was dabei zu sehen ist</translation>
    </message>
    <message>
        <source>Play one tap, to set the loudness</source>
        <translation>Ein Klopfen spielen, für die Lautstärke</translation>
    </message>
    <message>
        <source>A practice drum like %1, in its room, with something wrong in it. At the end: your turns beside the shortest way.</source>
        <translation>Eine Übungstrommel wie %1, in ihrem Raum, mit einem Fehler darin. Am Ende: Ihre Drehungen neben dem kürzesten Weg.</translation>
    </message>
    <message>
        <source>Taps of the practice drum at the pitch of %1, in its room. It gets harder as you are right; twenty to forty of them.</source>
        <translation>Klopfer der Übungstrommel auf der Tonhöhe von %1, in ihrem Raum. Es wird schwerer, wenn Sie recht haben; zwanzig bis vierzig.</translation>
    </message>
    <message>
        <source>Last time: %1</source>
        <translation>Zuletzt: %1</translation>
    </message>
    <message>
        <source>Not tried yet</source>
        <translation>Noch nicht versucht</translation>
    </message>
    <message>
        <source>Again; it should be as loud as quiet talk</source>
        <translation>Noch einmal; so laut wie leises Sprechen</translation>
    </message>
    <message>
        <source>The first lesson</source>
        <translation>Die erste Stunde</translation>
    </message>
    <message>
        <source>Twenty minutes on the practice drum: from nothing to an even head, step by step, and why.</source>
        <translation>Zwanzig Minuten an der Übungstrommel: von nichts zu einem gleichmäßigen Fell, Schritt für Schritt, und warum.</translation>
    </message>
    <message>
        <source>Your hands</source>
        <translation>Ihre Hände</translation>
    </message>
    <message>
        <source>The same tap again</source>
        <translation>Derselbe Klopfer noch einmal</translation>
    </message>
    <message>
        <source>How alike are your taps?</source>
        <translation>Wie gleich sind Ihre Klopfer?</translation>
    </message>
    <message>
        <source>As a table…</source>
        <translation>Als Tabelle…</translation>
    </message>
    <message>
        <source>Everything that was practised in this workbook, for a spreadsheet.</source>
        <translation>Alles, was in diesem Arbeitsbuch geübt wurde, für eine Tabellenkalkulation.</translation>
    </message>
    <message>
        <source>Save what was practised</source>
        <translation>Das Geübte speichern</translation>
    </message>
    <message>
        <source>For a spreadsheet (*.csv)</source>
        <translation>Für eine Tabellenkalkulation (*.csv)</translation>
    </message>
    <message>
        <source>What was practised was written to %1.</source>
        <translation>Das Geübte wurde nach %1 geschrieben.</translation>
    </message>
    <message>
        <source>On your own drum with a microphone; else the practice drum is tapped, by hands that Listen gives it.</source>
        <translation>An Ihrer eigenen Trommel mit einem Mikrofon; sonst wird die Übungstrommel geklopft, von Händen, die Hören ihr gibt.</translation>
    </message>
    <message>
        <source>What you hear</source>
        <translation>Was du hörst</translation>
    </message>
    <message>
        <source>Even backbeats</source>
        <translation>Gleiche Backbeats</translation>
    </message>
    <message>
        <source>Equally loud, at one place, with a goal</source>
        <translation>Gleich laut, an einem Ort, mit einem Ziel</translation>
    </message>
    <message>
        <source>A quarter turn by feel</source>
        <translation>Eine Vierteldrehung nach Gefühl</translation>
    </message>
    <message>
        <source>The drum says what it was</source>
        <translation>Die Trommel sagt, was es war</translation>
    </message>
    <message>
        <source>The practice drum</source>
        <translation>Die Übungstrommel</translation>
    </message>
    <message>
        <source>Your stroke before</source>
        <translation>Dein Schlag vorher</translation>
    </message>
    <message>
        <source>Your stroke after</source>
        <translation>Dein Schlag nachher</translation>
    </message>
    <message>
        <source>Higher and longer are asked of your own stroke; the rest of the practice drum, which can be turned.</source>
        <translation>Höher und länger werden an deinem eigenen Schlag gefragt; das Übrige an der Übungstrommel, die gedreht werden kann.</translation>
    </message>
</context>
<context>
    <name>bombo::PreferencesDialog</name>
    <message>
        <source>one that is not plugged in</source>
        <translation>eines, das nicht angeschlossen ist</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>What is chosen here holds at once, for every workbook.</source>
        <translation>Was hier gewählt wird, gilt sofort und für jedes Arbeitsbuch.</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Words and look</source>
        <translation>Worte und Aussehen</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Wie das System</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>Night</source>
        <translation>Nacht</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>As the window affords</source>
        <translation>Wie das Fenster erlaubt</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Size of words</source>
        <translation>Größe der Worte</translation>
    </message>
    <message>
        <source>A line above the page walks along with the job</source>
        <translation>Eine Zeile über der Seite begleitet die Arbeit</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Zahlen</translation>
    </message>
    <message>
        <source>Inches</source>
        <translation>Zoll</translation>
    </message>
    <message>
        <source>Millimetres</source>
        <translation>Millimeter</translation>
    </message>
    <message>
        <source>Lengths</source>
        <translation>Längen</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source>The note A4</source>
        <translation>Der Ton a1</translation>
    </message>
    <message>
        <source>Tensions in N/m beside the pitches</source>
        <translation>Spannungen in N/m neben den Tonhöhen</translation>
    </message>
    <message>
        <source>Hands</source>
        <translation>Hände</translation>
    </message>
    <message>
        <source>Left-handed: rounds run clockwise</source>
        <translation>Linkshändig: Runden laufen im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>Foot switch, page turner</source>
        <translation>Fußschalter, Blattwender</translation>
    </message>
    <message>
        <source>click here, then press the pedal</source>
        <translation>hier klicken, dann das Pedal treten</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Keine</translation>
    </message>
    <message>
        <source>Space and Page down always go on. If your pedal sends another key, click the field and press the pedal.</source>
        <translation>Leertaste und Bild ab gehen immer weiter. Sendet Ihr Pedal eine andere Taste, klicken Sie ins Feld und treten Sie es.</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>The system&apos;s own choice</source>
        <translation>Was das System wählt</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Mikrofon</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>Aus</translation>
    </message>
    <message>
        <source>Confirmation sounds</source>
        <translation>Bestätigungstöne</translation>
    </message>
    <message>
        <source>Short sounds for heard and once more: on headphones, the microphone must not hear them.</source>
        <translation>Kurze Töne für gehört und noch einmal: auf Kopfhörern, das Mikrofon darf sie nicht hören.</translation>
    </message>
    <message>
        <source>Pictures may move</source>
        <translation>Bilder dürfen sich bewegen</translation>
    </message>
</context>
<context>
    <name>bombo::PrimaryButton</name>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
</context>
<context>
    <name>bombo::ProofPage</name>
    <message>
        <source>Line by line</source>
        <translation>Zeile für Zeile</translation>
    </message>
    <message>
        <source>Player or drum</source>
        <translation>Spieler oder Trommel</translation>
    </message>
    <message>
        <source>One change</source>
        <translation>Eine Änderung</translation>
    </message>
    <message>
        <source>Is it what was asked for?</source>
        <translation>Ist es, was gewünscht war?</translation>
    </message>
    <message>
        <source>Brief against what was reached</source>
        <translation>Wunsch gegen Erreichtes</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Gewünscht</translation>
    </message>
    <message>
        <source>Reached</source>
        <translation>Erreicht</translation>
    </message>
    <message>
        <source>Source</source>
        <translation>Quelle</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>In your own words, for the next time</source>
        <translation>In eigenen Worten, für das nächste Mal</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>%1 of %2 stars</source>
        <translation>%1 von %2 Sternen</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Drucken…</translation>
    </message>
    <message>
        <source>The printer took no page. Save it as PDF and print that.</source>
        <translation>Der Drucker nahm keine Seite an. Speichern Sie sie als PDF und drucken Sie die.</translation>
    </message>
    <message>
        <source>%1 on %2.</source>
        <translation>%1 an %2.</translation>
    </message>
    <message>
        <source>%1 of %2 settled</source>
        <translation>%1 von %2 erledigt</translation>
    </message>
    <message>
        <source>Save once more</source>
        <translation>Noch einmal speichern</translation>
    </message>
    <message>
        <source>Save to the logbook</source>
        <translation>Ins Logbuch speichern</translation>
    </message>
    <message>
        <source>As a picture</source>
        <translation>Als Bild</translation>
    </message>
    <message>
        <source>As a table</source>
        <translation>Als Tabelle</translation>
    </message>
    <message>
        <source>The same as figures alone, and back. Key T.</source>
        <translation>Dasselbe nur als Zahlen, und zurück. Taste T.</translation>
    </message>
    <message>
        <source>Setup card…</source>
        <translation>Karte…</translation>
    </message>
    <message>
        <source>A note holds %1 characters at most. The rest was left out.</source>
        <translation>Eine Notiz fasst höchstens %1 Zeichen. Der Rest wurde weggelassen.</translation>
    </message>
</context>
<context>
    <name>bombo::ProofPicture</name>
    <message>
        <source>Heads</source>
        <translation>Felle</translation>
    </message>
    <message>
        <source>Wires</source>
        <translation>Teppich</translation>
    </message>
    <message>
        <source>Tone</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>What was wanted and what was reached</source>
        <translation>Was gewünscht und was erreicht war</translation>
    </message>
    <message>
        <source>%1: wanted %2, reached %3, %4</source>
        <translation>%1: gewünscht %2, erreicht %3, %4</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>gewünscht</translation>
    </message>
    <message>
        <source>reached</source>
        <translation>erreicht</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>gemessen</translation>
    </message>
    <message>
        <source>predicted</source>
        <translation>vorhergesagt</translation>
    </message>
    <message>
        <source>as counted or answered</source>
        <translation>wie gezählt oder geantwortet</translation>
    </message>
    <message>
        <source>by gauge</source>
        <translation>nach Messuhr</translation>
    </message>
    <message>
        <source>how sure</source>
        <translation>wie sicher</translation>
    </message>
</context>
<context>
    <name>bombo::PurposePage</name>
    <message>
        <source>Tune it now</source>
        <translation>Jetzt stimmen</translation>
    </message>
    <message>
        <source>Choose a tone, then head by head.</source>
        <translation>Einen Ton wählen, dann Fell für Fell.</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>Hear what it is</source>
        <translation>Hören, was sie ist</translation>
    </message>
    <message>
        <source>Middle and edge of both heads, in a minute.</source>
        <translation>Mitte und Rand beider Felle, in einer Minute.</translation>
    </message>
    <message>
        <source>In minutes, before a show</source>
        <translation>In Minuten, vor dem Auftritt</translation>
    </message>
    <message>
        <source>The little that helps most, by the clock.</source>
        <translation>Das Wenige, das am meisten hilft, nach der Uhr.</translation>
    </message>
    <message>
        <source>What listens?</source>
        <translation>Was hört zu?</translation>
    </message>
    <message>
        <source>A microphone</source>
        <translation>Ein Mikrofon</translation>
    </message>
    <message>
        <source>Five taps tell whether it hears well.</source>
        <translation>Fünf Schläge zeigen, ob es gut hört.</translation>
    </message>
    <message>
        <source>No microphone</source>
        <translation>Kein Mikrofon</translation>
    </message>
    <message>
        <source>Strike a simulated drum like it, to try it out.</source>
        <translation>Zum Probieren: eine simulierte Trommel.</translation>
    </message>
    <message>
        <source>%1 is in the workbook. What for, today?</source>
        <translation>%1 steht im Arbeitsbuch. Wozu heute?</translation>
    </message>
    <message>
        <source>The microphone listens. It can be changed at every station, below the step at hand.</source>
        <translation>Das Mikrofon hört zu. An jeder Station lässt es sich unter dem Schritt wechseln.</translation>
    </message>
    <message>
        <source>The simulated drum is struck. A tension gauge or the ear work as well: say so at the head, beside the round.</source>
        <translation>Die simulierte Trommel wird geschlagen. Auch Messuhr oder Ohr gehen: sagen Sie es beim Fell, neben der Runde.</translation>
    </message>
    <message>
        <source>Find what is wrong</source>
        <translation>Finden, was nicht stimmt</translation>
    </message>
    <message>
        <source>A few questions, the telling ones first.</source>
        <translation>Ein paar Fragen, die sprechenden zuerst.</translation>
    </message>
</context>
<context>
    <name>bombo::QuestionCard</name>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>Not sure</source>
        <translation>Nicht sicher</translation>
    </message>
</context>
<context>
    <name>bombo::QuestionPanel</name>
    <message>
        <source>How high?</source>
        <translation>Wie hoch?</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>tiefer</translation>
    </message>
    <message>
        <source>higher</source>
        <translation>höher</translation>
    </message>
    <message>
        <source>How long?</source>
        <translation>Wie lang?</translation>
    </message>
    <message>
        <source>shorter</source>
        <translation>kürzer</translation>
    </message>
    <message>
        <source>longer</source>
        <translation>länger</translation>
    </message>
    <message>
        <source>How much wire?</source>
        <translation>Wie viel Teppich?</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>trocken</translation>
    </message>
    <message>
        <source>plenty</source>
        <translation>reichlich</translation>
    </message>
    <message>
        <source>Under the stick?</source>
        <translation>Unter dem Stock?</translation>
    </message>
    <message>
        <source>softer</source>
        <translation>weicher</translation>
    </message>
    <message>
        <source>harder</source>
        <translation>härter</translation>
    </message>
    <message>
        <source>%1 %2 to %3</source>
        <translation>%1 %2 bis %3</translation>
    </message>
    <message>
        <source>%1 s; open drum only %2 s</source>
        <translation>%1 s; offene Trommel nur %2 s</translation>
    </message>
    <message>
        <source>ring %1 s; open drum %2 s</source>
        <translation>Ausklang %1 s; offene Trommel %2 s</translation>
    </message>
    <message>
        <source>lever off in this tone</source>
        <translation>Hebel auf bei diesem Klang</translation>
    </message>
    <message>
        <source>film %1 % over %2 %</source>
        <translation>Folie %1 % über %2 %</translation>
    </message>
</context>
<context>
    <name>bombo::ReminderDialog</name>
    <message>
        <source>Remind me</source>
        <translation>Erinnern</translation>
    </message>
    <message>
        <source>A new head drifts in its first night, and weather moves all of them. The reminder shows when the program starts, and on the desktop while it runs.</source>
        <translation>Ein neues Fell wandert in seiner ersten Nacht, und das Wetter bewegt alle. Die Erinnerung kommt, wenn das Programm startet, und auf dem Bildschirm, solange es läuft.</translation>
    </message>
    <message>
        <source>About what</source>
        <translation>Woran</translation>
    </message>
    <message>
        <source>The head has rested: tap it once more</source>
        <translation>Das Fell hat geruht: noch einmal tippen</translation>
    </message>
    <message>
        <source>Look at the tuning again</source>
        <translation>Noch einmal nach der Stimmung sehen</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>Tomorrow morning</source>
        <translation>Morgen früh</translation>
    </message>
    <message>
        <source>In a week</source>
        <translation>In einer Woche</translation>
    </message>
    <message>
        <source>Save for a calendar…</source>
        <translation>Für einen Kalender speichern…</translation>
    </message>
    <message>
        <source>No reminder</source>
        <translation>Keine Erinnerung</translation>
    </message>
    <message>
        <source>Is the batter head worn?</source>
        <translation>Ist das Schlagfell abgenutzt?</translation>
    </message>
    <message>
        <source>Is the snare-side head worn?</source>
        <translation>Ist das Resonanzfell abgenutzt?</translation>
    </message>
    <message>
        <source>Are the wires worn?</source>
        <translation>Ist der Teppich abgenutzt?</translation>
    </message>
    <message>
        <source>This replaces the reminder set for %1: %2.</source>
        <translation>Ersetzt die Erinnerung für %1: %2.</translation>
    </message>
</context>
<context>
    <name>bombo::RoundTools</name>
    <message>
        <source>How the rods are compared</source>
        <translation>Wie die Schrauben verglichen werden</translation>
    </message>
    <message>
        <source>Finger on the middle</source>
        <translation>Finger auf der Mitte</translation>
    </message>
    <message>
        <source>Nothing on this head</source>
        <translation>Nichts auf diesem Fell</translation>
    </message>
    <message>
        <source>In silence, by gauge</source>
        <translation>In Stille, mit Messer</translation>
    </message>
    <message>
        <source>In silence, hoop gap</source>
        <translation>In Stille, Reifenspalt</translation>
    </message>
    <message>
        <source>In silence, by feel</source>
        <translation>In Stille, nach Gefühl</translation>
    </message>
    <message>
        <source>A light finger takes the centre pitch away, at the same pressure each time. Taps with and without it are never compared: changing it begins the round again. What is read beside the rods in silence also tells opposite rods apart, which no tap can: do it before or after a round of taps, with no turn between.</source>
        <translation>Ein leichter Finger nimmt den Mittelton weg, jedes Mal mit gleichem Druck. Tipps mit und ohne ihn werden nie verglichen: ein Wechsel beginnt die Runde neu. Was in Stille neben den Schrauben abgelesen wird, unterscheidet auch gegenüberliegende Schrauben, was kein Tipp kann: tun Sie es vor oder nach einer Runde Tipps, ohne dazwischen zu drehen.</translation>
    </message>
    <message>
        <source>Rods of a round</source>
        <translation>Schrauben einer Runde</translation>
    </message>
    <message>
        <source>Every rod</source>
        <translation>Jede Schraube</translation>
    </message>
    <message>
        <source>Half the rods</source>
        <translation>Die Hälfte</translation>
    </message>
    <message>
        <source>Taps at each rod</source>
        <translation>Tipps je Schraube</translation>
    </message>
    <message>
        <source>1 tap each</source>
        <translation>je 1 Tipp</translation>
    </message>
    <message>
        <source>2 taps each</source>
        <translation>je 2 Tipps</translation>
    </message>
    <message>
        <source>3 taps each</source>
        <translation>je 3 Tipps</translation>
    </message>
    <message>
        <source>The middle of several taps counts; one that stands apart is named and left out.</source>
        <translation>Von mehreren Tipps zählt der mittlere; einer, der abseits liegt, wird genannt und ausgelassen.</translation>
    </message>
    <message>
        <source>Which gauge</source>
        <translation>Welcher Messer</translation>
    </message>
    <message>
        <source>A round by gauge and a round of taps with no turn between them tell what its marks stand for; that is kept in the workbook under its name.</source>
        <translation>Eine Runde mit Messer und eine Runde Tipps, ohne Drehen dazwischen, sagen, wofür seine Anzeigen stehen; das bleibt unter seinem Namen im Arbeitsbuch.</translation>
    </message>
    <message>
        <source>Another gauge</source>
        <translation>Ein anderer Messer</translation>
    </message>
    <message>
        <source>What you call it:</source>
        <translation>Wie Sie ihn nennen:</translation>
    </message>
    <message>
        <source>Opposite rods read alike in the last whole round: half of them say as much.</source>
        <translation>Gegenüberliegende Schrauben lagen in der letzten ganzen Runde gleich: die Hälfte sagt ebenso viel.</translation>
    </message>
    <message>
        <source>Opposite rods sound almost alike. Tap one whole round before you trust half.</source>
        <translation>Gegenüberliegende Schrauben klingen fast gleich. Tippen Sie eine ganze Runde, bevor Sie der halben trauen.</translation>
    </message>
    <message>
        <source>Gauge without a name</source>
        <translation>Messer ohne Namen</translation>
    </message>
    <message>
        <source>Another gauge…</source>
        <translation>Ein anderer Messer…</translation>
    </message>
</context>
<context>
    <name>bombo::RouteRail</name>
    <message>
        <source>Route</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Logbuch</translation>
    </message>
    <message>
        <source>F11  stand view</source>
        <translation>F11  Bühnenansicht</translation>
    </message>
    <message>
        <source>%1, %2, %3 rods</source>
        <translation>%1, %2, %3 Schrauben</translation>
    </message>
    <message>
        <source>Faults</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>Faults: under way</source>
        <translation>Fehler: im Gange</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Üben</translation>
    </message>
</context>
<context>
    <name>bombo::SchoolPanel</name>
    <message>
        <source>How high the snare side stands, by school</source>
        <translation>Wie hoch das Resonanzfell steht, nach Schule</translation>
    </message>
    <message>
        <source>Snare side</source>
        <translation>Resonanzfell</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>film</source>
        <translation>Folie</translation>
    </message>
    <message>
        <source>ratio</source>
        <translation>Verhältnis</translation>
    </message>
    <message>
        <source>Interval</source>
        <translation>Intervall</translation>
    </message>
    <message>
        <source>Ratio</source>
        <translation>Verhältnis</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Folge</translation>
    </message>
    <message>
        <source>–</source>
        <translation>–</translation>
    </message>
    <message>
        <source>%1 Hz</source>
        <translation>%1 Hz</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Against the tone&apos;s own: snare side %1 cents, film %2 to %3 %, centre %4 cents.</source>
        <translation>Gegen das eigene des Klangs: Resonanzfell %1 Cent, Folie %2 auf %3 %, Mitte %4 Cent.</translation>
    </message>
    <message>
        <source>▲ held back: %1.</source>
        <translation>▲ zurückgehalten: %1.</translation>
    </message>
</context>
<context>
    <name>bombo::SeasonView</name>
    <message>
        <source>The season</source>
        <translation>Die Saison</translation>
    </message>
</context>
<context>
    <name>bombo::SessionController</name>
    <message>
        <source>The folder %1 cannot be made; check your rights there.</source>
        <translation>Der Ordner %1 lässt sich nicht anlegen; prüfen Sie Ihre Rechte dort.</translation>
    </message>
    <message>
        <source>%1 exists; choose another name for the copy.</source>
        <translation>%1 gibt es schon; wählen Sie einen anderen Namen für die Kopie.</translation>
    </message>
    <message>
        <source>This setup is in the logbook already.</source>
        <translation>Diese Stimmung steht schon im Logbuch.</translation>
    </message>
    <message>
        <source>Saved to the logbook.</source>
        <translation>Ins Logbuch gespeichert.</translation>
    </message>
    <message>
        <source>The demo was damaged and is made anew; the old file stands beside it as %1.</source>
        <translation>Die Vorführung war beschädigt und wird neu angelegt; die alte Datei steht als %1 daneben.</translation>
    </message>
    <message>
        <source>The last session of %1 is damaged and was left as it is; a fresh one was begun.</source>
        <translation>Die letzte Sitzung von %1 ist beschädigt und blieb, wie sie ist; eine neue wurde begonnen.</translation>
    </message>
    <message>
        <source>You are back at the copy of %1. The damaged workbook is kept as %2.</source>
        <translation>Sie sind wieder bei der Kopie vom %1. Das beschädigte Arbeitsbuch bleibt als %2.</translation>
    </message>
    <message>
        <source>%1, rescued</source>
        <translation>%1, gerettet</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>und %n weiteres</numerusform>
            <numerusform>und %n weitere</numerusform>
        </translation>
    </message>
    <message>
        <source>Everything could be read; it stands in %1 now.</source>
        <translation>Alles war lesbar; es steht nun in %1.</translation>
    </message>
    <message>
        <source>What could be read stands in %1 now. Lost: %2.</source>
        <translation>Was lesbar war, steht nun in %1. Verloren: %2.</translation>
    </message>
    <message>
        <source>Practice drum</source>
        <translation>Übungstrommel</translation>
    </message>
    <message>
        <source>It is the only drum here. Add another one first.</source>
        <translation>Es ist die einzige Trommel hier. Fügen Sie erst eine andere hinzu.</translation>
    </message>
    <message>
        <source>The setup was brought back as a new session. A head was changed since: its work begins anew, with the same targets.</source>
        <translation>Der Stand wurde als neue Sitzung zurückgeholt. Ein Fell wurde seither gewechselt: seine Arbeit beginnt neu, mit denselben Zielen.</translation>
    </message>
    <message>
        <source>Saved to the logbook, with %1 hours that it was heard being played.</source>
        <translation>Ins Logbuch gespeichert, mit %1 Stunden, in denen sie gespielt zu hören war.</translation>
    </message>
    <message>
        <source>Copy saved as %1. You are still working in %2.</source>
        <translation>Kopie als %1 gespeichert. Sie arbeiten weiter in %2.</translation>
    </message>
    <message>
        <source>The workbook is back in its place. Do your last step again.</source>
        <translation>Das Arbeitsbuch ist wieder an seinem Platz. Wiederholen Sie den letzten Schritt.</translation>
    </message>
    <message>
        <source>New session started. The one before it is under Drum, Earlier sessions.</source>
        <translation>Neue Sitzung begonnen. Die vorige steht unter Trommel, Frühere Sitzungen.</translation>
    </message>
    <message>
        <source>Logbook imported.</source>
        <translation>Logbuch importiert.</translation>
    </message>
    <message>
        <source>The setup was opened as a new session. The one before it is under Drum, Earlier sessions.</source>
        <translation>Die Einstellung wurde als neue Sitzung geöffnet. Die vorige steht unter Trommel, Frühere Sitzungen.</translation>
    </message>
</context>
<context>
    <name>bombo::SessionsDialog</name>
    <message>
        <source>Sessions of %1</source>
        <translation>Sitzungen von %1</translation>
    </message>
    <message>
        <source>Each session keeps its turns, taps and undo. Nothing is lost when you switch between them.</source>
        <translation>Jede Sitzung behält ihre Drehungen, Schläge und Rückschritte. Beim Wechseln geht nichts verloren.</translation>
    </message>
    <message>
        <source>Sessions</source>
        <translation>Sitzungen</translation>
    </message>
    <message>
        <source>no steps yet</source>
        <translation>noch keine Schritte</translation>
    </message>
    <message numerus="yes">
        <source>%n steps</source>
        <translation>
            <numerusform>%n Schritt</numerusform>
            <numerusform>%n Schritte</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, at %2, %3</source>
        <translation>%1, bei %2, %3</translation>
    </message>
    <message>
        <source>%1 (open now)</source>
        <translation>%1 (jetzt offen)</translation>
    </message>
    <message>
        <source>Started %1</source>
        <translation>Begonnen: %1</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Open session</source>
        <translation>Sitzung öffnen</translation>
    </message>
</context>
<context>
    <name>bombo::SetListDialog</name>
    <message>
        <source>The show</source>
        <translation>Der Auftritt</translation>
    </message>
    <message>
        <source>Tones in the order of the show, and the minutes before each in which the drum is free.</source>
        <translation>Klänge in der Reihenfolge des Auftritts, und die Minuten davor, in denen die Trommel frei ist.</translation>
    </message>
    <message>
        <source>Numbers of the show</source>
        <translation>Nummern des Auftritts</translation>
    </message>
    <message>
        <source>Tone</source>
        <translation>Klang</translation>
    </message>
    <message>
        <source>Minutes before</source>
        <translation>Minuten davor</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Dazu</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>Add the first tone.</source>
        <translation>Nehmen Sie den ersten Klang dazu.</translation>
    </message>
    <message>
        <source>All of it fits: %1 min of turning.</source>
        <translation>Alles passt: %1 min Schrauben.</translation>
    </message>
    <message numerus="yes">
        <source>%n changes do not fit. Another drum, more minutes, or another order.</source>
        <translation>
            <numerusform>%n Wechsel passt nicht. Eine andere Trommel, mehr Minuten oder eine andere Reihenfolge.</numerusform>
            <numerusform>%n Wechsel passen nicht. Eine andere Trommel, mehr Minuten oder eine andere Reihenfolge.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 was never heard: it is taken to stand in its own tone. Tune it first.</source>
        <translation>%1 wurde nie gehört: Es wird angenommen, dass sie in ihrem eigenen Ton steht. Stimmen Sie sie zuerst.</translation>
    </message>
    <message>
        <source>Play it</source>
        <translation>Spielen</translation>
    </message>
    <message numerus="yes">
        <source>On %n numbers there is no time for the snare side: it stays where it was.</source>
        <translation>
            <numerusform>Bei %n Nummer ist keine Zeit fürs Resonanzfell: Es bleibt, wie es war.</numerusform>
            <numerusform>Bei %n Nummern ist keine Zeit fürs Resonanzfell: Es bleibt, wie es war.</numerusform>
        </translation>
    </message>
    <message>
        <source>Play from %1</source>
        <translation>Spielen ab %1</translation>
    </message>
    <message>
        <source>Stays</source>
        <translation>Bleibt</translation>
    </message>
    <message>
        <source>Keeps its place when a better order is looked for: the opener, the last number</source>
        <translation>Behält seinen Platz, wenn eine bessere Reihenfolge gesucht wird: die erste Nummer, die letzte</translation>
    </message>
    <message>
        <source>Find an order with less turning</source>
        <translation>Reihenfolge mit weniger Drehen suchen</translation>
    </message>
    <message>
        <source>Stays in its place</source>
        <translation>Bleibt an seinem Platz</translation>
    </message>
    <message>
        <source>No other order was found that takes less.</source>
        <translation>Keine andere Reihenfolge braucht weniger.</translation>
    </message>
    <message>
        <source>Back to the order as it was</source>
        <translation>Zurück zur Reihenfolge, wie sie war</translation>
    </message>
    <message numerus="yes">
        <source>%n more changes fit in this order.</source>
        <translation>
            <numerusform>In dieser Reihenfolge passt %n Wechsel mehr.</numerusform>
            <numerusform>In dieser Reihenfolge passen %n Wechsel mehr.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>In this order there is time for the snare side on %n more numbers.</source>
        <translation>
            <numerusform>In dieser Reihenfolge ist bei %n Nummer mehr Zeit für das Resonanzfell.</numerusform>
            <numerusform>In dieser Reihenfolge ist bei %n Nummern mehr Zeit für das Resonanzfell.</numerusform>
        </translation>
    </message>
    <message>
        <source>This order saves %1 min of turning.</source>
        <translation>Diese Reihenfolge spart %1 min Drehen.</translation>
    </message>
    <message>
        <source>In this order every rod is turned %1 less, and the count stays surer.</source>
        <translation>In dieser Reihenfolge wird jede Schraube um %1 weniger gedreht, und die Zählung bleibt sicherer.</translation>
    </message>
    <message>
        <source>Another window has changed the show meanwhile. It is shown here now; make your change again if you still want it.</source>
        <translation>Ein anderes Fenster hat den Auftritt inzwischen geändert. Er wird jetzt hier gezeigt; machen Sie Ihre Änderung noch einmal, wenn Sie sie noch wollen.</translation>
    </message>
</context>
<context>
    <name>bombo::ShowStand</name>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>%1: %2, on %3</source>
        <translation>%1: %2, auf %3</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>No drum here can have it</source>
        <translation>Keine Trommel hier kann das</translation>
    </message>
    <message>
        <source>Play: %1</source>
        <translation>Spielen: %1</translation>
    </message>
    <message>
        <source>Not counted: %1</source>
        <translation>Nicht gezählt: %1</translation>
    </message>
    <message>
        <source>then %1, on %2</source>
        <translation>dann %1, auf %2</translation>
    </message>
    <message>
        <source>then %1</source>
        <translation>dann %1</translation>
    </message>
    <message>
        <source>it is played</source>
        <translation>gespielt</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
</context>
<context>
    <name>bombo::ShowView</name>
    <message>
        <source>Which drum plays what</source>
        <translation>Welche Trommel was spielt</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>bombo::SoundOutput</name>
    <message>
        <source>There is no sound output to play it on; plug in a loudspeaker or headphones.</source>
        <translation>Es gibt keine Klangausgabe; schließen Sie Lautsprecher oder Kopfhörer an.</translation>
    </message>
</context>
<context>
    <name>bombo::StandView</name>
    <message>
        <source>heard %1</source>
        <translation>gehört %1</translation>
    </message>
    <message>
        <source>again: %1</source>
        <translation>noch einmal: %1</translation>
    </message>
    <message>
        <source>Space: %1</source>
        <translation>Leertaste: %1</translation>
    </message>
    <message>
        <source>Stand view</source>
        <translation>Bühnenansicht</translation>
    </message>
</context>
<context>
    <name>bombo::StartPage</name>
    <message>
        <source>Open a workbook…</source>
        <translation>Arbeitsbuch öffnen…</translation>
    </message>
    <message>
        <source>%1 holds no drum yet</source>
        <translation>%1 enthält noch keine Trommel</translation>
    </message>
    <message>
        <source>Open a workbook</source>
        <translation>Arbeitsbuch öffnen</translation>
    </message>
    <message>
        <source>Bombo workbooks (*.bombo);;All files (*)</source>
        <translation>Bombo-Arbeitsbücher (*.bombo);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>%1, at %2, %3</source>
        <translation>%1, bei %2, %3</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>A practice drum</source>
        <translation>Eine Übungstrommel</translation>
    </message>
    <message>
        <source>Simulated, uneven, in a room. Nothing can break.</source>
        <translation>Simuliert, uneben, in einem Raum. Nichts kann reißen.</translation>
    </message>
    <message>
        <source>The picture house</source>
        <translation>Das Lichtspielhaus</translation>
    </message>
    <message>
        <source>The demo: a band&apos;s three drums, and their season.</source>
        <translation>Die Demo: drei Trommeln einer Band und ihre Saison.</translation>
    </message>
    <message>
        <source>Or drop one here.</source>
        <translation>Oder eines hierher ziehen.</translation>
    </message>
    <message>
        <source>Lately</source>
        <translation>Zuletzt</translation>
    </message>
    <message>
        <source>Describe one; all of it can be guessed at first.</source>
        <translation>Beschreiben Sie eine; alles darf zuerst geraten sein.</translation>
    </message>
    <message>
        <source>From the tone you want to a drum that has it, and back to it tomorrow.</source>
        <translation>Vom Ton, den Sie wollen, zur Trommel, die ihn hat, und morgen wieder dorthin.</translation>
    </message>
    <message>
        <source>My drums</source>
        <translation>Meine Trommeln</translation>
    </message>
    <message>
        <source>Go on where you left them.</source>
        <translation>Weiter, wo Sie aufgehört haben.</translation>
    </message>
    <message>
        <source>My drum</source>
        <translation>Meine Trommel</translation>
    </message>
    <message>
        <source>Pick it by sight, in a minute. No rule needed.</source>
        <translation>Nach Augenmaß, in einer Minute. Kein Maßband nötig.</translation>
    </message>
    <message>
        <source>Your workbook is %1.</source>
        <translation>Ihr Arbeitsbuch ist %1.</translation>
    </message>
    <message>
        <source>It will stand in a new workbook, %1. Move it whenever you like.</source>
        <translation>Sie kommt in ein neues Arbeitsbuch, %1. Verschieben Sie es, wann Sie wollen.</translation>
    </message>
</context>
<context>
    <name>bombo::StartPicture</name>
    <message>
        <source>A snare drum cut through</source>
        <translation>Eine kleine Trommel im Schnitt</translation>
    </message>
    <message>
        <source>A stick falls on the batter head; the air between the heads carries it to the snare side, under which the wires lie.</source>
        <translation>Ein Stock fällt auf das Schlagfell; die Luft dazwischen trägt es zum Resonanzfell, unter dem der Teppich liegt.</translation>
    </message>
    <message>
        <source>the head you strike</source>
        <translation>das Fell, das Sie schlagen</translation>
    </message>
    <message>
        <source>the head the wires lie on</source>
        <translation>das Fell, an dem der Teppich liegt</translation>
    </message>
    <message>
        <source>one air between them</source>
        <translation>eine Luft dazwischen</translation>
    </message>
</context>
<context>
    <name>bombo::StationButton</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>bombo::SteadyView</name>
    <message>
        <source>level, the hands</source>
        <translation>Lautstärke, die Hände</translation>
    </message>
    <message>
        <source>± %1 dB</source>
        <translation>± %1 dB</translation>
    </message>
    <message>
        <source>place, the hands</source>
        <translation>Ort, die Hände</translation>
    </message>
    <message>
        <source>± %1 mm</source>
        <translation>± %1 mm</translation>
    </message>
    <message>
        <source>ring, the drum</source>
        <translation>Ausklang, die Trommel</translation>
    </message>
    <message>
        <source>± %1 %</source>
        <translation>± %1 %</translation>
    </message>
    <message>
        <source>steady up to here</source>
        <translation>bis hierher stetig</translation>
    </message>
    <message>
        <source>Who wanders</source>
        <translation>Wer schwankt</translation>
    </message>
    <message>
        <source>%1 %2, steady</source>
        <translation>%1 %2, stetig</translation>
    </message>
    <message>
        <source>%1 %2, not steady</source>
        <translation>%1 %2, nicht stetig</translation>
    </message>
</context>
<context>
    <name>bombo::StepDial</name>
    <message>
        <source>Step, drawn</source>
        <translation>Schritt, gezeichnet</translation>
    </message>
    <message>
        <source>tighter, clockwise</source>
        <translation>fester, im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>looser, counter-clockwise</source>
        <translation>lockerer, gegen den Uhrzeigersinn</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
</context>
<context>
    <name>bombo::TapMarks</name>
    <message>
        <source>%1 of %2 taps heard</source>
        <translation>%1 von %2 Tipps gehört</translation>
    </message>
</context>
<context>
    <name>bombo::TapView</name>
    <message>
        <source>Last tap, its partials</source>
        <translation>Letzter Tipp, seine Teiltöne</translation>
    </message>
    <message>
        <source>Nothing was heard yet.</source>
        <translation>Noch nichts gehört.</translation>
    </message>
</context>
<context>
    <name>bombo::TomBench</name>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>A whisper near the edge</source>
        <translation>Ein Flüstern am Rand</translation>
    </message>
    <message>
        <source>A loud stroke in the middle</source>
        <translation>Ein lauter Schlag in der Mitte</translation>
    </message>
    <message>
        <source>%1 looser</source>
        <translation>%1 lockerer</translation>
    </message>
    <message>
        <source>%1 tighter</source>
        <translation>%1 fester</translation>
    </message>
    <message>
        <source>That is it</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>the tom</source>
        <translation>das Tom</translation>
    </message>
    <message>
        <source>Bombo would first try: %1. %2</source>
        <translation>Bombo würde zuerst versuchen: %1. %2</translation>
    </message>
    <message>
        <source>You hear the tom.</source>
        <translation>Du hörst das Tom.</translation>
    </message>
    <message>
        <source>They buzz for %1 s at a stroke on the tom.</source>
        <translation>Er schnarrt %1 s nach einem Schlag auf das Tom.</translation>
    </message>
    <message>
        <source>They lie still.</source>
        <translation>Er liegt still.</translation>
    </message>
    <message>
        <source>It goes no further.</source>
        <translation>Weiter geht es nicht.</translation>
    </message>
    <message>
        <source>Nothing was heard, so nothing is kept.</source>
        <translation>Nichts wurde gehört, also wird nichts behalten.</translation>
    </message>
    <message>
        <source>Another one</source>
        <translation>Noch eins</translation>
    </message>
    <message>
        <source>Strike the tom</source>
        <translation>Das Tom schlagen</translation>
    </message>
    <message>
        <source>Back to the exercises</source>
        <translation>Zurück zu den Übungen</translation>
    </message>
    <message>
        <source>Leave it; nothing is kept</source>
        <translation>Verlassen; nichts wird aufbewahrt</translation>
    </message>
</context>
<context>
    <name>bombo::ToneList</name>
    <message>
        <source>out of reach of this drum</source>
        <translation>für diese Trommel unerreichbar</translation>
    </message>
    <message>
        <source>%1 over %2 Hz, ring %3 s</source>
        <translation>%1 über %2 Hz, Ausklang %3 s</translation>
    </message>
    <message>
        <source>Tones</source>
        <translation>Klänge</translation>
    </message>
    <message>
        <source>From a recording…</source>
        <translation>Aus einer Aufnahme…</translation>
    </message>
    <message>
        <source>A sound file with one or more hits becomes a tone</source>
        <translation>Eine Klangdatei mit einem oder mehr Schlägen wird ein Klang</translation>
    </message>
    <message>
        <source>Keep this setup as a tone…</source>
        <translation>Diese Stimmung als Klang…</translation>
    </message>
    <message>
        <source>Of this workbook</source>
        <translation>Aus diesem Arbeitsbuch</translation>
    </message>
    <message>
        <source>Always at hand</source>
        <translation>Immer zur Hand</translation>
    </message>
    <message>
        <source>The drum as it stands becomes a tone of this workbook</source>
        <translation>Die Trommel, wie sie steht, wird ein Klang dieses Arbeitsbuchs</translation>
    </message>
    <message>
        <source>Once the batter was heard</source>
        <translation>Sobald das Schlagfell gehört wurde</translation>
    </message>
    <message>
        <source>A recorded hit</source>
        <translation>Ein aufgenommener Schlag</translation>
    </message>
    <message>
        <source>Sound (*.wav *.flac);;All files (*)</source>
        <translation>Klang (*.wav *.flac);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Tone from %1</source>
        <translation>Klang aus %1</translation>
    </message>
    <message>
        <source>Kept: edge pitches as heard, ring as predicted with the pads that lie there, and how tight the wires stand in their span. It scales to other drums.</source>
        <translation>Behalten: Randtöne wie gehört, Ausklang wie vorhergesagt mit den aufliegenden Dämpfern, und wie fest der Teppich in seinem Spielraum steht. Es passt sich anderen Trommeln an.</translation>
    </message>
    <message>
        <source>Keep this setup as a tone</source>
        <translation>Diese Stimmung als Klang behalten</translation>
    </message>
</context>
<context>
    <name>bombo::TonePage</name>
    <message>
        <source>What should it sound like?</source>
        <translation>Wie soll sie klingen?</translation>
    </message>
    <message>
        <source>Questions</source>
        <translation>Fragen</translation>
    </message>
    <message>
        <source>School</source>
        <translation>Schule</translation>
    </message>
    <message>
        <source>Weather</source>
        <translation>Wetter</translation>
    </message>
    <message>
        <source>Both heads</source>
        <translation>Beide Felle</translation>
    </message>
    <message>
        <source>Take this tone</source>
        <translation>Diesen Klang nehmen</translation>
    </message>
    <message>
        <source>On to the batter</source>
        <translation>Weiter zum Schlagfell</translation>
    </message>
    <message>
        <source>On to the snare side</source>
        <translation>Weiter zum Resonanzfell</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>The snare side stops at %1: beyond it %2.</source>
        <translation>Das Resonanzfell endet bei %1: darüber %2.</translation>
    </message>
    <message>
        <source>Muffling: %1.</source>
        <translation>Dämpfung: %1.</translation>
    </message>
</context>
<context>
    <name>bombo::TrialDialog</name>
    <message>
        <source>%1 %2 tighter</source>
        <translation>%1 %2 fester</translation>
    </message>
    <message>
        <source>%1 %2 looser</source>
        <translation>%1 %2 lockerer</translation>
    </message>
    <message>
        <source>Costs: the head is no longer even, rods there back off sooner, and soft strokes near them speak less.</source>
        <translation>Kostet: das Fell ist nicht mehr gleichmäßig, Schrauben dort gehen eher zurück, und leise Schläge nahe bei ihnen sprechen weniger an.</translation>
    </message>
    <message>
        <source>Costs: slower wires and less snap, most of all at the edge.</source>
        <translation>Kostet: langsamerer Teppich und weniger Biss, am meisten am Rand.</translation>
    </message>
    <message>
        <source>Costs: more load on thin film beside the beds, and buzz with other drums comes back.</source>
        <translation>Kostet: mehr Last auf dünner Folie neben den Betten, und das Mitschnarren kommt wieder.</translation>
    </message>
    <message>
        <source>Edge pitch %1 cents in the mean; its two partials %2 cents apart: the ring wavers %3 times a second and dies sooner.</source>
        <translation>Randton im Mittel %1 Cent; seine beiden Teiltöne %2 Cent auseinander: der Ausklang schwebt %3-mal je Sekunde und stirbt eher.</translation>
    </message>
    <message>
        <source>Uneven on purpose</source>
        <translation>Absichtlich uneben</translation>
    </message>
    <message>
        <source>A trial, not a setting: it is logged, heard afterwards, and one key takes all of it back.</source>
        <translation>Ein Versuch, keine Einstellung: er wird festgehalten, danach gehört, und eine Taste nimmt alles zurück.</translation>
    </message>
    <message>
        <source>What to try</source>
        <translation>Was zu versuchen</translation>
    </message>
    <message>
        <source>Near rods slack, the others a little up: low and dead</source>
        <translation>Nahe Schrauben locker, die anderen etwas höher: tief und tot</translation>
    </message>
    <message>
        <source>Rods beside the beds slacker: less buzz</source>
        <translation>Schrauben an den Betten lockerer: weniger Schnarren</translation>
    </message>
    <message>
        <source>Rods beside the beds tighter: more snap</source>
        <translation>Schrauben an den Betten fester: mehr Biss</translation>
    </message>
    <message>
        <source>How many rods</source>
        <translation>Wie viele Schrauben</translation>
    </message>
    <message>
        <source>one rod</source>
        <translation>eine Schraube</translation>
    </message>
    <message>
        <source>two rods</source>
        <translation>zwei Schrauben</translation>
    </message>
    <message>
        <source>three rods</source>
        <translation>drei Schrauben</translation>
    </message>
    <message>
        <source>From which rod on</source>
        <translation>Ab welcher Schraube</translation>
    </message>
    <message>
        <source>from rod </source>
        <translation>ab Schraube </translation>
    </message>
    <message>
        <source>By how much each</source>
        <translation>Um wie viel jede</translation>
    </message>
    <message>
        <source>Try it</source>
        <translation>Versuchen</translation>
    </message>
</context>
<context>
    <name>bombo::TuningBench</name>
    <message>
        <source>Shift ↓</source>
        <translation>Umschalt ↓</translation>
    </message>
    <message>
        <source>↓</source>
        <translation>↓</translation>
    </message>
    <message>
        <source>↑</source>
        <translation>↑</translation>
    </message>
    <message>
        <source>Shift ↑</source>
        <translation>Umschalt ↑</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>A loud stroke in the middle</source>
        <translation>Ein lauter Schlag in der Mitte</translation>
    </message>
    <message>
        <source>%1 looser</source>
        <translation>%1 lockerer</translation>
    </message>
    <message>
        <source>%1 tighter</source>
        <translation>%1 fester</translation>
    </message>
    <message>
        <source>Hear the goal</source>
        <translation>Das Ziel hören</translation>
    </message>
    <message>
        <source>That is it</source>
        <translation>Das ist es</translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation>noch %1</translation>
    </message>
    <message>
        <source>You hear %1.</source>
        <translation>Sie hören %1.</translation>
    </message>
    <message>
        <source>Not heard clearly: tap %1 again.</source>
        <translation>Nicht deutlich gehört: %1 noch einmal klopfen.</translation>
    </message>
    <message>
        <source>Heard at %1: %2, %3 cents from the goal.</source>
        <translation>Gehört an %1: %2, %3 Cent vom Ziel.</translation>
    </message>
    <message>
        <source>Bombo would go to %1.</source>
        <translation>Bombo ginge auf %1.</translation>
    </message>
    <message>
        <source>The knob ends here.</source>
        <translation>Hier endet der Knopf.</translation>
    </message>
    <message>
        <source>That rod is loose already.</source>
        <translation>Diese Schraube ist schon lose.</translation>
    </message>
    <message>
        <source>The knob stands at %1.</source>
        <translation>Der Knopf steht bei %1.</translation>
    </message>
    <message>
        <source>Turned at %1: %2 since the beginning.</source>
        <translation>Gedreht an %1: %2 seit Beginn.</translation>
    </message>
    <message>
        <source>Nothing was heard, so nothing is kept.</source>
        <translation>Es war nichts zu hören, also wird nichts behalten.</translation>
    </message>
    <message>
        <source>Arrows to the sides choose a rod, up and down turn it; the space bar taps.</source>
        <translation>Pfeile zur Seite wählen eine Schraube, auf und ab drehen sie; die Leertaste klopft.</translation>
    </message>
    <message>
        <source>Another one</source>
        <translation>Noch eine</translation>
    </message>
    <message>
        <source>A whisper near the edge</source>
        <translation>Ein Hauch am Rand</translation>
    </message>
    <message>
        <source>Tap %1</source>
        <translation>%1 klopfen</translation>
    </message>
    <message>
        <source>Back to the exercises</source>
        <translation>Zurück zu den Übungen</translation>
    </message>
    <message>
        <source>Leave it; nothing is kept</source>
        <translation>Verlassen; nichts wird aufbewahrt</translation>
    </message>
    <message>
        <source>Fit a fresh head</source>
        <translation>Neues Fell aufziehen</translation>
    </message>
    <message>
        <source>Bombo would fit a fresh head.</source>
        <translation>Bombo würde ein neues Fell aufziehen.</translation>
    </message>
    <message>
        <source>A fresh head is on, seated and near its pitch. Even it.</source>
        <translation>Ein neues Fell ist auf, gesetzt und nahe an seiner Tonhöhe. Gleich es aus.</translation>
    </message>
</context>
<context>
    <name>bombo::VerdictCard</name>
    <message>
        <source>It is gone</source>
        <translation>Es ist weg</translation>
    </message>
    <message>
        <source>It is better</source>
        <translation>Es ist besser</translation>
    </message>
    <message>
        <source>Still there</source>
        <translation>Noch da</translation>
    </message>
    <message>
        <source>And when that is done: has it helped?</source>
        <translation>Und wenn das getan ist: hat es geholfen?</translation>
    </message>
    <message>
        <source>Try this remedy first</source>
        <translation>Dieses Mittel zuerst versuchen</translation>
    </message>
    <message>
        <source>Mend it</source>
        <translation>Beheben</translation>
    </message>
    <message>
        <source>To the station: %1</source>
        <translation>Zur Station: %1</translation>
    </message>
    <message>
        <source>Back to the work</source>
        <translation>Zurück zur Arbeit</translation>
    </message>
    <message>
        <source>Nothing stands out.</source>
        <translation>Nichts sticht heraus.</translation>
    </message>
    <message>
        <source>What was tried leaves several causes open. The likeliest of them: %1. Or it is something that is not listed here.</source>
        <translation>Was versucht wurde, lässt mehrere Ursachen offen. Die wahrscheinlichste: %1. Oder es ist etwas, das hier nicht steht.</translation>
    </message>
    <message>
        <source>Being mended: %1</source>
        <translation>Wird behoben: %1</translation>
    </message>
    <message>
        <source>Gone. It was: %1</source>
        <translation>Weg. Es war: %1</translation>
    </message>
    <message>
        <source>Better. It was: %1</source>
        <translation>Besser. Es war: %1</translation>
    </message>
    <message>
        <source>Kept: the next search on this drum knows of it.</source>
        <translation>Behalten: die nächste Suche an dieser Trommel weiß davon.</translation>
    </message>
    <message>
        <source>%1, by what is usual.</source>
        <translation>%1, nach dem, was üblich ist.</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>Go to %1</source>
        <translation>Zu %1</translation>
    </message>
    <message>
        <source>Before: %1. Now: %2.</source>
        <translation>Vorher: %1. Jetzt: %2.</translation>
    </message>
</context>
<context>
    <name>bombo::VoicePanel</name>
    <message>
        <source>Does it answer a voice?</source>
        <translation>Antwortet er auf eine Stimme?</translation>
    </message>
    <message>
        <source>Hum, lever off</source>
        <translation>Summen, Hebel auf</translation>
    </message>
    <message>
        <source>Hum, lever on</source>
        <translation>Summen, Hebel zu</translation>
    </message>
    <message>
        <source>The hum with the lever on</source>
        <translation>Das Summen mit geschlossenem Hebel</translation>
    </message>
    <message>
        <source>The hum with the lever off</source>
        <translation>Das Summen mit offenem Hebel</translation>
    </message>
    <message>
        <source>Three seconds: one steady low oo, an arm&apos;s length away.</source>
        <translation>Drei Sekunden: ein stetiges tiefes U, eine Armlänge entfernt.</translation>
    </message>
    <message>
        <source>Now the same hum with the lever on.</source>
        <translation>Jetzt dasselbe Summen mit geschlossenem Hebel.</translation>
    </message>
    <message>
        <source>The same low oo twice, an arm&apos;s length away. Sensitive wires hiss along.</source>
        <translation>Dasselbe tiefe U zweimal, eine Armlänge entfernt. Ein empfindlicher Teppich rauscht mit.</translation>
    </message>
    <message>
        <source>%1 dB more hiss with the lever on</source>
        <translation>%1 dB mehr Rauschen mit geschlossenem Hebel</translation>
    </message>
    <message>
        <source>They answer: %1, knob at %2.</source>
        <translation>Er antwortet: %1, Knopf bei %2.</translation>
    </message>
    <message>
        <source>No answer: %1, knob at %2. Looser, or a tighter snare side, answers sooner.</source>
        <translation>Keine Antwort: %1, Knopf bei %2. Lockerer, oder ein festeres Resonanzfell, antwortet eher.</translation>
    </message>
    <message>
        <source>Sound (*.wav *.flac *.ogg *.aiff);;All files (*)</source>
        <translation>Klang (*.wav *.flac *.ogg *.aiff);;Alle Dateien (*)</translation>
    </message>
</context>
<context>
    <name>bombo::WallClock</name>
    <message>
        <source>Time is up: leave the rods as they are, wires on.</source>
        <translation>Die Zeit ist um: Schrauben lassen, wie sie sind, Teppich an.</translation>
    </message>
    <message>
        <source>Time is up</source>
        <translation>Die Zeit ist um</translation>
    </message>
    <message>
        <source>Leave the rods as they are, wires on.</source>
        <translation>Schrauben lassen, wie sie sind, Teppich an.</translation>
    </message>
    <message>
        <source>.</source>
        <translation>.</translation>
    </message>
    <message>
        <source>Bombo</source>
        <translation>Bombo</translation>
    </message>
</context>
<context>
    <name>bombo::WayView</name>
    <message>
        <source>What each rod is turned</source>
        <translation>Wie weit jede Schraube gedreht wird</translation>
    </message>
    <message>
        <source>each %1</source>
        <translation>je %1</translation>
    </message>
</context>
<context>
    <name>bombo::WaysPanel</name>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>The batter is uneven by %1 cents, and close partials beat. Even it before anything is laid on it.</source>
        <translation>Das Schlagfell ist um %1 Cent uneben, und nahe Teiltöne schweben. Gleichen Sie es aus, bevor etwas aufgelegt wird.</translation>
    </message>
    <message>
        <source>Two close partials beat: even the batter before anything is laid on it.</source>
        <translation>Zwei nahe Teiltöne schweben: gleichen Sie das Schlagfell aus, bevor etwas aufgelegt wird.</translation>
    </message>
    <message>
        <source>The head rings longer than its kind should: it is worn. A fresh one helps more than pads.</source>
        <translation>Das Fell klingt länger, als seine Art sollte: es ist abgespielt. Ein frisches hilft mehr als Dämpfer.</translation>
    </message>
    <message>
        <source>The strokes land off the middle, where the edge sounds with them: move the drum, not the pads.</source>
        <translation>Die Schläge landen neben der Mitte, wo der Rand mitklingt: rücken Sie die Trommel, nicht die Dämpfer.</translation>
    </message>
    <message>
        <source>The microphone hears %1 times the ring of the room: turn it, or the pad, by some degrees.</source>
        <translation>Das Mikrofon hört den %1-fachen Ausklang des Raums: drehen Sie es oder den Dämpfer um einige Grad.</translation>
    </message>
    <message>
        <source>Tuned this low (%1) one distinct boom stands alone: higher, its partials crowd and shorten.</source>
        <translation>So tief gestimmt (%1) steht ein einzelner Ton allein: höher drängen sich seine Teiltöne und werden kürzer.</translation>
    </message>
    <message>
        <source>Nothing is wrong with it: how long it rings is taste.</source>
        <translation>Es fehlt ihr nichts: wie lange sie klingt, ist Geschmack.</translation>
    </message>
    <message>
        <source>Tune it out</source>
        <translation>Wegstimmen</translation>
    </message>
    <message>
        <source>Let it ring</source>
        <translation>Klingen lassen</translation>
    </message>
    <message>
        <source>Mask it with wires</source>
        <translation>Mit dem Teppich verdecken</translation>
    </message>
    <message>
        <source>Shorten it</source>
        <translation>Kürzen</translation>
    </message>
    <message>
        <source>Muffle it</source>
        <translation>Dämpfen</translation>
    </message>
    <message>
        <source>Not quite enough.</source>
        <translation>Nicht ganz genug.</translation>
    </message>
    <message>
        <source>%1. Higher would not shorten it.</source>
        <translation>%1. Höher würde es nicht kürzer.</translation>
    </message>
    <message>
        <source>%1. Batter %2 up: centre %3 cents, film load %4 %.</source>
        <translation>%1. Schlagfell %2 höher: Mitte %3 Cent, Folienlast %4 %.</translation>
    </message>
    <message>
        <source>%1. Costs nothing.</source>
        <translation>%1. Kostet nichts.</translation>
    </message>
    <message>
        <source>%1 of hiss over %2 of ring, knob %3 looser.</source>
        <translation>%1 Rauschen über %2 Ausklang, Knopf %3 lockerer.</translation>
    </message>
    <message>
        <source>%1 of hiss over %2 of ring, as they stand.</source>
        <translation>%1 Rauschen über %2 Ausklang, so wie sie stehen.</translation>
    </message>
    <message>
        <source>%1 with a loose weight; the stroke stays whole.</source>
        <translation>%1 mit einem losen Gewicht; der Schlag bleibt ganz.</translation>
    </message>
    <message>
        <source>%1 with nothing on the head.</source>
        <translation>%1 mit nichts auf dem Fell.</translation>
    </message>
    <message>
        <source>%1: %2. Stroke %3 dB, rebound %4 % less.</source>
        <translation>%1: %2. Schlag %3 dB, Rückprall %4 % weniger.</translation>
    </message>
    <message>
        <source>A fault, or taste?</source>
        <translation>Ein Fehler oder Geschmack?</translation>
    </message>
    <message>
        <source>Ways to the ring that is wanted</source>
        <translation>Wege zum gewünschten Ausklang</translation>
    </message>
    <message>
        <source>Do it</source>
        <translation>Tun</translation>
    </message>
    <message>
        <source>%1: do it</source>
        <translation>%1: tun</translation>
    </message>
    <message>
        <source>The ring is as wanted.</source>
        <translation>Der Ausklang ist wie gewünscht.</translation>
    </message>
    <message>
        <source>To Tone</source>
        <translation>Zum Klang</translation>
    </message>
    <message>
        <source>To Wires</source>
        <translation>Zum Teppich</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Wie sie ist</translation>
    </message>
</context>
<context>
    <name>bombo::WaysView</name>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>wanted %1</source>
        <translation>gewünscht %1</translation>
    </message>
    <message>
        <source>How long it rings each way</source>
        <translation>Wie lange es auf jedem Weg klingt</translation>
    </message>
</context>
<context>
    <name>bombo::WeatherPanel</name>
    <message>
        <source> °C</source>
        <translation> °C</translation>
    </message>
    <message>
        <source>Temperature</source>
        <translation>Temperatur</translation>
    </message>
    <message>
        <source> % humid</source>
        <translation> % Feuchte</translation>
    </message>
    <message>
        <source>Relative humidity</source>
        <translation>Relative Luftfeuchte</translation>
    </message>
    <message>
        <source> m high</source>
        <translation> m hoch</translation>
    </message>
    <message>
        <source>Height above the sea</source>
        <translation>Höhe über dem Meer</translation>
    </message>
    <message>
        <source>Here</source>
        <translation>Hier</translation>
    </message>
    <message>
        <source>Taken to</source>
        <translation>Mitgenommen nach</translation>
    </message>
    <message>
        <source>There a head would fall slack: it swells more than it was drawn down.</source>
        <translation>Dort würde ein Fell schlaff: es dehnt sich mehr, als es gespannt wurde.</translation>
    </message>
    <message>
        <source>batter</source>
        <translation>Schlagfell</translation>
    </message>
    <message>
        <source>snare side</source>
        <translation>Resonanzfell</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>Tuned here and taken there, no rod turned:</source>
        <translation>Hier gestimmt und dorthin gebracht, ohne eine Schraube zu drehen:</translation>
    </message>
    <message>
        <source>this evening</source>
        <translation>heute Abend</translation>
    </message>
    <message>
        <source>within an hour</source>
        <translation>binnen einer Stunde</translation>
    </message>
    <message>
        <source>%1 → %2 (%3 cents)</source>
        <translation>%1 → %2 (%3 Cent)</translation>
    </message>
    <message>
        <source>%1 → %2 (%3 ± %4 cents)</source>
        <translation>%1 → %2 (%3 ± %4 Cent)</translation>
    </message>
    <message>
        <source>after days</source>
        <translation>nach Tagen</translation>
    </message>
    <message>
        <source>Once the shell has followed the damp.</source>
        <translation>Wenn der Kessel der Feuchte gefolgt ist.</translation>
    </message>
    <message>
        <source>Taken there, it comes back to pitch with: %1. Left as it is:</source>
        <translation>Dorthin gebracht, kommt sie zur Tonhöhe zurück mit: %1. So gelassen:</translation>
    </message>
    <message>
        <source>%1, every rod %2 tighter (± %3)</source>
        <translation>%1, jede Schraube %2 fester (± %3)</translation>
    </message>
    <message>
        <source>%1, every rod %2 looser (± %3)</source>
        <translation>%1, jede Schraube %2 lockerer (± %3)</translation>
    </message>
</context>
<context>
    <name>bombo::WiresPage</name>
    <message>
        <source>Fit</source>
        <translation>Sitz</translation>
    </message>
    <message>
        <source>Strainer</source>
        <translation>Abhebung</translation>
    </message>
    <message>
        <source>Buzz with others</source>
        <translation>Mitschnarren</translation>
    </message>
    <message>
        <source>By what the setting is judged</source>
        <translation>Wonach die Einstellung beurteilt wird</translation>
    </message>
    <message>
        <source>aim: %1</source>
        <translation>Ziel: %1</translation>
    </message>
    <message>
        <source>Undo last</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Knob, from first contact</source>
        <translation>Knopf, ab erster Berührung</translation>
    </message>
    <message>
        <source>Loosen %1</source>
        <translation>%1 lockern</translation>
    </message>
    <message>
        <source>Tighten %1</source>
        <translation>%1 anziehen</translation>
    </message>
    <message>
        <source>At this stop</source>
        <translation>An dieser Stelle</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>Lay the wires</source>
        <translation>Teppich anlegen</translation>
    </message>
    <message>
        <source>Set the strainer</source>
        <translation>Abhebung einstellen</translation>
    </message>
    <message>
        <source>Calm the buzz</source>
        <translation>Mitschnarren beruhigen</translation>
    </message>
    <message>
        <source>Before they are clamped: where the wires lie, and how the knob stands. Wires loose before anything is pushed under them.</source>
        <translation>Vor dem Klemmen: wo der Teppich liegt und wie der Knopf steht. Teppich lose, bevor etwas darunter geschoben wird.</translation>
    </message>
    <message>
        <source>Which instruments set the wires going, and what to change first. Lever on while they play.</source>
        <translation>Welche Instrumente den Teppich anregen und was zuerst zu ändern ist. Hebel zu, während sie spielen.</translation>
    </message>
    <message>
        <source>not counted</source>
        <translation>nicht gezählt</translation>
    </message>
    <message>
        <source>%1 from its loose end</source>
        <translation>%1 von ihrem losen Ende</translation>
    </message>
    <message>
        <source>not tried</source>
        <translation>nicht versucht</translation>
    </message>
    <message>
        <source>● answers</source>
        <translation>● antwortet</translation>
    </message>
    <message>
        <source>✕ silent</source>
        <translation>✕ stumm</translation>
    </message>
    <message>
        <source>%1 at the %2: %3</source>
        <translation>%1 an %2: %3</translation>
    </message>
    <message>
        <source>Loud: does it rattle on?</source>
        <translation>Laut: rasselt es nach?</translation>
    </message>
    <message>
        <source>Loud: rattles on</source>
        <translation>Laut: rasselt nach</translation>
    </message>
    <message>
        <source>Loud: clean</source>
        <translation>Laut: sauber</translation>
    </message>
    <message>
        <source>Two answers contradict each other; the odd one counts for less. Try the strokes at that stop again.</source>
        <translation>Zwei Antworten widersprechen sich; die abweichende zählt weniger. Versuchen Sie die Schläge an dieser Stelle noch einmal.</translation>
    </message>
    <message>
        <source>Wires centred, lever on, drum the right way up. Count the knob from where the strands first touch.</source>
        <translation>Teppich mittig, Hebel zu, Trommel richtig herum. Zählen Sie den Knopf ab dort, wo die Spiralen eben berühren.</translation>
    </message>
    <message>
        <source>Now lever on, knob to first contact</source>
        <translation>Jetzt Hebel zu, Knopf auf erste Berührung</translation>
    </message>
    <message>
        <source>Then tighten %1</source>
        <translation>Dann %1 anziehen</translation>
    </message>
    <message>
        <source>First contact: a fingertip on the snare side just feels the strands lift off the film.</source>
        <translation>Erste Berührung: eine Fingerspitze am Resonanzfell fühlt eben, wie sich die Spiralen von der Folie heben.</translation>
    </message>
    <message>
        <source>Knob is there</source>
        <translation>Knopf steht</translation>
    </message>
    <message>
        <source>Now one loud stroke at the middle</source>
        <translation>Jetzt ein lauter Schlag in der Mitte</translation>
    </message>
    <message>
        <source>Now a %1 stroke at the %2</source>
        <translation>Jetzt ein Schlag: %1, %2</translation>
    </message>
    <message>
        <source>Do the wires fall silent with the drum?</source>
        <translation>Verstummt der Teppich mit der Trommel?</translation>
    </message>
    <message>
        <source>Do the wires answer?</source>
        <translation>Antwortet der Teppich?</translation>
    </message>
    <message>
        <source>Clean: they stop with the tone. Rattling: they hiss on after it.</source>
        <translation>Sauber: er endet mit dem Ton. Rasselnd: er rauscht danach weiter.</translation>
    </message>
    <message>
        <source>Play it as quietly as you would on the stand, and listen for the hiss.</source>
        <translation>Spielen Sie ihn so leise wie auf der Bühne und hören Sie auf das Rauschen.</translation>
    </message>
    <message>
        <source>Play it as quietly as you would on the stand. What is heard answers; or say it yourself.</source>
        <translation>Spielen Sie ihn so leise wie auf der Bühne. Was gehört wird, antwortet; oder sagen Sie es selbst.</translation>
    </message>
    <message>
        <source>Strike it</source>
        <translation>Anschlagen</translation>
    </message>
    <message>
        <source>Clean</source>
        <translation>Sauber</translation>
    </message>
    <message>
        <source>They answer</source>
        <translation>Er antwortet</translation>
    </message>
    <message>
        <source>They rattle on  (N)</source>
        <translation>Er rasselt nach  (N)</translation>
    </message>
    <message>
        <source>No answer  (N)</source>
        <translation>Keine Antwort  (N)</translation>
    </message>
    <message>
        <source>Now the knob</source>
        <translation>Jetzt der Knopf</translation>
    </message>
    <message>
        <source>It rattles before it stops choking: tighten the snare side, or the strands are worn.</source>
        <translation>Es rasselt, bevor es aufhört zu ersticken: Resonanzfell spannen, oder die Spiralen sind müde.</translation>
    </message>
    <message>
        <source>To %1 from first contact. %2</source>
        <translation>Auf %1 ab erster Berührung. %2</translation>
    </message>
    <message>
        <source>That is the best so far.</source>
        <translation>Das ist die beste bisher.</translation>
    </message>
    <message>
        <source>That stop tells most.</source>
        <translation>Diese Stelle sagt am meisten.</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Gedreht</translation>
    </message>
    <message>
        <source>As good as it gets</source>
        <translation>So gut, wie es wird</translation>
    </message>
    <message>
        <source>In the usable span</source>
        <translation>Im Spielraum</translation>
    </message>
    <message>
        <source>Leave it at %1</source>
        <translation>Bei %1 lassen</translation>
    </message>
    <message>
        <source>On to the muffling</source>
        <translation>Weiter zur Dämpfung</translation>
    </message>
    <message>
        <source>On to the strainer</source>
        <translation>Weiter zur Abhebung</translation>
    </message>
    <message>
        <source>Now the wires</source>
        <translation>Jetzt der Teppich</translation>
    </message>
    <message>
        <source>Now take a rule</source>
        <translation>Jetzt einen Maßstab nehmen</translation>
    </message>
    <message>
        <source>Measure strands and gaps</source>
        <translation>Spiralen und Spalte messen</translation>
    </message>
    <message>
        <source>They lie well</source>
        <translation>Er liegt gut</translation>
    </message>
    <message>
        <source>See what is said on the right</source>
        <translation>Siehe rechts</translation>
    </message>
    <message>
        <source>Shift them to the strainer</source>
        <translation>Zur Abhebung schieben</translation>
    </message>
    <message>
        <source>Shift them to the butt plate</source>
        <translation>Zum Gegenhalter schieben</translation>
    </message>
    <message>
        <source>Check that the lever closes, and that the plates lie flat.</source>
        <translation>Prüfen Sie, ob der Hebel schließt und die Endplatten flach liegen.</translation>
    </message>
    <message>
        <source>Lever off, strands loose. Done when both gaps are the same and the plates lie over the inner wall.</source>
        <translation>Hebel auf, Spiralen lose. Fertig, wenn beide Spalte gleich sind und die Endplatten über der Innenwand liegen.</translation>
    </message>
    <message>
        <source>Now the others play</source>
        <translation>Jetzt spielen die anderen</translation>
    </message>
    <message>
        <source>Change one thing, then listen again</source>
        <translation>Eines ändern, dann noch einmal hören</translation>
    </message>
    <message>
        <source>Which of them sets it off?</source>
        <translation>Welches davon regt ihn an?</translation>
    </message>
    <message>
        <source>Lever on, strike each of them alone, and enter those that make the wires hiss.</source>
        <translation>Hebel zu, schlagen Sie jedes einzeln an, und geben Sie die ein, die den Teppich rauschen lassen.</translation>
    </message>
    <message>
        <source>%1 Predicted: the ear decides.</source>
        <translation>%1 Vorhergesagt: das Ohr entscheidet.</translation>
    </message>
</context>
<context>
    <name>bombo::WordsPanel</name>
    <message>
        <source>Note of the entry</source>
        <translation>Notiz des Eintrags</translation>
    </message>
    <message numerus="yes">
        <source>%n stars</source>
        <translation>
            <numerusform>%n Stern</numerusform>
            <numerusform>%n Sterne</numerusform>
        </translation>
    </message>
    <message>
        <source>Player</source>
        <translation>Spieler</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>Tags</source>
        <translation>Stichworte</translation>
    </message>
    <message>
        <source>dry, for the balcony</source>
        <translation>trocken, für den Balkon</translation>
    </message>
    <message>
        <source>Pinned: kept in sight</source>
        <translation>Angeheftet: bleibt im Blick</translation>
    </message>
    <message>
        <source>Delete entry</source>
        <translation>Eintrag löschen</translation>
    </message>
    <message>
        <source>Keep these words</source>
        <translation>Diese Worte behalten</translation>
    </message>
    <message numerus="yes">
        <source>Delete %n entries</source>
        <translation>
            <numerusform>%n Eintrag löschen</numerusform>
            <numerusform>%n Einträge löschen</numerusform>
        </translation>
    </message>
    <message>
        <source>Hours played</source>
        <translation>Gespielte Stunden</translation>
    </message>
    <message>
        <source> h</source>
        <translation> h</translation>
    </message>
    <message>
        <source>%1 h, a usual show</source>
        <translation>%1 h, wie üblich</translation>
    </message>
    <message>
        <source>Played</source>
        <translation>Gespielt</translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Tune a snare drum: heads, wires, muffling, record.</source>
        <translation>Eine kleine Trommel stimmen: Felle, Teppich, Dämpfung, Aufzeichnung.</translation>
    </message>
    <message>
        <source>Open the demo workbook.</source>
        <translation>Arbeitsbuch der Vorführung öffnen.</translation>
    </message>
    <message>
        <source>Workbook to open.</source>
        <translation>Arbeitsbuch, das geöffnet wird.</translation>
    </message>
    <message>
        <source>The same, as an option.</source>
        <translation>Dasselbe, als Option.</translation>
    </message>
    <message>
        <source>file</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>That workbook is open already: its window comes to the front.</source>
        <translation>Dieses Arbeitsbuch ist schon offen: Sein Fenster kommt nach vorn.</translation>
    </message>
    <message>
        <source>Bombo didn&apos;t shut down properly last time. Everything that can be read is here.</source>
        <translation>Bombo wurde beim letzten Mal nicht richtig beendet. Alles, was sich lesen lässt, ist hier.</translation>
    </message>
    <message>
        <source>Bombo didn&apos;t shut down properly last time. Nothing is lost: everything up to your last step is here.</source>
        <translation>Bombo wurde beim letzten Mal nicht richtig beendet. Nichts ist verloren: Alles bis zu Ihrem letzten Schritt ist hier.</translation>
    </message>
</context>
</TS>
