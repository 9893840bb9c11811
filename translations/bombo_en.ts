<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_GB" sourcelanguage="en_GB">
<context>
    <name>BackWords</name>
    <message numerus="yes">
        <source>%n shows</source>
        <translation>
            <numerusform>%n show</numerusform>
            <numerusform>%n shows</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Exchange</name>
    <message numerus="yes">
        <source>; and %n more</source>
        <translation>
            <numerusform>; and %n more</numerusform>
            <numerusform>; and %n more</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n drums</source>
        <translation>
            <numerusform>%n drum</numerusform>
            <numerusform>%n drums</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n tones</source>
        <translation>
            <numerusform>%n tone</numerusform>
            <numerusform>%n tones</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n entries</source>
        <translation>
            <numerusform>%n entry</numerusform>
            <numerusform>%n entries</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>FaultFigures</name>
    <message numerus="yes">
        <source>on for %n day(s)</source>
        <translation>
            <numerusform>on for %n day</numerusform>
            <numerusform>on for %n days</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>SeasonPicture</name>
    <message numerus="yes">
        <source>%n entries, from %1 on.</source>
        <translation>
            <numerusform>%n entry, from %1 on.</numerusform>
            <numerusform>%n entries, from %1 on.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>SetList</name>
    <message numerus="yes">
        <source>%n mufflers</source>
        <translation>
            <numerusform>%n muffler</numerusform>
            <numerusform>%n mufflers</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>TomBench</name>
    <message numerus="yes">
        <source>The key was set %n time(s).</source>
        <translation>
            <numerusform>The key was set %n time.</numerusform>
            <numerusform>The key was set %n times.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Tuning</name>
    <message numerus="yes">
        <source>The knob was turned %n time(s).</source>
        <translation>
            <numerusform>The knob was turned %n time.</numerusform>
            <numerusform>The knob was turned %n times.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n pass(es) of turning.</source>
        <translation>
            <numerusform>%n pass of turning.</numerusform>
            <numerusform>%n passes of turning.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>The key was set %n time(s).</source>
        <translation>
            <numerusform>The key was set %n time.</numerusform>
            <numerusform>The key was set %n times.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Who knows what was planted sets it %n time(s).</source>
        <translation>
            <numerusform>Who knows what was planted sets it %n time.</numerusform>
            <numerusform>Who knows what was planted sets it %n times.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>key set %n time(s)</source>
        <translation>
            <numerusform>key set %n time</numerusform>
            <numerusform>key set %n times</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Last time right; key set %n time(s)</source>
        <translation>
            <numerusform>Last time right; key set %n time</numerusform>
            <numerusform>Last time right; key set %n times</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Wording</name>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>and %n more</numerusform>
            <numerusform>and %n more</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::BackbeatRound</name>
    <message numerus="yes">
        <source>%n of 12 heard.</source>
        <translation>
            <numerusform>%n of 12 heard.</numerusform>
            <numerusform>%n of 12 heard.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::BinDialog</name>
    <message numerus="yes">
        <source>Remove %n entries for good?</source>
        <translation>
            <numerusform>Remove %n entry for good?</numerusform>
            <numerusform>Remove %n entries for good?</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::ComparePanel</name>
    <message numerus="yes">
        <source>Over %n entries of this tone the stars go with the %1: best near %2.</source>
        <translation>
            <numerusform>Over %n entry of this tone the stars go with the %1: best near %2.</numerusform>
            <numerusform>Over %n entries of this tone the stars go with the %1: best near %2.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::DamagedDialog</name>
    <message numerus="yes">
        <source>%n steps</source>
        <translation>
            <numerusform>%n step</numerusform>
            <numerusform>%n steps</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n saved setups</source>
        <translation>
            <numerusform>%n saved setup</numerusform>
            <numerusform>%n saved setups</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::DrumCard</name>
    <message numerus="yes">
        <source>on since %1, %n days</source>
        <translation>
            <numerusform>on since %1, %n day</numerusform>
            <numerusform>on since %1, %n days</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1; played %n hours before</source>
        <translation>
            <numerusform>%1; played %n hour before</numerusform>
            <numerusform>%1; played %n hours before</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::EarRound</name>
    <message numerus="yes">
        <source>%n answer(s) given.</source>
        <translation>
            <numerusform>%n answer given.</numerusform>
            <numerusform>%n answers given.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::FaultsPage</name>
    <message numerus="yes">
        <source>After %n question(s).</source>
        <translation>
            <numerusform>After %n question.</numerusform>
            <numerusform>After %n questions.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>about %n minute(s)</source>
        <translation>
            <numerusform>about %n minute</numerusform>
            <numerusform>about %n minutes</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::FeelRound</name>
    <message numerus="yes">
        <source>%n of 8 turns heard.</source>
        <translation>
            <numerusform>%n of 8 turns heard.</numerusform>
            <numerusform>%n of 8 turns heard.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::FitDialog</name>
    <message numerus="yes">
        <source>%1, from %2, played %n hours</source>
        <translation>
            <numerusform>%1, from %2, played %n hour</numerusform>
            <numerusform>%1, from %2, played %n hours</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1, taken off %2, played %n hours</source>
        <translation>
            <numerusform>%1, taken off %2, played %n hour</numerusform>
            <numerusform>%1, taken off %2, played %n hours</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::HandsRound</name>
    <message numerus="yes">
        <source>%n of 12 heard.</source>
        <translation>
            <numerusform>%n of 12 heard.</numerusform>
            <numerusform>%n of 12 heard.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n went astray.</source>
        <translation>
            <numerusform>%n went astray.</numerusform>
            <numerusform>%n went astray.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::LikedOffer</name>
    <message numerus="yes">
        <source>%1 (%n evenings)</source>
        <translation>
            <numerusform>%1 (%n evening)</numerusform>
            <numerusform>%1 (%n evenings)</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::LikedPanel</name>
    <message numerus="yes">
        <source>Give each evening its stars (tab “In words”). %1 evenings of one tone with %2 stars and more make a range; %n evenings have stars so far.</source>
        <translation>
            <numerusform>Give each evening its stars (tab “In words”). %1 evenings of one tone with %2 stars and more make a range; %n evening has stars so far.</numerusform>
            <numerusform>Give each evening its stars (tab “In words”). %1 evenings of one tone with %2 stars and more make a range; %n evenings have stars so far.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>What was liked, over %n evenings with stars. Player, place and cold make no difference that chance would not make as well.</source>
        <translation>
            <numerusform>What was liked, over %n evening with stars. Player, place and cold make no difference that chance would not make as well.</numerusform>
            <numerusform>What was liked, over %n evenings with stars. Player, place and cold make no difference that chance would not make as well.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::LogbookPage</name>
    <message numerus="yes">
        <source>%n entries. Click on a heading to sort by it; two that are selected (Ctrl) are compared.</source>
        <translation>
            <numerusform>%n entry. Click on a heading to sort by it; two that are selected (Ctrl) are compared.</numerusform>
            <numerusform>%n entries. Click on a heading to sort by it; two that are selected (Ctrl) are compared.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Restore %n deleted entries</source>
        <translation>
            <numerusform>Restore %n deleted entry</numerusform>
            <numerusform>Restore %n deleted entries</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::MicrophoneDialog</name>
    <message numerus="yes">
        <source>Heard. %n more</source>
        <translation>
            <numerusform>Heard. %n more</numerusform>
            <numerusform>Heard. %n more</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::SessionController</name>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>and %n more</numerusform>
            <numerusform>and %n more</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::SessionsDialog</name>
    <message numerus="yes">
        <source>%n steps</source>
        <translation>
            <numerusform>%n step</numerusform>
            <numerusform>%n steps</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::SetListDialog</name>
    <message numerus="yes">
        <source>%n changes do not fit. Another drum, more minutes, or another order.</source>
        <translation>
            <numerusform>%n change does not fit. Another drum, more minutes, or another order.</numerusform>
            <numerusform>%n changes do not fit. Another drum, more minutes, or another order.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>On %n numbers there is no time for the snare side: it stays where it was.</source>
        <translation>
            <numerusform>On %n number there is no time for the snare side: it stays where it was.</numerusform>
            <numerusform>On %n numbers there is no time for the snare side: it stays where it was.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n more changes fit in this order.</source>
        <translation>
            <numerusform>%n more change fits in this order.</numerusform>
            <numerusform>%n more changes fit in this order.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>In this order there is time for the snare side on %n more numbers.</source>
        <translation>
            <numerusform>In this order there is time for the snare side on %n more number.</numerusform>
            <numerusform>In this order there is time for the snare side on %n more numbers.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>bombo::WordsPanel</name>
    <message numerus="yes">
        <source>%n stars</source>
        <translation>
            <numerusform>%n star</numerusform>
            <numerusform>%n stars</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Delete %n entries</source>
        <translation>
            <numerusform>Delete %n entry</numerusform>
            <numerusform>Delete %n entries</numerusform>
        </translation>
    </message>
</context>
</TS>
