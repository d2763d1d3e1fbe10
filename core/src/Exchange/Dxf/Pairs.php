<?php

declare(strict_types=1);

namespace Incastro\Core\Exchange\Dxf;

/** The group codes and values of an ASCII DXF, one after another. */
final class Pairs
{
    private const LARGEST = 4_000_000;

    /**
     * @return list<array{int, string}> code and value
     *
     * @throws DxfNotReadable where it is not such a file
     */
    public static function of(string $text): array
    {
        if (str_contains(substr($text, 0, 4096), "\0")) {
            throw DxfNotReadable::binary();
        }
        if (strlen($text) > self::LARGEST) {
            throw DxfNotReadable::tooLarge(Outlines::MOST);
        }
        $lines = preg_split('/\r\n|\r|\n/', rtrim($text)) ?: [];
        if (count($lines) < 4) {
            throw DxfNotReadable::notDxf();
        }
        $pairs = [];
        for ($i = 0, $n = count($lines); $i + 1 < $n; $i += 2) {
            $code = trim($lines[$i]);
            if (preg_match('/^-?\d{1,4}$/', $code) !== 1) {
                throw $i < 2 ? DxfNotReadable::notDxf() : DxfNotReadable::brokenAt($i + 1, mb_scrub($code));
            }
            $pairs[] = [(int) $code, trim($lines[$i + 1])];
        }
        if (($pairs[count($pairs) - 1] ?? null) !== [0, 'EOF']) {
            throw DxfNotReadable::cutShort();
        }

        return $pairs;
    }
}
