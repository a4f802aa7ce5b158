/** Why a file was refused, and that nothing was changed by it. */
export const Refusal = ({ file, why }: { file: string; why: string[] }) => (
  <div role="alert" style={{ color: 'var(--signal)', fontSize: 14, marginTop: 10 }}>
    <p style={{ margin: 0 }}>{file} was refused; nothing was changed.</p>
    <ul style={{ margin: '4px 0 0', paddingLeft: 18 }}>
      {why.map((reason) => (
        <li key={reason}>{reason}</li>
      ))}
    </ul>
  </div>
);
