<?php

declare(strict_types=1);

namespace DunePocket\App\Security;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Entity\Designer;
use DunePocket\App\Entity\ProjectRecord;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\DependencyInjection\Attribute\AsTaggedItem;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Controller\ValueResolverInterface;
use Symfony\Component\HttpKernel\ControllerMetadata\ArgumentMetadata;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** Gives controllers the project of an address, if it belongs to who is signed in; otherwise there is nothing there. */
#[AsTaggedItem(priority: 150)]
final readonly class OwnedProject implements ValueResolverInterface
{
    public function __construct(private EntityManagerInterface $entities, private Security $security)
    {
    }

    /** @return iterable<ProjectRecord> */
    public function resolve(Request $request, ArgumentMetadata $argument): iterable
    {
        if (ProjectRecord::class !== $argument->getType()) {
            return [];
        }
        $id = $request->attributes->get('project');
        $designer = $this->security->getUser();
        $project = \is_string($id) && Uuid::isValid($id) && $designer instanceof Designer
            ? $this->entities->getRepository(ProjectRecord::class)->findOneBy(['id' => $id, 'owner' => $designer])
            : null;

        return [$project ?? throw new NotFoundHttpException()];
    }
}
