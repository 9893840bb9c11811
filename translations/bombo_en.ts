<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_GB" sourcelanguage="en_GB">
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
    <name>bombo::MicrophoneDialog</name>
    <message numerus="yes">
        <source>Heard. %n more</source>
        <translation>
            <numerusform>Heard. %n more</numerusform>
            <numerusform>Heard. %n more</numerusform>
        </translation>
    </message>
</context>
</TS>
