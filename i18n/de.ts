<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en_US">
  <context>
    <name>text</name>
    <message>
      <source>  (chosen)</source>
      <translation>  (gewählt)</translation>
    </message>
    <message>
      <source> %1 stays outside.</source>
      <translation> %1 bleibt außerhalb.</translation>
    </message>
    <message numerus="yes">
      <source> (%n readings)</source>
      <comment> (one reading)</comment>
      <translation>
        <numerusform> (eine Ablesung)</numerusform>
        <numerusform> (%n Ablesungen)</numerusform>
      </translation>
    </message>
    <message>
      <source> (copy)</source>
      <translation> (Kopie)</translation>
    </message>
    <message>
      <source> (process {0})</source>
      <translation> (Prozess {0})</translation>
    </message>
    <message>
      <source> Begin again keeps it as it stands.</source>
      <translation> Ein neuer Beginn lässt es, wie es ist.</translation>
    </message>
    <message>
      <source> Enter again keeps it as it stands.</source>
      <translation> Noch einmal Eingabe sichert es, wie es dasteht.</translation>
    </message>
    <message>
      <source> F2 it is good, F3 it failed, F4 it is not on this car.</source>
      <translation> F2 es ist gut, F3 es ist mangelhaft, F4 gibt es an diesem Auto nicht.</translation>
    </message>
    <message>
      <source> Look at this tire.</source>
      <translation> Sehen Sie diesen Reifen an.</translation>
    </message>
    <message>
      <source> Reading %1 stands out most: begin with it.</source>
      <translation> Ablesung %1 fällt am meisten auf: damit beginnen.</translation>
    </message>
    <message>
      <source> Tab takes %1, Enter again keeps it as it stands.</source>
      <translation> Tab nimmt %1, noch einmal Eingabe sichert es, wie es dasteht.</translation>
    </message>
    <message>
      <source> That is a lot: a wheel set crooked, or something bent.</source>
      <translation> Das ist viel: ein schief gesetztes Rad, oder etwas ist verbogen.</translation>
    </message>
    <message>
      <source> and </source>
      <translation> und </translation>
    </message>
    <message>
      <source> · less this garage's bias</source>
      <translation> · ohne die Abweichung dieser Werkstatt</translation>
    </message>
    <message>
      <source>%1</source>
      <translation>%1</translation>
    </message>
    <message>
      <source>%1 %2</source>
      <translation>%1 %2</translation>
    </message>
    <message>
      <source>%1 %2 → %3</source>
      <translation>%1 %2 → %3</translation>
    </message>
    <message>
      <source>%1 %2: %3 %4</source>
      <translation>%1 %2: %3 %4</translation>
    </message>
    <message>
      <source>%1 (Ctrl+%2)
%3</source>
      <translation>%1 (Strg+%2)
%3</translation>
    </message>
    <message>
      <source>%1 (Ctrl+6).</source>
      <translation>%1 (Strg+6).</translation>
    </message>
    <message>
      <source>%1 (Ctrl+7).</source>
      <translation>%1 (Strg+7).</translation>
    </message>
    <message>
      <source>%1 (Ctrl+8).</source>
      <translation>%1 (Strg+8).</translation>
    </message>
    <message>
      <source>%1 Ctrl+7 goes on.</source>
      <translation>%1 Strg+7 geht weiter.</translation>
    </message>
    <message>
      <source>%1 Nm</source>
      <translation>%1 Nm</translation>
    </message>
    <message>
      <source>%1 and %2</source>
      <translation>%1 und %2</translation>
    </message>
    <message>
      <source>%1 at each front wheel</source>
      <translation>%1 an jedem Vorderrad</translation>
    </message>
    <message>
      <source>%1 at hand</source>
      <translation>%1 zur Hand</translation>
    </message>
    <message>
      <source>%1 by the card</source>
      <translation>%1 nach der Karte</translation>
    </message>
    <message>
      <source>%1 can't be written.</source>
      <translation>%1 kann nicht geschrieben werden.</translation>
    </message>
    <message>
      <source>%1 can't be written: %2</source>
      <translation>%1 kann nicht geschrieben werden: %2</translation>
    </message>
    <message>
      <source>%1 failed in the check-over and was not mended: the car is not ready.</source>
      <translation>%1 war bei der Durchsicht mangelhaft und wurde nicht behoben: Das Auto ist nicht bereit.</translation>
    </message>
    <message>
      <source>%1 failed: this job is marked until it is mended, and what is read means nothing.</source>
      <translation>%1 mangelhaft: Dieser Auftrag bleibt gekennzeichnet, bis es behoben ist, und was abgelesen wird, bedeutet nichts.</translation>
    </message>
    <message>
      <source>%1 first: %2, some %3 readings and %4 passes; %5 of %6 jobs could be called.</source>
      <translation>Zuerst %1: %2, etwa %3 Ablesungen und %4 Durchgänge; %5 von %6 Aufträgen ließen sich beurteilen.</translation>
    </message>
    <message>
      <source>%1 first: a digit sets it up.</source>
      <translation>Zuerst %1: Eine Ziffer baut es auf.</translation>
    </message>
    <message>
      <source>%1 for this, %2 to the end</source>
      <translation>%1 hierfür, %2 bis zum Ende</translation>
    </message>
    <message>
      <source>%1 is a garage book.</source>
      <translation>%1 ist ein Werkstattbuch.</translation>
    </message>
    <message>
      <source>%1 is adjusted by</source>
      <translation>%1 wird eingestellt mit</translation>
    </message>
    <message>
      <source>%1 is known after %2.</source>
      <translation>%1 ist bekannt nach %2.</translation>
    </message>
    <message>
      <source>%1 is no job, no car, no sheet and no readings that this program knows.</source>
      <translation>%1 ist kein Auftrag, kein Auto, kein Messblatt und keine Ablesung, die dieses Programm kennt.</translation>
    </message>
    <message>
      <source>%1 is none of what hangs on this wall. Take it out, or name it as it is named there.</source>
      <translation>%1 ist nichts von dem, was an dieser Wand hängt. Nehmen Sie es heraus, oder nennen Sie es, wie es dort heißt.</translation>
    </message>
    <message>
      <source>%1 is none of what hangs there</source>
      <translation>%1 ist nichts von dem, was dort hängt</translation>
    </message>
    <message>
      <source>%1 is not there now</source>
      <translation>%1 ist gerade nicht da</translation>
    </message>
    <message>
      <source>%1 is not there; looked for again by itself</source>
      <translation>%1 ist nicht da; es wird von selbst wieder danach gesehen</translation>
    </message>
    <message>
      <source>%1 is on the shelf.</source>
      <translation>%1 steht im Regal.</translation>
    </message>
    <message>
      <source>%1 is told by: %2.</source>
      <translation>%1 wird gesagt von: %2.</translation>
    </message>
    <message>
      <source>%1 is, %2 is wanted.</source>
      <translation>%1 ist, %2 soll sein.</translation>
    </message>
    <message>
      <source>%1 kB</source>
      <translation>%1 kB</translation>
    </message>
    <message>
      <source>%1 kept</source>
      <translation>%1 gesichert</translation>
    </message>
    <message>
      <source>%1 lb ft</source>
      <translation>%1 lb ft</translation>
    </message>
    <message>
      <source>%1 lines were good, %2 damaged and dropped.</source>
      <translation>%1 Zeilen waren gut, %2 beschädigt und verworfen.</translation>
    </message>
    <message>
      <source>%1 min</source>
      <translation>%1 Min.</translation>
    </message>
    <message>
      <source>%1 not on the disk</source>
      <translation>%1 nicht auf der Platte</translation>
    </message>
    <message>
      <source>%1 not on the disk yet: that comes first.</source>
      <translation>%1 noch nicht auf der Platte: Das kommt zuerst.</translation>
    </message>
    <message>
      <source>%1 now</source>
      <translation>%1 jetzt</translation>
    </message>
    <message>
      <source>%1 of %2</source>
      <translation>%1 von %2</translation>
    </message>
    <message>
      <source>%1 of %2 known</source>
      <translation>%1 von %2 bekannt</translation>
    </message>
    <message>
      <source>%1 of %2 looked at</source>
      <translation>%1 von %2 angesehen</translation>
    </message>
    <message>
      <source>%1 of %2 right</source>
      <translation>%1 von %2 richtig</translation>
    </message>
    <message>
      <source>%1 of %2 right.</source>
      <translation>%1 von %2 richtig.</translation>
    </message>
    <message>
      <source>%1 of %2 spots</source>
      <translation>%1 von %2 Stellen</translation>
    </message>
    <message>
      <source>%1 of %2 targets truly inside; %3 were believed to be.</source>
      <translation>%1 von %2 Zielen in Wahrheit innerhalb; geglaubt wurde es von %3.</translation>
    </message>
    <message>
      <source>%1 of %2, %3 right so far</source>
      <translation>%1 von %2, bisher %3 richtig</translation>
    </message>
    <message>
      <source>%1 of the same place, each good to ±%2: their mean is good to ±%3</source>
      <translation>%1 derselben Stelle, jede auf ±%2 genau: ihr Mittel ist auf ±%3 genau</translation>
    </message>
    <message>
      <source>%1 of the steering wheel</source>
      <translation>%1 am Lenkrad</translation>
    </message>
    <message>
      <source>%1 out at the end of a base line of %2 is ⟨b⟩%3⟨/b⟩: that is the sweep to say with the readings.</source>
      <translation>%1 Versatz am Ende einer Grundlinie von %2 sind ⟨b⟩%3⟨/b⟩: Das ist der Einschlag, der zu den Ablesungen zu sagen ist.</translation>
    </message>
    <message>
      <source>%1 read %2; it would fit at %3, if %4.</source>
      <translation>%1 las %2; es passte bei %3, wenn %4.</translation>
    </message>
    <message>
      <source>%1 since</source>
      <translation>%1 seitdem</translation>
    </message>
    <message numerus="yes">
      <source>%1 since the last reading: %n spots are read again, beginning with the %2.</source>
      <comment>%1 since the last reading: one spot is read again, the %2.</comment>
      <translation>
        <numerusform>%1 seit der letzten Ablesung: Eine Stelle wird neu abgelesen: %2.</numerusform>
        <numerusform>%1 seit der letzten Ablesung: %n Stellen werden neu abgelesen, zuerst: %2.</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 stays outside, and nothing here can be turned for it: leave it with a reason (F4), or see what the manual offers.</source>
      <translation>%1 bleibt außerhalb, und nichts hier kann dafür gedreht werden: mit einem Grund so lassen (F4), oder sehen, was das Handbuch anbietet.</translation>
    </message>
    <message>
      <source>%1 stays outside, and the card names nothing that sets it: say what does (Alt+7), or leave it with a reason (F4).</source>
      <translation>%1 bleibt außerhalb, und die Karte nennt nichts, womit es eingestellt wird: sagen Sie, womit (Alt+7), oder mit einem Grund so lassen (F4).</translation>
    </message>
    <message>
      <source>%1 that this version does not understand · </source>
      <translation>%1, was diese Version nicht versteht · </translation>
    </message>
    <message>
      <source>%1 through its jobs</source>
      <translation>%1 durch seine Aufträge</translation>
    </message>
    <message>
      <source>%1 to
%2</source>
      <translation>%1 bis
%2</translation>
    </message>
    <message>
      <source>%1 to be written yet.</source>
      <translation>%1 noch zu schreiben.</translation>
    </message>
    <message>
      <source>%1 to go</source>
      <translation>noch %1</translation>
    </message>
    <message>
      <source>%1 to go, then the drive</source>
      <translation>noch %1, dann die Fahrt</translation>
    </message>
    <message>
      <source>%1 to its string</source>
      <translation>%1 zu seiner Schnur</translation>
    </message>
    <message>
      <source>%1 to the %2</source>
      <translation>%1 nach %2</translation>
    </message>
    <message>
      <source>%1 to the rear wheel</source>
      <translation>%1 zum Hinterrad</translation>
    </message>
    <message>
      <source>%1 to the thrust line</source>
      <translation>%1 zur Fahrachse</translation>
    </message>
    <message>
      <source>%1 to turn in all; Page Down shows the next.</source>
      <translation>%1 insgesamt zu drehen; Bild ab zeigt das nächste.</translation>
    </message>
    <message>
      <source>%1 turns</source>
      <translation>%1 Umdrehungen</translation>
    </message>
    <message>
      <source>%1 ways at once</source>
      <translation>%1 Arten zugleich</translation>
    </message>
    <message>
      <source>%1 wheel,
from above</source>
      <translation>Rad %1,
von oben</translation>
    </message>
    <message>
      <source>%1 wheel: toe %2</source>
      <translation>Rad %1: Spur %2</translation>
    </message>
    <message>
      <source>%1 ±%2</source>
      <translation>%1 ±%2</translation>
    </message>
    <message>
      <source>%1 · %2 readings · some %3 minutes by hand · %4 of %5 targets truly inside</source>
      <translation>%1 · %2 Ablesungen · etwa %3 Minuten von Hand · %4 von %5 Zielen in Wahrheit innerhalb</translation>
    </message>
    <message>
      <source>%1 · round %2</source>
      <translation>%1 · Runde %2</translation>
    </message>
    <message>
      <source>%1 → </source>
      <translation>%1 → </translation>
    </message>
    <message>
      <source>%1, %2 readings, %3 minutes; %4 of %5 truly inside</source>
      <translation>%1, %2 Ablesungen, %3 Minuten; %4 von %5 wirklich innerhalb</translation>
    </message>
    <message>
      <source>%1, %2 readings; by hand it would have taken some %3 minutes.</source>
      <translation>%1, %2 Ablesungen; von Hand hätte es etwa %3 Minuten gedauert.</translation>
    </message>
    <message numerus="yes">
      <source>%1, %2, %n readings</source>
      <comment>%1, %2, one reading</comment>
      <translation>
        <numerusform>%1, %2, eine Ablesung</numerusform>
        <numerusform>%1, %2, %n Ablesungen</numerusform>
      </translation>
    </message>
    <message>
      <source>%1, %2: believed %3, truly ⟨b⟩%4⟨/b⟩</source>
      <translation>%1, %2: geglaubt %3, in Wahrheit ⟨b⟩%4⟨/b⟩</translation>
    </message>
    <message>
      <source>%1, %2: its marks</source>
      <translation>%1, %2: die Marken</translation>
    </message>
    <message>
      <source>%1, %2: what does the thread stand at?</source>
      <translation>%1, %2: Bei wie viel steht der Faden?</translation>
    </message>
    <message>
      <source>%1, beside one's own</source>
      <translation>%1, neben den eigenen</translation>
    </message>
    <message>
      <source>%1, from the card</source>
      <translation>%1, von der Karte</translation>
    </message>
    <message>
      <source>%1, its own</source>
      <translation>%1, eigene Werte</translation>
    </message>
    <message>
      <source>%1, length of its rod</source>
      <translation>%1, Länge der Stange</translation>
    </message>
    <message>
      <source>%1, locknut</source>
      <translation>%1, Kontermutter</translation>
    </message>
    <message>
      <source>%1, page %2 of %3</source>
      <translation>%1, Seite %2 von %3</translation>
    </message>
    <message>
      <source>%1, ride height</source>
      <translation>%1, Fahrhöhe</translation>
    </message>
    <message>
      <source>%1, thread that shows</source>
      <translation>%1, sichtbares Gewinde</translation>
    </message>
    <message>
      <source>%1, top in</source>
      <translation>%1, oben nach innen</translation>
    </message>
    <message>
      <source>%1, top out</source>
      <translation>%1, oben nach außen</translation>
    </message>
    <message>
      <source>%1, with the %2</source>
      <translation>%1, mit: %2</translation>
    </message>
    <message>
      <source>%1. %2</source>
      <translation>%1. %2</translation>
    </message>
    <message>
      <source>%1: %2</source>
      <translation>%1: %2</translation>
    </message>
    <message>
      <source>%1: %2 %3 at the front, ±%4</source>
      <translation>%1: vorn %2 %3, ±%4</translation>
    </message>
    <message>
      <source>%1: %2 between the two.</source>
      <translation>%1: %2 zwischen beiden.</translation>
    </message>
    <message>
      <source>%1: %2 by “%3”, %4 by “%5”</source>
      <translation>%1: %2 mit „%3“, %4 mit „%5“</translation>
    </message>
    <message>
      <source>%1: %2 min, %3 of %4</source>
      <translation>%1: %2 Min., %3 von %4</translation>
    </message>
    <message>
      <source>%1: %2 of %3</source>
      <translation>%1: %2 von %3</translation>
    </message>
    <message>
      <source>%1: %2, %3</source>
      <translation>%1: %2, %3</translation>
    </message>
    <message>
      <source>%1: %2, after it %3</source>
      <translation>%1: %2, danach %3</translation>
    </message>
    <message>
      <source>%1: Ctrl and Enter, or the button. Escape goes back.</source>
      <translation>%1: Strg und Eingabe, oder der Knopf. Escape geht zurück.</translation>
    </message>
    <message>
      <source>%1: along the car</source>
      <translation>%1: entlang dem Auto</translation>
    </message>
    <message>
      <source>%1: believed %2, truly ⟨b⟩%3⟨/b⟩</source>
      <translation>%1: geglaubt %2, in Wahrheit ⟨b⟩%3⟨/b⟩</translation>
    </message>
    <message>
      <source>%1: choose it once more, and it is gone</source>
      <translation>%1: noch einmal wählen, und es ist weg</translation>
    </message>
    <message>
      <source>%1: contradicts others, read it again</source>
      <translation>%1: widerspricht anderen, neu ablesen</translation>
    </message>
    <message>
      <source>%1: found %2, left %3</source>
      <translation>%1: vorgefunden %2, zurückgelassen %3</translation>
    </message>
    <message>
      <source>%1: heights again</source>
      <translation>%1: Höhen neu</translation>
    </message>
    <message>
      <source>%1: here %2, there %3</source>
      <translation>%1: hier %2, dort %3</translation>
    </message>
    <message>
      <source>%1: is it undone?</source>
      <translation>%1: Wird es gelöst?</translation>
    </message>
    <message>
      <source>%1: its marks, or its shims by bolt</source>
      <translation>%1: seine Marken, oder Beilagen je Schraube</translation>
    </message>
    <message>
      <source>%1: its wrenches</source>
      <translation>%1: die Schlüssel dazu</translation>
    </message>
    <message>
      <source>%1: left %2 %3 than right, %4.</source>
      <translation>%1: links %2 %3 als rechts, %4.</translation>
    </message>
    <message>
      <source>%1: left %2 %3 than right.</source>
      <translation>%1: links %2 %3 als rechts.</translation>
    </message>
    <message>
      <source>%1: locking it moves the %2; the plan aims ahead of it.</source>
      <translation>%1: Festziehen bewegt %2; der Plan zielt davor.</translation>
    </message>
    <message>
      <source>%1: look again</source>
      <translation>%1: neu ansehen</translation>
    </message>
    <message>
      <source>%1: move its front end ⟨b⟩%2 %3⟨/b⟩ the car, ±%4; the rear end stays.</source>
      <translation>%1: das vordere Ende ⟨b⟩%2 %3⟨/b⟩ Auto rücken, ±%4; das hintere bleibt.</translation>
    </message>
    <message>
      <source>%1: none of the ways chosen tells it. Others do: Lines (Ctrl+5).</source>
      <translation>%1: Keine der gewählten Arten sagt es. Andere tun es: Linien (Strg+5).</translation>
    </message>
    <message>
      <source>%1: not known yet</source>
      <translation>%1: noch nicht bekannt</translation>
    </message>
    <message>
      <source>%1: not known yet how it lies</source>
      <translation>%1: noch nicht bekannt, wie sie liegt</translation>
    </message>
    <message>
      <source>%1: one round gives ±%2 of a tolerance of ±%3: only a value near the middle can be called.</source>
      <translation>%1: Eine Runde ergibt ±%2 bei einer Toleranz von ±%3: Nur ein Wert nahe der Mitte lässt sich beurteilen.</translation>
    </message>
    <message>
      <source>%1: one round gives ±%2, the tolerance is ±%3. Good enough.</source>
      <translation>%1: Eine Runde ergibt ±%2, die Toleranz ist ±%3. Gut genug.</translation>
    </message>
    <message>
      <source>%1: one round gives ±%2, which is wider than the tolerance of ±%3.</source>
      <translation>%1: Eine Runde ergibt ±%2, das ist weiter als die Toleranz von ±%3.</translation>
    </message>
    <message>
      <source>%1: only together</source>
      <translation>%1: nur zusammen</translation>
    </message>
    <message>
      <source>%1: run-out %2; read at one lip it makes %3 of false toe.</source>
      <translation>%1: Schlag %2; an einem Rand abgelesen macht er %3 falsche Spur.</translation>
    </message>
    <message>
      <source>%1: settle again</source>
      <translation>%1: neu setzen</translation>
    </message>
    <message>
      <source>%1: square as far as this rule can tell.</source>
      <translation>%1: rechtwinklig, soweit dieser Maßstab es zeigen kann.</translation>
    </message>
    <message>
      <source>%1: string again</source>
      <translation>%1: neu spannen</translation>
    </message>
    <message>
      <source>%1: turned and not locked</source>
      <translation>%1: gedreht und nicht gesichert</translation>
    </message>
    <message>
      <source>%1: turned and not locked (Ctrl+7, then lock).</source>
      <translation>%1: gedreht und nicht gesichert (Strg+7, dann festziehen).</translation>
    </message>
    <message>
      <source>%1: turned by watching</source>
      <translation>%1: unter Beobachtung gedreht</translation>
    </message>
    <message>
      <source>%1: where that is enough, this stays: %2.</source>
      <translation>%1: Wo das genügt, bleibt dies: %2.</translation>
    </message>
    <message>
      <source>%1; the rod runs ahead of the axle, with a left-hand thread at its outer end</source>
      <translation>%1; die Stange läuft vor der Achse, mit einem Linksgewinde am äußeren Ende</translation>
    </message>
    <message>
      <source>%1; the rod runs ahead of the axle, with a right-hand thread at its outer end</source>
      <translation>%1; die Stange läuft vor der Achse, mit einem Rechtsgewinde am äußeren Ende</translation>
    </message>
    <message>
      <source>%1; the rod runs behind the axle, with a left-hand thread at its outer end</source>
      <translation>%1; die Stange läuft hinter der Achse, mit einem Linksgewinde am äußeren Ende</translation>
    </message>
    <message>
      <source>%1; the rod runs behind the axle, with a right-hand thread at its outer end</source>
      <translation>%1; die Stange läuft hinter der Achse, mit einem Rechtsgewinde am äußeren Ende</translation>
    </message>
    <message numerus="yes">
      <source>%n cautions of this stage were read; they stand on every print</source>
      <comment>one caution of this stage was read; it stands on every print</comment>
      <translation>
        <numerusform>eine Warnung dieses Schritts wurde gelesen; sie steht auf jedem Ausdruck</numerusform>
        <numerusform>%n Warnungen dieses Schritts wurden gelesen; sie stehen auf jedem Ausdruck</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n drives</source>
      <comment>one drive</comment>
      <translation>
        <numerusform>eine Fahrt</numerusform>
        <numerusform>%n Fahrten</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n entries</source>
      <comment>1 entry</comment>
      <translation>
        <numerusform>1 Eintrag</numerusform>
        <numerusform>%n Einträge</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n entries are not as written</source>
      <comment>1 entry is not as written</comment>
      <translation>
        <numerusform>1 Eintrag ist nicht wie geschrieben</numerusform>
        <numerusform>%n Einträge sind nicht wie geschrieben</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n jobs</source>
      <comment>one job</comment>
      <translation>
        <numerusform>ein Auftrag</numerusform>
        <numerusform>%n Aufträge</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n more readings would settle it, first at spot %1.</source>
      <comment>One more reading would settle it, at spot %1.</comment>
      <translation>
        <numerusform>Eine Ablesung mehr würde es klären, an Stelle %1.</numerusform>
        <numerusform>Noch %n Ablesungen würden es klären, zuerst an Stelle %1.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n older jobs</source>
      <comment>one older job</comment>
      <translation>
        <numerusform>ein älterer Auftrag</numerusform>
        <numerusform>%n ältere Aufträge</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n passes</source>
      <comment>one pass</comment>
      <translation>
        <numerusform>ein Durchgang</numerusform>
        <numerusform>%n Durchgänge</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n passes of turning</source>
      <comment>one pass of turning</comment>
      <translation>
        <numerusform>ein Durchgang</numerusform>
        <numerusform>%n Durchgänge</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n readings</source>
      <comment>one reading</comment>
      <translation>
        <numerusform>eine Ablesung</numerusform>
        <numerusform>%n Ablesungen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n rounds</source>
      <comment>one round</comment>
      <translation>
        <numerusform>eine Runde</numerusform>
        <numerusform>%n Runden</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n things are still to look at.</source>
      <comment>One thing is still to look at.</comment>
      <translation>
        <numerusform>Eines ist noch anzusehen.</numerusform>
        <numerusform>%n Dinge sind noch anzusehen.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n things loose</source>
      <comment>one thing loose</comment>
      <translation>
        <numerusform>eines lose</numerusform>
        <numerusform>%n lose</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n to be told</source>
      <translation>
        <numerusform>noch %n zu sagen</numerusform>
        <numerusform>noch %n zu sagen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n turned</source>
      <translation>
        <numerusform>%n gedreht</numerusform>
        <numerusform>%n gedreht</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n turns and {0}</source>
      <comment>one turn and {0}</comment>
      <translation>
        <numerusform>eine Umdrehung und {0}</numerusform>
        <numerusform>%n Umdrehungen und {0}</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n whole turns</source>
      <comment>one whole turn</comment>
      <translation>
        <numerusform>eine ganze Umdrehung</numerusform>
        <numerusform>%n ganze Umdrehungen</numerusform>
      </translation>
    </message>
    <message>
      <source>&amp;Book</source>
      <translation>&amp;Buch</translation>
    </message>
    <message>
      <source>&amp;Car</source>
      <translation>&amp;Auto</translation>
    </message>
    <message>
      <source>&amp;Here</source>
      <translation>&amp;Hier</translation>
    </message>
    <message>
      <source>&amp;Job</source>
      <translation>Auf&amp;trag</translation>
    </message>
    <message>
      <source>&amp;View</source>
      <translation>A&amp;nsicht</translation>
    </message>
    <message>
      <source>(not turned)</source>
      <translation>(nicht gedreht)</translation>
    </message>
    <message>
      <source>(test turn)</source>
      <translation>(Probedrehung)</translation>
    </message>
    <message>
      <source>+  strong</source>
      <translation>+  reichlich</translation>
    </message>
    <message>
      <source>+%1</source>
      <translation>+%1</translation>
    </message>
    <message>
      <source>, </source>
      <translation>, </translation>
    </message>
    <message>
      <source>, camber %1</source>
      <translation>, Sturz %1</translation>
    </message>
    <message>
      <source>, caster %1</source>
      <translation>, Nachlauf %1</translation>
    </message>
    <message>
      <source>, contradicts others</source>
      <translation>, widerspricht anderen</translation>
    </message>
    <message>
      <source>, you are here</source>
      <translation>, Sie sind hier</translation>
    </message>
    <message>
      <source>-0.6 deg ±0.5 deg</source>
      <translation>-0,6 Grad ±0,5 Grad</translation>
    </message>
    <message>
      <source>. They agree.</source>
      <translation>. Sie stimmen überein.</translation>
    </message>
    <message>
      <source>. They don't agree.</source>
      <translation>. Sie stimmen nicht überein.</translation>
    </message>
    <message>
      <source>/  a fraction   *  weak</source>
      <translation>/  ein Bruch   *  knapp</translation>
    </message>
    <message>
      <source>/dev/ttyUSB0</source>
      <translation>/dev/ttyUSB0</translation>
    </message>
    <message>
      <source>/home/…/arm.jpg</source>
      <translation>/home/…/lenker.jpg</translation>
    </message>
    <message>
      <source>0 ±0°15'</source>
      <translation>0 ±0°15'</translation>
    </message>
    <message>
      <source>0, or how far off level: 3 left</source>
      <translation>0, oder wie weit schief: 3 links</translation>
    </message>
    <message>
      <source>0°04' in ±0°08'</source>
      <translation>0°04' Vorspur ±0°08'</translation>
    </message>
    <message>
      <source>0°06' in</source>
      <translation>0°06' Vorspur</translation>
    </message>
    <message>
      <source>0°08' in ±0°15'</source>
      <translation>0°08' Vorspur ±0°15'</translation>
    </message>
    <message>
      <source>0°08' in, 1/16 in</source>
      <translation>0°08' Vorspur, 1/16 in</translation>
    </message>
    <message>
      <source>0°08' in, 2 mm</source>
      <translation>0°08' Vorspur, 2 mm</translation>
    </message>
    <message>
      <source>0°15'</source>
      <translation>0°15'</translation>
    </message>
    <message>
      <source>1 in 10</source>
      <translation>1 von 10</translation>
    </message>
    <message>
      <source>1 in 2</source>
      <translation>1 von 2</translation>
    </message>
    <message>
      <source>1 in 3</source>
      <translation>1 von 3</translation>
    </message>
    <message>
      <source>1 in 5</source>
      <translation>1 von 5</translation>
    </message>
    <message>
      <source>1.5 mm, 18 tpi</source>
      <translation>1,5 mm, 18 tpi</translation>
    </message>
    <message>
      <source>100 km: new bushes</source>
      <translation>100 km: neue Buchsen</translation>
    </message>
    <message>
      <source>100 mi: new bushes</source>
      <translation>100 mi: neue Buchsen</translation>
    </message>
    <message>
      <source>101 in</source>
      <translation>101 in</translation>
    </message>
    <message>
      <source>13 and 19</source>
      <translation>13 und 19</translation>
    </message>
    <message>
      <source>16 3/8 in</source>
      <translation>16 3/8 in</translation>
    </message>
    <message>
      <source>16 in 4 in</source>
      <translation>16 in 4 in</translation>
    </message>
    <message>
      <source>160 F</source>
      <translation>160 F</translation>
    </message>
    <message>
      <source>19 in 20</source>
      <translation>19 von 20</translation>
    </message>
    <message>
      <source>2 in 3</source>
      <translation>2 von 3</translation>
    </message>
    <message>
      <source>2 of 1 mm, 0.5 mm</source>
      <translation>2 von 1 mm, 0,5 mm</translation>
    </message>
    <message>
      <source>2565 mm</source>
      <translation>2565 mm</translation>
    </message>
    <message>
      <source>3 in 4</source>
      <translation>3 von 4</translation>
    </message>
    <message>
      <source>30 mm lower: often half a degree to one of camber, top in, and some tenths of toe; settle and measure the heights first.</source>
      <translation>30 mm tiefer: oft ein halbes bis ein Grad Sturz, oben nach innen, und einige Zehntel Spur; zuerst setzen und die Höhen messen.</translation>
    </message>
    <message>
      <source>4 in 5</source>
      <translation>4 von 5</translation>
    </message>
    <message>
      <source>4 of 0.5 mm, 2 of 1 mm</source>
      <translation>4 von 0,5 mm, 2 von 1 mm</translation>
    </message>
    <message>
      <source>40 lb ft</source>
      <translation>40 lb ft</translation>
    </message>
    <message>
      <source>400 mm 100 mm</source>
      <translation>400 mm 100 mm</translation>
    </message>
    <message>
      <source>416 mm</source>
      <translation>416 mm</translation>
    </message>
    <message>
      <source>5.5 mm</source>
      <translation>5,5 mm</translation>
    </message>
    <message>
      <source>52300 mi</source>
      <translation>52300 mi</translation>
    </message>
    <message>
      <source>55 Nm</source>
      <translation>55 Nm</translation>
    </message>
    <message>
      <source>7 deg left or -7 deg</source>
      <translation>7 deg left oder -7 deg</translation>
    </message>
    <message>
      <source>7/32 in</source>
      <translation>7/32 in</translation>
    </message>
    <message>
      <source>71 C</source>
      <translation>71 C</translation>
    </message>
    <message>
      <source>84210 km</source>
      <translation>84210 km</translation>
    </message>
    <message>
      <source>9 in 10</source>
      <translation>9 von 10</translation>
    </message>
    <message>
      <source>; the other side as well</source>
      <translation>; die andere Seite ebenso</translation>
    </message>
    <message>
      <source>A bar for the rim's lips, an arm on a pin, a small level on the arm, and a straight scale square to the arm's middle position at its end. Mark it from the middle by these distances.</source>
      <translation>Eine Leiste für die Felgenränder, ein Arm auf einem Stift, eine kleine Wasserwaage auf dem Arm und an seinem Ende eine gerade Skala, rechtwinklig zur Mittelstellung. Von der Mitte aus mit diesen Abständen anzeichnen.</translation>
    </message>
    <message>
      <source>A bare frame is light enough to shift and heavy enough to crush.</source>
      <translation>Ein nackter Rahmen ist leicht genug, um zu verrutschen, und schwer genug, um zu zerquetschen.</translation>
    </message>
    <message>
      <source>A bare number is inches.</source>
      <translation>Eine bloße Zahl ist Zoll.</translation>
    </message>
    <message>
      <source>A bare number is mm, a bare fraction inches.</source>
      <translation>Eine bloße Zahl ist mm, ein bloßer Bruch Zoll.</translation>
    </message>
    <message>
      <source>A bent rim gives a false toe and camber that turns with the wheel.</source>
      <translation>Eine verbogene Felge ergibt falsche Spur und falschen Sturz, die sich mit dem Rad drehen.</translation>
    </message>
    <message>
      <source>A board flat against the outside of each tire of the axle, below the bulge at the floor, both level.</source>
      <translation>Ein Brett flach an die Außenseite jedes Reifens der Achse, unter der Wölbung am Boden, beide waagerecht.</translation>
    </message>
    <message>
      <source>A book needs a name: the path is empty.</source>
      <translation>Ein Buch braucht einen Namen: Der Pfad ist leer.</translation>
    </message>
    <message>
      <source>A boot twisted with the rod tears, and springs the rod back.</source>
      <translation>Eine mit der Stange verdrehte Manschette reißt und federt die Stange zurück.</translation>
    </message>
    <message>
      <source>A brake that grips on one side, or an arm's bush that gives way: no angle that stands still does that.</source>
      <translation>Eine Bremse, die auf einer Seite packt, oder eine nachgebende Lenkerbuchse: Kein Winkel, der stillsteht, tut das.</translation>
    </message>
    <message>
      <source>A bulge shows as toe where readings are taken on the tire, and as a pull on the road.</source>
      <translation>Eine Beule zeigt sich als Spur, wo am Reifen abgelesen wird, und als Ziehen auf der Straße.</translation>
    </message>
    <message>
      <source>A cam jumps when it is freed.</source>
      <translation>Ein Exzenter springt, wenn er gelöst wird.</translation>
    </message>
    <message>
      <source>A car between two strings, and a rule from a string to a wheel</source>
      <translation>Ein Auto zwischen zwei Schnüren, und ein Maßstab von einer Schnur zu einem Rad</translation>
    </message>
    <message>
      <source>A car drifts to the side with less caster, and a crowned road pulls it to the curb: more on that side holds it up.</source>
      <translation>Ein Auto zieht zur Seite mit weniger Nachlauf, und eine gewölbte Straße zieht es zum Bordstein: Mehr auf dieser Seite hält es oben.</translation>
    </message>
    <message>
      <source>A car on slip plates or with one wheel up creeps.</source>
      <translation>Ein Auto auf Gleitplatten oder mit einem Rad in der Luft wandert.</translation>
    </message>
    <message>
      <source>A car that starts or rolls takes the arm with it.</source>
      <translation>Ein Auto, das anspringt oder rollt, nimmt den Arm mit.</translation>
    </message>
    <message>
      <source>A car that toes far in or out does not roll straight, and reads another camber each time it is rolled.</source>
      <translation>Ein Auto mit viel Vor- oder Nachspur rollt nicht geradeaus und zeigt jedes Mal, wenn es gerollt wird, anderen Sturz.</translation>
    </message>
    <message>
      <source>A caster's ± is many times that of the gauge: half of a small difference over the sine of the sweep. Wider sweeps and repeats narrow it.</source>
      <translation>Das ± eines Nachlaufs ist ein Vielfaches dessen des Winkelmessers: die Hälfte eines kleinen Unterschieds, geteilt durch den Sinus des Einschlags. Weiterer Einschlag und Wiederholungen verkleinern es.</translation>
    </message>
    <message>
      <source>A centerline scribed under the frame from its own pickup points, at two places far apart.</source>
      <translation>Eine Mittellinie, unter dem Rahmen von seinen eigenen Anlenkpunkten angerissen, an zwei weit entfernten Stellen.</translation>
    </message>
    <message>
      <source>A chassis on blocks has no springs: nothing settles.</source>
      <translation>Ein Fahrgestell auf Klötzen hat keine Federn: Nichts setzt sich.</translation>
    </message>
    <message>
      <source>A copy is being put in the place of the book.</source>
      <translation>Eine Kopie wird an die Stelle des Buches gesetzt.</translation>
    </message>
    <message>
      <source>A copy needs a name: the path is empty.</source>
      <translation>Eine Kopie braucht einen Namen: Der Pfad ist leer.</translation>
    </message>
    <message>
      <source>A copy of all of it stands at %1.</source>
      <translation>Eine vollständige Kopie liegt unter %1.</translation>
    </message>
    <message>
      <source>A copy of the demo garage</source>
      <translation>Eine Kopie der Musterwerkstatt</translation>
    </message>
    <message>
      <source>A copy of the whole book, with all that is not on the disk yet, goes to:</source>
      <translation>Eine Kopie des ganzen Buches, mit allem, was noch nicht auf der Platte ist, geht nach:</translation>
    </message>
    <message>
      <source>A corner that sticks sits at another height each time; a bent strut is camber.</source>
      <translation>Eine Ecke, die klemmt, steht jedes Mal anders hoch; ein verbogenes Federbein ist Sturz.</translation>
    </message>
    <message>
      <source>A count, like “14 threads”, needs the thread's pitch on the car's card.</source>
      <translation>Eine Zählung wie „14 Gänge“ braucht die Gewindesteigung auf der Karte des Autos.</translation>
    </message>
    <message>
      <source>A driven wheel throws a greased plate across the floor, and the car after it.</source>
      <translation>Ein angetriebenes Rad schleudert eine gefettete Platte durch den Raum, und das Auto hinterher.</translation>
    </message>
    <message>
      <source>A driver alone lowers one side by several millimetres: camber and toe follow.</source>
      <translation>Ein Fahrer allein senkt eine Seite um mehrere Millimeter: Sturz und Spur folgen.</translation>
    </message>
    <message>
      <source>A dry thread turns in jumps. Rods of very different lengths speak for a wheel set crooked, or a bent part.</source>
      <translation>Ein trockenes Gewinde dreht in Sprüngen. Sehr ungleich lange Stangen sprechen für ein schief gesetztes Lenkrad oder ein verbogenes Teil.</translation>
    </message>
    <message>
      <source>A failed check on this job makes its readings meaningless: mend it first.</source>
      <translation>Eine mangelhafte Prüfung macht die Ablesungen dieses Auftrags bedeutungslos: zuerst beheben.</translation>
    </message>
    <message>
      <source>A few words on what it did, like “quiet over bumps, wheel straight”.</source>
      <translation>Ein paar Worte, was es getan hat, etwa „ruhig über Unebenheiten, Lenkrad gerade“.</translation>
    </message>
    <message>
      <source>A few words; Ctrl and Enter keep them, Escape goes back.</source>
      <translation>Ein paar Worte; Strg und Eingabe sichern sie, Escape geht zurück.</translation>
    </message>
    <message>
      <source>A figure without its ± calls one job in ten good that is not.</source>
      <translation>Eine Zahl ohne ihr ± nennt eine Arbeit von zehn gut, die es nicht ist.</translation>
    </message>
    <message>
      <source>A finer tool could call it: {0}.</source>
      <translation>Ein feineres Werkzeug könnte es beurteilen: {0}.</translation>
    </message>
    <message>
      <source>A first trial turn: nobody has measured the wheel yet. The drive after it teaches how much is right.</source>
      <translation>Eine erste Probedrehung: Noch hat niemand das Lenkrad gemessen. Die Fahrt danach lehrt, wie viel richtig ist.</translation>
    </message>
    <message>
      <source>A flat spacer changes no angle at rest, an uneven seat does; other offsets and sizes change the scrub, the height and what is felt. Measure with them on.</source>
      <translation>Eine ebene Scheibe ändert im Stand keinen Winkel, ein unebener Sitz wohl; andere Einpresstiefen und Größen ändern den Lenkrollradius, die Höhe und was zu spüren ist. Mit ihnen messen.</translation>
    </message>
    <message>
      <source>A flat spacer changes no static angle, an uneven seat does, and the hub distances change with it.</source>
      <translation>Eine ebene Scheibe ändert keinen Winkel im Stand, ein unebener Sitz wohl, und die Nabenabstände ändern sich mit.</translation>
    </message>
    <message>
      <source>A floor needs a name, like “bay 1, by the door”.</source>
      <translation>Ein Boden braucht einen Namen, etwa „Platz 1, an der Tür“.</translation>
    </message>
    <message>
      <source>A front toe to the rear wheel of its side has that wheel's own toe in it.</source>
      <translation>In der Spur eines Vorderrades zum Hinterrad seiner Seite steckt dessen eigene Spur.</translation>
    </message>
    <message>
      <source>A gauge on a wire</source>
      <translation>Ein Winkelmesser am Kabel</translation>
    </message>
    <message>
      <source>A gauge shows a lean and its sign: mixed up, camber is set twice as wrong.</source>
      <translation>Ein Winkelmesser zeigt eine Neigung und ihr Vorzeichen: verwechselt, wird der Sturz doppelt so falsch.</translation>
    </message>
    <message>
      <source>A gauge that sends what it shows: choose where it hangs, and its values go on the line.</source>
      <translation>Ein Winkelmesser, der sendet, was er zeigt: wählen, wo er hängt, und seine Werte kommen auf die Zeile.</translation>
    </message>
    <message>
      <source>A hinged gauge: a bar, an arm on a pin, a level on the arm, and marks reckoned from the arm's length.</source>
      <translation>Ein klappbarer Winkelmesser: eine Leiste, ein Arm auf einem Stift, eine Wasserwaage auf dem Arm, und Marken, aus der Länge des Arms gerechnet.</translation>
    </message>
    <message>
      <source>A joint with play is a fault to mend, not an angle to set.</source>
      <translation>Ein Gelenk mit Spiel ist ein Mangel, der zu beheben ist, kein Winkel zum Einstellen.</translation>
    </message>
    <message>
      <source>A laser line along each side</source>
      <translation>Eine Laserlinie auf jeder Seite</translation>
    </message>
    <message>
      <source>A level and a rule do as well as a gauge: the same sums, with a gap instead of an angle.</source>
      <translation>Wasserwaage und Maßstab tun es so gut wie ein Winkelmesser: dieselben Rechnungen, mit einem Spalt statt eines Winkels.</translation>
    </message>
    <message>
      <source>A level floor, a steady hand; you are told where the rule really stood.</source>
      <translation>Ein ebener Boden, eine ruhige Hand; gesagt wird, wo der Maßstab wirklich stand.</translation>
    </message>
    <message>
      <source>A line laser on a stand or a brick, its window at hub height. Of one laser the other side is set up after the first has been read.</source>
      <translation>Ein Linienlaser auf einem Ständer oder Ziegel, sein Fenster auf Nabenhöhe. Mit einem Laser wird die andere Seite aufgebaut, wenn die erste abgelesen ist.</translation>
    </message>
    <message>
      <source>A line never needs calibrating, and it may hang elsewhere each time: only its two gaps count.</source>
      <translation>Eine Lotschnur muss nie geeicht werden, und sie darf jedes Mal anderswo hängen: Nur ihre beiden Spalte zählen.</translation>
    </message>
    <message>
      <source>A line never needs calibrating.</source>
      <translation>Eine Lotschnur muss nie geeicht werden.</translation>
    </message>
    <message>
      <source>A line scribed round each tire while it is spun against a nail held still.</source>
      <translation>Ein Strich rund um jeden Reifen, angerissen, während er gegen einen still gehaltenen Nagel dreht.</translation>
    </message>
    <message>
      <source>A lock bends, an airbag goes off.</source>
      <translation>Ein Schloss verbiegt, ein Airbag löst aus.</translation>
    </message>
    <message>
      <source>A longer upper arm takes the top of the wheel out; a longer lower one its foot.</source>
      <translation>Ein längerer oberer Lenker bringt das Rad oben nach außen, ein längerer unterer unten.</translation>
    </message>
    <message>
      <source>A loose wheel reads another toe and camber at every touch.</source>
      <translation>Ein loses Rad zeigt bei jeder Berührung andere Spur und anderen Sturz.</translation>
    </message>
    <message>
      <source>A mark shows what moved; then hold, tighten, read.</source>
      <translation>Ein Strich zeigt, was sich bewegt hat; dann halten, anziehen, ablesen.</translation>
    </message>
    <message>
      <source>A nail or a screw through the tape's hook into the groove holds its end.</source>
      <translation>Ein Nagel oder eine Schraube durch den Haken des Bandmaßes in die Rille hält sein Ende.</translation>
    </message>
    <message>
      <source>A name of its own, such as “tape B”, tells it from the other.</source>
      <translation>Ein eigener Name, etwa „Bandmaß B“, unterscheidet es vom anderen.</translation>
    </message>
    <message>
      <source>A name, and how it will be measured, are enough. What that way needs of the car is asked here; all else where it is first needed.</source>
      <translation>Ein Name, und wie gemessen wird, genügen. Was diese Art vom Auto braucht, wird hier gefragt; alles Übrige, wo es zuerst gebraucht wird.</translation>
    </message>
    <message>
      <source>A new car</source>
      <translation>Ein neues Auto</translation>
    </message>
    <message>
      <source>A new car, all of its card</source>
      <translation>Ein neues Auto, die ganze Karte</translation>
    </message>
    <message>
      <source>A note</source>
      <translation>Eine Notiz</translation>
    </message>
    <message>
      <source>A note for the shop</source>
      <translation>Eine Notiz für die Werkstatt</translation>
    </message>
    <message>
      <source>A nut on a thread.</source>
      <translation>Eine Mutter an einem Faden.</translation>
    </message>
    <message>
      <source>A nut on a thread; marks on the floor from a base line.</source>
      <translation>Eine Mutter an einem Faden; Marken am Boden von einer Grundlinie.</translation>
    </message>
    <message>
      <source>A picture of the car</source>
      <translation>Ein Bild des Autos</translation>
    </message>
    <message>
      <source>A pit or a four-post lift</source>
      <translation>Eine Grube oder eine Viersäulenbühne</translation>
    </message>
    <message>
      <source>A plate across both bolts is camber, and leaves caster alone.</source>
      <translation>Eine Platte über beide Schrauben ist Sturz und lässt den Nachlauf in Ruhe.</translation>
    </message>
    <message>
      <source>A plumb line past both pivots.</source>
      <translation>Eine Lotschnur an beiden Drehpunkten vorbei.</translation>
    </message>
    <message>
      <source>A pull that changes sides when the front tires are swapped is in the tires. A crowned road pulls every car to its low side a little.</source>
      <translation>Ein Ziehen, das mit getauschten Vorderreifen die Seite wechselt, steckt in den Reifen. Eine gewölbte Straße zieht jedes Auto etwas zur tiefen Seite.</translation>
    </message>
    <message>
      <source>A rack that moves carries both wheels with it.</source>
      <translation>Eine Zahnstange, die sich bewegt, nimmt beide Räder mit.</translation>
    </message>
    <message>
      <source>A rear wheel that gives a few minutes of toe under load is enough.</source>
      <translation>Ein Hinterrad, das unter Last einige Minuten Spur nachgibt, genügt.</translation>
    </message>
    <message>
      <source>A reason of a word or two is kept with it, such as “rule slipped” or “inside, near enough”.</source>
      <translation>Ein, zwei Worte als Grund bleiben dabei, etwa „Maßstab verrutscht“ oder „innen, nahe genug“.</translation>
    </message>
    <message>
      <source>A rim or its seat is never quite true, so that a reading depends on how far the wheel was rolled. Read twice, half a turn apart, it falls out.</source>
      <translation>Eine Felge oder ihr Sitz ist nie ganz gerade, so dass eine Ablesung davon abhängt, wie weit das Rad gerollt ist. Zweimal abgelesen, eine halbe Drehung auseinander, fällt er heraus.</translation>
    </message>
    <message>
      <source>A rod ahead of the axle and one behind it do opposite things.</source>
      <translation>Eine Stange vor der Achse und eine dahinter tun Entgegengesetztes.</translation>
    </message>
    <message>
      <source>A rod that comes apart takes the steering with it.</source>
      <translation>Eine Stange, die auseinandergeht, nimmt die Lenkung mit.</translation>
    </message>
    <message>
      <source>A rod's length is toe, directly.</source>
      <translation>Die Länge einer Stange ist unmittelbar Spur.</translation>
    </message>
    <message>
      <source>A rough check without any gauge: well turned, the outer wheel leans in at the top and the inner one leans out. If not, a sign is wrong.</source>
      <translation>Eine grobe Kontrolle ohne Winkelmesser: Weit gelenkt neigt sich das kurvenäußere Rad oben nach innen und das innere nach außen. Wenn nicht, ist ein Vorzeichen falsch.</translation>
    </message>
    <message>
      <source>A rule standing on a magnet or in a clamp shows the light while you read it.</source>
      <translation>Ein Maßstab an einem Magneten oder in einer Klemme zeigt das Licht, während Sie ihn ablesen.</translation>
    </message>
    <message>
      <source>A scribe line across cam and bracket.</source>
      <translation>Ein Riss über Exzenter und Halter.</translation>
    </message>
    <message>
      <source>A shop's sheet</source>
      <translation>Das Messblatt einer Werkstatt</translation>
    </message>
    <message>
      <source>A shop's sheet, as it came in there: {0}</source>
      <translation>Messblatt einer Werkstatt, wie es dort ankam: {0}</translation>
    </message>
    <message>
      <source>A shop's sheet, as it was set there: {0}</source>
      <translation>Messblatt einer Werkstatt, wie es dort eingestellt wurde: {0}</translation>
    </message>
    <message>
      <source>A shop's sheet, typed as it stands there, beside your own readings of that time. Over several sheets a bias of your own tools comes out; it is taken off only where you say so.</source>
      <translation>Das Messblatt einer Werkstatt, eingegeben wie es dort steht, neben Ihren eigenen Ablesungen aus jener Zeit. Über mehrere Blätter zeigt sich eine Abweichung Ihres eigenen Werkzeugs; abgezogen wird sie nur, wo Sie es sagen.</translation>
    </message>
    <message>
      <source>A short level, or one on a straight batten.</source>
      <translation>Eine kurze Wasserwaage, oder eine auf einer geraden Latte.</translation>
    </message>
    <message>
      <source>A short level, or one on a straight batten; marks on the floor from a base line.</source>
      <translation>Eine kurze Wasserwaage, oder eine auf einer geraden Latte; Marken am Boden von einer Grundlinie.</translation>
    </message>
    <message>
      <source>A simulated car to learn on. Nothing here is about a real one.</source>
      <translation>Ein simuliertes Auto zum Lernen. Nichts hier betrifft ein echtes.</translation>
    </message>
    <message>
      <source>A simulated car whose truth is known. Nothing here touches your own cars or tools. Arrow keys and Enter choose; Escape goes back to the book.</source>
      <translation>Ein simuliertes Auto, dessen Wahrheit bekannt ist. Nichts hier berührt Ihre eigenen Autos oder Werkzeuge. Pfeiltasten und Eingabe wählen; Escape geht zum Buch zurück.</translation>
    </message>
    <message>
      <source>A slope across the car goes straight into camber, with opposite signs left and right; a slope along it into caster. So the four spots are surveyed, or taken as flat with what they may be out by.</source>
      <translation>Ein Gefälle quer zum Auto geht geradewegs in den Sturz, links und rechts mit entgegengesetztem Vorzeichen; eines längs in den Nachlauf. Darum werden die vier Stellen vermessen, oder als eben genommen mit dem, was sie abweichen dürfen.</translation>
    </message>
    <message>
      <source>A smear of grease between the smooth faces; the same under all four. Wipe the tires after it.</source>
      <translation>Ein wenig Fett zwischen den glatten Flächen; unter allen vieren gleich. Die Reifen danach abwischen.</translation>
    </message>
    <message>
      <source>A soft bush answers each reading differently.</source>
      <translation>Eine weiche Buchse antwortet bei jeder Ablesung anders.</translation>
    </message>
    <message>
      <source>A soft tire lowers its corner: height, camber and toe move with it.</source>
      <translation>Ein weicher Reifen senkt seine Ecke: Höhe, Sturz und Spur gehen mit.</translation>
    </message>
    <message>
      <source>A spirit level and a rule are enough for a quarter of a degree.</source>
      <translation>Eine Wasserwaage und ein Maßstab genügen für ein Viertelgrad.</translation>
    </message>
    <message>
      <source>A stand ahead of and behind the car on each side, out beyond the tires. Weigh them down: a stand that is bumped spoils the round.</source>
      <translation>Auf jeder Seite ein Ständer vor und einer hinter dem Auto, außerhalb der Reifen. Beschweren: Ein angestoßener Ständer verdirbt die Runde.</translation>
    </message>
    <message>
      <source>A steady pull comes of tires, brakes or a difference in caster or camber from side to side more often than of toe.</source>
      <translation>Stetiges Ziehen kommt öfter von Reifen, Bremsen oder einem Unterschied im Nachlauf oder Sturz zwischen den Seiten als von der Spur.</translation>
    </message>
    <message>
      <source>A steering box replaced or adjusted</source>
      <translation>Ein Lenkgetriebe ersetzt oder eingestellt</translation>
    </message>
    <message>
      <source>A stool and a weight hold its rear end against the tire.</source>
      <translation>Ein Hocker und ein Gewicht halten ihr hinteres Ende am Reifen.</translation>
    </message>
    <message>
      <source>A straight aluminum tube longer than the wheelbase. Sight along it, and turn it over: it has to read the same.</source>
      <translation>Ein gerades Aluminiumrohr, länger als der Radstand. Daran entlangsehen und umdrehen: Es muss dasselbe zeigen.</translation>
    </message>
    <message>
      <source>A straight base line on the floor along the wheel, standing straight; from its far end square out to each side the offset. A batten against the wheel, over the base line's near end, has to point at the mark.</source>
      <translation>Eine gerade Grundlinie am Boden entlang dem geradeaus stehenden Rad; von ihrem fernen Ende rechtwinklig nach jeder Seite der Versatz. Eine Latte am Rad, über dem nahen Ende der Grundlinie, muss auf die Marke zeigen.</translation>
    </message>
    <message>
      <source>A straight flat road, hands light: is the wheel level, does it pull? Then bumps; then as hard as the car will be used; and the tires for some weeks.</source>
      <translation>Eine gerade, ebene Straße, leichte Hände: Steht das Lenkrad gerade, zieht es? Dann Unebenheiten; dann so hart, wie das Auto benutzt wird; und einige Wochen lang die Reifen.</translation>
    </message>
    <message>
      <source>A strap round the tire, a weight on the foot, or a knee holds each board; the hooked tapes' own spring pulls both together. Look before reading that the boards lie on the sidewalls in front and behind, not on a bulge.</source>
      <translation>Ein Gurt um den Reifen, ein Gewicht am Fuß oder ein Knie hält jedes Brett; die Federn der eingehakten Bandmaße ziehen beide zusammen. Vor dem Ablesen nachsehen, dass die Bretter vorn und hinten an den Flanken liegen, nicht auf einer Beule.</translation>
    </message>
    <message>
      <source>A string from the rear wheel's outer arm to the front wheel's outer arm, in the same nick of both.</source>
      <translation>Eine Schnur vom äußeren Arm des Hinterrades zum äußeren Arm des Vorderrades, in derselben Kerbe beider.</translation>
    </message>
    <message>
      <source>A string that is not square lies about every wheel beside it, and nobody sees it.</source>
      <translation>Eine nicht rechtwinklige Schnur lügt über jedes Rad daneben, und niemand sieht es.</translation>
    </message>
    <message>
      <source>A strut out and in again: up to half a degree of camber. Camber moves toe by about a third of itself, which way depends on the car.</source>
      <translation>Ein Federbein aus- und eingebaut: bis zu einem halben Grad Sturz. Sturz bewegt die Spur um etwa ein Drittel, wohin, hängt vom Auto ab.</translation>
    </message>
    <message>
      <source>A subframe was out</source>
      <translation>Ein Hilfsrahmen war ausgebaut</translation>
    </message>
    <message>
      <source>A sweep</source>
      <translation>Einmal durchlenken</translation>
    </message>
    <message>
      <source>A tape and a nail are always there.</source>
      <translation>Bandmaß und Nagel sind immer da.</translation>
    </message>
    <message>
      <source>A tape between the bars' ends behind the axle, and in front of it.</source>
      <translation>Ein Bandmaß zwischen den Enden der Stangen hinter der Achse und davor.</translation>
    </message>
    <message>
      <source>A tape from slot to slot behind the wheels and one in front, under the car, both pulled alike. Read the same edge of both.</source>
      <translation>Ein Bandmaß von Schlitz zu Schlitz hinter den Rädern und eines davor, unter dem Auto, beide gleich gespannt. An beiden dieselbe Kante ablesen.</translation>
    </message>
    <message>
      <source>A test turn</source>
      <translation>Eine Probedrehung</translation>
    </message>
    <message>
      <source>A test turn: which way it goes is seen by what this shows.</source>
      <translation>Eine Probedrehung: Wie herum es geht, ist an dem zu sehen, was dies zeigt.</translation>
    </message>
    <message>
      <source>A thin string from notch to notch on each side, tight enough to hum, touching neither tire nor body.</source>
      <translation>Eine dünne Schnur von Kerbe zu Kerbe auf jeder Seite, straff genug, um zu summen, ohne Reifen oder Karosserie zu berühren.</translation>
    </message>
    <message>
      <source>A tire with a bulge or a shifted belt is replaced, not measured around.</source>
      <translation>Ein Reifen mit Beule oder verrutschtem Gürtel wird ersetzt, nicht umgangen.</translation>
    </message>
    <message>
      <source>A tripped string costs a round of readings, or a wrist.</source>
      <translation>Über eine Schnur gestolpert, ist eine Runde Ablesungen hin, oder ein Handgelenk.</translation>
    </message>
    <message>
      <source>A twisted boot turns the setting back.</source>
      <translation>Eine verdrehte Manschette dreht die Einstellung zurück.</translation>
    </message>
    <message>
      <source>A wheel is reached</source>
      <translation>An ein Rad kommt man</translation>
    </message>
    <message>
      <source>A wheel out of balance, a belt in a tire, play in a joint, a bearing or the steering damper: angles only let it happen.</source>
      <translation>Ein Rad mit Unwucht, ein Gürtel im Reifen, Spiel in einem Gelenk, ein Lager oder der Lenkungsdämpfer: Winkel lassen es nur zu.</translation>
    </message>
    <message>
      <source>A wheel that hops: damper, balance, bearing or a joint with play.</source>
      <translation>Ein Rad, das hüpft: Dämpfer, Unwucht, Lager oder ein Gelenk mit Spiel.</translation>
    </message>
    <message>
      <source>A wheel that was jacked stands wide of where it will run; it takes a turn of the wheel to come back.</source>
      <translation>Ein aufgebocktes Rad steht breiter, als es laufen wird; es braucht eine Umdrehung, um zurückzukommen.</translation>
    </message>
    <message>
      <source>A wheel's center</source>
      <translation>Die Mitte eines Rades</translation>
    </message>
    <message>
      <source>A whole car, from the strings to the drive</source>
      <translation>Ein ganzes Auto, von den Schnüren bis zur Fahrt</translation>
    </message>
    <message>
      <source>A whole job</source>
      <translation>Ein ganzer Auftrag</translation>
    </message>
    <message>
      <source>About 300 mm square and 2 mm thick, edges dressed; a spoon of grease or soapy water. The same under all four, or the floor is not level any more.</source>
      <translation>Etwa 300 mm im Quadrat und 2 mm dick, Kanten entgratet; ein Löffel Fett oder Seifenwasser. Unter allen vieren gleich, sonst ist der Boden nicht mehr eben.</translation>
    </message>
    <message>
      <source>About Fair Chalk</source>
      <translation>Über Fair Chalk</translation>
    </message>
    <message>
      <source>About a degree of caster for 25 mm of lift, which way by the links; the wheel's middle by ten degrees and more. Total toe hardly moves.</source>
      <translation>Etwa ein Grad Nachlauf für 25 mm, wohin, sagen die Lenker; die Mitte des Lenkrads um zehn Grad und mehr. Die Gesamtspur bewegt sich kaum.</translation>
    </message>
    <message>
      <source>About to take it apart</source>
      <translation>Soll zerlegt werden</translation>
    </message>
    <message>
      <source>Added or the way written as plus, the other way with a minus; 0 if it was left alone, can't if it does not turn.</source>
      <translation>Zugelegt oder in der genannten Richtung als Plus, andersherum mit Minus; 0, wenn nichts getan wurde, geht nicht, wenn es sich nicht drehen lässt.</translation>
    </message>
    <message>
      <source>Adjust or replace it by the manual before anything is measured.</source>
      <translation>Nach dem Handbuch einstellen oder ersetzen, bevor etwas gemessen wird.</translation>
    </message>
    <message>
      <source>Adjust the box by the manual, at its middle; replace a worn idler.</source>
      <translation>Das Getriebe nach dem Handbuch einstellen, in seiner Mitte; einen verschlissenen Umlenkhebel ersetzen.</translation>
    </message>
    <message>
      <source>Adjuster threads: clean, oiled, free</source>
      <translation>Gewinde der Einsteller: sauber, geölt, gängig</translation>
    </message>
    <message>
      <source>After %1 it is known how to move what is left.</source>
      <translation>Nach %1 ist bekannt, wie das Übrige zu rücken ist.</translation>
    </message>
    <message>
      <source>After these turns total toe is about %1 further %2 than it was.</source>
      <translation>Nach diesen Umdrehungen liegt die Gesamtspur etwa %1 weiter auf %2 als zuvor.</translation>
    </message>
    <message>
      <source>Afterwards, read again</source>
      <translation>Danach neu ablesen</translation>
    </message>
    <message>
      <source>Against both lips of the rim, upright through the hub, level along the car; a bubble is read at its middle.</source>
      <translation>An beide Ränder der Felge, senkrecht durch die Nabe, längs zum Auto waagerecht; eine Libelle wird in ihrer Mitte abgelesen.</translation>
    </message>
    <message>
      <source>Against the tolerances</source>
      <translation>Gegen die Toleranzen</translation>
    </message>
    <message>
      <source>Ahead of the axle, longer is toe out.</source>
      <translation>Vor der Achse ist länger Nachspur.</translation>
    </message>
    <message>
      <source>Air or self-levelling systems settled; nothing rubs.</source>
      <translation>Luft- oder Niveauregelung zur Ruhe gekommen; nichts streift.</translation>
    </message>
    <message>
      <source>Alignment</source>
      <translation>Einstellung</translation>
    </message>
    <message>
      <source>All at once, as the sheet has it</source>
      <translation>Alles auf einmal, wie das Blatt es hat</translation>
    </message>
    <message>
      <source>All four of the same height, or the floor is not level any more; chocked, the strings up at hub height from there.</source>
      <translation>Alle vier gleich hoch, sonst ist der Boden nicht mehr eben; verkeilt, die Schnüre von dort auf Nabenhöhe.</translation>
    </message>
    <message>
      <source>All fourteen spots were read twice. One of the readings is wrong. Point at the spot that you would read again.</source>
      <translation>Alle vierzehn Stellen wurden zweimal abgelesen. Eine der Ablesungen ist falsch. Zeigen Sie auf die Stelle, die Sie noch einmal abläsen.</translation>
    </message>
    <message>
      <source>All looked at. On to the floor (Ctrl+3).</source>
      <translation>Alles angesehen. Weiter zum Boden (Strg+3).</translation>
    </message>
    <message>
      <source>All of it is on the disk now.</source>
      <translation>Jetzt ist alles auf der Platte.</translation>
    </message>
    <message>
      <source>All of its card first  (Ctrl+I)</source>
      <translation>Zuerst die ganze Karte  (Strg+I)</translation>
    </message>
    <message>
      <source>All spots read</source>
      <translation>Alle Stellen abgelesen</translation>
    </message>
    <message>
      <source>All that is here is kept.</source>
      <translation>Alles hier ist gesichert.</translation>
    </message>
    <message>
      <source>All that is known of this car. Only what is needed has to be there; the rest is asked where it is first needed.</source>
      <translation>Alles, was von diesem Auto bekannt ist. Nur was gebraucht wird, muss da sein; das Übrige wird gefragt, wo es zuerst gebraucht wird.</translation>
    </message>
    <message>
      <source>All that wants the weight off first, in one jacking, then what is turned on the ground.</source>
      <translation>Zuerst alles, was entlastet sein will, in einem Aufbocken, dann was am Boden gedreht wird.</translation>
    </message>
    <message>
      <source>All that wants the wheels up is done in one go. F2 goes to what is chosen.</source>
      <translation>Alles, was die Räder in der Luft braucht, geschieht in einem Zug. F2 geht zum Gewählten.</translation>
    </message>
    <message>
      <source>All that was turned is locked; the readings tell whether it moved.</source>
      <translation>Alles Gedrehte ist gesichert; die Ablesungen sagen, ob es sich bewegt hat.</translation>
    </message>
    <message>
      <source>All within the tolerance.</source>
      <translation>Alle innerhalb der Toleranz.</translation>
    </message>
    <message>
      <source>Alone</source>
      <translation>Allein</translation>
    </message>
    <message>
      <source>Alt+9 takes what the rule shows meanwhile.</source>
      <translation>Alt+9 nimmt an, was der Maßstab inzwischen zeigt.</translation>
    </message>
    <message>
      <source>An adjuster freed later is a jacking more.</source>
      <translation>Ein später gelöster Einsteller ist einmal Aufbocken mehr.</translation>
    </message>
    <message>
      <source>An angle read on a loose part is no angle.</source>
      <translation>Ein Winkel, an einem losen Teil abgelesen, ist kein Winkel.</translation>
    </message>
    <message>
      <source>An arm past the bumper, or the wheels turned; engine off, nobody in the seat, wheels chocked on both sides.</source>
      <translation>Ein Arm an der Stoßstange vorbei, oder die Räder eingeschlagen; Motor aus, niemand im Sitz, Räder auf beiden Seiten verkeilt.</translation>
    </message>
    <message>
      <source>An arm with a loaded spring behind it flies when it is undone: hold it with a jack and follow the manual.</source>
      <translation>Ein Lenker mit gespannter Feder dahinter fliegt, wenn er gelöst wird: mit einem Heber halten und nach dem Handbuch vorgehen.</translation>
    </message>
    <message>
      <source>An eccentric works most near the middle of its travel, and not at all at its end.</source>
      <translation>Ein Exzenter wirkt nahe der Mitte seines Weges am meisten und an dessen Ende gar nicht.</translation>
    </message>
    <message>
      <source>An eye that is hit does not blink fast enough for the stronger ones, and a bright rim throws the beam back.</source>
      <translation>Ein getroffenes Auge blinzelt bei den stärkeren nicht schnell genug, und eine blanke Felge wirft den Strahl zurück.</translation>
    </message>
    <message>
      <source>An old rule for soft bushes. Caution: stiff ones need less of it.</source>
      <translation>Eine alte Regel für weiche Buchsen. Vorsicht: Steife brauchen weniger davon.</translation>
    </message>
    <message>
      <source>An outer string on each side, about parallel to it, at hub height.</source>
      <translation>Auf jeder Seite eine äußere Schnur, etwa parallel dazu, auf Nabenhöhe.</translation>
    </message>
    <message>
      <source>Angle</source>
      <translation>Winkel</translation>
    </message>
    <message>
      <source>Angle gauge across the rim</source>
      <translation>Winkelmesser über die Felge</translation>
    </message>
    <message>
      <source>Angle gauge for toe</source>
      <translation>Winkelmesser für Spur</translation>
    </message>
    <message>
      <source>Angles</source>
      <translation>Winkel</translation>
    </message>
    <message>
      <source>Angles are read with</source>
      <translation>Winkel werden abgelesen mit</translation>
    </message>
    <message>
      <source>Angles are set at the height at which the car sits.</source>
      <translation>Winkel werden in der Höhe eingestellt, in der das Auto steht.</translation>
    </message>
    <message>
      <source>Angles at the wrong height are angles of another car.</source>
      <translation>Winkel in der falschen Höhe sind Winkel eines anderen Autos.</translation>
    </message>
    <message>
      <source>Angles may be right as they are: set the pressures and look again in some weeks.</source>
      <translation>Die Winkel können stimmen, wie sie sind: Luftdrücke einstellen und in einigen Wochen wieder ansehen.</translation>
    </message>
    <message>
      <source>Angles set around a bent part come back wrong on the first bump.</source>
      <translation>Winkel, um ein verbogenes Teil herum eingestellt, kommen beim ersten Stoß falsch zurück.</translation>
    </message>
    <message>
      <source>Angles: minutes or decimals</source>
      <translation>Winkel: Minuten oder Dezimalen</translation>
    </message>
    <message>
      <source>Angles: nothing by the wheels alone. Figures in mm are at another diameter now.</source>
      <translation>Winkel: durch die Räder allein nichts. Werte in mm gelten nun über einen anderen Durchmesser.</translation>
    </message>
    <message>
      <source>Another floor, or anew</source>
      <translation>Ein anderer Boden, oder neu</translation>
    </message>
    <message>
      <source>Another like it</source>
      <translation>Noch eines davon</translation>
    </message>
    <message>
      <source>Another reading is worth more than a turn: %1 (Ctrl+6).</source>
      <translation>Eine weitere Ablesung ist mehr wert als eine Drehung: %1 (Strg+6).</translation>
    </message>
    <message>
      <source>Another set-up (road, track, wet)</source>
      <translation>Eine andere Einstellung (Straße, Strecke, nass)</translation>
    </message>
    <message>
      <source>Another way there</source>
      <translation>Ein anderer Weg dorthin</translation>
    </message>
    <message>
      <source>Another wheel</source>
      <translation>Ein anderes Rad</translation>
    </message>
    <message>
      <source>Another {0}, until it shows about {1}; shaken, {2}.</source>
      <translation>Noch {0}, bis es etwa {1} zeigt; gerüttelt {2}.</translation>
    </message>
    <message>
      <source>Another {0}, until it shows {1}.</source>
      <translation>Noch {0}, bis es {1} zeigt.</translation>
    </message>
    <message>
      <source>Another {0}.</source>
      <translation>Noch {0}.</translation>
    </message>
    <message>
      <source>Any angles do, equal or not: it is solved by rotation and not by a factor.</source>
      <translation>Beliebige Winkel, gleich oder nicht: Gelöst wird mit Drehungen und nicht mit einem Faktor.</translation>
    </message>
    <message>
      <source>Any four stands that do not tip: axle stands, jars of sand, bricks with a nail.</source>
      <translation>Beliebige vier Ständer, die nicht kippen: Unterstellböcke, Gläser mit Sand, Ziegel mit einem Nagel.</translation>
    </message>
    <message>
      <source>Any round feature that sits on the hub will do: the center bore, the ring of nuts. Half way across it, in two directions.</source>
      <translation>Jedes runde Merkmal, das auf der Nabe sitzt, ist recht: die Mittelbohrung, der Kranz der Muttern. Halb hinüber, in zwei Richtungen.</translation>
    </message>
    <message>
      <source>Arm bushes and mounts</source>
      <translation>Lenkerbuchsen und Lager</translation>
    </message>
    <message>
      <source>Arms on the rims</source>
      <translation>Arme an den Felgen</translation>
    </message>
    <message>
      <source>Arms, bushes, struts or joints replaced</source>
      <translation>Lenker, Buchsen, Federbeine oder Gelenke ersetzt</translation>
    </message>
    <message>
      <source>Arrow keys and Enter open a job, Ctrl+N begins a new car.</source>
      <translation>Pfeiltasten und Eingabe öffnen einen Auftrag, Strg+N beginnt ein neues Auto.</translation>
    </message>
    <message>
      <source>As far as it goes</source>
      <translation>So weit, wie es geht</translation>
    </message>
    <message>
      <source>As found</source>
      <translation>Wie vorgefunden</translation>
    </message>
    <message>
      <source>As it came in</source>
      <translation>Wie es kam</translation>
    </message>
    <message>
      <source>As it drives</source>
      <translation>Wie es fährt</translation>
    </message>
    <message>
      <source>As it is</source>
      <translation>Wie es ist</translation>
    </message>
    <message>
      <source>As it stands</source>
      <translation>Wie es steht</translation>
    </message>
    <message>
      <source>As its maker says.</source>
      <translation>Wie sein Hersteller sagt.</translation>
    </message>
    <message>
      <source>As large as it was made</source>
      <translation>So groß, wie es gemacht wurde</translation>
    </message>
    <message>
      <source>As put back</source>
      <translation>Wie wiederhergestellt</translation>
    </message>
    <message>
      <source>As ramps, and lower: the strings and the floor stay as they were surveyed.</source>
      <translation>Wie Rampen, und niedriger: Schnüre und Boden bleiben, wie sie vermessen wurden.</translation>
    </message>
    <message>
      <source>As the angles say: nothing in them wears one edge first.</source>
      <translation>Wie die Winkel sagen: Nichts darin verschleißt eine Kante zuerst.</translation>
    </message>
    <message>
      <source>As the angles say: {0} as it stands would wear that edge.</source>
      <translation>Wie die Winkel sagen: {0}, wie es steht, verschleißt diese Kante.</translation>
    </message>
    <message>
      <source>As the car stands now none of it is left to turn: back to the sheet.</source>
      <translation>Wie der Wagen jetzt steht, ist davon nichts mehr zu drehen: zurück zum Blatt.</translation>
    </message>
    <message numerus="yes">
      <source>As they were: %n angles; can't tell: %1.</source>
      <comment>As it was: one angle; can't tell: %1.</comment>
      <translation>
        <numerusform>Wie zuvor: ein Winkel; nicht zu sagen: %1.</numerusform>
        <numerusform>Wie zuvor: %n Winkel; nicht zu sagen: %1.</numerusform>
      </translation>
    </message>
    <message>
      <source>As this garage's own log has them, where it does: a spot %1, a turn %2, a nut %3, up and down %4.</source>
      <translation>Wie das eigene Protokoll dieser Werkstatt sie hat, wo es sie hat: eine Stelle %1, eine Drehung %2, eine Mutter %3, auf und ab %4.</translation>
    </message>
    <message>
      <source>Ask</source>
      <translation>Fragen</translation>
    </message>
    <message>
      <source>At each of the two places measure square from the center string to both outer ones.</source>
      <translation>An jeder der beiden Stellen rechtwinklig von der Mittelschnur zu beiden äußeren messen.</translation>
    </message>
    <message>
      <source>At hand</source>
      <translation>Zur Hand</translation>
    </message>
    <message>
      <source>At hub height at each end, or measure how high it is there.</source>
      <translation>An jedem Ende auf Nabenhöhe, oder messen, wie hoch sie dort ist.</translation>
    </message>
    <message>
      <source>Back</source>
      <translation>Zurück</translation>
    </message>
    <message>
      <source>Back to the job</source>
      <translation>Zurück zum Auftrag</translation>
    </message>
    <message>
      <source>Back to the sheet</source>
      <translation>Zurück zum Blatt</translation>
    </message>
    <message>
      <source>Ball joints and king pins</source>
      <translation>Kugelgelenke und Achsschenkelbolzen</translation>
    </message>
    <message>
      <source>Bars on the studs</source>
      <translation>Stangen an den Radbolzen</translation>
    </message>
    <message>
      <source>Before anything else</source>
      <translation>Vor allem anderen</translation>
    </message>
    <message>
      <source>Before anything is turned: what does the thread stand at?</source>
      <translation>Bevor etwas gedreht wird: Bei wie viel steht der Faden?</translation>
    </message>
    <message>
      <source>Before it is taken apart</source>
      <translation>Bevor es zerlegt wird</translation>
    </message>
    <message>
      <source>Before it is turned that far</source>
      <translation>Bevor so weit gedreht wird</translation>
    </message>
    <message>
      <source>Before it is undone</source>
      <translation>Bevor es gelöst wird</translation>
    </message>
    <message>
      <source>Before it moves: lock to lock once; nothing touches arch, hose or clamp bolt; both joints of each rod still tilt.</source>
      <translation>Bevor es sich bewegt: einmal von Anschlag zu Anschlag; nichts berührt Lenker, Schlauch oder Schellenschraube; beide Gelenke jeder Stange sind noch frei.</translation>
    </message>
    <message>
      <source>Before the shake the tires hold part of the turn back: who turns until the rule shows the last figure has gone too far.</source>
      <translation>Vor dem Rütteln halten die Reifen einen Teil der Drehung zurück: Wer dreht, bis der Maßstab den letzten Wert zeigt, ist zu weit gegangen.</translation>
    </message>
    <message>
      <source>Before, at round %1</source>
      <translation>Zuvor, in Runde %1</translation>
    </message>
    <message>
      <source>Begin the job  (Ctrl+Return)</source>
      <translation>Auftrag beginnen  (Strg+Eingabe)</translation>
    </message>
    <message>
      <source>Behind the axle, longer is toe in.</source>
      <translation>Hinter der Achse ist länger Vorspur.</translation>
    </message>
    <message>
      <source>Behind the car on each side, its window at hub height, on something that nobody kicks. Never look into the beam, and mind who else is in the room; read it on the rule, from the side.</source>
      <translation>Auf jeder Seite hinter dem Auto, sein Fenster auf Nabenhöhe, auf etwas, das niemand umstößt. Nie in den Strahl sehen, und achten, wer sonst im Raum ist; am Maßstab ablesen, von der Seite.</translation>
    </message>
    <message>
      <source>Being put in its place …</source>
      <translation>Wird an seine Stelle gesetzt …</translation>
    </message>
    <message>
      <source>Being written …</source>
      <translation>Wird geschrieben …</translation>
    </message>
    <message>
      <source>Believed and true</source>
      <translation>Geglaubt und wahr</translation>
    </message>
    <message>
      <source>Bent parts after a knock</source>
      <translation>Verbogene Teile nach einem Stoß</translation>
    </message>
    <message>
      <source>Beside a shop's sheets</source>
      <translation>Neben den Messblättern einer Werkstatt</translation>
    </message>
    <message>
      <source>Beside one's own</source>
      <translation>Neben den eigenen</translation>
    </message>
    <message>
      <source>Between the boards, ahead of the wheels: what does the tape show?</source>
      <translation>Zwischen den Brettern, vor den Rädern: was zeigt das Bandmaß?</translation>
    </message>
    <message>
      <source>Between the boards, behind the wheels: what does the tape show?</source>
      <translation>Zwischen den Brettern, hinter den Rädern: was zeigt das Bandmaß?</translation>
    </message>
    <message>
      <source>Between the wheels the larger distance at the rear is toe in.</source>
      <translation>Zwischen den Rädern ist der größere Abstand hinten Vorspur.</translation>
    </message>
    <message>
      <source>Big figures</source>
      <translation>Große Ziffern</translation>
    </message>
    <message>
      <source>Blocks that cannot roll or split, and nobody under the frame while it is moved on them.</source>
      <translation>Klötze, die nicht rollen oder splittern können, und niemand unter dem Rahmen, während er darauf bewegt wird.</translation>
    </message>
    <message>
      <source>Books, jobs, cars, sheets, readings (*.fairchalk *.db *.json *.csv);;All files (*)</source>
      <translation>Bücher, Aufträge, Autos, Messblätter, Ablesungen (*.fairchalk *.db *.json *.csv);;Alle Dateien (*)</translation>
    </message>
    <message>
      <source>Boots whole, locknuts tight, both joints free to tilt.</source>
      <translation>Manschetten ganz, Kontermuttern fest, beide Gelenke frei beweglich.</translation>
    </message>
    <message>
      <source>Boots whole, no grease lost, split pins in.</source>
      <translation>Manschetten ganz, kein Fett verloren, Splinte drin.</translation>
    </message>
    <message>
      <source>Both are off. What is set first?</source>
      <translation>Beides stimmt nicht. Was wird zuerst eingestellt?</translation>
    </message>
    <message>
      <source>Both bolts to the manual's torque; the plate seats as they are tightened.</source>
      <translation>Beide Schrauben mit dem Drehmoment des Handbuchs; die Platte setzt sich beim Anziehen.</translation>
    </message>
    <message>
      <source>Both bolts to the manual's torque; the stacks seat as they are tightened.</source>
      <translation>Beide Schrauben mit dem Drehmoment des Handbuchs; die Stapel setzen sich beim Anziehen.</translation>
    </message>
    <message>
      <source>Both edges: too little air, or it is driven hard round bends. No angle does that.</source>
      <translation>Beide Ränder: zu wenig Luft, oder es wird scharf durch Kurven gefahren. Das macht kein Winkel.</translation>
    </message>
    <message>
      <source>Both ends free to tilt, clamp bolts where nothing touches them, then tighten.</source>
      <translation>Beide Enden frei beweglich, die Schellenschrauben so, dass sie nirgends anstoßen, dann festziehen.</translation>
    </message>
    <message>
      <source>Both ends free to tilt, then the clamps.</source>
      <translation>Beide Enden frei beweglich, dann die Schellen.</translation>
    </message>
    <message>
      <source>Both front toes move together, and the wheel will not come back to straight.</source>
      <translation>Die Spur beider Vorderräder bewegt sich zusammen, und das Lenkrad kommt nicht wieder gerade.</translation>
    </message>
    <message>
      <source>Both joints free to tilt, then both locknuts.</source>
      <translation>Beide Gelenke frei beweglich, dann beide Kontermuttern.</translation>
    </message>
    <message>
      <source>Both joints of the arm free to tilt, then the locknuts.</source>
      <translation>Beide Gelenke des Lenkers frei beweglich, dann die Kontermuttern.</translation>
    </message>
    <message>
      <source>Both nuts against the bush, which is not twisted, to the manual's torque.</source>
      <translation>Beide Muttern gegen die Buchse, die nicht verdreht ist, mit dem Drehmoment des Handbuchs.</translation>
    </message>
    <message>
      <source>Both rods the same amount, one longer and one shorter: the total toe stays.</source>
      <translation>Beide Stangen um gleich viel, eine länger und eine kürzer: die Gesamtspur bleibt.</translation>
    </message>
    <message>
      <source>Both rods, equal and opposite</source>
      <translation>Beide Stangen, gleich und entgegengesetzt</translation>
    </message>
    <message>
      <source>Both washers of a bolt show the same mark.</source>
      <translation>Beide Scheiben einer Schraube zeigen dieselbe Marke.</translation>
    </message>
    <message>
      <source>Both wheels of a side against each other; with both sides, where the rear axle points.</source>
      <translation>Beide Räder einer Seite gegeneinander; mit beiden Seiten, wohin die Hinterachse zeigt.</translation>
    </message>
    <message>
      <source>Both wheels rolled a quarter of a turn on.</source>
      <translation>Beide Räder eine Vierteldrehung weitergerollt.</translation>
    </message>
    <message>
      <source>Both, then read again</source>
      <translation>Beide, dann neu ablesen</translation>
    </message>
    <message>
      <source>Bounced  F12</source>
      <translation>Eingefedert  F12</translation>
    </message>
    <message>
      <source>Brakes and bushes first; the angles may be right as they are.</source>
      <translation>Zuerst Bremsen und Buchsen; die Winkel können stimmen, wie sie sind.</translation>
    </message>
    <message>
      <source>Brask hillclimb special</source>
      <translation>Brask-Bergrennwagen</translation>
    </message>
    <message>
      <source>Bring all of it into this one</source>
      <translation>Alles daraus in dieses hereinholen</translation>
    </message>
    <message>
      <source>Bring in a job, readings, a car or a sheet …</source>
      <translation>Auftrag, Ablesungen, Auto oder Messblatt hereinholen …</translation>
    </message>
    <message>
      <source>Bring in all of another book …</source>
      <translation>Alles aus einem anderen Buch hereinholen …</translation>
    </message>
    <message>
      <source>Bring in another book</source>
      <translation>Ein anderes Buch hereinholen</translation>
    </message>
    <message>
      <source>Bring nothing in</source>
      <translation>Nichts hereinholen</translation>
    </message>
    <message>
      <source>Brought in: cars %1, jobs %2, entries %3.</source>
      <translation>Hereingeholt: Autos %1, Aufträge %2, Einträge %3.</translation>
    </message>
    <message>
      <source>Bubble, digital or hinged: one reading a wheel.</source>
      <translation>Libelle, digital oder klappbar: eine Ablesung je Rad.</translation>
    </message>
    <message>
      <source>Built from parts: nothing is near, and nothing has to settle.</source>
      <translation>Aus Teilen gebaut: Nichts ist nahe dran, und nichts muss sich setzen.</translation>
    </message>
    <message>
      <source>By all fourteen readings together: %1, then %2, each ±%3. Truly ⟨b⟩%4⟨/b⟩.</source>
      <translation>Aus allen vierzehn Ablesungen zusammen: %1, dann %2, je ±%3. In Wahrheit ⟨b⟩%4⟨/b⟩.</translation>
    </message>
    <message>
      <source>By hand, nobody under it. Press each end down some three times, let it come up by itself. After every jacking again.</source>
      <translation>Von Hand, niemand darunter. Jedes Ende etwa dreimal eindrücken, von selbst hochkommen lassen. Nach jedem Aufbocken wieder.</translation>
    </message>
    <message>
      <source>By rule or by counting turns of thread, the same way on both sides. The program says the difference in turns.</source>
      <translation>Mit dem Maßstab oder durch Zählen der Gänge, auf beiden Seiten gleich. Das Programm sagt den Unterschied in Umdrehungen.</translation>
    </message>
    <message>
      <source>By rule or tape, the same two points on each side.</source>
      <translation>Mit Maßstab oder Bandmaß, an jeder Seite dieselben zwei Punkte.</translation>
    </message>
    <message>
      <source>By the angles one edge should wear first ({0}). Either they are new, or the car is driven so that it evens out.</source>
      <translation>Nach den Winkeln müsste eine Kante zuerst verschleißen ({0}). Entweder sind sie neu, oder das Auto wird so gefahren, dass es sich ausgleicht.</translation>
    </message>
    <message>
      <source>By the angles the steering wheel sits {0} ±{1} on a straight road.</source>
      <translation>Nach den Winkeln steht das Lenkrad auf gerader Straße {0} ±{1}.</translation>
    </message>
    <message>
      <source>By the last test the tire holds back at most %1 here.</source>
      <translation>Nach der letzten Probe hält der Reifen hier höchstens %1 zurück.</translation>
    </message>
    <message>
      <source>By the log nothing is loose.</source>
      <translation>Nach dem Protokoll ist nichts lose.</translation>
    </message>
    <message>
      <source>By the plate's scale or floor marks: 18.5. By the steering wheel: 0.9 turns.</source>
      <translation>Nach der Skala der Platte oder Marken am Boden: 18,5. Nach dem Lenkrad: 0,9 Umdrehungen.</translation>
    </message>
    <message>
      <source>By these readings the %1 wheel leans out at the top when it is the outer one in a turn. Turn the steering and look: if it leans in, a sign is wrong, or out and in are swapped.</source>
      <translation>Nach diesen Ablesungen neigt sich das Rad %1 oben nach außen, wenn es kurvenaußen läuft. Einschlagen und hinsehen: Neigt es sich nach innen, ist ein Vorzeichen falsch, oder außen und innen sind vertauscht.</translation>
    </message>
    <message>
      <source>By what is it held? “Wheel holder”, “strap to the seat”, “clamps on the shaft”.</source>
      <translation>Wovon wird es gehalten? „Lenkradhalter“, „Gurt zum Sitz“, „Klemmen an der Welle“.</translation>
    </message>
    <message>
      <source>By where the tire wears or is hot. Caution: braking in a straight line gets longer with it.</source>
      <translation>Danach, wo der Reifen verschleißt oder heiß ist. Vorsicht: Der Bremsweg geradeaus wird damit länger.</translation>
    </message>
    <message>
      <source>Calendars (*.ics)</source>
      <translation>Kalender (*.ics)</translation>
    </message>
    <message>
      <source>Calm</source>
      <translation>Ruhig</translation>
    </message>
    <message>
      <source>Camber</source>
      <translation>Sturz</translation>
    </message>
    <message>
      <source>Camber and caster</source>
      <translation>Sturz und Nachlauf</translation>
    </message>
    <message>
      <source>Camber and caster matter after arms, struts, springs or a kerb.</source>
      <translation>Sturz und Nachlauf zählen nach Lenkern, Federbeinen, Federn oder einem Bordstein.</translation>
    </message>
    <message>
      <source>Camber and caster move by the play; the car will not hold what is set.</source>
      <translation>Sturz und Nachlauf bewegen sich um das Spiel; das Auto hält nicht, was eingestellt wird.</translation>
    </message>
    <message>
      <source>Camber and caster.</source>
      <translation>Sturz und Nachlauf.</translation>
    </message>
    <message>
      <source>Camber and caster. Where a line is spread to a sheet, only at the height at which it is read.</source>
      <translation>Sturz und Nachlauf. Wo die Linie zu einer Fläche gespreizt ist, nur auf der Höhe, auf der abgelesen wird.</translation>
    </message>
    <message>
      <source>Camber and toe change with every touch and every roll by as much as it rocks.</source>
      <translation>Sturz und Spur ändern sich bei jeder Berührung und jedem Rollen um das Spiel.</translation>
    </message>
    <message>
      <source>Camber at the ends of a sweep</source>
      <translation>Sturz an den Enden des Durchlenkens</translation>
    </message>
    <message>
      <source>Camber by slots moves the toe along; boards tell the total, and nothing of one wheel.</source>
      <translation>Sturz an Langlöchern nimmt die Spur mit; Bretter nennen die Summe und nichts von einem Rad.</translation>
    </message>
    <message>
      <source>Camber changed against the steering axis: compare the gap from rim to strut with the other side.</source>
      <translation>Der Sturz änderte sich gegen die Lenkachse: den Spalt von Felge zu Federbein mit der anderen Seite vergleichen.</translation>
    </message>
    <message>
      <source>Camber first</source>
      <translation>Zuerst den Sturz</translation>
    </message>
    <message>
      <source>Camber of each wheel, against gravity.</source>
      <translation>Sturz jedes Rades, gegen die Schwerkraft.</translation>
    </message>
    <message>
      <source>Camber off from one side to the other by a degree or more with the adjusters alike speaks for a bent part.</source>
      <translation>Sturz, der bei gleichen Einstellern zwischen den Seiten um ein Grad oder mehr abweicht, spricht für ein verbogenes Teil.</translation>
    </message>
    <message>
      <source>Camber on this wheel, left against right.</source>
      <translation>Sturz an diesem Rad, links gegen rechts.</translation>
    </message>
    <message>
      <source>Camber or toe; which, the angles would tell, and they are not known: a hand across the tread feels feathers where it is toe.</source>
      <translation>Sturz oder Spur; welches, sagten die Winkel, und sie sind nicht bekannt: Eine Hand quer über die Lauffläche fühlt Grate, wo es die Spur ist.</translation>
    </message>
    <message>
      <source>Camber spoils toe</source>
      <translation>Sturz verdirbt Spur</translation>
    </message>
    <message>
      <source>Camber wears an edge smoothly; toe wears it in feathers that a hand feels across the tread.</source>
      <translation>Sturz schleift eine Kante glatt ab; Spur in Graten, die eine Hand quer über die Lauffläche fühlt.</translation>
    </message>
    <message>
      <source>Camber went from %1 to %2, as meant. By your readings the toe went from %3 to ⟨b⟩%4⟨/b⟩, and nobody touched a rod.</source>
      <translation>Der Sturz ging von %1 auf %2, wie gewollt. Nach Ihren Ablesungen ging die Spur von %3 auf ⟨b⟩%4⟨/b⟩, und niemand rührte eine Stange an.</translation>
    </message>
    <message>
      <source>Cams marked before they are freed</source>
      <translation>Exzenter angezeichnet, bevor sie gelöst werden</translation>
    </message>
    <message>
      <source>Caps on, valves upright.</source>
      <translation>Kappen drauf, Ventile gerade.</translation>
    </message>
    <message>
      <source>Cars (*.json)</source>
      <translation>Autos (*.json)</translation>
    </message>
    <message>
      <source>Cars and jobs</source>
      <translation>Autos und Aufträge</translation>
    </message>
    <message>
      <source>Caster</source>
      <translation>Nachlauf</translation>
    </message>
    <message>
      <source>Caster by your readings %1 ±%2; truly ⟨b⟩%3⟨/b⟩.</source>
      <translation>Nachlauf nach Ihren Ablesungen %1 ±%2; in Wahrheit ⟨b⟩%3⟨/b⟩.</translation>
    </message>
    <message>
      <source>Caster gauge with its own scale</source>
      <translation>Nachlaufmesser mit eigener Skala</translation>
    </message>
    <message>
      <source>Caster is not seen on a wheel that stands straight; it shows as the wheel is turned.</source>
      <translation>Nachlauf ist an einem geraden Rad nicht zu sehen; er zeigt sich beim Lenken.</translation>
    </message>
    <message>
      <source>Caster of each front wheel, and the steering axis' inclination where the readings allow.</source>
      <translation>Nachlauf jedes Vorderrades, und die Spreizung der Lenkachse, wo die Ablesungen es erlauben.</translation>
    </message>
    <message>
      <source>Caster of each front wheel, from its two pivots.</source>
      <translation>Nachlauf jedes Vorderrades, aus seinen beiden Drehpunkten.</translation>
    </message>
    <message>
      <source>Caster of each front wheel.</source>
      <translation>Nachlauf jedes Vorderrades.</translation>
    </message>
    <message>
      <source>Caster of this wheel.</source>
      <translation>Nachlauf dieses Rades.</translation>
    </message>
    <message>
      <source>Caster, then camber, then toe</source>
      <translation>Nachlauf, dann Sturz, dann Spur</translation>
    </message>
    <message>
      <source>Caution: toe shows in the tread within weeks; look at it, and go back if it feathers.</source>
      <translation>Vorsicht: Spur zeigt sich binnen Wochen im Profil; ansehen und zurückgehen, wenn es Grate bekommt.</translation>
    </message>
    <message>
      <source>Chalk a mark across thread and nut</source>
      <translation>Einen Kreidestrich über Gewinde und Mutter</translation>
    </message>
    <message>
      <source>Changed on it, or about to be</source>
      <translation>Daran geändert, oder im Begriff</translation>
    </message>
    <message>
      <source>Chassis at its ride height on the blocks</source>
      <translation>Fahrgestell in Fahrhöhe auf den Klötzen</translation>
    </message>
    <message>
      <source>Chassis centerline</source>
      <translation>Mittellinie des Fahrgestells</translation>
    </message>
    <message>
      <source>Chassis on blocks</source>
      <translation>Fahrgestell auf Klötzen</translation>
    </message>
    <message>
      <source>Cheap, and large enough that a wheel stays on it while it is turned.</source>
      <translation>Billig, und groß genug, dass ein Rad beim Lenken darauf bleibt.</translation>
    </message>
    <message>
      <source>Cheap, flat, and good for years.</source>
      <translation>Billig, eben und gut für Jahre.</translation>
    </message>
    <message>
      <source>Check over</source>
      <translation>Durchsicht</translation>
    </message>
    <message>
      <source>Chock the wheels that stay on the ground; handbrake as the work needs.</source>
      <translation>Die Räder, die am Boden bleiben, verkeilen; Handbremse, wie die Arbeit es braucht.</translation>
    </message>
    <message>
      <source>Choose a file …</source>
      <translation>Datei wählen …</translation>
    </message>
    <message>
      <source>Choose a tool; Escape goes back. Nothing here is asked twice.</source>
      <translation>Ein Werkzeug wählen; Escape geht zurück. Nichts hier wird zweimal gefragt.</translation>
    </message>
    <message>
      <source>Choose how it is measured: point at a way, or say what you have.</source>
      <translation>Wählen Sie, wie gemessen wird: zeigen Sie auf einen Weg, oder sagen Sie, was Sie haben.</translation>
    </message>
    <message>
      <source>Choose the gauge's port, or type its path.</source>
      <translation>Den Anschluss des Winkelmessers wählen, oder seinen Pfad eingeben.</translation>
    </message>
    <message>
      <source>Clamp both bars together, mark the middle on both at once, and cut both notches in one go: that is what makes them alike, more than any rule.</source>
      <translation>Beide Stangen zusammenspannen, die Mitte auf beiden zugleich anzeichnen und beide Kerben in einem Zug schneiden: Das macht sie gleich, mehr als jeder Maßstab.</translation>
    </message>
    <message>
      <source>Clamps and rubbers whole, no oil in the boots.</source>
      <translation>Klemmen und Gummis ganz, kein Öl in den Manschetten.</translation>
    </message>
    <message>
      <source>Clean and oil what will be turned, while it is up</source>
      <translation>Reinigen und ölen, was gedreht wird, solange es oben ist</translation>
    </message>
    <message>
      <source>Clean both faces and fit them as they will be run; if they come off later, measure again.</source>
      <translation>Beide Flächen reinigen und montieren, wie gefahren wird; kommen sie später ab, neu messen.</translation>
    </message>
    <message>
      <source>Clip two arms to each rim, ahead of and behind the hub, at hub height, square to the rim.</source>
      <translation>An jede Felge zwei Arme klemmen, vor und hinter der Nabe, auf Nabenhöhe, rechtwinklig zur Felge.</translation>
    </message>
    <message>
      <source>Clockwise</source>
      <translation>Im Uhrzeigersinn</translation>
    </message>
    <message>
      <source>Close</source>
      <translation>Schließen</translation>
    </message>
    <message>
      <source>Column lock off and key in, before the wheel is turned or held; battery and airbag by the manual before a wheel comes off its shaft.</source>
      <translation>Lenkschloss offen und Schlüssel steckt, bevor das Lenkrad gedreht oder gehalten wird; Batterie und Airbag nach dem Handbuch, bevor ein Lenkrad von seiner Welle kommt.</translation>
    </message>
    <message>
      <source>Compare left with right: arm, strut, rod, knuckle, rim; cracked paint, a shiny edge.</source>
      <translation>Links mit rechts vergleichen: Lenker, Federbein, Stange, Achsschenkel, Felge; gerissener Lack, eine blanke Kante.</translation>
    </message>
    <message>
      <source>Contact and worn mounts move things without being noticed; what has not moved is worth knowing too.</source>
      <translation>Berührungen und verschlissene Lager bewegen etwas, ohne dass man es merkt; was sich nicht bewegt hat, ist auch wissenswert.</translation>
    </message>
    <message>
      <source>Copies</source>
      <translation>Kopien</translation>
    </message>
    <message>
      <source>Copies of the book, made by themselves each day, and one more wherever you want it.</source>
      <translation>Kopien des Buches, jeden Tag von selbst gemacht, und eine mehr, wo immer Sie wollen.</translation>
    </message>
    <message>
      <source>Copies of this book</source>
      <translation>Kopien dieses Buches</translation>
    </message>
    <message>
      <source>Count and note the shims at each bolt, or mark the cams; paint across each washer.</source>
      <translation>Beilagen an jeder Schraube zählen und notieren, oder die Exzenter anzeichnen; Farbe über jede Scheibe.</translation>
    </message>
    <message>
      <source>Count the turns from lock to lock and go back half; or the mark on the pinion; or the drop arm parallel to the centerline. Clamp the shaft.</source>
      <translation>Die Umdrehungen von Anschlag zu Anschlag zählen und halb zurückgehen; oder die Marke am Ritzel; oder der Lenkstockhebel parallel zur Mittellinie. Die Welle festklemmen.</translation>
    </message>
    <message>
      <source>Counted: %1. Now what the rule shows.</source>
      <translation>Gezählt: %1. Nun, was der Maßstab zeigt.</translation>
    </message>
    <message>
      <source>Counterclockwise</source>
      <translation>Gegen den Uhrzeigersinn</translation>
    </message>
    <message>
      <source>Ctrl Enter</source>
      <translation>Strg Eingabe</translation>
    </message>
    <message>
      <source>Ctrl and Enter end, accept or strike: those keys mean nothing else.</source>
      <translation>Strg und Eingabe beenden, nehmen hin oder streichen: Diese Tasten bedeuten sonst nichts.</translation>
    </message>
    <message>
      <source>Ctrl and Enter show the truth and end the practice; Escape goes on with it.</source>
      <translation>Strg und Eingabe zeigen die Wahrheit und beenden die Übung; Escape geht damit weiter.</translation>
    </message>
    <message>
      <source>Ctrl+K: read and understood.</source>
      <translation>Strg+K: gelesen und verstanden.</translation>
    </message>
    <message>
      <source>Ctrl+L adds what is loosened, taken off or left for later, wherever you are.</source>
      <translation>Strg+L nimmt auf, was gelöst, abgenommen oder aufgeschoben ist, wo immer Sie sind.</translation>
    </message>
    <message>
      <source>Ctrl+N</source>
      <translation>Strg+N</translation>
    </message>
    <message>
      <source>Ctrl+P prints it. The same as a file: fairchalk-cli report.</source>
      <translation>Strg+P druckt es. Dasselbe als Datei: fairchalk-cli report.</translation>
    </message>
    <message>
      <source>Ctrl+R ends the practice and shows the truth.</source>
      <translation>Strg+R beendet die Übung und zeigt die Wahrheit.</translation>
    </message>
    <message>
      <source>Ctrl+S</source>
      <translation>Strg+S</translation>
    </message>
    <message>
      <source>Ctrl+T</source>
      <translation>Strg+T</translation>
    </message>
    <message>
      <source>Ctrl+Z undoes; what shows as kept is on the disk.</source>
      <translation>Strg+Z macht rückgängig; was als gesichert erscheint, ist auf der Platte.</translation>
    </message>
    <message>
      <source>Del  clears; empty: takes back</source>
      <translation>Entf  leert; leer: nimmt zurück</translation>
    </message>
    <message>
      <source>Dented lips, a floor that tilts, wheels that settle: the usual garage.</source>
      <translation>Dellen in den Rändern, ein schiefer Boden, Räder, die sich setzen: die übliche Werkstatt.</translation>
    </message>
    <message>
      <source>Dents in the lip, weights or burrs where the rule will touch.</source>
      <translation>Dellen im Rand, Gewichte oder Grate, wo der Maßstab anliegt.</translation>
    </message>
    <message>
      <source>Depth or temperature at three places of each tread. The pattern stands beside what the angles say, and says whether they agree.</source>
      <translation>Tiefe oder Temperatur an drei Stellen jeder Lauffläche. Das Muster steht neben dem, was die Winkel sagen, und ob beide übereinstimmen.</translation>
    </message>
    <message>
      <source>Depths instead</source>
      <translation>Stattdessen Tiefen</translation>
    </message>
    <message>
      <source>Do the tires stick? A test …</source>
      <translation>Kleben die Reifen? Eine Probe …</translation>
    </message>
    <message>
      <source>Does it drift the other way then, it was a tire; the angles have nothing to explain.</source>
      <translation>Zieht es dann zur anderen Seite, war es ein Reifen; die Winkel haben nichts zu erklären.</translation>
    </message>
    <message>
      <source>Does not tell</source>
      <translation>Sagt nicht</translation>
    </message>
    <message>
      <source>Down; roll it a car's length and back, bounce each end</source>
      <translation>Herunter; eine Wagenlänge rollen und zurück, jedes Ende einfedern</translation>
    </message>
    <message>
      <source>Drag across the drawing, or ← →   ·   ↑ ↓ another word   ·   Esc back</source>
      <translation>Quer über die Zeichnung ziehen, oder ← →   ·   ↑ ↓ anderes Wort   ·   Esc zurück</translation>
    </message>
    <message>
      <source>Drag across, or ← and →: %1</source>
      <translation>Quer ziehen, oder ← und →: %1</translation>
    </message>
    <message>
      <source>Drifts</source>
      <translation>Wandert</translation>
    </message>
    <message>
      <source>Drifts left</source>
      <translation>Zieht nach links</translation>
    </message>
    <message>
      <source>Drifts right</source>
      <translation>Zieht nach rechts</translation>
    </message>
    <message>
      <source>Drive</source>
      <translation>Fahren</translation>
    </message>
    <message>
      <source>Drive it</source>
      <translation>Fahren</translation>
    </message>
    <message>
      <source>Drive, and say what it did</source>
      <translation>Fahren, und sagen, was es getan hat</translation>
    </message>
    <message>
      <source>Drive: straight, light hands, a flat road</source>
      <translation>Fahren: geradeaus, leichte Hände, eine ebene Straße</translation>
    </message>
    <message>
      <source>Driven</source>
      <translation>Gefahren</translation>
    </message>
    <message>
      <source>Driven rears want the fronts slightly in, driven fronts slightly out</source>
      <translation>Bei Heckantrieb vorn leicht Vorspur, bei Frontantrieb leicht Nachspur</translation>
    </message>
    <message>
      <source>Driven: {0}</source>
      <translation>Gefahren: {0}</translation>
    </message>
    <message>
      <source>Each angle has its figure at one height only.</source>
      <translation>Jeder Winkel hat seinen Wert nur in einer Höhe.</translation>
    </message>
    <message>
      <source>Each gauge hangs on the left front wheel. Type what it shows, with its sign, then say which way the wheel's top leans: negative is in, toward the car.</source>
      <translation>Jeder Winkelmesser hängt am linken Vorderrad. Tippen Sie mit Vorzeichen, was er zeigt, und sagen Sie dann, wohin das Rad oben neigt: negativ ist nach innen, zum Auto.</translation>
    </message>
    <message>
      <source>Each holds at once. Esc goes back.</source>
      <translation>Jede gilt sofort. Esc geht zurück.</translation>
    </message>
    <message>
      <source>Each is ticked off on the Drive stage; none may be left when the car moves.</source>
      <translation>Jedes wird beim Schritt Fahren abgehakt; keines darf bleiben, wenn das Auto sich bewegt.</translation>
    </message>
    <message>
      <source>Each length is typed where it lies on the drawing; what is not known stays empty. What to aim at is typed in the terms of the car's manual, which comes first.</source>
      <translation>Jede Länge wird eingegeben, wo sie auf der Zeichnung liegt; was nicht bekannt ist, bleibt leer. Das Ziel wird in den Begriffen des Handbuchs eingegeben, das vorgeht.</translation>
    </message>
    <message>
      <source>Each moves the next more than it is moved by it, so nothing is set twice where every step is measured by itself.</source>
      <translation>Jedes bewegt das Nächste mehr, als es von ihm bewegt wird, so dass nichts zweimal eingestellt wird, wo jeder Schritt für sich gemessen wird.</translation>
    </message>
    <message>
      <source>Each nut where it sits: held, tightened to the manual's torque, marked. What locking moves is read afterwards.</source>
      <translation>Jede Mutter, wo sie sitzt: gehalten, mit dem Drehmoment des Handbuchs angezogen, angezeichnet. Was das Festziehen bewegt, wird danach abgelesen.</translation>
    </message>
    <message>
      <source>Each spot read %1 times would do.</source>
      <translation>Jede Stelle %1-mal abgelesen genügte.</translation>
    </message>
    <message>
      <source>Each spot within</source>
      <translation>Jede Stelle auf</translation>
    </message>
    <message>
      <source>Each to the manual's torque, with the wheel off the ground or just touching.</source>
      <translation>Jede mit dem Drehmoment des Handbuchs, das Rad in der Luft oder eben berührend.</translation>
    </message>
    <message>
      <source>Each way is played to its end on %1 cars with this card …</source>
      <translation>Jede Art wird an %1 Autos mit dieser Karte zu Ende gespielt …</translation>
    </message>
    <message>
      <source>End for end</source>
      <translation>Umgedreht</translation>
    </message>
    <message>
      <source>End the practice: the truth</source>
      <translation>Die Übung beenden: die Wahrheit</translation>
    </message>
    <message>
      <source>End this practice?</source>
      <translation>Diese Übung beenden?</translation>
    </message>
    <message>
      <source>Engine running only with the doors open or the exhaust led out.</source>
      <translation>Motor nur laufen lassen, wenn die Tore offen sind oder das Abgas hinausgeführt wird.</translation>
    </message>
    <message>
      <source>Enough of it has to stay engaged: the manual says how much, or once the thread's own diameter at the least.</source>
      <translation>Genug davon muss im Eingriff bleiben: das Handbuch sagt, wie viel, oder mindestens einmal der Durchmesser des Gewindes.</translation>
    </message>
    <message>
      <source>Enter</source>
      <translation>Eingabe</translation>
    </message>
    <message>
      <source>Enter keeps it</source>
      <translation>Eingabe sichert es</translation>
    </message>
    <message>
      <source>Enter keeps it as %1; it shows until it is refitted.</source>
      <translation>Eingabe sichert es als %1; es erscheint, bis es wieder angebaut ist.</translation>
    </message>
    <message>
      <source>Enter keeps what is on the line; on an empty line it goes on, where that is offered.</source>
      <translation>Eingabe sichert, was auf der Zeile steht; auf leerer Zeile geht sie weiter, wo das angeboten wird.</translation>
    </message>
    <message>
      <source>Enter with nothing typed goes on: only what the next step needs is asked for again.</source>
      <translation>Eingabe auf leerer Zeile geht weiter: Nur was der nächste Schritt braucht, wird noch einmal gefragt.</translation>
    </message>
    <message>
      <source>Enter: it can't be turned; the rest is planned without it.</source>
      <translation>Eingabe: Es lässt sich nicht drehen; das Übrige wird ohne es geplant.</translation>
    </message>
    <message>
      <source>Enter: refitted, tight</source>
      <translation>Eingabe: wieder angebaut, fest</translation>
    </message>
    <message>
      <source>Enter: what hangs on the wall</source>
      <translation>Eingabe: was an der Wand hängt</translation>
    </message>
    <message>
      <source>Equal blocks under all four wheels</source>
      <translation>Gleiche Klötze unter allen vier Rädern</translation>
    </message>
    <message>
      <source>Equal lock both ways, and the box where it has least play; the wheel is refitted straight afterwards. Right where the wheel can be moved on its splines.</source>
      <translation>Gleicher Einschlag nach beiden Seiten, und das Getriebe, wo es am wenigsten Spiel hat; das Lenkrad wird danach gerade aufgesteckt. Recht, wo das Lenkrad auf seinen Zähnen versetzt werden kann.</translation>
    </message>
    <message>
      <source>Escape</source>
      <translation>Escape</translation>
    </message>
    <message>
      <source>Escape clears the line, leaves a question, goes back.</source>
      <translation>Escape leert die Zeile, verlässt eine Frage, geht zurück.</translation>
    </message>
    <message>
      <source>Escape or another tool leaves this as it was.</source>
      <translation>Escape oder ein anderes Werkzeug ließ dies, wie es war.</translation>
    </message>
    <message>
      <source>Every angle moves when the car is rolled or braked.</source>
      <translation>Jeder Winkel bewegt sich, wenn das Auto gerollt oder gebremst wird.</translation>
    </message>
    <message>
      <source>Every angle moves with ride height; toe most, since rod and arm swing on other circles.</source>
      <translation>Jeder Winkel bewegt sich mit der Fahrhöhe; die Spur am meisten, weil Stange und Lenker auf verschiedenen Kreisen schwingen.</translation>
    </message>
    <message>
      <source>Every nut present, seated, and of the right seat for this rim.</source>
      <translation>Jede Mutter da, angelegt und mit dem richtigen Sitz für diese Felge.</translation>
    </message>
    <message>
      <source>Every spot of this round has been read.</source>
      <translation>Jede Stelle dieser Runde ist abgelesen.</translation>
    </message>
    <message>
      <source>Every spot of this round is read. Page Up goes back to one, to read it again.</source>
      <translation>Jede Stelle dieser Runde ist abgelesen. Bild auf geht zu einer zurück, um sie neu abzulesen.</translation>
    </message>
    <message>
      <source>Everything larger</source>
      <translation>Alles größer</translation>
    </message>
    <message>
      <source>Everything smaller</source>
      <translation>Alles kleiner</translation>
    </message>
    <message>
      <source>Everywhere</source>
      <translation>Überall</translation>
    </message>
    <message>
      <source>Exhaust gas kills without a smell.</source>
      <translation>Abgas tötet, ohne zu riechen.</translation>
    </message>
    <message>
      <source>Expected of the turn, not read yet</source>
      <translation>Von der Drehung erwartet, noch nicht abgelesen</translation>
    </message>
    <message>
      <source>Eyes on the road: look once, stop, then type; or a passenger reads.</source>
      <translation>Augen auf die Straße: einmal hinsehen, anhalten, dann eingeben; oder ein Beifahrer liest ab.</translation>
    </message>
    <message>
      <source>F1 help · Ctrl O book</source>
      <translation>F1 Hilfe · Strg O Buch</translation>
    </message>
    <message>
      <source>F2 good, F3 failed or F4 keeps it with the note</source>
      <translation>F2 gut, F3 mangelhaft oder F4 sichert es mit der Notiz</translation>
    </message>
    <message>
      <source>F2 it is good, F3 it failed, F4 it is not on this car; words are kept as a note.</source>
      <translation>F2 es ist gut, F3 es ist mangelhaft, F4 gibt es an diesem Auto nicht; Worte bleiben als Notiz.</translation>
    </message>
    <message>
      <source>F8 big figures</source>
      <translation>F8 große Ziffern</translation>
    </message>
    <message>
      <source>Failed</source>
      <translation>Mangelhaft</translation>
    </message>
    <message>
      <source>Failed the check-over: {0}</source>
      <translation>Bei der Durchsicht mangelhaft: {0}</translation>
    </message>
    <message>
      <source>Fair Chalk</source>
      <translation>Fair Chalk</translation>
    </message>
    <message>
      <source>Fair Chalk %1: wheel angles from readings by hand.

The vehicle's manual, local rules and qualified technicians come first. It comes without any warranty.

Free software under the GNU General Public License, version 3 or later.
With Qt %2 (LGPL 3), QCustomPlot (GPL 3), Ceres Solver (BSD), Eigen (MPL 2), SQLite (public domain), SQLiteCpp, JSON for Modern C++ and CLI11 (MIT, BSD), and the type B612 (OFL 1.1).</source>
      <translation>Fair Chalk %1: Radwinkel aus Ablesungen von Hand.

Das Handbuch des Fahrzeugs, örtliche Vorschriften und Fachkräfte gehen vor. Es kommt ohne jede Gewährleistung.

Freie Software unter der GNU General Public License, Version 3 oder später.
Mit Qt %2 (LGPL 3), QCustomPlot (GPL 3), Ceres Solver (BSD), Eigen (MPL 2), SQLite (gemeinfrei), SQLiteCpp, JSON for Modern C++ und CLI11 (MIT, BSD), und der Schrift B612 (OFL 1.1).</translation>
    </message>
    <message>
      <source>Fair Chalk speaks.</source>
      <translation>Fair Chalk spricht.</translation>
    </message>
    <message>
      <source>Feathers: half a degree of total toe or more. Smooth: two degrees of camber or more for the use.</source>
      <translation>Grate: ein halbes Grad Gesamtspur oder mehr. Glatt: für den Gebrauch zwei Grad Sturz oder mehr.</translation>
    </message>
    <message>
      <source>Find the wrong reading</source>
      <translation>Die falsche Ablesung finden</translation>
    </message>
    <message>
      <source>First off: the steering damper, and what else is bolted to it (loose list). Then free both clamps; nuts in their place loosen opposite ways.</source>
      <translation>Zuerst ab: der Lenkungsdämpfer und was sonst daran geschraubt ist (Liste des Losen). Dann beide Schellen lösen; Muttern an ihrer Stelle lösen sich gegensinnig.</translation>
    </message>
    <message>
      <source>First off: the steering damper, where it is bolted to it (loose list). Then free its clamps; nuts in their place loosen opposite ways.</source>
      <translation>Zuerst ab: der Lenkungsdämpfer, wo er daran geschraubt ist (Liste des Losen). Dann ihre Schellen lösen; Muttern an ihrer Stelle lösen sich gegensinnig.</translation>
    </message>
    <message>
      <source>First read again, then turn</source>
      <translation>Zuerst neu ablesen, dann drehen</translation>
    </message>
    <message>
      <source>First read, then turn</source>
      <translation>Zuerst ablesen, dann drehen</translation>
    </message>
    <message>
      <source>First the drive, then turn</source>
      <translation>Erst die Fahrt, dann drehen</translation>
    </message>
    <message>
      <source>First the thread, then turn</source>
      <translation>Erst das Gewinde, dann drehen</translation>
    </message>
    <message>
      <source>Flat enough</source>
      <translation>Eben genug</translation>
    </message>
    <message>
      <source>Floor</source>
      <translation>Boden</translation>
    </message>
    <message>
      <source>For a toe in mm or inches: over what span it is stated</source>
      <translation>Für eine Spur in mm oder Zoll: über welche Spanne sie gilt</translation>
    </message>
    <message>
      <source>For it, {0} comes to {1} instead of {2}.</source>
      <translation>Dafür kommt {0} auf {1} statt {2}.</translation>
    </message>
    <message>
      <source>Found, and put back</source>
      <translation>Vorgefunden und wiederhergestellt</translation>
    </message>
    <message>
      <source>Four wheels to set, camber and caster by shims from a tin, and a longer rod ahead of the axle toes out.</source>
      <translation>Vier Räder einzustellen, Sturz und Nachlauf mit Beilagen aus einer Dose, und eine längere Stange vor der Achse macht Nachspur.</translation>
    </message>
    <message>
      <source>Fractions, a thread that goes the other way, and cams that do most near their middle.</source>
      <translation>Brüche, ein Gewinde andersherum, und Exzenter, die nahe ihrer Mitte am meisten tun.</translation>
    </message>
    <message>
      <source>Free both locknuts, or clamps: the nut on the left-hand thread loosens the other way, clockwise.</source>
      <translation>Beide Kontermuttern oder Schellen lösen: Die Mutter am Linksgewinde löst sich anders herum, im Uhrzeigersinn.</translation>
    </message>
    <message>
      <source>Free it while the car is up, before the strings are. Keep the engagement the manual asks for.</source>
      <translation>Gängig machen, solange das Auto oben ist, vor den Schnüren. Den Eingriff lassen, den das Handbuch verlangt.</translation>
    </message>
    <message>
      <source>Free the adjusters while it is up, roll it on, bounce it: then the steering (Ctrl+4).</source>
      <translation>Die Einsteller lösen, solange es oben ist, herunterrollen, einfedern: dann die Lenkung (Strg+4).</translation>
    </message>
    <message>
      <source>Free the adjusters while the car is still up</source>
      <translation>Die Einsteller lösen, solange das Auto noch oben ist</translation>
    </message>
    <message>
      <source>Free the clip, put it on the loose list, refit it when all is locked.</source>
      <translation>Die Schelle lösen, auf die Liste des Losen setzen, wieder anbauen, wenn alles gesichert ist.</translation>
    </message>
    <message>
      <source>Free the locknut; the rod end stays level.</source>
      <translation>Die Kontermutter lösen; der Stangenkopf bleibt waagerecht.</translation>
    </message>
    <message>
      <source>Free the locknuts at both ends: the one on the left-hand thread loosens the other way, clockwise.</source>
      <translation>Die Kontermuttern an beiden Enden lösen: Die am Linksgewinde löst sich anders herum, im Uhrzeigersinn.</translation>
    </message>
    <message>
      <source>Free the rubber boot so that it does not twist. </source>
      <translation>Die Gummimanschette lösen, damit sie sich nicht verdreht. </translation>
    </message>
    <message>
      <source>Friday night</source>
      <translation>Freitagabend</translation>
    </message>
    <message>
      <source>From a fixed stand to the lip at hub height, then half a turn on and again at the same place. The program does the sum.</source>
      <translation>Von einem festen Ständer zum Rand auf Nabenhöhe, dann eine halbe Drehung weiter und wieder an derselben Stelle. Das Programm rechnet.</translation>
    </message>
    <message>
      <source>From a string outside the wheel, the larger distance is at the edge that points to the car's middle. Between two wheels it is the other way round.</source>
      <translation>Von einer Schnur außen am Rad ist der größere Abstand an dem Rand, der zur Mitte des Autos zeigt. Zwischen zwei Rädern ist es umgekehrt.</translation>
    </message>
    <message>
      <source>From a string outside, more at the front edge is toe in. Whether the rod runs ahead or behind, its arm and its pitch need not be known.</source>
      <translation>Von einer Schnur außen ist mehr am vorderen Rand Vorspur. Ob die Stange vor oder hinter der Achse läuft, ihr Hebel und ihre Steigung müssen nicht bekannt sein.</translation>
    </message>
    <message>
      <source>From a string outside, the larger distance is at the edge that points to the middle.</source>
      <translation>Von einer Schnur außen ist der größere Abstand an dem Rand, der zur Mitte zeigt.</translation>
    </message>
    <message>
      <source>From either stop ⟨b⟩%1⟨/b⟩ back.</source>
      <translation>Von jedem Anschlag ⟨b⟩%1⟨/b⟩ zurück.</translation>
    </message>
    <message>
      <source>From spot to spot once round: how much higher the next one is. The last leg closes the ring and shows a mistake.</source>
      <translation>Einmal rundum von Stelle zu Stelle: wie viel höher die nächste ist. Die letzte Strecke schließt den Ring und zeigt ein Versehen.</translation>
    </message>
    <message>
      <source>From the center string square out to the outer one, so far ahead of the rear axle.</source>
      <translation>Von der Mittelschnur rechtwinklig hinaus zur äußeren, so weit vor der Hinterachse.</translation>
    </message>
    <message>
      <source>From the locknut to the end of the thread, or a count like “14 threads” where the pitch is on the card.</source>
      <translation>Von der Kontermutter bis zum Ende des Gewindes, oder eine Zählung wie „14 Gänge“, wenn die Steigung auf der Karte steht.</translation>
    </message>
    <message>
      <source>From the manual only; they show at the loose list.</source>
      <translation>Nur aus dem Handbuch; sie stehen bei der Liste des Losen.</translation>
    </message>
    <message>
      <source>From the plumb line in to the lower lip of the {0} wheel.</source>
      <translation>Von der Lotschnur hinein zum unteren Rand des Rades {0}.</translation>
    </message>
    <message>
      <source>From the plumb line in to the upper lip of the {0} wheel.</source>
      <translation>Von der Lotschnur hinein zum oberen Rand des Rades {0}.</translation>
    </message>
    <message>
      <source>From the seat, and from above</source>
      <translation>Vom Sitz aus, und von oben</translation>
    </message>
    <message>
      <source>From the straightedge to the back lip of the {0} wheel, square to the bar.</source>
      <translation>Von der Richtlatte zum hinteren Rand des Rades {0}, rechtwinklig zur Latte.</translation>
    </message>
    <message>
      <source>From the straightedge to the front lip of the {0} wheel, square to the bar.</source>
      <translation>Von der Richtlatte zum vorderen Rand des Rades {0}, rechtwinklig zur Latte.</translation>
    </message>
    <message>
      <source>Front axle</source>
      <translation>Vorderachse</translation>
    </message>
    <message>
      <source>Front bar, ahead of the hubs</source>
      <translation>Vordere Stange, vor den Naben</translation>
    </message>
    <message>
      <source>Front is up, as the driver sits. Steering parts are safety-critical: locknuts to the manual's torque, thread engaged as far as it asks.</source>
      <translation>Vorn ist oben, wie der Fahrer sitzt. Lenkungsteile sind sicherheitswichtig: Kontermuttern mit dem Drehmoment des Handbuchs, Gewinde so weit im Eingriff, wie es verlangt.</translation>
    </message>
    <message>
      <source>Front rim span, between the two lips that are read</source>
      <translation>Felgenspanne vorn, zwischen den abgelesenen Rändern</translation>
    </message>
    <message>
      <source>Front rim, lip to lip</source>
      <translation>Vorderfelge, Rand zu Rand</translation>
    </message>
    <message>
      <source>Front toe to aim at</source>
      <translation>Ziel für die Spur vorn</translation>
    </message>
    <message>
      <source>Front toe, as</source>
      <translation>Spur vorn, als</translation>
    </message>
    <message>
      <source>Front wheels off the rear axle's line: now %1, after %2. The steering wheel comes out straight with it.</source>
      <translation>Vorderräder gegen die Linie der Hinterachse: jetzt %1, danach %2. Damit steht das Lenkrad gerade.</translation>
    </message>
    <message>
      <source>Front wheels on turn plates or slip plates, handbrake on, brake pedal held down, so that the wheel does not roll while it is turned.</source>
      <translation>Vorderräder auf Drehplatten oder Gleitplatten, Handbremse an, Bremspedal getreten, damit das Rad beim Lenken nicht rollt.</translation>
    </message>
    <message>
      <source>Front wheels on turn plates or slip plates, handbrake on, brake pedal held down, so that the wheel does not roll while it is turned. Strings far enough out not to be hit.</source>
      <translation>Vorderräder auf Drehplatten oder Gleitplatten, Handbremse an, Bremspedal getreten, damit das Rad beim Lenken nicht rollt. Schnüre so weit außen, dass sie nicht getroffen werden.</translation>
    </message>
    <message>
      <source>Front wheels on turn plates or slip plates, handbrake on, brake pedal held down. Strings far enough out not to be hit.</source>
      <translation>Vorderräder auf Drehplatten oder Gleitplatten, Handbremse an, Bremspedal getreten. Schnüre so weit außen, dass sie nicht getroffen werden.</translation>
    </message>
    <message>
      <source>Fuel, driver or ballast, tools and spare wheel as the manual's figure assumes them.</source>
      <translation>Kraftstoff, Fahrer oder Ballast, Werkzeug und Reserverad, wie der Wert des Handbuchs sie annimmt.</translation>
    </message>
    <message>
      <source>Garage books (*.fairchalk *.db);;All files (*)</source>
      <translation>Werkstattbücher (*.fairchalk *.db);;Alle Dateien (*)</translation>
    </message>
    <message>
      <source>Gauge upright through the hub of the {0} wheel, on both lips, level along the car.</source>
      <translation>Winkelmesser senkrecht durch die Nabe des Rades {0}, an beiden Rändern, längs zum Auto waagerecht.</translation>
    </message>
    <message>
      <source>Gauge zeroed at one end</source>
      <translation>Winkelmesser, an einem Ende genullt</translation>
    </message>
    <message>
      <source>Gear middle</source>
      <translation>Mitte des Getriebes</translation>
    </message>
    <message>
      <source>Gear school: find the middle of the rack or box</source>
      <translation>Getriebelehre: die Mitte von Zahnstange oder Getriebe finden</translation>
    </message>
    <message>
      <source>Go on to %1 when all is said; it can be changed at any time.</source>
      <translation>Weiter zu %1, wenn alles gesagt ist; es kann jederzeit geändert werden.</translation>
    </message>
    <message>
      <source>Go on, until it shows {0}.</source>
      <translation>Weiter, bis es {0} zeigt.</translation>
    </message>
    <message>
      <source>Go on: %1</source>
      <translation>Weiter: %1</translation>
    </message>
    <message>
      <source>Go on: the car's card</source>
      <translation>Weiter: die Karte des Autos</translation>
    </message>
    <message>
      <source>Go on: the sheet</source>
      <translation>Weiter: das Blatt</translation>
    </message>
    <message>
      <source>Go round a car with a rule, strings or boards, and type what you read. The strings need not be square.
It says each wheel's angle with its ±, which reading is wrong, what to turn, how far and which way.
The vehicle's manual, local rules and qualified technicians come first.</source>
      <translation>Gehen Sie mit Maßstab, Schnüren oder Brettern um ein Auto, und geben Sie ein, was Sie ablesen. Die Schnüre müssen nicht rechtwinklig sein.
Es sagt den Winkel jedes Rades mit seinem ±, welche Ablesung falsch ist, was zu drehen ist, wie weit und wohin.
Das Handbuch des Fahrzeugs, örtliche Vorschriften und Fachkräfte gehen vor.</translation>
    </message>
    <message>
      <source>Go there</source>
      <translation>Dorthin</translation>
    </message>
    <message>
      <source>Go to the readings (Ctrl+6) and press the gauge's button at each spot.</source>
      <translation>Zu den Ablesungen gehen (Strg+6) und an jeder Stelle den Knopf des Winkelmessers drücken.</translation>
    </message>
    <message>
      <source>Go to the spot whose reading is wrong (Page Up, Page Down), then strike it out.</source>
      <translation>Zur Stelle gehen, deren Ablesung falsch ist (Bild auf, Bild ab), dann streichen.</translation>
    </message>
    <message>
      <source>Good</source>
      <translation>Gut</translation>
    </message>
    <message>
      <source>Good enough without reading (all inside: {0}). Read when there is time.</source>
      <translation>Gut genug ohne abzulesen (alle innerhalb: {0}). Ablesen, wenn Zeit ist.</translation>
    </message>
    <message>
      <source>H&amp;elp</source>
      <translation>Hil&amp;fe</translation>
    </message>
    <message>
      <source>Ha&amp;ppened</source>
      <translation>&amp;Geschehen</translation>
    </message>
    <message>
      <source>Half a millimetre at the lip is four minutes of toe: the eye is the first instrument.</source>
      <translation>Ein halber Millimeter am Rand sind vier Minuten Spur: Das Auge ist das erste Instrument.</translation>
    </message>
    <message>
      <source>Half a turn on</source>
      <translation>Eine halbe Drehung weiter</translation>
    </message>
    <message>
      <source>Half of the difference is the most that friction holds back while something is turned: the sheet then stops no further before its end. Page Down is another spot, Escape leaves it.</source>
      <translation>Der halbe Unterschied ist das Meiste, was Reibung beim Drehen zurückhält: Das Blatt lässt dann nicht weiter vor dem Ende anhalten. Bild ab ist eine andere Stelle, Escape verlässt es.</translation>
    </message>
    <message>
      <source>Half the difference is run-out, and run-out reads as toe.</source>
      <translation>Der halbe Unterschied ist der Schlag, und Schlag liest sich als Spur.</translation>
    </message>
    <message>
      <source>Hang a line past the upper and lower pivot, seen from the side. Read how far the upper one lies behind the lower one, fore and aft. The height between them is told once.</source>
      <translation>Eine Lotschnur an oberem und unterem Drehpunkt vorbei hängen, von der Seite gesehen. Ablesen, wie weit der obere längs hinter dem unteren liegt. Die Höhe zwischen ihnen wird einmal gesagt.</translation>
    </message>
    <message>
      <source>Hang it back</source>
      <translation>Wieder aufhängen</translation>
    </message>
    <message>
      <source>Hang the line from the fender just clear of the tire, past both lips of the rim. Damp the bob in a jar of oil.</source>
      <translation>Das Lot vom Kotflügel hängen, eben frei vom Reifen, an beiden Rändern der Felge vorbei. Das Gewicht in einem Glas Öl beruhigen.</translation>
    </message>
    <message>
      <source>Hard and flat; what levels the floor and what slides are one.</source>
      <translation>Hart und eben; was den Boden ausgleicht und was gleitet, ist eins.</translation>
    </message>
    <message>
      <source>Hardboard, smooth side down, with soap</source>
      <translation>Hartfaserplatte, glatte Seite nach unten, mit Seife</translation>
    </message>
    <message>
      <source>Having it would take {0} from {2} to {1}.</source>
      <translation>Dafür ginge {0} von {2} auf {1}.</translation>
    </message>
    <message>
      <source>Held by</source>
      <translation>Gehalten von</translation>
    </message>
    <message>
      <source>Held by a strap, a weight or a knee. Push each once and let go: it has to come back to the same place.</source>
      <translation>Gehalten mit Gurt, Gewicht oder Knie. Jedes einmal drücken und loslassen: Es muss an dieselbe Stelle zurückkommen.</translation>
    </message>
    <message>
      <source>Held straight by a holder, a strap or clamps, each front wheel is known by itself. Not held, only their total is.</source>
      <translation>Gerade gehalten, mit Halter, Gurt oder Klemmen, ist jedes Vorderrad für sich bekannt. Nicht gehalten, nur ihre Summe.</translation>
    </message>
    <message>
      <source>Help me square them</source>
      <translation>Hilf mir, sie rechtwinklig zu stellen</translation>
    </message>
    <message>
      <source>Hinged gauge</source>
      <translation>Klappbarer Winkelmesser</translation>
    </message>
    <message>
      <source>Hold it as for a reading, and push the wheel's lip a little away from the string. A rule from its own zero shows more; one whose numbers run inward shows less.</source>
      <translation>Wie zum Ablesen halten und den Rand des Rades ein wenig von der Schnur wegdrücken. Ein Maßstab mit eigenem Nullpunkt zeigt mehr; einer, dessen Zahlen nach innen laufen, weniger.</translation>
    </message>
    <message>
      <source>Hold it on the wheel as you will for readings. Type what it shows; then lean its top outward, away from the car, by a degree or more, and type that.</source>
      <translation>Am Rad halten, wie Sie es beim Ablesen tun. Eingeben, was er zeigt; dann oben um ein Grad oder mehr nach außen neigen, weg vom Auto, und das eingeben.</translation>
    </message>
    <message>
      <source>Hold it: what is not held creeps. Say by what.</source>
      <translation>Halten: Was nicht gehalten ist, wandert. Sagen, wovon.</translation>
    </message>
    <message>
      <source>Hold the head while the nut is tightened: it creeps.</source>
      <translation>Den Kopf halten, während die Mutter angezogen wird: Er wandert.</translation>
    </message>
    <message>
      <source>Hold the head while the nut is tightened: it creeps. Then the other bolt's nut; both to the manual's torque.</source>
      <translation>Den Kopf halten, während die Mutter angezogen wird: Er wandert. Dann die Mutter der anderen Schraube; beide mit dem Drehmoment des Handbuchs.</translation>
    </message>
    <message>
      <source>Hold the joint at its mark while the nuts are tightened.</source>
      <translation>Das Gelenk an seiner Marke halten, während die Muttern angezogen werden.</translation>
    </message>
    <message>
      <source>Hold the rule's zero end on the {1} of the {0} wheel, square to the string, and read it where the string crosses.</source>
      <translation>Das Nullende des Maßstabs am Rad {0} an die Stelle „{1}“ halten, rechtwinklig zur Schnur, und ablesen, wo die Schnur kreuzt.</translation>
    </message>
    <message>
      <source>Hold the upright at its mark while both nuts are tightened, to the manual's torque.</source>
      <translation>Den Radträger an seiner Marke halten, während beide Muttern mit dem Drehmoment des Handbuchs angezogen werden.</translation>
    </message>
    <message>
      <source>How I reach it …</source>
      <translation>Wie ich herankomme …</translation>
    </message>
    <message>
      <source>How deep is the tread: %1?</source>
      <translation>Wie tief ist das Profil: %1?</translation>
    </message>
    <message>
      <source>How do you reach what is turned?</source>
      <translation>Wie kommen Sie an das heran, was gedreht wird?</translation>
    </message>
    <message>
      <source>How does the wheel sit?</source>
      <translation>Wie steht das Lenkrad?</translation>
    </message>
    <message>
      <source>How each job found the car and left it, what happened between, what moved and why, and what its adjusters do. The line of days at the bottom of the drawing chooses a job.</source>
      <translation>Wie jeder Auftrag das Auto vorfand und zurückließ, was dazwischen geschah, was sich warum bewegte, und was seine Einsteller bewirken. Die Linie der Tage unten in der Zeichnung wählt einen Auftrag.</translation>
    </message>
    <message>
      <source>How far a wheel leans, seen from behind. It is below zero where the top leans in.</source>
      <translation>Wie weit sich ein Rad neigt, von hinten gesehen. Er liegt unter null, wo es sich oben nach innen neigt.</translation>
    </message>
    <message>
      <source>How far the steering axis leans back, seen from the side. Nobody sees that axis: but as the wheel is steered it changes the camber, and by that it is measured.</source>
      <translation>Wie weit sich die Lenkachse nach hinten neigt, von der Seite gesehen. Niemand sieht diese Achse: Aber beim Lenken ändert sie den Sturz, und daran wird sie gemessen.</translation>
    </message>
    <message>
      <source>How far the string is above hub height there; below is minus. With camber it matters.</source>
      <translation>Wie weit die Schnur dort über der Nabenhöhe liegt; darunter ist minus. Mit Sturz zählt das.</translation>
    </message>
    <message>
      <source>How far the truth may lie from the figure. It comes of the tool, the hand, the rims and how often a place was read.</source>
      <translation>Wie weit die Wahrheit vom Wert entfernt liegen kann. Es kommt vom Werkzeug, von der Hand, von den Felgen und davon, wie oft eine Stelle abgelesen wurde.</translation>
    </message>
    <message>
      <source>How far the upper pivot of the {0} upright lies behind the lower one; ahead is minus.</source>
      <translation>Wie weit am Radträger {0} der obere Drehpunkt hinter dem unteren liegt; davor ist minus.</translation>
    </message>
    <message>
      <source>How fast they wear, outer · middle · inner</source>
      <translation>Wie schnell sie verschleißen, außen · Mitte · innen</translation>
    </message>
    <message>
      <source>How it is set up</source>
      <translation>Wie es aufgebaut wird</translation>
    </message>
    <message>
      <source>How it shows</source>
      <translation>Wie es zeigt</translation>
    </message>
    <message>
      <source>How it was before it was taken apart, to be put back so.</source>
      <translation>Wie es war, bevor es zerlegt wurde, um es so wiederherzustellen.</translation>
    </message>
    <message>
      <source>How its tires wear</source>
      <translation>Wie seine Reifen verschleißen</translation>
    </message>
    <message>
      <source>How level the four wheels stand. Camber and caster are against gravity: an uneven floor is measured once and taken off.</source>
      <translation>Wie eben die vier Räder stehen. Sturz und Nachlauf gelten gegen die Schwerkraft: Ein unebener Boden wird einmal gemessen und abgezogen.</translation>
    </message>
    <message>
      <source>How many, how thick, at which bolt.</source>
      <translation>Wie viele, wie dick, an welcher Schraube.</translation>
    </message>
    <message>
      <source>How much more the front tape of the {0} shows than the rear one; less is minus.</source>
      <translation>Wie viel mehr das Bandmaß vorn zeigt als hinten ({0}); weniger ist minus.</translation>
    </message>
    <message>
      <source>How the body sits on the chassis.</source>
      <translation>Wie die Karosserie auf dem Fahrgestell sitzt.</translation>
    </message>
    <message>
      <source>How this axle is suspended is not on the card (Ctrl+I).</source>
      <translation>Wie diese Achse aufgehängt ist, steht nicht auf der Karte (Strg+I).</translation>
    </message>
    <message>
      <source>How this way of measuring is set up, step by step.</source>
      <translation>Wie diese Art zu messen aufgebaut wird, Schritt für Schritt.</translation>
    </message>
    <message>
      <source>How warm is it: %1?</source>
      <translation>Wie warm ist es: %1?</translation>
    </message>
    <message>
      <source>How well it reads</source>
      <translation>Wie gut es abliest</translation>
    </message>
    <message>
      <source>How will its toe be measured? It can be changed, and others added, later.</source>
      <translation>Wie wird seine Spur gemessen? Das kann später geändert und ergänzt werden.</translation>
    </message>
    <message>
      <source>Hub middle to arch lip, or as the card says, the same way at each corner, after rolling and bouncing.</source>
      <translation>Nabenmitte bis Radlaufkante, oder wie die Karte sagt, an jeder Ecke gleich, nach Rollen und Einfedern.</translation>
    </message>
    <message>
      <source>Hub to string alike in front and behind. Where the axles differ in width, half the difference more at the narrower one. It need not be exact: both are read, and the widths over the hubs do the rest.</source>
      <translation>Nabe bis Schnur vorn und hinten gleich. Wo die Achsen verschieden breit sind, an der schmaleren den halben Unterschied mehr. Es muss nicht genau sein: Beides wird abgelesen, und die Breiten über den Naben tun das Übrige.</translation>
    </message>
    <message>
      <source>Hub width</source>
      <translation>Nabenbreite</translation>
    </message>
    <message>
      <source>I have …</source>
      <translation>Ich habe …</translation>
    </message>
    <message>
      <source>I have: …</source>
      <translation>Ich habe: …</translation>
    </message>
    <message>
      <source>I turned …</source>
      <translation>Ich habe gedreht …</translation>
    </message>
    <message>
      <source>I would read this again</source>
      <translation>Das läse ich noch einmal ab</translation>
    </message>
    <message>
      <source>If it failed</source>
      <translation>Wenn es mangelhaft ist</translation>
    </message>
    <message>
      <source>If the string is believed: first %1, then %2.</source>
      <translation>Wird der Schnur geglaubt: zuerst %1, dann %2.</translation>
    </message>
    <message>
      <source>In or out decides which way everything is turned afterwards.</source>
      <translation>Vorspur oder Nachspur entscheidet, wie herum danach alles gedreht wird.</translation>
    </message>
    <message>
      <source>In the manual's own terms, with its tolerance; a car that has left standard asks whoever built it so. What follows is thinking, no figure for a real car.</source>
      <translation>In den Begriffen des Handbuchs, mit seiner Toleranz; ein Auto, das nicht mehr Serie ist, fragt den, der es so gebaut hat. Was folgt, ist Denken, kein Wert für ein echtes Auto.</translation>
    </message>
    <message>
      <source>In the manual's own terms: 0°08' in ±0°15', or 2 mm in ±1.5 mm over 416 mm, with total, each or half at the end. The manual comes before anything said here.</source>
      <translation>In den Begriffen des Handbuchs: 0°08' Vorspur ±0°15', oder 2 mm Vorspur ±1,5 mm über 416 mm, mit gesamt, je Rad oder halb am Ende. Das Handbuch geht allem vor, was hier steht.</translation>
    </message>
    <message>
      <source>In this order, the steering held. Stop there: the tires hold back a share until it is shaken.</source>
      <translation>In dieser Reihenfolge, die Lenkung gehalten. Dort anhalten: Die Reifen halten einen Teil zurück, bis gerüttelt wird.</translation>
    </message>
    <message>
      <source>In this order, then read again</source>
      <translation>In dieser Reihenfolge, dann neu ablesen</translation>
    </message>
    <message>
      <source>In which order?</source>
      <translation>In welcher Reihenfolge?</translation>
    </message>
    <message>
      <source>Inner and outer tie-rod ends</source>
      <translation>Innere und äußere Spurstangenköpfe</translation>
    </message>
    <message>
      <source>Inside</source>
      <translation>Innerhalb</translation>
    </message>
    <message>
      <source>Inward at the top is camber toward negative; rearward is caster.</source>
      <translation>Oben nach innen ist Sturz gegen Minus; nach hinten ist Nachlauf.</translation>
    </message>
    <message>
      <source>It comes further than one thinks.</source>
      <translation>Es kommt weiter, als man denkt.</translation>
    </message>
    <message>
      <source>It comes out at {0} ±{1}.</source>
      <translation>Es kommt auf {0} ±{1}.</translation>
    </message>
    <message>
      <source>It could be seen after %1.</source>
      <translation>Zu sehen war es nach %1.</translation>
    </message>
    <message>
      <source>It did something else …</source>
      <translation>Es tat etwas anderes …</translation>
    </message>
    <message>
      <source>It does not center itself</source>
      <translation>Es stellt sich nicht von selbst zurück</translation>
    </message>
    <message>
      <source>It does not turn itself: a nut on each side of its bush holds it. Keep count of the flats.</source>
      <translation>Sie dreht sich selbst nicht: Auf jeder Seite ihrer Buchse hält sie eine Mutter. Die Flächen mitzählen.</translation>
    </message>
    <message>
      <source>It fell</source>
      <translation>Sie wurde kleiner</translation>
    </message>
    <message>
      <source>It grew</source>
      <translation>Sie wurde größer</translation>
    </message>
    <message>
      <source>It has not moved</source>
      <translation>Es hat sich nicht bewegt</translation>
    </message>
    <message>
      <source>It has one seat, and moves no angle.</source>
      <translation>Es hat einen Sitz und bewegt keinen Winkel.</translation>
    </message>
    <message>
      <source>It has toed in</source>
      <translation>Es ging auf Vorspur</translation>
    </message>
    <message>
      <source>It has toed out</source>
      <translation>Es ging auf Nachspur</translation>
    </message>
    <message>
      <source>It hit a kerb or a hole</source>
      <translation>Es traf einen Bordstein oder ein Loch</translation>
    </message>
    <message>
      <source>It is %1 wider than high: not round, or one edge was another one. Measure it again.</source>
      <translation>Es ist %1 breiter als hoch: nicht rund, oder eine Kante war eine andere. Noch einmal messen.</translation>
    </message>
    <message>
      <source>It is also what you put back when something was taken apart.</source>
      <translation>Es ist auch, was Sie wiederherstellen, wenn etwas zerlegt wurde.</translation>
    </message>
    <message>
      <source>It is held</source>
      <translation>Sie ist gehalten</translation>
    </message>
    <message>
      <source>It is nervous, darts</source>
      <translation>Es ist nervös, springt seitwärts</translation>
    </message>
    <message>
      <source>It is not known which way this works: turn so much, shake the wheel loose, read, and it is. If it went the wrong way, it is turned back.</source>
      <translation>Es ist nicht bekannt, wie herum das wirkt: so viel drehen, das Rad frei schütteln, ablesen, dann ist es bekannt. Ging es falsch herum, wird zurückgedreht.</translation>
    </message>
    <message>
      <source>It is not on the card any more.</source>
      <translation>Das steht nicht mehr auf der Karte.</translation>
    </message>
    <message>
      <source>It is silent again (Ctrl+B).</source>
      <translation>Es schweigt wieder (Strg+B).</translation>
    </message>
    <message>
      <source>It is taken to show minus where the top leans in. The lean test in the drawer fixes that, once.</source>
      <translation>Angenommen wird, dass er Minus zeigt, wo die Oberkante nach innen steht. Die Neigeprobe in der Schublade klärt das, einmal.</translation>
    </message>
    <message>
      <source>It is undone</source>
      <translation>Es wird gelöst</translation>
    </message>
    <message>
      <source>It moved away: stop, the other way.</source>
      <translation>Es ging weg: Halt, anders herum.</translation>
    </message>
    <message>
      <source>It moved away: stop, the other way. It is to show {0}.</source>
      <translation>Es ging weg: Halt, anders herum. Es soll zeigen: {0}.</translation>
    </message>
    <message>
      <source>It moves its arm's outer joint forward or rearward: caster.</source>
      <translation>Sie bewegt das äußere Gelenk ihres Lenkers nach vorn oder hinten: Nachlauf.</translation>
    </message>
    <message>
      <source>It moves the inner end of the arm that sets toe: most near the middle of its travel, and not at all at its end.</source>
      <translation>Er bewegt das innere Ende des Lenkers, der die Spur stellt: nahe der Mitte seines Weges am meisten, an dessen Ende gar nicht.</translation>
    </message>
    <message>
      <source>It pulls only under brakes</source>
      <translation>Es zieht nur beim Bremsen</translation>
    </message>
    <message>
      <source>It pulls to one side</source>
      <translation>Es zieht zu einer Seite</translation>
    </message>
    <message>
      <source>It runs straight with the steering wheel %1 to the left. What brings it level?</source>
      <translation>Es läuft geradeaus mit dem Lenkrad %1 nach links. Was bringt es gerade?</translation>
    </message>
    <message>
      <source>It runs straight with the steering wheel %1 to the right. What brings it level?</source>
      <translation>Es läuft geradeaus mit dem Lenkrad %1 nach rechts. Was bringt es gerade?</translation>
    </message>
    <message>
      <source>It saves the second jacking, and with it a round of readings.</source>
      <translation>Das spart das zweite Aufbocken und damit eine Runde Ablesungen.</translation>
    </message>
    <message>
      <source>It shimmies or wobbles</source>
      <translation>Es flattert</translation>
    </message>
    <message>
      <source>It shows</source>
      <translation>Er zeigt</translation>
    </message>
    <message>
      <source>It speaks (Ctrl+B): the next spot, what was kept, what to turn.</source>
      <translation>Es spricht (Strg+B): die nächste Stelle, was gesichert wurde, was zu drehen ist.</translation>
    </message>
    <message>
      <source>It stands at the head of the book and on each record.</source>
      <translation>Er steht am Kopf des Buches und auf jedem Bericht.</translation>
    </message>
    <message>
      <source>It stayed: that is the rule</source>
      <translation>Es blieb: das ist der Maßstab</translation>
    </message>
    <message>
      <source>It stays done up</source>
      <translation>Es bleibt fest</translation>
    </message>
    <message>
      <source>It steers heavily</source>
      <translation>Es lenkt schwer</translation>
    </message>
    <message>
      <source>It stood at %1. The sheet says: stop at %2, shaken it then shows %3. What now?</source>
      <translation>Er stand bei %1. Das Blatt sagt: anhalten bei %2, gerüttelt zeigt es dann %3. Was nun?</translation>
    </message>
    <message>
      <source>It stood at %1; you said %2.</source>
      <translation>Er stand bei %1; Sie sagten %2.</translation>
    </message>
    <message>
      <source>It tells: %1 For that it needs:</source>
      <translation>Es sagt: %1 Dafür braucht es:</translation>
    </message>
    <message>
      <source>It tells: %1 Nothing of the car has to be measured for it.</source>
      <translation>Es sagt: %1 Vom Auto muss dafür nichts gemessen werden.</translation>
    </message>
    <message>
      <source>It turns both front wheels the same way: the steering wheel, not the toe.</source>
      <translation>Sie lenkt beide Vorderräder in dieselbe Richtung: das Lenkrad, nicht die Spur.</translation>
    </message>
    <message>
      <source>It wanders, follows ruts</source>
      <translation>Es schwimmt, läuft Rillen nach</translation>
    </message>
    <message>
      <source>It was %1</source>
      <translation>Es war %1</translation>
    </message>
    <message>
      <source>It was %1 since it settled: roll it and bounce it again.</source>
      <translation>%1, seit es sich gesetzt hat: noch einmal rollen und einfedern.</translation>
    </message>
    <message>
      <source>It was %1: roll it back and forth a car's length and bounce it (F11, F12).</source>
      <translation>%1: eine Wagenlänge vor und zurück rollen und einfedern (F11, F12).</translation>
    </message>
    <message>
      <source>It was bounced</source>
      <translation>Es wurde eingefedert</translation>
    </message>
    <message>
      <source>It was called good, and is %1 outside its band.</source>
      <translation>Es wurde gut genannt und liegt %1 außerhalb.</translation>
    </message>
    <message>
      <source>It was found for this suspension, these bushes, this tire.</source>
      <translation>Er wurde für diese Aufhängung, diese Buchsen, diesen Reifen gefunden.</translation>
    </message>
    <message>
      <source>It was jacked</source>
      <translation>Es wurde aufgebockt</translation>
    </message>
    <message>
      <source>It was not held</source>
      <translation>Sie war nicht gehalten</translation>
    </message>
    <message>
      <source>It was put right.</source>
      <translation>Es wurde berichtigt.</translation>
    </message>
    <message>
      <source>It was rolled</source>
      <translation>Es wurde gerollt</translation>
    </message>
    <message>
      <source>It was surveyed under a wheelbase of %1: this car stands on other spots.</source>
      <translation>Er wurde für einen Radstand von %1 vermessen: Dieses Auto steht auf anderen Stellen.</translation>
    </message>
    <message>
      <source>It would fit if a reading there is wrong: read it again.</source>
      <translation>Es passte, wenn dort eine Ablesung falsch ist: neu ablesen.</translation>
    </message>
    <message>
      <source>It would fit if all of this pass was turned the other way.</source>
      <translation>Es passte, wenn der ganze Durchgang anders herum gedreht wurde.</translation>
    </message>
    <message>
      <source>It would fit if front and rear bolt were swapped.</source>
      <translation>Es passte, wenn vordere und hintere Schraube vertauscht wurden.</translation>
    </message>
    <message>
      <source>It would fit if it did not turn at all: a seized thread, or a rod that turned in its ends.</source>
      <translation>Es passte, wenn es sich gar nicht drehte: ein festsitzendes Gewinde, oder eine Stange, die sich in ihren Enden drehte.</translation>
    </message>
    <message>
      <source>It would fit if it was done on the other side instead.</source>
      <translation>Es passte, wenn es stattdessen auf der anderen Seite geschah.</translation>
    </message>
    <message>
      <source>It would fit if it was half as much.</source>
      <translation>Es passte, wenn es die Hälfte war.</translation>
    </message>
    <message>
      <source>It would fit if it was turned the other way.</source>
      <translation>Es passte, wenn es anders herum gedreht wurde.</translation>
    </message>
    <message>
      <source>It would fit if it was twice as much.</source>
      <translation>Es passte, wenn es das Doppelte war.</translation>
    </message>
    <message>
      <source>It would fit if its two ways were swapped.</source>
      <translation>Es passte, wenn seine beiden Richtungen vertauscht wurden.</translation>
    </message>
    <message>
      <source>It would fit if nothing was changed there, or it slipped back.</source>
      <translation>Es passte, wenn dort nichts geändert wurde, oder es zurückrutschte.</translation>
    </message>
    <message>
      <source>It would fit if the rod of the other side was turned instead.</source>
      <translation>Es passte, wenn stattdessen die Stange der anderen Seite gedreht wurde.</translation>
    </message>
    <message>
      <source>It would fit if the steering moved: both front wheels went the same way beside it.</source>
      <translation>Es passte, wenn sich die Lenkung bewegte: Beide Vorderräder gingen daneben in dieselbe Richtung.</translation>
    </message>
    <message>
      <source>Its battery is low: its figures may wander.</source>
      <translation>Seine Batterie ist schwach: Seine Werte können wandern.</translation>
    </message>
    <message>
      <source>Its button keeps what it shows as the reading that is asked for, with the same questions as a typed one. It waits until the gauge is steady.</source>
      <translation>Sein Knopf sichert, was er zeigt, als die gefragte Ablesung, mit denselben Rückfragen wie eine eingegebene. Er wartet, bis der Winkelmesser ruhig ist.</translation>
    </message>
    <message>
      <source>Its card</source>
      <translation>Seine Karte</translation>
    </message>
    <message>
      <source>Its division …</source>
      <translation>Seine Teilung …</translation>
    </message>
    <message>
      <source>Its figures after it was set</source>
      <translation>Seine Werte nach dem Einstellen</translation>
    </message>
    <message>
      <source>Its figures as it came in</source>
      <translation>Seine Werte bei der Ankunft</translation>
    </message>
    <message>
      <source>Its middle, where it has least play, is found anew, and the drag link or the rods are set to it.</source>
      <translation>Seine Mitte, wo es am wenigsten Spiel hat, wird neu gefunden, und die Schubstange oder die Stangen werden danach gestellt.</translation>
    </message>
    <message>
      <source>Its numbers are taken to run from its end. The nudge test in the drawer proves it, once.</source>
      <translation>Angenommen wird, dass seine Zahlen vom Ende an laufen. Die Stoßprobe in der Schublade beweist es, einmal.</translation>
    </message>
    <message>
      <source>Its spread …</source>
      <translation>Seine Streuung …</translation>
    </message>
    <message>
      <source>Its top leans forward</source>
      <translation>Oben neigt sie sich nach vorn</translation>
    </message>
    <message>
      <source>Its top leans in</source>
      <translation>Es neigt oben nach innen</translation>
    </message>
    <message>
      <source>Its top leans out</source>
      <translation>Es neigt oben nach außen</translation>
    </message>
    <message>
      <source>Its top leans rearward</source>
      <translation>Oben neigt sie sich nach hinten</translation>
    </message>
    <message>
      <source>Its torque is not on the card: type it from the manual; it goes onto the card.</source>
      <translation>Sein Drehmoment steht nicht auf der Karte: tippen Sie es aus dem Handbuch; es kommt auf die Karte.</translation>
    </message>
    <message>
      <source>Its torque, from the manual: it goes onto the card of this car.</source>
      <translation>Sein Drehmoment, aus dem Handbuch: es kommt auf die Karte dieses Autos.</translation>
    </message>
    <message>
      <source>Its zero …</source>
      <translation>Sein Nullpunkt …</translation>
    </message>
    <message>
      <source>Jack, stands, chocks; everything below is done in this one go</source>
      <translation>Heber, Stützen, Keile; alles unten geschieht in diesem einen Zug</translation>
    </message>
    <message>
      <source>Jacked  F10</source>
      <translation>Aufgebockt  F10</translation>
    </message>
    <message>
      <source>Jacks slip and sink.</source>
      <translation>Heber rutschen und sinken.</translation>
    </message>
    <message>
      <source>Joint middle to joint middle, both sides alike.</source>
      <translation>Gelenkmitte zu Gelenkmitte, beide Seiten gleich.</translation>
    </message>
    <message>
      <source>Judge it</source>
      <translation>Urteilen</translation>
    </message>
    <message>
      <source>Just checking</source>
      <translation>Nur nachsehen</translation>
    </message>
    <message>
      <source>Keep the thread engaged that the vehicle's manual asks for; its torque and a new pin or nut where it says so. The manual and a qualified technician come before this program.</source>
      <translation>So viel Gewinde im Eingriff lassen, wie das Handbuch des Fahrzeugs verlangt; sein Drehmoment und ein neuer Splint oder eine neue Mutter, wo es das sagt. Das Handbuch und eine Fachkraft gehen diesem Programm vor.</translation>
    </message>
    <message>
      <source>Keep this floor</source>
      <translation>Diesen Boden behalten</translation>
    </message>
    <message>
      <source>Kept. Shake it now, and read once more: F2.</source>
      <translation>Gesichert. Jetzt rütteln und noch einmal ablesen: F2.</translation>
    </message>
    <message>
      <source>Kept. Something else comes first: back on the sheet it is said.</source>
      <translation>Gesichert. Etwas anderes kommt zuerst: Auf dem Blatt wird es gesagt.</translation>
    </message>
    <message>
      <source>Kerbed the left front</source>
      <translation>Vorn links am Bordstein</translation>
    </message>
    <message>
      <source>Keypad: slash a fraction, minus joins a whole and a fraction or is a sign, plus strong, star weak, Enter keeps and with nothing typed goes on, Del clears and then takes back</source>
      <translation>Ziffernblock: Schrägstrich ein Bruch, Minus verbindet Ganzes und Bruch oder ist ein Vorzeichen, Plus reichlich, Stern knapp, Eingabe sichert und geht auf leerer Zeile weiter, Entf leert und nimmt dann zurück</translation>
    </message>
    <message>
      <source>Language</source>
      <translation>Sprache</translation>
    </message>
    <message>
      <source>Lay the bar along the rear wheel, touching the rim or tire at both lips below the bulge, at hub height, and past the front wheel.</source>
      <translation>Die Latte am Hinterrad anlegen, an beiden Rändern von Felge oder Reifen unter der Wölbung, auf Nabenhöhe, und am Vorderrad vorbei.</translation>
    </message>
    <message>
      <source>Lay the straightedge from the %1 to the %2 spot and say how much higher the second is.</source>
      <translation>Die Richtlatte von der Stelle %1 zur Stelle %2 legen und sagen, wie viel höher die zweite ist.</translation>
    </message>
    <message>
      <source>Lean test …</source>
      <translation>Neigeprobe …</translation>
    </message>
    <message>
      <source>Leave it</source>
      <translation>Lassen</translation>
    </message>
    <message>
      <source>Leave it as it is</source>
      <translation>Lassen, wie es ist</translation>
    </message>
    <message>
      <source>Leave it so</source>
      <translation>So lassen</translation>
    </message>
    <message>
      <source>Leave it …</source>
      <translation>So lassen …</translation>
    </message>
    <message>
      <source>Leave its locknut where it is: then the length stays.</source>
      <translation>Die Kontermutter lassen, wo sie ist: Dann bleibt die Länge.</translation>
    </message>
    <message>
      <source>Leaving it is a decision like any other: it goes into the record with its ± and your reason.</source>
      <translation>Es so zu lassen ist eine Entscheidung wie jede andere: Sie kommt mit ihrem ± und Ihrem Grund in den Bericht.</translation>
    </message>
    <message>
      <source>Left against right</source>
      <translation>Links gegen rechts</translation>
    </message>
    <message>
      <source>Left as it is</source>
      <translation>So belassen</translation>
    </message>
    <message>
      <source>Left boot clip</source>
      <translation>Linke Manschettenschelle</translation>
    </message>
    <message>
      <source>Left empty, it is asked where it is first needed.</source>
      <translation>Bleibt es leer, wird dort gefragt, wo es zuerst gebraucht wird.</translation>
    </message>
    <message>
      <source>Left rear tie rod</source>
      <translation>Spurstange hinten links</translation>
    </message>
    <message>
      <source>Left rear toe link</source>
      <translation>Spurlenker hinten links</translation>
    </message>
    <message>
      <source>Left rod longer, right rod shorter</source>
      <translation>Linke Stange länger, rechte kürzer</translation>
    </message>
    <message>
      <source>Left rod shorter, right rod longer</source>
      <translation>Linke Stange kürzer, rechte länger</translation>
    </message>
    <message>
      <source>Left string</source>
      <translation>Linke Schnur</translation>
    </message>
    <message>
      <source>Left tie rod</source>
      <translation>Linke Spurstange</translation>
    </message>
    <message>
      <source>Left tie rod, locknut</source>
      <translation>Linke Spurstange, Kontermutter</translation>
    </message>
    <message>
      <source>Lengths</source>
      <translation>Längen</translation>
    </message>
    <message>
      <source>Lengths are read with</source>
      <translation>Längen werden abgelesen mit</translation>
    </message>
    <message>
      <source>Lengths of the tie rods</source>
      <translation>Längen der Spurstangen</translation>
    </message>
    <message>
      <source>Lengths: mm or inches</source>
      <translation>Längen: mm oder Zoll</translation>
    </message>
    <message>
      <source>Lessons</source>
      <translation>Übungen</translation>
    </message>
    <message>
      <source>Lessons on the practice floor</source>
      <translation>Übungen auf dem Übungsboden</translation>
    </message>
    <message>
      <source>Let the water come to rest; read the bottom of its curve, the same way at each spot.</source>
      <translation>Das Wasser zur Ruhe kommen lassen; an jeder Stelle gleich am tiefsten Punkt seines Bogens ablesen.</translation>
    </message>
    <message>
      <source>Level and gap</source>
      <translation>Wasserwaage und Spalt</translation>
    </message>
    <message>
      <source>Level and gap, swept</source>
      <translation>Wasserwaage und Spalt, durchgelenkt</translation>
    </message>
    <message>
      <source>Level and straightedge</source>
      <translation>Wasserwaage und Richtlatte</translation>
    </message>
    <message>
      <source>Level on the spokes or a mark at the top of the rim, seen from the driver's seat. Hold it with a wheel holder or a strap. Power steering: engine running for this, with ventilation.</source>
      <translation>Waagerecht an den Speichen oder eine Marke oben am Kranz, vom Fahrersitz gesehen. Mit Lenkradhalter oder Gurt halten. Servolenkung: dafür mit laufendem Motor, bei Lüftung.</translation>
    </message>
    <message>
      <source>Level upright against the {0} wheel: the gap at the lip it does not touch, and which way the top leans.</source>
      <translation>Wasserwaage senkrecht ans Rad {0}: der Spalt an dem Rand, den sie nicht berührt, und wohin es sich oben neigt.</translation>
    </message>
    <message>
      <source>Level with the hub centers at each end. Where it can't be, measure its height there: with camber, a string off the hub's height reads a false toe, which is then taken out.</source>
      <translation>An jedem Ende auf Höhe der Nabenmitten. Wo das nicht geht, ihre Höhe dort messen: Mit Sturz liest eine Schnur neben der Nabenhöhe falsche Spur, die dann herausgerechnet wird.</translation>
    </message>
    <message>
      <source>Lever at both inner bushes, and at the ball joint with its load off; a bent arm.</source>
      <translation>An beiden inneren Buchsen hebeln, und am Kugelgelenk ohne Last; ein verbogener Lenker.</translation>
    </message>
    <message>
      <source>Lever at the front bush; a bolt or cam that slipped there.</source>
      <translation>An der vorderen Buchse hebeln; eine Schraube oder ein Exzenter, der dort rutschte.</translation>
    </message>
    <message>
      <source>Lever at the rear bush; a bolt or cam that slipped there.</source>
      <translation>An der hinteren Buchse hebeln; eine Schraube oder ein Exzenter, der dort rutschte.</translation>
    </message>
    <message>
      <source>Lever each gently; bolts of rubber bushes were tightened at ride height, not hanging.</source>
      <translation>Jede sanft hebeln; Schrauben von Gummibuchsen wurden in Fahrhöhe angezogen, nicht hängend.</translation>
    </message>
    <message>
      <source>Lifted, on a beam axle</source>
      <translation>Höhergelegt, mit Starrachse</translation>
    </message>
    <message>
      <source>Like 12' in or 0.2 deg out; a bare number is degrees.</source>
      <translation>Etwa 12' Vorspur oder 0,2 Grad Nachspur; eine bloße Zahl sind Grad.</translation>
    </message>
    <message>
      <source>Like 2.2 bar or 32 psi; a bare number is %1.</source>
      <translation>Etwa 2,2 bar oder 32 psi; eine bloße Zahl ist %1.</translation>
    </message>
    <message>
      <source>Like 3.5 or 3°30'.</source>
      <translation>Etwa 3,5 oder 3°30'.</translation>
    </message>
    <message>
      <source>Like 71 C or 160 F; a bare number is %1.</source>
      <translation>Etwa 71 C oder 160 F; eine bloße Zahl ist %1.</translation>
    </message>
    <message>
      <source>Likeliest: a floor that falls off to one side. Survey it.</source>
      <translation>Am ehesten: ein Boden, der zu einer Seite abfällt. Vermessen.</translation>
    </message>
    <message>
      <source>Likeliest: how far the wheels are really swept.</source>
      <translation>Am ehesten: wie weit die Räder wirklich gelenkt werden.</translation>
    </message>
    <message>
      <source>Likeliest: how the rule meets the rim, or the boards' span.</source>
      <translation>Am ehesten: wie der Maßstab an der Felge anliegt, oder die Spanne der Bretter.</translation>
    </message>
    <message>
      <source>Likeliest: the gauge's zero. Check it end for end.</source>
      <translation>Am ehesten: der Nullpunkt des Winkelmessers. Durch Umdrehen prüfen.</translation>
    </message>
    <message>
      <source>Likeliest: the line that the rear wheels are measured to.</source>
      <translation>Am ehesten: die Linie, an der die Hinterräder gemessen werden.</translation>
    </message>
    <message>
      <source>Likeliest: what counts as straight ahead, here or there.</source>
      <translation>Am ehesten: was als geradeaus gilt, hier oder dort.</translation>
    </message>
    <message>
      <source>Likely to finish the job</source>
      <translation>Aussicht, den Auftrag zu beenden</translation>
    </message>
    <message>
      <source>Lines</source>
      <translation>Linien</translation>
    </message>
    <message>
      <source>Linoleum with grease, two pieces face to face</source>
      <translation>Linoleum mit Fett, zwei Stücke Gesicht auf Gesicht</translation>
    </message>
    <message>
      <source>Listen to it</source>
      <translation>Darauf hören</translation>
    </message>
    <message>
      <source>Load it as stated, settle, and keep it so for the whole job.</source>
      <translation>Beladen wie angegeben, setzen und für den ganzen Auftrag so lassen.</translation>
    </message>
    <message>
      <source>Load off the joint: lever it gently up and down, watch the joint and not the tire.</source>
      <translation>Gelenk entlastet: sanft auf und ab hebeln, das Gelenk beobachten und nicht den Reifen.</translation>
    </message>
    <message>
      <source>Load the maker asks for</source>
      <translation>Beladung, die der Hersteller verlangt</translation>
    </message>
    <message>
      <source>Lock it</source>
      <translation>Sichern</translation>
    </message>
    <message>
      <source>Lock the nuts, then drive it on a straight flat road and say what the wheel does (Ctrl+8).</source>
      <translation>Die Muttern festziehen, dann auf gerader, ebener Straße fahren und sagen, was das Lenkrad tut (Strg+8).</translation>
    </message>
    <message>
      <source>Lock to lock</source>
      <translation>Anschlag zu Anschlag</translation>
    </message>
    <message>
      <source>Lock what was turned</source>
      <translation>Sichern, was gedreht wurde</translation>
    </message>
    <message>
      <source>Locked</source>
      <translation>Gesichert</translation>
    </message>
    <message>
      <source>Locking moved it: loosen, hold, again</source>
      <translation>Das Sichern hat es bewegt: lösen, halten, noch einmal</translation>
    </message>
    <message>
      <source>Locknuts cracked, threads oiled, boots off the rods; then down, roll and bounce, and only then the strings. What is loose goes on the loose list.</source>
      <translation>Kontermuttern gebrochen, Gewinde geölt, Manschetten von den Stangen; dann herunter, rollen und einfedern, und erst dann die Schnüre. Was lose ist, kommt auf die Liste des Losen.</translation>
    </message>
    <message>
      <source>Longer</source>
      <translation>Länger</translation>
    </message>
    <message>
      <source>Look again</source>
      <translation>Wieder ansehen</translation>
    </message>
    <message>
      <source>Look at</source>
      <translation>Ansehen</translation>
    </message>
    <message>
      <source>Look at the rims</source>
      <translation>Die Felgen ansehen</translation>
    </message>
    <message>
      <source>Look at the wheel again after each turn of an adjuster; 0 is straight.</source>
      <translation>Nach jeder Drehung eines Einstellers wieder auf das Lenkrad sehen; 0 ist gerade.</translation>
    </message>
    <message>
      <source>Look first, then turn</source>
      <translation>Zuerst nachsehen, dann drehen</translation>
    </message>
    <message numerus="yes">
      <source>Look over %n things</source>
      <comment>Look over one thing</comment>
      <translation>
        <numerusform>Eines ansehen</numerusform>
        <numerusform>%n Dinge ansehen</numerusform>
      </translation>
    </message>
    <message>
      <source>Look under the car</source>
      <translation>Unter dem Auto nachsehen</translation>
    </message>
    <message>
      <source>Look: {0}</source>
      <translation>Ansehen: {0}</translation>
    </message>
    <message>
      <source>Looked: a left-hand thread</source>
      <translation>Nachgesehen: ein Linksgewinde</translation>
    </message>
    <message>
      <source>Looked: a right-hand thread</source>
      <translation>Nachgesehen: ein Rechtsgewinde</translation>
    </message>
    <message>
      <source>Looked: at the left knuckle</source>
      <translation>Nachgesehen: am linken Achsschenkel</translation>
    </message>
    <message>
      <source>Looked: at the lower arm</source>
      <translation>Nachgesehen: am unteren Lenker</translation>
    </message>
    <message>
      <source>Looked: at the right knuckle</source>
      <translation>Nachgesehen: am rechten Achsschenkel</translation>
    </message>
    <message>
      <source>Looked: at the upper arm</source>
      <translation>Nachgesehen: am oberen Lenker</translation>
    </message>
    <message>
      <source>Looked: it is the lower bolt</source>
      <translation>Nachgesehen: die untere Schraube</translation>
    </message>
    <message>
      <source>Looked: it is the upper bolt</source>
      <translation>Nachgesehen: die obere Schraube</translation>
    </message>
    <message>
      <source>Looked: it runs ahead of the axle</source>
      <translation>Nachgesehen: läuft vor der Achse</translation>
    </message>
    <message>
      <source>Looked: it runs behind the axle</source>
      <translation>Nachgesehen: läuft hinter der Achse</translation>
    </message>
    <message>
      <source>Looked: its body end lies ahead</source>
      <translation>Nachgesehen: Karosserieende liegt vorn</translation>
    </message>
    <message>
      <source>Looked: its body end lies behind</source>
      <translation>Nachgesehen: Karosserieende liegt hinten</translation>
    </message>
    <message>
      <source>Looked: more push the arm inward</source>
      <translation>Nachgesehen: mehr davon schieben den Lenker herein</translation>
    </message>
    <message>
      <source>Looked: more push the arm outward</source>
      <translation>Nachgesehen: mehr davon schieben den Lenker hinaus</translation>
    </message>
    <message>
      <source>Looked: the other way round</source>
      <translation>Nachgesehen: andersherum</translation>
    </message>
    <message>
      <source>Low tires, a dry joint or no power help, before any angle; more caster than it should have makes it heavier.</source>
      <translation>Wenig Luft, ein trockenes Gelenk oder keine Servohilfe, vor jedem Winkel; mehr Nachlauf, als es haben soll, macht es schwerer.</translation>
    </message>
    <message>
      <source>Lowered 30 mm</source>
      <translation>30 mm tiefergelegt</translation>
    </message>
    <message>
      <source>Lowered, lifted, or new springs</source>
      <translation>Tiefer- oder höhergelegt, oder neue Federn</translation>
    </message>
    <message>
      <source>Made from</source>
      <translation>Gemacht aus</translation>
    </message>
    <message>
      <source>Made in a minute from what lies about.</source>
      <translation>In einer Minute gemacht aus dem, was herumliegt.</translation>
    </message>
    <message>
      <source>Make a book there</source>
      <translation>Dort ein Buch anlegen</translation>
    </message>
    <message>
      <source>Making rigs</source>
      <translation>Aufbauten machen</translation>
    </message>
    <message>
      <source>Mark the rack's housing at both clamps, and the wheel on its shaft.</source>
      <translation>Das Gehäuse der Zahnstange an beiden Klemmen anzeichnen, und das Lenkrad auf seiner Welle.</translation>
    </message>
    <message>
      <source>Mark the spot and read all rounds with the same side up, or read twice, half a turn apart, and take the mean.</source>
      <translation>Die Stelle anzeichnen und alle Runden mit derselben Seite oben ablesen, oder zweimal, eine halbe Drehung auseinander, und das Mittel nehmen.</translation>
    </message>
    <message>
      <source>Mark where it stands, then free the nut while the head is held: it jumps.</source>
      <translation>Anzeichnen, wo er steht, dann die Mutter lösen und den Kopf dabei halten: Er springt.</translation>
    </message>
    <message>
      <source>Mark, then loosen; hold the bolt's head while the nut turns.</source>
      <translation>Anzeichnen, dann lösen; den Schraubenkopf halten, während die Mutter dreht.</translation>
    </message>
    <message>
      <source>Marks on the floor from a base line, with the offset reckoned for any angle.</source>
      <translation>Marken am Boden von einer Grundlinie, der Versatz für jeden Winkel gerechnet.</translation>
    </message>
    <message>
      <source>Marks round its nuts; the mount while somebody rocks the wheel at the top.</source>
      <translation>Marken um seine Muttern; das Lager, während jemand das Rad oben rüttelt.</translation>
    </message>
    <message>
      <source>Marks round its nuts; the mount while somebody turns the steering to and fro.</source>
      <translation>Marken um seine Muttern; das Lager, während jemand hin und her lenkt.</translation>
    </message>
    <message>
      <source>Marks that are there already</source>
      <translation>Marken, die schon da sind</translation>
    </message>
    <message>
      <source>Marks, from the rear axle</source>
      <translation>Marken, von der Hinterachse</translation>
    </message>
    <message>
      <source>May move, at most</source>
      <translation>Kann sich bewegen, höchstens</translation>
    </message>
    <message>
      <source>Measure again</source>
      <translation>Noch einmal messen</translation>
    </message>
    <message>
      <source>Measure each stack; write it down before the first bolt is loosened.</source>
      <translation>Jeden Stapel messen; aufschreiben, bevor die erste Schraube gelöst wird.</translation>
    </message>
    <message>
      <source>Measure from a fixed stand to the tire's side at hub height, roll the wheel a quarter turn, measure again.</source>
      <translation>Von einem festen Ständer zur Reifenflanke auf Nabenhöhe messen, das Rad eine Vierteldrehung rollen, noch einmal messen.</translation>
    </message>
    <message>
      <source>Measure from string to string along the {1}, square across the car.</source>
      <translation>Von Schnur zu Schnur messen ({1}), rechtwinklig über das Auto.</translation>
    </message>
    <message>
      <source>Measure from string to string at both bars. It is the check that nobody bumped them: two numbers read again tell whether the strings moved, and how far.</source>
      <translation>An beiden Stangen von Schnur zu Schnur messen. Das ist die Kontrolle, dass niemand anstieß: Zwei wieder abgelesene Zahlen sagen, ob die Schnüre sich bewegt haben, und wie weit.</translation>
    </message>
    <message>
      <source>Measure from string to string in front and behind, square across the car. Without these two numbers the strings are known to each other only through the hubs.</source>
      <translation>Vorn und hinten von Schnur zu Schnur messen, rechtwinklig über das Auto. Ohne diese zwei Zahlen kennen sich die Schnüre nur über die Naben.</translation>
    </message>
    <message>
      <source>Measure from the floor to the datum points at four places; push: nothing rocks.</source>
      <translation>An vier Stellen vom Boden zu den Bezugspunkten messen; drücken: Nichts wackelt.</translation>
    </message>
    <message>
      <source>Measure from the floor up to the level line at the %1 wheel's spot.</source>
      <translation>Vom Boden hoch zur waagerechten Linie messen, an der Stelle des Rades %1.</translation>
    </message>
    <message>
      <source>Measure how much of its thread shows; then it is said what to turn.</source>
      <translation>Messen Sie, wie viel vom Gewinde zu sehen ist; dann wird gesagt, was zu drehen ist.</translation>
    </message>
    <message>
      <source>Measure it at the %1.</source>
      <translation>Dort messen: %1.</translation>
    </message>
    <message>
      <source>Measure the rod and the thread that shows against what was noted; a locknut that turned; a bent rod shows along a straightedge.</source>
      <translation>Stange und sichtbares Gewinde gegen das Notierte messen; eine Kontermutter, die sich drehte; eine verbogene Stange zeigt sich an einer Richtlatte.</translation>
    </message>
    <message>
      <source>Measure the rod and the thread that shows; count the turns off, and put as many on.</source>
      <translation>Stange und sichtbares Gewinde messen; die Umdrehungen beim Abschrauben zählen und ebenso viele aufschrauben.</translation>
    </message>
    <message>
      <source>Measure the same again, the same way: the program says what is left to turn.</source>
      <translation>Dasselbe noch einmal messen, auf dieselbe Art: Das Programm sagt, was noch zu drehen ist.</translation>
    </message>
    <message>
      <source>Measure the thread: %1</source>
      <translation>Gewinde messen: %1</translation>
    </message>
    <message>
      <source>Measure the width over the hubs of both axles.</source>
      <translation>Die Breite über die Naben beider Achsen messen.</translation>
    </message>
    <message>
      <source>Measured</source>
      <translation>Gemessen</translation>
    </message>
    <message>
      <source>Measured from %1.</source>
      <translation>Gemessen von: %1.</translation>
    </message>
    <message>
      <source>Mend that first; the angles come after.</source>
      <translation>Das zuerst beheben; die Winkel kommen danach.</translation>
    </message>
    <message>
      <source>Mended: good now</source>
      <translation>Behoben: jetzt gut</translation>
    </message>
    <message>
      <source>Minutes</source>
      <translation>Minuten</translation>
    </message>
    <message>
      <source>Minutes from setting up to the last nut, with the times of this garage, %1 and the chosen tool; in how many of %2 jobs all could be called inside. One that can't be called is another evening: that weighs an hour.</source>
      <translation>Minuten vom Aufbauen bis zur letzten Mutter, mit den Zeiten dieser Werkstatt, %1 und dem gewählten Werkzeug; in wie vielen von %2 Aufträgen alles als innerhalb zu beurteilen war. Einer, der es nicht ist, kostet einen weiteren Abend: Das zählt eine Stunde.</translation>
    </message>
    <message>
      <source>Misread, by %1: %2.</source>
      <translation>Falsch abgelesen, um %1: %2.</translation>
    </message>
    <message>
      <source>Mixed-up stacks move camber and caster by amounts nobody knows.</source>
      <translation>Vertauschte Stapel bewegen Sturz und Nachlauf um Beträge, die niemand kennt.</translation>
    </message>
    <message>
      <source>More caster for self-centering; more on the side of the curb</source>
      <translation>Mehr Nachlauf zum Zurückstellen; mehr auf der Seite des Bordsteins</translation>
    </message>
    <message>
      <source>More lessons</source>
      <translation>Weitere Lektionen</translation>
    </message>
    <message>
      <source>More negative camber for the corner, little for the tire</source>
      <translation>Mehr negativer Sturz für die Kurve, wenig für den Reifen</translation>
    </message>
    <message>
      <source>More of it</source>
      <translation>Mehr davon</translation>
    </message>
    <message>
      <source>More than one thing, or something else: play at every joint, ride heights, and read again.</source>
      <translation>Mehr als eines, oder etwas anderes: Spiel an jedem Gelenk, Fahrhöhen, und neu ablesen.</translation>
    </message>
    <message>
      <source>Most likely %1, %2: %3. Read it again.</source>
      <translation>Am ehesten %1, %2: %3. Noch einmal ablesen.</translation>
    </message>
    <message>
      <source>Mounting bolts tight, no crack in the frame around them.</source>
      <translation>Befestigungsschrauben fest, kein Riss im Rahmen darum.</translation>
    </message>
    <message>
      <source>My order …</source>
      <translation>Meine Reihenfolge …</translation>
    </message>
    <message>
      <source>Negative camber is in, toward the car.</source>
      <translation>Negativer Sturz ist nach innen, zum Auto.</translation>
    </message>
    <message>
      <source>Neither</source>
      <translation>Keines von beiden</translation>
    </message>
    <message>
      <source>Never look into the laser, and point it where nobody can: no stronger than the maker allows without goggles.</source>
      <translation>Nie in den Laser sehen, und ihn dahin richten, wo niemand es kann: nicht stärker, als der Hersteller ohne Schutzbrille erlaubt.</translation>
    </message>
    <message>
      <source>New bushes and joints sit where the worn ones did not: camber and caster move, and toe with them.</source>
      <translation>Neue Buchsen und Gelenke sitzen, wo die verschlissenen nicht saßen: Sturz und Nachlauf bewegen sich, und die Spur mit ihnen.</translation>
    </message>
    <message>
      <source>New rack, drove home</source>
      <translation>Neue Zahnstange, heimgefahren</translation>
    </message>
    <message>
      <source>New split pins and self-locking nuts where the manual has them; thread engaged as far as it asks.</source>
      <translation>Neue Splinte und selbstsichernde Muttern, wo das Handbuch sie hat; Gewinde so weit im Eingriff, wie es verlangt.</translation>
    </message>
    <message>
      <source>Next</source>
      <translation>Weiter</translation>
    </message>
    <message>
      <source>Next step</source>
      <translation>Nächster Schritt</translation>
    </message>
    <message>
      <source>Next: %1.</source>
      <translation>Als Nächstes: %1.</translation>
    </message>
    <message>
      <source>No angle was read in it.</source>
      <translation>Kein Winkel wurde darin abgelesen.</translation>
    </message>
    <message>
      <source>No angle.</source>
      <translation>Kein Winkel.</translation>
    </message>
    <message>
      <source>No book can be made at {0}: {1}.</source>
      <translation>Bei {0} kann kein Buch angelegt werden: {1}.</translation>
    </message>
    <message>
      <source>No broken coil, no leak, top mounts seated.</source>
      <translation>Keine gebrochene Windung, nichts undicht, obere Lager sitzen.</translation>
    </message>
    <message>
      <source>No car is to be looked at again on a day.</source>
      <translation>Kein Auto ist an einem bestimmten Tag wieder anzusehen.</translation>
    </message>
    <message>
      <source>No copy could be made at {0}: {1}.</source>
      <translation>Bei {0} konnte keine Kopie angelegt werden: {1}.</translation>
    </message>
    <message>
      <source>No cracks, no rubber torn off its sleeve, no witness marks of metal on metal.</source>
      <translation>Keine Risse, kein Gummi von der Hülse gerissen, keine Spuren von Metall auf Metall.</translation>
    </message>
    <message>
      <source>No gauge</source>
      <translation>Kein Winkelmesser</translation>
    </message>
    <message>
      <source>No job is open.</source>
      <translation>Kein Auftrag ist offen.</translation>
    </message>
    <message>
      <source>No light between spacer and hub; enough thread in the nuts as their maker asks.</source>
      <translation>Kein Licht zwischen Scheibe und Nabe; genug Gewinde in den Muttern, wie ihr Hersteller verlangt.</translation>
    </message>
    <message>
      <source>No need of it</source>
      <translation>Nicht nötig</translation>
    </message>
    <message>
      <source>No number of readings with these tools settles it within reason: another way of measuring may, or leave it as it is.</source>
      <translation>Keine vertretbare Zahl von Ablesungen mit diesem Werkzeug entscheidet es: vielleicht eine andere Art zu messen, oder es bleibt, wie es ist.</translation>
    </message>
    <message>
      <source>No roughness when the wheel is spun, no grease thrown out.</source>
      <translation>Nichts Raues beim Drehen des Rades, kein herausgeschleudertes Fett.</translation>
    </message>
    <message>
      <source>No strings, no level ground needed under them, done in five minutes; a good check on strings.</source>
      <translation>Keine Schnüre, kein ebener Boden nötig, in fünf Minuten getan; eine gute Kontrolle für Schnüre.</translation>
    </message>
    <message>
      <source>No targets yet</source>
      <translation>Noch keine Ziele</translation>
    </message>
    <message>
      <source>No targets yet: say what to aim at, from the car's manual. It stands on its card (Ctrl+I).</source>
      <translation>Noch keine Ziele: sagen, was gelten soll, nach dem Handbuch des Autos. Es steht auf der Karte (Strg+I).</translation>
    </message>
    <message>
      <source>No targets yet: what to aim at is said on the car's card (Ctrl+I), and what it takes then stands here.</source>
      <translation>Noch keine Ziele: Das Ziel steht auf der Karte des Autos (Strg+I), und was es kostet, steht dann hier.</translation>
    </message>
    <message>
      <source>No temporary folder can be made: {0}.</source>
      <translation>Es kann kein vorläufiger Ordner angelegt werden: {0}.</translation>
    </message>
    <message>
      <source>No wheel's angle was read on this car yet.</source>
      <translation>An diesem Auto wurde noch kein Winkel abgelesen.</translation>
    </message>
    <message>
      <source>No: %1.</source>
      <translation>Nein: %1.</translation>
    </message>
    <message>
      <source>Nobody and nothing under the car while it is rolled or bounced.</source>
      <translation>Niemand und nichts unter dem Auto, während es gerollt oder eingefedert wird.</translation>
    </message>
    <message>
      <source>Nobody has looked whether the rims run true, or said whether all four wheels are alike: both told, it could be called.</source>
      <translation>Niemand hat nachgesehen, ob die Felgen rund laufen, oder gesagt, ob alle vier Räder gleich sind: ist beides gesagt, ließe es sich entscheiden.</translation>
    </message>
    <message>
      <source>Nobody has looked whether the rims run true: if they do, it could be called.</source>
      <translation>Niemand hat nachgesehen, ob die Felgen rund laufen: tun sie es, ließe es sich entscheiden.</translation>
    </message>
    <message>
      <source>Nobody has said whether all four wheels are alike: if they are, it could be called.</source>
      <translation>Niemand hat gesagt, ob alle vier Räder gleich sind: sind sie es, ließe es sich entscheiden.</translation>
    </message>
    <message>
      <source>Nobody knows</source>
      <translation>Niemand weiß es</translation>
    </message>
    <message>
      <source>Nobody touched a rod, and all four moved: toe follows the height.</source>
      <translation>Niemand rührte eine Stange an, und alle vier bewegten sich: Die Spur folgt der Höhe.</translation>
    </message>
    <message>
      <source>None chosen: it is asked on “Lines”, where what you have hangs on a wall.</source>
      <translation>Nichts gewählt: Es wird bei „Linien“ gefragt, wo an der Wand hängt, was Sie haben.</translation>
    </message>
    <message>
      <source>None of the usual slips explains it: look at the adjuster, its bolts and the readings.</source>
      <translation>Keines der üblichen Versehen erklärt es: den Einsteller, seine Schrauben und die Ablesungen ansehen.</translation>
    </message>
    <message>
      <source>None of the usual slips explains it: look at the rod, its nut and the readings.</source>
      <translation>Keines der üblichen Versehen erklärt es: die Stange, ihre Mutter und die Ablesungen ansehen.</translation>
    </message>
    <message>
      <source>None: no spot is low by half a tile.</source>
      <translation>Keine: Keine Stelle liegt um eine halbe Platte zu tief.</translation>
    </message>
    <message>
      <source>Not as the sheet said: %1, %2 %3 than it.</source>
      <translation>Nicht, wie das Blatt sagte: %1, %2 %3 als dort.</translation>
    </message>
    <message>
      <source>Not as the sheet said: %1, by %2.</source>
      <translation>Nicht, wie das Blatt sagte: %1, um %2.</translation>
    </message>
    <message>
      <source>Not at hand: %1</source>
      <translation>Nicht zur Hand: %1</translation>
    </message>
    <message>
      <source>Not driven.</source>
      <translation>Nicht gefahren.</translation>
    </message>
    <message>
      <source>Not enough is known yet to turn anything: read on (Ctrl+6).</source>
      <translation>Noch ist nicht genug bekannt, um etwas zu drehen: weiter ablesen (Strg+6).</translation>
    </message>
    <message>
      <source>Not enough yet for any of the ways below.</source>
      <translation>Noch nicht genug für eine der Arten unten.</translation>
    </message>
    <message>
      <source>Not good enough without reading (all inside: {0}). The {1} would come out at {2} ±{3}, and its target leaves ±{4}.</source>
      <translation>Nicht gut genug ohne abzulesen (alle innerhalb: {0}). {1} käme auf {2} ±{3}, und das Ziel lässt ±{4}.</translation>
    </message>
    <message>
      <source>Not good enough without reading: too little is known of this car.</source>
      <translation>Nicht gut genug ohne abzulesen: Von diesem Auto ist zu wenig bekannt.</translation>
    </message>
    <message numerus="yes">
      <source>Not known yet which way it works: turn so much, read %n spots again, and it is.</source>
      <comment>Not known yet which way it works: turn so much, read one spot again, and it is.</comment>
      <translation>
        <numerusform>Noch nicht bekannt, wie herum es wirkt: so viel drehen, eine Stelle neu ablesen, dann ist es bekannt.</numerusform>
        <numerusform>Noch nicht bekannt, wie herum es wirkt: so viel drehen, %n Stellen neu ablesen, dann ist es bekannt.</numerusform>
      </translation>
    </message>
    <message>
      <source>Not needed for this: %1. Any can be done all the same.</source>
      <translation>Hierfür nicht nötig: %1. Jeder kann trotzdem getan werden.</translation>
    </message>
    <message>
      <source>Not on this car</source>
      <translation>Nicht an diesem Auto</translation>
    </message>
    <message>
      <source>Not shaken yet: shake it, then read</source>
      <translation>Noch nicht gerüttelt: rütteln, dann ablesen</translation>
    </message>
    <message>
      <source>Not surveyed: each spot is taken to lie within ±%1. Toe hardly minds; camber then carries that much more ±.</source>
      <translation>Nicht vermessen: jede Stelle wird auf ±%1 genau angenommen. Der Spur macht das kaum etwas; der Sturz trägt dann so viel mehr ±.</translation>
    </message>
    <message>
      <source>Not turned since: only read</source>
      <translation>Seither nicht gedreht: nur abgelesen</translation>
    </message>
    <message>
      <source>Not yet</source>
      <translation>Noch nicht</translation>
    </message>
    <message>
      <source>Not: %1.</source>
      <translation>Nicht: %1.</translation>
    </message>
    <message>
      <source>Notch from the middle: ⟨b⟩%1⟨/b⟩ to each side; notch to notch ⟨b⟩%2⟨/b⟩. The bars at least %3 long.</source>
      <translation>Kerbe von der Mitte: ⟨b⟩%1⟨/b⟩ nach jeder Seite; Kerbe zu Kerbe ⟨b⟩%2⟨/b⟩. Die Stangen mindestens %3 lang.</translation>
    </message>
    <message>
      <source>Notched bars</source>
      <translation>Gekerbte Stangen</translation>
    </message>
    <message>
      <source>Note: %1</source>
      <translation>Notiz: %1</translation>
    </message>
    <message>
      <source>Notes</source>
      <translation>Notizen</translation>
    </message>
    <message>
      <source>Nothing but the wheel: divide its angle by the steering ratio, and turn each front wheel by that.</source>
      <translation>Nichts als das Lenkrad: seinen Winkel durch die Übersetzung teilen und jedes Vorderrad um so viel lenken.</translation>
    </message>
    <message>
      <source>Nothing but typing</source>
      <translation>Nur Eingeben</translation>
    </message>
    <message>
      <source>Nothing by itself of the rear axle: the string goes with the toe of both wheels, so the width over the hubs has to be measured.</source>
      <translation>Von der Hinterachse für sich nichts: Die Schnur geht mit der Spur beider Räder, darum muss die Breite über die Naben gemessen werden.</translation>
    </message>
    <message>
      <source>Nothing checked it: the same spot read twice would have.</source>
      <translation>Nichts prüfte es: Dieselbe Stelle zweimal abgelesen hätte es getan.</translation>
    </message>
    <message>
      <source>Nothing checks %1: a slip there would not show. Read twice, it would.</source>
      <translation>Nichts prüft %1: Ein Versehen dort bliebe verborgen. Zweimal abgelesen, fiele es auf.</translation>
    </message>
    <message>
      <source>Nothing here measures what has a target.</source>
      <translation>Nichts hier misst, was ein Ziel hat.</translation>
    </message>
    <message>
      <source>Nothing in it wants the wheels up. F2 goes to what is chosen.</source>
      <translation>Nichts davon braucht die Räder in der Luft. F2 geht zum Gewählten.</translation>
    </message>
    <message>
      <source>Nothing is chosen yet, so nothing is told.</source>
      <translation>Noch ist nichts gewählt, also wird nichts gesagt.</translation>
    </message>
    <message>
      <source>Nothing is held there yet: the space bar walks to the spot and holds the %1.</source>
      <translation>Noch wird dort nichts gehalten: Die Leertaste geht zur Stelle und hält an: %1.</translation>
    </message>
    <message>
      <source>Nothing is left to do.</source>
      <translation>Nichts bleibt zu tun.</translation>
    </message>
    <message>
      <source>Nothing is loose</source>
      <translation>Nichts ist lose</translation>
    </message>
    <message>
      <source>Nothing is loose.</source>
      <translation>Nichts ist lose.</translation>
    </message>
    <message>
      <source>Nothing is typed here until it is said that the car stands.</source>
      <translation>Hier wird nichts eingegeben, bis gesagt ist, dass das Auto steht.</translation>
    </message>
    <message>
      <source>Nothing is typed here: choose by a key or the mouse.</source>
      <translation>Hier wird nichts eingegeben: bitte mit einer Taste oder der Maus wählen.</translation>
    </message>
    <message>
      <source>Nothing is typed on the road: stop, then F2, or a passenger reads.</source>
      <translation>Auf der Straße wird nichts eingegeben: erst anhalten, dann F2, oder ein Beifahrer liest ab.</translation>
    </message>
    <message>
      <source>Nothing left to turn. Lock the nuts to the manual's torque, then read again: tightening moves things.</source>
      <translation>Nichts mehr zu drehen. Die Muttern mit dem Drehmoment des Handbuchs festziehen, dann neu ablesen: Anziehen bewegt.</translation>
    </message>
    <message>
      <source>Nothing moved that these readings could show.</source>
      <translation>Nichts hat sich bewegt, was diese Ablesungen zeigen könnten.</translation>
    </message>
    <message>
      <source>Nothing needs it: how the strings lie is solved from the readings. Who wants them square is told after the hubs and bars which end to move, which way and how far, once.</source>
      <translation>Nichts braucht es: Wie die Schnüre liegen, wird aus den Ablesungen gelöst. Wer sie rechtwinklig will, erfährt nach Naben und Stangen, welches Ende zu rücken ist, wohin und wie weit, einmal.</translation>
    </message>
    <message>
      <source>Nothing needs shuffling. Put them roughly along the car and read; the estimate finds how each string lies.</source>
      <translation>Nichts muss gerückt werden. Grob am Auto entlang stellen und ablesen; die Schätzung findet, wie jede Schnur liegt.</translation>
    </message>
    <message>
      <source>Nothing of the rear wheels.</source>
      <translation>Nichts von den Hinterrädern.</translation>
    </message>
    <message>
      <source>Nothing of this car is read yet: read it before, and the turns that put it back can be planned.</source>
      <translation>Noch ist von diesem Auto nichts abgelesen: vorher ablesen, und die Drehungen zurück lassen sich planen.</translation>
    </message>
    <message>
      <source>Nothing on the wall tells these targets. Say what else you have, or make a rig.</source>
      <translation>Nichts an der Wand sagt diese Ziele. Sagen, was Sie noch haben, oder einen Aufbau machen.</translation>
    </message>
    <message>
      <source>Nothing on this sheet can be turned with a rule in its place.</source>
      <translation>Nichts auf diesem Blatt lässt sich mit einem Maßstab an seinem Platz drehen.</translation>
    </message>
    <message>
      <source>Nothing stands on the floor that could be bumped.</source>
      <translation>Nichts steht am Boden, das angestoßen werden könnte.</translation>
    </message>
    <message>
      <source>Nothing taken down yet: say what there is, or choose a way of measuring directly.</source>
      <translation>Noch nichts heruntergenommen: sagen, was da ist, oder eine Art zu messen direkt wählen.</translation>
    </message>
    <message>
      <source>Nothing that mattered.</source>
      <translation>Nichts, worauf es ankam.</translation>
    </message>
    <message>
      <source>Nothing that was read tells how the steering wheel sits. This moves it by about {0}° to the left: a drive tells.</source>
      <translation>Nichts Gelesenes sagt, wie das Lenkrad steht. Dies bewegt es um etwa {0}° nach links: eine Fahrt sagt es.</translation>
    </message>
    <message>
      <source>Nothing that was read tells how the steering wheel sits. This moves it by about {0}° to the right: a drive tells.</source>
      <translation>Nichts Gelesenes sagt, wie das Lenkrad steht. Dies bewegt es um etwa {0}° nach rechts: eine Fahrt sagt es.</translation>
    </message>
    <message>
      <source>Nothing to lock</source>
      <translation>Nichts festzuziehen</translation>
    </message>
    <message>
      <source>Nothing to look for.</source>
      <translation>Nach nichts zu suchen.</translation>
    </message>
    <message>
      <source>Nothing to trip over and nothing to bump: the light is set up beside the car in a minute.</source>
      <translation>Nichts zum Stolpern und nichts zum Anstoßen: Das Licht ist in einer Minute neben dem Auto aufgestellt.</translation>
    </message>
    <message>
      <source>Nothing to turn</source>
      <translation>Nichts zu drehen</translation>
    </message>
    <message>
      <source>Nothing to turn on this plan. %1 stays outside: Alt+4 chooses another plan.</source>
      <translation>Nach diesem Plan nichts zu drehen. %1 bleibt außerhalb: Alt+4 wählt einen anderen Plan.</translation>
    </message>
    <message>
      <source>Nothing to watch</source>
      <translation>Nichts zu beobachten</translation>
    </message>
    <message>
      <source>Nothing was kept: a reading is typed on Read (Ctrl+6).</source>
      <translation>Nichts wurde gesichert: Eine Ablesung wird bei „Ablesen“ eingegeben (Strg+6).</translation>
    </message>
    <message>
      <source>Nothing was kept: what was turned is typed after F3, a reading on Read (Ctrl+6).</source>
      <translation>Nichts wurde gesichert: Was gedreht wurde, wird nach F3 eingegeben, eine Ablesung bei „Ablesen“ (Strg+6).</translation>
    </message>
    <message>
      <source>Nothing was kept: what was turned is typed after F3, what the rule shows meanwhile after Alt+9.</source>
      <translation>Nichts wurde gesichert: Was gedreht wurde, wird nach F3 eingegeben, was der Maßstab dabei zeigt, nach Alt+9.</translation>
    </message>
    <message>
      <source>Nothing was read after it.</source>
      <translation>Danach wurde nichts abgelesen.</translation>
    </message>
    <message>
      <source>Nothing was turned.</source>
      <translation>Nichts wurde gedreht.</translation>
    </message>
    <message>
      <source>Nothing was typed. Write it like {2} or {3}.</source>
      <translation>Nichts wurde eingegeben. Etwa so: {2} oder {3}.</translation>
    </message>
    <message>
      <source>Nothing yet. Once it is read, this tells:</source>
      <translation>Noch nichts. Ist es abgelesen, sagt dies:</translation>
    </message>
    <message>
      <source>Nothing: what has moved by more than its ± is news.</source>
      <translation>Nichts: Was sich um mehr als sein ± bewegt hat, ist eine Neuigkeit.</translation>
    </message>
    <message>
      <source>Now a whole car</source>
      <translation>Nun ein ganzes Auto</translation>
    </message>
    <message>
      <source>Now {0}.</source>
      <translation>Jetzt {0}.</translation>
    </message>
    <message>
      <source>Nudge test …</source>
      <translation>Stoßprobe …</translation>
    </message>
    <message>
      <source>Odometer</source>
      <translation>Kilometerstand</translation>
    </message>
    <message>
      <source>Odometer: {0}</source>
      <translation>Kilometerstand: {0}</translation>
    </message>
    <message>
      <source>Ollerby pickup</source>
      <translation>Ollerby-Pritschenwagen</translation>
    </message>
    <message>
      <source>On a bare frame the marks, not the hubs, are what everything else is built to.</source>
      <translation>An einem nackten Rahmen sind es die Marken, nicht die Naben, wonach alles andere gebaut ist.</translation>
    </message>
    <message>
      <source>On a bare upright both pivots can be reached, and nothing has to be turned.</source>
      <translation>An einem nackten Radträger sind beide Drehpunkte erreichbar, und nichts muss gelenkt werden.</translation>
    </message>
    <message>
      <source>On a car that otherwise drives well, equal and opposite turns of the two tie rods put the wheel straight and leave the toe as it is.</source>
      <translation>An einem Auto, das sonst gut fährt, stellen gleiche, entgegengesetzte Drehungen beider Spurstangen das Lenkrad gerade und lassen die Spur, wie sie ist.</translation>
    </message>
    <message>
      <source>On a left-hand thread counterclockwise runs it out of its end, seen from the wheel.</source>
      <translation>Bei einem Linksgewinde dreht gegen den Uhrzeigersinn, vom Rad gesehen, sie aus ihrem Ende heraus.</translation>
    </message>
    <message>
      <source>On a right-hand thread clockwise runs it out of its end, seen from the wheel.</source>
      <translation>Bei einem Rechtsgewinde dreht im Uhrzeigersinn, vom Rad gesehen, sie aus ihrem Ende heraus.</translation>
    </message>
    <message>
      <source>On a wire …</source>
      <translation>Am Kabel …</translation>
    </message>
    <message>
      <source>On blocks the arms stand where the blocks put them: a wrong height is wrong camber, caster and toe.</source>
      <translation>Auf Klötzen stehen die Lenker, wo die Klötze sie hinstellen: Falsche Höhe ist falscher Sturz, Nachlauf und falsche Spur.</translation>
    </message>
    <message>
      <source>On the bars</source>
      <translation>An den Stangen</translation>
    </message>
    <message>
      <source>On the floor</source>
      <translation>Auf dem Boden</translation>
    </message>
    <message>
      <source>On the inner arm of the {0} wheel, from the rim to where the string crosses.</source>
      <translation>Am inneren Arm des Rades {0}, von der Felge bis dahin, wo die Schnur kreuzt.</translation>
    </message>
    <message>
      <source>On the left string</source>
      <translation>An der linken Schnur</translation>
    </message>
    <message>
      <source>On the practice floor alone: how the car truly stood, beside what was believed. It ends the practice, so it is asked for twice.</source>
      <translation>Nur auf dem Übungsboden: wie das Auto wirklich stand, neben dem, was geglaubt wurde. Es beendet die Übung und wird darum zweimal gefragt.</translation>
    </message>
    <message>
      <source>On the practice road: it runs straight with the steering wheel ⟨b⟩%1⟨/b⟩ to the %2.</source>
      <translation>Auf der Übungsstraße: Es läuft geradeaus mit dem Lenkrad ⟨b⟩%1⟨/b⟩ nach %2.</translation>
    </message>
    <message>
      <source>On the practice road: it runs straight, and the steering wheel sits straight.</source>
      <translation>Auf der Übungsstraße: Es läuft geradeaus, und das Lenkrad steht gerade.</translation>
    </message>
    <message>
      <source>On the right string</source>
      <translation>An der rechten Schnur</translation>
    </message>
    <message>
      <source>On the wall</source>
      <translation>An der Wand</translation>
    </message>
    <message>
      <source>On the wall: “I have …”</source>
      <translation>An der Wand: „Ich habe …“</translation>
    </message>
    <message>
      <source>On this car locking it moves the %1 (seen %2 times); the plan has aimed ahead of it.</source>
      <translation>Bei diesem Auto bewegt das Festziehen %1 (%2-mal gesehen); der Plan zielte davor.</translation>
    </message>
    <message>
      <source>Once for each gauge: lean it and see which way its figure goes. The drawer of tools keeps it.</source>
      <translation>Einmal für jeden Winkelmesser: neigen und sehen, wohin sein Wert geht. Die Schublade mit Werkzeug behält es.</translation>
    </message>
    <message>
      <source>Once for each side: the gauge stands the other way round there.</source>
      <translation>Einmal für jede Seite: Dort steht der Winkelmesser anders herum.</translation>
    </message>
    <message>
      <source>Once more</source>
      <translation>Noch einmal</translation>
    </message>
    <message>
      <source>Once more, if need be: {0}</source>
      <translation>Noch einmal, falls nötig: {0}</translation>
    </message>
    <message>
      <source>Once moved, F5, and read hubs and bars again. The angles are the same square or not.</source>
      <translation>Wenn sie verschoben sind: F5, und Naben und Stangen neu ablesen. Die Winkel sind dieselben, ob rechtwinklig oder nicht.</translation>
    </message>
    <message>
      <source>Once round the car: %1 of %2 looked at</source>
      <translation>Einmal um das Auto: %1 von %2 angesehen</translation>
    </message>
    <message>
      <source>Once round, the legs close to %1 (up to %2 is the level's own); it is spread over them.</source>
      <translation>Einmal rundum schließen die Strecken auf %1 (bis %2 kommt von der Waage selbst); es wird auf sie verteilt.</translation>
    </message>
    <message>
      <source>Once round, the legs miss by ⟨b⟩%1⟨/b⟩; up to %2 is the level's own.</source>
      <translation>Einmal rundum verfehlen sich die Strecken um ⟨b⟩%1⟨/b⟩; bis %2 kommt von der Waage selbst.</translation>
    </message>
    <message>
      <source>One bag for each bolt, marked.</source>
      <translation>Eine Tüte je Schraube, beschriftet.</translation>
    </message>
    <message>
      <source>One bar across the car ahead of the front wheels, one behind the rear ones, on stands or tied to the body, so that the strings pass at hub height.</source>
      <translation>Eine Stange quer vor den Vorderrädern, eine hinter den Hinterrädern, auf Ständern oder an die Karosserie gebunden, so dass die Schnüre auf Nabenhöhe laufen.</translation>
    </message>
    <message>
      <source>One bar and a rule, one person, two minutes: right for seeing whether something moved.</source>
      <translation>Eine Latte und ein Maßstab, eine Person, zwei Minuten: recht, um zu sehen, ob sich etwas bewegt hat.</translation>
    </message>
    <message>
      <source>One corner, seen from behind, drawn as a left one</source>
      <translation>Eine Ecke, von hinten gesehen, als linke gezeichnet</translation>
    </message>
    <message>
      <source>One difference</source>
      <translation>Ein Unterschied</translation>
    </message>
    <message>
      <source>One estimate knows what each turn does to every angle: what camber takes from toe is in the toe's turn already.</source>
      <translation>Eine Schätzung weiß, was jede Drehung mit jedem Winkel macht: Was der Sturz der Spur nimmt, steckt schon in der Drehung der Spur.</translation>
    </message>
    <message>
      <source>One hears the opposite said: try it with hands light. It hardly wears tires. Caution: heavier steering.</source>
      <translation>Man hört auch das Gegenteil: mit leichten Händen ausprobieren. Reifen verschleißt es kaum. Vorsicht: schwerere Lenkung.</translation>
    </message>
    <message>
      <source>One job on a sheet: as it came in and as it stands, against its targets. The odometer, and when to look again, are typed here. It is printed or kept as a PDF; a note for the shop says what is known and what this way of measuring can't see.</source>
      <translation>Ein Auftrag auf einem Blatt: wie es kam und wie es steht, gegen seine Ziele. Kilometerstand und wann wieder nachzusehen ist, werden hier eingegeben. Es wird gedruckt oder als PDF behalten; eine Notiz für die Werkstatt sagt, was bekannt ist und was diese Art zu messen nicht sieht.</translation>
    </message>
    <message>
      <source>One millimetre of rod is about 0°26' of toe; a new rack set by eye is often a degree or two out.</source>
      <translation>Ein Millimeter Stange ist etwa 0°26' Spur; eine nach Augenmaß gesetzte neue Zahnstange liegt oft ein, zwei Grad daneben.</translation>
    </message>
    <message>
      <source>One place where one reading is taken. Their numbers follow the shortest walk round the car.</source>
      <translation>Ein Ort, an dem eine Ablesung genommen wird. Die Nummern folgen dem kürzesten Weg um das Auto.</translation>
    </message>
    <message>
      <source>One reading is wrong. Which spot would you read again?</source>
      <translation>Eine Ablesung ist falsch. Welche Stelle läsen Sie noch einmal ab?</translation>
    </message>
    <message>
      <source>One seat: it goes back where it was. A new one need not have the old one's height.</source>
      <translation>Ein Sitz: Es geht zurück, wo es war. Ein neues muss nicht die Höhe des alten haben.</translation>
    </message>
    <message>
      <source>One spot after the other, in the order of the shortest walk. Type what the rule shows, as it shows it: 4 1/16, 103.5, 2 9/16 strong. What was understood stands under the line before you keep it. A reading that contradicts the others is named.</source>
      <translation>Eine Stelle nach der anderen, auf dem kürzesten Weg. Geben Sie ein, was der Maßstab zeigt, wie er es zeigt: 4 1/16, 103,5, 2 9/16 reichlich. Was verstanden wurde, steht unter der Zeile, bevor Sie es sichern. Eine Ablesung, die den anderen widerspricht, wird genannt.</translation>
    </message>
    <message>
      <source>One string a side, tight, touching nothing.</source>
      <translation>Eine Schnur je Seite, straff, ohne etwas zu berühren.</translation>
    </message>
    <message>
      <source>One string along the left side, at hub height, on two stands.</source>
      <translation>Eine Schnur entlang der linken Seite, auf Nabenhöhe, an zwei Ständern.</translation>
    </message>
    <message>
      <source>One string along the right side, at hub height, on two stands.</source>
      <translation>Eine Schnur entlang der rechten Seite, auf Nabenhöhe, an zwei Ständern.</translation>
    </message>
    <message>
      <source>One string, left side</source>
      <translation>Eine Schnur, linke Seite</translation>
    </message>
    <message>
      <source>One string, right side</source>
      <translation>Eine Schnur, rechte Seite</translation>
    </message>
    <message>
      <source>One taking: ⟨b⟩±%1⟨/b⟩ (two sigma). Finest division %2.</source>
      <translation>Eine Messung: ⟨b⟩±%1⟨/b⟩ (zwei Sigma). Feinste Teilung %2.</translation>
    </message>
    <message>
      <source>One thing at a time on the simulated car: read what is drawn, type it, and see how far off it was.</source>
      <translation>Eines nach dem anderen am simulierten Auto: ablesen, was gezeichnet ist, eingeben und sehen, wie weit es daneben lag.</translation>
    </message>
    <message>
      <source>One to turn, then read again</source>
      <translation>Eines drehen, dann neu ablesen</translation>
    </message>
    <message>
      <source>One tube for both wheels: it sets total toe, and the wheel that the drag link does not hold moves.</source>
      <translation>Ein Rohr für beide Räder: Es stellt die Gesamtspur, und das Rad, das die Schubstange nicht hält, bewegt sich.</translation>
    </message>
    <message>
      <source>One turn at both rods moves the wheel about %1 ±%2, by the card; learnt after one drive.</source>
      <translation>Eine Umdrehung an beiden Stangen bewegt das Lenkrad etwa um %1 ±%2, nach der Karte; gelernt wird es mit der ersten Fahrt.</translation>
    </message>
    <message>
      <source>One turn at both rods moves the wheel ⟨b⟩%1⟨/b⟩ ±%2 on this car, learnt from %3.</source>
      <translation>Eine Umdrehung an beiden Stangen bewegt bei diesem Auto das Lenkrad um ⟨b⟩%1⟨/b⟩ ±%2, gelernt aus: %3.</translation>
    </message>
    <message>
      <source>One wheel tells another tale than its twin: something is bent as well as turned.</source>
      <translation>Ein Rad erzählt etwas anderes als sein Gegenüber: Etwas ist verbogen, nicht nur verdreht.</translation>
    </message>
    <message>
      <source>One wrong reading costs an evening; finding it costs a minute.</source>
      <translation>Eine falsche Ablesung kostet einen Abend; sie zu finden kostet eine Minute.</translation>
    </message>
    <message>
      <source>Only since now</source>
      <translation>Erst seit jetzt</translation>
    </message>
    <message>
      <source>Only the steering wheel is crooked: say how it sits (Ctrl+8), then turn both rods.</source>
      <translation>Nur das Lenkrad steht schief: sagen, wie es steht (Strg+8), dann beide Stangen drehen.</translation>
    </message>
    <message>
      <source>Only the string was moved. What has the wheel done?</source>
      <translation>Nur die Schnur wurde verschoben. Was hat das Rad getan?</translation>
    </message>
    <message>
      <source>Open another book</source>
      <translation>Ein anderes Buch öffnen</translation>
    </message>
    <message>
      <source>Open another book …</source>
      <translation>Ein anderes Buch öffnen …</translation>
    </message>
    <message>
      <source>Open it</source>
      <translation>Öffnen</translation>
    </message>
    <message>
      <source>Open or bring in</source>
      <translation>Öffnen oder hereinholen</translation>
    </message>
    <message>
      <source>Open the job first that this belongs to.</source>
      <translation>Öffnen Sie zuerst den Auftrag, zu dem dies gehört.</translation>
    </message>
    <message>
      <source>Open the usual book</source>
      <translation>Das übliche Buch öffnen</translation>
    </message>
    <message>
      <source>Opened before</source>
      <translation>Früher geöffnet</translation>
    </message>
    <message>
      <source>Or look: %1</source>
      <translation>Oder nachsehen: %1</translation>
    </message>
    <message>
      <source>Or point at a floor that was surveyed before.</source>
      <translation>Oder zeigen Sie auf einen Boden, der früher vermessen wurde.</translation>
    </message>
    <message>
      <source>Or the right side's, as far the other way. Toe takes no part in this: rods set it.</source>
      <translation>Oder rechts, ebenso weit anders herum. Die Spur zählt hier nicht mit: Stangen stellen sie.</translation>
    </message>
    <message>
      <source>Other wheels, tires or spacers</source>
      <translation>Andere Räder, Reifen oder Distanzscheiben</translation>
    </message>
    <message>
      <source>Out at the front turns in at once, in at the rear keeps it from stepping out.</source>
      <translation>Nachspur vorn lenkt sofort ein, Vorspur hinten hält es vom Ausbrechen ab.</translation>
    </message>
    <message>
      <source>Outside</source>
      <translation>Außerhalb</translation>
    </message>
    <message>
      <source>Outward along the slot takes the top of the wheel out.</source>
      <translation>Nach außen im Langloch bringt das Rad oben nach außen.</translation>
    </message>
    <message>
      <source>Over both hub faces of the {0}, square across the car.</source>
      <translation>Über beide Nabenflächen ({0}), rechtwinklig zum Auto.</translation>
    </message>
    <message>
      <source>Over the hub faces of each axle with the tape. Nothing else goes across the car, so without it both lines are known to each other by nothing.</source>
      <translation>Mit dem Bandmaß über die Nabenflächen jeder Achse. Sonst geht nichts quer über das Auto, ohne das kennen sich beide Linien durch nichts.</translation>
    </message>
    <message>
      <source>Page Down is the next step; Escape goes back.</source>
      <translation>Bild ab ist der nächste Schritt; Escape geht zurück.</translation>
    </message>
    <message>
      <source>Page Up and Page Down go back to one</source>
      <translation>Bild auf und Bild ab gehen zu einer zurück</translation>
    </message>
    <message>
      <source>Page Up and Page Down go to another spot, Ctrl+1 to Ctrl+8 to another stage.</source>
      <translation>Bild auf und Bild ab gehen zu einer anderen Stelle, Strg+1 bis Strg+8 zu einem anderen Schritt.</translation>
    </message>
    <message>
      <source>Paint or drill witness marks at each bolt; measure to the body on both sides.</source>
      <translation>An jeder Schraube Lage anzeichnen oder anbohren; auf beiden Seiten zur Karosserie messen.</translation>
    </message>
    <message>
      <source>Pale or dark floor</source>
      <translation>Heller oder dunkler Boden</translation>
    </message>
    <message>
      <source>Pass</source>
      <translation>Durchgang</translation>
    </message>
    <message>
      <source>Pictures</source>
      <translation>Bilder</translation>
    </message>
    <message>
      <source>Pictures (*.png *.jpg *.jpeg *.webp)</source>
      <translation>Bilder (*.png *.jpg *.jpeg *.webp)</translation>
    </message>
    <message>
      <source>Pins in while the car rolls on, out before anything is read.</source>
      <translation>Stifte drin, während das Auto hinaufrollt, heraus, bevor etwas abgelesen wird.</translation>
    </message>
    <message>
      <source>Plan: %1 …</source>
      <translation>Plan: %1 …</translation>
    </message>
    <message>
      <source>Play</source>
      <translation>Spiel</translation>
    </message>
    <message>
      <source>Play and balance first. On a beam axle too much caster feeds it; so do unequal tires.</source>
      <translation>Zuerst Spiel und Unwucht. An einer Starrachse nährt es zu viel Nachlauf; ungleiche Reifen auch.</translation>
    </message>
    <message>
      <source>Play at the hub is an error in every angle of that wheel.</source>
      <translation>Spiel an der Nabe ist ein Fehler in jedem Winkel dieses Rades.</translation>
    </message>
    <message>
      <source>Play in a joint, toe out, or too little caster: play first, since nothing can be set on it.</source>
      <translation>Spiel in einem Gelenk, Nachspur oder zu wenig Nachlauf: zuerst das Spiel, denn darauf lässt sich nichts einstellen.</translation>
    </message>
    <message>
      <source>Play in the box is toe that nobody holds.</source>
      <translation>Spiel im Getriebe ist Spur, die niemand hält.</translation>
    </message>
    <message>
      <source>Played</source>
      <translation>Gespielt</translation>
    </message>
    <message>
      <source>Playing it forward …</source>
      <translation>Wird durchgespielt …</translation>
    </message>
    <message>
      <source>Plumb line and two gaps</source>
      <translation>Lotschnur und zwei Spalte</translation>
    </message>
    <message>
      <source>Plumb line, swept</source>
      <translation>Lotschnur, durchgelenkt</translation>
    </message>
    <message>
      <source>Point at a line of the sheet first.</source>
      <translation>Zeigen Sie zuerst auf eine Zeile des Blattes.</translation>
    </message>
    <message>
      <source>Point at a place of the car and say what belongs there; the rest can wait. Escape goes back to the job.</source>
      <translation>Zeigen Sie auf eine Stelle des Autos und sagen Sie, was dort gilt; das Übrige kann warten. Escape geht zum Auftrag zurück.</translation>
    </message>
    <message>
      <source>Point at a tread first.</source>
      <translation>Zeigen Sie zuerst auf eine Lauffläche.</translation>
    </message>
    <message>
      <source>Point at each thing that will be undone. What the others do stays as it is.</source>
      <translation>Zeigen Sie auf alles, was gelöst wird. Was das Übrige tut, bleibt, wie es ist.</translation>
    </message>
    <message>
      <source>Point at the joints that will be undone: what may move by that, how far at most, what to mark or measure before, and which other way spares it.</source>
      <translation>Zeigen Sie auf die Verbindungen, die gelöst werden: was sich dadurch bewegen kann, höchstens wie weit, was vorher anzuzeichnen oder zu messen ist, und welcher andere Weg es schont.</translation>
    </message>
    <message>
      <source>Point at the spot, or go along with Page Down and press F2.</source>
      <translation>Zeigen Sie auf die Stelle, oder gehen Sie mit Bild ab weiter und drücken Sie F2.</translation>
    </message>
    <message>
      <source>Point at what is wrong and at what was changed: it decides which stages matter.</source>
      <translation>Zeigen Sie, was nicht stimmt und was geändert wurde: Davon hängt ab, welche Schritte zählen.</translation>
    </message>
    <message>
      <source>Point at what is wrong with the car and at what was changed on it. That decides which stages matter, and in what order.</source>
      <translation>Zeigen Sie, was am Auto nicht stimmt und was daran geändert wurde. Davon hängt ab, welche Schritte zählen und in welcher Reihenfolge.</translation>
    </message>
    <message>
      <source>Ports</source>
      <translation>Anschlüsse</translation>
    </message>
    <message>
      <source>Practice floor</source>
      <translation>Übungsboden</translation>
    </message>
    <message>
      <source>Preferences</source>
      <translation>Einstellungen</translation>
    </message>
    <message>
      <source>Pressure is ride height.</source>
      <translation>Luftdruck ist Fahrhöhe.</translation>
    </message>
    <message>
      <source>Pressures and joints first. Two degrees of caster too many are felt.</source>
      <translation>Zuerst Luftdrücke und Gelenke. Zwei Grad zu viel Nachlauf sind zu spüren.</translation>
    </message>
    <message>
      <source>Print</source>
      <translation>Drucken</translation>
    </message>
    <message>
      <source>Push each corner down and let go: it comes back and stops. A strut's rod is straight when turned.</source>
      <translation>Jede Ecke eindrücken und loslassen: Sie kommt zurück und bleibt stehen. Die Stange eines Federbeins ist gerade, wenn man sie dreht.</translation>
    </message>
    <message>
      <source>Push the tire %1 at this edge, firmly, at hub height; let go slowly, then read.</source>
      <translation>Den Reifen an diesem Rand fest %1 drücken, auf Nabenhöhe; langsam loslassen, dann ablesen.</translation>
    </message>
    <message>
      <source>Pushed inward and let go: what does it show?</source>
      <translation>Nach innen gedrückt und losgelassen: Was ist zu sehen?</translation>
    </message>
    <message>
      <source>Pushed outward and let go: what does it show?</source>
      <translation>Nach außen gedrückt und losgelassen: Was ist zu sehen?</translation>
    </message>
    <message>
      <source>Put back to half a millimeter of rod, toe comes back to about a quarter of a degree: enough to drive to where it is measured, not more.</source>
      <translation>Auf einen halben Millimeter Stange wiederhergestellt, kommt die Spur auf etwa ein Viertelgrad zurück: genug, um dorthin zu fahren, wo gemessen wird, nicht mehr.</translation>
    </message>
    <message>
      <source>Put back to half a millimetre of rod, toe comes back to about a quarter of a degree: good enough to drive to where it is measured.</source>
      <translation>Auf einen halben Millimeter Stange wiederhergestellt, kommt die Spur auf etwa ein Viertelgrad zurück: gut genug, um dorthin zu fahren, wo gemessen wird.</translation>
    </message>
    <message>
      <source>Put it away</source>
      <translation>Wegräumen</translation>
    </message>
    <message>
      <source>Put it right first where it can be adjusted; a sagged spring is replaced.</source>
      <translation>Zuerst berichtigen, wo sie einstellbar ist; eine gesetzte Feder wird ersetzt.</translation>
    </message>
    <message>
      <source>Put on the take-apart list</source>
      <translation>Auf die Liste vor dem Zerlegen</translation>
    </message>
    <message>
      <source>Put that on the card</source>
      <translation>Das auf die Karte setzen</translation>
    </message>
    <message>
      <source>Putting it back</source>
      <translation>Wiederherstellen</translation>
    </message>
    <message>
      <source>Quicker with a second person</source>
      <translation>Schneller mit einer zweiten Person</translation>
    </message>
    <message>
      <source>Race: fronts slightly out, rears slightly in</source>
      <translation>Rennen: vorn leicht Nachspur, hinten leicht Vorspur</translation>
    </message>
    <message>
      <source>Rack boots free on the rods</source>
      <translation>Manschetten der Zahnstange frei auf den Stangen</translation>
    </message>
    <message>
      <source>Rack mounts and column joints</source>
      <translation>Befestigung der Zahnstange und Gelenke der Säule</translation>
    </message>
    <message>
      <source>Ramps under all four wheels</source>
      <translation>Rampen unter allen vier Rädern</translation>
    </message>
    <message>
      <source>Reached as it stands</source>
      <translation>Herangekommen, wie es steht</translation>
    </message>
    <message>
      <source>Reaching under a car on its wheels: engine off, nobody in the seat, wheels chocked on both sides; where the manual wants stands, there is no reaching.</source>
      <translation>Unter ein Auto auf seinen Rädern greifen: Motor aus, niemand im Sitz, Räder auf beiden Seiten verkeilt; wo das Handbuch Stützen will, wird nicht hineingegriffen.</translation>
    </message>
    <message>
      <source>Read</source>
      <translation>Ablesen</translation>
    </message>
    <message>
      <source>Read %1 again</source>
      <translation>%1 noch einmal ablesen</translation>
    </message>
    <message numerus="yes">
      <source>Read %n spots</source>
      <comment>Read one spot</comment>
      <translation>
        <numerusform>Eine Stelle ablesen</numerusform>
        <numerusform>%n Stellen ablesen</numerusform>
      </translation>
    </message>
    <message>
      <source>Read a gauge</source>
      <translation>Einen Winkelmesser ablesen</translation>
    </message>
    <message>
      <source>Read a rule</source>
      <translation>Einen Maßstab ablesen</translation>
    </message>
    <message>
      <source>Read a spot twice with it, and what your own repeats show stands here.</source>
      <translation>Eine Stelle damit zweimal ablesen, und was Ihre eigenen Wiederholungen zeigen, steht hier.</translation>
    </message>
    <message>
      <source>Read again after it: spots %1. Nothing moves the rest.</source>
      <translation>Danach neu ablesen: Stellen %1. Das Übrige bewegt nichts.</translation>
    </message>
    <message>
      <source>Read again before anything else</source>
      <translation>Vor allem anderen noch einmal ablesen</translation>
    </message>
    <message>
      <source>Read angles with it</source>
      <translation>Winkel damit ablesen</translation>
    </message>
    <message>
      <source>Read boards</source>
      <translation>Bretter ablesen</translation>
    </message>
    <message>
      <source>Read from the bar to the front and to the back lip of the front rim. Then turn the bar over and read again: what differs is the bar's own bend.</source>
      <translation>Von der Latte zum vorderen und hinteren Rand der Vorderfelge ablesen. Dann die Latte umdrehen und noch einmal ablesen: Was sich unterscheidet, ist ihre eigene Krümmung.</translation>
    </message>
    <message>
      <source>Read from the line in to the upper lip, and to the lower one.</source>
      <translation>Vom Lot hinein zum oberen Rand ablesen, und zum unteren.</translation>
    </message>
    <message>
      <source>Read hub and both lips of the left front wheel; then somebody moves the string's front end, and you read the same three again.</source>
      <translation>Nabe und beide Ränder des Rades vorn links ablesen; dann verschiebt jemand das vordere Ende der Schnur, und Sie lesen dieselben drei noch einmal ab.</translation>
    </message>
    <message>
      <source>Read lengths with it</source>
      <translation>Längen damit ablesen</translation>
    </message>
    <message>
      <source>Read on: %1</source>
      <translation>Weiter ablesen: %1</translation>
    </message>
    <message>
      <source>Read the car now, before anything is turned: that stands beside it.</source>
      <translation>Das Auto jetzt ablesen, bevor etwas gedreht wird: Das steht daneben.</translation>
    </message>
    <message>
      <source>Read the front lip before the nut is tightened and after it, and say whether locking has moved the rod. More than half a millimetre at the lip is not the rule.</source>
      <translation>Lesen Sie den vorderen Rand ab, bevor die Mutter angezogen wird und danach, und sagen Sie, ob das Sichern die Stange bewegt hat. Mehr als ein halber Millimeter am Rand ist nicht der Maßstab.</translation>
    </message>
    <message>
      <source>Read the front lip, then once more when the rod is a quarter turn longer and the car was shaken. Say which way it goes on.</source>
      <translation>Den vorderen Rand ablesen, dann noch einmal, wenn die Stange eine Vierteldrehung länger ist und das Auto gerüttelt wurde. Sagen, wie herum es weitergeht.</translation>
    </message>
    <message>
      <source>Read the gap at the other lip, and say whether the top leans in or out. The height between the two lips is told once.</source>
      <translation>Den Spalt am anderen Rand ablesen und sagen, ob es oben nach innen oder außen steht. Die Höhe zwischen beiden Rändern wird einmal gesagt.</translation>
    </message>
    <message>
      <source>Read the gauge on the left front wheel: straight, turned out by 20 degrees, and turned in by 20.</source>
      <translation>Den Winkelmesser am Rad vorn links ablesen: geradeaus, um 20 Grad nach außen gelenkt und um 20 nach innen.</translation>
    </message>
    <message>
      <source>Read the lip once more</source>
      <translation>Den Rand noch einmal ablesen</translation>
    </message>
    <message>
      <source>Read the tape between the boards ahead of the wheels, then the one behind them, and say which way the wheels point.</source>
      <translation>Lesen Sie das Bandmaß zwischen den Brettern vor den Rädern ab, dann das dahinter, und sagen Sie, wohin die Räder zeigen.</translation>
    </message>
    <message>
      <source>Read where the string crosses the two inner arms, from the rim.</source>
      <translation>Ablesen, wo die Schnur die beiden inneren Arme kreuzt, von der Felge aus.</translation>
    </message>
    <message>
      <source>Read while the wheel still stood %1 off from jacking: %2. Rolling it comes first.</source>
      <translation>Abgelesen, während das Rad nach dem Aufbocken noch %1 daneben stand: %2. Zuerst wird gerollt.</translation>
    </message>
    <message>
      <source>Reading %1 contradicts the others: read it again.</source>
      <translation>Ablesung %1 widerspricht den anderen: noch einmal ablesen.</translation>
    </message>
    <message>
      <source>Reading, turning, and reading again what that spoiled. Two are usual: the first turn of an adjuster is by what such cars do, the second by what this one did.</source>
      <translation>Ablesen, drehen und wieder ablesen, was das verdarb. Zwei sind üblich: Die erste Drehung eines Einstellers richtet sich danach, was solche Autos tun, die zweite danach, was dieses tat.</translation>
    </message>
    <message>
      <source>Readings %1 contradict each other, and nothing tells yet which is wrong: read them again.</source>
      <translation>Die Ablesungen %1 widersprechen einander, und noch sagt nichts, welche falsch ist: noch einmal ablesen.</translation>
    </message>
    <message>
      <source>Ready to read (Ctrl+6). Another way of measuring may stand beside this one, as a check on it.</source>
      <translation>Bereit zum Ablesen (Strg+6). Eine andere Art zu messen kann zur Kontrolle daneben stehen.</translation>
    </message>
    <message>
      <source>Rear axle</source>
      <translation>Hinterachse</translation>
    </message>
    <message>
      <source>Rear bar, behind the hubs</source>
      <translation>Hintere Stange, hinter den Naben</translation>
    </message>
    <message>
      <source>Rear rim span, between the two lips that are read</source>
      <translation>Felgenspanne hinten, zwischen den abgelesenen Rändern</translation>
    </message>
    <message>
      <source>Rear rim, lip to lip</source>
      <translation>Hinterfelge, Rand zu Rand</translation>
    </message>
    <message>
      <source>Rear toe to aim at</source>
      <translation>Ziel für die Spur hinten</translation>
    </message>
    <message>
      <source>Rear toe, as</source>
      <translation>Spur hinten, als</translation>
    </message>
    <message>
      <source>Reckon with your own</source>
      <translation>Mit der eigenen rechnen</translation>
    </message>
    <message>
      <source>Redo</source>
      <translation>Wiederherstellen</translation>
    </message>
    <message>
      <source>Refitted and tightened</source>
      <translation>Wieder angebaut und festgezogen</translation>
    </message>
    <message>
      <source>Replace in pairs; then settle and measure again.</source>
      <translation>Paarweise ersetzen; dann setzen und neu messen.</translation>
    </message>
    <message>
      <source>Replace it. Never straighten a steering or suspension part.</source>
      <translation>Ersetzen. Ein Teil der Lenkung oder Aufhängung wird nie gerichtet.</translation>
    </message>
    <message>
      <source>Replace it. Steering joints are safety-critical: by the manual, with new pins or self-locking nuts.</source>
      <translation>Ersetzen. Lenkungsgelenke sind sicherheitswichtig: nach dem Handbuch, mit neuen Splinten oder selbstsichernden Muttern.</translation>
    </message>
    <message>
      <source>Replace worn ends before toe is measured.</source>
      <translation>Verschlissene Köpfe ersetzen, bevor die Spur gemessen wird.</translation>
    </message>
    <message>
      <source>Replace, and tighten at ride height to the manual's torque.</source>
      <translation>Ersetzen und in Fahrhöhe mit dem Drehmoment des Handbuchs anziehen.</translation>
    </message>
    <message>
      <source>Ride height</source>
      <translation>Fahrhöhe</translation>
    </message>
    <message>
      <source>Ride heights against those noted, left against right.</source>
      <translation>Fahrhöhen gegen die notierten, links gegen rechts.</translation>
    </message>
    <message>
      <source>Ride heights of all four, before and after it has settled.</source>
      <translation>Fahrhöhen an allen vieren, vorher und nachdem es sich gesetzt hat.</translation>
    </message>
    <message>
      <source>Right rear tie rod</source>
      <translation>Spurstange hinten rechts</translation>
    </message>
    <message>
      <source>Right rear toe link</source>
      <translation>Spurlenker hinten rechts</translation>
    </message>
    <message>
      <source>Right string</source>
      <translation>Rechte Schnur</translation>
    </message>
    <message>
      <source>Right tie rod</source>
      <translation>Rechte Spurstange</translation>
    </message>
    <message>
      <source>Right: %1.</source>
      <translation>Richtig: %1.</translation>
    </message>
    <message>
      <source>Right: it stood at %1.</source>
      <translation>Richtig: Er stand bei %1.</translation>
    </message>
    <message>
      <source>Road: parallel to slightly in</source>
      <translation>Straße: parallel bis leicht Vorspur</translation>
    </message>
    <message>
      <source>Rock the steering wheel: the drop arm must follow without delay; lift the idler arm, it may hardly move.</source>
      <translation>Am Lenkrad rütteln: Der Lenkstockhebel muss ohne Verzug folgen; den Umlenkhebel anheben, er darf sich kaum bewegen.</translation>
    </message>
    <message>
      <source>Rock the steering wheel: the rack's body must not move against the car.</source>
      <translation>Am Lenkrad rütteln: Das Gehäuse der Zahnstange darf sich gegen das Auto nicht bewegen.</translation>
    </message>
    <message>
      <source>Rock the wheel and watch the rack's housing in its clamps.</source>
      <translation>Das Rad rütteln und das Gehäuse der Zahnstange in seinen Klemmen beobachten.</translation>
    </message>
    <message>
      <source>Rock the wheel fore and aft with the brake held; the strut rod or its bush.</source>
      <translation>Das Rad bei gehaltener Bremse vor und zurück rütteln; die Zugstrebe oder ihre Buchse.</translation>
    </message>
    <message>
      <source>Rock the wheel fore and aft, and look at both bushes.</source>
      <translation>Das Rad vor und zurück rütteln und beide Buchsen ansehen.</translation>
    </message>
    <message>
      <source>Rod ends, rods or the rack replaced</source>
      <translation>Stangenköpfe, Stangen oder Zahnstange ersetzt</translation>
    </message>
    <message>
      <source>Rod lengths, threads, marks, shims and the wheel on its shaft, written down before the first nut, put it back to near where it was.</source>
      <translation>Stangenlängen, Gewinde, Marken, Beilagen und das Lenkrad auf seiner Welle, vor der ersten Mutter aufgeschrieben, bringen es nahe dahin zurück, wo es war.</translation>
    </message>
    <message>
      <source>Rods and thread</source>
      <translation>Stangen und Gewinde</translation>
    </message>
    <message>
      <source>Roll half a turn of the {0} wheel on, and read camber again on the same lips.</source>
      <translation>Eine halbe Drehung des Rades {0} weiterrollen und den Sturz an denselben Rändern noch einmal ablesen.</translation>
    </message>
    <message>
      <source>Roll it back and forth a car's length, then bounce each end</source>
      <translation>Eine Wagenlänge vor und zurück rollen, dann jedes Ende einfedern</translation>
    </message>
    <message>
      <source>Roll onto slip plates by hand, never driven: they shoot out.</source>
      <translation>Von Hand auf Gleitplatten rollen, nie fahren: Sie schießen heraus.</translation>
    </message>
    <message>
      <source>Roll the last meter forward by hand with nobody touching the wheel, then clamp what it shows.</source>
      <translation>Den letzten Meter von Hand vorwärts rollen, ohne dass jemand das Lenkrad berührt, dann festklemmen, was es zeigt.</translation>
    </message>
    <message>
      <source>Roll the wheel half a turn and read again: the mean has no run-out of the rim in it.</source>
      <translation>Das Rad eine halbe Drehung rollen und noch einmal ablesen: Im Mittel steckt kein Schlag der Felge.</translation>
    </message>
    <message>
      <source>Roll-in school: let the car find it</source>
      <translation>Rollehre: das Auto es finden lassen</translation>
    </message>
    <message>
      <source>Rolled  F11</source>
      <translation>Gerollt  F11</translation>
    </message>
    <message>
      <source>Room to lie under it with the weight on the wheels.</source>
      <translation>Platz, darunter zu liegen, mit dem Gewicht auf den Rädern.</translation>
    </message>
    <message>
      <source>Rotate: %1.</source>
      <translation>Drehen: %1.</translation>
    </message>
    <message>
      <source>Rough toe, the rest, toe again</source>
      <translation>Grob die Spur, das Übrige, wieder die Spur</translation>
    </message>
    <message>
      <source>Rule</source>
      <translation>Maßstab</translation>
    </message>
    <message>
      <source>Run-out</source>
      <translation>Schlag</translation>
    </message>
    <message>
      <source>Run-out of the rims</source>
      <translation>Schlag der Felgen</translation>
    </message>
    <message>
      <source>Runs straight</source>
      <translation>Läuft geradeaus</translation>
    </message>
    <message>
      <source>SAI %1</source>
      <translation>Spreizung %1</translation>
    </message>
    <message>
      <source>Said so far</source>
      <translation>Bisher gesagt</translation>
    </message>
    <message>
      <source>Same two points measured on both sides; a straightedge along the strut.</source>
      <translation>Dieselben zwei Punkte auf beiden Seiten gemessen; eine Richtlatte am Federbein.</translation>
    </message>
    <message>
      <source>Save as PDF</source>
      <translation>Als PDF speichern</translation>
    </message>
    <message>
      <source>Save the car</source>
      <translation>Das Auto speichern</translation>
    </message>
    <message>
      <source>Save the job</source>
      <translation>Den Auftrag speichern</translation>
    </message>
    <message>
      <source>Save this car as a file …</source>
      <translation>Dieses Auto als Datei speichern …</translation>
    </message>
    <message>
      <source>Save this job as a file …</source>
      <translation>Diesen Auftrag als Datei speichern …</translation>
    </message>
    <message>
      <source>Save what is due</source>
      <translation>Fälliges speichern</translation>
    </message>
    <message>
      <source>Save what is due as a calendar …</source>
      <translation>Fälliges als Kalender speichern …</translation>
    </message>
    <message>
      <source>Say %1: without it the readings do not count.</source>
      <translation>%1 sagen: Ohne das zählen die Ablesungen nicht.</translation>
    </message>
    <message>
      <source>Say how the wheel sat, or which way it drifted with the wheel level.</source>
      <translation>Sagen, wie das Lenkrad stand, oder wohin es mit geradem Lenkrad zog.</translation>
    </message>
    <message>
      <source>Say how the wheel sits</source>
      <translation>Sagen, wie das Lenkrad steht</translation>
    </message>
    <message>
      <source>Say how the wheel sits on a straight road, or which way the car drifts with it level (Ctrl+8).</source>
      <translation>Sagen, wie das Lenkrad auf gerader Straße steht, oder wohin das Auto mit geradem Lenkrad zieht (Strg+8).</translation>
    </message>
    <message>
      <source>Say its sizes</source>
      <translation>Seine Maße sagen</translation>
    </message>
    <message>
      <source>Say on the car's card whether the rod runs ahead of or behind the axle: the direction hangs on it.</source>
      <translation>Auf der Karte des Autos angeben, ob die Stange vor oder hinter der Achse läuft: Davon hängt die Richtung ab.</translation>
    </message>
    <message>
      <source>Say since when the wheel has stood so; it decides what is read again.</source>
      <translation>Sagen, seit wann das Lenkrad so steht; davon hängt ab, was neu abgelesen wird.</translation>
    </message>
    <message>
      <source>Say the part, then its torque: “tie rod locknut 55 Nm”.</source>
      <translation>Erst das Teil, dann sein Drehmoment: „Kontermutter Spurstange 55 Nm“.</translation>
    </message>
    <message>
      <source>Say what happened to the car: it decides what is stale.</source>
      <translation>Sagen, was mit dem Auto geschah: Davon hängt ab, was veraltet ist.</translation>
    </message>
    <message>
      <source>Say what sets it</source>
      <translation>Sagen, womit es eingestellt wird</translation>
    </message>
    <message>
      <source>Say what the car stands on: surveyed with a level, or flat enough.</source>
      <translation>Sagen, worauf das Auto steht: mit einer Waage vermessen, oder eben genug.</translation>
    </message>
    <message>
      <source>Say what to aim at</source>
      <translation>Sagen, was das Ziel ist</translation>
    </message>
    <message>
      <source>Say what tonight's work is to be about.</source>
      <translation>Sagen, worum es heute Abend gehen soll.</translation>
    </message>
    <message>
      <source>Say what was felt: it is kept, and what would explain it.</source>
      <translation>Sagen, was gespürt wurde: Es wird gesichert, und auch, was es erklärte.</translation>
    </message>
    <message>
      <source>Say what was loosened, taken off or left for later; the drive waits for it.</source>
      <translation>Sagen, was gelöst, abgenommen oder aufgeschoben wurde; die Fahrt wartet darauf.</translation>
    </message>
    <message>
      <source>Say what was really turned, one after the other: what the next reading is held against.</source>
      <translation>Eines nach dem anderen sagen, was wirklich gedreht wurde: Dagegen wird die nächste Ablesung gehalten.</translation>
    </message>
    <message>
      <source>Say what you have, or point at it: what it can measure shows below the wall.</source>
      <translation>Sagen, was Sie haben, oder darauf zeigen: Was es messen kann, steht unter der Wand.</translation>
    </message>
    <message>
      <source>Say where it stands</source>
      <translation>Sagen, wo sie steht</translation>
    </message>
    <message>
      <source>Say whether the rod gets longer or shorter. Behind the axle a longer rod pushes the rear of the wheel out: toe in. Ahead of it, the front: toe out.</source>
      <translation>Sagen, ob die Stange länger oder kürzer wird. Hinter der Achse schiebt eine längere Stange das Rad hinten nach außen: Vorspur. Davor vorn: Nachspur.</translation>
    </message>
    <message>
      <source>Say whether the wheels are alike</source>
      <translation>Sagen, ob die Räder gleich sind</translation>
    </message>
    <message>
      <source>Say why it does not count, like “the road fell off”.</source>
      <translation>Sagen Sie, warum sie nicht zählt, etwa „die Straße fiel ab“.</translation>
    </message>
    <message>
      <source>Say why the reading is wrong; it stays in the record, struck out.</source>
      <translation>Sagen, warum die Ablesung falsch ist; sie bleibt im Bericht, durchgestrichen.</translation>
    </message>
    <message>
      <source>Scribe or find the frame's centerline at two places far apart, and stretch a string along it below the frame.</source>
      <translation>Die Mittellinie des Rahmens an zwei weit entfernten Stellen anreißen oder finden und darunter eine Schnur entlang spannen.</translation>
    </message>
    <message>
      <source>Scribe round its nuts and plate on both axes.</source>
      <translation>Um Muttern und Platte in beiden Richtungen anreißen.</translation>
    </message>
    <message>
      <source>Scribe the upright's edge on the strut, and read camber before.</source>
      <translation>Die Kante des Radträgers am Federbein anreißen, und vorher den Sturz ablesen.</translation>
    </message>
    <message>
      <source>Set %1 aside</source>
      <translation>%1 beiseitelegen</translation>
    </message>
    <message>
      <source>Set it aside</source>
      <translation>Beiseitelegen</translation>
    </message>
    <message>
      <source>Set it to zero as its maker says, and read total toe in degrees or minutes, with in or out.</source>
      <translation>Nullen, wie sein Hersteller sagt, und die Gesamtspur in Grad oder Minuten ablesen, mit Vorspur oder Nachspur.</translation>
    </message>
    <message>
      <source>Set it up</source>
      <translation>Aufbauen</translation>
    </message>
    <message>
      <source>Set the drive aside</source>
      <translation>Die Fahrt beiseitelegen</translation>
    </message>
    <message>
      <source>Set the drive aside …</source>
      <translation>Die Fahrt beiseitelegen …</translation>
    </message>
    <message>
      <source>Set the steering straight by one of the three schools, and hold it.</source>
      <translation>Die Lenkung nach einer der drei Lehren gerade stellen und halten.</translation>
    </message>
    <message>
      <source>Set them to the card, then settle again.</source>
      <translation>Nach der Karte einstellen, dann neu setzen.</translation>
    </message>
    <message>
      <source>Set up: {0}</source>
      <translation>Aufbauen: {0}</translation>
    </message>
    <message>
      <source>Set-up: %1</source>
      <translation>Einstellung: %1</translation>
    </message>
    <message>
      <source>Setting hides the damage and not its danger.</source>
      <translation>Einstellen verdeckt den Schaden und nicht seine Gefahr.</translation>
    </message>
    <message>
      <source>Settled</source>
      <translation>Gesetzt</translation>
    </message>
    <message>
      <source>Settling</source>
      <translation>Setzen</translation>
    </message>
    <message numerus="yes">
      <source>Shake it, and read %n spots again</source>
      <comment>Shake it, and read one spot again</comment>
      <translation>
        <numerusform>Rütteln und eine Stelle neu ablesen</numerusform>
        <numerusform>Rütteln und %n Stellen neu ablesen</numerusform>
      </translation>
    </message>
    <message>
      <source>Shake it, then read</source>
      <translation>Rütteln, dann ablesen</translation>
    </message>
    <message>
      <source>Shaken: read after it</source>
      <translation>Gerüttelt: danach abgelesen</translation>
    </message>
    <message>
      <source>Shift with Page Up and Page Down moves the text at the right.</source>
      <translation>Umschalt mit Bild auf und Bild ab bewegt den Text rechts.</translation>
    </message>
    <message>
      <source>Shim the blocks; dummy struts hold the arms at ride height.</source>
      <translation>Die Klötze unterlegen; Ersatzstreben halten die Lenker in Fahrhöhe.</translation>
    </message>
    <message>
      <source>Shims counted and bagged by corner</source>
      <translation>Beilagen gezählt und je Ecke eingetütet</translation>
    </message>
    <message>
      <source>Shims that fell out, a bolt that slipped: marks beside its bolts.</source>
      <translation>Herausgefallene Beilagen, eine gerutschte Schraube: Marken neben seinen Schrauben.</translation>
    </message>
    <message>
      <source>Shorter</source>
      <translation>Kürzer</translation>
    </message>
    <message>
      <source>Show me the truth</source>
      <translation>Zeig mir die Wahrheit</translation>
    </message>
    <message>
      <source>Show this card</source>
      <translation>Diese Karte zeigen</translation>
    </message>
    <message>
      <source>Shows no sign</source>
      <translation>Zeigt kein Vorzeichen</translation>
    </message>
    <message>
      <source>Side to side, half a degree of caster or of camber is felt as a pull. Swap the front tires over first: a pull that changes sides is in the tires.</source>
      <translation>Zwischen den Seiten ist ein halbes Grad Nachlauf oder Sturz als Ziehen zu spüren. Zuerst die Vorderreifen tauschen: Ein Ziehen, das die Seite wechselt, steckt in den Reifen.</translation>
    </message>
    <message>
      <source>Side, arm and thread need not be known: a quarter of a turn tells.</source>
      <translation>Seite, Hebel und Gewinde müssen nicht bekannt sein: Eine Vierteldrehung sagt es.</translation>
    </message>
    <message>
      <source>Since %1</source>
      <translation>Seit %1</translation>
    </message>
    <message>
      <source>Since “%1”, %2</source>
      <translation>Seit „%1“, %2</translation>
    </message>
    <message>
      <source>Size</source>
      <translation>Größe</translation>
    </message>
    <message>
      <source>Slide the bars until it is about as far from hub to string on both sides. About is enough: how the strings lie is solved from the readings. Those who want them square have the assistant.</source>
      <translation>Die Stangen schieben, bis es von Nabe zu Schnur auf beiden Seiten etwa gleich weit ist. Etwa genügt: Wie die Schnüre liegen, wird aus den Ablesungen gelöst. Wer sie rechtwinklig will, hat den Helfer.</translation>
    </message>
    <message>
      <source>Slip and settle</source>
      <translation>Rutschen und setzen</translation>
    </message>
    <message>
      <source>Small steps, one at a time, by the tires' temperatures. Caution: rears that toe out on a fast car can throw it off the road.</source>
      <translation>Kleine Schritte, einer nach dem anderen, nach den Temperaturen der Reifen. Vorsicht: Hinten auf Nachspur kann ein schnelles Auto von der Straße werfen.</translation>
    </message>
    <message>
      <source>So this is</source>
      <translation>Dies ist also</translation>
    </message>
    <message>
      <source>So while it was read</source>
      <translation>So war es beim Ablesen</translation>
    </message>
    <message>
      <source>So: caster, then camber, then toe, and the rear before the front.</source>
      <translation>Also: Nachlauf, dann Sturz, dann Spur, und hinten vor vorn.</translation>
    </message>
    <message>
      <source>Soapy water or oil between the glazed faces. Lower or roll onto them slowly by hand: they crack under a drop.</source>
      <translation>Seifenwasser oder Öl zwischen den glasierten Flächen. Langsam von Hand absenken oder hinaufrollen: Unter einem Stoß brechen sie.</translation>
    </message>
    <message>
      <source>Soapy water under it, on a smooth floor; a new piece once it has soaked.</source>
      <translation>Seifenwasser darunter, auf glattem Boden; ein neues Stück, wenn es durchweicht ist.</translation>
    </message>
    <message>
      <source>Soft enough for a rough floor.</source>
      <translation>Weich genug für einen rauen Boden.</translation>
    </message>
    <message>
      <source>Solid, wider than the tire, of one height; lowered onto them, then rolled and bounced as far as they allow.</source>
      <translation>Massiv, breiter als der Reifen, gleich hoch; darauf abgesenkt, dann gerollt und eingefedert, so weit sie es erlauben.</translation>
    </message>
    <message>
      <source>Somebody rocks the steering wheel a little: a finger across each joint feels play before the eye sees it.</source>
      <translation>Jemand rüttelt ein wenig am Lenkrad: Ein Finger über jedem Gelenk fühlt Spiel, bevor das Auge es sieht.</translation>
    </message>
    <message>
      <source>Somebody walked into the front stand of the %1 string, after %2: %3 off.</source>
      <translation>Jemand lief gegen den vorderen Ständer der Schnur %1, nach %2: um %3 verschoben.</translation>
    </message>
    <message>
      <source>Something else happened …</source>
      <translation>Etwas anderes geschah …</translation>
    </message>
    <message>
      <source>Something has happened since that changes them: measure again.</source>
      <translation>Seitdem ist etwas geschehen, das sie ändert: noch einmal messen.</translation>
    </message>
    <message>
      <source>Something is loose …</source>
      <translation>Etwas ist lose …</translation>
    </message>
    <message>
      <source>Something may be bent: a rim, an arm, a strut, a rod. Bent steering and suspension parts are replaced, never set around.</source>
      <translation>Etwas kann verbogen sein: Felge, Lenker, Federbein, Stange. Verbogene Teile von Lenkung und Aufhängung werden ersetzt, nie umgangen.</translation>
    </message>
    <message>
      <source>Something was %1 since: look again, it creeps.</source>
      <translation>Seitdem: %1. Noch einmal hinsehen, es wandert.</translation>
    </message>
    <message>
      <source>Span</source>
      <translation>Spanne</translation>
    </message>
    <message>
      <source>Speak, or be silent</source>
      <translation>Sprechen, oder stumm</translation>
    </message>
    <message>
      <source>Speech</source>
      <translation>Sprachausgabe</translation>
    </message>
    <message>
      <source>Spin each wheel and scribe a thin line round the tread, or take a groove that runs true.</source>
      <translation>Jedes Rad drehen und einen dünnen Strich rund um die Lauffläche anreißen, oder eine Rille nehmen, die gerade läuft.</translation>
    </message>
    <message>
      <source>Spot</source>
      <translation>Stelle</translation>
    </message>
    <message>
      <source>Spots %1 (Ctrl+6).</source>
      <translation>Stellen %1 (Strg+6).</translation>
    </message>
    <message>
      <source>Springs, struts and dampers</source>
      <translation>Federn, Federbeine und Dämpfer</translation>
    </message>
    <message>
      <source>Squaring the strings</source>
      <translation>Die Schnüre rechtwinklig stellen</translation>
    </message>
    <message>
      <source>Stages that matter: %1.</source>
      <translation>Schritte, auf die es ankommt: %1.</translation>
    </message>
    <message>
      <source>Standing, with both hands, and the weight on the wheels.</source>
      <translation>Stehend, mit beiden Händen, und das Gewicht auf den Rädern.</translation>
    </message>
    <message>
      <source>Stands at the maker's points, the turn, down, rolled and bounced, then all that the jack spoiled is read again.</source>
      <translation>Stützen an den Punkten des Herstellers, die Drehung, herunter, gerollt und eingefedert, dann wird alles neu abgelesen, was der Heber verdarb.</translation>
    </message>
    <message>
      <source>Stands on firm level ground at the maker's points. Never under a car on a jack alone.</source>
      <translation>Stützen auf festem, ebenem Boden an den Punkten des Herstellers. Nie unter ein Auto, das nur auf einem Heber steht.</translation>
    </message>
    <message>
      <source>Stands, string and a rule are in every garage.</source>
      <translation>Ständer, Schnur und Maßstab gibt es in jeder Werkstatt.</translation>
    </message>
    <message>
      <source>Steered by hand with the front up it goes from lock to lock without a stiff place; then caster of a degree or two less than the maker asks for would explain it.</source>
      <translation>Von Hand gelenkt, vorn in der Luft, geht es von Anschlag zu Anschlag ohne schwere Stelle; dann erklärte es ein Nachlauf, der ein bis zwei Grad unter dem des Herstellers liegt.</translation>
    </message>
    <message>
      <source>Steering</source>
      <translation>Lenkung</translation>
    </message>
    <message>
      <source>Steering arm, if measured: steering axis to rod end</source>
      <translation>Lenkhebel, falls gemessen: Lenkachse bis Stangenkopf</translation>
    </message>
    <message>
      <source>Steering box, idler and drag link</source>
      <translation>Lenkgetriebe, Umlenkhebel und Schubstange</translation>
    </message>
    <message>
      <source>Steering parts are safety-critical: torque from the manual, new split pins or self-locking nuts where it says so, thread engaged as far as it asks.</source>
      <translation>Lenkungsteile sind sicherheitswichtig: Drehmoment aus dem Handbuch, neue Splinte oder selbstsichernde Muttern, wo es das sagt, Gewinde so weit im Eingriff, wie es verlangt.</translation>
    </message>
    <message>
      <source>Steering straight</source>
      <translation>Lenkung gerade</translation>
    </message>
    <message>
      <source>Step %1</source>
      <translation>Schritt %1</translation>
    </message>
    <message>
      <source>Still loose</source>
      <translation>Noch lose</translation>
    </message>
    <message>
      <source>Still loose: not to be driven.</source>
      <translation>Noch lose: nicht zu fahren.</translation>
    </message>
    <message>
      <source>Still to read: %1.</source>
      <translation>Noch abzulesen: %1.</translation>
    </message>
    <message>
      <source>Stop when the %1 shows %2.</source>
      <translation>Anhalten, wenn %2 zu sehen ist (%1).</translation>
    </message>
    <message>
      <source>Stop: shake it, read once more</source>
      <translation>Halt: rütteln, noch einmal ablesen</translation>
    </message>
    <message>
      <source>Stopped: say what it did</source>
      <translation>Angehalten: sagen, was es getan hat</translation>
    </message>
    <message>
      <source>Straight ahead, as you define it, and how much play there is. Everything at the front is set from there.</source>
      <translation>Geradeaus, wie Sie es festlegen, und wie viel Spiel da ist. Alles vorn wird von dort aus gestellt.</translation>
    </message>
    <message>
      <source>Straight ahead: hang the line past both lips, and read to the upper one and to the lower one.</source>
      <translation>Geradeaus: das Lot an beiden Rändern vorbei hängen und zum oberen und zum unteren ablesen.</translation>
    </message>
    <message>
      <source>Straight ahead: read camber.</source>
      <translation>Geradeaus: Sturz ablesen.</translation>
    </message>
    <message>
      <source>Straight ahead: the level upright against the rim, the gap at the lip that it does not touch, and which way the top leans. The height between the lips is told once.</source>
      <translation>Geradeaus: die Wasserwaage senkrecht an der Felge, der Spalt an dem Rand, den sie nicht berührt, und wohin es sich oben neigt. Die Höhe zwischen den Rändern wird einmal gesagt.</translation>
    </message>
    <message>
      <source>Straight flat road, hands light. Eyes on the road: look once, stop, then type (F2).</source>
      <translation>Gerade, ebene Straße, leichte Hände. Augen auf die Straße: einmal hinsehen, anhalten, dann eingeben (F2).</translation>
    </message>
    <message>
      <source>Straightedge on the rear wheel</source>
      <translation>Richtlatte am Hinterrad</translation>
    </message>
    <message>
      <source>Strike it out</source>
      <translation>Streichen</translation>
    </message>
    <message>
      <source>String a car</source>
      <translation>Ein Auto mit Schnüren umspannen</translation>
    </message>
    <message>
      <source>String box on two bars</source>
      <translation>Schnurrahmen an zwei Stangen</translation>
    </message>
    <message>
      <source>String's height</source>
      <translation>Höhe der Schnur</translation>
    </message>
    <message>
      <source>Strings are read from the wheels as they stand.</source>
      <translation>Schnüre werden von den Rädern abgelesen, wie sie stehen.</translation>
    </message>
    <message>
      <source>Strings at hub height trip people: flag them, and keep others out.</source>
      <translation>Schnüre auf Nabenhöhe bringen Leute zu Fall: kennzeichnen und andere fernhalten.</translation>
    </message>
    <message>
      <source>Strings beside it</source>
      <translation>Schnüre daneben</translation>
    </message>
    <message>
      <source>Strings on four stands</source>
      <translation>Schnüre an vier Ständern</translation>
    </message>
    <message>
      <source>Strings will then stand about %1 from the front hubs and %2 from the rear ones.</source>
      <translation>Die Schnüre stehen dann etwa %1 von den vorderen und %2 von den hinteren Naben.</translation>
    </message>
    <message>
      <source>Surveyed before, in this garage:</source>
      <translation>In dieser Werkstatt früher vermessen:</translation>
    </message>
    <message>
      <source>Swap the front tires over</source>
      <translation>Die Vorderreifen tauschen</translation>
    </message>
    <message>
      <source>Sweep marks</source>
      <translation>Marken für den Lenkeinschlag</translation>
    </message>
    <message>
      <source>Take it down</source>
      <translation>Herunternehmen</translation>
    </message>
    <message>
      <source>Take nothing off any more</source>
      <translation>Nichts mehr abziehen</translation>
    </message>
    <message>
      <source>Take off what stands out, from here on</source>
      <translation>Abziehen, was auffällt, von jetzt an</translation>
    </message>
    <message>
      <source>Take over what is known</source>
      <translation>Bekanntes übernehmen</translation>
    </message>
    <message>
      <source>Taken as flat</source>
      <translation>Als eben genommen</translation>
    </message>
    <message>
      <source>Taken off by {0} sheets: {1}</source>
      <translation>Abgezogen nach {0} Blättern: {1}</translation>
    </message>
    <message>
      <source>Takes</source>
      <translation>Braucht</translation>
    </message>
    <message>
      <source>Takes up to the left at</source>
      <translation>Greift links bei</translation>
    </message>
    <message>
      <source>Takes up to the right at</source>
      <translation>Greift rechts bei</translation>
    </message>
    <message>
      <source>Tape from bar to bar of the {0}, from the same nick on both.</source>
      <translation>Bandmaß von Stange zu Stange ({0}), an beiden von derselben Kerbe.</translation>
    </message>
    <message>
      <source>Tape from line to line behind the wheels and in front, at hub height or as high as the car allows, equally high in both places.</source>
      <translation>Bandmaß von Strich zu Strich hinter den Rädern und davor, auf Nabenhöhe oder so hoch das Auto es erlaubt, an beiden Stellen gleich hoch.</translation>
    </message>
    <message>
      <source>Tape from line to line on the treads of the {0}, as high in front as behind.</source>
      <translation>Bandmaß von Strich zu Strich auf den Laufflächen ({0}), vorn so hoch wie hinten.</translation>
    </message>
    <message>
      <source>Tape from slot to slot behind the {0}'s wheels, pulled tight, the same edge of both slots.</source>
      <translation>Bandmaß von Schlitz zu Schlitz hinter den Rädern ({0}), straff gezogen, an beiden Schlitzen dieselbe Kante.</translation>
    </message>
    <message>
      <source>Tape from slot to slot in front of the {0}'s wheels, pulled tight, the same edge of both slots.</source>
      <translation>Bandmaß von Schlitz zu Schlitz vor den Rädern ({0}), straff gezogen, an beiden Schlitzen dieselbe Kante.</translation>
    </message>
    <message>
      <source>Tape on the tread</source>
      <translation>Bandmaß auf der Lauffläche</translation>
    </message>
    <message>
      <source>Tape round the rod, as a flag, counts the turns.</source>
      <translation>Klebeband als Fahne zählt die Umdrehungen.</translation>
    </message>
    <message>
      <source>Tapes between boards on both wheels. Which way do they point?</source>
      <translation>Bandmaße zwischen Brettern an beiden Rädern. Wohin zeigen sie?</translation>
    </message>
    <message>
      <source>Target</source>
      <translation>Ziel</translation>
    </message>
    <message>
      <source>Tarnby estate</source>
      <translation>Tarnby-Kombi</translation>
    </message>
    <message>
      <source>Tarnby estate on slots</source>
      <translation>Tarnby-Kombi mit Langlöchern</translation>
    </message>
    <message>
      <source>Tells</source>
      <translation>Sagt</translation>
    </message>
    <message>
      <source>Temperatures instead</source>
      <translation>Stattdessen Temperaturen</translation>
    </message>
    <message>
      <source>Terms, to be moved</source>
      <translation>Wörter, zum Bewegen</translation>
    </message>
    <message>
      <source>Test</source>
      <translation>Prüfen</translation>
    </message>
    <message>
      <source>Test turn. </source>
      <translation>Probedrehung. </translation>
    </message>
    <message>
      <source>That is %1 months ago: floors settle and get patched. Check one leg.</source>
      <translation>Das ist %1 Monate her: Böden setzen sich und werden geflickt. Eine Strecke nachprüfen.</translation>
    </message>
    <message>
      <source>That is all of it. Escape goes back.</source>
      <translation>Das ist alles. Escape geht zurück.</translation>
    </message>
    <message>
      <source>That is more than toe can be set to: find the play first.</source>
      <translation>Das ist mehr, als sich Spur einstellen lässt: zuerst das Spiel finden.</translation>
    </message>
    <message>
      <source>That is pressure, before it is any angle.</source>
      <translation>Das ist Luftdruck, bevor es ein Winkel ist.</translation>
    </message>
    <message>
      <source>That turn did something else</source>
      <translation>Diese Drehung hat etwas anderes getan</translation>
    </message>
    <message>
      <source>The %1 bar reads %2 %3 than before: the strings moved. F5 says so, and all is read again.</source>
      <translation>Die Stange %1 zeigt %2 %3 als zuvor: Die Schnüre haben sich bewegt. F5 sagt das, und alles wird neu abgelesen.</translation>
    </message>
    <message>
      <source>The %1 bar reads as before: the strings lie where they lay.</source>
      <translation>Die Stange %1 zeigt dasselbe wie zuvor: Die Schnüre liegen, wo sie lagen.</translation>
    </message>
    <message>
      <source>The angles are reckoned with that.</source>
      <translation>Die Winkel sind damit gerechnet.</translation>
    </message>
    <message>
      <source>The angles are reckoned without it: as read, whatever was turned.</source>
      <translation>Die Winkel sind ohne sie gerechnet: wie abgelesen, was immer gedreht wurde.</translation>
    </message>
    <message>
      <source>The angles as they stand do not explain it: it was driven with others, or something gives under load. Look for play; cups and patches speak for a damper or balance.</source>
      <translation>Die Winkel, wie sie jetzt stehen, erklären es nicht: es wurde mit anderen gefahren, oder etwas gibt unter Last nach. Nach Spiel suchen; Mulden und Flecken sprechen für Dämpfer oder Unwucht.</translation>
    </message>
    <message>
      <source>The angles do not explain how the wheel sat: they make it {0} ±{1}. Was it level while the toes were read? Set it level, hold it, and read the front spots again; where they stay, look for play, and for a wheel on another tooth of its shaft.</source>
      <translation>Die Winkel erklären nicht, wie das Lenkrad stand: Nach ihnen steht es {0} ±{1}. War es gerade, als die Spur abgelesen wurde? Gerade stellen, halten und die vorderen Stellen neu ablesen; bleiben sie, nach Spiel suchen, und nach einem Lenkrad auf einem anderen Zahn seiner Welle.</translation>
    </message>
    <message>
      <source>The angles do not explain the pull: caster and camber are alike on both sides. Swap the front tires over, unless they are directional or of unlike sizes: a pull that changes sides is in them. Else a brake that drags (feel near the hub, not on it), or play.</source>
      <translation>Die Winkel erklären das Ziehen nicht: Nachlauf und Sturz sind auf beiden Seiten gleich. Die Vorderreifen tauschen, außer sie sind laufrichtungsgebunden oder ungleich groß: Ein Ziehen, das die Seite wechselt, steckt in ihnen. Sonst eine schleifende Bremse (nahe der Nabe fühlen, nicht darauf), oder Spiel.</translation>
    </message>
    <message>
      <source>The angles explain how the wheel sat: they make it {0} ±{1}.</source>
      <translation>Die Winkel erklären, wie das Lenkrad stand: Nach ihnen steht es {0} ±{1}.</translation>
    </message>
    <message>
      <source>The angles explain the pull: that side has less caster than the other.</source>
      <translation>Die Winkel erklären das Ziehen: Diese Seite hat weniger Nachlauf als die andere.</translation>
    </message>
    <message>
      <source>The angles explain the pull: that side leans more outward at the top than the other.</source>
      <translation>Die Winkel erklären das Ziehen: Diese Seite neigt sich oben weiter nach außen als die andere.</translation>
    </message>
    <message>
      <source>The angles here are not known.</source>
      <translation>Die Winkel sind hier nicht bekannt.</translation>
    </message>
    <message>
      <source>The arm may have a loaded spring behind it: hold it before the bolt is undone.</source>
      <translation>Hinter dem Lenker kann eine gespannte Feder sein: ihn halten, bevor die Schraube gelöst wird.</translation>
    </message>
    <message>
      <source>The arm may have a loaded spring behind it: hold it with a jack before the bolts are undone, and follow the manual.</source>
      <translation>Hinter dem Lenker kann eine gespannte Feder sein: ihn mit einem Heber halten, bevor die Schrauben gelöst werden, und nach dem Handbuch vorgehen.</translation>
    </message>
    <message>
      <source>The axle rolls about its links: caster changes, the drag link pulls the steering wheel off its middle, a panhard rod the whole axle sideways.</source>
      <translation>Die Achse rollt um ihre Lenker: Der Nachlauf ändert sich, die Schubstange zieht das Lenkrad aus der Mitte, ein Panhardstab die ganze Achse zur Seite.</translation>
    </message>
    <message>
      <source>The bar is as long as its ±: the truth lies on it 19 times in 20.</source>
      <translation>Der Balken ist so lang wie sein ±: die Wahrheit liegt 19-mal von 20 auf ihm.</translation>
    </message>
    <message>
      <source>The bare upright's axis</source>
      <translation>Die Achse des nackten Radträgers</translation>
    </message>
    <message>
      <source>The bars hold themselves; the tape's hook in the nick.</source>
      <translation>Die Stangen halten sich selbst; der Haken des Bandmaßes in der Kerbe.</translation>
    </message>
    <message>
      <source>The bars read again would have told.</source>
      <translation>Die Stangen noch einmal abgelesen hätten es gesagt.</translation>
    </message>
    <message>
      <source>The book</source>
      <translation>Das Buch</translation>
    </message>
    <message>
      <source>The book is %1 and, while it is open, what stands beside it with -wal at the end. Of the last five days with work a copy is kept by itself; they are listed here.</source>
      <translation>Das Buch ist %1 und, solange es offen ist, was daneben mit -wal am Ende liegt. Von den letzten fünf Arbeitstagen wird von selbst eine Kopie behalten; hier sind sie aufgeführt.</translation>
    </message>
    <message>
      <source>The book is as it stood on %1. What it was is kept as %2.</source>
      <translation>Das Buch ist, wie es am %1 stand. Was es war, liegt als %2 daneben.</translation>
    </message>
    <message>
      <source>The book {0} can't be read ({1}).</source>
      <translation>Das Buch {0} kann nicht gelesen werden ({1}).</translation>
    </message>
    <message>
      <source>The book {0} can't be written to ({1}): it is open to look at only.</source>
      <translation>In das Buch {0} kann nicht geschrieben werden ({1}): Es ist nur zum Ansehen offen.</translation>
    </message>
    <message>
      <source>The book {0} could not be written ({1}): what you typed is still on the screen and is not kept yet.</source>
      <translation>Das Buch {0} konnte nicht geschrieben werden ({1}): Was Sie eingegeben haben, steht noch auf dem Schirm und ist noch nicht gesichert.</translation>
    </message>
    <message>
      <source>The book {0} is damaged ({1}): what is whole is open to look at.</source>
      <translation>Das Buch {0} ist beschädigt ({1}): Was heil ist, ist zum Ansehen offen.</translation>
    </message>
    <message>
      <source>The book {0} is open in another Fair Chalk{1}. Close it there first; nothing was changed.</source>
      <translation>Das Buch {0} ist in einem anderen Fair Chalk offen{1}. Schließen Sie es zuerst dort; nichts wurde geändert.</translation>
    </message>
    <message>
      <source>The book {0} was moved, renamed, replaced or deleted while open: nothing more is kept. Put it back, or save a copy (Ctrl+S).</source>
      <translation>Das Buch {0} wurde verschoben, umbenannt, ersetzt oder gelöscht, während es offen war: Nichts wird mehr gesichert. Legen Sie es zurück, oder sichern Sie eine Kopie (Strg+S).</translation>
    </message>
    <message>
      <source>The car</source>
      <translation>Das Auto</translation>
    </message>
    <message>
      <source>The car goes %1 with the wheel level: steer both front wheels %2, equal turns, opposite ways.</source>
      <translation>Das Auto geht mit geradem Lenkrad nach %1: beide Vorderräder nach %2 lenken, gleiche Drehungen, entgegengesetzt.</translation>
    </message>
    <message>
      <source>The car goes %1 with the wheel level: the link steers both front wheels %2.</source>
      <translation>Das Auto geht mit geradem Lenkrad nach %1: Die Schubstange lenkt beide Vorderräder nach %2.</translation>
    </message>
    <message>
      <source>The car is not ready: %1 is %2. Work the list off first.</source>
      <translation>Das Auto ist nicht bereit: %1 ist %2. Zuerst die Liste abarbeiten.</translation>
    </message>
    <message>
      <source>The car is not ready: %1 was turned and is not locked. Lock it first (Ctrl+7).</source>
      <translation>Das Auto ist nicht bereit: %1 wurde gedreht und ist nicht gesichert. Zuerst festziehen (Strg+7).</translation>
    </message>
    <message>
      <source>The car through its jobs</source>
      <translation>Das Auto durch seine Aufträge</translation>
    </message>
    <message>
      <source>The car's card</source>
      <translation>Die Karte des Autos</translation>
    </message>
    <message>
      <source>The car's name</source>
      <translation>Der Name des Autos</translation>
    </message>
    <message>
      <source>The card</source>
      <translation>Die Karte</translation>
    </message>
    <message>
      <source>The card has %1 for it; it is changed there (Ctrl+I).</source>
      <translation>Die Karte hat %1 dafür; geändert wird es dort (Ctrl+I).</translation>
    </message>
    <message>
      <source>The card has no figures for it (Ctrl+I): left and right are compared only.</source>
      <translation>Die Karte hat keine Werte dafür (Strg+I): Nur links und rechts werden verglichen.</translation>
    </message>
    <message>
      <source>The card of %1</source>
      <translation>Die Karte von %1</translation>
    </message>
    <message>
      <source>The card of %1 was changed in both books. Which is to stand? Both stay in the log.</source>
      <translation>Die Karte von %1 wurde in beiden Büchern geändert. Welche soll gelten? Beide bleiben im Protokoll.</translation>
    </message>
    <message>
      <source>The card says</source>
      <translation>Die Karte sagt</translation>
    </message>
    <message>
      <source>The card says neither wishbones nor struts for this axle: what moves its angles is not known here. Read it before and after.</source>
      <translation>Die Karte nennt für diese Achse weder Querlenker noch Federbeine: Was ihre Winkel bewegt, ist hier nicht bekannt. Vorher und nachher ablesen.</translation>
    </message>
    <message>
      <source>The card seems to be wrong</source>
      <translation>Die Karte scheint nicht zu stimmen</translation>
    </message>
    <message>
      <source>The cars of this garage and their jobs. What is due for another look stands first. Everything that is typed is on the disk at once: there is nothing to save.</source>
      <translation>Die Autos dieser Werkstatt und ihre Aufträge. Was wieder anzusehen ist, steht zuerst. Alles Eingegebene ist sofort auf der Platte: Zu speichern ist nichts.</translation>
    </message>
    <message>
      <source>The cautions here were read</source>
      <translation>Die Warnungen hier wurden gelesen</translation>
    </message>
    <message>
      <source>The copy at {0} is not whole ({1}).</source>
      <translation>Die Kopie bei {0} ist nicht heil ({1}).</translation>
    </message>
    <message>
      <source>The copy {0} is not whole ({1}): nothing was changed.</source>
      <translation>Die Kopie {0} ist nicht heil ({1}): Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>The demo garage was not installed with this program.</source>
      <translation>Die Musterwerkstatt wurde mit diesem Programm nicht installiert.</translation>
    </message>
    <message>
      <source>The drag link</source>
      <translation>Die Schubstange</translation>
    </message>
    <message>
      <source>The drawer of tools</source>
      <translation>Die Schublade mit Werkzeug</translation>
    </message>
    <message>
      <source>The drive is a reading too: how the steering wheel sits while it runs straight, and what the car does. Look once, stop, then type.</source>
      <translation>Auch die Fahrt ist eine Ablesung: wie das Lenkrad steht, während es geradeaus läuft, und was das Auto tut. Einmal hinsehen, anhalten, dann eingeben.</translation>
    </message>
    <message>
      <source>The driver wants it level on a straight road. Please set single front toes with it level and held.</source>
      <translation>Der Fahrer will es auf gerader Straße gerade haben. Bitte die Spur der einzelnen Vorderräder mit geradem, gehaltenem Lenkrad einstellen.</translation>
    </message>
    <message>
      <source>The entry {0} is in both books and is not the same: nothing was merged. Save a copy of both, and look at that job in each.</source>
      <translation>Der Eintrag {0} steht in beiden Büchern und ist nicht derselbe: Nichts wurde zusammengeführt. Sichern Sie von beiden eine Kopie, und sehen Sie diesen Auftrag in jedem an.</translation>
    </message>
    <message>
      <source>The entry {0} is in the book already, and is not the same.</source>
      <translation>Der Eintrag {0} steht schon im Buch und ist nicht derselbe.</translation>
    </message>
    <message>
      <source>The evening</source>
      <translation>Der Abend</translation>
    </message>
    <message>
      <source>The everyday car: two tie rods, and the rear axle's own thrust to follow.</source>
      <translation>Das Alltagsauto: zwei Spurstangen, und die eigene Richtung der Hinterachse, der zu folgen ist.</translation>
    </message>
    <message>
      <source>The figures “%1” are on the card, and the aim of this job.</source>
      <translation>Die Werte „%1“ stehen auf der Karte und sind das Ziel dieses Auftrags.</translation>
    </message>
    <message>
      <source>The first drive: slowly, in a safe place, brakes tried, hands light; then look at every nut again.</source>
      <translation>Die erste Fahrt: langsam, an einem sicheren Ort, Bremsen geprüft, leichte Hände; dann jede Mutter noch einmal ansehen.</translation>
    </message>
    <message>
      <source>The first half hour</source>
      <translation>Die erste halbe Stunde</translation>
    </message>
    <message>
      <source>The floor</source>
      <translation>Der Boden</translation>
    </message>
    <message>
      <source>The floor under the four wheels</source>
      <translation>Der Boden unter den vier Rädern</translation>
    </message>
    <message>
      <source>The floor: level, or found flat enough</source>
      <translation>Der Boden: waagerecht, oder für eben genug befunden</translation>
    </message>
    <message>
      <source>The folder of {0} can't be written to ({1}): the book is open to look at only.</source>
      <translation>In den Ordner von {0} kann nicht geschrieben werden ({1}): Das Buch ist nur zum Ansehen offen.</translation>
    </message>
    <message>
      <source>The frame's own datum points at the heights of the drawing, level across and as raked as it will run.</source>
      <translation>Die Bezugspunkte des Rahmens in den Höhen der Zeichnung, quer waagerecht und längs so geneigt, wie gefahren wird.</translation>
    </message>
    <message>
      <source>The front is locked</source>
      <translation>Vorn ist festgezogen</translation>
    </message>
    <message>
      <source>The front wheel against the rear wheel of the same side.</source>
      <translation>Das Vorderrad gegen das Hinterrad derselben Seite.</translation>
    </message>
    <message>
      <source>The front wheels are set to the rear axle's line: who moves the rear afterwards sets the front twice.</source>
      <translation>Die Vorderräder werden nach der Linie der Hinterachse gestellt: Wer hinten danach bewegt, stellt vorn zweimal.</translation>
    </message>
    <message>
      <source>The front wheels lie somewhere within the play; single front toes mean nothing beyond it.</source>
      <translation>Die Vorderräder liegen irgendwo im Spiel; die Spur einzelner Vorderräder sagt darüber hinaus nichts.</translation>
    </message>
    <message>
      <source>The front wheels stand %1 between them: not to be driven, set the toe first (Ctrl+7).</source>
      <translation>Die Vorderräder stehen %1 zueinander: nicht fahren, zuerst die Spur einstellen (Strg+7).</translation>
    </message>
    <message>
      <source>The garage's name</source>
      <translation>Der Name der Werkstatt</translation>
    </message>
    <message>
      <source>The gauge does the sum, for the sweep that its scale is made for; another sweep is taken into account.</source>
      <translation>Der Nachlaufmesser rechnet, für den Einschlag, für den seine Skala gemacht ist; ein anderer Einschlag wird berücksichtigt.</translation>
    </message>
    <message>
      <source>The gauge on the left front wheel, straight ahead:</source>
      <translation>Der Winkelmesser am Rad vorn links, geradeaus:</translation>
    </message>
    <message>
      <source>The gauge on the left front wheel: what does it show?</source>
      <translation>Der Winkelmesser am linken Vorderrad: was zeigt er?</translation>
    </message>
    <message>
      <source>The gauge sent %1; a length is asked for here.</source>
      <translation>Der Winkelmesser sandte %1; hier wird eine Länge gefragt.</translation>
    </message>
    <message>
      <source>The gauge sent %1; an angle is asked for here.</source>
      <translation>Der Winkelmesser sandte %1; hier wird ein Winkel gefragt.</translation>
    </message>
    <message>
      <source>The gauge sent %1; clear or keep what is on the line first.</source>
      <translation>Der Winkelmesser sandte %1; zuerst leeren oder sichern, was auf der Zeile steht.</translation>
    </message>
    <message>
      <source>The gauge sent %1; nothing is asked for here.</source>
      <translation>Der Winkelmesser sandte %1; hier wird nichts gefragt.</translation>
    </message>
    <message>
      <source>The gauge's own zero drops out.</source>
      <translation>Der eigene Nullpunkt des Winkelmessers fällt heraus.</translation>
    </message>
    <message>
      <source>The gauge's scale is made for</source>
      <translation>Die Skala des Winkelmessers ist gemacht für</translation>
    </message>
    <message>
      <source>The hatched band is what is wanted, the bar what was measured, as long as its ±. Inside is said where all of the bar lies in the band, outside where none of it does; else it is too close to call, and is read again or left with its ±.</source>
      <translation>Das schraffierte Band ist, was gewünscht ist, der Balken, was gemessen wurde, so lang wie sein ±. Innerhalb heißt es, wo der ganze Balken im Band liegt, außerhalb, wo nichts von ihm darin liegt; sonst ist es zu knapp und wird noch einmal abgelesen oder mit seinem ± gelassen.</translation>
    </message>
    <message>
      <source>The height of the water, or of the line, above the floor at each wheel's spot. The line's own height does not matter.</source>
      <translation>Die Höhe des Wassers oder der Linie über dem Boden an der Stelle jedes Rades. Die Höhe der Linie selbst ist gleichgültig.</translation>
    </message>
    <message>
      <source>The hub's own face is measured, so a bent rim can't lie.</source>
      <translation>Gemessen wird die Fläche der Nabe selbst, eine verbogene Felge kann nicht lügen.</translation>
    </message>
    <message>
      <source>The job is in the book.</source>
      <translation>Der Auftrag steht im Buch.</translation>
    </message>
    <message>
      <source>The job is not done when the rule shows it, but when it still shows it with the nut tight.</source>
      <translation>Fertig ist es nicht, wenn der Maßstab es zeigt, sondern wenn er es mit fester Mutter noch zeigt.</translation>
    </message>
    <message>
      <source>The last reading here was wrong …</source>
      <translation>Die letzte Ablesung hier war falsch …</translation>
    </message>
    <message>
      <source>The last value was read before a shake: this holds while it is not shaken. Once it is, read again first.</source>
      <translation>Der letzte Wert wurde vor dem Rütteln abgelesen: Das gilt, solange nicht gerüttelt wird. Danach zuerst wieder ablesen.</translation>
    </message>
    <message>
      <source>The lean test fixes once which way its figure goes, and from where.</source>
      <translation>Die Neigeprobe klärt einmal, wohin sein Wert geht und von wo an.</translation>
    </message>
    <message>
      <source>The level stands upright, its foot against the wheel's lower lip, or its top against the upper one.</source>
      <translation>Die Wasserwaage steht senkrecht, ihr Fuß am unteren Rand des Rades oder ihr Kopf am oberen.</translation>
    </message>
    <message>
      <source>The locknut against the rod end, which is held level, to the manual's torque.</source>
      <translation>Die Kontermutter gegen den Stangenkopf, der waagerecht gehalten wird, mit dem Drehmoment des Handbuchs.</translation>
    </message>
    <message>
      <source>The maker's figure first, and no other while there is one</source>
      <translation>Zuerst der Wert des Herstellers, und kein anderer, solange es einen gibt</translation>
    </message>
    <message>
      <source>The mark is the only way back.</source>
      <translation>Die Marke ist der einzige Weg zurück.</translation>
    </message>
    <message>
      <source>The middle is ⟨b⟩%1⟨/b⟩ from the mark and ⟨b⟩%2⟨/b⟩ above the floor; the feature is %3 across.</source>
      <translation>Die Mitte liegt ⟨b⟩%1⟨/b⟩ von der Marke und ⟨b⟩%2⟨/b⟩ über dem Boden; das Merkmal ist %3 breit.</translation>
    </message>
    <message>
      <source>The middle: too much air. No angle does that.</source>
      <translation>Die Mitte: zu viel Luft. Kein Winkel macht das.</translation>
    </message>
    <message>
      <source>The nearest is {0} ±{1}.</source>
      <translation>Das Nächste ist {0} ±{1}.</translation>
    </message>
    <message>
      <source>The next lesson</source>
      <translation>Die nächste Übung</translation>
    </message>
    <message>
      <source>The notches keep the strings parallel by themselves, so nothing is shuffled.</source>
      <translation>Die Kerben halten die Schnüre von selbst parallel, so dass nichts gerückt wird.</translation>
    </message>
    <message>
      <source>The nut in the middle holds the spring together: it stays on.</source>
      <translation>Die Mutter in der Mitte hält die Feder zusammen: Sie bleibt drauf.</translation>
    </message>
    <message>
      <source>The nut is loose: what does the thread stand at?</source>
      <translation>Die Mutter ist lose: wo steht der Faden?</translation>
    </message>
    <message>
      <source>The nut is tight: what does the thread stand at now?</source>
      <translation>Die Mutter ist fest: wo steht der Faden jetzt?</translation>
    </message>
    <message>
      <source>The one here</source>
      <translation>Die hiesige</translation>
    </message>
    <message>
      <source>The one there</source>
      <translation>Die dortige</translation>
    </message>
    <message numerus="yes">
      <source>The other %n spots can wait: readings there would hardly change what is said.</source>
      <comment>The last spot can wait: a reading there would hardly change what is said.</comment>
      <translation>
        <numerusform>Die letzte Stelle kann warten: Eine Ablesung dort änderte kaum, was gesagt wird.</numerusform>
        <numerusform>Die übrigen %n Stellen können warten: Ablesungen dort änderten kaum, was gesagt wird.</numerusform>
      </translation>
    </message>
    <message>
      <source>The outer wheel stands up as the body leans; on the straight the same camber wears the inner edge.</source>
      <translation>Das äußere Rad richtet sich auf, wenn der Wagen sich neigt; geradeaus verschleißt derselbe Sturz die Innenkante.</translation>
    </message>
    <message>
      <source>The path of a port, such as /dev/ttyUSB0, or what fairchalk-gauge printed.</source>
      <translation>Der Pfad eines Anschlusses, etwa /dev/ttyUSB0, oder was fairchalk-gauge ausgegeben hat.</translation>
    </message>
    <message>
      <source>The pivot bolt only with the car at its ride height, so that the rubber is not twisted, to the manual's torque.</source>
      <translation>Die Lagerschraube nur in Fahrhöhe, damit der Gummi nicht verdreht ist, mit dem Drehmoment des Handbuchs.</translation>
    </message>
    <message>
      <source>The pivot bolt to the manual's torque at ride height, so that the bush is not twisted.</source>
      <translation>Die Lagerschraube in Fahrhöhe mit dem Drehmoment des Handbuchs, damit die Buchse nicht verdreht ist.</translation>
    </message>
    <message>
      <source>The pivot moved toward the car's middle is toe in.</source>
      <translation>Der Drehpunkt zur Mitte des Autos versetzt ist Vorspur.</translation>
    </message>
    <message>
      <source>The plate's nuts crosswise to the manual's torque.</source>
      <translation>Die Muttern der Platte über Kreuz mit dem Drehmoment des Handbuchs.</translation>
    </message>
    <message>
      <source>The posts' runways are surveyed like a floor; strings hang on the car or on stands on the runways.</source>
      <translation>Die Fahrbahnen der Bühne werden wie ein Boden vermessen; Schnüre hängen am Auto oder an Ständern auf den Fahrbahnen.</translation>
    </message>
    <message>
      <source>The practice car has nothing to read there; the strings and gauges it has.</source>
      <translation>Am Übungsauto ist dort nichts abzulesen; Schnüre und Winkelmesser hat es.</translation>
    </message>
    <message>
      <source>The practice floor</source>
      <translation>Der Übungsboden</translation>
    </message>
    <message>
      <source>The program adds it by itself to every reading against gravity, with its ±.</source>
      <translation>Das Programm fügt es jeder Ablesung gegen die Schwerkraft selbst hinzu, mit seinem ±.</translation>
    </message>
    <message>
      <source>The readings contradict each other: these figures hold only as far as that is settled.</source>
      <translation>Die Ablesungen widersprechen einander: Diese Werte gelten nur, soweit das geklärt ist.</translation>
    </message>
    <message>
      <source>The rear axle</source>
      <translation>Die Hinterachse</translation>
    </message>
    <message>
      <source>The rear axle first</source>
      <translation>Zuerst die Hinterachse</translation>
    </message>
    <message numerus="yes">
      <source>The rear axle points %1 and the fronts are set to follow it. Turn %2, then read %n spots.</source>
      <comment>The rear axle points %1 and the fronts are set to follow it. Turn %2, then read one spot.</comment>
      <translation>
        <numerusform>Die Hinterachse zeigt %1, und die Vorderräder werden danach gestellt. Drehen: %2; dann eine Stelle ablesen.</numerusform>
        <numerusform>Die Hinterachse zeigt %1, und die Vorderräder werden danach gestellt. Drehen: %2; dann %n Stellen ablesen.</numerusform>
      </translation>
    </message>
    <message>
      <source>The rear axle points %1, and that has no target: on the car's page it can be given one.</source>
      <translation>Die Hinterachse zeigt %1, und dafür gibt es kein Ziel: Auf der Seite des Autos kann es eines bekommen.</translation>
    </message>
    <message>
      <source>The rear is locked</source>
      <translation>Hinten ist festgezogen</translation>
    </message>
    <message>
      <source>The rear wheel's own toe, which passes straight into the front's; where the rear axle points. Unequal tracks and tires upset it unless the card has the hub widths.</source>
      <translation>Die eigene Spur des Hinterrades, die geradewegs in die des Vorderrades geht; wohin die Hinterachse zeigt. Ungleiche Spurweiten und Reifen stören, außer die Karte hat die Nabenbreiten.</translation>
    </message>
    <message>
      <source>The record</source>
      <translation>Der Bericht</translation>
    </message>
    <message>
      <source>The record, and a note for the shop</source>
      <translation>Der Bericht, und eine Notiz für die Werkstatt</translation>
    </message>
    <message>
      <source>The rim is what every reading is taken from.</source>
      <translation>Von der Felge wird jede Ablesung genommen.</translation>
    </message>
    <message>
      <source>The rod ends carry the toe.</source>
      <translation>Die Stangenköpfe tragen die Spur.</translation>
    </message>
    <message>
      <source>The rod has to get %1. Seen from the wheel, which way is it turned?</source>
      <translation>Die Stange muss %1 werden. Vom Rad aus gesehen, wie herum wird sie gedreht?</translation>
    </message>
    <message>
      <source>The rod is a quarter turn longer, the car was shaken: what does it stand at now?</source>
      <translation>Die Stange ist eine Vierteldrehung länger, das Auto wurde gerüttelt: Bei wie viel steht er jetzt?</translation>
    </message>
    <message>
      <source>The rod is turned while you watch the rule at the front lip. Tires stick: what it shows is short of what it will show after the shake. Say what to do next.</source>
      <translation>Die Stange wird gedreht, während Sie den Maßstab am vorderen Rand beobachten. Reifen kleben: Was er zeigt, bleibt hinter dem zurück, was er nach dem Rütteln zeigt. Sagen, was als Nächstes zu tun ist.</translation>
    </message>
    <message>
      <source>The rod runs ahead of the axle: longer pushes the front of the wheel out, so it toes out.</source>
      <translation>Die Stange läuft vor der Achse: Länger schiebt das Rad vorn nach außen, es geht auf Nachspur.</translation>
    </message>
    <message>
      <source>The rod runs ahead of the axle: shorter pulls the front of the wheel in, so it toes in.</source>
      <translation>Die Stange läuft vor der Achse: Kürzer zieht das Rad vorn nach innen, es geht auf Vorspur.</translation>
    </message>
    <message>
      <source>The rod runs behind the axle: longer pushes the back of the wheel out, so it toes in.</source>
      <translation>Die Stange läuft hinter der Achse: Länger schiebt das Rad hinten nach außen, es geht auf Vorspur.</translation>
    </message>
    <message>
      <source>The rod runs behind the axle: shorter pulls the back of the wheel in, so it toes out.</source>
      <translation>Die Stange läuft hinter der Achse: Kürzer zieht das Rad hinten nach innen, es geht auf Nachspur.</translation>
    </message>
    <message>
      <source>The rods were put on by counting threads, and the wheel sits crooked.</source>
      <translation>Die Stangen wurden nach gezählten Gängen aufgesetzt, und das Lenkrad steht schief.</translation>
    </message>
    <message>
      <source>The rule shows what was wanted. What comes first?</source>
      <translation>Der Maßstab zeigt, was gewünscht war. Was kommt zuerst?</translation>
    </message>
    <message>
      <source>The rule was held askew, by %1: %2.</source>
      <translation>Der Maßstab lag schief, um %1: %2.</translation>
    </message>
    <message>
      <source>The same as the other side</source>
      <translation>Wie die andere Seite</translation>
    </message>
    <message>
      <source>The same at both bolts is camber; from one bolt to the other is caster.</source>
      <translation>Gleich viel an beiden Schrauben ist Sturz; von einer Schraube zur anderen ist Nachlauf.</translation>
    </message>
    <message>
      <source>The same size and make across each axle; no bulge, no cut, no wave in the tread.</source>
      <translation>Gleiche Größe und Marke auf jeder Achse; keine Beule, kein Schnitt, keine Welle im Profil.</translation>
    </message>
    <message>
      <source>The same wheel turned in by 20°:</source>
      <translation>Dasselbe Rad um 20° nach innen gelenkt:</translation>
    </message>
    <message>
      <source>The same wheel turned out by 20°:</source>
      <translation>Dasselbe Rad um 20° nach außen gelenkt:</translation>
    </message>
    <message>
      <source>The sheet asks for caster alone, then camber, then toe; each is read before the next.</source>
      <translation>Das Blatt verlangt nur Nachlauf, dann Sturz, dann Spur; jedes wird vor dem nächsten abgelesen.</translation>
    </message>
    <message>
      <source>The sheet asks for toe, then for the rest; toe is read again at the end, for what the rest did to it.</source>
      <translation>Das Blatt verlangt Spur, dann das Übrige; die Spur wird am Ende noch einmal abgelesen, für das, was das Übrige mit ihr machte.</translation>
    </message>
    <message>
      <source>The sheet asks for what is at the rear axle until that is inside, then for the front.</source>
      <translation>Das Blatt verlangt, was an der Hinterachse ist, bis es innerhalb ist, dann vorn.</translation>
    </message>
    <message>
      <source>The shop's sheet is in this job.</source>
      <translation>Das Messblatt der Werkstatt steht in diesem Auftrag.</translation>
    </message>
    <message>
      <source>The sign of toe</source>
      <translation>Das Vorzeichen der Spur</translation>
    </message>
    <message>
      <source>The small clip of each boot is off or loose; the boot slides on the rod.</source>
      <translation>Die kleine Schelle jeder Manschette ist ab oder lose; die Manschette gleitet auf der Stange.</translation>
    </message>
    <message>
      <source>The spacers that the car will run with are on, clean, and seated flat on the hub.</source>
      <translation>Die Distanzscheiben, mit denen das Auto fahren wird, sind montiert, sauber und liegen flach an der Nabe.</translation>
    </message>
    <message>
      <source>The spring's force is that of the car.</source>
      <translation>Die Kraft der Feder ist die des Autos.</translation>
    </message>
    <message>
      <source>The steering axis' inclination; nothing of the rear wheels.</source>
      <translation>Die Spreizung der Lenkachse; nichts von den Hinterrädern.</translation>
    </message>
    <message>
      <source>The steering is not held: total toe stands, each front wheel by itself is known only up to how far both are steered.</source>
      <translation>Die Lenkung ist nicht gehalten: Die Gesamtspur gilt, jedes Vorderrad für sich ist nur bis auf den gemeinsamen Lenkeinschlag bekannt.</translation>
    </message>
    <message>
      <source>The steering straight, and held</source>
      <translation>Die Lenkung gerade und gehalten</translation>
    </message>
    <message>
      <source>The steering was not held: total toe stands; each front wheel by itself is known only up to how far both were steered.</source>
      <translation>Die Lenkung war nicht gehalten: Die Gesamtspur gilt; jedes Vorderrad für sich ist nur bis auf den gemeinsamen Lenkeinschlag bekannt.</translation>
    </message>
    <message>
      <source>The steering wheel</source>
      <translation>Das Lenkrad</translation>
    </message>
    <message>
      <source>The steering wheel sits %1 while it runs straight.</source>
      <translation>Das Lenkrad steht %1, während es geradeaus läuft.</translation>
    </message>
    <message>
      <source>The steering wheel sits crooked</source>
      <translation>Das Lenkrad steht schief</translation>
    </message>
    <message>
      <source>The steering wheel tells what the rules can't: where the fronts stand to the rear axle.</source>
      <translation>Das Lenkrad sagt, was die Maßstäbe nicht sagen können: wie die Vorderräder zur Hinterachse stehen.</translation>
    </message>
    <message>
      <source>The string is outside the wheel. Which way does the wheel point?</source>
      <translation>Die Schnur ist außen am Rad. Wohin zeigt das Rad?</translation>
    </message>
    <message>
      <source>The strings need not be square to the car: how they lie is solved from the readings. Strings at hub height, tight, touching nothing.</source>
      <translation>Die Schnüre müssen nicht rechtwinklig zum Auto sein: Wie sie liegen, wird aus den Ablesungen gelöst. Schnüre auf Nabenhöhe, straff, ohne etwas zu berühren.</translation>
    </message>
    <message>
      <source>The strings need not be square: where they lie is solved for, as long as they are straight and nobody moves them in mid-round.</source>
      <translation>Die Schnüre müssen nicht rechtwinklig sein: Wo sie liegen, wird mitgelöst, solange sie gerade sind und niemand sie mitten in der Runde verschiebt.</translation>
    </message>
    <message>
      <source>The strings were moved</source>
      <translation>Die Schnüre wurden verschoben</translation>
    </message>
    <message>
      <source>The sums</source>
      <translation>Die Rechnungen</translation>
    </message>
    <message>
      <source>The sums of rigs you make yourself: bars, boards, cards.</source>
      <translation>Die Rechnungen für Aufbauten, die Sie selbst machen: Stangen, Bretter, Karten.</translation>
    </message>
    <message>
      <source>The survey contradicts itself: read the doubtful leg again.</source>
      <translation>Die Vermessung widerspricht sich: die zweifelhafte Strecke noch einmal ablesen.</translation>
    </message>
    <message>
      <source>The survey, seen from the right</source>
      <translation>Die Vermessung, von rechts gesehen</translation>
    </message>
    <message>
      <source>The target holds for that load.</source>
      <translation>Das Ziel gilt für diese Beladung.</translation>
    </message>
    <message>
      <source>The targets change; what the adjusters do on this car does not.</source>
      <translation>Die Ziele ändern sich; was die Einsteller an diesem Auto bewirken, nicht.</translation>
    </message>
    <message>
      <source>The third answer beside inside and outside.</source>
      <translation>Die dritte Antwort neben innerhalb und außerhalb.</translation>
    </message>
    <message>
      <source>The thread at the outer end (or leave it open)</source>
      <translation>Das Gewinde am äußeren Ende (oder offen lassen)</translation>
    </message>
    <message>
      <source>The thread that shows</source>
      <translation>Das sichtbare Gewinde</translation>
    </message>
    <message>
      <source>The tie rods, from above, front to the right (or leave it open)</source>
      <translation>Die Spurstangen, von oben, vorn ist rechts (oder offen lassen)</translation>
    </message>
    <message>
      <source>The tire is where straightedges and boards lie.</source>
      <translation>Am Reifen liegen Richtlatten und Bretter an.</translation>
    </message>
    <message>
      <source>The tire's corner comes out as the wheel turns: strings have to stand ⟨b⟩%1⟨/b⟩ further out than beside the straight wheel.</source>
      <translation>Die Ecke des Reifens kommt beim Lenken heraus: Die Schnüre müssen ⟨b⟩%1⟨/b⟩ weiter außen stehen als neben dem geraden Rad.</translation>
    </message>
    <message>
      <source>The tires hold back a share of every turn until the car is shaken: say with F2 which of both it is. Who counted types that first, like 1/4 turn longer or -1/4 turn shorter; it need not be counted. Page Down is the next spot.</source>
      <translation>Die Reifen halten von jeder Drehung einen Teil zurück, bis das Auto gerüttelt wird: Mit F2 sagen, welches von beiden es ist. Wer gezählt hat, gibt zuerst das ein, etwa 1/4 Umdrehung länger oder -1/4 Umdrehung kürzer; gezählt werden muss nicht. Bild ab ist die nächste Stelle.</translation>
    </message>
    <message>
      <source>The toe stands where the rods were left alone; the steering wheel may be off by a spline, some ten degrees.</source>
      <translation>Die Spur gilt, wo die Stangen unberührt blieben; das Lenkrad kann um einen Zahn daneben stehen, etwa zehn Grad.</translation>
    </message>
    <message>
      <source>The total toe is right and is to stay so: one rod gets as much longer as the other gets shorter. Straight ahead the front wheels follow the rear axle; the steering wheel shows by how much the rods stand to one side. Say what brings it level.</source>
      <translation>Die Gesamtspur stimmt und soll so bleiben: eine Stange wird um so viel länger, wie die andere kürzer wird. Geradeaus folgen die Vorderräder der Hinterachse; das Lenkrad zeigt, um wie viel die Stangen zu einer Seite stehen. Sagen Sie, was es gerade bringt.</translation>
    </message>
    <message>
      <source>The truth</source>
      <translation>Die Wahrheit</translation>
    </message>
    <message>
      <source>The turns made were not equal and opposite: total toe has moved to %1 by about %2. The next turns bring it back.</source>
      <translation>Die Drehungen waren nicht gleich und entgegengesetzt: Die Gesamtspur ist um etwa %2 auf %1 gegangen. Die nächsten Drehungen holen sie zurück.</translation>
    </message>
    <message>
      <source>The upright leans about the other bolt: camber, and toe goes along.</source>
      <translation>Der Radträger kippt um die andere Schraube: Sturz, und die Spur geht mit.</translation>
    </message>
    <message>
      <source>The upright leans about the other bolt: camber, and toe goes along. It works most near the middle of its travel.</source>
      <translation>Der Radträger kippt um die andere Schraube: Sturz, und die Spur geht mit. Nahe der Mitte seines Weges wirkt er am meisten.</translation>
    </message>
    <message>
      <source>The vehicle's manual, local rules and a qualified technician come before anything said here.</source>
      <translation>Das Handbuch des Fahrzeugs, örtliche Vorschriften und eine Fachkraft gehen allem vor, was hier gesagt wird.</translation>
    </message>
    <message>
      <source>The walk round the car before anything is measured: what is worn or loose makes every reading worthless. Point at an item, test it as the drawing says, and mark it.</source>
      <translation>Der Gang um das Auto, bevor etwas gemessen wird: Was verschlissen oder lose ist, macht jede Ablesung wertlos. Zeigen Sie auf einen Punkt, prüfen Sie ihn wie gezeichnet, und haken Sie ihn ab.</translation>
    </message>
    <message>
      <source>The weight stays on, nothing has to settle, and the rule can be watched while it is turned.</source>
      <translation>Das Gewicht bleibt drauf, nichts muss sich setzen, und der Maßstab lässt sich beim Drehen beobachten.</translation>
    </message>
    <message>
      <source>The wheel is straight. Lock, empty the loose list, and keep the record.</source>
      <translation>Das Lenkrad ist gerade. Festziehen, die Liste des Losen leeren und den Bericht behalten.</translation>
    </message>
    <message>
      <source>The wheel is straight: that is the job.</source>
      <translation>Das Lenkrad ist gerade: Das war der Auftrag.</translation>
    </message>
    <message>
      <source>The wheel is to toe in. Longer still, or shorter?</source>
      <translation>Das Rad soll auf Vorspur. Noch länger, oder kürzer?</translation>
    </message>
    <message>
      <source>The wheel is to toe out. Longer still, or shorter?</source>
      <translation>Das Rad soll auf Nachspur. Noch länger, oder kürzer?</translation>
    </message>
    <message>
      <source>The wheel now</source>
      <translation>Das Lenkrad jetzt</translation>
    </message>
    <message>
      <source>The wheel now: ⟨b⟩%1⟨/b⟩ %2</source>
      <translation>Das Lenkrad jetzt: ⟨b⟩%1⟨/b⟩ %2</translation>
    </message>
    <message>
      <source>The wheel only</source>
      <translation>Nur das Lenkrad</translation>
    </message>
    <message>
      <source>The wheel stands ⟨b⟩%1⟨/b⟩; the front wheels are steered by %2 with it.</source>
      <translation>Das Lenkrad steht ⟨b⟩%1⟨/b⟩; die Vorderräder sind damit um %2 gelenkt.</translation>
    </message>
    <message>
      <source>The wheels stand where the car would run by itself, with play and friction taken up as on the road.</source>
      <translation>Die Räder stehen, wo das Auto von selbst liefe, Spiel und Reibung wie auf der Straße angelegt.</translation>
    </message>
    <message>
      <source>The whole evening as one list, in three states of the car, so that it is jacked as seldom as can be. Minutes are those of your own jobs where there are some. Point at a step and go there.</source>
      <translation>Der ganze Abend als eine Liste, in drei Zuständen des Autos, damit es so selten wie möglich aufgebockt wird. Die Minuten sind die Ihrer eigenen Aufträge, wo es welche gibt. Zeigen Sie auf einen Schritt und gehen Sie hin.</translation>
    </message>
    <message>
      <source>The words, and what they are</source>
      <translation>Die Wörter, und was sie sind</translation>
    </message>
    <message>
      <source>The words, each with a drawing that moves:</source>
      <translation>Die Wörter, jedes mit einer Zeichnung, die sich bewegt:</translation>
    </message>
    <message>
      <source>The wrong way: stop, the other way</source>
      <translation>Falsch herum: Halt, anders herum</translation>
    </message>
    <message>
      <source>The {0} wheel's front turned inward to its mark, brake held.</source>
      <translation>Das Rad {0} vorn nach innen bis zur Marke gelenkt, Bremse gehalten.</translation>
    </message>
    <message>
      <source>The {0} wheel's front turned outward to its mark, brake held.</source>
      <translation>Das Rad {0} vorn nach außen bis zur Marke gelenkt, Bremse gehalten.</translation>
    </message>
    <message>
      <source>The {0}'s camber lies too near its edge to be called inside: turned to the middle.</source>
      <translation>Der Sturz {0} liegt zu nah an seiner Kante, um innerhalb zu heißen: zur Mitte gedreht.</translation>
    </message>
    <message>
      <source>The {0}'s caster lies too near its edge to be called inside: turned to the middle.</source>
      <translation>Der Nachlauf {0} liegt zu nah an seiner Kante, um innerhalb zu heißen: zur Mitte gedreht.</translation>
    </message>
    <message>
      <source>Then</source>
      <translation>Dann</translation>
    </message>
    <message>
      <source>Then each hub and both lips of each rim, as with any strings.</source>
      <translation>Dann jede Nabe und beide Ränder jeder Felge, wie bei allen Schnüren.</translation>
    </message>
    <message>
      <source>There is no book at {0}.</source>
      <translation>Bei {0} gibt es kein Buch.</translation>
    </message>
    <message>
      <source>There is no car {0} in this book.</source>
      <translation>In diesem Buch gibt es kein Auto {0}.</translation>
    </message>
    <message>
      <source>There is no job on this car yet that this program can read.</source>
      <translation>Zu diesem Auto gibt es noch keinen Auftrag, den dieses Programm lesen kann.</translation>
    </message>
    <message>
      <source>There is no job {0} in this book.</source>
      <translation>In diesem Buch gibt es keinen Auftrag {0}.</translation>
    </message>
    <message>
      <source>There is no speech engine here: with speech-dispatcher (spd-say) or espeak-ng installed it speaks.</source>
      <translation>Hier ist keine Sprachausgabe: Mit speech-dispatcher (spd-say) oder espeak-ng spricht das Programm.</translation>
    </message>
    <message>
      <source>There is none yet.</source>
      <translation>Es gibt noch keine.</translation>
    </message>
    <message>
      <source>There is nothing of one's own beside it: nothing was read before it.</source>
      <translation>Nichts Eigenes steht daneben: Vorher wurde nichts abgelesen.</translation>
    </message>
    <message>
      <source>There is something at {0} already; a copy goes under a name of its own.</source>
      <translation>Bei {0} steht schon etwas; eine Kopie bekommt einen eigenen Namen.</translation>
    </message>
    <message>
      <source>There, as far as this one tells. Do not lock it yet: the sheet has what to read.</source>
      <translation>Da, soweit es diese Stelle sagt. Noch nicht festziehen: Was abzulesen ist, steht auf dem Blatt.</translation>
    </message>
    <message>
      <source>There: lock it.</source>
      <translation>Da: festziehen.</translation>
    </message>
    <message>
      <source>There: shake it, read once more, lock it.</source>
      <translation>Da: rütteln, noch einmal ablesen, festziehen.</translation>
    </message>
    <message>
      <source>These tiles are laid</source>
      <translation>Diese Platten liegen</translation>
    </message>
    <message>
      <source>They turn and slide without sticking, and carry an angle scale for the sweep.</source>
      <translation>Sie drehen und gleiten, ohne zu kleben, und tragen eine Winkelskala zum Durchlenken.</translation>
    </message>
    <message>
      <source>They wait in their order, and go in by themselves as soon as it can be done.</source>
      <translation>Sie warten der Reihe nach und werden von selbst geschrieben, sobald es geht.</translation>
    </message>
    <message>
      <source>This book is open for reading only.</source>
      <translation>Dieses Buch ist nur zum Lesen offen.</translation>
    </message>
    <message>
      <source>This book was written by a newer Fair Chalk (version {0}; this one writes version {1}). It is open for reading only.</source>
      <translation>Dieses Buch wurde von einem neueren Fair Chalk geschrieben (Version {0}; dieses schreibt Version {1}). Es ist nur zum Lesen offen.</translation>
    </message>
    <message>
      <source>This can't resolve it in a few rounds, and no finer tool would: widen the tolerance or use another way of measuring.</source>
      <translation>Dies klärt es nicht in wenigen Runden, und kein feineres Werkzeug täte es: die Toleranz weiten oder anders messen.</translation>
    </message>
    <message>
      <source>This can't resolve it in a few rounds: %1, each spot twice, would.</source>
      <translation>Dies klärt es nicht in wenigen Runden: %1, jede Stelle zweimal, täte es.</translation>
    </message>
    <message>
      <source>This car's angles are in this job: the next one begins with them, and the turns that put them back are planned from what is read then.</source>
      <translation>Die Winkel dieses Autos stehen in diesem Auftrag: Der nächste beginnt mit ihnen, und die Drehungen zurück werden aus dem geplant, was dann abgelesen wird.</translation>
    </message>
    <message>
      <source>This drawing as SVG …</source>
      <translation>Diese Zeichnung als SVG …</translation>
    </message>
    <message>
      <source>This garage against its sheets: %1</source>
      <translation>Diese Werkstatt gegen ihre Blätter: %1</translation>
    </message>
    <message>
      <source>This gauge is taken to show minus where the top leans in. The lean test fixes that, once.</source>
      <translation>Angenommen wird, dass dieser Winkelmesser Minus zeigt, wo die Oberkante nach innen steht. Die Neigeprobe klärt das, einmal.</translation>
    </message>
    <message>
      <source>This is as far as it goes. Not inside for certain: {0}; {1}. That all is inside nevertheless: {2}.</source>
      <translation>Weiter geht es nicht. Nicht sicher innerhalb: {0}; {1}. Dass doch alles innerhalb ist: {2}.</translation>
    </message>
    <message>
      <source>This job</source>
      <translation>Dieser Auftrag</translation>
    </message>
    <message>
      <source>This job has no targets: nothing is judged and nothing planned.</source>
      <translation>Dieser Auftrag hat keine Ziele: Nichts wird beurteilt und nichts geplant.</translation>
    </message>
    <message>
      <source>This job is full: it has %1 rounds and %2 entries. Begin a new job on this car; what is here stays as it is.</source>
      <translation>Dieser Auftrag ist voll: Er hat %1 Runden und %2 Einträge. Beginnen Sie einen neuen Auftrag an diesem Auto; was hier steht, bleibt.</translation>
    </message>
    <message>
      <source>This program measures and reckons; it can't see the car.</source>
      <translation>Dieses Programm misst und rechnet; das Auto sieht es nicht.</translation>
    </message>
    <message>
      <source>This round is read, and another reading is worth more than a turn: %1.</source>
      <translation>Diese Runde ist abgelesen, und eine weitere Ablesung ist mehr wert als eine Drehung: %1.</translation>
    </message>
    <message>
      <source>This round is read. Enter goes on to what to turn; any spot can be read again.</source>
      <translation>Diese Runde ist abgelesen. Eingabe geht weiter zu dem, was zu drehen ist; jede Stelle kann neu abgelesen werden.</translation>
    </message>
    <message>
      <source>This rule has inches: a bare number is inches.</source>
      <translation>Dieser Maßstab hat Zoll: eine bloße Zahl ist Zoll.</translation>
    </message>
    <message>
      <source>This rule has millimetres: a bare number is mm.</source>
      <translation>Dieser Maßstab hat Millimeter: eine bloße Zahl ist mm.</translation>
    </message>
    <message>
      <source>This screen</source>
      <translation>Dieser Bildschirm</translation>
    </message>
    <message>
      <source>This spoils</source>
      <translation>Das verdirbt</translation>
    </message>
    <message>
      <source>Thread pitch of the tie rods</source>
      <translation>Gewindesteigung der Spurstangen</translation>
    </message>
    <message>
      <source>Three of four are wanted. Once more?</source>
      <translation>Drei von vier sind gefragt. Noch einmal?</translation>
    </message>
    <message>
      <source>Three places across a tread say what wears it.</source>
      <translation>Drei Stellen quer über eine Lauffläche sagen, was sie verschleißt.</translation>
    </message>
    <message>
      <source>Through its jobs</source>
      <translation>Durch seine Aufträge</translation>
    </message>
    <message>
      <source>Thrust</source>
      <translation>Fahrachse</translation>
    </message>
    <message>
      <source>Tighten in the manual's order; a damaged stud or nut is replaced before the car moves.</source>
      <translation>In der Reihenfolge des Handbuchs festziehen; ein beschädigter Bolzen, eine beschädigte Mutter wird ersetzt, bevor das Auto sich bewegt.</translation>
    </message>
    <message>
      <source>Tighten or replace the mounts; lock the column's pinch bolt to the manual's torque.</source>
      <translation>Die Befestigung festziehen oder ersetzen; die Klemmschraube der Säule mit dem Drehmoment des Handbuchs sichern.</translation>
    </message>
    <message>
      <source>Tighten the nut</source>
      <translation>Die Mutter anziehen</translation>
    </message>
    <message>
      <source>Tighten to the manual's torque</source>
      <translation>Mit dem Drehmoment des Handbuchs festziehen</translation>
    </message>
    <message>
      <source>Tightening moves cams and rods with left and right threads: mark, hold, tighten, then read again.</source>
      <translation>Anziehen bewegt Exzenter und Stangen mit Links- und Rechtsgewinde: anzeichnen, halten, anziehen, dann neu ablesen.</translation>
    </message>
    <message>
      <source>Tiles</source>
      <translation>Platten</translation>
    </message>
    <message>
      <source>Tiles of %1</source>
      <translation>Platten von %1</translation>
    </message>
    <message>
      <source>Tire pressures, cold</source>
      <translation>Luftdrücke, kalt</translation>
    </message>
    <message>
      <source>Tires</source>
      <translation>Reifen</translation>
    </message>
    <message>
      <source>Tires last, and rolling drag takes up the play; toe wears tires, camber is tolerant, caster is feel.</source>
      <translation>Reifen halten, und der Rollwiderstand nimmt das Spiel auf; Spur verschleißt Reifen, Sturz verzeiht, Nachlauf ist Gefühl.</translation>
    </message>
    <message>
      <source>Tires worn in cups or patches</source>
      <translation>Reifen in Mulden oder Flecken abgefahren</translation>
    </message>
    <message>
      <source>Tires worn on both edges, or in the middle</source>
      <translation>Reifen an beiden Kanten oder in der Mitte abgefahren</translation>
    </message>
    <message>
      <source>Tires worn on one edge</source>
      <translation>Reifen an einer Kante abgefahren</translation>
    </message>
    <message>
      <source>Tires: bulges, belts, wear</source>
      <translation>Reifen: Beulen, Gürtel, Verschleiß</translation>
    </message>
    <message>
      <source>To be added to what a gauge shows</source>
      <translation>Dem hinzuzufügen, was ein Winkelmesser zeigt</translation>
    </message>
    <message>
      <source>To be told once</source>
      <translation>Einmal zu sagen</translation>
    </message>
    <message>
      <source>To do: %1</source>
      <translation>Zu tun: %1</translation>
    </message>
    <message>
      <source>To expect</source>
      <translation>Zu erwarten</translation>
    </message>
    <message>
      <source>To the practice shop</source>
      <translation>Zur Übungswerkstatt</translation>
    </message>
    <message>
      <source>To the readings</source>
      <translation>Zu den Ablesungen</translation>
    </message>
    <message>
      <source>Toe</source>
      <translation>Spur</translation>
    </message>
    <message>
      <source>Toe as a length means nothing without the distance it is measured over: the same angle is more on a longer one.</source>
      <translation>Spur als Länge sagt nichts ohne den Abstand, über den sie gemessen ist: Derselbe Winkel ist auf einem längeren mehr.</translation>
    </message>
    <message>
      <source>Toe boards</source>
      <translation>Spurbretter</translation>
    </message>
    <message>
      <source>Toe boards and two tapes</source>
      <translation>Spurbretter und zwei Bandmaße</translation>
    </message>
    <message>
      <source>Toe first</source>
      <translation>Zuerst die Spur</translation>
    </message>
    <message>
      <source>Toe first only while it is more than half a degree outside, then caster, camber, toe.</source>
      <translation>Zuerst die Spur nur, solange sie mehr als ein halbes Grad außerhalb ist, dann Nachlauf, Sturz, Spur.</translation>
    </message>
    <message>
      <source>Toe first, and again at the end</source>
      <translation>Zuerst die Spur, und am Ende wieder</translation>
    </message>
    <message>
      <source>Toe in</source>
      <translation>Vorspur</translation>
    </message>
    <message>
      <source>Toe is brought near only as far as the car needs it to roll; its fine work waits until nothing moves it any more.</source>
      <translation>Die Spur kommt nur so nah, wie das Auto es zum Rollen braucht; das Feine wartet, bis nichts sie mehr bewegt.</translation>
    </message>
    <message>
      <source>Toe is right, the wheel sits level, and held level it drifts to the left. What first?</source>
      <translation>Die Spur stimmt, das Lenkrad steht gerade, und gerade gehalten zieht es nach links. Was zuerst?</translation>
    </message>
    <message>
      <source>Toe is uncertain by the play, and wanders while the wheels are turned.</source>
      <translation>Die Spur ist um das Spiel unsicher und wandert, während die Räder gelenkt werden.</translation>
    </message>
    <message>
      <source>Toe of both left wheels against the line of the hubs.</source>
      <translation>Spur beider linken Räder gegen die Linie der Naben.</translation>
    </message>
    <message>
      <source>Toe of both right wheels against the line of the hubs.</source>
      <translation>Spur beider rechten Räder gegen die Linie der Naben.</translation>
    </message>
    <message>
      <source>Toe of both wheels of this axle, and the steering wheel.</source>
      <translation>Spur beider Räder dieser Achse, und das Lenkrad.</translation>
    </message>
    <message>
      <source>Toe of each wheel against the chassis itself.</source>
      <translation>Spur jedes Rades gegen das Fahrgestell selbst.</translation>
    </message>
    <message>
      <source>Toe of each wheel, total toe of both axles, and where the rear axle points.</source>
      <translation>Spur jedes Rades, Gesamtspur beider Achsen, und wohin die Hinterachse zeigt.</translation>
    </message>
    <message>
      <source>Toe out</source>
      <translation>Nachspur</translation>
    </message>
    <message>
      <source>Toe out at the front, or a rear axle whose toe is loose or uneven.</source>
      <translation>Nachspur vorn, oder eine Hinterachse, deren Spur lose oder ungleich ist.</translation>
    </message>
    <message>
      <source>Toe out by a quarter of a degree is felt as wandering; so is play of a few millimetres at the rim of the steering wheel.</source>
      <translation>Nachspur von einem Viertelgrad ist als Schwimmen zu spüren; ebenso ein Spiel von einigen Millimetern am Lenkradkranz.</translation>
    </message>
    <message>
      <source>Toe there %1 with this %2, %3 without it.</source>
      <translation>Spur dort %1 mit dieser %2, %3 ohne sie.</translation>
    </message>
    <message>
      <source>Toe. The floor's slope is in it until the floor is known.</source>
      <translation>Spur. Das Gefälle des Bodens steckt darin, bis der Boden bekannt ist.</translation>
    </message>
    <message>
      <source>Toes are measured from %1.</source>
      <translation>Spur wird gemessen von: %1.</translation>
    </message>
    <message>
      <source>Told, and nothing is left to turn: Enter opens the record.</source>
      <translation>Gesagt, und nichts ist mehr zu drehen: Enter öffnet das Protokoll.</translation>
    </message>
    <message>
      <source>Told: Enter goes on to what is to be done.</source>
      <translation>Gesagt: Enter führt weiter zu dem, was zu tun ist.</translation>
    </message>
    <message>
      <source>Tolerance taken as %1.</source>
      <translation>Toleranz angenommen mit %1.</translation>
    </message>
    <message>
      <source>Too close to call</source>
      <translation>Zu knapp</translation>
    </message>
    <message>
      <source>Too coarse for these targets more often than not: a finer tool, or a wider tolerance.</source>
      <translation>Meist zu grob für diese Ziele: ein feineres Werkzeug, oder eine weitere Toleranz.</translation>
    </message>
    <message>
      <source>Too far: back</source>
      <translation>Zu weit: zurück</translation>
    </message>
    <message>
      <source>Too far: back, {0}, until it shows about {1}; shaken, {2}.</source>
      <translation>Zu weit: zurück, {0}, bis es etwa {1} zeigt; gerüttelt {2}.</translation>
    </message>
    <message>
      <source>Too far: back, {0}, until it shows {1}.</source>
      <translation>Zu weit: zurück, {0}, bis es {1} zeigt.</translation>
    </message>
    <message>
      <source>Too far: back, {0}.</source>
      <translation>Zu weit: zurück, {0}.</translation>
    </message>
    <message>
      <source>Too little caster, or something that binds: a joint, a column, a strut's top bearing, a box set too tight.</source>
      <translation>Zu wenig Nachlauf, oder etwas klemmt: ein Gelenk, die Säule, das obere Lager eines Federbeins, ein zu stramm gestelltes Getriebe.</translation>
    </message>
    <message>
      <source>Top leans in</source>
      <translation>Oben nach innen</translation>
    </message>
    <message>
      <source>Top leans out</source>
      <translation>Oben nach außen</translation>
    </message>
    <message>
      <source>Torque from the card: ⟨b⟩%1⟨/b⟩.</source>
      <translation>Drehmoment von der Karte: ⟨b⟩%1⟨/b⟩.</translation>
    </message>
    <message>
      <source>Torques and new nuts by the vehicle's manual. Arm bolts are tightened at ride height.</source>
      <translation>Drehmomente und neue Muttern nach dem Handbuch des Fahrzeugs. Lenkerschrauben werden in Fahrhöhe angezogen.</translation>
    </message>
    <message>
      <source>Torques, tin</source>
      <translation>Drehmomente, Dose</translation>
    </message>
    <message>
      <source>Total toe %1 ±%2; %3 to %4 is wanted. What is it?</source>
      <translation>Gesamtspur %1 ±%2; gewünscht ist %3 bis %4. Was ist es?</translation>
    </message>
    <message>
      <source>Total toe of that axle, as the gauge shows it.</source>
      <translation>Gesamtspur dieser Achse, wie der Spurmesser sie zeigt.</translation>
    </message>
    <message>
      <source>Total toe of that axle, free of the rims' run-out.</source>
      <translation>Gesamtspur dieser Achse, frei vom Schlag der Felgen.</translation>
    </message>
    <message>
      <source>Total toe of that axle, roughly.</source>
      <translation>Gesamtspur dieser Achse, grob.</translation>
    </message>
    <message>
      <source>Total toe of that axle.</source>
      <translation>Gesamtspur dieser Achse.</translation>
    </message>
    <message>
      <source>Total toe of the {0} as the gauge shows it, with in or out: 12' in.</source>
      <translation>Gesamtspur ({0}), wie der Spurmesser sie zeigt, mit Vorspur oder Nachspur: 12' Vorspur.</translation>
    </message>
    <message>
      <source>Turn</source>
      <translation>Drehen</translation>
    </message>
    <message>
      <source>Turn as drawn, then read again.</source>
      <translation>Drehen wie gezeichnet, dann neu ablesen.</translation>
    </message>
    <message>
      <source>Turn both rods</source>
      <translation>Beide Stangen drehen</translation>
    </message>
    <message>
      <source>Turn has it as Left as the right and Right as the left. Caution: both sides may be wrong alike.</source>
      <translation>Bei Drehen heißt es „vorn links wie rechts“ und „vorn rechts wie links“. Vorsicht: Beide Seiten können gleich falsch sein.</translation>
    </message>
    <message>
      <source>Turn it inward by about the same, and read the gap once more.</source>
      <translation>Um etwa ebenso viel nach innen lenken und den Spalt noch einmal ablesen.</translation>
    </message>
    <message>
      <source>Turn it inward by about the same, hang the line anew, and read both gaps.</source>
      <translation>Um etwa ebenso viel nach innen lenken, das Lot neu hängen und beide Spalte ablesen.</translation>
    </message>
    <message>
      <source>Turn it inward by about the same. Read camber. The car walks as it is turned: make the floor marks anew for the other wheel.</source>
      <translation>Um etwa ebenso viel nach innen lenken. Sturz ablesen. Das Auto wandert beim Lenken: die Marken am Boden für das andere Rad neu machen.</translation>
    </message>
    <message>
      <source>Turn it inward by the same and read caster off its scale.</source>
      <translation>Um ebenso viel nach innen lenken und den Nachlauf von der Skala ablesen.</translation>
    </message>
    <message>
      <source>Turn it inward by the same, and read what the gauge shows now.</source>
      <translation>Um ebenso viel nach innen lenken und ablesen, was der Winkelmesser nun zeigt.</translation>
    </message>
    <message>
      <source>Turn it until the line runs along the car, clear of the tires at both ends. It need not be square to anything: how it lies is solved.</source>
      <translation>Drehen, bis die Linie am Auto entlangläuft, an beiden Enden frei von den Reifen. Rechtwinklig muss sie zu nichts sein: Wie sie liegt, wird gelöst.</translation>
    </message>
    <message>
      <source>Turn plates</source>
      <translation>Drehplatten</translation>
    </message>
    <message>
      <source>Turn that wheel's front outward by the angle and read the gap again. The top may lean the other way now: say so.</source>
      <translation>Das Rad vorn um den Winkel nach außen lenken und den Spalt noch einmal ablesen. Oben kann es sich nun anders neigen: sagen.</translation>
    </message>
    <message>
      <source>Turn that wheel's front outward by the angle, and set the gauge to zero there.</source>
      <translation>Das Rad vorn um den Winkel nach außen lenken und den Winkelmesser dort nullen.</translation>
    </message>
    <message>
      <source>Turn that wheel's front outward by the angle, hang the line anew past the lips, and read both gaps.</source>
      <translation>Das Rad vorn um den Winkel nach außen lenken, das Lot neu an den Rändern vorbei hängen und beide Spalte ablesen.</translation>
    </message>
    <message>
      <source>Turn that wheel's front outward by the angle: by the plate's scale, floor marks, or the steering wheel over its ratio. Read camber.</source>
      <translation>Das Rad vorn um den Winkel nach außen lenken: nach der Skala der Platte, Marken am Boden oder dem Lenkrad durch seine Übersetzung. Sturz ablesen.</translation>
    </message>
    <message>
      <source>Turn that wheel's front outward by the gauge's angle and set its bubble to zero.</source>
      <translation>Das Rad vorn um den Winkel des Nachlaufmessers nach außen lenken und seine Libelle nullen.</translation>
    </message>
    <message>
      <source>Turn the gauge end for end on the same lips and read again: that takes its own zero out.</source>
      <translation>Den Winkelmesser an denselben Rändern umdrehen und noch einmal ablesen: Das nimmt seinen eigenen Nullpunkt heraus.</translation>
    </message>
    <message>
      <source>Turn the gauge end for end on the same lips of the {0} wheel, and type what it shows, with the sign that it had before.</source>
      <translation>Den Winkelmesser an denselben Rändern des Rades {0} umdrehen und eingeben, was er zeigt, mit dem Vorzeichen von vorher.</translation>
    </message>
    <message>
      <source>Turn the level end for end on each leg and take the mean: its own error is gone then.</source>
      <translation>Die Waage auf jeder Strecke umdrehen und den Mittelwert nehmen: Dann ist ihr eigener Fehler weg.</translation>
    </message>
    <message>
      <source>Turn the rod a little: the boot must stay still.</source>
      <translation>Die Stange ein wenig drehen: Die Manschette muss stehen bleiben.</translation>
    </message>
    <message>
      <source>Turn the {0} wheel out, zero the gauge's bubble, turn it in, and read its caster scale.</source>
      <translation>Das Rad {0} nach außen lenken, die Libelle nullen, nach innen lenken und die Nachlaufskala ablesen.</translation>
    </message>
    <message>
      <source>Turn the {0} wheel out, zero the gauge, turn it in as far, brake held, and read the gauge.</source>
      <translation>Das Rad {0} nach außen lenken, den Winkelmesser nullen, ebenso weit nach innen lenken, Bremse gehalten, und ablesen.</translation>
    </message>
    <message>
      <source>Turn the {0} wheel's front inward to its mark, brake held, and read camber.</source>
      <translation>Das Rad {0} vorn nach innen bis zur Marke lenken, Bremse gehalten, und den Sturz ablesen.</translation>
    </message>
    <message>
      <source>Turn the {0} wheel's front outward to its mark, brake held, and read camber.</source>
      <translation>Das Rad {0} vorn nach außen bis zur Marke lenken, Bremse gehalten, und den Sturz ablesen.</translation>
    </message>
    <message>
      <source>Turn until it shows</source>
      <translation>Drehen, bis es zeigt</translation>
    </message>
    <message>
      <source>Turn {0} things</source>
      <translation>{0} Dinge drehen</translation>
    </message>
    <message>
      <source>Turn, shake, read again, tighten</source>
      <translation>Drehen, rütteln, neu ablesen, festziehen</translation>
    </message>
    <message>
      <source>Turn, watch the rule, type what it shows: at once it says how much is left.</source>
      <translation>Drehen, den Maßstab beobachten, eingeben, was er zeigt: Sofort steht da, wie viel noch fehlt.</translation>
    </message>
    <message>
      <source>Turn: {0}</source>
      <translation>Drehen: {0}</translation>
    </message>
    <message>
      <source>Turned as written</source>
      <translation>Gedreht wie beschrieben</translation>
    </message>
    <message>
      <source>Turned by …</source>
      <translation>Gelenkt um …</translation>
    </message>
    <message>
      <source>Turned each way for caster</source>
      <translation>Für den Nachlauf je Seite gelenkt</translation>
    </message>
    <message>
      <source>Turned out the wheel leans out, turned in it leans in. How does its axis stand?</source>
      <translation>Nach außen gelenkt neigt sich das Rad nach außen, nach innen gelenkt nach innen. Wie steht seine Achse?</translation>
    </message>
    <message>
      <source>Turned since it was measured last: %1.</source>
      <translation>Gedreht, seit es zuletzt gemessen wurde: %1.</translation>
    </message>
    <message>
      <source>Turned since the last value: %1.</source>
      <translation>Seit dem letzten Wert gedreht: %1.</translation>
    </message>
    <message numerus="yes">
      <source>Turned, and not read since: what it spoiled is read first, %n spots (Ctrl+6).</source>
      <comment>Turned, and not read since: what it spoiled is read first, one spot (Ctrl+6).</comment>
      <translation>
        <numerusform>Gedreht und seither nicht abgelesen: Zuerst wird abgelesen, was es verdarb, eine Stelle (Strg+6).</numerusform>
        <numerusform>Gedreht und seither nicht abgelesen: Zuerst wird abgelesen, was es verdarb, %n Stellen (Strg+6).</numerusform>
      </translation>
    </message>
    <message>
      <source>Turned, not read yet: this is expected</source>
      <translation>Gedreht, noch nicht abgelesen: Dies ist erwartet</translation>
    </message>
    <message>
      <source>Turns longer, or with a minus shorter: 7/8, -1/4, 2 flats. 0 if it was not turned, can't if it does not turn.</source>
      <translation>Umdrehungen länger, oder mit Minus kürzer: 7/8, -1/4, 2 Flächen. 0, wenn nicht gedreht wurde, geht nicht, wenn es sich nicht drehen lässt.</translation>
    </message>
    <message>
      <source>Twice in a row this car's angles were best explained so: %1. Look there first.</source>
      <translation>Zweimal nacheinander waren die Winkel dieses Autos am besten so erklärt: %1. Dort zuerst nachsehen.</translation>
    </message>
    <message>
      <source>Two boards alike, clamped together for the saw cuts. Slots ⟨b⟩%1⟨/b⟩ apart, %2 above the floor, on a board %3 by %4.</source>
      <translation>Zwei gleiche Bretter, für die Sägeschnitte zusammengespannt. Schlitze ⟨b⟩%1⟨/b⟩ auseinander, %2 über dem Boden, auf einem Brett von %3 mal %4.</translation>
    </message>
    <message>
      <source>Two boards and two tapes tell the total toe in ten minutes, and nothing of one wheel alone.</source>
      <translation>Zwei Bretter und zwei Bandmaße nennen die Gesamtspur in zehn Minuten, und nichts von einem Rad allein.</translation>
    </message>
    <message>
      <source>Two equal arms for each wheel that clip to the rim and stand out square from it, with a nick at the same distance on the outer ones.</source>
      <translation>Zwei gleiche Arme je Rad, die an der Felge klemmen und rechtwinklig davon abstehen, an den äußeren eine Kerbe im gleichen Abstand.</translation>
    </message>
    <message>
      <source>Two flat boards as long as the tire is high, with two saw cuts for the tapes as far apart on both.</source>
      <translation>Zwei ebene Bretter, so lang wie der Reifen hoch, mit zwei Sägeschnitten für die Bandmaße, an beiden gleich weit auseinander.</translation>
    </message>
    <message>
      <source>Two glazed tiles, face to face</source>
      <translation>Zwei glasierte Fliesen, Gesicht auf Gesicht</translation>
    </message>
    <message>
      <source>Two lengths are wanted, and an angle under 90° if it is not in line: “400 mm 100 mm 30 deg”.</source>
      <translation>Gefragt sind zwei Längen, und ein Winkel unter 90°, wenn es nicht in einer Linie liegt: „400 mm 100 mm 30 Grad“.</translation>
    </message>
    <message>
      <source>Two millimetres of shims go behind the upper arm. Read both lips again, and see what became of the toe.</source>
      <translation>Zwei Millimeter Beilagen kommen hinter den oberen Lenker. Beide Ränder noch einmal ablesen und sehen, was aus der Spur wurde.</translation>
    </message>
    <message>
      <source>Two millimetres sideways are about 0°15' of camber, the other way on the other side.</source>
      <translation>Zwei Millimeter seitlich sind etwa 0°15' Sturz, auf der anderen Seite anders herum.</translation>
    </message>
    <message>
      <source>Two plastic bags with a little oil or soap between</source>
      <translation>Zwei Plastiktüten mit etwas Öl oder Seife dazwischen</translation>
    </message>
    <message>
      <source>Two save half the walking: one reads, one types</source>
      <translation>Zu zweit ist der halbe Weg gespart: einer liest ab, einer gibt ein</translation>
    </message>
    <message>
      <source>Two sheets of metal with grease between</source>
      <translation>Zwei Bleche mit Fett dazwischen</translation>
    </message>
    <message>
      <source>Two stands and a string.</source>
      <translation>Zwei Ständer und eine Schnur.</translation>
    </message>
    <message>
      <source>Two stands and one string; the other side follows with the same ones.</source>
      <translation>Zwei Ständer und eine Schnur; die andere Seite folgt mit denselben.</translation>
    </message>
    <message>
      <source>Two straight bars, drilled for two studs, with a nick near each end as far apart on both.</source>
      <translation>Zwei gerade Stangen, für zwei Bolzen gebohrt, mit einer Kerbe nahe jedem Ende, an beiden gleich weit auseinander.</translation>
    </message>
    <message>
      <source>Two straight square tubes, both clamped together and notched in one cut, the same distance apart.</source>
      <translation>Zwei gerade Vierkantrohre, zusammengespannt und in einem Schnitt gekerbt, im gleichen Abstand.</translation>
    </message>
    <message>
      <source>Two tapes differ. Read, swap them, read again: their difference cancels. One tape used twice needs no swap; only the difference of both readings will do as well.</source>
      <translation>Zwei Bandmaße unterscheiden sich. Ablesen, tauschen, wieder ablesen: Ihr Unterschied hebt sich auf. Ein Bandmaß zweimal benutzt braucht keinen Tausch; auch nur der Unterschied beider Ablesungen genügt.</translation>
    </message>
    <message>
      <source>Two tapes on one axle: give each its own name here, read, swap them, read again. Their difference drops out.</source>
      <translation>Zwei Bandmaße an einer Achse: hier jedem einen eigenen Namen geben, ablesen, tauschen, wieder ablesen. Ihr Unterschied fällt heraus.</translation>
    </message>
    <message>
      <source>Two thick bags under each wheel, oil between, not on the floor. Wipe the tire and the floor after it.</source>
      <translation>Zwei dicke Tüten unter jedem Rad, Öl dazwischen, nicht auf dem Boden. Reifen und Boden danach abwischen.</translation>
    </message>
    <message>
      <source>Type a dimension and the card follows; it prints with Ctrl+P. Escape goes back.</source>
      <translation>Geben Sie ein Maß ein, und die Karte folgt; Strg+P druckt sie. Escape geht zurück.</translation>
    </message>
    <message>
      <source>Type each figure as the sheet has it: toe in, a top that leans out, a steering axis that leans back are positive; in and out may be said in words.</source>
      <translation>Jeden Wert eingeben, wie das Blatt ihn hat: Vorspur, oben nach außen und eine nach hinten geneigte Lenkachse sind positiv; Vorspur und Nachspur können in Worten gesagt werden.</translation>
    </message>
    <message>
      <source>Type it for each in turn; what was planned stands on the floor.</source>
      <translation>Für jede nacheinander eingeben; was geplant war, steht auf dem Boden.</translation>
    </message>
    <message>
      <source>Type the thickness of a tile, and the program says how many go under which wheel.</source>
      <translation>Geben Sie die Dicke einer Platte ein, und das Programm sagt, wie viele unter welches Rad kommen.</translation>
    </message>
    <message>
      <source>Type what the thread or the pointer stands at, as fine as the rule allows. Between two marks, say which half.</source>
      <translation>Eingeben, bei wie viel der Faden oder der Zeiger steht, so fein der Maßstab es erlaubt. Zwischen zwei Strichen sagen, welche Hälfte.</translation>
    </message>
    <message>
      <source>Understood: Ctrl+7 says what to turn.</source>
      <translation>Verstanden: Strg+7 sagt, was zu drehen ist.</translation>
    </message>
    <message>
      <source>Undo</source>
      <translation>Rückgängig</translation>
    </message>
    <message>
      <source>Unequal rods make the toe change with bumps, differently left and right.</source>
      <translation>Ungleiche Stangen ändern die Spur beim Einfedern, links und rechts verschieden.</translation>
    </message>
    <message>
      <source>Up on the jack for every turn</source>
      <translation>Für jede Drehung auf den Heber</translation>
    </message>
    <message>
      <source>Up, and on stands at the maker's points</source>
      <translation>Hoch, und auf Stützen an den Punkten des Herstellers</translation>
    </message>
    <message>
      <source>Verdict</source>
      <translation>Urteil</translation>
    </message>
    <message>
      <source>Walk there and hold it</source>
      <translation>Hingehen und anhalten</translation>
    </message>
    <message>
      <source>Water level or laser</source>
      <translation>Schlauchwaage oder Laser</translation>
    </message>
    <message>
      <source>Ways to measure</source>
      <translation>Arten zu messen</translation>
    </message>
    <message>
      <source>Ways to measure toe</source>
      <translation>Arten, Spur zu messen</translation>
    </message>
    <message>
      <source>Weigh ballast on bathroom scales; put it where the driver sits.</source>
      <translation>Ballast auf einer Personenwaage wiegen; dorthin, wo der Fahrer sitzt.</translation>
    </message>
    <message>
      <source>Weight off the arm; both bolts loosened, not taken out.</source>
      <translation>Lenker entlasten; beide Schrauben gelockert, nicht herausgenommen.</translation>
    </message>
    <message>
      <source>Weight off the wheel; mark the upright against the strut, then free both nuts.</source>
      <translation>Rad entlasten; den Radträger gegen das Federbein anzeichnen, dann beide Muttern lösen.</translation>
    </message>
    <message>
      <source>Weight off the wheel; mark where it stands, then free the nuts of both strut bolts while the head is held.</source>
      <translation>Rad entlasten; anzeichnen, wo er steht, dann die Muttern beider Federbeinschrauben lösen und den Kopf dabei halten.</translation>
    </message>
    <message>
      <source>Weight off the wheel; the plate's nuts loosened, never the middle nut of the strut.</source>
      <translation>Rad entlasten; die Muttern der Platte gelockert, niemals die mittlere Mutter des Federbeins.</translation>
    </message>
    <message>
      <source>Weight off; free the locknuts at both ends.</source>
      <translation>Entlasten; die Kontermuttern an beiden Enden lösen.</translation>
    </message>
    <message>
      <source>Weight off; free the locknuts at both ends: the one on the left-hand thread loosens the other way, clockwise.</source>
      <translation>Entlasten; die Kontermuttern an beiden Enden lösen: Die am Linksgewinde löst sich anders herum, im Uhrzeigersinn.</translation>
    </message>
    <message>
      <source>Weight off; mark where the joint stands, then free its nuts.</source>
      <translation>Entlasten; anzeichnen, wo das Gelenk steht, dann seine Muttern lösen.</translation>
    </message>
    <message>
      <source>Weight off; mark where the thick side stands, slacken the pivot bolt until the sleeve is free, and turn it by its flats.</source>
      <translation>Entlasten; anzeichnen, wo die dicke Seite steht, die Lagerschraube lockern, bis die Hülse frei ist, und sie an ihren Flächen drehen.</translation>
    </message>
    <message>
      <source>Weight off; the pivot bolt loosened.</source>
      <translation>Entlasten; die Lagerschraube gelockert.</translation>
    </message>
    <message>
      <source>What a fault does to the readings</source>
      <translation>Was ein Mangel mit den Ablesungen macht</translation>
    </message>
    <message>
      <source>What can be done here now</source>
      <translation>Was hier jetzt getan werden kann</translation>
    </message>
    <message>
      <source>What could not be seen here</source>
      <translation>Was hier nicht zu sehen war</translation>
    </message>
    <message>
      <source>What did it do?</source>
      <translation>Was hat es getan?</translation>
    </message>
    <message>
      <source>What does it stand on?</source>
      <translation>Worauf steht es?</translation>
    </message>
    <message>
      <source>What does the odometer show?</source>
      <translation>Was zeigt der Kilometerzähler?</translation>
    </message>
    <message>
      <source>What does the sheet say: %1?</source>
      <translation>Was sagt das Blatt: %1?</translation>
    </message>
    <message>
      <source>What does the thread stand at?</source>
      <translation>Bei wie viel steht der Faden?</translation>
    </message>
    <message>
      <source>What happened?</source>
      <translation>Was ist geschehen?</translation>
    </message>
    <message>
      <source>What has locking done?</source>
      <translation>Was hat das Sichern getan?</translation>
    </message>
    <message>
      <source>What has to become of the rod?</source>
      <translation>Was muss aus der Stange werden?</translation>
    </message>
    <message>
      <source>What is felt is kept with the drive; the angles are held against it.</source>
      <translation>Was gespürt wird, bleibt bei der Fahrt; die Winkel werden dagegengehalten.</translation>
    </message>
    <message>
      <source>What is known, and how well</source>
      <translation>Was bekannt ist, und wie gut</translation>
    </message>
    <message>
      <source>What is left is at most %1, and is reckoned out.</source>
      <translation>Was bleibt, ist höchstens %1 und wird herausgerechnet.</translation>
    </message>
    <message>
      <source>What is left out stays as it is, and the sheet says what that leaves. One side as the other takes the other side's angles as its aim.</source>
      <translation>Was ausgelassen wird, bleibt, wie es ist, und das Blatt sagt, was das übrig lässt. Eine Seite wie die andere nimmt deren Winkel als Ziel.</translation>
    </message>
    <message>
      <source>What is loose now?</source>
      <translation>Was ist jetzt lose?</translation>
    </message>
    <message>
      <source>What is read waits for this to be told: %1. Lines (Ctrl+5).</source>
      <translation>Was abgelesen ist, wartet darauf, dass dies gesagt wird: %1. Linien (Strg+5).</translation>
    </message>
    <message>
      <source>What is read waits: %1. The car's card (Ctrl+I).</source>
      <translation>Was abgelesen ist, wartet: %1. Die Karte des Autos (Strg+I).</translation>
    </message>
    <message>
      <source>What is said here is undone in every reading taken with it, those already taken too.</source>
      <translation>Was hier gesagt wird, wird in jeder damit genommenen Ablesung berichtigt, auch in den schon genommenen.</translation>
    </message>
    <message>
      <source>What is to be measured is not said: there are no targets yet (Ctrl+I).</source>
      <translation>Was gemessen werden soll, ist nicht gesagt: Noch gibt es keine Ziele (Strg+I).</translation>
    </message>
    <message>
      <source>What is whole comes out of it with: fairchalk-cli salvage {0} FOLDER. Copies of the last days are listed under Copies in the window.</source>
      <translation>Was heil ist, kommt heraus mit: fairchalk-cli salvage {0} FOLDER. Kopien der letzten Tage stehen im Fenster unter „Kopien“.</translation>
    </message>
    <message>
      <source>What is wrong with it?</source>
      <translation>Was ist mit ihm?</translation>
    </message>
    <message>
      <source>What it comes to</source>
      <translation>Was dabei herauskommt</translation>
    </message>
    <message>
      <source>What it does on this car</source>
      <translation>Was es bei diesem Auto bewirkt</translation>
    </message>
    <message>
      <source>What it is expected to move</source>
      <translation>Was davon zu erwarten ist</translation>
    </message>
    <message>
      <source>What it shows is kept as it is, with the gauge's own doubt.</source>
      <translation>Was er zeigt, wird gesichert, wie es ist, mit seinem eigenen Zweifel.</translation>
    </message>
    <message>
      <source>What it shows now, like %1; 1/4 turn counts.</source>
      <translation>Was es jetzt zeigt, etwa %1; 1/4 Umdrehung zählt.</translation>
    </message>
    <message>
      <source>What it shows now, like 107.5; 1/4 turn counts.</source>
      <translation>Was es jetzt zeigt, etwa 107,5; 1/4 Umdrehung zählt mit.</translation>
    </message>
    <message>
      <source>What it shows now, like 4 9/64; 1/4 turn counts.</source>
      <translation>Was es jetzt zeigt, etwa 4 9/64; 1/4 Umdrehung zählt mit.</translation>
    </message>
    <message>
      <source>What it spoils is marked on the line, and asked for again.</source>
      <translation>Was es verdirbt, wird auf der Linie markiert und noch einmal gefragt.</translation>
    </message>
    <message>
      <source>What it stands on, to be free sideways</source>
      <translation>Worauf es steht, um seitlich frei zu sein</translation>
    </message>
    <message>
      <source>What its adjusters do</source>
      <translation>Was seine Einsteller bewirken</translation>
    </message>
    <message>
      <source>What one turn does on this car</source>
      <translation>Was eine Umdrehung bei diesem Auto bewirkt</translation>
    </message>
    <message>
      <source>What the %1 shows</source>
      <translation>Was zu sehen ist (%1)</translation>
    </message>
    <message>
      <source>What the angles say</source>
      <translation>Was die Winkel sagen</translation>
    </message>
    <message>
      <source>What the car really is will be shown, and with that the practice is over. It stays in the book, to be looked at.</source>
      <translation>Gezeigt wird, wie das Auto wirklich ist, und damit ist die Übung zu Ende. Sie bleibt im Buch, zum Ansehen.</translation>
    </message>
    <message>
      <source>What the card's set-ups differ by.</source>
      <translation>Worin sich die Einstellungen der Karte unterscheiden.</translation>
    </message>
    <message>
      <source>What the driver sees is straight; right where the wheel cannot be moved on its shaft.</source>
      <translation>Was der Fahrer sieht, ist gerade; recht, wo das Lenkrad auf seiner Welle nicht versetzt werden kann.</translation>
    </message>
    <message>
      <source>What the engine does to the bushes pulls driven wheels in and pushes the others out: on the road they end parallel.</source>
      <translation>Was der Motor mit den Buchsen macht, zieht angetriebene Räder nach innen und drückt die anderen nach außen: Auf der Straße enden sie parallel.</translation>
    </message>
    <message>
      <source>What the gauge shows now, like -1.2; 1/4 turn counts.</source>
      <translation>Was der Winkelmesser jetzt zeigt, etwa -1,2; 1/4 Umdrehung zählt mit.</translation>
    </message>
    <message>
      <source>What the gauge shows, like -1.2 or 88.8 or -1°10'.</source>
      <translation>Was der Winkelmesser zeigt, etwa -1,2 oder 88,8 oder -1°10'.</translation>
    </message>
    <message>
      <source>What the gauge shows, like 1.2 or 1°10'; which way it leans is said below.</source>
      <translation>Was der Winkelmesser zeigt, etwa 1,2 oder 1°10'; wohin er sich neigt, wird darunter gesagt.</translation>
    </message>
    <message>
      <source>What the last job on this car taught is being worked out …</source>
      <translation>Was der letzte Auftrag an diesem Auto gelehrt hat, wird ausgerechnet …</translation>
    </message>
    <message>
      <source>What the turn has shown</source>
      <translation>Was die Drehung gezeigt hat</translation>
    </message>
    <message>
      <source>What this job is</source>
      <translation>Was dieser Auftrag ist</translation>
    </message>
    <message>
      <source>What this tells</source>
      <translation>Was das sagt</translation>
    </message>
    <message>
      <source>What this will tell</source>
      <translation>Was dies sagen wird</translation>
    </message>
    <message>
      <source>What to aim at, in the terms of the car's manual, which comes first:</source>
      <translation>Das Ziel, in den Begriffen des Handbuchs, das vorgeht:</translation>
    </message>
    <message>
      <source>What to expect</source>
      <translation>Was zu erwarten ist</translation>
    </message>
    <message>
      <source>What to turn</source>
      <translation>Was zu drehen ist</translation>
    </message>
    <message>
      <source>What to turn, by how much and which way, and what the rule will show when you are there. Where too little is known, nothing is asked of you but to read on, look, or make a small test turn.</source>
      <translation>Was zu drehen ist, wie viel und wohin, und was der Maßstab zeigt, wenn Sie da sind. Wo zu wenig bekannt ist, wird nichts von Ihnen verlangt, als weiter abzulesen, nachzusehen oder eine kleine Probedrehung zu machen.</translation>
    </message>
    <message>
      <source>What toe does to them</source>
      <translation>Was die Spur mit ihnen macht</translation>
    </message>
    <message>
      <source>What undoes it (Ctrl+7):</source>
      <translation>Was es aufhebt (Strg+7):</translation>
    </message>
    <message>
      <source>What undoes it (Ctrl+7): %1.</source>
      <translation>Was es aufhebt (Strg+7): %1.</translation>
    </message>
    <message>
      <source>What was done here</source>
      <translation>Was hier getan wurde</translation>
    </message>
    <message>
      <source>What was left loose shows in the first hundred metres.</source>
      <translation>Was lose blieb, zeigt sich auf den ersten hundert Metern.</translation>
    </message>
    <message numerus="yes">
      <source>What was read before the shake is not how it stays: shake it, then read %n spots (Ctrl+6).</source>
      <comment>What was read before the shake is not how it stays: shake it, then read one spot (Ctrl+6).</comment>
      <translation>
        <numerusform>Was vor dem Rütteln abgelesen wurde, bleibt nicht so: rütteln, dann eine Stelle ablesen (Strg+6).</numerusform>
        <numerusform>Was vor dem Rütteln abgelesen wurde, bleibt nicht so: rütteln, dann %n Stellen ablesen (Strg+6).</numerusform>
      </translation>
    </message>
    <message>
      <source>What was there is the way back.</source>
      <translation>Was da war, ist der Weg zurück.</translation>
    </message>
    <message>
      <source>What was turned, and what that did</source>
      <translation>Was gedreht wurde, und was das bewirkte</translation>
    </message>
    <message>
      <source>What went wrong</source>
      <translation>Was schiefging</translation>
    </message>
    <message>
      <source>What will a repair disturb?</source>
      <translation>Was bringt eine Reparatur durcheinander?</translation>
    </message>
    <message>
      <source>What you believe stands on the floor; what is, is not told yet.</source>
      <translation>Was Sie glauben, steht auf dem Boden; was ist, wird noch nicht gesagt.</translation>
    </message>
    <message>
      <source>What you have hangs on the wall; what you take down stands on the floor. The strings need not be square: one estimate over all readings finds out how they lie. What this way can't see is said.</source>
      <translation>Was Sie haben, hängt an der Wand; was Sie herunternehmen, steht auf dem Boden. Die Schnüre müssen nicht rechtwinklig sein: Eine Schätzung über alle Ablesungen findet heraus, wie sie liegen. Was diese Art nicht sehen kann, wird gesagt.</translation>
    </message>
    <message>
      <source>Wheel bearings</source>
      <translation>Radlager</translation>
    </message>
    <message>
      <source>Wheel nuts</source>
      <translation>Radmuttern</translation>
    </message>
    <message>
      <source>Wheel off the ground: rock it top and bottom, then left and right. Movement at the hub is the bearing.</source>
      <translation>Rad in der Luft: oben und unten rütteln, dann links und rechts. Bewegung an der Nabe ist das Lager.</translation>
    </message>
    <message>
      <source>Wheel off, level on spokes</source>
      <translation>Lenkrad schief, Waage auf den Speichen</translation>
    </message>
    <message>
      <source>Wheel off, marks on the rim</source>
      <translation>Lenkrad schief, Marken am Kranz</translation>
    </message>
    <message>
      <source>Wheel school: set the steering wheel level</source>
      <translation>Lenkradlehre: das Lenkrad gerade stellen</translation>
    </message>
    <message>
      <source>Wheel spacers as they will be run</source>
      <translation>Distanzscheiben, wie gefahren wird</translation>
    </message>
    <message>
      <source>Wheelbase, hub to hub</source>
      <translation>Radstand, Nabe zu Nabe</translation>
    </message>
    <message>
      <source>Wheels off, car on stands at its ride height where the suspension has to be: a bar bolted across each hub, level.</source>
      <translation>Räder ab, das Auto auf Stützen in der Fahrhöhe, wo die Aufhängung sein muss: über jede Nabe eine Stange geschraubt, waagerecht.</translation>
    </message>
    <message>
      <source>When should this car be looked at again, and why?</source>
      <translation>Wann soll dieses Auto wieder angesehen werden, und warum?</translation>
    </message>
    <message>
      <source>Where it is read: %1</source>
      <translation>Wo abgelesen wird: %1</translation>
    </message>
    <message>
      <source>Where it went back sideways and fore and aft, camber, caster and thrust follow.</source>
      <translation>Wo er seitlich und längs zurückging, dahin folgen Sturz, Nachlauf und Fahrachse.</translation>
    </message>
    <message>
      <source>Where nothing else gets an arm to the nut. It costs a jacking each time, and what was known of the wheels' place.</source>
      <translation>Wo sonst kein Arm an die Mutter kommt. Es kostet jedes Mal ein Aufbocken, und was von der Stellung der Räder bekannt war.</translation>
    </message>
    <message>
      <source>Where nothing is known, a car that is even runs straight, and a bent part shows.</source>
      <translation>Wo nichts bekannt ist, läuft ein gleichmäßiges Auto geradeaus, und ein verbogenes Teil zeigt sich.</translation>
    </message>
    <message>
      <source>Where the manual has none: schools of thought, never a figure for your car</source>
      <translation>Wo das Handbuch nichts sagt: Lehrmeinungen, nie ein Wert für Ihr Auto</translation>
    </message>
    <message>
      <source>Where the rear axle points matters after a hit, after work on the rear suspension or a sub-frame, and where the wheel will not come straight.</source>
      <translation>Wohin die Hinterachse zeigt, zählt nach einem Aufprall, nach Arbeit an der Hinterachsaufhängung oder einem Hilfsrahmen, und wo das Lenkrad nicht gerade kommen will.</translation>
    </message>
    <message>
      <source>Where the rear axle points, and total toe, until the other side is done too.</source>
      <translation>Wohin die Hinterachse zeigt, und die Gesamtspur, bis auch die andere Seite gemacht ist.</translation>
    </message>
    <message>
      <source>Where the rear axle points. The car goes there, whatever the front wheels are set to, and the steering wheel sits crooked by it.</source>
      <translation>Wohin die Hinterachse zeigt. Dorthin fährt das Auto, wie immer die Vorderräder stehen, und das Lenkrad steht dadurch schief.</translation>
    </message>
    <message>
      <source>Where the rule goes: %1, zero end on the metal, square to the string, at hub height</source>
      <translation>Wo der Maßstab liegt: %1, Nullende am Metall, rechtwinklig zur Schnur, auf Nabenhöhe</translation>
    </message>
    <message>
      <source>Where the wrench does not reach: its length and that of what is put on it, like “%1”, and the angle if it is not in line.</source>
      <translation>Wo der Schlüssel nicht hinkommt: seine Länge und die des Aufsatzes, etwa „%1“, und der Winkel, wenn er nicht in einer Linie steht.</translation>
    </message>
    <message>
      <source>Where they should be alike, share the difference: the wheel's angle and the total toe stay.</source>
      <translation>Wo sie gleich sein sollen, den Unterschied teilen: Die Stellung des Lenkrads und die Gesamtspur bleiben.</translation>
    </message>
    <message>
      <source>Whether the angles explain the pull is not known: camber and caster of both front wheels would tell.</source>
      <translation>Ob die Winkel das Ziehen erklären, ist nicht bekannt: Sturz und Nachlauf beider Vorderräder sagten es.</translation>
    </message>
    <message>
      <source>Which plan?</source>
      <translation>Welcher Plan?</translation>
    </message>
    <message>
      <source>Which tonight? …</source>
      <translation>Welche heute Abend? …</translation>
    </message>
    <message>
      <source>Which way does the wheel's top lean?</source>
      <translation>Wohin neigt das Rad oben?</translation>
    </message>
    <message>
      <source>Which way the rear axle points (thrust)</source>
      <translation>Wohin die Hinterachse zeigt (Fahrachse)</translation>
    </message>
    <message>
      <source>Which way the wheels of an axle point. Toed in, their fronts are closer together than their backs; toed out, wider. It wears tires like nothing else, and is set by the tie rods.</source>
      <translation>Wohin die Räder einer Achse zeigen. Bei Vorspur stehen sie vorn enger als hinten, bei Nachspur weiter. Nichts verschleißt Reifen so sehr, und eingestellt wird sie mit den Spurstangen.</translation>
    </message>
    <message>
      <source>Which way to turn</source>
      <translation>Wie herum zu drehen ist</translation>
    </message>
    <message>
      <source>Which way tonight?</source>
      <translation>Welche Art heute Abend?</translation>
    </message>
    <message>
      <source>Which way? Try a quarter</source>
      <translation>Wie herum? Ein Viertel probieren</translation>
    </message>
    <message>
      <source>Which wheel has it, and where the axle points.</source>
      <translation>An welchem Rad sie liegt, und wohin die Achse zeigt.</translation>
    </message>
    <message>
      <source>While turning …</source>
      <translation>Während des Drehens …</translation>
    </message>
    <message>
      <source>Who sets toe first sets it twice.</source>
      <translation>Wer die Spur zuerst einstellt, stellt sie zweimal ein.</translation>
    </message>
    <message>
      <source>Who watches the rule needs one pass where others need three.</source>
      <translation>Wer den Maßstab beobachtet, braucht einen Durchgang, wo andere drei brauchen.</translation>
    </message>
    <message>
      <source>Whole job (*.json);;Readings (*.csv)</source>
      <translation>Ganzer Auftrag (*.json);;Ablesungen (*.csv)</translation>
    </message>
    <message>
      <source>Whose sheet</source>
      <translation>Wessen Blatt</translation>
    </message>
    <message>
      <source>Whose sheet is it?</source>
      <translation>Wessen Blatt ist es?</translation>
    </message>
    <message>
      <source>Why this one</source>
      <translation>Warum diese Art</translation>
    </message>
    <message>
      <source>Why, is told where the card says how this axle is suspended.</source>
      <translation>Warum, wird gesagt, wo die Karte die Aufhängung dieser Achse nennt.</translation>
    </message>
    <message>
      <source>Why, the likeliest first:</source>
      <translation>Warum, das Wahrscheinlichste zuerst:</translation>
    </message>
    <message>
      <source>Width over the front hub faces, if taped</source>
      <translation>Breite über die vorderen Nabenflächen, falls gemessen</translation>
    </message>
    <message>
      <source>Width over the rear hub faces, if taped</source>
      <translation>Breite über die hinteren Nabenflächen, falls gemessen</translation>
    </message>
    <message>
      <source>Widths over the hubs</source>
      <translation>Breiten über die Naben</translation>
    </message>
    <message>
      <source>Wire-brush the thread that shows, a drop of oil, and let it creep; compare the thread that shows left and right.</source>
      <translation>Das sichtbare Gewinde bürsten, ein Tropfen Öl, und kriechen lassen; das sichtbare Gewinde links und rechts vergleichen.</translation>
    </message>
    <message>
      <source>With %1 on a wrench of %2, set ⟨b⟩%3⟨/b⟩.</source>
      <translation>Mit %1 auf einem Schlüssel von %2: ⟨b⟩%3⟨/b⟩ einstellen.</translation>
    </message>
    <message>
      <source>With a torque wrench</source>
      <translation>Mit einem Drehmomentschlüssel</translation>
    </message>
    <message>
      <source>With all adjusters again</source>
      <translation>Wieder mit allen Einstellern</translation>
    </message>
    <message>
      <source>With its thick side outward the arm stands farthest out; turned away from there, the top of the wheel comes in.</source>
      <translation>Mit der dicken Seite nach außen steht der Lenker am weitesten außen; weggedreht kommt das Rad oben nach innen.</translation>
    </message>
    <message>
      <source>With nothing marked, each bolt back anywhere in its hole, for a corner like this one. With marks it is far less; read it again all the same.</source>
      <translation>Ohne Marken, jede Schraube irgendwo in ihrem Loch, für eine Ecke wie diese. Mit Marken ist es weit weniger; trotzdem neu ablesen.</translation>
    </message>
    <message>
      <source>With one gauge, cold, all four; compare with the card, and side to side.</source>
      <translation>Mit einem Prüfer, kalt, alle vier; mit der Karte vergleichen, und links mit rechts.</translation>
    </message>
    <message>
      <source>With that</source>
      <translation>Damit</translation>
    </message>
    <message>
      <source>With the odometer on the record's page (Ctrl+J), two such readings tell how fast they wear.</source>
      <translation>Mit dem Kilometerstand auf der Seite des Berichts (Strg+J) sagen zwei solche Ablesungen, wie schnell sie verschleißen.</translation>
    </message>
    <message>
      <source>With the torque the sum can be done: first type that, from the manual, like “%1”.</source>
      <translation>Mit dem Drehmoment lässt sich das rechnen: tippen Sie erst das, aus dem Handbuch, etwa „%1“.</translation>
    </message>
    <message>
      <source>With these slots a degree of total toe is ⟨b⟩%1⟨/b⟩ between both tapes.</source>
      <translation>Mit diesen Schlitzen ist ein Grad Gesamtspur ⟨b⟩%1⟨/b⟩ zwischen beiden Bandmaßen.</translation>
    </message>
    <message>
      <source>With: %1</source>
      <translation>Mit: %1</translation>
    </message>
    <message>
      <source>Within both ± wherever it can be told.</source>
      <translation>Innerhalb beider ±, wo immer es zu sagen ist.</translation>
    </message>
    <message>
      <source>Without %1 all the rest fits.</source>
      <translation>Ohne %1 passt alles Übrige.</translation>
    </message>
    <message>
      <source>Without anything round: two strings across the rim, each marked at its middle; they cross in the middle.</source>
      <translation>Ohne etwas Rundes: zwei Schnüre über die Felge, jede in ihrer Mitte markiert; sie kreuzen sich in der Mitte.</translation>
    </message>
    <message>
      <source>Without one to hand, fairchalk-gauge plays one and prints its port.</source>
      <translation>Ist keiner zur Hand, spielt fairchalk-gauge einen und gibt seinen Anschluss aus.</translation>
    </message>
    <message>
      <source>Without springs nothing settles into place by itself.</source>
      <translation>Ohne Federn setzt sich nichts von selbst.</translation>
    </message>
    <message>
      <source>Witness marks at its bolts; diagonals across it.</source>
      <translation>Marken an seinen Schrauben; Diagonalen darüber.</translation>
    </message>
    <message>
      <source>Witness marks at its bolts; measure it to the body on both sides.</source>
      <translation>Marken an seinen Schrauben; auf beiden Seiten zur Karosserie messen.</translation>
    </message>
    <message>
      <source>Working it out …</source>
      <translation>Wird ausgerechnet …</translation>
    </message>
    <message>
      <source>Worn joints, nuts that creep, kicked stands, rules held askew.</source>
      <translation>Verschlissene Gelenke, wandernde Muttern, umgestoßene Ständer, schief gehaltene Maßstäbe.</translation>
    </message>
    <message>
      <source>Wrenches: {0}</source>
      <translation>Schlüssel: {0}</translation>
    </message>
    <message>
      <source>Wrenches: {0}.</source>
      <translation>Schlüssel: {0}.</translation>
    </message>
    <message>
      <source>Write down how it is</source>
      <translation>Aufschreiben, wie es ist</translation>
    </message>
    <message>
      <source>Write everything down before the first nut; a photograph on the car's card (Ctrl+I) helps too.</source>
      <translation>Alles vor der ersten Mutter aufschreiben; ein Foto auf der Karte des Autos (Strg+I) hilft auch.</translation>
    </message>
    <message>
      <source>Write it as you would for somebody else: “two thick, one thin”, “mark at four o'clock”.</source>
      <translation>Schreiben Sie es wie für jemand anderen: „zwei dicke, eine dünne“, „Marke auf vier Uhr“.</translation>
    </message>
    <message>
      <source>Written: %1</source>
      <translation>Geschrieben: %1</translation>
    </message>
    <message>
      <source>You kept %1; it stood at ⟨b⟩%2⟨/b⟩.</source>
      <translation>Gesichert haben Sie %1; er stand bei ⟨b⟩%2⟨/b⟩.</translation>
    </message>
    <message>
      <source>You type inches: F7 shows them everywhere and takes the inch rule, from now on in this garage.</source>
      <translation>Sie geben Zoll ein: F7 zeigt sie überall und nimmt den Zollmaßstab, von jetzt an in dieser Werkstatt.</translation>
    </message>
    <message numerus="yes">
      <source>Your own repeats, %n of them, show ⟨b⟩±%1⟨/b⟩.</source>
      <translation>
        <numerusform>Ihre eigenen Wiederholungen, %n davon, zeigen ⟨b⟩±%1⟨/b⟩.</numerusform>
        <numerusform>Ihre eigenen Wiederholungen, %n davon, zeigen ⟨b⟩±%1⟨/b⟩.</numerusform>
      </translation>
    </message>
    <message>
      <source>Your rules and gauges: their division, their zero, how well they repeat. The tests here find out what nobody printed on them.</source>
      <translation>Ihre Maßstäbe und Winkelmesser: ihre Teilung, ihr Nullpunkt, wie gut sie wiederholen. Die Proben hier finden heraus, was niemand darauf gedruckt hat.</translation>
    </message>
    <message>
      <source>Zero end of the rule on the hub, then on the back and front lips at hub height, square to the line. Read the middle of the light, always at the same edge of it.</source>
      <translation>Nullende des Maßstabs an die Nabe, dann an den hinteren und vorderen Rand auf Nabenhöhe, rechtwinklig zur Linie. Die Mitte des Lichts ablesen, immer an derselben Kante.</translation>
    </message>
    <message>
      <source>Zero end on the back lip of the {0} wheel at hub height, the rule square to the line: read the middle of the light on it.</source>
      <translation>Nullende an den hinteren Rand des Rades {0} auf Nabenhöhe, den Maßstab rechtwinklig zur Linie: die Mitte des Lichts darauf ablesen.</translation>
    </message>
    <message>
      <source>Zero end on the front lip of the {0} wheel at hub height, the rule square to the line: read the middle of the light on it.</source>
      <translation>Nullende an den vorderen Rand des Rades {0} auf Nabenhöhe, den Maßstab rechtwinklig zur Linie: die Mitte des Lichts darauf ablesen.</translation>
    </message>
    <message>
      <source>Zero end on the hub of the {0} wheel, the rule level and square to the line: read the middle of the light on it.</source>
      <translation>Nullende an die Nabe des Rades {0}, den Maßstab waagerecht und rechtwinklig zur Linie: die Mitte des Lichts darauf ablesen.</translation>
    </message>
    <message>
      <source>a bent rim, from above, as the wheel is rolled a whole turn</source>
      <translation>eine verbogene Felge, von oben, während das Rad eine ganze Drehung rollt</translation>
    </message>
    <message>
      <source>a car needs a name to be found by.</source>
      <translation>ein Auto braucht einen Namen, unter dem es zu finden ist.</translation>
    </message>
    <message>
      <source>a caster</source>
      <translation>Nachlauf</translation>
    </message>
    <message>
      <source>a check has failed</source>
      <translation>eine Prüfung mangelhaft</translation>
    </message>
    <message>
      <source>a day, a distance, an event</source>
      <translation>ein Tag, eine Strecke, ein Ereignis</translation>
    </message>
    <message>
      <source>a digit chooses, Escape leaves it</source>
      <translation>eine Ziffer wählt, Escape verlässt es</translation>
    </message>
    <message>
      <source>a guess at the arm: learnt after one turn</source>
      <translation>der Hebel ist geschätzt: gelernt wird es mit der ersten Drehung</translation>
    </message>
    <message>
      <source>a list</source>
      <translation>eine Liste</translation>
    </message>
    <message>
      <source>a long car read in inches, left-hand threads at its rods, cams at its upper arms; a level and a rule for camber</source>
      <translation>ein langes Auto, in Zoll abgelesen, Linksgewinde an den Stangen, Exzenter an den oberen Lenkern; Wasserwaage und Maßstab für den Sturz</translation>
    </message>
    <message>
      <source>a mark or click</source>
      <translation>ein Strich oder eine Raste</translation>
    </message>
    <message>
      <source>a name, like road</source>
      <translation>ein Name, etwa road</translation>
    </message>
    <message>
      <source>a new car</source>
      <translation>ein neues Auto</translation>
    </message>
    <message>
      <source>a note</source>
      <translation>eine Notiz</translation>
    </message>
    <message>
      <source>a note, if any</source>
      <translation>eine Notiz, falls nötig</translation>
    </message>
    <message>
      <source>a note, or Enter to point</source>
      <translation>Notiz, oder Eingabe zeigt</translation>
    </message>
    <message>
      <source>a number</source>
      <translation>eine Zahl</translation>
    </message>
    <message>
      <source>a number not above zero</source>
      <translation>eine Zahl nicht über null</translation>
    </message>
    <message>
      <source>a number of a round, from 0</source>
      <translation>die Nummer einer Runde, ab 0</translation>
    </message>
    <message>
      <source>a number of tiles that can't be</source>
      <translation>eine Anzahl von Fliesen, die es nicht geben kann</translation>
    </message>
    <message>
      <source>a number out of bounds</source>
      <translation>eine Zahl außerhalb der Grenzen</translation>
    </message>
    <message>
      <source>a picture's file</source>
      <translation>die Datei eines Bildes</translation>
    </message>
    <message>
      <source>a ratio like 16.2</source>
      <translation>eine Übersetzung wie 16.2</translation>
    </message>
    <message>
      <source>a rear wheel is not turned for a caster sweep</source>
      <translation>ein Hinterrad wird für den Nachlauf nicht gelenkt</translation>
    </message>
    <message>
      <source>a ride height</source>
      <translation>Fahrhöhe</translation>
    </message>
    <message>
      <source>a rod's length</source>
      <translation>Länge einer Spurstange</translation>
    </message>
    <message>
      <source>a sign and a side: {0}</source>
      <translation>ein Vorzeichen und eine Seite: {0}</translation>
    </message>
    <message>
      <source>a steering arm</source>
      <translation>Spurhebel</translation>
    </message>
    <message>
      <source>a steering ratio</source>
      <translation>Lenkübersetzung</translation>
    </message>
    <message>
      <source>a step of its flats</source>
      <translation>ein Schritt ihrer Flächen</translation>
    </message>
    <message>
      <source>a step of {0}</source>
      <translation>ein Schritt von {0}</translation>
    </message>
    <message>
      <source>a tape across an axle</source>
      <translation>Bandmaß quer über die Achse</translation>
    </message>
    <message>
      <source>a target needs its tolerance, like 0°15' or 1.5 mm.</source>
      <translation>ein Ziel braucht seine Toleranz, etwa 0°15' oder 1,5 mm.</translation>
    </message>
    <message>
      <source>a text</source>
      <translation>ein Text</translation>
    </message>
    <message>
      <source>a text like "0.2 deg"</source>
      <translation>ein Text wie "0.2 deg"</translation>
    </message>
    <message>
      <source>a text like "113.1 mm"</source>
      <translation>ein Text wie "113.1 mm"</translation>
    </message>
    <message>
      <source>a text of {0} characters</source>
      <translation>ein Text von {0} Zeichen</translation>
    </message>
    <message>
      <source>a thread's pitch</source>
      <translation>Gewindesteigung</translation>
    </message>
    <message>
      <source>a tile's thickness</source>
      <translation>Dicke einer Fliese</translation>
    </message>
    <message>
      <source>a tire's pressure</source>
      <translation>Reifendruck</translation>
    </message>
    <message>
      <source>a tire's temperature</source>
      <translation>Reifentemperatur</translation>
    </message>
    <message>
      <source>a torque</source>
      <translation>Drehmoment</translation>
    </message>
    <message>
      <source>a total is set on both sides alike, and one may not be touched ({0})</source>
      <translation>eine Summe wird auf beiden Seiten gleich eingestellt, und eine davon soll unberührt bleiben ({0})</translation>
    </message>
    <message>
      <source>a total toe</source>
      <translation>Gesamtspur</translation>
    </message>
    <message>
      <source>a track</source>
      <translation>Spurweite</translation>
    </message>
    <message>
      <source>a wheel holder, a strap, clamps on the shaft</source>
      <translation>ein Lenkradhalter, ein Gurt, Klemmen an der Welle</translation>
    </message>
    <message>
      <source>a wheel's angle from level</source>
      <translation>Winkel eines Rades zur Waagerechten</translation>
    </message>
    <message>
      <source>a wheel's lean</source>
      <translation>Neigung eines Rades</translation>
    </message>
    <message>
      <source>a wheelbase</source>
      <translation>Radstand</translation>
    </message>
    <message>
      <source>a whole number up to 100</source>
      <translation>eine ganze Zahl bis 100</translation>
    </message>
    <message>
      <source>about {0} min</source>
      <translation>etwa {0} Min.</translation>
    </message>
    <message>
      <source>across both bolts</source>
      <translation>über beide Schrauben</translation>
    </message>
    <message>
      <source>add {0} across both bolts</source>
      <translation>{0} über beide Schrauben zulegen</translation>
    </message>
    <message>
      <source>add {0} at the front bolt</source>
      <translation>{0} an der vorderen Schraube zulegen</translation>
    </message>
    <message>
      <source>add {0} at the rear bolt</source>
      <translation>{0} an der hinteren Schraube zulegen</translation>
    </message>
    <message>
      <source>adjustable arms</source>
      <translation>einstellbare Lenker</translation>
    </message>
    <message>
      <source>after</source>
      <translation>danach</translation>
    </message>
    <message>
      <source>after %1</source>
      <translation>nach %1</translation>
    </message>
    <message>
      <source>after a shake</source>
      <translation>nach dem Rütteln</translation>
    </message>
    <message>
      <source>after it was set there</source>
      <translation>nachdem es dort eingestellt wurde</translation>
    </message>
    <message>
      <source>after the shims</source>
      <translation>nach den Beilagen</translation>
    </message>
    <message>
      <source>after the string was moved</source>
      <translation>nachdem die Schnur verschoben wurde</translation>
    </message>
    <message>
      <source>against its target</source>
      <translation>gegen sein Ziel</translation>
    </message>
    <message>
      <source>ahead of the axle</source>
      <translation>vor der Achse</translation>
    </message>
    <message>
      <source>aim</source>
      <translation>Ziel</translation>
    </message>
    <message>
      <source>aim: as on the car's card</source>
      <translation>Ziel: wie auf der Karte</translation>
    </message>
    <message>
      <source>aim: this job's own</source>
      <translation>Ziel: nur dieser Arbeit</translation>
    </message>
    <message>
      <source>all</source>
      <translation>alle</translation>
    </message>
    <message>
      <source>all alike</source>
      <translation>alle gleich</translation>
    </message>
    <message>
      <source>all angles with a target inside</source>
      <translation>alle Winkel mit Ziel innerhalb</translation>
    </message>
    <message>
      <source>all four</source>
      <translation>alle vier</translation>
    </message>
    <message>
      <source>all kept</source>
      <translation>alles gesichert</translation>
    </message>
    <message>
      <source>all of it</source>
      <translation>alles davon</translation>
    </message>
    <message>
      <source>all spots read</source>
      <translation>alle Stellen abgelesen</translation>
    </message>
    <message>
      <source>all that was turned is locked</source>
      <translation>alles Gedrehte ist gesichert</translation>
    </message>
    <message>
      <source>all wheels</source>
      <translation>alle Räder</translation>
    </message>
    <message>
      <source>along the bar</source>
      <translation>entlang der Stange</translation>
    </message>
    <message>
      <source>along the bolt, the wheel to the right</source>
      <translation>entlang der Schraube, das Rad rechts</translation>
    </message>
    <message>
      <source>an angle with out or in after it, like 20 deg out</source>
      <translation>ein Winkel mit out oder in dahinter, etwa 20 deg out</translation>
    </message>
    <message>
      <source>an eccentric bolt at the strut</source>
      <translation>eine Exzenterschraube am Federbein</translation>
    </message>
    <message>
      <source>an empty text</source>
      <translation>ein leerer Text</translation>
    </message>
    <message>
      <source>an object</source>
      <translation>ein Objekt</translation>
    </message>
    <message>
      <source>an object of more names than that</source>
      <translation>ein Objekt mit mehr Namen</translation>
    </message>
    <message>
      <source>an object with format "fairchalk-job"</source>
      <translation>ein Objekt mit format "fairchalk-job"</translation>
    </message>
    <message>
      <source>an object with {0} and {1}</source>
      <translation>ein Objekt mit {0} und {1}</translation>
    </message>
    <message>
      <source>and</source>
      <translation>und</translation>
    </message>
    <message>
      <source>and once more: %1, inside. The nuts are locked.</source>
      <translation>und noch einmal: %1, innerhalb. Die Muttern werden festgezogen.</translation>
    </message>
    <message>
      <source>and what was changed on it</source>
      <translation>und was daran geändert wurde</translation>
    </message>
    <message>
      <source>and with its top leaned outward, away from the car?</source>
      <translation>und oben nach außen geneigt, weg vom Auto?</translation>
    </message>
    <message>
      <source>angle gauge</source>
      <translation>Winkelmesser</translation>
    </message>
    <message>
      <source>angles drawn %1 times; fan: believed with its ±; yellow: the truth</source>
      <translation>Winkel %1-fach gezeichnet; Fächer: geglaubt mit seinem ±; gelb: die Wahrheit</translation>
    </message>
    <message>
      <source>another floor</source>
      <translation>ein anderer Boden</translation>
    </message>
    <message>
      <source>another port, by its path</source>
      <translation>ein anderer Anschluss, mit seinem Pfad</translation>
    </message>
    <message>
      <source>arc over diameter: 1 1/4 in over 14 1/2 in left</source>
      <translation>Bogen über Durchmesser: 1 1/4 in über 14 1/2 in links</translation>
    </message>
    <message>
      <source>arc over diameter: 32 mm over 370 mm left</source>
      <translation>Bogen über Durchmesser: 32 mm über 370 mm links</translation>
    </message>
    <message>
      <source>arm</source>
      <translation>Arm</translation>
    </message>
    <message>
      <source>arm %1</source>
      <translation>Arm %1</translation>
    </message>
    <message>
      <source>arm jig</source>
      <translation>Armgestell</translation>
    </message>
    <message>
      <source>arm, and the wheel beyond</source>
      <translation>Lenker, dahinter das Rad</translation>
    </message>
    <message>
      <source>as before; camber and the rest stay too</source>
      <translation>wie zuvor; auch Sturz und das Übrige bleiben</translation>
    </message>
    <message>
      <source>as it came in</source>
      <translation>wie es kam</translation>
    </message>
    <message>
      <source>as it came in there, before anything was set</source>
      <translation>wie es dort ankam, bevor etwas eingestellt wurde</translation>
    </message>
    <message>
      <source>as it stands</source>
      <translation>wie es steht</translation>
    </message>
    <message>
      <source>as it stood on %1</source>
      <translation>wie es am %1 stand</translation>
    </message>
    <message>
      <source>as its maker says; mostly 20°</source>
      <translation>wie der Hersteller sagt; meist 20°</translation>
    </message>
    <message>
      <source>as the last job left it</source>
      <translation>wie der letzte Auftrag es ließ</translation>
    </message>
    <message>
      <source>as the lengths</source>
      <translation>wie die Längen</translation>
    </message>
    <message>
      <source>as the sheet has it</source>
      <translation>wie das Blatt es hat</translation>
    </message>
    <message>
      <source>as the system</source>
      <translation>wie das System</translation>
    </message>
    <message>
      <source>as usual</source>
      <translation>wie üblich</translation>
    </message>
    <message>
      <source>as you lie under the bumper: middle of the car left, wheel right</source>
      <translation>wie man unter der Stoßstange liegt: Mitte des Autos links, Rad rechts</translation>
    </message>
    <message>
      <source>as you lie under the bumper: wheel left, middle of the car right</source>
      <translation>wie man unter der Stoßstange liegt: Rad links, Mitte des Autos rechts</translation>
    </message>
    <message>
      <source>asked for now</source>
      <translation>jetzt gefragt</translation>
    </message>
    <message>
      <source>at both axles</source>
      <translation>an beiden Achsen</translation>
    </message>
    <message>
      <source>at its edge</source>
      <translation>an seiner Kante</translation>
    </message>
    <message>
      <source>at least %1</source>
      <translation>mindestens %1</translation>
    </message>
    <message>
      <source>at most {0} of them in one job</source>
      <translation>höchstens {0} davon in einem Auftrag</translation>
    </message>
    <message>
      <source>at the back</source>
      <translation>hinten</translation>
    </message>
    <message>
      <source>away from</source>
      <translation>weg vom</translation>
    </message>
    <message>
      <source>awl</source>
      <translation>Ahle</translation>
    </message>
    <message>
      <source>axle stand</source>
      <translation>Bock</translation>
    </message>
    <message>
      <source>back</source>
      <translation>zurück</translation>
    </message>
    <message>
      <source>back lip</source>
      <translation>hinterer Rand</translation>
    </message>
    <message>
      <source>back lip to the laser, half a turn on</source>
      <translation>hinterer Rand bis zum Laser, eine halbe Drehung weiter</translation>
    </message>
    <message>
      <source>back lip, half a turn on</source>
      <translation>hinterer Rand, eine halbe Drehung weiter</translation>
    </message>
    <message>
      <source>back lip, to the laser</source>
      <translation>hinterer Rand, bis zum Laser</translation>
    </message>
    <message>
      <source>back the nut at its free end off by so much, then follow with the nut on the arm's side of the bush</source>
      <translation>die Mutter am freien Ende um so viel zurückdrehen, dann mit der Mutter auf der Lenkerseite der Buchse folgen</translation>
    </message>
    <message>
      <source>back the nut on the arm's side of the bush off by so much, then follow with the nut at its free end</source>
      <translation>die Mutter auf der Lenkerseite der Buchse um so viel zurückdrehen, dann mit der Mutter am freien Ende folgen</translation>
    </message>
    <message>
      <source>back where it was</source>
      <translation>wieder, wie es war</translation>
    </message>
    <message>
      <source>ball joint</source>
      <translation>Kugelgelenk</translation>
    </message>
    <message>
      <source>bar</source>
      <translation>Stange</translation>
    </message>
    <message>
      <source>base %1</source>
      <translation>Grundlinie %1</translation>
    </message>
    <message>
      <source>bay 1, by the door</source>
      <translation>Platz 1, an der Tür</translation>
    </message>
    <message>
      <source>beam</source>
      <translation>Balken</translation>
    </message>
    <message>
      <source>beam axle</source>
      <translation>Starrachse</translation>
    </message>
    <message>
      <source>before the shake</source>
      <translation>vor dem Rütteln</translation>
    </message>
    <message>
      <source>before the shims</source>
      <translation>vor den Beilagen</translation>
    </message>
    <message>
      <source>begin a new job on this car</source>
      <translation>einen neuen Auftrag an diesem Auto beginnen</translation>
    </message>
    <message>
      <source>begin this practice</source>
      <translation>diese Übung beginnen</translation>
    </message>
    <message>
      <source>behind the axle</source>
      <translation>hinter der Achse</translation>
    </message>
    <message>
      <source>being written …</source>
      <translation>wird geschrieben …</translation>
    </message>
    <message>
      <source>believed %1 ±%2</source>
      <translation>geglaubt %1 ±%2</translation>
    </message>
    <message>
      <source>believed %1, truly %2</source>
      <translation>geglaubt %1, in Wahrheit %2</translation>
    </message>
    <message>
      <source>between both arms of a wheel</source>
      <translation>zwischen beiden Armen eines Rades</translation>
    </message>
    <message>
      <source>beyond reach ({0})</source>
      <translation>außer Reichweite ({0})</translation>
    </message>
    <message>
      <source>board</source>
      <translation>Brett</translation>
    </message>
    <message>
      <source>bolt to bolt</source>
      <translation>von Schraube zu Schraube</translation>
    </message>
    <message>
      <source>both</source>
      <translation>beide</translation>
    </message>
    <message>
      <source>both alike: clamp them together, one cut through both</source>
      <translation>beide gleich: zusammenspannen, ein Schnitt durch beide</translation>
    </message>
    <message>
      <source>both upper {0}es</source>
      <translation>beide oberen: {0}</translation>
    </message>
    <message>
      <source>both {0}s</source>
      <translation>beide: {0}</translation>
    </message>
    <message>
      <source>bounced</source>
      <translation>eingefedert</translation>
    </message>
    <message>
      <source>box</source>
      <translation>Kugelumlauf</translation>
    </message>
    <message>
      <source>bubble gauge</source>
      <translation>Libellenmesser</translation>
    </message>
    <message>
      <source>bumps, noise, feel, tires</source>
      <translation>Unebenheiten, Geräusch, Gefühl, Reifen</translation>
    </message>
    <message>
      <source>bush</source>
      <translation>Buchse</translation>
    </message>
    <message>
      <source>by the likes of this suspension: learnt as it is turned</source>
      <translation>nach ähnlichen Aufhängungen: gelernt wird es beim Drehen</translation>
    </message>
    <message>
      <source>by your own jobs</source>
      <translation>nach den eigenen Arbeiten</translation>
    </message>
    <message>
      <source>caliper</source>
      <translation>Messschieber</translation>
    </message>
    <message>
      <source>cam bolt</source>
      <translation>Exzenterschraube</translation>
    </message>
    <message>
      <source>camber</source>
      <translation>Sturz</translation>
    </message>
    <message>
      <source>camber %1</source>
      <translation>Sturz %1</translation>
    </message>
    <message>
      <source>camber %1 ±%2</source>
      <translation>Sturz %1 ±%2</translation>
    </message>
    <message>
      <source>camber L − R</source>
      <translation>Sturz L − R</translation>
    </message>
    <message>
      <source>camber and toe</source>
      <translation>Sturz und Spur</translation>
    </message>
    <message>
      <source>camber gauge</source>
      <translation>Sturzmesser</translation>
    </message>
    <message>
      <source>camber up to {0}</source>
      <translation>Sturz bis zu {0}</translation>
    </message>
    <message>
      <source>camber {0} ±{1}</source>
      <translation>Sturz {0} ±{1}</translation>
    </message>
    <message>
      <source>camber, %1</source>
      <translation>Sturz, %1</translation>
    </message>
    <message>
      <source>camber, gauge end for end</source>
      <translation>Sturz, Winkelmesser umgedreht</translation>
    </message>
    <message>
      <source>camber, half a turn on</source>
      <translation>Sturz, eine halbe Drehung weiter</translation>
    </message>
    <message>
      <source>camber, left less right</source>
      <translation>Sturz, links weniger rechts</translation>
    </message>
    <message>
      <source>camber, turned in</source>
      <translation>Sturz, nach innen gelenkt</translation>
    </message>
    <message>
      <source>camber, turned out</source>
      <translation>Sturz, nach außen gelenkt</translation>
    </message>
    <message>
      <source>cams</source>
      <translation>Exzenter</translation>
    </message>
    <message>
      <source>can wait</source>
      <translation>kann warten</translation>
    </message>
    <message>
      <source>can't</source>
      <translation>geht nicht</translation>
    </message>
    <message>
      <source>can't be read: {1}</source>
      <translation>kann nicht gelesen werden: {1}</translation>
    </message>
    <message>
      <source>caster</source>
      <translation>Nachlauf</translation>
    </message>
    <message>
      <source>caster %1</source>
      <translation>Nachlauf %1</translation>
    </message>
    <message>
      <source>caster %1 ±%2</source>
      <translation>Nachlauf %1 ±%2</translation>
    </message>
    <message>
      <source>caster %1: steered %2 by %3, the wheel's top leans %4 by %5</source>
      <translation>Nachlauf %1: %2 gelenkt um %3, neigt sich das Rad oben %4 um %5</translation>
    </message>
    <message>
      <source>caster L − R</source>
      <translation>Nachlauf L − R</translation>
    </message>
    <message>
      <source>caster gauge</source>
      <translation>Nachlaufmesser</translation>
    </message>
    <message>
      <source>caster on the gauge's scale</source>
      <translation>Nachlauf auf der Skala</translation>
    </message>
    <message>
      <source>caster up to {0}</source>
      <translation>Nachlauf bis zu {0}</translation>
    </message>
    <message>
      <source>caster {0} ±{1}</source>
      <translation>Nachlauf {0} ±{1}</translation>
    </message>
    <message>
      <source>caster, both</source>
      <translation>Nachlauf, beide</translation>
    </message>
    <message>
      <source>caster, left less right</source>
      <translation>Nachlauf, links weniger rechts</translation>
    </message>
    <message>
      <source>castor gauge</source>
      <translation>Nachlaufwinkelmesser</translation>
    </message>
    <message>
      <source>center to left string at {0}</source>
      <translation>Mitte bis linke Schnur bei {0}</translation>
    </message>
    <message>
      <source>center to right string at {0}</source>
      <translation>Mitte bis rechte Schnur bei {0}</translation>
    </message>
    <message>
      <source>centimeters</source>
      <translation>Zentimeter</translation>
    </message>
    <message>
      <source>chalk</source>
      <translation>Kreide</translation>
    </message>
    <message>
      <source>change over to %1</source>
      <translation>umstellen auf %1</translation>
    </message>
    <message>
      <source>chosen</source>
      <translation>gewählt</translation>
    </message>
    <message>
      <source>clockwise, as seen along it from its end at the wheel</source>
      <translation>im Uhrzeigersinn, entlang gesehen von seinem Ende am Rad</translation>
    </message>
    <message>
      <source>clockwise, as seen along it from its {0} end</source>
      <translation>im Uhrzeigersinn, entlang gesehen von seinem Ende {0}</translation>
    </message>
    <message>
      <source>clockwise, as seen from the wheel looking to the middle of the car</source>
      <translation>im Uhrzeigersinn, vom Rad zur Mitte des Autos gesehen</translation>
    </message>
    <message>
      <source>closer</source>
      <translation>enger</translation>
    </message>
    <message>
      <source>copies of this book</source>
      <translation>Kopien dieses Buches</translation>
    </message>
    <message>
      <source>copy this car</source>
      <translation>dieses Auto kopieren</translation>
    </message>
    <message>
      <source>cord</source>
      <translation>Kordel</translation>
    </message>
    <message>
      <source>counterclockwise, as seen along it from its end at the wheel</source>
      <translation>gegen den Uhrzeigersinn, entlang gesehen von seinem Ende am Rad</translation>
    </message>
    <message>
      <source>counterclockwise, as seen along it from its {0} end</source>
      <translation>gegen den Uhrzeigersinn, entlang gesehen von seinem Ende {0}</translation>
    </message>
    <message>
      <source>counterclockwise, as seen from the wheel looking to the middle of the car</source>
      <translation>gegen den Uhrzeigersinn, vom Rad zur Mitte des Autos gesehen</translation>
    </message>
    <message>
      <source>cross line laser</source>
      <translation>Kreuzlinienlaser</translation>
    </message>
    <message>
      <source>damper</source>
      <translation>Dämpfer</translation>
    </message>
    <message>
      <source>dark</source>
      <translation>dunkel</translation>
    </message>
    <message>
      <source>dashed: as it came in; chalk: as it is expected, with its ±; toe drawn %1 times as large</source>
      <translation>gestrichelt: wie es kam; Kreide: wie es zu erwarten ist, mit seinem ±; Spur %1-mal so groß gezeichnet</translation>
    </message>
    <message>
      <source>dashed: as it came in; chalk: as it stands, with its ±; toe drawn %1 times as large</source>
      <translation>gestrichelt: wie es kam; Kreide: wie es steht, mit seinem ±; Spur %1-mal so groß gezeichnet</translation>
    </message>
    <message>
      <source>dashed: as it stands</source>
      <translation>gestrichelt: wie er steht</translation>
    </message>
    <message>
      <source>decimal degrees</source>
      <translation>Dezimalgrad</translation>
    </message>
    <message>
      <source>decimals</source>
      <translation>Dezimalen</translation>
    </message>
    <message>
      <source>deg</source>
      <translation>Grad</translation>
    </message>
    <message>
      <source>degrees</source>
      <translation>Grad</translation>
    </message>
    <message>
      <source>degrees + minutes</source>
      <translation>Grad + Minuten</translation>
    </message>
    <message>
      <source>degrees and minutes</source>
      <translation>Grad und Minuten</translation>
    </message>
    <message>
      <source>degrees, and a sigma_deg from 0</source>
      <translation>Grad, und ein sigma_deg ab 0</translation>
    </message>
    <message>
      <source>depth of tread</source>
      <translation>Profiltiefe</translation>
    </message>
    <message>
      <source>did not move</source>
      <translation>keine Bewegung</translation>
    </message>
    <message>
      <source>digital gauge</source>
      <translation>digitaler Winkelmesser</translation>
    </message>
    <message>
      <source>done</source>
      <translation>erledigt</translation>
    </message>
    <message>
      <source>done, %1 of %2</source>
      <translation>fertig, %1 von %2</translation>
    </message>
    <message>
      <source>dots are readings, strokes are turns; ringed is what went wrong, the dashed arc leads to where it could be seen</source>
      <translation>Punkte sind Ablesungen, Striche Drehungen; eingekreist ist, was schiefging, der gestrichelte Bogen führt dorthin, wo es zu sehen war</translation>
    </message>
    <message>
      <source>double wishbone</source>
      <translation>Doppelquerlenker</translation>
    </message>
    <message>
      <source>drag link</source>
      <translation>Schubstange</translation>
    </message>
    <message>
      <source>drifts left with the wheel level</source>
      <translation>zieht nach links mit geradem Lenkrad</translation>
    </message>
    <message>
      <source>drifts right with the wheel level</source>
      <translation>zieht nach rechts mit geradem Lenkrad</translation>
    </message>
    <message>
      <source>drifts to the left</source>
      <translation>zieht nach links</translation>
    </message>
    <message>
      <source>drifts to the right</source>
      <translation>zieht nach rechts</translation>
    </message>
    <message>
      <source>driven</source>
      <translation>gefahren</translation>
    </message>
    <message>
      <source>driven wheels</source>
      <translation>angetriebene Räder</translation>
    </message>
    <message>
      <source>driving straight: 6 left, 0</source>
      <translation>bei Geradeausfahrt: 6 links, 0</translation>
    </message>
    <message numerus="yes">
      <source>due since %n days</source>
      <comment>due since one day</comment>
      <translation>
        <numerusform>seit einem Tag fällig</numerusform>
        <numerusform>seit %n Tagen fällig</numerusform>
      </translation>
    </message>
    <message>
      <source>due since {0} km</source>
      <translation>fällig seit {0} km</translation>
    </message>
    <message>
      <source>due today</source>
      <translation>heute fällig</translation>
    </message>
    <message>
      <source>each</source>
      <translation>je Rad</translation>
    </message>
    <message>
      <source>each dragged {0} ft sideways in a mile ±{1}</source>
      <translation>jedes {0} ft je Meile seitwärts geschleift ±{1}</translation>
    </message>
    <message>
      <source>each dragged {0} m sideways in a kilometer ±{1}</source>
      <translation>jedes {0} m je Kilometer seitwärts geschleift ±{1}</translation>
    </message>
    <message>
      <source>each nut of this car, where it sits</source>
      <translation>jede Mutter dieses Autos, wo sie sitzt</translation>
    </message>
    <message>
      <source>each wheel</source>
      <translation>je Rad</translation>
    </message>
    <message>
      <source>each wheel %1, total %2; the fronts of the rims are %3 %4 than their backs</source>
      <translation>jedes Rad %1, gesamt %2; die Felgen sind vorn %3 %4 als hinten</translation>
    </message>
    <message>
      <source>eight</source>
      <translation>acht</translation>
    </message>
    <message>
      <source>eighteen</source>
      <translation>achtzehn</translation>
    </message>
    <message>
      <source>eleven</source>
      <translation>elf</translation>
    </message>
    <message>
      <source>end for end</source>
      <translation>umgedreht</translation>
    </message>
    <message>
      <source>evenly warm</source>
      <translation>gleichmäßig warm</translation>
    </message>
    <message>
      <source>every place says what is known of it; what is not known can wait</source>
      <translation>jede Stelle sagt, was von ihr bekannt ist; was nicht bekannt ist, kann warten</translation>
    </message>
    <message>
      <source>expected of the turn: %1</source>
      <translation>von der Drehung erwartet: %1</translation>
    </message>
    <message>
      <source>failed</source>
      <translation>mangelhaft</translation>
    </message>
    <message>
      <source>far edge, from the same mark</source>
      <translation>ferne Kante, von derselben Marke</translation>
    </message>
    <message>
      <source>feet</source>
      <translation>Fuß</translation>
    </message>
    <message>
      <source>fifteen</source>
      <translation>fünfzehn</translation>
    </message>
    <message>
      <source>first</source>
      <translation>zuerst</translation>
    </message>
    <message>
      <source>fishing line</source>
      <translation>Angelschnur</translation>
    </message>
    <message>
      <source>five</source>
      <translation>fünf</translation>
    </message>
    <message>
      <source>five eighths</source>
      <translation>fünf Achtel</translation>
    </message>
    <message>
      <source>flats</source>
      <translation>Flächen</translation>
    </message>
    <message>
      <source>floor</source>
      <translation>Boden</translation>
    </message>
    <message>
      <source>floor mark</source>
      <translation>Bodenmarke</translation>
    </message>
    <message>
      <source>floor up to the line</source>
      <translation>vom Boden hoch zur Linie</translation>
    </message>
    <message>
      <source>for now only</source>
      <translation>nur vorläufig</translation>
    </message>
    <message>
      <source>found {0}, and {1} belongs here</source>
      <translation>gefunden: {0}; hierher gehört: {1}</translation>
    </message>
    <message>
      <source>four</source>
      <translation>vier</translation>
    </message>
    <message>
      <source>fourteen</source>
      <translation>vierzehn</translation>
    </message>
    <message>
      <source>frame</source>
      <translation>Rahmen</translation>
    </message>
    <message>
      <source>free it, roll it, bounce it</source>
      <translation>lösen, rollen, einfedern</translation>
    </message>
    <message>
      <source>free this nut</source>
      <translation>diese Mutter lösen</translation>
    </message>
    <message>
      <source>from above, front to the right; drawn 40 times as large</source>
      <translation>von oben, vorn ist rechts; 40-fach gezeichnet</translation>
    </message>
    <message>
      <source>from above, front to the right; drawn 44 times as large</source>
      <translation>von oben, vorn ist rechts; 44-fach gezeichnet</translation>
    </message>
    <message>
      <source>from above, over the wing, the car's front to the {0}</source>
      <translation>von oben, über den Kotflügel, der Bug des Autos {0}</translation>
    </message>
    <message>
      <source>from above, the wheel to the right</source>
      <translation>von oben, das Rad rechts</translation>
    </message>
    <message>
      <source>from above, the wheel toward you, the car's front to the {0}</source>
      <translation>von oben, das Rad zu Ihnen, der Bug des Autos {0}</translation>
    </message>
    <message>
      <source>from behind, and from above</source>
      <translation>von hinten und von oben</translation>
    </message>
    <message>
      <source>from behind, turned left</source>
      <translation>von hinten, nach links gelenkt</translation>
    </message>
    <message>
      <source>from below, lying with your head to the front</source>
      <translation>von unten, liegend mit dem Kopf nach vorn</translation>
    </message>
    <message>
      <source>from mark to mark</source>
      <translation>von Marke zu Marke</translation>
    </message>
    <message>
      <source>from string to string, along the bar</source>
      <translation>von Schnur zu Schnur, entlang der Stange</translation>
    </message>
    <message>
      <source>from the arm you measured, %1</source>
      <translation>aus dem gemessenen Hebel, %1</translation>
    </message>
    <message>
      <source>from the floor up to the level line</source>
      <translation>vom Boden hoch zur waagerechten Linie</translation>
    </message>
    <message>
      <source>from the left, front to the left: the steering axis leans back</source>
      <translation>von links, vorn ist links: Die Lenkachse neigt sich nach hinten</translation>
    </message>
    <message>
      <source>from the side: through the hub's center</source>
      <translation>von der Seite: durch die Mitte der Nabe</translation>
    </message>
    <message>
      <source>from under it, on its wheels</source>
      <translation>von unten, auf seinen Rädern</translation>
    </message>
    <message>
      <source>from where the wheel was turned</source>
      <translation>von wo das Rad gedreht wurde</translation>
    </message>
    <message>
      <source>from {0} to {1}</source>
      <translation>von {0} zu {1}</translation>
    </message>
    <message>
      <source>front</source>
      <translation>vorn</translation>
    </message>
    <message>
      <source>front and back were swapped</source>
      <translation>vorn und hinten wurden vertauscht</translation>
    </message>
    <message>
      <source>front axle</source>
      <translation>Vorderachse</translation>
    </message>
    <message>
      <source>front bar</source>
      <translation>vordere Stange</translation>
    </message>
    <message>
      <source>front bar, string to string</source>
      <translation>vordere Stange, von Schnur zu Schnur</translation>
    </message>
    <message>
      <source>front bolt</source>
      <translation>vordere Schraube</translation>
    </message>
    <message>
      <source>front jacked up</source>
      <translation>vorn aufgebockt</translation>
    </message>
    <message>
      <source>front lip</source>
      <translation>vorderer Rand</translation>
    </message>
    <message>
      <source>front lip to the laser, half a turn on</source>
      <translation>vorderer Rand bis zum Laser, eine halbe Drehung weiter</translation>
    </message>
    <message>
      <source>front lip, half a turn on</source>
      <translation>vorderer Rand, eine halbe Drehung weiter</translation>
    </message>
    <message>
      <source>front lip, to the laser</source>
      <translation>vorderer Rand, bis zum Laser</translation>
    </message>
    <message>
      <source>front locked</source>
      <translation>vorn festgezogen</translation>
    </message>
    <message>
      <source>front tape less rear tape</source>
      <translation>Bandmaß vorn weniger hinten</translation>
    </message>
    <message>
      <source>front to back place on the tread</source>
      <translation>vordere zu hinterer Stelle der Lauffläche</translation>
    </message>
    <message>
      <source>front toe against the rear wheel of the same side</source>
      <translation>Spur vorn gegen das Hinterrad derselben Seite</translation>
    </message>
    <message>
      <source>front total</source>
      <translation>vorn gesamt</translation>
    </message>
    <message>
      <source>front total </source>
      <translation>vorn gesamt </translation>
    </message>
    <message>
      <source>front upper {0}</source>
      <translation>vorn oben: {0}</translation>
    </message>
    <message>
      <source>front wheels steered %1</source>
      <translation>Vorderräder gelenkt um %1</translation>
    </message>
    <message>
      <source>front {0}</source>
      <translation>vorn: {0}</translation>
    </message>
    <message>
      <source>front →</source>
      <translation>vorn →</translation>
    </message>
    <message>
      <source>full tank, driver 75 kg</source>
      <translation>voller Tank, Fahrer 75 kg</translation>
    </message>
    <message>
      <source>gained {0} of caster</source>
      <translation>{0} Nachlauf gewinnen</translation>
    </message>
    <message>
      <source>gap at the level</source>
      <translation>Spalt an der Wasserwaage</translation>
    </message>
    <message>
      <source>gap at the level, half a turn on</source>
      <translation>Spalt an der Wasserwaage, eine halbe Drehung weiter</translation>
    </message>
    <message>
      <source>gauge</source>
      <translation>Messgerät</translation>
    </message>
    <message>
      <source>gauge after the sweep</source>
      <translation>Winkelmesser nach dem Durchlenken</translation>
    </message>
    <message>
      <source>gauges read against gravity</source>
      <translation>Winkelmesser, gegen die Schwerkraft abgelesen</translation>
    </message>
    <message>
      <source>give the thread pitch of this rod ({0})</source>
      <translation>die Gewindesteigung dieser Stange angeben ({0})</translation>
    </message>
    <message numerus="yes">
      <source>give up these %n entries</source>
      <comment>give up this entry</comment>
      <translation>
        <numerusform>diesen Eintrag aufgeben</numerusform>
        <numerusform>diese %n Einträge aufgeben</numerusform>
      </translation>
    </message>
    <message>
      <source>go on to the next pass</source>
      <translation>weiter zum nächsten Durchgang</translation>
    </message>
    <message>
      <source>good</source>
      <translation>gut</translation>
    </message>
    <message>
      <source>gravity</source>
      <translation>der Schwerkraft</translation>
    </message>
    <message>
      <source>half</source>
      <translation>halb</translation>
    </message>
    <message>
      <source>half a turn on</source>
      <translation>eine halbe Drehung weiter</translation>
    </message>
    <message>
      <source>half the difference</source>
      <translation>halber Unterschied</translation>
    </message>
    <message>
      <source>hardly</source>
      <translation>kaum</translation>
    </message>
    <message>
      <source>has both “log” and “rounds”; a job file has one of them</source>
      <translation>hat sowohl „log“ als auch „rounds“; eine Auftragsdatei hat eines davon</translation>
    </message>
    <message>
      <source>height</source>
      <translation>Höhe</translation>
    </message>
    <message>
      <source>heights are measured</source>
      <translation>Höhen werden gemessen</translation>
    </message>
    <message>
      <source>heights drawn ×%1</source>
      <translation>Höhen ×%1 gezeichnet</translation>
    </message>
    <message>
      <source>heights may miss by</source>
      <translation>Höhen dürfen abweichen um</translation>
    </message>
    <message>
      <source>held by what?</source>
      <translation>wovon gehalten?</translation>
    </message>
    <message>
      <source>held level</source>
      <translation>gerade gehalten</translation>
    </message>
    <message>
      <source>held straight</source>
      <translation>gerade gehalten</translation>
    </message>
    <message>
      <source>high edge above the floor</source>
      <translation>obere Kante über dem Boden</translation>
    </message>
    <message>
      <source>hinged gauge</source>
      <translation>klappbarer Winkelmesser</translation>
    </message>
    <message>
      <source>hold</source>
      <translation>halten</translation>
    </message>
    <message>
      <source>hold this end level</source>
      <translation>dieses Ende waagerecht halten</translation>
    </message>
    <message>
      <source>hottest at both edges</source>
      <translation>an beiden Kanten am heißesten</translation>
    </message>
    <message>
      <source>hottest at its inner edge</source>
      <translation>an der Innenkante am heißesten</translation>
    </message>
    <message>
      <source>hottest at its outer edge</source>
      <translation>an der Außenkante am heißesten</translation>
    </message>
    <message>
      <source>hottest in the middle</source>
      <translation>in der Mitte am heißesten</translation>
    </message>
    <message>
      <source>how far a steering wheel is off</source>
      <translation>Schiefstand des Lenkrads</translation>
    </message>
    <message>
      <source>how far ahead of the front hubs?</source>
      <translation>wie weit vor den vorderen Naben?</translation>
    </message>
    <message>
      <source>how far ahead of the hubs the front bar stands</source>
      <translation>wie weit die vordere Stange vor den Naben steht</translation>
    </message>
    <message>
      <source>how far behind the hubs the rear bar stands</source>
      <translation>wie weit die hintere Stange hinter den Naben steht</translation>
    </message>
    <message>
      <source>how far behind the rear hubs?</source>
      <translation>wie weit hinter den hinteren Naben?</translation>
    </message>
    <message>
      <source>how far is it really turned?</source>
      <translation>wie weit ist es wirklich gelenkt?</translation>
    </message>
    <message>
      <source>how far one taking may be off (one sigma)?</source>
      <translation>wie weit darf eine Messung daneben liegen (ein Sigma)?</translation>
    </message>
    <message>
      <source>how far the wheel was turned</source>
      <translation>wie weit das Rad gedreht wurde</translation>
    </message>
    <message>
      <source>how much higher is the second? lower with a minus</source>
      <translation>wie viel höher ist die zweite? tiefer mit einem Minus</translation>
    </message>
    <message>
      <source>how thick is one?</source>
      <translation>wie dick ist eine?</translation>
    </message>
    <message>
      <source>how thick?</source>
      <translation>wie dick?</translation>
    </message>
    <message>
      <source>hub</source>
      <translation>Nabe</translation>
    </message>
    <message>
      <source>hub bar</source>
      <translation>Nabenstange</translation>
    </message>
    <message>
      <source>hub middle to arch lip</source>
      <translation>Nabenmitte bis Radlaufkante</translation>
    </message>
    <message>
      <source>hub to string, about alike</source>
      <translation>Nabe bis Schnur, etwa gleich</translation>
    </message>
    <message>
      <source>hub, bearing or brake</source>
      <translation>Nabe, Lager oder Bremse</translation>
    </message>
    <message>
      <source>hub, to the laser</source>
      <translation>Nabe, bis zum Laser</translation>
    </message>
    <message>
      <source>if a length, over</source>
      <translation>falls Länge, über</translation>
    </message>
    <message>
      <source>if counted</source>
      <translation>falls gezählt</translation>
    </message>
    <message>
      <source>if measured</source>
      <translation>falls gemessen</translation>
    </message>
    <message>
      <source>if taped</source>
      <translation>falls gemessen</translation>
    </message>
    <message>
      <source>if there is play</source>
      <translation>falls Spiel da ist</translation>
    </message>
    <message>
      <source>in</source>
      <translation>Vorspur</translation>
    </message>
    <message numerus="yes">
      <source>in %n days</source>
      <comment>in one day</comment>
      <translation>
        <numerusform>in einem Tag</numerusform>
        <numerusform>in %n Tagen</numerusform>
      </translation>
    </message>
    <message>
      <source>in front</source>
      <translation>vorn</translation>
    </message>
    <message>
      <source>in the front stack now</source>
      <translation>jetzt im vorderen Stapel</translation>
    </message>
    <message>
      <source>in the rear stack now</source>
      <translation>jetzt im hinteren Stapel</translation>
    </message>
    <message>
      <source>in words</source>
      <translation>in Worten</translation>
    </message>
    <message>
      <source>in {0} km</source>
      <translation>in {0} km</translation>
    </message>
    <message>
      <source>in: camber below zero</source>
      <translation>nach innen: Sturz unter null</translation>
    </message>
    <message>
      <source>inch rule</source>
      <translation>Zollmaßstab</translation>
    </message>
    <message>
      <source>inches</source>
      <translation>Zoll</translation>
    </message>
    <message>
      <source>inches, 64ths</source>
      <translation>Zoll, 64tel</translation>
    </message>
    <message>
      <source>inches, sixteenths</source>
      <translation>Zoll, Sechzehntel</translation>
    </message>
    <message>
      <source>inclinometer</source>
      <translation>Neigungsmesser</translation>
    </message>
    <message>
      <source>inner edge</source>
      <translation>Innenkante</translation>
    </message>
    <message>
      <source>inner side of the arm</source>
      <translation>Innenseite des Lenkers</translation>
    </message>
    <message>
      <source>inside</source>
      <translation>innerhalb</translation>
    </message>
    <message>
      <source>inside: all of its ± lies within the target</source>
      <translation>innerhalb: Das ganze ± liegt im Ziel</translation>
    </message>
    <message>
      <source>inside: {0} of {1}</source>
      <translation>innerhalb: {0} von {1}</translation>
    </message>
    <message>
      <source>inward</source>
      <translation>nach innen</translation>
    </message>
    <message>
      <source>it</source>
      <translation>es</translation>
    </message>
    <message>
      <source>it can't be had beside the rest, and is left for it</source>
      <translation>neben dem Übrigen nicht zu haben und wird dafür gelassen</translation>
    </message>
    <message>
      <source>it is 10 mm off</source>
      <translation>es ist um 10 mm daneben</translation>
    </message>
    <message>
      <source>it is an inch off</source>
      <translation>es ist um einen Zoll daneben</translation>
    </message>
    <message>
      <source>it is at</source>
      <translation>es sitzt an</translation>
    </message>
    <message>
      <source>it is in another unit</source>
      <translation>es ist in einer anderen Einheit</translation>
    </message>
    <message>
      <source>it is not given where the {0} bar stands</source>
      <translation>nicht angegeben ist, wo die Stange {0} steht</translation>
    </message>
    <message>
      <source>it is not known yet which way it works ({0}): a test turn or a look tells</source>
      <translation>noch nicht bekannt, wie herum es wirkt ({0}): eine Probedrehung oder ein Blick sagt es</translation>
    </message>
    <message>
      <source>it is one division off</source>
      <translation>es ist um eine Teilung daneben</translation>
    </message>
    <message>
      <source>it is too close to call with these readings, and neither turning nor reading on tells</source>
      <translation>mit diesen Ablesungen ist es zu knapp, um es zu sagen, und weder Drehen noch Weiterlesen klärt es</translation>
    </message>
    <message>
      <source>it runs</source>
      <translation>es läuft</translation>
    </message>
    <message>
      <source>it sat to the other side</source>
      <translation>es stand zur anderen Seite</translation>
    </message>
    <message>
      <source>it speaks</source>
      <translation>es spricht</translation>
    </message>
    <message>
      <source>it stands</source>
      <translation>es steht</translation>
    </message>
    <message>
      <source>it stands on the list until it is refitted</source>
      <translation>es steht auf der Liste, bis es wieder angebaut ist</translation>
    </message>
    <message>
      <source>it stands out from all the others</source>
      <translation>sie fällt gegen alle anderen auf</translation>
    </message>
    <message>
      <source>it stands, from its middle, outward +</source>
      <translation>es steht, von seiner Mitte, nach außen +</translation>
    </message>
    <message>
      <source>it stays in the record, struck out</source>
      <translation>sie bleibt durchgestrichen im Protokoll</translation>
    </message>
    <message>
      <source>it still goes inward, rearward</source>
      <translation>so viel geht es noch nach innen, hinten</translation>
    </message>
    <message>
      <source>it still goes the other way</source>
      <translation>so viel geht es noch anders herum</translation>
    </message>
    <message>
      <source>it was read from the other side</source>
      <translation>es wurde von der anderen Seite abgelesen</translation>
    </message>
    <message>
      <source>its body end lies</source>
      <translation>ihr Ende an der Karosserie liegt</translation>
    </message>
    <message>
      <source>its body end to the left, the arm to the right</source>
      <translation>ihr Ende an der Karosserie links, der Lenker rechts</translation>
    </message>
    <message>
      <source>its finest division?</source>
      <translation>seine feinste Teilung?</translation>
    </message>
    <message>
      <source>its four wheels are</source>
      <translation>die vier Räder sind</translation>
    </message>
    <message>
      <source>its height over the lower joint</source>
      <translation>ihre Höhe über dem unteren Gelenk</translation>
    </message>
    <message>
      <source>its name</source>
      <translation>sein Name</translation>
    </message>
    <message>
      <source>its rods run ahead of the front axle</source>
      <translation>seine Stangen laufen vor der Vorderachse</translation>
    </message>
    <message>
      <source>its rods run behind the front axle</source>
      <translation>seine Stangen laufen hinter der Vorderachse</translation>
    </message>
    <message>
      <source>its steering arm</source>
      <translation>ihr Lenkhebel</translation>
    </message>
    <message>
      <source>its thick side stands, 0 outward, 90 up</source>
      <translation>ihre dicke Seite steht, 0 außen, 90 oben</translation>
    </message>
    <message>
      <source>its width</source>
      <translation>seine Breite</translation>
    </message>
    <message>
      <source>jacked</source>
      <translation>aufgebockt</translation>
    </message>
    <message>
      <source>jacked up for it</source>
      <translation>dafür aufgebockt</translation>
    </message>
    <message>
      <source>jackstand</source>
      <translation>Unterstellbock</translation>
    </message>
    <message>
      <source>kept %1</source>
      <translation>gesichert %1</translation>
    </message>
    <message>
      <source>kept as %1</source>
      <translation>behalten als %1</translation>
    </message>
    <message>
      <source>kept in the record with its ±</source>
      <translation>kommt mit seinem ± in den Bericht</translation>
    </message>
    <message>
      <source>known to worse than 3 degrees only</source>
      <translation>nur schlechter als auf 3 Grad bekannt</translation>
    </message>
    <message>
      <source>known, settled</source>
      <translation>bekannt, gesetzt</translation>
    </message>
    <message>
      <source>known; settle the car</source>
      <translation>bekannt; das Auto setzen</translation>
    </message>
    <message>
      <source>laser</source>
      <translation>Laser</translation>
    </message>
    <message>
      <source>laser level</source>
      <translation>Laserwaage</translation>
    </message>
    <message>
      <source>laser levels</source>
      <translation>Linienlaser</translation>
    </message>
    <message>
      <source>last kept: %1</source>
      <translation>zuletzt gesichert: %1</translation>
    </message>
    <message>
      <source>lean it: which way?</source>
      <translation>neigen: wohin?</translation>
    </message>
    <message>
      <source>lean the wheel</source>
      <translation>das Rad neigen</translation>
    </message>
    <message>
      <source>leaned in by {0} at its top</source>
      <translation>sich oben um {0} nach innen neigen</translation>
    </message>
    <message>
      <source>leaned out by {0} at its top</source>
      <translation>sich oben um {0} nach außen neigen</translation>
    </message>
    <message>
      <source>learn on the practice floor: lessons, and a simulated car</source>
      <translation>auf dem Übungsboden lernen: Übungen und ein simuliertes Auto</translation>
    </message>
    <message numerus="yes">
      <source>learnt from %n turns</source>
      <comment>learnt from one turn</comment>
      <translation>
        <numerusform>gelernt aus einer Drehung</numerusform>
        <numerusform>gelernt aus %n Drehungen</numerusform>
      </translation>
    </message>
    <message>
      <source>left</source>
      <translation>links</translation>
    </message>
    <message>
      <source>left and right were swapped</source>
      <translation>links und rechts wurden vertauscht</translation>
    </message>
    <message>
      <source>left and right: twice a turn</source>
      <translation>links und rechts: je Drehung doppelt</translation>
    </message>
    <message>
      <source>left as it is</source>
      <translation>so belassen</translation>
    </message>
    <message>
      <source>left at %1 ±%2</source>
      <translation>zurückgelassen bei %1 ±%2</translation>
    </message>
    <message>
      <source>left front</source>
      <translation>vorn links</translation>
    </message>
    <message>
      <source>left front as the right</source>
      <translation>vorn links wie rechts</translation>
    </message>
    <message>
      <source>left front, from above</source>
      <translation>vorn links, von oben</translation>
    </message>
    <message>
      <source>left out of this plan</source>
      <translation>aus diesem Plan ausgelassen</translation>
    </message>
    <message>
      <source>left rear</source>
      <translation>hinten links</translation>
    </message>
    <message>
      <source>left rear bush creaks</source>
      <translation>Buchse hinten links knarrt</translation>
    </message>
    <message>
      <source>left side only</source>
      <translation>nur die linke Seite</translation>
    </message>
    <message>
      <source>left string</source>
      <translation>linke Schnur</translation>
    </message>
    <message>
      <source>left string's height at {0}</source>
      <translation>Höhe der linken Schnur bei {0}</translation>
    </message>
    <message>
      <source>left wheel: what does it show as it stands?</source>
      <translation>linkes Rad: Was zeigt er, wie es steht?</translation>
    </message>
    <message>
      <source>left-hand</source>
      <translation>links</translation>
    </message>
    <message>
      <source>left: more is top in</source>
      <translation>links: mehr ist oben innen</translation>
    </message>
    <message>
      <source>less</source>
      <translation>weniger</translation>
    </message>
    <message>
      <source>level</source>
      <translation>Waage</translation>
    </message>
    <message>
      <source>level and rule</source>
      <translation>Wasserwaage und Maßstab</translation>
    </message>
    <message>
      <source>level rail</source>
      <translation>Setzlatte</translation>
    </message>
    <message>
      <source>like 1 1/4 in over 14 1/2 in left</source>
      <translation>etwa 1 1/4 in über 14 1/2 in links</translation>
    </message>
    <message>
      <source>like 32 mm over 370 mm left</source>
      <translation>etwa 32 mm über 370 mm links</translation>
    </message>
    <message>
      <source>like 52300 mi</source>
      <translation>etwa 52300 mi</translation>
    </message>
    <message>
      <source>like 6 left</source>
      <translation>etwa 6 links</translation>
    </message>
    <message>
      <source>like 84210 km</source>
      <translation>etwa 84210 km</translation>
    </message>
    <message>
      <source>line</source>
      <translation>Leine</translation>
    </message>
    <message>
      <source>line laser</source>
      <translation>Liniengeber</translation>
    </message>
    <message>
      <source>lip to lip, height for the gap</source>
      <translation>Rand zu Rand, Höhe für den Spalt</translation>
    </message>
    <message>
      <source>lip to lip, height on the plumb line</source>
      <translation>Rand zu Rand, Höhe an der Lotschnur</translation>
    </message>
    <message>
      <source>lip, half a turn on</source>
      <translation>Rand, eine halbe Drehung weiter</translation>
    </message>
    <message>
      <source>lip, to the stand</source>
      <translation>Rand, bis zum Ständer</translation>
    </message>
    <message>
      <source>listening</source>
      <translation>hört zu</translation>
    </message>
    <message>
      <source>listening at %1</source>
      <translation>hört auf %1</translation>
    </message>
    <message>
      <source>load changed</source>
      <translation>Beladung geändert</translation>
    </message>
    <message>
      <source>load the maker asks for</source>
      <translation>Beladung, die der Hersteller verlangt</translation>
    </message>
    <message>
      <source>lock off: ↑ ↓ another spot</source>
      <translation>Num aus: ↑ ↓ andere Stelle</translation>
    </message>
    <message>
      <source>locked</source>
      <translation>gesichert</translation>
    </message>
    <message>
      <source>long bar</source>
      <translation>Latte</translation>
    </message>
    <message>
      <source>longer</source>
      <translation>länger</translation>
    </message>
    <message>
      <source>longer puts it back</source>
      <translation>länger stellt es wieder her</translation>
    </message>
    <message>
      <source>look again</source>
      <translation>wieder ansehen</translation>
    </message>
    <message>
      <source>look again {0}</source>
      <translation>{0} wieder ansehen</translation>
    </message>
    <message>
      <source>look at the wheel angles again</source>
      <translation>die Radwinkel wieder ansehen</translation>
    </message>
    <message>
      <source>loosened</source>
      <translation>gelöst</translation>
    </message>
    <message>
      <source>lost {0} of caster</source>
      <translation>{0} Nachlauf verlieren</translation>
    </message>
    <message>
      <source>low edge above the floor</source>
      <translation>untere Kante über dem Boden</translation>
    </message>
    <message>
      <source>lower</source>
      <translation>unten</translation>
    </message>
    <message>
      <source>lower arm's inner bolts</source>
      <translation>innere Schrauben des unteren Lenkers</translation>
    </message>
    <message>
      <source>lower strut bolt, {0}</source>
      <translation>untere Federbeinschraube, {0}</translation>
    </message>
    <message>
      <source>lower {0}</source>
      <translation>unten: {0}</translation>
    </message>
    <message>
      <source>mark = arm × tan(angle)</source>
      <translation>Marke = Arm × tan(Winkel)</translation>
    </message>
    <message>
      <source>mark · hold · tighten · read again</source>
      <translation>anzeichnen · halten · anziehen · neu ablesen</translation>
    </message>
    <message>
      <source>marks drawn ×%1</source>
      <translation>Marken ×%1 gezeichnet</translation>
    </message>
    <message>
      <source>marks every 15° from its middle</source>
      <translation>Marken alle 15° von seiner Mitte</translation>
    </message>
    <message>
      <source>marks that are there: out by</source>
      <translation>vorhandene Marken: Versatz</translation>
    </message>
    <message>
      <source>marks to scale with the arm</source>
      <translation>Marken im Maßstab des Arms</translation>
    </message>
    <message>
      <source>measured once, for this round and those after it</source>
      <translation>einmal gemessen, für diese Runde und die folgenden</translation>
    </message>
    <message>
      <source>middle</source>
      <translation>Mitte</translation>
    </message>
    <message>
      <source>middle of the car</source>
      <translation>Mitte des Autos</translation>
    </message>
    <message>
      <source>middle of the car ↑</source>
      <translation>Mitte des Autos ↑</translation>
    </message>
    <message>
      <source>millimeters</source>
      <translation>Millimeter</translation>
    </message>
    <message>
      <source>minus</source>
      <translation>minus</translation>
    </message>
    <message>
      <source>minutes</source>
      <translation>Minuten</translation>
    </message>
    <message>
      <source>mm</source>
      <translation>mm</translation>
    </message>
    <message>
      <source>mm from the string; at the bars from string to string; both takings one above the other</source>
      <translation>mm von der Schnur; an den Stangen von Schnur zu Schnur; beide Messungen untereinander</translation>
    </message>
    <message>
      <source>mm rule</source>
      <translation>mm-Maßstab</translation>
    </message>
    <message>
      <source>more</source>
      <translation>mehr</translation>
    </message>
    <message>
      <source>more of them push the arm</source>
      <translation>mehr davon schieben den Lenker</translation>
    </message>
    <message>
      <source>more than 2° at once is more than is usual: first read its spots again</source>
      <translation>mehr als 2° auf einmal ist mehr als üblich: zuerst seine Stellen neu ablesen</translation>
    </message>
    <message>
      <source>more than four turns ({0}): first measure the thread that shows, so that enough of it stays engaged</source>
      <translation>mehr als vier Umdrehungen ({0}): zuerst das sichtbare Gewinde messen, damit genug davon im Eingriff bleibt</translation>
    </message>
    <message>
      <source>more than four turns is more than is usual ({0}): first read its spots again</source>
      <translation>mehr als vier Umdrehungen sind mehr als üblich ({0}): zuerst die zugehörigen Stellen neu ablesen</translation>
    </message>
    <message>
      <source>move the angle</source>
      <translation>den Winkel bewegen</translation>
    </message>
    <message>
      <source>move {0} of shim so that the pivot goes inward</source>
      <translation>{0} Beilagen umsetzen, so dass der Drehpunkt nach innen geht</translation>
    </message>
    <message>
      <source>move {0} of shim so that the pivot goes outward</source>
      <translation>{0} Beilagen umsetzen, so dass der Drehpunkt nach außen geht</translation>
    </message>
    <message>
      <source>moving</source>
      <translation>bewegt</translation>
    </message>
    <message>
      <source>multi-link</source>
      <translation>Mehrlenker</translation>
    </message>
    <message>
      <source>my first car</source>
      <translation>mein erstes Auto</translation>
    </message>
    <message>
      <source>nail</source>
      <translation>Nagel</translation>
    </message>
    <message>
      <source>name of the car</source>
      <translation>Name des Autos</translation>
    </message>
    <message>
      <source>narrow</source>
      <translation>zu eng</translation>
    </message>
    <message>
      <source>near edge, from a mark beside it</source>
      <translation>nahe Kante, von einer Marke daneben</translation>
    </message>
    <message>
      <source>nearer the aim, while I am here</source>
      <translation>näher ans Ziel, da ich schon dabei bin</translation>
    </message>
    <message>
      <source>nearly certain</source>
      <translation>fast sicher</translation>
    </message>
    <message>
      <source>nested deeper than {0} levels, which no job is</source>
      <translation>tiefer als {0} Ebenen geschachtelt, was kein Auftrag ist</translation>
    </message>
    <message>
      <source>never known</source>
      <translation>nie bekannt</translation>
    </message>
    <message>
      <source>nine</source>
      <translation>neun</translation>
    </message>
    <message>
      <source>nineteen</source>
      <translation>neunzehn</translation>
    </message>
    <message>
      <source>no adjuster</source>
      <translation>kein Einsteller</translation>
    </message>
    <message>
      <source>no angle</source>
      <translation>kein Winkel</translation>
    </message>
    <message>
      <source>no name on it</source>
      <translation>kein Name darauf</translation>
    </message>
    <message>
      <source>no port chosen</source>
      <translation>kein Anschluss gewählt</translation>
    </message>
    <message>
      <source>no springs: nothing settles</source>
      <translation>keine Federn: nichts setzt sich</translation>
    </message>
    <message>
      <source>no targets</source>
      <translation>keine Ziele</translation>
    </message>
    <message>
      <source>no tie rods</source>
      <translation>keine Spurstangen</translation>
    </message>
    <message>
      <source>none of these</source>
      <translation>nichts davon</translation>
    </message>
    <message>
      <source>not JSON at byte {0}: {1}</source>
      <translation>kein JSON bei Byte {0}: {1}</translation>
    </message>
    <message>
      <source>not all alike</source>
      <translation>nicht alle gleich</translation>
    </message>
    <message>
      <source>not all four spots are tied together yet</source>
      <translation>noch sind nicht alle vier Stellen verbunden</translation>
    </message>
    <message>
      <source>not driven</source>
      <translation>nicht gefahren</translation>
    </message>
    <message>
      <source>not driven yet</source>
      <translation>noch nicht gefahren</translation>
    </message>
    <message>
      <source>not ended</source>
      <translation>nicht beendet</translation>
    </message>
    <message>
      <source>not given for this rig: {0}</source>
      <translation>für diesen Aufbau nicht angegeben: {0}</translation>
    </message>
    <message>
      <source>not held</source>
      <translation>nicht gehalten</translation>
    </message>
    <message>
      <source>not kept</source>
      <translation>nicht gesichert</translation>
    </message>
    <message>
      <source>not known</source>
      <translation>nicht bekannt</translation>
    </message>
    <message>
      <source>not known yet</source>
      <translation>noch nicht bekannt</translation>
    </message>
    <message>
      <source>not looked at</source>
      <translation>nicht angesehen</translation>
    </message>
    <message>
      <source>not measured</source>
      <translation>nicht gemessen</translation>
    </message>
    <message>
      <source>not needed</source>
      <translation>nicht nötig</translation>
    </message>
    <message>
      <source>not needed for this</source>
      <translation>hierfür nicht nötig</translation>
    </message>
    <message>
      <source>not needed in this round</source>
      <translation>in dieser Runde nicht nötig</translation>
    </message>
    <message>
      <source>not on this car</source>
      <translation>nicht an diesem Auto</translation>
    </message>
    <message>
      <source>not said</source>
      <translation>nicht gesagt</translation>
    </message>
    <message>
      <source>not said yet</source>
      <translation>noch nicht gesagt</translation>
    </message>
    <message>
      <source>not set straight</source>
      <translation>nicht gerade gestellt</translation>
    </message>
    <message>
      <source>not set up yet</source>
      <translation>noch nicht aufgebaut</translation>
    </message>
    <message>
      <source>not shown</source>
      <translation>nicht gezeigt</translation>
    </message>
    <message>
      <source>not surveyed</source>
      <translation>nicht vermessen</translation>
    </message>
    <message>
      <source>not there now</source>
      <translation>gerade nicht da</translation>
    </message>
    <message>
      <source>notched bar</source>
      <translation>Kerbstange</translation>
    </message>
    <message>
      <source>notched bars</source>
      <translation>Kerbstangen</translation>
    </message>
    <message>
      <source>nothing</source>
      <translation>nichts</translation>
    </message>
    <message>
      <source>nothing has been read that tells it</source>
      <translation>nichts ist abgelesen, was es sagt</translation>
    </message>
    <message>
      <source>nothing left but the drive</source>
      <translation>nur noch die Fahrt</translation>
    </message>
    <message>
      <source>nothing moved</source>
      <translation>nichts hat sich bewegt</translation>
    </message>
    <message>
      <source>nothing said yet</source>
      <translation>noch nichts gesagt</translation>
    </message>
    <message>
      <source>nothing turned</source>
      <translation>nichts gedreht</translation>
    </message>
    <message>
      <source>nothing yet</source>
      <translation>noch nichts</translation>
    </message>
    <message>
      <source>nothing: it is the axle's total</source>
      <translation>nichts: Es ist die Summe der Achse</translation>
    </message>
    <message>
      <source>nothing: no adjuster</source>
      <translation>nichts: kein Einsteller</translation>
    </message>
    <message>
      <source>nothing: point at it on the floor, or Enter</source>
      <translation>nichts: auf dem Boden zeigen, oder Eingabe</translation>
    </message>
    <message>
      <source>null</source>
      <translation>null</translation>
    </message>
    <message>
      <source>numbers run inward</source>
      <translation>Zahlen laufen nach innen</translation>
    </message>
    <message>
      <source>off its middle</source>
      <translation>Versatz seiner Mitte</translation>
    </message>
    <message>
      <source>off-center bush</source>
      <translation>Exzenterbuchse</translation>
    </message>
    <message>
      <source>off-center bushes</source>
      <translation>Exzenterbuchsen</translation>
    </message>
    <message>
      <source>offset = base × tan(angle). The car walks as it turns: lay the line anew for the other wheel.</source>
      <translation>Versatz = Grundlinie × tan(Winkel). Das Auto wandert beim Lenken: die Linie für das andere Rad neu legen.</translation>
    </message>
    <message>
      <source>on blocks, no springs</source>
      <translation>auf Klötzen, ohne Federn</translation>
    </message>
    <message>
      <source>on its outer side now</source>
      <translation>jetzt auf seiner Außenseite</translation>
    </message>
    <message>
      <source>on its springs</source>
      <translation>auf seinen Federn</translation>
    </message>
    <message>
      <source>on the ground</source>
      <translation>auf dem Boden</translation>
    </message>
    <message>
      <source>on the inner side of the arm now</source>
      <translation>jetzt auf der Innenseite des Lenkers</translation>
    </message>
    <message>
      <source>on the wall</source>
      <translation>an der Wand</translation>
    </message>
    <message>
      <source>one</source>
      <translation>eines</translation>
    </message>
    <message>
      <source>one amount</source>
      <translation>ein Betrag</translation>
    </message>
    <message>
      <source>one check for all four can't tell them apart; this is the leg that is read least well</source>
      <translation>eine Kontrolle für alle vier kann sie nicht unterscheiden; dies ist die am schlechtesten abgelesene Strecke</translation>
    </message>
    <message>
      <source>one degree near its middle</source>
      <translation>ein Grad nahe der Mitte</translation>
    </message>
    <message>
      <source>one eighth</source>
      <translation>ein Achtel</translation>
    </message>
    <message>
      <source>one half</source>
      <translation>ein Halbes</translation>
    </message>
    <message>
      <source>one half of a turn</source>
      <translation>eine halbe Umdrehung</translation>
    </message>
    <message>
      <source>one mm</source>
      <translation>ein mm</translation>
    </message>
    <message>
      <source>one of at most {0}</source>
      <translation>einer von höchstens {0}</translation>
    </message>
    <message>
      <source>one of at most {0} names</source>
      <translation>eines mit höchstens {0} Namen</translation>
    </message>
    <message>
      <source>one quarter</source>
      <translation>ein Viertel</translation>
    </message>
    <message>
      <source>one reading contradicts the others: set it aside before anything is turned</source>
      <translation>eine Ablesung widerspricht den anderen: legen Sie sie beiseite, bevor etwas gedreht wird</translation>
    </message>
    <message>
      <source>one sixteenth</source>
      <translation>ein Sechzehntel</translation>
    </message>
    <message>
      <source>one sixty-fourth</source>
      <translation>ein Vierundsechzigstel</translation>
    </message>
    <message>
      <source>one step of it is more than what is left to turn ({0})</source>
      <translation>ein Schritt davon ist mehr, als noch zu drehen ist ({0})</translation>
    </message>
    <message>
      <source>one third</source>
      <translation>ein Drittel</translation>
    </message>
    <message>
      <source>one thirty-second</source>
      <translation>ein Zweiunddreißigstel</translation>
    </message>
    <message>
      <source>one tube and a drag link</source>
      <translation>ein Rohr und eine Schubstange</translation>
    </message>
    <message>
      <source>one turn</source>
      <translation>eine Umdrehung</translation>
    </message>
    <message>
      <source>one's own, then</source>
      <translation>das Eigene, damals</translation>
    </message>
    <message>
      <source>only together</source>
      <translation>nur zusammen</translation>
    </message>
    <message>
      <source>onto the card, as “%1”</source>
      <translation>auf die Karte, als „%1“</translation>
    </message>
    <message>
      <source>open another book, or bring in a job as a file</source>
      <translation>ein anderes Buch öffnen, oder einen Auftrag als Datei hereinholen</translation>
    </message>
    <message>
      <source>out</source>
      <translation>Nachspur</translation>
    </message>
    <message>
      <source>out of reach: {0} is too long by {1}</source>
      <translation>außer Reichweite: {0} ist um {1} zu lang</translation>
    </message>
    <message>
      <source>out of reach: {0} is too short by {1}</source>
      <translation>außer Reichweite: {0} ist um {1} zu kurz</translation>
    </message>
    <message>
      <source>out: camber above zero</source>
      <translation>nach außen: Sturz über null</translation>
    </message>
    <message>
      <source>outer edge</source>
      <translation>Außenkante</translation>
    </message>
    <message>
      <source>outer side of the arm</source>
      <translation>Außenseite des Lenkers</translation>
    </message>
    <message>
      <source>outside</source>
      <translation>außerhalb</translation>
    </message>
    <message>
      <source>outside, above: none of its ± reaches the target</source>
      <translation>außerhalb, darüber: Nichts vom ± erreicht das Ziel</translation>
    </message>
    <message>
      <source>outside, below: none of its ± reaches the target</source>
      <translation>außerhalb, darunter: Nichts vom ± erreicht das Ziel</translation>
    </message>
    <message>
      <source>outward</source>
      <translation>nach außen</translation>
    </message>
    <message>
      <source>over</source>
      <translation>über</translation>
    </message>
    <message>
      <source>over both hubs</source>
      <translation>über beide Naben</translation>
    </message>
    <message>
      <source>over the front hub faces</source>
      <translation>über die vorderen Nabenflächen</translation>
    </message>
    <message>
      <source>over the hub faces</source>
      <translation>über die Nabenflächen</translation>
    </message>
    <message>
      <source>over the hubs</source>
      <translation>über die Naben</translation>
    </message>
    <message>
      <source>over the rear hub faces</source>
      <translation>über die hinteren Nabenflächen</translation>
    </message>
    <message>
      <source>pale</source>
      <translation>hell</translation>
    </message>
    <message>
      <source>parallel</source>
      <translation>parallel</translation>
    </message>
    <message>
      <source>part and torque</source>
      <translation>Teil und Drehmoment</translation>
    </message>
    <message>
      <source>pass %1</source>
      <translation>Durchgang %1</translation>
    </message>
    <message>
      <source>pivot to hub</source>
      <translation>Drehpunkt bis Nabe</translation>
    </message>
    <message>
      <source>plates across both bolts</source>
      <translation>Platten über beide Schrauben</translation>
    </message>
    <message>
      <source>plumb</source>
      <translation>Lot</translation>
    </message>
    <message>
      <source>plumb bob</source>
      <translation>Senklot</translation>
    </message>
    <message>
      <source>plumb line</source>
      <translation>Lotschnur</translation>
    </message>
    <message>
      <source>plumb line to lower lip</source>
      <translation>Lotschnur zum unteren Rand</translation>
    </message>
    <message>
      <source>plumb line to lower lip, half a turn on</source>
      <translation>Lotschnur zum unteren Rand, eine halbe Drehung weiter</translation>
    </message>
    <message>
      <source>plumb line to upper lip</source>
      <translation>Lotschnur zum oberen Rand</translation>
    </message>
    <message>
      <source>plumb line to upper lip, half a turn on</source>
      <translation>Lotschnur zum oberen Rand, eine halbe Drehung weiter</translation>
    </message>
    <message>
      <source>plus</source>
      <translation>plus</translation>
    </message>
    <message>
      <source>plus or minus</source>
      <translation>plus oder minus</translation>
    </message>
    <message>
      <source>point the rear axle</source>
      <translation>die Hinterachse richten</translation>
    </message>
    <message>
      <source>point to point of a stud bar</source>
      <translation>Spitze zu Spitze einer Bolzenstange</translation>
    </message>
    <message>
      <source>possible</source>
      <translation>möglich</translation>
    </message>
    <message>
      <source>power steering</source>
      <translation>Servolenkung</translation>
    </message>
    <message>
      <source>practice</source>
      <translation>Übung</translation>
    </message>
    <message>
      <source>pressure</source>
      <translation>Luftdruck</translation>
    </message>
    <message>
      <source>pressure, cold</source>
      <translation>Luftdruck, kalt</translation>
    </message>
    <message>
      <source>pressures changed</source>
      <translation>Luftdruck geändert</translation>
    </message>
    <message>
      <source>pressures may miss by</source>
      <translation>Drücke dürfen abweichen um</translation>
    </message>
    <message>
      <source>protractor</source>
      <translation>Gradscheibe</translation>
    </message>
    <message>
      <source>psi</source>
      <translation>psi</translation>
    </message>
    <message>
      <source>push the lip away from the string</source>
      <translation>den Rand von der Schnur wegdrücken</translation>
    </message>
    <message>
      <source>push the lip away from the string: the number …</source>
      <translation>den Rand von der Schnur wegdrücken: die Zahl …</translation>
    </message>
    <message>
      <source>put %1 in the place of the book: choose it once more; the book is kept beside it</source>
      <translation>%1 an die Stelle des Buches setzen: noch einmal wählen; das Buch wird daneben aufbewahrt</translation>
    </message>
    <message>
      <source>rack</source>
      <translation>Zahnstange</translation>
    </message>
    <message>
      <source>rack's clamps</source>
      <translation>Klemmen der Zahnstange</translation>
    </message>
    <message>
      <source>radius rod</source>
      <translation>Zugstrebe</translation>
    </message>
    <message>
      <source>radius rods</source>
      <translation>Zugstreben</translation>
    </message>
    <message>
      <source>ratio %1 from the card; front wheels drawn ×4</source>
      <translation>Übersetzung %1 von der Karte; Vorderräder ×4 gezeichnet</translation>
    </message>
    <message>
      <source>ratio not on the card (Ctrl+I): 16 taken; front wheels drawn ×4</source>
      <translation>Übersetzung nicht auf der Karte (Strg+I): 16 angenommen; Vorderräder ×4 gezeichnet</translation>
    </message>
    <message>
      <source>ratio, wheel to road wheels</source>
      <translation>Übersetzung, Lenkrad zu Rad</translation>
    </message>
    <message>
      <source>read again, what the turn spoiled: %1. What a turn does on this car is known better now.</source>
      <translation>neu abgelesen, was die Drehung verdarb: %1. Was eine Umdrehung an diesem Auto bewirkt, ist nun besser bekannt.</translation>
    </message>
    <message>
      <source>read at {0}° in</source>
      <translation>bei {0}° innen ablesen</translation>
    </message>
    <message>
      <source>read further apart</source>
      <translation>weiter auseinander ablesen</translation>
    </message>
    <message>
      <source>read it more often</source>
      <translation>öfter ablesen</translation>
    </message>
    <message>
      <source>read: total toe %1. It is turned as the sheet says.</source>
      <translation>abgelesen: Gesamtspur %1. Gedreht wird, wie das Blatt sagt.</translation>
    </message>
    <message>
      <source>reading %1 of the job, at the %2</source>
      <translation>Ablesung %1 des Auftrags, bei %2</translation>
    </message>
    <message>
      <source>reading only</source>
      <translation>nur lesend</translation>
    </message>
    <message>
      <source>readings contradict each other: read these again before anything is turned</source>
      <translation>Ablesungen widersprechen einander: diese neu ablesen, bevor etwas gedreht wird</translation>
    </message>
    <message>
      <source>readings of the kind {0} are kept, but this version does not use them yet</source>
      <translation>Ablesungen der Art {0} werden behalten, aber von dieser Version noch nicht benutzt</translation>
    </message>
    <message>
      <source>readings wait for it</source>
      <translation>Ablesungen warten darauf</translation>
    </message>
    <message>
      <source>ready about %1</source>
      <translation>fertig etwa %1</translation>
    </message>
    <message>
      <source>rear</source>
      <translation>hinten</translation>
    </message>
    <message>
      <source>rear axle</source>
      <translation>Hinterachse</translation>
    </message>
    <message>
      <source>rear axle runs %1, ±%2</source>
      <translation>Hinterachse läuft %1, ±%2</translation>
    </message>
    <message>
      <source>rear bar</source>
      <translation>hintere Stange</translation>
    </message>
    <message>
      <source>rear bar, string to string</source>
      <translation>hintere Stange, von Schnur zu Schnur</translation>
    </message>
    <message>
      <source>rear before front; caster, camber, toe: each moves the next. Page Up and Page Down turn the sheet.</source>
      <translation>hinten vor vorn; Nachlauf, Sturz, Spur: Jedes bewegt das Nächste. Bild auf und Bild ab blättern.</translation>
    </message>
    <message>
      <source>rear bolt</source>
      <translation>hintere Schraube</translation>
    </message>
    <message>
      <source>rear jacked up</source>
      <translation>hinten aufgebockt</translation>
    </message>
    <message>
      <source>rear locked</source>
      <translation>hinten festgezogen</translation>
    </message>
    <message>
      <source>rear not adjustable</source>
      <translation>hinten nicht einstellbar</translation>
    </message>
    <message>
      <source>rear total</source>
      <translation>hinten gesamt</translation>
    </message>
    <message>
      <source>rear total </source>
      <translation>hinten gesamt </translation>
    </message>
    <message>
      <source>rear upper {0}</source>
      <translation>hinten oben: {0}</translation>
    </message>
    <message>
      <source>rear {0}</source>
      <translation>hinten: {0}</translation>
    </message>
    <message>
      <source>rearward</source>
      <translation>nach hinten</translation>
    </message>
    <message>
      <source>refitted and tightened</source>
      <translation>angebaut und festgezogen</translation>
    </message>
    <message>
      <source>repeats ±%1</source>
      <translation>wiederholt auf ±%1</translation>
    </message>
    <message>
      <source>ride height</source>
      <translation>Fahrhöhe</translation>
    </message>
    <message>
      <source>right</source>
      <translation>rechts</translation>
    </message>
    <message>
      <source>right front</source>
      <translation>vorn rechts</translation>
    </message>
    <message>
      <source>right front as the left</source>
      <translation>vorn rechts wie links</translation>
    </message>
    <message>
      <source>right front, from above</source>
      <translation>vorn rechts, von oben</translation>
    </message>
    <message>
      <source>right rear</source>
      <translation>hinten rechts</translation>
    </message>
    <message>
      <source>right side only</source>
      <translation>nur die rechte Seite</translation>
    </message>
    <message>
      <source>right string</source>
      <translation>rechte Schnur</translation>
    </message>
    <message>
      <source>right string's height at {0}</source>
      <translation>Höhe der rechten Schnur bei {0}</translation>
    </message>
    <message>
      <source>right wheel: what does it show as it stands?</source>
      <translation>rechtes Rad: Was zeigt er, wie es steht?</translation>
    </message>
    <message>
      <source>right-hand</source>
      <translation>rechts</translation>
    </message>
    <message>
      <source>right: more is top in</source>
      <translation>rechts: mehr ist oben innen</translation>
    </message>
    <message>
      <source>rim arm</source>
      <translation>Felgenarm</translation>
    </message>
    <message>
      <source>rim arms</source>
      <translation>Felgenarme</translation>
    </message>
    <message>
      <source>rim span, between the lips that are read</source>
      <translation>Felgenspanne, zwischen den abgelesenen Rändern</translation>
    </message>
    <message>
      <source>rim span, front</source>
      <translation>Felgenspanne vorn</translation>
    </message>
    <message>
      <source>rim span, rear</source>
      <translation>Felgenspanne hinten</translation>
    </message>
    <message>
      <source>rim to string</source>
      <translation>Felge bis Schnur</translation>
    </message>
    <message>
      <source>rims and tires</source>
      <translation>Felgen und Reifen</translation>
    </message>
    <message>
      <source>ring: found   disc: left   ▵ turned   ✕ something happened</source>
      <translation>Ring: vorgefunden   Scheibe: zurückgelassen   ▵ gedreht   ✕ etwas geschah</translation>
    </message>
    <message>
      <source>road</source>
      <translation>Straße</translation>
    </message>
    <message>
      <source>road, track, wet</source>
      <translation>Straße, Strecke, nass</translation>
    </message>
    <message>
      <source>rod length</source>
      <translation>Länge der Stange</translation>
    </message>
    <message>
      <source>rods or links</source>
      <translation>Stangen oder Lenker</translation>
    </message>
    <message>
      <source>roll it, bounce it</source>
      <translation>rollen, einfedern</translation>
    </message>
    <message>
      <source>roll the wheel</source>
      <translation>das Rad rollen</translation>
    </message>
    <message>
      <source>rolled</source>
      <translation>gerollt</translation>
    </message>
    <message>
      <source>rolled to here the rule shows %1; half a turn on, %2; their mean, %3, is the wheel's</source>
      <translation>bis hierher gerollt zeigt der Maßstab %1; eine halbe Drehung weiter %2; ihr Mittel, %3, ist das des Rades</translation>
    </message>
    <message>
      <source>round %1</source>
      <translation>Runde %1</translation>
    </message>
    <message>
      <source>rule</source>
      <translation>Maßstab</translation>
    </message>
    <message>
      <source>rule in 64ths</source>
      <translation>Maßstab in 64teln</translation>
    </message>
    <message>
      <source>rule in mm</source>
      <translation>Maßstab in mm</translation>
    </message>
    <message>
      <source>rule level, at hub height</source>
      <translation>Maßstab waagerecht, auf Nabenhöhe</translation>
    </message>
    <message>
      <source>ruler</source>
      <translation>Lineal</translation>
    </message>
    <message>
      <source>runs straight</source>
      <translation>läuft geradeaus</translation>
    </message>
    <message>
      <source>runs straight with the wheel level</source>
      <translation>läuft geradeaus mit geradem Lenkrad</translation>
    </message>
    <message>
      <source>said</source>
      <translation>gesagt</translation>
    </message>
    <message>
      <source>said again</source>
      <translation>neu gesagt</translation>
    </message>
    <message>
      <source>say how the wheel sits on a straight road, or which way the car drifts with it held level</source>
      <translation>sagen, wie das Lenkrad auf gerader Straße steht, oder wohin das Auto mit gerade gehaltenem Lenkrad zieht</translation>
    </message>
    <message>
      <source>say on the car's card whether this rod ({0}) runs ahead of or behind the axle: which way to turn hangs on it</source>
      <translation>auf der Karte des Autos angeben, ob diese Stange ({0}) vor oder hinter der Achse läuft: davon hängt ab, wie herum zu drehen ist</translation>
    </message>
    <message>
      <source>say what you have</source>
      <translation>sagen, was Sie haben</translation>
    </message>
    <message>
      <source>scriber</source>
      <translation>Anreißnadel</translation>
    </message>
    <message>
      <source>semi-trailing arm</source>
      <translation>Schräglenker</translation>
    </message>
    <message>
      <source>set aside: it contradicts the others</source>
      <translation>beiseitegelegt: Sie widerspricht den anderen</translation>
    </message>
    <message>
      <source>set the wrench to %1</source>
      <translation>den Schlüssel auf %1 stellen</translation>
    </message>
    <message>
      <source>set up</source>
      <translation>aufgebaut</translation>
    </message>
    <message>
      <source>set-up in use</source>
      <translation>benutzte Einstellung</translation>
    </message>
    <message>
      <source>settled</source>
      <translation>gesetzt</translation>
    </message>
    <message>
      <source>seven</source>
      <translation>sieben</translation>
    </message>
    <message>
      <source>seven eighths</source>
      <translation>sieben Achtel</translation>
    </message>
    <message>
      <source>seventeen</source>
      <translation>siebzehn</translation>
    </message>
    <message>
      <source>shaken</source>
      <translation>gerüttelt</translation>
    </message>
    <message>
      <source>shims</source>
      <translation>Beilagen</translation>
    </message>
    <message>
      <source>shims across both bolts</source>
      <translation>Beilagen über beide Schrauben</translation>
    </message>
    <message>
      <source>shims in the tin</source>
      <translation>Beilagen in der Dose</translation>
    </message>
    <message>
      <source>shorter</source>
      <translation>kürzer</translation>
    </message>
    <message>
      <source>shorter puts it back</source>
      <translation>kürzer stellt es wieder her</translation>
    </message>
    <message>
      <source>shown</source>
      <translation>gezeigt</translation>
    </message>
    <message>
      <source>shows %1 at its end</source>
      <translation>zeigt %1 an seinem Ende</translation>
    </message>
    <message>
      <source>shows from level, about 90</source>
      <translation>zeigt ab der Waagerechten, etwa 90</translation>
    </message>
    <message>
      <source>shows no sign</source>
      <translation>zeigt kein Vorzeichen</translation>
    </message>
    <message>
      <source>shows things as they are</source>
      <translation>zeigt, wie es ist</translation>
    </message>
    <message>
      <source>silent</source>
      <translation>stumm</translation>
    </message>
    <message>
      <source>since %1</source>
      <translation>seit %1</translation>
    </message>
    <message>
      <source>since when has it been so?</source>
      <translation>seit wann ist es so?</translation>
    </message>
    <message>
      <source>six</source>
      <translation>sechs</translation>
    </message>
    <message>
      <source>sixteen</source>
      <translation>sechzehn</translation>
    </message>
    <message>
      <source>sleeve, both ends</source>
      <translation>Hülse, beide Enden</translation>
    </message>
    <message>
      <source>slip plate</source>
      <translation>Gleitplatte</translation>
    </message>
    <message>
      <source>slot</source>
      <translation>Langloch</translation>
    </message>
    <message>
      <source>slot to slot</source>
      <translation>Schlitz zu Schlitz</translation>
    </message>
    <message>
      <source>slot to slot of a toe board</source>
      <translation>Schlitz zu Schlitz eines Spurbretts</translation>
    </message>
    <message>
      <source>slots</source>
      <translation>Langlöcher</translation>
    </message>
    <message>
      <source>so that %1 arrive</source>
      <translation>damit %1 ankommen</translation>
    </message>
    <message>
      <source>so that it is surveyed once</source>
      <translation>damit er einmal vermessen wird</translation>
    </message>
    <message>
      <source>something else</source>
      <translation>etwas anderes</translation>
    </message>
    <message>
      <source>something is missing</source>
      <translation>etwas fehlt</translation>
    </message>
    <message>
      <source>something is still loose</source>
      <translation>etwas ist noch lose</translation>
    </message>
    <message>
      <source>span</source>
      <translation>Spanne</translation>
    </message>
    <message>
      <source>spirit level</source>
      <translation>Wasserwaage</translation>
    </message>
    <message>
      <source>spoiled</source>
      <translation>verdorben</translation>
    </message>
    <message>
      <source>spring</source>
      <translation>Feder</translation>
    </message>
    <message>
      <source>square across the car</source>
      <translation>rechtwinklig über das Auto</translation>
    </message>
    <message>
      <source>square to the center string</source>
      <translation>rechtwinklig zur Mittelschnur</translation>
    </message>
    <message>
      <source>square to the string</source>
      <translation>rechtwinklig zur Schnur</translation>
    </message>
    <message>
      <source>square tube</source>
      <translation>Vierkantrohr</translation>
    </message>
    <message>
      <source>stand</source>
      <translation>Ständer</translation>
    </message>
    <message>
      <source>stands</source>
      <translation>Ständer</translation>
    </message>
    <message>
      <source>stays</source>
      <translation>bleibt</translation>
    </message>
    <message>
      <source>steady</source>
      <translation>ruhig</translation>
    </message>
    <message>
      <source>steel rule</source>
      <translation>Stahlmaßstab</translation>
    </message>
    <message>
      <source>steer the wheel</source>
      <translation>das Rad lenken</translation>
    </message>
    <message>
      <source>steering arm</source>
      <translation>Lenkhebel</translation>
    </message>
    <message>
      <source>steering arm, axis to rod end:</source>
      <translation>Lenkhebel, Achse bis Stangenkopf:</translation>
    </message>
    <message>
      <source>steering gear</source>
      <translation>Lenkgetriebe</translation>
    </message>
    <message>
      <source>steering moved</source>
      <translation>Lenkung bewegt</translation>
    </message>
    <message>
      <source>steering wheel off level</source>
      <translation>Lenkrad aus der Geraden</translation>
    </message>
    <message>
      <source>steering wheel on its shaft</source>
      <translation>Lenkrad auf seiner Welle</translation>
    </message>
    <message>
      <source>steering wheel {0}</source>
      <translation>Lenkrad {0}</translation>
    </message>
    <message>
      <source>step %1 of %2</source>
      <translation>Schritt %1 von %2</translation>
    </message>
    <message>
      <source>stick test</source>
      <translation>Klebeprobe</translation>
    </message>
    <message>
      <source>still to read: {0}</source>
      <translation>noch abzulesen: {0}</translation>
    </message>
    <message>
      <source>stop at</source>
      <translation>anhalten bei</translation>
    </message>
    <message>
      <source>straight</source>
      <translation>gerade</translation>
    </message>
    <message>
      <source>straight edge</source>
      <translation>Richtscheit</translation>
    </message>
    <message>
      <source>straight, held</source>
      <translation>gerade, gehalten</translation>
    </message>
    <message>
      <source>straightedge</source>
      <translation>Richtlatte</translation>
    </message>
    <message>
      <source>straightedge to back lip</source>
      <translation>Richtlatte zum hinteren Rand</translation>
    </message>
    <message>
      <source>straightedge to front lip</source>
      <translation>Richtlatte zum vorderen Rand</translation>
    </message>
    <message>
      <source>strike out %1: why?</source>
      <translation>%1 streichen: warum?</translation>
    </message>
    <message>
      <source>string</source>
      <translation>Schnur</translation>
    </message>
    <message>
      <source>string above hub height; below is minus</source>
      <translation>Schnur über der Nabenhöhe; darunter ist minus</translation>
    </message>
    <message>
      <source>string from the wider hubs</source>
      <translation>Schnur von den breiteren Naben</translation>
    </message>
    <message>
      <source>string on the inner arm</source>
      <translation>Schnur am inneren Arm</translation>
    </message>
    <message>
      <source>string to string,</source>
      <translation>von Schnur zu Schnur,</translation>
    </message>
    <message>
      <source>string to string, at both ends</source>
      <translation>von Schnur zu Schnur, an beiden Enden</translation>
    </message>
    <message>
      <source>string's mark on the outer arm</source>
      <translation>Marke der Schnur am äußeren Arm</translation>
    </message>
    <message>
      <source>strings</source>
      <translation>Schnüre</translation>
    </message>
    <message>
      <source>strings and bars</source>
      <translation>Schnüre und Stangen</translation>
    </message>
    <message>
      <source>strings moved</source>
      <translation>Schnüre verschoben</translation>
    </message>
    <message>
      <source>strong</source>
      <translation>reichlich</translation>
    </message>
    <message>
      <source>strut</source>
      <translation>Federbein</translation>
    </message>
    <message>
      <source>strut bolt, {0}</source>
      <translation>Federbeinschraube, {0}</translation>
    </message>
    <message>
      <source>strut to upright bolts</source>
      <translation>Schrauben Federbein an Radträger</translation>
    </message>
    <message>
      <source>strut top</source>
      <translation>Domlager</translation>
    </message>
    <message>
      <source>strut's top nuts</source>
      <translation>obere Muttern des Federbeins</translation>
    </message>
    <message>
      <source>struts at the front, a beam behind that nothing adjusts; read in millimetres</source>
      <translation>vorn Federbeine, hinten eine Starrachse ohne Einstellung; in Millimetern abgelesen</translation>
    </message>
    <message>
      <source>stud bar</source>
      <translation>Bolzenstange</translation>
    </message>
    <message>
      <source>stud bars</source>
      <translation>Bolzenstangen</translation>
    </message>
    <message>
      <source>sub-frame's bolts</source>
      <translation>Schrauben des Hilfsrahmens</translation>
    </message>
    <message>
      <source>such a reading</source>
      <translation>so eine Ablesung</translation>
    </message>
    <message>
      <source>surveyed %1</source>
      <translation>vermessen %1</translation>
    </message>
    <message>
      <source>suspension</source>
      <translation>Aufhängung</translation>
    </message>
    <message>
      <source>swap</source>
      <translation>tauschen</translation>
    </message>
    <message>
      <source>take out {0} across both bolts</source>
      <translation>{0} über beide Schrauben herausnehmen</translation>
    </message>
    <message>
      <source>take out {0} at the front bolt</source>
      <translation>{0} an der vorderen Schraube herausnehmen</translation>
    </message>
    <message>
      <source>take out {0} at the rear bolt</source>
      <translation>{0} an der hinteren Schraube herausnehmen</translation>
    </message>
    <message>
      <source>taken off</source>
      <translation>abgenommen</translation>
    </message>
    <message>
      <source>taken the other way round</source>
      <translation>andersherum genommen</translation>
    </message>
    <message>
      <source>takes up to the left at</source>
      <translation>greift links bei</translation>
    </message>
    <message>
      <source>takes up to the right at</source>
      <translation>greift rechts bei</translation>
    </message>
    <message>
      <source>tape</source>
      <translation>Bandmaß</translation>
    </message>
    <message>
      <source>tape B</source>
      <translation>Bandmaß B</translation>
    </message>
    <message>
      <source>tape behind</source>
      <translation>Bandmaß hinten</translation>
    </message>
    <message>
      <source>tape behind, on the bars</source>
      <translation>Bandmaß hinten, an den Stangen</translation>
    </message>
    <message>
      <source>tape in front</source>
      <translation>Bandmaß vorn</translation>
    </message>
    <message>
      <source>tape in front, on the bars</source>
      <translation>Bandmaß vorn, an den Stangen</translation>
    </message>
    <message>
      <source>tape measure</source>
      <translation>Maßband</translation>
    </message>
    <message>
      <source>tapes</source>
      <translation>Bandmaße</translation>
    </message>
    <message>
      <source>temperatures, straight from the road</source>
      <translation>Temperaturen, direkt von der Straße</translation>
    </message>
    <message>
      <source>ten</source>
      <translation>zehn</translation>
    </message>
    <message>
      <source>the angle each way</source>
      <translation>der Winkel je Seite</translation>
    </message>
    <message>
      <source>the arm that it sets lies</source>
      <translation>der Lenker, den es stellt, liegt</translation>
    </message>
    <message>
      <source>the arm, pin to scale</source>
      <translation>der Arm, Stift bis Skala</translation>
    </message>
    <message>
      <source>the base line</source>
      <translation>die Grundlinie</translation>
    </message>
    <message>
      <source>the beginning</source>
      <translation>der Anfang</translation>
    </message>
    <message>
      <source>the bolt's head, toward you</source>
      <translation>der Schraubenkopf, Ihnen zugewandt</translation>
    </message>
    <message>
      <source>the car as it stands, in the fans of its targets; toe drawn %1 times as large</source>
      <translation>das Auto, wie es steht, in den Fächern seiner Ziele; Spur %1-mal so groß gezeichnet</translation>
    </message>
    <message>
      <source>the car as it stands, with its ±; toe drawn %1 times as large</source>
      <translation>das Auto, wie es steht, mit seinem ±; Spur %1-mal so groß gezeichnet</translation>
    </message>
    <message>
      <source>the car's centerline</source>
      <translation>der Mittellinie des Autos</translation>
    </message>
    <message>
      <source>the car's manual, page 212</source>
      <translation>Handbuch des Autos, Seite 212</translation>
    </message>
    <message>
      <source>the car's wheelbase is not given</source>
      <translation>der Radstand des Autos ist nicht angegeben</translation>
    </message>
    <message>
      <source>the chassis marks</source>
      <translation>den Marken am Fahrgestell</translation>
    </message>
    <message>
      <source>the depth of a tread</source>
      <translation>Profiltiefe</translation>
    </message>
    <message>
      <source>the difference of two tapes</source>
      <translation>Unterschied zweier Bandmaße</translation>
    </message>
    <message>
      <source>the distance between the two places that are read: lips of the rim, slots of a board</source>
      <translation>der Abstand der beiden Stellen, die abgelesen werden: Ränder der Felge, Schlitze eines Bretts</translation>
    </message>
    <message>
      <source>the distance from a wheel to its string</source>
      <translation>Abstand eines Rades von seiner Schnur</translation>
    </message>
    <message>
      <source>the distance of a bar</source>
      <translation>Abstand einer Stange</translation>
    </message>
    <message>
      <source>the drive contradicts what was read, and would fit to the other side: say to which side the wheel sat</source>
      <translation>die Fahrt widerspricht dem Abgelesenen und würde zur anderen Seite passen: Sagen Sie, zu welcher Seite das Lenkrad stand</translation>
    </message>
    <message>
      <source>the drive contradicts what was read: say again how the wheel sat, or set the drive aside</source>
      <translation>die Fahrt widerspricht dem Abgelesenen: Sagen Sie noch einmal, wie das Lenkrad stand, oder legen Sie die Fahrt beiseite</translation>
    </message>
    <message>
      <source>the end of the sleeve, along the pivot, out to the right</source>
      <translation>das Ende der Hülse, entlang der Achse, außen ist rechts</translation>
    </message>
    <message>
      <source>the gap</source>
      <translation>der Spalt</translation>
    </message>
    <message>
      <source>the gauge's line "{0}" came damaged: its checksum does not fit</source>
      <translation>die Zeile "{0}" des Winkelmessers kam beschädigt an: ihre Prüfsumme stimmt nicht</translation>
    </message>
    <message>
      <source>the gauge's line "{0}" is not understood from "{1}"; right would be like: FC1 17 -1.25 deg stable send *9C3E</source>
      <translation>die Zeile "{0}" des Winkelmessers ist ab "{1}" nicht verstanden; richtig wäre etwa: FC1 17 -1.25 deg stable send *9C3E</translation>
    </message>
    <message>
      <source>the height between both places</source>
      <translation>die Höhe zwischen beiden Stellen</translation>
    </message>
    <message>
      <source>the height of a level line</source>
      <translation>Höhe einer waagerechten Linie</translation>
    </message>
    <message>
      <source>the height of a string tells nothing until the camber beside it is read</source>
      <translation>die Höhe einer Schnur sagt nichts, bis der Sturz daneben abgelesen ist</translation>
    </message>
    <message>
      <source>the id “{0}” is used twice</source>
      <translation>die Kennung „{0}“ kommt zweimal vor</translation>
    </message>
    <message>
      <source>the inner edge goes faster</source>
      <translation>die Innenkante geht schneller</translation>
    </message>
    <message>
      <source>the last turn did not do what is written: read these again</source>
      <translation>die letzte Drehung tat nicht, was geschrieben steht: diese neu ablesen</translation>
    </message>
    <message>
      <source>the least it is turned</source>
      <translation>am wenigsten gedreht um</translation>
    </message>
    <message>
      <source>the left wheel from behind, the car to its right; drawn 5 times as large</source>
      <translation>das linke Rad von hinten, das Auto rechts davon; 5-fach gezeichnet</translation>
    </message>
    <message>
      <source>the line: its thick side</source>
      <translation>der Strich: ihre dicke Seite</translation>
    </message>
    <message>
      <source>the lower arm</source>
      <translation>der untere Lenker</translation>
    </message>
    <message>
      <source>the lower arm's front pivot</source>
      <translation>der vordere Drehpunkt des unteren Lenkers</translation>
    </message>
    <message>
      <source>the lower arm's rear pivot</source>
      <translation>der hintere Drehpunkt des unteren Lenkers</translation>
    </message>
    <message>
      <source>the lower arm, forward or back</source>
      <translation>der untere Lenker, nach vorn oder hinten</translation>
    </message>
    <message>
      <source>the lower arm, in or out</source>
      <translation>der untere Lenker, nach innen oder außen</translation>
    </message>
    <message>
      <source>the lower bolt</source>
      <translation>die untere Schraube</translation>
    </message>
    <message>
      <source>the mark</source>
      <translation>die Marke</translation>
    </message>
    <message>
      <source>the middle of the car to the left, the wheel to the right</source>
      <translation>die Mitte des Autos links, das Rad rechts</translation>
    </message>
    <message>
      <source>the name “{0}” stands twice in one place</source>
      <translation>der Name „{0}“ steht zweimal an einer Stelle</translation>
    </message>
    <message>
      <source>the number 1</source>
      <translation>die Zahl 1</translation>
    </message>
    <message>
      <source>the outer edge goes faster</source>
      <translation>die Außenkante geht schneller</translation>
    </message>
    <message>
      <source>the practice floor: lessons, and a simulated car</source>
      <translation>der Übungsboden: Übungen und ein simuliertes Auto</translation>
    </message>
    <message>
      <source>the rack, sideways</source>
      <translation>die Zahnstange, seitlich</translation>
    </message>
    <message>
      <source>the readings do not fit together on any car: look for a wrong unit</source>
      <translation>die Ablesungen passen an keinem Auto zusammen: nach einer falschen Einheit sehen</translation>
    </message>
    <message>
      <source>the rear axle points %1 to the %2: the car runs straight along that line, with its front wheels and its steering wheel turned to the %2</source>
      <translation>die Hinterachse zeigt %1 nach %2: Das Auto läuft geradeaus auf dieser Linie, Vorderräder und Lenkrad nach %2 gedreht</translation>
    </message>
    <message>
      <source>the rear wheel of the same side</source>
      <translation>dem Hinterrad derselben Seite</translation>
    </message>
    <message>
      <source>the rim span of the {0} axle is not given</source>
      <translation>die Felgenspanne der Achse {0} ist nicht angegeben</translation>
    </message>
    <message>
      <source>the rise of a floor between two wheels</source>
      <translation>Anstieg des Bodens zwischen zwei Rädern</translation>
    </message>
    <message>
      <source>the rod runs</source>
      <translation>die Stange läuft</translation>
    </message>
    <message>
      <source>the rod's length</source>
      <translation>die Länge der Stange</translation>
    </message>
    <message>
      <source>the same car with slotted strut bolts; boards and a gauge instead of strings</source>
      <translation>dasselbe Auto mit Langlöchern am Federbein; Bretter und ein Winkelmesser statt Schnüren</translation>
    </message>
    <message>
      <source>the same out and in; a reading may say its own</source>
      <translation>außen wie innen; eine Ablesung kann abweichen</translation>
    </message>
    <message>
      <source>the same toe, 0°12': over %1 it is %2</source>
      <translation>dieselbe Spur, 0°12': über %1 sind es %2</translation>
    </message>
    <message>
      <source>the same turn was made already, and did not bring it in</source>
      <translation>dieselbe Drehung wurde schon gemacht und brachte es nicht hinein</translation>
    </message>
    <message>
      <source>the sheet</source>
      <translation>das Blatt</translation>
    </message>
    <message>
      <source>the shop's name</source>
      <translation>der Name der Werkstatt</translation>
    </message>
    <message>
      <source>the span of a rim</source>
      <translation>Breite über den Felgenrand</translation>
    </message>
    <message>
      <source>the spring has sagged</source>
      <translation>die Feder hat sich gesetzt</translation>
    </message>
    <message>
      <source>the steering box to the left, the arm to the right</source>
      <translation>das Lenkgetriebe links, der Hebel rechts</translation>
    </message>
    <message>
      <source>the steering was not held: only the total is known</source>
      <translation>die Lenkung war nicht gehalten: nur die Summe ist bekannt</translation>
    </message>
    <message>
      <source>the steering wheel is as straight as it will get</source>
      <translation>das Lenkrad ist so gerade, wie es wird</translation>
    </message>
    <message>
      <source>the strut's top, forward or back</source>
      <translation>das Federbein oben, nach vorn oder hinten</translation>
    </message>
    <message>
      <source>the strut's top, in or out</source>
      <translation>das Federbein oben, nach innen oder außen</translation>
    </message>
    <message>
      <source>the sub-frame, sideways</source>
      <translation>der Hilfsrahmen, seitlich</translation>
    </message>
    <message>
      <source>the sub-frame, turned</source>
      <translation>der Hilfsrahmen, verdreht</translation>
    </message>
    <message>
      <source>the sum; Enter keeps it</source>
      <translation>die Summe; Eingabe sichert sie</translation>
    </message>
    <message>
      <source>the target</source>
      <translation>das Ziel</translation>
    </message>
    <message>
      <source>the thread that shows</source>
      <translation>sichtbares Gewinde</translation>
    </message>
    <message>
      <source>the thread's hand is not on the card: turn a little and look that it gets the right way</source>
      <translation>die Richtung des Gewindes steht nicht auf der Karte: ein wenig drehen und sehen, ob sie wird, wie sie soll</translation>
    </message>
    <message>
      <source>the tire's diameter</source>
      <translation>der Durchmesser des Reifens</translation>
    </message>
    <message>
      <source>the toe does not stay as it was</source>
      <translation>die Spur bleibt nicht, wie sie war</translation>
    </message>
    <message>
      <source>the toe stays as it is</source>
      <translation>die Spur bleibt, wie sie ist</translation>
    </message>
    <message>
      <source>the top leans %1 by %2</source>
      <translation>oben %1 geneigt, um %2</translation>
    </message>
    <message>
      <source>the top leans in</source>
      <translation>oben nach innen</translation>
    </message>
    <message>
      <source>the top leans out</source>
      <translation>oben nach außen</translation>
    </message>
    <message>
      <source>the two readings hardly differ: lean it by a degree or more</source>
      <translation>die beiden Ablesungen unterscheiden sich kaum: um ein Grad oder mehr neigen</translation>
    </message>
    <message>
      <source>the upper arm</source>
      <translation>der obere Lenker</translation>
    </message>
    <message>
      <source>the upper arm's front pivot</source>
      <translation>der vordere Drehpunkt des oberen Lenkers</translation>
    </message>
    <message>
      <source>the upper arm's rear pivot</source>
      <translation>der hintere Drehpunkt des oberen Lenkers</translation>
    </message>
    <message>
      <source>the upper arm, forward or back</source>
      <translation>der obere Lenker, nach vorn oder hinten</translation>
    </message>
    <message>
      <source>the upper arm, in or out</source>
      <translation>der obere Lenker, nach innen oder außen</translation>
    </message>
    <message>
      <source>the upper bolt</source>
      <translation>die obere Schraube</translation>
    </message>
    <message>
      <source>the upright or the strut is bent</source>
      <translation>der Radträger oder das Federbein ist verbogen</translation>
    </message>
    <message>
      <source>the upright {0} inward at this bolt</source>
      <translation>den Radträger an dieser Schraube {0} nach innen</translation>
    </message>
    <message>
      <source>the upright {0} outward at this bolt</source>
      <translation>den Radträger an dieser Schraube {0} nach außen</translation>
    </message>
    <message>
      <source>the wheel %1 ±%2</source>
      <translation>das Lenkrad %1 ±%2</translation>
    </message>
    <message>
      <source>the wheel should have stayed as it was</source>
      <translation>das Rad sollte bleiben, wie es war</translation>
    </message>
    <message>
      <source>the wheel should have {0}</source>
      <translation>das Rad sollte {0}</translation>
    </message>
    <message>
      <source>the width from string to string</source>
      <translation>Breite von Schnur zu Schnur</translation>
    </message>
    <message>
      <source>the width over the hubs</source>
      <translation>Breite über die Naben</translation>
    </message>
    <message>
      <source>the ± holds 19 of 20: as often as that the truth lies inside it</source>
      <translation>das ± gilt in 19 von 20 Fällen: So oft liegt die Wahrheit darin</translation>
    </message>
    <message>
      <source>their thread pitch, a turn</source>
      <translation>ihre Gewindesteigung, je Umdrehung</translation>
    </message>
    <message>
      <source>there is no adjuster “{0}” on the car's card</source>
      <translation>einen Einsteller „{0}“ gibt es auf der Karte des Autos nicht</translation>
    </message>
    <message>
      <source>there is no entry “{0}” before this one</source>
      <translation>einen Eintrag „{0}“ gibt es davor nicht</translation>
    </message>
    <message>
      <source>there is no pair of front tie rods on the car's card: with one tube for both wheels, the drag link sets the steering wheel</source>
      <translation>auf der Karte des Autos ist kein Paar vorderer Spurstangen: mit einem Rohr für beide Räder stellt die Schubstange das Lenkrad</translation>
    </message>
    <message>
      <source>there is no round {0}; the job has {1}, counted from 0</source>
      <translation>eine Runde {0} gibt es nicht; der Auftrag hat {1}, gezählt ab 0</translation>
    </message>
    <message>
      <source>these contradict the others and would fit the other way round: look which way the top leans, or whether a sign is missing</source>
      <translation>diese widersprechen den anderen und würden andersherum passen: sehen Sie nach, wohin die Oberkante neigt, oder ob ein Vorzeichen fehlt</translation>
    </message>
    <message>
      <source>these figures are from</source>
      <translation>diese Werte stammen aus</translation>
    </message>
    <message>
      <source>these points do not hold the wheel of a {0} corner: two links fall on one line</source>
      <translation>diese Punkte halten das Rad einer Ecke nicht ({0}): zwei Glieder fallen auf eine Linie</translation>
    </message>
    <message>
      <source>these readings decide it and nothing checks them: read them a second time</source>
      <translation>diese Ablesungen entscheiden es, und nichts prüft sie: ein zweites Mal ablesen</translation>
    </message>
    <message>
      <source>thirteen</source>
      <translation>dreizehn</translation>
    </message>
    <message>
      <source>this says format {0}; a job file says “fairchalk-job”</source>
      <translation>dies nennt das Format {0}; eine Auftragsdatei nennt „fairchalk-job“</translation>
    </message>
    <message>
      <source>thread at the end toward the wheel</source>
      <translation>Gewinde am Ende zum Rad hin</translation>
    </message>
    <message>
      <source>thread pitch</source>
      <translation>Gewindesteigung</translation>
    </message>
    <message>
      <source>thread pitch, a full turn:</source>
      <translation>Gewindesteigung, eine ganze Umdrehung:</translation>
    </message>
    <message>
      <source>thread that shows</source>
      <translation>sichtbares Gewinde</translation>
    </message>
    <message>
      <source>threads</source>
      <translation>Gewinde</translation>
    </message>
    <message>
      <source>three</source>
      <translation>drei</translation>
    </message>
    <message>
      <source>three eighths</source>
      <translation>drei Achtel</translation>
    </message>
    <message>
      <source>three quarters</source>
      <translation>drei Viertel</translation>
    </message>
    <message>
      <source>three: forward, outward, up</source>
      <translation>drei: nach vorn, nach außen, nach oben</translation>
    </message>
    <message>
      <source>through its jobs: what moved, drifts, wears</source>
      <translation>durch seine Aufträge: was sich bewegte, wandert, verschleißt</translation>
    </message>
    <message>
      <source>thrust line</source>
      <translation>Fahrachse</translation>
    </message>
    <message>
      <source>thrust line, at most</source>
      <translation>Fahrachse, höchstens</translation>
    </message>
    <message>
      <source>tie rod</source>
      <translation>Spurstange</translation>
    </message>
    <message>
      <source>tie rod locknut</source>
      <translation>Spurstange Kontermutter</translation>
    </message>
    <message>
      <source>tie rod locknut 55 Nm</source>
      <translation>Kontermutter Spurstange 55 Nm</translation>
    </message>
    <message>
      <source>tie rod, turned or taken off its thread</source>
      <translation>Spurstange, gedreht oder vom Gewinde genommen</translation>
    </message>
    <message>
      <source>tie rods run</source>
      <translation>Spurstangen laufen</translation>
    </message>
    <message>
      <source>tie tube</source>
      <translation>Spurrohr</translation>
    </message>
    <message>
      <source>tie-rod end, off its taper</source>
      <translation>Spurstangenkopf, aus seinem Konus</translation>
    </message>
    <message>
      <source>tighten</source>
      <translation>anziehen</translation>
    </message>
    <message>
      <source>tiles laid</source>
      <translation>Platten gelegt</translation>
    </message>
    <message>
      <source>tin</source>
      <translation>Dose</translation>
    </message>
    <message>
      <source>tire, a quarter turn on</source>
      <translation>Reifen, eine Vierteldrehung weiter</translation>
    </message>
    <message>
      <source>tire, to the stand</source>
      <translation>Reifen, bis zum Ständer</translation>
    </message>
    <message>
      <source>to be told</source>
      <translation>zu sagen</translation>
    </message>
    <message>
      <source>to do</source>
      <translation>zu tun</translation>
    </message>
    <message>
      <source>to look at</source>
      <translation>anzusehen</translation>
    </message>
    <message>
      <source>to read</source>
      <translation>abzulesen</translation>
    </message>
    <message>
      <source>to the car</source>
      <translation>zum Auto</translation>
    </message>
    <message>
      <source>to the string, at hub height</source>
      <translation>zur Schnur, auf Nabenhöhe</translation>
    </message>
    <message>
      <source>to write down</source>
      <translation>aufzuschreiben</translation>
    </message>
    <message>
      <source>toe</source>
      <translation>Spur</translation>
    </message>
    <message>
      <source>toe angle gauge</source>
      <translation>Spurwinkelmesser</translation>
    </message>
    <message>
      <source>toe as a length means nothing without the diameter it is stated over, like 416 mm.</source>
      <translation>Spur als Länge sagt nichts ohne den Durchmesser, über den sie gilt, etwa 416 mm.</translation>
    </message>
    <message>
      <source>toe as each job left it, drawn %1 times as large</source>
      <translation>Spur, wie jeder Auftrag sie ließ, %1-fach gezeichnet</translation>
    </message>
    <message>
      <source>toe board</source>
      <translation>Spurbrett</translation>
    </message>
    <message>
      <source>toe boards</source>
      <translation>Spurbretter</translation>
    </message>
    <message>
      <source>toe drawn {0} times as large; broken: as it came in</source>
      <translation>Spur {0}-fach gezeichnet; gestrichelt: wie es kam</translation>
    </message>
    <message>
      <source>toe gauge</source>
      <translation>Spurmesser</translation>
    </message>
    <message>
      <source>toe link</source>
      <translation>Spurlenker</translation>
    </message>
    <message>
      <source>toe links ahead</source>
      <translation>Spurlenker vorn</translation>
    </message>
    <message>
      <source>toe links behind</source>
      <translation>Spurlenker hinten</translation>
    </message>
    <message>
      <source>toe of each wheel</source>
      <translation>Spur jedes Rades</translation>
    </message>
    <message>
      <source>toe only tonight</source>
      <translation>heute Abend nur Spur</translation>
    </message>
    <message>
      <source>toe up to {0}</source>
      <translation>Spur bis zu {0}</translation>
    </message>
    <message>
      <source>toe {0}</source>
      <translation>Spur: {0}</translation>
    </message>
    <message>
      <source>toe {0} ±{1}</source>
      <translation>Spur {0} ±{1}</translation>
    </message>
    <message>
      <source>toed in by {0}</source>
      <translation>um {0} auf Vorspur gehen</translation>
    </message>
    <message>
      <source>toed out by {0}</source>
      <translation>um {0} auf Nachspur gehen</translation>
    </message>
    <message>
      <source>together %1</source>
      <translation>zusammen %1</translation>
    </message>
    <message>
      <source>together {0}</source>
      <translation>zusammen {0}</translation>
    </message>
    <message>
      <source>tolerance, minus</source>
      <translation>Toleranz, minus</translation>
    </message>
    <message>
      <source>tolerance, plus</source>
      <translation>Toleranz, plus</translation>
    </message>
    <message>
      <source>too close to call</source>
      <translation>zu knapp</translation>
    </message>
    <message>
      <source>too close to call: its ± lies across an edge of the target. One more reading decides, and nothing is turned on a guess.</source>
      <translation>zu knapp: Das ± liegt über einer Kante des Ziels. Eine Ablesung mehr entscheidet, und auf Verdacht wird nichts gedreht.</translation>
    </message>
    <message>
      <source>top plates</source>
      <translation>Domplatten</translation>
    </message>
    <message>
      <source>torque from the manual</source>
      <translation>Drehmoment nach dem Handbuch</translation>
    </message>
    <message>
      <source>torque not on the card: the manual has it</source>
      <translation>Drehmoment nicht auf der Karte: Das Handbuch hat es</translation>
    </message>
    <message>
      <source>total</source>
      <translation>gesamt</translation>
    </message>
    <message>
      <source>total toe</source>
      <translation>Gesamtspur</translation>
    </message>
    <message>
      <source>total toe by the gauge</source>
      <translation>Gesamtspur mit dem Spurmesser</translation>
    </message>
    <message>
      <source>toward</source>
      <translation>hin zum</translation>
    </message>
    <message>
      <source>track, tire middle to tire middle</source>
      <translation>Spurweite, Reifenmitte zu Reifenmitte</translation>
    </message>
    <message>
      <source>trailing arm</source>
      <translation>Längslenker</translation>
    </message>
    <message>
      <source>trailing-arm shims</source>
      <translation>Beilagen am Längslenker</translation>
    </message>
    <message>
      <source>tread</source>
      <translation>Profil</translation>
    </message>
    <message>
      <source>tread to tread, behind</source>
      <translation>Profil zu Profil, hinten</translation>
    </message>
    <message>
      <source>tread to tread, in front</source>
      <translation>Profil zu Profil, vorn</translation>
    </message>
    <message>
      <source>trestle</source>
      <translation>Gestell</translation>
    </message>
    <message>
      <source>true or false</source>
      <translation>true oder false</translation>
    </message>
    <message>
      <source>truly %1</source>
      <translation>in Wahrheit %1</translation>
    </message>
    <message>
      <source>try again now</source>
      <translation>jetzt noch einmal versuchen</translation>
    </message>
    <message>
      <source>try it on the demo garage: three cars with a season of jobs, a copy of your own</source>
      <translation>in der Musterwerkstatt ausprobieren: drei Autos mit einer Saison von Aufträgen, eine eigene Kopie</translation>
    </message>
    <message>
      <source>turn</source>
      <translation>Umdrehung</translation>
    </message>
    <message>
      <source>turn both wheels</source>
      <translation>beide Räder drehen</translation>
    </message>
    <message>
      <source>turn it {0} so that the arm comes in</source>
      <translation>so {0} drehen, dass der Lenker nach innen kommt</translation>
    </message>
    <message>
      <source>turn it {0} so that the arm goes out</source>
      <translation>so {0} drehen, dass der Lenker nach außen geht</translation>
    </message>
    <message>
      <source>turn it {0} so that the bottom of the wheel comes in, the top out</source>
      <translation>so {0} drehen, dass das Rad unten nach innen kommt, oben nach außen</translation>
    </message>
    <message>
      <source>turn it {0} so that the bottom of the wheel goes out, the top in</source>
      <translation>so {0} drehen, dass das Rad unten nach außen geht, oben nach innen</translation>
    </message>
    <message>
      <source>turn it {0} so that the top of the wheel comes in</source>
      <translation>so {0} drehen, dass das Rad oben nach innen kommt</translation>
    </message>
    <message>
      <source>turn it {0} so that the top of the wheel goes out</source>
      <translation>so {0} drehen, dass das Rad oben nach außen geht</translation>
    </message>
    <message>
      <source>turn it {0}, its thick side going out, down, in, up</source>
      <translation>{0} drehen, die dicke Seite geht außen, unten, innen, oben</translation>
    </message>
    <message>
      <source>turn it {0}, its thick side going out, up, in, down</source>
      <translation>{0} drehen, die dicke Seite geht außen, oben, innen, unten</translation>
    </message>
    <message>
      <source>turn plate</source>
      <translation>Drehplatte</translation>
    </message>
    <message>
      <source>turn plates</source>
      <translation>Drehplatten</translation>
    </message>
    <message>
      <source>turn, jacked, strings-moved, note and the like</source>
      <translation>turn, jacked, strings-moved, note und dergleichen</translation>
    </message>
    <message>
      <source>turned</source>
      <translation>gedreht</translation>
    </message>
    <message>
      <source>turned and not locked</source>
      <translation>gedreht und nicht gesichert</translation>
    </message>
    <message>
      <source>turned by %1</source>
      <translation>gelenkt um %1</translation>
    </message>
    <message>
      <source>turned since</source>
      <translation>seitdem gedreht</translation>
    </message>
    <message>
      <source>turns</source>
      <translation>Umdrehungen</translation>
    </message>
    <message>
      <source>turns from lock to lock</source>
      <translation>Umdrehungen von Anschlag zu Anschlag</translation>
    </message>
    <message>
      <source>turns of the wheel from stop to stop</source>
      <translation>Lenkradumdrehungen von Anschlag zu Anschlag</translation>
    </message>
    <message>
      <source>turntable</source>
      <translation>Drehteller</translation>
    </message>
    <message>
      <source>twelve</source>
      <translation>zwölf</translation>
    </message>
    <message>
      <source>twenty</source>
      <translation>zwanzig</translation>
    </message>
    <message>
      <source>twist</source>
      <translation>Verdrehung</translation>
    </message>
    <message>
      <source>two</source>
      <translation>zwei</translation>
    </message>
    <message>
      <source>two digits changed places</source>
      <translation>zwei Ziffern haben den Platz getauscht</translation>
    </message>
    <message>
      <source>two or more, with a ; between them</source>
      <translation>zwei oder mehr, mit ; dazwischen</translation>
    </message>
    <message>
      <source>two stands, a tape, boards</source>
      <translation>zwei Ständer, ein Bandmaß, Bretter</translation>
    </message>
    <message>
      <source>under the lines</source>
      <translation>unter den Schnüren</translation>
    </message>
    <message>
      <source>under which name?</source>
      <translation>unter welchem Namen?</translation>
    </message>
    <message>
      <source>undone</source>
      <translation>gelöst</translation>
    </message>
    <message>
      <source>unknown</source>
      <translation>unbekannt</translation>
    </message>
    <message>
      <source>until spot %1 shows %2</source>
      <translation>bis Stelle %1 zeigt: %2</translation>
    </message>
    <message>
      <source>up</source>
      <translation>oben</translation>
    </message>
    <message>
      <source>upper</source>
      <translation>oben</translation>
    </message>
    <message>
      <source>upper arm's inner bolts</source>
      <translation>innere Schrauben des oberen Lenkers</translation>
    </message>
    <message>
      <source>upper behind lower</source>
      <translation>oben hinter unten</translation>
    </message>
    <message>
      <source>upper joint over the lower</source>
      <translation>oberes Gelenk über dem unteren</translation>
    </message>
    <message>
      <source>upper pivot behind lower</source>
      <translation>oberer Drehpunkt hinter dem unteren</translation>
    </message>
    <message>
      <source>upper strut bolt, {0}</source>
      <translation>obere Federbeinschraube, {0}</translation>
    </message>
    <message>
      <source>upper to lower pivot, height</source>
      <translation>oberer bis unterer Drehpunkt, Höhe</translation>
    </message>
    <message>
      <source>upper {0}</source>
      <translation>oben: {0}</translation>
    </message>
    <message>
      <source>upper-arm shims</source>
      <translation>Beilagen am oberen Lenker</translation>
    </message>
    <message>
      <source>vernier</source>
      <translation>Schieblehre</translation>
    </message>
    <message>
      <source>walk round the car</source>
      <translation>um das Auto gehen</translation>
    </message>
    <message>
      <source>weak</source>
      <translation>knapp</translation>
    </message>
    <message>
      <source>what contradicts the others was read the same again: look at what they share, like the lip, the way it leans, or a size that was told</source>
      <translation>was den anderen widerspricht, wurde wieder genauso abgelesen: sehen Sie nach dem, was sie gemeinsam haben, etwa der Felgenrand, die Neigung oder ein angegebenes Maß</translation>
    </message>
    <message>
      <source>what did you really turn?</source>
      <translation>was haben Sie wirklich gedreht?</translation>
    </message>
    <message>
      <source>what does it read at the end that should be zero?</source>
      <translation>was zeigt es an dem Ende, das null sein sollte?</translation>
    </message>
    <message>
      <source>what does it show where there is nothing?</source>
      <translation>was zeigt es, wo nichts ist?</translation>
    </message>
    <message>
      <source>what hangs on the wall</source>
      <translation>was an der Wand hängt</translation>
    </message>
    <message>
      <source>what is wrong?</source>
      <translation>was ist nicht in Ordnung?</translation>
    </message>
    <message>
      <source>what it is called</source>
      <translation>wie es heißt</translation>
    </message>
    <message>
      <source>what there is to turn does not bring it nearer</source>
      <translation>was sich drehen lässt, bringt es nicht näher</translation>
    </message>
    <message>
      <source>what this job is</source>
      <translation>was dieser Auftrag ist</translation>
    </message>
    <message>
      <source>whatever the wall may have</source>
      <translation>was immer die Wand haben mag</translation>
    </message>
    <message>
      <source>wheel</source>
      <translation>Rad</translation>
    </message>
    <message>
      <source>wheel %1</source>
      <translation>Lenkrad %1</translation>
    </message>
    <message>
      <source>wheel rolled on half a turn; at hub height</source>
      <translation>Rad eine halbe Drehung weiter; auf Nabenhöhe</translation>
    </message>
    <message>
      <source>wheelbase</source>
      <translation>Radstand</translation>
    </message>
    <message>
      <source>wheelbase, hub to hub</source>
      <translation>Radstand, Nabe zu Nabe</translation>
    </message>
    <message>
      <source>wheels up</source>
      <translation>Räder in der Luft</translation>
    </message>
    <message>
      <source>wheels' angles drawn ×%1</source>
      <translation>Winkel der Räder ×%1 gezeichnet</translation>
    </message>
    <message>
      <source>wheels' angles drawn ×%1, strings ×%2</source>
      <translation>Winkel der Räder ×%1 gezeichnet, Schnüre ×%2</translation>
    </message>
    <message>
      <source>where the play ends: 2 left</source>
      <translation>wo das Spiel endet: 2 links</translation>
    </message>
    <message>
      <source>where the rear axle points</source>
      <translation>wohin die Hinterachse zeigt</translation>
    </message>
    <message>
      <source>which bolt of the two at the strut</source>
      <translation>welche der beiden Schrauben am Federbein</translation>
    </message>
    <message>
      <source>which spline, which mark</source>
      <translation>welcher Zahn, welche Marke</translation>
    </message>
    <message>
      <source>which wheel the toe is on</source>
      <translation>an welchem Rad die Spur liegt</translation>
    </message>
    <message>
      <source>while the %1 is turned</source>
      <translation>während gedreht wird: %1</translation>
    </message>
    <message>
      <source>why is it wrong?</source>
      <translation>warum ist sie falsch?</translation>
    </message>
    <message>
      <source>why leave it?</source>
      <translation>warum so lassen?</translation>
    </message>
    <message>
      <source>why?</source>
      <translation>warum?</translation>
    </message>
    <message>
      <source>wide</source>
      <translation>zu weit</translation>
    </message>
    <message>
      <source>wider</source>
      <translation>weiter</translation>
    </message>
    <message>
      <source>width over the hub faces</source>
      <translation>Breite über die Nabenflächen</translation>
    </message>
    <message>
      <source>width over the hubs</source>
      <translation>Breite über die Naben</translation>
    </message>
    <message>
      <source>wishbones and toe links at all four wheels; shims; rods ahead of the front axle</source>
      <translation>Querlenker und Spurlenker an allen vier Rädern; Beilagen; Stangen vor der Vorderachse</translation>
    </message>
    <message>
      <source>with all of the sheet: %1</source>
      <translation>mit dem ganzen Blatt: %1</translation>
    </message>
    <message>
      <source>with its rise turned round the chain closes: likely the high end was taken for the low</source>
      <translation>mit umgekehrter Steigung schließt die Kette: wahrscheinlich wurde das hohe Ende für das tiefe gehalten</translation>
    </message>
    <message>
      <source>with power help</source>
      <translation>mit Servohilfe</translation>
    </message>
    <message>
      <source>with the %1</source>
      <translation>mit: %1</translation>
    </message>
    <message>
      <source>with the assistant</source>
      <translation>mit dem Helfer</translation>
    </message>
    <message>
      <source>within how much does each spot lie?</source>
      <translation>auf wie viel genau liegt jede Stelle?</translation>
    </message>
    <message>
      <source>without jacking</source>
      <translation>ohne aufzubocken</translation>
    </message>
    <message>
      <source>without power help</source>
      <translation>ohne Servohilfe</translation>
    </message>
    <message>
      <source>without some</source>
      <translation>ohne manche</translation>
    </message>
    <message>
      <source>worn at both edges</source>
      <translation>an beiden Kanten abgefahren</translation>
    </message>
    <message>
      <source>worn evenly</source>
      <translation>gleichmäßig abgefahren</translation>
    </message>
    <message>
      <source>worn in the middle</source>
      <translation>in der Mitte abgefahren</translation>
    </message>
    <message>
      <source>worn most at its inner edge</source>
      <translation>an der Innenkante am meisten abgefahren</translation>
    </message>
    <message>
      <source>worn most at its outer edge</source>
      <translation>an der Außenkante am meisten abgefahren</translation>
    </message>
    <message>
      <source>writing …</source>
      <translation>wird geschrieben …</translation>
    </message>
    <message>
      <source>written by a newer version ({0}); this program reads version {1}</source>
      <translation>von einer neueren Version geschrieben ({0}); dieses Programm liest Version {1}</translation>
    </message>
    <message>
      <source>yes</source>
      <translation>ja</translation>
    </message>
    <message>
      <source>zero</source>
      <translation>null</translation>
    </message>
    <message>
      <source>zero at %1</source>
      <translation>Null bei %1</translation>
    </message>
    <message>
      <source>zero end on the back lip</source>
      <translation>Nullende am hinteren Rand</translation>
    </message>
    <message>
      <source>zero end on the front lip</source>
      <translation>Nullende am vorderen Rand</translation>
    </message>
    <message>
      <source>zero end on the hub</source>
      <translation>Nullende an der Nabe</translation>
    </message>
    <message>
      <source>zero it at {0}° out</source>
      <translation>bei {0}° außen nullen</translation>
    </message>
    <message>
      <source>{0} ({1} to {2})</source>
      <translation>{0} ({1} bis {2})</translation>
    </message>
    <message>
      <source>{0} ({1}): read {2} here than the sheets say, ±{3}</source>
      <translation>{0} ({1}): hier {2} mehr abgelesen, als die Blätter sagen, ±{3}</translation>
    </message>
    <message>
      <source>{0} ({1}): {2} than the sheets, ±{3}: no more than chance</source>
      <translation>{0} ({1}): {2} gegenüber den Blättern, ±{3}: nicht mehr als Zufall</translation>
    </message>
    <message>
      <source>{0} by the card</source>
      <translation>{0} nach der Karte</translation>
    </message>
    <message>
      <source>{0} bytes is more than a job file can be</source>
      <translation>{0} Bytes sind mehr, als eine Auftragsdatei haben kann</translation>
    </message>
    <message>
      <source>{0} can't be made: {1}.</source>
      <translation>{0} kann nicht angelegt werden: {1}.</translation>
    </message>
    <message>
      <source>{0} can't be moved: {1}. Nothing was restored.</source>
      <translation>{0} kann nicht verschoben werden: {1}. Nichts wurde wiederhergestellt.</translation>
    </message>
    <message>
      <source>{0} can't be opened as a book ({1}). Nothing was changed.</source>
      <translation>{0} kann nicht als Buch geöffnet werden ({1}). Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>{0} can't be opened: {1}.</source>
      <translation>{0} kann nicht geöffnet werden: {1}.</translation>
    </message>
    <message>
      <source>{0} can't be read: {1}.</source>
      <translation>{0} kann nicht gelesen werden: {1}.</translation>
    </message>
    <message>
      <source>{0} can't be written.</source>
      <translation>{0} kann nicht geschrieben werden.</translation>
    </message>
    <message>
      <source>{0} drifts: {1} a week ±{2}</source>
      <translation>{0} wandert: {1} je Woche ±{2}</translation>
    </message>
    <message>
      <source>{0} eighths</source>
      <translation>{0} Achtel</translation>
    </message>
    <message>
      <source>{0} flat of the hexagon</source>
      <translation>{0} Fläche des Sechskants</translation>
    </message>
    <message>
      <source>{0} flats of the hexagon</source>
      <translation>{0} Flächen des Sechskants</translation>
    </message>
    <message>
      <source>{0} forward</source>
      <translation>{0} nach vorn</translation>
    </message>
    <message>
      <source>{0} further in</source>
      <translation>{0} weiter auf Vorspur</translation>
    </message>
    <message>
      <source>{0} further in at the top</source>
      <translation>oben {0} weiter innen</translation>
    </message>
    <message>
      <source>{0} further out</source>
      <translation>{0} weiter auf Nachspur</translation>
    </message>
    <message>
      <source>{0} further out at the top</source>
      <translation>oben {0} weiter außen</translation>
    </message>
    <message>
      <source>{0} further to the left</source>
      <translation>{0} weiter nach links</translation>
    </message>
    <message>
      <source>{0} further to the right</source>
      <translation>{0} weiter nach rechts</translation>
    </message>
    <message>
      <source>{0} halves</source>
      <translation>{0} Halbe</translation>
    </message>
    <message>
      <source>{0} has not been measured</source>
      <translation>{0} ist nicht gemessen</translation>
    </message>
    <message>
      <source>{0} inward</source>
      <translation>{0} nach innen</translation>
    </message>
    <message>
      <source>{0} inward along the slot</source>
      <translation>{0} nach innen im Langloch</translation>
    </message>
    <message>
      <source>{0} is a database, but not a Fair Chalk book. Nothing was changed.</source>
      <translation>{0} ist eine Datenbank, aber kein Buch von Fair Chalk. Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>{0} is a folder, not a book. A book is a file, like {1}.</source>
      <translation>{0} ist ein Ordner, kein Buch. Ein Buch ist eine Datei, etwa {1}.</translation>
    </message>
    <message>
      <source>{0} is a folder: a copy is a file in it.</source>
      <translation>{0} ist ein Ordner: Eine Kopie ist eine Datei darin.</translation>
    </message>
    <message>
      <source>{0} is more than wear or a rod does: was the wheel refitted on its shaft, or is something bent? Look at that first</source>
      <translation>{0} ist mehr, als Verschleiß oder eine Stange macht: Wurde das Lenkrad neu aufgesteckt, oder ist etwas verbogen? Dort zuerst nachsehen</translation>
    </message>
    <message>
      <source>{0} is no file, so it can't be a book.</source>
      <translation>{0} ist keine Datei, kann also kein Buch sein.</translation>
    </message>
    <message>
      <source>{0} is that book itself: there is nothing to merge.</source>
      <translation>{0} ist dieses Buch selbst: Es gibt nichts zusammenzuführen.</translation>
    </message>
    <message>
      <source>{0} is there already: nothing was put over it.</source>
      <translation>{0} ist schon da: Nichts wurde darübergelegt.</translation>
    </message>
    <message>
      <source>{0} less</source>
      <translation>{0} weniger</translation>
    </message>
    <message>
      <source>{0} longer</source>
      <translation>{0} länger</translation>
    </message>
    <message>
      <source>{0} low against the other axle by {1} (tolerance {2})</source>
      <translation>{0} gegen die andere Achse um {1} zu tief (Toleranz {2})</translation>
    </message>
    <message>
      <source>{0} more</source>
      <translation>{0} mehr</translation>
    </message>
    <message>
      <source>{0} moves it {1}</source>
      <translation>{0} bewegt es um {1}</translation>
    </message>
    <message>
      <source>{0} numbers</source>
      <translation>{0} Zahlen</translation>
    </message>
    <message>
      <source>{0} of a turn</source>
      <translation>{0} Umdrehung</translation>
    </message>
    <message>
      <source>{0} of {1}</source>
      <translation>{0}: {1}</translation>
    </message>
    <message>
      <source>{0} or more</source>
      <translation>{0} oder mehr</translation>
    </message>
    <message>
      <source>{0} outward</source>
      <translation>{0} nach außen</translation>
    </message>
    <message>
      <source>{0} outward along the slot</source>
      <translation>{0} nach außen im Langloch</translation>
    </message>
    <message>
      <source>{0} over {1}</source>
      <translation>{0} durch {1}</translation>
    </message>
    <message>
      <source>{0} quarters</source>
      <translation>{0} Viertel</translation>
    </message>
    <message>
      <source>{0} rearward</source>
      <translation>{0} nach hinten</translation>
    </message>
    <message>
      <source>{0} says that it is of version {1}, which no Fair Chalk has written: it is damaged. Nothing was changed.</source>
      <translation>{0} nennt sich Version {1}, die kein Fair Chalk geschrieben hat: Es ist beschädigt. Nichts wurde geändert.</translation>
    </message>
    <message>
      <source>{0} shorter</source>
      <translation>{0} kürzer</translation>
    </message>
    <message>
      <source>{0} sixteenths</source>
      <translation>{0} Sechzehntel</translation>
    </message>
    <message>
      <source>{0} sixty-fourths</source>
      <translation>{0} Vierundsechzigstel</translation>
    </message>
    <message>
      <source>{0} thirds</source>
      <translation>{0} Drittel</translation>
    </message>
    <message>
      <source>{0} thirty-seconds</source>
      <translation>{0} Zweiunddreißigstel</translation>
    </message>
    <message>
      <source>{0} to the left</source>
      <translation>{0} nach links</translation>
    </message>
    <message>
      <source>{0} to the right</source>
      <translation>{0} nach rechts</translation>
    </message>
    <message>
      <source>{0} to {1}</source>
      <translation>{0} bis {1}</translation>
    </message>
    <message>
      <source>{0} {1} ±{2} ({3})</source>
      <translation>{0} {1} ±{2} ({3})</translation>
    </message>
    <message>
      <source>{0}, a quarter turn on</source>
      <translation>{0}, eine Vierteldrehung weiter</translation>
    </message>
    <message>
      <source>{0}, kept; {1}</source>
      <translation>{0}, gesichert; {1}</translation>
    </message>
    <message>
      <source>{0}, left; the other way on the right</source>
      <translation>{0}, links; rechts anders herum</translation>
    </message>
    <message>
      <source>{0}, straight</source>
      <translation>{0}, geradeaus</translation>
    </message>
    <message>
      <source>{0}, top in</source>
      <translation>{0}, oben nach innen</translation>
    </message>
    <message>
      <source>{0}, top out</source>
      <translation>{0}, oben nach außen</translation>
    </message>
    <message>
      <source>{0}, turned in</source>
      <translation>{0}, nach innen gelenkt</translation>
    </message>
    <message>
      <source>{0}, turned out</source>
      <translation>{0}, nach außen gelenkt</translation>
    </message>
    <message>
      <source>{0}, {1}</source>
      <translation>{0}, {1}</translation>
    </message>
    <message>
      <source>{0}.</source>
      <translation>{0}.</translation>
    </message>
    <message>
      <source>{0}: a note for the shop</source>
      <translation>{0}: eine Notiz für die Werkstatt</translation>
    </message>
    <message>
      <source>{0}: a turn does half of what two threads would: one thread, it seems.</source>
      <translation>{0}: Eine Umdrehung bewirkt die Hälfte zweier Gewinde: ein Gewinde, wie es scheint.</translation>
    </message>
    <message>
      <source>{0}: a turn does much less than the card's figures make it, about {1} of it: look at its pitch, its arm, its eccentricity.</source>
      <translation>{0}: Eine Umdrehung bewirkt viel weniger, als die Karte ergibt, etwa das {1}-fache: nach Steigung, Hebel und Exzentrizität sehen.</translation>
    </message>
    <message>
      <source>{0}: a turn does several times what the card's figures make it, about {1} times: look at its pitch, its arm, its eccentricity.</source>
      <translation>{0}: Eine Umdrehung bewirkt ein Mehrfaches dessen, was die Karte ergibt, etwa das {1}-fache: nach Steigung, Hebel und Exzentrizität sehen.</translation>
    </message>
    <message>
      <source>{0}: a turn does twice what one thread would: left- and right-hand thread, it seems.</source>
      <translation>{0}: Eine Umdrehung bewirkt das Doppelte eines Gewindes: Links- und Rechtsgewinde, wie es scheint.</translation>
    </message>
    <message>
      <source>{0}: a turn seems to do about {1} times what the card's figures make it. The next is planned by that, and shows more.</source>
      <translation>{0}: Eine Umdrehung tut anscheinend etwa das {1}-Fache dessen, was sich aus den Angaben der Karte ergibt. Die nächste ist danach geplant und zeigt mehr.</translation>
    </message>
    <message>
      <source>{0}: by what moving them did, more of them push the arm the other way than the card says.</source>
      <translation>{0}: nach dem, was sie bewirkt haben, schieben mehr davon den Lenker andersherum, als die Karte sagt.</translation>
    </message>
    <message>
      <source>{0}: by what turning it did, it is at the other arm than the card says.</source>
      <translation>{0}: nach dem, was das Drehen bewirkt hat, am anderen Lenker, als die Karte sagt.</translation>
    </message>
    <message>
      <source>{0}: by what turning it did, it runs ahead of the axle.</source>
      <translation>{0}: Nach dem, was das Drehen bewirkte, läuft sie vor der Achse.</translation>
    </message>
    <message>
      <source>{0}: by what turning it did, it runs behind the axle.</source>
      <translation>{0}: Nach dem, was das Drehen bewirkte, läuft sie hinter der Achse.</translation>
    </message>
    <message>
      <source>{0}: by what turning it did, its body end lies on the other side of the axle than the card says.</source>
      <translation>{0}: nach dem, was das Drehen bewirkt hat, liegt das Ende an der Karosserie auf der anderen Seite der Achse, als die Karte sagt.</translation>
    </message>
    <message>
      <source>{0}: camber</source>
      <translation>{0}: Sturz</translation>
    </message>
    <message>
      <source>{0}: left and right differ by {1} more than they should (tolerance {2})</source>
      <translation>{0}: links und rechts unterscheiden sich um {1} mehr, als sie sollten (Toleranz {2})</translation>
    </message>
    <message>
      <source>{0}: locked, {1}</source>
      <translation>{0}: gesichert, {1}</translation>
    </message>
    <message>
      <source>{0}: look under the car whether it runs ahead of the axle or behind it. They work opposite ways.</source>
      <translation>{0}: unter dem Auto nachsehen, ob sie vor oder hinter der Achse läuft. Beide wirken entgegengesetzt.</translation>
    </message>
    <message>
      <source>{0}: look under the car whether its body end lies ahead of the axle or behind it. They work opposite ways.</source>
      <translation>{0}: unter dem Auto nachsehen, ob das Ende an der Karosserie vor oder hinter der Achse liegt. Beide wirken entgegengesetzt.</translation>
    </message>
    <message>
      <source>{0}: look where its thick side stands, 0° outward, 90° up, and write it on the card. Which way it works hangs on that.</source>
      <translation>{0}: nachsehen, wo die dicke Seite steht, 0° außen, 90° oben, und es auf der Karte eintragen. Davon hängt ab, wie sie wirkt.</translation>
    </message>
    <message>
      <source>{0}: look which arm it is at, the upper or the lower. They work opposite ways.</source>
      <translation>{0}: nachsehen, an welchem Lenker, dem oberen oder dem unteren. Beide wirken entgegengesetzt.</translation>
    </message>
    <message>
      <source>{0}: look which hand its thread has: a right-hand one screws in clockwise.</source>
      <translation>{0}: nachsehen, welches Gewinde es hat: Ein Rechtsgewinde schraubt sich im Uhrzeigersinn hinein.</translation>
    </message>
    <message>
      <source>{0}: look which of the two bolts at the strut is the one that moves, the upper or the lower. They work opposite ways.</source>
      <translation>{0}: nachsehen, welche der beiden Schrauben am Federbein sich bewegt, die obere oder die untere. Sie wirken entgegengesetzt.</translation>
    </message>
    <message>
      <source>{0}: look which way more of them push the arm, outward or inward.</source>
      <translation>{0}: nachsehen, wohin mehr davon den Lenker schieben, nach außen oder nach innen.</translation>
    </message>
    <message>
      <source>{0}: look which wheel's knuckle it is fixed to, left or right.</source>
      <translation>{0}: nachsehen, an welchem Achsschenkel es befestigt ist, links oder rechts.</translation>
    </message>
    <message numerus="yes">
      <source>{0}: one turn is {1} of toe ±{2}, seen in %n turns</source>
      <comment>{0}: one turn is {1} of toe ±{2}, seen in one turn</comment>
      <translation>
        <numerusform>{0}: eine Umdrehung ist {1} Spur ±{2}, gesehen in einer Drehung</numerusform>
        <numerusform>{0}: eine Umdrehung ist {1} Spur ±{2}, gesehen in %n Drehungen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>{0}: one unit is {1} ±{2}, {3}, seen in %n turns</source>
      <comment>{0}: one unit is {1} ±{2}, {3}, seen in one turn</comment>
      <translation>
        <numerusform>{0}: eine Einheit ist {1} ±{2}, {3}, gesehen in einer Drehung</numerusform>
        <numerusform>{0}: eine Einheit ist {1} ±{2}, {3}, gesehen in %n Drehungen</numerusform>
      </translation>
    </message>
    <message>
      <source>{0}: stop at about {1}, shake it, and it shows {2} ±{3}.</source>
      <translation>{0}: anhalten bei etwa {1}, rütteln, dann zeigt es {2} ±{3}.</translation>
    </message>
    <message>
      <source>{0}: stop at {1} ±{2}.</source>
      <translation>{0}: anhalten bei {1} ±{2}.</translation>
    </message>
    <message>
      <source>{0}: the card says ahead of the axle; what turning it did says behind it.</source>
      <translation>{0}: Die Karte sagt vor der Achse; was das Drehen bewirkte, sagt dahinter.</translation>
    </message>
    <message>
      <source>{0}: the card says behind the axle; what turning it did says ahead of it.</source>
      <translation>{0}: Die Karte sagt hinter der Achse; was das Drehen bewirkte, sagt davor.</translation>
    </message>
    <message>
      <source>{0}: the record</source>
      <translation>{0}: der Bericht</translation>
    </message>
    <message>
      <source>{0}: the sheet {1}, here {2}: can't tell</source>
      <translation>{0}: das Blatt {1}, hier {2}: nicht zu sagen</translation>
    </message>
    <message>
      <source>{0}: the sheet {1}, here {2}: they agree</source>
      <translation>{0}: das Blatt {1}, hier {2}: sie stimmen überein</translation>
    </message>
    <message>
      <source>{0}: the sheet {1}, here {2}: they do not</source>
      <translation>{0}: das Blatt {1}, hier {2}: sie stimmen nicht überein</translation>
    </message>
    <message>
      <source>{0}: the toe of each wheel; only both together are known</source>
      <translation>{0}: die Spur jedes Rades; bekannt ist nur die Summe</translation>
    </message>
    <message>
      <source>{0}: toe</source>
      <translation>{0}: Spur</translation>
    </message>
    <message>
      <source>{0}: turned and not locked</source>
      <translation>{0}: gedreht und nicht gesichert</translation>
    </message>
    <message>
      <source>{0}: turned by watching, not counted</source>
      <translation>{0}: unter Beobachtung gedreht, nicht gezählt</translation>
    </message>
    <message>
      <source>{0}: {1} ({2})</source>
      <translation>{0}: {1} ({2})</translation>
    </message>
    <message>
      <source>{0}: {1} higher than the card says (tolerance {2})</source>
      <translation>{0}: {1} höher, als die Karte sagt (Toleranz {2})</translation>
    </message>
    <message>
      <source>{0}: {1} lower than the card says (tolerance {2})</source>
      <translation>{0}: {1} tiefer, als die Karte sagt (Toleranz {2})</translation>
    </message>
    <message>
      <source>{0}: {1} may move along by up to {2}; nothing here aims at it.</source>
      <translation>{0}: {1} kann um bis zu {2} mitgehen; nichts hier zielt darauf.</translation>
    </message>
    <message>
      <source>{0}: {1} moves along by {2} less; nothing here aims at it.</source>
      <translation>{0}: {1} geht um {2} weniger mit; nichts hier zielt darauf.</translation>
    </message>
    <message>
      <source>{0}: {1} moves along by {2} more; nothing here aims at it.</source>
      <translation>{0}: {1} geht um {2} mehr mit; nichts hier zielt darauf.</translation>
    </message>
    <message>
      <source>{0}: {1} ±{2}: as it was</source>
      <translation>{0}: {1} ±{2}: wie zuvor</translation>
    </message>
    <message>
      <source>{0}: {1} ±{2}: can't tell</source>
      <translation>{0}: {1} ±{2}: nicht zu sagen</translation>
    </message>
    <message>
      <source>{0}: {1} ±{2}: moved</source>
      <translation>{0}: {1} ±{2}: bewegt</translation>
    </message>
    <message>
      <source>{0}: {1} · {2} · {3} 32nds in 1000 mi ±{4}, over {5} mi</source>
      <translation>{0}: {1} · {2} · {3} 32stel auf 1000 mi ±{4}, über {5} mi</translation>
    </message>
    <message>
      <source>{0}: {1} · {2} · {3} mm in 1000 km ±{4}, over {5} km</source>
      <translation>{0}: {1} · {2} · {3} mm auf 1000 km ±{4}, über {5} km</translation>
    </message>
    <message>
      <source>{0}: {1}, after it {2}</source>
      <translation>{0}: {1}, danach {2}</translation>
    </message>
    <message>
      <source>{0}: {1}, and {2}.</source>
      <translation>{0}: {1}; beobachtet: {2}.</translation>
    </message>
    <message>
      <source>{0}: {1}, by about {2} mm ±{3} ({4})</source>
      <translation>{0}: {1}, um etwa {2} mm ±{3} ({4})</translation>
    </message>
    <message>
      <source>{0}: {1}, target {2}: {3}</source>
      <translation>{0}: {1}, Ziel {2}: {3}</translation>
    </message>
    <message>
      <source>{0}° in</source>
      <translation>{0}° innen</translation>
    </message>
    <message>
      <source>{0}° out</source>
      <translation>{0}° außen</translation>
    </message>
    <message>
      <source>{1} → {2}: {0}</source>
      <translation>{1} → {2}: {0}</translation>
    </message>
    <message>
      <source>°C</source>
      <translation>°C</translation>
    </message>
    <message>
      <source>°F</source>
      <translation>°F</translation>
    </message>
    <message>
      <source>±</source>
      <translation>±</translation>
    </message>
    <message>
      <source>± holds 95 in 100 times. Angles as they were measured by hand, not a roadworthiness test: the vehicle's manual, local rules and qualified technicians come first.</source>
      <translation>± gilt in 95 von 100 Fällen. Winkel, wie sie von Hand gemessen wurden, keine Prüfung der Verkehrssicherheit: Handbuch des Fahrzeugs, örtliche Vorschriften und Fachleute gehen vor.</translation>
    </message>
    <message>
      <source>±%1</source>
      <translation>±%1</translation>
    </message>
    <message>
      <source>“%1” can't be opened: %2.</source>
      <translation>„%1“ kann nicht geöffnet werden: %2.</translation>
    </message>
    <message>
      <source>“%1” is %2 MB; a picture here may have 20.</source>
      <translation>„%1“ hat %2 MB; ein Bild darf hier 20 haben.</translation>
    </message>
    <message>
      <source>“%1” is more than a wheel turns; right would be about 20°.</source>
      <translation>„%1“ ist mehr, als ein Rad sich lenken lässt; richtig wären etwa 20°.</translation>
    </message>
    <message>
      <source>“%1” is no division; right would be its finest one, above 0.</source>
      <translation>„%1“ ist keine Teilung; richtig wäre seine feinste, über 0.</translation>
    </message>
    <message>
      <source>“%1” is no spread; right would be what one taking may be off, above 0.</source>
      <translation>„%1“ ist keine Streuung; richtig wäre, was eine Messung daneben liegen darf, über 0.</translation>
    </message>
    <message>
      <source>“%1” is no torque: type it from the manual with its unit, like “55 Nm” or “40 lb ft”.</source>
      <translation>„%1“ ist kein Drehmoment: tippen Sie es aus dem Handbuch mit seiner Einheit, etwa „55 Nm“ oder „40 lb ft“.</translation>
    </message>
    <message>
      <source>“%1” is no wheel's angle. A sheet says such as 0°06' or -0.55 degrees.</source>
      <translation>„%1“ ist kein Winkel eines Rades. Auf einem Blatt steht etwa 0°06' Vorspur oder -0,55 Grad.</translation>
    </message>
    <message>
      <source>“%1” is not a picture that can be shown: PNG, JPEG or the like.</source>
      <translation>„%1“ ist kein Bild, das gezeigt werden kann: PNG, JPEG oder ähnlich.</translation>
    </message>
    <message>
      <source>“%1” is not a ratio, like 16.2.</source>
      <translation>„%1“ ist keine Übersetzung, etwa 16,2.</translation>
    </message>
    <message>
      <source>“%1” is not how far a wheel is turned; right would be 18.5 degrees, or 0.9 turns of the steering wheel.</source>
      <translation>„%1“ sagt nicht, wie weit ein Rad gelenkt ist; richtig wären 18,5 Grad oder 0,9 Umdrehungen des Lenkrads.</translation>
    </message>
    <message>
      <source>“%1” is not more than nothing; right would be a dimension above 0.</source>
      <translation>„%1“ ist nicht mehr als nichts; richtig wäre ein Maß über 0.</translation>
    </message>
    <message>
      <source>“%1” is not more than nothing; right would be a distance or an angle above 0.</source>
      <translation>„%1“ ist nicht mehr als nichts; richtig wäre ein Abstand oder ein Winkel über 0.</translation>
    </message>
    <message>
      <source>“%1” is not there. Right would be the path of a port, such as /dev/ttyUSB0.</source>
      <translation>„%1“ ist nicht da. Richtig wäre der Pfad eines Anschlusses, etwa /dev/ttyUSB0.</translation>
    </message>
    <message>
      <source>“%1” is too far round for a mark beside a line; right would be below 80°.</source>
      <translation>„%1“ ist zu weit herum für eine Marke neben einer Linie; richtig wäre unter 80°.</translation>
    </message>
    <message>
      <source>“%1” lies in the drawer already; a name of its own tells it from the other.</source>
      <translation>„%1“ liegt schon in der Schublade; ein eigener Name unterscheidet es vom anderen.</translation>
    </message>
    <message>
      <source>“%1” names nothing that hangs on this wall; right would be: two stands, a tape, boards.</source>
      <translation>„%1“ nennt nichts, was an dieser Wand hängt; richtig wäre: zwei Ständer, ein Bandmaß, Bretter.</translation>
    </message>
    <message>
      <source>“%1”: a tile is thicker than nothing, like 3 mm or 1/8 in.</source>
      <translation>„%1“: Eine Platte ist dicker als nichts, etwa 3 mm oder 1/8 in.</translation>
    </message>
    <message>
      <source>“%1”: no floor is flatter than flat, like 4 mm.</source>
      <translation>„%1“: Kein Boden ist ebener als eben, etwa 4 mm.</translation>
    </message>
    <message>
      <source>“{0}” for {3}? Usual is {1} to {4}.</source>
      <translation>„{0}“ als {3}? Üblich: {1} bis {4}.</translation>
    </message>
    <message>
      <source>“{0}” for {3}? Usual is {1} to {4}. Perhaps {2}?</source>
      <translation>„{0}“ als {3}? Üblich: {1} bis {4}. Vielleicht {2}?</translation>
    </message>
    <message>
      <source>“{0}” is a length: toe as a length needs the span it is stated over, like “{0} over 416 mm” or “{0} over 16 in”.</source>
      <translation>„{0}“ ist eine Länge: Spur als Länge braucht das Maß, über das sie gilt, etwa „{0} über 416 mm“ oder „{0} über 16 in“.</translation>
    </message>
    <message>
      <source>“{0}” is a total, and one wheel's own toe belongs here: without “total”, or at the axle.</source>
      <translation>„{0}“ ist eine Summe, und hierher gehört die Spur eines Rades: ohne „gesamt“, oder bei der Achse.</translation>
    </message>
    <message>
      <source>“{0}” is below zero for {3}. Usual is {1} to {4}.</source>
      <translation>„{0}“ ist unter null: {3}. Üblich: {1} bis {4}.</translation>
    </message>
    <message>
      <source>“{0}” is beyond {4}. Write it like {2} or {3}.</source>
      <translation>„{0}“ ist jenseits von {4}. Etwa so: {2} oder {3}.</translation>
    </message>
    <message>
      <source>“{0}” is longer than its span of {1}</source>
      <translation>„{0}“ ist länger als seine Spanne von {1}</translation>
    </message>
    <message>
      <source>“{0}” is missing</source>
      <translation>„{0}“ fehlt</translation>
    </message>
    <message>
      <source>“{0}” is not a length, and a length belongs here, like 2 9/16 in or 65.1 mm.</source>
      <translation>„{0}“ ist keine Länge, und hierher gehört eine, etwa 2 9/16 in oder 65,1 mm.</translation>
    </message>
    <message>
      <source>“{0}” is not a pressure, and a pressure belongs here, like 2.2 bar or 32 psi.</source>
      <translation>„{0}“ ist kein Druck, und hierher gehört einer, etwa 2,2 bar oder 32 psi.</translation>
    </message>
    <message>
      <source>“{0}” is not a temperature, and one belongs here, like 71 C or 160 F.</source>
      <translation>„{0}“ ist keine Temperatur, und hierher gehört eine, etwa 71 C oder 160 F.</translation>
    </message>
    <message>
      <source>“{0}” is not a torque, and a torque belongs here, like 55 Nm or 40 lb ft.</source>
      <translation>„{0}“ ist kein Drehmoment, und hierher gehört eines, etwa 55 Nm oder 40 lb ft.</translation>
    </message>
    <message>
      <source>“{0}” is not an amount of turn, and one belongs here, like 7/8 turn or 2 flats.</source>
      <translation>„{0}“ ist keine Zahl von Umdrehungen, und hierher gehört eine, etwa 7/8 Umdrehung oder 2 Flächen.</translation>
    </message>
    <message>
      <source>“{0}” is not an angle, and an angle belongs here, like 0°12' or 0.2 deg.</source>
      <translation>„{0}“ ist kein Winkel, und hierher gehört einer, etwa 0°12' oder 0,2 Grad.</translation>
    </message>
    <message>
      <source>“{0}” is not known here; known are {1}</source>
      <translation>„{0}“ ist hier nicht bekannt; bekannt sind {1}</translation>
    </message>
    <message>
      <source>“{0}” is too long to be one reading. Write it like {2} or {3}.</source>
      <translation>„{0}“ ist zu lang für eine Ablesung. Etwa so: {2} oder {3}.</translation>
    </message>
    <message>
      <source>“{0}” lies {1} from what is expected there: look once more.</source>
      <translation>„{0}“ liegt {1} von dem, was dort zu erwarten ist: bitte noch einmal hinsehen.</translation>
    </message>
    <message>
      <source>“{0}” lies {1} from what is expected there: look once more. Perhaps {2}?</source>
      <translation>„{0}“ liegt {1} von dem, was dort zu erwarten ist: bitte noch einmal hinsehen. Vielleicht {2}?</translation>
    </message>
    <message>
      <source>“{0}” must be more than zero, like {2} or {3}.</source>
      <translation>„{0}“ muss mehr als null sein, etwa {2} oder {3}.</translation>
    </message>
    <message>
      <source>“{0}” says no time. Write a day, a distance or what comes first: 2026-12-04, 100 km, after contact.</source>
      <translation>„{0}“ nennt keine Zeit. Einen Tag, eine Strecke oder was zuerst kommt: 2026-12-04, 100 km, nach Berührung.</translation>
    </message>
    <message>
      <source>“{0}”: a sign and “{1}” together can mean two things. Use one of them, like {2} or {3}.</source>
      <translation>„{0}“: ein Vorzeichen und „{1}“ zusammen können zweierlei heißen. Nur eines davon, etwa {2} oder {3}.</translation>
    </message>
    <message>
      <source>“{0}”: not understood from “{1}” on. Write it like {2} or {3}.</source>
      <translation>„{0}“: nicht verstanden ab „{1}“. Etwa so: {2} oder {3}.</translation>
    </message>
    <message>
      <source>“{0}”: stopped at “{1}”, powers of ten are not read. Write it like {2} or {3}.</source>
      <translation>„{0}“: bei „{1}“ ist Schluss, Zehnerpotenzen werden nicht gelesen. Etwa so: {2} oder {3}.</translation>
    </message>
    <message>
      <source>“{0}”: the mark at “{1}” would be seconds of arc here. For inches write 1/8 in in, for an angle 12 min in.</source>
      <translation>„{0}“: Das Zeichen bei „{1}“ wären hier Bogensekunden. Für Zoll 1/8 in in schreiben, für einen Winkel 12 min Vorspur.</translation>
    </message>
    <message>
      <source>“{0}”: this could be {4} or {5}. Write the one you mean.</source>
      <translation>„{0}“: Das könnte {4} oder {5} sein. Schreiben Sie, was gemeint ist.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” comes after a number that already has decimals or a fraction. Write it like {2} or {3}.</source>
      <translation>„{0}“: „{1}“ folgt auf eine Zahl, die schon Dezimalen oder einen Bruch hat. Etwa so: {2} oder {3}.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” could be {4} or {5}. Write the one you mean.</source>
      <translation>„{0}“: „{1}“ könnte {4} oder {5} sein. Schreiben Sie, was gemeint ist.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” has no unit. Write it like {2} or {3}.</source>
      <translation>„{0}“: „{1}“ hat keine Einheit. Etwa so: {2} oder {3}.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” is 12 inches or more after feet. Write it like 5' 8 1/2" or 68 1/2 in.</source>
      <translation>„{0}“: „{1}“ sind 12 Zoll oder mehr nach Fuß. Etwa so: 5' 8 1/2" oder 68 1/2 in.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” is 60 or more after a larger part. Write it like 0°12' or 1.4 deg.</source>
      <translation>„{0}“: „{1}“ ist 60 oder mehr nach einem größeren Teil. Etwa so: 0°12' oder 1,4 Grad.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” is a second quantity. Join two with “and” or “less”, or write one, like {2} or {3}.</source>
      <translation>„{0}“: „{1}“ ist eine zweite Größe. Zwei mit „und“ oder „weniger“ verbinden, oder eine schreiben, etwa {2} oder {3}.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” is no fraction of a rule (halves to 64ths, less than one after a whole number). Write it like {2} or {3}.</source>
      <translation>„{0}“: „{1}“ ist kein Bruch eines Maßstabs (Halbe bis 64tel, nach einer ganzen Zahl kleiner als eins). Etwa so: {2} oder {3}.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” is of another kind than what comes before it. Write it like {2} or {3}.</source>
      <translation>„{0}“: „{1}“ ist von anderer Art als das davor. Etwa so: {2} oder {3}.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” is one word too many. Write it like {2} strong, or {3} out.</source>
      <translation>„{0}“: „{1}“ ist ein Wort zu viel. Etwa so: {2} reichlich, oder {3} Nachspur.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” says toe, and this is not toe. Write it like {2} or {3}.</source>
      <translation>„{0}“: „{1}“ sagt Spur, und dies ist keine. Etwa so: {2} oder {3}.</translation>
    </message>
    <message>
      <source>… and %1 more</source>
      <translation>… und %1 weitere</translation>
    </message>
    <message>
      <source>← → another job   ↑ ↓ another angle   + − 0 zoom   Enter opens the job   Esc back to the book</source>
      <translation>← → anderer Auftrag   ↑ ↓ anderer Winkel   + − 0 Zoom   Eingabe öffnet den Auftrag   Esc zurück zum Buch</translation>
    </message>
    <message>
      <source>↑ ↓ the text   ·   Esc or F1 back   ·   the menus above have every action, with its key</source>
      <translation>↑ ↓ der Text   ·   Esc oder F1 zurück   ·   die Menüs oben haben jede Handlung mit ihrer Taste</translation>
    </message>
    <message>
      <source>↵  keeps; empty: goes on</source>
      <translation>↵  sichert; leer: geht weiter</translation>
    </message>
    <message>
      <source>−  2-9/16, or a sign in front</source>
      <translation>−  2-9/16, oder ein Vorzeichen</translation>
    </message>
    <message>
      <source>▲ %1</source>
      <translation>▲ %1</translation>
    </message>
    <message>
      <source>▲ %1 failed: readings mean nothing</source>
      <translation>▲ %1 mangelhaft: Ablesungen bedeuten nichts</translation>
    </message>
    <message numerus="yes">
      <source>▲ %n not kept · Ctrl+S</source>
      <translation>
        <numerusform>▲ %n nicht gesichert · Strg+S</numerusform>
        <numerusform>▲ %n nicht gesichert · Strg+S</numerusform>
      </translation>
    </message>
    <message>
      <source>▲ A check has failed</source>
      <translation>▲ Eine Prüfung war mangelhaft</translation>
    </message>
    <message>
      <source>▲ Ctrl+K</source>
      <translation>▲ Strg+K</translation>
    </message>
    <message>
      <source>▲ Still loose</source>
      <translation>▲ Noch lose</translation>
    </message>
    <message>
      <source>▲ cautions at the right · Ctrl+K</source>
      <translation>▲ Warnungen rechts · Strg+K</translation>
    </message>
    <message>
      <source>▲ doubtful</source>
      <translation>▲ zweifelhaft</translation>
    </message>
    <message>
      <source>▲ readings wait</source>
      <translation>▲ Ablesungen warten</translation>
    </message>
    <message>
      <source>⟨b⟩%1⟨/b⟩ free, %2 at each front wheel. Its middle is ⟨b⟩%3⟨/b⟩: hold it there.</source>
      <translation>⟨b⟩%1⟨/b⟩ frei, %2 an jedem Vorderrad. Seine Mitte ist ⟨b⟩%3⟨/b⟩: dort halten.</translation>
    </message>
    <message>
      <source>⟨b⟩%1⟨/b⟩ under the %2</source>
      <translation>⟨b⟩%1⟨/b⟩ unter: %2</translation>
    </message>
    <message>
      <source>⟨b⟩%1⟨/b⟩, surveyed %2</source>
      <translation>⟨b⟩%1⟨/b⟩, vermessen %2</translation>
    </message>
    <message>
      <source>⟨b⟩Done.⟨/b⟩ It stands in the book.</source>
      <translation>⟨b⟩Fertig.⟨/b⟩ Es steht im Buch.</translation>
    </message>
    <message>
      <source>⟨b⟩Failed.⟨/b⟩</source>
      <translation>⟨b⟩Mangelhaft.⟨/b⟩</translation>
    </message>
    <message>
      <source>⟨b⟩Failed: readings mean nothing until it is mended.⟨/b⟩</source>
      <translation>⟨b⟩Mangelhaft: Ablesungen bedeuten nichts, bis es behoben ist.⟨/b⟩</translation>
    </message>
    <message>
      <source>⟨b⟩Hold⟨/b⟩ the rod with one wrench and its end level, ⟨b⟩tighten⟨/b⟩ the nut with the other. Both joints still free to tilt the same way.</source>
      <translation>Die Stange mit einem Schlüssel und ihr Ende waagerecht ⟨b⟩halten⟨/b⟩, die Mutter mit dem anderen ⟨b⟩anziehen⟨/b⟩. Beide Gelenke bleiben gleich frei beweglich.</translation>
    </message>
    <message>
      <source>⟨b⟩Mark⟨/b⟩ it with chalk across thread and nut, or across plate and frame: what moved is then seen.</source>
      <translation>Mit Kreide quer über Gewinde und Mutter oder über Platte und Rahmen ⟨b⟩anzeichnen⟨/b⟩: Was sich bewegt hat, ist dann zu sehen.</translation>
    </message>
    <message>
      <source>⟨b⟩Nobody knows:⟨/b⟩ total toe stands, each front wheel is read again.</source>
      <translation>⟨b⟩Niemand weiß es:⟨/b⟩ Die Gesamtspur gilt, jedes Vorderrad wird neu abgelesen.</translation>
    </message>
    <message numerus="yes">
      <source>⟨b⟩Not ready: %n things are still loose.⟨/b⟩</source>
      <comment>⟨b⟩Not ready: one thing is still loose.⟨/b⟩</comment>
      <translation>
        <numerusform>⟨b⟩Nicht bereit: Eines ist noch lose.⟨/b⟩</numerusform>
        <numerusform>⟨b⟩Nicht bereit: %n Dinge sind noch lose.⟨/b⟩</numerusform>
      </translation>
    </message>
    <message>
      <source>⟨b⟩Nothing is loose.⟨/b⟩ First slowly in a safe place, brakes tried.</source>
      <translation>⟨b⟩Nichts ist lose.⟨/b⟩ Zuerst langsam an einem sicheren Ort, Bremsen geprüft.</translation>
    </message>
    <message>
      <source>⟨b⟩Only since now:⟨/b⟩ what was read stands; it is taken out of what follows, until it is straight.</source>
      <translation>⟨b⟩Erst seit jetzt:⟨/b⟩ Was abgelesen wurde, gilt; herausgerechnet wird es aus dem Folgenden, bis es gerade steht.</translation>
    </message>
    <message>
      <source>⟨b⟩So while it was read:⟨/b⟩ it is taken out of the front toes of this round.</source>
      <translation>⟨b⟩So war es beim Ablesen:⟨/b⟩ Es wird aus der Spur vorn dieser Runde herausgerechnet.</translation>
    </message>
    <message>
      <source>⟨b⟩The wheel only.⟨/b⟩ The car drives well but for the steering wheel: equal and opposite turns of the two tie rods put it straight, and the toe stays as it is.</source>
      <translation>⟨b⟩Nur das Lenkrad.⟨/b⟩ Das Auto fährt gut, nur das Lenkrad nicht: Gleiche, entgegengesetzte Drehungen an beiden Spurstangen stellen es gerade, und die Spur bleibt, wie sie ist.</translation>
    </message>
    <message>
      <source>⟨b⟩The whole job⟨/b⟩, as far as it is marked on the line.</source>
      <translation>⟨b⟩Der ganze Auftrag⟨/b⟩, so weit er auf der Linie markiert ist.</translation>
    </message>
    <message>
      <source>⟨b⟩Write it down first.⟨/b⟩ What is written down before the first nut can be put back.</source>
      <translation>⟨b⟩Zuerst aufschreiben.⟨/b⟩ Was vor der ersten Mutter aufgeschrieben ist, kann wiederhergestellt werden.</translation>
    </message>
  </context>
</TS>
