<?php

declare(strict_types=1);

namespace Incastro\Core\Design;

use Incastro\Core\Document\Model\Fill;
use Incastro\Core\Document\Model\FillKind;
use Incastro\Core\Measure\Length;

/** A bought box as measured once it stands assembled, else as the catalogue says; several stand side by side. */
final readonly class BoughtSize
{
    private const PLAY_MM = 2;

    private function __construct(public Length $width, public Length $height, public Length $depth, public bool $measured)
    {
    }

    public static function of(Fill $fill): ?self
    {
        if ($fill->kind !== FillKind::BoughtBox) {
            return null;
        }
        $is = $fill->is;
        $size = fn (string $key): Length => $is->optionalLength($key) ?? $is->length("catalogue_$key");

        return new self($size('width')->times($is->count('count')), $size('height'), $size('depth'),
            $is->optionalLength('width') !== null && $is->optionalLength('height') !== null && $is->optionalLength('depth') !== null);
    }

    /** Left at each side of it. */
    public static function play(): Length
    {
        return Length::fromMillimetres(self::PLAY_MM);
    }
}
