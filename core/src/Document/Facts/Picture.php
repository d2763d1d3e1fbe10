<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Facts;

/** A fact: a photo of a part, a step or a thing, with a mark on a drawing where somebody set one; its bytes are kept by its id, outside the document. */
final readonly class Picture implements Fact
{
    public function __construct(public string $id, public string $about, public string $photo, public int $width,
        public int $height, public ?string $caption, public ?string $at, public ?Mark $mark = null)
    {
    }
}
