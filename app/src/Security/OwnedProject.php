<?php

declare(strict_types=1);

namespace DunePocket\App\Security;

use DunePocket\App\Entity\ProjectRecord;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;

/** Gives controllers the project of an address, if it belongs to who is signed in; otherwise there is nothing there. */
#[AsTaggedItem(priority: 150)]
final readonly class OwnedProject implements ValueResolverInterface
{
    public function __construct(private OwnedProjects $projects)
    {
    }

    /** @return iterable<ProjectRecord> */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        return ProjectRecord::class === $argument->getType() ? [$this->projects->get($request->attributes->get('project'))] : [];
    }
}
