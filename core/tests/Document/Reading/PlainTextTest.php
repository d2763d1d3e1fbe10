<?php

declare(strict_types=1);

namespace Incastro\Core\Tests\Document\Reading;

use Incastro\Core\Document\Reading\PlainText;
use PHPUnit\Framework\TestCase;

final class PlainTextTest extends TestCase
{
    public function test_what_shows_itself_is_plain_in_any_script(): void
    {
        foreach (['Bench', ' ', '', "two\r\nlines\tand a tab", '٣ رفوف', 'ארון', "👩\u{200D}🔧", 'Ø 35 × ½"'] as $text) {
            self::assertTrue(PlainText::is($text), $text);
            self::assertSame($text, PlainText::cleaned($text));
        }
    }

    public function test_what_cannot_be_seen_or_turns_text_round_is_not(): void
    {
        foreach (["a\0b" => 'ab', "bell\x07" => 'bell', "\u{0085}next" => 'next', "\u{202E}dne" => 'dne', "\u{2066}held" => 'held'] as $text => $cleaned) {
            self::assertFalse(PlainText::is($text), $cleaned);
            self::assertSame($cleaned, PlainText::cleaned($text));
        }
        self::assertFalse(PlainText::is("\u{200B}\u{2060}"), 'nothing but joiners');
        self::assertFalse(PlainText::is("\xff"));
        self::assertSame("\xff", PlainText::cleaned("\xff"));
    }
}
