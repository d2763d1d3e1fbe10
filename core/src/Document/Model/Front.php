<?php

declare(strict_types=1);

namespace Incastro\Core\Document\Model;

enum Front: string
{
    case Banded = 'banded';
    case FaceFrame = 'face_frame';
}
