<?php

declare(strict_types=1);

namespace App\Actions;

/**
 * A gzip file (RFC 1952) of stretches that were compressed one by one, so that a plan is compressed once and goes both into the
 * answer to a change and into what is kept. A stretch ends on a whole byte and refers to nothing before it.
 */
final class Gzip
{
    private const HEAD = "\x1f\x8b\x08\x00\x00\x00\x00\x00\x00\x03";

    /** An empty last block. */
    private const END = "\x03\x00";

    public static function stretch(string $text): string
    {
        $deflate = deflate_init(ZLIB_ENCODING_RAW, ['level' => 1]);
        $stretch = $deflate === false ? false : deflate_add($deflate, $text, ZLIB_FULL_FLUSH);

        return $stretch === false ? throw new \RuntimeException('The text could not be compressed.') : $stretch;
    }

    /**
     * @param  list<string>  $stretches
     * @param  string  $text  what they hold, one after the other
     */
    public static function file(array $stretches, string $text): string
    {
        return self::HEAD.implode('', $stretches).self::END.pack('VV', crc32($text), strlen($text));
    }
}
