<?php

declare(strict_types=1);

namespace DunePocket\App\Security;

use Doctrine\ORM\EntityManagerInterface;
use DunePocket\App\Entity\Designer;
use DunePocket\App\Entity\ProjectRecord;
use Symfony\Bundle\SecurityBundle\Security;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Uuid;

/** The projects of who is signed in; any other is not there. */
final readonly class OwnedProjects
{
    public function __construct(private EntityManagerInterface $entities, private Security $security)
    {
    }

    /** @throws NotFoundHttpException */
    public function get(mixed $id): ProjectRecord
    {
        $designer = $this->security->getUser();
        $project = \is_string($id) && Uuid::isValid($id) && $designer instanceof Designer
            ? $this->entities->getRepository(ProjectRecord::class)->findOneBy(['id' => $id, 'owner' => $designer])
            : null;

        return $project ?? throw new NotFoundHttpException();
    }

    /** @return list<ProjectRecord> all but this one, the last changed first */
    public function others(ProjectRecord $project): array
    {
        $records = $this->entities->getRepository(ProjectRecord::class)->findBy(['owner' => $project->owner()], ['changedAt' => 'DESC']);

        return array_values(array_filter($records, static fn (ProjectRecord $record): bool => $record !== $project));
    }
}
