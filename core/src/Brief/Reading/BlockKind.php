<?php

declare(strict_types=1);

namespace DunePocket\Brief\Reading;

enum BlockKind
{
    case Title;
    case Heading;
    case Paragraph;
    case Item;
    case Answer;
    case Signature;
}
