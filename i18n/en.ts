<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en_US">
  <context>
    <name>text</name>
    <message numerus="yes">
      <source> (%n readings)</source>
      <comment> (one reading)</comment>
      <translation>
        <numerusform> (one reading)</numerusform>
        <numerusform> (%n readings)</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%1 since the last reading: %n spots are read again, beginning with the %2.</source>
      <comment>%1 since the last reading: one spot is read again, the %2.</comment>
      <translation>
        <numerusform>%1 since the last reading: one spot is read again, the %2.</numerusform>
        <numerusform>%1 since the last reading: %n spots are read again, beginning with the %2.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%1, %2, %n readings</source>
      <comment>%1, %2, one reading</comment>
      <translation>
        <numerusform>%1, %2, one reading</numerusform>
        <numerusform>%1, %2, %n readings</numerusform>
      </translation>
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
    <message numerus="yes">
      <source>As they were: %n angles; can't tell: %1.</source>
      <comment>As it was: one angle; can't tell: %1.</comment>
      <translation>
        <numerusform>As it was: one angle; can't tell: %1.</numerusform>
        <numerusform>As they were: %n angles; can't tell: %1.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Look over %n things</source>
      <comment>Look over one thing</comment>
      <translation>
        <numerusform>Look over one thing</numerusform>
        <numerusform>Look over %n things</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Not known yet which way it works: turn so much, read %n spots again, and it is.</source>
      <comment>Not known yet which way it works: turn so much, read one spot again, and it is.</comment>
      <translation>
        <numerusform>Not known yet which way it works: turn so much, read one spot again, and it is.</numerusform>
        <numerusform>Not known yet which way it works: turn so much, read %n spots again, and it is.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Read %n spots</source>
      <comment>Read one spot</comment>
      <translation>
        <numerusform>Read one spot</numerusform>
        <numerusform>Read %n spots</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Shake it, and read %n spots again</source>
      <comment>Shake it, and read one spot again</comment>
      <translation>
        <numerusform>Shake it, and read one spot again</numerusform>
        <numerusform>Shake it, and read %n spots again</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>The other %n spots can wait: readings there would hardly change what is said.</source>
      <comment>The last spot can wait: a reading there would hardly change what is said.</comment>
      <translation>
        <numerusform>The last spot can wait: a reading there would hardly change what is said.</numerusform>
        <numerusform>The other %n spots can wait: readings there would hardly change what is said.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>The rear axle points %1 and the fronts are set to follow it. Turn %2, then read %n spots.</source>
      <comment>The rear axle points %1 and the fronts are set to follow it. Turn %2, then read one spot.</comment>
      <translation>
        <numerusform>The rear axle points %1 and the fronts are set to follow it. Turn %2, then read one spot.</numerusform>
        <numerusform>The rear axle points %1 and the fronts are set to follow it. Turn %2, then read %n spots.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Turned, and not read since: what it spoiled is read first, %n spots (Ctrl+6).</source>
      <comment>Turned, and not read since: what it spoiled is read first, one spot (Ctrl+6).</comment>
      <translation>
        <numerusform>Turned, and not read since: what it spoiled is read first, one spot (Ctrl+6).</numerusform>
        <numerusform>Turned, and not read since: what it spoiled is read first, %n spots (Ctrl+6).</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>What was read before the shake is not how it stays: shake it, then read %n spots (Ctrl+6).</source>
      <comment>What was read before the shake is not how it stays: shake it, then read one spot (Ctrl+6).</comment>
      <translation>
        <numerusform>What was read before the shake is not how it stays: shake it, then read one spot (Ctrl+6).</numerusform>
        <numerusform>What was read before the shake is not how it stays: shake it, then read %n spots (Ctrl+6).</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Your own repeats, %n of them, show ⟨b⟩±%1⟨/b⟩.</source>
      <translation>
        <numerusform>Your own repeats, %n of them, show ⟨b⟩±%1⟨/b⟩.</numerusform>
        <numerusform>Your own repeats, %n of them, show ⟨b⟩±%1⟨/b⟩.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>due since %n days</source>
      <comment>due since one day</comment>
      <translation>
        <numerusform>due since one day</numerusform>
        <numerusform>due since %n days</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>give up these %n entries</source>
      <comment>give up this entry</comment>
      <translation>
        <numerusform>give up this entry</numerusform>
        <numerusform>give up these %n entries</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>in %n days</source>
      <comment>in one day</comment>
      <translation>
        <numerusform>in one day</numerusform>
        <numerusform>in %n days</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>learnt from %n turns</source>
      <comment>learnt from one turn</comment>
      <translation>
        <numerusform>learnt from one turn</numerusform>
        <numerusform>learnt from %n turns</numerusform>
      </translation>
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
    <message numerus="yes">
      <source>▲ %n not kept · Ctrl+S</source>
      <translation>
        <numerusform>▲ %n not kept · Ctrl+S</numerusform>
        <numerusform>▲ %n not kept · Ctrl+S</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>⟨b⟩Not ready: %n things are still loose.⟨/b⟩</source>
      <comment>⟨b⟩Not ready: one thing is still loose.⟨/b⟩</comment>
      <translation>
        <numerusform>⟨b⟩Not ready: one thing is still loose.⟨/b⟩</numerusform>
        <numerusform>⟨b⟩Not ready: %n things are still loose.⟨/b⟩</numerusform>
      </translation>
    </message>
  </context>
</TS>
