/** For whom something is worked out. */
export interface Asker {
  readonly firmId: string;
  /** Null: for nobody who waits. It gives way to all who do. */
  readonly personId: string | null;
}

interface FirmQueue<Job> {
  /** Of each person what waits; who was served last stands last. */
  readonly persons: Map<string | null, Job[]>;
  isRunning: boolean;
}

/**
 * What waits to be worked out: firms are served in turn, of a firm its persons in turn, and of a firm one job at a
 * time, so that nobody waits for more than one job of each other firm.
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
      isRunning: false,
    };
    const waiting = firm.persons.get(personId) ?? [];
    if (this.#size >= this.most || waiting.length >= this.mostOfPerson) return false;
    this.#firms.set(firmId, firm);
    firm.persons.set(personId, [...waiting, job]);
    this.#size++;
    return true;
  }

  /** The next job whose firm has none running; from now on it has. What nobody waits for comes last. */
  take(): Job | null {
    return this.#take((personId) => personId !== null) ?? this.#take(() => true);
  }

  #take(isMeant: (personId: string | null) => boolean): Job | null {
    for (const firm of this.#firms.values()) {
      const next = [...firm.persons].find(([personId]) => isMeant(personId));
      if (firm.isRunning || !next) continue;
      const [personId, [job, ...others]] = next;
      firm.persons.delete(personId);
      if (others.length > 0) firm.persons.set(personId, others);
      firm.isRunning = true;
      this.#size--;
      return job!;
    }
    return null;
  }

  /** A job that was taken is over. */
  isOver({ asker: { firmId } }: Job): void {
    const firm = this.#firms.get(firmId);
    if (!firm) return;
    firm.isRunning = false;
    // Whoever came meanwhile comes before it.
    this.#firms.delete(firmId);
    if (firm.persons.size > 0) this.#firms.set(firmId, firm);
  }
}
