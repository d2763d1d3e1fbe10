<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

/** Text that shows itself. What cannot be seen, or turns the text around it the other way, would deceive in a list, on a label or in a drawing. */
final class PlainText
{
    /** Control characters other than tabs and line ends; embeddings, overrides and isolates of writing direction. */
    private const UNSEEN = '/[^\P{Cc}\t\r\n]|[\x{202A}-\x{202E}\x{2066}-\x{2069}]/u';

    /** Whether a text is characters throughout, none of them unseen; nothing but blanks is still a text, nothing but joiners is not. */
    public static function is(string $text): bool
    {
        return preg_match(self::UNSEEN, $text) === 0 && (trim($text) === '' || preg_match('/[^\p{Z}\p{C}]/u', $text) === 1);
    }

    /** A file's text without what is not plain in it; what is in no encoding we know stays as it is. */
    public static function cleaned(string $text): string
    {
        return preg_replace(self::UNSEEN, '', $text) ?? $text;
    }
}
