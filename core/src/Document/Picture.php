<?php

declare(strict_types=1);

namespace Incastro\Core\Document;

/** A fact: a photo of a part or a step; its bytes are kept by its id, outside the document. */
final readonly class Picture implements Fact
{
    public function __construct(public string $id, public string $about, public string $photo, public int $width, public int $height, public ?string $caption, public ?string $at)
    {
    }
}
