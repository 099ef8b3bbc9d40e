import { useNetwork, useSwitchNetwork } from '../../data/network/useNetwork.js';
import { CheckField } from '../../ui/Field.js';
import { ScanSquare } from '../../ui/ScanSquare.js';
import { Problem, Reading } from '../../ui/states.js';

/** Whether tablets and phones in the hall may open it, and how they know that it is this computer. */
export function OtherDevices({ isDemo }: { isDemo: boolean }) {
  const network = useNetwork();
  const turn = useSwitchNetwork();
  const { data } = network;
  return (
    <section>
      <h2 className="text-xl">Other devices in the hall</h2>
      <p className="mb-2 text-soft">
        Usually nothing but this computer may open Lotus Steady. Switched on, a tablet or phone in the same
        network may too: encrypted, and whoever uses it signs in.
      </p>
      {isDemo && (
        <p className="mb-2">
          Into the demo nobody can sign in from there: it has no password, and opens at this computer alone.
        </p>
      )}
      <Reading what="Looking" of={network} />
      {data && (
        <>
          <CheckField
            label="Let other devices in"
            checked={turn.isPending ? turn.variables : data.isOn}
            disabled={data.isSetAtStart || !data.isHere || turn.isPending}
            onChange={(event) => turn.mutate(event.target.checked)}
          />
          {data.isSetAtStart && (
            <p className="text-sm text-soft">Set where the program was started, with HOST; changed there.</p>
          )}
          {!data.isHere && !data.isSetAtStart && (
            <p className="text-sm text-soft">Switched at the computer that Lotus Steady runs on.</p>
          )}
        </>
      )}
      {turn.error && <Problem error={turn.error} />}
      {data?.isOn && <Open {...data} />}
    </section>
  );
}

function Open({
  addresses,
  hasOwnCertificate,
  fingerprint,
}: {
  addresses: readonly string[];
  hasOwnCertificate: boolean;
  fingerprint?: string;
}) {
  const [first, ...others] = addresses;
  if (!first) return <p>This computer is in no network just now.</p>;
  return (
    <div className="mt-3 flex flex-wrap items-start gap-6 rounded-xl border border-line bg-paper p-4">
      <ScanSquare of={first} label={`The address ${first}, to be scanned`} />
      <div className="min-w-60 flex-1 space-y-2">
        <p>
          Scan this with the tablet, or open <b className="break-all">{first}</b>
          {others.length > 0 && <span className="text-soft"> (also {others.join(', ')})</span>}
        </p>
        {hasOwnCertificate && (
          <p>
            Its browser warns once, for this computer vouches for itself. Let it show the certificate, compare
            the fingerprint, and go on only where they are the same:
          </p>
        )}
        {fingerprint && <p className="font-mono text-sm break-all">{fingerprint}</p>}
      </div>
    </div>
  );
}
