import styles from "@/ui/layout/page.module.css";

export default function Loading() {
  return (
    <div className={styles.loading} role="status">
      <span className="visually-hidden">Fetching from the cold room</span>
      <i />
      <i />
      <i />
    </div>
  );
}
