<?php

declare(strict_types=1);

namespace Incastro\Core\Console;

use Incastro\Core\Document\Fields\Field;
use Incastro\Core\Document\Fields\Limit;
use Incastro\Core\Document\Model\BandKind;
use Incastro\Core\Document\Model\DoorKind;
use Incastro\Core\Document\Model\FillKind;

/** `vocabulary`: what a bay may hold and what may close it, with the settings of each, and the limits a person may set; forms on screen follow from it. */
final class VocabularyCommand
{
    /** @return array<string, mixed> */
    public function run(Arguments $arguments): array
    {
        $arguments->allow([]);
        $fills = $doors = $bands = [];
        foreach (FillKind::cases() as $kind) {
            $fills[$kind->value] = ['stands_alone' => $kind->standsAlone(), 'own_front' => $kind->hasFront(), 'fields' => self::fields($kind->fields())];
        }
        foreach (DoorKind::cases() as $kind) {
            $doors[$kind->value] = ['fields' => self::fields($kind->fields())];
        }
        foreach (BandKind::cases() as $kind) {
            $bands[$kind->value] = ['bays' => $kind->mayHaveBays(), 'slab' => $kind->isSlab(), 'base' => $kind->isBase()];
        }

        $limits = [];
        foreach (Limit::cases() as $limit) {
            $limits[$limit->value] = ['unit' => $limit->unit()->value, 'usual' => $limit->usual(), 'least' => $limit->least(), 'most' => $limit->most()];
        }

        return ['fills' => $fills, 'doors' => $doors, 'bands' => $bands, 'limits' => $limits];
    }

    /** @param  array<string, Field>  $fields */
    private static function fields(array $fields): object
    {
        return (object) array_map(fn (Field $f): array => $f->jsonSerialize(), $fields);
    }
}
