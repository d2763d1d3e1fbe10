<?php

declare(strict_types=1);

namespace Incastro\Core\Cut;

use Incastro\Core\Cut\Machining\Hand;

/**
 * Short marks for boards: one letter for boards that are the same whichever way they are laid down, one number for each of them. Marks are
 * for reading, not identity.
 */
final class Labels
{
    /**
     * @param  list<Part>  $parts
     * @param  array<string, Hand>  $hands  by part
     * @return array<string, string> by part id
     */
    public static function of(array $parts, array $hands): array
    {
        $letters = $counts = $labels = [];
        foreach ($parts as $part) {
            $p = $part->panel;
            $key = implode('|', [$p->role->value, $p->hand->value ?? '', $p->material, $part->length->value->units,
                $part->width->value->units, implode(',', $p->banded), $hands[$p->id]->key]);
            $letters[$key] ??= self::letter(count($letters));
            $counts[$key] = ($counts[$key] ?? 0) + 1;
            $labels[$p->id] = $letters[$key].$counts[$key];
        }

        return $labels;
    }

    private static function letter(int $index): string
    {
        return ($index >= 26 ? chr(64 + intdiv($index, 26)) : '').chr(65 + $index % 26);
    }
}
