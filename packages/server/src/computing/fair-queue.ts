/** For whom something is worked out. */
export interface Asker {
  readonly firmId: string;
  /** Null: for nobody who waits. It gives way to all who do. */
  readonly personId: string | null;
}

interface FirmQueue<Job> {
  /** Of each person what waits; who was served last stands last. */
  readonly persons: Map<string | null, Job[]>;
  /** Somebody's job runs. */
  isServed: boolean;
}

/**
 * What waits to be worked out: firms are served in turn, of a firm its persons in turn, and of what somebody waits
 * for one job of a firm at a time, so that nobody waits for more than one job of each other firm.
 */
export class FairQueue<Job extends { readonly asker: Asker }> {
  readonly #firms = new Map<string, FirmQueue<Job>>();
  #size = 0;

  constructor(
    private readonly most: number,
    private readonly mostOfPerson: number,
  ) {}

  /** False where too much waits already, of this person or at all. */
  push(job: Job): boolean {
    const { firmId, personId } = job.asker;
    const firm = this.#firms.get(firmId) ?? {
      persons: new Map<string | null, Job[]>(),
      isServed: false,
    };
    const waiting = firm.persons.get(personId) ?? [];
    if (this.#size >= this.most || waiting.length >= this.mostOfPerson) return false;
    this.#firms.set(firmId, firm);
    firm.persons.set(personId, [...waiting, job]);
    this.#size++;
    return true;
  }

  /** The next job that somebody waits for, of a firm that has none of those running; from now on it has. */
  takeSomebodys(): Job | null {
    return this.#take(
      ({ isServed }, personId) => !isServed && personId !== null,
      (firm) => {
        firm.isServed = true;
      },
    );
  }

  /** The next job that nobody waits for, of whichever firm. */
  takeNobodys(): Job | null {
    return this.#take((_firm, personId) => personId === null);
  }

  #take(
    isMeant: (firm: FirmQueue<Job>, personId: string | null) => boolean,
    note: (firm: FirmQueue<Job>) => void = () => undefined,
  ): Job | null {
    for (const [firmId, firm] of this.#firms) {
      const next = [...firm.persons].find(([personId]) => isMeant(firm, personId));
      if (!next) continue;
      const [personId, [job, ...others]] = next;
      firm.persons.delete(personId);
      if (others.length > 0) firm.persons.set(personId, others);
      note(firm);
      this.#size--;
      this.#comesLast(firmId, firm);
      return job!;
    }
    return null;
  }

  /** A job that was taken is over. */
  isOver({ asker: { firmId, personId } }: Job): void {
    const firm = this.#firms.get(firmId);
    if (!firm) return;
    if (personId !== null) firm.isServed = false;
    this.#comesLast(firmId, firm);
  }

  /** Whoever came meanwhile comes before it; without work it is forgotten. */
  #comesLast(firmId: string, firm: FirmQueue<Job>): void {
    this.#firms.delete(firmId);
    if (firm.isServed || firm.persons.size > 0) this.#firms.set(firmId, firm);
  }
}
