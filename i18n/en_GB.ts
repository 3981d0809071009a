<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_GB" sourcelanguage="en_US">
  <context>
    <name>text</name>
    <message>
      <source>  (chosen)</source>
      <translation>  (chosen)</translation>
    </message>
    <message>
      <source> %1 stays outside.</source>
      <translation> %1 stays outside.</translation>
    </message>
    <message numerus="yes">
      <source> (%n readings)</source>
      <comment> (one reading)</comment>
      <translation>
        <numerusform> (one reading)</numerusform>
        <numerusform> (%n readings)</numerusform>
      </translation>
    </message>
    <message>
      <source> (copy)</source>
      <translation> (copy)</translation>
    </message>
    <message>
      <source> (process {0})</source>
      <translation> (process {0})</translation>
    </message>
    <message>
      <source> Begin again keeps it as it stands.</source>
      <translation> Begin again keeps it as it stands.</translation>
    </message>
    <message>
      <source> Enter again keeps it as it stands.</source>
      <translation> Enter again keeps it as it stands.</translation>
    </message>
    <message>
      <source> F2 it is good, F3 it failed, F4 it is not on this car.</source>
      <translation> F2 it is good, F3 it failed, F4 it is not on this car.</translation>
    </message>
    <message>
      <source> Look at this tire.</source>
      <translation> Look at this tyre.</translation>
    </message>
    <message>
      <source> Reading %1 stands out most: begin with it.</source>
      <translation> Reading %1 stands out most: begin with it.</translation>
    </message>
    <message>
      <source> Tab takes %1, Enter again keeps it as it stands.</source>
      <translation> Tab takes %1, Enter again keeps it as it stands.</translation>
    </message>
    <message>
      <source> That is a lot: a wheel set crooked, or something bent.</source>
      <translation> That is a lot: a wheel set crooked, or something bent.</translation>
    </message>
    <message>
      <source> and </source>
      <translation> and </translation>
    </message>
    <message>
      <source> · less this garage's bias</source>
      <translation> · less this garage's bias</translation>
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
      <translation>%1 (Ctrl+%2)
%3</translation>
    </message>
    <message>
      <source>%1 (Ctrl+6).</source>
      <translation>%1 (Ctrl+6).</translation>
    </message>
    <message>
      <source>%1 (Ctrl+7).</source>
      <translation>%1 (Ctrl+7).</translation>
    </message>
    <message>
      <source>%1 (Ctrl+8).</source>
      <translation>%1 (Ctrl+8).</translation>
    </message>
    <message>
      <source>%1 Ctrl+7 goes on.</source>
      <translation>%1 Ctrl+7 goes on.</translation>
    </message>
    <message>
      <source>%1 Nm</source>
      <translation>%1 Nm</translation>
    </message>
    <message>
      <source>%1 and %2</source>
      <translation>%1 and %2</translation>
    </message>
    <message>
      <source>%1 at each front wheel</source>
      <translation>%1 at each front wheel</translation>
    </message>
    <message>
      <source>%1 at hand</source>
      <translation>%1 at hand</translation>
    </message>
    <message>
      <source>%1 by the card</source>
      <translation>%1 by the card</translation>
    </message>
    <message>
      <source>%1 can't be written.</source>
      <translation>%1 can't be written.</translation>
    </message>
    <message>
      <source>%1 can't be written: %2</source>
      <translation>%1 can't be written: %2</translation>
    </message>
    <message>
      <source>%1 failed in the check-over and was not mended: the car is not ready.</source>
      <translation>%1 failed in the check-over and was not mended: the car is not ready.</translation>
    </message>
    <message>
      <source>%1 failed: this job is marked until it is mended, and what is read means nothing.</source>
      <translation>%1 failed: this job is marked until it is mended, and what is read means nothing.</translation>
    </message>
    <message>
      <source>%1 first: %2, some %3 readings and %4 passes; %5 of %6 jobs could be called.</source>
      <translation>%1 first: %2, some %3 readings and %4 passes; %5 of %6 jobs could be called.</translation>
    </message>
    <message>
      <source>%1 first: a digit sets it up.</source>
      <translation>%1 first: a digit sets it up.</translation>
    </message>
    <message>
      <source>%1 for this, %2 to the end</source>
      <translation>%1 for this, %2 to the end</translation>
    </message>
    <message>
      <source>%1 is a garage book.</source>
      <translation>%1 is a garage book.</translation>
    </message>
    <message>
      <source>%1 is adjusted by</source>
      <translation>%1 is adjusted by</translation>
    </message>
    <message>
      <source>%1 is known after %2.</source>
      <translation>%1 is known after %2.</translation>
    </message>
    <message>
      <source>%1 is no job, no car, no sheet and no readings that this program knows.</source>
      <translation>%1 is no job, no car, no sheet and no readings that this program knows.</translation>
    </message>
    <message>
      <source>%1 is none of what hangs on this wall. Take it out, or name it as it is named there.</source>
      <translation>%1 is none of what hangs on this wall. Take it out, or name it as it is named there.</translation>
    </message>
    <message>
      <source>%1 is none of what hangs there</source>
      <translation>%1 is none of what hangs there</translation>
    </message>
    <message>
      <source>%1 is not there now</source>
      <translation>%1 is not there now</translation>
    </message>
    <message>
      <source>%1 is not there; looked for again by itself</source>
      <translation>%1 is not there; looked for again by itself</translation>
    </message>
    <message>
      <source>%1 is on the shelf.</source>
      <translation>%1 is on the shelf.</translation>
    </message>
    <message>
      <source>%1 is told by: %2.</source>
      <translation>%1 is told by: %2.</translation>
    </message>
    <message>
      <source>%1 is, %2 is wanted.</source>
      <translation>%1 is, %2 is wanted.</translation>
    </message>
    <message>
      <source>%1 kB</source>
      <translation>%1 kB</translation>
    </message>
    <message>
      <source>%1 kept</source>
      <translation>%1 kept</translation>
    </message>
    <message>
      <source>%1 lb ft</source>
      <translation>%1 lb ft</translation>
    </message>
    <message>
      <source>%1 lines were good, %2 damaged and dropped.</source>
      <translation>%1 lines were good, %2 damaged and dropped.</translation>
    </message>
    <message>
      <source>%1 min</source>
      <translation>%1 min</translation>
    </message>
    <message>
      <source>%1 not on the disk</source>
      <translation>%1 not on the disk</translation>
    </message>
    <message>
      <source>%1 not on the disk yet: that comes first.</source>
      <translation>%1 not on the disk yet: that comes first.</translation>
    </message>
    <message>
      <source>%1 now</source>
      <translation>%1 now</translation>
    </message>
    <message>
      <source>%1 of %2</source>
      <translation>%1 of %2</translation>
    </message>
    <message>
      <source>%1 of %2 known</source>
      <translation>%1 of %2 known</translation>
    </message>
    <message>
      <source>%1 of %2 looked at</source>
      <translation>%1 of %2 looked at</translation>
    </message>
    <message>
      <source>%1 of %2 right</source>
      <translation>%1 of %2 right</translation>
    </message>
    <message>
      <source>%1 of %2 right.</source>
      <translation>%1 of %2 right.</translation>
    </message>
    <message>
      <source>%1 of %2 spots</source>
      <translation>%1 of %2 spots</translation>
    </message>
    <message>
      <source>%1 of %2 targets truly inside; %3 were believed to be.</source>
      <translation>%1 of %2 targets truly inside; %3 were believed to be.</translation>
    </message>
    <message>
      <source>%1 of %2, %3 right so far</source>
      <translation>%1 of %2, %3 right so far</translation>
    </message>
    <message>
      <source>%1 of the same place, each good to ±%2: their mean is good to ±%3</source>
      <translation>%1 of the same place, each good to ±%2: their mean is good to ±%3</translation>
    </message>
    <message>
      <source>%1 of the steering wheel</source>
      <translation>%1 of the steering wheel</translation>
    </message>
    <message>
      <source>%1 out at the end of a base line of %2 is ⟨b⟩%3⟨/b⟩: that is the sweep to say with the readings.</source>
      <translation>%1 out at the end of a base line of %2 is ⟨b⟩%3⟨/b⟩: that is the sweep to say with the readings.</translation>
    </message>
    <message>
      <source>%1 read %2; it would fit at %3, if %4.</source>
      <translation>%1 read %2; it would fit at %3, if %4.</translation>
    </message>
    <message>
      <source>%1 since</source>
      <translation>%1 since</translation>
    </message>
    <message numerus="yes">
      <source>%1 since the last reading: %n spots are read again, beginning with the %2.</source>
      <comment>%1 since the last reading: one spot is read again, the %2.</comment>
      <translation>
        <numerusform>%1 since the last reading: one spot is read again, the %2.</numerusform>
        <numerusform>%1 since the last reading: %n spots are read again, beginning with the %2.</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 stays outside, and nothing here can be turned for it: leave it with a reason (F4), or see what the manual offers.</source>
      <translation>%1 stays outside, and nothing here can be turned for it: leave it with a reason (F4), or see what the manual offers.</translation>
    </message>
    <message>
      <source>%1 stays outside, and the card names nothing that sets it: say what does (Alt+7), or leave it with a reason (F4).</source>
      <translation>%1 stays outside, and the card names nothing that sets it: say what does (Alt+7), or leave it with a reason (F4).</translation>
    </message>
    <message>
      <source>%1 that this version does not understand · </source>
      <translation>%1 that this version does not understand · </translation>
    </message>
    <message>
      <source>%1 through its jobs</source>
      <translation>%1 through its jobs</translation>
    </message>
    <message>
      <source>%1 to
%2</source>
      <translation>%1 to
%2</translation>
    </message>
    <message>
      <source>%1 to be written yet.</source>
      <translation>%1 to be written yet.</translation>
    </message>
    <message>
      <source>%1 to go</source>
      <translation>%1 to go</translation>
    </message>
    <message>
      <source>%1 to go, then the drive</source>
      <translation>%1 to go, then the drive</translation>
    </message>
    <message>
      <source>%1 to its string</source>
      <translation>%1 to its string</translation>
    </message>
    <message>
      <source>%1 to the %2</source>
      <translation>%1 to the %2</translation>
    </message>
    <message>
      <source>%1 to the rear wheel</source>
      <translation>%1 to the rear wheel</translation>
    </message>
    <message>
      <source>%1 to the thrust line</source>
      <translation>%1 to the thrust line</translation>
    </message>
    <message>
      <source>%1 to turn in all; Page Down shows the next.</source>
      <translation>%1 to turn in all; Page Down shows the next.</translation>
    </message>
    <message>
      <source>%1 turns</source>
      <translation>%1 turns</translation>
    </message>
    <message>
      <source>%1 ways at once</source>
      <translation>%1 ways at once</translation>
    </message>
    <message>
      <source>%1 wheel,
from above</source>
      <translation>%1 wheel,
from above</translation>
    </message>
    <message>
      <source>%1 wheel: toe %2</source>
      <translation>%1 wheel: toe %2</translation>
    </message>
    <message>
      <source>%1 ±%2</source>
      <translation>%1 ±%2</translation>
    </message>
    <message>
      <source>%1 · %2 readings · some %3 minutes by hand · %4 of %5 targets truly inside</source>
      <translation>%1 · %2 readings · some %3 minutes by hand · %4 of %5 targets truly inside</translation>
    </message>
    <message>
      <source>%1 · round %2</source>
      <translation>%1 · round %2</translation>
    </message>
    <message>
      <source>%1 → </source>
      <translation>%1 → </translation>
    </message>
    <message>
      <source>%1, %2 readings, %3 minutes; %4 of %5 truly inside</source>
      <translation>%1, %2 readings, %3 minutes; %4 of %5 truly inside</translation>
    </message>
    <message>
      <source>%1, %2 readings; by hand it would have taken some %3 minutes.</source>
      <translation>%1, %2 readings; by hand it would have taken some %3 minutes.</translation>
    </message>
    <message numerus="yes">
      <source>%1, %2, %n readings</source>
      <comment>%1, %2, one reading</comment>
      <translation>
        <numerusform>%1, %2, one reading</numerusform>
        <numerusform>%1, %2, %n readings</numerusform>
      </translation>
    </message>
    <message>
      <source>%1, %2: believed %3, truly ⟨b⟩%4⟨/b⟩</source>
      <translation>%1, %2: believed %3, truly ⟨b⟩%4⟨/b⟩</translation>
    </message>
    <message>
      <source>%1, %2: its marks</source>
      <translation>%1, %2: its marks</translation>
    </message>
    <message>
      <source>%1, %2: what does the thread stand at?</source>
      <translation>%1, %2: what does the thread stand at?</translation>
    </message>
    <message>
      <source>%1, beside one's own</source>
      <translation>%1, beside one's own</translation>
    </message>
    <message>
      <source>%1, from the card</source>
      <translation>%1, from the card</translation>
    </message>
    <message>
      <source>%1, its own</source>
      <translation>%1, its own</translation>
    </message>
    <message>
      <source>%1, length of its rod</source>
      <translation>%1, length of its rod</translation>
    </message>
    <message>
      <source>%1, locknut</source>
      <translation>%1, locknut</translation>
    </message>
    <message>
      <source>%1, page %2 of %3</source>
      <translation>%1, page %2 of %3</translation>
    </message>
    <message>
      <source>%1, ride height</source>
      <translation>%1, ride height</translation>
    </message>
    <message>
      <source>%1, thread that shows</source>
      <translation>%1, thread that shows</translation>
    </message>
    <message>
      <source>%1, top in</source>
      <translation>%1, top in</translation>
    </message>
    <message>
      <source>%1, top out</source>
      <translation>%1, top out</translation>
    </message>
    <message>
      <source>%1, with the %2</source>
      <translation>%1, with the %2</translation>
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
      <translation>%1: %2 %3 at the front, ±%4</translation>
    </message>
    <message>
      <source>%1: %2 between the two.</source>
      <translation>%1: %2 between the two.</translation>
    </message>
    <message>
      <source>%1: %2 by “%3”, %4 by “%5”</source>
      <translation>%1: %2 by “%3”, %4 by “%5”</translation>
    </message>
    <message>
      <source>%1: %2 min, %3 of %4</source>
      <translation>%1: %2 min, %3 of %4</translation>
    </message>
    <message>
      <source>%1: %2 of %3</source>
      <translation>%1: %2 of %3</translation>
    </message>
    <message>
      <source>%1: %2, %3</source>
      <translation>%1: %2, %3</translation>
    </message>
    <message>
      <source>%1: %2, after it %3</source>
      <translation>%1: %2, after it %3</translation>
    </message>
    <message>
      <source>%1: Ctrl and Enter, or the button. Escape goes back.</source>
      <translation>%1: Ctrl and Enter, or the button. Escape goes back.</translation>
    </message>
    <message>
      <source>%1: along the car</source>
      <translation>%1: along the car</translation>
    </message>
    <message>
      <source>%1: believed %2, truly ⟨b⟩%3⟨/b⟩</source>
      <translation>%1: believed %2, truly ⟨b⟩%3⟨/b⟩</translation>
    </message>
    <message>
      <source>%1: choose it once more, and it is gone</source>
      <translation>%1: choose it once more, and it is gone</translation>
    </message>
    <message>
      <source>%1: contradicts others, read it again</source>
      <translation>%1: contradicts others, read it again</translation>
    </message>
    <message>
      <source>%1: found %2, left %3</source>
      <translation>%1: found %2, left %3</translation>
    </message>
    <message>
      <source>%1: heights again</source>
      <translation>%1: heights again</translation>
    </message>
    <message>
      <source>%1: here %2, there %3</source>
      <translation>%1: here %2, there %3</translation>
    </message>
    <message>
      <source>%1: is it undone?</source>
      <translation>%1: is it undone?</translation>
    </message>
    <message>
      <source>%1: its marks, or its shims by bolt</source>
      <translation>%1: its marks, or its shims by bolt</translation>
    </message>
    <message>
      <source>%1: its wrenches</source>
      <translation>%1: its spanners</translation>
    </message>
    <message>
      <source>%1: left %2 %3 than right, %4.</source>
      <translation>%1: left %2 %3 than right, %4.</translation>
    </message>
    <message>
      <source>%1: left %2 %3 than right.</source>
      <translation>%1: left %2 %3 than right.</translation>
    </message>
    <message>
      <source>%1: locking it moves the %2; the plan aims ahead of it.</source>
      <translation>%1: locking it moves the %2; the plan aims ahead of it.</translation>
    </message>
    <message>
      <source>%1: look again</source>
      <translation>%1: look again</translation>
    </message>
    <message>
      <source>%1: move its front end ⟨b⟩%2 %3⟨/b⟩ the car, ±%4; the rear end stays.</source>
      <translation>%1: move its front end ⟨b⟩%2 %3⟨/b⟩ the car, ±%4; the rear end stays.</translation>
    </message>
    <message>
      <source>%1: none of the ways chosen tells it. Others do: Lines (Ctrl+5).</source>
      <translation>%1: none of the ways chosen tells it. Others do: Lines (Ctrl+5).</translation>
    </message>
    <message>
      <source>%1: not known yet</source>
      <translation>%1: not known yet</translation>
    </message>
    <message>
      <source>%1: not known yet how it lies</source>
      <translation>%1: not known yet how it lies</translation>
    </message>
    <message>
      <source>%1: one round gives ±%2 of a tolerance of ±%3: only a value near the middle can be called.</source>
      <translation>%1: one round gives ±%2 of a tolerance of ±%3: only a value near the middle can be called.</translation>
    </message>
    <message>
      <source>%1: one round gives ±%2, the tolerance is ±%3. Good enough.</source>
      <translation>%1: one round gives ±%2, the tolerance is ±%3. Good enough.</translation>
    </message>
    <message>
      <source>%1: one round gives ±%2, which is wider than the tolerance of ±%3.</source>
      <translation>%1: one round gives ±%2, which is wider than the tolerance of ±%3.</translation>
    </message>
    <message>
      <source>%1: only together</source>
      <translation>%1: only together</translation>
    </message>
    <message>
      <source>%1: run-out %2; read at one lip it makes %3 of false toe.</source>
      <translation>%1: run-out %2; read at one lip it makes %3 of false toe.</translation>
    </message>
    <message>
      <source>%1: settle again</source>
      <translation>%1: settle again</translation>
    </message>
    <message>
      <source>%1: square as far as this rule can tell.</source>
      <translation>%1: square as far as this rule can tell.</translation>
    </message>
    <message>
      <source>%1: string again</source>
      <translation>%1: string again</translation>
    </message>
    <message>
      <source>%1: turned and not locked</source>
      <translation>%1: turned and not locked</translation>
    </message>
    <message>
      <source>%1: turned and not locked (Ctrl+7, then lock).</source>
      <translation>%1: turned and not locked (Ctrl+7, then lock).</translation>
    </message>
    <message>
      <source>%1: turned by watching</source>
      <translation>%1: turned by watching</translation>
    </message>
    <message>
      <source>%1: where that is enough, this stays: %2.</source>
      <translation>%1: where that is enough, this stays: %2.</translation>
    </message>
    <message>
      <source>%1; the rod runs ahead of the axle, with a left-hand thread at its outer end</source>
      <translation>%1; the rod runs ahead of the axle, with a left-hand thread at its outer end</translation>
    </message>
    <message>
      <source>%1; the rod runs ahead of the axle, with a right-hand thread at its outer end</source>
      <translation>%1; the rod runs ahead of the axle, with a right-hand thread at its outer end</translation>
    </message>
    <message>
      <source>%1; the rod runs behind the axle, with a left-hand thread at its outer end</source>
      <translation>%1; the rod runs behind the axle, with a left-hand thread at its outer end</translation>
    </message>
    <message>
      <source>%1; the rod runs behind the axle, with a right-hand thread at its outer end</source>
      <translation>%1; the rod runs behind the axle, with a right-hand thread at its outer end</translation>
    </message>
    <message numerus="yes">
      <source>%n cautions of this stage were read; they stand on every print</source>
      <comment>one caution of this stage was read; it stands on every print</comment>
      <translation>
        <numerusform>one caution of this stage was read; it stands on every print</numerusform>
        <numerusform>%n cautions of this stage were read; they stand on every print</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n drives</source>
      <comment>one drive</comment>
      <translation>
        <numerusform>one drive</numerusform>
        <numerusform>%n drives</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n entries</source>
      <comment>1 entry</comment>
      <translation>
        <numerusform>1 entry</numerusform>
        <numerusform>%n entries</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n entries are not as written</source>
      <comment>1 entry is not as written</comment>
      <translation>
        <numerusform>1 entry is not as written</numerusform>
        <numerusform>%n entries are not as written</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n jobs</source>
      <comment>one job</comment>
      <translation>
        <numerusform>one job</numerusform>
        <numerusform>%n jobs</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n more readings would settle it, first at spot %1.</source>
      <comment>One more reading would settle it, at spot %1.</comment>
      <translation>
        <numerusform>One more reading would settle it, at spot %1.</numerusform>
        <numerusform>%n more readings would settle it, first at spot %1.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n older jobs</source>
      <comment>one older job</comment>
      <translation>
        <numerusform>one older job</numerusform>
        <numerusform>%n older jobs</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n passes</source>
      <comment>one pass</comment>
      <translation>
        <numerusform>one pass</numerusform>
        <numerusform>%n passes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n passes of turning</source>
      <comment>one pass of turning</comment>
      <translation>
        <numerusform>one pass of turning</numerusform>
        <numerusform>%n passes of turning</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n readings</source>
      <comment>one reading</comment>
      <translation>
        <numerusform>one reading</numerusform>
        <numerusform>%n readings</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n rounds</source>
      <comment>one round</comment>
      <translation>
        <numerusform>one round</numerusform>
        <numerusform>%n rounds</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n things are still to look at.</source>
      <comment>One thing is still to look at.</comment>
      <translation>
        <numerusform>One thing is still to look at.</numerusform>
        <numerusform>%n things are still to look at.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n things loose</source>
      <comment>one thing loose</comment>
      <translation>
        <numerusform>one thing loose</numerusform>
        <numerusform>%n things loose</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n to be told</source>
      <translation>
        <numerusform>%n to be told</numerusform>
        <numerusform>%n to be told</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n turned</source>
      <translation>
        <numerusform>%n turned</numerusform>
        <numerusform>%n turned</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n turns and {0}</source>
      <comment>one turn and {0}</comment>
      <translation>
        <numerusform>one turn and {0}</numerusform>
        <numerusform>%n turns and {0}</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n whole turns</source>
      <comment>one whole turn</comment>
      <translation>
        <numerusform>one whole turn</numerusform>
        <numerusform>%n whole turns</numerusform>
      </translation>
    </message>
    <message>
      <source>&amp;Book</source>
      <translation>&amp;Book</translation>
    </message>
    <message>
      <source>&amp;Car</source>
      <translation>&amp;Car</translation>
    </message>
    <message>
      <source>&amp;Here</source>
      <translation>&amp;Here</translation>
    </message>
    <message>
      <source>&amp;Job</source>
      <translation>&amp;Job</translation>
    </message>
    <message>
      <source>&amp;View</source>
      <translation>&amp;View</translation>
    </message>
    <message>
      <source>(not turned)</source>
      <translation>(not turned)</translation>
    </message>
    <message>
      <source>(test turn)</source>
      <translation>(test turn)</translation>
    </message>
    <message>
      <source>+  strong</source>
      <translation>+  strong</translation>
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
      <translation>, camber %1</translation>
    </message>
    <message>
      <source>, caster %1</source>
      <translation>, caster %1</translation>
    </message>
    <message>
      <source>, contradicts others</source>
      <translation>, contradicts others</translation>
    </message>
    <message>
      <source>, you are here</source>
      <translation>, you are here</translation>
    </message>
    <message>
      <source>-0.6 deg ±0.5 deg</source>
      <translation>-0.6 deg ±0.5 deg</translation>
    </message>
    <message>
      <source>. They agree.</source>
      <translation>. They agree.</translation>
    </message>
    <message>
      <source>. They don't agree.</source>
      <translation>. They don't agree.</translation>
    </message>
    <message>
      <source>/  a fraction   *  weak</source>
      <translation>/  a fraction   *  weak</translation>
    </message>
    <message>
      <source>/dev/ttyUSB0</source>
      <translation>/dev/ttyUSB0</translation>
    </message>
    <message>
      <source>/home/…/arm.jpg</source>
      <translation>/home/…/arm.jpg</translation>
    </message>
    <message>
      <source>0 ±0°15'</source>
      <translation>0 ±0°15'</translation>
    </message>
    <message>
      <source>0, or how far off level: 3 left</source>
      <translation>0, or how far off level: 3 left</translation>
    </message>
    <message>
      <source>0°04' in ±0°08'</source>
      <translation>0°04' in ±0°08'</translation>
    </message>
    <message>
      <source>0°06' in</source>
      <translation>0°06' in</translation>
    </message>
    <message>
      <source>0°08' in ±0°15'</source>
      <translation>0°08' in ±0°15'</translation>
    </message>
    <message>
      <source>0°08' in, 1/16 in</source>
      <translation>0°08' in, 1/16 in</translation>
    </message>
    <message>
      <source>0°08' in, 2 mm</source>
      <translation>0°08' in, 2 mm</translation>
    </message>
    <message>
      <source>0°15'</source>
      <translation>0°15'</translation>
    </message>
    <message>
      <source>1 in 10</source>
      <translation>1 in 10</translation>
    </message>
    <message>
      <source>1 in 2</source>
      <translation>1 in 2</translation>
    </message>
    <message>
      <source>1 in 3</source>
      <translation>1 in 3</translation>
    </message>
    <message>
      <source>1 in 5</source>
      <translation>1 in 5</translation>
    </message>
    <message>
      <source>1.5 mm, 18 tpi</source>
      <translation>1.5 mm, 18 tpi</translation>
    </message>
    <message>
      <source>100 km: new bushes</source>
      <translation>100 km: new bushes</translation>
    </message>
    <message>
      <source>100 mi: new bushes</source>
      <translation>100 mi: new bushes</translation>
    </message>
    <message>
      <source>101 in</source>
      <translation>101 in</translation>
    </message>
    <message>
      <source>13 and 19</source>
      <translation>13 and 19</translation>
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
      <translation>19 in 20</translation>
    </message>
    <message>
      <source>2 in 3</source>
      <translation>2 in 3</translation>
    </message>
    <message>
      <source>2 of 1 mm, 0.5 mm</source>
      <translation>2 of 1 mm, 0.5 mm</translation>
    </message>
    <message>
      <source>2565 mm</source>
      <translation>2565 mm</translation>
    </message>
    <message>
      <source>3 in 4</source>
      <translation>3 in 4</translation>
    </message>
    <message>
      <source>30 mm lower: often half a degree to one of camber, top in, and some tenths of toe; settle and measure the heights first.</source>
      <translation>30 mm lower: often half a degree to one of camber, top in, and some tenths of toe; settle and measure the heights first.</translation>
    </message>
    <message>
      <source>4 in 5</source>
      <translation>4 in 5</translation>
    </message>
    <message>
      <source>4 of 0.5 mm, 2 of 1 mm</source>
      <translation>4 of 0.5 mm, 2 of 1 mm</translation>
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
      <translation>5.5 mm</translation>
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
      <translation>7 deg left or -7 deg</translation>
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
      <translation>9 in 10</translation>
    </message>
    <message>
      <source>; the other side as well</source>
      <translation>; the other side as well</translation>
    </message>
    <message>
      <source>A bar for the rim's lips, an arm on a pin, a small level on the arm, and a straight scale square to the arm's middle position at its end. Mark it from the middle by these distances.</source>
      <translation>A bar for the rim's lips, an arm on a pin, a small level on the arm, and a straight scale square to the arm's middle position at its end. Mark it from the middle by these distances.</translation>
    </message>
    <message>
      <source>A bare frame is light enough to shift and heavy enough to crush.</source>
      <translation>A bare frame is light enough to shift and heavy enough to crush.</translation>
    </message>
    <message>
      <source>A bare number is inches.</source>
      <translation>A bare number is inches.</translation>
    </message>
    <message>
      <source>A bare number is mm, a bare fraction inches.</source>
      <translation>A bare number is mm, a bare fraction inches.</translation>
    </message>
    <message>
      <source>A bent rim gives a false toe and camber that turns with the wheel.</source>
      <translation>A bent rim gives a false toe and camber that turns with the wheel.</translation>
    </message>
    <message>
      <source>A board flat against the outside of each tire of the axle, below the bulge at the floor, both level.</source>
      <translation>A board flat against the outside of each tyre of the axle, below the bulge at the floor, both level.</translation>
    </message>
    <message>
      <source>A book needs a name: the path is empty.</source>
      <translation>A book needs a name: the path is empty.</translation>
    </message>
    <message>
      <source>A boot twisted with the rod tears, and springs the rod back.</source>
      <translation>A boot twisted with the rod tears, and springs the rod back.</translation>
    </message>
    <message>
      <source>A brake that grips on one side, or an arm's bush that gives way: no angle that stands still does that.</source>
      <translation>A brake that grips on one side, or an arm's bush that gives way: no angle that stands still does that.</translation>
    </message>
    <message>
      <source>A bulge shows as toe where readings are taken on the tire, and as a pull on the road.</source>
      <translation>A bulge shows as toe where readings are taken on the tyre, and as a pull on the road.</translation>
    </message>
    <message>
      <source>A cam jumps when it is freed.</source>
      <translation>A cam jumps when it is freed.</translation>
    </message>
    <message>
      <source>A car between two strings, and a rule from a string to a wheel</source>
      <translation>A car between two strings, and a rule from a string to a wheel</translation>
    </message>
    <message>
      <source>A car drifts to the side with less caster, and a crowned road pulls it to the curb: more on that side holds it up.</source>
      <translation>A car drifts to the side with less caster, and a crowned road pulls it to the kerb: more on that side holds it up.</translation>
    </message>
    <message>
      <source>A car on slip plates or with one wheel up creeps.</source>
      <translation>A car on slip plates or with one wheel up creeps.</translation>
    </message>
    <message>
      <source>A car that starts or rolls takes the arm with it.</source>
      <translation>A car that starts or rolls takes the arm with it.</translation>
    </message>
    <message>
      <source>A car that toes far in or out does not roll straight, and reads another camber each time it is rolled.</source>
      <translation>A car that toes far in or out does not roll straight, and reads another camber each time it is rolled.</translation>
    </message>
    <message>
      <source>A caster's ± is many times that of the gauge: half of a small difference over the sine of the sweep. Wider sweeps and repeats narrow it.</source>
      <translation>A caster's ± is many times that of the gauge: half of a small difference over the sine of the sweep. Wider sweeps and repeats narrow it.</translation>
    </message>
    <message>
      <source>A centerline scribed under the frame from its own pickup points, at two places far apart.</source>
      <translation>A centreline scribed under the frame from its own pickup points, at two places far apart.</translation>
    </message>
    <message>
      <source>A chassis on blocks has no springs: nothing settles.</source>
      <translation>A chassis on blocks has no springs: nothing settles.</translation>
    </message>
    <message>
      <source>A copy is being put in the place of the book.</source>
      <translation>A copy is being put in the place of the book.</translation>
    </message>
    <message>
      <source>A copy needs a name: the path is empty.</source>
      <translation>A copy needs a name: the path is empty.</translation>
    </message>
    <message>
      <source>A copy of all of it stands at %1.</source>
      <translation>A copy of all of it stands at %1.</translation>
    </message>
    <message>
      <source>A copy of the demo garage</source>
      <translation>A copy of the demo garage</translation>
    </message>
    <message>
      <source>A copy of the whole book, with all that is not on the disk yet, goes to:</source>
      <translation>A copy of the whole book, with all that is not on the disk yet, goes to:</translation>
    </message>
    <message>
      <source>A corner that sticks sits at another height each time; a bent strut is camber.</source>
      <translation>A corner that sticks sits at another height each time; a bent strut is camber.</translation>
    </message>
    <message>
      <source>A count, like “14 threads”, needs the thread's pitch on the car's card.</source>
      <translation>A count, like “14 threads”, needs the thread's pitch on the car's card.</translation>
    </message>
    <message>
      <source>A driven wheel throws a greased plate across the floor, and the car after it.</source>
      <translation>A driven wheel throws a greased plate across the floor, and the car after it.</translation>
    </message>
    <message>
      <source>A driver alone lowers one side by several millimetres: camber and toe follow.</source>
      <translation>A driver alone lowers one side by several millimetres: camber and toe follow.</translation>
    </message>
    <message>
      <source>A dry thread turns in jumps. Rods of very different lengths speak for a wheel set crooked, or a bent part.</source>
      <translation>A dry thread turns in jumps. Rods of very different lengths speak for a wheel set crooked, or a bent part.</translation>
    </message>
    <message>
      <source>A failed check on this job makes its readings meaningless: mend it first.</source>
      <translation>A failed check on this job makes its readings meaningless: mend it first.</translation>
    </message>
    <message>
      <source>A few words on what it did, like “quiet over bumps, wheel straight”.</source>
      <translation>A few words on what it did, like “quiet over bumps, wheel straight”.</translation>
    </message>
    <message>
      <source>A few words; Ctrl and Enter keep them, Escape goes back.</source>
      <translation>A few words; Ctrl and Enter keep them, Escape goes back.</translation>
    </message>
    <message>
      <source>A figure without its ± calls one job in ten good that is not.</source>
      <translation>A figure without its ± calls one job in ten good that is not.</translation>
    </message>
    <message>
      <source>A finer tool could call it: {0}.</source>
      <translation>A finer tool could call it: {0}.</translation>
    </message>
    <message>
      <source>A first trial turn: nobody has measured the wheel yet. The drive after it teaches how much is right.</source>
      <translation>A first trial turn: nobody has measured the wheel yet. The drive after it teaches how much is right.</translation>
    </message>
    <message>
      <source>A flat spacer changes no angle at rest, an uneven seat does; other offsets and sizes change the scrub, the height and what is felt. Measure with them on.</source>
      <translation>A flat spacer changes no angle at rest, an uneven seat does; other offsets and sizes change the scrub, the height and what is felt. Measure with them on.</translation>
    </message>
    <message>
      <source>A flat spacer changes no static angle, an uneven seat does, and the hub distances change with it.</source>
      <translation>A flat spacer changes no static angle, an uneven seat does, and the hub distances change with it.</translation>
    </message>
    <message>
      <source>A floor needs a name, like “bay 1, by the door”.</source>
      <translation>A floor needs a name, like “bay 1, by the door”.</translation>
    </message>
    <message>
      <source>A front toe to the rear wheel of its side has that wheel's own toe in it.</source>
      <translation>A front toe to the rear wheel of its side has that wheel's own toe in it.</translation>
    </message>
    <message>
      <source>A gauge on a wire</source>
      <translation>A gauge on a wire</translation>
    </message>
    <message>
      <source>A gauge shows a lean and its sign: mixed up, camber is set twice as wrong.</source>
      <translation>A gauge shows a lean and its sign: mixed up, camber is set twice as wrong.</translation>
    </message>
    <message>
      <source>A gauge that sends what it shows: choose where it hangs, and its values go on the line.</source>
      <translation>A gauge that sends what it shows: choose where it hangs, and its values go on the line.</translation>
    </message>
    <message>
      <source>A hinged gauge: a bar, an arm on a pin, a level on the arm, and marks reckoned from the arm's length.</source>
      <translation>A hinged gauge: a bar, an arm on a pin, a level on the arm, and marks reckoned from the arm's length.</translation>
    </message>
    <message>
      <source>A joint with play is a fault to mend, not an angle to set.</source>
      <translation>A joint with play is a fault to mend, not an angle to set.</translation>
    </message>
    <message>
      <source>A laser line along each side</source>
      <translation>A laser line along each side</translation>
    </message>
    <message>
      <source>A level and a rule do as well as a gauge: the same sums, with a gap instead of an angle.</source>
      <translation>A level and a rule do as well as a gauge: the same sums, with a gap instead of an angle.</translation>
    </message>
    <message>
      <source>A level floor, a steady hand; you are told where the rule really stood.</source>
      <translation>A level floor, a steady hand; you are told where the rule really stood.</translation>
    </message>
    <message>
      <source>A line laser on a stand or a brick, its window at hub height. Of one laser the other side is set up after the first has been read.</source>
      <translation>A line laser on a stand or a brick, its window at hub height. Of one laser the other side is set up after the first has been read.</translation>
    </message>
    <message>
      <source>A line never needs calibrating, and it may hang elsewhere each time: only its two gaps count.</source>
      <translation>A line never needs calibrating, and it may hang elsewhere each time: only its two gaps count.</translation>
    </message>
    <message>
      <source>A line never needs calibrating.</source>
      <translation>A line never needs calibrating.</translation>
    </message>
    <message>
      <source>A line scribed round each tire while it is spun against a nail held still.</source>
      <translation>A line scribed round each tyre while it is spun against a nail held still.</translation>
    </message>
    <message>
      <source>A lock bends, an airbag goes off.</source>
      <translation>A lock bends, an airbag goes off.</translation>
    </message>
    <message>
      <source>A longer upper arm takes the top of the wheel out; a longer lower one its foot.</source>
      <translation>A longer upper arm takes the top of the wheel out; a longer lower one its foot.</translation>
    </message>
    <message>
      <source>A loose wheel reads another toe and camber at every touch.</source>
      <translation>A loose wheel reads another toe and camber at every touch.</translation>
    </message>
    <message>
      <source>A mark shows what moved; then hold, tighten, read.</source>
      <translation>A mark shows what moved; then hold, tighten, read.</translation>
    </message>
    <message>
      <source>A nail or a screw through the tape's hook into the groove holds its end.</source>
      <translation>A nail or a screw through the tape's hook into the groove holds its end.</translation>
    </message>
    <message>
      <source>A name of its own, such as “tape B”, tells it from the other.</source>
      <translation>A name of its own, such as “tape B”, tells it from the other.</translation>
    </message>
    <message>
      <source>A name, and how it will be measured, are enough. What that way needs of the car is asked here; all else where it is first needed.</source>
      <translation>A name, and how it will be measured, are enough. What that way needs of the car is asked here; all else where it is first needed.</translation>
    </message>
    <message>
      <source>A new car</source>
      <translation>A new car</translation>
    </message>
    <message>
      <source>A new car, all of its card</source>
      <translation>A new car, all of its card</translation>
    </message>
    <message>
      <source>A note</source>
      <translation>A note</translation>
    </message>
    <message>
      <source>A note for the shop</source>
      <translation>A note for the shop</translation>
    </message>
    <message>
      <source>A nut on a thread.</source>
      <translation>A nut on a thread.</translation>
    </message>
    <message>
      <source>A nut on a thread; marks on the floor from a base line.</source>
      <translation>A nut on a thread; marks on the floor from a base line.</translation>
    </message>
    <message>
      <source>A picture of the car</source>
      <translation>A picture of the car</translation>
    </message>
    <message>
      <source>A pit or a four-post lift</source>
      <translation>A pit or a four-post lift</translation>
    </message>
    <message>
      <source>A plate across both bolts is camber, and leaves caster alone.</source>
      <translation>A plate across both bolts is camber, and leaves caster alone.</translation>
    </message>
    <message>
      <source>A plumb line past both pivots.</source>
      <translation>A plumb line past both pivots.</translation>
    </message>
    <message>
      <source>A pull that changes sides when the front tires are swapped is in the tires. A crowned road pulls every car to its low side a little.</source>
      <translation>A pull that changes sides when the front tyres are swapped is in the tyres. A crowned road pulls every car to its low side a little.</translation>
    </message>
    <message>
      <source>A rack that moves carries both wheels with it.</source>
      <translation>A rack that moves carries both wheels with it.</translation>
    </message>
    <message>
      <source>A rear wheel that gives a few minutes of toe under load is enough.</source>
      <translation>A rear wheel that gives a few minutes of toe under load is enough.</translation>
    </message>
    <message>
      <source>A reason of a word or two is kept with it, such as “rule slipped” or “inside, near enough”.</source>
      <translation>A reason of a word or two is kept with it, such as “rule slipped” or “inside, near enough”.</translation>
    </message>
    <message>
      <source>A rim or its seat is never quite true, so that a reading depends on how far the wheel was rolled. Read twice, half a turn apart, it falls out.</source>
      <translation>A rim or its seat is never quite true, so that a reading depends on how far the wheel was rolled. Read twice, half a turn apart, it falls out.</translation>
    </message>
    <message>
      <source>A rod ahead of the axle and one behind it do opposite things.</source>
      <translation>A rod ahead of the axle and one behind it do opposite things.</translation>
    </message>
    <message>
      <source>A rod that comes apart takes the steering with it.</source>
      <translation>A rod that comes apart takes the steering with it.</translation>
    </message>
    <message>
      <source>A rod's length is toe, directly.</source>
      <translation>A rod's length is toe, directly.</translation>
    </message>
    <message>
      <source>A rough check without any gauge: well turned, the outer wheel leans in at the top and the inner one leans out. If not, a sign is wrong.</source>
      <translation>A rough check without any gauge: well turned, the outer wheel leans in at the top and the inner one leans out. If not, a sign is wrong.</translation>
    </message>
    <message>
      <source>A rule standing on a magnet or in a clamp shows the light while you read it.</source>
      <translation>A rule standing on a magnet or in a clamp shows the light while you read it.</translation>
    </message>
    <message>
      <source>A scribe line across cam and bracket.</source>
      <translation>A scribe line across cam and bracket.</translation>
    </message>
    <message>
      <source>A shop's sheet</source>
      <translation>A shop's sheet</translation>
    </message>
    <message>
      <source>A shop's sheet, as it came in there: {0}</source>
      <translation>A shop's sheet, as it came in there: {0}</translation>
    </message>
    <message>
      <source>A shop's sheet, as it was set there: {0}</source>
      <translation>A shop's sheet, as it was set there: {0}</translation>
    </message>
    <message>
      <source>A shop's sheet, typed as it stands there, beside your own readings of that time. Over several sheets a bias of your own tools comes out; it is taken off only where you say so.</source>
      <translation>A shop's sheet, typed as it stands there, beside your own readings of that time. Over several sheets a bias of your own tools comes out; it is taken off only where you say so.</translation>
    </message>
    <message>
      <source>A short level, or one on a straight batten.</source>
      <translation>A short level, or one on a straight batten.</translation>
    </message>
    <message>
      <source>A short level, or one on a straight batten; marks on the floor from a base line.</source>
      <translation>A short level, or one on a straight batten; marks on the floor from a base line.</translation>
    </message>
    <message>
      <source>A simulated car to learn on. Nothing here is about a real one.</source>
      <translation>A simulated car to learn on. Nothing here is about a real one.</translation>
    </message>
    <message>
      <source>A simulated car whose truth is known. Nothing here touches your own cars or tools. Arrow keys and Enter choose; Escape goes back to the book.</source>
      <translation>A simulated car whose truth is known. Nothing here touches your own cars or tools. Arrow keys and Enter choose; Escape goes back to the book.</translation>
    </message>
    <message>
      <source>A slope across the car goes straight into camber, with opposite signs left and right; a slope along it into caster. So the four spots are surveyed, or taken as flat with what they may be out by.</source>
      <translation>A slope across the car goes straight into camber, with opposite signs left and right; a slope along it into caster. So the four spots are surveyed, or taken as flat with what they may be out by.</translation>
    </message>
    <message>
      <source>A smear of grease between the smooth faces; the same under all four. Wipe the tires after it.</source>
      <translation>A smear of grease between the smooth faces; the same under all four. Wipe the tyres after it.</translation>
    </message>
    <message>
      <source>A soft bush answers each reading differently.</source>
      <translation>A soft bush answers each reading differently.</translation>
    </message>
    <message>
      <source>A soft tire lowers its corner: height, camber and toe move with it.</source>
      <translation>A soft tyre lowers its corner: height, camber and toe move with it.</translation>
    </message>
    <message>
      <source>A spirit level and a rule are enough for a quarter of a degree.</source>
      <translation>A spirit level and a rule are enough for a quarter of a degree.</translation>
    </message>
    <message>
      <source>A stand ahead of and behind the car on each side, out beyond the tires. Weigh them down: a stand that is bumped spoils the round.</source>
      <translation>A stand ahead of and behind the car on each side, out beyond the tyres. Weigh them down: a stand that is bumped spoils the round.</translation>
    </message>
    <message>
      <source>A steady pull comes of tires, brakes or a difference in caster or camber from side to side more often than of toe.</source>
      <translation>A steady pull comes of tyres, brakes or a difference in caster or camber from side to side more often than of toe.</translation>
    </message>
    <message>
      <source>A steering box replaced or adjusted</source>
      <translation>A steering box replaced or adjusted</translation>
    </message>
    <message>
      <source>A stool and a weight hold its rear end against the tire.</source>
      <translation>A stool and a weight hold its rear end against the tyre.</translation>
    </message>
    <message>
      <source>A straight aluminum tube longer than the wheelbase. Sight along it, and turn it over: it has to read the same.</source>
      <translation>A straight aluminium tube longer than the wheelbase. Sight along it, and turn it over: it has to read the same.</translation>
    </message>
    <message>
      <source>A straight base line on the floor along the wheel, standing straight; from its far end square out to each side the offset. A batten against the wheel, over the base line's near end, has to point at the mark.</source>
      <translation>A straight base line on the floor along the wheel, standing straight; from its far end square out to each side the offset. A batten against the wheel, over the base line's near end, has to point at the mark.</translation>
    </message>
    <message>
      <source>A straight flat road, hands light: is the wheel level, does it pull? Then bumps; then as hard as the car will be used; and the tires for some weeks.</source>
      <translation>A straight flat road, hands light: is the wheel level, does it pull? Then bumps; then as hard as the car will be used; and the tyres for some weeks.</translation>
    </message>
    <message>
      <source>A strap round the tire, a weight on the foot, or a knee holds each board; the hooked tapes' own spring pulls both together. Look before reading that the boards lie on the sidewalls in front and behind, not on a bulge.</source>
      <translation>A strap round the tyre, a weight on the foot, or a knee holds each board; the hooked tapes' own spring pulls both together. Look before reading that the boards lie on the sidewalls in front and behind, not on a bulge.</translation>
    </message>
    <message>
      <source>A string from the rear wheel's outer arm to the front wheel's outer arm, in the same nick of both.</source>
      <translation>A string from the rear wheel's outer arm to the front wheel's outer arm, in the same nick of both.</translation>
    </message>
    <message>
      <source>A string that is not square lies about every wheel beside it, and nobody sees it.</source>
      <translation>A string that is not square lies about every wheel beside it, and nobody sees it.</translation>
    </message>
    <message>
      <source>A strut out and in again: up to half a degree of camber. Camber moves toe by about a third of itself, which way depends on the car.</source>
      <translation>A strut out and in again: up to half a degree of camber. Camber moves toe by about a third of itself, which way depends on the car.</translation>
    </message>
    <message>
      <source>A subframe was out</source>
      <translation>A subframe was out</translation>
    </message>
    <message>
      <source>A sweep</source>
      <translation>A sweep</translation>
    </message>
    <message>
      <source>A tape and a nail are always there.</source>
      <translation>A tape and a nail are always there.</translation>
    </message>
    <message>
      <source>A tape between the bars' ends behind the axle, and in front of it.</source>
      <translation>A tape between the bars' ends behind the axle, and in front of it.</translation>
    </message>
    <message>
      <source>A tape from slot to slot behind the wheels and one in front, under the car, both pulled alike. Read the same edge of both.</source>
      <translation>A tape from slot to slot behind the wheels and one in front, under the car, both pulled alike. Read the same edge of both.</translation>
    </message>
    <message>
      <source>A test turn</source>
      <translation>A test turn</translation>
    </message>
    <message>
      <source>A test turn: which way it goes is seen by what this shows.</source>
      <translation>A test turn: which way it goes is seen by what this shows.</translation>
    </message>
    <message>
      <source>A thin string from notch to notch on each side, tight enough to hum, touching neither tire nor body.</source>
      <translation>A thin string from notch to notch on each side, tight enough to hum, touching neither tyre nor body.</translation>
    </message>
    <message>
      <source>A tire with a bulge or a shifted belt is replaced, not measured around.</source>
      <translation>A tyre with a bulge or a shifted belt is replaced, not measured around.</translation>
    </message>
    <message>
      <source>A tripped string costs a round of readings, or a wrist.</source>
      <translation>A tripped string costs a round of readings, or a wrist.</translation>
    </message>
    <message>
      <source>A twisted boot turns the setting back.</source>
      <translation>A twisted boot turns the setting back.</translation>
    </message>
    <message>
      <source>A wheel is reached</source>
      <translation>A wheel is reached</translation>
    </message>
    <message>
      <source>A wheel out of balance, a belt in a tire, play in a joint, a bearing or the steering damper: angles only let it happen.</source>
      <translation>A wheel out of balance, a belt in a tyre, play in a joint, a bearing or the steering damper: angles only let it happen.</translation>
    </message>
    <message>
      <source>A wheel that hops: damper, balance, bearing or a joint with play.</source>
      <translation>A wheel that hops: damper, balance, bearing or a joint with play.</translation>
    </message>
    <message>
      <source>A wheel that was jacked stands wide of where it will run; it takes a turn of the wheel to come back.</source>
      <translation>A wheel that was jacked stands wide of where it will run; it takes a turn of the wheel to come back.</translation>
    </message>
    <message>
      <source>A wheel's center</source>
      <translation>A wheel's centre</translation>
    </message>
    <message>
      <source>A whole car, from the strings to the drive</source>
      <translation>A whole car, from the strings to the drive</translation>
    </message>
    <message>
      <source>A whole job</source>
      <translation>A whole job</translation>
    </message>
    <message>
      <source>About 300 mm square and 2 mm thick, edges dressed; a spoon of grease or soapy water. The same under all four, or the floor is not level any more.</source>
      <translation>About 300 mm square and 2 mm thick, edges dressed; a spoon of grease or soapy water. The same under all four, or the floor is not level any more.</translation>
    </message>
    <message>
      <source>About Fair Chalk</source>
      <translation>About Fair Chalk</translation>
    </message>
    <message>
      <source>About a degree of caster for 25 mm of lift, which way by the links; the wheel's middle by ten degrees and more. Total toe hardly moves.</source>
      <translation>About a degree of caster for 25 mm of lift, which way by the links; the wheel's middle by ten degrees and more. Total toe hardly moves.</translation>
    </message>
    <message>
      <source>About to take it apart</source>
      <translation>About to take it apart</translation>
    </message>
    <message>
      <source>Added or the way written as plus, the other way with a minus; 0 if it was left alone, can't if it does not turn.</source>
      <translation>Added or the way written as plus, the other way with a minus; 0 if it was left alone, can't if it does not turn.</translation>
    </message>
    <message>
      <source>Adjust or replace it by the manual before anything is measured.</source>
      <translation>Adjust or replace it by the manual before anything is measured.</translation>
    </message>
    <message>
      <source>Adjust the box by the manual, at its middle; replace a worn idler.</source>
      <translation>Adjust the box by the manual, at its middle; replace a worn idler.</translation>
    </message>
    <message>
      <source>Adjuster threads: clean, oiled, free</source>
      <translation>Adjuster threads: clean, oiled, free</translation>
    </message>
    <message>
      <source>After %1 it is known how to move what is left.</source>
      <translation>After %1 it is known how to move what is left.</translation>
    </message>
    <message>
      <source>After these turns total toe is about %1 further %2 than it was.</source>
      <translation>After these turns total toe is about %1 further %2 than it was.</translation>
    </message>
    <message>
      <source>Afterwards, read again</source>
      <translation>Afterwards, read again</translation>
    </message>
    <message>
      <source>Against both lips of the rim, upright through the hub, level along the car; a bubble is read at its middle.</source>
      <translation>Against both lips of the rim, upright through the hub, level along the car; a bubble is read at its middle.</translation>
    </message>
    <message>
      <source>Against the tolerances</source>
      <translation>Against the tolerances</translation>
    </message>
    <message>
      <source>Ahead of the axle, longer is toe out.</source>
      <translation>Ahead of the axle, longer is toe out.</translation>
    </message>
    <message>
      <source>Air or self-levelling systems settled; nothing rubs.</source>
      <translation>Air or self-levelling systems settled; nothing rubs.</translation>
    </message>
    <message>
      <source>Alignment</source>
      <translation>Tracking</translation>
    </message>
    <message>
      <source>All at once, as the sheet has it</source>
      <translation>All at once, as the sheet has it</translation>
    </message>
    <message>
      <source>All four of the same height, or the floor is not level any more; chocked, the strings up at hub height from there.</source>
      <translation>All four of the same height, or the floor is not level any more; chocked, the strings up at hub height from there.</translation>
    </message>
    <message>
      <source>All fourteen spots were read twice. One of the readings is wrong. Point at the spot that you would read again.</source>
      <translation>All fourteen spots were read twice. One of the readings is wrong. Point at the spot that you would read again.</translation>
    </message>
    <message>
      <source>All looked at. On to the floor (Ctrl+3).</source>
      <translation>All looked at. On to the floor (Ctrl+3).</translation>
    </message>
    <message>
      <source>All of it is on the disk now.</source>
      <translation>All of it is on the disk now.</translation>
    </message>
    <message>
      <source>All of its card first  (Ctrl+I)</source>
      <translation>All of its card first  (Ctrl+I)</translation>
    </message>
    <message>
      <source>All spots read</source>
      <translation>All spots read</translation>
    </message>
    <message>
      <source>All that is here is kept.</source>
      <translation>All that is here is kept.</translation>
    </message>
    <message>
      <source>All that is known of this car. Only what is needed has to be there; the rest is asked where it is first needed.</source>
      <translation>All that is known of this car. Only what is needed has to be there; the rest is asked where it is first needed.</translation>
    </message>
    <message>
      <source>All that wants the weight off first, in one jacking, then what is turned on the ground.</source>
      <translation>All that wants the weight off first, in one jacking, then what is turned on the ground.</translation>
    </message>
    <message>
      <source>All that wants the wheels up is done in one go. F2 goes to what is chosen.</source>
      <translation>All that wants the wheels up is done in one go. F2 goes to what is chosen.</translation>
    </message>
    <message>
      <source>All that was turned is locked; the readings tell whether it moved.</source>
      <translation>All that was turned is locked; the readings tell whether it moved.</translation>
    </message>
    <message>
      <source>All within the tolerance.</source>
      <translation>All within the tolerance.</translation>
    </message>
    <message>
      <source>Alone</source>
      <translation>Alone</translation>
    </message>
    <message>
      <source>Alt+9 takes what the rule shows meanwhile.</source>
      <translation>Alt+9 takes what the rule shows meanwhile.</translation>
    </message>
    <message>
      <source>An adjuster freed later is a jacking more.</source>
      <translation>An adjuster freed later is a jacking more.</translation>
    </message>
    <message>
      <source>An angle read on a loose part is no angle.</source>
      <translation>An angle read on a loose part is no angle.</translation>
    </message>
    <message>
      <source>An arm past the bumper, or the wheels turned; engine off, nobody in the seat, wheels chocked on both sides.</source>
      <translation>An arm past the bumper, or the wheels turned; engine off, nobody in the seat, wheels chocked on both sides.</translation>
    </message>
    <message>
      <source>An arm with a loaded spring behind it flies when it is undone: hold it with a jack and follow the manual.</source>
      <translation>An arm with a loaded spring behind it flies when it is undone: hold it with a jack and follow the manual.</translation>
    </message>
    <message>
      <source>An eccentric works most near the middle of its travel, and not at all at its end.</source>
      <translation>An eccentric works most near the middle of its travel, and not at all at its end.</translation>
    </message>
    <message>
      <source>An eye that is hit does not blink fast enough for the stronger ones, and a bright rim throws the beam back.</source>
      <translation>An eye that is hit does not blink fast enough for the stronger ones, and a bright rim throws the beam back.</translation>
    </message>
    <message>
      <source>An old rule for soft bushes. Caution: stiff ones need less of it.</source>
      <translation>An old rule for soft bushes. Caution: stiff ones need less of it.</translation>
    </message>
    <message>
      <source>An outer string on each side, about parallel to it, at hub height.</source>
      <translation>An outer string on each side, about parallel to it, at hub height.</translation>
    </message>
    <message>
      <source>Angle</source>
      <translation>Angle</translation>
    </message>
    <message>
      <source>Angle gauge across the rim</source>
      <translation>Angle gauge across the rim</translation>
    </message>
    <message>
      <source>Angle gauge for toe</source>
      <translation>Angle gauge for toe</translation>
    </message>
    <message>
      <source>Angles</source>
      <translation>Angles</translation>
    </message>
    <message>
      <source>Angles are read with</source>
      <translation>Angles are read with</translation>
    </message>
    <message>
      <source>Angles are set at the height at which the car sits.</source>
      <translation>Angles are set at the height at which the car sits.</translation>
    </message>
    <message>
      <source>Angles at the wrong height are angles of another car.</source>
      <translation>Angles at the wrong height are angles of another car.</translation>
    </message>
    <message>
      <source>Angles may be right as they are: set the pressures and look again in some weeks.</source>
      <translation>Angles may be right as they are: set the pressures and look again in some weeks.</translation>
    </message>
    <message>
      <source>Angles set around a bent part come back wrong on the first bump.</source>
      <translation>Angles set around a bent part come back wrong on the first bump.</translation>
    </message>
    <message>
      <source>Angles: minutes or decimals</source>
      <translation>Angles: minutes or decimals</translation>
    </message>
    <message>
      <source>Angles: nothing by the wheels alone. Figures in mm are at another diameter now.</source>
      <translation>Angles: nothing by the wheels alone. Figures in mm are at another diameter now.</translation>
    </message>
    <message>
      <source>Another floor, or anew</source>
      <translation>Another floor, or anew</translation>
    </message>
    <message>
      <source>Another like it</source>
      <translation>Another like it</translation>
    </message>
    <message>
      <source>Another reading is worth more than a turn: %1 (Ctrl+6).</source>
      <translation>Another reading is worth more than a turn: %1 (Ctrl+6).</translation>
    </message>
    <message>
      <source>Another set-up (road, track, wet)</source>
      <translation>Another set-up (road, track, wet)</translation>
    </message>
    <message>
      <source>Another way there</source>
      <translation>Another way there</translation>
    </message>
    <message>
      <source>Another wheel</source>
      <translation>Another wheel</translation>
    </message>
    <message>
      <source>Another {0}, until it shows about {1}; shaken, {2}.</source>
      <translation>Another {0}, until it shows about {1}; shaken, {2}.</translation>
    </message>
    <message>
      <source>Another {0}, until it shows {1}.</source>
      <translation>Another {0}, until it shows {1}.</translation>
    </message>
    <message>
      <source>Another {0}.</source>
      <translation>Another {0}.</translation>
    </message>
    <message>
      <source>Any angles do, equal or not: it is solved by rotation and not by a factor.</source>
      <translation>Any angles do, equal or not: it is solved by rotation and not by a factor.</translation>
    </message>
    <message>
      <source>Any four stands that do not tip: axle stands, jars of sand, bricks with a nail.</source>
      <translation>Any four stands that do not tip: axle stands, jars of sand, bricks with a nail.</translation>
    </message>
    <message>
      <source>Any round feature that sits on the hub will do: the center bore, the ring of nuts. Half way across it, in two directions.</source>
      <translation>Any round feature that sits on the hub will do: the centre bore, the ring of nuts. Half way across it, in two directions.</translation>
    </message>
    <message>
      <source>Arm bushes and mounts</source>
      <translation>Arm bushes and mounts</translation>
    </message>
    <message>
      <source>Arms on the rims</source>
      <translation>Arms on the rims</translation>
    </message>
    <message>
      <source>Arms, bushes, struts or joints replaced</source>
      <translation>Arms, bushes, struts or joints replaced</translation>
    </message>
    <message>
      <source>Arrow keys and Enter open a job, Ctrl+N begins a new car.</source>
      <translation>Arrow keys and Enter open a job, Ctrl+N begins a new car.</translation>
    </message>
    <message>
      <source>As far as it goes</source>
      <translation>As far as it goes</translation>
    </message>
    <message>
      <source>As found</source>
      <translation>As found</translation>
    </message>
    <message>
      <source>As it came in</source>
      <translation>As it came in</translation>
    </message>
    <message>
      <source>As it drives</source>
      <translation>As it drives</translation>
    </message>
    <message>
      <source>As it is</source>
      <translation>As it is</translation>
    </message>
    <message>
      <source>As it stands</source>
      <translation>As it stands</translation>
    </message>
    <message>
      <source>As its maker says.</source>
      <translation>As its maker says.</translation>
    </message>
    <message>
      <source>As large as it was made</source>
      <translation>As large as it was made</translation>
    </message>
    <message>
      <source>As put back</source>
      <translation>As put back</translation>
    </message>
    <message>
      <source>As ramps, and lower: the strings and the floor stay as they were surveyed.</source>
      <translation>As ramps, and lower: the strings and the floor stay as they were surveyed.</translation>
    </message>
    <message>
      <source>As the angles say: nothing in them wears one edge first.</source>
      <translation>As the angles say: nothing in them wears one edge first.</translation>
    </message>
    <message>
      <source>As the angles say: {0} as it stands would wear that edge.</source>
      <translation>As the angles say: {0} as it stands would wear that edge.</translation>
    </message>
    <message>
      <source>As the car stands now none of it is left to turn: back to the sheet.</source>
      <translation>As the car stands now none of it is left to turn: back to the sheet.</translation>
    </message>
    <message numerus="yes">
      <source>As they were: %n angles; can't tell: %1.</source>
      <comment>As it was: one angle; can't tell: %1.</comment>
      <translation>
        <numerusform>As it was: one angle; can't tell: %1.</numerusform>
        <numerusform>As they were: %n angles; can't tell: %1.</numerusform>
      </translation>
    </message>
    <message>
      <source>As this garage's own log has them, where it does: a spot %1, a turn %2, a nut %3, up and down %4.</source>
      <translation>As this garage's own log has them, where it does: a spot %1, a turn %2, a nut %3, up and down %4.</translation>
    </message>
    <message>
      <source>Ask</source>
      <translation>Ask</translation>
    </message>
    <message>
      <source>At each of the two places measure square from the center string to both outer ones.</source>
      <translation>At each of the two places measure square from the centre string to both outer ones.</translation>
    </message>
    <message>
      <source>At hand</source>
      <translation>At hand</translation>
    </message>
    <message>
      <source>At hub height at each end, or measure how high it is there.</source>
      <translation>At hub height at each end, or measure how high it is there.</translation>
    </message>
    <message>
      <source>Back</source>
      <translation>Back</translation>
    </message>
    <message>
      <source>Back to the job</source>
      <translation>Back to the job</translation>
    </message>
    <message>
      <source>Back to the sheet</source>
      <translation>Back to the sheet</translation>
    </message>
    <message>
      <source>Ball joints and king pins</source>
      <translation>Ball joints and king pins</translation>
    </message>
    <message>
      <source>Bars on the studs</source>
      <translation>Bars on the studs</translation>
    </message>
    <message>
      <source>Before anything else</source>
      <translation>Before anything else</translation>
    </message>
    <message>
      <source>Before anything is turned: what does the thread stand at?</source>
      <translation>Before anything is turned: what does the thread stand at?</translation>
    </message>
    <message>
      <source>Before it is taken apart</source>
      <translation>Before it is taken apart</translation>
    </message>
    <message>
      <source>Before it is turned that far</source>
      <translation>Before it is turned that far</translation>
    </message>
    <message>
      <source>Before it is undone</source>
      <translation>Before it is undone</translation>
    </message>
    <message>
      <source>Before it moves: lock to lock once; nothing touches arch, hose or clamp bolt; both joints of each rod still tilt.</source>
      <translation>Before it moves: lock to lock once; nothing touches arch, hose or clamp bolt; both joints of each rod still tilt.</translation>
    </message>
    <message>
      <source>Before the shake the tires hold part of the turn back: who turns until the rule shows the last figure has gone too far.</source>
      <translation>Before the shake the tyres hold part of the turn back: who turns until the rule shows the last figure has gone too far.</translation>
    </message>
    <message>
      <source>Before, at round %1</source>
      <translation>Before, at round %1</translation>
    </message>
    <message>
      <source>Begin the job  (Ctrl+Return)</source>
      <translation>Begin the job  (Ctrl+Return)</translation>
    </message>
    <message>
      <source>Behind the axle, longer is toe in.</source>
      <translation>Behind the axle, longer is toe in.</translation>
    </message>
    <message>
      <source>Behind the car on each side, its window at hub height, on something that nobody kicks. Never look into the beam, and mind who else is in the room; read it on the rule, from the side.</source>
      <translation>Behind the car on each side, its window at hub height, on something that nobody kicks. Never look into the beam, and mind who else is in the room; read it on the rule, from the side.</translation>
    </message>
    <message>
      <source>Being put in its place …</source>
      <translation>Being put in its place …</translation>
    </message>
    <message>
      <source>Being written …</source>
      <translation>Being written …</translation>
    </message>
    <message>
      <source>Believed and true</source>
      <translation>Believed and true</translation>
    </message>
    <message>
      <source>Bent parts after a knock</source>
      <translation>Bent parts after a knock</translation>
    </message>
    <message>
      <source>Beside a shop's sheets</source>
      <translation>Beside a shop's sheets</translation>
    </message>
    <message>
      <source>Beside one's own</source>
      <translation>Beside one's own</translation>
    </message>
    <message>
      <source>Between the boards, ahead of the wheels: what does the tape show?</source>
      <translation>Between the boards, ahead of the wheels: what does the tape show?</translation>
    </message>
    <message>
      <source>Between the boards, behind the wheels: what does the tape show?</source>
      <translation>Between the boards, behind the wheels: what does the tape show?</translation>
    </message>
    <message>
      <source>Between the wheels the larger distance at the rear is toe in.</source>
      <translation>Between the wheels the larger distance at the rear is toe in.</translation>
    </message>
    <message>
      <source>Big figures</source>
      <translation>Big figures</translation>
    </message>
    <message>
      <source>Blocks that cannot roll or split, and nobody under the frame while it is moved on them.</source>
      <translation>Blocks that cannot roll or split, and nobody under the frame while it is moved on them.</translation>
    </message>
    <message>
      <source>Books, jobs, cars, sheets, readings (*.fairchalk *.db *.json *.csv);;All files (*)</source>
      <translation>Books, jobs, cars, sheets, readings (*.fairchalk *.db *.json *.csv);;All files (*)</translation>
    </message>
    <message>
      <source>Boots whole, locknuts tight, both joints free to tilt.</source>
      <translation>Boots whole, locknuts tight, both joints free to tilt.</translation>
    </message>
    <message>
      <source>Boots whole, no grease lost, split pins in.</source>
      <translation>Boots whole, no grease lost, split pins in.</translation>
    </message>
    <message>
      <source>Both are off. What is set first?</source>
      <translation>Both are off. What is set first?</translation>
    </message>
    <message>
      <source>Both bolts to the manual's torque; the plate seats as they are tightened.</source>
      <translation>Both bolts to the manual's torque; the plate seats as they are tightened.</translation>
    </message>
    <message>
      <source>Both bolts to the manual's torque; the stacks seat as they are tightened.</source>
      <translation>Both bolts to the manual's torque; the stacks seat as they are tightened.</translation>
    </message>
    <message>
      <source>Both edges: too little air, or it is driven hard round bends. No angle does that.</source>
      <translation>Both edges: too little air, or it is driven hard round bends. No angle does that.</translation>
    </message>
    <message>
      <source>Both ends free to tilt, clamp bolts where nothing touches them, then tighten.</source>
      <translation>Both ends free to tilt, clamp bolts where nothing touches them, then tighten.</translation>
    </message>
    <message>
      <source>Both ends free to tilt, then the clamps.</source>
      <translation>Both ends free to tilt, then the clamps.</translation>
    </message>
    <message>
      <source>Both front toes move together, and the wheel will not come back to straight.</source>
      <translation>Both front toes move together, and the wheel will not come back to straight.</translation>
    </message>
    <message>
      <source>Both joints free to tilt, then both locknuts.</source>
      <translation>Both joints free to tilt, then both locknuts.</translation>
    </message>
    <message>
      <source>Both joints of the arm free to tilt, then the locknuts.</source>
      <translation>Both joints of the arm free to tilt, then the locknuts.</translation>
    </message>
    <message>
      <source>Both nuts against the bush, which is not twisted, to the manual's torque.</source>
      <translation>Both nuts against the bush, which is not twisted, to the manual's torque.</translation>
    </message>
    <message>
      <source>Both rods the same amount, one longer and one shorter: the total toe stays.</source>
      <translation>Both rods the same amount, one longer and one shorter: the total toe stays.</translation>
    </message>
    <message>
      <source>Both rods, equal and opposite</source>
      <translation>Both rods, equal and opposite</translation>
    </message>
    <message>
      <source>Both washers of a bolt show the same mark.</source>
      <translation>Both washers of a bolt show the same mark.</translation>
    </message>
    <message>
      <source>Both wheels of a side against each other; with both sides, where the rear axle points.</source>
      <translation>Both wheels of a side against each other; with both sides, where the rear axle points.</translation>
    </message>
    <message>
      <source>Both wheels rolled a quarter of a turn on.</source>
      <translation>Both wheels rolled a quarter of a turn on.</translation>
    </message>
    <message>
      <source>Both, then read again</source>
      <translation>Both, then read again</translation>
    </message>
    <message>
      <source>Bounced  F12</source>
      <translation>Bounced  F12</translation>
    </message>
    <message>
      <source>Brakes and bushes first; the angles may be right as they are.</source>
      <translation>Brakes and bushes first; the angles may be right as they are.</translation>
    </message>
    <message>
      <source>Brask hillclimb special</source>
      <translation>Brask hillclimb special</translation>
    </message>
    <message>
      <source>Bring all of it into this one</source>
      <translation>Bring all of it into this one</translation>
    </message>
    <message>
      <source>Bring in a job, readings, a car or a sheet …</source>
      <translation>Bring in a job, readings, a car or a sheet …</translation>
    </message>
    <message>
      <source>Bring in all of another book …</source>
      <translation>Bring in all of another book …</translation>
    </message>
    <message>
      <source>Bring in another book</source>
      <translation>Bring in another book</translation>
    </message>
    <message>
      <source>Bring nothing in</source>
      <translation>Bring nothing in</translation>
    </message>
    <message>
      <source>Brought in: cars %1, jobs %2, entries %3.</source>
      <translation>Brought in: cars %1, jobs %2, entries %3.</translation>
    </message>
    <message>
      <source>Bubble, digital or hinged: one reading a wheel.</source>
      <translation>Bubble, digital or hinged: one reading a wheel.</translation>
    </message>
    <message>
      <source>Built from parts: nothing is near, and nothing has to settle.</source>
      <translation>Built from parts: nothing is near, and nothing has to settle.</translation>
    </message>
    <message>
      <source>By all fourteen readings together: %1, then %2, each ±%3. Truly ⟨b⟩%4⟨/b⟩.</source>
      <translation>By all fourteen readings together: %1, then %2, each ±%3. Truly ⟨b⟩%4⟨/b⟩.</translation>
    </message>
    <message>
      <source>By hand, nobody under it. Press each end down some three times, let it come up by itself. After every jacking again.</source>
      <translation>By hand, nobody under it. Press each end down some three times, let it come up by itself. After every jacking again.</translation>
    </message>
    <message>
      <source>By rule or by counting turns of thread, the same way on both sides. The program says the difference in turns.</source>
      <translation>By rule or by counting turns of thread, the same way on both sides. The program says the difference in turns.</translation>
    </message>
    <message>
      <source>By rule or tape, the same two points on each side.</source>
      <translation>By rule or tape, the same two points on each side.</translation>
    </message>
    <message>
      <source>By the angles one edge should wear first ({0}). Either they are new, or the car is driven so that it evens out.</source>
      <translation>By the angles one edge should wear first ({0}). Either they are new, or the car is driven so that it evens out.</translation>
    </message>
    <message>
      <source>By the angles the steering wheel sits {0} ±{1} on a straight road.</source>
      <translation>By the angles the steering wheel sits {0} ±{1} on a straight road.</translation>
    </message>
    <message>
      <source>By the last test the tire holds back at most %1 here.</source>
      <translation>By the last test the tyre holds back at most %1 here.</translation>
    </message>
    <message>
      <source>By the log nothing is loose.</source>
      <translation>By the log nothing is loose.</translation>
    </message>
    <message>
      <source>By the plate's scale or floor marks: 18.5. By the steering wheel: 0.9 turns.</source>
      <translation>By the plate's scale or floor marks: 18.5. By the steering wheel: 0.9 turns.</translation>
    </message>
    <message>
      <source>By these readings the %1 wheel leans out at the top when it is the outer one in a turn. Turn the steering and look: if it leans in, a sign is wrong, or out and in are swapped.</source>
      <translation>By these readings the %1 wheel leans out at the top when it is the outer one in a turn. Turn the steering and look: if it leans in, a sign is wrong, or out and in are swapped.</translation>
    </message>
    <message>
      <source>By what is it held? “Wheel holder”, “strap to the seat”, “clamps on the shaft”.</source>
      <translation>By what is it held? “Wheel holder”, “strap to the seat”, “clamps on the shaft”.</translation>
    </message>
    <message>
      <source>By where the tire wears or is hot. Caution: braking in a straight line gets longer with it.</source>
      <translation>By where the tyre wears or is hot. Caution: braking in a straight line gets longer with it.</translation>
    </message>
    <message>
      <source>Calendars (*.ics)</source>
      <translation>Calendars (*.ics)</translation>
    </message>
    <message>
      <source>Calm</source>
      <translation>Calm</translation>
    </message>
    <message>
      <source>Camber</source>
      <translation>Camber</translation>
    </message>
    <message>
      <source>Camber and caster</source>
      <translation>Camber and caster</translation>
    </message>
    <message>
      <source>Camber and caster matter after arms, struts, springs or a kerb.</source>
      <translation>Camber and caster matter after arms, struts, springs or a kerb.</translation>
    </message>
    <message>
      <source>Camber and caster move by the play; the car will not hold what is set.</source>
      <translation>Camber and caster move by the play; the car will not hold what is set.</translation>
    </message>
    <message>
      <source>Camber and caster.</source>
      <translation>Camber and caster.</translation>
    </message>
    <message>
      <source>Camber and caster. Where a line is spread to a sheet, only at the height at which it is read.</source>
      <translation>Camber and caster. Where a line is spread to a sheet, only at the height at which it is read.</translation>
    </message>
    <message>
      <source>Camber and toe change with every touch and every roll by as much as it rocks.</source>
      <translation>Camber and toe change with every touch and every roll by as much as it rocks.</translation>
    </message>
    <message>
      <source>Camber at the ends of a sweep</source>
      <translation>Camber at the ends of a sweep</translation>
    </message>
    <message>
      <source>Camber by slots moves the toe along; boards tell the total, and nothing of one wheel.</source>
      <translation>Camber by slots moves the toe along; boards tell the total, and nothing of one wheel.</translation>
    </message>
    <message>
      <source>Camber changed against the steering axis: compare the gap from rim to strut with the other side.</source>
      <translation>Camber changed against the steering axis: compare the gap from rim to strut with the other side.</translation>
    </message>
    <message>
      <source>Camber first</source>
      <translation>Camber first</translation>
    </message>
    <message>
      <source>Camber of each wheel, against gravity.</source>
      <translation>Camber of each wheel, against gravity.</translation>
    </message>
    <message>
      <source>Camber off from one side to the other by a degree or more with the adjusters alike speaks for a bent part.</source>
      <translation>Camber off from one side to the other by a degree or more with the adjusters alike speaks for a bent part.</translation>
    </message>
    <message>
      <source>Camber on this wheel, left against right.</source>
      <translation>Camber on this wheel, left against right.</translation>
    </message>
    <message>
      <source>Camber or toe; which, the angles would tell, and they are not known: a hand across the tread feels feathers where it is toe.</source>
      <translation>Camber or toe; which, the angles would tell, and they are not known: a hand across the tread feels feathers where it is toe.</translation>
    </message>
    <message>
      <source>Camber spoils toe</source>
      <translation>Camber spoils toe</translation>
    </message>
    <message>
      <source>Camber wears an edge smoothly; toe wears it in feathers that a hand feels across the tread.</source>
      <translation>Camber wears an edge smoothly; toe wears it in feathers that a hand feels across the tread.</translation>
    </message>
    <message>
      <source>Camber went from %1 to %2, as meant. By your readings the toe went from %3 to ⟨b⟩%4⟨/b⟩, and nobody touched a rod.</source>
      <translation>Camber went from %1 to %2, as meant. By your readings the toe went from %3 to ⟨b⟩%4⟨/b⟩, and nobody touched a rod.</translation>
    </message>
    <message>
      <source>Cams marked before they are freed</source>
      <translation>Cams marked before they are freed</translation>
    </message>
    <message>
      <source>Caps on, valves upright.</source>
      <translation>Caps on, valves upright.</translation>
    </message>
    <message>
      <source>Cars (*.json)</source>
      <translation>Cars (*.json)</translation>
    </message>
    <message>
      <source>Cars and jobs</source>
      <translation>Cars and jobs</translation>
    </message>
    <message>
      <source>Caster</source>
      <translation>Caster</translation>
    </message>
    <message>
      <source>Caster by your readings %1 ±%2; truly ⟨b⟩%3⟨/b⟩.</source>
      <translation>Caster by your readings %1 ±%2; truly ⟨b⟩%3⟨/b⟩.</translation>
    </message>
    <message>
      <source>Caster gauge with its own scale</source>
      <translation>Caster gauge with its own scale</translation>
    </message>
    <message>
      <source>Caster is not seen on a wheel that stands straight; it shows as the wheel is turned.</source>
      <translation>Caster is not seen on a wheel that stands straight; it shows as the wheel is turned.</translation>
    </message>
    <message>
      <source>Caster of each front wheel, and the steering axis' inclination where the readings allow.</source>
      <translation>Caster of each front wheel, and the steering axis' inclination where the readings allow.</translation>
    </message>
    <message>
      <source>Caster of each front wheel, from its two pivots.</source>
      <translation>Caster of each front wheel, from its two pivots.</translation>
    </message>
    <message>
      <source>Caster of each front wheel.</source>
      <translation>Caster of each front wheel.</translation>
    </message>
    <message>
      <source>Caster of this wheel.</source>
      <translation>Caster of this wheel.</translation>
    </message>
    <message>
      <source>Caster, then camber, then toe</source>
      <translation>Caster, then camber, then toe</translation>
    </message>
    <message>
      <source>Caution: toe shows in the tread within weeks; look at it, and go back if it feathers.</source>
      <translation>Caution: toe shows in the tread within weeks; look at it, and go back if it feathers.</translation>
    </message>
    <message>
      <source>Chalk a mark across thread and nut</source>
      <translation>Chalk a mark across thread and nut</translation>
    </message>
    <message>
      <source>Changed on it, or about to be</source>
      <translation>Changed on it, or about to be</translation>
    </message>
    <message>
      <source>Chassis at its ride height on the blocks</source>
      <translation>Chassis at its ride height on the blocks</translation>
    </message>
    <message>
      <source>Chassis centerline</source>
      <translation>Chassis centreline</translation>
    </message>
    <message>
      <source>Chassis on blocks</source>
      <translation>Chassis on blocks</translation>
    </message>
    <message>
      <source>Cheap, and large enough that a wheel stays on it while it is turned.</source>
      <translation>Cheap, and large enough that a wheel stays on it while it is turned.</translation>
    </message>
    <message>
      <source>Cheap, flat, and good for years.</source>
      <translation>Cheap, flat, and good for years.</translation>
    </message>
    <message>
      <source>Check over</source>
      <translation>Check over</translation>
    </message>
    <message>
      <source>Chock the wheels that stay on the ground; handbrake as the work needs.</source>
      <translation>Chock the wheels that stay on the ground; handbrake as the work needs.</translation>
    </message>
    <message>
      <source>Choose a file …</source>
      <translation>Choose a file …</translation>
    </message>
    <message>
      <source>Choose a tool; Escape goes back. Nothing here is asked twice.</source>
      <translation>Choose a tool; Escape goes back. Nothing here is asked twice.</translation>
    </message>
    <message>
      <source>Choose how it is measured: point at a way, or say what you have.</source>
      <translation>Choose how it is measured: point at a way, or say what you have.</translation>
    </message>
    <message>
      <source>Choose the gauge's port, or type its path.</source>
      <translation>Choose the gauge's port, or type its path.</translation>
    </message>
    <message>
      <source>Clamp both bars together, mark the middle on both at once, and cut both notches in one go: that is what makes them alike, more than any rule.</source>
      <translation>Clamp both bars together, mark the middle on both at once, and cut both notches in one go: that is what makes them alike, more than any rule.</translation>
    </message>
    <message>
      <source>Clamps and rubbers whole, no oil in the boots.</source>
      <translation>Clamps and rubbers whole, no oil in the boots.</translation>
    </message>
    <message>
      <source>Clean and oil what will be turned, while it is up</source>
      <translation>Clean and oil what will be turned, while it is up</translation>
    </message>
    <message>
      <source>Clean both faces and fit them as they will be run; if they come off later, measure again.</source>
      <translation>Clean both faces and fit them as they will be run; if they come off later, measure again.</translation>
    </message>
    <message>
      <source>Clip two arms to each rim, ahead of and behind the hub, at hub height, square to the rim.</source>
      <translation>Clip two arms to each rim, ahead of and behind the hub, at hub height, square to the rim.</translation>
    </message>
    <message>
      <source>Clockwise</source>
      <translation>Clockwise</translation>
    </message>
    <message>
      <source>Close</source>
      <translation>Close</translation>
    </message>
    <message>
      <source>Column lock off and key in, before the wheel is turned or held; battery and airbag by the manual before a wheel comes off its shaft.</source>
      <translation>Column lock off and key in, before the wheel is turned or held; battery and airbag by the manual before a wheel comes off its shaft.</translation>
    </message>
    <message>
      <source>Compare left with right: arm, strut, rod, knuckle, rim; cracked paint, a shiny edge.</source>
      <translation>Compare left with right: arm, strut, rod, knuckle, rim; cracked paint, a shiny edge.</translation>
    </message>
    <message>
      <source>Contact and worn mounts move things without being noticed; what has not moved is worth knowing too.</source>
      <translation>Contact and worn mounts move things without being noticed; what has not moved is worth knowing too.</translation>
    </message>
    <message>
      <source>Copies</source>
      <translation>Copies</translation>
    </message>
    <message>
      <source>Copies of the book, made by themselves each day, and one more wherever you want it.</source>
      <translation>Copies of the book, made by themselves each day, and one more wherever you want it.</translation>
    </message>
    <message>
      <source>Copies of this book</source>
      <translation>Copies of this book</translation>
    </message>
    <message>
      <source>Count and note the shims at each bolt, or mark the cams; paint across each washer.</source>
      <translation>Count and note the shims at each bolt, or mark the cams; paint across each washer.</translation>
    </message>
    <message>
      <source>Count the turns from lock to lock and go back half; or the mark on the pinion; or the drop arm parallel to the centerline. Clamp the shaft.</source>
      <translation>Count the turns from lock to lock and go back half; or the mark on the pinion; or the drop arm parallel to the centreline. Clamp the shaft.</translation>
    </message>
    <message>
      <source>Counted: %1. Now what the rule shows.</source>
      <translation>Counted: %1. Now what the rule shows.</translation>
    </message>
    <message>
      <source>Counterclockwise</source>
      <translation>Anticlockwise</translation>
    </message>
    <message>
      <source>Ctrl Enter</source>
      <translation>Ctrl Enter</translation>
    </message>
    <message>
      <source>Ctrl and Enter end, accept or strike: those keys mean nothing else.</source>
      <translation>Ctrl and Enter end, accept or strike: those keys mean nothing else.</translation>
    </message>
    <message>
      <source>Ctrl and Enter show the truth and end the practice; Escape goes on with it.</source>
      <translation>Ctrl and Enter show the truth and end the practice; Escape goes on with it.</translation>
    </message>
    <message>
      <source>Ctrl+K: read and understood.</source>
      <translation>Ctrl+K: read and understood.</translation>
    </message>
    <message>
      <source>Ctrl+L adds what is loosened, taken off or left for later, wherever you are.</source>
      <translation>Ctrl+L adds what is loosened, taken off or left for later, wherever you are.</translation>
    </message>
    <message>
      <source>Ctrl+N</source>
      <translation>Ctrl+N</translation>
    </message>
    <message>
      <source>Ctrl+P prints it. The same as a file: fairchalk-cli report.</source>
      <translation>Ctrl+P prints it. The same as a file: fairchalk-cli report.</translation>
    </message>
    <message>
      <source>Ctrl+R ends the practice and shows the truth.</source>
      <translation>Ctrl+R ends the practice and shows the truth.</translation>
    </message>
    <message>
      <source>Ctrl+S</source>
      <translation>Ctrl+S</translation>
    </message>
    <message>
      <source>Ctrl+T</source>
      <translation>Ctrl+T</translation>
    </message>
    <message>
      <source>Ctrl+Z undoes; what shows as kept is on the disk.</source>
      <translation>Ctrl+Z undoes; what shows as kept is on the disk.</translation>
    </message>
    <message>
      <source>Del  clears; empty: takes back</source>
      <translation>Del  clears; empty: takes back</translation>
    </message>
    <message>
      <source>Dented lips, a floor that tilts, wheels that settle: the usual garage.</source>
      <translation>Dented lips, a floor that tilts, wheels that settle: the usual garage.</translation>
    </message>
    <message>
      <source>Dents in the lip, weights or burrs where the rule will touch.</source>
      <translation>Dents in the lip, weights or burrs where the rule will touch.</translation>
    </message>
    <message>
      <source>Depth or temperature at three places of each tread. The pattern stands beside what the angles say, and says whether they agree.</source>
      <translation>Depth or temperature at three places of each tread. The pattern stands beside what the angles say, and says whether they agree.</translation>
    </message>
    <message>
      <source>Depths instead</source>
      <translation>Depths instead</translation>
    </message>
    <message>
      <source>Do the tires stick? A test …</source>
      <translation>Do the tyres stick? A test …</translation>
    </message>
    <message>
      <source>Does it drift the other way then, it was a tire; the angles have nothing to explain.</source>
      <translation>Does it drift the other way then, it was a tyre; the angles have nothing to explain.</translation>
    </message>
    <message>
      <source>Does not tell</source>
      <translation>Does not tell</translation>
    </message>
    <message>
      <source>Down; roll it a car's length and back, bounce each end</source>
      <translation>Down; roll it a car's length and back, bounce each end</translation>
    </message>
    <message>
      <source>Drag across the drawing, or ← →   ·   ↑ ↓ another word   ·   Esc back</source>
      <translation>Drag across the drawing, or ← →   ·   ↑ ↓ another word   ·   Esc back</translation>
    </message>
    <message>
      <source>Drag across, or ← and →: %1</source>
      <translation>Drag across, or ← and →: %1</translation>
    </message>
    <message>
      <source>Drifts</source>
      <translation>Drifts</translation>
    </message>
    <message>
      <source>Drifts left</source>
      <translation>Drifts left</translation>
    </message>
    <message>
      <source>Drifts right</source>
      <translation>Drifts right</translation>
    </message>
    <message>
      <source>Drive</source>
      <translation>Drive</translation>
    </message>
    <message>
      <source>Drive it</source>
      <translation>Drive it</translation>
    </message>
    <message>
      <source>Drive, and say what it did</source>
      <translation>Drive, and say what it did</translation>
    </message>
    <message>
      <source>Drive: straight, light hands, a flat road</source>
      <translation>Drive: straight, light hands, a flat road</translation>
    </message>
    <message>
      <source>Driven</source>
      <translation>Driven</translation>
    </message>
    <message>
      <source>Driven rears want the fronts slightly in, driven fronts slightly out</source>
      <translation>Driven rears want the fronts slightly in, driven fronts slightly out</translation>
    </message>
    <message>
      <source>Driven: {0}</source>
      <translation>Driven: {0}</translation>
    </message>
    <message>
      <source>Each angle has its figure at one height only.</source>
      <translation>Each angle has its figure at one height only.</translation>
    </message>
    <message>
      <source>Each gauge hangs on the left front wheel. Type what it shows, with its sign, then say which way the wheel's top leans: negative is in, toward the car.</source>
      <translation>Each gauge hangs on the left front wheel. Type what it shows, with its sign, then say which way the wheel's top leans: negative is in, toward the car.</translation>
    </message>
    <message>
      <source>Each holds at once. Esc goes back.</source>
      <translation>Each holds at once. Esc goes back.</translation>
    </message>
    <message>
      <source>Each is ticked off on the Drive stage; none may be left when the car moves.</source>
      <translation>Each is ticked off on the Drive stage; none may be left when the car moves.</translation>
    </message>
    <message>
      <source>Each length is typed where it lies on the drawing; what is not known stays empty. What to aim at is typed in the terms of the car's manual, which comes first.</source>
      <translation>Each length is typed where it lies on the drawing; what is not known stays empty. What to aim at is typed in the terms of the car's manual, which comes first.</translation>
    </message>
    <message>
      <source>Each moves the next more than it is moved by it, so nothing is set twice where every step is measured by itself.</source>
      <translation>Each moves the next more than it is moved by it, so nothing is set twice where every step is measured by itself.</translation>
    </message>
    <message>
      <source>Each nut where it sits: held, tightened to the manual's torque, marked. What locking moves is read afterwards.</source>
      <translation>Each nut where it sits: held, tightened to the manual's torque, marked. What locking moves is read afterwards.</translation>
    </message>
    <message>
      <source>Each spot read %1 times would do.</source>
      <translation>Each spot read %1 times would do.</translation>
    </message>
    <message>
      <source>Each spot within</source>
      <translation>Each spot within</translation>
    </message>
    <message>
      <source>Each to the manual's torque, with the wheel off the ground or just touching.</source>
      <translation>Each to the manual's torque, with the wheel off the ground or just touching.</translation>
    </message>
    <message>
      <source>Each way is played to its end on %1 cars with this card …</source>
      <translation>Each way is played to its end on %1 cars with this card …</translation>
    </message>
    <message>
      <source>End for end</source>
      <translation>End for end</translation>
    </message>
    <message>
      <source>End the practice: the truth</source>
      <translation>End the practice: the truth</translation>
    </message>
    <message>
      <source>End this practice?</source>
      <translation>End this practice?</translation>
    </message>
    <message>
      <source>Engine running only with the doors open or the exhaust led out.</source>
      <translation>Engine running only with the doors open or the exhaust led out.</translation>
    </message>
    <message>
      <source>Enough of it has to stay engaged: the manual says how much, or once the thread's own diameter at the least.</source>
      <translation>Enough of it has to stay engaged: the manual says how much, or once the thread's own diameter at the least.</translation>
    </message>
    <message>
      <source>Enter</source>
      <translation>Enter</translation>
    </message>
    <message>
      <source>Enter keeps it</source>
      <translation>Enter keeps it</translation>
    </message>
    <message>
      <source>Enter keeps it as %1; it shows until it is refitted.</source>
      <translation>Enter keeps it as %1; it shows until it is refitted.</translation>
    </message>
    <message>
      <source>Enter keeps what is on the line; on an empty line it goes on, where that is offered.</source>
      <translation>Enter keeps what is on the line; on an empty line it goes on, where that is offered.</translation>
    </message>
    <message>
      <source>Enter with nothing typed goes on: only what the next step needs is asked for again.</source>
      <translation>Enter with nothing typed goes on: only what the next step needs is asked for again.</translation>
    </message>
    <message>
      <source>Enter: it can't be turned; the rest is planned without it.</source>
      <translation>Enter: it can't be turned; the rest is planned without it.</translation>
    </message>
    <message>
      <source>Enter: refitted, tight</source>
      <translation>Enter: refitted, tight</translation>
    </message>
    <message>
      <source>Enter: what hangs on the wall</source>
      <translation>Enter: what hangs on the wall</translation>
    </message>
    <message>
      <source>Equal blocks under all four wheels</source>
      <translation>Equal blocks under all four wheels</translation>
    </message>
    <message>
      <source>Equal lock both ways, and the box where it has least play; the wheel is refitted straight afterwards. Right where the wheel can be moved on its splines.</source>
      <translation>Equal lock both ways, and the box where it has least play; the wheel is refitted straight afterwards. Right where the wheel can be moved on its splines.</translation>
    </message>
    <message>
      <source>Escape</source>
      <translation>Escape</translation>
    </message>
    <message>
      <source>Escape clears the line, leaves a question, goes back.</source>
      <translation>Escape clears the line, leaves a question, goes back.</translation>
    </message>
    <message>
      <source>Escape or another tool leaves this as it was.</source>
      <translation>Escape or another tool leaves this as it was.</translation>
    </message>
    <message>
      <source>Every angle moves when the car is rolled or braked.</source>
      <translation>Every angle moves when the car is rolled or braked.</translation>
    </message>
    <message>
      <source>Every angle moves with ride height; toe most, since rod and arm swing on other circles.</source>
      <translation>Every angle moves with ride height; toe most, since rod and arm swing on other circles.</translation>
    </message>
    <message>
      <source>Every nut present, seated, and of the right seat for this rim.</source>
      <translation>Every nut present, seated, and of the right seat for this rim.</translation>
    </message>
    <message>
      <source>Every spot of this round has been read.</source>
      <translation>Every spot of this round has been read.</translation>
    </message>
    <message>
      <source>Every spot of this round is read. Page Up goes back to one, to read it again.</source>
      <translation>Every spot of this round is read. Page Up goes back to one, to read it again.</translation>
    </message>
    <message>
      <source>Everything larger</source>
      <translation>Everything larger</translation>
    </message>
    <message>
      <source>Everything smaller</source>
      <translation>Everything smaller</translation>
    </message>
    <message>
      <source>Everywhere</source>
      <translation>Everywhere</translation>
    </message>
    <message>
      <source>Exhaust gas kills without a smell.</source>
      <translation>Exhaust gas kills without a smell.</translation>
    </message>
    <message>
      <source>Expected of the turn, not read yet</source>
      <translation>Expected of the turn, not read yet</translation>
    </message>
    <message>
      <source>Eyes on the road: look once, stop, then type; or a passenger reads.</source>
      <translation>Eyes on the road: look once, stop, then type; or a passenger reads.</translation>
    </message>
    <message>
      <source>F1 help · Ctrl O book</source>
      <translation>F1 help · Ctrl O book</translation>
    </message>
    <message>
      <source>F2 good, F3 failed or F4 keeps it with the note</source>
      <translation>F2 good, F3 failed or F4 keeps it with the note</translation>
    </message>
    <message>
      <source>F2 it is good, F3 it failed, F4 it is not on this car; words are kept as a note.</source>
      <translation>F2 it is good, F3 it failed, F4 it is not on this car; words are kept as a note.</translation>
    </message>
    <message>
      <source>F8 big figures</source>
      <translation>F8 big figures</translation>
    </message>
    <message>
      <source>Failed</source>
      <translation>Failed</translation>
    </message>
    <message>
      <source>Failed the check-over: {0}</source>
      <translation>Failed the check-over: {0}</translation>
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
      <translation>Fair Chalk %1: wheel angles from readings by hand.

The vehicle's manual, local rules and qualified technicians come first. It comes without any warranty.

Free software under the GNU General Public License, version 3 or later.
With Qt %2 (LGPL 3), QCustomPlot (GPL 3), Ceres Solver (BSD), Eigen (MPL 2), SQLite (public domain), SQLiteCpp, JSON for Modern C++ and CLI11 (MIT, BSD), and the type B612 (OFL 1.1).</translation>
    </message>
    <message>
      <source>Fair Chalk speaks.</source>
      <translation>Fair Chalk speaks.</translation>
    </message>
    <message>
      <source>Feathers: half a degree of total toe or more. Smooth: two degrees of camber or more for the use.</source>
      <translation>Feathers: half a degree of total toe or more. Smooth: two degrees of camber or more for the use.</translation>
    </message>
    <message>
      <source>Find the wrong reading</source>
      <translation>Find the wrong reading</translation>
    </message>
    <message>
      <source>First off: the steering damper, and what else is bolted to it (loose list). Then free both clamps; nuts in their place loosen opposite ways.</source>
      <translation>First off: the steering damper, and what else is bolted to it (loose list). Then free both clamps; nuts in their place loosen opposite ways.</translation>
    </message>
    <message>
      <source>First off: the steering damper, where it is bolted to it (loose list). Then free its clamps; nuts in their place loosen opposite ways.</source>
      <translation>First off: the steering damper, where it is bolted to it (loose list). Then free its clamps; nuts in their place loosen opposite ways.</translation>
    </message>
    <message>
      <source>First read again, then turn</source>
      <translation>First read again, then turn</translation>
    </message>
    <message>
      <source>First read, then turn</source>
      <translation>First read, then turn</translation>
    </message>
    <message>
      <source>First the drive, then turn</source>
      <translation>First the drive, then turn</translation>
    </message>
    <message>
      <source>First the thread, then turn</source>
      <translation>First the thread, then turn</translation>
    </message>
    <message>
      <source>Flat enough</source>
      <translation>Flat enough</translation>
    </message>
    <message>
      <source>Floor</source>
      <translation>Floor</translation>
    </message>
    <message>
      <source>For a toe in mm or inches: over what span it is stated</source>
      <translation>For a toe in mm or inches: over what span it is stated</translation>
    </message>
    <message>
      <source>For it, {0} comes to {1} instead of {2}.</source>
      <translation>For it, {0} comes to {1} instead of {2}.</translation>
    </message>
    <message>
      <source>Found, and put back</source>
      <translation>Found, and put back</translation>
    </message>
    <message>
      <source>Four wheels to set, camber and caster by shims from a tin, and a longer rod ahead of the axle toes out.</source>
      <translation>Four wheels to set, camber and caster by shims from a tin, and a longer rod ahead of the axle toes out.</translation>
    </message>
    <message>
      <source>Fractions, a thread that goes the other way, and cams that do most near their middle.</source>
      <translation>Fractions, a thread that goes the other way, and cams that do most near their middle.</translation>
    </message>
    <message>
      <source>Free both locknuts, or clamps: the nut on the left-hand thread loosens the other way, clockwise.</source>
      <translation>Free both locknuts, or clamps: the nut on the left-hand thread loosens the other way, clockwise.</translation>
    </message>
    <message>
      <source>Free it while the car is up, before the strings are. Keep the engagement the manual asks for.</source>
      <translation>Free it while the car is up, before the strings are. Keep the engagement the manual asks for.</translation>
    </message>
    <message>
      <source>Free the adjusters while it is up, roll it on, bounce it: then the steering (Ctrl+4).</source>
      <translation>Free the adjusters while it is up, roll it on, bounce it: then the steering (Ctrl+4).</translation>
    </message>
    <message>
      <source>Free the adjusters while the car is still up</source>
      <translation>Free the adjusters while the car is still up</translation>
    </message>
    <message>
      <source>Free the clip, put it on the loose list, refit it when all is locked.</source>
      <translation>Free the clip, put it on the loose list, refit it when all is locked.</translation>
    </message>
    <message>
      <source>Free the locknut; the rod end stays level.</source>
      <translation>Free the locknut; the rod end stays level.</translation>
    </message>
    <message>
      <source>Free the locknuts at both ends: the one on the left-hand thread loosens the other way, clockwise.</source>
      <translation>Free the locknuts at both ends: the one on the left-hand thread loosens the other way, clockwise.</translation>
    </message>
    <message>
      <source>Free the rubber boot so that it does not twist. </source>
      <translation>Free the rubber boot so that it does not twist. </translation>
    </message>
    <message>
      <source>Friday night</source>
      <translation>Friday night</translation>
    </message>
    <message>
      <source>From a fixed stand to the lip at hub height, then half a turn on and again at the same place. The program does the sum.</source>
      <translation>From a fixed stand to the lip at hub height, then half a turn on and again at the same place. The program does the sum.</translation>
    </message>
    <message>
      <source>From a string outside the wheel, the larger distance is at the edge that points to the car's middle. Between two wheels it is the other way round.</source>
      <translation>From a string outside the wheel, the larger distance is at the edge that points to the car's middle. Between two wheels it is the other way round.</translation>
    </message>
    <message>
      <source>From a string outside, more at the front edge is toe in. Whether the rod runs ahead or behind, its arm and its pitch need not be known.</source>
      <translation>From a string outside, more at the front edge is toe in. Whether the rod runs ahead or behind, its arm and its pitch need not be known.</translation>
    </message>
    <message>
      <source>From a string outside, the larger distance is at the edge that points to the middle.</source>
      <translation>From a string outside, the larger distance is at the edge that points to the middle.</translation>
    </message>
    <message>
      <source>From either stop ⟨b⟩%1⟨/b⟩ back.</source>
      <translation>From either stop ⟨b⟩%1⟨/b⟩ back.</translation>
    </message>
    <message>
      <source>From spot to spot once round: how much higher the next one is. The last leg closes the ring and shows a mistake.</source>
      <translation>From spot to spot once round: how much higher the next one is. The last leg closes the ring and shows a mistake.</translation>
    </message>
    <message>
      <source>From the center string square out to the outer one, so far ahead of the rear axle.</source>
      <translation>From the centre string square out to the outer one, so far ahead of the rear axle.</translation>
    </message>
    <message>
      <source>From the locknut to the end of the thread, or a count like “14 threads” where the pitch is on the card.</source>
      <translation>From the locknut to the end of the thread, or a count like “14 threads” where the pitch is on the card.</translation>
    </message>
    <message>
      <source>From the manual only; they show at the loose list.</source>
      <translation>From the manual only; they show at the loose list.</translation>
    </message>
    <message>
      <source>From the plumb line in to the lower lip of the {0} wheel.</source>
      <translation>From the plumb line in to the lower lip of the {0} wheel.</translation>
    </message>
    <message>
      <source>From the plumb line in to the upper lip of the {0} wheel.</source>
      <translation>From the plumb line in to the upper lip of the {0} wheel.</translation>
    </message>
    <message>
      <source>From the seat, and from above</source>
      <translation>From the seat, and from above</translation>
    </message>
    <message>
      <source>From the straightedge to the back lip of the {0} wheel, square to the bar.</source>
      <translation>From the straightedge to the back lip of the {0} wheel, square to the bar.</translation>
    </message>
    <message>
      <source>From the straightedge to the front lip of the {0} wheel, square to the bar.</source>
      <translation>From the straightedge to the front lip of the {0} wheel, square to the bar.</translation>
    </message>
    <message>
      <source>Front axle</source>
      <translation>Front axle</translation>
    </message>
    <message>
      <source>Front bar, ahead of the hubs</source>
      <translation>Front bar, ahead of the hubs</translation>
    </message>
    <message>
      <source>Front is up, as the driver sits. Steering parts are safety-critical: locknuts to the manual's torque, thread engaged as far as it asks.</source>
      <translation>Front is up, as the driver sits. Steering parts are safety-critical: locknuts to the manual's torque, thread engaged as far as it asks.</translation>
    </message>
    <message>
      <source>Front rim span, between the two lips that are read</source>
      <translation>Front rim span, between the two lips that are read</translation>
    </message>
    <message>
      <source>Front rim, lip to lip</source>
      <translation>Front rim, lip to lip</translation>
    </message>
    <message>
      <source>Front toe to aim at</source>
      <translation>Front toe to aim at</translation>
    </message>
    <message>
      <source>Front toe, as</source>
      <translation>Front toe, as</translation>
    </message>
    <message>
      <source>Front wheels off the rear axle's line: now %1, after %2. The steering wheel comes out straight with it.</source>
      <translation>Front wheels off the rear axle's line: now %1, after %2. The steering wheel comes out straight with it.</translation>
    </message>
    <message>
      <source>Front wheels on turn plates or slip plates, handbrake on, brake pedal held down, so that the wheel does not roll while it is turned.</source>
      <translation>Front wheels on turn plates or slip plates, handbrake on, brake pedal held down, so that the wheel does not roll while it is turned.</translation>
    </message>
    <message>
      <source>Front wheels on turn plates or slip plates, handbrake on, brake pedal held down, so that the wheel does not roll while it is turned. Strings far enough out not to be hit.</source>
      <translation>Front wheels on turn plates or slip plates, handbrake on, brake pedal held down, so that the wheel does not roll while it is turned. Strings far enough out not to be hit.</translation>
    </message>
    <message>
      <source>Front wheels on turn plates or slip plates, handbrake on, brake pedal held down. Strings far enough out not to be hit.</source>
      <translation>Front wheels on turn plates or slip plates, handbrake on, brake pedal held down. Strings far enough out not to be hit.</translation>
    </message>
    <message>
      <source>Fuel, driver or ballast, tools and spare wheel as the manual's figure assumes them.</source>
      <translation>Fuel, driver or ballast, tools and spare wheel as the manual's figure assumes them.</translation>
    </message>
    <message>
      <source>Garage books (*.fairchalk *.db);;All files (*)</source>
      <translation>Garage books (*.fairchalk *.db);;All files (*)</translation>
    </message>
    <message>
      <source>Gauge upright through the hub of the {0} wheel, on both lips, level along the car.</source>
      <translation>Gauge upright through the hub of the {0} wheel, on both lips, level along the car.</translation>
    </message>
    <message>
      <source>Gauge zeroed at one end</source>
      <translation>Gauge zeroed at one end</translation>
    </message>
    <message>
      <source>Gear middle</source>
      <translation>Gear middle</translation>
    </message>
    <message>
      <source>Gear school: find the middle of the rack or box</source>
      <translation>Gear school: find the middle of the rack or box</translation>
    </message>
    <message>
      <source>Go on to %1 when all is said; it can be changed at any time.</source>
      <translation>Go on to %1 when all is said; it can be changed at any time.</translation>
    </message>
    <message>
      <source>Go on, until it shows {0}.</source>
      <translation>Go on, until it shows {0}.</translation>
    </message>
    <message>
      <source>Go on: %1</source>
      <translation>Go on: %1</translation>
    </message>
    <message>
      <source>Go on: the car's card</source>
      <translation>Go on: the car's card</translation>
    </message>
    <message>
      <source>Go on: the sheet</source>
      <translation>Go on: the sheet</translation>
    </message>
    <message>
      <source>Go round a car with a rule, strings or boards, and type what you read. The strings need not be square.
It says each wheel's angle with its ±, which reading is wrong, what to turn, how far and which way.
The vehicle's manual, local rules and qualified technicians come first.</source>
      <translation>Go round a car with a rule, strings or boards, and type what you read. The strings need not be square.
It says each wheel's angle with its ±, which reading is wrong, what to turn, how far and which way.
The vehicle's manual, local rules and qualified technicians come first.</translation>
    </message>
    <message>
      <source>Go there</source>
      <translation>Go there</translation>
    </message>
    <message>
      <source>Go to the readings (Ctrl+6) and press the gauge's button at each spot.</source>
      <translation>Go to the readings (Ctrl+6) and press the gauge's button at each spot.</translation>
    </message>
    <message>
      <source>Go to the spot whose reading is wrong (Page Up, Page Down), then strike it out.</source>
      <translation>Go to the spot whose reading is wrong (Page Up, Page Down), then strike it out.</translation>
    </message>
    <message>
      <source>Good</source>
      <translation>Good</translation>
    </message>
    <message>
      <source>Good enough without reading (all inside: {0}). Read when there is time.</source>
      <translation>Good enough without reading (all inside: {0}). Read when there is time.</translation>
    </message>
    <message>
      <source>H&amp;elp</source>
      <translation>H&amp;elp</translation>
    </message>
    <message>
      <source>Ha&amp;ppened</source>
      <translation>Ha&amp;ppened</translation>
    </message>
    <message>
      <source>Half a millimetre at the lip is four minutes of toe: the eye is the first instrument.</source>
      <translation>Half a millimetre at the lip is four minutes of toe: the eye is the first instrument.</translation>
    </message>
    <message>
      <source>Half a turn on</source>
      <translation>Half a turn on</translation>
    </message>
    <message>
      <source>Half of the difference is the most that friction holds back while something is turned: the sheet then stops no further before its end. Page Down is another spot, Escape leaves it.</source>
      <translation>Half of the difference is the most that friction holds back while something is turned: the sheet then stops no further before its end. Page Down is another spot, Escape leaves it.</translation>
    </message>
    <message>
      <source>Half the difference is run-out, and run-out reads as toe.</source>
      <translation>Half the difference is run-out, and run-out reads as toe.</translation>
    </message>
    <message>
      <source>Hang a line past the upper and lower pivot, seen from the side. Read how far the upper one lies behind the lower one, fore and aft. The height between them is told once.</source>
      <translation>Hang a line past the upper and lower pivot, seen from the side. Read how far the upper one lies behind the lower one, fore and aft. The height between them is told once.</translation>
    </message>
    <message>
      <source>Hang it back</source>
      <translation>Hang it back</translation>
    </message>
    <message>
      <source>Hang the line from the fender just clear of the tire, past both lips of the rim. Damp the bob in a jar of oil.</source>
      <translation>Hang the line from the wing just clear of the tyre, past both lips of the rim. Damp the bob in a jar of oil.</translation>
    </message>
    <message>
      <source>Hard and flat; what levels the floor and what slides are one.</source>
      <translation>Hard and flat; what levels the floor and what slides are one.</translation>
    </message>
    <message>
      <source>Hardboard, smooth side down, with soap</source>
      <translation>Hardboard, smooth side down, with soap</translation>
    </message>
    <message>
      <source>Having it would take {0} from {2} to {1}.</source>
      <translation>Having it would take {0} from {2} to {1}.</translation>
    </message>
    <message>
      <source>Held by</source>
      <translation>Held by</translation>
    </message>
    <message>
      <source>Held by a strap, a weight or a knee. Push each once and let go: it has to come back to the same place.</source>
      <translation>Held by a strap, a weight or a knee. Push each once and let go: it has to come back to the same place.</translation>
    </message>
    <message>
      <source>Held straight by a holder, a strap or clamps, each front wheel is known by itself. Not held, only their total is.</source>
      <translation>Held straight by a holder, a strap or clamps, each front wheel is known by itself. Not held, only their total is.</translation>
    </message>
    <message>
      <source>Help me square them</source>
      <translation>Help me square them</translation>
    </message>
    <message>
      <source>Hinged gauge</source>
      <translation>Hinged gauge</translation>
    </message>
    <message>
      <source>Hold it as for a reading, and push the wheel's lip a little away from the string. A rule from its own zero shows more; one whose numbers run inward shows less.</source>
      <translation>Hold it as for a reading, and push the wheel's lip a little away from the string. A rule from its own zero shows more; one whose numbers run inward shows less.</translation>
    </message>
    <message>
      <source>Hold it on the wheel as you will for readings. Type what it shows; then lean its top outward, away from the car, by a degree or more, and type that.</source>
      <translation>Hold it on the wheel as you will for readings. Type what it shows; then lean its top outward, away from the car, by a degree or more, and type that.</translation>
    </message>
    <message>
      <source>Hold it: what is not held creeps. Say by what.</source>
      <translation>Hold it: what is not held creeps. Say by what.</translation>
    </message>
    <message>
      <source>Hold the head while the nut is tightened: it creeps.</source>
      <translation>Hold the head while the nut is tightened: it creeps.</translation>
    </message>
    <message>
      <source>Hold the head while the nut is tightened: it creeps. Then the other bolt's nut; both to the manual's torque.</source>
      <translation>Hold the head while the nut is tightened: it creeps. Then the other bolt's nut; both to the manual's torque.</translation>
    </message>
    <message>
      <source>Hold the joint at its mark while the nuts are tightened.</source>
      <translation>Hold the joint at its mark while the nuts are tightened.</translation>
    </message>
    <message>
      <source>Hold the rule's zero end on the {1} of the {0} wheel, square to the string, and read it where the string crosses.</source>
      <translation>Hold the rule's zero end on the {1} of the {0} wheel, square to the string, and read it where the string crosses.</translation>
    </message>
    <message>
      <source>Hold the upright at its mark while both nuts are tightened, to the manual's torque.</source>
      <translation>Hold the upright at its mark while both nuts are tightened, to the manual's torque.</translation>
    </message>
    <message>
      <source>How I reach it …</source>
      <translation>How I reach it …</translation>
    </message>
    <message>
      <source>How deep is the tread: %1?</source>
      <translation>How deep is the tread: %1?</translation>
    </message>
    <message>
      <source>How do you reach what is turned?</source>
      <translation>How do you reach what is turned?</translation>
    </message>
    <message>
      <source>How does the wheel sit?</source>
      <translation>How does the wheel sit?</translation>
    </message>
    <message>
      <source>How each job found the car and left it, what happened between, what moved and why, and what its adjusters do. The line of days at the bottom of the drawing chooses a job.</source>
      <translation>How each job found the car and left it, what happened between, what moved and why, and what its adjusters do. The line of days at the bottom of the drawing chooses a job.</translation>
    </message>
    <message>
      <source>How far a wheel leans, seen from behind. It is below zero where the top leans in.</source>
      <translation>How far a wheel leans, seen from behind. It is below zero where the top leans in.</translation>
    </message>
    <message>
      <source>How far the steering axis leans back, seen from the side. Nobody sees that axis: but as the wheel is steered it changes the camber, and by that it is measured.</source>
      <translation>How far the steering axis leans back, seen from the side. Nobody sees that axis: but as the wheel is steered it changes the camber, and by that it is measured.</translation>
    </message>
    <message>
      <source>How far the string is above hub height there; below is minus. With camber it matters.</source>
      <translation>How far the string is above hub height there; below is minus. With camber it matters.</translation>
    </message>
    <message>
      <source>How far the truth may lie from the figure. It comes of the tool, the hand, the rims and how often a place was read.</source>
      <translation>How far the truth may lie from the figure. It comes of the tool, the hand, the rims and how often a place was read.</translation>
    </message>
    <message>
      <source>How far the upper pivot of the {0} upright lies behind the lower one; ahead is minus.</source>
      <translation>How far the upper pivot of the {0} upright lies behind the lower one; ahead is minus.</translation>
    </message>
    <message>
      <source>How fast they wear, outer · middle · inner</source>
      <translation>How fast they wear, outer · middle · inner</translation>
    </message>
    <message>
      <source>How it is set up</source>
      <translation>How it is set up</translation>
    </message>
    <message>
      <source>How it shows</source>
      <translation>How it shows</translation>
    </message>
    <message>
      <source>How it was before it was taken apart, to be put back so.</source>
      <translation>How it was before it was taken apart, to be put back so.</translation>
    </message>
    <message>
      <source>How its tires wear</source>
      <translation>How its tyres wear</translation>
    </message>
    <message>
      <source>How level the four wheels stand. Camber and caster are against gravity: an uneven floor is measured once and taken off.</source>
      <translation>How level the four wheels stand. Camber and caster are against gravity: an uneven floor is measured once and taken off.</translation>
    </message>
    <message>
      <source>How many, how thick, at which bolt.</source>
      <translation>How many, how thick, at which bolt.</translation>
    </message>
    <message>
      <source>How much more the front tape of the {0} shows than the rear one; less is minus.</source>
      <translation>How much more the front tape of the {0} shows than the rear one; less is minus.</translation>
    </message>
    <message>
      <source>How the body sits on the chassis.</source>
      <translation>How the body sits on the chassis.</translation>
    </message>
    <message>
      <source>How this axle is suspended is not on the card (Ctrl+I).</source>
      <translation>How this axle is suspended is not on the card (Ctrl+I).</translation>
    </message>
    <message>
      <source>How this way of measuring is set up, step by step.</source>
      <translation>How this way of measuring is set up, step by step.</translation>
    </message>
    <message>
      <source>How warm is it: %1?</source>
      <translation>How warm is it: %1?</translation>
    </message>
    <message>
      <source>How well it reads</source>
      <translation>How well it reads</translation>
    </message>
    <message>
      <source>How will its toe be measured? It can be changed, and others added, later.</source>
      <translation>How will its toe be measured? It can be changed, and others added, later.</translation>
    </message>
    <message>
      <source>Hub middle to arch lip, or as the card says, the same way at each corner, after rolling and bouncing.</source>
      <translation>Hub middle to arch lip, or as the card says, the same way at each corner, after rolling and bouncing.</translation>
    </message>
    <message>
      <source>Hub to string alike in front and behind. Where the axles differ in width, half the difference more at the narrower one. It need not be exact: both are read, and the widths over the hubs do the rest.</source>
      <translation>Hub to string alike in front and behind. Where the axles differ in width, half the difference more at the narrower one. It need not be exact: both are read, and the widths over the hubs do the rest.</translation>
    </message>
    <message>
      <source>Hub width</source>
      <translation>Hub width</translation>
    </message>
    <message>
      <source>I have …</source>
      <translation>I have …</translation>
    </message>
    <message>
      <source>I have: …</source>
      <translation>I have: …</translation>
    </message>
    <message>
      <source>I turned …</source>
      <translation>I turned …</translation>
    </message>
    <message>
      <source>I would read this again</source>
      <translation>I would read this again</translation>
    </message>
    <message>
      <source>If it failed</source>
      <translation>If it failed</translation>
    </message>
    <message>
      <source>If the string is believed: first %1, then %2.</source>
      <translation>If the string is believed: first %1, then %2.</translation>
    </message>
    <message>
      <source>In or out decides which way everything is turned afterwards.</source>
      <translation>In or out decides which way everything is turned afterwards.</translation>
    </message>
    <message>
      <source>In the manual's own terms, with its tolerance; a car that has left standard asks whoever built it so. What follows is thinking, no figure for a real car.</source>
      <translation>In the manual's own terms, with its tolerance; a car that has left standard asks whoever built it so. What follows is thinking, no figure for a real car.</translation>
    </message>
    <message>
      <source>In the manual's own terms: 0°08' in ±0°15', or 2 mm in ±1.5 mm over 416 mm, with total, each or half at the end. The manual comes before anything said here.</source>
      <translation>In the manual's own terms: 0°08' in ±0°15', or 2 mm in ±1.5 mm over 416 mm, with total, each or half at the end. The manual comes before anything said here.</translation>
    </message>
    <message>
      <source>In this order, the steering held. Stop there: the tires hold back a share until it is shaken.</source>
      <translation>In this order, the steering held. Stop there: the tyres hold back a share until it is shaken.</translation>
    </message>
    <message>
      <source>In this order, then read again</source>
      <translation>In this order, then read again</translation>
    </message>
    <message>
      <source>In which order?</source>
      <translation>In which order?</translation>
    </message>
    <message>
      <source>Inner and outer tie-rod ends</source>
      <translation>Inner and outer track-rod ends</translation>
    </message>
    <message>
      <source>Inside</source>
      <translation>Inside</translation>
    </message>
    <message>
      <source>Inward at the top is camber toward negative; rearward is caster.</source>
      <translation>Inward at the top is camber toward negative; rearward is caster.</translation>
    </message>
    <message>
      <source>It comes further than one thinks.</source>
      <translation>It comes further than one thinks.</translation>
    </message>
    <message>
      <source>It comes out at {0} ±{1}.</source>
      <translation>It comes out at {0} ±{1}.</translation>
    </message>
    <message>
      <source>It could be seen after %1.</source>
      <translation>It could be seen after %1.</translation>
    </message>
    <message>
      <source>It did something else …</source>
      <translation>It did something else …</translation>
    </message>
    <message>
      <source>It does not center itself</source>
      <translation>It does not centre itself</translation>
    </message>
    <message>
      <source>It does not turn itself: a nut on each side of its bush holds it. Keep count of the flats.</source>
      <translation>It does not turn itself: a nut on each side of its bush holds it. Keep count of the flats.</translation>
    </message>
    <message>
      <source>It fell</source>
      <translation>It fell</translation>
    </message>
    <message>
      <source>It grew</source>
      <translation>It grew</translation>
    </message>
    <message>
      <source>It has not moved</source>
      <translation>It has not moved</translation>
    </message>
    <message>
      <source>It has one seat, and moves no angle.</source>
      <translation>It has one seat, and moves no angle.</translation>
    </message>
    <message>
      <source>It has toed in</source>
      <translation>It has toed in</translation>
    </message>
    <message>
      <source>It has toed out</source>
      <translation>It has toed out</translation>
    </message>
    <message>
      <source>It hit a kerb or a hole</source>
      <translation>It hit a kerb or a hole</translation>
    </message>
    <message>
      <source>It is %1 wider than high: not round, or one edge was another one. Measure it again.</source>
      <translation>It is %1 wider than high: not round, or one edge was another one. Measure it again.</translation>
    </message>
    <message>
      <source>It is also what you put back when something was taken apart.</source>
      <translation>It is also what you put back when something was taken apart.</translation>
    </message>
    <message>
      <source>It is held</source>
      <translation>It is held</translation>
    </message>
    <message>
      <source>It is nervous, darts</source>
      <translation>It is nervous, darts</translation>
    </message>
    <message>
      <source>It is not known which way this works: turn so much, shake the wheel loose, read, and it is. If it went the wrong way, it is turned back.</source>
      <translation>It is not known which way this works: turn so much, shake the wheel loose, read, and it is. If it went the wrong way, it is turned back.</translation>
    </message>
    <message>
      <source>It is not on the card any more.</source>
      <translation>It is not on the card any more.</translation>
    </message>
    <message>
      <source>It is silent again (Ctrl+B).</source>
      <translation>It is silent again (Ctrl+B).</translation>
    </message>
    <message>
      <source>It is taken to show minus where the top leans in. The lean test in the drawer fixes that, once.</source>
      <translation>It is taken to show minus where the top leans in. The lean test in the drawer fixes that, once.</translation>
    </message>
    <message>
      <source>It is undone</source>
      <translation>It is undone</translation>
    </message>
    <message>
      <source>It moved away: stop, the other way.</source>
      <translation>It moved away: stop, the other way.</translation>
    </message>
    <message>
      <source>It moved away: stop, the other way. It is to show {0}.</source>
      <translation>It moved away: stop, the other way. It is to show {0}.</translation>
    </message>
    <message>
      <source>It moves its arm's outer joint forward or rearward: caster.</source>
      <translation>It moves its arm's outer joint forward or rearward: caster.</translation>
    </message>
    <message>
      <source>It moves the inner end of the arm that sets toe: most near the middle of its travel, and not at all at its end.</source>
      <translation>It moves the inner end of the arm that sets toe: most near the middle of its travel, and not at all at its end.</translation>
    </message>
    <message>
      <source>It pulls only under brakes</source>
      <translation>It pulls only under brakes</translation>
    </message>
    <message>
      <source>It pulls to one side</source>
      <translation>It pulls to one side</translation>
    </message>
    <message>
      <source>It runs straight with the steering wheel %1 to the left. What brings it level?</source>
      <translation>It runs straight with the steering wheel %1 to the left. What brings it level?</translation>
    </message>
    <message>
      <source>It runs straight with the steering wheel %1 to the right. What brings it level?</source>
      <translation>It runs straight with the steering wheel %1 to the right. What brings it level?</translation>
    </message>
    <message>
      <source>It saves the second jacking, and with it a round of readings.</source>
      <translation>It saves the second jacking, and with it a round of readings.</translation>
    </message>
    <message>
      <source>It shimmies or wobbles</source>
      <translation>It shimmies or wobbles</translation>
    </message>
    <message>
      <source>It shows</source>
      <translation>It shows</translation>
    </message>
    <message>
      <source>It speaks (Ctrl+B): the next spot, what was kept, what to turn.</source>
      <translation>It speaks (Ctrl+B): the next spot, what was kept, what to turn.</translation>
    </message>
    <message>
      <source>It stands at the head of the book and on each record.</source>
      <translation>It stands at the head of the book and on each record.</translation>
    </message>
    <message>
      <source>It stayed: that is the rule</source>
      <translation>It stayed: that is the rule</translation>
    </message>
    <message>
      <source>It stays done up</source>
      <translation>It stays done up</translation>
    </message>
    <message>
      <source>It steers heavily</source>
      <translation>It steers heavily</translation>
    </message>
    <message>
      <source>It stood at %1. The sheet says: stop at %2, shaken it then shows %3. What now?</source>
      <translation>It stood at %1. The sheet says: stop at %2, shaken it then shows %3. What now?</translation>
    </message>
    <message>
      <source>It stood at %1; you said %2.</source>
      <translation>It stood at %1; you said %2.</translation>
    </message>
    <message>
      <source>It tells: %1 For that it needs:</source>
      <translation>It tells: %1 For that it needs:</translation>
    </message>
    <message>
      <source>It tells: %1 Nothing of the car has to be measured for it.</source>
      <translation>It tells: %1 Nothing of the car has to be measured for it.</translation>
    </message>
    <message>
      <source>It turns both front wheels the same way: the steering wheel, not the toe.</source>
      <translation>It turns both front wheels the same way: the steering wheel, not the toe.</translation>
    </message>
    <message>
      <source>It wanders, follows ruts</source>
      <translation>It wanders, follows ruts</translation>
    </message>
    <message>
      <source>It was %1</source>
      <translation>It was %1</translation>
    </message>
    <message>
      <source>It was %1 since it settled: roll it and bounce it again.</source>
      <translation>It was %1 since it settled: roll it and bounce it again.</translation>
    </message>
    <message>
      <source>It was %1: roll it back and forth a car's length and bounce it (F11, F12).</source>
      <translation>It was %1: roll it back and forth a car's length and bounce it (F11, F12).</translation>
    </message>
    <message>
      <source>It was bounced</source>
      <translation>It was bounced</translation>
    </message>
    <message>
      <source>It was called good, and is %1 outside its band.</source>
      <translation>It was called good, and is %1 outside its band.</translation>
    </message>
    <message>
      <source>It was found for this suspension, these bushes, this tire.</source>
      <translation>It was found for this suspension, these bushes, this tyre.</translation>
    </message>
    <message>
      <source>It was jacked</source>
      <translation>It was jacked</translation>
    </message>
    <message>
      <source>It was not held</source>
      <translation>It was not held</translation>
    </message>
    <message>
      <source>It was put right.</source>
      <translation>It was put right.</translation>
    </message>
    <message>
      <source>It was rolled</source>
      <translation>It was rolled</translation>
    </message>
    <message>
      <source>It was surveyed under a wheelbase of %1: this car stands on other spots.</source>
      <translation>It was surveyed under a wheelbase of %1: this car stands on other spots.</translation>
    </message>
    <message>
      <source>It would fit if a reading there is wrong: read it again.</source>
      <translation>It would fit if a reading there is wrong: read it again.</translation>
    </message>
    <message>
      <source>It would fit if all of this pass was turned the other way.</source>
      <translation>It would fit if all of this pass was turned the other way.</translation>
    </message>
    <message>
      <source>It would fit if front and rear bolt were swapped.</source>
      <translation>It would fit if front and rear bolt were swapped.</translation>
    </message>
    <message>
      <source>It would fit if it did not turn at all: a seized thread, or a rod that turned in its ends.</source>
      <translation>It would fit if it did not turn at all: a seized thread, or a rod that turned in its ends.</translation>
    </message>
    <message>
      <source>It would fit if it was done on the other side instead.</source>
      <translation>It would fit if it was done on the other side instead.</translation>
    </message>
    <message>
      <source>It would fit if it was half as much.</source>
      <translation>It would fit if it was half as much.</translation>
    </message>
    <message>
      <source>It would fit if it was turned the other way.</source>
      <translation>It would fit if it was turned the other way.</translation>
    </message>
    <message>
      <source>It would fit if it was twice as much.</source>
      <translation>It would fit if it was twice as much.</translation>
    </message>
    <message>
      <source>It would fit if its two ways were swapped.</source>
      <translation>It would fit if its two ways were swapped.</translation>
    </message>
    <message>
      <source>It would fit if nothing was changed there, or it slipped back.</source>
      <translation>It would fit if nothing was changed there, or it slipped back.</translation>
    </message>
    <message>
      <source>It would fit if the rod of the other side was turned instead.</source>
      <translation>It would fit if the rod of the other side was turned instead.</translation>
    </message>
    <message>
      <source>It would fit if the steering moved: both front wheels went the same way beside it.</source>
      <translation>It would fit if the steering moved: both front wheels went the same way beside it.</translation>
    </message>
    <message>
      <source>Its battery is low: its figures may wander.</source>
      <translation>Its battery is low: its figures may wander.</translation>
    </message>
    <message>
      <source>Its button keeps what it shows as the reading that is asked for, with the same questions as a typed one. It waits until the gauge is steady.</source>
      <translation>Its button keeps what it shows as the reading that is asked for, with the same questions as a typed one. It waits until the gauge is steady.</translation>
    </message>
    <message>
      <source>Its card</source>
      <translation>Its card</translation>
    </message>
    <message>
      <source>Its division …</source>
      <translation>Its division …</translation>
    </message>
    <message>
      <source>Its figures after it was set</source>
      <translation>Its figures after it was set</translation>
    </message>
    <message>
      <source>Its figures as it came in</source>
      <translation>Its figures as it came in</translation>
    </message>
    <message>
      <source>Its middle, where it has least play, is found anew, and the drag link or the rods are set to it.</source>
      <translation>Its middle, where it has least play, is found anew, and the drag link or the rods are set to it.</translation>
    </message>
    <message>
      <source>Its numbers are taken to run from its end. The nudge test in the drawer proves it, once.</source>
      <translation>Its numbers are taken to run from its end. The nudge test in the drawer proves it, once.</translation>
    </message>
    <message>
      <source>Its spread …</source>
      <translation>Its spread …</translation>
    </message>
    <message>
      <source>Its top leans forward</source>
      <translation>Its top leans forward</translation>
    </message>
    <message>
      <source>Its top leans in</source>
      <translation>Its top leans in</translation>
    </message>
    <message>
      <source>Its top leans out</source>
      <translation>Its top leans out</translation>
    </message>
    <message>
      <source>Its top leans rearward</source>
      <translation>Its top leans rearward</translation>
    </message>
    <message>
      <source>Its torque is not on the card: type it from the manual; it goes onto the card.</source>
      <translation>Its torque is not on the card: type it from the manual; it goes onto the card.</translation>
    </message>
    <message>
      <source>Its torque, from the manual: it goes onto the card of this car.</source>
      <translation>Its torque, from the manual: it goes onto the card of this car.</translation>
    </message>
    <message>
      <source>Its zero …</source>
      <translation>Its zero …</translation>
    </message>
    <message>
      <source>Jack, stands, chocks; everything below is done in this one go</source>
      <translation>Jack, stands, chocks; everything below is done in this one go</translation>
    </message>
    <message>
      <source>Jacked  F10</source>
      <translation>Jacked  F10</translation>
    </message>
    <message>
      <source>Jacks slip and sink.</source>
      <translation>Jacks slip and sink.</translation>
    </message>
    <message>
      <source>Joint middle to joint middle, both sides alike.</source>
      <translation>Joint middle to joint middle, both sides alike.</translation>
    </message>
    <message>
      <source>Judge it</source>
      <translation>Judge it</translation>
    </message>
    <message>
      <source>Just checking</source>
      <translation>Just checking</translation>
    </message>
    <message>
      <source>Keep the thread engaged that the vehicle's manual asks for; its torque and a new pin or nut where it says so. The manual and a qualified technician come before this program.</source>
      <translation>Keep the thread engaged that the vehicle's manual asks for; its torque and a new pin or nut where it says so. The manual and a qualified technician come before this program.</translation>
    </message>
    <message>
      <source>Keep this floor</source>
      <translation>Keep this floor</translation>
    </message>
    <message>
      <source>Kept. Shake it now, and read once more: F2.</source>
      <translation>Kept. Shake it now, and read once more: F2.</translation>
    </message>
    <message>
      <source>Kept. Something else comes first: back on the sheet it is said.</source>
      <translation>Kept. Something else comes first: back on the sheet it is said.</translation>
    </message>
    <message>
      <source>Kerbed the left front</source>
      <translation>Kerbed the left front</translation>
    </message>
    <message>
      <source>Keypad: slash a fraction, minus joins a whole and a fraction or is a sign, plus strong, star weak, Enter keeps and with nothing typed goes on, Del clears and then takes back</source>
      <translation>Keypad: slash a fraction, minus joins a whole and a fraction or is a sign, plus strong, star weak, Enter keeps and with nothing typed goes on, Del clears and then takes back</translation>
    </message>
    <message>
      <source>Language</source>
      <translation>Language</translation>
    </message>
    <message>
      <source>Lay the bar along the rear wheel, touching the rim or tire at both lips below the bulge, at hub height, and past the front wheel.</source>
      <translation>Lay the bar along the rear wheel, touching the rim or tyre at both lips below the bulge, at hub height, and past the front wheel.</translation>
    </message>
    <message>
      <source>Lay the straightedge from the %1 to the %2 spot and say how much higher the second is.</source>
      <translation>Lay the straightedge from the %1 to the %2 spot and say how much higher the second is.</translation>
    </message>
    <message>
      <source>Lean test …</source>
      <translation>Lean test …</translation>
    </message>
    <message>
      <source>Leave it</source>
      <translation>Leave it</translation>
    </message>
    <message>
      <source>Leave it as it is</source>
      <translation>Leave it as it is</translation>
    </message>
    <message>
      <source>Leave it so</source>
      <translation>Leave it so</translation>
    </message>
    <message>
      <source>Leave it …</source>
      <translation>Leave it …</translation>
    </message>
    <message>
      <source>Leave its locknut where it is: then the length stays.</source>
      <translation>Leave its locknut where it is: then the length stays.</translation>
    </message>
    <message>
      <source>Leaving it is a decision like any other: it goes into the record with its ± and your reason.</source>
      <translation>Leaving it is a decision like any other: it goes into the record with its ± and your reason.</translation>
    </message>
    <message>
      <source>Left against right</source>
      <translation>Left against right</translation>
    </message>
    <message>
      <source>Left as it is</source>
      <translation>Left as it is</translation>
    </message>
    <message>
      <source>Left boot clip</source>
      <translation>Left boot clip</translation>
    </message>
    <message>
      <source>Left empty, it is asked where it is first needed.</source>
      <translation>Left empty, it is asked where it is first needed.</translation>
    </message>
    <message>
      <source>Left rear tie rod</source>
      <translation>Left rear track rod</translation>
    </message>
    <message>
      <source>Left rear toe link</source>
      <translation>Left rear toe link</translation>
    </message>
    <message>
      <source>Left rod longer, right rod shorter</source>
      <translation>Left rod longer, right rod shorter</translation>
    </message>
    <message>
      <source>Left rod shorter, right rod longer</source>
      <translation>Left rod shorter, right rod longer</translation>
    </message>
    <message>
      <source>Left string</source>
      <translation>Left string</translation>
    </message>
    <message>
      <source>Left tie rod</source>
      <translation>Left track rod</translation>
    </message>
    <message>
      <source>Left tie rod, locknut</source>
      <translation>Left track rod, locknut</translation>
    </message>
    <message>
      <source>Lengths</source>
      <translation>Lengths</translation>
    </message>
    <message>
      <source>Lengths are read with</source>
      <translation>Lengths are read with</translation>
    </message>
    <message>
      <source>Lengths of the tie rods</source>
      <translation>Lengths of the track rods</translation>
    </message>
    <message>
      <source>Lengths: mm or inches</source>
      <translation>Lengths: mm or inches</translation>
    </message>
    <message>
      <source>Lessons</source>
      <translation>Lessons</translation>
    </message>
    <message>
      <source>Lessons on the practice floor</source>
      <translation>Lessons on the practice floor</translation>
    </message>
    <message>
      <source>Let the water come to rest; read the bottom of its curve, the same way at each spot.</source>
      <translation>Let the water come to rest; read the bottom of its curve, the same way at each spot.</translation>
    </message>
    <message>
      <source>Level and gap</source>
      <translation>Level and gap</translation>
    </message>
    <message>
      <source>Level and gap, swept</source>
      <translation>Level and gap, swept</translation>
    </message>
    <message>
      <source>Level and straightedge</source>
      <translation>Level and straightedge</translation>
    </message>
    <message>
      <source>Level on the spokes or a mark at the top of the rim, seen from the driver's seat. Hold it with a wheel holder or a strap. Power steering: engine running for this, with ventilation.</source>
      <translation>Level on the spokes or a mark at the top of the rim, seen from the driver's seat. Hold it with a wheel holder or a strap. Power steering: engine running for this, with ventilation.</translation>
    </message>
    <message>
      <source>Level upright against the {0} wheel: the gap at the lip it does not touch, and which way the top leans.</source>
      <translation>Level upright against the {0} wheel: the gap at the lip it does not touch, and which way the top leans.</translation>
    </message>
    <message>
      <source>Level with the hub centers at each end. Where it can't be, measure its height there: with camber, a string off the hub's height reads a false toe, which is then taken out.</source>
      <translation>Level with the hub centres at each end. Where it can't be, measure its height there: with camber, a string off the hub's height reads a false toe, which is then taken out.</translation>
    </message>
    <message>
      <source>Lever at both inner bushes, and at the ball joint with its load off; a bent arm.</source>
      <translation>Lever at both inner bushes, and at the ball joint with its load off; a bent arm.</translation>
    </message>
    <message>
      <source>Lever at the front bush; a bolt or cam that slipped there.</source>
      <translation>Lever at the front bush; a bolt or cam that slipped there.</translation>
    </message>
    <message>
      <source>Lever at the rear bush; a bolt or cam that slipped there.</source>
      <translation>Lever at the rear bush; a bolt or cam that slipped there.</translation>
    </message>
    <message>
      <source>Lever each gently; bolts of rubber bushes were tightened at ride height, not hanging.</source>
      <translation>Lever each gently; bolts of rubber bushes were tightened at ride height, not hanging.</translation>
    </message>
    <message>
      <source>Lifted, on a beam axle</source>
      <translation>Lifted, on a beam axle</translation>
    </message>
    <message>
      <source>Like 12' in or 0.2 deg out; a bare number is degrees.</source>
      <translation>Like 12' in or 0.2 deg out; a bare number is degrees.</translation>
    </message>
    <message>
      <source>Like 2.2 bar or 32 psi; a bare number is %1.</source>
      <translation>Like 2.2 bar or 32 psi; a bare number is %1.</translation>
    </message>
    <message>
      <source>Like 3.5 or 3°30'.</source>
      <translation>Like 3.5 or 3°30'.</translation>
    </message>
    <message>
      <source>Like 71 C or 160 F; a bare number is %1.</source>
      <translation>Like 71 C or 160 F; a bare number is %1.</translation>
    </message>
    <message>
      <source>Likeliest: a floor that falls off to one side. Survey it.</source>
      <translation>Likeliest: a floor that falls off to one side. Survey it.</translation>
    </message>
    <message>
      <source>Likeliest: how far the wheels are really swept.</source>
      <translation>Likeliest: how far the wheels are really swept.</translation>
    </message>
    <message>
      <source>Likeliest: how the rule meets the rim, or the boards' span.</source>
      <translation>Likeliest: how the rule meets the rim, or the boards' span.</translation>
    </message>
    <message>
      <source>Likeliest: the gauge's zero. Check it end for end.</source>
      <translation>Likeliest: the gauge's zero. Check it end for end.</translation>
    </message>
    <message>
      <source>Likeliest: the line that the rear wheels are measured to.</source>
      <translation>Likeliest: the line that the rear wheels are measured to.</translation>
    </message>
    <message>
      <source>Likeliest: what counts as straight ahead, here or there.</source>
      <translation>Likeliest: what counts as straight ahead, here or there.</translation>
    </message>
    <message>
      <source>Likely to finish the job</source>
      <translation>Likely to finish the job</translation>
    </message>
    <message>
      <source>Lines</source>
      <translation>Lines</translation>
    </message>
    <message>
      <source>Linoleum with grease, two pieces face to face</source>
      <translation>Linoleum with grease, two pieces face to face</translation>
    </message>
    <message>
      <source>Listen to it</source>
      <translation>Listen to it</translation>
    </message>
    <message>
      <source>Load it as stated, settle, and keep it so for the whole job.</source>
      <translation>Load it as stated, settle, and keep it so for the whole job.</translation>
    </message>
    <message>
      <source>Load off the joint: lever it gently up and down, watch the joint and not the tire.</source>
      <translation>Load off the joint: lever it gently up and down, watch the joint and not the tyre.</translation>
    </message>
    <message>
      <source>Load the maker asks for</source>
      <translation>Load the maker asks for</translation>
    </message>
    <message>
      <source>Lock it</source>
      <translation>Lock it</translation>
    </message>
    <message>
      <source>Lock the nuts, then drive it on a straight flat road and say what the wheel does (Ctrl+8).</source>
      <translation>Lock the nuts, then drive it on a straight flat road and say what the wheel does (Ctrl+8).</translation>
    </message>
    <message>
      <source>Lock to lock</source>
      <translation>Lock to lock</translation>
    </message>
    <message>
      <source>Lock what was turned</source>
      <translation>Lock what was turned</translation>
    </message>
    <message>
      <source>Locked</source>
      <translation>Locked</translation>
    </message>
    <message>
      <source>Locking moved it: loosen, hold, again</source>
      <translation>Locking moved it: loosen, hold, again</translation>
    </message>
    <message>
      <source>Locknuts cracked, threads oiled, boots off the rods; then down, roll and bounce, and only then the strings. What is loose goes on the loose list.</source>
      <translation>Locknuts cracked, threads oiled, boots off the rods; then down, roll and bounce, and only then the strings. What is loose goes on the loose list.</translation>
    </message>
    <message>
      <source>Longer</source>
      <translation>Longer</translation>
    </message>
    <message>
      <source>Look again</source>
      <translation>Look again</translation>
    </message>
    <message>
      <source>Look at</source>
      <translation>Look at</translation>
    </message>
    <message>
      <source>Look at the rims</source>
      <translation>Look at the rims</translation>
    </message>
    <message>
      <source>Look at the wheel again after each turn of an adjuster; 0 is straight.</source>
      <translation>Look at the wheel again after each turn of an adjuster; 0 is straight.</translation>
    </message>
    <message>
      <source>Look first, then turn</source>
      <translation>Look first, then turn</translation>
    </message>
    <message numerus="yes">
      <source>Look over %n things</source>
      <comment>Look over one thing</comment>
      <translation>
        <numerusform>Look over one thing</numerusform>
        <numerusform>Look over %n things</numerusform>
      </translation>
    </message>
    <message>
      <source>Look under the car</source>
      <translation>Look under the car</translation>
    </message>
    <message>
      <source>Look: {0}</source>
      <translation>Look: {0}</translation>
    </message>
    <message>
      <source>Looked: a left-hand thread</source>
      <translation>Looked: a left-hand thread</translation>
    </message>
    <message>
      <source>Looked: a right-hand thread</source>
      <translation>Looked: a right-hand thread</translation>
    </message>
    <message>
      <source>Looked: at the left knuckle</source>
      <translation>Looked: at the left knuckle</translation>
    </message>
    <message>
      <source>Looked: at the lower arm</source>
      <translation>Looked: at the lower arm</translation>
    </message>
    <message>
      <source>Looked: at the right knuckle</source>
      <translation>Looked: at the right knuckle</translation>
    </message>
    <message>
      <source>Looked: at the upper arm</source>
      <translation>Looked: at the upper arm</translation>
    </message>
    <message>
      <source>Looked: it is the lower bolt</source>
      <translation>Looked: it is the lower bolt</translation>
    </message>
    <message>
      <source>Looked: it is the upper bolt</source>
      <translation>Looked: it is the upper bolt</translation>
    </message>
    <message>
      <source>Looked: it runs ahead of the axle</source>
      <translation>Looked: it runs ahead of the axle</translation>
    </message>
    <message>
      <source>Looked: it runs behind the axle</source>
      <translation>Looked: it runs behind the axle</translation>
    </message>
    <message>
      <source>Looked: its body end lies ahead</source>
      <translation>Looked: its body end lies ahead</translation>
    </message>
    <message>
      <source>Looked: its body end lies behind</source>
      <translation>Looked: its body end lies behind</translation>
    </message>
    <message>
      <source>Looked: more push the arm inward</source>
      <translation>Looked: more push the arm inward</translation>
    </message>
    <message>
      <source>Looked: more push the arm outward</source>
      <translation>Looked: more push the arm outward</translation>
    </message>
    <message>
      <source>Looked: the other way round</source>
      <translation>Looked: the other way round</translation>
    </message>
    <message>
      <source>Low tires, a dry joint or no power help, before any angle; more caster than it should have makes it heavier.</source>
      <translation>Low tyres, a dry joint or no power help, before any angle; more caster than it should have makes it heavier.</translation>
    </message>
    <message>
      <source>Lowered 30 mm</source>
      <translation>Lowered 30 mm</translation>
    </message>
    <message>
      <source>Lowered, lifted, or new springs</source>
      <translation>Lowered, lifted, or new springs</translation>
    </message>
    <message>
      <source>Made from</source>
      <translation>Made from</translation>
    </message>
    <message>
      <source>Made in a minute from what lies about.</source>
      <translation>Made in a minute from what lies about.</translation>
    </message>
    <message>
      <source>Make a book there</source>
      <translation>Make a book there</translation>
    </message>
    <message>
      <source>Making rigs</source>
      <translation>Making rigs</translation>
    </message>
    <message>
      <source>Mark the rack's housing at both clamps, and the wheel on its shaft.</source>
      <translation>Mark the rack's housing at both clamps, and the wheel on its shaft.</translation>
    </message>
    <message>
      <source>Mark the spot and read all rounds with the same side up, or read twice, half a turn apart, and take the mean.</source>
      <translation>Mark the spot and read all rounds with the same side up, or read twice, half a turn apart, and take the mean.</translation>
    </message>
    <message>
      <source>Mark where it stands, then free the nut while the head is held: it jumps.</source>
      <translation>Mark where it stands, then free the nut while the head is held: it jumps.</translation>
    </message>
    <message>
      <source>Mark, then loosen; hold the bolt's head while the nut turns.</source>
      <translation>Mark, then loosen; hold the bolt's head while the nut turns.</translation>
    </message>
    <message>
      <source>Marks on the floor from a base line, with the offset reckoned for any angle.</source>
      <translation>Marks on the floor from a base line, with the offset reckoned for any angle.</translation>
    </message>
    <message>
      <source>Marks round its nuts; the mount while somebody rocks the wheel at the top.</source>
      <translation>Marks round its nuts; the mount while somebody rocks the wheel at the top.</translation>
    </message>
    <message>
      <source>Marks round its nuts; the mount while somebody turns the steering to and fro.</source>
      <translation>Marks round its nuts; the mount while somebody turns the steering to and fro.</translation>
    </message>
    <message>
      <source>Marks that are there already</source>
      <translation>Marks that are there already</translation>
    </message>
    <message>
      <source>Marks, from the rear axle</source>
      <translation>Marks, from the rear axle</translation>
    </message>
    <message>
      <source>May move, at most</source>
      <translation>May move, at most</translation>
    </message>
    <message>
      <source>Measure again</source>
      <translation>Measure again</translation>
    </message>
    <message>
      <source>Measure each stack; write it down before the first bolt is loosened.</source>
      <translation>Measure each stack; write it down before the first bolt is loosened.</translation>
    </message>
    <message>
      <source>Measure from a fixed stand to the tire's side at hub height, roll the wheel a quarter turn, measure again.</source>
      <translation>Measure from a fixed stand to the tyre's side at hub height, roll the wheel a quarter turn, measure again.</translation>
    </message>
    <message>
      <source>Measure from string to string along the {1}, square across the car.</source>
      <translation>Measure from string to string along the {1}, square across the car.</translation>
    </message>
    <message>
      <source>Measure from string to string at both bars. It is the check that nobody bumped them: two numbers read again tell whether the strings moved, and how far.</source>
      <translation>Measure from string to string at both bars. It is the check that nobody bumped them: two numbers read again tell whether the strings moved, and how far.</translation>
    </message>
    <message>
      <source>Measure from string to string in front and behind, square across the car. Without these two numbers the strings are known to each other only through the hubs.</source>
      <translation>Measure from string to string in front and behind, square across the car. Without these two numbers the strings are known to each other only through the hubs.</translation>
    </message>
    <message>
      <source>Measure from the floor to the datum points at four places; push: nothing rocks.</source>
      <translation>Measure from the floor to the datum points at four places; push: nothing rocks.</translation>
    </message>
    <message>
      <source>Measure from the floor up to the level line at the %1 wheel's spot.</source>
      <translation>Measure from the floor up to the level line at the %1 wheel's spot.</translation>
    </message>
    <message>
      <source>Measure how much of its thread shows; then it is said what to turn.</source>
      <translation>Measure how much of its thread shows; then it is said what to turn.</translation>
    </message>
    <message>
      <source>Measure it at the %1.</source>
      <translation>Measure it at the %1.</translation>
    </message>
    <message>
      <source>Measure the rod and the thread that shows against what was noted; a locknut that turned; a bent rod shows along a straightedge.</source>
      <translation>Measure the rod and the thread that shows against what was noted; a locknut that turned; a bent rod shows along a straightedge.</translation>
    </message>
    <message>
      <source>Measure the rod and the thread that shows; count the turns off, and put as many on.</source>
      <translation>Measure the rod and the thread that shows; count the turns off, and put as many on.</translation>
    </message>
    <message>
      <source>Measure the same again, the same way: the program says what is left to turn.</source>
      <translation>Measure the same again, the same way: the program says what is left to turn.</translation>
    </message>
    <message>
      <source>Measure the thread: %1</source>
      <translation>Measure the thread: %1</translation>
    </message>
    <message>
      <source>Measure the width over the hubs of both axles.</source>
      <translation>Measure the width over the hubs of both axles.</translation>
    </message>
    <message>
      <source>Measured</source>
      <translation>Measured</translation>
    </message>
    <message>
      <source>Measured from %1.</source>
      <translation>Measured from %1.</translation>
    </message>
    <message>
      <source>Mend that first; the angles come after.</source>
      <translation>Mend that first; the angles come after.</translation>
    </message>
    <message>
      <source>Mended: good now</source>
      <translation>Mended: good now</translation>
    </message>
    <message>
      <source>Minutes</source>
      <translation>Minutes</translation>
    </message>
    <message>
      <source>Minutes from setting up to the last nut, with the times of this garage, %1 and the chosen tool; in how many of %2 jobs all could be called inside. One that can't be called is another evening: that weighs an hour.</source>
      <translation>Minutes from setting up to the last nut, with the times of this garage, %1 and the chosen tool; in how many of %2 jobs all could be called inside. One that can't be called is another evening: that weighs an hour.</translation>
    </message>
    <message>
      <source>Misread, by %1: %2.</source>
      <translation>Misread, by %1: %2.</translation>
    </message>
    <message>
      <source>Mixed-up stacks move camber and caster by amounts nobody knows.</source>
      <translation>Mixed-up stacks move camber and caster by amounts nobody knows.</translation>
    </message>
    <message>
      <source>More caster for self-centering; more on the side of the curb</source>
      <translation>More caster for self-centreing; more on the side of the kerb</translation>
    </message>
    <message>
      <source>More lessons</source>
      <translation>More lessons</translation>
    </message>
    <message>
      <source>More negative camber for the corner, little for the tire</source>
      <translation>More negative camber for the corner, little for the tyre</translation>
    </message>
    <message>
      <source>More of it</source>
      <translation>More of it</translation>
    </message>
    <message>
      <source>More than one thing, or something else: play at every joint, ride heights, and read again.</source>
      <translation>More than one thing, or something else: play at every joint, ride heights, and read again.</translation>
    </message>
    <message>
      <source>Most likely %1, %2: %3. Read it again.</source>
      <translation>Most likely %1, %2: %3. Read it again.</translation>
    </message>
    <message>
      <source>Mounting bolts tight, no crack in the frame around them.</source>
      <translation>Mounting bolts tight, no crack in the frame around them.</translation>
    </message>
    <message>
      <source>My order …</source>
      <translation>My order …</translation>
    </message>
    <message>
      <source>Negative camber is in, toward the car.</source>
      <translation>Negative camber is in, toward the car.</translation>
    </message>
    <message>
      <source>Neither</source>
      <translation>Neither</translation>
    </message>
    <message>
      <source>Never look into the laser, and point it where nobody can: no stronger than the maker allows without goggles.</source>
      <translation>Never look into the laser, and point it where nobody can: no stronger than the maker allows without goggles.</translation>
    </message>
    <message>
      <source>New bushes and joints sit where the worn ones did not: camber and caster move, and toe with them.</source>
      <translation>New bushes and joints sit where the worn ones did not: camber and caster move, and toe with them.</translation>
    </message>
    <message>
      <source>New rack, drove home</source>
      <translation>New rack, drove home</translation>
    </message>
    <message>
      <source>New split pins and self-locking nuts where the manual has them; thread engaged as far as it asks.</source>
      <translation>New split pins and self-locking nuts where the manual has them; thread engaged as far as it asks.</translation>
    </message>
    <message>
      <source>Next</source>
      <translation>Next</translation>
    </message>
    <message>
      <source>Next step</source>
      <translation>Next step</translation>
    </message>
    <message>
      <source>Next: %1.</source>
      <translation>Next: %1.</translation>
    </message>
    <message>
      <source>No angle was read in it.</source>
      <translation>No angle was read in it.</translation>
    </message>
    <message>
      <source>No angle.</source>
      <translation>No angle.</translation>
    </message>
    <message>
      <source>No book can be made at {0}: {1}.</source>
      <translation>No book can be made at {0}: {1}.</translation>
    </message>
    <message>
      <source>No broken coil, no leak, top mounts seated.</source>
      <translation>No broken coil, no leak, top mounts seated.</translation>
    </message>
    <message>
      <source>No car is to be looked at again on a day.</source>
      <translation>No car is to be looked at again on a day.</translation>
    </message>
    <message>
      <source>No copy could be made at {0}: {1}.</source>
      <translation>No copy could be made at {0}: {1}.</translation>
    </message>
    <message>
      <source>No cracks, no rubber torn off its sleeve, no witness marks of metal on metal.</source>
      <translation>No cracks, no rubber torn off its sleeve, no witness marks of metal on metal.</translation>
    </message>
    <message>
      <source>No gauge</source>
      <translation>No gauge</translation>
    </message>
    <message>
      <source>No job is open.</source>
      <translation>No job is open.</translation>
    </message>
    <message>
      <source>No light between spacer and hub; enough thread in the nuts as their maker asks.</source>
      <translation>No light between spacer and hub; enough thread in the nuts as their maker asks.</translation>
    </message>
    <message>
      <source>No need of it</source>
      <translation>No need of it</translation>
    </message>
    <message>
      <source>No number of readings with these tools settles it within reason: another way of measuring may, or leave it as it is.</source>
      <translation>No number of readings with these tools settles it within reason: another way of measuring may, or leave it as it is.</translation>
    </message>
    <message>
      <source>No roughness when the wheel is spun, no grease thrown out.</source>
      <translation>No roughness when the wheel is spun, no grease thrown out.</translation>
    </message>
    <message>
      <source>No strings, no level ground needed under them, done in five minutes; a good check on strings.</source>
      <translation>No strings, no level ground needed under them, done in five minutes; a good check on strings.</translation>
    </message>
    <message>
      <source>No targets yet</source>
      <translation>No targets yet</translation>
    </message>
    <message>
      <source>No targets yet: say what to aim at, from the car's manual. It stands on its card (Ctrl+I).</source>
      <translation>No targets yet: say what to aim at, from the car's manual. It stands on its card (Ctrl+I).</translation>
    </message>
    <message>
      <source>No targets yet: what to aim at is said on the car's card (Ctrl+I), and what it takes then stands here.</source>
      <translation>No targets yet: what to aim at is said on the car's card (Ctrl+I), and what it takes then stands here.</translation>
    </message>
    <message>
      <source>No temporary folder can be made: {0}.</source>
      <translation>No temporary folder can be made: {0}.</translation>
    </message>
    <message>
      <source>No wheel's angle was read on this car yet.</source>
      <translation>No wheel's angle was read on this car yet.</translation>
    </message>
    <message>
      <source>No: %1.</source>
      <translation>No: %1.</translation>
    </message>
    <message>
      <source>Nobody and nothing under the car while it is rolled or bounced.</source>
      <translation>Nobody and nothing under the car while it is rolled or bounced.</translation>
    </message>
    <message>
      <source>Nobody has looked whether the rims run true, or said whether all four wheels are alike: both told, it could be called.</source>
      <translation>Nobody has looked whether the rims run true, or said whether all four wheels are alike: both told, it could be called.</translation>
    </message>
    <message>
      <source>Nobody has looked whether the rims run true: if they do, it could be called.</source>
      <translation>Nobody has looked whether the rims run true: if they do, it could be called.</translation>
    </message>
    <message>
      <source>Nobody has said whether all four wheels are alike: if they are, it could be called.</source>
      <translation>Nobody has said whether all four wheels are alike: if they are, it could be called.</translation>
    </message>
    <message>
      <source>Nobody knows</source>
      <translation>Nobody knows</translation>
    </message>
    <message>
      <source>Nobody touched a rod, and all four moved: toe follows the height.</source>
      <translation>Nobody touched a rod, and all four moved: toe follows the height.</translation>
    </message>
    <message>
      <source>None chosen: it is asked on “Lines”, where what you have hangs on a wall.</source>
      <translation>None chosen: it is asked on “Lines”, where what you have hangs on a wall.</translation>
    </message>
    <message>
      <source>None of the usual slips explains it: look at the adjuster, its bolts and the readings.</source>
      <translation>None of the usual slips explains it: look at the adjuster, its bolts and the readings.</translation>
    </message>
    <message>
      <source>None of the usual slips explains it: look at the rod, its nut and the readings.</source>
      <translation>None of the usual slips explains it: look at the rod, its nut and the readings.</translation>
    </message>
    <message>
      <source>None: no spot is low by half a tile.</source>
      <translation>None: no spot is low by half a tile.</translation>
    </message>
    <message>
      <source>Not as the sheet said: %1, %2 %3 than it.</source>
      <translation>Not as the sheet said: %1, %2 %3 than it.</translation>
    </message>
    <message>
      <source>Not as the sheet said: %1, by %2.</source>
      <translation>Not as the sheet said: %1, by %2.</translation>
    </message>
    <message>
      <source>Not at hand: %1</source>
      <translation>Not at hand: %1</translation>
    </message>
    <message>
      <source>Not driven.</source>
      <translation>Not driven.</translation>
    </message>
    <message>
      <source>Not enough is known yet to turn anything: read on (Ctrl+6).</source>
      <translation>Not enough is known yet to turn anything: read on (Ctrl+6).</translation>
    </message>
    <message>
      <source>Not enough yet for any of the ways below.</source>
      <translation>Not enough yet for any of the ways below.</translation>
    </message>
    <message>
      <source>Not good enough without reading (all inside: {0}). The {1} would come out at {2} ±{3}, and its target leaves ±{4}.</source>
      <translation>Not good enough without reading (all inside: {0}). The {1} would come out at {2} ±{3}, and its target leaves ±{4}.</translation>
    </message>
    <message>
      <source>Not good enough without reading: too little is known of this car.</source>
      <translation>Not good enough without reading: too little is known of this car.</translation>
    </message>
    <message numerus="yes">
      <source>Not known yet which way it works: turn so much, read %n spots again, and it is.</source>
      <comment>Not known yet which way it works: turn so much, read one spot again, and it is.</comment>
      <translation>
        <numerusform>Not known yet which way it works: turn so much, read one spot again, and it is.</numerusform>
        <numerusform>Not known yet which way it works: turn so much, read %n spots again, and it is.</numerusform>
      </translation>
    </message>
    <message>
      <source>Not needed for this: %1. Any can be done all the same.</source>
      <translation>Not needed for this: %1. Any can be done all the same.</translation>
    </message>
    <message>
      <source>Not on this car</source>
      <translation>Not on this car</translation>
    </message>
    <message>
      <source>Not shaken yet: shake it, then read</source>
      <translation>Not shaken yet: shake it, then read</translation>
    </message>
    <message>
      <source>Not surveyed: each spot is taken to lie within ±%1. Toe hardly minds; camber then carries that much more ±.</source>
      <translation>Not surveyed: each spot is taken to lie within ±%1. Toe hardly minds; camber then carries that much more ±.</translation>
    </message>
    <message>
      <source>Not turned since: only read</source>
      <translation>Not turned since: only read</translation>
    </message>
    <message>
      <source>Not yet</source>
      <translation>Not yet</translation>
    </message>
    <message>
      <source>Not: %1.</source>
      <translation>Not: %1.</translation>
    </message>
    <message>
      <source>Notch from the middle: ⟨b⟩%1⟨/b⟩ to each side; notch to notch ⟨b⟩%2⟨/b⟩. The bars at least %3 long.</source>
      <translation>Notch from the middle: ⟨b⟩%1⟨/b⟩ to each side; notch to notch ⟨b⟩%2⟨/b⟩. The bars at least %3 long.</translation>
    </message>
    <message>
      <source>Notched bars</source>
      <translation>Notched bars</translation>
    </message>
    <message>
      <source>Note: %1</source>
      <translation>Note: %1</translation>
    </message>
    <message>
      <source>Notes</source>
      <translation>Notes</translation>
    </message>
    <message>
      <source>Nothing but the wheel: divide its angle by the steering ratio, and turn each front wheel by that.</source>
      <translation>Nothing but the wheel: divide its angle by the steering ratio, and turn each front wheel by that.</translation>
    </message>
    <message>
      <source>Nothing but typing</source>
      <translation>Nothing but typing</translation>
    </message>
    <message>
      <source>Nothing by itself of the rear axle: the string goes with the toe of both wheels, so the width over the hubs has to be measured.</source>
      <translation>Nothing by itself of the rear axle: the string goes with the toe of both wheels, so the width over the hubs has to be measured.</translation>
    </message>
    <message>
      <source>Nothing checked it: the same spot read twice would have.</source>
      <translation>Nothing checked it: the same spot read twice would have.</translation>
    </message>
    <message>
      <source>Nothing checks %1: a slip there would not show. Read twice, it would.</source>
      <translation>Nothing checks %1: a slip there would not show. Read twice, it would.</translation>
    </message>
    <message>
      <source>Nothing here measures what has a target.</source>
      <translation>Nothing here measures what has a target.</translation>
    </message>
    <message>
      <source>Nothing in it wants the wheels up. F2 goes to what is chosen.</source>
      <translation>Nothing in it wants the wheels up. F2 goes to what is chosen.</translation>
    </message>
    <message>
      <source>Nothing is chosen yet, so nothing is told.</source>
      <translation>Nothing is chosen yet, so nothing is told.</translation>
    </message>
    <message>
      <source>Nothing is held there yet: the space bar walks to the spot and holds the %1.</source>
      <translation>Nothing is held there yet: the space bar walks to the spot and holds the %1.</translation>
    </message>
    <message>
      <source>Nothing is left to do.</source>
      <translation>Nothing is left to do.</translation>
    </message>
    <message>
      <source>Nothing is loose</source>
      <translation>Nothing is loose</translation>
    </message>
    <message>
      <source>Nothing is loose.</source>
      <translation>Nothing is loose.</translation>
    </message>
    <message>
      <source>Nothing is typed here until it is said that the car stands.</source>
      <translation>Nothing is typed here until it is said that the car stands.</translation>
    </message>
    <message>
      <source>Nothing is typed here: choose by a key or the mouse.</source>
      <translation>Nothing is typed here: choose by a key or the mouse.</translation>
    </message>
    <message>
      <source>Nothing is typed on the road: stop, then F2, or a passenger reads.</source>
      <translation>Nothing is typed on the road: stop, then F2, or a passenger reads.</translation>
    </message>
    <message>
      <source>Nothing left to turn. Lock the nuts to the manual's torque, then read again: tightening moves things.</source>
      <translation>Nothing left to turn. Lock the nuts to the manual's torque, then read again: tightening moves things.</translation>
    </message>
    <message>
      <source>Nothing moved that these readings could show.</source>
      <translation>Nothing moved that these readings could show.</translation>
    </message>
    <message>
      <source>Nothing needs it: how the strings lie is solved from the readings. Who wants them square is told after the hubs and bars which end to move, which way and how far, once.</source>
      <translation>Nothing needs it: how the strings lie is solved from the readings. Who wants them square is told after the hubs and bars which end to move, which way and how far, once.</translation>
    </message>
    <message>
      <source>Nothing needs shuffling. Put them roughly along the car and read; the estimate finds how each string lies.</source>
      <translation>Nothing needs shuffling. Put them roughly along the car and read; the estimate finds how each string lies.</translation>
    </message>
    <message>
      <source>Nothing of the rear wheels.</source>
      <translation>Nothing of the rear wheels.</translation>
    </message>
    <message>
      <source>Nothing of this car is read yet: read it before, and the turns that put it back can be planned.</source>
      <translation>Nothing of this car is read yet: read it before, and the turns that put it back can be planned.</translation>
    </message>
    <message>
      <source>Nothing on the wall tells these targets. Say what else you have, or make a rig.</source>
      <translation>Nothing on the wall tells these targets. Say what else you have, or make a rig.</translation>
    </message>
    <message>
      <source>Nothing on this sheet can be turned with a rule in its place.</source>
      <translation>Nothing on this sheet can be turned with a rule in its place.</translation>
    </message>
    <message>
      <source>Nothing stands on the floor that could be bumped.</source>
      <translation>Nothing stands on the floor that could be bumped.</translation>
    </message>
    <message>
      <source>Nothing taken down yet: say what there is, or choose a way of measuring directly.</source>
      <translation>Nothing taken down yet: say what there is, or choose a way of measuring directly.</translation>
    </message>
    <message>
      <source>Nothing that mattered.</source>
      <translation>Nothing that mattered.</translation>
    </message>
    <message>
      <source>Nothing that was read tells how the steering wheel sits. This moves it by about {0}° to the left: a drive tells.</source>
      <translation>Nothing that was read tells how the steering wheel sits. This moves it by about {0}° to the left: a drive tells.</translation>
    </message>
    <message>
      <source>Nothing that was read tells how the steering wheel sits. This moves it by about {0}° to the right: a drive tells.</source>
      <translation>Nothing that was read tells how the steering wheel sits. This moves it by about {0}° to the right: a drive tells.</translation>
    </message>
    <message>
      <source>Nothing to lock</source>
      <translation>Nothing to lock</translation>
    </message>
    <message>
      <source>Nothing to look for.</source>
      <translation>Nothing to look for.</translation>
    </message>
    <message>
      <source>Nothing to trip over and nothing to bump: the light is set up beside the car in a minute.</source>
      <translation>Nothing to trip over and nothing to bump: the light is set up beside the car in a minute.</translation>
    </message>
    <message>
      <source>Nothing to turn</source>
      <translation>Nothing to turn</translation>
    </message>
    <message>
      <source>Nothing to turn on this plan. %1 stays outside: Alt+4 chooses another plan.</source>
      <translation>Nothing to turn on this plan. %1 stays outside: Alt+4 chooses another plan.</translation>
    </message>
    <message>
      <source>Nothing to watch</source>
      <translation>Nothing to watch</translation>
    </message>
    <message>
      <source>Nothing was kept: a reading is typed on Read (Ctrl+6).</source>
      <translation>Nothing was kept: a reading is typed on Read (Ctrl+6).</translation>
    </message>
    <message>
      <source>Nothing was kept: what was turned is typed after F3, a reading on Read (Ctrl+6).</source>
      <translation>Nothing was kept: what was turned is typed after F3, a reading on Read (Ctrl+6).</translation>
    </message>
    <message>
      <source>Nothing was kept: what was turned is typed after F3, what the rule shows meanwhile after Alt+9.</source>
      <translation>Nothing was kept: what was turned is typed after F3, what the rule shows meanwhile after Alt+9.</translation>
    </message>
    <message>
      <source>Nothing was read after it.</source>
      <translation>Nothing was read after it.</translation>
    </message>
    <message>
      <source>Nothing was turned.</source>
      <translation>Nothing was turned.</translation>
    </message>
    <message>
      <source>Nothing was typed. Write it like {2} or {3}.</source>
      <translation>Nothing was typed. Write it like {2} or {3}.</translation>
    </message>
    <message>
      <source>Nothing yet. Once it is read, this tells:</source>
      <translation>Nothing yet. Once it is read, this tells:</translation>
    </message>
    <message>
      <source>Nothing: what has moved by more than its ± is news.</source>
      <translation>Nothing: what has moved by more than its ± is news.</translation>
    </message>
    <message>
      <source>Now a whole car</source>
      <translation>Now a whole car</translation>
    </message>
    <message>
      <source>Now {0}.</source>
      <translation>Now {0}.</translation>
    </message>
    <message>
      <source>Nudge test …</source>
      <translation>Nudge test …</translation>
    </message>
    <message>
      <source>Odometer</source>
      <translation>Odometer</translation>
    </message>
    <message>
      <source>Odometer: {0}</source>
      <translation>Odometer: {0}</translation>
    </message>
    <message>
      <source>Ollerby pickup</source>
      <translation>Ollerby pickup</translation>
    </message>
    <message>
      <source>On a bare frame the marks, not the hubs, are what everything else is built to.</source>
      <translation>On a bare frame the marks, not the hubs, are what everything else is built to.</translation>
    </message>
    <message>
      <source>On a bare upright both pivots can be reached, and nothing has to be turned.</source>
      <translation>On a bare upright both pivots can be reached, and nothing has to be turned.</translation>
    </message>
    <message>
      <source>On a car that otherwise drives well, equal and opposite turns of the two tie rods put the wheel straight and leave the toe as it is.</source>
      <translation>On a car that otherwise drives well, equal and opposite turns of the two track rods put the wheel straight and leave the toe as it is.</translation>
    </message>
    <message>
      <source>On a left-hand thread counterclockwise runs it out of its end, seen from the wheel.</source>
      <translation>On a left-hand thread anticlockwise runs it out of its end, seen from the wheel.</translation>
    </message>
    <message>
      <source>On a right-hand thread clockwise runs it out of its end, seen from the wheel.</source>
      <translation>On a right-hand thread clockwise runs it out of its end, seen from the wheel.</translation>
    </message>
    <message>
      <source>On a wire …</source>
      <translation>On a wire …</translation>
    </message>
    <message>
      <source>On blocks the arms stand where the blocks put them: a wrong height is wrong camber, caster and toe.</source>
      <translation>On blocks the arms stand where the blocks put them: a wrong height is wrong camber, caster and toe.</translation>
    </message>
    <message>
      <source>On the bars</source>
      <translation>On the bars</translation>
    </message>
    <message>
      <source>On the floor</source>
      <translation>On the floor</translation>
    </message>
    <message>
      <source>On the inner arm of the {0} wheel, from the rim to where the string crosses.</source>
      <translation>On the inner arm of the {0} wheel, from the rim to where the string crosses.</translation>
    </message>
    <message>
      <source>On the left string</source>
      <translation>On the left string</translation>
    </message>
    <message>
      <source>On the practice floor alone: how the car truly stood, beside what was believed. It ends the practice, so it is asked for twice.</source>
      <translation>On the practice floor alone: how the car truly stood, beside what was believed. It ends the practice, so it is asked for twice.</translation>
    </message>
    <message>
      <source>On the practice road: it runs straight with the steering wheel ⟨b⟩%1⟨/b⟩ to the %2.</source>
      <translation>On the practice road: it runs straight with the steering wheel ⟨b⟩%1⟨/b⟩ to the %2.</translation>
    </message>
    <message>
      <source>On the practice road: it runs straight, and the steering wheel sits straight.</source>
      <translation>On the practice road: it runs straight, and the steering wheel sits straight.</translation>
    </message>
    <message>
      <source>On the right string</source>
      <translation>On the right string</translation>
    </message>
    <message>
      <source>On the wall</source>
      <translation>On the wall</translation>
    </message>
    <message>
      <source>On the wall: “I have …”</source>
      <translation>On the wall: “I have …”</translation>
    </message>
    <message>
      <source>On this car locking it moves the %1 (seen %2 times); the plan has aimed ahead of it.</source>
      <translation>On this car locking it moves the %1 (seen %2 times); the plan has aimed ahead of it.</translation>
    </message>
    <message>
      <source>Once for each gauge: lean it and see which way its figure goes. The drawer of tools keeps it.</source>
      <translation>Once for each gauge: lean it and see which way its figure goes. The drawer of tools keeps it.</translation>
    </message>
    <message>
      <source>Once for each side: the gauge stands the other way round there.</source>
      <translation>Once for each side: the gauge stands the other way round there.</translation>
    </message>
    <message>
      <source>Once more</source>
      <translation>Once more</translation>
    </message>
    <message>
      <source>Once more, if need be: {0}</source>
      <translation>Once more, if need be: {0}</translation>
    </message>
    <message>
      <source>Once moved, F5, and read hubs and bars again. The angles are the same square or not.</source>
      <translation>Once moved, F5, and read hubs and bars again. The angles are the same square or not.</translation>
    </message>
    <message>
      <source>Once round the car: %1 of %2 looked at</source>
      <translation>Once round the car: %1 of %2 looked at</translation>
    </message>
    <message>
      <source>Once round, the legs close to %1 (up to %2 is the level's own); it is spread over them.</source>
      <translation>Once round, the legs close to %1 (up to %2 is the level's own); it is spread over them.</translation>
    </message>
    <message>
      <source>Once round, the legs miss by ⟨b⟩%1⟨/b⟩; up to %2 is the level's own.</source>
      <translation>Once round, the legs miss by ⟨b⟩%1⟨/b⟩; up to %2 is the level's own.</translation>
    </message>
    <message>
      <source>One bag for each bolt, marked.</source>
      <translation>One bag for each bolt, marked.</translation>
    </message>
    <message>
      <source>One bar across the car ahead of the front wheels, one behind the rear ones, on stands or tied to the body, so that the strings pass at hub height.</source>
      <translation>One bar across the car ahead of the front wheels, one behind the rear ones, on stands or tied to the body, so that the strings pass at hub height.</translation>
    </message>
    <message>
      <source>One bar and a rule, one person, two minutes: right for seeing whether something moved.</source>
      <translation>One bar and a rule, one person, two minutes: right for seeing whether something moved.</translation>
    </message>
    <message>
      <source>One corner, seen from behind, drawn as a left one</source>
      <translation>One corner, seen from behind, drawn as a left one</translation>
    </message>
    <message>
      <source>One difference</source>
      <translation>One difference</translation>
    </message>
    <message>
      <source>One estimate knows what each turn does to every angle: what camber takes from toe is in the toe's turn already.</source>
      <translation>One estimate knows what each turn does to every angle: what camber takes from toe is in the toe's turn already.</translation>
    </message>
    <message>
      <source>One hears the opposite said: try it with hands light. It hardly wears tires. Caution: heavier steering.</source>
      <translation>One hears the opposite said: try it with hands light. It hardly wears tyres. Caution: heavier steering.</translation>
    </message>
    <message>
      <source>One job on a sheet: as it came in and as it stands, against its targets. The odometer, and when to look again, are typed here. It is printed or kept as a PDF; a note for the shop says what is known and what this way of measuring can't see.</source>
      <translation>One job on a sheet: as it came in and as it stands, against its targets. The odometer, and when to look again, are typed here. It is printed or kept as a PDF; a note for the shop says what is known and what this way of measuring can't see.</translation>
    </message>
    <message>
      <source>One millimetre of rod is about 0°26' of toe; a new rack set by eye is often a degree or two out.</source>
      <translation>One millimetre of rod is about 0°26' of toe; a new rack set by eye is often a degree or two out.</translation>
    </message>
    <message>
      <source>One place where one reading is taken. Their numbers follow the shortest walk round the car.</source>
      <translation>One place where one reading is taken. Their numbers follow the shortest walk round the car.</translation>
    </message>
    <message>
      <source>One reading is wrong. Which spot would you read again?</source>
      <translation>One reading is wrong. Which spot would you read again?</translation>
    </message>
    <message>
      <source>One seat: it goes back where it was. A new one need not have the old one's height.</source>
      <translation>One seat: it goes back where it was. A new one need not have the old one's height.</translation>
    </message>
    <message>
      <source>One spot after the other, in the order of the shortest walk. Type what the rule shows, as it shows it: 4 1/16, 103.5, 2 9/16 strong. What was understood stands under the line before you keep it. A reading that contradicts the others is named.</source>
      <translation>One spot after the other, in the order of the shortest walk. Type what the rule shows, as it shows it: 4 1/16, 103.5, 2 9/16 strong. What was understood stands under the line before you keep it. A reading that contradicts the others is named.</translation>
    </message>
    <message>
      <source>One string a side, tight, touching nothing.</source>
      <translation>One string a side, tight, touching nothing.</translation>
    </message>
    <message>
      <source>One string along the left side, at hub height, on two stands.</source>
      <translation>One string along the left side, at hub height, on two stands.</translation>
    </message>
    <message>
      <source>One string along the right side, at hub height, on two stands.</source>
      <translation>One string along the right side, at hub height, on two stands.</translation>
    </message>
    <message>
      <source>One string, left side</source>
      <translation>One string, left side</translation>
    </message>
    <message>
      <source>One string, right side</source>
      <translation>One string, right side</translation>
    </message>
    <message>
      <source>One taking: ⟨b⟩±%1⟨/b⟩ (two sigma). Finest division %2.</source>
      <translation>One taking: ⟨b⟩±%1⟨/b⟩ (two sigma). Finest division %2.</translation>
    </message>
    <message>
      <source>One thing at a time on the simulated car: read what is drawn, type it, and see how far off it was.</source>
      <translation>One thing at a time on the simulated car: read what is drawn, type it, and see how far off it was.</translation>
    </message>
    <message>
      <source>One to turn, then read again</source>
      <translation>One to turn, then read again</translation>
    </message>
    <message>
      <source>One tube for both wheels: it sets total toe, and the wheel that the drag link does not hold moves.</source>
      <translation>One tube for both wheels: it sets total toe, and the wheel that the drag link does not hold moves.</translation>
    </message>
    <message>
      <source>One turn at both rods moves the wheel about %1 ±%2, by the card; learnt after one drive.</source>
      <translation>One turn at both rods moves the wheel about %1 ±%2, by the card; learnt after one drive.</translation>
    </message>
    <message>
      <source>One turn at both rods moves the wheel ⟨b⟩%1⟨/b⟩ ±%2 on this car, learnt from %3.</source>
      <translation>One turn at both rods moves the wheel ⟨b⟩%1⟨/b⟩ ±%2 on this car, learnt from %3.</translation>
    </message>
    <message>
      <source>One wheel tells another tale than its twin: something is bent as well as turned.</source>
      <translation>One wheel tells another tale than its twin: something is bent as well as turned.</translation>
    </message>
    <message>
      <source>One wrong reading costs an evening; finding it costs a minute.</source>
      <translation>One wrong reading costs an evening; finding it costs a minute.</translation>
    </message>
    <message>
      <source>Only since now</source>
      <translation>Only since now</translation>
    </message>
    <message>
      <source>Only the steering wheel is crooked: say how it sits (Ctrl+8), then turn both rods.</source>
      <translation>Only the steering wheel is crooked: say how it sits (Ctrl+8), then turn both rods.</translation>
    </message>
    <message>
      <source>Only the string was moved. What has the wheel done?</source>
      <translation>Only the string was moved. What has the wheel done?</translation>
    </message>
    <message>
      <source>Open another book</source>
      <translation>Open another book</translation>
    </message>
    <message>
      <source>Open another book …</source>
      <translation>Open another book …</translation>
    </message>
    <message>
      <source>Open it</source>
      <translation>Open it</translation>
    </message>
    <message>
      <source>Open or bring in</source>
      <translation>Open or bring in</translation>
    </message>
    <message>
      <source>Open the job first that this belongs to.</source>
      <translation>Open the job first that this belongs to.</translation>
    </message>
    <message>
      <source>Open the usual book</source>
      <translation>Open the usual book</translation>
    </message>
    <message>
      <source>Opened before</source>
      <translation>Opened before</translation>
    </message>
    <message>
      <source>Or look: %1</source>
      <translation>Or look: %1</translation>
    </message>
    <message>
      <source>Or point at a floor that was surveyed before.</source>
      <translation>Or point at a floor that was surveyed before.</translation>
    </message>
    <message>
      <source>Or the right side's, as far the other way. Toe takes no part in this: rods set it.</source>
      <translation>Or the right side's, as far the other way. Toe takes no part in this: rods set it.</translation>
    </message>
    <message>
      <source>Other wheels, tires or spacers</source>
      <translation>Other wheels, tyres or spacers</translation>
    </message>
    <message>
      <source>Out at the front turns in at once, in at the rear keeps it from stepping out.</source>
      <translation>Out at the front turns in at once, in at the rear keeps it from stepping out.</translation>
    </message>
    <message>
      <source>Outside</source>
      <translation>Outside</translation>
    </message>
    <message>
      <source>Outward along the slot takes the top of the wheel out.</source>
      <translation>Outward along the slot takes the top of the wheel out.</translation>
    </message>
    <message>
      <source>Over both hub faces of the {0}, square across the car.</source>
      <translation>Over both hub faces of the {0}, square across the car.</translation>
    </message>
    <message>
      <source>Over the hub faces of each axle with the tape. Nothing else goes across the car, so without it both lines are known to each other by nothing.</source>
      <translation>Over the hub faces of each axle with the tape. Nothing else goes across the car, so without it both lines are known to each other by nothing.</translation>
    </message>
    <message>
      <source>Page Down is the next step; Escape goes back.</source>
      <translation>Page Down is the next step; Escape goes back.</translation>
    </message>
    <message>
      <source>Page Up and Page Down go back to one</source>
      <translation>Page Up and Page Down go back to one</translation>
    </message>
    <message>
      <source>Page Up and Page Down go to another spot, Ctrl+1 to Ctrl+8 to another stage.</source>
      <translation>Page Up and Page Down go to another spot, Ctrl+1 to Ctrl+8 to another stage.</translation>
    </message>
    <message>
      <source>Paint or drill witness marks at each bolt; measure to the body on both sides.</source>
      <translation>Paint or drill witness marks at each bolt; measure to the body on both sides.</translation>
    </message>
    <message>
      <source>Pale or dark floor</source>
      <translation>Pale or dark floor</translation>
    </message>
    <message>
      <source>Pass</source>
      <translation>Pass</translation>
    </message>
    <message>
      <source>Pictures</source>
      <translation>Pictures</translation>
    </message>
    <message>
      <source>Pictures (*.png *.jpg *.jpeg *.webp)</source>
      <translation>Pictures (*.png *.jpg *.jpeg *.webp)</translation>
    </message>
    <message>
      <source>Pins in while the car rolls on, out before anything is read.</source>
      <translation>Pins in while the car rolls on, out before anything is read.</translation>
    </message>
    <message>
      <source>Plan: %1 …</source>
      <translation>Plan: %1 …</translation>
    </message>
    <message>
      <source>Play</source>
      <translation>Play</translation>
    </message>
    <message>
      <source>Play and balance first. On a beam axle too much caster feeds it; so do unequal tires.</source>
      <translation>Play and balance first. On a beam axle too much caster feeds it; so do unequal tyres.</translation>
    </message>
    <message>
      <source>Play at the hub is an error in every angle of that wheel.</source>
      <translation>Play at the hub is an error in every angle of that wheel.</translation>
    </message>
    <message>
      <source>Play in a joint, toe out, or too little caster: play first, since nothing can be set on it.</source>
      <translation>Play in a joint, toe out, or too little caster: play first, since nothing can be set on it.</translation>
    </message>
    <message>
      <source>Play in the box is toe that nobody holds.</source>
      <translation>Play in the box is toe that nobody holds.</translation>
    </message>
    <message>
      <source>Played</source>
      <translation>Played</translation>
    </message>
    <message>
      <source>Playing it forward …</source>
      <translation>Playing it forward …</translation>
    </message>
    <message>
      <source>Plumb line and two gaps</source>
      <translation>Plumb line and two gaps</translation>
    </message>
    <message>
      <source>Plumb line, swept</source>
      <translation>Plumb line, swept</translation>
    </message>
    <message>
      <source>Point at a line of the sheet first.</source>
      <translation>Point at a line of the sheet first.</translation>
    </message>
    <message>
      <source>Point at a place of the car and say what belongs there; the rest can wait. Escape goes back to the job.</source>
      <translation>Point at a place of the car and say what belongs there; the rest can wait. Escape goes back to the job.</translation>
    </message>
    <message>
      <source>Point at a tread first.</source>
      <translation>Point at a tread first.</translation>
    </message>
    <message>
      <source>Point at each thing that will be undone. What the others do stays as it is.</source>
      <translation>Point at each thing that will be undone. What the others do stays as it is.</translation>
    </message>
    <message>
      <source>Point at the joints that will be undone: what may move by that, how far at most, what to mark or measure before, and which other way spares it.</source>
      <translation>Point at the joints that will be undone: what may move by that, how far at most, what to mark or measure before, and which other way spares it.</translation>
    </message>
    <message>
      <source>Point at the spot, or go along with Page Down and press F2.</source>
      <translation>Point at the spot, or go along with Page Down and press F2.</translation>
    </message>
    <message>
      <source>Point at what is wrong and at what was changed: it decides which stages matter.</source>
      <translation>Point at what is wrong and at what was changed: it decides which stages matter.</translation>
    </message>
    <message>
      <source>Point at what is wrong with the car and at what was changed on it. That decides which stages matter, and in what order.</source>
      <translation>Point at what is wrong with the car and at what was changed on it. That decides which stages matter, and in what order.</translation>
    </message>
    <message>
      <source>Ports</source>
      <translation>Ports</translation>
    </message>
    <message>
      <source>Practice floor</source>
      <translation>Practice floor</translation>
    </message>
    <message>
      <source>Preferences</source>
      <translation>Preferences</translation>
    </message>
    <message>
      <source>Pressure is ride height.</source>
      <translation>Pressure is ride height.</translation>
    </message>
    <message>
      <source>Pressures and joints first. Two degrees of caster too many are felt.</source>
      <translation>Pressures and joints first. Two degrees of caster too many are felt.</translation>
    </message>
    <message>
      <source>Print</source>
      <translation>Print</translation>
    </message>
    <message>
      <source>Push each corner down and let go: it comes back and stops. A strut's rod is straight when turned.</source>
      <translation>Push each corner down and let go: it comes back and stops. A strut's rod is straight when turned.</translation>
    </message>
    <message>
      <source>Push the tire %1 at this edge, firmly, at hub height; let go slowly, then read.</source>
      <translation>Push the tyre %1 at this edge, firmly, at hub height; let go slowly, then read.</translation>
    </message>
    <message>
      <source>Pushed inward and let go: what does it show?</source>
      <translation>Pushed inward and let go: what does it show?</translation>
    </message>
    <message>
      <source>Pushed outward and let go: what does it show?</source>
      <translation>Pushed outward and let go: what does it show?</translation>
    </message>
    <message>
      <source>Put back to half a millimeter of rod, toe comes back to about a quarter of a degree: enough to drive to where it is measured, not more.</source>
      <translation>Put back to half a millimetre of rod, toe comes back to about a quarter of a degree: enough to drive to where it is measured, not more.</translation>
    </message>
    <message>
      <source>Put back to half a millimetre of rod, toe comes back to about a quarter of a degree: good enough to drive to where it is measured.</source>
      <translation>Put back to half a millimetre of rod, toe comes back to about a quarter of a degree: good enough to drive to where it is measured.</translation>
    </message>
    <message>
      <source>Put it away</source>
      <translation>Put it away</translation>
    </message>
    <message>
      <source>Put it right first where it can be adjusted; a sagged spring is replaced.</source>
      <translation>Put it right first where it can be adjusted; a sagged spring is replaced.</translation>
    </message>
    <message>
      <source>Put on the take-apart list</source>
      <translation>Put on the take-apart list</translation>
    </message>
    <message>
      <source>Put that on the card</source>
      <translation>Put that on the card</translation>
    </message>
    <message>
      <source>Putting it back</source>
      <translation>Putting it back</translation>
    </message>
    <message>
      <source>Quicker with a second person</source>
      <translation>Quicker with a second person</translation>
    </message>
    <message>
      <source>Race: fronts slightly out, rears slightly in</source>
      <translation>Race: fronts slightly out, rears slightly in</translation>
    </message>
    <message>
      <source>Rack boots free on the rods</source>
      <translation>Rack boots free on the rods</translation>
    </message>
    <message>
      <source>Rack mounts and column joints</source>
      <translation>Rack mounts and column joints</translation>
    </message>
    <message>
      <source>Ramps under all four wheels</source>
      <translation>Ramps under all four wheels</translation>
    </message>
    <message>
      <source>Reached as it stands</source>
      <translation>Reached as it stands</translation>
    </message>
    <message>
      <source>Reaching under a car on its wheels: engine off, nobody in the seat, wheels chocked on both sides; where the manual wants stands, there is no reaching.</source>
      <translation>Reaching under a car on its wheels: engine off, nobody in the seat, wheels chocked on both sides; where the manual wants stands, there is no reaching.</translation>
    </message>
    <message>
      <source>Read</source>
      <translation>Read</translation>
    </message>
    <message>
      <source>Read %1 again</source>
      <translation>Read %1 again</translation>
    </message>
    <message numerus="yes">
      <source>Read %n spots</source>
      <comment>Read one spot</comment>
      <translation>
        <numerusform>Read one spot</numerusform>
        <numerusform>Read %n spots</numerusform>
      </translation>
    </message>
    <message>
      <source>Read a gauge</source>
      <translation>Read a gauge</translation>
    </message>
    <message>
      <source>Read a rule</source>
      <translation>Read a rule</translation>
    </message>
    <message>
      <source>Read a spot twice with it, and what your own repeats show stands here.</source>
      <translation>Read a spot twice with it, and what your own repeats show stands here.</translation>
    </message>
    <message>
      <source>Read again after it: spots %1. Nothing moves the rest.</source>
      <translation>Read again after it: spots %1. Nothing moves the rest.</translation>
    </message>
    <message>
      <source>Read again before anything else</source>
      <translation>Read again before anything else</translation>
    </message>
    <message>
      <source>Read angles with it</source>
      <translation>Read angles with it</translation>
    </message>
    <message>
      <source>Read boards</source>
      <translation>Read boards</translation>
    </message>
    <message>
      <source>Read from the bar to the front and to the back lip of the front rim. Then turn the bar over and read again: what differs is the bar's own bend.</source>
      <translation>Read from the bar to the front and to the back lip of the front rim. Then turn the bar over and read again: what differs is the bar's own bend.</translation>
    </message>
    <message>
      <source>Read from the line in to the upper lip, and to the lower one.</source>
      <translation>Read from the line in to the upper lip, and to the lower one.</translation>
    </message>
    <message>
      <source>Read hub and both lips of the left front wheel; then somebody moves the string's front end, and you read the same three again.</source>
      <translation>Read hub and both lips of the left front wheel; then somebody moves the string's front end, and you read the same three again.</translation>
    </message>
    <message>
      <source>Read lengths with it</source>
      <translation>Read lengths with it</translation>
    </message>
    <message>
      <source>Read on: %1</source>
      <translation>Read on: %1</translation>
    </message>
    <message>
      <source>Read the car now, before anything is turned: that stands beside it.</source>
      <translation>Read the car now, before anything is turned: that stands beside it.</translation>
    </message>
    <message>
      <source>Read the front lip before the nut is tightened and after it, and say whether locking has moved the rod. More than half a millimetre at the lip is not the rule.</source>
      <translation>Read the front lip before the nut is tightened and after it, and say whether locking has moved the rod. More than half a millimetre at the lip is not the rule.</translation>
    </message>
    <message>
      <source>Read the front lip, then once more when the rod is a quarter turn longer and the car was shaken. Say which way it goes on.</source>
      <translation>Read the front lip, then once more when the rod is a quarter turn longer and the car was shaken. Say which way it goes on.</translation>
    </message>
    <message>
      <source>Read the gap at the other lip, and say whether the top leans in or out. The height between the two lips is told once.</source>
      <translation>Read the gap at the other lip, and say whether the top leans in or out. The height between the two lips is told once.</translation>
    </message>
    <message>
      <source>Read the gauge on the left front wheel: straight, turned out by 20 degrees, and turned in by 20.</source>
      <translation>Read the gauge on the left front wheel: straight, turned out by 20 degrees, and turned in by 20.</translation>
    </message>
    <message>
      <source>Read the lip once more</source>
      <translation>Read the lip once more</translation>
    </message>
    <message>
      <source>Read the tape between the boards ahead of the wheels, then the one behind them, and say which way the wheels point.</source>
      <translation>Read the tape between the boards ahead of the wheels, then the one behind them, and say which way the wheels point.</translation>
    </message>
    <message>
      <source>Read where the string crosses the two inner arms, from the rim.</source>
      <translation>Read where the string crosses the two inner arms, from the rim.</translation>
    </message>
    <message>
      <source>Read while the wheel still stood %1 off from jacking: %2. Rolling it comes first.</source>
      <translation>Read while the wheel still stood %1 off from jacking: %2. Rolling it comes first.</translation>
    </message>
    <message>
      <source>Reading %1 contradicts the others: read it again.</source>
      <translation>Reading %1 contradicts the others: read it again.</translation>
    </message>
    <message>
      <source>Reading, turning, and reading again what that spoiled. Two are usual: the first turn of an adjuster is by what such cars do, the second by what this one did.</source>
      <translation>Reading, turning, and reading again what that spoiled. Two are usual: the first turn of an adjuster is by what such cars do, the second by what this one did.</translation>
    </message>
    <message>
      <source>Readings %1 contradict each other, and nothing tells yet which is wrong: read them again.</source>
      <translation>Readings %1 contradict each other, and nothing tells yet which is wrong: read them again.</translation>
    </message>
    <message>
      <source>Ready to read (Ctrl+6). Another way of measuring may stand beside this one, as a check on it.</source>
      <translation>Ready to read (Ctrl+6). Another way of measuring may stand beside this one, as a check on it.</translation>
    </message>
    <message>
      <source>Rear axle</source>
      <translation>Rear axle</translation>
    </message>
    <message>
      <source>Rear bar, behind the hubs</source>
      <translation>Rear bar, behind the hubs</translation>
    </message>
    <message>
      <source>Rear rim span, between the two lips that are read</source>
      <translation>Rear rim span, between the two lips that are read</translation>
    </message>
    <message>
      <source>Rear rim, lip to lip</source>
      <translation>Rear rim, lip to lip</translation>
    </message>
    <message>
      <source>Rear toe to aim at</source>
      <translation>Rear toe to aim at</translation>
    </message>
    <message>
      <source>Rear toe, as</source>
      <translation>Rear toe, as</translation>
    </message>
    <message>
      <source>Reckon with your own</source>
      <translation>Reckon with your own</translation>
    </message>
    <message>
      <source>Redo</source>
      <translation>Redo</translation>
    </message>
    <message>
      <source>Refitted and tightened</source>
      <translation>Refitted and tightened</translation>
    </message>
    <message>
      <source>Replace in pairs; then settle and measure again.</source>
      <translation>Replace in pairs; then settle and measure again.</translation>
    </message>
    <message>
      <source>Replace it. Never straighten a steering or suspension part.</source>
      <translation>Replace it. Never straighten a steering or suspension part.</translation>
    </message>
    <message>
      <source>Replace it. Steering joints are safety-critical: by the manual, with new pins or self-locking nuts.</source>
      <translation>Replace it. Steering joints are safety-critical: by the manual, with new pins or self-locking nuts.</translation>
    </message>
    <message>
      <source>Replace worn ends before toe is measured.</source>
      <translation>Replace worn ends before toe is measured.</translation>
    </message>
    <message>
      <source>Replace, and tighten at ride height to the manual's torque.</source>
      <translation>Replace, and tighten at ride height to the manual's torque.</translation>
    </message>
    <message>
      <source>Ride height</source>
      <translation>Ride height</translation>
    </message>
    <message>
      <source>Ride heights against those noted, left against right.</source>
      <translation>Ride heights against those noted, left against right.</translation>
    </message>
    <message>
      <source>Ride heights of all four, before and after it has settled.</source>
      <translation>Ride heights of all four, before and after it has settled.</translation>
    </message>
    <message>
      <source>Right rear tie rod</source>
      <translation>Right rear track rod</translation>
    </message>
    <message>
      <source>Right rear toe link</source>
      <translation>Right rear toe link</translation>
    </message>
    <message>
      <source>Right string</source>
      <translation>Right string</translation>
    </message>
    <message>
      <source>Right tie rod</source>
      <translation>Right track rod</translation>
    </message>
    <message>
      <source>Right: %1.</source>
      <translation>Right: %1.</translation>
    </message>
    <message>
      <source>Right: it stood at %1.</source>
      <translation>Right: it stood at %1.</translation>
    </message>
    <message>
      <source>Road: parallel to slightly in</source>
      <translation>Road: parallel to slightly in</translation>
    </message>
    <message>
      <source>Rock the steering wheel: the drop arm must follow without delay; lift the idler arm, it may hardly move.</source>
      <translation>Rock the steering wheel: the drop arm must follow without delay; lift the idler arm, it may hardly move.</translation>
    </message>
    <message>
      <source>Rock the steering wheel: the rack's body must not move against the car.</source>
      <translation>Rock the steering wheel: the rack's body must not move against the car.</translation>
    </message>
    <message>
      <source>Rock the wheel and watch the rack's housing in its clamps.</source>
      <translation>Rock the wheel and watch the rack's housing in its clamps.</translation>
    </message>
    <message>
      <source>Rock the wheel fore and aft with the brake held; the strut rod or its bush.</source>
      <translation>Rock the wheel fore and aft with the brake held; the strut rod or its bush.</translation>
    </message>
    <message>
      <source>Rock the wheel fore and aft, and look at both bushes.</source>
      <translation>Rock the wheel fore and aft, and look at both bushes.</translation>
    </message>
    <message>
      <source>Rod ends, rods or the rack replaced</source>
      <translation>Rod ends, rods or the rack replaced</translation>
    </message>
    <message>
      <source>Rod lengths, threads, marks, shims and the wheel on its shaft, written down before the first nut, put it back to near where it was.</source>
      <translation>Rod lengths, threads, marks, shims and the wheel on its shaft, written down before the first nut, put it back to near where it was.</translation>
    </message>
    <message>
      <source>Rods and thread</source>
      <translation>Rods and thread</translation>
    </message>
    <message>
      <source>Roll half a turn of the {0} wheel on, and read camber again on the same lips.</source>
      <translation>Roll half a turn of the {0} wheel on, and read camber again on the same lips.</translation>
    </message>
    <message>
      <source>Roll it back and forth a car's length, then bounce each end</source>
      <translation>Roll it back and forth a car's length, then bounce each end</translation>
    </message>
    <message>
      <source>Roll onto slip plates by hand, never driven: they shoot out.</source>
      <translation>Roll onto slip plates by hand, never driven: they shoot out.</translation>
    </message>
    <message>
      <source>Roll the last meter forward by hand with nobody touching the wheel, then clamp what it shows.</source>
      <translation>Roll the last metre forward by hand with nobody touching the wheel, then clamp what it shows.</translation>
    </message>
    <message>
      <source>Roll the wheel half a turn and read again: the mean has no run-out of the rim in it.</source>
      <translation>Roll the wheel half a turn and read again: the mean has no run-out of the rim in it.</translation>
    </message>
    <message>
      <source>Roll-in school: let the car find it</source>
      <translation>Roll-in school: let the car find it</translation>
    </message>
    <message>
      <source>Rolled  F11</source>
      <translation>Rolled  F11</translation>
    </message>
    <message>
      <source>Room to lie under it with the weight on the wheels.</source>
      <translation>Room to lie under it with the weight on the wheels.</translation>
    </message>
    <message>
      <source>Rotate: %1.</source>
      <translation>Rotate: %1.</translation>
    </message>
    <message>
      <source>Rough toe, the rest, toe again</source>
      <translation>Rough toe, the rest, toe again</translation>
    </message>
    <message>
      <source>Rule</source>
      <translation>Rule</translation>
    </message>
    <message>
      <source>Run-out</source>
      <translation>Run-out</translation>
    </message>
    <message>
      <source>Run-out of the rims</source>
      <translation>Run-out of the rims</translation>
    </message>
    <message>
      <source>Runs straight</source>
      <translation>Runs straight</translation>
    </message>
    <message>
      <source>SAI %1</source>
      <translation>SAI %1</translation>
    </message>
    <message>
      <source>Said so far</source>
      <translation>Said so far</translation>
    </message>
    <message>
      <source>Same two points measured on both sides; a straightedge along the strut.</source>
      <translation>Same two points measured on both sides; a straightedge along the strut.</translation>
    </message>
    <message>
      <source>Save as PDF</source>
      <translation>Save as PDF</translation>
    </message>
    <message>
      <source>Save the car</source>
      <translation>Save the car</translation>
    </message>
    <message>
      <source>Save the job</source>
      <translation>Save the job</translation>
    </message>
    <message>
      <source>Save this car as a file …</source>
      <translation>Save this car as a file …</translation>
    </message>
    <message>
      <source>Save this job as a file …</source>
      <translation>Save this job as a file …</translation>
    </message>
    <message>
      <source>Save what is due</source>
      <translation>Save what is due</translation>
    </message>
    <message>
      <source>Save what is due as a calendar …</source>
      <translation>Save what is due as a calendar …</translation>
    </message>
    <message>
      <source>Say %1: without it the readings do not count.</source>
      <translation>Say %1: without it the readings do not count.</translation>
    </message>
    <message>
      <source>Say how the wheel sat, or which way it drifted with the wheel level.</source>
      <translation>Say how the wheel sat, or which way it drifted with the wheel level.</translation>
    </message>
    <message>
      <source>Say how the wheel sits</source>
      <translation>Say how the wheel sits</translation>
    </message>
    <message>
      <source>Say how the wheel sits on a straight road, or which way the car drifts with it level (Ctrl+8).</source>
      <translation>Say how the wheel sits on a straight road, or which way the car drifts with it level (Ctrl+8).</translation>
    </message>
    <message>
      <source>Say its sizes</source>
      <translation>Say its sizes</translation>
    </message>
    <message>
      <source>Say on the car's card whether the rod runs ahead of or behind the axle: the direction hangs on it.</source>
      <translation>Say on the car's card whether the rod runs ahead of or behind the axle: the direction hangs on it.</translation>
    </message>
    <message>
      <source>Say since when the wheel has stood so; it decides what is read again.</source>
      <translation>Say since when the wheel has stood so; it decides what is read again.</translation>
    </message>
    <message>
      <source>Say the part, then its torque: “tie rod locknut 55 Nm”.</source>
      <translation>Say the part, then its torque: “track rod locknut 55 Nm”.</translation>
    </message>
    <message>
      <source>Say what happened to the car: it decides what is stale.</source>
      <translation>Say what happened to the car: it decides what is stale.</translation>
    </message>
    <message>
      <source>Say what sets it</source>
      <translation>Say what sets it</translation>
    </message>
    <message>
      <source>Say what the car stands on: surveyed with a level, or flat enough.</source>
      <translation>Say what the car stands on: surveyed with a level, or flat enough.</translation>
    </message>
    <message>
      <source>Say what to aim at</source>
      <translation>Say what to aim at</translation>
    </message>
    <message>
      <source>Say what tonight's work is to be about.</source>
      <translation>Say what tonight's work is to be about.</translation>
    </message>
    <message>
      <source>Say what was felt: it is kept, and what would explain it.</source>
      <translation>Say what was felt: it is kept, and what would explain it.</translation>
    </message>
    <message>
      <source>Say what was loosened, taken off or left for later; the drive waits for it.</source>
      <translation>Say what was loosened, taken off or left for later; the drive waits for it.</translation>
    </message>
    <message>
      <source>Say what was really turned, one after the other: what the next reading is held against.</source>
      <translation>Say what was really turned, one after the other: what the next reading is held against.</translation>
    </message>
    <message>
      <source>Say what you have, or point at it: what it can measure shows below the wall.</source>
      <translation>Say what you have, or point at it: what it can measure shows below the wall.</translation>
    </message>
    <message>
      <source>Say where it stands</source>
      <translation>Say where it stands</translation>
    </message>
    <message>
      <source>Say whether the rod gets longer or shorter. Behind the axle a longer rod pushes the rear of the wheel out: toe in. Ahead of it, the front: toe out.</source>
      <translation>Say whether the rod gets longer or shorter. Behind the axle a longer rod pushes the rear of the wheel out: toe in. Ahead of it, the front: toe out.</translation>
    </message>
    <message>
      <source>Say whether the wheels are alike</source>
      <translation>Say whether the wheels are alike</translation>
    </message>
    <message>
      <source>Say why it does not count, like “the road fell off”.</source>
      <translation>Say why it does not count, like “the road fell off”.</translation>
    </message>
    <message>
      <source>Say why the reading is wrong; it stays in the record, struck out.</source>
      <translation>Say why the reading is wrong; it stays in the record, struck out.</translation>
    </message>
    <message>
      <source>Scribe or find the frame's centerline at two places far apart, and stretch a string along it below the frame.</source>
      <translation>Scribe or find the frame's centreline at two places far apart, and stretch a string along it below the frame.</translation>
    </message>
    <message>
      <source>Scribe round its nuts and plate on both axes.</source>
      <translation>Scribe round its nuts and plate on both axes.</translation>
    </message>
    <message>
      <source>Scribe the upright's edge on the strut, and read camber before.</source>
      <translation>Scribe the upright's edge on the strut, and read camber before.</translation>
    </message>
    <message>
      <source>Set %1 aside</source>
      <translation>Set %1 aside</translation>
    </message>
    <message>
      <source>Set it aside</source>
      <translation>Set it aside</translation>
    </message>
    <message>
      <source>Set it to zero as its maker says, and read total toe in degrees or minutes, with in or out.</source>
      <translation>Set it to zero as its maker says, and read total toe in degrees or minutes, with in or out.</translation>
    </message>
    <message>
      <source>Set it up</source>
      <translation>Set it up</translation>
    </message>
    <message>
      <source>Set the drive aside</source>
      <translation>Set the drive aside</translation>
    </message>
    <message>
      <source>Set the drive aside …</source>
      <translation>Set the drive aside …</translation>
    </message>
    <message>
      <source>Set the steering straight by one of the three schools, and hold it.</source>
      <translation>Set the steering straight by one of the three schools, and hold it.</translation>
    </message>
    <message>
      <source>Set them to the card, then settle again.</source>
      <translation>Set them to the card, then settle again.</translation>
    </message>
    <message>
      <source>Set up: {0}</source>
      <translation>Set up: {0}</translation>
    </message>
    <message>
      <source>Set-up: %1</source>
      <translation>Set-up: %1</translation>
    </message>
    <message>
      <source>Setting hides the damage and not its danger.</source>
      <translation>Setting hides the damage and not its danger.</translation>
    </message>
    <message>
      <source>Settled</source>
      <translation>Settled</translation>
    </message>
    <message>
      <source>Settling</source>
      <translation>Settling</translation>
    </message>
    <message numerus="yes">
      <source>Shake it, and read %n spots again</source>
      <comment>Shake it, and read one spot again</comment>
      <translation>
        <numerusform>Shake it, and read one spot again</numerusform>
        <numerusform>Shake it, and read %n spots again</numerusform>
      </translation>
    </message>
    <message>
      <source>Shake it, then read</source>
      <translation>Shake it, then read</translation>
    </message>
    <message>
      <source>Shaken: read after it</source>
      <translation>Shaken: read after it</translation>
    </message>
    <message>
      <source>Shift with Page Up and Page Down moves the text at the right.</source>
      <translation>Shift with Page Up and Page Down moves the text at the right.</translation>
    </message>
    <message>
      <source>Shim the blocks; dummy struts hold the arms at ride height.</source>
      <translation>Shim the blocks; dummy struts hold the arms at ride height.</translation>
    </message>
    <message>
      <source>Shims counted and bagged by corner</source>
      <translation>Shims counted and bagged by corner</translation>
    </message>
    <message>
      <source>Shims that fell out, a bolt that slipped: marks beside its bolts.</source>
      <translation>Shims that fell out, a bolt that slipped: marks beside its bolts.</translation>
    </message>
    <message>
      <source>Shorter</source>
      <translation>Shorter</translation>
    </message>
    <message>
      <source>Show me the truth</source>
      <translation>Show me the truth</translation>
    </message>
    <message>
      <source>Show this card</source>
      <translation>Show this card</translation>
    </message>
    <message>
      <source>Shows no sign</source>
      <translation>Shows no sign</translation>
    </message>
    <message>
      <source>Side to side, half a degree of caster or of camber is felt as a pull. Swap the front tires over first: a pull that changes sides is in the tires.</source>
      <translation>Side to side, half a degree of caster or of camber is felt as a pull. Swap the front tyres over first: a pull that changes sides is in the tyres.</translation>
    </message>
    <message>
      <source>Side, arm and thread need not be known: a quarter of a turn tells.</source>
      <translation>Side, arm and thread need not be known: a quarter of a turn tells.</translation>
    </message>
    <message>
      <source>Since %1</source>
      <translation>Since %1</translation>
    </message>
    <message>
      <source>Since “%1”, %2</source>
      <translation>Since “%1”, %2</translation>
    </message>
    <message>
      <source>Size</source>
      <translation>Size</translation>
    </message>
    <message>
      <source>Slide the bars until it is about as far from hub to string on both sides. About is enough: how the strings lie is solved from the readings. Those who want them square have the assistant.</source>
      <translation>Slide the bars until it is about as far from hub to string on both sides. About is enough: how the strings lie is solved from the readings. Those who want them square have the assistant.</translation>
    </message>
    <message>
      <source>Slip and settle</source>
      <translation>Slip and settle</translation>
    </message>
    <message>
      <source>Small steps, one at a time, by the tires' temperatures. Caution: rears that toe out on a fast car can throw it off the road.</source>
      <translation>Small steps, one at a time, by the tyres' temperatures. Caution: rears that toe out on a fast car can throw it off the road.</translation>
    </message>
    <message>
      <source>So this is</source>
      <translation>So this is</translation>
    </message>
    <message>
      <source>So while it was read</source>
      <translation>So while it was read</translation>
    </message>
    <message>
      <source>So: caster, then camber, then toe, and the rear before the front.</source>
      <translation>So: caster, then camber, then toe, and the rear before the front.</translation>
    </message>
    <message>
      <source>Soapy water or oil between the glazed faces. Lower or roll onto them slowly by hand: they crack under a drop.</source>
      <translation>Soapy water or oil between the glazed faces. Lower or roll onto them slowly by hand: they crack under a drop.</translation>
    </message>
    <message>
      <source>Soapy water under it, on a smooth floor; a new piece once it has soaked.</source>
      <translation>Soapy water under it, on a smooth floor; a new piece once it has soaked.</translation>
    </message>
    <message>
      <source>Soft enough for a rough floor.</source>
      <translation>Soft enough for a rough floor.</translation>
    </message>
    <message>
      <source>Solid, wider than the tire, of one height; lowered onto them, then rolled and bounced as far as they allow.</source>
      <translation>Solid, wider than the tyre, of one height; lowered onto them, then rolled and bounced as far as they allow.</translation>
    </message>
    <message>
      <source>Somebody rocks the steering wheel a little: a finger across each joint feels play before the eye sees it.</source>
      <translation>Somebody rocks the steering wheel a little: a finger across each joint feels play before the eye sees it.</translation>
    </message>
    <message>
      <source>Somebody walked into the front stand of the %1 string, after %2: %3 off.</source>
      <translation>Somebody walked into the front stand of the %1 string, after %2: %3 off.</translation>
    </message>
    <message>
      <source>Something else happened …</source>
      <translation>Something else happened …</translation>
    </message>
    <message>
      <source>Something has happened since that changes them: measure again.</source>
      <translation>Something has happened since that changes them: measure again.</translation>
    </message>
    <message>
      <source>Something is loose …</source>
      <translation>Something is loose …</translation>
    </message>
    <message>
      <source>Something may be bent: a rim, an arm, a strut, a rod. Bent steering and suspension parts are replaced, never set around.</source>
      <translation>Something may be bent: a rim, an arm, a strut, a rod. Bent steering and suspension parts are replaced, never set around.</translation>
    </message>
    <message>
      <source>Something was %1 since: look again, it creeps.</source>
      <translation>Something was %1 since: look again, it creeps.</translation>
    </message>
    <message>
      <source>Span</source>
      <translation>Span</translation>
    </message>
    <message>
      <source>Speak, or be silent</source>
      <translation>Speak, or be silent</translation>
    </message>
    <message>
      <source>Speech</source>
      <translation>Speech</translation>
    </message>
    <message>
      <source>Spin each wheel and scribe a thin line round the tread, or take a groove that runs true.</source>
      <translation>Spin each wheel and scribe a thin line round the tread, or take a groove that runs true.</translation>
    </message>
    <message>
      <source>Spot</source>
      <translation>Spot</translation>
    </message>
    <message>
      <source>Spots %1 (Ctrl+6).</source>
      <translation>Spots %1 (Ctrl+6).</translation>
    </message>
    <message>
      <source>Springs, struts and dampers</source>
      <translation>Springs, struts and dampers</translation>
    </message>
    <message>
      <source>Squaring the strings</source>
      <translation>Squaring the strings</translation>
    </message>
    <message>
      <source>Stages that matter: %1.</source>
      <translation>Stages that matter: %1.</translation>
    </message>
    <message>
      <source>Standing, with both hands, and the weight on the wheels.</source>
      <translation>Standing, with both hands, and the weight on the wheels.</translation>
    </message>
    <message>
      <source>Stands at the maker's points, the turn, down, rolled and bounced, then all that the jack spoiled is read again.</source>
      <translation>Stands at the maker's points, the turn, down, rolled and bounced, then all that the jack spoiled is read again.</translation>
    </message>
    <message>
      <source>Stands on firm level ground at the maker's points. Never under a car on a jack alone.</source>
      <translation>Stands on firm level ground at the maker's points. Never under a car on a jack alone.</translation>
    </message>
    <message>
      <source>Stands, string and a rule are in every garage.</source>
      <translation>Stands, string and a rule are in every garage.</translation>
    </message>
    <message>
      <source>Steered by hand with the front up it goes from lock to lock without a stiff place; then caster of a degree or two less than the maker asks for would explain it.</source>
      <translation>Steered by hand with the front up it goes from lock to lock without a stiff place; then caster of a degree or two less than the maker asks for would explain it.</translation>
    </message>
    <message>
      <source>Steering</source>
      <translation>Steering</translation>
    </message>
    <message>
      <source>Steering arm, if measured: steering axis to rod end</source>
      <translation>Steering arm, if measured: steering axis to rod end</translation>
    </message>
    <message>
      <source>Steering box, idler and drag link</source>
      <translation>Steering box, idler and drag link</translation>
    </message>
    <message>
      <source>Steering parts are safety-critical: torque from the manual, new split pins or self-locking nuts where it says so, thread engaged as far as it asks.</source>
      <translation>Steering parts are safety-critical: torque from the manual, new split pins or self-locking nuts where it says so, thread engaged as far as it asks.</translation>
    </message>
    <message>
      <source>Steering straight</source>
      <translation>Steering straight</translation>
    </message>
    <message>
      <source>Step %1</source>
      <translation>Step %1</translation>
    </message>
    <message>
      <source>Still loose</source>
      <translation>Still loose</translation>
    </message>
    <message>
      <source>Still loose: not to be driven.</source>
      <translation>Still loose: not to be driven.</translation>
    </message>
    <message>
      <source>Still to read: %1.</source>
      <translation>Still to read: %1.</translation>
    </message>
    <message>
      <source>Stop when the %1 shows %2.</source>
      <translation>Stop when the %1 shows %2.</translation>
    </message>
    <message>
      <source>Stop: shake it, read once more</source>
      <translation>Stop: shake it, read once more</translation>
    </message>
    <message>
      <source>Stopped: say what it did</source>
      <translation>Stopped: say what it did</translation>
    </message>
    <message>
      <source>Straight ahead, as you define it, and how much play there is. Everything at the front is set from there.</source>
      <translation>Straight ahead, as you define it, and how much play there is. Everything at the front is set from there.</translation>
    </message>
    <message>
      <source>Straight ahead: hang the line past both lips, and read to the upper one and to the lower one.</source>
      <translation>Straight ahead: hang the line past both lips, and read to the upper one and to the lower one.</translation>
    </message>
    <message>
      <source>Straight ahead: read camber.</source>
      <translation>Straight ahead: read camber.</translation>
    </message>
    <message>
      <source>Straight ahead: the level upright against the rim, the gap at the lip that it does not touch, and which way the top leans. The height between the lips is told once.</source>
      <translation>Straight ahead: the level upright against the rim, the gap at the lip that it does not touch, and which way the top leans. The height between the lips is told once.</translation>
    </message>
    <message>
      <source>Straight flat road, hands light. Eyes on the road: look once, stop, then type (F2).</source>
      <translation>Straight flat road, hands light. Eyes on the road: look once, stop, then type (F2).</translation>
    </message>
    <message>
      <source>Straightedge on the rear wheel</source>
      <translation>Straightedge on the rear wheel</translation>
    </message>
    <message>
      <source>Strike it out</source>
      <translation>Strike it out</translation>
    </message>
    <message>
      <source>String a car</source>
      <translation>String a car</translation>
    </message>
    <message>
      <source>String box on two bars</source>
      <translation>String box on two bars</translation>
    </message>
    <message>
      <source>String's height</source>
      <translation>String's height</translation>
    </message>
    <message>
      <source>Strings are read from the wheels as they stand.</source>
      <translation>Strings are read from the wheels as they stand.</translation>
    </message>
    <message>
      <source>Strings at hub height trip people: flag them, and keep others out.</source>
      <translation>Strings at hub height trip people: flag them, and keep others out.</translation>
    </message>
    <message>
      <source>Strings beside it</source>
      <translation>Strings beside it</translation>
    </message>
    <message>
      <source>Strings on four stands</source>
      <translation>Strings on four stands</translation>
    </message>
    <message>
      <source>Strings will then stand about %1 from the front hubs and %2 from the rear ones.</source>
      <translation>Strings will then stand about %1 from the front hubs and %2 from the rear ones.</translation>
    </message>
    <message>
      <source>Surveyed before, in this garage:</source>
      <translation>Surveyed before, in this garage:</translation>
    </message>
    <message>
      <source>Swap the front tires over</source>
      <translation>Swap the front tyres over</translation>
    </message>
    <message>
      <source>Sweep marks</source>
      <translation>Sweep marks</translation>
    </message>
    <message>
      <source>Take it down</source>
      <translation>Take it down</translation>
    </message>
    <message>
      <source>Take nothing off any more</source>
      <translation>Take nothing off any more</translation>
    </message>
    <message>
      <source>Take off what stands out, from here on</source>
      <translation>Take off what stands out, from here on</translation>
    </message>
    <message>
      <source>Take over what is known</source>
      <translation>Take over what is known</translation>
    </message>
    <message>
      <source>Taken as flat</source>
      <translation>Taken as flat</translation>
    </message>
    <message>
      <source>Taken off by {0} sheets: {1}</source>
      <translation>Taken off by {0} sheets: {1}</translation>
    </message>
    <message>
      <source>Takes</source>
      <translation>Takes</translation>
    </message>
    <message>
      <source>Takes up to the left at</source>
      <translation>Takes up to the left at</translation>
    </message>
    <message>
      <source>Takes up to the right at</source>
      <translation>Takes up to the right at</translation>
    </message>
    <message>
      <source>Tape from bar to bar of the {0}, from the same nick on both.</source>
      <translation>Tape from bar to bar of the {0}, from the same nick on both.</translation>
    </message>
    <message>
      <source>Tape from line to line behind the wheels and in front, at hub height or as high as the car allows, equally high in both places.</source>
      <translation>Tape from line to line behind the wheels and in front, at hub height or as high as the car allows, equally high in both places.</translation>
    </message>
    <message>
      <source>Tape from line to line on the treads of the {0}, as high in front as behind.</source>
      <translation>Tape from line to line on the treads of the {0}, as high in front as behind.</translation>
    </message>
    <message>
      <source>Tape from slot to slot behind the {0}'s wheels, pulled tight, the same edge of both slots.</source>
      <translation>Tape from slot to slot behind the {0}'s wheels, pulled tight, the same edge of both slots.</translation>
    </message>
    <message>
      <source>Tape from slot to slot in front of the {0}'s wheels, pulled tight, the same edge of both slots.</source>
      <translation>Tape from slot to slot in front of the {0}'s wheels, pulled tight, the same edge of both slots.</translation>
    </message>
    <message>
      <source>Tape on the tread</source>
      <translation>Tape on the tread</translation>
    </message>
    <message>
      <source>Tape round the rod, as a flag, counts the turns.</source>
      <translation>Tape round the rod, as a flag, counts the turns.</translation>
    </message>
    <message>
      <source>Tapes between boards on both wheels. Which way do they point?</source>
      <translation>Tapes between boards on both wheels. Which way do they point?</translation>
    </message>
    <message>
      <source>Target</source>
      <translation>Target</translation>
    </message>
    <message>
      <source>Tarnby estate</source>
      <translation>Tarnby estate</translation>
    </message>
    <message>
      <source>Tarnby estate on slots</source>
      <translation>Tarnby estate on slots</translation>
    </message>
    <message>
      <source>Tells</source>
      <translation>Tells</translation>
    </message>
    <message>
      <source>Temperatures instead</source>
      <translation>Temperatures instead</translation>
    </message>
    <message>
      <source>Terms, to be moved</source>
      <translation>Terms, to be moved</translation>
    </message>
    <message>
      <source>Test</source>
      <translation>Test</translation>
    </message>
    <message>
      <source>Test turn. </source>
      <translation>Test turn. </translation>
    </message>
    <message>
      <source>That is %1 months ago: floors settle and get patched. Check one leg.</source>
      <translation>That is %1 months ago: floors settle and get patched. Check one leg.</translation>
    </message>
    <message>
      <source>That is all of it. Escape goes back.</source>
      <translation>That is all of it. Escape goes back.</translation>
    </message>
    <message>
      <source>That is more than toe can be set to: find the play first.</source>
      <translation>That is more than toe can be set to: find the play first.</translation>
    </message>
    <message>
      <source>That is pressure, before it is any angle.</source>
      <translation>That is pressure, before it is any angle.</translation>
    </message>
    <message>
      <source>That turn did something else</source>
      <translation>That turn did something else</translation>
    </message>
    <message>
      <source>The %1 bar reads %2 %3 than before: the strings moved. F5 says so, and all is read again.</source>
      <translation>The %1 bar reads %2 %3 than before: the strings moved. F5 says so, and all is read again.</translation>
    </message>
    <message>
      <source>The %1 bar reads as before: the strings lie where they lay.</source>
      <translation>The %1 bar reads as before: the strings lie where they lay.</translation>
    </message>
    <message>
      <source>The angles are reckoned with that.</source>
      <translation>The angles are reckoned with that.</translation>
    </message>
    <message>
      <source>The angles are reckoned without it: as read, whatever was turned.</source>
      <translation>The angles are reckoned without it: as read, whatever was turned.</translation>
    </message>
    <message>
      <source>The angles as they stand do not explain it: it was driven with others, or something gives under load. Look for play; cups and patches speak for a damper or balance.</source>
      <translation>The angles as they stand do not explain it: it was driven with others, or something gives under load. Look for play; cups and patches speak for a damper or balance.</translation>
    </message>
    <message>
      <source>The angles do not explain how the wheel sat: they make it {0} ±{1}. Was it level while the toes were read? Set it level, hold it, and read the front spots again; where they stay, look for play, and for a wheel on another tooth of its shaft.</source>
      <translation>The angles do not explain how the wheel sat: they make it {0} ±{1}. Was it level while the toes were read? Set it level, hold it, and read the front spots again; where they stay, look for play, and for a wheel on another tooth of its shaft.</translation>
    </message>
    <message>
      <source>The angles do not explain the pull: caster and camber are alike on both sides. Swap the front tires over, unless they are directional or of unlike sizes: a pull that changes sides is in them. Else a brake that drags (feel near the hub, not on it), or play.</source>
      <translation>The angles do not explain the pull: caster and camber are alike on both sides. Swap the front tyres over, unless they are directional or of unlike sizes: a pull that changes sides is in them. Else a brake that drags (feel near the hub, not on it), or play.</translation>
    </message>
    <message>
      <source>The angles explain how the wheel sat: they make it {0} ±{1}.</source>
      <translation>The angles explain how the wheel sat: they make it {0} ±{1}.</translation>
    </message>
    <message>
      <source>The angles explain the pull: that side has less caster than the other.</source>
      <translation>The angles explain the pull: that side has less caster than the other.</translation>
    </message>
    <message>
      <source>The angles explain the pull: that side leans more outward at the top than the other.</source>
      <translation>The angles explain the pull: that side leans more outward at the top than the other.</translation>
    </message>
    <message>
      <source>The angles here are not known.</source>
      <translation>The angles here are not known.</translation>
    </message>
    <message>
      <source>The arm may have a loaded spring behind it: hold it before the bolt is undone.</source>
      <translation>The arm may have a loaded spring behind it: hold it before the bolt is undone.</translation>
    </message>
    <message>
      <source>The arm may have a loaded spring behind it: hold it with a jack before the bolts are undone, and follow the manual.</source>
      <translation>The arm may have a loaded spring behind it: hold it with a jack before the bolts are undone, and follow the manual.</translation>
    </message>
    <message>
      <source>The axle rolls about its links: caster changes, the drag link pulls the steering wheel off its middle, a panhard rod the whole axle sideways.</source>
      <translation>The axle rolls about its links: caster changes, the drag link pulls the steering wheel off its middle, a panhard rod the whole axle sideways.</translation>
    </message>
    <message>
      <source>The bar is as long as its ±: the truth lies on it 19 times in 20.</source>
      <translation>The bar is as long as its ±: the truth lies on it 19 times in 20.</translation>
    </message>
    <message>
      <source>The bare upright's axis</source>
      <translation>The bare upright's axis</translation>
    </message>
    <message>
      <source>The bars hold themselves; the tape's hook in the nick.</source>
      <translation>The bars hold themselves; the tape's hook in the nick.</translation>
    </message>
    <message>
      <source>The bars read again would have told.</source>
      <translation>The bars read again would have told.</translation>
    </message>
    <message>
      <source>The book</source>
      <translation>The book</translation>
    </message>
    <message>
      <source>The book is %1 and, while it is open, what stands beside it with -wal at the end. Of the last five days with work a copy is kept by itself; they are listed here.</source>
      <translation>The book is %1 and, while it is open, what stands beside it with -wal at the end. Of the last five days with work a copy is kept by itself; they are listed here.</translation>
    </message>
    <message>
      <source>The book is as it stood on %1. What it was is kept as %2.</source>
      <translation>The book is as it stood on %1. What it was is kept as %2.</translation>
    </message>
    <message>
      <source>The book {0} can't be read ({1}).</source>
      <translation>The book {0} can't be read ({1}).</translation>
    </message>
    <message>
      <source>The book {0} can't be written to ({1}): it is open to look at only.</source>
      <translation>The book {0} can't be written to ({1}): it is open to look at only.</translation>
    </message>
    <message>
      <source>The book {0} could not be written ({1}): what you typed is still on the screen and is not kept yet.</source>
      <translation>The book {0} could not be written ({1}): what you typed is still on the screen and is not kept yet.</translation>
    </message>
    <message>
      <source>The book {0} is damaged ({1}): what is whole is open to look at.</source>
      <translation>The book {0} is damaged ({1}): what is whole is open to look at.</translation>
    </message>
    <message>
      <source>The book {0} is open in another Fair Chalk{1}. Close it there first; nothing was changed.</source>
      <translation>The book {0} is open in another Fair Chalk{1}. Close it there first; nothing was changed.</translation>
    </message>
    <message>
      <source>The book {0} was moved, renamed, replaced or deleted while open: nothing more is kept. Put it back, or save a copy (Ctrl+S).</source>
      <translation>The book {0} was moved, renamed, replaced or deleted while open: nothing more is kept. Put it back, or save a copy (Ctrl+S).</translation>
    </message>
    <message>
      <source>The car</source>
      <translation>The car</translation>
    </message>
    <message>
      <source>The car goes %1 with the wheel level: steer both front wheels %2, equal turns, opposite ways.</source>
      <translation>The car goes %1 with the wheel level: steer both front wheels %2, equal turns, opposite ways.</translation>
    </message>
    <message>
      <source>The car goes %1 with the wheel level: the link steers both front wheels %2.</source>
      <translation>The car goes %1 with the wheel level: the link steers both front wheels %2.</translation>
    </message>
    <message>
      <source>The car is not ready: %1 is %2. Work the list off first.</source>
      <translation>The car is not ready: %1 is %2. Work the list off first.</translation>
    </message>
    <message>
      <source>The car is not ready: %1 was turned and is not locked. Lock it first (Ctrl+7).</source>
      <translation>The car is not ready: %1 was turned and is not locked. Lock it first (Ctrl+7).</translation>
    </message>
    <message>
      <source>The car through its jobs</source>
      <translation>The car through its jobs</translation>
    </message>
    <message>
      <source>The car's card</source>
      <translation>The car's card</translation>
    </message>
    <message>
      <source>The car's name</source>
      <translation>The car's name</translation>
    </message>
    <message>
      <source>The card</source>
      <translation>The card</translation>
    </message>
    <message>
      <source>The card has %1 for it; it is changed there (Ctrl+I).</source>
      <translation>The card has %1 for it; it is changed there (Ctrl+I).</translation>
    </message>
    <message>
      <source>The card has no figures for it (Ctrl+I): left and right are compared only.</source>
      <translation>The card has no figures for it (Ctrl+I): left and right are compared only.</translation>
    </message>
    <message>
      <source>The card of %1</source>
      <translation>The card of %1</translation>
    </message>
    <message>
      <source>The card of %1 was changed in both books. Which is to stand? Both stay in the log.</source>
      <translation>The card of %1 was changed in both books. Which is to stand? Both stay in the log.</translation>
    </message>
    <message>
      <source>The card says</source>
      <translation>The card says</translation>
    </message>
    <message>
      <source>The card says neither wishbones nor struts for this axle: what moves its angles is not known here. Read it before and after.</source>
      <translation>The card says neither wishbones nor struts for this axle: what moves its angles is not known here. Read it before and after.</translation>
    </message>
    <message>
      <source>The card seems to be wrong</source>
      <translation>The card seems to be wrong</translation>
    </message>
    <message>
      <source>The cars of this garage and their jobs. What is due for another look stands first. Everything that is typed is on the disk at once: there is nothing to save.</source>
      <translation>The cars of this garage and their jobs. What is due for another look stands first. Everything that is typed is on the disk at once: there is nothing to save.</translation>
    </message>
    <message>
      <source>The cautions here were read</source>
      <translation>The cautions here were read</translation>
    </message>
    <message>
      <source>The copy at {0} is not whole ({1}).</source>
      <translation>The copy at {0} is not whole ({1}).</translation>
    </message>
    <message>
      <source>The copy {0} is not whole ({1}): nothing was changed.</source>
      <translation>The copy {0} is not whole ({1}): nothing was changed.</translation>
    </message>
    <message>
      <source>The demo garage was not installed with this program.</source>
      <translation>The demo garage was not installed with this program.</translation>
    </message>
    <message>
      <source>The drag link</source>
      <translation>The drag link</translation>
    </message>
    <message>
      <source>The drawer of tools</source>
      <translation>The drawer of tools</translation>
    </message>
    <message>
      <source>The drive is a reading too: how the steering wheel sits while it runs straight, and what the car does. Look once, stop, then type.</source>
      <translation>The drive is a reading too: how the steering wheel sits while it runs straight, and what the car does. Look once, stop, then type.</translation>
    </message>
    <message>
      <source>The driver wants it level on a straight road. Please set single front toes with it level and held.</source>
      <translation>The driver wants it level on a straight road. Please set single front toes with it level and held.</translation>
    </message>
    <message>
      <source>The entry {0} is in both books and is not the same: nothing was merged. Save a copy of both, and look at that job in each.</source>
      <translation>The entry {0} is in both books and is not the same: nothing was merged. Save a copy of both, and look at that job in each.</translation>
    </message>
    <message>
      <source>The entry {0} is in the book already, and is not the same.</source>
      <translation>The entry {0} is in the book already, and is not the same.</translation>
    </message>
    <message>
      <source>The evening</source>
      <translation>The evening</translation>
    </message>
    <message>
      <source>The everyday car: two tie rods, and the rear axle's own thrust to follow.</source>
      <translation>The everyday car: two track rods, and the rear axle's own thrust to follow.</translation>
    </message>
    <message>
      <source>The figures “%1” are on the card, and the aim of this job.</source>
      <translation>The figures “%1” are on the card, and the aim of this job.</translation>
    </message>
    <message>
      <source>The first drive: slowly, in a safe place, brakes tried, hands light; then look at every nut again.</source>
      <translation>The first drive: slowly, in a safe place, brakes tried, hands light; then look at every nut again.</translation>
    </message>
    <message>
      <source>The first half hour</source>
      <translation>The first half hour</translation>
    </message>
    <message>
      <source>The floor</source>
      <translation>The floor</translation>
    </message>
    <message>
      <source>The floor under the four wheels</source>
      <translation>The floor under the four wheels</translation>
    </message>
    <message>
      <source>The floor: level, or found flat enough</source>
      <translation>The floor: level, or found flat enough</translation>
    </message>
    <message>
      <source>The folder of {0} can't be written to ({1}): the book is open to look at only.</source>
      <translation>The folder of {0} can't be written to ({1}): the book is open to look at only.</translation>
    </message>
    <message>
      <source>The frame's own datum points at the heights of the drawing, level across and as raked as it will run.</source>
      <translation>The frame's own datum points at the heights of the drawing, level across and as raked as it will run.</translation>
    </message>
    <message>
      <source>The front is locked</source>
      <translation>The front is locked</translation>
    </message>
    <message>
      <source>The front wheel against the rear wheel of the same side.</source>
      <translation>The front wheel against the rear wheel of the same side.</translation>
    </message>
    <message>
      <source>The front wheels are set to the rear axle's line: who moves the rear afterwards sets the front twice.</source>
      <translation>The front wheels are set to the rear axle's line: who moves the rear afterwards sets the front twice.</translation>
    </message>
    <message>
      <source>The front wheels lie somewhere within the play; single front toes mean nothing beyond it.</source>
      <translation>The front wheels lie somewhere within the play; single front toes mean nothing beyond it.</translation>
    </message>
    <message>
      <source>The front wheels stand %1 between them: not to be driven, set the toe first (Ctrl+7).</source>
      <translation>The front wheels stand %1 between them: not to be driven, set the toe first (Ctrl+7).</translation>
    </message>
    <message>
      <source>The garage's name</source>
      <translation>The garage's name</translation>
    </message>
    <message>
      <source>The gauge does the sum, for the sweep that its scale is made for; another sweep is taken into account.</source>
      <translation>The gauge does the sum, for the sweep that its scale is made for; another sweep is taken into account.</translation>
    </message>
    <message>
      <source>The gauge on the left front wheel, straight ahead:</source>
      <translation>The gauge on the left front wheel, straight ahead:</translation>
    </message>
    <message>
      <source>The gauge on the left front wheel: what does it show?</source>
      <translation>The gauge on the left front wheel: what does it show?</translation>
    </message>
    <message>
      <source>The gauge sent %1; a length is asked for here.</source>
      <translation>The gauge sent %1; a length is asked for here.</translation>
    </message>
    <message>
      <source>The gauge sent %1; an angle is asked for here.</source>
      <translation>The gauge sent %1; an angle is asked for here.</translation>
    </message>
    <message>
      <source>The gauge sent %1; clear or keep what is on the line first.</source>
      <translation>The gauge sent %1; clear or keep what is on the line first.</translation>
    </message>
    <message>
      <source>The gauge sent %1; nothing is asked for here.</source>
      <translation>The gauge sent %1; nothing is asked for here.</translation>
    </message>
    <message>
      <source>The gauge's own zero drops out.</source>
      <translation>The gauge's own zero drops out.</translation>
    </message>
    <message>
      <source>The gauge's scale is made for</source>
      <translation>The gauge's scale is made for</translation>
    </message>
    <message>
      <source>The hatched band is what is wanted, the bar what was measured, as long as its ±. Inside is said where all of the bar lies in the band, outside where none of it does; else it is too close to call, and is read again or left with its ±.</source>
      <translation>The hatched band is what is wanted, the bar what was measured, as long as its ±. Inside is said where all of the bar lies in the band, outside where none of it does; else it is too close to call, and is read again or left with its ±.</translation>
    </message>
    <message>
      <source>The height of the water, or of the line, above the floor at each wheel's spot. The line's own height does not matter.</source>
      <translation>The height of the water, or of the line, above the floor at each wheel's spot. The line's own height does not matter.</translation>
    </message>
    <message>
      <source>The hub's own face is measured, so a bent rim can't lie.</source>
      <translation>The hub's own face is measured, so a bent rim can't lie.</translation>
    </message>
    <message>
      <source>The job is in the book.</source>
      <translation>The job is in the book.</translation>
    </message>
    <message>
      <source>The job is not done when the rule shows it, but when it still shows it with the nut tight.</source>
      <translation>The job is not done when the rule shows it, but when it still shows it with the nut tight.</translation>
    </message>
    <message>
      <source>The last reading here was wrong …</source>
      <translation>The last reading here was wrong …</translation>
    </message>
    <message>
      <source>The last value was read before a shake: this holds while it is not shaken. Once it is, read again first.</source>
      <translation>The last value was read before a shake: this holds while it is not shaken. Once it is, read again first.</translation>
    </message>
    <message>
      <source>The lean test fixes once which way its figure goes, and from where.</source>
      <translation>The lean test fixes once which way its figure goes, and from where.</translation>
    </message>
    <message>
      <source>The level stands upright, its foot against the wheel's lower lip, or its top against the upper one.</source>
      <translation>The level stands upright, its foot against the wheel's lower lip, or its top against the upper one.</translation>
    </message>
    <message>
      <source>The locknut against the rod end, which is held level, to the manual's torque.</source>
      <translation>The locknut against the rod end, which is held level, to the manual's torque.</translation>
    </message>
    <message>
      <source>The maker's figure first, and no other while there is one</source>
      <translation>The maker's figure first, and no other while there is one</translation>
    </message>
    <message>
      <source>The mark is the only way back.</source>
      <translation>The mark is the only way back.</translation>
    </message>
    <message>
      <source>The middle is ⟨b⟩%1⟨/b⟩ from the mark and ⟨b⟩%2⟨/b⟩ above the floor; the feature is %3 across.</source>
      <translation>The middle is ⟨b⟩%1⟨/b⟩ from the mark and ⟨b⟩%2⟨/b⟩ above the floor; the feature is %3 across.</translation>
    </message>
    <message>
      <source>The middle: too much air. No angle does that.</source>
      <translation>The middle: too much air. No angle does that.</translation>
    </message>
    <message>
      <source>The nearest is {0} ±{1}.</source>
      <translation>The nearest is {0} ±{1}.</translation>
    </message>
    <message>
      <source>The next lesson</source>
      <translation>The next lesson</translation>
    </message>
    <message>
      <source>The notches keep the strings parallel by themselves, so nothing is shuffled.</source>
      <translation>The notches keep the strings parallel by themselves, so nothing is shuffled.</translation>
    </message>
    <message>
      <source>The nut in the middle holds the spring together: it stays on.</source>
      <translation>The nut in the middle holds the spring together: it stays on.</translation>
    </message>
    <message>
      <source>The nut is loose: what does the thread stand at?</source>
      <translation>The nut is loose: what does the thread stand at?</translation>
    </message>
    <message>
      <source>The nut is tight: what does the thread stand at now?</source>
      <translation>The nut is tight: what does the thread stand at now?</translation>
    </message>
    <message>
      <source>The one here</source>
      <translation>The one here</translation>
    </message>
    <message>
      <source>The one there</source>
      <translation>The one there</translation>
    </message>
    <message numerus="yes">
      <source>The other %n spots can wait: readings there would hardly change what is said.</source>
      <comment>The last spot can wait: a reading there would hardly change what is said.</comment>
      <translation>
        <numerusform>The last spot can wait: a reading there would hardly change what is said.</numerusform>
        <numerusform>The other %n spots can wait: readings there would hardly change what is said.</numerusform>
      </translation>
    </message>
    <message>
      <source>The outer wheel stands up as the body leans; on the straight the same camber wears the inner edge.</source>
      <translation>The outer wheel stands up as the body leans; on the straight the same camber wears the inner edge.</translation>
    </message>
    <message>
      <source>The path of a port, such as /dev/ttyUSB0, or what fairchalk-gauge printed.</source>
      <translation>The path of a port, such as /dev/ttyUSB0, or what fairchalk-gauge printed.</translation>
    </message>
    <message>
      <source>The pivot bolt only with the car at its ride height, so that the rubber is not twisted, to the manual's torque.</source>
      <translation>The pivot bolt only with the car at its ride height, so that the rubber is not twisted, to the manual's torque.</translation>
    </message>
    <message>
      <source>The pivot bolt to the manual's torque at ride height, so that the bush is not twisted.</source>
      <translation>The pivot bolt to the manual's torque at ride height, so that the bush is not twisted.</translation>
    </message>
    <message>
      <source>The pivot moved toward the car's middle is toe in.</source>
      <translation>The pivot moved toward the car's middle is toe in.</translation>
    </message>
    <message>
      <source>The plate's nuts crosswise to the manual's torque.</source>
      <translation>The plate's nuts crosswise to the manual's torque.</translation>
    </message>
    <message>
      <source>The posts' runways are surveyed like a floor; strings hang on the car or on stands on the runways.</source>
      <translation>The posts' runways are surveyed like a floor; strings hang on the car or on stands on the runways.</translation>
    </message>
    <message>
      <source>The practice car has nothing to read there; the strings and gauges it has.</source>
      <translation>The practice car has nothing to read there; the strings and gauges it has.</translation>
    </message>
    <message>
      <source>The practice floor</source>
      <translation>The practice floor</translation>
    </message>
    <message>
      <source>The program adds it by itself to every reading against gravity, with its ±.</source>
      <translation>The program adds it by itself to every reading against gravity, with its ±.</translation>
    </message>
    <message>
      <source>The readings contradict each other: these figures hold only as far as that is settled.</source>
      <translation>The readings contradict each other: these figures hold only as far as that is settled.</translation>
    </message>
    <message>
      <source>The rear axle</source>
      <translation>The rear axle</translation>
    </message>
    <message>
      <source>The rear axle first</source>
      <translation>The rear axle first</translation>
    </message>
    <message numerus="yes">
      <source>The rear axle points %1 and the fronts are set to follow it. Turn %2, then read %n spots.</source>
      <comment>The rear axle points %1 and the fronts are set to follow it. Turn %2, then read one spot.</comment>
      <translation>
        <numerusform>The rear axle points %1 and the fronts are set to follow it. Turn %2, then read one spot.</numerusform>
        <numerusform>The rear axle points %1 and the fronts are set to follow it. Turn %2, then read %n spots.</numerusform>
      </translation>
    </message>
    <message>
      <source>The rear axle points %1, and that has no target: on the car's page it can be given one.</source>
      <translation>The rear axle points %1, and that has no target: on the car's page it can be given one.</translation>
    </message>
    <message>
      <source>The rear is locked</source>
      <translation>The rear is locked</translation>
    </message>
    <message>
      <source>The rear wheel's own toe, which passes straight into the front's; where the rear axle points. Unequal tracks and tires upset it unless the card has the hub widths.</source>
      <translation>The rear wheel's own toe, which passes straight into the front's; where the rear axle points. Unequal tracks and tyres upset it unless the card has the hub widths.</translation>
    </message>
    <message>
      <source>The record</source>
      <translation>The record</translation>
    </message>
    <message>
      <source>The record, and a note for the shop</source>
      <translation>The record, and a note for the shop</translation>
    </message>
    <message>
      <source>The rim is what every reading is taken from.</source>
      <translation>The rim is what every reading is taken from.</translation>
    </message>
    <message>
      <source>The rod ends carry the toe.</source>
      <translation>The rod ends carry the toe.</translation>
    </message>
    <message>
      <source>The rod has to get %1. Seen from the wheel, which way is it turned?</source>
      <translation>The rod has to get %1. Seen from the wheel, which way is it turned?</translation>
    </message>
    <message>
      <source>The rod is a quarter turn longer, the car was shaken: what does it stand at now?</source>
      <translation>The rod is a quarter turn longer, the car was shaken: what does it stand at now?</translation>
    </message>
    <message>
      <source>The rod is turned while you watch the rule at the front lip. Tires stick: what it shows is short of what it will show after the shake. Say what to do next.</source>
      <translation>The rod is turned while you watch the rule at the front lip. Tyres stick: what it shows is short of what it will show after the shake. Say what to do next.</translation>
    </message>
    <message>
      <source>The rod runs ahead of the axle: longer pushes the front of the wheel out, so it toes out.</source>
      <translation>The rod runs ahead of the axle: longer pushes the front of the wheel out, so it toes out.</translation>
    </message>
    <message>
      <source>The rod runs ahead of the axle: shorter pulls the front of the wheel in, so it toes in.</source>
      <translation>The rod runs ahead of the axle: shorter pulls the front of the wheel in, so it toes in.</translation>
    </message>
    <message>
      <source>The rod runs behind the axle: longer pushes the back of the wheel out, so it toes in.</source>
      <translation>The rod runs behind the axle: longer pushes the back of the wheel out, so it toes in.</translation>
    </message>
    <message>
      <source>The rod runs behind the axle: shorter pulls the back of the wheel in, so it toes out.</source>
      <translation>The rod runs behind the axle: shorter pulls the back of the wheel in, so it toes out.</translation>
    </message>
    <message>
      <source>The rods were put on by counting threads, and the wheel sits crooked.</source>
      <translation>The rods were put on by counting threads, and the wheel sits crooked.</translation>
    </message>
    <message>
      <source>The rule shows what was wanted. What comes first?</source>
      <translation>The rule shows what was wanted. What comes first?</translation>
    </message>
    <message>
      <source>The rule was held askew, by %1: %2.</source>
      <translation>The rule was held askew, by %1: %2.</translation>
    </message>
    <message>
      <source>The same as the other side</source>
      <translation>The same as the other side</translation>
    </message>
    <message>
      <source>The same at both bolts is camber; from one bolt to the other is caster.</source>
      <translation>The same at both bolts is camber; from one bolt to the other is caster.</translation>
    </message>
    <message>
      <source>The same size and make across each axle; no bulge, no cut, no wave in the tread.</source>
      <translation>The same size and make across each axle; no bulge, no cut, no wave in the tread.</translation>
    </message>
    <message>
      <source>The same wheel turned in by 20°:</source>
      <translation>The same wheel turned in by 20°:</translation>
    </message>
    <message>
      <source>The same wheel turned out by 20°:</source>
      <translation>The same wheel turned out by 20°:</translation>
    </message>
    <message>
      <source>The sheet asks for caster alone, then camber, then toe; each is read before the next.</source>
      <translation>The sheet asks for caster alone, then camber, then toe; each is read before the next.</translation>
    </message>
    <message>
      <source>The sheet asks for toe, then for the rest; toe is read again at the end, for what the rest did to it.</source>
      <translation>The sheet asks for toe, then for the rest; toe is read again at the end, for what the rest did to it.</translation>
    </message>
    <message>
      <source>The sheet asks for what is at the rear axle until that is inside, then for the front.</source>
      <translation>The sheet asks for what is at the rear axle until that is inside, then for the front.</translation>
    </message>
    <message>
      <source>The shop's sheet is in this job.</source>
      <translation>The shop's sheet is in this job.</translation>
    </message>
    <message>
      <source>The sign of toe</source>
      <translation>The sign of toe</translation>
    </message>
    <message>
      <source>The small clip of each boot is off or loose; the boot slides on the rod.</source>
      <translation>The small clip of each boot is off or loose; the boot slides on the rod.</translation>
    </message>
    <message>
      <source>The spacers that the car will run with are on, clean, and seated flat on the hub.</source>
      <translation>The spacers that the car will run with are on, clean, and seated flat on the hub.</translation>
    </message>
    <message>
      <source>The spring's force is that of the car.</source>
      <translation>The spring's force is that of the car.</translation>
    </message>
    <message>
      <source>The steering axis' inclination; nothing of the rear wheels.</source>
      <translation>The steering axis' inclination; nothing of the rear wheels.</translation>
    </message>
    <message>
      <source>The steering is not held: total toe stands, each front wheel by itself is known only up to how far both are steered.</source>
      <translation>The steering is not held: total toe stands, each front wheel by itself is known only up to how far both are steered.</translation>
    </message>
    <message>
      <source>The steering straight, and held</source>
      <translation>The steering straight, and held</translation>
    </message>
    <message>
      <source>The steering was not held: total toe stands; each front wheel by itself is known only up to how far both were steered.</source>
      <translation>The steering was not held: total toe stands; each front wheel by itself is known only up to how far both were steered.</translation>
    </message>
    <message>
      <source>The steering wheel</source>
      <translation>The steering wheel</translation>
    </message>
    <message>
      <source>The steering wheel sits %1 while it runs straight.</source>
      <translation>The steering wheel sits %1 while it runs straight.</translation>
    </message>
    <message>
      <source>The steering wheel sits crooked</source>
      <translation>The steering wheel sits crooked</translation>
    </message>
    <message>
      <source>The steering wheel tells what the rules can't: where the fronts stand to the rear axle.</source>
      <translation>The steering wheel tells what the rules can't: where the fronts stand to the rear axle.</translation>
    </message>
    <message>
      <source>The string is outside the wheel. Which way does the wheel point?</source>
      <translation>The string is outside the wheel. Which way does the wheel point?</translation>
    </message>
    <message>
      <source>The strings need not be square to the car: how they lie is solved from the readings. Strings at hub height, tight, touching nothing.</source>
      <translation>The strings need not be square to the car: how they lie is solved from the readings. Strings at hub height, tight, touching nothing.</translation>
    </message>
    <message>
      <source>The strings need not be square: where they lie is solved for, as long as they are straight and nobody moves them in mid-round.</source>
      <translation>The strings need not be square: where they lie is solved for, as long as they are straight and nobody moves them in mid-round.</translation>
    </message>
    <message>
      <source>The strings were moved</source>
      <translation>The strings were moved</translation>
    </message>
    <message>
      <source>The sums</source>
      <translation>The sums</translation>
    </message>
    <message>
      <source>The sums of rigs you make yourself: bars, boards, cards.</source>
      <translation>The sums of rigs you make yourself: bars, boards, cards.</translation>
    </message>
    <message>
      <source>The survey contradicts itself: read the doubtful leg again.</source>
      <translation>The survey contradicts itself: read the doubtful leg again.</translation>
    </message>
    <message>
      <source>The survey, seen from the right</source>
      <translation>The survey, seen from the right</translation>
    </message>
    <message>
      <source>The target holds for that load.</source>
      <translation>The target holds for that load.</translation>
    </message>
    <message>
      <source>The targets change; what the adjusters do on this car does not.</source>
      <translation>The targets change; what the adjusters do on this car does not.</translation>
    </message>
    <message>
      <source>The third answer beside inside and outside.</source>
      <translation>The third answer beside inside and outside.</translation>
    </message>
    <message>
      <source>The thread at the outer end (or leave it open)</source>
      <translation>The thread at the outer end (or leave it open)</translation>
    </message>
    <message>
      <source>The thread that shows</source>
      <translation>The thread that shows</translation>
    </message>
    <message>
      <source>The tie rods, from above, front to the right (or leave it open)</source>
      <translation>The track rods, from above, front to the right (or leave it open)</translation>
    </message>
    <message>
      <source>The tire is where straightedges and boards lie.</source>
      <translation>The tyre is where straightedges and boards lie.</translation>
    </message>
    <message>
      <source>The tire's corner comes out as the wheel turns: strings have to stand ⟨b⟩%1⟨/b⟩ further out than beside the straight wheel.</source>
      <translation>The tyre's corner comes out as the wheel turns: strings have to stand ⟨b⟩%1⟨/b⟩ further out than beside the straight wheel.</translation>
    </message>
    <message>
      <source>The tires hold back a share of every turn until the car is shaken: say with F2 which of both it is. Who counted types that first, like 1/4 turn longer or -1/4 turn shorter; it need not be counted. Page Down is the next spot.</source>
      <translation>The tyres hold back a share of every turn until the car is shaken: say with F2 which of both it is. Who counted types that first, like 1/4 turn longer or -1/4 turn shorter; it need not be counted. Page Down is the next spot.</translation>
    </message>
    <message>
      <source>The toe stands where the rods were left alone; the steering wheel may be off by a spline, some ten degrees.</source>
      <translation>The toe stands where the rods were left alone; the steering wheel may be off by a spline, some ten degrees.</translation>
    </message>
    <message>
      <source>The total toe is right and is to stay so: one rod gets as much longer as the other gets shorter. Straight ahead the front wheels follow the rear axle; the steering wheel shows by how much the rods stand to one side. Say what brings it level.</source>
      <translation>The total toe is right and is to stay so: one rod gets as much longer as the other gets shorter. Straight ahead the front wheels follow the rear axle; the steering wheel shows by how much the rods stand to one side. Say what brings it level.</translation>
    </message>
    <message>
      <source>The truth</source>
      <translation>The truth</translation>
    </message>
    <message>
      <source>The turns made were not equal and opposite: total toe has moved to %1 by about %2. The next turns bring it back.</source>
      <translation>The turns made were not equal and opposite: total toe has moved to %1 by about %2. The next turns bring it back.</translation>
    </message>
    <message>
      <source>The upright leans about the other bolt: camber, and toe goes along.</source>
      <translation>The upright leans about the other bolt: camber, and toe goes along.</translation>
    </message>
    <message>
      <source>The upright leans about the other bolt: camber, and toe goes along. It works most near the middle of its travel.</source>
      <translation>The upright leans about the other bolt: camber, and toe goes along. It works most near the middle of its travel.</translation>
    </message>
    <message>
      <source>The vehicle's manual, local rules and a qualified technician come before anything said here.</source>
      <translation>The vehicle's manual, local rules and a qualified technician come before anything said here.</translation>
    </message>
    <message>
      <source>The walk round the car before anything is measured: what is worn or loose makes every reading worthless. Point at an item, test it as the drawing says, and mark it.</source>
      <translation>The walk round the car before anything is measured: what is worn or loose makes every reading worthless. Point at an item, test it as the drawing says, and mark it.</translation>
    </message>
    <message>
      <source>The weight stays on, nothing has to settle, and the rule can be watched while it is turned.</source>
      <translation>The weight stays on, nothing has to settle, and the rule can be watched while it is turned.</translation>
    </message>
    <message>
      <source>The wheel is straight. Lock, empty the loose list, and keep the record.</source>
      <translation>The wheel is straight. Lock, empty the loose list, and keep the record.</translation>
    </message>
    <message>
      <source>The wheel is straight: that is the job.</source>
      <translation>The wheel is straight: that is the job.</translation>
    </message>
    <message>
      <source>The wheel is to toe in. Longer still, or shorter?</source>
      <translation>The wheel is to toe in. Longer still, or shorter?</translation>
    </message>
    <message>
      <source>The wheel is to toe out. Longer still, or shorter?</source>
      <translation>The wheel is to toe out. Longer still, or shorter?</translation>
    </message>
    <message>
      <source>The wheel now</source>
      <translation>The wheel now</translation>
    </message>
    <message>
      <source>The wheel now: ⟨b⟩%1⟨/b⟩ %2</source>
      <translation>The wheel now: ⟨b⟩%1⟨/b⟩ %2</translation>
    </message>
    <message>
      <source>The wheel only</source>
      <translation>The wheel only</translation>
    </message>
    <message>
      <source>The wheel stands ⟨b⟩%1⟨/b⟩; the front wheels are steered by %2 with it.</source>
      <translation>The wheel stands ⟨b⟩%1⟨/b⟩; the front wheels are steered by %2 with it.</translation>
    </message>
    <message>
      <source>The wheels stand where the car would run by itself, with play and friction taken up as on the road.</source>
      <translation>The wheels stand where the car would run by itself, with play and friction taken up as on the road.</translation>
    </message>
    <message>
      <source>The whole evening as one list, in three states of the car, so that it is jacked as seldom as can be. Minutes are those of your own jobs where there are some. Point at a step and go there.</source>
      <translation>The whole evening as one list, in three states of the car, so that it is jacked as seldom as can be. Minutes are those of your own jobs where there are some. Point at a step and go there.</translation>
    </message>
    <message>
      <source>The words, and what they are</source>
      <translation>The words, and what they are</translation>
    </message>
    <message>
      <source>The words, each with a drawing that moves:</source>
      <translation>The words, each with a drawing that moves:</translation>
    </message>
    <message>
      <source>The wrong way: stop, the other way</source>
      <translation>The wrong way: stop, the other way</translation>
    </message>
    <message>
      <source>The {0} wheel's front turned inward to its mark, brake held.</source>
      <translation>The {0} wheel's front turned inward to its mark, brake held.</translation>
    </message>
    <message>
      <source>The {0} wheel's front turned outward to its mark, brake held.</source>
      <translation>The {0} wheel's front turned outward to its mark, brake held.</translation>
    </message>
    <message>
      <source>The {0}'s camber lies too near its edge to be called inside: turned to the middle.</source>
      <translation>The {0}'s camber lies too near its edge to be called inside: turned to the middle.</translation>
    </message>
    <message>
      <source>The {0}'s caster lies too near its edge to be called inside: turned to the middle.</source>
      <translation>The {0}'s caster lies too near its edge to be called inside: turned to the middle.</translation>
    </message>
    <message>
      <source>Then</source>
      <translation>Then</translation>
    </message>
    <message>
      <source>Then each hub and both lips of each rim, as with any strings.</source>
      <translation>Then each hub and both lips of each rim, as with any strings.</translation>
    </message>
    <message>
      <source>There is no book at {0}.</source>
      <translation>There is no book at {0}.</translation>
    </message>
    <message>
      <source>There is no car {0} in this book.</source>
      <translation>There is no car {0} in this book.</translation>
    </message>
    <message>
      <source>There is no job on this car yet that this program can read.</source>
      <translation>There is no job on this car yet that this program can read.</translation>
    </message>
    <message>
      <source>There is no job {0} in this book.</source>
      <translation>There is no job {0} in this book.</translation>
    </message>
    <message>
      <source>There is no speech engine here: with speech-dispatcher (spd-say) or espeak-ng installed it speaks.</source>
      <translation>There is no speech engine here: with speech-dispatcher (spd-say) or espeak-ng installed it speaks.</translation>
    </message>
    <message>
      <source>There is none yet.</source>
      <translation>There is none yet.</translation>
    </message>
    <message>
      <source>There is nothing of one's own beside it: nothing was read before it.</source>
      <translation>There is nothing of one's own beside it: nothing was read before it.</translation>
    </message>
    <message>
      <source>There is something at {0} already; a copy goes under a name of its own.</source>
      <translation>There is something at {0} already; a copy goes under a name of its own.</translation>
    </message>
    <message>
      <source>There, as far as this one tells. Do not lock it yet: the sheet has what to read.</source>
      <translation>There, as far as this one tells. Do not lock it yet: the sheet has what to read.</translation>
    </message>
    <message>
      <source>There: lock it.</source>
      <translation>There: lock it.</translation>
    </message>
    <message>
      <source>There: shake it, read once more, lock it.</source>
      <translation>There: shake it, read once more, lock it.</translation>
    </message>
    <message>
      <source>These tiles are laid</source>
      <translation>These tiles are laid</translation>
    </message>
    <message>
      <source>They turn and slide without sticking, and carry an angle scale for the sweep.</source>
      <translation>They turn and slide without sticking, and carry an angle scale for the sweep.</translation>
    </message>
    <message>
      <source>They wait in their order, and go in by themselves as soon as it can be done.</source>
      <translation>They wait in their order, and go in by themselves as soon as it can be done.</translation>
    </message>
    <message>
      <source>This book is open for reading only.</source>
      <translation>This book is open for reading only.</translation>
    </message>
    <message>
      <source>This book was written by a newer Fair Chalk (version {0}; this one writes version {1}). It is open for reading only.</source>
      <translation>This book was written by a newer Fair Chalk (version {0}; this one writes version {1}). It is open for reading only.</translation>
    </message>
    <message>
      <source>This can't resolve it in a few rounds, and no finer tool would: widen the tolerance or use another way of measuring.</source>
      <translation>This can't resolve it in a few rounds, and no finer tool would: widen the tolerance or use another way of measuring.</translation>
    </message>
    <message>
      <source>This can't resolve it in a few rounds: %1, each spot twice, would.</source>
      <translation>This can't resolve it in a few rounds: %1, each spot twice, would.</translation>
    </message>
    <message>
      <source>This car's angles are in this job: the next one begins with them, and the turns that put them back are planned from what is read then.</source>
      <translation>This car's angles are in this job: the next one begins with them, and the turns that put them back are planned from what is read then.</translation>
    </message>
    <message>
      <source>This drawing as SVG …</source>
      <translation>This drawing as SVG …</translation>
    </message>
    <message>
      <source>This garage against its sheets: %1</source>
      <translation>This garage against its sheets: %1</translation>
    </message>
    <message>
      <source>This gauge is taken to show minus where the top leans in. The lean test fixes that, once.</source>
      <translation>This gauge is taken to show minus where the top leans in. The lean test fixes that, once.</translation>
    </message>
    <message>
      <source>This is as far as it goes. Not inside for certain: {0}; {1}. That all is inside nevertheless: {2}.</source>
      <translation>This is as far as it goes. Not inside for certain: {0}; {1}. That all is inside nevertheless: {2}.</translation>
    </message>
    <message>
      <source>This job</source>
      <translation>This job</translation>
    </message>
    <message>
      <source>This job has no targets: nothing is judged and nothing planned.</source>
      <translation>This job has no targets: nothing is judged and nothing planned.</translation>
    </message>
    <message>
      <source>This job is full: it has %1 rounds and %2 entries. Begin a new job on this car; what is here stays as it is.</source>
      <translation>This job is full: it has %1 rounds and %2 entries. Begin a new job on this car; what is here stays as it is.</translation>
    </message>
    <message>
      <source>This program measures and reckons; it can't see the car.</source>
      <translation>This program measures and reckons; it can't see the car.</translation>
    </message>
    <message>
      <source>This round is read, and another reading is worth more than a turn: %1.</source>
      <translation>This round is read, and another reading is worth more than a turn: %1.</translation>
    </message>
    <message>
      <source>This round is read. Enter goes on to what to turn; any spot can be read again.</source>
      <translation>This round is read. Enter goes on to what to turn; any spot can be read again.</translation>
    </message>
    <message>
      <source>This rule has inches: a bare number is inches.</source>
      <translation>This rule has inches: a bare number is inches.</translation>
    </message>
    <message>
      <source>This rule has millimetres: a bare number is mm.</source>
      <translation>This rule has millimetres: a bare number is mm.</translation>
    </message>
    <message>
      <source>This screen</source>
      <translation>This screen</translation>
    </message>
    <message>
      <source>This spoils</source>
      <translation>This spoils</translation>
    </message>
    <message>
      <source>Thread pitch of the tie rods</source>
      <translation>Thread pitch of the track rods</translation>
    </message>
    <message>
      <source>Three of four are wanted. Once more?</source>
      <translation>Three of four are wanted. Once more?</translation>
    </message>
    <message>
      <source>Three places across a tread say what wears it.</source>
      <translation>Three places across a tread say what wears it.</translation>
    </message>
    <message>
      <source>Through its jobs</source>
      <translation>Through its jobs</translation>
    </message>
    <message>
      <source>Thrust</source>
      <translation>Thrust</translation>
    </message>
    <message>
      <source>Tighten in the manual's order; a damaged stud or nut is replaced before the car moves.</source>
      <translation>Tighten in the manual's order; a damaged stud or nut is replaced before the car moves.</translation>
    </message>
    <message>
      <source>Tighten or replace the mounts; lock the column's pinch bolt to the manual's torque.</source>
      <translation>Tighten or replace the mounts; lock the column's pinch bolt to the manual's torque.</translation>
    </message>
    <message>
      <source>Tighten the nut</source>
      <translation>Tighten the nut</translation>
    </message>
    <message>
      <source>Tighten to the manual's torque</source>
      <translation>Tighten to the manual's torque</translation>
    </message>
    <message>
      <source>Tightening moves cams and rods with left and right threads: mark, hold, tighten, then read again.</source>
      <translation>Tightening moves cams and rods with left and right threads: mark, hold, tighten, then read again.</translation>
    </message>
    <message>
      <source>Tiles</source>
      <translation>Tiles</translation>
    </message>
    <message>
      <source>Tiles of %1</source>
      <translation>Tiles of %1</translation>
    </message>
    <message>
      <source>Tire pressures, cold</source>
      <translation>Tyre pressures, cold</translation>
    </message>
    <message>
      <source>Tires</source>
      <translation>Tyres</translation>
    </message>
    <message>
      <source>Tires last, and rolling drag takes up the play; toe wears tires, camber is tolerant, caster is feel.</source>
      <translation>Tyres last, and rolling drag takes up the play; toe wears tyres, camber is tolerant, caster is feel.</translation>
    </message>
    <message>
      <source>Tires worn in cups or patches</source>
      <translation>Tyres worn in cups or patches</translation>
    </message>
    <message>
      <source>Tires worn on both edges, or in the middle</source>
      <translation>Tyres worn on both edges, or in the middle</translation>
    </message>
    <message>
      <source>Tires worn on one edge</source>
      <translation>Tyres worn on one edge</translation>
    </message>
    <message>
      <source>Tires: bulges, belts, wear</source>
      <translation>Tyres: bulges, belts, wear</translation>
    </message>
    <message>
      <source>To be added to what a gauge shows</source>
      <translation>To be added to what a gauge shows</translation>
    </message>
    <message>
      <source>To be told once</source>
      <translation>To be told once</translation>
    </message>
    <message>
      <source>To do: %1</source>
      <translation>To do: %1</translation>
    </message>
    <message>
      <source>To expect</source>
      <translation>To expect</translation>
    </message>
    <message>
      <source>To the practice shop</source>
      <translation>To the practice shop</translation>
    </message>
    <message>
      <source>To the readings</source>
      <translation>To the readings</translation>
    </message>
    <message>
      <source>Toe</source>
      <translation>Toe</translation>
    </message>
    <message>
      <source>Toe as a length means nothing without the distance it is measured over: the same angle is more on a longer one.</source>
      <translation>Toe as a length means nothing without the distance it is measured over: the same angle is more on a longer one.</translation>
    </message>
    <message>
      <source>Toe boards</source>
      <translation>Toe boards</translation>
    </message>
    <message>
      <source>Toe boards and two tapes</source>
      <translation>Toe boards and two tapes</translation>
    </message>
    <message>
      <source>Toe first</source>
      <translation>Toe first</translation>
    </message>
    <message>
      <source>Toe first only while it is more than half a degree outside, then caster, camber, toe.</source>
      <translation>Toe first only while it is more than half a degree outside, then caster, camber, toe.</translation>
    </message>
    <message>
      <source>Toe first, and again at the end</source>
      <translation>Toe first, and again at the end</translation>
    </message>
    <message>
      <source>Toe in</source>
      <translation>Toe in</translation>
    </message>
    <message>
      <source>Toe is brought near only as far as the car needs it to roll; its fine work waits until nothing moves it any more.</source>
      <translation>Toe is brought near only as far as the car needs it to roll; its fine work waits until nothing moves it any more.</translation>
    </message>
    <message>
      <source>Toe is right, the wheel sits level, and held level it drifts to the left. What first?</source>
      <translation>Toe is right, the wheel sits level, and held level it drifts to the left. What first?</translation>
    </message>
    <message>
      <source>Toe is uncertain by the play, and wanders while the wheels are turned.</source>
      <translation>Toe is uncertain by the play, and wanders while the wheels are turned.</translation>
    </message>
    <message>
      <source>Toe of both left wheels against the line of the hubs.</source>
      <translation>Toe of both left wheels against the line of the hubs.</translation>
    </message>
    <message>
      <source>Toe of both right wheels against the line of the hubs.</source>
      <translation>Toe of both right wheels against the line of the hubs.</translation>
    </message>
    <message>
      <source>Toe of both wheels of this axle, and the steering wheel.</source>
      <translation>Toe of both wheels of this axle, and the steering wheel.</translation>
    </message>
    <message>
      <source>Toe of each wheel against the chassis itself.</source>
      <translation>Toe of each wheel against the chassis itself.</translation>
    </message>
    <message>
      <source>Toe of each wheel, total toe of both axles, and where the rear axle points.</source>
      <translation>Toe of each wheel, total toe of both axles, and where the rear axle points.</translation>
    </message>
    <message>
      <source>Toe out</source>
      <translation>Toe out</translation>
    </message>
    <message>
      <source>Toe out at the front, or a rear axle whose toe is loose or uneven.</source>
      <translation>Toe out at the front, or a rear axle whose toe is loose or uneven.</translation>
    </message>
    <message>
      <source>Toe out by a quarter of a degree is felt as wandering; so is play of a few millimetres at the rim of the steering wheel.</source>
      <translation>Toe out by a quarter of a degree is felt as wandering; so is play of a few millimetres at the rim of the steering wheel.</translation>
    </message>
    <message>
      <source>Toe there %1 with this %2, %3 without it.</source>
      <translation>Toe there %1 with this %2, %3 without it.</translation>
    </message>
    <message>
      <source>Toe. The floor's slope is in it until the floor is known.</source>
      <translation>Toe. The floor's slope is in it until the floor is known.</translation>
    </message>
    <message>
      <source>Toes are measured from %1.</source>
      <translation>Toes are measured from %1.</translation>
    </message>
    <message>
      <source>Told, and nothing is left to turn: Enter opens the record.</source>
      <translation>Told, and nothing is left to turn: Enter opens the record.</translation>
    </message>
    <message>
      <source>Told: Enter goes on to what is to be done.</source>
      <translation>Told: Enter goes on to what is to be done.</translation>
    </message>
    <message>
      <source>Tolerance taken as %1.</source>
      <translation>Tolerance taken as %1.</translation>
    </message>
    <message>
      <source>Too close to call</source>
      <translation>Too close to call</translation>
    </message>
    <message>
      <source>Too coarse for these targets more often than not: a finer tool, or a wider tolerance.</source>
      <translation>Too coarse for these targets more often than not: a finer tool, or a wider tolerance.</translation>
    </message>
    <message>
      <source>Too far: back</source>
      <translation>Too far: back</translation>
    </message>
    <message>
      <source>Too far: back, {0}, until it shows about {1}; shaken, {2}.</source>
      <translation>Too far: back, {0}, until it shows about {1}; shaken, {2}.</translation>
    </message>
    <message>
      <source>Too far: back, {0}, until it shows {1}.</source>
      <translation>Too far: back, {0}, until it shows {1}.</translation>
    </message>
    <message>
      <source>Too far: back, {0}.</source>
      <translation>Too far: back, {0}.</translation>
    </message>
    <message>
      <source>Too little caster, or something that binds: a joint, a column, a strut's top bearing, a box set too tight.</source>
      <translation>Too little caster, or something that binds: a joint, a column, a strut's top bearing, a box set too tight.</translation>
    </message>
    <message>
      <source>Top leans in</source>
      <translation>Top leans in</translation>
    </message>
    <message>
      <source>Top leans out</source>
      <translation>Top leans out</translation>
    </message>
    <message>
      <source>Torque from the card: ⟨b⟩%1⟨/b⟩.</source>
      <translation>Torque from the card: ⟨b⟩%1⟨/b⟩.</translation>
    </message>
    <message>
      <source>Torques and new nuts by the vehicle's manual. Arm bolts are tightened at ride height.</source>
      <translation>Torques and new nuts by the vehicle's manual. Arm bolts are tightened at ride height.</translation>
    </message>
    <message>
      <source>Torques, tin</source>
      <translation>Torques, tin</translation>
    </message>
    <message>
      <source>Total toe %1 ±%2; %3 to %4 is wanted. What is it?</source>
      <translation>Total toe %1 ±%2; %3 to %4 is wanted. What is it?</translation>
    </message>
    <message>
      <source>Total toe of that axle, as the gauge shows it.</source>
      <translation>Total toe of that axle, as the gauge shows it.</translation>
    </message>
    <message>
      <source>Total toe of that axle, free of the rims' run-out.</source>
      <translation>Total toe of that axle, free of the rims' run-out.</translation>
    </message>
    <message>
      <source>Total toe of that axle, roughly.</source>
      <translation>Total toe of that axle, roughly.</translation>
    </message>
    <message>
      <source>Total toe of that axle.</source>
      <translation>Total toe of that axle.</translation>
    </message>
    <message>
      <source>Total toe of the {0} as the gauge shows it, with in or out: 12' in.</source>
      <translation>Total toe of the {0} as the gauge shows it, with in or out: 12' in.</translation>
    </message>
    <message>
      <source>Turn</source>
      <translation>Turn</translation>
    </message>
    <message>
      <source>Turn as drawn, then read again.</source>
      <translation>Turn as drawn, then read again.</translation>
    </message>
    <message>
      <source>Turn both rods</source>
      <translation>Turn both rods</translation>
    </message>
    <message>
      <source>Turn has it as Left as the right and Right as the left. Caution: both sides may be wrong alike.</source>
      <translation>Turn has it as Left as the right and Right as the left. Caution: both sides may be wrong alike.</translation>
    </message>
    <message>
      <source>Turn it inward by about the same, and read the gap once more.</source>
      <translation>Turn it inward by about the same, and read the gap once more.</translation>
    </message>
    <message>
      <source>Turn it inward by about the same, hang the line anew, and read both gaps.</source>
      <translation>Turn it inward by about the same, hang the line anew, and read both gaps.</translation>
    </message>
    <message>
      <source>Turn it inward by about the same. Read camber. The car walks as it is turned: make the floor marks anew for the other wheel.</source>
      <translation>Turn it inward by about the same. Read camber. The car walks as it is turned: make the floor marks anew for the other wheel.</translation>
    </message>
    <message>
      <source>Turn it inward by the same and read caster off its scale.</source>
      <translation>Turn it inward by the same and read caster off its scale.</translation>
    </message>
    <message>
      <source>Turn it inward by the same, and read what the gauge shows now.</source>
      <translation>Turn it inward by the same, and read what the gauge shows now.</translation>
    </message>
    <message>
      <source>Turn it until the line runs along the car, clear of the tires at both ends. It need not be square to anything: how it lies is solved.</source>
      <translation>Turn it until the line runs along the car, clear of the tyres at both ends. It need not be square to anything: how it lies is solved.</translation>
    </message>
    <message>
      <source>Turn plates</source>
      <translation>Turn plates</translation>
    </message>
    <message>
      <source>Turn that wheel's front outward by the angle and read the gap again. The top may lean the other way now: say so.</source>
      <translation>Turn that wheel's front outward by the angle and read the gap again. The top may lean the other way now: say so.</translation>
    </message>
    <message>
      <source>Turn that wheel's front outward by the angle, and set the gauge to zero there.</source>
      <translation>Turn that wheel's front outward by the angle, and set the gauge to zero there.</translation>
    </message>
    <message>
      <source>Turn that wheel's front outward by the angle, hang the line anew past the lips, and read both gaps.</source>
      <translation>Turn that wheel's front outward by the angle, hang the line anew past the lips, and read both gaps.</translation>
    </message>
    <message>
      <source>Turn that wheel's front outward by the angle: by the plate's scale, floor marks, or the steering wheel over its ratio. Read camber.</source>
      <translation>Turn that wheel's front outward by the angle: by the plate's scale, floor marks, or the steering wheel over its ratio. Read camber.</translation>
    </message>
    <message>
      <source>Turn that wheel's front outward by the gauge's angle and set its bubble to zero.</source>
      <translation>Turn that wheel's front outward by the gauge's angle and set its bubble to zero.</translation>
    </message>
    <message>
      <source>Turn the gauge end for end on the same lips and read again: that takes its own zero out.</source>
      <translation>Turn the gauge end for end on the same lips and read again: that takes its own zero out.</translation>
    </message>
    <message>
      <source>Turn the gauge end for end on the same lips of the {0} wheel, and type what it shows, with the sign that it had before.</source>
      <translation>Turn the gauge end for end on the same lips of the {0} wheel, and type what it shows, with the sign that it had before.</translation>
    </message>
    <message>
      <source>Turn the level end for end on each leg and take the mean: its own error is gone then.</source>
      <translation>Turn the level end for end on each leg and take the mean: its own error is gone then.</translation>
    </message>
    <message>
      <source>Turn the rod a little: the boot must stay still.</source>
      <translation>Turn the rod a little: the boot must stay still.</translation>
    </message>
    <message>
      <source>Turn the {0} wheel out, zero the gauge's bubble, turn it in, and read its caster scale.</source>
      <translation>Turn the {0} wheel out, zero the gauge's bubble, turn it in, and read its caster scale.</translation>
    </message>
    <message>
      <source>Turn the {0} wheel out, zero the gauge, turn it in as far, brake held, and read the gauge.</source>
      <translation>Turn the {0} wheel out, zero the gauge, turn it in as far, brake held, and read the gauge.</translation>
    </message>
    <message>
      <source>Turn the {0} wheel's front inward to its mark, brake held, and read camber.</source>
      <translation>Turn the {0} wheel's front inward to its mark, brake held, and read camber.</translation>
    </message>
    <message>
      <source>Turn the {0} wheel's front outward to its mark, brake held, and read camber.</source>
      <translation>Turn the {0} wheel's front outward to its mark, brake held, and read camber.</translation>
    </message>
    <message>
      <source>Turn until it shows</source>
      <translation>Turn until it shows</translation>
    </message>
    <message>
      <source>Turn {0} things</source>
      <translation>Turn {0} things</translation>
    </message>
    <message>
      <source>Turn, shake, read again, tighten</source>
      <translation>Turn, shake, read again, tighten</translation>
    </message>
    <message>
      <source>Turn, watch the rule, type what it shows: at once it says how much is left.</source>
      <translation>Turn, watch the rule, type what it shows: at once it says how much is left.</translation>
    </message>
    <message>
      <source>Turn: {0}</source>
      <translation>Turn: {0}</translation>
    </message>
    <message>
      <source>Turned as written</source>
      <translation>Turned as written</translation>
    </message>
    <message>
      <source>Turned by …</source>
      <translation>Turned by …</translation>
    </message>
    <message>
      <source>Turned each way for caster</source>
      <translation>Turned each way for caster</translation>
    </message>
    <message>
      <source>Turned out the wheel leans out, turned in it leans in. How does its axis stand?</source>
      <translation>Turned out the wheel leans out, turned in it leans in. How does its axis stand?</translation>
    </message>
    <message>
      <source>Turned since it was measured last: %1.</source>
      <translation>Turned since it was measured last: %1.</translation>
    </message>
    <message>
      <source>Turned since the last value: %1.</source>
      <translation>Turned since the last value: %1.</translation>
    </message>
    <message numerus="yes">
      <source>Turned, and not read since: what it spoiled is read first, %n spots (Ctrl+6).</source>
      <comment>Turned, and not read since: what it spoiled is read first, one spot (Ctrl+6).</comment>
      <translation>
        <numerusform>Turned, and not read since: what it spoiled is read first, one spot (Ctrl+6).</numerusform>
        <numerusform>Turned, and not read since: what it spoiled is read first, %n spots (Ctrl+6).</numerusform>
      </translation>
    </message>
    <message>
      <source>Turned, not read yet: this is expected</source>
      <translation>Turned, not read yet: this is expected</translation>
    </message>
    <message>
      <source>Turns longer, or with a minus shorter: 7/8, -1/4, 2 flats. 0 if it was not turned, can't if it does not turn.</source>
      <translation>Turns longer, or with a minus shorter: 7/8, -1/4, 2 flats. 0 if it was not turned, can't if it does not turn.</translation>
    </message>
    <message>
      <source>Twice in a row this car's angles were best explained so: %1. Look there first.</source>
      <translation>Twice in a row this car's angles were best explained so: %1. Look there first.</translation>
    </message>
    <message>
      <source>Two boards alike, clamped together for the saw cuts. Slots ⟨b⟩%1⟨/b⟩ apart, %2 above the floor, on a board %3 by %4.</source>
      <translation>Two boards alike, clamped together for the saw cuts. Slots ⟨b⟩%1⟨/b⟩ apart, %2 above the floor, on a board %3 by %4.</translation>
    </message>
    <message>
      <source>Two boards and two tapes tell the total toe in ten minutes, and nothing of one wheel alone.</source>
      <translation>Two boards and two tapes tell the total toe in ten minutes, and nothing of one wheel alone.</translation>
    </message>
    <message>
      <source>Two equal arms for each wheel that clip to the rim and stand out square from it, with a nick at the same distance on the outer ones.</source>
      <translation>Two equal arms for each wheel that clip to the rim and stand out square from it, with a nick at the same distance on the outer ones.</translation>
    </message>
    <message>
      <source>Two flat boards as long as the tire is high, with two saw cuts for the tapes as far apart on both.</source>
      <translation>Two flat boards as long as the tyre is high, with two saw cuts for the tapes as far apart on both.</translation>
    </message>
    <message>
      <source>Two glazed tiles, face to face</source>
      <translation>Two glazed tiles, face to face</translation>
    </message>
    <message>
      <source>Two lengths are wanted, and an angle under 90° if it is not in line: “400 mm 100 mm 30 deg”.</source>
      <translation>Two lengths are wanted, and an angle under 90° if it is not in line: “400 mm 100 mm 30 deg”.</translation>
    </message>
    <message>
      <source>Two millimetres of shims go behind the upper arm. Read both lips again, and see what became of the toe.</source>
      <translation>Two millimetres of shims go behind the upper arm. Read both lips again, and see what became of the toe.</translation>
    </message>
    <message>
      <source>Two millimetres sideways are about 0°15' of camber, the other way on the other side.</source>
      <translation>Two millimetres sideways are about 0°15' of camber, the other way on the other side.</translation>
    </message>
    <message>
      <source>Two plastic bags with a little oil or soap between</source>
      <translation>Two plastic bags with a little oil or soap between</translation>
    </message>
    <message>
      <source>Two save half the walking: one reads, one types</source>
      <translation>Two save half the walking: one reads, one types</translation>
    </message>
    <message>
      <source>Two sheets of metal with grease between</source>
      <translation>Two sheets of metal with grease between</translation>
    </message>
    <message>
      <source>Two stands and a string.</source>
      <translation>Two stands and a string.</translation>
    </message>
    <message>
      <source>Two stands and one string; the other side follows with the same ones.</source>
      <translation>Two stands and one string; the other side follows with the same ones.</translation>
    </message>
    <message>
      <source>Two straight bars, drilled for two studs, with a nick near each end as far apart on both.</source>
      <translation>Two straight bars, drilled for two studs, with a nick near each end as far apart on both.</translation>
    </message>
    <message>
      <source>Two straight square tubes, both clamped together and notched in one cut, the same distance apart.</source>
      <translation>Two straight square tubes, both clamped together and notched in one cut, the same distance apart.</translation>
    </message>
    <message>
      <source>Two tapes differ. Read, swap them, read again: their difference cancels. One tape used twice needs no swap; only the difference of both readings will do as well.</source>
      <translation>Two tapes differ. Read, swap them, read again: their difference cancels. One tape used twice needs no swap; only the difference of both readings will do as well.</translation>
    </message>
    <message>
      <source>Two tapes on one axle: give each its own name here, read, swap them, read again. Their difference drops out.</source>
      <translation>Two tapes on one axle: give each its own name here, read, swap them, read again. Their difference drops out.</translation>
    </message>
    <message>
      <source>Two thick bags under each wheel, oil between, not on the floor. Wipe the tire and the floor after it.</source>
      <translation>Two thick bags under each wheel, oil between, not on the floor. Wipe the tyre and the floor after it.</translation>
    </message>
    <message>
      <source>Type a dimension and the card follows; it prints with Ctrl+P. Escape goes back.</source>
      <translation>Type a dimension and the card follows; it prints with Ctrl+P. Escape goes back.</translation>
    </message>
    <message>
      <source>Type each figure as the sheet has it: toe in, a top that leans out, a steering axis that leans back are positive; in and out may be said in words.</source>
      <translation>Type each figure as the sheet has it: toe in, a top that leans out, a steering axis that leans back are positive; in and out may be said in words.</translation>
    </message>
    <message>
      <source>Type it for each in turn; what was planned stands on the floor.</source>
      <translation>Type it for each in turn; what was planned stands on the floor.</translation>
    </message>
    <message>
      <source>Type the thickness of a tile, and the program says how many go under which wheel.</source>
      <translation>Type the thickness of a tile, and the program says how many go under which wheel.</translation>
    </message>
    <message>
      <source>Type what the thread or the pointer stands at, as fine as the rule allows. Between two marks, say which half.</source>
      <translation>Type what the thread or the pointer stands at, as fine as the rule allows. Between two marks, say which half.</translation>
    </message>
    <message>
      <source>Understood: Ctrl+7 says what to turn.</source>
      <translation>Understood: Ctrl+7 says what to turn.</translation>
    </message>
    <message>
      <source>Undo</source>
      <translation>Undo</translation>
    </message>
    <message>
      <source>Unequal rods make the toe change with bumps, differently left and right.</source>
      <translation>Unequal rods make the toe change with bumps, differently left and right.</translation>
    </message>
    <message>
      <source>Up on the jack for every turn</source>
      <translation>Up on the jack for every turn</translation>
    </message>
    <message>
      <source>Up, and on stands at the maker's points</source>
      <translation>Up, and on stands at the maker's points</translation>
    </message>
    <message>
      <source>Verdict</source>
      <translation>Verdict</translation>
    </message>
    <message>
      <source>Walk there and hold it</source>
      <translation>Walk there and hold it</translation>
    </message>
    <message>
      <source>Water level or laser</source>
      <translation>Water level or laser</translation>
    </message>
    <message>
      <source>Ways to measure</source>
      <translation>Ways to measure</translation>
    </message>
    <message>
      <source>Ways to measure toe</source>
      <translation>Ways to measure toe</translation>
    </message>
    <message>
      <source>Weigh ballast on bathroom scales; put it where the driver sits.</source>
      <translation>Weigh ballast on bathroom scales; put it where the driver sits.</translation>
    </message>
    <message>
      <source>Weight off the arm; both bolts loosened, not taken out.</source>
      <translation>Weight off the arm; both bolts loosened, not taken out.</translation>
    </message>
    <message>
      <source>Weight off the wheel; mark the upright against the strut, then free both nuts.</source>
      <translation>Weight off the wheel; mark the upright against the strut, then free both nuts.</translation>
    </message>
    <message>
      <source>Weight off the wheel; mark where it stands, then free the nuts of both strut bolts while the head is held.</source>
      <translation>Weight off the wheel; mark where it stands, then free the nuts of both strut bolts while the head is held.</translation>
    </message>
    <message>
      <source>Weight off the wheel; the plate's nuts loosened, never the middle nut of the strut.</source>
      <translation>Weight off the wheel; the plate's nuts loosened, never the middle nut of the strut.</translation>
    </message>
    <message>
      <source>Weight off; free the locknuts at both ends.</source>
      <translation>Weight off; free the locknuts at both ends.</translation>
    </message>
    <message>
      <source>Weight off; free the locknuts at both ends: the one on the left-hand thread loosens the other way, clockwise.</source>
      <translation>Weight off; free the locknuts at both ends: the one on the left-hand thread loosens the other way, clockwise.</translation>
    </message>
    <message>
      <source>Weight off; mark where the joint stands, then free its nuts.</source>
      <translation>Weight off; mark where the joint stands, then free its nuts.</translation>
    </message>
    <message>
      <source>Weight off; mark where the thick side stands, slacken the pivot bolt until the sleeve is free, and turn it by its flats.</source>
      <translation>Weight off; mark where the thick side stands, slacken the pivot bolt until the sleeve is free, and turn it by its flats.</translation>
    </message>
    <message>
      <source>Weight off; the pivot bolt loosened.</source>
      <translation>Weight off; the pivot bolt loosened.</translation>
    </message>
    <message>
      <source>What a fault does to the readings</source>
      <translation>What a fault does to the readings</translation>
    </message>
    <message>
      <source>What can be done here now</source>
      <translation>What can be done here now</translation>
    </message>
    <message>
      <source>What could not be seen here</source>
      <translation>What could not be seen here</translation>
    </message>
    <message>
      <source>What did it do?</source>
      <translation>What did it do?</translation>
    </message>
    <message>
      <source>What does it stand on?</source>
      <translation>What does it stand on?</translation>
    </message>
    <message>
      <source>What does the odometer show?</source>
      <translation>What does the odometer show?</translation>
    </message>
    <message>
      <source>What does the sheet say: %1?</source>
      <translation>What does the sheet say: %1?</translation>
    </message>
    <message>
      <source>What does the thread stand at?</source>
      <translation>What does the thread stand at?</translation>
    </message>
    <message>
      <source>What happened?</source>
      <translation>What happened?</translation>
    </message>
    <message>
      <source>What has locking done?</source>
      <translation>What has locking done?</translation>
    </message>
    <message>
      <source>What has to become of the rod?</source>
      <translation>What has to become of the rod?</translation>
    </message>
    <message>
      <source>What is felt is kept with the drive; the angles are held against it.</source>
      <translation>What is felt is kept with the drive; the angles are held against it.</translation>
    </message>
    <message>
      <source>What is known, and how well</source>
      <translation>What is known, and how well</translation>
    </message>
    <message>
      <source>What is left is at most %1, and is reckoned out.</source>
      <translation>What is left is at most %1, and is reckoned out.</translation>
    </message>
    <message>
      <source>What is left out stays as it is, and the sheet says what that leaves. One side as the other takes the other side's angles as its aim.</source>
      <translation>What is left out stays as it is, and the sheet says what that leaves. One side as the other takes the other side's angles as its aim.</translation>
    </message>
    <message>
      <source>What is loose now?</source>
      <translation>What is loose now?</translation>
    </message>
    <message>
      <source>What is read waits for this to be told: %1. Lines (Ctrl+5).</source>
      <translation>What is read waits for this to be told: %1. Lines (Ctrl+5).</translation>
    </message>
    <message>
      <source>What is read waits: %1. The car's card (Ctrl+I).</source>
      <translation>What is read waits: %1. The car's card (Ctrl+I).</translation>
    </message>
    <message>
      <source>What is said here is undone in every reading taken with it, those already taken too.</source>
      <translation>What is said here is undone in every reading taken with it, those already taken too.</translation>
    </message>
    <message>
      <source>What is to be measured is not said: there are no targets yet (Ctrl+I).</source>
      <translation>What is to be measured is not said: there are no targets yet (Ctrl+I).</translation>
    </message>
    <message>
      <source>What is whole comes out of it with: fairchalk-cli salvage {0} FOLDER. Copies of the last days are listed under Copies in the window.</source>
      <translation>What is whole comes out of it with: fairchalk-cli salvage {0} FOLDER. Copies of the last days are listed under Copies in the window.</translation>
    </message>
    <message>
      <source>What is wrong with it?</source>
      <translation>What is wrong with it?</translation>
    </message>
    <message>
      <source>What it comes to</source>
      <translation>What it comes to</translation>
    </message>
    <message>
      <source>What it does on this car</source>
      <translation>What it does on this car</translation>
    </message>
    <message>
      <source>What it is expected to move</source>
      <translation>What it is expected to move</translation>
    </message>
    <message>
      <source>What it shows is kept as it is, with the gauge's own doubt.</source>
      <translation>What it shows is kept as it is, with the gauge's own doubt.</translation>
    </message>
    <message>
      <source>What it shows now, like %1; 1/4 turn counts.</source>
      <translation>What it shows now, like %1; 1/4 turn counts.</translation>
    </message>
    <message>
      <source>What it shows now, like 107.5; 1/4 turn counts.</source>
      <translation>What it shows now, like 107.5; 1/4 turn counts.</translation>
    </message>
    <message>
      <source>What it shows now, like 4 9/64; 1/4 turn counts.</source>
      <translation>What it shows now, like 4 9/64; 1/4 turn counts.</translation>
    </message>
    <message>
      <source>What it spoils is marked on the line, and asked for again.</source>
      <translation>What it spoils is marked on the line, and asked for again.</translation>
    </message>
    <message>
      <source>What it stands on, to be free sideways</source>
      <translation>What it stands on, to be free sideways</translation>
    </message>
    <message>
      <source>What its adjusters do</source>
      <translation>What its adjusters do</translation>
    </message>
    <message>
      <source>What one turn does on this car</source>
      <translation>What one turn does on this car</translation>
    </message>
    <message>
      <source>What the %1 shows</source>
      <translation>What the %1 shows</translation>
    </message>
    <message>
      <source>What the angles say</source>
      <translation>What the angles say</translation>
    </message>
    <message>
      <source>What the car really is will be shown, and with that the practice is over. It stays in the book, to be looked at.</source>
      <translation>What the car really is will be shown, and with that the practice is over. It stays in the book, to be looked at.</translation>
    </message>
    <message>
      <source>What the card's set-ups differ by.</source>
      <translation>What the card's set-ups differ by.</translation>
    </message>
    <message>
      <source>What the driver sees is straight; right where the wheel cannot be moved on its shaft.</source>
      <translation>What the driver sees is straight; right where the wheel cannot be moved on its shaft.</translation>
    </message>
    <message>
      <source>What the engine does to the bushes pulls driven wheels in and pushes the others out: on the road they end parallel.</source>
      <translation>What the engine does to the bushes pulls driven wheels in and pushes the others out: on the road they end parallel.</translation>
    </message>
    <message>
      <source>What the gauge shows now, like -1.2; 1/4 turn counts.</source>
      <translation>What the gauge shows now, like -1.2; 1/4 turn counts.</translation>
    </message>
    <message>
      <source>What the gauge shows, like -1.2 or 88.8 or -1°10'.</source>
      <translation>What the gauge shows, like -1.2 or 88.8 or -1°10'.</translation>
    </message>
    <message>
      <source>What the gauge shows, like 1.2 or 1°10'; which way it leans is said below.</source>
      <translation>What the gauge shows, like 1.2 or 1°10'; which way it leans is said below.</translation>
    </message>
    <message>
      <source>What the last job on this car taught is being worked out …</source>
      <translation>What the last job on this car taught is being worked out …</translation>
    </message>
    <message>
      <source>What the turn has shown</source>
      <translation>What the turn has shown</translation>
    </message>
    <message>
      <source>What this job is</source>
      <translation>What this job is</translation>
    </message>
    <message>
      <source>What this tells</source>
      <translation>What this tells</translation>
    </message>
    <message>
      <source>What this will tell</source>
      <translation>What this will tell</translation>
    </message>
    <message>
      <source>What to aim at, in the terms of the car's manual, which comes first:</source>
      <translation>What to aim at, in the terms of the car's manual, which comes first:</translation>
    </message>
    <message>
      <source>What to expect</source>
      <translation>What to expect</translation>
    </message>
    <message>
      <source>What to turn</source>
      <translation>What to turn</translation>
    </message>
    <message>
      <source>What to turn, by how much and which way, and what the rule will show when you are there. Where too little is known, nothing is asked of you but to read on, look, or make a small test turn.</source>
      <translation>What to turn, by how much and which way, and what the rule will show when you are there. Where too little is known, nothing is asked of you but to read on, look, or make a small test turn.</translation>
    </message>
    <message>
      <source>What toe does to them</source>
      <translation>What toe does to them</translation>
    </message>
    <message>
      <source>What undoes it (Ctrl+7):</source>
      <translation>What undoes it (Ctrl+7):</translation>
    </message>
    <message>
      <source>What undoes it (Ctrl+7): %1.</source>
      <translation>What undoes it (Ctrl+7): %1.</translation>
    </message>
    <message>
      <source>What was done here</source>
      <translation>What was done here</translation>
    </message>
    <message>
      <source>What was left loose shows in the first hundred metres.</source>
      <translation>What was left loose shows in the first hundred metres.</translation>
    </message>
    <message numerus="yes">
      <source>What was read before the shake is not how it stays: shake it, then read %n spots (Ctrl+6).</source>
      <comment>What was read before the shake is not how it stays: shake it, then read one spot (Ctrl+6).</comment>
      <translation>
        <numerusform>What was read before the shake is not how it stays: shake it, then read one spot (Ctrl+6).</numerusform>
        <numerusform>What was read before the shake is not how it stays: shake it, then read %n spots (Ctrl+6).</numerusform>
      </translation>
    </message>
    <message>
      <source>What was there is the way back.</source>
      <translation>What was there is the way back.</translation>
    </message>
    <message>
      <source>What was turned, and what that did</source>
      <translation>What was turned, and what that did</translation>
    </message>
    <message>
      <source>What went wrong</source>
      <translation>What went wrong</translation>
    </message>
    <message>
      <source>What will a repair disturb?</source>
      <translation>What will a repair disturb?</translation>
    </message>
    <message>
      <source>What you believe stands on the floor; what is, is not told yet.</source>
      <translation>What you believe stands on the floor; what is, is not told yet.</translation>
    </message>
    <message>
      <source>What you have hangs on the wall; what you take down stands on the floor. The strings need not be square: one estimate over all readings finds out how they lie. What this way can't see is said.</source>
      <translation>What you have hangs on the wall; what you take down stands on the floor. The strings need not be square: one estimate over all readings finds out how they lie. What this way can't see is said.</translation>
    </message>
    <message>
      <source>Wheel bearings</source>
      <translation>Wheel bearings</translation>
    </message>
    <message>
      <source>Wheel nuts</source>
      <translation>Wheel nuts</translation>
    </message>
    <message>
      <source>Wheel off the ground: rock it top and bottom, then left and right. Movement at the hub is the bearing.</source>
      <translation>Wheel off the ground: rock it top and bottom, then left and right. Movement at the hub is the bearing.</translation>
    </message>
    <message>
      <source>Wheel off, level on spokes</source>
      <translation>Wheel off, level on spokes</translation>
    </message>
    <message>
      <source>Wheel off, marks on the rim</source>
      <translation>Wheel off, marks on the rim</translation>
    </message>
    <message>
      <source>Wheel school: set the steering wheel level</source>
      <translation>Wheel school: set the steering wheel level</translation>
    </message>
    <message>
      <source>Wheel spacers as they will be run</source>
      <translation>Wheel spacers as they will be run</translation>
    </message>
    <message>
      <source>Wheelbase, hub to hub</source>
      <translation>Wheelbase, hub to hub</translation>
    </message>
    <message>
      <source>Wheels off, car on stands at its ride height where the suspension has to be: a bar bolted across each hub, level.</source>
      <translation>Wheels off, car on stands at its ride height where the suspension has to be: a bar bolted across each hub, level.</translation>
    </message>
    <message>
      <source>When should this car be looked at again, and why?</source>
      <translation>When should this car be looked at again, and why?</translation>
    </message>
    <message>
      <source>Where it is read: %1</source>
      <translation>Where it is read: %1</translation>
    </message>
    <message>
      <source>Where it went back sideways and fore and aft, camber, caster and thrust follow.</source>
      <translation>Where it went back sideways and fore and aft, camber, caster and thrust follow.</translation>
    </message>
    <message>
      <source>Where nothing else gets an arm to the nut. It costs a jacking each time, and what was known of the wheels' place.</source>
      <translation>Where nothing else gets an arm to the nut. It costs a jacking each time, and what was known of the wheels' place.</translation>
    </message>
    <message>
      <source>Where nothing is known, a car that is even runs straight, and a bent part shows.</source>
      <translation>Where nothing is known, a car that is even runs straight, and a bent part shows.</translation>
    </message>
    <message>
      <source>Where the manual has none: schools of thought, never a figure for your car</source>
      <translation>Where the manual has none: schools of thought, never a figure for your car</translation>
    </message>
    <message>
      <source>Where the rear axle points matters after a hit, after work on the rear suspension or a sub-frame, and where the wheel will not come straight.</source>
      <translation>Where the rear axle points matters after a hit, after work on the rear suspension or a sub-frame, and where the wheel will not come straight.</translation>
    </message>
    <message>
      <source>Where the rear axle points, and total toe, until the other side is done too.</source>
      <translation>Where the rear axle points, and total toe, until the other side is done too.</translation>
    </message>
    <message>
      <source>Where the rear axle points. The car goes there, whatever the front wheels are set to, and the steering wheel sits crooked by it.</source>
      <translation>Where the rear axle points. The car goes there, whatever the front wheels are set to, and the steering wheel sits crooked by it.</translation>
    </message>
    <message>
      <source>Where the rule goes: %1, zero end on the metal, square to the string, at hub height</source>
      <translation>Where the rule goes: %1, zero end on the metal, square to the string, at hub height</translation>
    </message>
    <message>
      <source>Where the wrench does not reach: its length and that of what is put on it, like “%1”, and the angle if it is not in line.</source>
      <translation>Where the spanner does not reach: its length and that of what is put on it, like “%1”, and the angle if it is not in line.</translation>
    </message>
    <message>
      <source>Where they should be alike, share the difference: the wheel's angle and the total toe stay.</source>
      <translation>Where they should be alike, share the difference: the wheel's angle and the total toe stay.</translation>
    </message>
    <message>
      <source>Whether the angles explain the pull is not known: camber and caster of both front wheels would tell.</source>
      <translation>Whether the angles explain the pull is not known: camber and caster of both front wheels would tell.</translation>
    </message>
    <message>
      <source>Which plan?</source>
      <translation>Which plan?</translation>
    </message>
    <message>
      <source>Which tonight? …</source>
      <translation>Which tonight? …</translation>
    </message>
    <message>
      <source>Which way does the wheel's top lean?</source>
      <translation>Which way does the wheel's top lean?</translation>
    </message>
    <message>
      <source>Which way the rear axle points (thrust)</source>
      <translation>Which way the rear axle points (thrust)</translation>
    </message>
    <message>
      <source>Which way the wheels of an axle point. Toed in, their fronts are closer together than their backs; toed out, wider. It wears tires like nothing else, and is set by the tie rods.</source>
      <translation>Which way the wheels of an axle point. Toed in, their fronts are closer together than their backs; toed out, wider. It wears tyres like nothing else, and is set by the track rods.</translation>
    </message>
    <message>
      <source>Which way to turn</source>
      <translation>Which way to turn</translation>
    </message>
    <message>
      <source>Which way tonight?</source>
      <translation>Which way tonight?</translation>
    </message>
    <message>
      <source>Which way? Try a quarter</source>
      <translation>Which way? Try a quarter</translation>
    </message>
    <message>
      <source>Which wheel has it, and where the axle points.</source>
      <translation>Which wheel has it, and where the axle points.</translation>
    </message>
    <message>
      <source>While turning …</source>
      <translation>While turning …</translation>
    </message>
    <message>
      <source>Who sets toe first sets it twice.</source>
      <translation>Who sets toe first sets it twice.</translation>
    </message>
    <message>
      <source>Who watches the rule needs one pass where others need three.</source>
      <translation>Who watches the rule needs one pass where others need three.</translation>
    </message>
    <message>
      <source>Whole job (*.json);;Readings (*.csv)</source>
      <translation>Whole job (*.json);;Readings (*.csv)</translation>
    </message>
    <message>
      <source>Whose sheet</source>
      <translation>Whose sheet</translation>
    </message>
    <message>
      <source>Whose sheet is it?</source>
      <translation>Whose sheet is it?</translation>
    </message>
    <message>
      <source>Why this one</source>
      <translation>Why this one</translation>
    </message>
    <message>
      <source>Why, is told where the card says how this axle is suspended.</source>
      <translation>Why, is told where the card says how this axle is suspended.</translation>
    </message>
    <message>
      <source>Why, the likeliest first:</source>
      <translation>Why, the likeliest first:</translation>
    </message>
    <message>
      <source>Width over the front hub faces, if taped</source>
      <translation>Width over the front hub faces, if taped</translation>
    </message>
    <message>
      <source>Width over the rear hub faces, if taped</source>
      <translation>Width over the rear hub faces, if taped</translation>
    </message>
    <message>
      <source>Widths over the hubs</source>
      <translation>Widths over the hubs</translation>
    </message>
    <message>
      <source>Wire-brush the thread that shows, a drop of oil, and let it creep; compare the thread that shows left and right.</source>
      <translation>Wire-brush the thread that shows, a drop of oil, and let it creep; compare the thread that shows left and right.</translation>
    </message>
    <message>
      <source>With %1 on a wrench of %2, set ⟨b⟩%3⟨/b⟩.</source>
      <translation>With %1 on a spanner of %2, set ⟨b⟩%3⟨/b⟩.</translation>
    </message>
    <message>
      <source>With a torque wrench</source>
      <translation>With a torque wrench</translation>
    </message>
    <message>
      <source>With all adjusters again</source>
      <translation>With all adjusters again</translation>
    </message>
    <message>
      <source>With its thick side outward the arm stands farthest out; turned away from there, the top of the wheel comes in.</source>
      <translation>With its thick side outward the arm stands farthest out; turned away from there, the top of the wheel comes in.</translation>
    </message>
    <message>
      <source>With nothing marked, each bolt back anywhere in its hole, for a corner like this one. With marks it is far less; read it again all the same.</source>
      <translation>With nothing marked, each bolt back anywhere in its hole, for a corner like this one. With marks it is far less; read it again all the same.</translation>
    </message>
    <message>
      <source>With one gauge, cold, all four; compare with the card, and side to side.</source>
      <translation>With one gauge, cold, all four; compare with the card, and side to side.</translation>
    </message>
    <message>
      <source>With that</source>
      <translation>With that</translation>
    </message>
    <message>
      <source>With the odometer on the record's page (Ctrl+J), two such readings tell how fast they wear.</source>
      <translation>With the odometer on the record's page (Ctrl+J), two such readings tell how fast they wear.</translation>
    </message>
    <message>
      <source>With the torque the sum can be done: first type that, from the manual, like “%1”.</source>
      <translation>With the torque the sum can be done: first type that, from the manual, like “%1”.</translation>
    </message>
    <message>
      <source>With these slots a degree of total toe is ⟨b⟩%1⟨/b⟩ between both tapes.</source>
      <translation>With these slots a degree of total toe is ⟨b⟩%1⟨/b⟩ between both tapes.</translation>
    </message>
    <message>
      <source>With: %1</source>
      <translation>With: %1</translation>
    </message>
    <message>
      <source>Within both ± wherever it can be told.</source>
      <translation>Within both ± wherever it can be told.</translation>
    </message>
    <message>
      <source>Without %1 all the rest fits.</source>
      <translation>Without %1 all the rest fits.</translation>
    </message>
    <message>
      <source>Without anything round: two strings across the rim, each marked at its middle; they cross in the middle.</source>
      <translation>Without anything round: two strings across the rim, each marked at its middle; they cross in the middle.</translation>
    </message>
    <message>
      <source>Without one to hand, fairchalk-gauge plays one and prints its port.</source>
      <translation>Without one to hand, fairchalk-gauge plays one and prints its port.</translation>
    </message>
    <message>
      <source>Without springs nothing settles into place by itself.</source>
      <translation>Without springs nothing settles into place by itself.</translation>
    </message>
    <message>
      <source>Witness marks at its bolts; diagonals across it.</source>
      <translation>Witness marks at its bolts; diagonals across it.</translation>
    </message>
    <message>
      <source>Witness marks at its bolts; measure it to the body on both sides.</source>
      <translation>Witness marks at its bolts; measure it to the body on both sides.</translation>
    </message>
    <message>
      <source>Working it out …</source>
      <translation>Working it out …</translation>
    </message>
    <message>
      <source>Worn joints, nuts that creep, kicked stands, rules held askew.</source>
      <translation>Worn joints, nuts that creep, kicked stands, rules held askew.</translation>
    </message>
    <message>
      <source>Wrenches: {0}</source>
      <translation>Spanneres: {0}</translation>
    </message>
    <message>
      <source>Wrenches: {0}.</source>
      <translation>Spanneres: {0}.</translation>
    </message>
    <message>
      <source>Write down how it is</source>
      <translation>Write down how it is</translation>
    </message>
    <message>
      <source>Write everything down before the first nut; a photograph on the car's card (Ctrl+I) helps too.</source>
      <translation>Write everything down before the first nut; a photograph on the car's card (Ctrl+I) helps too.</translation>
    </message>
    <message>
      <source>Write it as you would for somebody else: “two thick, one thin”, “mark at four o'clock”.</source>
      <translation>Write it as you would for somebody else: “two thick, one thin”, “mark at four o'clock”.</translation>
    </message>
    <message>
      <source>Written: %1</source>
      <translation>Written: %1</translation>
    </message>
    <message>
      <source>You kept %1; it stood at ⟨b⟩%2⟨/b⟩.</source>
      <translation>You kept %1; it stood at ⟨b⟩%2⟨/b⟩.</translation>
    </message>
    <message>
      <source>You type inches: F7 shows them everywhere and takes the inch rule, from now on in this garage.</source>
      <translation>You type inches: F7 shows them everywhere and takes the inch rule, from now on in this garage.</translation>
    </message>
    <message numerus="yes">
      <source>Your own repeats, %n of them, show ⟨b⟩±%1⟨/b⟩.</source>
      <translation>
        <numerusform>Your own repeats, %n of them, show ⟨b⟩±%1⟨/b⟩.</numerusform>
        <numerusform>Your own repeats, %n of them, show ⟨b⟩±%1⟨/b⟩.</numerusform>
      </translation>
    </message>
    <message>
      <source>Your rules and gauges: their division, their zero, how well they repeat. The tests here find out what nobody printed on them.</source>
      <translation>Your rules and gauges: their division, their zero, how well they repeat. The tests here find out what nobody printed on them.</translation>
    </message>
    <message>
      <source>Zero end of the rule on the hub, then on the back and front lips at hub height, square to the line. Read the middle of the light, always at the same edge of it.</source>
      <translation>Zero end of the rule on the hub, then on the back and front lips at hub height, square to the line. Read the middle of the light, always at the same edge of it.</translation>
    </message>
    <message>
      <source>Zero end on the back lip of the {0} wheel at hub height, the rule square to the line: read the middle of the light on it.</source>
      <translation>Zero end on the back lip of the {0} wheel at hub height, the rule square to the line: read the middle of the light on it.</translation>
    </message>
    <message>
      <source>Zero end on the front lip of the {0} wheel at hub height, the rule square to the line: read the middle of the light on it.</source>
      <translation>Zero end on the front lip of the {0} wheel at hub height, the rule square to the line: read the middle of the light on it.</translation>
    </message>
    <message>
      <source>Zero end on the hub of the {0} wheel, the rule level and square to the line: read the middle of the light on it.</source>
      <translation>Zero end on the hub of the {0} wheel, the rule level and square to the line: read the middle of the light on it.</translation>
    </message>
    <message>
      <source>a bent rim, from above, as the wheel is rolled a whole turn</source>
      <translation>a bent rim, from above, as the wheel is rolled a whole turn</translation>
    </message>
    <message>
      <source>a car needs a name to be found by.</source>
      <translation>a car needs a name to be found by.</translation>
    </message>
    <message>
      <source>a caster</source>
      <translation>a caster</translation>
    </message>
    <message>
      <source>a check has failed</source>
      <translation>a check has failed</translation>
    </message>
    <message>
      <source>a day, a distance, an event</source>
      <translation>a day, a distance, an event</translation>
    </message>
    <message>
      <source>a digit chooses, Escape leaves it</source>
      <translation>a digit chooses, Escape leaves it</translation>
    </message>
    <message>
      <source>a guess at the arm: learnt after one turn</source>
      <translation>a guess at the arm: learnt after one turn</translation>
    </message>
    <message>
      <source>a list</source>
      <translation>a list</translation>
    </message>
    <message>
      <source>a long car read in inches, left-hand threads at its rods, cams at its upper arms; a level and a rule for camber</source>
      <translation>a long car read in inches, left-hand threads at its rods, cams at its upper arms; a level and a rule for camber</translation>
    </message>
    <message>
      <source>a mark or click</source>
      <translation>a mark or click</translation>
    </message>
    <message>
      <source>a name, like road</source>
      <translation>a name, like road</translation>
    </message>
    <message>
      <source>a new car</source>
      <translation>a new car</translation>
    </message>
    <message>
      <source>a note</source>
      <translation>a note</translation>
    </message>
    <message>
      <source>a note, if any</source>
      <translation>a note, if any</translation>
    </message>
    <message>
      <source>a note, or Enter to point</source>
      <translation>a note, or Enter to point</translation>
    </message>
    <message>
      <source>a number</source>
      <translation>a number</translation>
    </message>
    <message>
      <source>a number not above zero</source>
      <translation>a number not above zero</translation>
    </message>
    <message>
      <source>a number of a round, from 0</source>
      <translation>a number of a round, from 0</translation>
    </message>
    <message>
      <source>a number of tiles that can't be</source>
      <translation>a number of tiles that can't be</translation>
    </message>
    <message>
      <source>a number out of bounds</source>
      <translation>a number out of bounds</translation>
    </message>
    <message>
      <source>a picture's file</source>
      <translation>a picture's file</translation>
    </message>
    <message>
      <source>a ratio like 16.2</source>
      <translation>a ratio like 16.2</translation>
    </message>
    <message>
      <source>a rear wheel is not turned for a caster sweep</source>
      <translation>a rear wheel is not turned for a caster sweep</translation>
    </message>
    <message>
      <source>a ride height</source>
      <translation>a ride height</translation>
    </message>
    <message>
      <source>a rod's length</source>
      <translation>a rod's length</translation>
    </message>
    <message>
      <source>a sign and a side: {0}</source>
      <translation>a sign and a side: {0}</translation>
    </message>
    <message>
      <source>a steering arm</source>
      <translation>a steering arm</translation>
    </message>
    <message>
      <source>a steering ratio</source>
      <translation>a steering ratio</translation>
    </message>
    <message>
      <source>a step of its flats</source>
      <translation>a step of its flats</translation>
    </message>
    <message>
      <source>a step of {0}</source>
      <translation>a step of {0}</translation>
    </message>
    <message>
      <source>a tape across an axle</source>
      <translation>a tape across an axle</translation>
    </message>
    <message>
      <source>a target needs its tolerance, like 0°15' or 1.5 mm.</source>
      <translation>a target needs its tolerance, like 0°15' or 1.5 mm.</translation>
    </message>
    <message>
      <source>a text</source>
      <translation>a text</translation>
    </message>
    <message>
      <source>a text like "0.2 deg"</source>
      <translation>a text like "0.2 deg"</translation>
    </message>
    <message>
      <source>a text like "113.1 mm"</source>
      <translation>a text like "113.1 mm"</translation>
    </message>
    <message>
      <source>a text of {0} characters</source>
      <translation>a text of {0} characters</translation>
    </message>
    <message>
      <source>a thread's pitch</source>
      <translation>a thread's pitch</translation>
    </message>
    <message>
      <source>a tile's thickness</source>
      <translation>a tile's thickness</translation>
    </message>
    <message>
      <source>a tire's pressure</source>
      <translation>a tyre's pressure</translation>
    </message>
    <message>
      <source>a tire's temperature</source>
      <translation>a tyre's temperature</translation>
    </message>
    <message>
      <source>a torque</source>
      <translation>a torque</translation>
    </message>
    <message>
      <source>a total is set on both sides alike, and one may not be touched ({0})</source>
      <translation>a total is set on both sides alike, and one may not be touched ({0})</translation>
    </message>
    <message>
      <source>a total toe</source>
      <translation>a total toe</translation>
    </message>
    <message>
      <source>a track</source>
      <translation>a track</translation>
    </message>
    <message>
      <source>a wheel holder, a strap, clamps on the shaft</source>
      <translation>a wheel holder, a strap, clamps on the shaft</translation>
    </message>
    <message>
      <source>a wheel's angle from level</source>
      <translation>a wheel's angle from level</translation>
    </message>
    <message>
      <source>a wheel's lean</source>
      <translation>a wheel's lean</translation>
    </message>
    <message>
      <source>a wheelbase</source>
      <translation>a wheelbase</translation>
    </message>
    <message>
      <source>a whole number up to 100</source>
      <translation>a whole number up to 100</translation>
    </message>
    <message>
      <source>about {0} min</source>
      <translation>about {0} min</translation>
    </message>
    <message>
      <source>across both bolts</source>
      <translation>across both bolts</translation>
    </message>
    <message>
      <source>add {0} across both bolts</source>
      <translation>add {0} across both bolts</translation>
    </message>
    <message>
      <source>add {0} at the front bolt</source>
      <translation>add {0} at the front bolt</translation>
    </message>
    <message>
      <source>add {0} at the rear bolt</source>
      <translation>add {0} at the rear bolt</translation>
    </message>
    <message>
      <source>adjustable arms</source>
      <translation>adjustable arms</translation>
    </message>
    <message>
      <source>after</source>
      <translation>after</translation>
    </message>
    <message>
      <source>after %1</source>
      <translation>after %1</translation>
    </message>
    <message>
      <source>after a shake</source>
      <translation>after a shake</translation>
    </message>
    <message>
      <source>after it was set there</source>
      <translation>after it was set there</translation>
    </message>
    <message>
      <source>after the shims</source>
      <translation>after the shims</translation>
    </message>
    <message>
      <source>after the string was moved</source>
      <translation>after the string was moved</translation>
    </message>
    <message>
      <source>against its target</source>
      <translation>against its target</translation>
    </message>
    <message>
      <source>ahead of the axle</source>
      <translation>ahead of the axle</translation>
    </message>
    <message>
      <source>aim</source>
      <translation>aim</translation>
    </message>
    <message>
      <source>aim: as on the car's card</source>
      <translation>aim: as on the car's card</translation>
    </message>
    <message>
      <source>aim: this job's own</source>
      <translation>aim: this job's own</translation>
    </message>
    <message>
      <source>all</source>
      <translation>all</translation>
    </message>
    <message>
      <source>all alike</source>
      <translation>all alike</translation>
    </message>
    <message>
      <source>all angles with a target inside</source>
      <translation>all angles with a target inside</translation>
    </message>
    <message>
      <source>all four</source>
      <translation>all four</translation>
    </message>
    <message>
      <source>all kept</source>
      <translation>all kept</translation>
    </message>
    <message>
      <source>all of it</source>
      <translation>all of it</translation>
    </message>
    <message>
      <source>all spots read</source>
      <translation>all spots read</translation>
    </message>
    <message>
      <source>all that was turned is locked</source>
      <translation>all that was turned is locked</translation>
    </message>
    <message>
      <source>all wheels</source>
      <translation>all wheels</translation>
    </message>
    <message>
      <source>along the bar</source>
      <translation>along the bar</translation>
    </message>
    <message>
      <source>along the bolt, the wheel to the right</source>
      <translation>along the bolt, the wheel to the right</translation>
    </message>
    <message>
      <source>an angle with out or in after it, like 20 deg out</source>
      <translation>an angle with out or in after it, like 20 deg out</translation>
    </message>
    <message>
      <source>an eccentric bolt at the strut</source>
      <translation>an eccentric bolt at the strut</translation>
    </message>
    <message>
      <source>an empty text</source>
      <translation>an empty text</translation>
    </message>
    <message>
      <source>an object</source>
      <translation>an object</translation>
    </message>
    <message>
      <source>an object of more names than that</source>
      <translation>an object of more names than that</translation>
    </message>
    <message>
      <source>an object with format "fairchalk-job"</source>
      <translation>an object with format "fairchalk-job"</translation>
    </message>
    <message>
      <source>an object with {0} and {1}</source>
      <translation>an object with {0} and {1}</translation>
    </message>
    <message>
      <source>and</source>
      <translation>and</translation>
    </message>
    <message>
      <source>and once more: %1, inside. The nuts are locked.</source>
      <translation>and once more: %1, inside. The nuts are locked.</translation>
    </message>
    <message>
      <source>and what was changed on it</source>
      <translation>and what was changed on it</translation>
    </message>
    <message>
      <source>and with its top leaned outward, away from the car?</source>
      <translation>and with its top leaned outward, away from the car?</translation>
    </message>
    <message>
      <source>angle gauge</source>
      <translation>angle gauge</translation>
    </message>
    <message>
      <source>angles drawn %1 times; fan: believed with its ±; yellow: the truth</source>
      <translation>angles drawn %1 times; fan: believed with its ±; yellow: the truth</translation>
    </message>
    <message>
      <source>another floor</source>
      <translation>another floor</translation>
    </message>
    <message>
      <source>another port, by its path</source>
      <translation>another port, by its path</translation>
    </message>
    <message>
      <source>arc over diameter: 1 1/4 in over 14 1/2 in left</source>
      <translation>arc over diameter: 1 1/4 in over 14 1/2 in left</translation>
    </message>
    <message>
      <source>arc over diameter: 32 mm over 370 mm left</source>
      <translation>arc over diameter: 32 mm over 370 mm left</translation>
    </message>
    <message>
      <source>arm</source>
      <translation>arm</translation>
    </message>
    <message>
      <source>arm %1</source>
      <translation>arm %1</translation>
    </message>
    <message>
      <source>arm jig</source>
      <translation>arm jig</translation>
    </message>
    <message>
      <source>arm, and the wheel beyond</source>
      <translation>arm, and the wheel beyond</translation>
    </message>
    <message>
      <source>as before; camber and the rest stay too</source>
      <translation>as before; camber and the rest stay too</translation>
    </message>
    <message>
      <source>as it came in</source>
      <translation>as it came in</translation>
    </message>
    <message>
      <source>as it came in there, before anything was set</source>
      <translation>as it came in there, before anything was set</translation>
    </message>
    <message>
      <source>as it stands</source>
      <translation>as it stands</translation>
    </message>
    <message>
      <source>as it stood on %1</source>
      <translation>as it stood on %1</translation>
    </message>
    <message>
      <source>as its maker says; mostly 20°</source>
      <translation>as its maker says; mostly 20°</translation>
    </message>
    <message>
      <source>as the last job left it</source>
      <translation>as the last job left it</translation>
    </message>
    <message>
      <source>as the lengths</source>
      <translation>as the lengths</translation>
    </message>
    <message>
      <source>as the sheet has it</source>
      <translation>as the sheet has it</translation>
    </message>
    <message>
      <source>as the system</source>
      <translation>as the system</translation>
    </message>
    <message>
      <source>as usual</source>
      <translation>as usual</translation>
    </message>
    <message>
      <source>as you lie under the bumper: middle of the car left, wheel right</source>
      <translation>as you lie under the bumper: middle of the car left, wheel right</translation>
    </message>
    <message>
      <source>as you lie under the bumper: wheel left, middle of the car right</source>
      <translation>as you lie under the bumper: wheel left, middle of the car right</translation>
    </message>
    <message>
      <source>asked for now</source>
      <translation>asked for now</translation>
    </message>
    <message>
      <source>at both axles</source>
      <translation>at both axles</translation>
    </message>
    <message>
      <source>at its edge</source>
      <translation>at its edge</translation>
    </message>
    <message>
      <source>at least %1</source>
      <translation>at least %1</translation>
    </message>
    <message>
      <source>at most {0} of them in one job</source>
      <translation>at most {0} of them in one job</translation>
    </message>
    <message>
      <source>at the back</source>
      <translation>at the back</translation>
    </message>
    <message>
      <source>away from</source>
      <translation>away from</translation>
    </message>
    <message>
      <source>awl</source>
      <translation>awl</translation>
    </message>
    <message>
      <source>axle stand</source>
      <translation>axle stand</translation>
    </message>
    <message>
      <source>back</source>
      <translation>back</translation>
    </message>
    <message>
      <source>back lip</source>
      <translation>back lip</translation>
    </message>
    <message>
      <source>back lip to the laser, half a turn on</source>
      <translation>back lip to the laser, half a turn on</translation>
    </message>
    <message>
      <source>back lip, half a turn on</source>
      <translation>back lip, half a turn on</translation>
    </message>
    <message>
      <source>back lip, to the laser</source>
      <translation>back lip, to the laser</translation>
    </message>
    <message>
      <source>back the nut at its free end off by so much, then follow with the nut on the arm's side of the bush</source>
      <translation>back the nut at its free end off by so much, then follow with the nut on the arm's side of the bush</translation>
    </message>
    <message>
      <source>back the nut on the arm's side of the bush off by so much, then follow with the nut at its free end</source>
      <translation>back the nut on the arm's side of the bush off by so much, then follow with the nut at its free end</translation>
    </message>
    <message>
      <source>back where it was</source>
      <translation>back where it was</translation>
    </message>
    <message>
      <source>ball joint</source>
      <translation>ball joint</translation>
    </message>
    <message>
      <source>bar</source>
      <translation>bar</translation>
    </message>
    <message>
      <source>base %1</source>
      <translation>base %1</translation>
    </message>
    <message>
      <source>bay 1, by the door</source>
      <translation>bay 1, by the door</translation>
    </message>
    <message>
      <source>beam</source>
      <translation>beam</translation>
    </message>
    <message>
      <source>beam axle</source>
      <translation>beam axle</translation>
    </message>
    <message>
      <source>before the shake</source>
      <translation>before the shake</translation>
    </message>
    <message>
      <source>before the shims</source>
      <translation>before the shims</translation>
    </message>
    <message>
      <source>begin a new job on this car</source>
      <translation>begin a new job on this car</translation>
    </message>
    <message>
      <source>begin this practice</source>
      <translation>begin this practice</translation>
    </message>
    <message>
      <source>behind the axle</source>
      <translation>behind the axle</translation>
    </message>
    <message>
      <source>being written …</source>
      <translation>being written …</translation>
    </message>
    <message>
      <source>believed %1 ±%2</source>
      <translation>believed %1 ±%2</translation>
    </message>
    <message>
      <source>believed %1, truly %2</source>
      <translation>believed %1, truly %2</translation>
    </message>
    <message>
      <source>between both arms of a wheel</source>
      <translation>between both arms of a wheel</translation>
    </message>
    <message>
      <source>beyond reach ({0})</source>
      <translation>beyond reach ({0})</translation>
    </message>
    <message>
      <source>board</source>
      <translation>board</translation>
    </message>
    <message>
      <source>bolt to bolt</source>
      <translation>bolt to bolt</translation>
    </message>
    <message>
      <source>both</source>
      <translation>both</translation>
    </message>
    <message>
      <source>both alike: clamp them together, one cut through both</source>
      <translation>both alike: clamp them together, one cut through both</translation>
    </message>
    <message>
      <source>both upper {0}es</source>
      <translation>both upper {0}es</translation>
    </message>
    <message>
      <source>both {0}s</source>
      <translation>both {0}s</translation>
    </message>
    <message>
      <source>bounced</source>
      <translation>bounced</translation>
    </message>
    <message>
      <source>box</source>
      <translation>box</translation>
    </message>
    <message>
      <source>bubble gauge</source>
      <translation>bubble gauge</translation>
    </message>
    <message>
      <source>bumps, noise, feel, tires</source>
      <translation>bumps, noise, feel, tyres</translation>
    </message>
    <message>
      <source>bush</source>
      <translation>bush</translation>
    </message>
    <message>
      <source>by the likes of this suspension: learnt as it is turned</source>
      <translation>by the likes of this suspension: learnt as it is turned</translation>
    </message>
    <message>
      <source>by your own jobs</source>
      <translation>by your own jobs</translation>
    </message>
    <message>
      <source>caliper</source>
      <translation>caliper</translation>
    </message>
    <message>
      <source>cam bolt</source>
      <translation>cam bolt</translation>
    </message>
    <message>
      <source>camber</source>
      <translation>camber</translation>
    </message>
    <message>
      <source>camber %1</source>
      <translation>camber %1</translation>
    </message>
    <message>
      <source>camber %1 ±%2</source>
      <translation>camber %1 ±%2</translation>
    </message>
    <message>
      <source>camber L − R</source>
      <translation>camber L − R</translation>
    </message>
    <message>
      <source>camber and toe</source>
      <translation>camber and toe</translation>
    </message>
    <message>
      <source>camber gauge</source>
      <translation>camber gauge</translation>
    </message>
    <message>
      <source>camber up to {0}</source>
      <translation>camber up to {0}</translation>
    </message>
    <message>
      <source>camber {0} ±{1}</source>
      <translation>camber {0} ±{1}</translation>
    </message>
    <message>
      <source>camber, %1</source>
      <translation>camber, %1</translation>
    </message>
    <message>
      <source>camber, gauge end for end</source>
      <translation>camber, gauge end for end</translation>
    </message>
    <message>
      <source>camber, half a turn on</source>
      <translation>camber, half a turn on</translation>
    </message>
    <message>
      <source>camber, left less right</source>
      <translation>camber, left less right</translation>
    </message>
    <message>
      <source>camber, turned in</source>
      <translation>camber, turned in</translation>
    </message>
    <message>
      <source>camber, turned out</source>
      <translation>camber, turned out</translation>
    </message>
    <message>
      <source>cams</source>
      <translation>cams</translation>
    </message>
    <message>
      <source>can wait</source>
      <translation>can wait</translation>
    </message>
    <message>
      <source>can't</source>
      <translation>can't</translation>
    </message>
    <message>
      <source>can't be read: {1}</source>
      <translation>can't be read: {1}</translation>
    </message>
    <message>
      <source>caster</source>
      <translation>caster</translation>
    </message>
    <message>
      <source>caster %1</source>
      <translation>caster %1</translation>
    </message>
    <message>
      <source>caster %1 ±%2</source>
      <translation>caster %1 ±%2</translation>
    </message>
    <message>
      <source>caster %1: steered %2 by %3, the wheel's top leans %4 by %5</source>
      <translation>caster %1: steered %2 by %3, the wheel's top leans %4 by %5</translation>
    </message>
    <message>
      <source>caster L − R</source>
      <translation>caster L − R</translation>
    </message>
    <message>
      <source>caster gauge</source>
      <translation>caster gauge</translation>
    </message>
    <message>
      <source>caster on the gauge's scale</source>
      <translation>caster on the gauge's scale</translation>
    </message>
    <message>
      <source>caster up to {0}</source>
      <translation>caster up to {0}</translation>
    </message>
    <message>
      <source>caster {0} ±{1}</source>
      <translation>caster {0} ±{1}</translation>
    </message>
    <message>
      <source>caster, both</source>
      <translation>caster, both</translation>
    </message>
    <message>
      <source>caster, left less right</source>
      <translation>caster, left less right</translation>
    </message>
    <message>
      <source>castor gauge</source>
      <translation>castor gauge</translation>
    </message>
    <message>
      <source>center to left string at {0}</source>
      <translation>centre to left string at {0}</translation>
    </message>
    <message>
      <source>center to right string at {0}</source>
      <translation>centre to right string at {0}</translation>
    </message>
    <message>
      <source>centimeters</source>
      <translation>centimetres</translation>
    </message>
    <message>
      <source>chalk</source>
      <translation>chalk</translation>
    </message>
    <message>
      <source>change over to %1</source>
      <translation>change over to %1</translation>
    </message>
    <message>
      <source>chosen</source>
      <translation>chosen</translation>
    </message>
    <message>
      <source>clockwise, as seen along it from its end at the wheel</source>
      <translation>clockwise, as seen along it from its end at the wheel</translation>
    </message>
    <message>
      <source>clockwise, as seen along it from its {0} end</source>
      <translation>clockwise, as seen along it from its {0} end</translation>
    </message>
    <message>
      <source>clockwise, as seen from the wheel looking to the middle of the car</source>
      <translation>clockwise, as seen from the wheel looking to the middle of the car</translation>
    </message>
    <message>
      <source>closer</source>
      <translation>closer</translation>
    </message>
    <message>
      <source>copies of this book</source>
      <translation>copies of this book</translation>
    </message>
    <message>
      <source>copy this car</source>
      <translation>copy this car</translation>
    </message>
    <message>
      <source>cord</source>
      <translation>cord</translation>
    </message>
    <message>
      <source>counterclockwise, as seen along it from its end at the wheel</source>
      <translation>anticlockwise, as seen along it from its end at the wheel</translation>
    </message>
    <message>
      <source>counterclockwise, as seen along it from its {0} end</source>
      <translation>anticlockwise, as seen along it from its {0} end</translation>
    </message>
    <message>
      <source>counterclockwise, as seen from the wheel looking to the middle of the car</source>
      <translation>anticlockwise, as seen from the wheel looking to the middle of the car</translation>
    </message>
    <message>
      <source>cross line laser</source>
      <translation>cross line laser</translation>
    </message>
    <message>
      <source>damper</source>
      <translation>damper</translation>
    </message>
    <message>
      <source>dark</source>
      <translation>dark</translation>
    </message>
    <message>
      <source>dashed: as it came in; chalk: as it is expected, with its ±; toe drawn %1 times as large</source>
      <translation>dashed: as it came in; chalk: as it is expected, with its ±; toe drawn %1 times as large</translation>
    </message>
    <message>
      <source>dashed: as it came in; chalk: as it stands, with its ±; toe drawn %1 times as large</source>
      <translation>dashed: as it came in; chalk: as it stands, with its ±; toe drawn %1 times as large</translation>
    </message>
    <message>
      <source>dashed: as it stands</source>
      <translation>dashed: as it stands</translation>
    </message>
    <message>
      <source>decimal degrees</source>
      <translation>decimal degrees</translation>
    </message>
    <message>
      <source>decimals</source>
      <translation>decimals</translation>
    </message>
    <message>
      <source>deg</source>
      <translation>deg</translation>
    </message>
    <message>
      <source>degrees</source>
      <translation>degrees</translation>
    </message>
    <message>
      <source>degrees + minutes</source>
      <translation>degrees + minutes</translation>
    </message>
    <message>
      <source>degrees and minutes</source>
      <translation>degrees and minutes</translation>
    </message>
    <message>
      <source>degrees, and a sigma_deg from 0</source>
      <translation>degrees, and a sigma_deg from 0</translation>
    </message>
    <message>
      <source>depth of tread</source>
      <translation>depth of tread</translation>
    </message>
    <message>
      <source>did not move</source>
      <translation>did not move</translation>
    </message>
    <message>
      <source>digital gauge</source>
      <translation>digital gauge</translation>
    </message>
    <message>
      <source>done</source>
      <translation>done</translation>
    </message>
    <message>
      <source>done, %1 of %2</source>
      <translation>done, %1 of %2</translation>
    </message>
    <message>
      <source>dots are readings, strokes are turns; ringed is what went wrong, the dashed arc leads to where it could be seen</source>
      <translation>dots are readings, strokes are turns; ringed is what went wrong, the dashed arc leads to where it could be seen</translation>
    </message>
    <message>
      <source>double wishbone</source>
      <translation>double wishbone</translation>
    </message>
    <message>
      <source>drag link</source>
      <translation>drag link</translation>
    </message>
    <message>
      <source>drifts left with the wheel level</source>
      <translation>drifts left with the wheel level</translation>
    </message>
    <message>
      <source>drifts right with the wheel level</source>
      <translation>drifts right with the wheel level</translation>
    </message>
    <message>
      <source>drifts to the left</source>
      <translation>drifts to the left</translation>
    </message>
    <message>
      <source>drifts to the right</source>
      <translation>drifts to the right</translation>
    </message>
    <message>
      <source>driven</source>
      <translation>driven</translation>
    </message>
    <message>
      <source>driven wheels</source>
      <translation>driven wheels</translation>
    </message>
    <message>
      <source>driving straight: 6 left, 0</source>
      <translation>driving straight: 6 left, 0</translation>
    </message>
    <message numerus="yes">
      <source>due since %n days</source>
      <comment>due since one day</comment>
      <translation>
        <numerusform>due since one day</numerusform>
        <numerusform>due since %n days</numerusform>
      </translation>
    </message>
    <message>
      <source>due since {0} km</source>
      <translation>due since {0} km</translation>
    </message>
    <message>
      <source>due today</source>
      <translation>due today</translation>
    </message>
    <message>
      <source>each</source>
      <translation>each</translation>
    </message>
    <message>
      <source>each dragged {0} ft sideways in a mile ±{1}</source>
      <translation>each dragged {0} ft sideways in a mile ±{1}</translation>
    </message>
    <message>
      <source>each dragged {0} m sideways in a kilometer ±{1}</source>
      <translation>each dragged {0} m sideways in a kilometre ±{1}</translation>
    </message>
    <message>
      <source>each nut of this car, where it sits</source>
      <translation>each nut of this car, where it sits</translation>
    </message>
    <message>
      <source>each wheel</source>
      <translation>each wheel</translation>
    </message>
    <message>
      <source>each wheel %1, total %2; the fronts of the rims are %3 %4 than their backs</source>
      <translation>each wheel %1, total %2; the fronts of the rims are %3 %4 than their backs</translation>
    </message>
    <message>
      <source>eight</source>
      <translation>eight</translation>
    </message>
    <message>
      <source>eighteen</source>
      <translation>eighteen</translation>
    </message>
    <message>
      <source>eleven</source>
      <translation>eleven</translation>
    </message>
    <message>
      <source>end for end</source>
      <translation>end for end</translation>
    </message>
    <message>
      <source>evenly warm</source>
      <translation>evenly warm</translation>
    </message>
    <message>
      <source>every place says what is known of it; what is not known can wait</source>
      <translation>every place says what is known of it; what is not known can wait</translation>
    </message>
    <message>
      <source>expected of the turn: %1</source>
      <translation>expected of the turn: %1</translation>
    </message>
    <message>
      <source>failed</source>
      <translation>failed</translation>
    </message>
    <message>
      <source>far edge, from the same mark</source>
      <translation>far edge, from the same mark</translation>
    </message>
    <message>
      <source>feet</source>
      <translation>feet</translation>
    </message>
    <message>
      <source>fifteen</source>
      <translation>fifteen</translation>
    </message>
    <message>
      <source>first</source>
      <translation>first</translation>
    </message>
    <message>
      <source>fishing line</source>
      <translation>fishing line</translation>
    </message>
    <message>
      <source>five</source>
      <translation>five</translation>
    </message>
    <message>
      <source>five eighths</source>
      <translation>five eighths</translation>
    </message>
    <message>
      <source>flats</source>
      <translation>flats</translation>
    </message>
    <message>
      <source>floor</source>
      <translation>floor</translation>
    </message>
    <message>
      <source>floor mark</source>
      <translation>floor mark</translation>
    </message>
    <message>
      <source>floor up to the line</source>
      <translation>floor up to the line</translation>
    </message>
    <message>
      <source>for now only</source>
      <translation>for now only</translation>
    </message>
    <message>
      <source>found {0}, and {1} belongs here</source>
      <translation>found {0}, and {1} belongs here</translation>
    </message>
    <message>
      <source>four</source>
      <translation>four</translation>
    </message>
    <message>
      <source>fourteen</source>
      <translation>fourteen</translation>
    </message>
    <message>
      <source>frame</source>
      <translation>frame</translation>
    </message>
    <message>
      <source>free it, roll it, bounce it</source>
      <translation>free it, roll it, bounce it</translation>
    </message>
    <message>
      <source>free this nut</source>
      <translation>free this nut</translation>
    </message>
    <message>
      <source>from above, front to the right; drawn 40 times as large</source>
      <translation>from above, front to the right; drawn 40 times as large</translation>
    </message>
    <message>
      <source>from above, front to the right; drawn 44 times as large</source>
      <translation>from above, front to the right; drawn 44 times as large</translation>
    </message>
    <message>
      <source>from above, over the wing, the car's front to the {0}</source>
      <translation>from above, over the wing, the car's front to the {0}</translation>
    </message>
    <message>
      <source>from above, the wheel to the right</source>
      <translation>from above, the wheel to the right</translation>
    </message>
    <message>
      <source>from above, the wheel toward you, the car's front to the {0}</source>
      <translation>from above, the wheel toward you, the car's front to the {0}</translation>
    </message>
    <message>
      <source>from behind, and from above</source>
      <translation>from behind, and from above</translation>
    </message>
    <message>
      <source>from behind, turned left</source>
      <translation>from behind, turned left</translation>
    </message>
    <message>
      <source>from below, lying with your head to the front</source>
      <translation>from below, lying with your head to the front</translation>
    </message>
    <message>
      <source>from mark to mark</source>
      <translation>from mark to mark</translation>
    </message>
    <message>
      <source>from string to string, along the bar</source>
      <translation>from string to string, along the bar</translation>
    </message>
    <message>
      <source>from the arm you measured, %1</source>
      <translation>from the arm you measured, %1</translation>
    </message>
    <message>
      <source>from the floor up to the level line</source>
      <translation>from the floor up to the level line</translation>
    </message>
    <message>
      <source>from the left, front to the left: the steering axis leans back</source>
      <translation>from the left, front to the left: the steering axis leans back</translation>
    </message>
    <message>
      <source>from the side: through the hub's center</source>
      <translation>from the side: through the hub's centre</translation>
    </message>
    <message>
      <source>from under it, on its wheels</source>
      <translation>from under it, on its wheels</translation>
    </message>
    <message>
      <source>from where the wheel was turned</source>
      <translation>from where the wheel was turned</translation>
    </message>
    <message>
      <source>from {0} to {1}</source>
      <translation>from {0} to {1}</translation>
    </message>
    <message>
      <source>front</source>
      <translation>front</translation>
    </message>
    <message>
      <source>front and back were swapped</source>
      <translation>front and back were swapped</translation>
    </message>
    <message>
      <source>front axle</source>
      <translation>front axle</translation>
    </message>
    <message>
      <source>front bar</source>
      <translation>front bar</translation>
    </message>
    <message>
      <source>front bar, string to string</source>
      <translation>front bar, string to string</translation>
    </message>
    <message>
      <source>front bolt</source>
      <translation>front bolt</translation>
    </message>
    <message>
      <source>front jacked up</source>
      <translation>front jacked up</translation>
    </message>
    <message>
      <source>front lip</source>
      <translation>front lip</translation>
    </message>
    <message>
      <source>front lip to the laser, half a turn on</source>
      <translation>front lip to the laser, half a turn on</translation>
    </message>
    <message>
      <source>front lip, half a turn on</source>
      <translation>front lip, half a turn on</translation>
    </message>
    <message>
      <source>front lip, to the laser</source>
      <translation>front lip, to the laser</translation>
    </message>
    <message>
      <source>front locked</source>
      <translation>front locked</translation>
    </message>
    <message>
      <source>front tape less rear tape</source>
      <translation>front tape less rear tape</translation>
    </message>
    <message>
      <source>front to back place on the tread</source>
      <translation>front to back place on the tread</translation>
    </message>
    <message>
      <source>front toe against the rear wheel of the same side</source>
      <translation>front toe against the rear wheel of the same side</translation>
    </message>
    <message>
      <source>front total</source>
      <translation>front total</translation>
    </message>
    <message>
      <source>front total </source>
      <translation>front total </translation>
    </message>
    <message>
      <source>front upper {0}</source>
      <translation>front upper {0}</translation>
    </message>
    <message>
      <source>front wheels steered %1</source>
      <translation>front wheels steered %1</translation>
    </message>
    <message>
      <source>front {0}</source>
      <translation>front {0}</translation>
    </message>
    <message>
      <source>front →</source>
      <translation>front →</translation>
    </message>
    <message>
      <source>full tank, driver 75 kg</source>
      <translation>full tank, driver 75 kg</translation>
    </message>
    <message>
      <source>gained {0} of caster</source>
      <translation>gained {0} of caster</translation>
    </message>
    <message>
      <source>gap at the level</source>
      <translation>gap at the level</translation>
    </message>
    <message>
      <source>gap at the level, half a turn on</source>
      <translation>gap at the level, half a turn on</translation>
    </message>
    <message>
      <source>gauge</source>
      <translation>gauge</translation>
    </message>
    <message>
      <source>gauge after the sweep</source>
      <translation>gauge after the sweep</translation>
    </message>
    <message>
      <source>gauges read against gravity</source>
      <translation>gauges read against gravity</translation>
    </message>
    <message>
      <source>give the thread pitch of this rod ({0})</source>
      <translation>give the thread pitch of this rod ({0})</translation>
    </message>
    <message numerus="yes">
      <source>give up these %n entries</source>
      <comment>give up this entry</comment>
      <translation>
        <numerusform>give up this entry</numerusform>
        <numerusform>give up these %n entries</numerusform>
      </translation>
    </message>
    <message>
      <source>go on to the next pass</source>
      <translation>go on to the next pass</translation>
    </message>
    <message>
      <source>good</source>
      <translation>good</translation>
    </message>
    <message>
      <source>gravity</source>
      <translation>gravity</translation>
    </message>
    <message>
      <source>half</source>
      <translation>half</translation>
    </message>
    <message>
      <source>half a turn on</source>
      <translation>half a turn on</translation>
    </message>
    <message>
      <source>half the difference</source>
      <translation>half the difference</translation>
    </message>
    <message>
      <source>hardly</source>
      <translation>hardly</translation>
    </message>
    <message>
      <source>has both “log” and “rounds”; a job file has one of them</source>
      <translation>has both “log” and “rounds”; a job file has one of them</translation>
    </message>
    <message>
      <source>height</source>
      <translation>height</translation>
    </message>
    <message>
      <source>heights are measured</source>
      <translation>heights are measured</translation>
    </message>
    <message>
      <source>heights drawn ×%1</source>
      <translation>heights drawn ×%1</translation>
    </message>
    <message>
      <source>heights may miss by</source>
      <translation>heights may miss by</translation>
    </message>
    <message>
      <source>held by what?</source>
      <translation>held by what?</translation>
    </message>
    <message>
      <source>held level</source>
      <translation>held level</translation>
    </message>
    <message>
      <source>held straight</source>
      <translation>held straight</translation>
    </message>
    <message>
      <source>high edge above the floor</source>
      <translation>high edge above the floor</translation>
    </message>
    <message>
      <source>hinged gauge</source>
      <translation>hinged gauge</translation>
    </message>
    <message>
      <source>hold</source>
      <translation>hold</translation>
    </message>
    <message>
      <source>hold this end level</source>
      <translation>hold this end level</translation>
    </message>
    <message>
      <source>hottest at both edges</source>
      <translation>hottest at both edges</translation>
    </message>
    <message>
      <source>hottest at its inner edge</source>
      <translation>hottest at its inner edge</translation>
    </message>
    <message>
      <source>hottest at its outer edge</source>
      <translation>hottest at its outer edge</translation>
    </message>
    <message>
      <source>hottest in the middle</source>
      <translation>hottest in the middle</translation>
    </message>
    <message>
      <source>how far a steering wheel is off</source>
      <translation>how far a steering wheel is off</translation>
    </message>
    <message>
      <source>how far ahead of the front hubs?</source>
      <translation>how far ahead of the front hubs?</translation>
    </message>
    <message>
      <source>how far ahead of the hubs the front bar stands</source>
      <translation>how far ahead of the hubs the front bar stands</translation>
    </message>
    <message>
      <source>how far behind the hubs the rear bar stands</source>
      <translation>how far behind the hubs the rear bar stands</translation>
    </message>
    <message>
      <source>how far behind the rear hubs?</source>
      <translation>how far behind the rear hubs?</translation>
    </message>
    <message>
      <source>how far is it really turned?</source>
      <translation>how far is it really turned?</translation>
    </message>
    <message>
      <source>how far one taking may be off (one sigma)?</source>
      <translation>how far one taking may be off (one sigma)?</translation>
    </message>
    <message>
      <source>how far the wheel was turned</source>
      <translation>how far the wheel was turned</translation>
    </message>
    <message>
      <source>how much higher is the second? lower with a minus</source>
      <translation>how much higher is the second? lower with a minus</translation>
    </message>
    <message>
      <source>how thick is one?</source>
      <translation>how thick is one?</translation>
    </message>
    <message>
      <source>how thick?</source>
      <translation>how thick?</translation>
    </message>
    <message>
      <source>hub</source>
      <translation>hub</translation>
    </message>
    <message>
      <source>hub bar</source>
      <translation>hub bar</translation>
    </message>
    <message>
      <source>hub middle to arch lip</source>
      <translation>hub middle to arch lip</translation>
    </message>
    <message>
      <source>hub to string, about alike</source>
      <translation>hub to string, about alike</translation>
    </message>
    <message>
      <source>hub, bearing or brake</source>
      <translation>hub, bearing or brake</translation>
    </message>
    <message>
      <source>hub, to the laser</source>
      <translation>hub, to the laser</translation>
    </message>
    <message>
      <source>if a length, over</source>
      <translation>if a length, over</translation>
    </message>
    <message>
      <source>if counted</source>
      <translation>if counted</translation>
    </message>
    <message>
      <source>if measured</source>
      <translation>if measured</translation>
    </message>
    <message>
      <source>if taped</source>
      <translation>if taped</translation>
    </message>
    <message>
      <source>if there is play</source>
      <translation>if there is play</translation>
    </message>
    <message>
      <source>in</source>
      <translation>in</translation>
    </message>
    <message numerus="yes">
      <source>in %n days</source>
      <comment>in one day</comment>
      <translation>
        <numerusform>in one day</numerusform>
        <numerusform>in %n days</numerusform>
      </translation>
    </message>
    <message>
      <source>in front</source>
      <translation>in front</translation>
    </message>
    <message>
      <source>in the front stack now</source>
      <translation>in the front stack now</translation>
    </message>
    <message>
      <source>in the rear stack now</source>
      <translation>in the rear stack now</translation>
    </message>
    <message>
      <source>in words</source>
      <translation>in words</translation>
    </message>
    <message>
      <source>in {0} km</source>
      <translation>in {0} km</translation>
    </message>
    <message>
      <source>in: camber below zero</source>
      <translation>in: camber below zero</translation>
    </message>
    <message>
      <source>inch rule</source>
      <translation>inch rule</translation>
    </message>
    <message>
      <source>inches</source>
      <translation>inches</translation>
    </message>
    <message>
      <source>inches, 64ths</source>
      <translation>inches, 64ths</translation>
    </message>
    <message>
      <source>inches, sixteenths</source>
      <translation>inches, sixteenths</translation>
    </message>
    <message>
      <source>inclinometer</source>
      <translation>inclinometer</translation>
    </message>
    <message>
      <source>inner edge</source>
      <translation>inner edge</translation>
    </message>
    <message>
      <source>inner side of the arm</source>
      <translation>inner side of the arm</translation>
    </message>
    <message>
      <source>inside</source>
      <translation>inside</translation>
    </message>
    <message>
      <source>inside: all of its ± lies within the target</source>
      <translation>inside: all of its ± lies within the target</translation>
    </message>
    <message>
      <source>inside: {0} of {1}</source>
      <translation>inside: {0} of {1}</translation>
    </message>
    <message>
      <source>inward</source>
      <translation>inward</translation>
    </message>
    <message>
      <source>it</source>
      <translation>it</translation>
    </message>
    <message>
      <source>it can't be had beside the rest, and is left for it</source>
      <translation>it can't be had beside the rest, and is left for it</translation>
    </message>
    <message>
      <source>it is 10 mm off</source>
      <translation>it is 10 mm off</translation>
    </message>
    <message>
      <source>it is an inch off</source>
      <translation>it is an inch off</translation>
    </message>
    <message>
      <source>it is at</source>
      <translation>it is at</translation>
    </message>
    <message>
      <source>it is in another unit</source>
      <translation>it is in another unit</translation>
    </message>
    <message>
      <source>it is not given where the {0} bar stands</source>
      <translation>it is not given where the {0} bar stands</translation>
    </message>
    <message>
      <source>it is not known yet which way it works ({0}): a test turn or a look tells</source>
      <translation>it is not known yet which way it works ({0}): a test turn or a look tells</translation>
    </message>
    <message>
      <source>it is one division off</source>
      <translation>it is one division off</translation>
    </message>
    <message>
      <source>it is too close to call with these readings, and neither turning nor reading on tells</source>
      <translation>it is too close to call with these readings, and neither turning nor reading on tells</translation>
    </message>
    <message>
      <source>it runs</source>
      <translation>it runs</translation>
    </message>
    <message>
      <source>it sat to the other side</source>
      <translation>it sat to the other side</translation>
    </message>
    <message>
      <source>it speaks</source>
      <translation>it speaks</translation>
    </message>
    <message>
      <source>it stands</source>
      <translation>it stands</translation>
    </message>
    <message>
      <source>it stands on the list until it is refitted</source>
      <translation>it stands on the list until it is refitted</translation>
    </message>
    <message>
      <source>it stands out from all the others</source>
      <translation>it stands out from all the others</translation>
    </message>
    <message>
      <source>it stands, from its middle, outward +</source>
      <translation>it stands, from its middle, outward +</translation>
    </message>
    <message>
      <source>it stays in the record, struck out</source>
      <translation>it stays in the record, struck out</translation>
    </message>
    <message>
      <source>it still goes inward, rearward</source>
      <translation>it still goes inward, rearward</translation>
    </message>
    <message>
      <source>it still goes the other way</source>
      <translation>it still goes the other way</translation>
    </message>
    <message>
      <source>it was read from the other side</source>
      <translation>it was read from the other side</translation>
    </message>
    <message>
      <source>its body end lies</source>
      <translation>its body end lies</translation>
    </message>
    <message>
      <source>its body end to the left, the arm to the right</source>
      <translation>its body end to the left, the arm to the right</translation>
    </message>
    <message>
      <source>its finest division?</source>
      <translation>its finest division?</translation>
    </message>
    <message>
      <source>its four wheels are</source>
      <translation>its four wheels are</translation>
    </message>
    <message>
      <source>its height over the lower joint</source>
      <translation>its height over the lower joint</translation>
    </message>
    <message>
      <source>its name</source>
      <translation>its name</translation>
    </message>
    <message>
      <source>its rods run ahead of the front axle</source>
      <translation>its rods run ahead of the front axle</translation>
    </message>
    <message>
      <source>its rods run behind the front axle</source>
      <translation>its rods run behind the front axle</translation>
    </message>
    <message>
      <source>its steering arm</source>
      <translation>its steering arm</translation>
    </message>
    <message>
      <source>its thick side stands, 0 outward, 90 up</source>
      <translation>its thick side stands, 0 outward, 90 up</translation>
    </message>
    <message>
      <source>its width</source>
      <translation>its width</translation>
    </message>
    <message>
      <source>jacked</source>
      <translation>jacked</translation>
    </message>
    <message>
      <source>jacked up for it</source>
      <translation>jacked up for it</translation>
    </message>
    <message>
      <source>jackstand</source>
      <translation>jackstand</translation>
    </message>
    <message>
      <source>kept %1</source>
      <translation>kept %1</translation>
    </message>
    <message>
      <source>kept as %1</source>
      <translation>kept as %1</translation>
    </message>
    <message>
      <source>kept in the record with its ±</source>
      <translation>kept in the record with its ±</translation>
    </message>
    <message>
      <source>known to worse than 3 degrees only</source>
      <translation>known to worse than 3 degrees only</translation>
    </message>
    <message>
      <source>known, settled</source>
      <translation>known, settled</translation>
    </message>
    <message>
      <source>known; settle the car</source>
      <translation>known; settle the car</translation>
    </message>
    <message>
      <source>laser</source>
      <translation>laser</translation>
    </message>
    <message>
      <source>laser level</source>
      <translation>laser level</translation>
    </message>
    <message>
      <source>laser levels</source>
      <translation>laser levels</translation>
    </message>
    <message>
      <source>last kept: %1</source>
      <translation>last kept: %1</translation>
    </message>
    <message>
      <source>lean it: which way?</source>
      <translation>lean it: which way?</translation>
    </message>
    <message>
      <source>lean the wheel</source>
      <translation>lean the wheel</translation>
    </message>
    <message>
      <source>leaned in by {0} at its top</source>
      <translation>leaned in by {0} at its top</translation>
    </message>
    <message>
      <source>leaned out by {0} at its top</source>
      <translation>leaned out by {0} at its top</translation>
    </message>
    <message>
      <source>learn on the practice floor: lessons, and a simulated car</source>
      <translation>learn on the practice floor: lessons, and a simulated car</translation>
    </message>
    <message numerus="yes">
      <source>learnt from %n turns</source>
      <comment>learnt from one turn</comment>
      <translation>
        <numerusform>learnt from one turn</numerusform>
        <numerusform>learnt from %n turns</numerusform>
      </translation>
    </message>
    <message>
      <source>left</source>
      <translation>left</translation>
    </message>
    <message>
      <source>left and right were swapped</source>
      <translation>left and right were swapped</translation>
    </message>
    <message>
      <source>left and right: twice a turn</source>
      <translation>left and right: twice a turn</translation>
    </message>
    <message>
      <source>left as it is</source>
      <translation>left as it is</translation>
    </message>
    <message>
      <source>left at %1 ±%2</source>
      <translation>left at %1 ±%2</translation>
    </message>
    <message>
      <source>left front</source>
      <translation>left front</translation>
    </message>
    <message>
      <source>left front as the right</source>
      <translation>left front as the right</translation>
    </message>
    <message>
      <source>left front, from above</source>
      <translation>left front, from above</translation>
    </message>
    <message>
      <source>left out of this plan</source>
      <translation>left out of this plan</translation>
    </message>
    <message>
      <source>left rear</source>
      <translation>left rear</translation>
    </message>
    <message>
      <source>left rear bush creaks</source>
      <translation>left rear bush creaks</translation>
    </message>
    <message>
      <source>left side only</source>
      <translation>left side only</translation>
    </message>
    <message>
      <source>left string</source>
      <translation>left string</translation>
    </message>
    <message>
      <source>left string's height at {0}</source>
      <translation>left string's height at {0}</translation>
    </message>
    <message>
      <source>left wheel: what does it show as it stands?</source>
      <translation>left wheel: what does it show as it stands?</translation>
    </message>
    <message>
      <source>left-hand</source>
      <translation>left-hand</translation>
    </message>
    <message>
      <source>left: more is top in</source>
      <translation>left: more is top in</translation>
    </message>
    <message>
      <source>less</source>
      <translation>less</translation>
    </message>
    <message>
      <source>level</source>
      <translation>level</translation>
    </message>
    <message>
      <source>level and rule</source>
      <translation>level and rule</translation>
    </message>
    <message>
      <source>level rail</source>
      <translation>level rail</translation>
    </message>
    <message>
      <source>like 1 1/4 in over 14 1/2 in left</source>
      <translation>like 1 1/4 in over 14 1/2 in left</translation>
    </message>
    <message>
      <source>like 32 mm over 370 mm left</source>
      <translation>like 32 mm over 370 mm left</translation>
    </message>
    <message>
      <source>like 52300 mi</source>
      <translation>like 52300 mi</translation>
    </message>
    <message>
      <source>like 6 left</source>
      <translation>like 6 left</translation>
    </message>
    <message>
      <source>like 84210 km</source>
      <translation>like 84210 km</translation>
    </message>
    <message>
      <source>line</source>
      <translation>line</translation>
    </message>
    <message>
      <source>line laser</source>
      <translation>line laser</translation>
    </message>
    <message>
      <source>lip to lip, height for the gap</source>
      <translation>lip to lip, height for the gap</translation>
    </message>
    <message>
      <source>lip to lip, height on the plumb line</source>
      <translation>lip to lip, height on the plumb line</translation>
    </message>
    <message>
      <source>lip, half a turn on</source>
      <translation>lip, half a turn on</translation>
    </message>
    <message>
      <source>lip, to the stand</source>
      <translation>lip, to the stand</translation>
    </message>
    <message>
      <source>listening</source>
      <translation>listening</translation>
    </message>
    <message>
      <source>listening at %1</source>
      <translation>listening at %1</translation>
    </message>
    <message>
      <source>load changed</source>
      <translation>load changed</translation>
    </message>
    <message>
      <source>load the maker asks for</source>
      <translation>load the maker asks for</translation>
    </message>
    <message>
      <source>lock off: ↑ ↓ another spot</source>
      <translation>lock off: ↑ ↓ another spot</translation>
    </message>
    <message>
      <source>locked</source>
      <translation>locked</translation>
    </message>
    <message>
      <source>long bar</source>
      <translation>long bar</translation>
    </message>
    <message>
      <source>longer</source>
      <translation>longer</translation>
    </message>
    <message>
      <source>longer puts it back</source>
      <translation>longer puts it back</translation>
    </message>
    <message>
      <source>look again</source>
      <translation>look again</translation>
    </message>
    <message>
      <source>look again {0}</source>
      <translation>look again {0}</translation>
    </message>
    <message>
      <source>look at the wheel angles again</source>
      <translation>look at the wheel angles again</translation>
    </message>
    <message>
      <source>loosened</source>
      <translation>loosened</translation>
    </message>
    <message>
      <source>lost {0} of caster</source>
      <translation>lost {0} of caster</translation>
    </message>
    <message>
      <source>low edge above the floor</source>
      <translation>low edge above the floor</translation>
    </message>
    <message>
      <source>lower</source>
      <translation>lower</translation>
    </message>
    <message>
      <source>lower arm's inner bolts</source>
      <translation>lower arm's inner bolts</translation>
    </message>
    <message>
      <source>lower strut bolt, {0}</source>
      <translation>lower strut bolt, {0}</translation>
    </message>
    <message>
      <source>lower {0}</source>
      <translation>lower {0}</translation>
    </message>
    <message>
      <source>mark = arm × tan(angle)</source>
      <translation>mark = arm × tan(angle)</translation>
    </message>
    <message>
      <source>mark · hold · tighten · read again</source>
      <translation>mark · hold · tighten · read again</translation>
    </message>
    <message>
      <source>marks drawn ×%1</source>
      <translation>marks drawn ×%1</translation>
    </message>
    <message>
      <source>marks every 15° from its middle</source>
      <translation>marks every 15° from its middle</translation>
    </message>
    <message>
      <source>marks that are there: out by</source>
      <translation>marks that are there: out by</translation>
    </message>
    <message>
      <source>marks to scale with the arm</source>
      <translation>marks to scale with the arm</translation>
    </message>
    <message>
      <source>measured once, for this round and those after it</source>
      <translation>measured once, for this round and those after it</translation>
    </message>
    <message>
      <source>middle</source>
      <translation>middle</translation>
    </message>
    <message>
      <source>middle of the car</source>
      <translation>middle of the car</translation>
    </message>
    <message>
      <source>middle of the car ↑</source>
      <translation>middle of the car ↑</translation>
    </message>
    <message>
      <source>millimeters</source>
      <translation>millimetres</translation>
    </message>
    <message>
      <source>minus</source>
      <translation>minus</translation>
    </message>
    <message>
      <source>minutes</source>
      <translation>minutes</translation>
    </message>
    <message>
      <source>mm</source>
      <translation>mm</translation>
    </message>
    <message>
      <source>mm from the string; at the bars from string to string; both takings one above the other</source>
      <translation>mm from the string; at the bars from string to string; both takings one above the other</translation>
    </message>
    <message>
      <source>mm rule</source>
      <translation>mm rule</translation>
    </message>
    <message>
      <source>more</source>
      <translation>more</translation>
    </message>
    <message>
      <source>more of them push the arm</source>
      <translation>more of them push the arm</translation>
    </message>
    <message>
      <source>more than 2° at once is more than is usual: first read its spots again</source>
      <translation>more than 2° at once is more than is usual: first read its spots again</translation>
    </message>
    <message>
      <source>more than four turns ({0}): first measure the thread that shows, so that enough of it stays engaged</source>
      <translation>more than four turns ({0}): first measure the thread that shows, so that enough of it stays engaged</translation>
    </message>
    <message>
      <source>more than four turns is more than is usual ({0}): first read its spots again</source>
      <translation>more than four turns is more than is usual ({0}): first read its spots again</translation>
    </message>
    <message>
      <source>move the angle</source>
      <translation>move the angle</translation>
    </message>
    <message>
      <source>move {0} of shim so that the pivot goes inward</source>
      <translation>move {0} of shim so that the pivot goes inward</translation>
    </message>
    <message>
      <source>move {0} of shim so that the pivot goes outward</source>
      <translation>move {0} of shim so that the pivot goes outward</translation>
    </message>
    <message>
      <source>moving</source>
      <translation>moving</translation>
    </message>
    <message>
      <source>multi-link</source>
      <translation>multi-link</translation>
    </message>
    <message>
      <source>my first car</source>
      <translation>my first car</translation>
    </message>
    <message>
      <source>nail</source>
      <translation>nail</translation>
    </message>
    <message>
      <source>name of the car</source>
      <translation>name of the car</translation>
    </message>
    <message>
      <source>narrow</source>
      <translation>narrow</translation>
    </message>
    <message>
      <source>near edge, from a mark beside it</source>
      <translation>near edge, from a mark beside it</translation>
    </message>
    <message>
      <source>nearer the aim, while I am here</source>
      <translation>nearer the aim, while I am here</translation>
    </message>
    <message>
      <source>nearly certain</source>
      <translation>nearly certain</translation>
    </message>
    <message>
      <source>nested deeper than {0} levels, which no job is</source>
      <translation>nested deeper than {0} levels, which no job is</translation>
    </message>
    <message>
      <source>never known</source>
      <translation>never known</translation>
    </message>
    <message>
      <source>nine</source>
      <translation>nine</translation>
    </message>
    <message>
      <source>nineteen</source>
      <translation>nineteen</translation>
    </message>
    <message>
      <source>no adjuster</source>
      <translation>no adjuster</translation>
    </message>
    <message>
      <source>no angle</source>
      <translation>no angle</translation>
    </message>
    <message>
      <source>no name on it</source>
      <translation>no name on it</translation>
    </message>
    <message>
      <source>no port chosen</source>
      <translation>no port chosen</translation>
    </message>
    <message>
      <source>no springs: nothing settles</source>
      <translation>no springs: nothing settles</translation>
    </message>
    <message>
      <source>no targets</source>
      <translation>no targets</translation>
    </message>
    <message>
      <source>no tie rods</source>
      <translation>no track rods</translation>
    </message>
    <message>
      <source>none of these</source>
      <translation>none of these</translation>
    </message>
    <message>
      <source>not JSON at byte {0}: {1}</source>
      <translation>not JSON at byte {0}: {1}</translation>
    </message>
    <message>
      <source>not all alike</source>
      <translation>not all alike</translation>
    </message>
    <message>
      <source>not all four spots are tied together yet</source>
      <translation>not all four spots are tied together yet</translation>
    </message>
    <message>
      <source>not driven</source>
      <translation>not driven</translation>
    </message>
    <message>
      <source>not driven yet</source>
      <translation>not driven yet</translation>
    </message>
    <message>
      <source>not ended</source>
      <translation>not ended</translation>
    </message>
    <message>
      <source>not given for this rig: {0}</source>
      <translation>not given for this rig: {0}</translation>
    </message>
    <message>
      <source>not held</source>
      <translation>not held</translation>
    </message>
    <message>
      <source>not kept</source>
      <translation>not kept</translation>
    </message>
    <message>
      <source>not known</source>
      <translation>not known</translation>
    </message>
    <message>
      <source>not known yet</source>
      <translation>not known yet</translation>
    </message>
    <message>
      <source>not looked at</source>
      <translation>not looked at</translation>
    </message>
    <message>
      <source>not measured</source>
      <translation>not measured</translation>
    </message>
    <message>
      <source>not needed</source>
      <translation>not needed</translation>
    </message>
    <message>
      <source>not needed for this</source>
      <translation>not needed for this</translation>
    </message>
    <message>
      <source>not needed in this round</source>
      <translation>not needed in this round</translation>
    </message>
    <message>
      <source>not on this car</source>
      <translation>not on this car</translation>
    </message>
    <message>
      <source>not said</source>
      <translation>not said</translation>
    </message>
    <message>
      <source>not said yet</source>
      <translation>not said yet</translation>
    </message>
    <message>
      <source>not set straight</source>
      <translation>not set straight</translation>
    </message>
    <message>
      <source>not set up yet</source>
      <translation>not set up yet</translation>
    </message>
    <message>
      <source>not shown</source>
      <translation>not shown</translation>
    </message>
    <message>
      <source>not surveyed</source>
      <translation>not surveyed</translation>
    </message>
    <message>
      <source>not there now</source>
      <translation>not there now</translation>
    </message>
    <message>
      <source>notched bar</source>
      <translation>notched bar</translation>
    </message>
    <message>
      <source>notched bars</source>
      <translation>notched bars</translation>
    </message>
    <message>
      <source>nothing</source>
      <translation>nothing</translation>
    </message>
    <message>
      <source>nothing has been read that tells it</source>
      <translation>nothing has been read that tells it</translation>
    </message>
    <message>
      <source>nothing left but the drive</source>
      <translation>nothing left but the drive</translation>
    </message>
    <message>
      <source>nothing moved</source>
      <translation>nothing moved</translation>
    </message>
    <message>
      <source>nothing said yet</source>
      <translation>nothing said yet</translation>
    </message>
    <message>
      <source>nothing turned</source>
      <translation>nothing turned</translation>
    </message>
    <message>
      <source>nothing yet</source>
      <translation>nothing yet</translation>
    </message>
    <message>
      <source>nothing: it is the axle's total</source>
      <translation>nothing: it is the axle's total</translation>
    </message>
    <message>
      <source>nothing: no adjuster</source>
      <translation>nothing: no adjuster</translation>
    </message>
    <message>
      <source>nothing: point at it on the floor, or Enter</source>
      <translation>nothing: point at it on the floor, or Enter</translation>
    </message>
    <message>
      <source>null</source>
      <translation>null</translation>
    </message>
    <message>
      <source>numbers run inward</source>
      <translation>numbers run inward</translation>
    </message>
    <message>
      <source>off its middle</source>
      <translation>off its middle</translation>
    </message>
    <message>
      <source>off-center bush</source>
      <translation>off-centre bush</translation>
    </message>
    <message>
      <source>off-center bushes</source>
      <translation>off-centre bushes</translation>
    </message>
    <message>
      <source>offset = base × tan(angle). The car walks as it turns: lay the line anew for the other wheel.</source>
      <translation>offset = base × tan(angle). The car walks as it turns: lay the line anew for the other wheel.</translation>
    </message>
    <message>
      <source>on blocks, no springs</source>
      <translation>on blocks, no springs</translation>
    </message>
    <message>
      <source>on its outer side now</source>
      <translation>on its outer side now</translation>
    </message>
    <message>
      <source>on its springs</source>
      <translation>on its springs</translation>
    </message>
    <message>
      <source>on the ground</source>
      <translation>on the ground</translation>
    </message>
    <message>
      <source>on the inner side of the arm now</source>
      <translation>on the inner side of the arm now</translation>
    </message>
    <message>
      <source>on the wall</source>
      <translation>on the wall</translation>
    </message>
    <message>
      <source>one</source>
      <translation>one</translation>
    </message>
    <message>
      <source>one amount</source>
      <translation>one amount</translation>
    </message>
    <message>
      <source>one check for all four can't tell them apart; this is the leg that is read least well</source>
      <translation>one check for all four can't tell them apart; this is the leg that is read least well</translation>
    </message>
    <message>
      <source>one degree near its middle</source>
      <translation>one degree near its middle</translation>
    </message>
    <message>
      <source>one eighth</source>
      <translation>one eighth</translation>
    </message>
    <message>
      <source>one half</source>
      <translation>one half</translation>
    </message>
    <message>
      <source>one half of a turn</source>
      <translation>one half of a turn</translation>
    </message>
    <message>
      <source>one mm</source>
      <translation>one mm</translation>
    </message>
    <message>
      <source>one of at most {0}</source>
      <translation>one of at most {0}</translation>
    </message>
    <message>
      <source>one of at most {0} names</source>
      <translation>one of at most {0} names</translation>
    </message>
    <message>
      <source>one quarter</source>
      <translation>one quarter</translation>
    </message>
    <message>
      <source>one reading contradicts the others: set it aside before anything is turned</source>
      <translation>one reading contradicts the others: set it aside before anything is turned</translation>
    </message>
    <message>
      <source>one sixteenth</source>
      <translation>one sixteenth</translation>
    </message>
    <message>
      <source>one sixty-fourth</source>
      <translation>one sixty-fourth</translation>
    </message>
    <message>
      <source>one step of it is more than what is left to turn ({0})</source>
      <translation>one step of it is more than what is left to turn ({0})</translation>
    </message>
    <message>
      <source>one third</source>
      <translation>one third</translation>
    </message>
    <message>
      <source>one thirty-second</source>
      <translation>one thirty-second</translation>
    </message>
    <message>
      <source>one tube and a drag link</source>
      <translation>one tube and a drag link</translation>
    </message>
    <message>
      <source>one turn</source>
      <translation>one turn</translation>
    </message>
    <message>
      <source>one's own, then</source>
      <translation>one's own, then</translation>
    </message>
    <message>
      <source>only together</source>
      <translation>only together</translation>
    </message>
    <message>
      <source>onto the card, as “%1”</source>
      <translation>onto the card, as “%1”</translation>
    </message>
    <message>
      <source>open another book, or bring in a job as a file</source>
      <translation>open another book, or bring in a job as a file</translation>
    </message>
    <message>
      <source>out</source>
      <translation>out</translation>
    </message>
    <message>
      <source>out of reach: {0} is too long by {1}</source>
      <translation>out of reach: {0} is too long by {1}</translation>
    </message>
    <message>
      <source>out of reach: {0} is too short by {1}</source>
      <translation>out of reach: {0} is too short by {1}</translation>
    </message>
    <message>
      <source>out: camber above zero</source>
      <translation>out: camber above zero</translation>
    </message>
    <message>
      <source>outer edge</source>
      <translation>outer edge</translation>
    </message>
    <message>
      <source>outer side of the arm</source>
      <translation>outer side of the arm</translation>
    </message>
    <message>
      <source>outside</source>
      <translation>outside</translation>
    </message>
    <message>
      <source>outside, above: none of its ± reaches the target</source>
      <translation>outside, above: none of its ± reaches the target</translation>
    </message>
    <message>
      <source>outside, below: none of its ± reaches the target</source>
      <translation>outside, below: none of its ± reaches the target</translation>
    </message>
    <message>
      <source>outward</source>
      <translation>outward</translation>
    </message>
    <message>
      <source>over</source>
      <translation>over</translation>
    </message>
    <message>
      <source>over both hubs</source>
      <translation>over both hubs</translation>
    </message>
    <message>
      <source>over the front hub faces</source>
      <translation>over the front hub faces</translation>
    </message>
    <message>
      <source>over the hub faces</source>
      <translation>over the hub faces</translation>
    </message>
    <message>
      <source>over the hubs</source>
      <translation>over the hubs</translation>
    </message>
    <message>
      <source>over the rear hub faces</source>
      <translation>over the rear hub faces</translation>
    </message>
    <message>
      <source>pale</source>
      <translation>pale</translation>
    </message>
    <message>
      <source>parallel</source>
      <translation>parallel</translation>
    </message>
    <message>
      <source>part and torque</source>
      <translation>part and torque</translation>
    </message>
    <message>
      <source>pass %1</source>
      <translation>pass %1</translation>
    </message>
    <message>
      <source>pivot to hub</source>
      <translation>pivot to hub</translation>
    </message>
    <message>
      <source>plates across both bolts</source>
      <translation>plates across both bolts</translation>
    </message>
    <message>
      <source>plumb</source>
      <translation>plumb</translation>
    </message>
    <message>
      <source>plumb bob</source>
      <translation>plumb bob</translation>
    </message>
    <message>
      <source>plumb line</source>
      <translation>plumb line</translation>
    </message>
    <message>
      <source>plumb line to lower lip</source>
      <translation>plumb line to lower lip</translation>
    </message>
    <message>
      <source>plumb line to lower lip, half a turn on</source>
      <translation>plumb line to lower lip, half a turn on</translation>
    </message>
    <message>
      <source>plumb line to upper lip</source>
      <translation>plumb line to upper lip</translation>
    </message>
    <message>
      <source>plumb line to upper lip, half a turn on</source>
      <translation>plumb line to upper lip, half a turn on</translation>
    </message>
    <message>
      <source>plus</source>
      <translation>plus</translation>
    </message>
    <message>
      <source>plus or minus</source>
      <translation>plus or minus</translation>
    </message>
    <message>
      <source>point the rear axle</source>
      <translation>point the rear axle</translation>
    </message>
    <message>
      <source>point to point of a stud bar</source>
      <translation>point to point of a stud bar</translation>
    </message>
    <message>
      <source>possible</source>
      <translation>possible</translation>
    </message>
    <message>
      <source>power steering</source>
      <translation>power steering</translation>
    </message>
    <message>
      <source>practice</source>
      <translation>practice</translation>
    </message>
    <message>
      <source>pressure</source>
      <translation>pressure</translation>
    </message>
    <message>
      <source>pressure, cold</source>
      <translation>pressure, cold</translation>
    </message>
    <message>
      <source>pressures changed</source>
      <translation>pressures changed</translation>
    </message>
    <message>
      <source>pressures may miss by</source>
      <translation>pressures may miss by</translation>
    </message>
    <message>
      <source>protractor</source>
      <translation>protractor</translation>
    </message>
    <message>
      <source>psi</source>
      <translation>psi</translation>
    </message>
    <message>
      <source>push the lip away from the string</source>
      <translation>push the lip away from the string</translation>
    </message>
    <message>
      <source>push the lip away from the string: the number …</source>
      <translation>push the lip away from the string: the number …</translation>
    </message>
    <message>
      <source>put %1 in the place of the book: choose it once more; the book is kept beside it</source>
      <translation>put %1 in the place of the book: choose it once more; the book is kept beside it</translation>
    </message>
    <message>
      <source>rack</source>
      <translation>rack</translation>
    </message>
    <message>
      <source>rack's clamps</source>
      <translation>rack's clamps</translation>
    </message>
    <message>
      <source>radius rod</source>
      <translation>radius rod</translation>
    </message>
    <message>
      <source>radius rods</source>
      <translation>radius rods</translation>
    </message>
    <message>
      <source>ratio %1 from the card; front wheels drawn ×4</source>
      <translation>ratio %1 from the card; front wheels drawn ×4</translation>
    </message>
    <message>
      <source>ratio not on the card (Ctrl+I): 16 taken; front wheels drawn ×4</source>
      <translation>ratio not on the card (Ctrl+I): 16 taken; front wheels drawn ×4</translation>
    </message>
    <message>
      <source>ratio, wheel to road wheels</source>
      <translation>ratio, wheel to road wheels</translation>
    </message>
    <message>
      <source>read again, what the turn spoiled: %1. What a turn does on this car is known better now.</source>
      <translation>read again, what the turn spoiled: %1. What a turn does on this car is known better now.</translation>
    </message>
    <message>
      <source>read at {0}° in</source>
      <translation>read at {0}° in</translation>
    </message>
    <message>
      <source>read further apart</source>
      <translation>read further apart</translation>
    </message>
    <message>
      <source>read it more often</source>
      <translation>read it more often</translation>
    </message>
    <message>
      <source>read: total toe %1. It is turned as the sheet says.</source>
      <translation>read: total toe %1. It is turned as the sheet says.</translation>
    </message>
    <message>
      <source>reading %1 of the job, at the %2</source>
      <translation>reading %1 of the job, at the %2</translation>
    </message>
    <message>
      <source>reading only</source>
      <translation>reading only</translation>
    </message>
    <message>
      <source>readings contradict each other: read these again before anything is turned</source>
      <translation>readings contradict each other: read these again before anything is turned</translation>
    </message>
    <message>
      <source>readings of the kind {0} are kept, but this version does not use them yet</source>
      <translation>readings of the kind {0} are kept, but this version does not use them yet</translation>
    </message>
    <message>
      <source>readings wait for it</source>
      <translation>readings wait for it</translation>
    </message>
    <message>
      <source>ready about %1</source>
      <translation>ready about %1</translation>
    </message>
    <message>
      <source>rear</source>
      <translation>rear</translation>
    </message>
    <message>
      <source>rear axle</source>
      <translation>rear axle</translation>
    </message>
    <message>
      <source>rear axle runs %1, ±%2</source>
      <translation>rear axle runs %1, ±%2</translation>
    </message>
    <message>
      <source>rear bar</source>
      <translation>rear bar</translation>
    </message>
    <message>
      <source>rear bar, string to string</source>
      <translation>rear bar, string to string</translation>
    </message>
    <message>
      <source>rear before front; caster, camber, toe: each moves the next. Page Up and Page Down turn the sheet.</source>
      <translation>rear before front; caster, camber, toe: each moves the next. Page Up and Page Down turn the sheet.</translation>
    </message>
    <message>
      <source>rear bolt</source>
      <translation>rear bolt</translation>
    </message>
    <message>
      <source>rear jacked up</source>
      <translation>rear jacked up</translation>
    </message>
    <message>
      <source>rear locked</source>
      <translation>rear locked</translation>
    </message>
    <message>
      <source>rear not adjustable</source>
      <translation>rear not adjustable</translation>
    </message>
    <message>
      <source>rear total</source>
      <translation>rear total</translation>
    </message>
    <message>
      <source>rear total </source>
      <translation>rear total </translation>
    </message>
    <message>
      <source>rear upper {0}</source>
      <translation>rear upper {0}</translation>
    </message>
    <message>
      <source>rear {0}</source>
      <translation>rear {0}</translation>
    </message>
    <message>
      <source>rearward</source>
      <translation>rearward</translation>
    </message>
    <message>
      <source>refitted and tightened</source>
      <translation>refitted and tightened</translation>
    </message>
    <message>
      <source>repeats ±%1</source>
      <translation>repeats ±%1</translation>
    </message>
    <message>
      <source>ride height</source>
      <translation>ride height</translation>
    </message>
    <message>
      <source>right</source>
      <translation>right</translation>
    </message>
    <message>
      <source>right front</source>
      <translation>right front</translation>
    </message>
    <message>
      <source>right front as the left</source>
      <translation>right front as the left</translation>
    </message>
    <message>
      <source>right front, from above</source>
      <translation>right front, from above</translation>
    </message>
    <message>
      <source>right rear</source>
      <translation>right rear</translation>
    </message>
    <message>
      <source>right side only</source>
      <translation>right side only</translation>
    </message>
    <message>
      <source>right string</source>
      <translation>right string</translation>
    </message>
    <message>
      <source>right string's height at {0}</source>
      <translation>right string's height at {0}</translation>
    </message>
    <message>
      <source>right wheel: what does it show as it stands?</source>
      <translation>right wheel: what does it show as it stands?</translation>
    </message>
    <message>
      <source>right-hand</source>
      <translation>right-hand</translation>
    </message>
    <message>
      <source>right: more is top in</source>
      <translation>right: more is top in</translation>
    </message>
    <message>
      <source>rim arm</source>
      <translation>rim arm</translation>
    </message>
    <message>
      <source>rim arms</source>
      <translation>rim arms</translation>
    </message>
    <message>
      <source>rim span, between the lips that are read</source>
      <translation>rim span, between the lips that are read</translation>
    </message>
    <message>
      <source>rim span, front</source>
      <translation>rim span, front</translation>
    </message>
    <message>
      <source>rim span, rear</source>
      <translation>rim span, rear</translation>
    </message>
    <message>
      <source>rim to string</source>
      <translation>rim to string</translation>
    </message>
    <message>
      <source>rims and tires</source>
      <translation>rims and tyres</translation>
    </message>
    <message>
      <source>ring: found   disc: left   ▵ turned   ✕ something happened</source>
      <translation>ring: found   disc: left   ▵ turned   ✕ something happened</translation>
    </message>
    <message>
      <source>road</source>
      <translation>road</translation>
    </message>
    <message>
      <source>road, track, wet</source>
      <translation>road, track, wet</translation>
    </message>
    <message>
      <source>rod length</source>
      <translation>rod length</translation>
    </message>
    <message>
      <source>rods or links</source>
      <translation>rods or links</translation>
    </message>
    <message>
      <source>roll it, bounce it</source>
      <translation>roll it, bounce it</translation>
    </message>
    <message>
      <source>roll the wheel</source>
      <translation>roll the wheel</translation>
    </message>
    <message>
      <source>rolled</source>
      <translation>rolled</translation>
    </message>
    <message>
      <source>rolled to here the rule shows %1; half a turn on, %2; their mean, %3, is the wheel's</source>
      <translation>rolled to here the rule shows %1; half a turn on, %2; their mean, %3, is the wheel's</translation>
    </message>
    <message>
      <source>round %1</source>
      <translation>round %1</translation>
    </message>
    <message>
      <source>rule</source>
      <translation>rule</translation>
    </message>
    <message>
      <source>rule in 64ths</source>
      <translation>rule in 64ths</translation>
    </message>
    <message>
      <source>rule in mm</source>
      <translation>rule in mm</translation>
    </message>
    <message>
      <source>rule level, at hub height</source>
      <translation>rule level, at hub height</translation>
    </message>
    <message>
      <source>ruler</source>
      <translation>ruler</translation>
    </message>
    <message>
      <source>runs straight</source>
      <translation>runs straight</translation>
    </message>
    <message>
      <source>runs straight with the wheel level</source>
      <translation>runs straight with the wheel level</translation>
    </message>
    <message>
      <source>said</source>
      <translation>said</translation>
    </message>
    <message>
      <source>said again</source>
      <translation>said again</translation>
    </message>
    <message>
      <source>say how the wheel sits on a straight road, or which way the car drifts with it held level</source>
      <translation>say how the wheel sits on a straight road, or which way the car drifts with it held level</translation>
    </message>
    <message>
      <source>say on the car's card whether this rod ({0}) runs ahead of or behind the axle: which way to turn hangs on it</source>
      <translation>say on the car's card whether this rod ({0}) runs ahead of or behind the axle: which way to turn hangs on it</translation>
    </message>
    <message>
      <source>say what you have</source>
      <translation>say what you have</translation>
    </message>
    <message>
      <source>scriber</source>
      <translation>scriber</translation>
    </message>
    <message>
      <source>semi-trailing arm</source>
      <translation>semi-trailing arm</translation>
    </message>
    <message>
      <source>set aside: it contradicts the others</source>
      <translation>set aside: it contradicts the others</translation>
    </message>
    <message>
      <source>set the wrench to %1</source>
      <translation>set the spanner to %1</translation>
    </message>
    <message>
      <source>set up</source>
      <translation>set up</translation>
    </message>
    <message>
      <source>set-up in use</source>
      <translation>set-up in use</translation>
    </message>
    <message>
      <source>settled</source>
      <translation>settled</translation>
    </message>
    <message>
      <source>seven</source>
      <translation>seven</translation>
    </message>
    <message>
      <source>seven eighths</source>
      <translation>seven eighths</translation>
    </message>
    <message>
      <source>seventeen</source>
      <translation>seventeen</translation>
    </message>
    <message>
      <source>shaken</source>
      <translation>shaken</translation>
    </message>
    <message>
      <source>shims</source>
      <translation>shims</translation>
    </message>
    <message>
      <source>shims across both bolts</source>
      <translation>shims across both bolts</translation>
    </message>
    <message>
      <source>shims in the tin</source>
      <translation>shims in the tin</translation>
    </message>
    <message>
      <source>shorter</source>
      <translation>shorter</translation>
    </message>
    <message>
      <source>shorter puts it back</source>
      <translation>shorter puts it back</translation>
    </message>
    <message>
      <source>shown</source>
      <translation>shown</translation>
    </message>
    <message>
      <source>shows %1 at its end</source>
      <translation>shows %1 at its end</translation>
    </message>
    <message>
      <source>shows from level, about 90</source>
      <translation>shows from level, about 90</translation>
    </message>
    <message>
      <source>shows no sign</source>
      <translation>shows no sign</translation>
    </message>
    <message>
      <source>shows things as they are</source>
      <translation>shows things as they are</translation>
    </message>
    <message>
      <source>silent</source>
      <translation>silent</translation>
    </message>
    <message>
      <source>since %1</source>
      <translation>since %1</translation>
    </message>
    <message>
      <source>since when has it been so?</source>
      <translation>since when has it been so?</translation>
    </message>
    <message>
      <source>six</source>
      <translation>six</translation>
    </message>
    <message>
      <source>sixteen</source>
      <translation>sixteen</translation>
    </message>
    <message>
      <source>sleeve, both ends</source>
      <translation>sleeve, both ends</translation>
    </message>
    <message>
      <source>slip plate</source>
      <translation>slip plate</translation>
    </message>
    <message>
      <source>slot</source>
      <translation>slot</translation>
    </message>
    <message>
      <source>slot to slot</source>
      <translation>slot to slot</translation>
    </message>
    <message>
      <source>slot to slot of a toe board</source>
      <translation>slot to slot of a toe board</translation>
    </message>
    <message>
      <source>slots</source>
      <translation>slots</translation>
    </message>
    <message>
      <source>so that %1 arrive</source>
      <translation>so that %1 arrive</translation>
    </message>
    <message>
      <source>so that it is surveyed once</source>
      <translation>so that it is surveyed once</translation>
    </message>
    <message>
      <source>something else</source>
      <translation>something else</translation>
    </message>
    <message>
      <source>something is missing</source>
      <translation>something is missing</translation>
    </message>
    <message>
      <source>something is still loose</source>
      <translation>something is still loose</translation>
    </message>
    <message>
      <source>span</source>
      <translation>span</translation>
    </message>
    <message>
      <source>spirit level</source>
      <translation>spirit level</translation>
    </message>
    <message>
      <source>spoiled</source>
      <translation>spoiled</translation>
    </message>
    <message>
      <source>spring</source>
      <translation>spring</translation>
    </message>
    <message>
      <source>square across the car</source>
      <translation>square across the car</translation>
    </message>
    <message>
      <source>square to the center string</source>
      <translation>square to the centre string</translation>
    </message>
    <message>
      <source>square to the string</source>
      <translation>square to the string</translation>
    </message>
    <message>
      <source>square tube</source>
      <translation>square tube</translation>
    </message>
    <message>
      <source>stand</source>
      <translation>stand</translation>
    </message>
    <message>
      <source>stands</source>
      <translation>stands</translation>
    </message>
    <message>
      <source>stays</source>
      <translation>stays</translation>
    </message>
    <message>
      <source>steady</source>
      <translation>steady</translation>
    </message>
    <message>
      <source>steel rule</source>
      <translation>steel rule</translation>
    </message>
    <message>
      <source>steer the wheel</source>
      <translation>steer the wheel</translation>
    </message>
    <message>
      <source>steering arm</source>
      <translation>steering arm</translation>
    </message>
    <message>
      <source>steering arm, axis to rod end:</source>
      <translation>steering arm, axis to rod end:</translation>
    </message>
    <message>
      <source>steering gear</source>
      <translation>steering gear</translation>
    </message>
    <message>
      <source>steering moved</source>
      <translation>steering moved</translation>
    </message>
    <message>
      <source>steering wheel off level</source>
      <translation>steering wheel off level</translation>
    </message>
    <message>
      <source>steering wheel on its shaft</source>
      <translation>steering wheel on its shaft</translation>
    </message>
    <message>
      <source>steering wheel {0}</source>
      <translation>steering wheel {0}</translation>
    </message>
    <message>
      <source>step %1 of %2</source>
      <translation>step %1 of %2</translation>
    </message>
    <message>
      <source>stick test</source>
      <translation>stick test</translation>
    </message>
    <message>
      <source>still to read: {0}</source>
      <translation>still to read: {0}</translation>
    </message>
    <message>
      <source>stop at</source>
      <translation>stop at</translation>
    </message>
    <message>
      <source>straight</source>
      <translation>straight</translation>
    </message>
    <message>
      <source>straight edge</source>
      <translation>straight edge</translation>
    </message>
    <message>
      <source>straight, held</source>
      <translation>straight, held</translation>
    </message>
    <message>
      <source>straightedge</source>
      <translation>straightedge</translation>
    </message>
    <message>
      <source>straightedge to back lip</source>
      <translation>straightedge to back lip</translation>
    </message>
    <message>
      <source>straightedge to front lip</source>
      <translation>straightedge to front lip</translation>
    </message>
    <message>
      <source>strike out %1: why?</source>
      <translation>strike out %1: why?</translation>
    </message>
    <message>
      <source>string</source>
      <translation>string</translation>
    </message>
    <message>
      <source>string above hub height; below is minus</source>
      <translation>string above hub height; below is minus</translation>
    </message>
    <message>
      <source>string from the wider hubs</source>
      <translation>string from the wider hubs</translation>
    </message>
    <message>
      <source>string on the inner arm</source>
      <translation>string on the inner arm</translation>
    </message>
    <message>
      <source>string to string,</source>
      <translation>string to string,</translation>
    </message>
    <message>
      <source>string to string, at both ends</source>
      <translation>string to string, at both ends</translation>
    </message>
    <message>
      <source>string's mark on the outer arm</source>
      <translation>string's mark on the outer arm</translation>
    </message>
    <message>
      <source>strings</source>
      <translation>strings</translation>
    </message>
    <message>
      <source>strings and bars</source>
      <translation>strings and bars</translation>
    </message>
    <message>
      <source>strings moved</source>
      <translation>strings moved</translation>
    </message>
    <message>
      <source>strong</source>
      <translation>strong</translation>
    </message>
    <message>
      <source>strut</source>
      <translation>strut</translation>
    </message>
    <message>
      <source>strut bolt, {0}</source>
      <translation>strut bolt, {0}</translation>
    </message>
    <message>
      <source>strut to upright bolts</source>
      <translation>strut to upright bolts</translation>
    </message>
    <message>
      <source>strut top</source>
      <translation>strut top</translation>
    </message>
    <message>
      <source>strut's top nuts</source>
      <translation>strut's top nuts</translation>
    </message>
    <message>
      <source>struts at the front, a beam behind that nothing adjusts; read in millimetres</source>
      <translation>struts at the front, a beam behind that nothing adjusts; read in millimetres</translation>
    </message>
    <message>
      <source>stud bar</source>
      <translation>stud bar</translation>
    </message>
    <message>
      <source>stud bars</source>
      <translation>stud bars</translation>
    </message>
    <message>
      <source>sub-frame's bolts</source>
      <translation>sub-frame's bolts</translation>
    </message>
    <message>
      <source>such a reading</source>
      <translation>such a reading</translation>
    </message>
    <message>
      <source>surveyed %1</source>
      <translation>surveyed %1</translation>
    </message>
    <message>
      <source>suspension</source>
      <translation>suspension</translation>
    </message>
    <message>
      <source>swap</source>
      <translation>swap</translation>
    </message>
    <message>
      <source>take out {0} across both bolts</source>
      <translation>take out {0} across both bolts</translation>
    </message>
    <message>
      <source>take out {0} at the front bolt</source>
      <translation>take out {0} at the front bolt</translation>
    </message>
    <message>
      <source>take out {0} at the rear bolt</source>
      <translation>take out {0} at the rear bolt</translation>
    </message>
    <message>
      <source>taken off</source>
      <translation>taken off</translation>
    </message>
    <message>
      <source>taken the other way round</source>
      <translation>taken the other way round</translation>
    </message>
    <message>
      <source>takes up to the left at</source>
      <translation>takes up to the left at</translation>
    </message>
    <message>
      <source>takes up to the right at</source>
      <translation>takes up to the right at</translation>
    </message>
    <message>
      <source>tape</source>
      <translation>tape</translation>
    </message>
    <message>
      <source>tape B</source>
      <translation>tape B</translation>
    </message>
    <message>
      <source>tape behind</source>
      <translation>tape behind</translation>
    </message>
    <message>
      <source>tape behind, on the bars</source>
      <translation>tape behind, on the bars</translation>
    </message>
    <message>
      <source>tape in front</source>
      <translation>tape in front</translation>
    </message>
    <message>
      <source>tape in front, on the bars</source>
      <translation>tape in front, on the bars</translation>
    </message>
    <message>
      <source>tape measure</source>
      <translation>tape measure</translation>
    </message>
    <message>
      <source>tapes</source>
      <translation>tapes</translation>
    </message>
    <message>
      <source>temperatures, straight from the road</source>
      <translation>temperatures, straight from the road</translation>
    </message>
    <message>
      <source>ten</source>
      <translation>ten</translation>
    </message>
    <message>
      <source>the angle each way</source>
      <translation>the angle each way</translation>
    </message>
    <message>
      <source>the arm that it sets lies</source>
      <translation>the arm that it sets lies</translation>
    </message>
    <message>
      <source>the arm, pin to scale</source>
      <translation>the arm, pin to scale</translation>
    </message>
    <message>
      <source>the base line</source>
      <translation>the base line</translation>
    </message>
    <message>
      <source>the beginning</source>
      <translation>the beginning</translation>
    </message>
    <message>
      <source>the bolt's head, toward you</source>
      <translation>the bolt's head, toward you</translation>
    </message>
    <message>
      <source>the car as it stands, in the fans of its targets; toe drawn %1 times as large</source>
      <translation>the car as it stands, in the fans of its targets; toe drawn %1 times as large</translation>
    </message>
    <message>
      <source>the car as it stands, with its ±; toe drawn %1 times as large</source>
      <translation>the car as it stands, with its ±; toe drawn %1 times as large</translation>
    </message>
    <message>
      <source>the car's centerline</source>
      <translation>the car's centreline</translation>
    </message>
    <message>
      <source>the car's manual, page 212</source>
      <translation>the car's manual, page 212</translation>
    </message>
    <message>
      <source>the car's wheelbase is not given</source>
      <translation>the car's wheelbase is not given</translation>
    </message>
    <message>
      <source>the chassis marks</source>
      <translation>the chassis marks</translation>
    </message>
    <message>
      <source>the depth of a tread</source>
      <translation>the depth of a tread</translation>
    </message>
    <message>
      <source>the difference of two tapes</source>
      <translation>the difference of two tapes</translation>
    </message>
    <message>
      <source>the distance between the two places that are read: lips of the rim, slots of a board</source>
      <translation>the distance between the two places that are read: lips of the rim, slots of a board</translation>
    </message>
    <message>
      <source>the distance from a wheel to its string</source>
      <translation>the distance from a wheel to its string</translation>
    </message>
    <message>
      <source>the distance of a bar</source>
      <translation>the distance of a bar</translation>
    </message>
    <message>
      <source>the drive contradicts what was read, and would fit to the other side: say to which side the wheel sat</source>
      <translation>the drive contradicts what was read, and would fit to the other side: say to which side the wheel sat</translation>
    </message>
    <message>
      <source>the drive contradicts what was read: say again how the wheel sat, or set the drive aside</source>
      <translation>the drive contradicts what was read: say again how the wheel sat, or set the drive aside</translation>
    </message>
    <message>
      <source>the end of the sleeve, along the pivot, out to the right</source>
      <translation>the end of the sleeve, along the pivot, out to the right</translation>
    </message>
    <message>
      <source>the gap</source>
      <translation>the gap</translation>
    </message>
    <message>
      <source>the gauge's line "{0}" came damaged: its checksum does not fit</source>
      <translation>the gauge's line "{0}" came damaged: its checksum does not fit</translation>
    </message>
    <message>
      <source>the gauge's line "{0}" is not understood from "{1}"; right would be like: FC1 17 -1.25 deg stable send *9C3E</source>
      <translation>the gauge's line "{0}" is not understood from "{1}"; right would be like: FC1 17 -1.25 deg stable send *9C3E</translation>
    </message>
    <message>
      <source>the height between both places</source>
      <translation>the height between both places</translation>
    </message>
    <message>
      <source>the height of a level line</source>
      <translation>the height of a level line</translation>
    </message>
    <message>
      <source>the height of a string tells nothing until the camber beside it is read</source>
      <translation>the height of a string tells nothing until the camber beside it is read</translation>
    </message>
    <message>
      <source>the id “{0}” is used twice</source>
      <translation>the id “{0}” is used twice</translation>
    </message>
    <message>
      <source>the inner edge goes faster</source>
      <translation>the inner edge goes faster</translation>
    </message>
    <message>
      <source>the last turn did not do what is written: read these again</source>
      <translation>the last turn did not do what is written: read these again</translation>
    </message>
    <message>
      <source>the least it is turned</source>
      <translation>the least it is turned</translation>
    </message>
    <message>
      <source>the left wheel from behind, the car to its right; drawn 5 times as large</source>
      <translation>the left wheel from behind, the car to its right; drawn 5 times as large</translation>
    </message>
    <message>
      <source>the line: its thick side</source>
      <translation>the line: its thick side</translation>
    </message>
    <message>
      <source>the lower arm</source>
      <translation>the lower arm</translation>
    </message>
    <message>
      <source>the lower arm's front pivot</source>
      <translation>the lower arm's front pivot</translation>
    </message>
    <message>
      <source>the lower arm's rear pivot</source>
      <translation>the lower arm's rear pivot</translation>
    </message>
    <message>
      <source>the lower arm, forward or back</source>
      <translation>the lower arm, forward or back</translation>
    </message>
    <message>
      <source>the lower arm, in or out</source>
      <translation>the lower arm, in or out</translation>
    </message>
    <message>
      <source>the lower bolt</source>
      <translation>the lower bolt</translation>
    </message>
    <message>
      <source>the mark</source>
      <translation>the mark</translation>
    </message>
    <message>
      <source>the middle of the car to the left, the wheel to the right</source>
      <translation>the middle of the car to the left, the wheel to the right</translation>
    </message>
    <message>
      <source>the name “{0}” stands twice in one place</source>
      <translation>the name “{0}” stands twice in one place</translation>
    </message>
    <message>
      <source>the number 1</source>
      <translation>the number 1</translation>
    </message>
    <message>
      <source>the outer edge goes faster</source>
      <translation>the outer edge goes faster</translation>
    </message>
    <message>
      <source>the practice floor: lessons, and a simulated car</source>
      <translation>the practice floor: lessons, and a simulated car</translation>
    </message>
    <message>
      <source>the rack, sideways</source>
      <translation>the rack, sideways</translation>
    </message>
    <message>
      <source>the readings do not fit together on any car: look for a wrong unit</source>
      <translation>the readings do not fit together on any car: look for a wrong unit</translation>
    </message>
    <message>
      <source>the rear axle points %1 to the %2: the car runs straight along that line, with its front wheels and its steering wheel turned to the %2</source>
      <translation>the rear axle points %1 to the %2: the car runs straight along that line, with its front wheels and its steering wheel turned to the %2</translation>
    </message>
    <message>
      <source>the rear wheel of the same side</source>
      <translation>the rear wheel of the same side</translation>
    </message>
    <message>
      <source>the rim span of the {0} axle is not given</source>
      <translation>the rim span of the {0} axle is not given</translation>
    </message>
    <message>
      <source>the rise of a floor between two wheels</source>
      <translation>the rise of a floor between two wheels</translation>
    </message>
    <message>
      <source>the rod runs</source>
      <translation>the rod runs</translation>
    </message>
    <message>
      <source>the rod's length</source>
      <translation>the rod's length</translation>
    </message>
    <message>
      <source>the same car with slotted strut bolts; boards and a gauge instead of strings</source>
      <translation>the same car with slotted strut bolts; boards and a gauge instead of strings</translation>
    </message>
    <message>
      <source>the same out and in; a reading may say its own</source>
      <translation>the same out and in; a reading may say its own</translation>
    </message>
    <message>
      <source>the same toe, 0°12': over %1 it is %2</source>
      <translation>the same toe, 0°12': over %1 it is %2</translation>
    </message>
    <message>
      <source>the same turn was made already, and did not bring it in</source>
      <translation>the same turn was made already, and did not bring it in</translation>
    </message>
    <message>
      <source>the sheet</source>
      <translation>the sheet</translation>
    </message>
    <message>
      <source>the shop's name</source>
      <translation>the shop's name</translation>
    </message>
    <message>
      <source>the span of a rim</source>
      <translation>the span of a rim</translation>
    </message>
    <message>
      <source>the spring has sagged</source>
      <translation>the spring has sagged</translation>
    </message>
    <message>
      <source>the steering box to the left, the arm to the right</source>
      <translation>the steering box to the left, the arm to the right</translation>
    </message>
    <message>
      <source>the steering was not held: only the total is known</source>
      <translation>the steering was not held: only the total is known</translation>
    </message>
    <message>
      <source>the steering wheel is as straight as it will get</source>
      <translation>the steering wheel is as straight as it will get</translation>
    </message>
    <message>
      <source>the strut's top, forward or back</source>
      <translation>the strut's top, forward or back</translation>
    </message>
    <message>
      <source>the strut's top, in or out</source>
      <translation>the strut's top, in or out</translation>
    </message>
    <message>
      <source>the sub-frame, sideways</source>
      <translation>the sub-frame, sideways</translation>
    </message>
    <message>
      <source>the sub-frame, turned</source>
      <translation>the sub-frame, turned</translation>
    </message>
    <message>
      <source>the sum; Enter keeps it</source>
      <translation>the sum; Enter keeps it</translation>
    </message>
    <message>
      <source>the target</source>
      <translation>the target</translation>
    </message>
    <message>
      <source>the thread that shows</source>
      <translation>the thread that shows</translation>
    </message>
    <message>
      <source>the thread's hand is not on the card: turn a little and look that it gets the right way</source>
      <translation>the thread's hand is not on the card: turn a little and look that it gets the right way</translation>
    </message>
    <message>
      <source>the tire's diameter</source>
      <translation>the tyre's diameter</translation>
    </message>
    <message>
      <source>the toe does not stay as it was</source>
      <translation>the toe does not stay as it was</translation>
    </message>
    <message>
      <source>the toe stays as it is</source>
      <translation>the toe stays as it is</translation>
    </message>
    <message>
      <source>the top leans %1 by %2</source>
      <translation>the top leans %1 by %2</translation>
    </message>
    <message>
      <source>the top leans in</source>
      <translation>the top leans in</translation>
    </message>
    <message>
      <source>the top leans out</source>
      <translation>the top leans out</translation>
    </message>
    <message>
      <source>the two readings hardly differ: lean it by a degree or more</source>
      <translation>the two readings hardly differ: lean it by a degree or more</translation>
    </message>
    <message>
      <source>the upper arm</source>
      <translation>the upper arm</translation>
    </message>
    <message>
      <source>the upper arm's front pivot</source>
      <translation>the upper arm's front pivot</translation>
    </message>
    <message>
      <source>the upper arm's rear pivot</source>
      <translation>the upper arm's rear pivot</translation>
    </message>
    <message>
      <source>the upper arm, forward or back</source>
      <translation>the upper arm, forward or back</translation>
    </message>
    <message>
      <source>the upper arm, in or out</source>
      <translation>the upper arm, in or out</translation>
    </message>
    <message>
      <source>the upper bolt</source>
      <translation>the upper bolt</translation>
    </message>
    <message>
      <source>the upright or the strut is bent</source>
      <translation>the upright or the strut is bent</translation>
    </message>
    <message>
      <source>the upright {0} inward at this bolt</source>
      <translation>the upright {0} inward at this bolt</translation>
    </message>
    <message>
      <source>the upright {0} outward at this bolt</source>
      <translation>the upright {0} outward at this bolt</translation>
    </message>
    <message>
      <source>the wheel %1 ±%2</source>
      <translation>the wheel %1 ±%2</translation>
    </message>
    <message>
      <source>the wheel should have stayed as it was</source>
      <translation>the wheel should have stayed as it was</translation>
    </message>
    <message>
      <source>the wheel should have {0}</source>
      <translation>the wheel should have {0}</translation>
    </message>
    <message>
      <source>the width from string to string</source>
      <translation>the width from string to string</translation>
    </message>
    <message>
      <source>the width over the hubs</source>
      <translation>the width over the hubs</translation>
    </message>
    <message>
      <source>the ± holds 19 of 20: as often as that the truth lies inside it</source>
      <translation>the ± holds 19 of 20: as often as that the truth lies inside it</translation>
    </message>
    <message>
      <source>their thread pitch, a turn</source>
      <translation>their thread pitch, a turn</translation>
    </message>
    <message>
      <source>there is no adjuster “{0}” on the car's card</source>
      <translation>there is no adjuster “{0}” on the car's card</translation>
    </message>
    <message>
      <source>there is no entry “{0}” before this one</source>
      <translation>there is no entry “{0}” before this one</translation>
    </message>
    <message>
      <source>there is no pair of front tie rods on the car's card: with one tube for both wheels, the drag link sets the steering wheel</source>
      <translation>there is no pair of front track rods on the car's card: with one tube for both wheels, the drag link sets the steering wheel</translation>
    </message>
    <message>
      <source>there is no round {0}; the job has {1}, counted from 0</source>
      <translation>there is no round {0}; the job has {1}, counted from 0</translation>
    </message>
    <message>
      <source>these contradict the others and would fit the other way round: look which way the top leans, or whether a sign is missing</source>
      <translation>these contradict the others and would fit the other way round: look which way the top leans, or whether a sign is missing</translation>
    </message>
    <message>
      <source>these figures are from</source>
      <translation>these figures are from</translation>
    </message>
    <message>
      <source>these points do not hold the wheel of a {0} corner: two links fall on one line</source>
      <translation>these points do not hold the wheel of a {0} corner: two links fall on one line</translation>
    </message>
    <message>
      <source>these readings decide it and nothing checks them: read them a second time</source>
      <translation>these readings decide it and nothing checks them: read them a second time</translation>
    </message>
    <message>
      <source>thirteen</source>
      <translation>thirteen</translation>
    </message>
    <message>
      <source>this says format {0}; a job file says “fairchalk-job”</source>
      <translation>this says format {0}; a job file says “fairchalk-job”</translation>
    </message>
    <message>
      <source>thread at the end toward the wheel</source>
      <translation>thread at the end toward the wheel</translation>
    </message>
    <message>
      <source>thread pitch</source>
      <translation>thread pitch</translation>
    </message>
    <message>
      <source>thread pitch, a full turn:</source>
      <translation>thread pitch, a full turn:</translation>
    </message>
    <message>
      <source>thread that shows</source>
      <translation>thread that shows</translation>
    </message>
    <message>
      <source>threads</source>
      <translation>threads</translation>
    </message>
    <message>
      <source>three</source>
      <translation>three</translation>
    </message>
    <message>
      <source>three eighths</source>
      <translation>three eighths</translation>
    </message>
    <message>
      <source>three quarters</source>
      <translation>three quarters</translation>
    </message>
    <message>
      <source>three: forward, outward, up</source>
      <translation>three: forward, outward, up</translation>
    </message>
    <message>
      <source>through its jobs: what moved, drifts, wears</source>
      <translation>through its jobs: what moved, drifts, wears</translation>
    </message>
    <message>
      <source>thrust line</source>
      <translation>thrust line</translation>
    </message>
    <message>
      <source>thrust line, at most</source>
      <translation>thrust line, at most</translation>
    </message>
    <message>
      <source>tie rod</source>
      <translation>track rod</translation>
    </message>
    <message>
      <source>tie rod locknut</source>
      <translation>track rod locknut</translation>
    </message>
    <message>
      <source>tie rod locknut 55 Nm</source>
      <translation>track rod locknut 55 Nm</translation>
    </message>
    <message>
      <source>tie rod, turned or taken off its thread</source>
      <translation>track rod, turned or taken off its thread</translation>
    </message>
    <message>
      <source>tie rods run</source>
      <translation>track rods run</translation>
    </message>
    <message>
      <source>tie tube</source>
      <translation>track tube</translation>
    </message>
    <message>
      <source>tie-rod end, off its taper</source>
      <translation>track-rod end, off its taper</translation>
    </message>
    <message>
      <source>tighten</source>
      <translation>tighten</translation>
    </message>
    <message>
      <source>tiles laid</source>
      <translation>tiles laid</translation>
    </message>
    <message>
      <source>tin</source>
      <translation>tin</translation>
    </message>
    <message>
      <source>tire, a quarter turn on</source>
      <translation>tyre, a quarter turn on</translation>
    </message>
    <message>
      <source>tire, to the stand</source>
      <translation>tyre, to the stand</translation>
    </message>
    <message>
      <source>to be told</source>
      <translation>to be told</translation>
    </message>
    <message>
      <source>to do</source>
      <translation>to do</translation>
    </message>
    <message>
      <source>to look at</source>
      <translation>to look at</translation>
    </message>
    <message>
      <source>to read</source>
      <translation>to read</translation>
    </message>
    <message>
      <source>to the car</source>
      <translation>to the car</translation>
    </message>
    <message>
      <source>to the string, at hub height</source>
      <translation>to the string, at hub height</translation>
    </message>
    <message>
      <source>to write down</source>
      <translation>to write down</translation>
    </message>
    <message>
      <source>toe</source>
      <translation>toe</translation>
    </message>
    <message>
      <source>toe angle gauge</source>
      <translation>toe angle gauge</translation>
    </message>
    <message>
      <source>toe as a length means nothing without the diameter it is stated over, like 416 mm.</source>
      <translation>toe as a length means nothing without the diameter it is stated over, like 416 mm.</translation>
    </message>
    <message>
      <source>toe as each job left it, drawn %1 times as large</source>
      <translation>toe as each job left it, drawn %1 times as large</translation>
    </message>
    <message>
      <source>toe board</source>
      <translation>toe board</translation>
    </message>
    <message>
      <source>toe boards</source>
      <translation>toe boards</translation>
    </message>
    <message>
      <source>toe drawn {0} times as large; broken: as it came in</source>
      <translation>toe drawn {0} times as large; broken: as it came in</translation>
    </message>
    <message>
      <source>toe gauge</source>
      <translation>tracking gauge</translation>
    </message>
    <message>
      <source>toe link</source>
      <translation>toe link</translation>
    </message>
    <message>
      <source>toe links ahead</source>
      <translation>toe links ahead</translation>
    </message>
    <message>
      <source>toe links behind</source>
      <translation>toe links behind</translation>
    </message>
    <message>
      <source>toe of each wheel</source>
      <translation>toe of each wheel</translation>
    </message>
    <message>
      <source>toe only tonight</source>
      <translation>toe only tonight</translation>
    </message>
    <message>
      <source>toe up to {0}</source>
      <translation>toe up to {0}</translation>
    </message>
    <message>
      <source>toe {0}</source>
      <translation>toe {0}</translation>
    </message>
    <message>
      <source>toe {0} ±{1}</source>
      <translation>toe {0} ±{1}</translation>
    </message>
    <message>
      <source>toed in by {0}</source>
      <translation>toed in by {0}</translation>
    </message>
    <message>
      <source>toed out by {0}</source>
      <translation>toed out by {0}</translation>
    </message>
    <message>
      <source>together %1</source>
      <translation>together %1</translation>
    </message>
    <message>
      <source>together {0}</source>
      <translation>together {0}</translation>
    </message>
    <message>
      <source>tolerance, minus</source>
      <translation>tolerance, minus</translation>
    </message>
    <message>
      <source>tolerance, plus</source>
      <translation>tolerance, plus</translation>
    </message>
    <message>
      <source>too close to call</source>
      <translation>too close to call</translation>
    </message>
    <message>
      <source>too close to call: its ± lies across an edge of the target. One more reading decides, and nothing is turned on a guess.</source>
      <translation>too close to call: its ± lies across an edge of the target. One more reading decides, and nothing is turned on a guess.</translation>
    </message>
    <message>
      <source>top plates</source>
      <translation>top plates</translation>
    </message>
    <message>
      <source>torque from the manual</source>
      <translation>torque from the manual</translation>
    </message>
    <message>
      <source>torque not on the card: the manual has it</source>
      <translation>torque not on the card: the manual has it</translation>
    </message>
    <message>
      <source>total</source>
      <translation>total</translation>
    </message>
    <message>
      <source>total toe</source>
      <translation>total toe</translation>
    </message>
    <message>
      <source>total toe by the gauge</source>
      <translation>total toe by the gauge</translation>
    </message>
    <message>
      <source>toward</source>
      <translation>toward</translation>
    </message>
    <message>
      <source>track, tire middle to tire middle</source>
      <translation>track, tyre middle to tyre middle</translation>
    </message>
    <message>
      <source>trailing arm</source>
      <translation>trailing arm</translation>
    </message>
    <message>
      <source>trailing-arm shims</source>
      <translation>trailing-arm shims</translation>
    </message>
    <message>
      <source>tread</source>
      <translation>tread</translation>
    </message>
    <message>
      <source>tread to tread, behind</source>
      <translation>tread to tread, behind</translation>
    </message>
    <message>
      <source>tread to tread, in front</source>
      <translation>tread to tread, in front</translation>
    </message>
    <message>
      <source>trestle</source>
      <translation>trestle</translation>
    </message>
    <message>
      <source>true or false</source>
      <translation>true or false</translation>
    </message>
    <message>
      <source>truly %1</source>
      <translation>truly %1</translation>
    </message>
    <message>
      <source>try again now</source>
      <translation>try again now</translation>
    </message>
    <message>
      <source>try it on the demo garage: three cars with a season of jobs, a copy of your own</source>
      <translation>try it on the demo garage: three cars with a season of jobs, a copy of your own</translation>
    </message>
    <message>
      <source>turn</source>
      <translation>turn</translation>
    </message>
    <message>
      <source>turn both wheels</source>
      <translation>turn both wheels</translation>
    </message>
    <message>
      <source>turn it {0} so that the arm comes in</source>
      <translation>turn it {0} so that the arm comes in</translation>
    </message>
    <message>
      <source>turn it {0} so that the arm goes out</source>
      <translation>turn it {0} so that the arm goes out</translation>
    </message>
    <message>
      <source>turn it {0} so that the bottom of the wheel comes in, the top out</source>
      <translation>turn it {0} so that the bottom of the wheel comes in, the top out</translation>
    </message>
    <message>
      <source>turn it {0} so that the bottom of the wheel goes out, the top in</source>
      <translation>turn it {0} so that the bottom of the wheel goes out, the top in</translation>
    </message>
    <message>
      <source>turn it {0} so that the top of the wheel comes in</source>
      <translation>turn it {0} so that the top of the wheel comes in</translation>
    </message>
    <message>
      <source>turn it {0} so that the top of the wheel goes out</source>
      <translation>turn it {0} so that the top of the wheel goes out</translation>
    </message>
    <message>
      <source>turn it {0}, its thick side going out, down, in, up</source>
      <translation>turn it {0}, its thick side going out, down, in, up</translation>
    </message>
    <message>
      <source>turn it {0}, its thick side going out, up, in, down</source>
      <translation>turn it {0}, its thick side going out, up, in, down</translation>
    </message>
    <message>
      <source>turn plate</source>
      <translation>turn plate</translation>
    </message>
    <message>
      <source>turn plates</source>
      <translation>turn plates</translation>
    </message>
    <message>
      <source>turn, jacked, strings-moved, note and the like</source>
      <translation>turn, jacked, strings-moved, note and the like</translation>
    </message>
    <message>
      <source>turned</source>
      <translation>turned</translation>
    </message>
    <message>
      <source>turned and not locked</source>
      <translation>turned and not locked</translation>
    </message>
    <message>
      <source>turned by %1</source>
      <translation>turned by %1</translation>
    </message>
    <message>
      <source>turned since</source>
      <translation>turned since</translation>
    </message>
    <message>
      <source>turns</source>
      <translation>turns</translation>
    </message>
    <message>
      <source>turns from lock to lock</source>
      <translation>turns from lock to lock</translation>
    </message>
    <message>
      <source>turns of the wheel from stop to stop</source>
      <translation>turns of the wheel from stop to stop</translation>
    </message>
    <message>
      <source>turntable</source>
      <translation>turntable</translation>
    </message>
    <message>
      <source>twelve</source>
      <translation>twelve</translation>
    </message>
    <message>
      <source>twenty</source>
      <translation>twenty</translation>
    </message>
    <message>
      <source>twist</source>
      <translation>twist</translation>
    </message>
    <message>
      <source>two</source>
      <translation>two</translation>
    </message>
    <message>
      <source>two digits changed places</source>
      <translation>two digits changed places</translation>
    </message>
    <message>
      <source>two or more, with a ; between them</source>
      <translation>two or more, with a ; between them</translation>
    </message>
    <message>
      <source>two stands, a tape, boards</source>
      <translation>two stands, a tape, boards</translation>
    </message>
    <message>
      <source>under the lines</source>
      <translation>under the lines</translation>
    </message>
    <message>
      <source>under which name?</source>
      <translation>under which name?</translation>
    </message>
    <message>
      <source>undone</source>
      <translation>undone</translation>
    </message>
    <message>
      <source>unknown</source>
      <translation>unknown</translation>
    </message>
    <message>
      <source>until spot %1 shows %2</source>
      <translation>until spot %1 shows %2</translation>
    </message>
    <message>
      <source>up</source>
      <translation>up</translation>
    </message>
    <message>
      <source>upper</source>
      <translation>upper</translation>
    </message>
    <message>
      <source>upper arm's inner bolts</source>
      <translation>upper arm's inner bolts</translation>
    </message>
    <message>
      <source>upper behind lower</source>
      <translation>upper behind lower</translation>
    </message>
    <message>
      <source>upper joint over the lower</source>
      <translation>upper joint over the lower</translation>
    </message>
    <message>
      <source>upper pivot behind lower</source>
      <translation>upper pivot behind lower</translation>
    </message>
    <message>
      <source>upper strut bolt, {0}</source>
      <translation>upper strut bolt, {0}</translation>
    </message>
    <message>
      <source>upper to lower pivot, height</source>
      <translation>upper to lower pivot, height</translation>
    </message>
    <message>
      <source>upper {0}</source>
      <translation>upper {0}</translation>
    </message>
    <message>
      <source>upper-arm shims</source>
      <translation>upper-arm shims</translation>
    </message>
    <message>
      <source>vernier</source>
      <translation>vernier</translation>
    </message>
    <message>
      <source>walk round the car</source>
      <translation>walk round the car</translation>
    </message>
    <message>
      <source>weak</source>
      <translation>weak</translation>
    </message>
    <message>
      <source>what contradicts the others was read the same again: look at what they share, like the lip, the way it leans, or a size that was told</source>
      <translation>what contradicts the others was read the same again: look at what they share, like the lip, the way it leans, or a size that was told</translation>
    </message>
    <message>
      <source>what did you really turn?</source>
      <translation>what did you really turn?</translation>
    </message>
    <message>
      <source>what does it read at the end that should be zero?</source>
      <translation>what does it read at the end that should be zero?</translation>
    </message>
    <message>
      <source>what does it show where there is nothing?</source>
      <translation>what does it show where there is nothing?</translation>
    </message>
    <message>
      <source>what hangs on the wall</source>
      <translation>what hangs on the wall</translation>
    </message>
    <message>
      <source>what is wrong?</source>
      <translation>what is wrong?</translation>
    </message>
    <message>
      <source>what it is called</source>
      <translation>what it is called</translation>
    </message>
    <message>
      <source>what there is to turn does not bring it nearer</source>
      <translation>what there is to turn does not bring it nearer</translation>
    </message>
    <message>
      <source>what this job is</source>
      <translation>what this job is</translation>
    </message>
    <message>
      <source>whatever the wall may have</source>
      <translation>whatever the wall may have</translation>
    </message>
    <message>
      <source>wheel</source>
      <translation>wheel</translation>
    </message>
    <message>
      <source>wheel %1</source>
      <translation>wheel %1</translation>
    </message>
    <message>
      <source>wheel rolled on half a turn; at hub height</source>
      <translation>wheel rolled on half a turn; at hub height</translation>
    </message>
    <message>
      <source>wheelbase</source>
      <translation>wheelbase</translation>
    </message>
    <message>
      <source>wheelbase, hub to hub</source>
      <translation>wheelbase, hub to hub</translation>
    </message>
    <message>
      <source>wheels up</source>
      <translation>wheels up</translation>
    </message>
    <message>
      <source>wheels' angles drawn ×%1</source>
      <translation>wheels' angles drawn ×%1</translation>
    </message>
    <message>
      <source>wheels' angles drawn ×%1, strings ×%2</source>
      <translation>wheels' angles drawn ×%1, strings ×%2</translation>
    </message>
    <message>
      <source>where the play ends: 2 left</source>
      <translation>where the play ends: 2 left</translation>
    </message>
    <message>
      <source>where the rear axle points</source>
      <translation>where the rear axle points</translation>
    </message>
    <message>
      <source>which bolt of the two at the strut</source>
      <translation>which bolt of the two at the strut</translation>
    </message>
    <message>
      <source>which spline, which mark</source>
      <translation>which spline, which mark</translation>
    </message>
    <message>
      <source>which wheel the toe is on</source>
      <translation>which wheel the toe is on</translation>
    </message>
    <message>
      <source>while the %1 is turned</source>
      <translation>while the %1 is turned</translation>
    </message>
    <message>
      <source>why is it wrong?</source>
      <translation>why is it wrong?</translation>
    </message>
    <message>
      <source>why leave it?</source>
      <translation>why leave it?</translation>
    </message>
    <message>
      <source>why?</source>
      <translation>why?</translation>
    </message>
    <message>
      <source>wide</source>
      <translation>wide</translation>
    </message>
    <message>
      <source>wider</source>
      <translation>wider</translation>
    </message>
    <message>
      <source>width over the hub faces</source>
      <translation>width over the hub faces</translation>
    </message>
    <message>
      <source>width over the hubs</source>
      <translation>width over the hubs</translation>
    </message>
    <message>
      <source>wishbones and toe links at all four wheels; shims; rods ahead of the front axle</source>
      <translation>wishbones and toe links at all four wheels; shims; rods ahead of the front axle</translation>
    </message>
    <message>
      <source>with all of the sheet: %1</source>
      <translation>with all of the sheet: %1</translation>
    </message>
    <message>
      <source>with its rise turned round the chain closes: likely the high end was taken for the low</source>
      <translation>with its rise turned round the chain closes: likely the high end was taken for the low</translation>
    </message>
    <message>
      <source>with power help</source>
      <translation>with power help</translation>
    </message>
    <message>
      <source>with the %1</source>
      <translation>with the %1</translation>
    </message>
    <message>
      <source>with the assistant</source>
      <translation>with the assistant</translation>
    </message>
    <message>
      <source>within how much does each spot lie?</source>
      <translation>within how much does each spot lie?</translation>
    </message>
    <message>
      <source>without jacking</source>
      <translation>without jacking</translation>
    </message>
    <message>
      <source>without power help</source>
      <translation>without power help</translation>
    </message>
    <message>
      <source>without some</source>
      <translation>without some</translation>
    </message>
    <message>
      <source>worn at both edges</source>
      <translation>worn at both edges</translation>
    </message>
    <message>
      <source>worn evenly</source>
      <translation>worn evenly</translation>
    </message>
    <message>
      <source>worn in the middle</source>
      <translation>worn in the middle</translation>
    </message>
    <message>
      <source>worn most at its inner edge</source>
      <translation>worn most at its inner edge</translation>
    </message>
    <message>
      <source>worn most at its outer edge</source>
      <translation>worn most at its outer edge</translation>
    </message>
    <message>
      <source>writing …</source>
      <translation>writing …</translation>
    </message>
    <message>
      <source>written by a newer version ({0}); this program reads version {1}</source>
      <translation>written by a newer version ({0}); this program reads version {1}</translation>
    </message>
    <message>
      <source>yes</source>
      <translation>yes</translation>
    </message>
    <message>
      <source>zero</source>
      <translation>zero</translation>
    </message>
    <message>
      <source>zero at %1</source>
      <translation>zero at %1</translation>
    </message>
    <message>
      <source>zero end on the back lip</source>
      <translation>zero end on the back lip</translation>
    </message>
    <message>
      <source>zero end on the front lip</source>
      <translation>zero end on the front lip</translation>
    </message>
    <message>
      <source>zero end on the hub</source>
      <translation>zero end on the hub</translation>
    </message>
    <message>
      <source>zero it at {0}° out</source>
      <translation>zero it at {0}° out</translation>
    </message>
    <message>
      <source>{0} ({1} to {2})</source>
      <translation>{0} ({1} to {2})</translation>
    </message>
    <message>
      <source>{0} ({1}): read {2} here than the sheets say, ±{3}</source>
      <translation>{0} ({1}): read {2} here than the sheets say, ±{3}</translation>
    </message>
    <message>
      <source>{0} ({1}): {2} than the sheets, ±{3}: no more than chance</source>
      <translation>{0} ({1}): {2} than the sheets, ±{3}: no more than chance</translation>
    </message>
    <message>
      <source>{0} by the card</source>
      <translation>{0} by the card</translation>
    </message>
    <message>
      <source>{0} bytes is more than a job file can be</source>
      <translation>{0} bytes is more than a job file can be</translation>
    </message>
    <message>
      <source>{0} can't be made: {1}.</source>
      <translation>{0} can't be made: {1}.</translation>
    </message>
    <message>
      <source>{0} can't be moved: {1}. Nothing was restored.</source>
      <translation>{0} can't be moved: {1}. Nothing was restored.</translation>
    </message>
    <message>
      <source>{0} can't be opened as a book ({1}). Nothing was changed.</source>
      <translation>{0} can't be opened as a book ({1}). Nothing was changed.</translation>
    </message>
    <message>
      <source>{0} can't be opened: {1}.</source>
      <translation>{0} can't be opened: {1}.</translation>
    </message>
    <message>
      <source>{0} can't be read: {1}.</source>
      <translation>{0} can't be read: {1}.</translation>
    </message>
    <message>
      <source>{0} can't be written.</source>
      <translation>{0} can't be written.</translation>
    </message>
    <message>
      <source>{0} drifts: {1} a week ±{2}</source>
      <translation>{0} drifts: {1} a week ±{2}</translation>
    </message>
    <message>
      <source>{0} eighths</source>
      <translation>{0} eighths</translation>
    </message>
    <message>
      <source>{0} flat of the hexagon</source>
      <translation>{0} flat of the hexagon</translation>
    </message>
    <message>
      <source>{0} flats of the hexagon</source>
      <translation>{0} flats of the hexagon</translation>
    </message>
    <message>
      <source>{0} forward</source>
      <translation>{0} forward</translation>
    </message>
    <message>
      <source>{0} further in</source>
      <translation>{0} further in</translation>
    </message>
    <message>
      <source>{0} further in at the top</source>
      <translation>{0} further in at the top</translation>
    </message>
    <message>
      <source>{0} further out</source>
      <translation>{0} further out</translation>
    </message>
    <message>
      <source>{0} further out at the top</source>
      <translation>{0} further out at the top</translation>
    </message>
    <message>
      <source>{0} further to the left</source>
      <translation>{0} further to the left</translation>
    </message>
    <message>
      <source>{0} further to the right</source>
      <translation>{0} further to the right</translation>
    </message>
    <message>
      <source>{0} halves</source>
      <translation>{0} halves</translation>
    </message>
    <message>
      <source>{0} has not been measured</source>
      <translation>{0} has not been measured</translation>
    </message>
    <message>
      <source>{0} inward</source>
      <translation>{0} inward</translation>
    </message>
    <message>
      <source>{0} inward along the slot</source>
      <translation>{0} inward along the slot</translation>
    </message>
    <message>
      <source>{0} is a database, but not a Fair Chalk book. Nothing was changed.</source>
      <translation>{0} is a database, but not a Fair Chalk book. Nothing was changed.</translation>
    </message>
    <message>
      <source>{0} is a folder, not a book. A book is a file, like {1}.</source>
      <translation>{0} is a folder, not a book. A book is a file, like {1}.</translation>
    </message>
    <message>
      <source>{0} is a folder: a copy is a file in it.</source>
      <translation>{0} is a folder: a copy is a file in it.</translation>
    </message>
    <message>
      <source>{0} is more than wear or a rod does: was the wheel refitted on its shaft, or is something bent? Look at that first</source>
      <translation>{0} is more than wear or a rod does: was the wheel refitted on its shaft, or is something bent? Look at that first</translation>
    </message>
    <message>
      <source>{0} is no file, so it can't be a book.</source>
      <translation>{0} is no file, so it can't be a book.</translation>
    </message>
    <message>
      <source>{0} is that book itself: there is nothing to merge.</source>
      <translation>{0} is that book itself: there is nothing to merge.</translation>
    </message>
    <message>
      <source>{0} is there already: nothing was put over it.</source>
      <translation>{0} is there already: nothing was put over it.</translation>
    </message>
    <message>
      <source>{0} less</source>
      <translation>{0} less</translation>
    </message>
    <message>
      <source>{0} longer</source>
      <translation>{0} longer</translation>
    </message>
    <message>
      <source>{0} low against the other axle by {1} (tolerance {2})</source>
      <translation>{0} low against the other axle by {1} (tolerance {2})</translation>
    </message>
    <message>
      <source>{0} more</source>
      <translation>{0} more</translation>
    </message>
    <message>
      <source>{0} moves it {1}</source>
      <translation>{0} moves it {1}</translation>
    </message>
    <message>
      <source>{0} numbers</source>
      <translation>{0} numbers</translation>
    </message>
    <message>
      <source>{0} of a turn</source>
      <translation>{0} of a turn</translation>
    </message>
    <message>
      <source>{0} of {1}</source>
      <translation>{0} of {1}</translation>
    </message>
    <message>
      <source>{0} or more</source>
      <translation>{0} or more</translation>
    </message>
    <message>
      <source>{0} outward</source>
      <translation>{0} outward</translation>
    </message>
    <message>
      <source>{0} outward along the slot</source>
      <translation>{0} outward along the slot</translation>
    </message>
    <message>
      <source>{0} over {1}</source>
      <translation>{0} over {1}</translation>
    </message>
    <message>
      <source>{0} quarters</source>
      <translation>{0} quarters</translation>
    </message>
    <message>
      <source>{0} rearward</source>
      <translation>{0} rearward</translation>
    </message>
    <message>
      <source>{0} says that it is of version {1}, which no Fair Chalk has written: it is damaged. Nothing was changed.</source>
      <translation>{0} says that it is of version {1}, which no Fair Chalk has written: it is damaged. Nothing was changed.</translation>
    </message>
    <message>
      <source>{0} shorter</source>
      <translation>{0} shorter</translation>
    </message>
    <message>
      <source>{0} sixteenths</source>
      <translation>{0} sixteenths</translation>
    </message>
    <message>
      <source>{0} sixty-fourths</source>
      <translation>{0} sixty-fourths</translation>
    </message>
    <message>
      <source>{0} thirds</source>
      <translation>{0} thirds</translation>
    </message>
    <message>
      <source>{0} thirty-seconds</source>
      <translation>{0} thirty-seconds</translation>
    </message>
    <message>
      <source>{0} to the left</source>
      <translation>{0} to the left</translation>
    </message>
    <message>
      <source>{0} to the right</source>
      <translation>{0} to the right</translation>
    </message>
    <message>
      <source>{0} to {1}</source>
      <translation>{0} to {1}</translation>
    </message>
    <message>
      <source>{0} {1} ±{2} ({3})</source>
      <translation>{0} {1} ±{2} ({3})</translation>
    </message>
    <message>
      <source>{0}, a quarter turn on</source>
      <translation>{0}, a quarter turn on</translation>
    </message>
    <message>
      <source>{0}, kept; {1}</source>
      <translation>{0}, kept; {1}</translation>
    </message>
    <message>
      <source>{0}, left; the other way on the right</source>
      <translation>{0}, left; the other way on the right</translation>
    </message>
    <message>
      <source>{0}, straight</source>
      <translation>{0}, straight</translation>
    </message>
    <message>
      <source>{0}, top in</source>
      <translation>{0}, top in</translation>
    </message>
    <message>
      <source>{0}, top out</source>
      <translation>{0}, top out</translation>
    </message>
    <message>
      <source>{0}, turned in</source>
      <translation>{0}, turned in</translation>
    </message>
    <message>
      <source>{0}, turned out</source>
      <translation>{0}, turned out</translation>
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
      <translation>{0}: a note for the shop</translation>
    </message>
    <message>
      <source>{0}: a turn does half of what two threads would: one thread, it seems.</source>
      <translation>{0}: a turn does half of what two threads would: one thread, it seems.</translation>
    </message>
    <message>
      <source>{0}: a turn does much less than the card's figures make it, about {1} of it: look at its pitch, its arm, its eccentricity.</source>
      <translation>{0}: a turn does much less than the card's figures make it, about {1} of it: look at its pitch, its arm, its eccentricity.</translation>
    </message>
    <message>
      <source>{0}: a turn does several times what the card's figures make it, about {1} times: look at its pitch, its arm, its eccentricity.</source>
      <translation>{0}: a turn does several times what the card's figures make it, about {1} times: look at its pitch, its arm, its eccentricity.</translation>
    </message>
    <message>
      <source>{0}: a turn does twice what one thread would: left- and right-hand thread, it seems.</source>
      <translation>{0}: a turn does twice what one thread would: left- and right-hand thread, it seems.</translation>
    </message>
    <message>
      <source>{0}: a turn seems to do about {1} times what the card's figures make it. The next is planned by that, and shows more.</source>
      <translation>{0}: a turn seems to do about {1} times what the card's figures make it. The next is planned by that, and shows more.</translation>
    </message>
    <message>
      <source>{0}: by what moving them did, more of them push the arm the other way than the card says.</source>
      <translation>{0}: by what moving them did, more of them push the arm the other way than the card says.</translation>
    </message>
    <message>
      <source>{0}: by what turning it did, it is at the other arm than the card says.</source>
      <translation>{0}: by what turning it did, it is at the other arm than the card says.</translation>
    </message>
    <message>
      <source>{0}: by what turning it did, it runs ahead of the axle.</source>
      <translation>{0}: by what turning it did, it runs ahead of the axle.</translation>
    </message>
    <message>
      <source>{0}: by what turning it did, it runs behind the axle.</source>
      <translation>{0}: by what turning it did, it runs behind the axle.</translation>
    </message>
    <message>
      <source>{0}: by what turning it did, its body end lies on the other side of the axle than the card says.</source>
      <translation>{0}: by what turning it did, its body end lies on the other side of the axle than the card says.</translation>
    </message>
    <message>
      <source>{0}: camber</source>
      <translation>{0}: camber</translation>
    </message>
    <message>
      <source>{0}: left and right differ by {1} more than they should (tolerance {2})</source>
      <translation>{0}: left and right differ by {1} more than they should (tolerance {2})</translation>
    </message>
    <message>
      <source>{0}: locked, {1}</source>
      <translation>{0}: locked, {1}</translation>
    </message>
    <message>
      <source>{0}: look under the car whether it runs ahead of the axle or behind it. They work opposite ways.</source>
      <translation>{0}: look under the car whether it runs ahead of the axle or behind it. They work opposite ways.</translation>
    </message>
    <message>
      <source>{0}: look under the car whether its body end lies ahead of the axle or behind it. They work opposite ways.</source>
      <translation>{0}: look under the car whether its body end lies ahead of the axle or behind it. They work opposite ways.</translation>
    </message>
    <message>
      <source>{0}: look where its thick side stands, 0° outward, 90° up, and write it on the card. Which way it works hangs on that.</source>
      <translation>{0}: look where its thick side stands, 0° outward, 90° up, and write it on the card. Which way it works hangs on that.</translation>
    </message>
    <message>
      <source>{0}: look which arm it is at, the upper or the lower. They work opposite ways.</source>
      <translation>{0}: look which arm it is at, the upper or the lower. They work opposite ways.</translation>
    </message>
    <message>
      <source>{0}: look which hand its thread has: a right-hand one screws in clockwise.</source>
      <translation>{0}: look which hand its thread has: a right-hand one screws in clockwise.</translation>
    </message>
    <message>
      <source>{0}: look which of the two bolts at the strut is the one that moves, the upper or the lower. They work opposite ways.</source>
      <translation>{0}: look which of the two bolts at the strut is the one that moves, the upper or the lower. They work opposite ways.</translation>
    </message>
    <message>
      <source>{0}: look which way more of them push the arm, outward or inward.</source>
      <translation>{0}: look which way more of them push the arm, outward or inward.</translation>
    </message>
    <message>
      <source>{0}: look which wheel's knuckle it is fixed to, left or right.</source>
      <translation>{0}: look which wheel's knuckle it is fixed to, left or right.</translation>
    </message>
    <message numerus="yes">
      <source>{0}: one turn is {1} of toe ±{2}, seen in %n turns</source>
      <comment>{0}: one turn is {1} of toe ±{2}, seen in one turn</comment>
      <translation>
        <numerusform>{0}: one turn is {1} of toe ±{2}, seen in one turn</numerusform>
        <numerusform>{0}: one turn is {1} of toe ±{2}, seen in %n turns</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>{0}: one unit is {1} ±{2}, {3}, seen in %n turns</source>
      <comment>{0}: one unit is {1} ±{2}, {3}, seen in one turn</comment>
      <translation>
        <numerusform>{0}: one unit is {1} ±{2}, {3}, seen in one turn</numerusform>
        <numerusform>{0}: one unit is {1} ±{2}, {3}, seen in %n turns</numerusform>
      </translation>
    </message>
    <message>
      <source>{0}: stop at about {1}, shake it, and it shows {2} ±{3}.</source>
      <translation>{0}: stop at about {1}, shake it, and it shows {2} ±{3}.</translation>
    </message>
    <message>
      <source>{0}: stop at {1} ±{2}.</source>
      <translation>{0}: stop at {1} ±{2}.</translation>
    </message>
    <message>
      <source>{0}: the card says ahead of the axle; what turning it did says behind it.</source>
      <translation>{0}: the card says ahead of the axle; what turning it did says behind it.</translation>
    </message>
    <message>
      <source>{0}: the card says behind the axle; what turning it did says ahead of it.</source>
      <translation>{0}: the card says behind the axle; what turning it did says ahead of it.</translation>
    </message>
    <message>
      <source>{0}: the record</source>
      <translation>{0}: the record</translation>
    </message>
    <message>
      <source>{0}: the sheet {1}, here {2}: can't tell</source>
      <translation>{0}: the sheet {1}, here {2}: can't tell</translation>
    </message>
    <message>
      <source>{0}: the sheet {1}, here {2}: they agree</source>
      <translation>{0}: the sheet {1}, here {2}: they agree</translation>
    </message>
    <message>
      <source>{0}: the sheet {1}, here {2}: they do not</source>
      <translation>{0}: the sheet {1}, here {2}: they do not</translation>
    </message>
    <message>
      <source>{0}: the toe of each wheel; only both together are known</source>
      <translation>{0}: the toe of each wheel; only both together are known</translation>
    </message>
    <message>
      <source>{0}: toe</source>
      <translation>{0}: toe</translation>
    </message>
    <message>
      <source>{0}: turned and not locked</source>
      <translation>{0}: turned and not locked</translation>
    </message>
    <message>
      <source>{0}: turned by watching, not counted</source>
      <translation>{0}: turned by watching, not counted</translation>
    </message>
    <message>
      <source>{0}: {1} ({2})</source>
      <translation>{0}: {1} ({2})</translation>
    </message>
    <message>
      <source>{0}: {1} higher than the card says (tolerance {2})</source>
      <translation>{0}: {1} higher than the card says (tolerance {2})</translation>
    </message>
    <message>
      <source>{0}: {1} lower than the card says (tolerance {2})</source>
      <translation>{0}: {1} lower than the card says (tolerance {2})</translation>
    </message>
    <message>
      <source>{0}: {1} may move along by up to {2}; nothing here aims at it.</source>
      <translation>{0}: {1} may move along by up to {2}; nothing here aims at it.</translation>
    </message>
    <message>
      <source>{0}: {1} moves along by {2} less; nothing here aims at it.</source>
      <translation>{0}: {1} moves along by {2} less; nothing here aims at it.</translation>
    </message>
    <message>
      <source>{0}: {1} moves along by {2} more; nothing here aims at it.</source>
      <translation>{0}: {1} moves along by {2} more; nothing here aims at it.</translation>
    </message>
    <message>
      <source>{0}: {1} ±{2}: as it was</source>
      <translation>{0}: {1} ±{2}: as it was</translation>
    </message>
    <message>
      <source>{0}: {1} ±{2}: can't tell</source>
      <translation>{0}: {1} ±{2}: can't tell</translation>
    </message>
    <message>
      <source>{0}: {1} ±{2}: moved</source>
      <translation>{0}: {1} ±{2}: moved</translation>
    </message>
    <message>
      <source>{0}: {1} · {2} · {3} 32nds in 1000 mi ±{4}, over {5} mi</source>
      <translation>{0}: {1} · {2} · {3} 32nds in 1000 mi ±{4}, over {5} mi</translation>
    </message>
    <message>
      <source>{0}: {1} · {2} · {3} mm in 1000 km ±{4}, over {5} km</source>
      <translation>{0}: {1} · {2} · {3} mm in 1000 km ±{4}, over {5} km</translation>
    </message>
    <message>
      <source>{0}: {1}, after it {2}</source>
      <translation>{0}: {1}, after it {2}</translation>
    </message>
    <message>
      <source>{0}: {1}, and {2}.</source>
      <translation>{0}: {1}, and {2}.</translation>
    </message>
    <message>
      <source>{0}: {1}, by about {2} mm ±{3} ({4})</source>
      <translation>{0}: {1}, by about {2} mm ±{3} ({4})</translation>
    </message>
    <message>
      <source>{0}: {1}, target {2}: {3}</source>
      <translation>{0}: {1}, target {2}: {3}</translation>
    </message>
    <message>
      <source>{0}° in</source>
      <translation>{0}° in</translation>
    </message>
    <message>
      <source>{0}° out</source>
      <translation>{0}° out</translation>
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
      <translation>± holds 95 in 100 times. Angles as they were measured by hand, not a roadworthiness test: the vehicle's manual, local rules and qualified technicians come first.</translation>
    </message>
    <message>
      <source>±%1</source>
      <translation>±%1</translation>
    </message>
    <message>
      <source>“%1” can't be opened: %2.</source>
      <translation>“%1” can't be opened: %2.</translation>
    </message>
    <message>
      <source>“%1” is %2 MB; a picture here may have 20.</source>
      <translation>“%1” is %2 MB; a picture here may have 20.</translation>
    </message>
    <message>
      <source>“%1” is more than a wheel turns; right would be about 20°.</source>
      <translation>“%1” is more than a wheel turns; right would be about 20°.</translation>
    </message>
    <message>
      <source>“%1” is no division; right would be its finest one, above 0.</source>
      <translation>“%1” is no division; right would be its finest one, above 0.</translation>
    </message>
    <message>
      <source>“%1” is no spread; right would be what one taking may be off, above 0.</source>
      <translation>“%1” is no spread; right would be what one taking may be off, above 0.</translation>
    </message>
    <message>
      <source>“%1” is no torque: type it from the manual with its unit, like “55 Nm” or “40 lb ft”.</source>
      <translation>“%1” is no torque: type it from the manual with its unit, like “55 Nm” or “40 lb ft”.</translation>
    </message>
    <message>
      <source>“%1” is no wheel's angle. A sheet says such as 0°06' or -0.55 degrees.</source>
      <translation>“%1” is no wheel's angle. A sheet says such as 0°06' or -0.55 degrees.</translation>
    </message>
    <message>
      <source>“%1” is not a picture that can be shown: PNG, JPEG or the like.</source>
      <translation>“%1” is not a picture that can be shown: PNG, JPEG or the like.</translation>
    </message>
    <message>
      <source>“%1” is not a ratio, like 16.2.</source>
      <translation>“%1” is not a ratio, like 16.2.</translation>
    </message>
    <message>
      <source>“%1” is not how far a wheel is turned; right would be 18.5 degrees, or 0.9 turns of the steering wheel.</source>
      <translation>“%1” is not how far a wheel is turned; right would be 18.5 degrees, or 0.9 turns of the steering wheel.</translation>
    </message>
    <message>
      <source>“%1” is not more than nothing; right would be a dimension above 0.</source>
      <translation>“%1” is not more than nothing; right would be a dimension above 0.</translation>
    </message>
    <message>
      <source>“%1” is not more than nothing; right would be a distance or an angle above 0.</source>
      <translation>“%1” is not more than nothing; right would be a distance or an angle above 0.</translation>
    </message>
    <message>
      <source>“%1” is not there. Right would be the path of a port, such as /dev/ttyUSB0.</source>
      <translation>“%1” is not there. Right would be the path of a port, such as /dev/ttyUSB0.</translation>
    </message>
    <message>
      <source>“%1” is too far round for a mark beside a line; right would be below 80°.</source>
      <translation>“%1” is too far round for a mark beside a line; right would be below 80°.</translation>
    </message>
    <message>
      <source>“%1” lies in the drawer already; a name of its own tells it from the other.</source>
      <translation>“%1” lies in the drawer already; a name of its own tells it from the other.</translation>
    </message>
    <message>
      <source>“%1” names nothing that hangs on this wall; right would be: two stands, a tape, boards.</source>
      <translation>“%1” names nothing that hangs on this wall; right would be: two stands, a tape, boards.</translation>
    </message>
    <message>
      <source>“%1”: a tile is thicker than nothing, like 3 mm or 1/8 in.</source>
      <translation>“%1”: a tile is thicker than nothing, like 3 mm or 1/8 in.</translation>
    </message>
    <message>
      <source>“%1”: no floor is flatter than flat, like 4 mm.</source>
      <translation>“%1”: no floor is flatter than flat, like 4 mm.</translation>
    </message>
    <message>
      <source>“{0}” for {3}? Usual is {1} to {4}.</source>
      <translation>“{0}” for {3}? Usual is {1} to {4}.</translation>
    </message>
    <message>
      <source>“{0}” for {3}? Usual is {1} to {4}. Perhaps {2}?</source>
      <translation>“{0}” for {3}? Usual is {1} to {4}. Perhaps {2}?</translation>
    </message>
    <message>
      <source>“{0}” is a length: toe as a length needs the span it is stated over, like “{0} over 416 mm” or “{0} over 16 in”.</source>
      <translation>“{0}” is a length: toe as a length needs the span it is stated over, like “{0} over 416 mm” or “{0} over 16 in”.</translation>
    </message>
    <message>
      <source>“{0}” is a total, and one wheel's own toe belongs here: without “total”, or at the axle.</source>
      <translation>“{0}” is a total, and one wheel's own toe belongs here: without “total”, or at the axle.</translation>
    </message>
    <message>
      <source>“{0}” is below zero for {3}. Usual is {1} to {4}.</source>
      <translation>“{0}” is below zero for {3}. Usual is {1} to {4}.</translation>
    </message>
    <message>
      <source>“{0}” is beyond {4}. Write it like {2} or {3}.</source>
      <translation>“{0}” is beyond {4}. Write it like {2} or {3}.</translation>
    </message>
    <message>
      <source>“{0}” is longer than its span of {1}</source>
      <translation>“{0}” is longer than its span of {1}</translation>
    </message>
    <message>
      <source>“{0}” is missing</source>
      <translation>“{0}” is missing</translation>
    </message>
    <message>
      <source>“{0}” is not a length, and a length belongs here, like 2 9/16 in or 65.1 mm.</source>
      <translation>“{0}” is not a length, and a length belongs here, like 2 9/16 in or 65.1 mm.</translation>
    </message>
    <message>
      <source>“{0}” is not a pressure, and a pressure belongs here, like 2.2 bar or 32 psi.</source>
      <translation>“{0}” is not a pressure, and a pressure belongs here, like 2.2 bar or 32 psi.</translation>
    </message>
    <message>
      <source>“{0}” is not a temperature, and one belongs here, like 71 C or 160 F.</source>
      <translation>“{0}” is not a temperature, and one belongs here, like 71 C or 160 F.</translation>
    </message>
    <message>
      <source>“{0}” is not a torque, and a torque belongs here, like 55 Nm or 40 lb ft.</source>
      <translation>“{0}” is not a torque, and a torque belongs here, like 55 Nm or 40 lb ft.</translation>
    </message>
    <message>
      <source>“{0}” is not an amount of turn, and one belongs here, like 7/8 turn or 2 flats.</source>
      <translation>“{0}” is not an amount of turn, and one belongs here, like 7/8 turn or 2 flats.</translation>
    </message>
    <message>
      <source>“{0}” is not an angle, and an angle belongs here, like 0°12' or 0.2 deg.</source>
      <translation>“{0}” is not an angle, and an angle belongs here, like 0°12' or 0.2 deg.</translation>
    </message>
    <message>
      <source>“{0}” is not known here; known are {1}</source>
      <translation>“{0}” is not known here; known are {1}</translation>
    </message>
    <message>
      <source>“{0}” is too long to be one reading. Write it like {2} or {3}.</source>
      <translation>“{0}” is too long to be one reading. Write it like {2} or {3}.</translation>
    </message>
    <message>
      <source>“{0}” lies {1} from what is expected there: look once more.</source>
      <translation>“{0}” lies {1} from what is expected there: look once more.</translation>
    </message>
    <message>
      <source>“{0}” lies {1} from what is expected there: look once more. Perhaps {2}?</source>
      <translation>“{0}” lies {1} from what is expected there: look once more. Perhaps {2}?</translation>
    </message>
    <message>
      <source>“{0}” must be more than zero, like {2} or {3}.</source>
      <translation>“{0}” must be more than zero, like {2} or {3}.</translation>
    </message>
    <message>
      <source>“{0}” says no time. Write a day, a distance or what comes first: 2026-12-04, 100 km, after contact.</source>
      <translation>“{0}” says no time. Write a day, a distance or what comes first: 2026-12-04, 100 km, after contact.</translation>
    </message>
    <message>
      <source>“{0}”: a sign and “{1}” together can mean two things. Use one of them, like {2} or {3}.</source>
      <translation>“{0}”: a sign and “{1}” together can mean two things. Use one of them, like {2} or {3}.</translation>
    </message>
    <message>
      <source>“{0}”: not understood from “{1}” on. Write it like {2} or {3}.</source>
      <translation>“{0}”: not understood from “{1}” on. Write it like {2} or {3}.</translation>
    </message>
    <message>
      <source>“{0}”: stopped at “{1}”, powers of ten are not read. Write it like {2} or {3}.</source>
      <translation>“{0}”: stopped at “{1}”, powers of ten are not read. Write it like {2} or {3}.</translation>
    </message>
    <message>
      <source>“{0}”: the mark at “{1}” would be seconds of arc here. For inches write 1/8 in in, for an angle 12 min in.</source>
      <translation>“{0}”: the mark at “{1}” would be seconds of arc here. For inches write 1/8 in in, for an angle 12 min in.</translation>
    </message>
    <message>
      <source>“{0}”: this could be {4} or {5}. Write the one you mean.</source>
      <translation>“{0}”: this could be {4} or {5}. Write the one you mean.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” comes after a number that already has decimals or a fraction. Write it like {2} or {3}.</source>
      <translation>“{0}”: “{1}” comes after a number that already has decimals or a fraction. Write it like {2} or {3}.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” could be {4} or {5}. Write the one you mean.</source>
      <translation>“{0}”: “{1}” could be {4} or {5}. Write the one you mean.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” has no unit. Write it like {2} or {3}.</source>
      <translation>“{0}”: “{1}” has no unit. Write it like {2} or {3}.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” is 12 inches or more after feet. Write it like 5' 8 1/2" or 68 1/2 in.</source>
      <translation>“{0}”: “{1}” is 12 inches or more after feet. Write it like 5' 8 1/2" or 68 1/2 in.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” is 60 or more after a larger part. Write it like 0°12' or 1.4 deg.</source>
      <translation>“{0}”: “{1}” is 60 or more after a larger part. Write it like 0°12' or 1.4 deg.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” is a second quantity. Join two with “and” or “less”, or write one, like {2} or {3}.</source>
      <translation>“{0}”: “{1}” is a second quantity. Join two with “and” or “less”, or write one, like {2} or {3}.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” is no fraction of a rule (halves to 64ths, less than one after a whole number). Write it like {2} or {3}.</source>
      <translation>“{0}”: “{1}” is no fraction of a rule (halves to 64ths, less than one after a whole number). Write it like {2} or {3}.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” is of another kind than what comes before it. Write it like {2} or {3}.</source>
      <translation>“{0}”: “{1}” is of another kind than what comes before it. Write it like {2} or {3}.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” is one word too many. Write it like {2} strong, or {3} out.</source>
      <translation>“{0}”: “{1}” is one word too many. Write it like {2} strong, or {3} out.</translation>
    </message>
    <message>
      <source>“{0}”: “{1}” says toe, and this is not toe. Write it like {2} or {3}.</source>
      <translation>“{0}”: “{1}” says toe, and this is not toe. Write it like {2} or {3}.</translation>
    </message>
    <message>
      <source>… and %1 more</source>
      <translation>… and %1 more</translation>
    </message>
    <message>
      <source>← → another job   ↑ ↓ another angle   + − 0 zoom   Enter opens the job   Esc back to the book</source>
      <translation>← → another job   ↑ ↓ another angle   + − 0 zoom   Enter opens the job   Esc back to the book</translation>
    </message>
    <message>
      <source>↑ ↓ the text   ·   Esc or F1 back   ·   the menus above have every action, with its key</source>
      <translation>↑ ↓ the text   ·   Esc or F1 back   ·   the menus above have every action, with its key</translation>
    </message>
    <message>
      <source>↵  keeps; empty: goes on</source>
      <translation>↵  keeps; empty: goes on</translation>
    </message>
    <message>
      <source>−  2-9/16, or a sign in front</source>
      <translation>−  2-9/16, or a sign in front</translation>
    </message>
    <message>
      <source>▲ %1</source>
      <translation>▲ %1</translation>
    </message>
    <message>
      <source>▲ %1 failed: readings mean nothing</source>
      <translation>▲ %1 failed: readings mean nothing</translation>
    </message>
    <message numerus="yes">
      <source>▲ %n not kept · Ctrl+S</source>
      <translation>
        <numerusform>▲ %n not kept · Ctrl+S</numerusform>
        <numerusform>▲ %n not kept · Ctrl+S</numerusform>
      </translation>
    </message>
    <message>
      <source>▲ A check has failed</source>
      <translation>▲ A check has failed</translation>
    </message>
    <message>
      <source>▲ Ctrl+K</source>
      <translation>▲ Ctrl+K</translation>
    </message>
    <message>
      <source>▲ Still loose</source>
      <translation>▲ Still loose</translation>
    </message>
    <message>
      <source>▲ cautions at the right · Ctrl+K</source>
      <translation>▲ cautions at the right · Ctrl+K</translation>
    </message>
    <message>
      <source>▲ doubtful</source>
      <translation>▲ doubtful</translation>
    </message>
    <message>
      <source>▲ readings wait</source>
      <translation>▲ readings wait</translation>
    </message>
    <message>
      <source>⟨b⟩%1⟨/b⟩ free, %2 at each front wheel. Its middle is ⟨b⟩%3⟨/b⟩: hold it there.</source>
      <translation>⟨b⟩%1⟨/b⟩ free, %2 at each front wheel. Its middle is ⟨b⟩%3⟨/b⟩: hold it there.</translation>
    </message>
    <message>
      <source>⟨b⟩%1⟨/b⟩ under the %2</source>
      <translation>⟨b⟩%1⟨/b⟩ under the %2</translation>
    </message>
    <message>
      <source>⟨b⟩%1⟨/b⟩, surveyed %2</source>
      <translation>⟨b⟩%1⟨/b⟩, surveyed %2</translation>
    </message>
    <message>
      <source>⟨b⟩Done.⟨/b⟩ It stands in the book.</source>
      <translation>⟨b⟩Done.⟨/b⟩ It stands in the book.</translation>
    </message>
    <message>
      <source>⟨b⟩Failed.⟨/b⟩</source>
      <translation>⟨b⟩Failed.⟨/b⟩</translation>
    </message>
    <message>
      <source>⟨b⟩Failed: readings mean nothing until it is mended.⟨/b⟩</source>
      <translation>⟨b⟩Failed: readings mean nothing until it is mended.⟨/b⟩</translation>
    </message>
    <message>
      <source>⟨b⟩Hold⟨/b⟩ the rod with one wrench and its end level, ⟨b⟩tighten⟨/b⟩ the nut with the other. Both joints still free to tilt the same way.</source>
      <translation>⟨b⟩Hold⟨/b⟩ the rod with one spanner and its end level, ⟨b⟩tighten⟨/b⟩ the nut with the other. Both joints still free to tilt the same way.</translation>
    </message>
    <message>
      <source>⟨b⟩Mark⟨/b⟩ it with chalk across thread and nut, or across plate and frame: what moved is then seen.</source>
      <translation>⟨b⟩Mark⟨/b⟩ it with chalk across thread and nut, or across plate and frame: what moved is then seen.</translation>
    </message>
    <message>
      <source>⟨b⟩Nobody knows:⟨/b⟩ total toe stands, each front wheel is read again.</source>
      <translation>⟨b⟩Nobody knows:⟨/b⟩ total toe stands, each front wheel is read again.</translation>
    </message>
    <message numerus="yes">
      <source>⟨b⟩Not ready: %n things are still loose.⟨/b⟩</source>
      <comment>⟨b⟩Not ready: one thing is still loose.⟨/b⟩</comment>
      <translation>
        <numerusform>⟨b⟩Not ready: one thing is still loose.⟨/b⟩</numerusform>
        <numerusform>⟨b⟩Not ready: %n things are still loose.⟨/b⟩</numerusform>
      </translation>
    </message>
    <message>
      <source>⟨b⟩Nothing is loose.⟨/b⟩ First slowly in a safe place, brakes tried.</source>
      <translation>⟨b⟩Nothing is loose.⟨/b⟩ First slowly in a safe place, brakes tried.</translation>
    </message>
    <message>
      <source>⟨b⟩Only since now:⟨/b⟩ what was read stands; it is taken out of what follows, until it is straight.</source>
      <translation>⟨b⟩Only since now:⟨/b⟩ what was read stands; it is taken out of what follows, until it is straight.</translation>
    </message>
    <message>
      <source>⟨b⟩So while it was read:⟨/b⟩ it is taken out of the front toes of this round.</source>
      <translation>⟨b⟩So while it was read:⟨/b⟩ it is taken out of the front toes of this round.</translation>
    </message>
    <message>
      <source>⟨b⟩The wheel only.⟨/b⟩ The car drives well but for the steering wheel: equal and opposite turns of the two tie rods put it straight, and the toe stays as it is.</source>
      <translation>⟨b⟩The wheel only.⟨/b⟩ The car drives well but for the steering wheel: equal and opposite turns of the two track rods put it straight, and the toe stays as it is.</translation>
    </message>
    <message>
      <source>⟨b⟩The whole job⟨/b⟩, as far as it is marked on the line.</source>
      <translation>⟨b⟩The whole job⟨/b⟩, as far as it is marked on the line.</translation>
    </message>
    <message>
      <source>⟨b⟩Write it down first.⟨/b⟩ What is written down before the first nut can be put back.</source>
      <translation>⟨b⟩Write it down first.⟨/b⟩ What is written down before the first nut can be put back.</translation>
    </message>
  </context>
</TS>
