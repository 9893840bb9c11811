<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es_ES" sourcelanguage="en_GB">
<context>
    <name>BackWords</name>
    <message>
        <source>%1 tighter</source>
        <translation>%1 más apretado</translation>
    </message>
    <message>
        <source>%1 looser</source>
        <translation>%1 más flojo</translation>
    </message>
    <message>
        <source>Batter: %1</source>
        <translation>Batidor: %1</translation>
    </message>
    <message>
        <source>Snare side: %1</source>
        <translation>Bordonero: %1</translation>
    </message>
    <message>
        <source>%1 at %2</source>
        <translation>%1 a las %2</translation>
    </message>
    <message>
        <source>The entry does not say how high the batter was.</source>
        <translation>La entrada no dice a qué altura estaba el parche batidor.</translation>
    </message>
    <message>
        <source>The entry does not say how high the snare side was.</source>
        <translation>La entrada no dice a qué altura estaba el parche bordonero.</translation>
    </message>
    <message>
        <source>Another kind of batter head is on: the same pitch, another voice.</source>
        <translation>Hay otro tipo de parche batidor: el mismo tono, otra voz.</translation>
    </message>
    <message>
        <source>Another kind of snare-side head is on: the same pitch, another voice.</source>
        <translation>Hay otro tipo de parche bordonero: el mismo tono, otra voz.</translation>
    </message>
    <message>
        <source>The batter head is newer than the entry.</source>
        <translation>El parche batidor es más nuevo que la entrada.</translation>
    </message>
    <message>
        <source>The snare-side head is newer than the entry.</source>
        <translation>El parche bordonero es más nuevo que la entrada.</translation>
    </message>
    <message>
        <source>The batter film ends %1 cents below it.</source>
        <translation>La película del batidor acaba %1 cents por debajo.</translation>
    </message>
    <message>
        <source>The snare-side film ends %1 cents below it.</source>
        <translation>La película del bordonero acaba %1 cents por debajo.</translation>
    </message>
    <message>
        <source>The batter would hang loose: it stays %1 cents above.</source>
        <translation>El batidor quedaría suelto: se queda %1 cents por encima.</translation>
    </message>
    <message>
        <source>The snare side would hang loose: it stays %1 cents above.</source>
        <translation>El bordonero quedaría suelto: se queda %1 cents por encima.</translation>
    </message>
    <message>
        <source>The same pitch needs %1 % more tension today: the batter feels harder.</source>
        <translation>El mismo tono pide hoy %1 % más de tensión: el batidor se siente más duro.</translation>
    </message>
    <message>
        <source>The snare side needs %1 % more tension today.</source>
        <translation>El bordonero pide hoy %1 % más de tensión.</translation>
    </message>
    <message>
        <source>The same pitch needs %1 % less tension today: the batter feels softer.</source>
        <translation>El mismo tono pide hoy %1 % menos de tensión: el batidor se siente más blando.</translation>
    </message>
    <message>
        <source>The snare side needs %1 % less tension today.</source>
        <translation>El bordonero pide hoy %1 % menos de tensión.</translation>
    </message>
    <message>
        <source>Turns of the batter were not counted from one beginning: by its pitch instead.</source>
        <translation>Las vueltas del batidor no se contaron desde un mismo comienzo: se va por su tono.</translation>
    </message>
    <message>
        <source>Turns of the snare side were not counted from one beginning: by its pitch instead.</source>
        <translation>Las vueltas del bordonero no se contaron desde un mismo comienzo: se va por su tono.</translation>
    </message>
    <message>
        <source>Nobody knows how the batter stands now: tap a round on it first.</source>
        <translation>Nadie sabe cómo está ahora el batidor: dé primero una ronda de toques.</translation>
    </message>
    <message>
        <source>Nobody knows how the snare side stands now: tap a round on it first.</source>
        <translation>Nadie sabe cómo está ahora el bordonero: dé primero una ronda de toques.</translation>
    </message>
    <message>
        <source>Another drum: pitches are scaled by its size, to %1 of what they were.</source>
        <translation>Otra caja: los tonos van con su diámetro, a %1 de lo que eran.</translation>
    </message>
    <message>
        <source>Other wires are on: the knob is a place to begin from, sweep from there.</source>
        <translation>Hay otra bordonera: la perilla es solo un comienzo, busque desde ahí.</translation>
    </message>
    <message>
        <source>The strands have stretched by %1 of the knob since.</source>
        <translation>Los hilos se han estirado desde entonces %1 de la perilla.</translation>
    </message>
    <message>
        <source>The entry does not say where the strainer stood.</source>
        <translation>La entrada no dice dónde estaba el tensor.</translation>
    </message>
    <message>
        <source>A muffler of a kind that is no longer at hand lay on it.</source>
        <translation>Tenía encima un apagador que ya no está a mano.</translation>
    </message>
    <message>
        <source>stays as it is</source>
        <translation>se queda como está</translation>
    </message>
    <message>
        <source>every rod %1</source>
        <translation>cada tornillo %1</translation>
    </message>
    <message>
        <source>It is there already</source>
        <translation>Ya está ahí</translation>
    </message>
    <message>
        <source>%1 tighter on every batter rod</source>
        <translation>%1 más tenso en cada tornillo del batidor</translation>
    </message>
    <message>
        <source>%1 looser on every batter rod</source>
        <translation>%1 más flojo en cada tornillo del batidor</translation>
    </message>
    <message>
        <source>%1 tighter on every snare-side rod</source>
        <translation>%1 más tenso en cada tornillo del bordonero</translation>
    </message>
    <message>
        <source>%1 looser on every snare-side rod</source>
        <translation>%1 más flojo en cada tornillo del bordonero</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Strainer %1 tighter</source>
        <translation>Tensor %1 más tenso</translation>
    </message>
    <message>
        <source>Strainer %1 looser</source>
        <translation>Tensor %1 más flojo</translation>
    </message>
    <message>
        <source>Take off %1</source>
        <translation>Quite %1</translation>
    </message>
    <message>
        <source>Lay on %1</source>
        <translation>Ponga %1</translation>
    </message>
    <message>
        <source>Tap a round on each head first</source>
        <translation>Dé primero una ronda en cada parche</translation>
    </message>
    <message>
        <source>%1 → %2, %3</source>
        <translation>%1 → %2, %3</translation>
    </message>
    <message>
        <source>Strainer: stays at %1 from first contact</source>
        <translation>Tensor: se queda en %1 desde el primer contacto</translation>
    </message>
    <message>
        <source>Strainer: to %1 from first contact</source>
        <translation>Tensor: a %1 desde el primer contacto</translation>
    </message>
    <message>
        <source>Take off: %1</source>
        <translation>Quitar: %1</translation>
    </message>
    <message>
        <source>Lay on: %1</source>
        <translation>Poner: %1</translation>
    </message>
    <message>
        <source>Sure to %1 cents.</source>
        <translation>Seguro a %1 cents.</translation>
    </message>
    <message>
        <source>From the logbook and the weather alone: a round of taps makes it surer.</source>
        <translation>Solo por el diario y el tiempo: una ronda de toques lo hace más seguro.</translation>
    </message>
    <message>
        <source>same pitches</source>
        <translation>mismos tonos</translation>
    </message>
    <message>
        <source>same feel</source>
        <translation>mismo tacto</translation>
    </message>
    <message>
        <source>same turns</source>
        <translation>mismas vueltas</translation>
    </message>
    <message>
        <source>batter head</source>
        <translation>parche batidor</translation>
    </message>
    <message>
        <source>snare-side head</source>
        <translation>parche bordonero</translation>
    </message>
    <message>
        <source>wires</source>
        <translation>bordonera</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>no se sabe</translation>
    </message>
    <message>
        <source>due now</source>
        <translation>toca ahora</translation>
    </message>
    <message>
        <source>more than %1 shows</source>
        <translation>más de %1 funciones</translation>
    </message>
    <message>
        <source>%1 more shows</source>
        <translation>%1 funciones más</translation>
    </message>
    <message>
        <source>%1 to %2 more shows</source>
        <translation>de %1 a %2 funciones más</translation>
    </message>
    <message numerus="yes">
        <source>%n shows</source>
        <translation>
            <numerusform>%n función</numerusform>
            <numerusform>%n funciones</numerusform>
        </translation>
    </message>
    <message>
        <source>rings %1 % longer than new, %2</source>
        <translation>resuena %1 % más que nuevo, %2</translation>
    </message>
    <message>
        <source>rings as when it was new, %1</source>
        <translation>resuena como nuevo, %1</translation>
    </message>
    <message>
        <source>strands stretched by %1, %2</source>
        <translation>hilos estirados %1, %2</translation>
    </message>
    <message>
        <source>strands as when new, %1</source>
        <translation>hilos como nuevos, %1</translation>
    </message>
    <message>
        <source>by its age: %1</source>
        <translation>por su edad: %1</translation>
    </message>
    <message>
        <source>say on the drum&apos;s page when it was put on</source>
        <translation>diga en la página de la caja desde cuándo</translation>
    </message>
    <message>
        <source>batter edge pitch</source>
        <translation>tono de borde, batidor</translation>
    </message>
    <message>
        <source>snare-side edge pitch</source>
        <translation>tono de borde, bordonero</translation>
    </message>
    <message>
        <source>interval between the heads</source>
        <translation>intervalo entre parches</translation>
    </message>
    <message>
        <source>batter even within</source>
        <translation>batidor parejo dentro de</translation>
    </message>
    <message>
        <source>strainer</source>
        <translation>tensor</translation>
    </message>
    <message>
        <source>ring</source>
        <translation>resonancia</translation>
    </message>
    <message>
        <source>mufflers</source>
        <translation>apagadores</translation>
    </message>
    <message>
        <source>temperature</source>
        <translation>temperatura</translation>
    </message>
    <message>
        <source>%1 → %2</source>
        <translation>%1 → %2</translation>
    </message>
    <message>
        <source>%1, %2 cents</source>
        <translation>%1, %2 cents</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <translation>%1 cents</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>laid elsewhere</source>
        <translation>puestos en otro sitio</translation>
    </message>
    <message>
        <source>%1 °C</source>
        <translation>%1 °C</translation>
    </message>
    <message>
        <source>another one</source>
        <translation>otro</translation>
    </message>
    <message>
        <source>By the count since the last round: a round of taps makes it surer.</source>
        <translation>Según la cuenta desde la última ronda: una ronda de toques lo hace más seguro.</translation>
    </message>
    <message>
        <source>then %1: %2</source>
        <translation>después %1: %2</translation>
    </message>
    <message>
        <source>it stays dished, %1</source>
        <translation>queda hundido, %1</translation>
    </message>
    <message>
        <source>its coating is gone or dented, %1</source>
        <translation>el revestimiento falta o está abollado, %1</translation>
    </message>
    <message>
        <source>its coating is worn, %1</source>
        <translation>el revestimiento está gastado, %1</translation>
    </message>
    <message>
        <source>it looks as new, %1</source>
        <translation>parece nuevo, %1</translation>
    </message>
    <message>
        <source>The entry puts the strainer at %1, beyond the knob&apos;s travel: set it by a sweep.</source>
        <translation>La entrada pone el tensor a %1, más allá del recorrido del mando: ajústelo con un barrido.</translation>
    </message>
    <message>
        <source>A muffler of the entry does not fit on this drum where it lay.</source>
        <translation>Un apagador de la entrada no cabe en este tambor donde estaba.</translation>
    </message>
</context>
<context>
    <name>BeginTools</name>
    <message>
        <source>A new head</source>
        <translation>Un parche nuevo</translation>
    </message>
    <message>
        <source>The same head from slack</source>
        <translation>El mismo parche desde flojo</translation>
    </message>
    <message>
        <source>The same head as it stands</source>
        <translation>El mismo parche tal como está</translation>
    </message>
    <message>
        <source>a stick under the wires</source>
        <translation>una baqueta bajo la bordonera</translation>
    </message>
    <message>
        <source>the wires lifted</source>
        <translation>la bordonera levantada</translation>
    </message>
    <message>
        <source>the wires taken off</source>
        <translation>la bordonera quitada</translation>
    </message>
    <message>
        <source>seated by palm</source>
        <translation>asentado con la palma</translation>
    </message>
    <message>
        <source>not pressed, for it is thin</source>
        <translation>sin presionar, porque es fino</translation>
    </message>
    <message>
        <source>left overnight</source>
        <translation>dejado una noche</translation>
    </message>
    <message>
        <source>stretched overnight</source>
        <translation>estirado una noche</translation>
    </message>
    <message>
        <source>not stretched, for it is thin</source>
        <translation>sin estirar, porque es fino</translation>
    </message>
    <message>
        <source>not seated</source>
        <translation>sin asentar</translation>
    </message>
    <message>
        <source>in pairs with two keys</source>
        <translation>por pares con dos llaves</translation>
    </message>
    <message>
        <source>far apart with one key</source>
        <translation>alejados con una llave</translation>
    </message>
    <message>
        <source>across with one key</source>
        <translation>en cruz con una llave</translation>
    </message>
    <message>
        <source>round the head with one key</source>
        <translation>en redondo con una llave</translation>
    </message>
    <message>
        <source>by your own skip of %1 with one key</source>
        <translation>con su propio salto de %1 y una llave</translation>
    </message>
    <message>
        <source>corrected both ways</source>
        <translation>corregido en ambos sentidos</translation>
    </message>
    <message>
        <source>only ever tightened</source>
        <translation>solo apretando</translation>
    </message>
    <message>
        <source>only ever loosened</source>
        <translation>solo aflojando</translation>
    </message>
    <message>
        <source>%1. Turned %2, at most %3 at a time, %4, until it is even to ±%5 cents.</source>
        <translation>%1. Se gira %2, como mucho %3 cada vez, %4, hasta que quede parejo dentro de ±%5 cents.</translation>
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
        <translation>este tambor</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <translation>%1 cents</translation>
    </message>
    <message>
        <source>%1 octaves</source>
        <translation>%1 octavas</translation>
    </message>
    <message>
        <source>%1 %2 meets %3, %4</source>
        <translation>%1 %2 encuentra %3, %4</translation>
    </message>
    <message>
        <source>No other instruments yet.</source>
        <translation>Aún no hay otros instrumentos.</translation>
    </message>
    <message>
        <source>%1: %2 dB under the strongest</source>
        <translation>%1: %2 dB bajo el más fuerte</translation>
    </message>
    <message>
        <source>Where other instruments set the wires going, the strongest first. %1.</source>
        <translation>Dónde otros instrumentos excitan la bordonera, el más fuerte primero. %1.</translation>
    </message>
    <message>
        <source>Which instruments set the wires going? Enter their pitch on the right, or play one and take what was heard. What meets this drum&apos;s own tones stands here.</source>
        <translation>¿Qué instrumentos excitan la bordonera? Escriba su altura a la derecha, o toque uno y tome lo que se oyó. Aquí aparece lo que coincide con los tonos de este tambor.</translation>
    </message>
    <message>
        <source>above: their partials; below: this drum&apos;s, dashed the snare side&apos;s</source>
        <translation>arriba: sus parciales; abajo: los de este tambor, a trazos los del parche bordonero</translation>
    </message>
    <message>
        <source>strongest</source>
        <translation>más fuerte</translation>
    </message>
    <message>
        <source>%1 dB under</source>
        <translation>%1 dB menos</translation>
    </message>
    <message>
        <source>Buzz with others</source>
        <translation>Zumbido con otros</translation>
    </message>
</context>
<context>
    <name>CalendarFile</name>
    <message>
        <source>%1: the head has rested; tap its round once more</source>
        <translation>%1: el parche ha reposado; toque su ronda otra vez</translation>
    </message>
    <message>
        <source>%1: look at its tuning again</source>
        <translation>%1: revise su afinación</translation>
    </message>
    <message>
        <source>Save for a calendar</source>
        <translation>Guardar para un calendario</translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation>Calendario (*.ics)</translation>
    </message>
    <message>
        <source>%1: look whether the batter head is worn</source>
        <translation>%1: mire si el parche batidor está gastado</translation>
    </message>
    <message>
        <source>%1: look whether the snare-side head is worn</source>
        <translation>%1: mire si el parche bordonero está gastado</translation>
    </message>
    <message>
        <source>%1: look whether the wires are worn</source>
        <translation>%1: mire si la bordonera está gastada</translation>
    </message>
</context>
<context>
    <name>CardPicture</name>
    <message>
        <source>%1 cents</source>
        <translation>%1 cents</translation>
    </message>
    <message>
        <source>Batter, near the hoop</source>
        <translation>Batidor, cerca del aro</translation>
    </message>
    <message>
        <source>Batter, in the middle</source>
        <translation>Batidor, en el centro</translation>
    </message>
    <message>
        <source>Snare side, near the hoop</source>
        <translation>Bordonero, cerca del aro</translation>
    </message>
    <message>
        <source>Snare side, in the middle</source>
        <translation>Bordonero, en el centro</translation>
    </message>
    <message>
        <source>30 mm in, snare side muted</source>
        <translation>a 30 mm del aro, bordonero apagado</translation>
    </message>
    <message>
        <source>both heads free</source>
        <translation>ambos parches libres</translation>
    </message>
    <message>
        <source>turn the drum over; batter muted</source>
        <translation>dé vuelta al tambor; batidor apagado</translation>
    </message>
    <message>
        <source>The %1 carries %2 % of what its film can bear</source>
        <translation>%1: lleva %2 % de lo que soporta su película</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1, as the two places of the batter imply.</source>
        <translation>%1, según los dos lugares del batidor.</translation>
    </message>
    <message>
        <source>Both middles agree to %1 cents: it is one tone.</source>
        <translation>Los dos centros coinciden en %1 cents: es un solo tono.</translation>
    </message>
    <message>
        <source>The two middles lie %1 cents apart, though it is one tone: tap again, wires off and both heads free.</source>
        <translation>Los dos centros distan %1 cents, aunque es un solo tono: toque otra vez, sin bordonera y con ambos parches libres.</translation>
    </message>
    <message>
        <source>The centre pitch fits the two edges (%1 cents).</source>
        <translation>El tono central concuerda con los dos bordes (%1 cents).</translation>
    </message>
    <message>
        <source>The centre pitch lies %1 cents from what the two edges imply: is it the right drum, and the right heads?</source>
        <translation>El tono central dista %1 cents de lo que indican los dos bordes: ¿es el tambor correcto, y los parches correctos?</translation>
    </message>
    <message>
        <source>%1, taps %2</source>
        <translation>%1, toques %2</translation>
    </message>
    <message>
        <source>not heard</source>
        <translation>no se oyó</translation>
    </message>
    <message>
        <source>left out %1</source>
        <translation>descartados %1</translation>
    </message>
    <message>
        <source>tap it now</source>
        <translation>toque ahora</translation>
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
        <translation>Concierto: nítido a cualquier volumen</translation>
    </message>
    <message>
        <source>From a whisper to a full roll each stroke must be heard as itself.</source>
        <translation>Del susurro al redoble lleno, cada golpe debe oírse como es.</translation>
    </message>
    <message>
        <source>none or a whisper</source>
        <translation>ninguno o apenas</translation>
    </message>
    <message>
        <source>Backbeat: open, wide, strong</source>
        <translation>Backbeat: abierto, ancho, fuerte</translation>
    </message>
    <message>
        <source>One big stroke in two must fill the room and be over before the next.</source>
        <translation>Un gran golpe en el dos y el cuatro debe llenar la sala y acabar antes del siguiente.</translation>
    </message>
    <message>
        <source>open, or one small pad</source>
        <translation>abierto, o una almohadilla pequeña</translation>
    </message>
    <message>
        <source>Pocket: tight, dry, quick</source>
        <translation>Pocket: tenso, seco, rápido</translation>
    </message>
    <message>
        <source>Soft strokes between the loud ones must stay apart and be heard.</source>
        <translation>Los golpes suaves entre los fuertes deben quedar separados y oírse.</translation>
    </message>
    <message>
        <source>a small pad near the hoop</source>
        <translation>una almohadilla pequeña cerca del aro</translation>
    </message>
    <message>
        <source>Crack: high, hard, cutting</source>
        <translation>Crack: alto, duro, cortante</translation>
    </message>
    <message>
        <source>It must be heard through loud neighbours by its attack alone.</source>
        <translation>Solo con su ataque debe oírse entre vecinos fuertes.</translation>
    </message>
    <message>
        <source>open</source>
        <translation>abierto</translation>
    </message>
    <message>
        <source>Ballad: low, broad, soft</source>
        <translation>Balada: grave, amplio, suave</translation>
    </message>
    <message>
        <source>Few strokes, each a breath: wide and low, with wire behind it.</source>
        <translation>Pocos golpes, cada uno un aliento: ancho y grave, con bordonera detrás.</translation>
    </message>
    <message>
        <source>pads further in than usual</source>
        <translation>almohadillas más adentro de lo usual</translation>
    </message>
    <message>
        <source>Dead: low, short, thudding</source>
        <translation>Muerto: grave, corto, sordo</translation>
    </message>
    <message>
        <source>Nothing may ring into the next stroke or into another microphone.</source>
        <translation>Nada debe sonar dentro del golpe siguiente ni en otro micrófono.</translation>
    </message>
    <message>
        <source>cloth or a ring of film; cloth under the hoop for more</source>
        <translation>paño o un aro de película; para más, paño bajo el aro</translation>
    </message>
    <message>
        <source>Brushes: whispered, close, warm</source>
        <translation>Escobillas: susurrado, cercano, cálido</translation>
    </message>
    <message>
        <source>Sweeps and taps at the edge of hearing, in a quiet room.</source>
        <translation>Barridos y toques al límite del oído, en una sala callada.</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>Parade: very high, snapping</source>
        <translation>Desfile: muy alto, seco</translation>
    </message>
    <message>
        <source>Every stroke of a fast roll must stand alone outdoors.</source>
        <translation>Cada golpe de un redoble rápido debe oírse solo al aire libre.</translation>
    </message>
    <message>
        <source>none, or light</source>
        <translation>ninguno, o ligero</translation>
    </message>
    <message>
        <source>Offbeat: high, bright, ringing</source>
        <translation>Contratiempo: alto, brillante, resonante</translation>
    </message>
    <message>
        <source>A ringing stroke and a bare rim against a low, slow band.</source>
        <translation>Un golpe resonante y el aro desnudo sobre una banda grave y lenta.</translation>
    </message>
    <message>
        <source>Wires off: high, open, singing</source>
        <translation>Sin bordonera: alto, abierto, cantante</translation>
    </message>
    <message>
        <source>Played with the lever off: the two heads alone.</source>
        <translation>Se toca con la palanca suelta: solo los dos parches.</translation>
    </message>
    <message>
        <source>Storm: low and broad, plenty of wire</source>
        <translation>Tormenta: grave, mucha bordonera</translation>
    </message>
    <message>
        <source>A low batter lets the body speak under the organ; wires stand loose, so that long rolls blur into rain.</source>
        <translation>Un batidor grave deja hablar al casco bajo el órgano; la bordonera va floja, para que los redobles largos se vuelvan lluvia.</translation>
    </message>
    <message>
        <source>Chase: tight, dry, quick</source>
        <translation>Persecución: tenso, seco, rápido</translation>
    </message>
    <message>
        <source>Fast strokes must stay apart: batter medium-high, snare side a fourth above, ring kept short.</source>
        <translation>Los golpes rápidos deben quedar separados: batidor medio alto, bordonero una cuarta arriba, resonancia corta.</translation>
    </message>
    <message>
        <source>Waltz: open, singing, light wire</source>
        <translation>Vals: abierto, poca bordonera</translation>
    </message>
    <message>
        <source>The second and third beat may ring into each other; the batter is left open.</source>
        <translation>El segundo y el tercer tiempo pueden sonar uno en otro; el batidor queda abierto.</translation>
    </message>
    <message>
        <source>Newsreel: high, crisp, marching</source>
        <translation>Noticiario: alto, nítido, de marcha</translation>
    </message>
    <message>
        <source>Crisp at every dynamic in a loud hall: both heads high, wires sensitive.</source>
        <translation>Nítido a cualquier volumen en una sala ruidosa: ambos parches altos, bordonera sensible.</translation>
    </message>
    <message>
        <source>Ghost scene: whispered, brushes</source>
        <translation>Escena de fantasmas: susurrado, escobillas</translation>
    </message>
    <message>
        <source>Everything is played at a whisper: the snare side high and the wires as loose as clean allows.</source>
        <translation>Todo se toca en susurros: el bordonero alto y la bordonera tan floja como quede limpia.</translation>
    </message>
    <message>
        <source>single ply 0.19 mm, clear</source>
        <translation>una capa de 0,19 mm, transparente</translation>
    </message>
    <message>
        <source>single ply 0.19 mm, coated</source>
        <translation>una capa de 0,19 mm, rugoso</translation>
    </message>
    <message>
        <source>single ply 0.25 mm, coated</source>
        <translation>una capa de 0,25 mm, rugoso</translation>
    </message>
    <message>
        <source>single ply 0.25 mm, clear</source>
        <translation>una capa de 0,25 mm, transparente</translation>
    </message>
    <message>
        <source>single ply 0.25 mm, textured for brushes</source>
        <translation>una capa de 0,25 mm, con textura para escobillas</translation>
    </message>
    <message>
        <source>single ply 0.25 mm, coated, with a centre dot</source>
        <translation>una capa de 0,25 mm, rugoso, con punto central</translation>
    </message>
    <message>
        <source>single ply 0.25 mm, coated, with a control ring</source>
        <translation>una capa de 0,25 mm, rugoso, con anillo de control</translation>
    </message>
    <message>
        <source>single ply 0.25 mm, coated, vented near the hoop</source>
        <translation>una capa de 0,25 mm, rugoso, con orificios junto al aro</translation>
    </message>
    <message>
        <source>two plies of 0.18 mm, clear</source>
        <translation>dos capas de 0,18 mm, transparente</translation>
    </message>
    <message>
        <source>two plies of 0.18 mm, coated</source>
        <translation>dos capas de 0,18 mm, rugoso</translation>
    </message>
    <message>
        <source>cloth-like, woven fibre on film, 0.30 mm</source>
        <translation>como tela, fibra tejida sobre película, 0,30 mm</translation>
    </message>
    <message>
        <source>snare-side film 0.051 mm</source>
        <translation>película bordonera de 0,051 mm</translation>
    </message>
    <message>
        <source>snare-side film 0.064 mm</source>
        <translation>película bordonera de 0,064 mm</translation>
    </message>
    <message>
        <source>snare-side film 0.076 mm</source>
        <translation>película bordonera de 0,076 mm</translation>
    </message>
    <message>
        <source>pressed steel, 2.3 mm</source>
        <translation>acero estampado, 2,3 mm</translation>
    </message>
    <message>
        <source>pressed steel, 1.6 mm</source>
        <translation>acero estampado, 1,6 mm</translation>
    </message>
    <message>
        <source>cast metal</source>
        <translation>metal fundido</translation>
    </message>
    <message>
        <source>wood</source>
        <translation>madera</translation>
    </message>
    <message>
        <source>pressed brass, 2.3 mm</source>
        <translation>latón estampado, 2,3 mm</translation>
    </message>
    <message>
        <source>maple</source>
        <translation>arce</translation>
    </message>
    <message>
        <source>maple, plies</source>
        <translation>arce, capas</translation>
    </message>
    <message>
        <source>birch</source>
        <translation>abedul</translation>
    </message>
    <message>
        <source>birch, plies</source>
        <translation>abedul, capas</translation>
    </message>
    <message>
        <source>ash</source>
        <translation>fresno</translation>
    </message>
    <message>
        <source>ash, plies</source>
        <translation>fresno, capas</translation>
    </message>
    <message>
        <source>beech</source>
        <translation>haya</translation>
    </message>
    <message>
        <source>beech, plies</source>
        <translation>haya, capas</translation>
    </message>
    <message>
        <source>mahogany</source>
        <translation>caoba</translation>
    </message>
    <message>
        <source>mahogany, plies</source>
        <translation>caoba, capas</translation>
    </message>
    <message>
        <source>walnut</source>
        <translation>nogal</translation>
    </message>
    <message>
        <source>walnut, plies</source>
        <translation>nogal, capas</translation>
    </message>
    <message>
        <source>oak</source>
        <translation>roble</translation>
    </message>
    <message>
        <source>oak, plies</source>
        <translation>roble, capas</translation>
    </message>
    <message>
        <source>wood, not known which</source>
        <translation>madera, no se sabe cuál</translation>
    </message>
    <message>
        <source>aluminium</source>
        <translation>aluminio</translation>
    </message>
    <message>
        <source>brass</source>
        <translation>latón</translation>
    </message>
    <message>
        <source>bronze</source>
        <translation>bronce</translation>
    </message>
    <message>
        <source>copper</source>
        <translation>cobre</translation>
    </message>
    <message>
        <source>steel</source>
        <translation>acero</translation>
    </message>
    <message>
        <source>titanium</source>
        <translation>titanio</translation>
    </message>
    <message>
        <source>acrylic</source>
        <translation>acrílico</translation>
    </message>
    <message>
        <source>acrylic, cast</source>
        <translation>acrílico, colado</translation>
    </message>
    <message>
        <source>carbon-fibre</source>
        <translation>fibra de carbono</translation>
    </message>
    <message>
        <source>carbon fibre in resin</source>
        <translation>fibra de carbono en resina</translation>
    </message>
    <message>
        <source>20 steel strands</source>
        <translation>20 hilos de acero</translation>
    </message>
    <message>
        <source>16 steel strands</source>
        <translation>16 hilos de acero</translation>
    </message>
    <message>
        <source>12 steel strands</source>
        <translation>12 hilos de acero</translation>
    </message>
    <message>
        <source>24 steel strands</source>
        <translation>24 hilos de acero</translation>
    </message>
    <message>
        <source>42 steel strands</source>
        <translation>42 hilos de acero</translation>
    </message>
    <message>
        <source>16 brass strands</source>
        <translation>16 hilos de latón</translation>
    </message>
    <message>
        <source>20 brass strands</source>
        <translation>20 hilos de latón</translation>
    </message>
    <message>
        <source>12 strands of wound cable</source>
        <translation>12 hilos de cable entorchado</translation>
    </message>
    <message>
        <source>cable</source>
        <translation>cable</translation>
    </message>
    <message>
        <source>12 strands of gut</source>
        <translation>12 hilos de tripa</translation>
    </message>
    <message>
        <source>gut</source>
        <translation>tripa</translation>
    </message>
</context>
<context>
    <name>CausesStrip</name>
    <message>
        <source>under 1 in 100</source>
        <translation>menos de 1 de 100</translation>
    </message>
    <message>
        <source>%1 in 100</source>
        <translation>%1 de 100</translation>
    </message>
    <message>
        <source>What it may be</source>
        <translation>Qué puede ser</translation>
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
        <translation>Batidor tornillo a tornillo, ± %1 cents</translation>
    </message>
    <message>
        <source>How it dies away, 60 dB down</source>
        <translation>Cómo se apaga, 60 dB</translation>
    </message>
    <message>
        <source>Knob in its span</source>
        <translation>Perilla en su margen</translation>
    </message>
    <message>
        <source>Knob, in turns</source>
        <translation>Perilla, en vueltas</translation>
    </message>
    <message>
        <source>○ this entry  ● the other</source>
        <translation>○ esta entrada  ● la otra</translation>
    </message>
</context>
<context>
    <name>CutawayPaint</name>
    <message>
        <source>now %1, %2 cents away</source>
        <translation>ahora %1, a %2 cents</translation>
    </message>
    <message>
        <source>wanted, muted; %1 open</source>
        <translation>deseado, apagado; %1 abierto</translation>
    </message>
    <message>
        <source>film load %1 %</source>
        <translation>carga de película %1 %</translation>
    </message>
    <message>
        <source>%1, held at a limit</source>
        <translation>%1, retenido en un límite</translation>
    </message>
    <message>
        <source>%1, near its limit</source>
        <translation>%1, cerca de su límite</translation>
    </message>
    <message>
        <source>%1 ± %2 turns from finger-tight</source>
        <translation>%1 ± %2 vueltas desde apretado a mano</translation>
    </message>
    <message>
        <source>the lowest edge tone is the snare side&apos;s</source>
        <translation>el tono de borde más grave es el del bordonero</translation>
    </message>
    <message>
        <source>now %1; ratio %2</source>
        <translation>ahora %1; razón %2</translation>
    </message>
    <message>
        <source>centre pitch; edge over centre %1</source>
        <translation>tono central; borde sobre centro %1</translation>
    </message>
    <message>
        <source>played with the lever off</source>
        <translation>se toca con la palanca suelta</translation>
    </message>
    <message>
        <source>strainer %1 from contact</source>
        <translation>tensor %1 desde el contacto</translation>
    </message>
    <message>
        <source>strainer not set yet</source>
        <translation>tensor sin ajustar</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Batidor</translation>
    </message>
    <message>
        <source>Both heads and the air</source>
        <translation>Ambos parches y el aire</translation>
    </message>
    <message>
        <source>Snare side</source>
        <translation>Bordonero</translation>
    </message>
    <message>
        <source>strands: %1</source>
        <translation>hilos: %1</translation>
    </message>
    <message>
        <source>%1, slowed down</source>
        <translation>%1, ralentizado</translation>
    </message>
    <message>
        <source>%1, to scale</source>
        <translation>%1, a escala</translation>
    </message>
</context>
<context>
    <name>CutawayPicture</name>
    <message>
        <source>%1 with the other head muted, film load %2 percent</source>
        <translation>%1 con el otro parche apagado, carga de película %2 por ciento</translation>
    </message>
    <message>
        <source>now %1</source>
        <translation>ahora %1</translation>
    </message>
    <message>
        <source>Drum cut through. Batter edge pitch %1. Centre pitch %2, edge over centre %3. Snare-side edge pitch %4.</source>
        <translation>Tambor en corte. Tono de borde del batidor %1. Tono central %2, borde sobre centro %3. Tono de borde del bordonero %4.</translation>
    </message>
</context>
<context>
    <name>DrumProblem</name>
    <message>
        <source>diameter of the shell</source>
        <translation>diámetro del casco</translation>
    </message>
    <message>
        <source>depth of the shell</source>
        <translation>profundidad del casco</translation>
    </message>
    <message>
        <source>number of rods</source>
        <translation>número de tornillos</translation>
    </message>
    <message>
        <source>marked rod</source>
        <translation>tornillo marcado</translation>
    </message>
    <message>
        <source>day on which a head or the wires went on</source>
        <translation>día en que se montó un parche o la bordonera</translation>
    </message>
    <message>
        <source>hours that a head was played before</source>
        <translation>horas que se tocó antes un parche</translation>
    </message>
    <message>
        <source>thickness of the film</source>
        <translation>grosor de la película</translation>
    </message>
    <message>
        <source>weight of the film</source>
        <translation>peso de la película</translation>
    </message>
    <message>
        <source>stiffness of the film</source>
        <translation>rigidez de la película</translation>
    </message>
    <message>
        <source>Poisson&apos;s ratio of the film</source>
        <translation>coeficiente de Poisson de la película</translation>
    </message>
    <message>
        <source>strength of the film</source>
        <translation>resistencia de la película</translation>
    </message>
    <message>
        <source>tension that a turn of every rod adds</source>
        <translation>tensión que añade una vuelta de todos los tornillos</translation>
    </message>
    <message>
        <source>number of strands</source>
        <translation>número de hilos</translation>
    </message>
    <message>
        <source>weight of the wires</source>
        <translation>peso de la bordonera</translation>
    </message>
    <message>
        <source>slack of the wires</source>
        <translation>holgura de la bordonera</translation>
    </message>
    <message>
        <source>No drum is made like this. To be checked: %1.</source>
        <translation>Ningún tambor está hecho así. Hay que revisar: %1.</translation>
    </message>
    <message>
        <source>No drum is made like this. To be checked on the batter: %1.</source>
        <translation>Ningún tambor está hecho así. Hay que revisar en el parche batidor: %1.</translation>
    </message>
    <message>
        <source>No drum is made like this. To be checked on the snare side: %1.</source>
        <translation>Ningún tambor está hecho así. Hay que revisar en el parche bordonero: %1.</translation>
    </message>
    <message>
        <source>No drum is made like this. Go through its figures once more.</source>
        <translation>Ningún tambor está hecho así. Revise sus cifras una vez más.</translation>
    </message>
</context>
<context>
    <name>DrumSights</name>
    <message>
        <source>white, rough</source>
        <translation>blanco, rugoso</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>transparente</translation>
    </message>
    <message>
        <source>for brushes</source>
        <translation>para escobillas</translation>
    </message>
    <message>
        <source>with a dot</source>
        <translation>con un punto</translation>
    </message>
    <message>
        <source>with a ring</source>
        <translation>con un anillo</translation>
    </message>
    <message>
        <source>with holes</source>
        <translation>con agujeros</translation>
    </message>
    <message>
        <source>two plies, clear</source>
        <translation>doble, transparente</translation>
    </message>
    <message>
        <source>two plies, white</source>
        <translation>doble, blanco</translation>
    </message>
    <message>
        <source>like cloth</source>
        <translation>como tela</translation>
    </message>
    <message>
        <source>wood</source>
        <translation>madera</translation>
    </message>
    <message>
        <source>metal</source>
        <translation>metal</translation>
    </message>
    <message>
        <source>see-through</source>
        <translation>se ve a través</translation>
    </message>
</context>
<context>
    <name>DrumState</name>
    <message>
        <source>Soon due: %1, %2</source>
        <translation>Pronto toca: %1, %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1, batter now %2 ± %3 cents</source>
        <translation>%1, batidor %2 ± %3 cents</translation>
    </message>
</context>
<context>
    <name>Ears</name>
    <message>
        <source>Which is higher?</source>
        <translation>¿Cuál es más agudo?</translation>
    </message>
    <message>
        <source>Which one wavers?</source>
        <translation>¿Cuál ondula?</translation>
    </message>
    <message>
        <source>Which rings longer?</source>
        <translation>¿Cuál dura más?</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <translation>%1 cents</translation>
    </message>
    <message>
        <source>You tell %1 apart in three of four; it may be %2 to %3.</source>
        <translation>Distingue %1 en tres de cada cuatro; puede ser de %2 a %3.</translation>
    </message>
    <message>
        <source>Finer than the tolerance of this drum, %1 cents: you can even it by ear.</source>
        <translation>Más fino que la tolerancia de este tambor, %1 cents: puede igualarlo de oído.</translation>
    </message>
    <message>
        <source>The tolerance of this drum is %1 cents: the last round is the microphone&apos;s.</source>
        <translation>La tolerancia de este tambor es de %1 cents: la última vuelta es del micrófono.</translation>
    </message>
    <message>
        <source>A head that is split by less sounds even to you.</source>
        <translation>Un parche con menos diferencia le suena igualado.</translation>
    </message>
    <message>
        <source>A pad that shortens the ring by less is not worth its place.</source>
        <translation>Una almohadilla que acorta menos no vale su sitio.</translation>
    </message>
    <message>
        <source>the second</source>
        <translation>el segundo</translation>
    </message>
    <message>
        <source>the first</source>
        <translation>el primero</translation>
    </message>
    <message>
        <source>Right: it was %1, by %2.</source>
        <translation>Bien: era %1, por %2.</translation>
    </message>
    <message>
        <source>No: it was %1, by %2.</source>
        <translation>No: era %1, por %2.</translation>
    </message>
    <message>
        <source>For evening by ear</source>
        <translation>Para igualar de oído</translation>
    </message>
    <message>
        <source>An uneven head beats</source>
        <translation>Un parche desigual late</translation>
    </message>
    <message>
        <source>For muffling: shorter, or not?</source>
        <translation>Para apagar: ¿más corto o no?</translation>
    </message>
    <message>
        <source>Which rod is low?</source>
        <translation>¿Qué tornillo está bajo?</translation>
    </message>
    <message>
        <source>Which beats faster?</source>
        <translation>¿Cuál late más deprisa?</translation>
    </message>
    <message>
        <source>Which was nearer the edge?</source>
        <translation>¿Cuál fue más al borde?</translation>
    </message>
    <message>
        <source>Which wires are looser?</source>
        <translation>¿Qué bordonera está más floja?</translation>
    </message>
    <message>
        <source>Taps side by side, as on the drum</source>
        <translation>Toques seguidos, como en el tambor</translation>
    </message>
    <message>
        <source>The slower it beats, the nearer</source>
        <translation>Cuanto más lento, más cerca</translation>
    </message>
    <message>
        <source>Where a stroke landed</source>
        <translation>Dónde cayó el golpe</translation>
    </message>
    <message>
        <source>Choked, right or loose</source>
        <translation>Ahogada, bien o floja</translation>
    </message>
    <message>
        <source>%1 turns</source>
        <translation>%1 vueltas</translation>
    </message>
    <message>
        <source>Turn until the beat slows down by that much: then you are sure of the way.</source>
        <translation>Gire hasta que el batido se frene en esa medida: entonces el sentido es seguro.</translation>
    </message>
    <message>
        <source>Of the head&apos;s radius: a stroke that strays by less sounds the same to you.</source>
        <translation>Del radio del parche: un golpe que se desvía menos le suena igual.</translation>
    </message>
    <message>
        <source>Turn the knob by that much before you listen again.</source>
        <translation>Gire la perilla esa medida antes de volver a escuchar.</translation>
    </message>
    <message>
        <source>Rod %1</source>
        <translation>Tornillo %1</translation>
    </message>
    <message>
        <source>The first</source>
        <translation>El primero</translation>
    </message>
    <message>
        <source>The second</source>
        <translation>El segundo</translation>
    </message>
    <message>
        <source>How far apart are the heads?</source>
        <translation>¿Qué intervalo hay entre los parches?</translation>
    </message>
    <message>
        <source>You name three of four right that lie %1 apart; it may be %2 to %3.</source>
        <translation>De cada cuatro separados por %1 nombras bien tres; puede ser de %2 a %3.</translation>
    </message>
    <message>
        <source>You hear which interval a drum is tuned to.</source>
        <translation>Oyes a qué intervalo está afinado un tambor.</translation>
    </message>
    <message>
        <source>Sing both pitches, one after the other: the voice knows more than the ear.</source>
        <translation>Canta las dos alturas, una tras otra: la voz sabe más que el oído.</translation>
    </message>
    <message>
        <source>Right: %1.</source>
        <translation>Correcto: %1.</translation>
    </message>
    <message>
        <source>No: it was %1.</source>
        <translation>No: era %1.</translation>
    </message>
    <message>
        <source>Name the interval between them</source>
        <translation>Nombrar el intervalo entre ellos</translation>
    </message>
</context>
<context>
    <name>EarsPicture</name>
    <message>
        <source>this round: full dot right, ring wrong</source>
        <translation>esta vuelta: punto lleno bien, anillo mal</translation>
    </message>
    <message>
        <source>days before</source>
        <translation>días anteriores</translation>
    </message>
    <message>
        <source>What the ear tells apart</source>
        <translation>Lo que distingue el oído</translation>
    </message>
    <message>
        <source>here stands what you tell apart, day by day</source>
        <translation>aquí verá lo que distingue, día a día</translation>
    </message>
</context>
<context>
    <name>Exchange</name>
    <message numerus="yes">
        <source>; and %n more</source>
        <translation>
            <numerusform>; y %n más</numerusform>
            <numerusform>; y %n más</numerusform>
        </translation>
    </message>
    <message>
        <source>Export the logbook</source>
        <translation>Exportar el diario</translation>
    </message>
    <message>
        <source>Everything, for another workbook (*.json);;Entries, for a spreadsheet (*.csv)</source>
        <translation>Todo, para otro cuaderno (*.json);;Entradas, para una hoja de cálculo (*.csv)</translation>
    </message>
    <message>
        <source>Logbooks and tables (*.json *.csv);;All files (*)</source>
        <translation>Diarios y tablas (*.json *.csv);;Todos los archivos (*)</translation>
    </message>
    <message numerus="yes">
        <source>%n drums</source>
        <translation>
            <numerusform>%n caja</numerusform>
            <numerusform>%n cajas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n tones</source>
        <translation>
            <numerusform>%n sonido</numerusform>
            <numerusform>%n sonidos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n entries</source>
        <translation>
            <numerusform>%n entrada</numerusform>
            <numerusform>%n entradas</numerusform>
        </translation>
    </message>
    <message>
        <source>It adds: %1.</source>
        <translation>Añade: %1.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Readings of every rod, for a spreadsheet (*.csv)</source>
        <translation>Lecturas de cada tornillo, para una hoja de cálculo (*.csv)</translation>
    </message>
    <message>
        <source>Logbook exported to %1. It holds your notes and the names of players and places.</source>
        <translation>Diario exportado a %1. Contiene sus notas y los nombres de músicos y lugares.</translation>
    </message>
    <message>
        <source>Logbook exported to %1. Some of it is damaged: %2.</source>
        <translation>Diario exportado a %1. Una parte está dañada: %2.</translation>
    </message>
    <message>
        <source>Import a logbook</source>
        <translation>Importar un diario</translation>
    </message>
    <message>
        <source>Nothing new to import.</source>
        <translation>Nada nuevo que importar.</translation>
    </message>
    <message>
        <source>Already here: %1.</source>
        <translation>Ya está aquí: %1.</translation>
    </message>
    <message>
        <source>Already here with different details (yours are kept): %1.</source>
        <translation>Ya está aquí con otros datos (se conservan los suyos): %1.</translation>
    </message>
    <message>
        <source>Left out: %1.</source>
        <translation>Se ha dejado fuera: %1.</translation>
    </message>
    <message>
        <source>Reading %1</source>
        <translation>Leyendo %1</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
    <message>
        <source>Import</source>
        <translation>Importar</translation>
    </message>
    <message>
        <source>Importing %1</source>
        <translation>Importando %1</translation>
    </message>
</context>
<context>
    <name>FaultDrawing</name>
    <message>
        <source>strainer</source>
        <translation>tensor</translation>
    </message>
    <message>
        <source>What to do, drawn</source>
        <translation>Qué hacer, dibujado</translation>
    </message>
</context>
<context>
    <name>FaultFigures</name>
    <message>
        <source>batter</source>
        <translation>parche batidor</translation>
    </message>
    <message>
        <source>snare side</source>
        <translation>parche bordonero</translation>
    </message>
    <message>
        <source>%1 %2 cents under its target</source>
        <translation>%1 %2 cents bajo su objetivo</translation>
    </message>
    <message>
        <source>%1 %2 cents over its target</source>
        <translation>%1 %2 cents sobre su objetivo</translation>
    </message>
    <message>
        <source>rods apart by %1 times the tolerance</source>
        <translation>tornillos separados %1 veces la tolerancia</translation>
    </message>
    <message>
        <source>rings %1 % longer than its kind</source>
        <translation>resuena %1 % más que los de su clase</translation>
    </message>
    <message>
        <source>rings %1 % shorter than its kind</source>
        <translation>resuena %1 % menos que los de su clase</translation>
    </message>
    <message>
        <source>about %1 hours played on it</source>
        <translation>unas %1 horas tocadas en él</translation>
    </message>
    <message>
        <source>knob %1 turns above choke</source>
        <translation>mando %1 vueltas por encima del ahogo</translation>
    </message>
    <message>
        <source>knob %1 turns below choke</source>
        <translation>mando %1 vueltas por debajo del ahogo</translation>
    </message>
    <message>
        <source>knob %1 turns below clean</source>
        <translation>mando %1 vueltas por debajo de limpio</translation>
    </message>
    <message>
        <source>knob %1 turns above rattle</source>
        <translation>mando %1 vueltas por encima del cascabeleo</translation>
    </message>
    <message>
        <source>strands ate up %1 turns of the knob</source>
        <translation>los hilos se comieron %1 vueltas del mando</translation>
    </message>
    <message>
        <source>%1 turns left to tighten</source>
        <translation>quedan %1 vueltas para apretar</translation>
    </message>
    <message>
        <source>a rod lost turns since the last entry</source>
        <translation>un tornillo perdió vueltas desde la última entrada</translation>
    </message>
    <message>
        <source>no rod lost turns since the last entry</source>
        <translation>ningún tornillo perdió vueltas desde la última entrada</translation>
    </message>
    <message>
        <source>weather moved it %1 cents</source>
        <translation>el tiempo lo movió %1 cents</translation>
    </message>
    <message>
        <source>strokes differ by %1 dB</source>
        <translation>los golpes difieren en %1 dB</translation>
    </message>
    <message>
        <source>strokes land %1 % of the radius out</source>
        <translation>los golpes caen al %1 % del radio</translation>
    </message>
    <message>
        <source>rings %1 % shorter than wanted</source>
        <translation>resuena %1 % menos de lo deseado</translation>
    </message>
    <message>
        <source>rings %1 % longer than wanted</source>
        <translation>resuena %1 % más de lo deseado</translation>
    </message>
    <message>
        <source>rings %1 % longer at the microphone</source>
        <translation>resuena %1 % más en el micrófono</translation>
    </message>
    <message>
        <source>rings %1 % shorter at the microphone</source>
        <translation>resuena %1 % menos en el micrófono</translation>
    </message>
    <message>
        <source>%1 cents from another instrument</source>
        <translation>a %1 cents de otro instrumento</translation>
    </message>
    <message>
        <source>Not sure</source>
        <translation>No lo sé</translation>
    </message>
    <message>
        <source>you found: %1</source>
        <translation>encontrado: %1</translation>
    </message>
    <message>
        <source>nothing known of it yet</source>
        <translation>aún no se sabe nada de ello</translation>
    </message>
    <message>
        <source>end gaps differ by %1 mm</source>
        <translation>los huecos difieren en %1 mm</translation>
    </message>
    <message>
        <source>put on today</source>
        <translation>puesto hoy</translation>
    </message>
    <message numerus="yes">
        <source>on for %n day(s)</source>
        <translation>
            <numerusform>puesto hace %n día</numerusform>
            <numerusform>puesto hace %n días</numerusform>
        </translation>
    </message>
    <message>
        <source>fell %1 cents with no rod turned</source>
        <translation>bajó %1 cents sin girar ningún tornillo</translation>
    </message>
    <message>
        <source>rose %1 cents with no rod turned</source>
        <translation>subió %1 cents sin girar ningún tornillo</translation>
    </message>
    <message>
        <source>pitch followed the turns by %1 %</source>
        <translation>el tono siguió los giros en un %1 %</translation>
    </message>
    <message>
        <source>rods %1 cents apart after equal turns</source>
        <translation>tornillos separados %1 cents tras giros iguales</translation>
    </message>
    <message>
        <source>a rod lost %1 % of its turn</source>
        <translation>un tornillo perdió el %1 % de su giro</translation>
    </message>
</context>
<context>
    <name>Faults</name>
    <message>
        <source>How it sounds</source>
        <translation>Cómo suena</translation>
    </message>
    <message>
        <source>What the wires do</source>
        <translation>Qué hace la bordonera</translation>
    </message>
    <message>
        <source>Heads and rods</source>
        <translation>Parches y tornillos</translation>
    </message>
    <message>
        <source>Now and then</source>
        <translation>A veces</translation>
    </message>
    <message>
        <source>Dull</source>
        <translation>Apagada</translation>
    </message>
    <message>
        <source>Papery, cheap</source>
        <translation>Acartonada, barata</translation>
    </message>
    <message>
        <source>Rings</source>
        <translation>Resuena</translation>
    </message>
    <message>
        <source>Wavers</source>
        <translation>Ondula</translation>
    </message>
    <message>
        <source>Like a tom</source>
        <translation>Como un tom</translation>
    </message>
    <message>
        <source>Wires come late</source>
        <translation>Bordonera tardía</translation>
    </message>
    <message>
        <source>No answer when soft</source>
        <translation>Muda si se toca suave</translation>
    </message>
    <message>
        <source>Buzzes with others</source>
        <translation>Zumba con los demás</translation>
    </message>
    <message>
        <source>Buzzes all the time</source>
        <translation>Zumba todo el tiempo</translation>
    </message>
    <message>
        <source>Loose at full travel</source>
        <translation>Floja en el tope</translation>
    </message>
    <message>
        <source>Lever will not close</source>
        <translation>La palanca no cierra</translation>
    </message>
    <message>
        <source>A wrinkle</source>
        <translation>Una arruga</translation>
    </message>
    <message>
        <source>One rod tight and low</source>
        <translation>Un tornillo duro y grave</translation>
    </message>
    <message>
        <source>Goes out of tune</source>
        <translation>Se desafina</translation>
    </message>
    <message>
        <source>Bad in the microphone</source>
        <translation>Mala en el micrófono</translation>
    </message>
    <message>
        <source>Never the same twice</source>
        <translation>Nunca igual dos veces</translation>
    </message>
    <message>
        <source>no life, no snap</source>
        <translation>sin vida, sin chasquido</translation>
    </message>
    <message>
        <source>thin, like a box</source>
        <translation>delgada, como una caja</translation>
    </message>
    <message>
        <source>a metallic tone stays</source>
        <translation>queda un tono metálico</translation>
    </message>
    <message>
        <source>the tone beats, wah-wah</source>
        <translation>el tono late, gua-gua</translation>
    </message>
    <message>
        <source>near the edge, wires silent</source>
        <translation>cerca del borde, bordonera muda</translation>
    </message>
    <message>
        <source>or now and then</source>
        <translation>o solo a veces</translation>
    </message>
    <message>
        <source>silent under a whisper</source>
        <translation>muda bajo un susurro</translation>
    </message>
    <message>
        <source>when another drum sounds</source>
        <translation>cuando suena otro tambor</translation>
    </message>
    <message>
        <source>on and on after a stroke</source>
        <translation>sigue y sigue tras un golpe</translation>
    </message>
    <message>
        <source>the knob is at its end</source>
        <translation>el mando está al final</translation>
    </message>
    <message>
        <source>or only with force</source>
        <translation>o solo a la fuerza</translation>
    </message>
    <message>
        <source>on one side of the film</source>
        <translation>en un lado de la película</translation>
    </message>
    <message>
        <source>hard to turn, pitch stays down</source>
        <translation>cuesta girarlo, el tono no sube</translation>
    </message>
    <message>
        <source>good yesterday, not today</source>
        <translation>ayer bien, hoy no</translation>
    </message>
    <message>
        <source>fine here in the room</source>
        <translation>aquí en la sala bien</translation>
    </message>
    <message>
        <source>every stroke another one</source>
        <translation>cada golpe es otro</translation>
    </message>
    <message>
        <source>Snare side too slack</source>
        <translation>Bordonero demasiado flojo</translation>
    </message>
    <message>
        <source>Batter head worn</source>
        <translation>Parche batidor gastado</translation>
    </message>
    <message>
        <source>Batter uneven</source>
        <translation>Batidor desigual</translation>
    </message>
    <message>
        <source>Tuned low</source>
        <translation>Afinada grave</translation>
    </message>
    <message>
        <source>Wires too tight</source>
        <translation>Bordonera demasiado tensa</translation>
    </message>
    <message>
        <source>Wires too loose</source>
        <translation>Bordonera demasiado floja</translation>
    </message>
    <message>
        <source>Wires off centre</source>
        <translation>Bordonera descentrada</translation>
    </message>
    <message>
        <source>An end plate stands up</source>
        <translation>Una placa se levanta</translation>
    </message>
    <message>
        <source>A strand bent</source>
        <translation>Un hilo doblado</translation>
    </message>
    <message>
        <source>Wires stretched</source>
        <translation>Bordonera dada de sí</translation>
    </message>
    <message>
        <source>Clamped too short</source>
        <translation>Sujeta demasiado corta</translation>
    </message>
    <message>
        <source>Clamped too long</source>
        <translation>Sujeta demasiado larga</translation>
    </message>
    <message>
        <source>A rod dry or burred</source>
        <translation>Un tornillo seco o áspero</translation>
    </message>
    <message>
        <source>A rod bent</source>
        <translation>Un tornillo doblado</translation>
    </message>
    <message>
        <source>Hoop not round or flat</source>
        <translation>Aro ni redondo ni plano</translation>
    </message>
    <message>
        <source>Head off centre</source>
        <translation>Parche descentrado</translation>
    </message>
    <message>
        <source>Dirt under the head</source>
        <translation>Suciedad bajo el parche</translation>
    </message>
    <message>
        <source>A new head settling</source>
        <translation>Un parche nuevo se asienta</translation>
    </message>
    <message>
        <source>Rods backing off</source>
        <translation>Tornillos que se aflojan</translation>
    </message>
    <message>
        <source>The weather</source>
        <translation>El tiempo</translation>
    </message>
    <message>
        <source>A shared pitch</source>
        <translation>Un tono compartido</translation>
    </message>
    <message>
        <source>The other drum rings long</source>
        <translation>El otro tambor resuena mucho</translation>
    </message>
    <message>
        <source>Something loose</source>
        <translation>Algo suelto</translation>
    </message>
    <message>
        <source>The strokes differ</source>
        <translation>Los golpes difieren</translation>
    </message>
    <message>
        <source>Struck off the middle</source>
        <translation>Golpeada fuera del centro</translation>
    </message>
    <message>
        <source>Pad and microphone</source>
        <translation>Almohadilla y micrófono</translation>
    </message>
    <message>
        <source>The microphone close by</source>
        <translation>El micrófono muy cerca</translation>
    </message>
    <message>
        <source>The room</source>
        <translation>La sala</translation>
    </message>
    <message>
        <source>The drum&apos;s own limits</source>
        <translation>Los límites del tambor</translation>
    </message>
    <message>
        <source>Muffled too much</source>
        <translation>Demasiado apagada</translation>
    </message>
    <message>
        <source>The wires lie on a film that gives way instead of throwing them.</source>
        <translation>La bordonera descansa en una película que cede en vez de lanzarla.</translation>
    </message>
    <message>
        <source>Film that was stretched and beaten too long has no tone left. A fresh head is the whole answer.</source>
        <translation>Una película tensada y golpeada demasiado tiempo ya no tiene tono. Un parche nuevo es toda la respuesta.</translation>
    </message>
    <message>
        <source>Rods that pull unequally split the tone in two that beat.</source>
        <translation>Tornillos que tiran desigual parten el tono en dos que laten.</translation>
    </message>
    <message>
        <source>A low head leaves one long boom bare. That is its nature, not a fault.</source>
        <translation>Un parche grave deja al descubierto un retumbo largo. Es su carácter, no un fallo.</translation>
    </message>
    <message>
        <source>They are held so fast that soft strokes cannot lift them.</source>
        <translation>Está tan sujeta que los golpes suaves no la levantan.</translation>
    </message>
    <message>
        <source>They hang, come late and rattle on.</source>
        <translation>Cuelga, llega tarde y sigue cascabeleando.</translation>
    </message>
    <message>
        <source>One end plate lies too near the hoop: half the strands do not touch.</source>
        <translation>Una placa queda demasiado cerca del aro: la mitad de los hilos no toca.</translation>
    </message>
    <message>
        <source>It holds the strands off the film at that end.</source>
        <translation>Separa los hilos de la película en ese extremo.</translation>
    </message>
    <message>
        <source>It stands off the film and rattles for itself.</source>
        <translation>Se separa de la película y cascabelea solo.</translation>
    </message>
    <message>
        <source>Strands that have grown long eat up the way of the knob.</source>
        <translation>Los hilos alargados se comen el recorrido del mando.</translation>
    </message>
    <message>
        <source>Strap or cord is held too far in: the lever has no way left.</source>
        <translation>La cinta o el cordón está demasiado metido: la palanca no tiene recorrido.</translation>
    </message>
    <message>
        <source>Strap or cord is given out too far: the knob cannot reach.</source>
        <translation>La cinta o el cordón está demasiado suelto: el mando no alcanza.</translation>
    </message>
    <message>
        <source>The key works against friction, and the hoop stays where it is.</source>
        <translation>La llave trabaja contra la fricción y el aro se queda donde está.</translation>
    </message>
    <message>
        <source>It binds in its lug: the turns do not reach the hoop.</source>
        <translation>Se agarrota en su bellota: las vueltas no llegan al aro.</translation>
    </message>
    <message>
        <source>It pulls the film unequally, however the rods stand.</source>
        <translation>Tira desigual de la película, estén como estén los tornillos.</translation>
    </message>
    <message>
        <source>Its collar lies over the edge on one side only.</source>
        <translation>Su cuello pasa del filo solo por un lado.</translation>
    </message>
    <message>
        <source>Something lies on the edge and lifts the film there.</source>
        <translation>Algo sobre el filo levanta ahí la película.</translation>
    </message>
    <message>
        <source>New film gives for days. That is normal: tune it again.</source>
        <translation>La película nueva cede durante días. Es normal: afine de nuevo.</translation>
    </message>
    <message>
        <source>Played hard, some rods turn themselves loose.</source>
        <translation>Tocando fuerte, algunos tornillos se aflojan solos.</translation>
    </message>
    <message>
        <source>Cold, warmth and damp move every drum. Nothing is broken.</source>
        <translation>El frío, el calor y la humedad mueven todo tambor. Nada está roto.</translation>
    </message>
    <message>
        <source>Another drum sounds just where this one does, and shakes the wires.</source>
        <translation>Otro tambor suena justo donde este y sacude la bordonera.</translation>
    </message>
    <message>
        <source>Its tone outlasts the stroke and keeps the wires going.</source>
        <translation>Su tono dura más que el golpe y mantiene viva la bordonera.</translation>
    </message>
    <message>
        <source>A lug, the strainer or a screw rattles along.</source>
        <translation>Una bellota, el tensor o un tornillo cascabelea también.</translation>
    </message>
    <message>
        <source>The drum is steady; the hands are not yet. That can be practised.</source>
        <translation>El tambor es constante; las manos aún no. Se puede practicar.</translation>
    </message>
    <message>
        <source>There the edge sounds with every stroke. It is the place, not the drum.</source>
        <translation>Ahí suena el borde con cada golpe. Es el lugar, no el tambor.</translation>
    </message>
    <message>
        <source>What lies on the head calms what you hear, not what the microphone hears.</source>
        <translation>Lo que hay en el parche calma lo que usted oye, no lo que oye el micrófono.</translation>
    </message>
    <message>
        <source>Near the head every drum rings. In the room it does not.</source>
        <translation>Cerca del parche todo tambor resuena. En la sala no.</translation>
    </message>
    <message>
        <source>Walls and floor colour it. The drum is all right.</source>
        <translation>Paredes y suelo la colorean. El tambor está bien.</translation>
    </message>
    <message>
        <source>Edges and fittings are no better. A fresh head helps it more than anything.</source>
        <translation>Filos y herrajes no dan más. Un parche nuevo ayuda más que nada.</translation>
    </message>
    <message>
        <source>There is more on the head than it needs.</source>
        <translation>Hay más sobre el parche de lo que necesita.</translation>
    </message>
    <message>
        <source>Press the snare side with your thumb.</source>
        <translation>Presione el parche bordonero con el pulgar.</translation>
    </message>
    <message>
        <source>Press the batter with your thumb.</source>
        <translation>Presione el parche batidor con el pulgar.</translation>
    </message>
    <message>
        <source>Tap once round the batter.</source>
        <translation>Golpee una vuelta alrededor del batidor.</translation>
    </message>
    <message>
        <source>Lever off. One stroke, and listen to the end.</source>
        <translation>Palanca suelta. Un golpe, y escuche hasta el final.</translation>
    </message>
    <message>
        <source>Look at the batter against the light.</source>
        <translation>Mire el batidor a contraluz.</translation>
    </message>
    <message>
        <source>How long has the batter been on?</source>
        <translation>¿Cuánto lleva puesto el batidor?</translation>
    </message>
    <message>
        <source>Was the batter put on in the last two days?</source>
        <translation>¿Se puso el batidor en los últimos dos días?</translation>
    </message>
    <message>
        <source>Slacken the batter and look along it.</source>
        <translation>Afloje el batidor y mírelo de perfil.</translation>
    </message>
    <message>
        <source>Throw the lever off and strike.</source>
        <translation>Suelte la palanca y golpee.</translation>
    </message>
    <message>
        <source>Turn the strainer three quarters looser.</source>
        <translation>Afloje el tensor tres cuartos de vuelta.</translation>
    </message>
    <message>
        <source>Turn the strainer three quarters tighter.</source>
        <translation>Apriete el tensor tres cuartos de vuelta.</translation>
    </message>
    <message>
        <source>Strike the middle as softly as you can.</source>
        <translation>Golpee el centro lo más suave que pueda.</translation>
    </message>
    <message>
        <source>The softest stroke near the edge.</source>
        <translation>El golpe más suave cerca del borde.</translation>
    </message>
    <message>
        <source>One loud stroke in the middle.</source>
        <translation>Un golpe fuerte en el centro.</translation>
    </message>
    <message>
        <source>Look along the wires from the side.</source>
        <translation>Mire la bordonera de perfil.</translation>
    </message>
    <message>
        <source>Look at both end plates.</source>
        <translation>Mire las dos placas.</translation>
    </message>
    <message>
        <source>Look at the end plates from the side.</source>
        <translation>Mire las placas de lado.</translation>
    </message>
    <message>
        <source>Turn the knob towards tight and count.</source>
        <translation>Gire el mando hacia apretado y cuente.</translation>
    </message>
    <message>
        <source>Clamp the wires anew.</source>
        <translation>Sujete la bordonera de nuevo.</translation>
    </message>
    <message>
        <source>Close the lever slowly.</source>
        <translation>Cierre la palanca despacio.</translation>
    </message>
    <message>
        <source>Knob to its loose end, then close the lever.</source>
        <translation>Mando al extremo flojo; luego cierre la palanca.</translation>
    </message>
    <message>
        <source>Feel every screw of lugs and strainer.</source>
        <translation>Compruebe cada tornillo de bellotas y tensor.</translation>
    </message>
    <message>
        <source>Lay a flat hand on the wires and strike.</source>
        <translation>Ponga la mano plana en la bordonera y golpee.</translation>
    </message>
    <message>
        <source>Play the other drums one by one.</source>
        <translation>Toque los otros tambores uno por uno.</translation>
    </message>
    <message>
        <source>Lay a hand on the drum that sets it off.</source>
        <translation>Ponga una mano en el tambor que la excita.</translation>
    </message>
    <message>
        <source>Press the other drum&apos;s head near its hoop while it is struck.</source>
        <translation>Presione el parche del otro tambor junto al aro mientras lo golpean.</translation>
    </message>
    <message>
        <source>Look along the hoop all round.</source>
        <translation>Mire el aro de perfil, todo alrededor.</translation>
    </message>
    <message>
        <source>Look at the film just inside the hoop.</source>
        <translation>Mire la película justo dentro del aro.</translation>
    </message>
    <message>
        <source>Take the head off and feel the edge.</source>
        <translation>Quite el parche y palpe el filo.</translation>
    </message>
    <message>
        <source>Lay the bare hoop on a flat table.</source>
        <translation>Ponga el aro suelto en una mesa plana.</translation>
    </message>
    <message>
        <source>Loosen that rod by a turn, then turn it by finger.</source>
        <translation>Afloje ese tornillo una vuelta y gírelo con los dedos.</translation>
    </message>
    <message>
        <source>Take that rod out and roll it on a table.</source>
        <translation>Saque ese tornillo y hágalo rodar en una mesa.</translation>
    </message>
    <message>
        <source>Change that rod for another one.</source>
        <translation>Cambie ese tornillo por otro.</translation>
    </message>
    <message>
        <source>Feel every rod with your fingers.</source>
        <translation>Compruebe cada tornillo con los dedos.</translation>
    </message>
    <message>
        <source>Tap once round: did all of it move the same way?</source>
        <translation>Golpee una vuelta: ¿se movió todo igual?</translation>
    </message>
    <message>
        <source>Is it much warmer, colder or damper than when it was good?</source>
        <translation>¿Hace mucho más calor, frío o humedad que cuando sonaba bien?</translation>
    </message>
    <message>
        <source>Strike ten times as alike as you can.</source>
        <translation>Golpee diez veces lo más igual que pueda.</translation>
    </message>
    <message>
        <source>Look where the stick marks are.</source>
        <translation>Mire dónde están las marcas de baqueta.</translation>
    </message>
    <message>
        <source>Strike exactly in the middle, five times.</source>
        <translation>Golpee cinco veces justo en el centro.</translation>
    </message>
    <message>
        <source>Let somebody strike and listen four steps away.</source>
        <translation>Que alguien golpee; escuche a cuatro pasos.</translation>
    </message>
    <message>
        <source>Move the microphone up by two hands.</source>
        <translation>Suba el micrófono dos palmos.</translation>
    </message>
    <message>
        <source>Move the microphone a quarter round the drum.</source>
        <translation>Mueva el micrófono un cuarto alrededor del tambor.</translation>
    </message>
    <message>
        <source>Play it in another room, or hang a thick blanket behind it.</source>
        <translation>Tóquela en otra sala o cuelgue detrás una manta gruesa.</translation>
    </message>
    <message>
        <source>Take everything off the batter.</source>
        <translation>Quite todo del batidor.</translation>
    </message>
    <message>
        <source>Every batter rod up by a quarter.</source>
        <translation>Cada tornillo del batidor, un cuarto más.</translation>
    </message>
    <message>
        <source>Every snare-side rod up by a quarter.</source>
        <translation>Cada tornillo del bordonero, un cuarto más.</translation>
    </message>
    <message>
        <source>Put another snare drum in its place.</source>
        <translation>Ponga otra caja en su lugar.</translation>
    </message>
    <message>
        <source>Look at edges, lugs and strainer.</source>
        <translation>Mire filos, bellotas y tensor.</translation>
    </message>
    <message>
        <source>Lever off. Between the wires and the hoop, as hard as on a ripe plum.</source>
        <translation>Palanca suelta. Entre bordonera y aro, como a una ciruela madura.</translation>
    </message>
    <message>
        <source>A hand&apos;s breadth in from the hoop, as hard as on a ripe plum.</source>
        <translation>A un palmo del aro, como a una ciruela madura.</translation>
    </message>
    <message>
        <source>Lever off, a finger&apos;s length in from the hoop, in front of every rod. Listen for the odd one.</source>
        <translation>Palanca suelta, a un dedo del aro, ante cada tornillo. Busque el distinto.</translation>
    </message>
    <message>
        <source>Does the tone stand still, or does it come and go?</source>
        <translation>¿El tono está quieto, o va y viene?</translation>
    </message>
    <message>
        <source>Where the sticks land: is the coating there, is it dented?</source>
        <translation>Donde caen las baquetas: ¿queda capa, hay abolladuras?</translation>
    </message>
    <message>
        <source>In shows or long evenings; a guess will do.</source>
        <translation>En funciones o noches largas; basta una estimación.</translation>
    </message>
    <message>
        <source>New film gives for days.</source>
        <translation>La película nueva cede durante días.</translation>
    </message>
    <message>
        <source>Only with a spare at hand: an old head may not come back. Every rod down evenly until the film is loose. Does it lie flat?</source>
        <translation>Solo con un repuesto a mano: un parche viejo puede no volver. Afloje todos los tornillos por igual hasta soltar la película. ¿Queda plana?</translation>
    </message>
    <message>
        <source>What you complain of: is it still there without the wires?</source>
        <translation>Lo que le molesta: ¿sigue ahí sin bordonera?</translation>
    </message>
    <message>
        <source>Then the same strokes again. It is turned back afterwards.</source>
        <translation>Luego los mismos golpes. Después se vuelve atrás.</translation>
    </message>
    <message>
        <source>Lever on. Do the wires answer?</source>
        <translation>Palanca puesta. ¿Responde la bordonera?</translation>
    </message>
    <message>
        <source>Lever on, a hand&apos;s breadth in from the hoop. Do the wires answer?</source>
        <translation>Palanca puesta, a un palmo del aro. ¿Responde la bordonera?</translation>
    </message>
    <message>
        <source>Lever on, ears protected. Do the wires stop with the drum?</source>
        <translation>Palanca puesta, oídos protegidos. ¿Para la bordonera con el tambor?</translation>
    </message>
    <message>
        <source>At eye level, lever on: does every strand lie on the film? Wire ends are sharp.</source>
        <translation>A la altura de los ojos, palanca puesta: ¿toca cada hilo la película? Las puntas cortan.</translation>
    </message>
    <message>
        <source>From below: is each as far from the hoop as the other?</source>
        <translation>Desde abajo: ¿están a igual distancia del aro?</translation>
    </message>
    <message>
        <source>Lever on: does each lie down over the edge, or does one stand up?</source>
        <translation>Palanca puesta: ¿asienta cada una sobre el filo, o se levanta alguna?</translation>
    </message>
    <message>
        <source>How far does it go from where it stands? Turn it back afterwards.</source>
        <translation>¿Cuánto avanza desde donde está? Vuelva atrás después.</translation>
    </message>
    <message>
        <source>Lever off, knob halfway, open the clamp at the strainer, draw the strap in by hand and clamp it. Then lever on. Snug, not stripped.</source>
        <translation>Palanca suelta, mando a la mitad, abra la mordaza del tensor, tire de la cinta a mano y sujétela. Luego palanca puesta. Firme, sin pasar la rosca.</translation>
    </message>
    <message>
        <source>Never force it. Does it go by itself?</source>
        <translation>Nunca a la fuerza. ¿Va sola?</translation>
    </message>
    <message>
        <source>Does it close now?</source>
        <translation>¿Cierra ahora?</translation>
    </message>
    <message>
        <source>By finger and screwdriver, snug and no more. Is one loose?</source>
        <translation>Con dedos y destornillador, firme y nada más. ¿Hay alguno suelto?</translation>
    </message>
    <message>
        <source>From below, gently. Does the buzz stop?</source>
        <translation>Desde abajo, con cuidado. ¿Cesa el zumbido?</translation>
    </message>
    <message>
        <source>Leave this one alone, lever on. Which sets it off?</source>
        <translation>Deje este quieto, palanca puesta. ¿Cuál lo excita?</translation>
    </message>
    <message>
        <source>Let somebody strike it so. Does this one still buzz?</source>
        <translation>Que lo golpeen así. ¿Sigue zumbando este?</translation>
    </message>
    <message>
        <source>That raises its pitch. Does this one still buzz?</source>
        <translation>Eso sube su tono. ¿Sigue zumbando este?</translation>
    </message>
    <message>
        <source>From the side: is it as far above the shell everywhere?</source>
        <translation>De lado: ¿está a la misma altura sobre el casco en todas partes?</translation>
    </message>
    <message>
        <source>Is its collar as wide all round?</source>
        <translation>¿Es igual de ancho su cuello todo alrededor?</translation>
    </message>
    <message>
        <source>Only with a spare at hand. Every rod down evenly, a half turn at a time; run a finger round the edge and under the film.</source>
        <translation>Solo con un repuesto a mano. Afloje todos por igual, media vuelta cada vez; pase un dedo por el filo y bajo la película.</translation>
    </message>
    <message>
        <source>Only with a spare head at hand, for the head comes off. Press the hoop down here and there: does it rock?</source>
        <translation>Solo con un repuesto a mano, pues el parche se quita. Presione el aro aquí y allá: ¿cojea?</translation>
    </message>
    <message>
        <source>Does it run freely?</source>
        <translation>¿Gira libre?</translation>
    </message>
    <message>
        <source>Loosen its opposite as far first. Does it wobble?</source>
        <translation>Afloje antes igual el opuesto. ¿Se bambolea?</translation>
    </message>
    <message>
        <source>Put both at their turns again. Where is the trouble now?</source>
        <translation>Devuelva ambos a sus vueltas. ¿Dónde está ahora el problema?</translation>
    </message>
    <message>
        <source>Try to turn each on. Is one looser than its neighbours?</source>
        <translation>Intente apretar cada uno. ¿Hay alguno más flojo que sus vecinos?</translation>
    </message>
    <message>
        <source>All rods down alike is another thing than one rod gone.</source>
        <translation>Que bajen todos igual no es lo mismo que uno solo.</translation>
    </message>
    <message>
        <source>Heaters, a van in winter and the open air count.</source>
        <translation>Cuentan la calefacción, la furgoneta en invierno y el aire libre.</translation>
    </message>
    <message>
        <source>Eyes shut, same height, same place. Listen to each.</source>
        <translation>Ojos cerrados, misma altura, mismo lugar. Escuche cada uno.</translation>
    </message>
    <message>
        <source>The middle, or beside it?</source>
        <translation>¿El centro, o al lado?</translation>
    </message>
    <message>
        <source>What you complain of: is it still there?</source>
        <translation>Lo que le molesta: ¿sigue ahí?</translation>
    </message>
    <message>
        <source>With your own ears, not through the microphone.</source>
        <translation>Con sus propios oídos, no por el micrófono.</translation>
    </message>
    <message>
        <source>Then the same strokes. Is it still there?</source>
        <translation>Luego los mismos golpes. ¿Sigue ahí?</translation>
    </message>
    <message>
        <source>Same height, same strokes. Is it still there?</source>
        <translation>Misma altura, mismos golpes. ¿Sigue ahí?</translation>
    </message>
    <message>
        <source>Is it still there?</source>
        <translation>¿Sigue ahí?</translation>
    </message>
    <message>
        <source>Then strike. It is laid back afterwards.</source>
        <translation>Luego golpee. Después se vuelve a poner.</translation>
    </message>
    <message>
        <source>By opposites, evenly; stop where the resistance jumps. Then the same strokes.</source>
        <translation>Por opuestos, por igual; pare donde salte la resistencia. Luego los mismos golpes.</translation>
    </message>
    <message>
        <source>By opposites, evenly; thin film: stop where the resistance jumps. Then the same strokes.</source>
        <translation>Por opuestos, por igual; película fina: pare donde salte la resistencia. Luego los mismos golpes.</translation>
    </message>
    <message>
        <source>The same hands, the same place. Does that one do it too?</source>
        <translation>Las mismas manos, el mismo lugar. ¿También lo hace?</translation>
    </message>
    <message>
        <source>Cracks, thin metal, play, rough edges: how well is it made?</source>
        <translation>Grietas, metal fino, holguras, filos ásperos: ¿está bien hecha?</translation>
    </message>
    <message>
        <source>Hardly gives</source>
        <translation>Apenas cede</translation>
    </message>
    <message>
        <source>Gives a little</source>
        <translation>Cede un poco</translation>
    </message>
    <message>
        <source>Gives easily</source>
        <translation>Cede fácil</translation>
    </message>
    <message>
        <source>All alike</source>
        <translation>Todos iguales</translation>
    </message>
    <message>
        <source>One or two differ</source>
        <translation>Uno o dos distintos</translation>
    </message>
    <message>
        <source>All differ</source>
        <translation>Todos distintos</translation>
    </message>
    <message>
        <source>Stands still</source>
        <translation>Está quieto</translation>
    </message>
    <message>
        <source>Wavers slowly</source>
        <translation>Ondula despacio</translation>
    </message>
    <message>
        <source>Wavers fast</source>
        <translation>Ondula rápido</translation>
    </message>
    <message>
        <source>As new</source>
        <translation>Como nuevo</translation>
    </message>
    <message>
        <source>Worn</source>
        <translation>Gastado</translation>
    </message>
    <message>
        <source>Gone, or dented</source>
        <translation>Sin capa o abollado</translation>
    </message>
    <message>
        <source>A few shows</source>
        <translation>Pocas funciones</translation>
    </message>
    <message>
        <source>Some dozens</source>
        <translation>Unas docenas</translation>
    </message>
    <message>
        <source>More, or nobody knows</source>
        <translation>Más, o no se sabe</translation>
    </message>
    <message>
        <source>No</source>
        <translation>No</translation>
    </message>
    <message>
        <source>Yes</source>
        <translation>Sí</translation>
    </message>
    <message>
        <source>Flat</source>
        <translation>Plana</translation>
    </message>
    <message>
        <source>Dished</source>
        <translation>Hundida</translation>
    </message>
    <message>
        <source>Still the same</source>
        <translation>Sigue igual</translation>
    </message>
    <message>
        <source>Less</source>
        <translation>Menos</translation>
    </message>
    <message>
        <source>Gone</source>
        <translation>Ya no está</translation>
    </message>
    <message>
        <source>No better</source>
        <translation>No mejora</translation>
    </message>
    <message>
        <source>A little better</source>
        <translation>Algo mejor</translation>
    </message>
    <message>
        <source>Much better</source>
        <translation>Mucho mejor</translation>
    </message>
    <message>
        <source>At once</source>
        <translation>Enseguida</translation>
    </message>
    <message>
        <source>Late, or now and then</source>
        <translation>Tarde o a veces</translation>
    </message>
    <message>
        <source>Not at all</source>
        <translation>En absoluto</translation>
    </message>
    <message>
        <source>Clean</source>
        <translation>Limpio</translation>
    </message>
    <message>
        <source>Rattle on a little</source>
        <translation>Sigue un poco</translation>
    </message>
    <message>
        <source>Rattle on long</source>
        <translation>Sigue mucho</translation>
    </message>
    <message>
        <source>All lie flat</source>
        <translation>Todos asientan</translation>
    </message>
    <message>
        <source>One or two stand off</source>
        <translation>Uno o dos no</translation>
    </message>
    <message>
        <source>Several stand off</source>
        <translation>Varios no</translation>
    </message>
    <message>
        <source>Alike</source>
        <translation>Iguales</translation>
    </message>
    <message>
        <source>A little unlike</source>
        <translation>Algo distintos</translation>
    </message>
    <message>
        <source>Plainly unlike</source>
        <translation>Muy distintos</translation>
    </message>
    <message>
        <source>Lies flat</source>
        <translation>Asienta</translation>
    </message>
    <message>
        <source>Stands up a little</source>
        <translation>Se levanta algo</translation>
    </message>
    <message>
        <source>Plainly stands up</source>
        <translation>Se levanta mucho</translation>
    </message>
    <message>
        <source>Two turns or more</source>
        <translation>Dos vueltas o más</translation>
    </message>
    <message>
        <source>About one</source>
        <translation>Una, más o menos</translation>
    </message>
    <message>
        <source>Nothing</source>
        <translation>Nada</translation>
    </message>
    <message>
        <source>They are tight now</source>
        <translation>Ya está tensa</translation>
    </message>
    <message>
        <source>Still loose</source>
        <translation>Sigue floja</translation>
    </message>
    <message>
        <source>Easily</source>
        <translation>Fácil</translation>
    </message>
    <message>
        <source>Only with force</source>
        <translation>Solo a la fuerza</translation>
    </message>
    <message>
        <source>It closes</source>
        <translation>Cierra</translation>
    </message>
    <message>
        <source>Still not</source>
        <translation>Todavía no</translation>
    </message>
    <message>
        <source>All snug</source>
        <translation>Todos firmes</translation>
    </message>
    <message>
        <source>One is loose</source>
        <translation>Uno suelto</translation>
    </message>
    <message>
        <source>Several are loose</source>
        <translation>Varios sueltos</translation>
    </message>
    <message>
        <source>The buzz stops</source>
        <translation>El zumbido cesa</translation>
    </message>
    <message>
        <source>The buzz stays</source>
        <translation>El zumbido sigue</translation>
    </message>
    <message>
        <source>One far more</source>
        <translation>Uno mucho más</translation>
    </message>
    <message>
        <source>There is something</source>
        <translation>Hay algo</translation>
    </message>
    <message>
        <source>It rocks</source>
        <translation>Cojea</translation>
    </message>
    <message>
        <source>Runs freely</source>
        <translation>Gira libre</translation>
    </message>
    <message>
        <source>Rough</source>
        <translation>Áspero</translation>
    </message>
    <message>
        <source>Sticks</source>
        <translation>Se agarrota</translation>
    </message>
    <message>
        <source>Rolls straight</source>
        <translation>Rueda recto</translation>
    </message>
    <message>
        <source>Wobbles</source>
        <translation>Se bambolea</translation>
    </message>
    <message>
        <source>Goes with the rod</source>
        <translation>Va con el tornillo</translation>
    </message>
    <message>
        <source>Stays at the lug</source>
        <translation>Sigue en la bellota</translation>
    </message>
    <message>
        <source>None is loose</source>
        <translation>Ninguno flojo</translation>
    </message>
    <message>
        <source>Single rods</source>
        <translation>Tornillos sueltos</translation>
    </message>
    <message>
        <source>Somewhat</source>
        <translation>Algo</translation>
    </message>
    <message>
        <source>Plainly</source>
        <translation>Mucho</translation>
    </message>
    <message>
        <source>Some differ</source>
        <translation>Algunos distintos</translation>
    </message>
    <message>
        <source>In the middle</source>
        <translation>En el centro</translation>
    </message>
    <message>
        <source>Beside it</source>
        <translation>Al lado</translation>
    </message>
    <message>
        <source>Everywhere</source>
        <translation>Por todas partes</translation>
    </message>
    <message>
        <source>Fine over there</source>
        <translation>Allí bien</translation>
    </message>
    <message>
        <source>No livelier</source>
        <translation>No más viva</translation>
    </message>
    <message>
        <source>A little livelier</source>
        <translation>Algo más viva</translation>
    </message>
    <message>
        <source>Much livelier</source>
        <translation>Mucho más viva</translation>
    </message>
    <message>
        <source>No, it is fine</source>
        <translation>No, está bien</translation>
    </message>
    <message>
        <source>Partly</source>
        <translation>En parte</translation>
    </message>
    <message>
        <source>Just the same</source>
        <translation>Igual</translation>
    </message>
    <message>
        <source>Well made</source>
        <translation>Bien hecha</translation>
    </message>
    <message>
        <source>Some poor parts</source>
        <translation>Algo pobre</translation>
    </message>
    <message>
        <source>Poor</source>
        <translation>Pobre</translation>
    </message>
    <message>
        <source>Raise the snare side to its target.</source>
        <translation>Suba el bordonero a su objetivo.</translation>
    </message>
    <message>
        <source>Set the strainer anew.</source>
        <translation>Ajuste el tensor de nuevo.</translation>
    </message>
    <message>
        <source>Put a new batter head on.</source>
        <translation>Ponga un parche batidor nuevo.</translation>
    </message>
    <message>
        <source>Seat it and bring it up evenly.</source>
        <translation>Asiéntelo y súbalo por igual.</translation>
    </message>
    <message>
        <source>Even the batter.</source>
        <translation>Iguale el batidor.</translation>
    </message>
    <message>
        <source>Listen again.</source>
        <translation>Escuche de nuevo.</translation>
    </message>
    <message>
        <source>Choose a higher tone, if you like one.</source>
        <translation>Elija un sonido más agudo, si le gusta.</translation>
    </message>
    <message>
        <source>Bring the batter up to it.</source>
        <translation>Suba el batidor hasta él.</translation>
    </message>
    <message>
        <source>Or calm the boom with little, further in.</source>
        <translation>O calme el retumbo con poco, más adentro.</translation>
    </message>
    <message>
        <source>Loosen the strainer until a whisper at the edge is answered.</source>
        <translation>Afloje el tensor hasta que responda a un susurro en el borde.</translation>
    </message>
    <message>
        <source>Tighten the strainer until a loud stroke ends clean.</source>
        <translation>Apriete el tensor hasta que un golpe fuerte acabe limpio.</translation>
    </message>
    <message>
        <source>Shift the wires until both gaps are alike.</source>
        <translation>Desplace la bordonera hasta igualar los dos huecos.</translation>
    </message>
    <message>
        <source>Bring both straps level with the film; flat straps lie lower than cord.</source>
        <translation>Ponga ambas cintas a ras de la película; la cinta queda más baja que el cordón.</translation>
    </message>
    <message>
        <source>Cut a bent strand off at both plates; wire ends are sharp. No tape.</source>
        <translation>Corte el hilo doblado en ambas placas; las puntas cortan. Nada de cinta.</translation>
    </message>
    <message>
        <source>Or put new wires on.</source>
        <translation>O ponga una bordonera nueva.</translation>
    </message>
    <message>
        <source>Clamp anew, the strap given out a little.</source>
        <translation>Sujete de nuevo, con la cinta un poco más suelta.</translation>
    </message>
    <message>
        <source>Clamp anew, knob halfway, the strap drawn in.</source>
        <translation>Sujete de nuevo, mando a la mitad, cinta recogida.</translation>
    </message>
    <message>
        <source>Take the rod out, clean it and its lug, a little grease. Never force it.</source>
        <translation>Saque el tornillo, límpielo con su bellota, un poco de grasa. Nunca a la fuerza.</translation>
    </message>
    <message>
        <source>Put a straight rod in, with its washer.</source>
        <translation>Ponga un tornillo recto, con su arandela.</translation>
    </message>
    <message>
        <source>Put a round, flat hoop on.</source>
        <translation>Ponga un aro redondo y plano.</translation>
    </message>
    <message>
        <source>Loosen evenly, centre the head, finger-tight all round.</source>
        <translation>Afloje por igual, centre el parche, apriete a mano todo alrededor.</translation>
    </message>
    <message>
        <source>Loosen evenly, lift the head, wipe edge and film clean.</source>
        <translation>Afloje por igual, levante el parche, limpie filo y película.</translation>
    </message>
    <message>
        <source>Leave it overnight; look again tomorrow.</source>
        <translation>Déjelo una noche; mire mañana.</translation>
    </message>
    <message>
        <source>At those rods: a nylon washer, or wax on the thread.</source>
        <translation>En esos tornillos: una arandela de nailon o cera en la rosca.</translation>
    </message>
    <message>
        <source>Say what the weather is now; targets follow.</source>
        <translation>Diga qué tiempo hace ahora; los objetivos siguen.</translation>
    </message>
    <message>
        <source>Every rod the same small turn; no evening needed.</source>
        <translation>Cada tornillo el mismo poco; no hace falta igualar.</translation>
    </message>
    <message>
        <source>Move the other drum&apos;s pitch, or this one&apos;s, by a little: see Buzz with others.</source>
        <translation>Mueva un poco el tono del otro tambor, o de este: vea Zumbido con los demás.</translation>
    </message>
    <message>
        <source>Shorten the other drum&apos;s tone a little.</source>
        <translation>Acorte un poco el tono del otro tambor.</translation>
    </message>
    <message>
        <source>Snug every screw of lugs and strainer, not stripped.</source>
        <translation>Apriete cada tornillo de bellotas y tensor, sin pasar la rosca.</translation>
    </message>
    <message>
        <source>Play twenty backbeats: Player or drum says how even they are.</source>
        <translation>Toque veinte golpes: Músico o tambor dice si son iguales.</translation>
    </message>
    <message>
        <source>Then practise with the same picture in sight.</source>
        <translation>Luego practique con esa misma imagen a la vista.</translation>
    </message>
    <message>
        <source>Aim for the middle; move the stool if the reach is wrong.</source>
        <translation>Apunte al centro; mueva el taburete si no alcanza bien.</translation>
    </message>
    <message>
        <source>Lay the pad where the microphone hears it: turn its angle.</source>
        <translation>Ponga la almohadilla donde la oye el micrófono: gire su ángulo.</translation>
    </message>
    <message>
        <source>Move the microphone up or out, and hear both places predicted.</source>
        <translation>Suba o aleje el micrófono y oiga la predicción en ambos lugares.</translation>
    </message>
    <message>
        <source>Judge it elsewhere, or bring a blanket and a rug.</source>
        <translation>Júzguela en otro sitio, o traiga una manta y una alfombra.</translation>
    </message>
    <message>
        <source>Put a fresh batter head on: nothing helps such a drum more.</source>
        <translation>Ponga un batidor nuevo: nada ayuda más a un tambor así.</translation>
    </message>
    <message>
        <source>Edges and shell are for a workshop; gloves and clean air if you sand them.</source>
        <translation>Filos y casco son cosa de taller; guantes y aire limpio si los lija.</translation>
    </message>
    <message>
        <source>Take off what is not needed, one thing after the other.</source>
        <translation>Quite lo que sobre, una cosa tras otra.</translation>
    </message>
</context>
<context>
    <name>FindingWords</name>
    <message>
        <source>It fell %1 cents with no rod turned: a new head settles. Press the middle or let it rest, then tap again; if it goes on falling, the film is at its end.</source>
        <translation>Bajó %1 cents sin girar ningún tornillo: un parche nuevo se asienta. Presione el centro o déjelo reposar y toque otra vez; si sigue bajando, la película está agotada.</translation>
    </message>
    <message>
        <source>The pitch came up %1 cents less than the turns should bring: rods that bind, or film that gives way. Grease the rods; near the load limit stop here.</source>
        <translation>La altura subió %1 cents menos de lo que darían las vueltas: tornillos que se traban o película que cede. Engrase los tornillos; cerca del límite, pare aquí.</translation>
    </message>
    <message>
        <source>Every rod was turned alike, yet they lie up to %1 cents apart: friction, hoop, edge or film. That is not your count; the moves even it out.</source>
        <translation>Todos los tornillos se giraron igual y distan hasta %1 cents: fricción, aro, borde o película. No es su cuenta; los movimientos lo emparejan.</translation>
    </message>
    <message>
        <source>%1 was turned, but its mark hardly moved: a burr, a dry thread or a bent rod. Back it off, clean and grease it, never force it; then read again.</source>
        <translation>%1 se giró, pero su marca apenas cambió: rebaba, rosca seca o tornillo doblado. Retroceda, limpie y engrase, nunca a la fuerza; luego lea otra vez.</translation>
    </message>
    <message>
        <source>%1, beside the beds, read %2 cents higher than the rest, and beds only lower them: a rod or two ahead, or the hoop&apos;s gates off the beds.</source>
        <translation>%1, junto a los lechos, suenan %2 cents más alto que los demás, y los lechos solo los bajan: uno o dos tornillos van por delante, o los pasos del aro no están sobre los lechos.</translation>
    </message>
    <message>
        <source>%1, beside the beds, read %2 cents lower than the rest. The edge sinks there: beds 1 mm deep make some %3 cents with these hoops. Do not chase the last cents.</source>
        <translation>%1, junto a los lechos, suenan %2 cents más bajo que los demás. El borde se hunde allí: lechos de 1 mm hacen unos %3 cents con estos aros. No persiga los últimos cents.</translation>
    </message>
</context>
<context>
    <name>Guide</name>
    <message>
        <source>Look the drum over, then press the big button.</source>
        <translation>Repase el tambor y pulse el botón grande.</translation>
    </message>
    <message>
        <source>Heads, rods and wires as they are now: all that follows is reckoned from them.</source>
        <translation>Parches, tornillos y bordonera como están ahora: todo lo demás se calcula a partir de ellos.</translation>
    </message>
    <message>
        <source>Choose the words that come nearest to what you want to hear.</source>
        <translation>Elija las palabras más cercanas a lo que quiere oír.</translation>
    </message>
    <message>
        <source>They stand for pitches: the edge of each head, tapped alone, and the middle, both heads together.</source>
        <translation>Representan alturas: el borde de cada parche, tocado solo, y el centro, los dos juntos.</translation>
    </message>
    <message>
        <source>Press the big button and go on to the heads.</source>
        <translation>Pulse el botón grande y pase a los parches.</translation>
    </message>
    <message>
        <source>One head first, then the other: each turn on one moves the sound of both a little.</source>
        <translation>Primero un parche y luego el otro: cada giro en uno mueve un poco el sonido de los dos.</translation>
    </message>
    <message>
        <source>Drum upturned, wires off: follow the drawing to finger-tight.</source>
        <translation>Tambor boca abajo, bordonera quitada: siga el dibujo hasta apretado a mano.</translation>
    </message>
    <message>
        <source>From finger-tight on, every turn is counted. Never press this film with the palm: it is the thinnest there is.</source>
        <translation>Desde apretado a mano se cuenta cada giro. No apriete nunca esta película con la palma: es la más fina.</translation>
    </message>
    <message>
        <source>Drum upright, wires off: follow the drawing to finger-tight.</source>
        <translation>Tambor derecho, bordonera quitada: siga el dibujo hasta apretado a mano.</translation>
    </message>
    <message>
        <source>Finger-tight is where the fingers alone stop: the one beginning that all rods share.</source>
        <translation>Apretado a mano es donde los dedos solos se paran: el único comienzo común a todos los tornillos.</translation>
    </message>
    <message>
        <source>Key where the picture shows, turn by the angle drawn, press space.</source>
        <translation>Llave donde muestra el dibujo, gire el ángulo dibujado y pulse espacio.</translation>
    </message>
    <message>
        <source>Opposite rods in turn keep the hoop level. Stop where a rod suddenly resists; never force it.</source>
        <translation>Los tornillos opuestos por turnos mantienen nivelado el aro. Pare si uno se resiste de golpe; nunca a la fuerza.</translation>
    </message>
    <message>
        <source>One tap before the rod that is shown, three centimetres in from the hoop.</source>
        <translation>Un toque ante el tornillo que se muestra, a tres centímetros del aro.</translation>
    </message>
    <message>
        <source>Other head muted, a light finger on the middle: so the edge pitch stands alone. Let it ring out.</source>
        <translation>El otro parche apagado, un dedo ligero en el centro: así queda sola la altura del borde. Deje que suene.</translation>
    </message>
    <message>
        <source>Once more before the rod that is shown.</source>
        <translation>Una vez más ante el tornillo que se muestra.</translation>
    </message>
    <message>
        <source>A tap that cannot be trusted is never counted; what was wrong with it stands below.</source>
        <translation>Un toque poco fiable nunca cuenta; abajo dice qué le pasaba.</translation>
    </message>
    <message>
        <source>Turn only what is marked, by what is written, then press space.</source>
        <translation>Gire solo lo marcado, lo que está escrito, y pulse espacio.</translation>
    </message>
    <message>
        <source>A tap cannot tell a rod from its opposite: that is why pairs are turned.</source>
        <translation>Un toque no distingue un tornillo de su opuesto: por eso se giran pares.</translation>
    </message>
    <message>
        <source>This head is even; on with the big button.</source>
        <translation>Este parche está igualado; siga con el botón grande.</translation>
    </message>
    <message>
        <source>Within the shaded band the ear hears one pitch all round.</source>
        <translation>Dentro de la banda sombreada el oído oye una sola altura.</translation>
    </message>
    <message>
        <source>An even head: the hardest part is done.</source>
        <translation>Un parche igualado: lo más difícil está hecho.</translation>
    </message>
    <message>
        <source>You could stop here. Wires, muffling and the proof are a few minutes more.</source>
        <translation>Podría parar aquí. Bordonera, sordina y prueba son unos minutos más.</translation>
    </message>
    <message>
        <source>This is as near as it goes; what stands in the way is written below.</source>
        <translation>Más cerca no llega; abajo está escrito qué lo impide.</translation>
    </message>
    <message>
        <source>A worn head, a bent hoop or a rod that sticks: Faults, on the left, finds which.</source>
        <translation>Un parche gastado, un aro torcido o un tornillo que se traba: Fallos, a la izquierda, encuentra cuál.</translation>
    </message>
    <message>
        <source>Back the knob off, then come up until the strands just touch.</source>
        <translation>Afloje la perilla y suba hasta que los hilos apenas toquen.</translation>
    </message>
    <message>
        <source>That is first contact: from there the turns of the knob are counted.</source>
        <translation>Ese es el primer contacto: desde ahí se cuentan las vueltas de la perilla.</translation>
    </message>
    <message>
        <source>Play the stroke that is asked for, and say whether the wires answered.</source>
        <translation>Dé el golpe que se pide y diga si respondió la bordonera.</translation>
    </message>
    <message>
        <source>Too tight, and soft strokes die; too loose, and loud ones rattle on. The best stop lies between.</source>
        <translation>Demasiado tensa, y mueren los golpes suaves; demasiado floja, y los fuertes matraquean. Lo mejor está en medio.</translation>
    </message>
    <message>
        <source>Set the knob where it says, and go on.</source>
        <translation>Ponga la perilla donde dice y siga.</translation>
    </message>
    <message>
        <source>No stick under tensioned wires, no tape on the strands.</source>
        <translation>Ningún palo bajo la bordonera tensa, ninguna cinta en los hilos.</translation>
    </message>
    <message>
        <source>Strike it once, as in a song.</source>
        <translation>Dele un golpe, como en una canción.</translation>
    </message>
    <message>
        <source>Muffling comes last and least. Loud strokes close by: protect your hearing.</source>
        <translation>La sordina va al final y es lo mínimo. Golpes fuertes de cerca: proteja su oído.</translation>
    </message>
    <message>
        <source>Lay the least that helps, or nothing.</source>
        <translation>Ponga lo mínimo que ayude, o nada.</translation>
    </message>
    <message>
        <source>The ring is measured against what your tone wants; what lies near the edge does most.</source>
        <translation>La resonancia se compara con lo que pide su tono; lo que está junto al borde hace más.</translation>
    </message>
    <message>
        <source>Look what was asked and what was reached; write a word, and save.</source>
        <translation>Mire lo pedido y lo logrado; escriba una palabra y guarde.</translation>
    </message>
    <message>
        <source>What is saved can be brought back, rod by rod.</source>
        <translation>Lo guardado se puede recuperar, tornillo a tornillo.</translation>
    </message>
    <message>
        <source>Saved. Next time the logbook takes you back to it.</source>
        <translation>Guardado. La próxima vez el diario le lleva de vuelta.</translation>
    </message>
    <message>
        <source>That was a whole job. This line can go now.</source>
        <translation>Eso fue un trabajo entero. Esta línea ya puede irse.</translation>
    </message>
</context>
<context>
    <name>HeadFromAbove</name>
    <message>
        <source>%1 o&apos;clock</source>
        <translation>las %1</translation>
    </message>
    <message>
        <source>half past %1</source>
        <translation>las %1 y media</translation>
    </message>
    <message>
        <source>mic, %1 mm up</source>
        <translation>mic., a %1 mm</translation>
    </message>
    <message>
        <source>all round the hoop</source>
        <translation>todo el aro</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>de %1 a %2</translation>
    </message>
    <message>
        <source>%1, %2 mm in from the hoop</source>
        <translation>%1, %2 mm hacia dentro del aro</translation>
    </message>
    <message>
        <source>%1, %2 mm from the hoop</source>
        <translation>%1, a %2 mm del aro</translation>
    </message>
    <message>
        <source>%1, %2 mm inside the hoop, %3 mm high</source>
        <translation>%1, %2 mm dentro del aro, %3 mm de alto</translation>
    </message>
    <message>
        <source>%1, %2 mm outside the hoop, %3 mm high</source>
        <translation>%1, %2 mm fuera del aro, %3 mm de alto</translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation>%1, %2: %3</translation>
    </message>
    <message>
        <source>Nothing lies on it</source>
        <translation>No hay nada encima</translation>
    </message>
    <message>
        <source>microphone: %1</source>
        <translation>micrófono: %1</translation>
    </message>
    <message>
        <source>The batter from above, strainer at nine o&apos;clock. %1.</source>
        <translation>El batidor desde arriba, el tensor a las nueve. %1.</translation>
    </message>
    <message>
        <source>stick
lands here</source>
        <translation>aquí cae
la baqueta</translation>
    </message>
    <message>
        <source>Batter from above</source>
        <translation>Batidor desde arriba</translation>
    </message>
</context>
<context>
    <name>HeardWords</name>
    <message>
        <source>The input is low: turn it up by about %1 dB.</source>
        <translation>La entrada es baja: súbala unos %1 dB.</translation>
    </message>
    <message>
        <source>It began %1 cents sharp and settled: tap softer.</source>
        <translation>Empezó %1 cents alto y se asentó: toque más suave.</translation>
    </message>
    <message>
        <source>Two close partials: the head is uneven here. Evening the rods brings them together.</source>
        <translation>Dos parciales cercanos: el parche está desigual aquí. Emparejar los junta.</translation>
    </message>
    <message>
        <source>Wires on: ±%1 cents</source>
        <translation>Con bordonera: ±%1 cents</translation>
    </message>
    <message>
        <source>Throw the lever off for a finer figure.</source>
        <translation>Suelte la palanca para una cifra más fina.</translation>
    </message>
    <message>
        <source>Cut off by the microphone: ±%1 cents</source>
        <translation>Cortado por el micrófono: ±%1 cents</translation>
    </message>
    <message>
        <source>Its driver shuts when it grows quiet: turn noise suppression off in the sound settings.</source>
        <translation>Su controlador se cierra en el silencio: desactive la supresión de ruido en los ajustes de sonido.</translation>
    </message>
    <message>
        <source>The microphone turns its own level: ±%1 cents</source>
        <translation>El micrófono cambia su nivel: ±%1 cents</translation>
    </message>
    <message>
        <source>The pitch holds, the ring does not: turn automatic gain off in the sound settings.</source>
        <translation>La altura vale, la resonancia no: desactive la ganancia automática en los ajustes de sonido.</translation>
    </message>
    <message>
        <source>Again: %1</source>
        <translation>Otra vez: %1</translation>
    </message>
    <message>
        <source>%1. One more tap here</source>
        <translation>%1. Un toque más aquí</translation>
    </message>
    <message>
        <source>Rough: ±%1 cents. One more tap here</source>
        <translation>Aproximado: ±%1 cents. Un toque más aquí</translation>
    </message>
    <message>
        <source>Rough: ±%1 cents, taken</source>
        <translation>Aproximado: ±%1 cents, tomado</translation>
    </message>
    <message>
        <source>Clear, beats %1 times a second</source>
        <translation>Claro, bate %1 veces por segundo</translation>
    </message>
    <message>
        <source>Clear, ±%1 cents</source>
        <translation>Claro, ±%1 cents</translation>
    </message>
    <message>
        <source>Nothing heard yet</source>
        <translation>Aún no se oyó nada</translation>
    </message>
    <message>
        <source>Give WAV or FLAC files of edge taps, or drop them here.</source>
        <translation>Dé archivos WAV o FLAC de toques de borde, o suéltelos aquí.</translation>
    </message>
    <message>
        <source>The last tap and its partials will stand here.</source>
        <translation>Aquí aparecerán el último toque y sus parciales.</translation>
    </message>
    <message>
        <source>Heard, but noise hides how long it rings</source>
        <translation>Se oyó, pero el ruido oculta cuánto resuena</translation>
    </message>
    <message>
        <source>Come nearer or wait for a quiet moment.</source>
        <translation>Acérquese o espere un momento tranquilo.</translation>
    </message>
    <message>
        <source>No wires stand out: too soft a stroke, lever off, or too tight.</source>
        <translation>No destaca la bordonera: golpe muy suave, palanca suelta o muy tensa.</translation>
    </message>
    <message>
        <source>The wires sound on to the end of it: too loose.</source>
        <translation>La bordonera suena hasta el final: muy floja.</translation>
    </message>
    <message>
        <source>They outlast the tone: tighter, if both are to end together.</source>
        <translation>Dura más que el tono: más tensa, si han de acabar juntos.</translation>
    </message>
    <message>
        <source>The wires stop before the tone: dry. Looser for more of them.</source>
        <translation>La bordonera para antes que el tono: seco. Más floja para oírla más.</translation>
    </message>
    <message>
        <source>Tone and wires end together.</source>
        <translation>Tono y bordonera acaban juntos.</translation>
    </message>
    <message>
        <source>As long as wanted, %1 s.</source>
        <translation>Tan largo como se quería, %1 s.</translation>
    </message>
    <message>
        <source>%1 s longer than wanted.</source>
        <translation>%1 s más largo de lo deseado.</translation>
    </message>
    <message>
        <source>%1 s shorter than wanted.</source>
        <translation>%1 s más corto de lo deseado.</translation>
    </message>
    <message>
        <source>Centre %1 ±%2 Hz</source>
        <translation>Centro %1 ±%2 Hz</translation>
    </message>
    <message>
        <source>Near the edge: hardly any centre</source>
        <translation>Cerca del borde: apenas centro</translation>
    </message>
    <message>
        <source>Wires %1 s</source>
        <translation>Bordonera %1 s</translation>
    </message>
    <message>
        <source>%1, centre %2 ±%3 Hz</source>
        <translation>%1, centro %2 ±%3 Hz</translation>
    </message>
    <message>
        <source>%1.  %2</source>
        <translation>%1.  %2</translation>
    </message>
    <message>
        <source>Give WAV or FLAC files of whole strokes.</source>
        <translation>Dé archivos WAV o FLAC de golpes enteros.</translation>
    </message>
    <message>
        <source>No stroke heard yet</source>
        <translation>Aún no se oyó ningún golpe</translation>
    </message>
    <message>
        <source>Long hiss after the tone: too loose. Like a tom near the edge: too tight.</source>
        <translation>Siseo largo tras el tono: muy floja. Como un tom en el borde: muy tensa.</translation>
    </message>
    <message>
        <source>Waiting for %1</source>
        <translation>Esperando %1</translation>
    </message>
    <message>
        <source>Plug it in and tap on. Nothing of the round is lost.</source>
        <translation>Conéctelo y siga tocando. No se pierde nada de la ronda.</translation>
    </message>
    <message>
        <source>Its ring, wires and centre pitch will stand here.</source>
        <translation>Su resonancia, la bordonera y el tono central aparecerán aquí.</translation>
    </message>
    <message>
        <source>Ready for the next tap</source>
        <translation>Listo para el próximo toque</translation>
    </message>
    <message>
        <source>This head was tapped before: the picture shows its last round.</source>
        <translation>Este parche ya se ha tocado: la imagen muestra su última ronda.</translation>
    </message>
</context>
<context>
    <name>HoopPaint</name>
    <message>
        <source>cents from target; shaded: close enough</source>
        <translation>cents desde la meta; sombreado: suficiente</translation>
    </message>
    <message>
        <source>turns since it was found standing</source>
        <translation>vueltas desde como se encontró</translation>
    </message>
    <message>
        <source>turns since finger-tight; frames: the counted rounds, %1</source>
        <translation>vueltas desde apretado a mano; marcos: las rondas contadas, %1</translation>
    </message>
    <message>
        <source>turns since finger-tight</source>
        <translation>vueltas desde apretado a mano</translation>
    </message>
    <message>
        <source>round it counter-clockwise →</source>
        <translation>en redondo contra reloj →</translation>
    </message>
    <message>
        <source>drum upturned, counter-clockwise →</source>
        <translation>tambor boca abajo, contra reloj →</translation>
    </message>
    <message>
        <source>strainer</source>
        <translation>tensor</translation>
    </message>
    <message>
        <source>back at the strainer</source>
        <translation>de vuelta en el tensor</translation>
    </message>
    <message>
        <source>you</source>
        <translation>usted</translation>
    </message>
    <message>
        <source>your turns; brackets: the shortest way</source>
        <translation>sus giros; corchetes: el camino más corto</translation>
    </message>
</context>
<context>
    <name>HoopPicture</name>
    <message>
        <source>%1 cents</source>
        <translation>%1 cents</translation>
    </message>
    <message>
        <source>rough, ±%1 cents</source>
        <translation>aproximado, ±%1 cents</translation>
    </message>
    <message>
        <source>not tapped: taken to read as the opposite rod</source>
        <translation>sin tocar: vale lo del tornillo opuesto</translation>
    </message>
    <message>
        <source>middle of %1 taps, %2 left out</source>
        <translation>mediana de %1 toques, %2 descartados</translation>
    </message>
    <message>
        <source>middle of %1 taps</source>
        <translation>mediana de %1 toques</translation>
    </message>
    <message>
        <source>expected %1</source>
        <translation>se espera %1</translation>
    </message>
    <message>
        <source>turned %1</source>
        <translation>girado %1</translation>
    </message>
    <message>
        <source>rod %1: %2</source>
        <translation>tornillo %1: %2</translation>
    </message>
    <message>
        <source>turn it now</source>
        <translation>gírelo ahora</translation>
    </message>
    <message>
        <source>tap it now</source>
        <translation>toque ahora</translation>
    </message>
    <message>
        <source>Rods of the %1 from the strainer on.</source>
        <translation>Tornillos, %1, desde el tensor.</translation>
    </message>
    <message>
        <source>beside the badge or tape</source>
        <translation>junto a la placa o la cinta</translation>
    </message>
    <message>
        <source>the shortest way %1</source>
        <translation>el camino más corto %1</translation>
    </message>
</context>
<context>
    <name>HurryWords</name>
    <message>
        <source>Wires off, tap %1 rods of the %2: of every pair one, the other sounds the same</source>
        <translation>Sin bordonera, toque %1 tornillos, %2: de cada par uno, el otro suena igual</translation>
    </message>
    <message>
        <source>At most %1 moves on the %2, none over %3</source>
        <translation>Como mucho %1 movimientos, %2, ninguno de más de %3</translation>
    </message>
    <message>
        <source>The same %1 taps again, to know where it stands</source>
        <translation>Los mismos %1 toques otra vez, para saber dónde está</translation>
    </message>
    <message>
        <source>Wires on: a whisper and a loud stroke; a quarter turn of the knob if one of them fails</source>
        <translation>Con bordonera: un susurro y un golpe fuerte; un cuarto de vuelta de perilla si uno falla</translation>
    </message>
    <message>
        <source>Key in the pocket, walk on</source>
        <translation>Llave al bolsillo y a escena</translation>
    </message>
</context>
<context>
    <name>LikedPanel</name>
    <message>
        <source>With %1</source>
        <translation>Con %1</translation>
    </message>
    <message>
        <source>At %1</source>
        <translation>En %1</translation>
    </message>
    <message>
        <source>In the cold (below %1 °C)</source>
        <translation>Con frío (menos de %1 °C)</translation>
    </message>
    <message>
        <source>the interval is liked wider</source>
        <translation>gusta más ancho el intervalo</translation>
    </message>
    <message>
        <source>the interval is liked narrower</source>
        <translation>gusta más estrecho el intervalo</translation>
    </message>
    <message>
        <source>the batter is liked less even</source>
        <translation>gusta menos parejo el batidor</translation>
    </message>
    <message>
        <source>the batter is liked more even</source>
        <translation>gusta más parejo el batidor</translation>
    </message>
    <message>
        <source>the wires are liked tighter</source>
        <translation>gusta más apretada la bordonera</translation>
    </message>
    <message>
        <source>the wires are liked looser</source>
        <translation>gusta más floja la bordonera</translation>
    </message>
    <message>
        <source>the ring is liked longer</source>
        <translation>gusta más larga la resonancia</translation>
    </message>
    <message>
        <source>the ring is liked shorter</source>
        <translation>gusta más corta la resonancia</translation>
    </message>
    <message>
        <source>the batter is liked higher</source>
        <translation>gusta más agudo el batidor</translation>
    </message>
    <message>
        <source>the batter is liked lower</source>
        <translation>gusta más grave el batidor</translation>
    </message>
    <message>
        <source>%1 ± %2 turns</source>
        <translation>%1 ± %2 vueltas</translation>
    </message>
    <message>
        <source>%1 ± %2 s</source>
        <translation>%1 ± %2 s</translation>
    </message>
    <message>
        <source>%1 ± %2 cents</source>
        <translation>%1 ± %2 cents</translation>
    </message>
    <message>
        <source>%1 %2: by %3 (%4 evenings against %5).</source>
        <translation>%1 %2: %3 (%4 noches frente a %5).</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 a %2</translation>
    </message>
</context>
<context>
    <name>ListenMenu</name>
    <message>
        <source>Off</source>
        <translation>Apagado</translation>
    </message>
    <message>
        <source>Take headphones: the microphone must not hear them</source>
        <translation>Use auriculares: el micrófono no debe oírlos</translation>
    </message>
    <message>
        <source>&amp;Dry: no room at all</source>
        <translation>&amp;Seco: sin sala</translation>
    </message>
    <message>
        <source>&amp;Bedroom</source>
        <translation>&amp;Dormitorio</translation>
    </message>
    <message>
        <source>&amp;Rehearsal room</source>
        <translation>&amp;Local de ensayo</translation>
    </message>
    <message>
        <source>&amp;Hall</source>
        <translation>&amp;Auditorio</translation>
    </message>
    <message>
        <source>Microphone an arm&apos;s &amp;length away</source>
        <translation>Micrófono a un &amp;brazo de distancia</translation>
    </message>
    <message>
        <source>A &amp;good microphone</source>
        <translation>Un micrófono b&amp;ueno</translation>
    </message>
    <message>
        <source>Built into a laptop: it &amp;shuts when it grows quiet</source>
        <translation>Integrado en un portátil: se &amp;cierra en el silencio</translation>
    </message>
    <message>
        <source>A headset whose gain &amp;follows the sound</source>
        <translation>Auriculares cuya ganancia si&amp;gue al sonido</translation>
    </message>
    <message>
        <source>&amp;Room</source>
        <translation>Sa&amp;la</translation>
    </message>
    <message>
        <source>&amp;Hear the practice drum</source>
        <translation>&amp;Oír el tambor de práctica</translation>
    </message>
    <message>
        <source>Mains h&amp;um in the room</source>
        <translation>&amp;Zumbido de red en la sala</translation>
    </message>
    <message>
        <source>&amp;Steady hands</source>
        <translation>Manos &amp;firmes</translation>
    </message>
    <message>
        <source>U&amp;sual hands</source>
        <translation>Manos &amp;normales</translation>
    </message>
    <message>
        <source>Hu&amp;rried hands: one tap in eight goes wrong</source>
        <translation>Manos a&amp;presuradas: falla uno de cada ocho toques</translation>
    </message>
    <message>
        <source>&amp;Pitch card…</source>
        <translation>&amp;Ficha de tonos…</translation>
    </message>
    <message>
        <source>Is it &amp;hearing me? Check the microphone…</source>
        <translation>¿Me o&amp;ye? Comprobar el micrófono…</translation>
    </message>
    <message>
        <source>Calibrate the sound card&apos;s &amp;clock…</source>
        <translation>Calibrar el re&amp;loj de la tarjeta de sonido…</translation>
    </message>
    <message>
        <source>&amp;Confirmation sounds</source>
        <translation>Sonidos de &amp;confirmación</translation>
    </message>
    <message>
        <source>P&amp;ractice drum</source>
        <translation>&amp;Tambor de práctica</translation>
    </message>
</context>
<context>
    <name>MicrophoneWords</name>
    <message>
        <source>Too loud: the taps are cut off at the top</source>
        <translation>Muy fuerte: los toques se recortan arriba</translation>
    </message>
    <message>
        <source>Turn the input level down in the sound settings, or move the microphone a hand&apos;s width further away.</source>
        <translation>Baje el nivel de entrada en los ajustes de sonido, o aleje el micrófono un palmo más.</translation>
    </message>
    <message>
        <source>Too quiet: taps reach %1 dB</source>
        <translation>Muy bajo: los toques llegan a %1 dB</translation>
    </message>
    <message>
        <source>Turn the input level up by about %1 dB in the sound settings.</source>
        <translation>Suba el nivel de entrada unos %1 dB en los ajustes de sonido.</translation>
    </message>
    <message>
        <source>It shuts as soon as it grows quiet</source>
        <translation>Se cierra en cuanto hay silencio</translation>
    </message>
    <message>
        <source>Turn noise suppression off in the sound settings: it cuts off the ring that the pitch is read from.</source>
        <translation>Desactive la supresión de ruido en los ajustes de sonido: corta la resonancia de la que se lee la altura.</translation>
    </message>
    <message>
        <source>It turns its own level up and down</source>
        <translation>Sube y baja su propio nivel</translation>
    </message>
    <message>
        <source>Turn automatic gain off in the sound settings. Pitches can be read with it, but not how long a drum rings.</source>
        <translation>Desactive la ganancia automática en los ajustes de sonido. Con ella se leen alturas, pero no cuánto resuena un tambor.</translation>
    </message>
    <message>
        <source>Mains hum at %1 Hz</source>
        <translation>Zumbido de red a %1 Hz</translation>
    </message>
    <message>
        <source>Keep its cable away from power supplies and lamps, or run the computer from its battery. A partial close to the hum may drown.</source>
        <translation>Aleje su cable de fuentes y lámparas, o use el equipo con batería. Un parcial cercano al zumbido puede perderse.</translation>
    </message>
    <message>
        <source>Too much noise: a tap is only %1 dB above the room</source>
        <translation>Demasiado ruido: un toque está solo %1 dB sobre la sala</translation>
    </message>
    <message>
        <source>Switch fans off, close the window, or bring the microphone nearer.</source>
        <translation>Apague ventiladores, cierre la ventana o acerque el micrófono.</translation>
    </message>
    <message>
        <source>Too far: the room is as loud as the drum</source>
        <translation>Muy lejos: la sala suena tanto como el tambor</translation>
    </message>
    <message>
        <source>Bring the microphone to a hand&apos;s width over the edge of the head, and tap lightly.</source>
        <translation>Lleve el micrófono a un palmo sobre el borde del parche y toque suave.</translation>
    </message>
    <message>
        <source>Good: pitches to about ±%1 cents</source>
        <translation>Bien: alturas a unos ±%1 cents</translation>
    </message>
    <message>
        <source>Good: every tap is heard</source>
        <translation>Bien: se oye cada toque</translation>
    </message>
    <message>
        <source>Taps reach %1 dB, %2 dB above the room. Leave it in this place for a whole round.</source>
        <translation>Los toques llegan a %1 dB, %2 dB sobre la sala. Déjelo en este lugar toda una ronda.</translation>
    </message>
    <message>
        <source>After that: %1.</source>
        <translation>Después: %1.</translation>
    </message>
</context>
<context>
    <name>NowAndThen</name>
    <message>
        <source>not known</source>
        <translation>no se sabe</translation>
    </message>
    <message>
        <source>now</source>
        <translation>ahora</translation>
    </message>
    <message>
        <source>%1: batter %2, snare side %3</source>
        <translation>%1: parche batidor %2, parche bordonero %3</translation>
    </message>
</context>
<context>
    <name>PrepWords</name>
    <message>
        <source>Lever off, loosen them, then a smooth stick under the strands; out again before they are pulled: it can stretch or mark them.</source>
        <translation>Palanca suelta, afloje la bordonera, luego una baqueta lisa bajo los hilos; sáquela antes de tensarlos: puede estirarlos o marcarlos.</translation>
    </message>
    <message>
        <source>Lever off; lift the strands by hand while you tap, so that none leans on the film.</source>
        <translation>Palanca suelta; levante los hilos con la mano al tocar, que ninguno apoye en la película.</translation>
    </message>
    <message>
        <source>Open the strainer&apos;s clamp, where the adjustment is, and note where the straps stood. Wire ends are sharp.</source>
        <translation>Abra la mordaza del tensor, donde está el ajuste, y apunte dónde quedaban las cintas. Las puntas de alambre cortan.</translation>
    </message>
    <message>
        <source>Film not dished, dented or bare?</source>
        <translation>¿Película sin hundir, golpear ni pelar?</translation>
    </message>
    <message>
        <source>Film without dent or wrinkle, strands all there and none bent?</source>
        <translation>¿Película sin golpe ni arruga, todos los hilos y ninguno doblado?</translation>
    </message>
    <message>
        <source>Rods straight, clean, with washers; hoop flat; lug screws snug.</source>
        <translation>Tornillos rectos, limpios, con arandelas; aro plano; casquillos firmes.</translation>
    </message>
    <message>
        <source>Nothing is slackened: the count starts where it stands.</source>
        <translation>No se afloja nada: la cuenta empieza donde está.</translation>
    </message>
    <message>
        <source>Spare head at hand before you slacken a worn one: it may not come back.</source>
        <translation>Parche de repuesto a mano antes de aflojar uno gastado: quizá no vuelva.</translation>
    </message>
    <message>
        <source>Now the wires</source>
        <translation>Ahora la bordonera</translation>
    </message>
    <message>
        <source>Off and away</source>
        <translation>Suelta y apartada</translation>
    </message>
    <message>
        <source>Done when a tap below rings without a hiss.</source>
        <translation>Listo cuando un toque abajo suena sin siseo.</translation>
    </message>
    <message>
        <source>They are away</source>
        <translation>Está apartada</translation>
    </message>
    <message>
        <source>Now look it over</source>
        <translation>Ahora revíselo</translation>
    </message>
    <message>
        <source>Head, hoop, rods</source>
        <translation>Parche, aro, tornillos</translation>
    </message>
    <message>
        <source>Looked over</source>
        <translation>Revisado</translation>
    </message>
    <message>
        <source>Now let it down, pass by pass</source>
        <translation>Ahora aflójelo, pasada a pasada</translation>
    </message>
    <message>
        <source>%1 looser</source>
        <translation>%1 más flojo</translation>
    </message>
    <message>
        <source>In the order %1, again and again: pulled on one side a hoop warps. Done when the fingers can turn every rod.</source>
        <translation>En el orden %1, una y otra vez: tirado de un lado, el aro se tuerce. Listo cuando los dedos giran todos los tornillos.</translation>
    </message>
    <message>
        <source>All loose</source>
        <translation>Todo flojo</translation>
    </message>
    <message>
        <source>Now take it off</source>
        <translation>Ahora quítelo</translation>
    </message>
    <message>
        <source>Rods, hoop, old head</source>
        <translation>Tornillos, aro, parche viejo</translation>
    </message>
    <message>
        <source>Note where the hoop sat. Wipe the shell out and run a finger round the edge: clean, and no nick. A driver may spin loose rods, no more.</source>
        <translation>Apunte cómo estaba el aro. Limpie el casco y pase un dedo por el borde: limpio y sin mellas. Un atornillador puede girar tornillos flojos, nada más.</translation>
    </message>
    <message>
        <source>Note where the hoop sat: its gates belong over the snare beds. Wipe the edge clean. Wire ends are sharp.</source>
        <translation>Apunte cómo estaba el aro: sus pasos van sobre los lechos. Limpie el borde. Las puntas de alambre cortan.</translation>
    </message>
    <message>
        <source>It is off</source>
        <translation>Está quitado</translation>
    </message>
    <message>
        <source>Now lay the new one on</source>
        <translation>Ahora ponga el nuevo</translation>
    </message>
    <message>
        <source>Head, then hoop</source>
        <translation>Parche, luego aro</translation>
    </message>
    <message>
        <source>A mark of the head at the strainer, so that it goes back the same way. Hoop ears over the lugs. Done when it lies flat and turns freely.</source>
        <translation>Una marca del parche en el tensor, para que vuelva igual. Orejas del aro sobre los casquillos. Listo cuando queda plano y gira libre.</translation>
    </message>
    <message>
        <source>A mark at the strainer, gates of the hoop over the beds. Thin film: no palm on it. Done when it lies flat and turns freely.</source>
        <translation>Una marca en el tensor, pasos del aro sobre los lechos. Película fina: sin palma. Listo cuando queda plano y gira libre.</translation>
    </message>
    <message>
        <source>It is on</source>
        <translation>Está puesto</translation>
    </message>
    <message>
        <source>Now every rod, by hand</source>
        <translation>Ahora cada tornillo, a mano</translation>
    </message>
    <message>
        <source>Until it just touches</source>
        <translation>Hasta que apenas toque</translation>
    </message>
    <message>
        <source>Order %1. A rod that goes hard here has a burr: clean it, never force it. Done when every washer meets the hoop and the head still shifts.</source>
        <translation>Orden %1. Si uno va duro tiene rebaba: límpielo, nunca a la fuerza. Listo cuando cada arandela toca el aro y el parche aún se mueve.</translation>
    </message>
    <message>
        <source>They touch</source>
        <translation>Tocan</translation>
    </message>
    <message>
        <source>Finger-tight</source>
        <translation>Apretado a mano</translation>
    </message>
    <message>
        <source>By opposites: %1. With two fingers, no key. Done when each holds alike; the count of turns starts from here.</source>
        <translation>Por opuestos: %1. Con dos dedos, sin llave. Listo cuando todos sujetan igual; la cuenta de vueltas empieza aquí.</translation>
    </message>
    <message>
        <source>All finger-tight</source>
        <translation>Todo apretado a mano</translation>
    </message>
    <message>
        <source>Now centre the head</source>
        <translation>Ahora centre el parche</translation>
    </message>
    <message>
        <source>Equal collar all round</source>
        <translation>Cuello igual alrededor</translation>
    </message>
    <message>
        <source>Look down on it: the film&apos;s rim as wide at every rod, the hoop as high above the shell. Off centre it wrinkles on one side: loosen, shift, finger-tight again.</source>
        <translation>Mírelo desde arriba: el margen de película igual en cada tornillo, el aro igual de alto. Descentrado se arruga de un lado: afloje, mueva, apriete a mano otra vez.</translation>
    </message>
    <message>
        <source>It is centred</source>
        <translation>Está centrado</translation>
    </message>
    <message>
        <source>Now seat it</source>
        <translation>Ahora asiéntelo</translation>
    </message>
    <message>
        <source>One palm, in the middle</source>
        <translation>Una palma, en el centro</translation>
    </message>
    <message>
        <source>Flat hand, on floor or carpet, never on a seat that presses the wires. Crackle of glue is normal. Then finger-tight once more where a rod came loose.</source>
        <translation>Mano plana, en suelo o alfombra, nunca en un asiento que presione la bordonera. Que cruja la cola es normal. Luego apriete a mano donde algo se aflojó.</translation>
    </message>
    <message>
        <source>Pressed</source>
        <translation>Presionado</translation>
    </message>
    <message>
        <source>step %1 of %2</source>
        <translation>paso %1 de %2</translation>
    </message>
</context>
<context>
    <name>ProofSheet</name>
    <message>
        <source>What</source>
        <translation>Qué</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Deseado</translation>
    </message>
    <message>
        <source>Reached</source>
        <translation>Logrado</translation>
    </message>
    <message>
        <source>Source</source>
        <translation>Fuente</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Veredicto</translation>
    </message>
    <message>
        <source>Strainer: %1 from first contact</source>
        <translation>Tensor: %1 desde el primer contacto</translation>
    </message>
    <message>
        <source>%1 from its loose end</source>
        <translation>%1 desde su extremo flojo</translation>
    </message>
    <message>
        <source>judged: %1</source>
        <translation>juzgado: %1</translation>
    </message>
    <message>
        <source>On the head, %1: %2, %3</source>
        <translation>En el parche, %1: %2, %3</translation>
    </message>
    <message>
        <source>Microphone: %1</source>
        <translation>Micrófono: %1</translation>
    </message>
    <message>
        <source>Heard: %1</source>
        <translation>Oído: %1</translation>
    </message>
    <message>
        <source>Weather: %1 °C, %2 % humidity</source>
        <translation>Tiempo: %1 °C, %2 % de humedad</translation>
    </message>
    <message>
        <source>Tried, %1: %2; before %3; after %4</source>
        <translation>Probado, %1: %2; antes %3; después %4</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>conservado</translation>
    </message>
    <message>
        <source>put back</source>
        <translation>deshecho</translation>
    </message>
    <message>
        <source>Heard blind %1 times: after was better %2, before %3</source>
        <translation>Oído a ciegas %1 veces: después fue mejor %2, antes %3</translation>
    </message>
    <message>
        <source>Judged: %1</source>
        <translation>Juzgado: %1</translation>
    </message>
    <message>
        <source>In the player&apos;s words: %1</source>
        <translation>En palabras del músico: %1</translation>
    </message>
    <message>
        <source>%1 on %2</source>
        <translation>%1 en %2</translation>
    </message>
    <message>
        <source>%1, %2 rods a side, %3; %4</source>
        <translation>%1, %2 tornillos por lado, %3; %4</translation>
    </message>
    <message>
        <source>Measured: heard by the microphone. Predicted: from the model and what was heard. Counted: as the hands said.</source>
        <translation>Medido: oído por el micrófono. Previsto: del modelo y de lo oído. Contado: como dijeron las manos.</translation>
    </message>
    <message>
        <source>Batter: film load %1 %</source>
        <translation>Batidor: carga de la película %1 %</translation>
    </message>
    <message>
        <source>Snare side: film load %1 %</source>
        <translation>Bordonero: carga de la película %1 %</translation>
    </message>
    <message>
        <source>turns since it was found standing, from the strainer on</source>
        <translation>vueltas desde como estaba, a partir del tensor</translation>
    </message>
    <message>
        <source>turns since finger-tight, from the strainer on</source>
        <translation>vueltas desde apretado a mano, a partir del tensor</translation>
    </message>
    <message>
        <source>no turns were counted</source>
        <translation>no se contaron vueltas</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>medido</translation>
    </message>
    <message>
        <source>as counted</source>
        <translation>según la cuenta</translation>
    </message>
    <message>
        <source>predicted</source>
        <translation>previsto</translation>
    </message>
    <message>
        <source>Nothing lay on the head.</source>
        <translation>No había nada sobre el parche.</translation>
    </message>
    <message>
        <source>Weather: %1 °C</source>
        <translation>Tiempo: %1 °C</translation>
    </message>
    <message>
        <source>Player: %1</source>
        <translation>Músico: %1</translation>
    </message>
    <message>
        <source>Place: %1</source>
        <translation>Lugar: %1</translation>
    </message>
</context>
<context>
    <name>ProofWords</name>
    <message>
        <source>Snare-side edge pitch</source>
        <translation>Tono de borde del bordonero</translation>
    </message>
    <message>
        <source>Snare-side head even within</source>
        <translation>Bordonero parejo a</translation>
    </message>
    <message>
        <source>Batter edge pitch</source>
        <translation>Tono de borde del batidor</translation>
    </message>
    <message>
        <source>Batter head even within</source>
        <translation>Batidor parejo a</translation>
    </message>
    <message>
        <source>Centre pitch</source>
        <translation>Tono central</translation>
    </message>
    <message>
        <source>Edge over centre</source>
        <translation>Borde sobre centro</translation>
    </message>
    <message>
        <source>Strainer, from contact</source>
        <translation>Tensor, desde contacto</translation>
    </message>
    <message>
        <source>Turns left before rattle or choke</source>
        <translation>Vueltas hasta traqueteo o ahogo</translation>
    </message>
    <message>
        <source>Buzz of the wires</source>
        <translation>Siseo de la bordonera</translation>
    </message>
    <message>
        <source>Instruments that make the wires buzz</source>
        <translation>Instrumentos que la hacen zumbar</translation>
    </message>
    <message>
        <source>± %1 cents</source>
        <translation>± %1 cents</translation>
    </message>
    <message>
        <source>%1 turns outside</source>
        <translation>%1 vueltas fuera</translation>
    </message>
    <message>
        <source>%1 turns</source>
        <translation>%1 vueltas</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>medido</translation>
    </message>
    <message>
        <source>predicted</source>
        <translation>previsto</translation>
    </message>
    <message>
        <source>from your answers</source>
        <translation>de sus respuestas</translation>
    </message>
    <message>
        <source>as counted</source>
        <translation>según la cuenta</translation>
    </message>
    <message>
        <source>by gauge, provisional</source>
        <translation>por medidor, provisional</translation>
    </message>
    <message>
        <source>● settled</source>
        <translation>● resuelto</translation>
    </message>
    <message>
        <source>◐ near</source>
        <translation>◐ cerca</translation>
    </message>
    <message>
        <source>○ off</source>
        <translation>○ lejos</translation>
    </message>
    <message>
        <source>–  not measured</source>
        <translation>–  sin medir</translation>
    </message>
    <message>
        <source>△ check again</source>
        <translation>△ revisar</translation>
    </message>
    <message>
        <source>Play twenty backbeats</source>
        <translation>Toque veinte backbeats</translation>
    </message>
    <message>
        <source>Both are steady</source>
        <translation>Ambos son constantes</translation>
    </message>
    <message>
        <source>The drum is fine, the strokes wander</source>
        <translation>El tambor está bien, los golpes varían</translation>
    </message>
    <message>
        <source>The ring wanders, and it is not clear why</source>
        <translation>La resonancia varía, y no está claro por qué</translation>
    </message>
    <message>
        <source>The strokes are alike, the drum is not</source>
        <translation>Los golpes son iguales, el tambor no</translation>
    </message>
    <message>
        <source>Steady, but off the middle</source>
        <translation>Constante, pero fuera del centro</translation>
    </message>
    <message>
        <source>As you would in the song, all alike, the microphone where it stays. A verdict appears after %1 strokes.</source>
        <translation>Como en la canción, todos iguales, el micrófono en su sitio. Hay veredicto tras %1 golpes.</translation>
    </message>
    <message>
        <source>What you hear is the drum: judge it, and change it, as it is.</source>
        <translation>Lo que oye es el tambor: júzguelo y cámbielo como está.</translation>
    </message>
    <message>
        <source>Mark the middle, lower the stand or the seat, and play again before anything is turned.</source>
        <translation>Marque el centro, baje el soporte o el asiento, y toque otra vez antes de girar nada.</translation>
    </message>
    <message>
        <source>Where the strokes land could not be heard. Play a little louder, the microphone nearer to the middle.</source>
        <translation>No se pudo oír dónde caen los golpes. Toque algo más fuerte, el micrófono más al centro.</translation>
    </message>
    <message>
        <source>Something moves: a loose rod, a strand, a pad that shifts. Look for it, then play again.</source>
        <translation>Algo se mueve: un tornillo flojo, un hilo, un apagador que se desliza. Búsquelo y toque otra vez.</translation>
    </message>
    <message>
        <source>So far out the edge sounds with every stroke and rings on. Move the drum under the stick.</source>
        <translation>Tan afuera, el borde suena con cada golpe y sigue. Ponga el tambor bajo la baqueta.</translation>
    </message>
    <message>
        <source>ring %1 s</source>
        <translation>resonancia %1 s</translation>
    </message>
    <message>
        <source>tone with wires %1 s</source>
        <translation>tono con bordonera %1 s</translation>
    </message>
    <message>
        <source>buzz %1 s</source>
        <translation>siseo %1 s</translation>
    </message>
    <message>
        <source>not heard</source>
        <translation>no se oyó</translation>
    </message>
    <message>
        <source>Ring</source>
        <translation>Resonancia</translation>
    </message>
    <message>
        <source>centre %1 Hz</source>
        <translation>centro %1 Hz</translation>
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
        <translation>no se oyó</translation>
    </message>
</context>
<context>
    <name>RefusalWords</name>
    <message>
        <source>choice of tone</source>
        <translation>elección de sonido</translation>
    </message>
    <message>
        <source>wish</source>
        <translation>deseo</translation>
    </message>
    <message>
        <source>school</source>
        <translation>escuela</translation>
    </message>
    <message>
        <source>weather</source>
        <translation>tiempo</translation>
    </message>
    <message>
        <source>turn of both heads</source>
        <translation>vuelta de ambos parches</translation>
    </message>
    <message>
        <source>finger-tight</source>
        <translation>apretado a mano</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>vuelta</translation>
    </message>
    <message>
        <source>start of round</source>
        <translation>inicio de ronda</translation>
    </message>
    <message>
        <source>tap</source>
        <translation>toque</translation>
    </message>
    <message>
        <source>corrected count</source>
        <translation>cuenta corregida</translation>
    </message>
    <message>
        <source>fresh start of head</source>
        <translation>parche desde cero</translation>
    </message>
    <message>
        <source>strainer</source>
        <translation>tensor</translation>
    </message>
    <message>
        <source>wire answer</source>
        <translation>respuesta de bordonera</translation>
    </message>
    <message>
        <source>rattle answer</source>
        <translation>respuesta de traqueteo</translation>
    </message>
    <message>
        <source>pad laid</source>
        <translation>apagador puesto</translation>
    </message>
    <message>
        <source>pad moved</source>
        <translation>apagador movido</translation>
    </message>
    <message>
        <source>pad taken off</source>
        <translation>apagador quitado</translation>
    </message>
    <message>
        <source>way of tapping</source>
        <translation>forma de tocar</translation>
    </message>
    <message>
        <source>asked again</source>
        <translation>pedido otra vez</translation>
    </message>
    <message>
        <source>order and tolerance</source>
        <translation>orden y tolerancia</translation>
    </message>
    <message>
        <source>tap for the card</source>
        <translation>toque para la ficha</translation>
    </message>
    <message>
        <source>tap of the card taken back</source>
        <translation>toque de la ficha retirado</translation>
    </message>
    <message>
        <source>new pitch card</source>
        <translation>ficha de tonos nueva</translation>
    </message>
    <message>
        <source>beginning of head</source>
        <translation>comienzo del parche</translation>
    </message>
    <message>
        <source>step of preparation</source>
        <translation>paso de preparación</translation>
    </message>
    <message>
        <source>mark of gauge</source>
        <translation>marca del medidor</translation>
    </message>
    <message>
        <source>choice of gauge</source>
        <translation>elección de medidor</translation>
    </message>
    <message>
        <source>resistance</source>
        <translation>resistencia</translation>
    </message>
    <message>
        <source>retraced turns</source>
        <translation>vueltas repetidas</translation>
    </message>
    <message>
        <source>nearest rod</source>
        <translation>tornillo más cercano</translation>
    </message>
    <message>
        <source>reminder</source>
        <translation>aviso</translation>
    </message>
    <message>
        <source>minutes before the show</source>
        <translation>minutos antes de la función</translation>
    </message>
    <message>
        <source>end of the hurry</source>
        <translation>fin de la prisa</translation>
    </message>
    <message>
        <source>uneven trial</source>
        <translation>ensayo desigual</translation>
    </message>
    <message>
        <source>way back</source>
        <translation>ensayo deshecho</translation>
    </message>
    <message>
        <source>left or right hand</source>
        <translation>mano izquierda o derecha</translation>
    </message>
    <message>
        <source>night&apos;s rest</source>
        <translation>reposo nocturno</translation>
    </message>
    <message>
        <source>measures of the wires</source>
        <translation>medidas de la bordonera</translation>
    </message>
    <message>
        <source>instruments around</source>
        <translation>instrumentos alrededor</translation>
    </message>
    <message>
        <source>judging of the wires</source>
        <translation>juicio de la bordonera</translation>
    </message>
    <message>
        <source>answer to a voice</source>
        <translation>respuesta a una voz</translation>
    </message>
    <message>
        <source>muffling as planned</source>
        <translation>apagado según el plan</translation>
    </message>
    <message>
        <source>place of the microphone</source>
        <translation>lugar del micrófono</translation>
    </message>
    <message>
        <source>own muffling</source>
        <translation>apagador propio</translation>
    </message>
    <message>
        <source>stroke</source>
        <translation>golpe</translation>
    </message>
    <message>
        <source>experiment begun</source>
        <translation>experimento empezado</translation>
    </message>
    <message>
        <source>experiment ended</source>
        <translation>experimento terminado</translation>
    </message>
    <message>
        <source>blind comparison</source>
        <translation>comparación a ciegas</translation>
    </message>
    <message>
        <source>stars</source>
        <translation>estrellas</translation>
    </message>
    <message>
        <source>saved to logbook</source>
        <translation>guardado en el diario</translation>
    </message>
    <message>
        <source>That does not fit the step at hand; nothing was changed.</source>
        <translation>Eso no corresponde al paso en curso; nada cambió.</translation>
    </message>
    <message>
        <source>There is no such rod on this drum.</source>
        <translation>Este tambor no tiene ese tornillo.</translation>
    </message>
    <message>
        <source>Every rod of this round has been heard.</source>
        <translation>Ya se oyeron todos los tornillos de esta ronda.</translation>
    </message>
    <message>
        <source>Half a round needs an even number of rods: with an odd one no rod stands opposite another.</source>
        <translation>Media ronda necesita un número par de tornillos: con impar ninguno queda frente a otro.</translation>
    </message>
    <message>
        <source>A rod is tapped one to %1 times.</source>
        <translation>Un tornillo se toca de una a %1 veces.</translation>
    </message>
    <message>
        <source>A counted round is half turned; finish it, then choose another order.</source>
        <translation>Hay una ronda contada a medias; termínela y luego elija otro orden.</translation>
    </message>
    <message>
        <source>Heads are evened to between %1 and %2 cents.</source>
        <translation>Los parches se emparejan entre %1 y %2 cents.</translation>
    </message>
    <message>
        <source>Rounds go by full, half, quarter or eighth turns at most.</source>
        <translation>Las rondas van por vueltas enteras, medias, cuartos u octavos como máximo.</translation>
    </message>
    <message>
        <source>This head was not taken above pitch, or is not even there yet.</source>
        <translation>Este parche no se subió sobre su altura, o aún no está parejo ahí.</translation>
    </message>
    <message>
        <source>This round is heard, not read off a gauge; choose how it is done first.</source>
        <translation>Esta ronda se oye, no se lee; elija primero cómo se hace.</translation>
    </message>
    <message>
        <source>No gauge shows that. A mark is more than 0, a gap from lug to hoop 0.1 to 60 mm; enter what stands beside the rod.</source>
        <translation>Ningún medidor muestra eso. Una marca es mayor que 0, una luz del casquillo al aro 0,1 a 60 mm; escriba lo que hay junto al tornillo.</translation>
    </message>
    <message>
        <source>This head resists: nothing is tightened until the cause is found and cleared.</source>
        <translation>Este parche se resiste: no se aprieta nada hasta hallar y resolver la causa.</translation>
    </message>
    <message>
        <source>No rod has been turned an eighth yet; there is nothing to retrace.</source>
        <translation>Ningún tornillo se giró un octavo aún; no hay nada que repetir.</translation>
    </message>
    <message>
        <source>A plan before the show is made for %1 to %2 minutes.</source>
        <translation>Un plan antes de la función va de %1 a %2 minutos.</translation>
    </message>
    <message>
        <source>That skip misses rods on this drum; take one that shares no divisor with their number.</source>
        <translation>Ese salto omite tornillos en este tambor; tome uno que no comparta divisor con su número.</translation>
    </message>
    <message>
        <source>A trial is on this head already; turn it back first.</source>
        <translation>Ya hay un ensayo en este parche; deshágalo primero.</translation>
    </message>
    <message>
        <source>One to three rods side by side are slackened; choose them so.</source>
        <translation>Se aflojan de uno a tres tornillos contiguos; elíjalos así.</translation>
    </message>
    <message>
        <source>A trial turns rods by 1/8 to %1.</source>
        <translation>Un ensayo gira tornillos de 1/8 a %1.</translation>
    </message>
    <message>
        <source>A rod would hang loose and back off in use; slacken by less.</source>
        <translation>Un tornillo quedaría flojo y se saldría al tocar; afloje menos.</translation>
    </message>
    <message>
        <source>The film would pass its safe load at a rod; turn by less.</source>
        <translation>La película pasaría su carga segura en un tornillo; gire menos.</translation>
    </message>
    <message>
        <source>The pitch card is full; begin a new one to hear the drum again.</source>
        <translation>La ficha está completa; empiece otra para oír el tambor de nuevo.</translation>
    </message>
    <message>
        <source>The pitch card holds no tap to take back.</source>
        <translation>La ficha no tiene ningún toque que retirar.</translation>
    </message>
    <message>
        <source>This drum cannot reach that tone; choose another or another drum.</source>
        <translation>Este tambor no alcanza ese sonido; elija otro u otro tambor.</translation>
    </message>
    <message>
        <source>Weather is taken from %1 to %2 °C, 0 to 100 % damp and up to %3 m above the sea.</source>
        <translation>El tiempo va de %1 a %2 °C, de 0 a 100 % de humedad y hasta %3 m sobre el mar.</translation>
    </message>
    <message>
        <source>The strainer is counted from 0 (first contact) to %1 turns.</source>
        <translation>El tensor se cuenta de 0 (primer contacto) a %1 vueltas.</translation>
    </message>
    <message>
        <source>No drum has wires of such lengths, or the knob stands beyond its travel; measure again in millimetres.</source>
        <translation>Ningún tambor tiene bordonera de tal largo, o la perilla pasa de su recorrido; mida otra vez en milímetros.</translation>
    </message>
    <message>
        <source>Up to %1 instruments with partials of 20 to 4000 Hz that last 0.01 to 30 s can be set beside the drum.</source>
        <translation>Hasta %1 instrumentos con parciales de 20 a 4000 Hz que duren de 0,01 a 30 s caben junto al tambor.</translation>
    </message>
    <message>
        <source>The pad would lie over the hoop; move it in.</source>
        <translation>El apagador quedaría sobre el aro; muévalo adentro.</translation>
    </message>
    <message>
        <source>The stick lands there; move the pad out of the inner circle.</source>
        <translation>Ahí cae la baqueta; saque el apagador del círculo interior.</translation>
    </message>
    <message>
        <source>Two pads would overlap; leave a gap between them.</source>
        <translation>Dos apagadores se solaparían; deje un hueco entre ellos.</translation>
    </message>
    <message>
        <source>That pad is no longer there.</source>
        <translation>Ese apagador ya no está.</translation>
    </message>
    <message>
        <source>Up to %1 things can lie on the head; take one off first.</source>
        <translation>Hasta %1 cosas caben en el parche; quite una primero.</translation>
    </message>
    <message>
        <source>A close microphone stands %1 to %2 mm over the head and at most %3 mm from its middle.</source>
        <translation>Un micrófono cercano está de %1 a %2 mm sobre el parche y como mucho a %3 mm de su centro.</translation>
    </message>
    <message>
        <source>Nothing that lies on a head weighs or damps so much; hear both again, without and with it.</source>
        <translation>Nada que esté sobre un parche pesa o apaga tanto; óigalo otra vez, sin y con.</translation>
    </message>
    <message>
        <source>Nothing was heard of the drum as it stands. Play a few strokes first, then change one thing.</source>
        <translation>No se oyó nada del tambor como está. Toque unos golpes primero y luego cambie una cosa.</translation>
    </message>
    <message>
        <source>An experiment is under way; keep it or put it back first.</source>
        <translation>Hay un experimento en curso; consérvelo o deshágalo primero.</translation>
    </message>
    <message>
        <source>No experiment is under way.</source>
        <translation>No hay experimento en curso.</translation>
    </message>
    <message>
        <source>A head was turned in the experiment, and rods cannot be put back from here. Keep it, or undo the turns first.</source>
        <translation>Se giró un parche en el experimento, y los tornillos no se pueden devolver desde aquí. Consérvelo, o deshaga primero las vueltas.</translation>
    </message>
    <message>
        <source>One to %1 stars, or none.</source>
        <translation>De una a %1 estrellas, o ninguna.</translation>
    </message>
    <message>
        <source>That is too long for a name; use a few words, the rest goes into the note.</source>
        <translation>Es muy largo para un nombre; use pocas palabras, el resto va en la nota.</translation>
    </message>
    <message>
        <source>description of the drum</source>
        <translation>descripción del tambor</translation>
    </message>
    <message>
        <source>new head</source>
        <translation>parche nuevo</translation>
    </message>
    <message>
        <source>new wires</source>
        <translation>bordona nueva</translation>
    </message>
    <message>
        <source>Such a drum cannot be computed. Check its size, rods and heads.</source>
        <translation>Un tambor así no se puede calcular. Revise medidas, tornillos y parches.</translation>
    </message>
    <message>
        <source>way back to an entry</source>
        <translation>vuelta a una entrada</translation>
    </message>
    <message>
        <source>complaint</source>
        <translation>queja</translation>
    </message>
    <message>
        <source>answer about the fault</source>
        <translation>respuesta sobre el fallo</translation>
    </message>
    <message>
        <source>cause taken</source>
        <translation>causa aceptada</translation>
    </message>
    <message>
        <source>whether it helped</source>
        <translation>si ayudó</translation>
    </message>
    <message>
        <source>answer taken back</source>
        <translation>respuesta retirada</translation>
    </message>
    <message>
        <source>end of the search</source>
        <translation>fin de la búsqueda</translation>
    </message>
    <message>
        <source>what it was</source>
        <translation>qué era</translation>
    </message>
    <message>
        <source>Nothing is being looked for; say first what is wrong with the drum.</source>
        <translation>No se busca nada; diga primero qué le pasa al tambor.</translation>
    </message>
    <message>
        <source>result of the practice room</source>
        <translation>resultado de la sala de práctica</translation>
    </message>
    <message>
        <source>result of a practice drum</source>
        <translation>resultado de un tambor de práctica</translation>
    </message>
    <message>
        <source>That note is too long. Keep it under %1 characters.</source>
        <translation>Esa nota es demasiado larga. No pase de %1 caracteres.</translation>
    </message>
</context>
<context>
    <name>Report</name>
    <message>
        <source>Save a report</source>
        <translation>Guardar un informe</translation>
    </message>
    <message>
        <source>Text (*.txt)</source>
        <translation>Texto (*.txt)</translation>
    </message>
    <message>
        <source>The report was written to %1. It holds no sound and no names; read it before you send it.</source>
        <translation>El informe se escribió en %1. No contiene sonido ni nombres; léalo antes de enviarlo.</translation>
    </message>
</context>
<context>
    <name>RingPicture</name>
    <message>
        <source>whole</source>
        <translation>total</translation>
    </message>
    <message>
        <source>%1 Hz</source>
        <translation>%1 Hz</translation>
    </message>
    <message>
        <source>Ring of the whole tone: %1 s with nothing on the head, %2 s now, %3 s wanted.</source>
        <translation>Resonancia del tono entero: %1 s sin nada encima, %2 s ahora, %3 s deseados.</translation>
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
        <translation>cada parcial que se apaga: contorno abierto, relleno ahora</translation>
    </message>
    <message>
        <source>each partial dying away by 60 dB</source>
        <translation>cada parcial cae 60 dB</translation>
    </message>
    <message>
        <source>wanted %1 s</source>
        <translation>deseado %1 s</translation>
    </message>
    <message>
        <source>%1 %2 s</source>
        <translation>%1 %2 s</translation>
    </message>
    <message>
        <source>Whole ring: %1</source>
        <translation>Resonancia total: %1</translation>
    </message>
    <message>
        <source>Ring time</source>
        <translation>Tiempo de resonancia</translation>
    </message>
</context>
<context>
    <name>ScatterPicture</name>
    <message>
        <source>strokes heard: %1 of %2</source>
        <translation>golpes oídos: %1 de %2</translation>
    </message>
    <message>
        <source>%1 strokes</source>
        <translation>%1 golpes</translation>
    </message>
    <message>
        <source>level ± %1 dB</source>
        <translation>nivel ± %1 dB</translation>
    </message>
    <message>
        <source>place ± %1 mm</source>
        <translation>lugar ± %1 mm</translation>
    </message>
    <message>
        <source>ring ± %1 %</source>
        <translation>resonancia ± %1 %</translation>
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
        <translation>centro</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>hoop</source>
        <translation>aro</translation>
    </message>
    <message>
        <source>each stroke: how far from the middle, how loud against the usual one; shaded, where the stick should land</source>
        <translation>cada golpe: a qué distancia del centro, cuán fuerte frente al usual; sombreado, donde debe caer la baqueta</translation>
    </message>
    <message>
        <source>place by the balance of edge and middle; the usual one is taken for a fifth of the way out</source>
        <translation>lugar por el balance de borde y centro; el usual se toma a un quinto del radio</translation>
    </message>
    <message>
        <source>Strokes on the head</source>
        <translation>Golpes sobre el parche</translation>
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
        <translation>batidor</translation>
    </message>
    <message>
        <source>snare side</source>
        <translation>bordonero</translation>
    </message>
    <message>
        <source>uneven</source>
        <translation>desigual</translation>
    </message>
    <message>
        <source>The weather was never entered.</source>
        <translation>El tiempo no se anotó nunca.</translation>
    </message>
    <message>
        <source>%1 °C</source>
        <translation>%1 °C</translation>
    </message>
    <message>
        <source>today</source>
        <translation>hoy</translation>
    </message>
    <message>
        <source>new batter head</source>
        <translation>parche batidor nuevo</translation>
    </message>
    <message>
        <source>new snare-side head</source>
        <translation>parche bordonero nuevo</translation>
    </message>
    <message>
        <source>new wires</source>
        <translation>bordonera nueva</translation>
    </message>
    <message>
        <source>%1 over %2</source>
        <translation>%1 sobre %2</translation>
    </message>
    <message>
        <source>even within %1 cents</source>
        <translation>parejo dentro de %1 cents</translation>
    </message>
    <message>
        <source>wires %1</source>
        <translation>bordonera %1</translation>
    </message>
    <message>
        <source>%1, %2: %3</source>
        <translation>%1, %2: %3</translation>
    </message>
    <message>
        <source>Nothing saved yet.</source>
        <translation>Aún no hay nada guardado.</translation>
    </message>
    <message numerus="yes">
        <source>%n entries, from %1 on.</source>
        <translation>
            <numerusform>%n entrada, desde %1.</numerusform>
            <numerusform>%n entradas, desde %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>In hand: %1.</source>
        <translation>Elegida: %1.</translation>
    </message>
    <message>
        <source>Nothing saved for this drum yet. The last station, Proof, saves how it stands; from the second entry on this page shows how it drifts, and brings it back.</source>
        <translation>Aún no hay nada guardado de esta caja. La última estación, Prueba, guarda cómo está; desde la segunda entrada esta página muestra cómo se mueve, y la devuelve.</translation>
    </message>
</context>
<context>
    <name>SetList</name>
    <message>
        <source>batter %1 tighter</source>
        <translation>batidor %1 más tenso</translation>
    </message>
    <message>
        <source>batter %1 looser</source>
        <translation>batidor %1 más flojo</translation>
    </message>
    <message>
        <source>snare side %1 tighter</source>
        <translation>bordonero %1 más tenso</translation>
    </message>
    <message>
        <source>snare side %1 looser</source>
        <translation>bordonero %1 más flojo</translation>
    </message>
    <message>
        <source>no drum here can have it</source>
        <translation>ninguna caja de aquí puede tenerlo</translation>
    </message>
    <message>
        <source>strainer %1 tighter</source>
        <translation>tensor %1 más tenso</translation>
    </message>
    <message>
        <source>strainer %1 looser</source>
        <translation>tensor %1 más flojo</translation>
    </message>
    <message numerus="yes">
        <source>%n mufflers</source>
        <translation>
            <numerusform>%n apagador</numerusform>
            <numerusform>%n apagadores</numerusform>
        </translation>
    </message>
    <message>
        <source>as it stands</source>
        <translation>como está</translation>
    </message>
    <message>
        <source>%1 s, sure to %2 cents</source>
        <translation>%1 s, seguro a %2 cents</translation>
    </message>
    <message>
        <source>snare side stays %1 cents off</source>
        <translation>el bordonero queda a %1 cents</translation>
    </message>
    <message>
        <source>no time for it</source>
        <translation>no hay tiempo</translation>
    </message>
    <message>
        <source>sure to %1 cents</source>
        <translation>con %1 cents de margen</translation>
    </message>
    <message>
        <source>Take everything off</source>
        <translation>Quite todo</translation>
    </message>
    <message>
        <source>%1 tighter</source>
        <translation>%1 más apretado</translation>
    </message>
    <message>
        <source>%1 looser</source>
        <translation>%1 más flojo</translation>
    </message>
    <message>
        <source>snare side, every rod: turn it over, lever off</source>
        <translation>bordonero, cada tornillo: dele la vuelta, palanca suelta</translation>
    </message>
    <message>
        <source>batter, every rod</source>
        <translation>parche batidor, cada tornillo</translation>
    </message>
    <message>
        <source>the strainer&apos;s knob</source>
        <translation>la perilla del bordonero</translation>
    </message>
    <message>
        <source>of the batter</source>
        <translation>del parche batidor</translation>
    </message>
    <message>
        <source>on the batter, nothing else</source>
        <translation>sobre el parche batidor, nada más</translation>
    </message>
</context>
<context>
    <name>SetWords</name>
    <message>
        <source>It rattles before it stops choking: tighten the snare side, or the strands are worn.</source>
        <translation>Traquetea antes de dejar de ahogarse: tense el bordonero, o los hilos están gastados.</translation>
    </message>
    <message>
        <source>Room to rattle: %1 turns looser. Room to choke: %2 turns tighter.</source>
        <translation>Hasta el traqueteo: %1 vueltas más floja. Hasta el ahogo: %2 vueltas más tensa.</translation>
    </message>
    <message>
        <source>%1 turn %2</source>
        <translation>%1 vuelta %2</translation>
    </message>
    <message>
        <source>further</source>
        <translation>más lejos</translation>
    </message>
    <message>
        <source>nearer</source>
        <translation>más cerca</translation>
    </message>
    <message>
        <source>One more eighth on the snare side: %1 to choke, film load %2 to %3 %; on the batter: %4.</source>
        <translation>Un octavo más en el bordonero: %1 al ahogo, carga de película %2 a %3 %; en el batidor: %4.</translation>
    </message>
    <message>
        <source>The snare-side head is tight enough.</source>
        <translation>El parche bordonero está bastante tenso.</translation>
    </message>
    <message>
        <source>Raise the snare-side head by %1 cents for a span of at least 1 turn.</source>
        <translation>Suba el bordonero %1 cents para un margen de al menos 1 vuelta.</translation>
    </message>
    <message>
        <source>After a loud stroke they strike for %1 s. Their pull bends the head by %2 µm and lifts its own pitch by some %3 cents.</source>
        <translation>Tras un golpe fuerte repican %1 s. Su tirón dobla el parche %2 µm y sube su tono unos %3 cents.</translation>
    </message>
    <message>
        <source>no nearer, no further</source>
        <translation>ni más cerca ni más lejos</translation>
    </message>
</context>
<context>
    <name>Settings</name>
    <message>
        <source>The file of settings %1 is damaged: Bombo starts with what is usual, and writes it anew.</source>
        <translation>El archivo de ajustes %1 está dañado: Bombo empieza con lo habitual y lo escribe de nuevo.</translation>
    </message>
    <message>
        <source>The file of settings %1 cannot be read or written: what you choose holds until Bombo ends.</source>
        <translation>El archivo de ajustes %1 no se puede leer o escribir: lo que elija vale hasta que Bombo termine.</translation>
    </message>
    <message>
        <source>A newer Bombo wrote the settings %1: what this one knows of them holds, the rest is left as it is. To have all of them, install the newer version.</source>
        <translation>Un Bombo más nuevo escribió los ajustes %1: vale lo que este conoce de ellos y el resto queda como está. Para tenerlos todos, instale la versión más nueva.</translation>
    </message>
</context>
<context>
    <name>SetupCard</name>
    <message>
        <source>%1 cannot be written. Choose another folder, or make room on the disk.</source>
        <translation>%1 no se puede escribir. Elija otra carpeta, o haga sitio en el disco.</translation>
    </message>
    <message>
        <source>Save the setup card</source>
        <translation>Guardar la ficha</translation>
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
        <translation>%1 no está o no se puede leer; compruebe el nombre y sus permisos</translation>
    </message>
    <message>
        <source>%1 is empty; record it again</source>
        <translation>%1 está vacío; grábelo otra vez</translation>
    </message>
    <message>
        <source>%1 has %2 samples a second; record with %3 or more</source>
        <translation>%1 tiene %2 muestras por segundo; grabe con %3 o más</translation>
    </message>
    <message>
        <source>%1 says that it has %2 samples a second, which no recorder makes; save it anew with %3 or fewer</source>
        <translation>%1 dice tener %2 muestras por segundo, lo que ninguna grabadora hace; guárdelo de nuevo con %3 o menos</translation>
    </message>
    <message>
        <source>%1 has %2 channels; save it with one or two</source>
        <translation>%1 tiene %2 canales; guárdelo con uno o dos</translation>
    </message>
    <message>
        <source>%1 exists already; choose another name, or say that it may be replaced</source>
        <translation>%1 ya existe; elija otro nombre o diga que se puede reemplazar</translation>
    </message>
    <message>
        <source>%1 holds no sound after its header; record it again</source>
        <translation>%1 no contiene sonido tras su cabecera; grábelo otra vez</translation>
    </message>
    <message>
        <source>%1 cannot be written (%2); choose another folder</source>
        <translation>%1 no se puede escribir (%2); elija otra carpeta</translation>
    </message>
    <message>
        <source>%1 is not a sound file that can be read (%2); give a WAV or FLAC file</source>
        <translation>%1 no es un archivo de sonido que se pueda leer (%2); dé un archivo WAV o FLAC</translation>
    </message>
</context>
<context>
    <name>StepWords</name>
    <message>
        <source>Now both %1</source>
        <translation>Ahora ambos %1</translation>
    </message>
    <message>
        <source>Now %1</source>
        <translation>Ahora %1</translation>
    </message>
    <message>
        <source>%1 tighter</source>
        <translation>%1 más apretado</translation>
    </message>
    <message>
        <source>%1 looser</source>
        <translation>%1 más flojo</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Girado</translation>
    </message>
    <message>
        <source>pair %1 of %2</source>
        <translation>par %1 de %2</translation>
    </message>
    <message>
        <source>rod %1 of %2</source>
        <translation>tornillo %1 de %2</translation>
    </message>
    <message>
        <source>round %1 of %2</source>
        <translation>ronda %1 de %2</translation>
    </message>
    <message>
        <source>then %1 the same. Equal turns keep the hoop level and the film in the middle; stop if the resistance jumps.</source>
        <translation>luego %1 igual. Vueltas iguales mantienen el aro nivelado y la película centrada; pare si la resistencia salta.</translation>
    </message>
    <message>
        <source>then the next round, %1 each</source>
        <translation>luego la ronda siguiente, %1 cada uno</translation>
    </message>
    <message>
        <source>then tap the round</source>
        <translation>luego toque la ronda</translation>
    </message>
    <message>
        <source>Now one tap, let it ring</source>
        <translation>Ahora un toque, déjelo sonar</translation>
    </message>
    <message>
        <source>Rod %1</source>
        <translation>Tornillo %1</translation>
    </message>
    <message>
        <source>30 mm in from the hoop. Other head muted, a light finger on the middle. The same place and strength at every rod, so that only its tension differs.</source>
        <translation>A 30 mm del aro. Otro parche apagado, un dedo ligero en el centro. El mismo lugar y fuerza en cada tornillo, para que solo cambie su tensión.</translation>
    </message>
    <message>
        <source>30 mm in from the hoop. Other head muted, nothing on this one. The same place and strength at every rod, so that only its tension differs.</source>
        <translation>A 30 mm del aro. Otro parche apagado, nada en este. El mismo lugar y fuerza en cada tornillo, para que solo cambie su tensión.</translation>
    </message>
    <message>
        <source>Now the same rod once more</source>
        <translation>Ahora el mismo tornillo otra vez</translation>
    </message>
    <message>
        <source>Rough: ±%1 cents. One more tap here</source>
        <translation>Aproximado: ±%1 cents. Un toque más aquí</translation>
    </message>
    <message>
        <source>Now one more in the same place</source>
        <translation>Ahora uno más en el mismo lugar</translation>
    </message>
    <message>
        <source>Its taps lie %1 cents apart: one more decides.</source>
        <translation>Sus toques distan %1 cents: uno más decide.</translation>
    </message>
    <message>
        <source>tap %1</source>
        <translation>toque %1</translation>
    </message>
    <message>
        <source>tap 1 of %1</source>
        <translation>toque 1 de %1</translation>
    </message>
    <message>
        <source>Now measure the hoop gap</source>
        <translation>Ahora mida la luz del aro</translation>
    </message>
    <message>
        <source>From the lug up to the hoop, beside the rod, with callipers: always the same two points, to a twentieth of a millimetre.</source>
        <translation>Del casquillo hasta el aro, junto al tornillo, con calibre: siempre los mismos dos puntos, al vigésimo de milímetro.</translation>
    </message>
    <message>
        <source>Measure it</source>
        <translation>Medir</translation>
    </message>
    <message>
        <source>Enter the gap</source>
        <translation>Escribir la luz</translation>
    </message>
    <message>
        <source>Now feel this rod</source>
        <translation>Ahora sienta este tornillo</translation>
    </message>
    <message>
        <source>A sixteenth on and back with the key, or the thumb beside it, against the rods before it. Only the difference counts.</source>
        <translation>Un dieciseisavo adelante y atrás con la llave, o el pulgar al lado, frente a los tornillos anteriores. Solo cuenta la diferencia.</translation>
    </message>
    <message>
        <source>Feel it</source>
        <translation>Sentir</translation>
    </message>
    <message>
        <source>Enter it</source>
        <translation>Escribir</translation>
    </message>
    <message>
        <source>Now read the gauge</source>
        <translation>Ahora lea el medidor</translation>
    </message>
    <message>
        <source>Set it on the film beside the rod, always as far from the hoop, and let it come to rest. The mark, not a pitch.</source>
        <translation>Póngalo en la película junto al tornillo, siempre a igual distancia del aro, y deje que se detenga. La marca, no una altura.</translation>
    </message>
    <message>
        <source>Read it</source>
        <translation>Leer</translation>
    </message>
    <message>
        <source>Enter the mark</source>
        <translation>Escribir la marca</translation>
    </message>
    <message>
        <source>Tap</source>
        <translation>Tocar</translation>
    </message>
    <message>
        <source>Give sound files…</source>
        <translation>Dar archivos de sonido…</translation>
    </message>
    <message>
        <source>Listening</source>
        <translation>Escuchando</translation>
    </message>
    <message>
        <source>move %1 of %2</source>
        <translation>movimiento %1 de %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>then %1: %2</source>
        <translation>luego %1: %2</translation>
    </message>
    <message>
        <source>then tap the round again</source>
        <translation>luego toque la ronda otra vez</translation>
    </message>
    <message>
        <source>press the middle first, something was loosened</source>
        <translation>presione antes el centro, algo se aflojó</translation>
    </message>
    <message>
        <source>After all moves expect %1 (within %2 cents)</source>
        <translation>Tras todos los movimientos se espera %1 (a %2 cents)</translation>
    </message>
    <message>
        <source>On to the batter</source>
        <translation>Al batidor</translation>
    </message>
    <message>
        <source>On to the wires</source>
        <translation>A la bordonera</translation>
    </message>
    <message>
        <source>Even to ± %1 cents</source>
        <translation>Parejo a ± %1 cents</translation>
    </message>
    <message>
        <source>Not heard yet</source>
        <translation>Aún no se oyó</translation>
    </message>
    <message>
        <source>Uneven on purpose</source>
        <translation>Desigual a propósito</translation>
    </message>
    <message>
        <source>± %1 cents</source>
        <translation>± %1 cents</translation>
    </message>
    <message>
        <source>It came within %1 cents of the prediction.</source>
        <translation>Quedó a %1 cents de lo previsto.</translation>
    </message>
    <message>
        <source>Play it. Keep it, or turn it back: every turn of it in turn.</source>
        <translation>Tóquelo. Consérvelo, o devuélvalo: cada vuelta, una tras otra.</translation>
    </message>
    <message>
        <source>Even, above pitch</source>
        <translation>Parejo, sobre su altura</translation>
    </message>
    <message>
        <source>Leave it overnight so that it seats (Go, Remind me). Then all rods come down together and the last turns go upwards.</source>
        <translation>Déjelo una noche para que asiente (Ir, Recordarme). Luego bajan todos los tornillos juntos y las últimas vueltas van hacia arriba.</translation>
    </message>
    <message>
        <source>It has rested</source>
        <translation>Ha reposado</translation>
    </message>
    <message>
        <source>Even, in silence</source>
        <translation>Parejo, en silencio</translation>
    </message>
    <message>
        <source>Provisional: tap a round as soon as it may be heard.</source>
        <translation>Provisional: toque una ronda en cuanto se pueda oír.</translation>
    </message>
    <message>
        <source>Provisional, and the pitch is a guess: this gauge was never read beside a pitch. Tap a round as soon as it may be heard.</source>
        <translation>Provisional, y la altura es supuesta: este medidor nunca se leyó junto a una altura. Toque una ronda en cuanto se pueda oír.</translation>
    </message>
    <message>
        <source>Provisional, and the pitch is a guess from the turns. Tap a round as soon as it may be heard.</source>
        <translation>Provisional, y la altura se supone por las vueltas. Toque una ronda en cuanto se pueda oír.</translation>
    </message>
    <message>
        <source>Even and at pitch</source>
        <translation>Parejo y en su altura</translation>
    </message>
    <message>
        <source>New film drifts: look at it again tomorrow.</source>
        <translation>La película nueva se mueve: revísela mañana.</translation>
    </message>
    <message>
        <source>Leave it overnight now (Go, Remind me), then tap once more and bring it back.</source>
        <translation>Déjelo ahora una noche (Ir, Recordarme), luego toque otra vez y devuélvalo.</translation>
    </message>
    <message>
        <source>Press the middle gently, or leave a new head overnight, then tap once more.</source>
        <translation>Presione el centro con suavidad, o deje una noche el parche nuevo, y toque una vez más.</translation>
    </message>
    <message>
        <source>It resists, so nothing was tightened. Find the cause, clear it, then tap again.</source>
        <translation>Se resiste, así que no se apretó nada. Halle la causa, resuélvala y toque otra vez.</translation>
    </message>
    <message>
        <source>The film is near its limit: more turns would pass the safe load.</source>
        <translation>La película está cerca de su límite: más vueltas pasarían la carga segura.</translation>
    </message>
    <message>
        <source>No further eighth would bring it nearer; tap once more to be sure.</source>
        <translation>Ningún octavo más lo acercaría; toque una vez más para estar seguro.</translation>
    </message>
    <message>
        <source>As near as it goes</source>
        <translation>Tan cerca como llega</translation>
    </message>
    <message>
        <source>Now the other head</source>
        <translation>Ahora el otro parche</translation>
    </message>
    <message>
        <source>Raise the snare side</source>
        <translation>Suba el bordonero</translation>
    </message>
    <message>
        <source>Raise the batter</source>
        <translation>Suba el batidor</translation>
    </message>
    <message>
        <source>Both as one system: each moves the other, so both are raised before either is evened. Then come back and tap here.</source>
        <translation>Los dos como un sistema: cada uno mueve al otro, así que ambos se suben antes de emparejar uno. Luego vuelva y toque aquí.</translation>
    </message>
    <message>
        <source>On to the snare side</source>
        <translation>Al bordonero</translation>
    </message>
    <message>
        <source>Now listen again</source>
        <translation>Ahora escuche otra vez</translation>
    </message>
    <message>
        <source>Tap the round</source>
        <translation>Toque la ronda</translation>
    </message>
    <message>
        <source>The tone was changed since this head was heard: its target is another now.</source>
        <translation>El sonido cambió desde que se oyó este parche: ahora su meta es otra.</translation>
    </message>
    <message>
        <source>Begin the round</source>
        <translation>Empezar la ronda</translation>
    </message>
</context>
<context>
    <name>Store</name>
    <message>
        <source>%1: readings go out as a table. Give the file a name that ends with .csv.</source>
        <translation>%1: las lecturas salen como tabla. Dé al archivo un nombre que termine en .csv.</translation>
    </message>
    <message>
        <source>%1 cannot be written (%2). Choose another folder.</source>
        <translation>%1 no se puede escribir (%2). Elija otra carpeta.</translation>
    </message>
    <message>
        <source>cannot be read (%1)</source>
        <translation>no se puede leer (%1)</translation>
    </message>
    <message>
        <source>is too large for a logbook</source>
        <translation>es demasiado grande para un diario</translation>
    </message>
    <message>
        <source>%1 is not there. Choose another workbook or make a new one.</source>
        <translation>%1 no está. Elija otro cuaderno o haga uno nuevo.</translation>
    </message>
    <message>
        <source>%1 cannot be reached. Check that its folder is there and that you may write in it.</source>
        <translation>No se llega a %1. Compruebe que su carpeta está y que usted puede escribir en ella.</translation>
    </message>
    <message>
        <source>%1 is not a Bombo workbook. It was left as it is; choose a file that Bombo saved.</source>
        <translation>%1 no es un cuaderno de Bombo. Quedó como está; elija un archivo que Bombo guardó.</translation>
    </message>
    <message>
        <source>%1 is damaged (%2). It was left as it is. Open the newest backup beside it (its name ends in .bak), or copy what can be read into a new one with bombo-cli rescue.</source>
        <translation>%1 está dañado (%2). Quedó como está. Abra la copia más reciente que hay al lado (su nombre termina en .bak) o copie lo legible a uno nuevo con bombo-cli rescue.</translation>
    </message>
    <message>
        <source>%1 was written by a newer Bombo. It was left as it is; update Bombo to open it.</source>
        <translation>%1 lo escribió un Bombo más nuevo. Quedó como está; actualice Bombo para abrirlo.</translation>
    </message>
    <message>
        <source>%1 can be read but not written. Save a copy in a folder of your own to go on.</source>
        <translation>%1 se puede leer pero no escribir. Guarde una copia en una carpeta suya para seguir.</translation>
    </message>
    <message>
        <source>The disk with %1 is full. Nothing saved was lost; free some space, then do the last step again.</source>
        <translation>El disco con %1 está lleno. No se perdió nada guardado; libere espacio y repita el último paso.</translation>
    </message>
    <message>
        <source>The disk with %1 could not be read or written. The workbook itself may be whole: check the disk and its cable or network, then try again.</source>
        <translation>El disco con %1 no se pudo leer o escribir. El cuaderno en sí puede estar entero: compruebe el disco y su cable o red, y pruebe de nuevo.</translation>
    </message>
    <message>
        <source>Another program is writing to %1. Wait a moment, then do the last step again.</source>
        <translation>Otro programa está escribiendo en %1. Espere un momento y repita el último paso.</translation>
    </message>
    <message>
        <source>Another window has gone on with this session in %1. Its steps were loaded; do your last step again if it is still wanted.</source>
        <translation>Otra ventana siguió con esta sesión en %1. Se cargaron sus pasos; repita su último paso si aún lo desea.</translation>
    </message>
    <message>
        <source>%1 exists already. Choose another name, or open it.</source>
        <translation>%1 ya existe. Elija otro nombre o ábralo.</translation>
    </message>
    <message>
        <source>%1 could not be used: %2.</source>
        <translation>%1 no se pudo usar: %2.</translation>
    </message>
    <message>
        <source>%1: give the file a name that ends with .json (everything) or .csv (a table). For a copy of the workbook, choose Workbook &gt; Save a copy.</source>
        <translation>%1: dé al archivo un nombre que termine en .json (todo) o .csv (una tabla). Para copiar el cuaderno, elija Cuaderno &gt; Guardar una copia.</translation>
    </message>
    <message>
        <source>is no ordinary file</source>
        <translation>no es un archivo normal</translation>
    </message>
    <message>
        <source>%1 is a workbook or belongs to one, and was left as it is. Choose another name.</source>
        <translation>%1 es un cuaderno o forma parte de uno, y se ha dejado como estaba. Elija otro nombre.</translation>
    </message>
    <message>
        <source>%1 is no ordinary file. Choose another name.</source>
        <translation>%1 no es un archivo normal. Elija otro nombre.</translation>
    </message>
    <message>
        <source>%1 exists already. Choose another name, or add --replace.</source>
        <translation>%1 ya existe. Elija otro nombre o añada --replace.</translation>
    </message>
    <message>
        <source>%1 cannot be written: the disk may be full. Free some space or choose another folder.</source>
        <translation>No se puede escribir %1: quizá el disco esté lleno. Libere espacio o elija otra carpeta.</translation>
    </message>
    <message>
        <source>%1 was moved, replaced or deleted while it was open, so this step was not kept. Everything before it is still here: choose Workbook &gt; Save a copy, or write it back to its place.</source>
        <translation>%1 se movió, se sustituyó o se borró mientras estaba abierto, así que este paso no se ha guardado. Todo lo anterior sigue aquí: elija Cuaderno &gt; Guardar una copia, o vuelva a escribirlo en su sitio.</translation>
    </message>
    <message>
        <source>%1 holds parts that Bombo did not make (%2). It was left as it is. Copy what can be read into a new workbook with bombo-cli rescue.</source>
        <translation>%1 contiene partes que Bombo no hizo (%2). Se ha dejado como estaba. Copie lo que se pueda leer en un cuaderno nuevo con bombo-cli rescue.</translation>
    </message>
    <message>
        <source>That step was not taken: Bombo could not have read it again from %1 (%2). Nothing was lost. Please report what you did just before.</source>
        <translation>Ese paso no se ha dado: Bombo no habría podido volver a leerlo de %1 (%2). No se ha perdido nada. Por favor, informe de lo que hizo justo antes.</translation>
    </message>
    <message>
        <source>Cancelled. Nothing was written to %1.</source>
        <translation>Cancelado. No se ha escrito nada en %1.</translation>
    </message>
</context>
<context>
    <name>SweepPicture</name>
    <message>
        <source>best: %1 ± %2</source>
        <translation>mejor: %1 ± %2</translation>
    </message>
    <message>
        <source>%1, %2 at the %3: %4</source>
        <translation>%1, %2 en %3: %4</translation>
    </message>
    <message>
        <source>answered</source>
        <translation>respondió</translation>
    </message>
    <message>
        <source>no answer</source>
        <translation>sin respuesta</translation>
    </message>
    <message>
        <source>Usable span from %1 to %2; best %3, sure to %4 turns. Strainer now at %5. Tried: %6.</source>
        <translation>Margen útil de %1 a %2; mejor %3, seguro a %4 vueltas. Tensor ahora en %5. Probado: %6.</translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation>nada aún</translation>
    </message>
    <message>
        <source>strainer turns from first contact</source>
        <translation>vueltas del tensor desde el primer contacto</translation>
    </message>
    <message>
        <source>shaded: usable; disc: answered, cross: no answer; thin line: how sure
bars: should answer, full at the middle, hatched at the edge</source>
        <translation>sombreado: útil; disco: respondió, cruz: sin respuesta; línea fina: certeza
barras: debe responder, llenas en el centro, rayadas en el borde</translation>
    </message>
    <message>
        <source>Sweep of the strainer</source>
        <translation>Barrido del tensor</translation>
    </message>
    <message>
        <source>Strainer now at %1. Tried: %2.</source>
        <translation>Tensor ahora en %1. Probado: %2.</translation>
    </message>
    <message>
        <source>disc: answered, cross: no answer; above: a straight line is clean, a jagged one rattled</source>
        <translation>disco: respuesta, cruz: ninguna; arriba: línea recta limpia, quebrada matraquea</translation>
    </message>
</context>
<context>
    <name>TapPaint</name>
    <message>
        <source>edge</source>
        <translation>borde</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>centro</translation>
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
        <translation>%1, el que cuenta, cae en %2 s</translation>
    </message>
    <message>
        <source>%1, falls in %2 s</source>
        <translation>%1, cae en %2 s</translation>
    </message>
    <message>
        <source>No partials.</source>
        <translation>Sin parciales.</translation>
    </message>
    <message>
        <source>Partials: %1.</source>
        <translation>Parciales: %1.</translation>
    </message>
</context>
<context>
    <name>TomBench</name>
    <message>
        <source>%1 cents</source>
        <translation>%1 cents</translation>
    </message>
    <message>
        <source>A tom makes the wires buzz</source>
        <translation>Un tom hace zumbar la bordonera</translation>
    </message>
    <message>
        <source>Silence them with the least harm: a whisper must still be answered, a loud stroke must not rattle on, and the snare drum should keep its tone.</source>
        <translation>Hazla callar con el menor daño: debe responder aún a un susurro, no traquetear tras un golpe fuerte, y la caja ha de conservar su sonido.</translation>
    </message>
    <message>
        <source>Both heads of the drum</source>
        <translation>Los dos parches de la caja</translation>
    </message>
    <message>
        <source>The knob</source>
        <translation>La perilla</translation>
    </message>
    <message>
        <source>The tom</source>
        <translation>El tom</translation>
    </message>
    <message>
        <source>The knob stands at %1.</source>
        <translation>La perilla está en %1.</translation>
    </message>
    <message>
        <source>All rods of the drum stand as they did.</source>
        <translation>Todos los tornillos de la caja están como estaban.</translation>
    </message>
    <message>
        <source>All rods of the drum %1 tighter than they were.</source>
        <translation>Todos los tornillos de la caja, %1 más apretados que antes.</translation>
    </message>
    <message>
        <source>All rods of the drum %1 looser than they were.</source>
        <translation>Todos los tornillos de la caja, %1 más flojos que antes.</translation>
    </message>
    <message>
        <source>All rods of the tom stand as they did.</source>
        <translation>Todos los tornillos del tom están como estaban.</translation>
    </message>
    <message>
        <source>All rods of the tom %1 tighter than they were.</source>
        <translation>Todos los tornillos del tom, %1 más apretados que antes.</translation>
    </message>
    <message>
        <source>All rods of the tom %1 looser than they were.</source>
        <translation>Todos los tornillos del tom, %1 más flojos que antes.</translation>
    </message>
    <message>
        <source>They still buzz as the tom is struck.</source>
        <translation>Aún zumba cuando se golpea el tom.</translation>
    </message>
    <message>
        <source>They lie still, but rattle on after a loud stroke.</source>
        <translation>Está quieta, pero traquetea tras un golpe fuerte.</translation>
    </message>
    <message>
        <source>Right: they lie still, and a whisper is answered.</source>
        <translation>Correcto: está quieta y responde a un susurro.</translation>
    </message>
    <message>
        <source>They lie still, but choked: a whisper is not answered.</source>
        <translation>Está quieta, pero ahogada: no responde a un susurro.</translation>
    </message>
    <message>
        <source>The tom was moved by %1, the snare drum by %2.</source>
        <translation>El tom se movió %1; la caja, %2.</translation>
    </message>
    <message>
        <source>Every rod of the tom %1 tighter would have done, and nothing else.</source>
        <translation>Habría bastado con cada tornillo del tom %1 más apretado, y nada más.</translation>
    </message>
    <message>
        <source>Every rod of the tom %1 looser would have done, and nothing else.</source>
        <translation>Habría bastado con cada tornillo del tom %1 más flojo, y nada más.</translation>
    </message>
    <message numerus="yes">
        <source>The key was set %n time(s).</source>
        <translation>
            <numerusform>La llave se puso %n vez.</numerusform>
            <numerusform>La llave se puso %n veces.</numerusform>
        </translation>
    </message>
    <message>
        <source>It took %1.</source>
        <translation>Llevó %1.</translation>
    </message>
</context>
<context>
    <name>Tuning</name>
    <message>
        <source>%1 cents</source>
        <translation>%1 cents</translation>
    </message>
    <message>
        <source>One rod is low</source>
        <translation>Un tornillo está bajo</translation>
    </message>
    <message>
        <source>Uneven all round</source>
        <translation>Desigual por todas partes</translation>
    </message>
    <message>
        <source>Choked wires</source>
        <translation>Bordonera ahogada</translation>
    </message>
    <message>
        <source>Slack snare side</source>
        <translation>Bordonero flojo</translation>
    </message>
    <message>
        <source>A rod that sticks</source>
        <translation>Un tornillo que se traba</translation>
    </message>
    <message>
        <source>Five minutes</source>
        <translation>Cinco minutos</translation>
    </message>
    <message>
        <source>Find it and bring it up; leave the others alone.</source>
        <translation>Encuéntrelo y súbalo; deje los demás como están.</translation>
    </message>
    <message>
        <source>Bring every rod of the batter to %1.</source>
        <translation>Lleve cada tornillo del parche batidor a %1.</translation>
    </message>
    <message>
        <source>Turn the knob until a whisper near the edge is answered and a loud stroke does not rattle on.</source>
        <translation>Gire la perilla hasta que un susurro junto al borde tenga respuesta y un golpe fuerte no matraquee.</translation>
    </message>
    <message>
        <source>It hangs about a turn too low. Bring every rod to %1.</source>
        <translation>Está como una vuelta demasiado bajo. Lleve cada tornillo a %1.</translation>
    </message>
    <message>
        <source>One rod is low and does not do what it is turned. Bring it to the others.</source>
        <translation>Un tornillo está bajo y no hace lo que se le gira. Llévelo con los demás.</translation>
    </message>
    <message>
        <source>The show begins in five minutes. Bring every rod of the batter to %1.</source>
        <translation>La función empieza en cinco minutos. Lleve cada tornillo del parche batidor a %1.</translation>
    </message>
    <message>
        <source>Figures and advice</source>
        <translation>Cifras y consejo</translation>
    </message>
    <message>
        <source>Figures alone</source>
        <translation>Solo cifras</translation>
    </message>
    <message>
        <source>By ear alone</source>
        <translation>Solo de oído</translation>
    </message>
    <message>
        <source>Nothing need be turned any more.</source>
        <translation>Ya no hace falta girar nada.</translation>
    </message>
    <message>
        <source>%1, %2 tighter</source>
        <translation>%1, %2 más tenso</translation>
    </message>
    <message>
        <source>%1, %2 looser</source>
        <translation>%1, %2 más flojo</translation>
    </message>
    <message>
        <source>Bombo would turn: %1.</source>
        <translation>Bombo giraría: %1.</translation>
    </message>
    <message>
        <source>%1 min %2 s</source>
        <translation>%1 min %2 s</translation>
    </message>
    <message>
        <source>The head has torn: its film was pulled beyond what it bears. On your own drum Bombo stops long before.</source>
        <translation>El parche se ha rasgado: se tiró de la película más de lo que aguanta. En su propio tambor Bombo se detiene mucho antes.</translation>
    </message>
    <message>
        <source>Too loose: a loud stroke still rattles on.</source>
        <translation>Demasiado flojo: un golpe fuerte aún matraquea.</translation>
    </message>
    <message>
        <source>Right: a whisper is answered, and a loud stroke is clean.</source>
        <translation>Bien: un susurro tiene respuesta y un golpe fuerte es limpio.</translation>
    </message>
    <message>
        <source>Too tight: a whisper near the edge is not answered.</source>
        <translation>Demasiado tenso: un susurro junto al borde no tiene respuesta.</translation>
    </message>
    <message numerus="yes">
        <source>The knob was turned %n time(s).</source>
        <translation>
            <numerusform>La perilla se giró %n vez.</numerusform>
            <numerusform>La perilla se giró %n veces.</numerusform>
        </translation>
    </message>
    <message>
        <source>Once would have done: %1 looser.</source>
        <translation>Una vez habría bastado: %1 más flojo.</translation>
    </message>
    <message>
        <source>Once would have done: %1 tighter.</source>
        <translation>Una vez habría bastado: %1 más tenso.</translation>
    </message>
    <message>
        <source>It took %1.</source>
        <translation>Llevó %1.</translation>
    </message>
    <message>
        <source>Done: within the tolerance of this drum.</source>
        <translation>Hecho: dentro de la tolerancia de este tambor.</translation>
    </message>
    <message>
        <source>Not there yet.</source>
        <translation>Aún no.</translation>
    </message>
    <message>
        <source>The rod that was farthest off: %1 before, %2 now; the head as a whole %3 from the goal.</source>
        <translation>El tornillo más desviado: %1 antes, %2 ahora; el parche en conjunto a %3 de la meta.</translation>
    </message>
    <message numerus="yes">
        <source>%n pass(es) of turning.</source>
        <translation>
            <numerusform>%n pasada de giros.</numerusform>
            <numerusform>%n pasadas de giros.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The key was set %n time(s).</source>
        <translation>
            <numerusform>La llave se puso %n vez.</numerusform>
            <numerusform>La llave se puso %n veces.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Who knows what was planted sets it %n time(s).</source>
        <translation>
            <numerusform>Quien sabe lo escondido la pone %n vez.</numerusform>
            <numerusform>Quien sabe lo escondido la pone %n veces.</numerusform>
        </translation>
    </message>
    <message>
        <source>Film load at most %1 %. It took %2.</source>
        <translation>Carga de la película como mucho %1 %. Llevó %2.</translation>
    </message>
    <message>
        <source>Half of what it was turned was lost in the thread: clean and oil such a rod.</source>
        <translation>La mitad del giro se perdió en la rosca: limpie y engrase un tornillo así.</translation>
    </message>
    <message>
        <source>here stands how near you came, day by day</source>
        <translation>aquí consta cuánto se acercó, día a día</translation>
    </message>
    <message>
        <source>Last time not right</source>
        <translation>La última vez no</translation>
    </message>
    <message>
        <source>Last time %1 off</source>
        <translation>La última vez a %1</translation>
    </message>
    <message>
        <source>Dull: is it the head?</source>
        <translation>Apagado: ¿es el parche?</translation>
    </message>
    <message>
        <source>It sounds dull. Bring every rod of the batter to %1, and fit a fresh head only if this one is worn out.</source>
        <translation>Suena apagado. Lleva cada tornillo del batidor a %1 y pon un parche nuevo solo si este está gastado.</translation>
    </message>
    <message>
        <source>The head was worn out: a fresh one was the answer.</source>
        <translation>El parche estaba gastado: uno nuevo era la respuesta.</translation>
    </message>
    <message>
        <source>The head was worn out: even at its pitch it stays dull. Only a fresh one helps.</source>
        <translation>El parche estaba gastado: incluso a su altura sigue apagado. Solo uno nuevo ayuda.</translation>
    </message>
    <message>
        <source>The old head was still good, only too low: a fresh one was wasted.</source>
        <translation>El parche viejo aún estaba bien, solo demasiado bajo: el nuevo fue un derroche.</translation>
    </message>
    <message>
        <source>The head was good, only too low.</source>
        <translation>El parche estaba bien, solo demasiado bajo.</translation>
    </message>
    <message>
        <source>Nothing can be heard: plug in a loudspeaker or headphones, or begin again with figures. This one will not be kept.</source>
        <translation>No se oye nada: conecta un altavoz o auriculares, o empieza de nuevo con cifras. Esta no se guardará.</translation>
    </message>
    <message>
        <source>You hear a loud stroke in the middle.</source>
        <translation>Oyes un golpe fuerte en el centro.</translation>
    </message>
    <message>
        <source>You hear a whisper near the edge.</source>
        <translation>Oyes un susurro cerca del borde.</translation>
    </message>
    <message>
        <source>They rattle on after it.</source>
        <translation>Sigue traqueteando después.</translation>
    </message>
    <message>
        <source>Clean: nothing rattles on.</source>
        <translation>Limpio: nada traquetea.</translation>
    </message>
    <message>
        <source>The wires answer.</source>
        <translation>La bordonera responde.</translation>
    </message>
    <message>
        <source>No answer.</source>
        <translation>Sin respuesta.</translation>
    </message>
    <message>
        <source>The taps ring %1 s; a fresh head rings about %2 s at this pitch.</source>
        <translation>Los toques resuenan %1 s; un parche nuevo resuena unos %2 s a esta altura.</translation>
    </message>
    <message numerus="yes">
        <source>key set %n time(s)</source>
        <translation>
            <numerusform>llave %n vez</numerusform>
            <numerusform>llave %n veces</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Last time right; key set %n time(s)</source>
        <translation>
            <numerusform>Última vez bien; llave %n vez</numerusform>
            <numerusform>Última vez bien; llave %n veces</numerusform>
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
        <translation>Desde abajo, tensor a la izquierda: bordonera de %1, %2 hasta la cara exterior del casco en cada extremo.</translation>
    </message>
    <message>
        <source>Shift them %1 towards the strainer.</source>
        <translation>Muévala %1 hacia el tensor.</translation>
    </message>
    <message>
        <source>Shift them %1 towards the butt plate.</source>
        <translation>Muévala %1 hacia la placa fija.</translation>
    </message>
    <message>
        <source>strands %1</source>
        <translation>hilos %1</translation>
    </message>
    <message>
        <source>shift %1</source>
        <translation>mover %1</translation>
    </message>
    <message>
        <source>strainer</source>
        <translation>tensor</translation>
    </message>
    <message>
        <source>butt plate</source>
        <translation>placa fija</translation>
    </message>
    <message>
        <source>from below, true to scale; dotted: the inner wall</source>
        <translation>desde abajo, a escala; punteado: la pared interior</translation>
    </message>
    <message>
        <source>from below; usual lengths, not measured on this drum yet</source>
        <translation>desde abajo; largos usuales, sin medir en este tambor</translation>
    </message>
    <message>
        <source>The underside</source>
        <translation>El lado de abajo</translation>
    </message>
</context>
<context>
    <name>WhatIsThis</name>
    <message>
        <source>The hoop laid flat, a rod at each place. Pegs: the edge pitch before each rod against the target, in cents (a hundredth of a semitone), heard by taps with the other head muted. The shaded band is the tolerance. While turns are counted, columns show turns from finger-tight.</source>
        <translation>El aro extendido, un tornillo en cada lugar. Clavijas: la altura del borde ante cada tornillo respecto a la meta, en cents (centésimas de semitono), oída con toques, el otro parche apagado. La banda sombreada es la tolerancia. Mientras se cuenta, las columnas muestran vueltas desde apretado a mano.</translation>
    </message>
    <message>
        <source>Film load: how hard the film is pulled, in per cent of what makes it stretch for good. Reckoned from the pitch heard, or the turns counted, and the film&apos;s thickness. Bombo stops at the mark.</source>
        <translation>Carga de la película: cuánto se tira de ella, en tanto por ciento de lo que la estira para siempre. Calculada de la altura oída o de los giros contados y del grosor. Bombo se detiene en la marca.</translation>
    </message>
    <message>
        <source>What to do now, drawn. The angle is that of the key, seen from above: an eighth of a turn is 45 degrees.</source>
        <translation>Lo que hay que hacer ahora, dibujado. El ángulo es el de la llave, vista desde arriba: un octavo de vuelta son 45 grados.</translation>
    </message>
    <message>
        <source>The partials of the last tap: pitch across in Hz, loudness up. The marked one is the one that was wanted; the others tell which it is.</source>
        <translation>Los parciales del último toque: altura hacia la derecha en Hz, volumen hacia arriba. El marcado es el que se buscaba; los otros dicen cuál es.</translation>
    </message>
    <message>
        <source>How loud the microphone hears, in dB below the most it can take. A tap should reach the right half and not the end.</source>
        <translation>Con qué volumen oye el micrófono, en dB por debajo del máximo. Un toque debe llegar a la mitad derecha y no al final.</translation>
    </message>
    <message>
        <source>What was heard last: of a tap its pitch in Hz with the nearest note and cents, of a stroke how long the tone rings, in seconds until it is inaudible (60 dB).</source>
        <translation>Lo último que se oyó: de un toque su altura en Hz con la nota más cercana y cents, de un golpe cuánto suena el tono, en segundos hasta ser inaudible (60 dB).</translation>
    </message>
    <message>
        <source>The drum cut through, to scale. Edge pitches: each head tapped near the hoop, the other muted. Centre pitch: both heads and the air between, struck in the middle. Reckoned for this drum from its size, heads and the weather; what was heard comes in where it is known.</source>
        <translation>El tambor cortado, a escala. Alturas del borde: cada parche tocado junto al aro, el otro apagado. Altura del centro: los dos parches y el aire entre ellos, golpe en el centro. Calculadas para este tambor por medidas, parches y tiempo; lo oído entra donde se conoce.</translation>
    </message>
    <message>
        <source>The wires from below, to scale, lengths in millimetres. Drawn from what you measured with a rule, else as it usually is.</source>
        <translation>La bordonera desde abajo, a escala, longitudes en milímetros. Dibujada según lo que midió con regla; si no, como es habitual.</translation>
    </message>
    <message>
        <source>Turns of the knob across, from first contact; whisper to loud up. Discs: you said the wires answered; crosses: they did not. The shaded span is clean and answers everything; thin lines say how sure that is.</source>
        <translation>Vueltas de la perilla hacia la derecha, desde el primer contacto; de susurro a fuerte hacia arriba. Discos: dijo que respondía; cruces: que no. El tramo sombreado es limpio y responde a todo; las líneas finas dicen con qué seguridad.</translation>
    </message>
    <message>
        <source>Pitches in Hz: above those of the instruments beside the drum, below the drum&apos;s own, the snare side dashed. A line joins two that meet; the thick one sets the wires going most. Predicted: the ear decides.</source>
        <translation>Alturas en Hz: arriba las de los instrumentos junto al tambor, abajo las propias, el bordonero a trazos. Una línea une dos que se encuentran; la gruesa es la que más mueve la bordonera. Previsto: decide el oído.</translation>
    </message>
    <message>
        <source>Each partial dying away: seconds across. The outline is the bare head, filled is the head as it is now; the dashed line is what the tone wants. Predicted with this drum&apos;s own damping; below stands what was heard.</source>
        <translation>Cómo se apaga cada parcial: segundos hacia la derecha. El contorno es el parche desnudo, relleno el parche como está; la línea a trazos es lo que pide el tono. Previsto con el amortiguamiento propio de este tambor; abajo está lo oído.</translation>
    </message>
    <message>
        <source>The batter from above, to scale; the circle is where the stick lands. What lies on it can be dragged, or chosen by its number and nudged with the arrows; near the edge it does most.</source>
        <translation>El parche batidor desde arriba, a escala; el círculo es donde cae la baqueta. Lo que hay encima se arrastra, o se elige por su número y se mueve con las flechas; junto al borde hace más.</translation>
    </message>
    <message>
        <source>Each line of the brief: where it was wanted, where it is, and how that is known. Measured: heard. Predicted: from the model and what was heard. Counted: as the hands said.</source>
        <translation>Cada línea del encargo: dónde se quería, dónde está y cómo se sabe. Medido: oído. Previsto: del modelo y lo oído. Contado: según las manos.</translation>
    </message>
    <message>
        <source>Each stroke: how far from the middle it landed, in millimetres, by the balance of middle and edge; and how loud, in dB against the usual one. Scattered dots with an even ring are the hands; near dots with a scattered ring are the drum.</source>
        <translation>Cada golpe: a qué distancia del centro cayó, en milímetros, por el balance de centro y borde; y cuán fuerte, en dB respecto al habitual. Puntos dispersos con resonancia igual son las manos; puntos juntos con resonancia dispersa, el tambor.</translation>
    </message>
    <message>
        <source>Edge pitch in Hz over time: batter full, snare side dashed, thin what was wanted; a step is what a key did. Below: how uneven, in cents, and the weather; triangles are entries. Arrows walk from entry to entry.</source>
        <translation>Altura del borde en Hz a lo largo del tiempo: batidor continuo, bordonero a trazos, fino lo querido; un escalón lo hizo una llave. Abajo: cuán desigual, en cents, y el tiempo; los triángulos son entradas. Las flechas van de entrada en entrada.</translation>
    </message>
    <message>
        <source>The way back to a saved sound, as far as it is made: heads, knob, and what lay on the head.</source>
        <translation>El camino de vuelta a un sonido guardado, hasta donde va hecho: parches, perilla y lo que había sobre el parche.</translation>
    </message>
    <message>
        <source>What moved this head since it was last left, in cents: weather, new film that settles, rods that backed off, and what is left over; each with its error.</source>
        <translation>Lo que movió este parche desde que se dejó, en cents: tiempo, película nueva que se asienta, tornillos que se aflojaron y el resto; cada uno con su error.</translation>
    </message>
    <message>
        <source>What differs between two entries. Orange lines are beyond what most ears tell apart, the dashed line is where that begins.</source>
        <translation>Lo que difiere entre dos entradas. Las líneas naranjas superan lo que distingue la mayoría de oídos; la línea a trazos es donde empieza.</translation>
    </message>
    <message>
        <source>How many more shows something is good for, from the shows so far and what wore; always with its reason.</source>
        <translation>Para cuántas funciones más sirve algo, según las hechas y lo que se gastó; siempre con su razón.</translation>
    </message>
    <message>
        <source>The numbers of the evening from top to bottom, a drum in each column: which plays what, what is turned before it, how long that takes, and how sure it is.</source>
        <translation>Los números de la noche de arriba abajo, un tambor en cada columna: cuál toca qué, qué se gira antes, cuánto lleva y con qué seguridad.</translation>
    </message>
    <message>
        <source>What may be behind the complaint, each with its odds in per cent, from experience, your answers and what the workbook knows. They move with every answer.</source>
        <translation>Lo que puede haber detrás de la queja, cada cosa con su probabilidad en tanto por ciento, por experiencia, sus respuestas y lo que sabe el cuaderno. Se mueven con cada respuesta.</translation>
    </message>
    <message>
        <source>Differences up, easier above. Full dots were right, rings wrong; the band is what is known of your ear in this round; squares are the days before, with their errors.</source>
        <translation>Diferencias hacia arriba, más fácil arriba. Puntos llenos acertados, anillos fallados; la banda es lo que se sabe de su oído en esta ronda; los cuadrados son los días anteriores, con sus errores.</translation>
    </message>
    <message>
        <source>The order of the work. Tick: done. Diamond: under way. Triangle: something before it changed since, look again. Ring: not begun.</source>
        <translation>El orden del trabajo. Marca: hecho. Rombo: en curso. Triángulo: algo anterior cambió desde entonces, mire otra vez. Anillo: sin empezar.</translation>
    </message>
    <message>
        <source>Who listens, and what was heard last: the pitch in Hz and as a note, or why it has to be made again.</source>
        <translation>Quién escucha y qué se oyó por último: la altura en Hz y como nota, o por qué hay que repetirlo.</translation>
    </message>
    <message>
        <source>Your own words to this setup. They are kept as you type.</source>
        <translation>Sus propias palabras sobre este ajuste. Se guardan al escribir.</translation>
    </message>
    <message>
        <source>What to do at this step, and why. It goes away with Not now; Help, Walk me through brings it back.</source>
        <translation>Qué hacer en este paso y por qué. Se va con Ahora no; Ayuda, Acompáñame la devuelve.</translation>
    </message>
    <message>
        <source>Point at a picture or a figure, and click. F1 opens the manual at this page.</source>
        <translation>Señale un dibujo o una cifra y pulse. F1 abre el manual en esta página.</translation>
    </message>
    <message>
        <source>Each tap: its pitch against the middle one, in cents, and its loudness, in dB. The band is how far one tap differs from the next; a ring lies beyond the picture.</source>
        <translation>Cada toque: su altura respecto a la del medio, en cents, y su volumen, en dB. La banda es cuánto difiere uno del siguiente; un anillo queda fuera del dibujo.</translation>
    </message>
    <message>
        <source>Each turn as the drum tells it, against the quarter that was asked for. The line on a bar is how far the ear may be off.</source>
        <translation>Cada giro según lo dice el tambor, frente al cuarto que se pedía. La línea de la barra es lo que puede errar el oído.</translation>
    </message>
    <message>
        <source>The drum now and then, cut through, with the pitch of each head, the knob and what lay on it. Below: what each rod is turned on the way back, in parts of a turn; an arrow away from the shell is tighter.</source>
        <translation>El tambor ahora y entonces, en corte, con el tono de cada parche, la perilla y lo que había encima. Debajo: cuánto gira cada tornillo en el camino de vuelta, en partes de vuelta; una flecha que se aleja del casco es más apretado.</translation>
    </message>
    <message>
        <source>How far level, place and ring differ from stroke to stroke. Within the shaded part they count as steady; beyond it level and place are the hands, the ring the drum.</source>
        <translation>Cuánto difieren nivel, lugar y resonancia de golpe a golpe. Dentro de la parte sombreada cuentan como constantes; más allá, nivel y lugar son las manos, la resonancia el tambor.</translation>
    </message>
    <message>
        <source>Each way to a shorter ring, dying away over the seconds, against the dashed line that is wanted: full where it gets there, pale where not. Hatched: the wires over it.</source>
        <translation>Cada camino a una resonancia más corta, apagándose en segundos, frente a la línea de trazos que se desea: lleno donde llega, pálido donde no. Rayado: la bordonera por encima.</translation>
    </message>
    <message>
        <source>Strokes heard without your own thing and with it, a dot each, and how long the drum rang both times.</source>
        <translation>Golpes oídos sin su objeto propio y con él, un punto cada uno, y cuánto resonó el tambor ambas veces.</translation>
    </message>
    <message>
        <source>What the strokes said before the change (ring) and say after it (dot). The bars are how sure each is; where they lie over each other the strokes do not tell the two apart.</source>
        <translation>Lo que los golpes decían antes del cambio (aro) y dicen después (punto). Las barras muestran la seguridad de cada uno; donde se superponen, los golpes no distinguen los dos.</translation>
    </message>
</context>
<context>
    <name>Wording</name>
    <message>
        <source>Drum</source>
        <translation>Tambor</translation>
    </message>
    <message>
        <source>Tone</source>
        <translation>Sonido</translation>
    </message>
    <message>
        <source>Snare side</source>
        <translation>Bordonero</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Batidor</translation>
    </message>
    <message>
        <source>Wires</source>
        <translation>Bordonera</translation>
    </message>
    <message>
        <source>Muffling</source>
        <translation>Apagado</translation>
    </message>
    <message>
        <source>Proof</source>
        <translation>Prueba</translation>
    </message>
    <message>
        <source>open</source>
        <translation>abierto</translation>
    </message>
    <message>
        <source>under way</source>
        <translation>en curso</translation>
    </message>
    <message>
        <source>done</source>
        <translation>listo</translation>
    </message>
    <message>
        <source>check again</source>
        <translation>revisar</translation>
    </message>
    <message>
        <source>batter</source>
        <translation>batidor</translation>
    </message>
    <message>
        <source>snare side</source>
        <translation>bordonero</translation>
    </message>
    <message>
        <source>Practice drum</source>
        <translation>Tambor de práctica</translation>
    </message>
    <message>
        <source>Sound files</source>
        <translation>Archivos de sonido</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Micrófono</translation>
    </message>
    <message>
        <source>whisper</source>
        <translation>susurro</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>suave</translation>
    </message>
    <message>
        <source>medium</source>
        <translation>medio</translation>
    </message>
    <message>
        <source>loud</source>
        <translation>fuerte</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>centro</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>borde</translation>
    </message>
    <message>
        <source>by the tone</source>
        <translation>según el sonido</translation>
    </message>
    <message>
        <source>loosest clean</source>
        <translation>lo más flojo limpio</translation>
    </message>
    <message>
        <source>equal lengths</source>
        <translation>duraciones iguales</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>seca</translation>
    </message>
    <message>
        <source>wet</source>
        <translation>mojada</translation>
    </message>
    <message>
        <source>So far into the clean span as the tone asks for.</source>
        <translation>Tan adentro del margen limpio como pide el sonido.</translation>
    </message>
    <message>
        <source>The loosest setting that is clean at loud; a whisper is answered with the most room.</source>
        <translation>El ajuste más flojo que queda limpio en fuerte; un susurro responde con el mayor margen.</translation>
    </message>
    <message>
        <source>Where the wires fall silent with the drum, by what was heard at the stops.</source>
        <translation>Donde la bordonera calla con el tambor, según lo oído en los puntos.</translation>
    </message>
    <message>
        <source>The tightest setting that still answers a whisper near the edge: short buzz, least body.</source>
        <translation>El ajuste más tenso que aún responde a un susurro en el borde: siseo corto, mínimo cuerpo.</translation>
    </message>
    <message>
        <source>A quarter turn below clean: long buzz, a loud stroke may rattle on a little.</source>
        <translation>Un cuarto de vuelta bajo lo limpio: siseo largo, un golpe fuerte puede traquetear un poco.</translation>
    </message>
    <message>
        <source>gel pad</source>
        <translation>almohadilla de gel</translation>
    </message>
    <message>
        <source>half a gel pad</source>
        <translation>media almohadilla de gel</translation>
    </message>
    <message>
        <source>quarter gel pad</source>
        <translation>cuarto de almohadilla de gel</translation>
    </message>
    <message>
        <source>doubled gel pad</source>
        <translation>almohadilla de gel doble</translation>
    </message>
    <message>
        <source>film ring</source>
        <translation>anillo de película</translation>
    </message>
    <message>
        <source>tape and tissue</source>
        <translation>cinta y pañuelo</translation>
    </message>
    <message>
        <source>piece of felt</source>
        <translation>trozo de fieltro</translation>
    </message>
    <message>
        <source>felt strip under the head</source>
        <translation>tira de fieltro bajo el parche</translation>
    </message>
    <message>
        <source>folded cloth</source>
        <translation>paño doblado</translation>
    </message>
    <message>
        <source>wallet</source>
        <translation>cartera</translation>
    </message>
    <message>
        <source>loose bouncing weight</source>
        <translation>peso suelto que rebota</translation>
    </message>
    <message>
        <source>cloth under the hoop</source>
        <translation>paño bajo el aro</translation>
    </message>
    <message>
        <source>damper inside</source>
        <translation>apagador interior</translation>
    </message>
    <message>
        <source>ring in the head</source>
        <translation>anillo en el parche</translation>
    </message>
    <message>
        <source>vents in the head</source>
        <translation>agujeros en el parche</translation>
    </message>
    <message>
        <source>at the head</source>
        <translation>en el parche</translation>
    </message>
    <message>
        <source>at the player&apos;s ear</source>
        <translation>en el oído del músico</translation>
    </message>
    <message>
        <source>in the room</source>
        <translation>en la sala</translation>
    </message>
    <message>
        <source>at the microphone</source>
        <translation>en el micrófono</translation>
    </message>
    <message>
        <source>%1 on the batter would pass the safe film load; the highest is %2.</source>
        <translation>%1 en el batidor pasaría la carga segura; lo más alto es %2.</translation>
    </message>
    <message>
        <source>%1 on the batter is below finger-tight; the lowest is %2.</source>
        <translation>%1 en el batidor está bajo apretado a mano; lo más bajo es %2.</translation>
    </message>
    <message>
        <source>%1 on the snare side would pass the safe film load; the highest is %2.</source>
        <translation>%1 en el bordonero pasaría la carga segura; lo más alto es %2.</translation>
    </message>
    <message>
        <source>%1 on the snare side is below finger-tight; the lowest is %2.</source>
        <translation>%1 en el bordonero está bajo apretado a mano; lo más bajo es %2.</translation>
    </message>
    <message>
        <source>%1 is out of reach; the nearest is %2.</source>
        <translation>%1 está fuera de alcance; lo más cercano es %2.</translation>
    </message>
    <message>
        <source>heard clearly</source>
        <translation>oído claro</translation>
    </message>
    <message>
        <source>heard roughly</source>
        <translation>oído aproximado</translation>
    </message>
    <message>
        <source>too quiet</source>
        <translation>muy bajo</translation>
    </message>
    <message>
        <source>too loud for the input</source>
        <translation>muy fuerte para la entrada</translation>
    </message>
    <message>
        <source>two hits in one</source>
        <translation>dos golpes en uno</translation>
    </message>
    <message>
        <source>the wires hide it</source>
        <translation>la bordonera lo oculta</translation>
    </message>
    <message>
        <source>no tone</source>
        <translation>sin tono</translation>
    </message>
    <message>
        <source>two pitches it could be</source>
        <translation>podría ser dos alturas</translation>
    </message>
    <message>
        <source>not this head</source>
        <translation>no es este parche</translation>
    </message>
    <message>
        <source>drowned by another sound</source>
        <translation>tapado por otro sonido</translation>
    </message>
    <message>
        <source>The room blurs it. Bring the microphone nearer for a finer figure.</source>
        <translation>La sala lo difumina. Acerque el micrófono para una cifra más fina.</translation>
    </message>
    <message>
        <source>Tap a little harder or come nearer, then tap the same rod again.</source>
        <translation>Toque algo más fuerte o acérquese, y toque otra vez el mismo tornillo.</translation>
    </message>
    <message>
        <source>Turn the input gain down or tap softer, then tap the same rod again.</source>
        <translation>Baje la entrada o toque más suave, y toque otra vez el mismo tornillo.</translation>
    </message>
    <message>
        <source>Let the key bounce off once, then tap the same rod again.</source>
        <translation>Deje rebotar la llave una sola vez, y toque otra vez el mismo tornillo.</translation>
    </message>
    <message>
        <source>Throw the lever off and hold the wires away, then tap again.</source>
        <translation>Suelte la palanca y aparte la bordonera, y toque otra vez.</translation>
    </message>
    <message>
        <source>A knock, a voice or hum. Tap 30 mm in from the hoop, in front of the rod.</source>
        <translation>Un golpe seco, una voz o zumbido. Toque a 30 mm del aro, frente al tornillo.</translation>
    </message>
    <message>
        <source>Keep the finger still on the middle and mute the other head, then tap the same rod again.</source>
        <translation>Mantenga quieto el dedo en el centro y apague el otro parche, y toque otra vez el mismo tornillo.</translation>
    </message>
    <message>
        <source>No tone where this head can be. Is the other head muted?</source>
        <translation>Ningún tono donde este parche puede estar. ¿Está apagado el otro?</translation>
    </message>
    <message>
        <source>Hum or another instrument lies right on it. Stop that or come nearer, then tap again.</source>
        <translation>Un zumbido u otro instrumento está justo encima. Párelo o acérquese, y toque otra vez.</translation>
    </message>
    <message>
        <source>%1 turn</source>
        <translation>%1 vuelta</translation>
    </message>
    <message>
        <source>%1 turns</source>
        <translation>%1 vueltas</translation>
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
        <translation>la película bordonera pasaría %1 % de su fluencia</translation>
    </message>
    <message>
        <source>the batter&apos;s film would pass %1 % of its yield</source>
        <translation>la película del batidor pasaría %1 % de su fluencia</translation>
    </message>
    <message>
        <source>the batter would be looser than finger-tight</source>
        <translation>el batidor quedaría más flojo que apretado a mano</translation>
    </message>
    <message>
        <source>the snare side would be looser than finger-tight</source>
        <translation>el bordonero quedaría más flojo que apretado a mano</translation>
    </message>
    <message>
        <source>beyond that edge and middle change places between the heads</source>
        <translation>más allá borde y centro cambian de parche</translation>
    </message>
    <message>
        <source>no pair of tensions gives both</source>
        <translation>ningún par de tensiones da ambos</translation>
    </message>
    <message>
        <source>as the tone asks</source>
        <translation>como pide el sonido</translation>
    </message>
    <message>
        <source>your own interval</source>
        <translation>intervalo propio</translation>
    </message>
    <message>
        <source>a little above</source>
        <translation>algo por encima</translation>
    </message>
    <message>
        <source>matched</source>
        <translation>igualados</translation>
    </message>
    <message>
        <source>near its limit</source>
        <translation>cerca del límite</translation>
    </message>
    <message>
        <source>by the ratio</source>
        <translation>por la razón</translation>
    </message>
    <message>
        <source>counted turns</source>
        <translation>vueltas contadas</translation>
    </message>
    <message>
        <source>The interval that suits the tone, capped by the film.</source>
        <translation>El intervalo que conviene al sonido, limitado por la película.</translation>
    </message>
    <message>
        <source>Your interval on every drum; on small drums the film caps it sooner.</source>
        <translation>Su intervalo en cada tambor; en los pequeños la película limita antes.</translation>
    </message>
    <message>
        <source>More body, slower answer: soft strokes near the edge may find no wire.</source>
        <translation>Más cuerpo, respuesta lenta: golpes suaves en el borde quizá no hallen bordonera.</translation>
    </message>
    <message>
        <source>Both heads sound as one pitch: round, little snap, late wires.</source>
        <translation>Ambos parches suenan como uno: redondo, poco chasquido, bordonera tardía.</translation>
    </message>
    <message>
        <source>The quickest answer and the hardest snap; brittle, and the film has least to spare.</source>
        <translation>La respuesta más rápida y el chasquido más duro; frágil, y la película con menos reserva.</translation>
    </message>
    <message>
        <source>A musical interval between edge and middle; the level follows the batter.</source>
        <translation>Un intervalo musical entre borde y centro; el nivel sigue al batidor.</translation>
    </message>
    <message>
        <source>A quarter turn a rod more than the batter: needs no ear, and is only as sure as the count.</source>
        <translation>Un cuarto de vuelta por tornillo más que el batidor: no necesita oído, y es tan seguro como la cuenta.</translation>
    </message>
    <message>
        <source>snare side first</source>
        <translation>bordonero primero</translation>
    </message>
    <message>
        <source>batter first</source>
        <translation>batidor primero</translation>
    </message>
    <message>
        <source>both as one</source>
        <translation>ambos como uno</translation>
    </message>
    <message>
        <source>loose end of the clean span</source>
        <translation>extremo flojo del margen limpio</translation>
    </message>
    <message>
        <source>middle of the clean span</source>
        <translation>medio del margen limpio</translation>
    </message>
    <message>
        <source>tight end of the clean span</source>
        <translation>extremo tenso del margen limpio</translation>
    </message>
    <message>
        <source>rod %1</source>
        <translation>tornillo %1</translation>
    </message>
    <message>
        <source>rods %1 and %2</source>
        <translation>tornillos %1 y %2</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>y %n más</numerusform>
            <numerusform>y %n más</numerusform>
        </translation>
    </message>
    <message>
        <source>the drum %1 (%2)</source>
        <translation>el tambor %1 (%2)</translation>
    </message>
    <message>
        <source>the tone %1 (%2)</source>
        <translation>el sonido %1 (%2)</translation>
    </message>
    <message>
        <source>step %1 of the session (%2)</source>
        <translation>el paso %1 de la sesión (%2)</translation>
    </message>
    <message>
        <source>the note and the place of a session (%1)</source>
        <translation>la nota y el lugar de una sesión (%1)</translation>
    </message>
    <message>
        <source>what is at hand (%1)</source>
        <translation>lo que está a mano (%1)</translation>
    </message>
    <message>
        <source>today&apos;s backup could not be made (%1)</source>
        <translation>no se pudo hacer la copia de hoy (%1)</translation>
    </message>
    <message>
        <source>Damaged in this workbook and left out, so that the rest works: %1. Nothing was removed from the file.</source>
        <translation>Dañado en este cuaderno y apartado, para que lo demás funcione: %1. No se quitó nada del archivo.</translation>
    </message>
    <message>
        <source>unison</source>
        <translation>unísono</translation>
    </message>
    <message>
        <source>minor second</source>
        <translation>segunda menor</translation>
    </message>
    <message>
        <source>major second</source>
        <translation>segunda mayor</translation>
    </message>
    <message>
        <source>minor third</source>
        <translation>tercera menor</translation>
    </message>
    <message>
        <source>major third</source>
        <translation>tercera mayor</translation>
    </message>
    <message>
        <source>fourth</source>
        <translation>cuarta</translation>
    </message>
    <message>
        <source>tritone</source>
        <translation>tritono</translation>
    </message>
    <message>
        <source>fifth</source>
        <translation>quinta</translation>
    </message>
    <message>
        <source>minor sixth</source>
        <translation>sexta menor</translation>
    </message>
    <message>
        <source>major sixth</source>
        <translation>sexta mayor</translation>
    </message>
    <message>
        <source>minor seventh</source>
        <translation>séptima menor</translation>
    </message>
    <message>
        <source>major seventh</source>
        <translation>séptima mayor</translation>
    </message>
    <message>
        <source>octave</source>
        <translation>octava</translation>
    </message>
    <message>
        <source>entry %1 of the logbook (%2)</source>
        <translation>la entrada %1 del diario (%2)</translation>
    </message>
</context>
<context>
    <name>bombo::BackPanel</name>
    <message>
        <source>What is to be the same</source>
        <translation>Qué ha de ser igual</translation>
    </message>
    <message>
        <source>Nothing to go back to yet</source>
        <translation>Aún no hay adónde volver</translation>
    </message>
    <message>
        <source>Save how the drum stands at the last station, Proof.</source>
        <translation>Guarde cómo está la caja en la última estación, Prueba.</translation>
    </message>
    <message>
        <source>Since the last entry the batter moved %1 cents by itself:</source>
        <translation>Desde la última entrada el batidor se movió solo %1 cents:</translation>
    </message>
    <message>
        <source>Since the last entry the snare side moved %1 cents by itself:</source>
        <translation>Desde la última entrada el bordonero se movió solo %1 cents:</translation>
    </message>
    <message>
        <source>From %1 until it was found on %2 the batter moved %3 cents by itself:</source>
        <translation>Del %1 al %2 el batidor se movió solo %3 cents:</translation>
    </message>
</context>
<context>
    <name>bombo::BackStrip</name>
    <message>
        <source>It stands there now</source>
        <translation>Ya está ahí</translation>
    </message>
    <message>
        <source>They lie so now</source>
        <translation>Ya están así</translation>
    </message>
    <message>
        <source>%1: turn the knob to %2 from first contact.</source>
        <translation>%1: gire la perilla a %2 desde el primer contacto.</translation>
    </message>
    <message>
        <source>%1: nothing lay on the head.</source>
        <translation>%1: no había nada sobre el parche.</translation>
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
        <translation>Backbeats iguales</translation>
    </message>
    <message>
        <source>Goal: loudness within %1 dB, place within %2 mm.</source>
        <translation>Meta: volumen dentro de %1 dB, lugar dentro de %2 mm.</translation>
    </message>
    <message>
        <source>The practice drum is struck by the hands that Listen gives it.</source>
        <translation>El tambor de práctica lo golpean las manos que Escuchar le da.</translation>
    </message>
    <message>
        <source>Play twelve backbeats as in a song, all alike, two seconds apart.</source>
        <translation>Toca doce backbeats como en una canción, todos iguales, cada dos segundos.</translation>
    </message>
    <message numerus="yes">
        <source>%n of 12 heard.</source>
        <translation>
            <numerusform>%n de 12 oído.</numerusform>
            <numerusform>%n de 12 oídos.</numerusform>
        </translation>
    </message>
    <message>
        <source>Goal reached: the next one is finer.</source>
        <translation>Meta alcanzada: la próxima es más fina.</translation>
    </message>
    <message>
        <source>As loud as each other, but they wander: mark the place you aim at.</source>
        <translation>Igual de fuertes, pero se desvían: marca el lugar al que apuntas.</translation>
    </message>
    <message>
        <source>At one place, but not equally loud: let the stick fall from one height.</source>
        <translation>En un lugar, pero no igual de fuertes: deja caer la baqueta desde una misma altura.</translation>
    </message>
    <message>
        <source>Slower, and from one height: first the place, then the loudness.</source>
        <translation>Más despacio y desde una misma altura: primero el lugar, luego el volumen.</translation>
    </message>
    <message>
        <source>Strike it</source>
        <translation>Golpear</translation>
    </message>
</context>
<context>
    <name>bombo::BeginTools</name>
    <message>
        <source>What the work begins with</source>
        <translation>Con qué empieza el trabajo</translation>
    </message>
    <message>
        <source>A new head</source>
        <translation>Un parche nuevo</translation>
    </message>
    <message>
        <source>Same, from slack</source>
        <translation>El mismo, desde flojo</translation>
    </message>
    <message>
        <source>Same, as it stands</source>
        <translation>El mismo, como está</translation>
    </message>
    <message>
        <source>As it stands: nothing is slackened, the first thing is a round of taps.</source>
        <translation>Como está: no se afloja nada, lo primero es una ronda de toques.</translation>
    </message>
    <message>
        <source>How the wires are kept away</source>
        <translation>Cómo se aparta la bordonera</translation>
    </message>
    <message>
        <source>Stick under wires</source>
        <translation>Baqueta bajo bordonera</translation>
    </message>
    <message>
        <source>Wires lifted</source>
        <translation>Bordonera levantada</translation>
    </message>
    <message>
        <source>Wires taken off</source>
        <translation>Bordonera quitada</translation>
    </message>
    <message>
        <source>How a new head is seated</source>
        <translation>Cómo se asienta un parche nuevo</translation>
    </message>
    <message>
        <source>Seat by palm</source>
        <translation>Asentar con la palma</translation>
    </message>
    <message>
        <source>Rest overnight</source>
        <translation>Reposar una noche</translation>
    </message>
    <message>
        <source>No seating</source>
        <translation>Sin asentar</translation>
    </message>
    <message>
        <source>Stretch overnight</source>
        <translation>Estirar una noche</translation>
    </message>
    <message>
        <source>Stretch: the batter is taken about a minor third above pitch, evened there, left overnight, and brought down again.</source>
        <translation>Estirar: el parche batidor se sube cerca de una tercera menor, se empareja ahí, se deja una noche y se vuelve a bajar.</translation>
    </message>
    <message>
        <source>In which order rods are turned</source>
        <translation>En qué orden se giran los tornillos</translation>
    </message>
    <message>
        <source>Pairs, two keys</source>
        <translation>Pares, dos llaves</translation>
    </message>
    <message>
        <source>Across, one key</source>
        <translation>En cruz, una llave</translation>
    </message>
    <message>
        <source>Round, one key</source>
        <translation>En redondo, una llave</translation>
    </message>
    <message>
        <source>Your own skip…</source>
        <translation>Salto propio…</translation>
    </message>
    <message>
        <source>Across or in pairs the film stays centred; round the head only in small steps.</source>
        <translation>En cruz o por pares la película queda centrada; en redondo solo con pasos pequeños.</translation>
    </message>
    <message>
        <source>Correct rods</source>
        <translation>Corregir tornillos</translation>
    </message>
    <message>
        <source>Correct both ways</source>
        <translation>En ambos sentidos</translation>
    </message>
    <message>
        <source>Tighten only</source>
        <translation>Solo apretar</translation>
    </message>
    <message>
        <source>Loosen only</source>
        <translation>Solo aflojar</translation>
    </message>
    <message>
        <source>Tighten only ends a little above pitch, and never leaves slack behind; loosen only ends below: press the head afterwards.</source>
        <translation>Solo apretar termina algo por encima y nunca deja holgura; solo aflojar termina por debajo: después presione el parche.</translation>
    </message>
    <message>
        <source>Even to ±%1 cents</source>
        <translation>Parejo a ±%1 cents</translation>
    </message>
    <message>
        <source>How even the head is to be</source>
        <translation>Cuán parejo debe quedar el parche</translation>
    </message>
    <message>
        <source>Five takes a pass more; twelve is enough for a dead or noisy sound.</source>
        <translation>Cinco cuestan una pasada más; doce bastan para un sonido muerto o ruidoso.</translation>
    </message>
    <message>
        <source>How far a round turns the rods at most</source>
        <translation>Cuánto gira los tornillos una ronda como máximo</translation>
    </message>
    <message>
        <source>Steps to 1 turn</source>
        <translation>Pasos hasta 1 vuelta</translation>
    </message>
    <message>
        <source>Steps to 1/2 turn</source>
        <translation>Pasos hasta 1/2</translation>
    </message>
    <message>
        <source>Steps to 1/4 turn</source>
        <translation>Pasos hasta 1/4</translation>
    </message>
    <message>
        <source>Steps of 1/8 turn</source>
        <translation>Pasos de 1/8</translation>
    </message>
    <message>
        <source>They get smaller by themselves towards the target. Small ones keep the hoop level and take longer.</source>
        <translation>Se hacen más pequeños solos hacia la meta. Los pequeños mantienen el aro nivelado y tardan más.</translation>
    </message>
    <message>
        <source>Finger-tight already</source>
        <translation>Ya apretado a mano</translation>
    </message>
    <message>
        <source>Leaves the steps before it out and starts the count.</source>
        <translation>Omite los pasos anteriores y empieza la cuenta.</translation>
    </message>
    <message>
        <source>Your own skip</source>
        <translation>Salto propio</translation>
    </message>
    <message>
        <source>Go on by how many rods? 1 is round the head:</source>
        <translation>¿Cuántos tornillos avanzar? 1 es en redondo:</translation>
    </message>
    <message>
        <source>A skip of %1 on %2 rods never comes to %3. Take one that shares no divisor with %2.</source>
        <translation>Un salto de %1 con %2 tornillos nunca llega a %3. Tome uno que no comparta divisor con %2.</translation>
    </message>
    <message>
        <source>No palm (thin)</source>
        <translation>Sin palma (fino)</translation>
    </message>
    <message>
        <source>Stretch batter only</source>
        <translation>Estirar solo el batidor</translation>
    </message>
    <message>
        <source>Far apart, one key</source>
        <translation>Lejos entre sí, una llave</translation>
    </message>
    <message>
        <source>Your own skip, %1…</source>
        <translation>Salto propio, %1…</translation>
    </message>
    <message>
        <source>That is how</source>
        <translation>Así es</translation>
    </message>
    <message>
        <source>Change…</source>
        <translation>Cambiar…</translation>
    </message>
    <message>
        <source>Says it as a sentence again</source>
        <translation>Lo dice otra vez en una frase</translation>
    </message>
    <message>
        <source>How you go about this head</source>
        <translation>Cómo trabaja usted este parche</translation>
    </message>
</context>
<context>
    <name>bombo::BinDialog</name>
    <message>
        <source>Deleted entries</source>
        <translation>Entradas borradas</translation>
    </message>
    <message>
        <source>Deleted entries stay here until you empty the bin.</source>
        <translation>Las entradas borradas se quedan aquí hasta que vacíe la papelera.</translation>
    </message>
    <message>
        <source>Empty the bin…</source>
        <translation>Vaciar la papelera…</translation>
    </message>
    <message>
        <source>Empty the bin</source>
        <translation>Vaciar la papelera</translation>
    </message>
    <message numerus="yes">
        <source>Remove %n entries for good?</source>
        <translation>
            <numerusform>¿Eliminar %n entrada para siempre?</numerusform>
            <numerusform>¿Eliminar %n entradas para siempre?</numerusform>
        </translation>
    </message>
    <message>
        <source>Restore</source>
        <translation>Restaurar</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
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
        <translation>Comparación a ciegas</translation>
    </message>
    <message>
        <source>One of the two is what you want, the other the drum as it is, equally loud. The order changes after each answer.</source>
        <translation>Uno de los dos es lo que quiere, el otro el tambor como está, igual de fuertes. El orden cambia después de cada respuesta.</translation>
    </message>
    <message>
        <source>Hear the first</source>
        <translation>Oír el primero</translation>
    </message>
    <message>
        <source>Hear the second</source>
        <translation>Oír el segundo</translation>
    </message>
    <message>
        <source>The first is the wanted</source>
        <translation>El primero es el deseado</translation>
    </message>
    <message>
        <source>The second is the wanted</source>
        <translation>El segundo es el deseado</translation>
    </message>
    <message>
        <source>No answer yet.</source>
        <translation>Aún sin respuesta.</translation>
    </message>
    <message>
        <source>Right: the %1 was the wanted.</source>
        <translation>Correcto: el %1 era el deseado.</translation>
    </message>
    <message>
        <source>No: the %1 was the wanted.</source>
        <translation>No: el %1 era el deseado.</translation>
    </message>
    <message>
        <source>first</source>
        <translation>primero</translation>
    </message>
    <message>
        <source>second</source>
        <translation>segundo</translation>
    </message>
    <message>
        <source>Right so far: %1 of %2.</source>
        <translation>Aciertos hasta ahora: %1 de %2.</translation>
    </message>
    <message>
        <source>You can tell them apart.</source>
        <translation>Puede distinguirlos.</translation>
    </message>
    <message>
        <source>By ear they are as good as the same.</source>
        <translation>De oído son prácticamente iguales.</translation>
    </message>
</context>
<context>
    <name>bombo::BlindPanel</name>
    <message>
        <source>Hear both, blind</source>
        <translation>Oír los dos, a ciegas</translation>
    </message>
    <message>
        <source>Last stroke is before</source>
        <translation>El último golpe es antes</translation>
    </message>
    <message>
        <source>Last stroke is after</source>
        <translation>El último golpe es después</translation>
    </message>
    <message>
        <source>Play the first</source>
        <translation>Tocar el primero</translation>
    </message>
    <message>
        <source>Play the second</source>
        <translation>Tocar el segundo</translation>
    </message>
    <message>
        <source>First is better</source>
        <translation>El primero es mejor</translation>
    </message>
    <message>
        <source>Second is better</source>
        <translation>El segundo es mejor</translation>
    </message>
    <message>
        <source>No difference</source>
        <translation>Ninguna diferencia</translation>
    </message>
    <message>
        <source>Tell me which was which</source>
        <translation>Dime cuál era cuál</translation>
    </message>
    <message>
        <source>Replace before</source>
        <translation>Reemplazar antes</translation>
    </message>
    <message>
        <source>Replace after</source>
        <translation>Reemplazar después</translation>
    </message>
    <message>
        <source>Play a stroke as it was, and keep it</source>
        <translation>Toque un golpe como estaba, y guárdelo</translation>
    </message>
    <message>
        <source>Now a stroke with the change, and keep it</source>
        <translation>Ahora un golpe con el cambio, y guárdelo</translation>
    </message>
    <message>
        <source>Which is better?</source>
        <translation>¿Cuál es mejor?</translation>
    </message>
    <message>
        <source>Listen to both, equally loud</source>
        <translation>Escuche los dos, igual de fuertes</translation>
    </message>
    <message>
        <source>Judged %1 times; five or more tell something.</source>
        <translation>Juzgado %1 veces; desde cinco dice algo.</translation>
    </message>
    <message>
        <source>Judged %1 times: after was better %2, before %3, no difference %4.</source>
        <translation>Juzgado %1 veces: después fue mejor %2, antes %3, sin diferencia %4.</translation>
    </message>
    <message>
        <source>Save as sound files…</source>
        <translation>Guardar como archivos de sonido…</translation>
    </message>
    <message>
        <source>Save the strokes before and after</source>
        <translation>Guardar los golpes de antes y después</translation>
    </message>
    <message>
        <source>stroke.wav</source>
        <translation>golpe.wav</translation>
    </message>
    <message>
        <source>Sound (*.wav)</source>
        <translation>Sonido (*.wav)</translation>
    </message>
    <message>
        <source>before</source>
        <translation>antes</translation>
    </message>
    <message>
        <source>after</source>
        <translation>después</translation>
    </message>
    <message>
        <source>Written: %1.</source>
        <translation>Escrito: %1.</translation>
    </message>
</context>
<context>
    <name>bombo::BuzzPanel</name>
    <message>
        <source>tom</source>
        <translation>tom</translation>
    </message>
    <message>
        <source>bass drum</source>
        <translation>bombo</translation>
    </message>
    <message>
        <source>bass note</source>
        <translation>nota grave</translation>
    </message>
    <message>
        <source>voice</source>
        <translation>voz</translation>
    </message>
    <message>
        <source>something else</source>
        <translation>otra cosa</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 a %2</translation>
    </message>
    <message>
        <source>By %1 cents: %2 dB less of it. Costs this drum nothing.</source>
        <translation>En %1 cents: %2 dB menos. A este tambor no le cuesta nada.</translation>
    </message>
    <message>
        <source>%1 half as long, with a pad</source>
        <translation>%1 la mitad de largo, con un apagador</translation>
    </message>
    <message>
        <source>%1 dB less of it. Costs it its tail.</source>
        <translation>%1 dB menos. Le cuesta su cola.</translation>
    </message>
    <message>
        <source>Wires %1 tighter</source>
        <translation>Bordonera %1 más tensa</translation>
    </message>
    <message>
        <source>%1 dB less. Costs answer to a whisper.</source>
        <translation>%1 dB menos. Cuesta la respuesta a un susurro.</translation>
    </message>
    <message>
        <source>Both heads of this drum %1 cents</source>
        <translation>Los dos parches de este tambor %1 cents</translation>
    </message>
    <message>
        <source>%1 dB less. Costs the tone that was asked for.</source>
        <translation>%1 dB menos. Cuesta el sonido que se pidió.</translation>
    </message>
    <message>
        <source>Rods beside the beds %1 looser</source>
        <translation>Tornillos junto a los lechos %1 más flojos</translation>
    </message>
    <message>
        <source>At Snare side, Uneven: %1 dB less. Costs quick answer.</source>
        <translation>En Parche bordonero, Desigual: %1 dB menos. Cuesta respuesta rápida.</translation>
    </message>
    <message>
        <source>Accept it</source>
        <translation>Aceptarlo</translation>
    </message>
    <message>
        <source>Throw the lever off where the piece is still.</source>
        <translation>Suelte la palanca donde la pieza esté quieta.</translation>
    </message>
    <message>
        <source>Who plays beside it?</source>
        <translation>¿Quién toca al lado?</translation>
    </message>
    <message>
        <source>What you call it</source>
        <translation>Cómo lo llama</translation>
    </message>
    <message>
        <source>name, if you like</source>
        <translation>nombre, si quiere</translation>
    </message>
    <message>
        <source>Kind of instrument</source>
        <translation>Tipo de instrumento</translation>
    </message>
    <message>
        <source>Its pitch</source>
        <translation>Su altura</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Añadir</translation>
    </message>
    <message>
        <source>Take what was heard</source>
        <translation>Tomar lo que se oyó</translation>
    </message>
    <message>
        <source>Play the other instrument alone, lever off: its partials as they were heard last.</source>
        <translation>Toque el otro instrumento solo, palanca suelta: sus parciales como se oyeron por última vez.</translation>
    </message>
    <message>
        <source>Instruments around the drum</source>
        <translation>Instrumentos alrededor del tambor</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>What calms it, least harm first</source>
        <translation>Qué lo calma, lo menos dañino primero</translation>
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
        <translation>Previsto: tóquelo otra vez después y escuche.</translation>
    </message>
    <message>
        <source>Nothing to calm yet.</source>
        <translation>Nada que calmar aún.</translation>
    </message>
    <message>
        <source>Heard last: %1</source>
        <translation>Lo último oído: %1</translation>
    </message>
    <message>
        <source>Heard last: %1, falling from %2</source>
        <translation>Lo último oído: %1, bajando desde %2</translation>
    </message>
</context>
<context>
    <name>bombo::CardDialog</name>
    <message>
        <source>Pitch card</source>
        <translation>Ficha de tonos</translation>
    </message>
    <message>
        <source>What it says</source>
        <translation>Qué dice</translation>
    </message>
    <message>
        <source>Begin anew</source>
        <translation>Empezar de nuevo</translation>
    </message>
    <message>
        <source>Take back the last tap</source>
        <translation>Retirar el último toque</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Now %1: %2</source>
        <translation>Ahora %1: %2</translation>
    </message>
    <message>
        <source>The card is full</source>
        <translation>La ficha está completa</translation>
    </message>
    <message>
        <source>Every place was heard. It stays with the session and counts in the proof.</source>
        <translation>Se oyó cada lugar. Queda con el trabajo y cuenta en la prueba.</translation>
    </message>
    <message>
        <source>Tap %1 of %2 here. Wires off, let each tap ring out: the middle one counts.</source>
        <translation>Toque %1 de %2 aquí. Sin bordonera, deje sonar cada toque: cuenta el del medio.</translation>
    </message>
    <message>
        <source>One tap more: those before did not agree. Same place, same strength.</source>
        <translation>Un toque más: los anteriores no coincidían. El mismo lugar, la misma fuerza.</translation>
    </message>
    <message>
        <source>Both tensions follow from these places, and whether they fit each other.</source>
        <translation>De estos lugares se deducen las dos tensiones, y si concuerdan entre sí.</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Listo</translation>
    </message>
    <message>
        <source>Tap</source>
        <translation>Tocar</translation>
    </message>
    <message>
        <source>Listening</source>
        <translation>Escuchando</translation>
    </message>
    <message>
        <source>Give sound files…</source>
        <translation>Dar archivos de sonido…</translation>
    </message>
</context>
<context>
    <name>bombo::CardView</name>
    <message>
        <source>Pitch card</source>
        <translation>Ficha de tonos</translation>
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
        <translation>resonancia</translation>
    </message>
    <message>
        <source>tone with wires</source>
        <translation>tono con bordonera</translation>
    </message>
    <message>
        <source>buzz</source>
        <translation>siseo</translation>
    </message>
    <message>
        <source>centre pitch</source>
        <translation>tono central</translation>
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
        <translation>después</translation>
    </message>
    <message>
        <source>before</source>
        <translation>antes</translation>
    </message>
    <message>
        <source>%1: before %2, after %3</source>
        <translation>%1: antes %2, después %3</translation>
    </message>
    <message>
        <source>%1: before %2</source>
        <translation>%1: antes %2</translation>
    </message>
    <message>
        <source>Before and after</source>
        <translation>Antes y después</translation>
    </message>
</context>
<context>
    <name>bombo::ClockDialog</name>
    <message>
        <source>Too short. Let the tone sound for three seconds and listen again.</source>
        <translation>Demasiado corto. Deje sonar el tono tres segundos y escuche otra vez.</translation>
    </message>
    <message>
        <source>No steady tone near %1 was heard. Is it loud enough, and is that its pitch?</source>
        <translation>No se oyó un tono estable cerca de %1. ¿Suena lo bastante fuerte, y es esa su altura?</translation>
    </message>
    <message>
        <source>The tone wavered or stopped. A voice or an instrument will not do: take a tone from a device, alone in the room.</source>
        <translation>El tono vaciló o paró. Una voz o un instrumento no sirven: tome un tono de un aparato, solo en la sala.</translation>
    </message>
    <message>
        <source>Take a tone between 80 and 4000 Hz.</source>
        <translation>Tome un tono entre 80 y 4000 Hz.</translation>
    </message>
    <message>
        <source>Calibrate the sound card&apos;s clock</source>
        <translation>Calibrar el reloj de la tarjeta de sonido</translation>
    </message>
    <message>
        <source>No sound card&apos;s clock is quite right, and every pitch is off by as much. Play a steady tone from a device that you trust, beside the microphone. Or tap the drum, read the pitch on the other device and enter that.</source>
        <translation>Ningún reloj de tarjeta de sonido es del todo exacto, y cada altura se desvía en esa medida. Haga sonar un tono estable de un aparato de confianza junto al micrófono. O toque el tambor, lea la altura en el otro aparato y escríbala.</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Micrófono</translation>
    </message>
    <message>
        <source>Kept</source>
        <translation>Guardado</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source>Pitch by the device that is trusted</source>
        <translation>Altura según el aparato de confianza</translation>
    </message>
    <message>
        <source>The tone is</source>
        <translation>El tono es</translation>
    </message>
    <message>
        <source>Nothing was compared yet.</source>
        <translation>Aún no se comparó nada.</translation>
    </message>
    <message>
        <source>Forget what is kept</source>
        <translation>Olvidar lo guardado</translation>
    </message>
    <message>
        <source>Listen for three seconds</source>
        <translation>Escuchar tres segundos</translation>
    </message>
    <message>
        <source>Keep for this microphone</source>
        <translation>Guardar el valor</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguno</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nada</translation>
    </message>
    <message>
        <source>There is no microphone to listen with. Plug one in and open this again.</source>
        <translation>No hay micrófono con que escuchar. Conecte uno y abra esto otra vez.</translation>
    </message>
    <message>
        <source>opening…</source>
        <translation>abriendo…</translation>
    </message>
    <message>
        <source>nothing: its clock is taken as right</source>
        <translation>nada: se da por bueno su reloj</translation>
    </message>
    <message>
        <source>reads %1 cents %2, and is corrected</source>
        <translation>lee %1 cents %2, y se corrige</translation>
    </message>
    <message>
        <source>sharp</source>
        <translation>alto</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>bajo</translation>
    </message>
    <message>
        <source>Listening…</source>
        <translation>Escuchando…</translation>
    </message>
    <message>
        <source>The tone reads</source>
        <translation>El tono se lee</translation>
    </message>
    <message>
        <source>The tap reads</source>
        <translation>El toque se lee</translation>
    </message>
    <message>
        <source>%1 %2 Hz: %3 cents %4.</source>
        <translation>%1 %2 Hz: %3 cents %4.</translation>
    </message>
    <message>
        <source>No clock is off by so much: it was another tone.</source>
        <translation>Ningún reloj se desvía tanto: era otro tono.</translation>
    </message>
</context>
<context>
    <name>bombo::ComparePanel</name>
    <message>
        <source>against</source>
        <translation>contra</translation>
    </message>
    <message>
        <source>Compare with</source>
        <translation>Comparar con</translation>
    </message>
    <message>
        <source>the drum as it is now</source>
        <translation>la caja como está ahora</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message numerus="yes">
        <source>Over %n entries of this tone the stars go with the %1: best near %2.</source>
        <translation>
            <numerusform>En %n entrada de este sonido las estrellas van con: %1, lo mejor cerca de %2.</numerusform>
            <numerusform>En %n entradas de este sonido las estrellas van con: %1, lo mejor cerca de %2.</numerusform>
        </translation>
    </message>
    <message>
        <source>Hear both</source>
        <translation>Oír los dos</translation>
    </message>
    <message>
        <source>A stroke of this entry, then one of the other, equally loud: as they are predicted, not recorded</source>
        <translation>Un golpe de esta entrada y luego uno de la otra, igual de fuertes: como se predicen, no grabados</translation>
    </message>
    <message>
        <source>One of them does not say how high both heads were, or had another head</source>
        <translation>Una de ellas no dice a qué altura estaban los dos parches, o tenía otro parche</translation>
    </message>
    <message>
        <source>%1 as it is now</source>
        <translation>%1 tal como está ahora</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Only of the drum in front</source>
        <translation>Solo del tambor que está delante</translation>
    </message>
</context>
<context>
    <name>bombo::CompareView</name>
    <message>
        <source>can be heard</source>
        <translation>se oye</translation>
    </message>
    <message>
        <source>not heard by itself</source>
        <translation>no se oye por sí solo</translation>
    </message>
    <message>
        <source>Nothing that is known in both differs.</source>
        <translation>Nada de lo que se sabe en ambas es distinto.</translation>
    </message>
    <message>
        <source>What differs</source>
        <translation>Qué cambia</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>heard from here on</source>
        <translation>se oye desde aquí</translation>
    </message>
</context>
<context>
    <name>bombo::CorrectionPanel</name>
    <message>
        <source>%1: leave it.</source>
        <translation>%1: déjelo.</translation>
    </message>
    <message>
        <source>%1: %2 ± %3 tighter on every rod.</source>
        <translation>%1: %2 ± %3 más apretado en cada tornillo.</translation>
    </message>
    <message>
        <source>%1: %2 ± %3 looser on every rod.</source>
        <translation>%1: %2 ± %3 más flojo en cada tornillo.</translation>
    </message>
    <message>
        <source>edge %1, centre %2, ratio %3</source>
        <translation>borde %1, centro %2, razón %3</translation>
    </message>
    <message>
        <source>Batter edge pitch heard</source>
        <translation>Tono de borde oído del batidor</translation>
    </message>
    <message>
        <source>Snare-side edge pitch heard, batter muted</source>
        <translation>Tono de borde oído del bordonero, batidor apagado</translation>
    </message>
    <message>
        <source>Centre pitch heard, both heads free</source>
        <translation>Tono central oído, ambos parches libres</translation>
    </message>
    <message>
        <source>snare side muted</source>
        <translation>bordonero apagado</translation>
    </message>
    <message>
        <source>both heads free</source>
        <translation>ambos parches libres</translation>
    </message>
    <message>
        <source>Both are turned</source>
        <translation>Se giraron los dos</translation>
    </message>
    <message>
        <source>Batter edge</source>
        <translation>Borde del batidor</translation>
    </message>
    <message>
        <source>Snare-side edge</source>
        <translation>Borde del bordonero</translation>
    </message>
    <message>
        <source>batter muted</source>
        <translation>batidor apagado</translation>
    </message>
    <message>
        <source>Centre</source>
        <translation>Centro</translation>
    </message>
    <message>
        <source>Give the batter&apos;s edge pitch and the centre or snare-side pitch. Rounds heard at the head stations are filled in.</source>
        <translation>Dé el tono de borde del batidor y el tono central o el del bordonero. Las rondas oídas en los parches ya están puestas.</translation>
    </message>
    <message>
        <source>With both heads free the centre pitch is needed beside the edge.</source>
        <translation>Con ambos parches libres hace falta el tono central además del borde.</translation>
    </message>
    <message>
        <source>No tension of these heads sounds like that. Was a tap misread, or is another drum or head on?</source>
        <translation>Ninguna tensión de estos parches suena así. ¿Se leyó mal un toque, o hay otro tambor o parche?</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Batidor</translation>
    </message>
    <message>
        <source>Snare side</source>
        <translation>Bordonero</translation>
    </message>
    <message>
        <source>Then %1.</source>
        <translation>Entonces %1.</translation>
    </message>
    <message>
        <source>Batter alone: %1. Snare side alone: %2.</source>
        <translation>Solo batidor: %1. Solo bordonero: %2.</translation>
    </message>
    <message>
        <source>Both heads stand where the tone wants them: %1.</source>
        <translation>Los dos parches están donde los quiere el sonido: %1.</translation>
    </message>
    <message>
        <source>The centre was heard %1 cents from what the edges imply: hear it again.</source>
        <translation>El centro se oyó a %1 cents de lo que indican los bordes: óigalo otra vez.</translation>
    </message>
</context>
<context>
    <name>bombo::CutawayView</name>
    <message>
        <source>Drum, cut through</source>
        <translation>Tambor, en corte</translation>
    </message>
    <message>
        <source>Still</source>
        <translation>Quieto</translation>
    </message>
    <message>
        <source>Together</source>
        <translation>Juntos</translation>
    </message>
    <message>
        <source>Against</source>
        <translation>Opuestos</translation>
    </message>
    <message>
        <source>Edge</source>
        <translation>Borde</translation>
    </message>
    <message>
        <source>Heads at rest</source>
        <translation>Parches en reposo</translation>
    </message>
    <message>
        <source>Both heads move together: the centre pitch</source>
        <translation>Ambos parches se mueven juntos: el tono central</translation>
    </message>
    <message>
        <source>The heads move against each other and press the air</source>
        <translation>Los parches se mueven en contra y comprimen el aire</translation>
    </message>
    <message>
        <source>The edge pitch: one half up, the other down</source>
        <translation>El tono de borde: una mitad sube, la otra baja</translation>
    </message>
</context>
<context>
    <name>bombo::DamagedDialog</name>
    <message>
        <source>Nothing that was done after it stands in the damaged file.</source>
        <translation>Nada de lo hecho después está en el archivo dañado.</translation>
    </message>
    <message>
        <source>What was done after it is lost; it cannot be counted.</source>
        <translation>Lo hecho después se pierde; no se puede contar.</translation>
    </message>
    <message numerus="yes">
        <source>%n steps</source>
        <translation>
            <numerusform>%n paso</numerusform>
            <numerusform>%n pasos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n saved setups</source>
        <translation>
            <numerusform>%n ajuste guardado</numerusform>
            <numerusform>%n ajustes guardados</numerusform>
        </translation>
    </message>
    <message>
        <source> and </source>
        <translation> y </translation>
    </message>
    <message>
        <source>What was done after it is lost: %1, the last on %2.</source>
        <translation>Lo hecho después se pierde: %1, lo último el %2.</translation>
    </message>
    <message>
        <source>What was done after it is lost: at least %1, the last on %2.</source>
        <translation>Lo hecho después se pierde: al menos %1, lo último el %2.</translation>
    </message>
    <message>
        <source>Damaged workbook</source>
        <translation>Cuaderno dañado</translation>
    </message>
    <message>
        <source>%1 is damaged</source>
        <translation>%1 está dañado</translation>
    </message>
    <message>
        <source>Nothing in it was changed. Whatever you choose, the damaged file stays.</source>
        <translation>No se ha cambiado nada en él. Elija lo que elija, el archivo dañado se queda.</translation>
    </message>
    <message>
        <source>Go on with the copy of %1</source>
        <translation>Seguir con la copia del %1</translation>
    </message>
    <message>
        <source>There is no whole copy of it beside it.</source>
        <translation>Junto a él no hay ninguna copia sana.</translation>
    </message>
    <message>
        <source>Bring what can be read into a new workbook</source>
        <translation>Llevar lo que se pueda leer a un cuaderno nuevo</translation>
    </message>
    <message>
        <source>It is made beside the damaged one; what is missing is named.</source>
        <translation>Se crea junto al dañado; lo que falte se nombra.</translation>
    </message>
    <message>
        <source>Leave it for now</source>
        <translation>Dejarlo por ahora</translation>
    </message>
</context>
<context>
    <name>bombo::DraftPicture</name>
    <message>
        <source>The drum as described</source>
        <translation>El tambor según lo descrito</translation>
    </message>
    <message>
        <source>%1, %2 rods a side</source>
        <translation>%1, %2 tornillos por lado</translation>
    </message>
    <message>
        <source>%1 rods, strainer at the left</source>
        <translation>%1 tornillos, tensor a la izquierda</translation>
    </message>
    <message>
        <source>batter: not known</source>
        <translation>batidor: no se sabe</translation>
    </message>
    <message>
        <source>batter: %1</source>
        <translation>batidor: %1</translation>
    </message>
</context>
<context>
    <name>bombo::DrumButton</name>
    <message>
        <source>%1, %2, %3 rods a side</source>
        <translation>%1, %2, %3 tornillos por lado</translation>
    </message>
    <message>
        <source>batter %1</source>
        <translation>batidor %1</translation>
    </message>
    <message>
        <source>%1, %2 %3 strands</source>
        <translation>%1, %2 hilos de %3</translation>
    </message>
</context>
<context>
    <name>bombo::DrumCard</name>
    <message>
        <source>since when: not known</source>
        <translation>desde cuándo: no se sabe</translation>
    </message>
    <message>
        <source>on since today</source>
        <translation>puesto desde hoy</translation>
    </message>
    <message numerus="yes">
        <source>on since %1, %n days</source>
        <translation>
            <numerusform>puesto desde el %1, %n día</numerusform>
            <numerusform>puesto desde el %1, %n días</numerusform>
        </translation>
    </message>
    <message>
        <source>What is on it</source>
        <translation>Lo que lleva puesto</translation>
    </message>
    <message>
        <source>Batter head</source>
        <translation>Parche batidor</translation>
    </message>
    <message>
        <source>New head…</source>
        <translation>Parche nuevo…</translation>
    </message>
    <message>
        <source>Snare-side head</source>
        <translation>Parche bordonero</translation>
    </message>
    <message>
        <source>Wires</source>
        <translation>Bordonera</translation>
    </message>
    <message>
        <source>New set…</source>
        <translation>Juego nuevo…</translation>
    </message>
    <message>
        <source>Edit…</source>
        <translation>Editar…</translation>
    </message>
    <message>
        <source>Its size, rods, name and whatever else was described.</source>
        <translation>Sus medidas, tornillos, nombre y todo lo descrito.</translation>
    </message>
    <message>
        <source>Copy…</source>
        <translation>Copiar…</translation>
    </message>
    <message>
        <source>Another drum like it, to change where it differs.</source>
        <translation>Otro tambor igual, para cambiar lo que difiera.</translation>
    </message>
    <message>
        <source>Retire</source>
        <translation>Retirar</translation>
    </message>
    <message>
        <source>It is no longer played; its logbook stays.</source>
        <translation>Ya no se toca; su diario se queda.</translation>
    </message>
    <message>
        <source>Batter: not known which</source>
        <translation>Batidor: no se sabe cuál</translation>
    </message>
    <message>
        <source>Batter: %1</source>
        <translation>Batidor: %1</translation>
    </message>
    <message>
        <source>Snare side: not known which</source>
        <translation>Bordonero: no se sabe cuál</translation>
    </message>
    <message>
        <source>Wires: not known which</source>
        <translation>Bordona: no se sabe cuál</translation>
    </message>
    <message>
        <source>Wires: %1 strands, %2</source>
        <translation>Bordona: %1 hebras, %2</translation>
    </message>
    <message numerus="yes">
        <source>%1; played %n hours before</source>
        <translation>
            <numerusform>%1; tocado %n hora antes</numerusform>
            <numerusform>%1; tocado %n horas antes</numerusform>
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
        <translation>Batidor supuesto como %1: sus primeras vueltas pueden errar un %2 %.</translation>
    </message>
    <message>
        <source>Snare side taken as %1: its first turns may be %2 % off.</source>
        <translation>Bordonero supuesto como %1: sus primeras vueltas pueden errar un %2 %.</translation>
    </message>
    <message>
        <source>Hoops taken as %1: turns may be a quarter off, until a round was heard.</source>
        <translation>Aros supuestos como %1: las vueltas pueden errar un cuarto hasta oír una ronda.</translation>
    </message>
    <message>
        <source>Shell taken as %1: it only matters when the weather turns.</source>
        <translation>Casco supuesto como %1: solo importa cuando cambia el tiempo.</translation>
    </message>
    <message>
        <source>%1 %2 strands taken: the strainer&apos;s span is wider until strokes are heard.</source>
        <translation>Se suponen %1 hebras de %2: el margen del tensor es más ancho hasta oír golpes.</translation>
    </message>
    <message>
        <source>The first round of taps puts most of it right.</source>
        <translation>La primera ronda de toques corrige casi todo.</translation>
    </message>
    <message>
        <source>I don&apos;t know</source>
        <translation>No lo sé</translation>
    </message>
    <message>
        <source>How wide, how deep?</source>
        <translation>¿Qué ancho, qué hondo?</translation>
    </message>
    <message>
        <source>%1 in</source>
        <translation>%1 pulg.</translation>
    </message>
    <message>
        <source>How many rods on one side?</source>
        <translation>¿Cuántos tornillos en un lado?</translation>
    </message>
    <message>
        <source>What is the shell made of?</source>
        <translation>¿De qué es el casco?</translation>
    </message>
    <message>
        <source>What does the head look like that you strike?</source>
        <translation>¿Cómo es el parche que se golpea?</translation>
    </message>
    <message>
        <source>How many strands under it?</source>
        <translation>¿Cuántas hebras debajo?</translation>
    </message>
    <message>
        <source>If you know it exactly</source>
        <translation>Si lo sabe con exactitud</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>desconocido</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Ancho</translation>
    </message>
    <message>
        <source>Deep</source>
        <translation>Fondo</translation>
    </message>
    <message>
        <source>Rods a side</source>
        <translation>Tornillos por lado</translation>
    </message>
    <message>
        <source>Shell of</source>
        <translation>Casco de</translation>
    </message>
    <message>
        <source>Batter head</source>
        <translation>Parche batidor</translation>
    </message>
    <message>
        <source>Snare-side head</source>
        <translation>Parche bordonero</translation>
    </message>
    <message>
        <source>Wires</source>
        <translation>Bordonera</translation>
    </message>
    <message>
        <source>Hoops</source>
        <translation>Aros</translation>
    </message>
    <message>
        <source>Badge or tape beside</source>
        <translation>Placa o cinta junto a</translation>
    </message>
    <message>
        <source>What do you call it?</source>
        <translation>¿Cómo lo llama?</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>no rod</source>
        <translation>ningún tornillo</translation>
    </message>
    <message>
        <source>rod %1 from the strainer</source>
        <translation>tornillo %1 desde el tensor</translation>
    </message>
    <message>
        <source>%1, %2, %3 rods a side</source>
        <translation>%1, %2, %3 tornillos por lado</translation>
    </message>
    <message>
        <source>shell not known</source>
        <translation>casco desconocido</translation>
    </message>
    <message>
        <source>Give the drum a name, so that you find it again.</source>
        <translation>Dele un nombre al tambor para encontrarlo después.</translation>
    </message>
    <message>
        <source>There is a drum of that name; give another.</source>
        <translation>Ya hay un tambor con ese nombre; dé otro.</translation>
    </message>
</context>
<context>
    <name>bombo::DrumPage</name>
    <message>
        <source>%1: %2, %3 over %4</source>
        <translation>%1: %2, %3 sobre %4</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Which drum is on the stool?</source>
        <translation>¿Qué tambor está en el taburete?</translation>
    </message>
    <message>
        <source>This session</source>
        <translation>Este trabajo</translation>
    </message>
    <message>
        <source>Start afresh</source>
        <translation>Empezar de cero</translation>
    </message>
    <message>
        <source>Lately in the logbook</source>
        <translation>Lo último en el diario</translation>
    </message>
    <message>
        <source>Look it over first</source>
        <translation>Revíselo primero</translation>
    </message>
    <message>
        <source>Wires off, lever open.
Film still dished when slack? Worn: have a spare.
Hoop round and flat, the same gap all round.
Rods straight, clean, lightly greased.
Washers there; lug and strainer screws snug.
Strands whole, none bent or slack.
Travel left both ways on the strainer knob.</source>
        <translation>Sin bordonera, palanca abierta.
¿Película hundida aun floja? Gastada: tenga repuesto.
Aro redondo y plano, la misma luz alrededor.
Tornillos rectos, limpios, poco engrasados.
Arandelas puestas; casquillos y tensor firmes.
Hilos enteros, ninguno doblado ni flojo.
Recorrido en ambos sentidos en la perilla del tensor.</translation>
    </message>
    <message>
        <source>Add a drum…</source>
        <translation>Añadir tambor…</translation>
    </message>
    <message>
        <source>Hear what it is now…</source>
        <translation>Oír cómo está ahora…</translation>
    </message>
    <message>
        <source>The pitch card: middle and edge of both heads in a minute.</source>
        <translation>La ficha de tonos: centro y borde de ambos parches en un minuto.</translation>
    </message>
    <message>
        <source>On to the tone</source>
        <translation>Al sonido</translation>
    </message>
    <message>
        <source>Nothing done yet on %1.</source>
        <translation>Aún no se hizo nada en %1.</translation>
    </message>
    <message>
        <source>Nothing saved for this drum yet.</source>
        <translation>Aún no hay nada guardado de este tambor.</translation>
    </message>
    <message>
        <source>%1 is retired: bring it back</source>
        <translation>%1 está retirado: recuperarlo</translation>
    </message>
    <message>
        <source>Starts a new session from finger-tight. You can go back to this one under Earlier sessions.</source>
        <translation>Empieza una sesión nueva con los tornillos a mano. Puede volver a esta en Sesiones anteriores.</translation>
    </message>
    <message>
        <source>Earlier sessions…</source>
        <translation>Sesiones anteriores…</translation>
    </message>
</context>
<context>
    <name>bombo::DuePanel</name>
    <message>
        <source>What is due</source>
        <translation>Qué toca</translation>
    </message>
    <message>
        <source>%1: %2, %3</source>
        <translation>%1: %2, %3</translation>
    </message>
    <message>
        <source>How long it lasts</source>
        <translation>Cuánto dura</translation>
    </message>
    <message>
        <source>%1 ± %2 cents</source>
        <translation>%1 ± %2 cents</translation>
    </message>
    <message>
        <source>batter %1</source>
        <translation>batidor %1</translation>
    </message>
    <message>
        <source>snare side %1</source>
        <translation>bordonero %1</translation>
    </message>
    <message>
        <source>Since the last entry, if nobody turned a rod: %1.</source>
        <translation>Desde la última entrada, si nadie giró un tornillo: %1.</translation>
    </message>
    <message>
        <source>%1: look at the %2, %3</source>
        <translation>%1: revise %2, %3</translation>
    </message>
    <message>
        <source>%1. At the pace of your shows it is due between %2 and %3.</source>
        <translation>%1. Al ritmo de sus funciones tocará entre el %2 y el %3.</translation>
    </message>
    <message>
        <source>Save for a calendar…</source>
        <translation>Guardar para un calendario…</translation>
    </message>
    <message>
        <source>What is due was written to %1; open it with your calendar.</source>
        <translation>Lo que toca cambiar se escribió en %1; ábralo con su calendario.</translation>
    </message>
    <message>
        <source>Once four shows are in the logbook and something is due within %1 of them</source>
        <translation>Cuando haya cuatro funciones en el diario y algo toque en menos de %1</translation>
    </message>
    <message>
        <source>Remind me…</source>
        <translation>Recordar…</translation>
    </message>
    <message>
        <source>Expected, with the turns counted since the last entry: %1.</source>
        <translation>Se espera, con las vueltas contadas desde la última entrada: %1.</translation>
    </message>
</context>
<context>
    <name>bombo::Ear</name>
    <message>
        <source>The computer was too busy: %1 s of sound were lost. A tap in that time was not heard; make it again.</source>
        <translation>El equipo estaba muy ocupado: se perdieron %1 s de sonido. Un toque en ese tiempo no se oyó; repítalo.</translation>
    </message>
    <message>
        <source>%1 is back; go on tapping.</source>
        <translation>%1 ha vuelto; siga tocando.</translation>
    </message>
    <message>
        <source>%1 holds no hit that can be read. Record one clear stroke near the middle, not clipped, with silence after it.</source>
        <translation>%1 no contiene ningún golpe que se pueda leer. Grabe un golpe claro cerca del centro, sin saturar, con silencio después.</translation>
    </message>
    <message>
        <source>No voice was heard. Come nearer to the microphone, or turn its level up.</source>
        <translation>No se oyó ninguna voz. Acérquese al micrófono o suba su nivel.</translation>
    </message>
    <message>
        <source>That was too short. Hum for at least a second.</source>
        <translation>Fue demasiado corto. Tararee al menos un segundo.</translation>
    </message>
    <message>
        <source>You went on while files were waiting; they were put aside. Give them again where they belong.</source>
        <translation>Usted siguió mientras esperaban archivos; se apartaron. Délos otra vez donde corresponden.</translation>
    </message>
    <message>
        <source>No tap is due now. Finish the step at hand first, then give the file.</source>
        <translation>Ahora no toca ningún toque. Termine primero el paso en curso y luego dé el archivo.</translation>
    </message>
    <message>
        <source>What was heard belonged to where you were before; it was put aside. Make it again there if it is still wanted.</source>
        <translation>Lo que se oyó era de donde estaba antes; se apartó. Repítalo allí si aún lo quiere.</translation>
    </message>
    <message>
        <source>No tap was heard. Tap again.</source>
        <translation>No se oyó ningún toque. Toque otra vez.</translation>
    </message>
    <message>
        <source>%1: strokes taken %2</source>
        <translation>%1: golpes tomados %2</translation>
    </message>
    <message>
        <source>%1: taps taken %2</source>
        <translation>%1: toques tomados %2</translation>
    </message>
    <message>
        <source>left over %1, since they have no place in the round</source>
        <translation>sobrantes %1, pues no tienen lugar en la ronda</translation>
    </message>
    <message>
        <source>not used %1 (%2)</source>
        <translation>no usados %1 (%2)</translation>
    </message>
    <message>
        <source>broken samples taken as silence %1</source>
        <translation>muestras dañadas tomadas como silencio %1</translation>
    </message>
    <message>
        <source>hits without a marker left out %1</source>
        <translation>golpes sin marca omitidos %1</translation>
    </message>
    <message>
        <source>the file ends before its header says</source>
        <translation>el archivo termina antes de lo que dice su cabecera</translation>
    </message>
    <message>
        <source>The round goes on at rod %1: give another file or choose another source.</source>
        <translation>La ronda sigue en el tornillo %1: dé otro archivo o elija otra fuente.</translation>
    </message>
    <message>
        <source>The round is kept. Choose the practice drum or sound files meanwhile.</source>
        <translation>La ronda se conserva. Elija entretanto el tambor de práctica o archivos de sonido.</translation>
    </message>
    <message>
        <source>No microphone was found. Plug one in and choose Microphone again.</source>
        <translation>No se encontró micrófono. Conecte uno y elija Micrófono otra vez.</translation>
    </message>
    <message>
        <source>%1 cannot be opened; another program may hold it.</source>
        <translation>%1 no se puede abrir; quizá lo tenga otro programa.</translation>
    </message>
    <message>
        <source>%1 is gone. Plug it in and the round goes on where it was; or choose another source.</source>
        <translation>%1 no está. Conéctelo y la ronda sigue donde estaba; o elija otra fuente.</translation>
    </message>
    <message>
        <source>the channels are of opposite phase: the louder one was read</source>
        <translation>los canales están en oposición de fase: se leyó el más fuerte</translation>
    </message>
</context>
<context>
    <name>bombo::EarRound</name>
    <message>
        <source>Space</source>
        <translation>Espacio</translation>
    </message>
    <message>
        <source>Nothing was heard, so nothing is kept.</source>
        <translation>No se oyó nada, así que no se guarda nada.</translation>
    </message>
    <message>
        <source>Done.</source>
        <translation>Listo.</translation>
    </message>
    <message>
        <source>Nothing can be heard: plug in a loudspeaker or headphones and begin again. This round will not be kept.</source>
        <translation>No se oye nada: conecte un altavoz o auriculares y empiece de nuevo. Esta vuelta no se guardará.</translation>
    </message>
    <message>
        <source>One after the other. Guess if you must: that tells, too.</source>
        <translation>Uno tras otro. Adivine si hace falta: eso también dice algo.</translation>
    </message>
    <message>
        <source>The first, then the second. Guess if you must: that tells, too.</source>
        <translation>El primero, luego el segundo. Adivine si hace falta: también dice algo.</translation>
    </message>
    <message>
        <source>Hear them again</source>
        <translation>Oír otra vez</translation>
    </message>
    <message>
        <source>Another round</source>
        <translation>Otra vuelta</translation>
    </message>
    <message>
        <source>Stop here; this round is not kept</source>
        <translation>Parar aquí; esta vuelta no se guarda</translation>
    </message>
    <message>
        <source>Back to the exercises</source>
        <translation>Volver a los ejercicios</translation>
    </message>
    <message numerus="yes">
        <source>%n answer(s) given.</source>
        <translation>
            <numerusform>%n respuesta dada.</numerusform>
            <numerusform>%n respuestas dadas.</numerusform>
        </translation>
    </message>
    <message>
        <source>What you recorded holds no stroke that dies away within a second: you hear the practice drum.</source>
        <translation>Tu grabación no contiene un golpe que se apague en un segundo: oyes el tambor de práctica.</translation>
    </message>
    <message>
        <source>The batter, then the snare side, each with the other muted. Guess if you must: that tells, too.</source>
        <translation>El batidor, luego el bordonero, cada uno con el otro apagado. Adivina si hace falta: eso también dice algo.</translation>
    </message>
</context>
<context>
    <name>bombo::ExperimentPanel</name>
    <message>
        <source>Change one thing</source>
        <translation>Cambie una cosa</translation>
    </message>
    <message>
        <source>What is changed</source>
        <translation>Qué se cambia</translation>
    </message>
    <message>
        <source>what you change, e.g. pad to 3 o&apos;clock</source>
        <translation>qué cambia, p. ej. apagador a las 3</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Empezar</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Conservarlo</translation>
    </message>
    <message>
        <source>Put it back</source>
        <translation>Deshacerlo</translation>
    </message>
    <message>
        <source>a change</source>
        <translation>un cambio</translation>
    </message>
    <message>
        <source>Say what you change, then begin</source>
        <translation>Diga qué cambia y empiece</translation>
    </message>
    <message>
        <source>First play some strokes as it is</source>
        <translation>Toque primero unos golpes como está</translation>
    </message>
    <message>
        <source>Before: %1</source>
        <translation>Antes: %1</translation>
    </message>
    <message>
        <source>After: %1</source>
        <translation>Después: %1</translation>
    </message>
    <message>
        <source>%1: change it now, on the head or at the strainer</source>
        <translation>%1: cámbielo ahora, en el parche o en el tensor</translation>
    </message>
    <message>
        <source>%1: more than one thing is changed, so nobody will know which did it</source>
        <translation>%1: cambió más de una cosa, así nadie sabrá cuál fue</translation>
    </message>
    <message>
        <source>%1: now the same strokes again</source>
        <translation>%1: ahora los mismos golpes otra vez</translation>
    </message>
    <message>
        <source>%1: keep it, or put it back</source>
        <translation>%1: consérvelo o deshágalo</translation>
    </message>
    <message>
        <source>%1 (%2): %3 → %4</source>
        <translation>%1 (%2): %3 → %4</translation>
    </message>
    <message>
        <source>kept</source>
        <translation>conservado</translation>
    </message>
    <message>
        <source>put back</source>
        <translation>deshecho</translation>
    </message>
    <message>
        <source>%1: no difference that these strokes tell. Play a few more, or put it back</source>
        <translation>%1: estos golpes no muestran diferencia. Toque unos cuantos más o vuelva atrás</translation>
    </message>
    <message>
        <source>The sound of the strokes before is no longer there. Play one more before you change anything if you want to compare by ear.</source>
        <translation>El sonido de los golpes de antes ya no está. Toque uno más antes de cambiar nada si quiere comparar de oído.</translation>
    </message>
</context>
<context>
    <name>bombo::FaultsPage</name>
    <message>
        <source>What it may be</source>
        <translation>Qué puede ser</translation>
    </message>
    <message>
        <source>Why this question</source>
        <translation>Por qué esta pregunta</translation>
    </message>
    <message>
        <source>One back</source>
        <translation>Uno atrás</translation>
    </message>
    <message>
        <source>I know what it is…</source>
        <translation>Sé lo que es…</translation>
    </message>
    <message>
        <source>Something else is wrong</source>
        <translation>Le pasa otra cosa</translation>
    </message>
    <message>
        <source>What is wrong with it?</source>
        <translation>¿Qué le pasa?</translation>
    </message>
    <message>
        <source>Choose what you hear or see. What the workbook knows of %1 counts from the start.</source>
        <translation>Elija lo que oye o ve. Lo que el cuaderno sabe de %1 cuenta desde el principio.</translation>
    </message>
    <message>
        <source>Choose what you hear or see. No drum is in front: the questions alone have to tell.</source>
        <translation>Elija lo que oye o ve. No hay tambor delante: solo las preguntas pueden decirlo.</translation>
    </message>
    <message>
        <source>Known without a question.</source>
        <translation>Sabido sin preguntar.</translation>
    </message>
    <message numerus="yes">
        <source>After %n question(s).</source>
        <translation>
            <numerusform>Tras %n pregunta.</numerusform>
            <numerusform>Tras %n preguntas.</numerusform>
        </translation>
    </message>
    <message>
        <source>Question %1, about %2 to go after it. Nothing that cannot be taken back is asked before everything else.</source>
        <translation>Pregunta %1, después unas %2 más. Nada irreversible se pide antes que todo lo demás.</translation>
    </message>
    <message>
        <source>about %1 seconds</source>
        <translation>unos %1 segundos</translation>
    </message>
    <message numerus="yes">
        <source>about %n minute(s)</source>
        <translation>
            <numerusform>alrededor de %n minuto</numerusform>
            <numerusform>alrededor de %n minutos</numerusform>
        </translation>
    </message>
    <message>
        <source>It tells most for %1, and nothing is turned.</source>
        <translation>Es lo que más dice por %1, y no se gira nada.</translation>
    </message>
    <message>
        <source>It tells most for %1; what is turned is turned back.</source>
        <translation>Es lo que más dice por %1; lo que se gira se devuelve.</translation>
    </message>
    <message>
        <source>It takes %1 and may not be taken back: everything else has been asked.</source>
        <translation>Lleva %1 y quizá no tenga vuelta atrás: lo demás ya se preguntó.</translation>
    </message>
    <message>
        <source>Next would be: %1</source>
        <translation>Después vendría: %1</translation>
    </message>
    <message>
        <source>You found: %1. The workbook says: %2. Both count.</source>
        <translation>Usted encontró: %1. El cuaderno dice: %2. Ambos cuentan.</translation>
    </message>
    <message>
        <source>Back to the first page</source>
        <translation>Volver a la primera página</translation>
    </message>
    <message>
        <source>Faults</source>
        <translation>Fallos</translation>
    </message>
    <message>
        <source>Choose the complaint first</source>
        <translation>Elija primero la queja</translation>
    </message>
</context>
<context>
    <name>bombo::FeelRound</name>
    <message>
        <source>A quarter turn by feel</source>
        <translation>Un cuarto de giro al tacto</translation>
    </message>
    <message>
        <source>Tap in front of rod 1 of the batter, the other head muted.</source>
        <translation>Toca ante el tornillo 1 del batidor, con el otro parche apagado.</translation>
    </message>
    <message>
        <source>Turn rod 1 a quarter tighter by feel, then tap in front of it.</source>
        <translation>Aprieta el tornillo 1 un cuarto al tacto y toca ante él.</translation>
    </message>
    <message>
        <source>Turn rod 1 a quarter looser by feel, then tap in front of it.</source>
        <translation>Afloja el tornillo 1 un cuarto al tacto y toca ante él.</translation>
    </message>
    <message>
        <source>A hand of the practice drum turns its rod 1, tighter and looser in turn; tap it.</source>
        <translation>Una mano del tambor de práctica gira su tornillo 1, apretando y aflojando por turnos; tócalo.</translation>
    </message>
    <message>
        <source>Not heard clearly: tap there again, nothing turned.</source>
        <translation>No se oyó claro: toca ahí otra vez, sin girar nada.</translation>
    </message>
    <message numerus="yes">
        <source>%n of 8 turns heard.</source>
        <translation>
            <numerusform>%n de 8 giros oído.</numerusform>
            <numerusform>%n de 8 giros oídos.</numerusform>
        </translation>
    </message>
    <message>
        <source>Your quarter is %1 turns, give or take %2; one differs from the next by %3.</source>
        <translation>Tu cuarto son %1 giros, más o menos %2; uno difiere del siguiente en %3.</translation>
    </message>
    <message>
        <source>less than the ear tells</source>
        <translation>menos de lo que distingue el oído</translation>
    </message>
    <message>
        <source>Count on it.</source>
        <translation>Puedes fiarte.</translation>
    </message>
    <message>
        <source>You turn too far: stop earlier.</source>
        <translation>Giras demasiado: para antes.</translation>
    </message>
    <message>
        <source>You stop too early: turn on.</source>
        <translation>Paras demasiado pronto: sigue girando.</translation>
    </message>
    <message>
        <source>Rod 1 sounds %1 cents against the beginning.</source>
        <translation>El tornillo 1 suena %1 cents respecto al comienzo.</translation>
    </message>
    <message>
        <source>Tap it</source>
        <translation>Tocar</translation>
    </message>
    <message>
        <source>Turn and tap</source>
        <translation>Girar y tocar</translation>
    </message>
    <message>
        <source>This drum is not known well enough to say more: a few rounds at its heads help.</source>
        <translation>Este tambor no se conoce lo bastante para decir más: ayudan unas rondas en sus parches.</translation>
    </message>
</context>
<context>
    <name>bombo::FeelView</name>
    <message>
        <source>Turns by feel</source>
        <translation>Giros al tacto</translation>
    </message>
    <message>
        <source>tighter</source>
        <translation>apretar</translation>
    </message>
    <message>
        <source>looser</source>
        <translation>aflojar</translation>
    </message>
</context>
<context>
    <name>bombo::FilterBar</name>
    <message>
        <source>Show entries of the player</source>
        <translation>Mostrar las entradas del músico</translation>
    </message>
    <message>
        <source>Show entries made at</source>
        <translation>Mostrar las entradas hechas en</translation>
    </message>
    <message>
        <source>Show entries with stars</source>
        <translation>Mostrar las entradas con estrellas</translation>
    </message>
    <message>
        <source>any stars</source>
        <translation>todas las estrellas</translation>
    </message>
    <message>
        <source>%1 and more</source>
        <translation>%1 o más</translation>
    </message>
    <message>
        <source>Show entries made in weather</source>
        <translation>Mostrar las entradas según el tiempo</translation>
    </message>
    <message>
        <source>any weather</source>
        <translation>cualquier tiempo</translation>
    </message>
    <message>
        <source>cold: below %1 °C</source>
        <translation>frío: por debajo de %1 °C</translation>
    </message>
    <message>
        <source>warm: above %1 °C</source>
        <translation>calor: por encima de %1 °C</translation>
    </message>
    <message>
        <source>damp: above %1 %</source>
        <translation>húmedo: por encima del %1 %</translation>
    </message>
    <message>
        <source>dry: below %1 %</source>
        <translation>seco: por debajo del %1 %</translation>
    </message>
    <message>
        <source>weather not said</source>
        <translation>tiempo sin indicar</translation>
    </message>
    <message>
        <source>Show all</source>
        <translation>Mostrar todo</translation>
    </message>
    <message>
        <source>any player</source>
        <translation>todos los músicos</translation>
    </message>
    <message>
        <source>any place</source>
        <translation>todos los lugares</translation>
    </message>
</context>
<context>
    <name>bombo::FitDialog</name>
    <message>
        <source>New wires</source>
        <translation>Bordona nueva</translation>
    </message>
    <message>
        <source>New batter head</source>
        <translation>Parche batidor nuevo</translation>
    </message>
    <message>
        <source>New snare-side head</source>
        <translation>Parche bordonero nuevo</translation>
    </message>
    <message>
        <source>Work on this side begins anew. The turns of the old head, and what they taught, stay with it in the workbook. Undo takes it back.</source>
        <translation>El trabajo de este lado empieza de nuevo. Las vueltas del parche viejo, y lo que enseñaron, quedan con él en el cuaderno. Deshacer lo recupera.</translation>
    </message>
    <message>
        <source>The strainer begins anew at first contact. Undo takes it back.</source>
        <translation>El tensor empieza de nuevo en el primer contacto. Deshacer lo recupera.</translation>
    </message>
    <message>
        <source>Which one</source>
        <translation>Cuál</translation>
    </message>
    <message>
        <source>Which set</source>
        <translation>Qué juego</translation>
    </message>
    <message>
        <source>On since</source>
        <translation>Puesto desde</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>It is on</source>
        <translation>Ya está puesto</translation>
    </message>
    <message>
        <source> hours</source>
        <translation> horas</translation>
    </message>
    <message>
        <source>no, it is new</source>
        <translation>no, es nuevo</translation>
    </message>
    <message>
        <source>How long a used head was played before, as well as you know; it counts in how long it will last.</source>
        <translation>Cuánto se tocó antes un parche usado, hasta donde usted sepa; cuenta para lo que durará.</translation>
    </message>
    <message>
        <source>Played before</source>
        <translation>Tocado antes</translation>
    </message>
    <message numerus="yes">
        <source>%1, from %2, played %n hours</source>
        <translation>
            <numerusform>%1, de %2, tocado %n hora</numerusform>
            <numerusform>%1, de %2, tocado %n horas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1, taken off %2, played %n hours</source>
        <translation>
            <numerusform>%1, quitado de %2, tocado %n hora</numerusform>
            <numerusform>%1, quitado de %2, tocado %n horas</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::FitPanel</name>
    <message>
        <source>Too long for this shell: the plates would stand over its face. Take a shorter set.</source>
        <translation>Demasiado larga para este casco: las placas sobresaldrían. Tome una más corta.</translation>
    </message>
    <message>
        <source>The strands reach over the inner wall and will ride on the edge. Take a shorter set.</source>
        <translation>Los hilos pasan de la pared interior y rozarán el borde. Tome una más corta.</translation>
    </message>
    <message>
        <source>The plates end inside the wall and lie on the film, which they may cut. Take a longer set.</source>
        <translation>Las placas terminan dentro y apoyan en la película, que pueden cortar. Tome una más larga.</translation>
    </message>
    <message>
        <source>Off centre: shift them as drawn, lever off, both clamps loose.</source>
        <translation>Descentrada: muévala como se dibuja, palanca suelta, ambas mordazas flojas.</translation>
    </message>
    <message>
        <source>Gaps and lengths do not add up to the shell: measure one of them again.</source>
        <translation>Luces y largos no suman el casco: mida uno de ellos otra vez.</translation>
    </message>
    <message>
        <source>Travel not known: count the knob once from its loose to its tight end.</source>
        <translation>Recorrido desconocido: cuente la perilla una vez de flojo a apretado.</translation>
    </message>
    <message>
        <source>Less than a turn is left to tighten: clamp again with the knob further out.</source>
        <translation>Queda menos de una vuelta para apretar: sujete otra vez con la perilla más afuera.</translation>
    </message>
    <message>
        <source>Hardly anything is left to loosen: clamp again with the knob further in.</source>
        <translation>Casi no queda para aflojar: sujete otra vez con la perilla más adentro.</translation>
    </message>
    <message>
        <source>Cord to cut: %1 and %2 free, knots beside.</source>
        <translation>Cordón a cortar: %1 y %2 libres, nudos aparte.</translation>
    </message>
    <message>
        <source>Straps free: %1 at the strainer, %2 at the butt plate.</source>
        <translation>Cintas libres: %1 en el tensor, %2 en la placa fija.</translation>
    </message>
    <message>
        <source>Knob to %1 from its loose end, lever off. Clamp the strainer, then the butt plate, snug.</source>
        <translation>Perilla a %1 de su extremo flojo, palanca suelta. Sujete el tensor, luego la placa fija, firme.</translation>
    </message>
    <message>
        <source>Knob to %1 from its loose end, lever on. Clamp the butt plate, then the strainer, snug.</source>
        <translation>Perilla a %1 de su extremo flojo, palanca puesta. Sujete la placa fija, luego el tensor, firme.</translation>
    </message>
    <message>
        <source>Left: %1 tighter, %2 looser.</source>
        <translation>Quedan: %1 para apretar, %2 para aflojar.</translation>
    </message>
    <message>
        <source>loosen the knob %1</source>
        <translation>afloje la perilla %1</translation>
    </message>
    <message>
        <source>tighten the knob %1</source>
        <translation>apriete la perilla %1</translation>
    </message>
    <message>
        <source>give %1 of strap out at the strainer&apos;s clamp</source>
        <translation>suelte %1 de cinta en la mordaza del tensor</translation>
    </message>
    <message>
        <source>take %1 of strap in at the strainer&apos;s clamp</source>
        <translation>recoja %1 de cinta en la mordaza del tensor</translation>
    </message>
    <message>
        <source>set the range again: knob back %1, strap in by %2</source>
        <translation>reajuste el margen: perilla atrás %1, cinta adentro %2</translation>
    </message>
    <message>
        <source>if it comes back, the strands are stretched or bent: replace them</source>
        <translation>si vuelve, los hilos están estirados o doblados: cámbielos</translation>
    </message>
    <message>
        <source>centre the wires, %1</source>
        <translation>centre la bordonera, %1</translation>
    </message>
    <message>
        <source>take flat straps: they lie lower than cord</source>
        <translation>use cintas planas: quedan más bajas que el cordón</translation>
    </message>
    <message>
        <source>straps must leave the plate level with the film, the same at both clamps</source>
        <translation>las cintas deben salir de la placa a ras de la película, igual en ambas mordazas</translation>
    </message>
    <message>
        <source>By the rule</source>
        <translation>Con la regla</translation>
    </message>
    <message>
        <source>Strands</source>
        <translation>Hilos</translation>
    </message>
    <message>
        <source>Each end plate</source>
        <translation>Cada placa</translation>
    </message>
    <message>
        <source>Shell wall</source>
        <translation>Pared del casco</translation>
    </message>
    <message>
        <source>Gap at the strainer</source>
        <translation>Luz en el tensor</translation>
    </message>
    <message>
        <source>Gap at the butt plate</source>
        <translation>Luz en la placa fija</translation>
    </message>
    <message>
        <source>not measured</source>
        <translation>sin medir</translation>
    </message>
    <message>
        <source>From the end plate to the shell&apos;s outer face; negative where the plate stands over it.</source>
        <translation>De la placa a la cara exterior del casco; negativo donde la placa sobresale.</translation>
    </message>
    <message>
        <source>Knob&apos;s travel</source>
        <translation>Recorrido de la perilla</translation>
    </message>
    <message>
        <source> turns</source>
        <translation> vueltas</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>desconocido</translation>
    </message>
    <message>
        <source>First contact at</source>
        <translation>Primer contacto a</translation>
    </message>
    <message>
        <source>not counted</source>
        <translation>sin contar</translation>
    </message>
    <message>
        <source>Turns from the knob&apos;s loose end to where the strands first touch, lever on.</source>
        <translation>Vueltas desde el extremo flojo de la perilla hasta donde los hilos apenas tocan, palanca puesta.</translation>
    </message>
    <message>
        <source>Held by</source>
        <translation>Sujeta con</translation>
    </message>
    <message>
        <source>flat straps</source>
        <translation>cintas planas</translation>
    </message>
    <message>
        <source>cord</source>
        <translation>cordón</translation>
    </message>
    <message>
        <source>Clamped</source>
        <translation>Se sujeta</translation>
    </message>
    <message>
        <source>What is wrong</source>
        <translation>Qué va mal</translation>
    </message>
    <message>
        <source>What is wrong?</source>
        <translation>¿Qué va mal?</translation>
    </message>
    <message>
        <source>The lever will not close</source>
        <translation>La palanca no cierra</translation>
    </message>
    <message>
        <source>No contact when on</source>
        <translation>Puesta y sin contacto</translation>
    </message>
    <message>
        <source>Loose at full travel</source>
        <translation>Floja al final del recorrido</translation>
    </message>
    <message>
        <source>A plate stands up</source>
        <translation>Una placa se levanta</translation>
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
        <translation>fijar primero el tensor, palanca suelta</translation>
    </message>
    <message>
        <source>clamp the butt plate first, lever on</source>
        <translation>fijar primero la placa, palanca puesta</translation>
    </message>
</context>
<context>
    <name>bombo::GuideBar</name>
    <message>
        <source>Guide</source>
        <translation>Guía</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Más</translation>
    </message>
    <message>
        <source>Not now</source>
        <translation>Ahora no</translation>
    </message>
</context>
<context>
    <name>bombo::HandsCard</name>
    <message>
        <source>Space</source>
        <translation>Espacio</translation>
    </message>
    <message>
        <source>Another round</source>
        <translation>Otra vuelta</translation>
    </message>
    <message>
        <source>Listening…</source>
        <translation>Escuchando…</translation>
    </message>
    <message>
        <source>Back to the exercises</source>
        <translation>Volver a los ejercicios</translation>
    </message>
    <message>
        <source>Stop here; this round is not kept</source>
        <translation>Parar aquí; esta vuelta no se guarda</translation>
    </message>
</context>
<context>
    <name>bombo::HandsRound</name>
    <message>
        <source>The same tap again</source>
        <translation>El mismo toque otra vez</translation>
    </message>
    <message>
        <source>The practice drum is tapped before rod 1, by the hands that Listen gives it.</source>
        <translation>Se toca el tambor de práctica ante el tornillo 1, con las manos que le da Escuchar.</translation>
    </message>
    <message>
        <source>Tap twelve times before one rod, always alike: the same place, the same strength, a second apart.</source>
        <translation>Toque doce veces ante un tornillo, siempre igual: el mismo lugar, la misma fuerza, con un segundo entre uno y otro.</translation>
    </message>
    <message numerus="yes">
        <source>%n of 12 heard.</source>
        <translation>
            <numerusform>%n de 12 oído.</numerusform>
            <numerusform>%n de 12 oídos.</numerusform>
        </translation>
    </message>
    <message>
        <source>Too few of them had a pitch. Other head muted, lever off, the microphone a hand&apos;s width away.</source>
        <translation>Muy pocos tenían altura. El otro parche apagado, la palanca quitada, el micrófono a un palmo.</translation>
    </message>
    <message>
        <source>One tap differs from the next by %1 cents and %2 dB.</source>
        <translation>Un toque difiere del siguiente en %1 cents y %2 dB.</translation>
    </message>
    <message>
        <source>Fine enough for this drum&apos;s tolerance of %1 cents: one tap a rod will do.</source>
        <translation>Bastante fino para la tolerancia de este tambor, %1 cents: basta un toque por tornillo.</translation>
    </message>
    <message>
        <source>Much against this drum&apos;s tolerance of %1 cents: take two or three taps a rod.</source>
        <translation>Mucho frente a la tolerancia de este tambor, %1 cents: dé dos o tres toques por tornillo.</translation>
    </message>
    <message numerus="yes">
        <source>%n went astray.</source>
        <translation>
            <numerusform>%n se desvió.</numerusform>
            <numerusform>%n se desviaron.</numerusform>
        </translation>
    </message>
    <message>
        <source>Tap it</source>
        <translation>Tocarlo</translation>
    </message>
    <message>
        <source>%1 cents</source>
        <translation>%1 cents</translation>
    </message>
    <message>
        <source>here stands how alike they were, day by day</source>
        <translation>aquí consta cuán iguales fueron, día a día</translation>
    </message>
    <message>
        <source>%1 dB</source>
        <translation>%1 dB</translation>
    </message>
    <message>
        <source>%1 turns off</source>
        <translation>%1 giros de error</translation>
    </message>
</context>
<context>
    <name>bombo::HandsView</name>
    <message>
        <source>Taps at one place</source>
        <translation>Toques en un mismo lugar</translation>
    </message>
    <message>
        <source>cents</source>
        <translation>cents</translation>
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
        <translation>Carga,
parte del límite</translation>
    </message>
    <message>
        <source>Mark of the gauge</source>
        <translation>Marca del medidor</translation>
    </message>
    <message>
        <source>How this rod feels</source>
        <translation>Cómo se siente este tornillo</translation>
    </message>
    <message>
        <source>Much looser</source>
        <translation>Mucho más flojo</translation>
    </message>
    <message>
        <source>Looser</source>
        <translation>Más flojo</translation>
    </message>
    <message>
        <source>Like the others</source>
        <translation>Como los otros</translation>
    </message>
    <message>
        <source>Tighter</source>
        <translation>Más apretado</translation>
    </message>
    <message>
        <source>Much tighter</source>
        <translation>Mucho más apretado</translation>
    </message>
    <message>
        <source>Turns…</source>
        <translation>Vueltas…</translation>
    </message>
    <message>
        <source>Every turn of every rod; retrace them, or start this head again.</source>
        <translation>Cada vuelta de cada tornillo; repítalas o empiece este parche otra vez.</translation>
    </message>
    <message>
        <source>Nearest to me</source>
        <translation>El más cercano</translation>
    </message>
    <message>
        <source>I stand before this rod: the hoop is laid out from there.</source>
        <translation>Estoy ante este tornillo: el aro se muestra desde ahí.</translation>
    </message>
    <message>
        <source>One more tap at this rod; its reading becomes the median of its taps.</source>
        <translation>Un toque más en este tornillo; vale la mediana de sus toques.</translation>
    </message>
    <message>
        <source>The other way round</source>
        <translation>Al revés</translation>
    </message>
    <message>
        <source>Count −1/8</source>
        <translation>Cuenta −1/8</translation>
    </message>
    <message>
        <source>I turned this rod an eighth less than was counted.</source>
        <translation>Giré este tornillo un octavo menos de lo contado.</translation>
    </message>
    <message>
        <source>Count +1/8</source>
        <translation>Cuenta +1/8</translation>
    </message>
    <message>
        <source>I turned this rod an eighth more than was counted.</source>
        <translation>Giré este tornillo un octavo más de lo contado.</translation>
    </message>
    <message>
        <source>Undo last</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Put the batter head on</source>
        <translation>Ponga el parche batidor</translation>
    </message>
    <message>
        <source>Put the snare-side head on</source>
        <translation>Ponga el parche bordonero</translation>
    </message>
    <message>
        <source>Start on the batter head</source>
        <translation>Empiece con el batidor</translation>
    </message>
    <message>
        <source>Start on the snare-side head</source>
        <translation>Empiece con el bordonero</translation>
    </message>
    <message>
        <source>Raise the batter head</source>
        <translation>Suba el parche batidor</translation>
    </message>
    <message>
        <source>Raise the snare-side head</source>
        <translation>Suba el parche bordonero</translation>
    </message>
    <message>
        <source>Tap round the batter head</source>
        <translation>Toque alrededor del batidor</translation>
    </message>
    <message>
        <source>Tap round the snare-side head</source>
        <translation>Toque alrededor del bordonero</translation>
    </message>
    <message>
        <source>Even the batter head</source>
        <translation>Empareje el parche batidor</translation>
    </message>
    <message>
        <source>Even the snare-side head</source>
        <translation>Empareje el parche bordonero</translation>
    </message>
    <message>
        <source>Batter head: done</source>
        <translation>Parche batidor: listo</translation>
    </message>
    <message>
        <source>Snare-side head: done</source>
        <translation>Parche bordonero: listo</translation>
    </message>
    <message>
        <source>Wires off, snare side muted, finger on the middle.</source>
        <translation>Sin bordonera, bordonero apagado, dedo en el centro.</translation>
    </message>
    <message>
        <source>Wires off, snare side muted, nothing on this head.</source>
        <translation>Sin bordonera, bordonero apagado, nada en este parche.</translation>
    </message>
    <message>
        <source>Drum upturned, wires off and held away, batter muted. No palm on this film.</source>
        <translation>Tambor boca abajo, bordonera suelta y apartada, batidor apagado. No ponga la palma en esta película.</translation>
    </message>
    <message>
        <source>In silence: the result is provisional until it is heard.</source>
        <translation>En silencio: provisional hasta que se oiga.</translation>
    </message>
    <message>
        <source>In silence, beside the last taps: together they tell opposite rods apart.</source>
        <translation>En silencio, junto a los últimos toques: juntos distinguen tornillos opuestos.</translation>
    </message>
    <message>
        <source>Before the show, stop by %1.</source>
        <translation>Antes de la función, termine a las %1.</translation>
    </message>
    <message>
        <source>Round %1.</source>
        <translation>Ronda %1.</translation>
    </message>
    <message>
        <source>target %1</source>
        <translation>meta %1</translation>
    </message>
    <message>
        <source>last mean %1, %2 cents; spread ± %3</source>
        <translation>última media %1, %2 cents; dispersión ± %3</translation>
    </message>
    <message>
        <source>edge pitch, other head muted</source>
        <translation>tono de borde, otro parche apagado</translation>
    </message>
    <message>
        <source>Tap the round again</source>
        <translation>Tocar la ronda otra vez</translation>
    </message>
    <message>
        <source>Listen now</source>
        <translation>Escuchar ahora</translation>
    </message>
    <message>
        <source>It resists: nothing is tightened. Back off the last rod a quarter; burr, grit or a bent rod? Clean and grease it, never force it. Film load near its limit: stay here.</source>
        <translation>Se resiste: no se aprieta nada. Retroceda un cuarto el último tornillo; ¿rebaba, suciedad o tornillo doblado? Límpielo y engráselo, nunca a la fuerza. Carga cerca del límite: quédese aquí.</translation>
    </message>
    <message>
        <source>Rod %1 does not fit the others. If it stays so when it is tapped again, look at the edge and the hoop there.</source>
        <translation>El tornillo %1 no concuerda con los otros. Si sigue así al tocar otra vez, mire ahí el borde y el aro.</translation>
    </message>
    <message>
        <source>The last moves landed within %1 cents of the prediction.</source>
        <translation>Los últimos movimientos cayeron a %1 cents de lo previsto.</translation>
    </message>
    <message>
        <source>Taps cannot tell %1 apart. If only one feels slack, turn that one and correct the count of both; or read hoop gap, gauge or feel (Listen now, In silence).</source>
        <translation>Los toques no distinguen %1. Si solo uno se siente flojo, gire ese y corrija la cuenta de los dos; o lea la luz del aro, el medidor o el tacto (Escuchar ahora, En silencio).</translation>
    </message>
    <message>
        <source>Thin film: eyes clear of the hoop, stop if the resistance jumps. Rods at the snare beds never read quite like the rest.</source>
        <translation>Película fina: ojos lejos del aro, pare si la resistencia salta. Los tornillos en los lechos nunca dan lo mismo que el resto.</translation>
    </message>
    <message>
        <source>Click a rod, or choose it with the arrow keys, to start a round there, to correct its count or to lay the hoop out from it.</source>
        <translation>Haga clic en un tornillo, o elíjalo con las flechas, para empezar ahí una ronda, corregir su cuenta o mostrar el aro desde él.</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Gap from lug to hoop</source>
        <translation>Luz del casquillo al aro</translation>
    </message>
    <message>
        <source>The cause is cleared</source>
        <translation>Se resolvió la causa</translation>
    </message>
    <message>
        <source>It resists</source>
        <translation>Se resiste</translation>
    </message>
    <message>
        <source>Rods may be tightened again.</source>
        <translation>Los tornillos pueden apretarse otra vez.</translation>
    </message>
    <message>
        <source>The resistance of a rod jumped: stop, listen, and find out why.</source>
        <translation>La resistencia de un tornillo saltó: pare, escuche y averigüe por qué.</translation>
    </message>
    <message>
        <source>Turn the trial back</source>
        <translation>Deshacer el ensayo</translation>
    </message>
    <message>
        <source>Uneven…</source>
        <translation>Desigual…</translation>
    </message>
    <message>
        <source>Turns back what was turned for the trial; then the head is evened.</source>
        <translation>Devuelve lo girado en el ensayo; luego se empareja el parche.</translation>
    </message>
    <message>
        <source>Make this head uneven on purpose, as a trial.</source>
        <translation>Desiguala este parche a propósito, como ensayo.</translation>
    </message>
    <message>
        <source>From the strainer</source>
        <translation>Desde el tensor</translation>
    </message>
    <message>
        <source>Tap rod %1 again</source>
        <translation>Tornillo %1 otra vez</translation>
    </message>
    <message>
        <source>Start at rod %1</source>
        <translation>Empezar en el tornillo %1</translation>
    </message>
</context>
<context>
    <name>bombo::HelpWindow</name>
    <message>
        <source>The manual</source>
        <translation>El manual</translation>
    </message>
    <message>
        <source>Search the manual</source>
        <translation>Buscar en el manual</translation>
    </message>
    <message>
        <source>Pages of the manual</source>
        <translation>Páginas del manual</translation>
    </message>
    <message>
        <source>The page</source>
        <translation>La página</translation>
    </message>
    <message>
        <source>The manual is missing from this build; it stands in docs/manual of the source tree.</source>
        <translation>Falta el manual en este programa; está en docs/manual del código fuente.</translation>
    </message>
    <message>
        <source>Nothing in the manual says so. Try another word.</source>
        <translation>El manual no dice nada de eso. Pruebe otra palabra.</translation>
    </message>
    <message>
        <source>About Bombo</source>
        <translation>Acerca de Bombo</translation>
    </message>
    <message>
        <source>Bombo %1</source>
        <translation>Bombo %1</translation>
    </message>
    <message>
        <source>Tunes a snare drum with you.

Free software under the GNU General Public License, version 3 or later. Built on Qt, Eigen, FFTW, libsndfile, nlohmann-json, fmt, CLI11 and SQLite, each under its own free licence; the typeface is Inter, under the Open Font License.</source>
        <translation>Afina una caja con usted.

Software libre bajo la GNU General Public License, versión 3 o posterior. Hecho con Qt, Eigen, FFTW, libsndfile, nlohmann-json, fmt, CLI11 y SQLite, cada uno bajo su propia licencia libre; la letra es Inter, bajo la Open Font License.</translation>
    </message>
</context>
<context>
    <name>bombo::HoopView</name>
    <message>
        <source>Hoop, laid flat</source>
        <translation>Aro, desplegado</translation>
    </message>
</context>
<context>
    <name>bombo::HurryDialog</name>
    <message>
        <source>Minutes before the show</source>
        <translation>Minutos antes de la función</translation>
    </message>
    <message>
        <source>How long have you got?</source>
        <translation>¿Cuánto tiempo tiene?</translation>
    </message>
    <message>
        <source>Minutes</source>
        <translation>Minutos</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>What fits into it</source>
        <translation>Qué cabe en ellos</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Desde</translation>
    </message>
    <message>
        <source>Takes</source>
        <translation>Lleva</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Qué</translation>
    </message>
    <message>
        <source>No head is changed and no rod goes further than a quarter: whoever is called on stage may stop after any line, and undo brings everything back.</source>
        <translation>No se cambia ningún parche y ningún tornillo gira más de un cuarto: quien sea llamado a escena puede parar tras cualquier línea, y deshacer lo devuelve todo.</translation>
    </message>
    <message>
        <source>No show any more</source>
        <translation>Ya no hay función</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Empezar</translation>
    </message>
</context>
<context>
    <name>bombo::LedgerDialog</name>
    <message>
        <source>counted round</source>
        <translation>ronda contada</translation>
    </message>
    <message>
        <source>after round %1</source>
        <translation>tras la ronda %1</translation>
    </message>
    <message>
        <source>correction of both heads</source>
        <translation>corrección de ambos parches</translation>
    </message>
    <message>
        <source>trial, uneven on purpose</source>
        <translation>ensayo, desigual a propósito</translation>
    </message>
    <message>
        <source>count corrected</source>
        <translation>cuenta corregida</translation>
    </message>
    <message>
        <source>Turns of the batter</source>
        <translation>Vueltas del batidor</translation>
    </message>
    <message>
        <source>Turns of the snare side</source>
        <translation>Vueltas del bordonero</translation>
    </message>
    <message>
        <source>Rod</source>
        <translation>Tornillo</translation>
    </message>
    <message>
        <source>Stands at</source>
        <translation>Está en</translation>
    </message>
    <message>
        <source>Where each rod stands</source>
        <translation>Dónde está cada tornillo</translation>
    </message>
    <message>
        <source>Count −1/8</source>
        <translation>Cuenta −1/8</translation>
    </message>
    <message>
        <source>Count +1/8</source>
        <translation>Cuenta +1/8</translation>
    </message>
    <message>
        <source>The chosen rod was turned an eighth less than was counted.</source>
        <translation>El tornillo elegido se giró un octavo menos de lo contado.</translation>
    </message>
    <message>
        <source>The chosen rod was turned an eighth more than was counted.</source>
        <translation>El tornillo elegido se giró un octavo más de lo contado.</translation>
    </message>
    <message>
        <source>Rods</source>
        <translation>Tornillos</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Girado</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Por qué</translation>
    </message>
    <message>
        <source>Every turn, the latest first</source>
        <translation>Cada vuelta, la última primero</translation>
    </message>
    <message>
        <source>Start this head again</source>
        <translation>Empezar este parche otra vez</translation>
    </message>
    <message>
        <source>A new head, or the count is lost: back to the first step. Undo brings it back.</source>
        <translation>Parche nuevo, o se perdió la cuenta: vuelta al primer paso. Deshacer lo devuelve.</translation>
    </message>
    <message>
        <source>Retrace from finger-tight</source>
        <translation>Repetir desde apretado a mano</translation>
    </message>
    <message>
        <source>It was dropped, or let down: leads every rod from finger-tight to where it stood, then asks for taps.</source>
        <translation>Se cayó o se aflojó: lleva cada tornillo desde apretado a mano hasta donde estaba y luego pide toques.</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Counted from how the head was found standing.</source>
        <translation>Contado desde como se encontró el parche.</translation>
    </message>
    <message>
        <source>Counted from finger-tight. To find the sound again by hand: finger-tight all round, then each rod to its figure, in opposite pairs and small steps.</source>
        <translation>Contado desde apretado a mano. Para hallar el sonido a mano: todo apretado a mano, luego cada tornillo a su cifra, por pares opuestos y pasos pequeños.</translation>
    </message>
    <message>
        <source>every rod</source>
        <translation>todos los tornillos</translation>
    </message>
</context>
<context>
    <name>bombo::LevelMeter</name>
    <message>
        <source>Input level</source>
        <translation>Nivel de entrada</translation>
    </message>
</context>
<context>
    <name>bombo::LikedOffer</name>
    <message>
        <source>batter %1</source>
        <translation>parche batidor %1</translation>
    </message>
    <message>
        <source>ring %1</source>
        <translation>resonancia %1</translation>
    </message>
    <message numerus="yes">
        <source>%1 (%n evenings)</source>
        <translation>
            <numerusform>%1 (%n noche)</numerusform>
            <numerusform>%1 (%n noches)</numerusform>
        </translation>
    </message>
    <message>
        <source>Aimed at what got the stars on this drum: %1.</source>
        <translation>Se apunta a lo que recibió estrellas en este tambor: %1.</translation>
    </message>
    <message>
        <source>What got the stars on this drum: %1.</source>
        <translation>Lo que recibió estrellas en este tambor: %1.</translation>
    </message>
    <message>
        <source>As it came</source>
        <translation>Como venía</translation>
    </message>
    <message>
        <source>Aim there</source>
        <translation>Apuntar ahí</translation>
    </message>
    <message>
        <source>The tone is aimed at by its own figures again</source>
        <translation>Se vuelve a apuntar al sonido por sus propias cifras</translation>
    </message>
    <message>
        <source>The middle of what got four stars and more is aimed at, as wide as it reached; at this drum only</source>
        <translation>Se apunta al centro de lo que recibió cuatro estrellas o más, con la anchura que alcanzó; solo en este tambor</translation>
    </message>
</context>
<context>
    <name>bombo::LikedPanel</name>
    <message>
        <source>Keep as a tone…</source>
        <translation>Guardar como sonido…</translation>
    </message>
    <message numerus="yes">
        <source>Give each evening its stars (tab “In words”). %1 evenings of one tone with %2 stars and more make a range; %n evenings have stars so far.</source>
        <translation>
            <numerusform>Dé a cada noche sus estrellas (pestaña «En palabras»). %1 noches de un sonido con %2 estrellas o más hacen un margen; hasta ahora %n noche tiene estrellas.</numerusform>
            <numerusform>Dé a cada noche sus estrellas (pestaña «En palabras»). %1 noches de un sonido con %2 estrellas o más hacen un margen; hasta ahora %n noches tienen estrellas.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>What was liked, over %n evenings with stars. Player, place and cold make no difference that chance would not make as well.</source>
        <translation>
            <numerusform>Lo que gustó, en %n noche con estrellas. Ni el músico ni el lugar ni el frío hacen una diferencia que el azar no haría también.</numerusform>
            <numerusform>Lo que gustó, en %n noches con estrellas. Ni el músico ni el lugar ni el frío hacen una diferencia que el azar no haría también.</numerusform>
        </translation>
    </message>
    <message>
        <source>The middle of what was liked becomes a tone of this workbook, as wide as it reached, and is aimed at from now on</source>
        <translation>El centro de lo que gustó se vuelve un sonido de este cuaderno, tan ancho como llegó, y es la meta desde ahora</translation>
    </message>
    <message>
        <source>Once enough evenings of the drum in front have stars</source>
        <translation>Cuando tengan estrellas bastantes noches del tambor que está delante</translation>
    </message>
    <message>
        <source>Keep what works as a tone</source>
        <translation>Guardar lo que funciona como sonido</translation>
    </message>
    <message>
        <source>Kept: the middle of the pitches and of the ring that got the stars, as wide as they reached. It scales to other drums.</source>
        <translation>Se guarda: el centro de las alturas y de la resonancia que recibieron estrellas, tan ancho como llegaron. Se adapta a otros tambores.</translation>
    </message>
</context>
<context>
    <name>bombo::LikedView</name>
    <message>
        <source>What got the stars</source>
        <translation>Lo que recibió las estrellas</translation>
    </message>
    <message>
        <source>%1: liked from %2</source>
        <translation>%1: gustó de %2</translation>
    </message>
    <message>
        <source>Higher: more stars.  ● four and more  ○ fewer  | the drum now</source>
        <translation>Más alto: más estrellas.  ● cuatro o más  ○ menos  | el tambor ahora</translation>
    </message>
</context>
<context>
    <name>bombo::ListenBar</name>
    <message>
        <source>Hear it</source>
        <translation>Oírlo</translation>
    </message>
    <message>
        <source>One stroke as the targets promise it</source>
        <translation>Un golpe como lo prometen las metas</translation>
    </message>
    <message>
        <source>Wires off</source>
        <translation>Sin bordonera</translation>
    </message>
    <message>
        <source>The same with the lever off</source>
        <translation>Lo mismo con la palanca suelta</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Como está</translation>
    </message>
    <message>
        <source>The drum as far as it is known now</source>
        <translation>El tambor según se conoce ahora</translation>
    </message>
    <message>
        <source>Blind…</source>
        <translation>A ciegas…</translation>
    </message>
    <message>
        <source>Both in a hidden order: can you tell them apart?</source>
        <translation>Los dos en orden oculto: ¿puede distinguirlos?</translation>
    </message>
</context>
<context>
    <name>bombo::ListeningStrip</name>
    <message>
        <source>Listening</source>
        <translation>Escuchando</translation>
    </message>
    <message>
        <source>Source of sound</source>
        <translation>Fuente de sonido</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Micrófono</translation>
    </message>
    <message>
        <source>Is it hearing me?</source>
        <translation>¿Me oye?</translation>
    </message>
    <message>
        <source>Strike it</source>
        <translation>Golpear</translation>
    </message>
    <message>
        <source>Give files…</source>
        <translation>Dar archivos…</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>tone</source>
        <translation>tono</translation>
    </message>
    <message>
        <source>Edge taps</source>
        <translation>Toques de borde</translation>
    </message>
    <message>
        <source>Sound (*.wav *.flac *.ogg *.aiff);;All files (*)</source>
        <translation>Sonido (*.wav *.flac *.ogg *.aiff);;Todos los archivos (*)</translation>
    </message>
</context>
<context>
    <name>bombo::LoadWedge</name>
    <message>
        <source>Film load</source>
        <translation>Carga de película</translation>
    </message>
    <message>
        <source>%1: %2 percent of yield, limit %3 percent</source>
        <translation>%1: %2 por ciento de la fluencia, límite %3 por ciento</translation>
    </message>
    <message>
        <source>%1 %2 %, limit %3 %</source>
        <translation>%1 %2 %, límite %3 %</translation>
    </message>
    <message>
        <source>%1: slack so far</source>
        <translation>%1: floja por ahora</translation>
    </message>
</context>
<context>
    <name>bombo::LogModel</name>
    <message>
        <source>When</source>
        <translation>Cuándo</translation>
    </message>
    <message>
        <source>Drum</source>
        <translation>Tambor</translation>
    </message>
    <message>
        <source>Tone</source>
        <translation>Sonido</translation>
    </message>
    <message>
        <source>Batter</source>
        <translation>Batidor</translation>
    </message>
    <message>
        <source>Snare side</source>
        <translation>Bordonero</translation>
    </message>
    <message>
        <source>Even to</source>
        <translation>Parejo a</translation>
    </message>
    <message>
        <source>Strainer</source>
        <translation>Tensor</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source> cents</source>
        <translation> cents</translation>
    </message>
    <message>
        <source>Stars</source>
        <translation>Estrellas</translation>
    </message>
</context>
<context>
    <name>bombo::LogbookPage</name>
    <message>
        <source>Logbook</source>
        <translation>Diario</translation>
    </message>
    <message>
        <source>Show entries of</source>
        <translation>Mostrar entradas de</translation>
    </message>
    <message>
        <source>Saved setups</source>
        <translation>Afinaciones guardadas</translation>
    </message>
    <message>
        <source>all drums</source>
        <translation>todos los tambores</translation>
    </message>
    <message>
        <source>Search notes and figures</source>
        <translation>Buscar en notas y cifras</translation>
    </message>
    <message>
        <source>Search the logbook</source>
        <translation>Buscar en el diario</translation>
    </message>
    <message>
        <source>Show entries of the tone</source>
        <translation>Mostrar entradas del sonido</translation>
    </message>
    <message>
        <source>Back to it</source>
        <translation>Volver a ella</translation>
    </message>
    <message>
        <source>What differs</source>
        <translation>Diferencias</translation>
    </message>
    <message>
        <source>In words</source>
        <translation>En palabras</translation>
    </message>
    <message>
        <source>Open as it was</source>
        <translation>Abrir como estaba</translation>
    </message>
    <message>
        <source>A new session that begins with the whole setup as it was saved, its turns counted on.</source>
        <translation>Una sesión nueva que empieza con el ajuste entero como se guardó; sus vueltas se siguen contando.</translation>
    </message>
    <message>
        <source>Take me back</source>
        <translation>Volver ahí</translation>
    </message>
    <message>
        <source>As a picture</source>
        <translation>Como imagen</translation>
    </message>
    <message>
        <source>As a list</source>
        <translation>Como lista</translation>
    </message>
    <message>
        <source>all tones</source>
        <translation>todos los sonidos</translation>
    </message>
    <message>
        <source>%1: the season</source>
        <translation>%1: la temporada</translation>
    </message>
    <message>
        <source>Bars: what was wanted. Lines: how it drifted. Steps: what a key did. Arrow keys walk from entry to entry, the wheel draws nearer.</source>
        <translation>Barras: lo que se quería. Líneas: cómo se movió. Escalones: lo que hizo una llave. Las flechas van de entrada en entrada, la rueda acerca.</translation>
    </message>
    <message>
        <source>Back to %1</source>
        <translation>Volver al %1</translation>
    </message>
    <message>
        <source>%1 as on %2</source>
        <translation>%1 como el %2</translation>
    </message>
    <message>
        <source>Setup card…</source>
        <translation>Ficha…</translation>
    </message>
    <message>
        <source>One page as PDF: the turns of every rod, the knob, what lay on the head, and how it was known.</source>
        <translation>Una página en PDF: los giros de cada tornillo, la perilla, lo que había sobre el parche y cómo se sabía.</translation>
    </message>
    <message numerus="yes">
        <source>%n entries. Click on a heading to sort by it; two that are selected (Ctrl) are compared.</source>
        <translation>
            <numerusform>%n entrada. Haga clic en un encabezado para ordenar; dos seleccionadas (Ctrl) se comparan.</numerusform>
            <numerusform>%n entradas. Haga clic en un encabezado para ordenar; dos seleccionadas (Ctrl) se comparan.</numerusform>
        </translation>
    </message>
    <message>
        <source>Nothing in the logbook fits what is searched for and chosen here.</source>
        <translation>Nada en el diario coincide con lo buscado y elegido aquí.</translation>
    </message>
    <message>
        <source>What works</source>
        <translation>Lo que funciona</translation>
    </message>
    <message>
        <source>Deleted entries stay in the bin until you empty it.</source>
        <translation>Las entradas borradas se quedan en la papelera hasta que la vacíe.</translation>
    </message>
    <message>
        <source>Bin (%1)…</source>
        <translation>Papelera (%1)…</translation>
    </message>
    <message numerus="yes">
        <source>Restore %n deleted entries</source>
        <translation>
            <numerusform>Restaurar %n entrada borrada</numerusform>
            <numerusform>Restaurar %n entradas borradas</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::MainWindow</name>
    <message>
        <source>Bombo workbooks (*.bombo);;All files (*)</source>
        <translation>Cuadernos de Bombo (*.bombo);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>&amp;Workbook</source>
        <translation>&amp;Cuaderno</translation>
    </message>
    <message>
        <source>&amp;New…</source>
        <translation>&amp;Nuevo…</translation>
    </message>
    <message>
        <source>New workbook</source>
        <translation>Cuaderno nuevo</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>&amp;Abrir…</translation>
    </message>
    <message>
        <source>Open a workbook</source>
        <translation>Abrir un cuaderno</translation>
    </message>
    <message>
        <source>Open the &amp;demo</source>
        <translation>Abrir la &amp;demostración</translation>
    </message>
    <message>
        <source>Save a &amp;copy…</source>
        <translation>Guardar una &amp;copia…</translation>
    </message>
    <message>
        <source>Save a copy</source>
        <translation>Guardar una copia</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Salir</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Editar</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ver</translation>
    </message>
    <message>
        <source>&amp;Stand view</source>
        <translation>Vista de &amp;atril</translation>
    </message>
    <message>
        <source>As the &amp;system</source>
        <translation>Como el &amp;sistema</translation>
    </message>
    <message>
        <source>&amp;Day</source>
        <translation>&amp;Día</translation>
    </message>
    <message>
        <source>&amp;Night</source>
        <translation>&amp;Noche</translation>
    </message>
    <message>
        <source>Lan&amp;guage</source>
        <translation>&amp;Idioma</translation>
    </message>
    <message>
        <source>Lengths in &amp;millimetres</source>
        <translation>Longitudes en &amp;milímetros</translation>
    </message>
    <message>
        <source>&amp;Tensions in N/m</source>
        <translation>&amp;Tensiones en N/m</translation>
    </message>
    <message>
        <source>&amp;Left-handed: rounds run clockwise</source>
        <translation>&amp;Zurdo: las rondas van en sentido horario</translation>
    </message>
    <message>
        <source>&amp;Reference pitch…</source>
        <translation>&amp;Altura de referencia…</translation>
    </message>
    <message>
        <source>Reference pitch</source>
        <translation>Altura de referencia</translation>
    </message>
    <message>
        <source>The note A4, in Hz:</source>
        <translation>La nota La4, en Hz:</translation>
    </message>
    <message>
        <source>&amp;Listen</source>
        <translation>E&amp;scuchar</translation>
    </message>
    <message>
        <source>&amp;Go</source>
        <translation>&amp;Ir</translation>
    </message>
    <message>
        <source>&amp;Minutes before the show…</source>
        <translation>&amp;Minutos antes de la función…</translation>
    </message>
    <message>
        <source>&amp;Remind me…</source>
        <translation>&amp;Recordarme…</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Diario</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Como el sistema</translation>
    </message>
    <message>
        <source>Bombo</source>
        <translation>Bombo</translation>
    </message>
    <message>
        <source>%1 (read only) – Bombo</source>
        <translation>%1 (solo lectura) – Bombo</translation>
    </message>
    <message>
        <source>%1 – Bombo</source>
        <translation>%1 – Bombo</translation>
    </message>
    <message>
        <source>C&amp;lose</source>
        <translation>C&amp;errar</translation>
    </message>
    <message>
        <source>My drum</source>
        <translation>Mi tambor</translation>
    </message>
    <message>
        <source>What does it look like?</source>
        <translation>¿Cómo es?</translation>
    </message>
    <message>
        <source>This is it</source>
        <translation>Es este</translation>
    </message>
    <message>
        <source>Where does the other one differ?</source>
        <translation>¿En qué difiere el otro?</translation>
    </message>
    <message>
        <source>What is to be put right?</source>
        <translation>¿Qué hay que corregir?</translation>
    </message>
    <message>
        <source>Add it</source>
        <translation>Añadirlo</translation>
    </message>
    <message>
        <source>Si&amp;ze of words</source>
        <translation>Ta&amp;maño de las palabras</translation>
    </message>
    <message>
        <source>As the &amp;window affords</source>
        <translation>Según permita la &amp;ventana</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Open a workbook first.</source>
        <translation>Abra primero un cuaderno.</translation>
    </message>
    <message>
        <source>&amp;Export the logbook…</source>
        <translation>&amp;Exportar el diario…</translation>
    </message>
    <message>
        <source>The show…</source>
        <translation>La función…</translation>
    </message>
    <message>
        <source>Faults</source>
        <translation>Fallos</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Práctica</translation>
    </message>
    <message>
        <source>Open a workbook first, or try the practice drum.</source>
        <translation>Abra antes un cuaderno o pruebe el tambor de práctica.</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>A&amp;yuda</translation>
    </message>
    <message>
        <source>&amp;The manual</source>
        <translation>El &amp;manual</translation>
    </message>
    <message>
        <source>Every &amp;key</source>
        <translation>Todas las &amp;teclas</translation>
    </message>
    <message>
        <source>Take &amp;care</source>
        <translation>&amp;Cuidado</translation>
    </message>
    <message>
        <source>&amp;About Bombo…</source>
        <translation>&amp;Acerca de Bombo…</translation>
    </message>
    <message>
        <source>Save a &amp;report…</source>
        <translation>Guardar un &amp;informe…</translation>
    </message>
    <message>
        <source>Help, Walk me through brings the line back.</source>
        <translation>Ayuda, Acompáñame devuelve la línea.</translation>
    </message>
    <message>
        <source>Se&amp;ttings…</source>
        <translation>A&amp;justes…</translation>
    </message>
    <message>
        <source>&amp;Walk me through</source>
        <translation>A&amp;compáñame</translation>
    </message>
    <message>
        <source>W&amp;hat is this?</source>
        <translation>¿&amp;Qué es esto?</translation>
    </message>
    <message>
        <source>Workbook moved</source>
        <translation>Cuaderno movido</translation>
    </message>
    <message>
        <source>%1 was moved, replaced or deleted while it was open. Your last step was not kept; everything before it is still here.</source>
        <translation>%1 se movió, se sustituyó o se borró mientras estaba abierto. Su último paso no se ha guardado; todo lo anterior sigue aquí.</translation>
    </message>
    <message>
        <source>Write it back</source>
        <translation>Volver a escribirlo</translation>
    </message>
    <message>
        <source>Save a copy…</source>
        <translation>Guardar una copia…</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
    <message>
        <source>&amp;Import a logbook…</source>
        <translation>&amp;Importar un diario…</translation>
    </message>
</context>
<context>
    <name>bombo::MicrophoneDialog</name>
    <message>
        <source>Is it hearing me?</source>
        <translation>¿Me oye?</translation>
    </message>
    <message>
        <source>Lever off. Hold the microphone a hand&apos;s width over the edge of the head and tap lightly beside it, five times, a second apart.</source>
        <translation>Palanca suelta. Sostenga el micrófono a un palmo sobre el borde del parche y toque suave al lado, cinco veces, con un segundo entre toques.</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Micrófono</translation>
    </message>
    <message>
        <source>The practice drum&apos;s microphone</source>
        <translation>El micrófono del tambor de práctica</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Nivel</translation>
    </message>
    <message>
        <source>Check again</source>
        <translation>Comprobar otra vez</translation>
    </message>
    <message>
        <source>Strike it</source>
        <translation>Golpear</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Nothing was heard yet</source>
        <translation>Aún no se oyó nada</translation>
    </message>
    <message>
        <source>Does the level move when you speak? If not, it is muted, or it is another one: choose it above.</source>
        <translation>¿Se mueve el nivel cuando habla? Si no, está silenciado, o es otro: elíjalo arriba.</translation>
    </message>
    <message>
        <source>Tap five times</source>
        <translation>Toque cinco veces</translation>
    </message>
    <message numerus="yes">
        <source>Heard. %n more</source>
        <translation>
            <numerusform>Oído. Falta %n</numerusform>
            <numerusform>Oído. Faltan %n</numerusform>
        </translation>
    </message>
    <message>
        <source>There is no microphone</source>
        <translation>No hay micrófono</translation>
    </message>
    <message>
        <source>%1 is gone</source>
        <translation>%1 no está</translation>
    </message>
    <message>
        <source>%1 cannot be opened</source>
        <translation>%1 no se puede abrir</translation>
    </message>
    <message>
        <source>Another program may hold it: close that, or choose another one above.</source>
        <translation>Quizá lo tenga otro programa: ciérrelo, o elija otro arriba.</translation>
    </message>
    <message>
        <source>Plug one in and open this again. Without one, sound files can be read.</source>
        <translation>Conecte uno y abra esto otra vez. Sin él se pueden leer archivos de sonido.</translation>
    </message>
</context>
<context>
    <name>bombo::MovedBar</name>
    <message>
        <source>rods backing off</source>
        <translation>tornillos</translation>
    </message>
    <message>
        <source>rod %1 or %2</source>
        <translation>tornillo %1 o %2</translation>
    </message>
    <message>
        <source>rod %1</source>
        <translation>tornillo %1</translation>
    </message>
    <message>
        <source>weather</source>
        <translation>tiempo</translation>
    </message>
    <message>
        <source>film settling</source>
        <translation>película</translation>
    </message>
    <message>
        <source>not explained</source>
        <translation>sin explicar</translation>
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
        <translation>%1 cents</translation>
    </message>
</context>
<context>
    <name>bombo::MufflingPage</name>
    <message>
        <source>Ring</source>
        <translation>Resonancia</translation>
    </message>
    <message>
        <source>Ways to shorten it</source>
        <translation>Formas de acortarla</translation>
    </message>
    <message>
        <source>Your own muffler</source>
        <translation>Apagador propio</translation>
    </message>
    <message>
        <source>Muffle, last and least</source>
        <translation>Apagar, lo último y lo mínimo</translation>
    </message>
    <message>
        <source>First evenness, then pitch, then the stroke, then things on the head. Lever off while you listen for ring.</source>
        <translation>Primero parejo, luego la altura, luego el golpe, luego cosas sobre el parche. Palanca suelta mientras escucha la resonancia.</translation>
    </message>
    <message>
        <source>What is laid next</source>
        <translation>Qué se pone a continuación</translation>
    </message>
    <message>
        <source>Lay it</source>
        <translation>Ponerlo</translation>
    </message>
    <message>
        <source>Where it shortens the ring most; or click the head where you want it.</source>
        <translation>Donde más acorta la resonancia; o haga clic en el parche donde lo quiera.</translation>
    </message>
    <message>
        <source>Take off</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Close mic</source>
        <translation>Mic. cercano</translation>
    </message>
    <message>
        <source>A close microphone: drag it, or M and the arrow keys; Page up and down for its height.</source>
        <translation>Un micrófono cercano: arrástrelo, o M y las flechas; Re Pág y Av Pág para su altura.</translation>
    </message>
    <message>
        <source>Undo last</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Escuchar</translation>
    </message>
    <message>
        <source>How a stroke sounds with what lies on the head, as predicted.</source>
        <translation>Cómo suena un golpe con lo que hay sobre el parche, según lo previsto.</translation>
    </message>
    <message>
        <source>On to the proof</source>
        <translation>A la prueba</translation>
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
        <translation>Resonancia como se quería</translation>
    </message>
    <message>
        <source>Still rings longer than wanted</source>
        <translation>Aún resuena más de lo deseado</translation>
    </message>
    <message>
        <source>Rings longer than wanted</source>
        <translation>Resuena más de lo deseado</translation>
    </message>
    <message>
        <source>Shorter than wanted: take less</source>
        <translation>Más corta de lo deseado: ponga menos</translation>
    </message>
    <message>
        <source>Short enough with nothing on it</source>
        <translation>Bastante corta sin nada encima</translation>
    </message>
    <message>
        <source>predicted; %1 s wanted for %2</source>
        <translation>previsto; %1 s deseados para %2</translation>
    </message>
    <message>
        <source>from the targets, since the batter was not heard yet</source>
        <translation>según las metas, pues el batidor aún no se oyó</translation>
    </message>
    <message>
        <source>with this drum&apos;s own damping, %1 of usual</source>
        <translation>con el amortiguamiento de este tambor, %1 del usual</translation>
    </message>
    <message>
        <source>strike it, and its own damping counts</source>
        <translation>golpéelo, y contará su propio amortiguamiento</translation>
    </message>
    <message>
        <source>heard %1 s</source>
        <translation>oído %1 s</translation>
    </message>
    <message>
        <source>the stick loses %1 % of its rebound</source>
        <translation>la baqueta pierde %1 % de su rebote</translation>
    </message>
    <message>
        <source>%1, %2: %3. Arrows nudge it.</source>
        <translation>%1, %2: %3. Las flechas lo mueven.</translation>
    </message>
    <message>
        <source>microphone: %1</source>
        <translation>micrófono: %1</translation>
    </message>
    <message>
        <source>Nothing lies on the head. Click it to lay something there.</source>
        <translation>No hay nada en el parche. Haga clic en él para poner algo.</translation>
    </message>
    <message>
        <source>Things on the head: %1. Choose one by its number.</source>
        <translation>Cosas en el parche: %1. Elija una por su número.</translation>
    </message>
</context>
<context>
    <name>bombo::NameToneDialog</name>
    <message>
        <source>Name and ear-words</source>
        <translation>Nombre y palabras para el oído</translation>
    </message>
    <message>
        <source>Rain: low, blurred, long wire</source>
        <translation>Lluvia: grave, difuso, bordonera larga</translation>
    </message>
    <message>
        <source>Give the tone a name, so that you find it again.</source>
        <translation>Dé un nombre al sonido para encontrarlo.</translation>
    </message>
    <message>
        <source>centre %1 ±%2 Hz</source>
        <translation>centro %1 ±%2 Hz</translation>
    </message>
    <message>
        <source>edge over centre %1</source>
        <translation>borde sobre centro %1</translation>
    </message>
    <message>
        <source>ring %1 ±%2 s</source>
        <translation>resonancia %1 ±%2 s</translation>
    </message>
    <message>
        <source>wires for %1 s</source>
        <translation>bordonera %1 s</translation>
    </message>
    <message>
        <source>no wires</source>
        <translation>sin bordonera</translation>
    </message>
    <message>
        <source>brightness about %1 Hz</source>
        <translation>brillo de unos %1 Hz</translation>
    </message>
    <message>
        <source>Heard in one stroke: %1</source>
        <translation>Oído en un golpe: %1</translation>
    </message>
    <message>
        <source>Heard in %1 strokes: %2</source>
        <translation>Oído en %1 golpes: %2</translation>
    </message>
    <message>
        <source>This drum can do it: centre %1, edge over centre %2.</source>
        <translation>Este tambor puede: centro %1, borde sobre centro %2.</translation>
    </message>
    <message>
        <source>This drum cannot do both: %1. The nearest: centre %2, edge over centre %3.</source>
        <translation>Este tambor no puede ambos: %1. Lo más cercano: centro %2, borde sobre centro %3.</translation>
    </message>
    <message>
        <source>No edge pitch stood out; a fourth between the heads is taken.</source>
        <translation>No destacó ningún tono de borde; se toma una cuarta entre los parches.</translation>
    </message>
    <message>
        <source>Noise hides the ring; the usual ring is taken.</source>
        <translation>El ruido oculta la resonancia; se toma la usual.</translation>
    </message>
    <message>
        <source>Left open, this drum rings about %1 s: shorter than the recording, and nothing lengthens it.</source>
        <translation>Abierto, este tambor resuena unos %1 s: menos que la grabación, y nada lo alarga.</translation>
    </message>
    <message>
        <source>Brightness comes from stick, head and room; it is noted, not aimed at.</source>
        <translation>El brillo viene de baqueta, parche y sala; se anota, no se busca.</translation>
    </message>
</context>
<context>
    <name>bombo::NoticeBar</name>
    <message>
        <source>Dismiss</source>
        <translation>Descartar</translation>
    </message>
    <message>
        <source>Problem</source>
        <translation>Problema</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
</context>
<context>
    <name>bombo::OwnPanel</name>
    <message>
        <source>A muffler of your own</source>
        <translation>Un apagador propio</translation>
    </message>
    <message>
        <source>Coin, sponge, key ring: two hearings tell what it weighs and takes. Lever off, the same stroke each time.</source>
        <translation>Moneda, esponja, llavero: oír dos veces dice cuánto pesa y cuánto quita. Palanca suelta, siempre el mismo golpe.</translation>
    </message>
    <message>
        <source>What you call it</source>
        <translation>Cómo lo llama</translation>
    </message>
    <message>
        <source>sponge</source>
        <translation>esponja</translation>
    </message>
    <message>
        <source>How wide it is</source>
        <translation>Cuánto mide de ancho</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Ancho</translation>
    </message>
    <message>
        <source>Too few partials were heard both times. Nearer the middle, and let it ring.</source>
        <translation>Se oyeron muy pocos parciales ambas veces. Más al centro, y déjelo sonar.</translation>
    </message>
    <message>
        <source>It changed nothing that can be heard. Lay it further in and play again.</source>
        <translation>No cambió nada que se oiga. Póngalo más adentro y toque otra vez.</translation>
    </message>
    <message>
        <source>1. Without it: strokes heard %1 of %2</source>
        <translation>1. Sin él: golpes oídos %1 de %2</translation>
    </message>
    <message>
        <source>That was without it</source>
        <translation>Eso fue sin él</translation>
    </message>
    <message>
        <source>2. Lay it on the head where it is drawn</source>
        <translation>2. Póngalo en el parche donde se dibuja</translation>
    </message>
    <message>
        <source>2. Give it a name</source>
        <translation>2. Déle un nombre</translation>
    </message>
    <message>
        <source>It lies there</source>
        <translation>Ahí está</translation>
    </message>
    <message>
        <source>3. With it: strokes heard %1 of %2</source>
        <translation>3. Con él: golpes oídos %1 de %2</translation>
    </message>
    <message>
        <source>That was with it</source>
        <translation>Eso fue con él</translation>
    </message>
    <message>
        <source>%1: %2 g, damps like a %3 g gel pad</source>
        <translation>%1: %2 g, apaga como una almohadilla de gel de %3 g</translation>
    </message>
    <message>
        <source>None calibrated yet.</source>
        <translation>Ninguno calibrado aún.</translation>
    </message>
    <message>
        <source>Calibrated, and in the list of mufflers to lay:</source>
        <translation>Calibrados, y en la lista de apagadores:</translation>
    </message>
    <message>
        <source>No weight at that place moves the pitch like this. Check where it lies, change nothing else, and play both again.</source>
        <translation>Ningún peso en ese sitio mueve así el tono. Compruebe dónde está, no cambie nada más y toque otra vez las dos.</translation>
    </message>
</context>
<context>
    <name>bombo::OwnView</name>
    <message>
        <source>without it</source>
        <translation>sin él</translation>
    </message>
    <message>
        <source>with it</source>
        <translation>con él</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>Strokes without it and with it</source>
        <translation>Golpes sin él y con él</translation>
    </message>
    <message>
        <source>Heard without it: %1 of %3 strokes; with it: %2 of %3.</source>
        <translation>Oídos sin él: %1 de %3 golpes; con él: %2 de %3.</translation>
    </message>
</context>
<context>
    <name>bombo::PracticePage</name>
    <message>
        <source>Practice</source>
        <translation>Práctica</translation>
    </message>
    <message>
        <source>What your ear tells apart</source>
        <translation>Lo que distingue su oído</translation>
    </message>
    <message>
        <source>A drum to put right</source>
        <translation>Un tambor que arreglar</translation>
    </message>
    <message>
        <source>Who practises</source>
        <translation>Quién practica</translation>
    </message>
    <message>
        <source>a name, if there are several</source>
        <translation>un nombre, si son varios</translation>
    </message>
    <message>
        <source>What is shown meanwhile</source>
        <translation>Lo que se ve mientras tanto</translation>
    </message>
    <message>
        <source>Play one tap, to set the loudness</source>
        <translation>Tocar un golpe, para ajustar el volumen</translation>
    </message>
    <message>
        <source>A practice drum like %1, in its room, with something wrong in it. At the end: your turns beside the shortest way.</source>
        <translation>Un tambor de práctica como %1, en su sala, con algo mal. Al final: sus giros junto al camino más corto.</translation>
    </message>
    <message>
        <source>Taps of the practice drum at the pitch of %1, in its room. It gets harder as you are right; twenty to forty of them.</source>
        <translation>Toques del tambor de práctica a la altura de %1, en su sala. Se hace más difícil cuando acierta; de veinte a cuarenta.</translation>
    </message>
    <message>
        <source>Last time: %1</source>
        <translation>Última vez: %1</translation>
    </message>
    <message>
        <source>Not tried yet</source>
        <translation>Aún sin probar</translation>
    </message>
    <message>
        <source>Again; it should be as loud as quiet talk</source>
        <translation>Otra vez; debe sonar como una charla tranquila</translation>
    </message>
    <message>
        <source>The first lesson</source>
        <translation>La primera lección</translation>
    </message>
    <message>
        <source>Twenty minutes on the practice drum: from nothing to an even head, step by step, and why.</source>
        <translation>Veinte minutos en el tambor de práctica: de nada a un parche igualado, paso a paso y por qué.</translation>
    </message>
    <message>
        <source>Your hands</source>
        <translation>Sus manos</translation>
    </message>
    <message>
        <source>The same tap again</source>
        <translation>El mismo toque otra vez</translation>
    </message>
    <message>
        <source>How alike are your taps?</source>
        <translation>¿Cuán iguales son sus toques?</translation>
    </message>
    <message>
        <source>As a table…</source>
        <translation>Como tabla…</translation>
    </message>
    <message>
        <source>Everything that was practised in this workbook, for a spreadsheet.</source>
        <translation>Todo lo practicado en este cuaderno, para una hoja de cálculo.</translation>
    </message>
    <message>
        <source>Save what was practised</source>
        <translation>Guardar lo practicado</translation>
    </message>
    <message>
        <source>For a spreadsheet (*.csv)</source>
        <translation>Para una hoja de cálculo (*.csv)</translation>
    </message>
    <message>
        <source>What was practised was written to %1.</source>
        <translation>Lo practicado se escribió en %1.</translation>
    </message>
    <message>
        <source>On your own drum with a microphone; else the practice drum is tapped, by hands that Listen gives it.</source>
        <translation>En su propio tambor con un micrófono; si no, se toca el tambor de práctica con las manos que le da Escuchar.</translation>
    </message>
    <message>
        <source>What you hear</source>
        <translation>Lo que oyes</translation>
    </message>
    <message>
        <source>Even backbeats</source>
        <translation>Backbeats iguales</translation>
    </message>
    <message>
        <source>Equally loud, at one place, with a goal</source>
        <translation>Igual de fuertes, en un lugar, con una meta</translation>
    </message>
    <message>
        <source>A quarter turn by feel</source>
        <translation>Un cuarto de giro al tacto</translation>
    </message>
    <message>
        <source>The drum says what it was</source>
        <translation>El tambor dice cuánto fue</translation>
    </message>
    <message>
        <source>The practice drum</source>
        <translation>El tambor de práctica</translation>
    </message>
    <message>
        <source>Your stroke before</source>
        <translation>Tu golpe de antes</translation>
    </message>
    <message>
        <source>Your stroke after</source>
        <translation>Tu golpe de después</translation>
    </message>
    <message>
        <source>Higher and longer are asked of your own stroke; the rest of the practice drum, which can be turned.</source>
        <translation>Más alto y más largo se preguntan con tu propio golpe; lo demás, con el tambor de práctica, que se puede girar.</translation>
    </message>
</context>
<context>
    <name>bombo::PreferencesDialog</name>
    <message>
        <source>one that is not plugged in</source>
        <translation>uno que no está conectado</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Ajustes</translation>
    </message>
    <message>
        <source>What is chosen here holds at once, for every workbook.</source>
        <translation>Lo que se elige aquí vale al momento, para todos los cuadernos.</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Listo</translation>
    </message>
    <message>
        <source>Words and look</source>
        <translation>Palabras y aspecto</translation>
    </message>
    <message>
        <source>As the system</source>
        <translation>Como el sistema</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Idioma</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Día</translation>
    </message>
    <message>
        <source>Night</source>
        <translation>Noche</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Colores</translation>
    </message>
    <message>
        <source>As the window affords</source>
        <translation>Según permita la ventana</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Size of words</source>
        <translation>Medida de las palabras</translation>
    </message>
    <message>
        <source>A line above the page walks along with the job</source>
        <translation>Una línea sobre la página acompaña el trabajo</translation>
    </message>
    <message>
        <source>Figures</source>
        <translation>Cifras</translation>
    </message>
    <message>
        <source>Inches</source>
        <translation>Pulgadas</translation>
    </message>
    <message>
        <source>Millimetres</source>
        <translation>Milímetros</translation>
    </message>
    <message>
        <source>Lengths</source>
        <translation>Longitudes</translation>
    </message>
    <message>
        <source> Hz</source>
        <translation> Hz</translation>
    </message>
    <message>
        <source>The note A4</source>
        <translation>La nota la4</translation>
    </message>
    <message>
        <source>Tensions in N/m beside the pitches</source>
        <translation>Tensiones en N/m junto a las alturas</translation>
    </message>
    <message>
        <source>Hands</source>
        <translation>Manos</translation>
    </message>
    <message>
        <source>Left-handed: rounds run clockwise</source>
        <translation>Zurdo: las rondas van en el sentido del reloj</translation>
    </message>
    <message>
        <source>Foot switch, page turner</source>
        <translation>Pedal, pasapáginas</translation>
    </message>
    <message>
        <source>click here, then press the pedal</source>
        <translation>pulse aquí y luego el pedal</translation>
    </message>
    <message>
        <source>None</source>
        <translation>Ninguna</translation>
    </message>
    <message>
        <source>Space and Page down always go on. If your pedal sends another key, click the field and press the pedal.</source>
        <translation>Espacio y Av Pág siempre siguen. Si su pedal envía otra tecla, pulse el campo y luego el pedal.</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Sonido</translation>
    </message>
    <message>
        <source>The system&apos;s own choice</source>
        <translation>Lo que elija el sistema</translation>
    </message>
    <message>
        <source>Microphone</source>
        <translation>Micrófono</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>Apagado</translation>
    </message>
    <message>
        <source>Confirmation sounds</source>
        <translation>Sonidos de confirmación</translation>
    </message>
    <message>
        <source>Short sounds for heard and once more: on headphones, the microphone must not hear them.</source>
        <translation>Sonidos cortos para oído y otra vez: por auriculares, el micrófono no debe oírlos.</translation>
    </message>
    <message>
        <source>Pictures may move</source>
        <translation>Las imágenes pueden moverse</translation>
    </message>
</context>
<context>
    <name>bombo::PrimaryButton</name>
    <message>
        <source>Space</source>
        <translation>Espacio</translation>
    </message>
</context>
<context>
    <name>bombo::ProofPage</name>
    <message>
        <source>Line by line</source>
        <translation>Línea a línea</translation>
    </message>
    <message>
        <source>Player or drum</source>
        <translation>Músico o tambor</translation>
    </message>
    <message>
        <source>One change</source>
        <translation>Un cambio</translation>
    </message>
    <message>
        <source>Is it what was asked for?</source>
        <translation>¿Es lo que se pidió?</translation>
    </message>
    <message>
        <source>Brief against what was reached</source>
        <translation>Lo pedido y lo logrado</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Qué</translation>
    </message>
    <message>
        <source>Wanted</source>
        <translation>Deseado</translation>
    </message>
    <message>
        <source>Reached</source>
        <translation>Logrado</translation>
    </message>
    <message>
        <source>Source</source>
        <translation>Fuente</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Veredicto</translation>
    </message>
    <message>
        <source>In your own words, for the next time</source>
        <translation>Con sus palabras, para la próxima vez</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
    <message>
        <source>%1 of %2 stars</source>
        <translation>%1 de %2 estrellas</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Imprimir…</translation>
    </message>
    <message>
        <source>The printer took no page. Save it as PDF and print that.</source>
        <translation>La impresora no aceptó la página. Guárdela en PDF e imprímala.</translation>
    </message>
    <message>
        <source>%1 on %2.</source>
        <translation>%1 en %2.</translation>
    </message>
    <message>
        <source>%1 of %2 settled</source>
        <translation>%1 de %2 resueltos</translation>
    </message>
    <message>
        <source>Save once more</source>
        <translation>Guardar otra vez</translation>
    </message>
    <message>
        <source>Save to the logbook</source>
        <translation>Guardar en el diario</translation>
    </message>
    <message>
        <source>As a picture</source>
        <translation>Como imagen</translation>
    </message>
    <message>
        <source>As a table</source>
        <translation>Como tabla</translation>
    </message>
    <message>
        <source>The same as figures alone, and back. Key T.</source>
        <translation>Lo mismo solo en cifras, y vuelta. Tecla T.</translation>
    </message>
    <message>
        <source>Setup card…</source>
        <translation>Ficha…</translation>
    </message>
    <message>
        <source>A note holds %1 characters at most. The rest was left out.</source>
        <translation>Una nota admite %1 caracteres como máximo. El resto se ha dejado fuera.</translation>
    </message>
</context>
<context>
    <name>bombo::ProofPicture</name>
    <message>
        <source>Heads</source>
        <translation>Parches</translation>
    </message>
    <message>
        <source>Wires</source>
        <translation>Bordona</translation>
    </message>
    <message>
        <source>Tone</source>
        <translation>Sonido</translation>
    </message>
    <message>
        <source>What was wanted and what was reached</source>
        <translation>Lo que se quería y lo que se logró</translation>
    </message>
    <message>
        <source>%1: wanted %2, reached %3, %4</source>
        <translation>%1: se quería %2, se logró %3, %4</translation>
    </message>
    <message>
        <source>wanted</source>
        <translation>se quería</translation>
    </message>
    <message>
        <source>reached</source>
        <translation>se logró</translation>
    </message>
    <message>
        <source>measured</source>
        <translation>medido</translation>
    </message>
    <message>
        <source>predicted</source>
        <translation>predicho</translation>
    </message>
    <message>
        <source>as counted or answered</source>
        <translation>según lo contado o respondido</translation>
    </message>
    <message>
        <source>by gauge</source>
        <translation>por medidor</translation>
    </message>
    <message>
        <source>how sure</source>
        <translation>cuán seguro</translation>
    </message>
</context>
<context>
    <name>bombo::PurposePage</name>
    <message>
        <source>Tune it now</source>
        <translation>Afinarlo ahora</translation>
    </message>
    <message>
        <source>Choose a tone, then head by head.</source>
        <translation>Elegir un tono, luego parche a parche.</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Espacio</translation>
    </message>
    <message>
        <source>Hear what it is</source>
        <translation>Oír qué es</translation>
    </message>
    <message>
        <source>Middle and edge of both heads, in a minute.</source>
        <translation>Centro y borde de ambos parches, en un minuto.</translation>
    </message>
    <message>
        <source>In minutes, before a show</source>
        <translation>En minutos, antes de una función</translation>
    </message>
    <message>
        <source>The little that helps most, by the clock.</source>
        <translation>Lo poco que más ayuda, según el reloj.</translation>
    </message>
    <message>
        <source>What listens?</source>
        <translation>¿Qué escucha?</translation>
    </message>
    <message>
        <source>A microphone</source>
        <translation>Un micrófono</translation>
    </message>
    <message>
        <source>Five taps tell whether it hears well.</source>
        <translation>Cinco toques dicen si oye bien.</translation>
    </message>
    <message>
        <source>No microphone</source>
        <translation>Sin micrófono</translation>
    </message>
    <message>
        <source>Strike a simulated drum like it, to try it out.</source>
        <translation>Un tambor simulado, para probar.</translation>
    </message>
    <message>
        <source>%1 is in the workbook. What for, today?</source>
        <translation>%1 está en el cuaderno. ¿Para qué, hoy?</translation>
    </message>
    <message>
        <source>The microphone listens. It can be changed at every station, below the step at hand.</source>
        <translation>El micrófono escucha. Se puede cambiar en cada estación, bajo el paso en curso.</translation>
    </message>
    <message>
        <source>The simulated drum is struck. A tension gauge or the ear work as well: say so at the head, beside the round.</source>
        <translation>Se golpea el tambor simulado. También valen un medidor o el oído: dígalo en el parche, junto a la ronda.</translation>
    </message>
    <message>
        <source>Find what is wrong</source>
        <translation>Buscar qué le pasa</translation>
    </message>
    <message>
        <source>A few questions, the telling ones first.</source>
        <translation>Unas pocas preguntas, primero las que más dicen.</translation>
    </message>
</context>
<context>
    <name>bombo::QuestionCard</name>
    <message>
        <source>Space</source>
        <translation>Espacio</translation>
    </message>
    <message>
        <source>Not sure</source>
        <translation>No lo sé</translation>
    </message>
</context>
<context>
    <name>bombo::QuestionPanel</name>
    <message>
        <source>How high?</source>
        <translation>¿Qué altura?</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>bajo</translation>
    </message>
    <message>
        <source>higher</source>
        <translation>alto</translation>
    </message>
    <message>
        <source>How long?</source>
        <translation>¿Qué duración?</translation>
    </message>
    <message>
        <source>shorter</source>
        <translation>más corto</translation>
    </message>
    <message>
        <source>longer</source>
        <translation>más largo</translation>
    </message>
    <message>
        <source>How much wire?</source>
        <translation>¿Cuánta bordonera?</translation>
    </message>
    <message>
        <source>dry</source>
        <translation>seca</translation>
    </message>
    <message>
        <source>plenty</source>
        <translation>mucha</translation>
    </message>
    <message>
        <source>Under the stick?</source>
        <translation>¿Bajo la baqueta?</translation>
    </message>
    <message>
        <source>softer</source>
        <translation>más blando</translation>
    </message>
    <message>
        <source>harder</source>
        <translation>más duro</translation>
    </message>
    <message>
        <source>%1 %2 to %3</source>
        <translation>%1 %2 a %3</translation>
    </message>
    <message>
        <source>%1 s; open drum only %2 s</source>
        <translation>%1 s; tambor abierto solo %2 s</translation>
    </message>
    <message>
        <source>ring %1 s; open drum %2 s</source>
        <translation>resonancia %1 s; tambor abierto %2 s</translation>
    </message>
    <message>
        <source>lever off in this tone</source>
        <translation>palanca suelta en este sonido</translation>
    </message>
    <message>
        <source>film %1 % over %2 %</source>
        <translation>película %1 % sobre %2 %</translation>
    </message>
</context>
<context>
    <name>bombo::ReminderDialog</name>
    <message>
        <source>Remind me</source>
        <translation>Recordarme</translation>
    </message>
    <message>
        <source>A new head drifts in its first night, and weather moves all of them. The reminder shows when the program starts, and on the desktop while it runs.</source>
        <translation>Un parche nuevo se mueve su primera noche, y el tiempo mueve a todos. El aviso aparece al iniciar el programa, y en el escritorio mientras funciona.</translation>
    </message>
    <message>
        <source>About what</source>
        <translation>Sobre qué</translation>
    </message>
    <message>
        <source>The head has rested: tap it once more</source>
        <translation>El parche ha reposado: tóquelo una vez más</translation>
    </message>
    <message>
        <source>Look at the tuning again</source>
        <translation>Revisar la afinación otra vez</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Cuándo</translation>
    </message>
    <message>
        <source>Tomorrow morning</source>
        <translation>Mañana por la mañana</translation>
    </message>
    <message>
        <source>In a week</source>
        <translation>En una semana</translation>
    </message>
    <message>
        <source>Save for a calendar…</source>
        <translation>Guardar para un calendario…</translation>
    </message>
    <message>
        <source>No reminder</source>
        <translation>Sin aviso</translation>
    </message>
    <message>
        <source>Is the batter head worn?</source>
        <translation>¿Está gastado el parche batidor?</translation>
    </message>
    <message>
        <source>Is the snare-side head worn?</source>
        <translation>¿Está gastado el parche bordonero?</translation>
    </message>
    <message>
        <source>Are the wires worn?</source>
        <translation>¿Está gastada la bordonera?</translation>
    </message>
    <message>
        <source>This replaces the reminder set for %1: %2.</source>
        <translation>Sustituye al recordatorio del %1: %2.</translation>
    </message>
</context>
<context>
    <name>bombo::RoundTools</name>
    <message>
        <source>How the rods are compared</source>
        <translation>Cómo se comparan los tornillos</translation>
    </message>
    <message>
        <source>Finger on the middle</source>
        <translation>Dedo en el centro</translation>
    </message>
    <message>
        <source>Nothing on this head</source>
        <translation>Nada en este parche</translation>
    </message>
    <message>
        <source>In silence, by gauge</source>
        <translation>En silencio, medidor</translation>
    </message>
    <message>
        <source>In silence, hoop gap</source>
        <translation>En silencio, luz del aro</translation>
    </message>
    <message>
        <source>In silence, by feel</source>
        <translation>En silencio, al tacto</translation>
    </message>
    <message>
        <source>A light finger takes the centre pitch away, at the same pressure each time. Taps with and without it are never compared: changing it begins the round again. What is read beside the rods in silence also tells opposite rods apart, which no tap can: do it before or after a round of taps, with no turn between.</source>
        <translation>Un dedo ligero quita el tono central, siempre con la misma presión. Los toques con y sin él nunca se comparan: cambiarlo empieza la ronda de nuevo. Lo que se lee junto a los tornillos en silencio también distingue tornillos opuestos, cosa que ningún toque puede: hágalo antes o después de una ronda de toques, sin girar entremedio.</translation>
    </message>
    <message>
        <source>Rods of a round</source>
        <translation>Tornillos de una ronda</translation>
    </message>
    <message>
        <source>Every rod</source>
        <translation>Cada tornillo</translation>
    </message>
    <message>
        <source>Half the rods</source>
        <translation>La mitad</translation>
    </message>
    <message>
        <source>Taps at each rod</source>
        <translation>Toques en cada tornillo</translation>
    </message>
    <message>
        <source>1 tap each</source>
        <translation>1 toque cada uno</translation>
    </message>
    <message>
        <source>2 taps each</source>
        <translation>2 toques cada uno</translation>
    </message>
    <message>
        <source>3 taps each</source>
        <translation>3 toques cada uno</translation>
    </message>
    <message>
        <source>The middle of several taps counts; one that stands apart is named and left out.</source>
        <translation>De varios toques vale el del medio; el que se aparta se nombra y se descarta.</translation>
    </message>
    <message>
        <source>Which gauge</source>
        <translation>Qué medidor</translation>
    </message>
    <message>
        <source>A round by gauge and a round of taps with no turn between them tell what its marks stand for; that is kept in the workbook under its name.</source>
        <translation>Una ronda con medidor y una de toques, sin girar entremedio, dicen qué significan sus marcas; eso queda en el cuaderno con su nombre.</translation>
    </message>
    <message>
        <source>Another gauge</source>
        <translation>Otro medidor</translation>
    </message>
    <message>
        <source>What you call it:</source>
        <translation>Cómo lo llama:</translation>
    </message>
    <message>
        <source>Opposite rods read alike in the last whole round: half of them say as much.</source>
        <translation>Los tornillos opuestos dieron igual en la última ronda entera: la mitad dice lo mismo.</translation>
    </message>
    <message>
        <source>Opposite rods sound almost alike. Tap one whole round before you trust half.</source>
        <translation>Los tornillos opuestos suenan casi igual. Toque una ronda entera antes de fiarse de la mitad.</translation>
    </message>
    <message>
        <source>Gauge without a name</source>
        <translation>Medidor sin nombre</translation>
    </message>
    <message>
        <source>Another gauge…</source>
        <translation>Otro medidor…</translation>
    </message>
</context>
<context>
    <name>bombo::RouteRail</name>
    <message>
        <source>Route</source>
        <translation>Ruta</translation>
    </message>
    <message>
        <source>Logbook</source>
        <translation>Diario</translation>
    </message>
    <message>
        <source>F11  stand view</source>
        <translation>F11  vista de atril</translation>
    </message>
    <message>
        <source>%1, %2, %3 rods</source>
        <translation>%1, %2, %3 tornillos</translation>
    </message>
    <message>
        <source>Faults</source>
        <translation>Fallos</translation>
    </message>
    <message>
        <source>Faults: under way</source>
        <translation>Fallos: en curso</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Práctica</translation>
    </message>
</context>
<context>
    <name>bombo::SchoolPanel</name>
    <message>
        <source>How high the snare side stands, by school</source>
        <translation>Qué alto está el bordonero, según la escuela</translation>
    </message>
    <message>
        <source>Snare side</source>
        <translation>Bordonero</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>borde</translation>
    </message>
    <message>
        <source>film</source>
        <translation>película</translation>
    </message>
    <message>
        <source>ratio</source>
        <translation>razón</translation>
    </message>
    <message>
        <source>Interval</source>
        <translation>Intervalo</translation>
    </message>
    <message>
        <source>Ratio</source>
        <translation>Razón</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Orden</translation>
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
        <translation>Frente al propio del sonido: bordonero %1 cents, película %2 a %3 %, centro %4 cents.</translation>
    </message>
    <message>
        <source>▲ held back: %1.</source>
        <translation>▲ retenido: %1.</translation>
    </message>
</context>
<context>
    <name>bombo::SeasonView</name>
    <message>
        <source>The season</source>
        <translation>La temporada</translation>
    </message>
</context>
<context>
    <name>bombo::SessionController</name>
    <message>
        <source>The folder %1 cannot be made; check your rights there.</source>
        <translation>La carpeta %1 no se puede crear; compruebe sus permisos ahí.</translation>
    </message>
    <message>
        <source>%1 exists; choose another name for the copy.</source>
        <translation>%1 ya existe; elija otro nombre para la copia.</translation>
    </message>
    <message>
        <source>This setup is in the logbook already.</source>
        <translation>Esta afinación ya está en el diario.</translation>
    </message>
    <message>
        <source>Saved to the logbook.</source>
        <translation>Guardado en el diario.</translation>
    </message>
    <message>
        <source>The demo was damaged and is made anew; the old file stands beside it as %1.</source>
        <translation>La demo estaba dañada y se hace de nuevo; el archivo viejo queda al lado como %1.</translation>
    </message>
    <message>
        <source>The last session of %1 is damaged and was left as it is; a fresh one was begun.</source>
        <translation>La última sesión de %1 está dañada y quedó como está; se empezó otra.</translation>
    </message>
    <message>
        <source>You are back at the copy of %1. The damaged workbook is kept as %2.</source>
        <translation>Ha vuelto a la copia del %1. El cuaderno dañado se guarda como %2.</translation>
    </message>
    <message>
        <source>%1, rescued</source>
        <translation>%1, rescatado</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>y %n más</numerusform>
            <numerusform>y %n más</numerusform>
        </translation>
    </message>
    <message>
        <source>Everything could be read; it stands in %1 now.</source>
        <translation>Se pudo leer todo; ahora está en %1.</translation>
    </message>
    <message>
        <source>What could be read stands in %1 now. Lost: %2.</source>
        <translation>Lo que se pudo leer está ahora en %1. Perdido: %2.</translation>
    </message>
    <message>
        <source>Practice drum</source>
        <translation>Tambor de práctica</translation>
    </message>
    <message>
        <source>It is the only drum here. Add another one first.</source>
        <translation>Es el único tambor aquí. Añada otro primero.</translation>
    </message>
    <message>
        <source>The setup was brought back as a new session. A head was changed since: its work begins anew, with the same targets.</source>
        <translation>El ajuste se recuperó como sesión nueva. Desde entonces se cambió un parche: su trabajo empieza de nuevo, con los mismos objetivos.</translation>
    </message>
    <message>
        <source>Saved to the logbook, with %1 hours that it was heard being played.</source>
        <translation>Guardado en el diario, con %1 horas en que se la oyó tocar.</translation>
    </message>
    <message>
        <source>Copy saved as %1. You are still working in %2.</source>
        <translation>Copia guardada como %1. Sigue trabajando en %2.</translation>
    </message>
    <message>
        <source>The workbook is back in its place. Do your last step again.</source>
        <translation>El cuaderno vuelve a estar en su sitio. Repita el último paso.</translation>
    </message>
    <message>
        <source>New session started. The one before it is under Drum, Earlier sessions.</source>
        <translation>Sesión nueva empezada. La anterior está en Tambor, Sesiones anteriores.</translation>
    </message>
    <message>
        <source>Logbook imported.</source>
        <translation>Diario importado.</translation>
    </message>
    <message>
        <source>The setup was opened as a new session. The one before it is under Drum, Earlier sessions.</source>
        <translation>El ajuste se ha abierto como sesión nueva. La anterior está en Tambor, Sesiones anteriores.</translation>
    </message>
</context>
<context>
    <name>bombo::SessionsDialog</name>
    <message>
        <source>Sessions of %1</source>
        <translation>Sesiones de %1</translation>
    </message>
    <message>
        <source>Each session keeps its turns, taps and undo. Nothing is lost when you switch between them.</source>
        <translation>Cada sesión conserva sus giros, sus toques y lo que se puede deshacer. Al cambiar de una a otra no se pierde nada.</translation>
    </message>
    <message>
        <source>Sessions</source>
        <translation>Sesiones</translation>
    </message>
    <message>
        <source>no steps yet</source>
        <translation>sin pasos todavía</translation>
    </message>
    <message numerus="yes">
        <source>%n steps</source>
        <translation>
            <numerusform>%n paso</numerusform>
            <numerusform>%n pasos</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, at %2, %3</source>
        <translation>%1, en %2, %3</translation>
    </message>
    <message>
        <source>%1 (open now)</source>
        <translation>%1 (abierta ahora)</translation>
    </message>
    <message>
        <source>Started %1</source>
        <translation>Empezada: %1</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
    <message>
        <source>Open session</source>
        <translation>Abrir sesión</translation>
    </message>
</context>
<context>
    <name>bombo::SetListDialog</name>
    <message>
        <source>The show</source>
        <translation>La función</translation>
    </message>
    <message>
        <source>Tones in the order of the show, and the minutes before each in which the drum is free.</source>
        <translation>Sonidos en el orden de la función, y los minutos antes de cada uno en que la caja está libre.</translation>
    </message>
    <message>
        <source>Numbers of the show</source>
        <translation>Números de la función</translation>
    </message>
    <message>
        <source>Tone</source>
        <translation>Sonido</translation>
    </message>
    <message>
        <source>Minutes before</source>
        <translation>Minutos antes</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Añadir</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Antes</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Después</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>Add the first tone.</source>
        <translation>Añada el primer sonido.</translation>
    </message>
    <message>
        <source>All of it fits: %1 min of turning.</source>
        <translation>Todo cabe: %1 min de giros.</translation>
    </message>
    <message numerus="yes">
        <source>%n changes do not fit. Another drum, more minutes, or another order.</source>
        <translation>
            <numerusform>%n cambio no cabe. Otra caja, más minutos u otro orden.</numerusform>
            <numerusform>%n cambios no caben. Otra caja, más minutos u otro orden.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 was never heard: it is taken to stand in its own tone. Tune it first.</source>
        <translation>%1 no se ha oído nunca: se supone que está en su propio tono. Afínelo primero.</translation>
    </message>
    <message>
        <source>Play it</source>
        <translation>Tocarla</translation>
    </message>
    <message numerus="yes">
        <source>On %n numbers there is no time for the snare side: it stays where it was.</source>
        <translation>
            <numerusform>En %n número no hay tiempo para el bordonero: se queda como estaba.</numerusform>
            <numerusform>En %n números no hay tiempo para el bordonero: se queda como estaba.</numerusform>
        </translation>
    </message>
    <message>
        <source>Play from %1</source>
        <translation>Tocar desde %1</translation>
    </message>
    <message>
        <source>Stays</source>
        <translation>Fijo</translation>
    </message>
    <message>
        <source>Keeps its place when a better order is looked for: the opener, the last number</source>
        <translation>Conserva su puesto al buscar un orden mejor: el primer número, el último</translation>
    </message>
    <message>
        <source>Find an order with less turning</source>
        <translation>Buscar un orden con menos vueltas</translation>
    </message>
    <message>
        <source>Stays in its place</source>
        <translation>Se queda en su puesto</translation>
    </message>
    <message>
        <source>No other order was found that takes less.</source>
        <translation>No se encontró otro orden que cueste menos.</translation>
    </message>
    <message>
        <source>Back to the order as it was</source>
        <translation>Volver al orden de antes</translation>
    </message>
    <message numerus="yes">
        <source>%n more changes fit in this order.</source>
        <translation>
            <numerusform>En este orden cabe %n cambio más.</numerusform>
            <numerusform>En este orden caben %n cambios más.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>In this order there is time for the snare side on %n more numbers.</source>
        <translation>
            <numerusform>En este orden hay tiempo para el parche bordonero en %n número más.</numerusform>
            <numerusform>En este orden hay tiempo para el parche bordonero en %n números más.</numerusform>
        </translation>
    </message>
    <message>
        <source>This order saves %1 min of turning.</source>
        <translation>Este orden ahorra %1 min de girar.</translation>
    </message>
    <message>
        <source>In this order every rod is turned %1 less, and the count stays surer.</source>
        <translation>En este orden cada tornillo gira %1 menos, y la cuenta queda más segura.</translation>
    </message>
    <message>
        <source>Another window has changed the show meanwhile. It is shown here now; make your change again if you still want it.</source>
        <translation>Otra ventana ha cambiado la actuación entretanto. Ahora se muestra aquí; repita su cambio si aún lo quiere.</translation>
    </message>
</context>
<context>
    <name>bombo::ShowStand</name>
    <message>
        <source>%1 of %2</source>
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>%1: %2, on %3</source>
        <translation>%1: %2, en %3</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>No drum here can have it</source>
        <translation>Ningún tambor aquí puede darlo</translation>
    </message>
    <message>
        <source>Play: %1</source>
        <translation>Toque: %1</translation>
    </message>
    <message>
        <source>Not counted: %1</source>
        <translation>No contado: %1</translation>
    </message>
    <message>
        <source>then %1, on %2</source>
        <translation>después %1, en %2</translation>
    </message>
    <message>
        <source>then %1</source>
        <translation>después %1</translation>
    </message>
    <message>
        <source>it is played</source>
        <translation>ya está tocada</translation>
    </message>
    <message>
        <source>done</source>
        <translation>hecho</translation>
    </message>
</context>
<context>
    <name>bombo::ShowView</name>
    <message>
        <source>Which drum plays what</source>
        <translation>Qué caja toca qué</translation>
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
        <translation>No hay salida de sonido; conecte un altavoz o auriculares.</translation>
    </message>
</context>
<context>
    <name>bombo::StandView</name>
    <message>
        <source>heard %1</source>
        <translation>oído %1</translation>
    </message>
    <message>
        <source>again: %1</source>
        <translation>otra vez: %1</translation>
    </message>
    <message>
        <source>Space: %1</source>
        <translation>Espacio: %1</translation>
    </message>
    <message>
        <source>Stand view</source>
        <translation>Vista de atril</translation>
    </message>
</context>
<context>
    <name>bombo::StartPage</name>
    <message>
        <source>Open a workbook…</source>
        <translation>Abrir un cuaderno…</translation>
    </message>
    <message>
        <source>%1 holds no drum yet</source>
        <translation>%1 no tiene tambores aún</translation>
    </message>
    <message>
        <source>Open a workbook</source>
        <translation>Abrir un cuaderno</translation>
    </message>
    <message>
        <source>Bombo workbooks (*.bombo);;All files (*)</source>
        <translation>Cuadernos de Bombo (*.bombo);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>%1, at %2, %3</source>
        <translation>%1, en %2, %3</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Espacio</translation>
    </message>
    <message>
        <source>A practice drum</source>
        <translation>Un tambor de práctica</translation>
    </message>
    <message>
        <source>Simulated, uneven, in a room. Nothing can break.</source>
        <translation>Simulado, desigual, en una sala. Nada se rompe.</translation>
    </message>
    <message>
        <source>The picture house</source>
        <translation>El cine</translation>
    </message>
    <message>
        <source>The demo: a band&apos;s three drums, and their season.</source>
        <translation>La demo: tres tambores de una banda y su temporada.</translation>
    </message>
    <message>
        <source>Or drop one here.</source>
        <translation>O suelte uno aquí.</translation>
    </message>
    <message>
        <source>Lately</source>
        <translation>Últimamente</translation>
    </message>
    <message>
        <source>Describe one; all of it can be guessed at first.</source>
        <translation>Describa uno; al principio todo se puede suponer.</translation>
    </message>
    <message>
        <source>From the tone you want to a drum that has it, and back to it tomorrow.</source>
        <translation>Del tono que quiere a un tambor que lo tiene, y mañana otra vez a él.</translation>
    </message>
    <message>
        <source>My drums</source>
        <translation>Mis tambores</translation>
    </message>
    <message>
        <source>Go on where you left them.</source>
        <translation>Siga donde los dejó.</translation>
    </message>
    <message>
        <source>My drum</source>
        <translation>Mi tambor</translation>
    </message>
    <message>
        <source>Pick it by sight, in a minute. No rule needed.</source>
        <translation>Elíjalo a ojo, en un minuto. Sin regla.</translation>
    </message>
    <message>
        <source>Your workbook is %1.</source>
        <translation>Su cuaderno es %1.</translation>
    </message>
    <message>
        <source>It will stand in a new workbook, %1. Move it whenever you like.</source>
        <translation>Estará en un cuaderno nuevo, %1. Muévalo cuando quiera.</translation>
    </message>
</context>
<context>
    <name>bombo::StartPicture</name>
    <message>
        <source>A snare drum cut through</source>
        <translation>Una caja en corte</translation>
    </message>
    <message>
        <source>A stick falls on the batter head; the air between the heads carries it to the snare side, under which the wires lie.</source>
        <translation>Una baqueta cae en el batidor; el aire entre los parches lo lleva al bordonero, bajo el que está la bordona.</translation>
    </message>
    <message>
        <source>the head you strike</source>
        <translation>el parche que se golpea</translation>
    </message>
    <message>
        <source>the head the wires lie on</source>
        <translation>el parche donde apoya la bordona</translation>
    </message>
    <message>
        <source>one air between them</source>
        <translation>un solo aire entre ellos</translation>
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
        <translation>nivel, las manos</translation>
    </message>
    <message>
        <source>± %1 dB</source>
        <translation>± %1 dB</translation>
    </message>
    <message>
        <source>place, the hands</source>
        <translation>lugar, las manos</translation>
    </message>
    <message>
        <source>± %1 mm</source>
        <translation>± %1 mm</translation>
    </message>
    <message>
        <source>ring, the drum</source>
        <translation>resonancia, el tambor</translation>
    </message>
    <message>
        <source>± %1 %</source>
        <translation>± %1 %</translation>
    </message>
    <message>
        <source>steady up to here</source>
        <translation>constante hasta aquí</translation>
    </message>
    <message>
        <source>Who wanders</source>
        <translation>Quién varía</translation>
    </message>
    <message>
        <source>%1 %2, steady</source>
        <translation>%1 %2, constante</translation>
    </message>
    <message>
        <source>%1 %2, not steady</source>
        <translation>%1 %2, no constante</translation>
    </message>
</context>
<context>
    <name>bombo::StepDial</name>
    <message>
        <source>Step, drawn</source>
        <translation>Paso, dibujado</translation>
    </message>
    <message>
        <source>tighter, clockwise</source>
        <translation>más apretado, sentido horario</translation>
    </message>
    <message>
        <source>looser, counter-clockwise</source>
        <translation>más flojo, sentido antihorario</translation>
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
        <translation>%1 de %2 toques oídos</translation>
    </message>
</context>
<context>
    <name>bombo::TapView</name>
    <message>
        <source>Last tap, its partials</source>
        <translation>Último toque, sus parciales</translation>
    </message>
    <message>
        <source>Nothing was heard yet.</source>
        <translation>Aún no se oyó nada.</translation>
    </message>
</context>
<context>
    <name>bombo::TomBench</name>
    <message>
        <source>Space</source>
        <translation>Espacio</translation>
    </message>
    <message>
        <source>A whisper near the edge</source>
        <translation>Un susurro cerca del borde</translation>
    </message>
    <message>
        <source>A loud stroke in the middle</source>
        <translation>Un golpe fuerte en el centro</translation>
    </message>
    <message>
        <source>%1 looser</source>
        <translation>%1 más flojo</translation>
    </message>
    <message>
        <source>%1 tighter</source>
        <translation>%1 más apretado</translation>
    </message>
    <message>
        <source>That is it</source>
        <translation>Listo</translation>
    </message>
    <message>
        <source>the tom</source>
        <translation>el tom</translation>
    </message>
    <message>
        <source>Bombo would first try: %1. %2</source>
        <translation>Bombo probaría primero: %1. %2</translation>
    </message>
    <message>
        <source>You hear the tom.</source>
        <translation>Oyes el tom.</translation>
    </message>
    <message>
        <source>They buzz for %1 s at a stroke on the tom.</source>
        <translation>Zumba %1 s tras un golpe en el tom.</translation>
    </message>
    <message>
        <source>They lie still.</source>
        <translation>Está quieta.</translation>
    </message>
    <message>
        <source>It goes no further.</source>
        <translation>No va más allá.</translation>
    </message>
    <message>
        <source>Nothing was heard, so nothing is kept.</source>
        <translation>No se oyó nada, así que no se guarda nada.</translation>
    </message>
    <message>
        <source>Another one</source>
        <translation>Otro</translation>
    </message>
    <message>
        <source>Strike the tom</source>
        <translation>Golpear el tom</translation>
    </message>
    <message>
        <source>Back to the exercises</source>
        <translation>Volver a los ejercicios</translation>
    </message>
    <message>
        <source>Leave it; nothing is kept</source>
        <translation>Dejarlo; no se guarda nada</translation>
    </message>
</context>
<context>
    <name>bombo::ToneList</name>
    <message>
        <source>out of reach of this drum</source>
        <translation>fuera del alcance de este tambor</translation>
    </message>
    <message>
        <source>%1 over %2 Hz, ring %3 s</source>
        <translation>%1 sobre %2 Hz, suena %3 s</translation>
    </message>
    <message>
        <source>Tones</source>
        <translation>Sonidos</translation>
    </message>
    <message>
        <source>From a recording…</source>
        <translation>De una grabación…</translation>
    </message>
    <message>
        <source>A sound file with one or more hits becomes a tone</source>
        <translation>Un archivo de sonido con uno o más golpes se vuelve un sonido</translation>
    </message>
    <message>
        <source>Keep this setup as a tone…</source>
        <translation>Esta afinación como sonido…</translation>
    </message>
    <message>
        <source>Of this workbook</source>
        <translation>De este cuaderno</translation>
    </message>
    <message>
        <source>Always at hand</source>
        <translation>Siempre a mano</translation>
    </message>
    <message>
        <source>The drum as it stands becomes a tone of this workbook</source>
        <translation>El tambor como está se vuelve un sonido de este cuaderno</translation>
    </message>
    <message>
        <source>Once the batter was heard</source>
        <translation>En cuanto se oiga el batidor</translation>
    </message>
    <message>
        <source>A recorded hit</source>
        <translation>Un golpe grabado</translation>
    </message>
    <message>
        <source>Sound (*.wav *.flac);;All files (*)</source>
        <translation>Sonido (*.wav *.flac);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Tone from %1</source>
        <translation>Sonido de %1</translation>
    </message>
    <message>
        <source>Kept: edge pitches as heard, ring as predicted with the pads that lie there, and how tight the wires stand in their span. It scales to other drums.</source>
        <translation>Se guardan: tonos de borde como se oyeron, resonancia prevista con los apagadores puestos, y cuán tensa está la bordonera en su margen. Se adapta a otros tambores.</translation>
    </message>
    <message>
        <source>Keep this setup as a tone</source>
        <translation>Guardar esta afinación como sonido</translation>
    </message>
</context>
<context>
    <name>bombo::TonePage</name>
    <message>
        <source>What should it sound like?</source>
        <translation>¿Cómo debe sonar?</translation>
    </message>
    <message>
        <source>Questions</source>
        <translation>Preguntas</translation>
    </message>
    <message>
        <source>School</source>
        <translation>Escuela</translation>
    </message>
    <message>
        <source>Weather</source>
        <translation>Tiempo</translation>
    </message>
    <message>
        <source>Both heads</source>
        <translation>Ambos parches</translation>
    </message>
    <message>
        <source>Take this tone</source>
        <translation>Tomar este sonido</translation>
    </message>
    <message>
        <source>On to the batter</source>
        <translation>Al batidor</translation>
    </message>
    <message>
        <source>On to the snare side</source>
        <translation>Al bordonero</translation>
    </message>
    <message>
        <source>%1. %2</source>
        <translation>%1. %2</translation>
    </message>
    <message>
        <source>The snare side stops at %1: beyond it %2.</source>
        <translation>El bordonero se detiene en %1: más allá %2.</translation>
    </message>
    <message>
        <source>Muffling: %1.</source>
        <translation>Apagado: %1.</translation>
    </message>
</context>
<context>
    <name>bombo::TrialDialog</name>
    <message>
        <source>%1 %2 tighter</source>
        <translation>%1 %2 más apretado</translation>
    </message>
    <message>
        <source>%1 %2 looser</source>
        <translation>%1 %2 más flojo</translation>
    </message>
    <message>
        <source>Costs: the head is no longer even, rods there back off sooner, and soft strokes near them speak less.</source>
        <translation>Cuesta: el parche deja de estar parejo, los tornillos ahí se aflojan antes, y los golpes suaves cerca hablan menos.</translation>
    </message>
    <message>
        <source>Costs: slower wires and less snap, most of all at the edge.</source>
        <translation>Cuesta: bordonera más lenta y menos chasquido, sobre todo en el borde.</translation>
    </message>
    <message>
        <source>Costs: more load on thin film beside the beds, and buzz with other drums comes back.</source>
        <translation>Cuesta: más carga en película fina junto a los lechos, y vuelve el zumbido con otros tambores.</translation>
    </message>
    <message>
        <source>Edge pitch %1 cents in the mean; its two partials %2 cents apart: the ring wavers %3 times a second and dies sooner.</source>
        <translation>Tono de borde %1 cents en la media; sus dos parciales a %2 cents: la resonancia ondea %3 veces por segundo y muere antes.</translation>
    </message>
    <message>
        <source>Uneven on purpose</source>
        <translation>Desigual a propósito</translation>
    </message>
    <message>
        <source>A trial, not a setting: it is logged, heard afterwards, and one key takes all of it back.</source>
        <translation>Un ensayo, no un ajuste: se anota, se oye después, y una tecla lo devuelve todo.</translation>
    </message>
    <message>
        <source>What to try</source>
        <translation>Qué probar</translation>
    </message>
    <message>
        <source>Near rods slack, the others a little up: low and dead</source>
        <translation>Tornillos cercanos flojos, los otros algo más altos: grave y muerto</translation>
    </message>
    <message>
        <source>Rods beside the beds slacker: less buzz</source>
        <translation>Tornillos junto a los lechos más flojos: menos zumbido</translation>
    </message>
    <message>
        <source>Rods beside the beds tighter: more snap</source>
        <translation>Tornillos junto a los lechos más apretados: más chasquido</translation>
    </message>
    <message>
        <source>How many rods</source>
        <translation>Cuántos tornillos</translation>
    </message>
    <message>
        <source>one rod</source>
        <translation>un tornillo</translation>
    </message>
    <message>
        <source>two rods</source>
        <translation>dos tornillos</translation>
    </message>
    <message>
        <source>three rods</source>
        <translation>tres tornillos</translation>
    </message>
    <message>
        <source>From which rod on</source>
        <translation>Desde qué tornillo</translation>
    </message>
    <message>
        <source>from rod </source>
        <translation>desde el tornillo </translation>
    </message>
    <message>
        <source>By how much each</source>
        <translation>Cuánto cada uno</translation>
    </message>
    <message>
        <source>Try it</source>
        <translation>Probarlo</translation>
    </message>
</context>
<context>
    <name>bombo::TuningBench</name>
    <message>
        <source>Shift ↓</source>
        <translation>Mayús ↓</translation>
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
        <translation>Mayús ↑</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Espacio</translation>
    </message>
    <message>
        <source>A loud stroke in the middle</source>
        <translation>Un golpe fuerte en el centro</translation>
    </message>
    <message>
        <source>%1 looser</source>
        <translation>%1 más flojo</translation>
    </message>
    <message>
        <source>%1 tighter</source>
        <translation>%1 más apretado</translation>
    </message>
    <message>
        <source>Hear the goal</source>
        <translation>Oír la meta</translation>
    </message>
    <message>
        <source>That is it</source>
        <translation>Ya está</translation>
    </message>
    <message>
        <source>%1 left</source>
        <translation>quedan %1</translation>
    </message>
    <message>
        <source>You hear %1.</source>
        <translation>Oye %1.</translation>
    </message>
    <message>
        <source>Not heard clearly: tap %1 again.</source>
        <translation>No se oyó claro: toque otra vez %1.</translation>
    </message>
    <message>
        <source>Heard at %1: %2, %3 cents from the goal.</source>
        <translation>Oído en %1: %2, a %3 cents de la meta.</translation>
    </message>
    <message>
        <source>Bombo would go to %1.</source>
        <translation>Bombo iría a %1.</translation>
    </message>
    <message>
        <source>The knob ends here.</source>
        <translation>La perilla acaba aquí.</translation>
    </message>
    <message>
        <source>That rod is loose already.</source>
        <translation>Ese tornillo ya está suelto.</translation>
    </message>
    <message>
        <source>The knob stands at %1.</source>
        <translation>La perilla está en %1.</translation>
    </message>
    <message>
        <source>Turned at %1: %2 since the beginning.</source>
        <translation>Girado en %1: %2 desde el principio.</translation>
    </message>
    <message>
        <source>Nothing was heard, so nothing is kept.</source>
        <translation>No se oyó nada, así que no se guarda nada.</translation>
    </message>
    <message>
        <source>Arrows to the sides choose a rod, up and down turn it; the space bar taps.</source>
        <translation>Las flechas laterales eligen un tornillo, arriba y abajo lo giran; la barra espaciadora toca.</translation>
    </message>
    <message>
        <source>Another one</source>
        <translation>Otro</translation>
    </message>
    <message>
        <source>A whisper near the edge</source>
        <translation>Un susurro junto al borde</translation>
    </message>
    <message>
        <source>Tap %1</source>
        <translation>Tocar %1</translation>
    </message>
    <message>
        <source>Back to the exercises</source>
        <translation>Volver a los ejercicios</translation>
    </message>
    <message>
        <source>Leave it; nothing is kept</source>
        <translation>Dejarlo; no se guarda nada</translation>
    </message>
    <message>
        <source>Fit a fresh head</source>
        <translation>Poner un parche nuevo</translation>
    </message>
    <message>
        <source>Bombo would fit a fresh head.</source>
        <translation>Bombo pondría un parche nuevo.</translation>
    </message>
    <message>
        <source>A fresh head is on, seated and near its pitch. Even it.</source>
        <translation>Hay un parche nuevo, asentado y cerca de su altura. Iguálalo.</translation>
    </message>
</context>
<context>
    <name>bombo::VerdictCard</name>
    <message>
        <source>It is gone</source>
        <translation>Ya no está</translation>
    </message>
    <message>
        <source>It is better</source>
        <translation>Está mejor</translation>
    </message>
    <message>
        <source>Still there</source>
        <translation>Sigue ahí</translation>
    </message>
    <message>
        <source>And when that is done: has it helped?</source>
        <translation>Y cuando esté hecho: ¿ha ayudado?</translation>
    </message>
    <message>
        <source>Try this remedy first</source>
        <translation>Probar antes este remedio</translation>
    </message>
    <message>
        <source>Mend it</source>
        <translation>Arreglarlo</translation>
    </message>
    <message>
        <source>To the station: %1</source>
        <translation>A la estación: %1</translation>
    </message>
    <message>
        <source>Back to the work</source>
        <translation>Volver al trabajo</translation>
    </message>
    <message>
        <source>Nothing stands out.</source>
        <translation>Nada destaca.</translation>
    </message>
    <message>
        <source>What was tried leaves several causes open. The likeliest of them: %1. Or it is something that is not listed here.</source>
        <translation>Lo probado deja abiertas varias causas. La más probable: %1. O es algo que no figura aquí.</translation>
    </message>
    <message>
        <source>Being mended: %1</source>
        <translation>En arreglo: %1</translation>
    </message>
    <message>
        <source>Gone. It was: %1</source>
        <translation>Resuelto. Era: %1</translation>
    </message>
    <message>
        <source>Better. It was: %1</source>
        <translation>Mejor. Era: %1</translation>
    </message>
    <message>
        <source>Kept: the next search on this drum knows of it.</source>
        <translation>Guardado: la próxima búsqueda en este tambor lo sabrá.</translation>
    </message>
    <message>
        <source>%1, by what is usual.</source>
        <translation>%1, por lo que es habitual.</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>Go to %1</source>
        <translation>Ir a %1</translation>
    </message>
    <message>
        <source>Before: %1. Now: %2.</source>
        <translation>Antes: %1. Ahora: %2.</translation>
    </message>
</context>
<context>
    <name>bombo::VoicePanel</name>
    <message>
        <source>Does it answer a voice?</source>
        <translation>¿Responde a una voz?</translation>
    </message>
    <message>
        <source>Hum, lever off</source>
        <translation>Tararear, suelta</translation>
    </message>
    <message>
        <source>Hum, lever on</source>
        <translation>Tararear, puesta</translation>
    </message>
    <message>
        <source>The hum with the lever on</source>
        <translation>El tarareo con la palanca puesta</translation>
    </message>
    <message>
        <source>The hum with the lever off</source>
        <translation>El tarareo con la palanca suelta</translation>
    </message>
    <message>
        <source>Three seconds: one steady low oo, an arm&apos;s length away.</source>
        <translation>Tres segundos: una u grave y estable, a un brazo de distancia.</translation>
    </message>
    <message>
        <source>Now the same hum with the lever on.</source>
        <translation>Ahora el mismo tarareo con la palanca puesta.</translation>
    </message>
    <message>
        <source>The same low oo twice, an arm&apos;s length away. Sensitive wires hiss along.</source>
        <translation>La misma u grave dos veces, a un brazo de distancia. Una bordonera sensible sisea con ella.</translation>
    </message>
    <message>
        <source>%1 dB more hiss with the lever on</source>
        <translation>%1 dB más de siseo con la palanca puesta</translation>
    </message>
    <message>
        <source>They answer: %1, knob at %2.</source>
        <translation>Responde: %1, perilla en %2.</translation>
    </message>
    <message>
        <source>No answer: %1, knob at %2. Looser, or a tighter snare side, answers sooner.</source>
        <translation>Sin respuesta: %1, perilla en %2. Más floja, o un bordonero más tenso, responde antes.</translation>
    </message>
    <message>
        <source>Sound (*.wav *.flac *.ogg *.aiff);;All files (*)</source>
        <translation>Sonido (*.wav *.flac *.ogg *.aiff);;Todos los archivos (*)</translation>
    </message>
</context>
<context>
    <name>bombo::WallClock</name>
    <message>
        <source>Time is up: leave the rods as they are, wires on.</source>
        <translation>Se acabó el tiempo: deje los tornillos como están, bordonera puesta.</translation>
    </message>
    <message>
        <source>Time is up</source>
        <translation>Se acabó el tiempo</translation>
    </message>
    <message>
        <source>Leave the rods as they are, wires on.</source>
        <translation>Deje los tornillos como están, bordonera puesta.</translation>
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
        <translation>Cuánto se gira cada tornillo</translation>
    </message>
    <message>
        <source>each %1</source>
        <translation>c/u %1</translation>
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
        <translation>El batidor está desigual en %1 cents, y baten parciales cercanos. Emparéjelo antes de poner nada encima.</translation>
    </message>
    <message>
        <source>Two close partials beat: even the batter before anything is laid on it.</source>
        <translation>Baten dos parciales cercanos: empareje el batidor antes de poner nada encima.</translation>
    </message>
    <message>
        <source>The head rings longer than its kind should: it is worn. A fresh one helps more than pads.</source>
        <translation>El parche resuena más de lo que debería: está gastado. Uno nuevo ayuda más que los apagadores.</translation>
    </message>
    <message>
        <source>The strokes land off the middle, where the edge sounds with them: move the drum, not the pads.</source>
        <translation>Los golpes caen fuera del centro, donde suena el borde: mueva el tambor, no los apagadores.</translation>
    </message>
    <message>
        <source>The microphone hears %1 times the ring of the room: turn it, or the pad, by some degrees.</source>
        <translation>El micrófono oye %1 veces la resonancia de la sala: gírelo, o el apagador, unos grados.</translation>
    </message>
    <message>
        <source>Tuned this low (%1) one distinct boom stands alone: higher, its partials crowd and shorten.</source>
        <translation>Afinado tan bajo (%1) queda un solo tono aislado: más alto, sus parciales se juntan y acortan.</translation>
    </message>
    <message>
        <source>Nothing is wrong with it: how long it rings is taste.</source>
        <translation>No le pasa nada: cuánto resuena es cuestión de gusto.</translation>
    </message>
    <message>
        <source>Tune it out</source>
        <translation>Afinarlo fuera</translation>
    </message>
    <message>
        <source>Let it ring</source>
        <translation>Dejarlo sonar</translation>
    </message>
    <message>
        <source>Mask it with wires</source>
        <translation>Taparlo con la bordonera</translation>
    </message>
    <message>
        <source>Shorten it</source>
        <translation>Acortarlo</translation>
    </message>
    <message>
        <source>Muffle it</source>
        <translation>Apagarlo</translation>
    </message>
    <message>
        <source>Not quite enough.</source>
        <translation>No alcanza del todo.</translation>
    </message>
    <message>
        <source>%1. Higher would not shorten it.</source>
        <translation>%1. Más alto no lo acortaría.</translation>
    </message>
    <message>
        <source>%1. Batter %2 up: centre %3 cents, film load %4 %.</source>
        <translation>%1. Batidor %2 arriba: centro %3 cents, carga de película %4 %.</translation>
    </message>
    <message>
        <source>%1. Costs nothing.</source>
        <translation>%1. No cuesta nada.</translation>
    </message>
    <message>
        <source>%1 of hiss over %2 of ring, knob %3 looser.</source>
        <translation>%1 de siseo sobre %2 de resonancia, perilla %3 más floja.</translation>
    </message>
    <message>
        <source>%1 of hiss over %2 of ring, as they stand.</source>
        <translation>%1 de siseo sobre %2 de resonancia, como están.</translation>
    </message>
    <message>
        <source>%1 with a loose weight; the stroke stays whole.</source>
        <translation>%1 con un peso suelto; el golpe queda entero.</translation>
    </message>
    <message>
        <source>%1 with nothing on the head.</source>
        <translation>%1 sin nada en el parche.</translation>
    </message>
    <message>
        <source>%1: %2. Stroke %3 dB, rebound %4 % less.</source>
        <translation>%1: %2. Golpe %3 dB, rebote %4 % menos.</translation>
    </message>
    <message>
        <source>A fault, or taste?</source>
        <translation>¿Una falla, o gusto?</translation>
    </message>
    <message>
        <source>Ways to the ring that is wanted</source>
        <translation>Formas de lograr la resonancia deseada</translation>
    </message>
    <message>
        <source>Do it</source>
        <translation>Hacerlo</translation>
    </message>
    <message>
        <source>%1: do it</source>
        <translation>%1: hacerlo</translation>
    </message>
    <message>
        <source>The ring is as wanted.</source>
        <translation>La resonancia es la deseada.</translation>
    </message>
    <message>
        <source>To Tone</source>
        <translation>Al sonido</translation>
    </message>
    <message>
        <source>To Wires</source>
        <translation>A la bordonera</translation>
    </message>
    <message>
        <source>As it is</source>
        <translation>Como está</translation>
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
        <translation>deseado %1</translation>
    </message>
    <message>
        <source>How long it rings each way</source>
        <translation>Cuánto resuena de cada modo</translation>
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
        <translation>Temperatura</translation>
    </message>
    <message>
        <source> % humid</source>
        <translation> % de humedad</translation>
    </message>
    <message>
        <source>Relative humidity</source>
        <translation>Humedad relativa</translation>
    </message>
    <message>
        <source> m high</source>
        <translation> m de altitud</translation>
    </message>
    <message>
        <source>Height above the sea</source>
        <translation>Altitud sobre el mar</translation>
    </message>
    <message>
        <source>Here</source>
        <translation>Aquí</translation>
    </message>
    <message>
        <source>Taken to</source>
        <translation>Llevado a</translation>
    </message>
    <message>
        <source>There a head would fall slack: it swells more than it was drawn down.</source>
        <translation>Allí un parche quedaría flojo: se dilata más de lo que se tensó.</translation>
    </message>
    <message>
        <source>batter</source>
        <translation>batidor</translation>
    </message>
    <message>
        <source>snare side</source>
        <translation>bordonero</translation>
    </message>
    <message>
        <source>centre</source>
        <translation>centro</translation>
    </message>
    <message>
        <source>Tuned here and taken there, no rod turned:</source>
        <translation>Afinado aquí y llevado allí, sin girar ningún tornillo:</translation>
    </message>
    <message>
        <source>this evening</source>
        <translation>esta noche</translation>
    </message>
    <message>
        <source>within an hour</source>
        <translation>en una hora</translation>
    </message>
    <message>
        <source>%1 → %2 (%3 cents)</source>
        <translation>%1 → %2 (%3 cents)</translation>
    </message>
    <message>
        <source>%1 → %2 (%3 ± %4 cents)</source>
        <translation>%1 → %2 (%3 ± %4 cents)</translation>
    </message>
    <message>
        <source>after days</source>
        <translation>tras unos días</translation>
    </message>
    <message>
        <source>Once the shell has followed the damp.</source>
        <translation>Cuando el casco ha seguido a la humedad.</translation>
    </message>
    <message>
        <source>Taken there, it comes back to pitch with: %1. Left as it is:</source>
        <translation>Llevado allí, vuelve al tono con: %1. Si se deja así:</translation>
    </message>
    <message>
        <source>%1, every rod %2 tighter (± %3)</source>
        <translation>%1, cada tornillo %2 más apretado (± %3)</translation>
    </message>
    <message>
        <source>%1, every rod %2 looser (± %3)</source>
        <translation>%1, cada tornillo %2 más flojo (± %3)</translation>
    </message>
</context>
<context>
    <name>bombo::WiresPage</name>
    <message>
        <source>Fit</source>
        <translation>Montaje</translation>
    </message>
    <message>
        <source>Strainer</source>
        <translation>Tensor</translation>
    </message>
    <message>
        <source>Buzz with others</source>
        <translation>Zumbido con otros</translation>
    </message>
    <message>
        <source>By what the setting is judged</source>
        <translation>Por qué se juzga el ajuste</translation>
    </message>
    <message>
        <source>aim: %1</source>
        <translation>fin: %1</translation>
    </message>
    <message>
        <source>Undo last</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Knob, from first contact</source>
        <translation>Perilla, desde el primer contacto</translation>
    </message>
    <message>
        <source>Loosen %1</source>
        <translation>Aflojar %1</translation>
    </message>
    <message>
        <source>Tighten %1</source>
        <translation>Apretar %1</translation>
    </message>
    <message>
        <source>At this stop</source>
        <translation>En este punto</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>centro</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>borde</translation>
    </message>
    <message>
        <source>Lay the wires</source>
        <translation>Monte la bordonera</translation>
    </message>
    <message>
        <source>Set the strainer</source>
        <translation>Ajuste el tensor</translation>
    </message>
    <message>
        <source>Calm the buzz</source>
        <translation>Calme el zumbido</translation>
    </message>
    <message>
        <source>Before they are clamped: where the wires lie, and how the knob stands. Wires loose before anything is pushed under them.</source>
        <translation>Antes de sujetarla: dónde queda la bordonera, y cómo está la perilla. Bordonera floja antes de meter nada debajo.</translation>
    </message>
    <message>
        <source>Which instruments set the wires going, and what to change first. Lever on while they play.</source>
        <translation>Qué instrumentos excitan la bordonera, y qué cambiar primero. Palanca puesta mientras tocan.</translation>
    </message>
    <message>
        <source>not counted</source>
        <translation>sin contar</translation>
    </message>
    <message>
        <source>%1 from its loose end</source>
        <translation>%1 desde su extremo flojo</translation>
    </message>
    <message>
        <source>not tried</source>
        <translation>sin probar</translation>
    </message>
    <message>
        <source>● answers</source>
        <translation>● responde</translation>
    </message>
    <message>
        <source>✕ silent</source>
        <translation>✕ muda</translation>
    </message>
    <message>
        <source>%1 at the %2: %3</source>
        <translation>%1 en %2: %3</translation>
    </message>
    <message>
        <source>Loud: does it rattle on?</source>
        <translation>Fuerte: ¿sigue traqueteando?</translation>
    </message>
    <message>
        <source>Loud: rattles on</source>
        <translation>Fuerte: sigue traqueteando</translation>
    </message>
    <message>
        <source>Loud: clean</source>
        <translation>Fuerte: limpio</translation>
    </message>
    <message>
        <source>Two answers contradict each other; the odd one counts for less. Try the strokes at that stop again.</source>
        <translation>Dos respuestas se contradicen; la rara cuenta menos. Pruebe otra vez los golpes en ese punto.</translation>
    </message>
    <message>
        <source>Wires centred, lever on, drum the right way up. Count the knob from where the strands first touch.</source>
        <translation>Bordonera centrada, palanca puesta, tambor derecho. Cuente la perilla desde donde los hilos tocan primero.</translation>
    </message>
    <message>
        <source>Now lever on, knob to first contact</source>
        <translation>Ahora palanca puesta, perilla al primer contacto</translation>
    </message>
    <message>
        <source>Then tighten %1</source>
        <translation>Luego apriete %1</translation>
    </message>
    <message>
        <source>First contact: a fingertip on the snare side just feels the strands lift off the film.</source>
        <translation>Primer contacto: la yema de un dedo en el bordonero apenas siente que los hilos se separan de la película.</translation>
    </message>
    <message>
        <source>Knob is there</source>
        <translation>La perilla está ahí</translation>
    </message>
    <message>
        <source>Now one loud stroke at the middle</source>
        <translation>Ahora un golpe fuerte en el centro</translation>
    </message>
    <message>
        <source>Now a %1 stroke at the %2</source>
        <translation>Ahora un golpe: %1, %2</translation>
    </message>
    <message>
        <source>Do the wires fall silent with the drum?</source>
        <translation>¿Calla la bordonera con el tambor?</translation>
    </message>
    <message>
        <source>Do the wires answer?</source>
        <translation>¿Responde la bordonera?</translation>
    </message>
    <message>
        <source>Clean: they stop with the tone. Rattling: they hiss on after it.</source>
        <translation>Limpio: para con el tono. Traqueteo: sigue siseando después.</translation>
    </message>
    <message>
        <source>Play it as quietly as you would on the stand, and listen for the hiss.</source>
        <translation>Tóquelo tan suave como en escena, y escuche el siseo.</translation>
    </message>
    <message>
        <source>Play it as quietly as you would on the stand. What is heard answers; or say it yourself.</source>
        <translation>Tóquelo tan suave como en escena. Lo que se oiga responde; o dígalo usted.</translation>
    </message>
    <message>
        <source>Strike it</source>
        <translation>Golpear</translation>
    </message>
    <message>
        <source>Clean</source>
        <translation>Limpio</translation>
    </message>
    <message>
        <source>They answer</source>
        <translation>Responde</translation>
    </message>
    <message>
        <source>They rattle on  (N)</source>
        <translation>Sigue traqueteando  (N)</translation>
    </message>
    <message>
        <source>No answer  (N)</source>
        <translation>Sin respuesta  (N)</translation>
    </message>
    <message>
        <source>Now the knob</source>
        <translation>Ahora la perilla</translation>
    </message>
    <message>
        <source>It rattles before it stops choking: tighten the snare side, or the strands are worn.</source>
        <translation>Traquetea antes de dejar de ahogarse: tense el bordonero, o los hilos están gastados.</translation>
    </message>
    <message>
        <source>To %1 from first contact. %2</source>
        <translation>A %1 desde el primer contacto. %2</translation>
    </message>
    <message>
        <source>That is the best so far.</source>
        <translation>Es el mejor hasta ahora.</translation>
    </message>
    <message>
        <source>That stop tells most.</source>
        <translation>Ese punto dice más.</translation>
    </message>
    <message>
        <source>Turned</source>
        <translation>Girado</translation>
    </message>
    <message>
        <source>As good as it gets</source>
        <translation>Lo mejor que se puede</translation>
    </message>
    <message>
        <source>In the usable span</source>
        <translation>En el margen útil</translation>
    </message>
    <message>
        <source>Leave it at %1</source>
        <translation>Déjelo en %1</translation>
    </message>
    <message>
        <source>On to the muffling</source>
        <translation>Al apagado</translation>
    </message>
    <message>
        <source>On to the strainer</source>
        <translation>Al tensor</translation>
    </message>
    <message>
        <source>Now the wires</source>
        <translation>Ahora la bordonera</translation>
    </message>
    <message>
        <source>Now take a rule</source>
        <translation>Ahora tome una regla</translation>
    </message>
    <message>
        <source>Measure strands and gaps</source>
        <translation>Mida hilos y luces</translation>
    </message>
    <message>
        <source>They lie well</source>
        <translation>Está bien puesta</translation>
    </message>
    <message>
        <source>See what is said on the right</source>
        <translation>Vea lo que se dice a la derecha</translation>
    </message>
    <message>
        <source>Shift them to the strainer</source>
        <translation>Muévala hacia el tensor</translation>
    </message>
    <message>
        <source>Shift them to the butt plate</source>
        <translation>Muévala a la placa fija</translation>
    </message>
    <message>
        <source>Check that the lever closes, and that the plates lie flat.</source>
        <translation>Compruebe que la palanca cierra y que las placas quedan planas.</translation>
    </message>
    <message>
        <source>Lever off, strands loose. Done when both gaps are the same and the plates lie over the inner wall.</source>
        <translation>Palanca suelta, hilos flojos. Listo cuando ambas luces son iguales y las placas quedan sobre la pared interior.</translation>
    </message>
    <message>
        <source>Now the others play</source>
        <translation>Ahora tocan los otros</translation>
    </message>
    <message>
        <source>Change one thing, then listen again</source>
        <translation>Cambie una cosa y escuche otra vez</translation>
    </message>
    <message>
        <source>Which of them sets it off?</source>
        <translation>¿Cuál la excita?</translation>
    </message>
    <message>
        <source>Lever on, strike each of them alone, and enter those that make the wires hiss.</source>
        <translation>Palanca puesta, golpee cada uno solo, y apunte los que hacen sisear la bordonera.</translation>
    </message>
    <message>
        <source>%1 Predicted: the ear decides.</source>
        <translation>%1 Previsto: decide el oído.</translation>
    </message>
</context>
<context>
    <name>bombo::WordsPanel</name>
    <message>
        <source>Note of the entry</source>
        <translation>Nota de la entrada</translation>
    </message>
    <message numerus="yes">
        <source>%n stars</source>
        <translation>
            <numerusform>%n estrella</numerusform>
            <numerusform>%n estrellas</numerusform>
        </translation>
    </message>
    <message>
        <source>Player</source>
        <translation>Músico</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Lugar</translation>
    </message>
    <message>
        <source>Tags</source>
        <translation>Etiquetas</translation>
    </message>
    <message>
        <source>dry, for the balcony</source>
        <translation>seco, para el balcón</translation>
    </message>
    <message>
        <source>Pinned: kept in sight</source>
        <translation>Fijada: queda a la vista</translation>
    </message>
    <message>
        <source>Delete entry</source>
        <translation>Borrar entrada</translation>
    </message>
    <message>
        <source>Keep these words</source>
        <translation>Guardar estas palabras</translation>
    </message>
    <message numerus="yes">
        <source>Delete %n entries</source>
        <translation>
            <numerusform>Eliminar %n entrada</numerusform>
            <numerusform>Eliminar %n entradas</numerusform>
        </translation>
    </message>
    <message>
        <source>Hours played</source>
        <translation>Horas tocadas</translation>
    </message>
    <message>
        <source> h</source>
        <translation> h</translation>
    </message>
    <message>
        <source>%1 h, a usual show</source>
        <translation>%1 h, como siempre</translation>
    </message>
    <message>
        <source>Played</source>
        <translation>Tocado</translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Tune a snare drum: heads, wires, muffling, record.</source>
        <translation>Afinar una caja: parches, bordonera, apagado, registro.</translation>
    </message>
    <message>
        <source>Open the demo workbook.</source>
        <translation>Abrir el cuaderno de demostración.</translation>
    </message>
    <message>
        <source>Workbook to open.</source>
        <translation>Cuaderno que se abre.</translation>
    </message>
    <message>
        <source>The same, as an option.</source>
        <translation>Lo mismo, como opción.</translation>
    </message>
    <message>
        <source>file</source>
        <translation>archivo</translation>
    </message>
    <message>
        <source>That workbook is open already: its window comes to the front.</source>
        <translation>Ese cuaderno ya está abierto: su ventana pasa al frente.</translation>
    </message>
    <message>
        <source>Bombo didn&apos;t shut down properly last time. Everything that can be read is here.</source>
        <translation>Bombo no se cerró bien la última vez. Aquí está todo lo que se puede leer.</translation>
    </message>
    <message>
        <source>Bombo didn&apos;t shut down properly last time. Nothing is lost: everything up to your last step is here.</source>
        <translation>Bombo no se cerró bien la última vez. No se ha perdido nada: aquí está todo hasta su último paso.</translation>
    </message>
</context>
</TS>
