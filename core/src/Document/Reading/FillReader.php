<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Reading;

use Incastro\Core\Document\Fields\Settings;
use Incastro\Core\Document\Model\Door;
use Incastro\Core\Document\Model\DoorKind;
use Incastro\Core\Document\Model\Fill;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Document\Model\Shelf;
use Incastro\Core\Measure\Length;

/** Reads what a bay holds and what closes it, each setting through the field that its kind names. */
final class FillReader
{
    public static function fill(Node $node): Fill
    {
        if ($node->isMissing()) {
            return new Fill(FillKind::Open, Settings::none());
        }
        $kind = $node->at('kind')->oneOf(FillKind::class);

        return new Fill($kind, Settings::read($node, $kind->fields()), $kind->hasShelves() ? $node->at('shelves')->each(self::shelf(...)) : []);
    }

    public static function door(Node $node): ?Door
    {
        if ($node->isMissing()) {
            return null;
        }
        $kind = $node->at('kind')->oneOf(DoorKind::class);

        return new Door($kind, Settings::read($node, $kind->fields()));
    }

    private static function shelf(Node $node, string $id): Shelf
    {
        return new Shelf($id, $node->at('clear_below')->optionalLength(Length::fromMillimetres(20), Length::fromMillimetres(3_000)));
    }
}
